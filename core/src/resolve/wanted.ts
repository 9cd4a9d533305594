import {
  HOLD_TO_END_SECONDS,
  amountOf,
  doneApart,
  kindOfWork,
  midSentence,
  partsOf,
  type Amount,
  type CombinedPart,
  type Exercise,
  type Prescription,
  type Target,
  type Work,
} from '../model';
import type { EffortLimits } from '../caution';
import type { Version } from '../ladder';
import { atPace, USUAL_MOST_REPS, type Pacing } from '../plan';
import type { Wanted } from '../reason';
import { bodyMovedKg, curveOf, repsOfPart } from '../strength';
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

/**
 * Repetitions of a set as far as a load is concerned: clocked ones by how fast the session goes. Slower than usual never means
 * fewer, and so a heavier load: what was measured slow may have been a late key.
 */
function repsFor({ kind, amount }: Amount, exercise: Exercise, pacing: Pacing = {}): number {
  if (kind === 'reps') return amount;
  return Math.max(1, amount / Math.min(exercise.secondsPerRep, atPace(exercise, pacing).secondsPerRep));
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
 * The longest an amount may be by a person's conditions, in seconds; without an end where it counts reps.
 *
 * @param kind of the amount
 * @param limits of the person's conditions
 * @example mostSeconds('hold', { ...NO_LIMITS, holdAtMostSeconds: 20 }) // 20
 */
export function mostSeconds(
  kind: Amount['kind'],
  { holdAtMostSeconds, clockAtMostSeconds }: EffortLimits,
): number {
  if (kind === 'hold') return holdAtMostSeconds;
  return kind === 'time' ? clockAtMostSeconds : Infinity;
}

/** Reps in the place of as many as possible, where nothing else says how many. Common practice, no published source. */
const REPS_INSTEAD = 10;

/**
 * A prescription as a person's conditions let them take it: as many as possible becomes a number with some left, no more than the
 * gate of the rung asks. Common practice, no published source.
 *
 * @param prescription what the plan says
 * @param version whose gate may say how many
 * @param limits of the person's conditions
 * @example easedPlan({ ...plan, work: { kind: 'most' } }, pressUp, { ...NO_LIMITS, reserveAtLeast: 3 }).work // { kind: 'reps', reps: 10 }
 */
export function easedPlan(prescription: Prescription, version: Version, limits: EffortLimits): Prescription {
  const { work } = prescription;
  const { reserveAtLeast, clockAtMostSeconds } = limits;
  if (work.kind === 'either' && work.seconds > clockAtMostSeconds) {
    return { ...prescription, work: { ...work, seconds: clockAtMostSeconds } };
  }
  if (prescription.range === 'holdToEnd' && limits.holdAtMostSeconds < HOLD_TO_END_SECONDS) {
    const { range: _held, ...plain } = prescription;
    return easedPlan(plain, version, limits);
  }
  if (reserveAtLeast === 0) return prescription;
  const { setPattern, ...plain } = prescription;
  const plan = setPattern?.kind === 'dropOnForm' ? plain : prescription;
  return work.kind === 'most' ? { ...plan, ...numberInstead(prescription, version, reserveAtLeast) } : plan;
}

function numberInstead(
  { work, target }: Prescription,
  { exercise, rung }: Version,
  reserveAtLeast: number,
): Pick<Prescription, 'work' | 'target'> {
  if (work.kind !== 'most') return { work, target };
  const inTime = work.seconds === undefined ? Infinity : Math.floor(work.seconds / exercise.secondsPerRep);
  const most = Math.min(work.upTo ?? Infinity, rung?.gate.reps ?? REPS_INSTEAD, REPS_INSTEAD, inTime);
  const said = target.kind === 'reserve' ? target.reps : 0;
  return {
    work: { kind: 'reps', reps: Math.max(1, most) },
    target: { kind: 'reserve', reps: Math.max(said, reserveAtLeast) },
  };
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
  { strength, participant, pacing }: PlaceContext,
): Wanted | undefined {
  const { exercise } = version;
  const asked = {
    reps: repsFor(startAmount(prescription.work), exercise, pacing),
    reserve: reserveAsked(prescription, version, limits),
    said: reserveSaid(prescription, version),
  };
  const parts = partsOf(exercise);
  if (!parts) return wantedFor(exercise, asked, prescription, limits, { strength, participant });
  const along = doneApart(exercise) ? undefined : parts.find(isCarriedAlong);
  const alongKg = participant.bodyMassKg * MOST_ALONG;
  return wantedTogether(parts, along && { part: along, kg: alongKg }, (part) => {
    const { reps, reserve, said } = asked;
    const times = { reps: repsOfPart(part, reps), reserve: reserve * part.times, said: said * part.times };
    return wantedFor(part.exercise, times, prescription, limits, { strength, participant });
  });
}

/** What legs that are used to no load take along in the hands, as a share of the body. Common practice, no published source. */
const MOST_ALONG = 0.1;
const OF_THE_LEGS: ReadonlySet<Exercise['pattern']> = new Set(['squat', 'lunge', 'hinge']);

/** A movement of the legs that is done without a load, with the others' load in the hands. */
function isCarriedAlong({ carries, held, exercise }: CombinedPart): boolean {
  return !carries && !held && OF_THE_LEGS.has(exercise.pattern);
}

/** Of a combination: what the part that gives out first allows, and what the others would have. */
function wantedTogether(
  parts: readonly CombinedPart[],
  along: { readonly part: CombinedPart; readonly kg: number } | undefined,
  wantedOf: (part: CombinedPart) => Wanted | undefined,
): Wanted | undefined {
  const [weakest, ...others] = parts
    .flatMap((part) => {
      const wanted = part.carries ? wantedOf(part) : undefined;
      return wanted ? [{ name: midSentence(part.exercise.name), wanted }] : [];
    })
    .sort((a, b) => a.wanted.kg - b.wanted.kg);
  if (!weakest) return undefined;
  const { name, wanted } = weakest;
  if (along && along.kg < wanted.kg) {
    const all = [weakest, ...others].map((other) => ({ name: other.name, kg: other.wanted.kg }));
    const part = midSentence(along.part.exercise.name);
    return { ...wanted, kg: along.kg, eased: true, weakest: { name: part, others: all, along: true } };
  }
  return {
    ...wanted,
    ...(parts.length > 1 && {
      weakest: { name, others: others.map((other) => ({ name: other.name, kg: other.wanted.kg })) },
    }),
  };
}

/** What is asked of one movement. */
interface AskedReps {
  readonly reps: number;
  readonly reserve: number;
  /** Left undone before conditions had their say. */
  readonly said: number;
}

function wantedFor(
  exercise: Exercise,
  { reps, reserve, said }: AskedReps,
  prescription: Prescription,
  limits: EffortLimits,
  { strength, participant }: Pick<PlaceContext, 'strength' | 'participant'>,
): Wanted | undefined {
  const estimate = strength.estimate(exercise);
  if (!estimate) return undefined;
  const percent = curveOf(estimate.formula).percentAt(reps + reserve);
  const bodyKg = bodyMovedKg(exercise, participant.bodyMassKg);
  const byReserve = Math.max(0, (estimate.maxKg * percent) / 100 - bodyKg);
  const named = namedLoad(prescription.target, estimate.maxKg, bodyKg, participant.bodyMassKg);
  if (named) {
    const eased = limits.reserveAtLeast > 0 && named.kg > byReserve;
    const kg = eased ? byReserve : named.kg;
    return { kg, reps, reserve, estimate, source: named.source, bodyKg, eased, percent };
  }
  const eased = reserve > said;
  return { kg: byReserve, reps, reserve, estimate, source: 'reserve', bodyKg, eased, percent };
}

/** The load a target names outright. */
function namedLoad(
  target: Target,
  maxKg: number,
  bodyKg: number,
  bodyMassKg: number,
): { readonly kg: number; readonly source: Wanted['source'] } | undefined {
  switch (target.kind) {
    case 'load':
      return { kg: target.loadKg, source: 'load' };
    case 'percent':
      return { kg: Math.max(0, (maxKg * target.percent) / 100 - bodyKg), source: 'percent' };
    case 'bodyMass':
      return { kg: (bodyMassKg * target.percent) / 100, source: 'bodyMass' };
    default:
      return undefined;
  }
}
