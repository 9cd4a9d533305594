import { BandFitError, fitBand, type BandFit } from './band-fit';
import { BAND_SET_UPS, bandForces, setUpSteps } from './band-set-up';
import type { AttainableLoad, Maker } from './recipe';

/** No band is known better than this, so of set-ups nearer to each other only the simplest is offered. */
const KNOWN_TO = 1.03;

function fitOrNothing(fit: () => BandFit): BandFit | undefined {
  try {
    return fit();
  } catch (error) {
    if (error instanceof BandFitError) return undefined;
    throw error;
  }
}

/** A band that has been read on a scale, in every set-up that stays within what was read. */
export const bandLoads: Maker<'band'> = (stock, { hold, path, wearer }) => {
  if (hold !== 'band' || !path) return [];
  return stock.flatMap(({ implement: { name, readings, slackCm }, unit }) => {
    const fit = fitOrNothing(() => fitBand(readings, slackCm));
    if (!fit) return [];
    const loads: AttainableLoad[] = [];
    for (const setUp of BAND_SET_UPS) {
      const forces = bandForces(fit, setUp, path, wearer.heightCm);
      if (!forces || forces.meanKg <= 0) continue;
      const { meanKg: kg } = forces;
      if (loads.some((load) => load.kg < kg * KNOWN_TO && load.kg > kg / KNOWN_TO)) continue;
      const part = { kind: 'band', name, setUp, fixedBy: path.fixedBy, ...forces } as const;
      loads.push({ kg, recipe: { hold, unit, part, pieces: setUpSteps(setUp) } });
    }
    return loads;
  });
};
