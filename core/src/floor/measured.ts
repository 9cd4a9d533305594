import { TIMING_WORDS, USUAL_TIMING, type TimingKey } from '../plan';
import type { Timing } from '../model';
import { noteKey, type EndedTurn, type Run } from './run';
import { setIn } from './turns';

/** What was measured of something that is done again and again: how often, its mean, and its spread. Seconds. */
export interface Measured {
  readonly times: number;
  readonly mean: number;
  /** Sum of squared distances from the mean. */
  readonly squares: number;
}

export const NOT_MEASURED: Measured = { times: 0, mean: 0, squares: 0 };

/**
 * A running mean and spread with one measure more, without keeping the measures. Source: Welford 1962.
 *
 * @param so far
 * @param seconds measured now
 * @example measuredWith(measuredWith(NOT_MEASURED, 2), 4).mean // 3
 */
export function measuredWith({ times, mean, squares }: Measured, seconds: number): Measured {
  const count = times + 1;
  const next = mean + (seconds - mean) / count;
  return { times: count, mean: next, squares: squares + (seconds - mean) * (seconds - next) };
}

/**
 * Standard deviation of what was measured, in seconds; undefined of fewer than two.
 *
 * @example spreadOf({ times: 3, mean: 2, squares: 2 }) // 1
 */
export function spreadOf({ times, squares }: Measured): number | undefined {
  return times < 2 ? undefined : Math.sqrt(squares / (times - 1));
}

/** What a class told of how long things take, in seconds: one repetition by exercise, and what happens between the work. */
export interface TimesSeen {
  readonly perRep: readonly { readonly exerciseId: string; readonly seconds: number }[];
  readonly between: readonly { readonly key: TimingKey; readonly seconds: number }[];
}

/** No repetition is shorter than a movement, or longer than a pause: beyond these a set was not what it was timed for. */
const SHORTEST_REP = 0.5;
const LONGEST_REP = 20;
/** Nor does it take so long to get anywhere in a hall, or to change sides; and who takes so small a share of the usual has skipped it. */
const LONGEST_BETWEEN = 60;
const LEAST_SHARE = 0.25;
const MS = 1000;

/**
 * How long things took in a finished run. The coach's key ends a counted set with the slowest, so a set tells of those who were to
 * take longest; a way between two sets that the coach cut short or made longer is shared out among its parts as usual. Common
 * practice, no published source.
 *
 * @param run ended
 * @example timesSeen(run).perRep // [{ exerciseId: 'goblet-squat', seconds: 2.6 }, …]
 */
export function timesSeen(run: Run): TimesSeen {
  const sets = run.ended.flatMap((ended) => slowestIn(run, ended));
  return {
    perRep: sets.flatMap(({ exerciseId, seconds }) =>
      seconds >= SHORTEST_REP && seconds <= LONGEST_REP ? [{ exerciseId, seconds }] : [],
    ),
    between: [
      ...run.ended.flatMap(({ getting }) => {
        const usual = (getting?.parts ?? []).reduce((sum, key) => sum + run.plan.rules.timing[key], 0);
        const factor = getting && usual > 0 ? getting.ms / MS / usual : 0;
        return (getting?.parts ?? []).map((key) => ({
          key,
          seconds: run.plan.rules.timing[key] * factor,
        }));
      }),
      ...sets.flatMap(({ sideSeconds }) =>
        sideSeconds === undefined ? [] : [{ key: 'sideSeconds' as const, seconds: sideSeconds }],
      ),
    ].filter(({ key, seconds }) => seconds >= LEAST_SHARE * USUAL_TIMING[key] && seconds <= LONGEST_BETWEEN),
  };
}

interface SetSeen {
  readonly exerciseId: string;
  readonly seconds: number;
  /** The change of sides, where the coach called it. */
  readonly sideSeconds?: number;
}

/** What a set tells of whoever was to take longest in it; nothing where the clock ended it or nobody counted. */
function slowestIn(run: Run, { turn, ms, done, switchedMs }: EndedTurn): SetSeen[] {
  const timed = Object.entries(done).flatMap(([participantId, work]) => {
    const set = setIn(work, turn);
    const note = run.notes[noteKey(turn.id, participantId)];
    const amount = note?.amount ?? (work.asked.sets[turn.set - 1] ?? work.asked.beyond).amount;
    const counted = set && !set.clocked && work.plain && !work.open;
    if (!counted || note?.leftOut || note?.sides || amount < 1) return [];
    const { exerciseId } = work.asked;
    const sides = set.stretchesMs.length;
    const planned = set.stretchesMs.reduce((sum, one) => sum + one, 0);
    const called = sides > 1 && switchedMs !== undefined;
    const firstMs = called ? switchedMs : (ms - (sides - 1) * set.betweenMs) / sides;
    const seconds = firstMs / MS / amount;
    // Both sides do as many: what is left of the set after twice the first is the change between them.
    return [{ planned, exerciseId, seconds, ...(called && { sideSeconds: (ms - 2 * switchedMs) / MS }) }];
  });
  return timed.sort((a, b) => b.planned - a.planned).slice(0, 1);
}

/** Running measures of many classes. */
export interface MeasuredTimes {
  readonly perRep: Readonly<Record<string, Measured>>;
  readonly between: Readonly<Partial<Record<TimingKey, Measured>>>;
}

export const NO_TIMES: MeasuredTimes = { perRep: {}, between: {} };

/**
 * What is known of a coach's times with one class more.
 *
 * @param times so far
 * @param seen in the class that is over
 * @example timesWith(NO_TIMES, timesSeen(run)).perRep['goblet-squat']?.times // 3
 */
export function timesWith(times: MeasuredTimes, seen: TimesSeen): MeasuredTimes {
  const perRep = { ...times.perRep };
  for (const { exerciseId, seconds } of seen.perRep)
    perRep[exerciseId] = measuredWith(perRep[exerciseId] ?? NOT_MEASURED, seconds);
  const between = { ...times.between };
  for (const { key, seconds } of seen.between)
    between[key] = measuredWith(between[key] ?? NOT_MEASURED, seconds);
  return { perRep, between };
}

/** So often something has to be timed before it is believed. Common practice, no published source. */
export const ENOUGH_TIMES = 3;

/**
 * A class's times with what was measured often enough in their place; what the coach set otherwise stays.
 *
 * @param timing the class's own
 * @param measured see `timesWith`
 * @example timingAsMeasured({}, measured).perRep // { 'goblet-squat': 2.6 }
 */
export function timingAsMeasured(timing: Timing, measured: MeasuredTimes): Timing {
  const perRep = Object.entries(measured.perRep).flatMap(([id, { times, mean }]) =>
    times >= ENOUGH_TIMES ? [[id, tenths(mean)] as const] : [],
  );
  const between = Object.keys(TIMING_WORDS).flatMap((key) => {
    const { times, mean } = measured.between[key as TimingKey] ?? NOT_MEASURED;
    return times >= ENOUGH_TIMES ? [[key, tenths(mean)] as const] : [];
  });
  return {
    ...timing,
    ...Object.fromEntries(between),
    ...(perRep.length > 0 && { perRep: { ...timing.perRep, ...Object.fromEntries(perRep) } }),
  };
}

/**
 * A class's times without what was measured: those the coach set otherwise stay.
 *
 * @param timing with measured ones among them
 * @param measured see `timesWith`
 * @example timingWithoutMeasured({ perRep, sideSeconds: 9 }, measured) // { sideSeconds: 9 }
 */
export function timingWithoutMeasured(
  { perRep: _measured, ...between }: Timing,
  measured: MeasuredTimes,
): Timing {
  const own = Object.entries(between).filter(([key, seconds]) => {
    const { times, mean } = measured.between[key as TimingKey] ?? NOT_MEASURED;
    return times < ENOUGH_TIMES || tenths(mean) !== seconds;
  });
  return Object.fromEntries(own);
}

function tenths(seconds: number): number {
  return Math.round(seconds * 10) / 10;
}
