import { InjectionToken } from '@angular/core';
import { bandForce, BandFitError, fitBand, RUBBER_IN_TENSION, type Band, type BandFit } from '@dray/core';
import { simulatedReading, type ScaleSample } from '@dray/core/late';
import { interval, map, startWith, type Observable } from 'rxjs';

/** A scale that hangs between a hook and a band: all Dray needs of it, whoever makes it. */
export interface HangingScale {
  readonly name: string;
  /** What it shows from now on, while the band is pulled to a length and held there. */
  readonly pull: (band: Band, lengthCm: number) => Observable<ScaleSample>;
}

/** The scale in use; a real one takes the simulated one's place here. */
export const HANGING_SCALE = new InjectionToken<HangingScale>('the hanging scale', {
  providedIn: 'root',
  factory: () => simulatedScale(() => Math.random()),
});

const SAMPLE_MS = 100;
const RUBBER = fitBand(
  RUBBER_IN_TENSION.map(([stretch, force]) => ({ lengthCm: 100 * stretch, forceKg: force })),
  100,
);

/** What the simulated scale takes for the band itself: what was read of it, else some rubber of its own thickness. */
function trueBand(band: Band): BandFit {
  try {
    return fitBand(band.readings, band.slackCm);
  } catch (error) {
    if (!(error instanceof BandFitError)) throw error;
    const thickness = 8 + ([...band.id].reduce((sum, letter) => sum + letter.charCodeAt(0), 0) % 17);
    return { ...RUBBER, slackCm: band.slackCm, aKg: RUBBER.aKg * thickness, bKg: RUBBER.bKg * thickness };
  }
}

/** A stand-in that swings, settles, trembles and is now and then overloaded, as a real one does. */
export function simulatedScale(random: () => number): HangingScale {
  return {
    name: $localize`simulated scale`,
    pull: (band, lengthCm) => {
      const kg = bandForce(trueBand(band), lengthCm);
      return interval(SAMPLE_MS).pipe(
        map((tick) => tick + 1),
        startWith(0),
        map((tick) => {
          const atSeconds = (tick * SAMPLE_MS) / 1000;
          return { atSeconds, kg: simulatedReading(0, kg, atSeconds, random) };
        }),
      );
    },
  };
}
