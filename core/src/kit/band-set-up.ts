import type { BandPath } from '../model';
import { USUAL_STATURE_CM } from '../body';
import { bandForce, BEYOND, type BandFit } from './band-fit';

export type Stance = 'oneFoot' | 'bothFeet' | 'wide';

/** What a person does with a band to make it harder or easier; each is only a change of length. */
export interface BandSetUp {
  /** Strands from where it is fixed to the hands: one end held, both ends held, or doubled first. */
  readonly strands: 1 | 2 | 4;
  /** What lies between the strands on the floor. */
  readonly stance: Stance;
  /** Centimetres by which each hand holds further in. */
  readonly inCm: number;
  /** Times it goes round each hand. */
  readonly wraps: number;
}

/** Between the feet, and round a hand, in centimetres (common practice, no published source). */
export const STANCE_CM: Record<Stance, number> = { oneFoot: 10, bothFeet: 25, wide: 60 };
export const WRAP_CM = 20;

export const STANCE_WORDS: Record<Stance, string> = {
  oneFoot: 'one foot',
  bothFeet: 'both feet',
  wide: 'feet wide',
};

/** Forces over a movement, all strands together, in kilograms. */
export interface BandForces {
  readonly startKg: number;
  readonly meanKg: number;
  readonly peakKg: number;
}

const PLAIN: BandSetUp = { strands: 2, stance: 'bothFeet', inCm: 0, wraps: 0 };

/** How many things a set-up does beside standing on the middle and pulling. */
export function setUpSteps(setUp: BandSetUp): number {
  const changed = (['strands', 'stance'] as const).filter((part) => setUp[part] !== PLAIN[part]).length;
  return 1 + changed + (setUp.inCm > 0 ? 1 : 0) + setUp.wraps;
}

/** Length of the whole band when the hands are `pathCm` from where it is fixed. */
function bandLength({ strands, stance }: BandSetUp, pathCm: number): number {
  return strands * pathCm + (strands === 1 ? 0 : STANCE_CM[stance]);
}

/** Slack length that is left to stretch. */
function slackLeft(fit: BandFit, { strands, inCm, wraps }: BandSetUp): number {
  const hands = strands === 1 ? 1 : 2;
  return fit.slackCm - hands * (inCm + wraps * WRAP_CM);
}

/**
 * Forces of a band over a movement. The part that is held or wrapped takes no part, so the same pull stretches less
 * band further; every strand pulls with the force of the band at that stretch.
 *
 * @param path how the exercise leads the band, in shares of stature
 * @returns undefined when it would be slack at the start or further than anybody has read it
 */
export function bandForces(
  fit: BandFit,
  setUp: BandSetUp,
  path: BandPath,
  statureCm = USUAL_STATURE_CM,
): BandForces | undefined {
  const slackCm = slackLeft(fit, setUp);
  if (slackCm < 10) return undefined;
  // As long a band, measured at the same stretch.
  const alike = (pathCm: number) => (bandLength(setUp, pathCm) / slackCm) * fit.slackCm;
  const startCm = path.startOfStature * statureCm;
  const endCm = path.endOfStature * statureCm;
  if (alike(startCm) < fit.slackCm || alike(endCm) > fit.longestCm * BEYOND) return undefined;
  const force = (part: number) => setUp.strands * bandForce(fit, alike(startCm + part * (endCm - startCm)));
  // Simpson's rule over four spans: the curve is smooth and nearly straight.
  const meanKg = (force(0) + 4 * force(0.25) + 2 * force(0.5) + 4 * force(0.75) + force(1)) / 12;
  return { startKg: force(0), meanKg, peakKg: force(1) };
}

const STRANDS = [2, 1, 4] as const;
const STANCES: readonly Stance[] = ['bothFeet', 'oneFoot', 'wide'];
const IN_CM = [0, 5, 10, 15, 20, 25, 30];

/** Every set-up worth naming, simplest first. */
export const BAND_SET_UPS: readonly BandSetUp[] = STRANDS.flatMap((strands) =>
  (strands === 1 ? STANCES.slice(0, 1) : STANCES).flatMap((stance) => [
    ...IN_CM.map((inCm) => ({ strands, stance, inCm, wraps: 0 })),
    ...[1, 2].map((wraps) => ({ strands, stance, inCm: 0, wraps })),
  ]),
).sort((a, b) => setUpSteps(a) - setUpSteps(b));
