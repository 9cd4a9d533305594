import type { Exercise, Hold, Prescription, Target, Tier, Work } from '../model';
import type { EffortLimits } from '../caution';
import { pickLoad, simplestBetween, type AttainableLoad } from '../kit';
import type { Version } from '../ladder';
import { USUAL_MOST_REPS } from '../plan';
import { percentOfMax, type StrengthEstimate } from '../strength';
import type { PlaceContext } from './context';

/** Left undone when a prescription says nothing about effort (common practice: 1 to 3 left). */
export const USUAL_RESERVE = 2;

/** The first week's reps of a set: the low end of a range; clocked work counts its seconds. */
export function startAmount(work: Work): number {
  switch (work.kind) {
    case 'reps':
    case 'either':
      return work.reps;
    case 'range':
      return work.low;
    case 'most':
      return work.seconds ?? work.upTo ?? USUAL_MOST_REPS;
    case 'time':
    case 'hold':
      return work.seconds;
  }
}

/** What the amount of a set counts. */
export function countedAs(work: Work): 'reps' | 'time' | 'hold' {
  if (work.kind === 'time' || work.kind === 'hold') return work.kind;
  return work.kind === 'most' && work.seconds !== undefined ? 'time' : 'reps';
}

/** Repetitions of a set as far as a load is concerned. */
export function repsOf(work: Work, exercise: Exercise): number {
  const amount = startAmount(work);
  return countedAs(work) === 'reps' ? amount : Math.max(1, amount / exercise.secondsPerRep);
}

/**
 * Repetitions left undone that a prescription asks for. Effort from 1 to 10 is ten less what is left. Source: Zourdos et
 * al. 2016, repetitions in reserve scale. As many as possible leaves none.
 */
function reserveSaid({ target, work }: Prescription, version: Version): number {
  switch (target.kind) {
    case 'reserve':
      return target.reps;
    case 'effort':
      return 10 - target.effort;
    case 'rung':
      return version.rung?.gate.reserve ?? USUAL_RESERVE;
    default:
      return work.kind === 'most' ? 0 : USUAL_RESERVE;
  }
}

/** The load a prescription wants of one person, before the kit is asked. */
export interface Wanted {
  readonly kg: number;
  readonly reps: number;
  readonly reserve: number;
  readonly estimate: StrengthEstimate;
  /** From reps and reserve, or asked for outright by the plan. */
  readonly source: 'reserve' | 'asked';
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
  const said = reserveSaid(prescription, version);
  const reserve = Math.max(said, limits.reserveAtLeast);
  const byReserve = (estimate.maxKg * percentOfMax(reps + reserve)) / 100;

  const asked = askedKg(target, estimate.maxKg, context.participant.bodyMassKg);
  if (asked !== undefined) {
    const eased = limits.reserveAtLeast > 0 && asked > byReserve;
    return { kg: eased ? byReserve : asked, reps, reserve, estimate, source: 'asked', eased };
  }
  return {
    kg: byReserve,
    reps,
    reserve,
    estimate,
    source: 'reserve',
    eased: reserve > said,
  };
}

/** The load a target names outright. */
function askedKg(target: Target, maxKg: number, bodyMassKg: number): number | undefined {
  switch (target.kind) {
    case 'load':
      return target.loadKg;
    case 'percent':
      return (maxKg * target.percent) / 100;
    case 'bodyMass':
      return (bodyMassKg * target.percent) / 100;
    default:
      return undefined;
  }
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
