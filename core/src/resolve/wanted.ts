import {
  amountOf,
  kindOfWork,
  type Amount,
  type Exercise,
  type Prescription,
  type Target,
  type Work,
} from '../model';
import type { EffortLimits } from '../caution';
import type { Version } from '../ladder';
import { USUAL_MOST_REPS } from '../plan';
import type { Wanted } from '../reason';
import { curveOf } from '../strength';
import type { PlaceContext } from './context';

/** Left undone when a prescription says nothing about effort (common practice: 1 to 3 left). */
export const USUAL_RESERVE = 2;

/** Effort from 1 to 10 is ten less what is left. Source: Zourdos et al. 2016, repetitions in reserve scale. */
const FULL_EFFORT = 10;

/**
 * The first week's amount of a set: the low end of a range; clocked work counts its seconds.
 *
 * @param work what the plan says of one set
 * @example startAmount({ kind: 'range', low: 8, high: 12 }) // { kind: 'reps', amount: 8 }
 */
export function startAmount(work: Work): Amount {
  return amountOf(kindOfWork(work), startCount(work));
}

function startCount(work: Work): number {
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

/** Repetitions of a set as far as a load is concerned: clocked ones by the pace of the exercise. */
function repsFor({ kind, amount }: Amount, { secondsPerRep }: Exercise): number {
  return kind === 'reps' ? amount : Math.max(1, amount / secondsPerRep);
}

/** Repetitions left undone that a prescription asks for. As many as possible leaves none. */
function reserveSaid({ target, work }: Prescription, version: Version): number {
  switch (target.kind) {
    case 'reserve':
      return target.reps;
    case 'effort':
      return FULL_EFFORT - target.effort;
    case 'rung':
      return version.rung?.gate.reserve ?? USUAL_RESERVE;
    default:
      return work.kind === 'most' ? 0 : USUAL_RESERVE;
  }
}

/**
 * Repetitions to be left undone, a caution's least included.
 *
 * @param prescription what the plan says
 * @param version whose gate may say it
 * @param limits of the person's conditions
 * @example reserveAsked(plan, version, NO_LIMITS) // 2
 */
export function reserveAsked(
  prescription: Prescription,
  version: Version,
  { reserveAtLeast }: EffortLimits,
): number {
  return Math.max(reserveSaid(prescription, version), reserveAtLeast);
}

/**
 * The load a prescription wants of one person, before the kit is asked: the share of their maximum that leaves what is to be
 * left, read by the same curve as the sets it comes from.
 *
 * @param version with its exercise
 * @param prescription reps and how hard
 * @param limits of the person's conditions: what the plan names outright gives way to them
 * @param context strength and body mass
 * @returns undefined for an exercise that is never loaded
 * @example wantedLoad(gobletSquat, plan, NO_LIMITS, context)?.kg // 20
 */
export function wantedLoad(
  version: Version,
  prescription: Prescription,
  limits: EffortLimits,
  { strength, participant }: PlaceContext,
): Wanted | undefined {
  const { exercise } = version;
  const estimate = strength.estimate(exercise);
  if (!estimate) return undefined;
  const reps = repsFor(startAmount(prescription.work), exercise);
  const reserve = reserveAsked(prescription, version, limits);
  const percent = curveOf(estimate.formula).percentAt(reps + reserve);
  const byReserve = (estimate.maxKg * percent) / 100;
  const named = namedLoad(prescription.target, estimate.maxKg, participant.bodyMassKg);
  if (named) {
    const eased = limits.reserveAtLeast > 0 && named.kg > byReserve;
    const kg = eased ? byReserve : named.kg;
    return { kg, reps, reserve, estimate, source: named.source, eased, percent };
  }
  const eased = reserve > reserveSaid(prescription, version);
  return { kg: byReserve, reps, reserve, estimate, source: 'reserve', eased, percent };
}

/** The load a target names outright. */
function namedLoad(
  target: Target,
  maxKg: number,
  bodyMassKg: number,
): { readonly kg: number; readonly source: Wanted['source'] } | undefined {
  switch (target.kind) {
    case 'load':
      return { kg: target.loadKg, source: 'load' };
    case 'percent':
      return { kg: (maxKg * target.percent) / 100, source: 'percent' };
    case 'bodyMass':
      return { kg: (bodyMassKg * target.percent) / 100, source: 'bodyMass' };
    default:
      return undefined;
  }
}
