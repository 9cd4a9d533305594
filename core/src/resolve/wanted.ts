import type { Exercise, Hold, Prescription, Tier, Work } from '../model';
import type { EffortLimits } from '../caution';
import { pickLoad, simplestBetween, type AttainableLoad } from '../kit';
import type { Version } from '../ladder';
import { percentOfMax, type StrengthEstimate } from '../strength';
import type { PlaceContext } from './context';

/** Left undone when a prescription says nothing about effort (common practice: 1 to 3 left). */
export const USUAL_RESERVE = 2;

/** The first week's reps of a set: the low end of a range; clocked work counts the reps that fit. */
export function startAmount(work: Work): number {
  switch (work.kind) {
    case 'reps':
      return work.reps;
    case 'range':
      return work.low;
    case 'time':
    case 'hold':
      return work.seconds;
  }
}

/** Repetitions of a set as far as a load is concerned. */
export function repsOf(work: Work, exercise: Exercise): number {
  const amount = startAmount(work);
  return work.kind === 'time' || work.kind === 'hold' ? Math.max(1, amount / exercise.secondsPerRep) : amount;
}

/** The load a prescription wants of one person, before the kit is asked. */
export interface Wanted {
  readonly kg: number;
  readonly reps: number;
  readonly reserve: number;
  readonly estimate: StrengthEstimate;
  /** Why this much, if not simply from reps and reserve. */
  readonly source: 'reserve' | 'percent' | 'load' | 'unsaid';
  /** A caution held it down. */
  readonly eased: boolean;
}

/** Undefined for an exercise that is never loaded. */
export function wantedLoad(
  version: Version,
  prescription: Prescription,
  tier: Tier,
  limits: EffortLimits,
  context: PlaceContext,
): Wanted | undefined {
  const estimate = context.strength.estimate(version.exercise, tier);
  if (!estimate) return undefined;
  const { target } = prescription;
  const reps = repsOf(prescription.work, version.exercise);
  const said = target.kind === 'reserve' ? target.reps : USUAL_RESERVE;
  const reserve = Math.max(said, limits.reserveAtLeast);
  const byReserve = (estimate.maxKg * percentOfMax(reps + reserve)) / 100;

  if (target.kind === 'percent' || target.kind === 'load') {
    const asked = target.kind === 'load' ? target.loadKg : (estimate.maxKg * target.percent) / 100;
    const eased = limits.reserveAtLeast > 0 && asked > byReserve;
    return { kg: eased ? byReserve : asked, reps, reserve, estimate, source: target.kind, eased };
  }
  return {
    kg: byReserve,
    reps,
    reserve,
    estimate,
    source: target.kind === 'reserve' ? 'reserve' : 'unsaid',
    eased: reserve > said,
  };
}

/**
 * Loads this near to the wanted one are the wanted one: no estimate is better than that (common practice, no
 * published source).
 */
export const NEAR_ENOUGH = 1.025;

/**
 * The heaviest load that may stand for a wanted one: it may cost one repetition of the reserve where the strength
 * is tested, no more than `NEAR_ENOUGH` where it is carried over, guessed or held down by a caution (common practice, no published source).
 */
export function heaviestFor({ kg, reps, reserve, estimate, eased }: Wanted): number {
  if (reserve < 1 || eased || estimate.basis !== 'tested') return kg * NEAR_ENOUGH;
  return kg * Math.max(NEAR_ENOUGH, percentOfMax(reps + reserve - 1) / percentOfMax(reps + reserve));
}

/** Within this share of each other, the load that is quicker to make is the better one (common practice). */
const ALIKE = 0.01;

/**
 * The nearest load that is not too heavy, or one as near that is simpler to make; undefined when even the lightest is
 * too heavy.
 */
export function loadFor(wanted: Wanted, loads: readonly AttainableLoad[]): AttainableLoad | undefined {
  return nearestUpTo(loads, wanted.kg, heaviestFor(wanted));
}

/** The nearest load to a wanted one that is not above `mostKg`, or one as near that is simpler to make. */
export function nearestUpTo(
  loads: readonly AttainableLoad[],
  wantedKg: number,
  mostKg: number,
): AttainableLoad | undefined {
  const nearest = pickLoad(loads, wantedKg, 'nearest');
  const load = nearest && nearest.kg <= mostKg + 1e-9 ? nearest : pickLoad(loads, mostKg, 'notAbove');
  return load && simplestNear(load, loads, mostKg);
}

function simplestNear(
  { kg }: AttainableLoad,
  loads: readonly AttainableLoad[],
  mostKg: number,
): AttainableLoad | undefined {
  return simplestBetween(loads, kg * (1 - ALIKE), Math.max(kg, Math.min(mostKg, kg * (1 + ALIKE))), kg);
}

/** Steps of a load worth taking. Source: ACSM position stand 2009, progression models, 2-10 %. */
const LEAST_STEP = 1.02;
const EASY_STEP = 1.05;

/**
 * The next load up that the cap allows: a step of two to five percent that is simplest to make, else the next one past
 * that, else what little there is. Without one within the cap, simply the next there is.
 */
export function nextLoad(
  loads: readonly AttainableLoad[],
  lastKg: number,
  capKg: number,
): AttainableLoad | undefined {
  const easy = simplestBetween(loads, lastKg * LEAST_STEP, Math.min(capKg, lastKg * EASY_STEP), lastKg);
  if (easy) return easy;
  const next = pickLoad(loads, lastKg * LEAST_STEP, 'nextUp');
  if (next && next.kg <= capKg + 1e-9) return next;
  const small = pickLoad(loads, Math.min(capKg, lastKg * LEAST_STEP), 'notAbove');
  return small && small.kg > lastKg * (1 + 1e-6) ? small : next;
}

export interface HoldFit {
  readonly hold: Hold;
  readonly loads: readonly AttainableLoad[];
  /** From 0 (even the lightest is too heavy, or there is none) to 1 (reaches what is wanted). */
  readonly fit: number;
  /** Something can be held this way, but all of it is too heavy. */
  readonly tooHeavy: boolean;
}

/** The best of an exercise's holds: the first that reaches furthest towards the wanted load. */
export function bestHold(version: Version, wanted: Wanted, context: PlaceContext): HoldFit | undefined {
  let best: HoldFit | undefined;
  const { holds = [], band } = version.exercise.loading ?? {};
  for (const hold of holds) {
    const loads = context.owned.loads(hold, band);
    const heaviest = loads.at(-1);
    if (!heaviest) continue;
    const usable = loadFor(wanted, loads);
    const fit = usable ? Math.min(1, heaviest.kg / wanted.kg) : 0;
    if (!best || fit > best.fit) best = { hold, loads, fit, tooHeavy: !usable };
  }
  return best;
}
