import type { Prescription, SetPattern, Work } from '../model';

/** Where a load pattern begins, as a share of the working load. Common practice, no published source. */
const LIGHTEST_SHARE = 0.7;

/** "Two squats + two rows" is four movements: the number before each part, one where none stands. */
export function movementsInOne(one: string | undefined): number {
  if (one === undefined) return 1;
  return one.split('+').reduce((sum, part) => {
    const [first = ''] = part.trim().toLowerCase().split(/\s+/);
    return sum + (COUNT_WORDS[first] ?? (/^\d+$/.test(first) ? Math.max(1, Number(first)) : 1));
  }, 0);
}

const COUNT_WORDS: Readonly<Record<string, number>> = {
  a: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
};

/** Reps or seconds more or less in a set, counted from 0, than in the first. */
export function amountShift(pattern: SetPattern | undefined, set: number): number {
  if (pattern?.kind === 'repsDown') return -pattern.by * set;
  if (pattern?.kind === 'repsUp') return pattern.by * set;
  return 0;
}

/** An amount in one of the sets, counted from 0: never less than 1. */
export function amountInSet(pattern: SetPattern | undefined, amount: number, set: number): number {
  return Math.max(1, amount + amountShift(pattern, set));
}

/** The load of each set as a share of the working load; undefined where all sets have the same. */
export function loadShares({
  sets,
  setPattern,
}: Pick<Prescription, 'sets' | 'setPattern'>): number[] | undefined {
  const steps = (count: number) =>
    Array.from({ length: count }, (_, at) =>
      count === 1 ? 1 : LIGHTEST_SHARE + ((1 - LIGHTEST_SHARE) * at) / (count - 1),
    );
  switch (setPattern?.kind) {
    case 'loadUp':
      return steps(sets);
    case 'loadDown':
      return sets === 1 ? [1] : [...steps(sets - 1).reverse(), 0];
    case 'pyramid': {
      const up = steps(Math.ceil(sets / 2));
      return [...up, ...up.slice(0, sets - up.length).reverse()];
    }
    default:
      return undefined;
  }
}

/** Reps expected of as many as possible when no cap is said. Common practice, no published source. */
export const USUAL_MOST_REPS = 15;

/** Reps or seconds of a set as far as time and load go; the middle of a range. */
export function middleAmount(work: Work): { readonly amount: number; readonly clocked: boolean } {
  switch (work.kind) {
    case 'reps':
      return { amount: work.reps, clocked: false };
    case 'range':
      return { amount: (work.low + work.high) / 2, clocked: false };
    case 'most':
      return work.seconds === undefined
        ? { amount: work.upTo ?? USUAL_MOST_REPS, clocked: false }
        : { amount: work.seconds, clocked: true };
    case 'either':
    case 'time':
    case 'hold':
      return { amount: work.seconds, clocked: true };
  }
}

/** Whether the class's clock measures a set: it runs for both sides together. */
export function byTheClock(work: Work): boolean {
  return work.kind === 'time' || (work.kind === 'most' && work.seconds !== undefined);
}
