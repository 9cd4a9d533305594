import type { Hold } from '../model';
import { pickLoad, simplestBetween, type AttainableLoad } from '../kit';
import type { Wanted } from '../reason';
import { curveOf } from '../strength';
import { atMost, SAME_LOAD_KG } from '../units';

/**
 * Loads this near to the wanted one are the wanted one: no estimate is better than that (common practice, no
 * published source).
 */
export const NEAR_ENOUGH = 1.025;

/** Within this share of each other, the load that is quicker to make is the better one (common practice). */
const ALIKE = 0.01;

/** Steps of a load worth taking. Source: ACSM position stand 2009, progression models, 2-10 %. */
const LEAST_STEP = 1.02;
const EASY_STEP = 1.05;

/** The smallest step anybody makes, in kilograms a hand. Common practice, no published source: half a kilogram to one. */
const SMALLEST_STEP_KG = 1;

/**
 * The heaviest load that may stand for a wanted one: it may cost one repetition of the reserve where the strength
 * is tested, no more than `NEAR_ENOUGH` where it is carried over, guessed or held down by a caution (common practice, no published source).
 */
function heaviestFor({ kg, reps, reserve, estimate, eased, percent, bodyKg, weakest }: Wanted): number {
  // In a combination a repetition more of one part may be too much for the next.
  if (reserve < 1 || eased || weakest || estimate.basis !== 'tested') return kg * NEAR_ENOUGH;
  const oneLess = curveOf(estimate.formula).percentAt(reps + reserve - 1);
  return Math.max(kg * NEAR_ENOUGH, (kg + bodyKg) * (oneLess / percent) - bodyKg);
}

/**
 * The nearest load that is not too heavy, or one as near that is simpler to make.
 *
 * @param wanted the load to come near to
 * @param loads lightest first
 * @returns undefined when even the lightest is too heavy
 * @example loadFor(wanted, loads)?.kg // 18
 */
export function loadFor(wanted: Wanted, loads: readonly AttainableLoad[]): AttainableLoad | undefined {
  return nearestUpTo(loads, wanted.kg, heaviestFor(wanted));
}

/**
 * The nearest load to a wanted one that is not above `mostKg`, or one as near that is simpler to make.
 *
 * @param loads lightest first
 * @param wantedKg to come near to
 * @param mostKg not to be passed
 * @example nearestUpTo(loadsOf(16, 18, 20), 19.5, 19)?.kg // 18
 */
export function nearestUpTo(
  loads: readonly AttainableLoad[],
  wantedKg: number,
  mostKg: number,
): AttainableLoad | undefined {
  const nearest = pickLoad(loads, wantedKg, 'nearest');
  const load = nearest && atMost(nearest.kg, mostKg) ? nearest : pickLoad(loads, mostKg, 'notAbove');
  if (!load) return undefined;
  const { kg } = load;
  const highest = Math.max(kg, Math.min(mostKg, kg * (1 + ALIKE)));
  return simplestBetween(loads, kg * (1 - ALIKE), highest, kg);
}

/**
 * The next load up: within the cap a step of two to five percent that is simplest to make, else the next one past that, else
 * what little there is; where nothing is within the cap, simply the next there is.
 *
 * @param loads lightest first
 * @param fromKg the load at hand
 * @param capKg not to be passed where there is another way
 * @param big as far as the cap allows, not the easiest step
 * @param bodyKg what of the body is moved along: a step is a share of both
 * @returns undefined when there is nothing heavier
 * @example nextLoad(loadsOf(10, 10.5, 11), 10, 11, false)?.kg // 10.5
 */
export function nextLoad(
  loads: readonly AttainableLoad[],
  fromKg: number,
  capKg: number,
  big: boolean,
  bodyKg = 0,
): AttainableLoad | undefined {
  const stepTo = (share: number) => (fromKg + bodyKg) * share - bodyKg;
  const furthest = big ? pickLoad(loads, capKg, 'notAbove') : undefined;
  if (furthest && furthest.kg > fromKg + SAME_LOAD_KG) return furthest;
  const easy = simplestBetween(loads, stepTo(LEAST_STEP), Math.min(capKg, stepTo(EASY_STEP)), fromKg);
  if (easy) return easy;
  const next = pickLoad(loads, stepTo(LEAST_STEP), 'nextUp');
  if (next && atMost(next.kg, capKg)) return next;
  const small = pickLoad(loads, Math.min(capKg, stepTo(LEAST_STEP)), 'notAbove');
  return small && small.kg > fromKg + SAME_LOAD_KG ? small : next;
}

/**
 * Whether a step is no more than the smallest anybody makes, for so many hands.
 *
 * @param fromKg the load at hand, in all
 * @param toKg the next one, in all
 * @param hold how it is held: a pair has two hands
 * @example isSmallestStep(5, 6, 'pair') // true: 2.5 to 3 kg a hand
 */
export function isSmallestStep(fromKg: number, toKg: number, hold: Hold): boolean {
  return atMost(toKg - fromKg, SMALLEST_STEP_KG * (hold === 'pair' ? 2 : 1));
}

/**
 * The load that was asked before, or the next below it where the kit has changed.
 *
 * @param loads lightest first
 * @param kg as it was
 * @example sameLoadIn(loadsOf(8, 10), 9)?.kg // 8
 */
export function sameLoadIn(loads: readonly AttainableLoad[], kg: number): AttainableLoad | undefined {
  return pickLoad(loads, kg + SAME_LOAD_KG, 'notAbove');
}
