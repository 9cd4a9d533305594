import type { Formula } from '../model';
import { daysBetween, groupBy } from '../units';
import { StrengthFilter } from './filter';
import { carriedOver, readingOf, type Reading, type StrengthObservation } from './observation';
import type { Prior } from './prior';

export interface StrengthOptions {
  /** Epley when absent. */
  readonly formula?: Formula | undefined;
  /** What to believe before the first set; without it the first set is believed as it stands. */
  readonly prior?: Prior | undefined;
  /** ISO date the estimate is for; the newest observation's when absent or earlier than that. */
  readonly asOf?: string | undefined;
}

/** The estimate after one day. */
export interface StrengthPoint {
  readonly date: string;
  readonly maxKg: number;
  /** The 90 % band. */
  readonly lowKg: number;
  readonly highKg: number;
}

/** A set too far from everything else to be believed at once. */
export interface WildObservation {
  readonly observation: StrengthObservation;
  readonly impliedKg: number;
  readonly expectedKg: number;
  /** The visit after said the same, so it was believed after all. */
  readonly believed: boolean;
}

/** A running estimate of the one-repetition maximum in one exercise. */
export interface RunningEstimate extends StrengthPoint {
  /** Standard error as a share of the maximum: 0.05 is 5 %. */
  readonly standardError: number;
  /** As of the last set: what it does afterwards nobody has seen. */
  readonly trend: {
    readonly percentPerWeek: number;
    readonly standardErrorPercent: number;
  };
  /** How many sets it rests on, of this exercise and of related ones. */
  readonly own: number;
  readonly carried: number;
  readonly wild: readonly WildObservation[];
  /** Sets with more repetitions than the equation holds for. */
  readonly unreadable: readonly StrengthObservation[];
  readonly path: readonly StrengthPoint[];
  /** Each readable set as the maximum it implies by itself, oldest first. */
  readonly readings: readonly ImpliedMax[];
}

/** What one set says by itself. */
export interface ImpliedMax {
  readonly observation: StrengthObservation;
  /** In the asked exercise, also for a set carried over. */
  readonly impliedKg: number;
}

/** Half-width of a 90 % band in standard errors. Source: tables of the normal distribution. */
const BAND_90 = 1.6449;

/** Readings further out than this many standard errors are held back: one in a thousand by chance. */
export const GATE_SD = 3.3;

/** Where there is no prior, the first set is believed within this (log scale). */
const FIRST_SET_SD = 0.5;

interface ReadObservation {
  readonly observation: StrengthObservation;
  /** In the asked exercise, also for a set carried over. */
  readonly reading: Reading;
}

/**
 * A running estimate of strength from sets of one exercise, and of related ones by ratio: a state-space filter on log
 * strength (see `StrengthFilter`). A set counts the less the more repetitions it had and the less is known of its
 * reserve; the sets of one visit share the form of the day and count as one reading; the longer nobody lifted, the
 * wider the band. A set further than `GATE_SD` from what was expected is held back and reported, until the next visit
 * says the same; but a first visit beats any guess, whatever it says, and only its own sets are held against each other.
 *
 * @param observations in any order; those past the equation's range are reported and left out
 * @returns undefined when there is neither a usable set nor a prior
 * @example estimateStrength([{ loadKg: 20, reps: 8, reserve: 2, date: '2026-10-01' }])?.maxKg // 26.67
 */
export function estimateStrength(
  observations: readonly StrengthObservation[],
  options: StrengthOptions = {},
): RunningEstimate | undefined {
  const { formula = 'epley', prior } = options;
  const unreadable: StrengthObservation[] = [];
  const read: ReadObservation[] = [];
  for (const observation of observations) {
    const alone = readingOf(observation, formula);
    const reading = alone && carriedOver(alone, observation.carried);
    if (reading) read.push({ observation, reading });
    else unreadable.push(observation);
  }
  read.sort(({ observation: a }, { observation: b }) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
  const first = read[0];
  const start = prior ?? (first && { logMax: first.reading.logMax, sd: FIRST_SET_SD });
  if (!start) return undefined;
  return new Running(start, relatedIn(read)).run(read, unreadable, options.asOf);
}

function relatedIn(read: readonly ReadObservation[]): string[] {
  return [...new Set(read.flatMap(({ observation }) => observation.carried?.exerciseId ?? []))];
}

class Running {
  private readonly filter: StrengthFilter;
  private readonly wild: WildObservation[] = [];
  private readonly path: StrengthPoint[] = [];
  /** Which way the last visit of an exercise was wild, if it was. */
  private readonly doubt = new Map<string, number>();
  private own = 0;
  private carried = 0;

  constructor(
    start: Prior,
    private readonly related: readonly string[],
  ) {
    this.filter = new StrengthFilter(start.logMax, start.sd, related.length);
  }

  run(
    read: readonly ReadObservation[],
    unreadable: readonly StrengthObservation[],
    asOf: string | undefined,
  ): RunningEstimate {
    let date: string | undefined;
    for (const visit of visits(read)) {
      const on = visit[0]?.observation.date ?? '';
      if (date !== undefined) this.filter.wait(daysBetween(date, on));
      date = on;
      for (const sets of byExercise(visit)) this.takeSets(sets);
      this.path.push(this.point(on));
    }
    const { slope, slopeSd } = this.filter;
    const last = asOf !== undefined && (date === undefined || asOf > date) ? asOf : (date ?? '');
    if (date !== undefined && last > date) this.filter.wait(daysBetween(date, last));
    const { levelSd } = this.filter;
    return {
      ...this.point(last),
      standardError: levelSd,
      trend: { percentPerWeek: slope * 700, standardErrorPercent: slopeSd * 700 },
      own: this.own,
      carried: this.carried,
      wild: this.wild,
      unreadable,
      path: this.path,
      readings: read.map((set) => ({
        observation: set.observation,
        impliedKg: Math.exp(set.reading.logMax),
      })),
    };
  }

  /** The sets of one exercise on one day. */
  private takeSets(sets: readonly ReadObservation[]): void {
    const exercise = sets[0]?.observation.carried?.exerciseId;
    const difference = exercise === undefined ? undefined : this.related.indexOf(exercise);
    const surprise = (set: ReadObservation): number => {
      const expected = this.filter.expect(set.reading.sd, difference);
      return (set.reading.logMax - expected.logMax) / Math.sqrt(expected.variance);
    };
    // A guess is no reason to doubt a set; another set of the same visit is.
    const guessed = this.own + this.carried === 0;
    const middle = guessed ? middleOf(sets) : 0;
    const calm = sets.filter((set) =>
      guessed
        ? Math.abs(set.reading.logMax - middle) <= GATE_SD * set.reading.sd
        : Math.abs(surprise(set)) <= GATE_SD,
    );
    const key = exercise ?? '';
    const expectedKg = Math.exp(this.filter.level);
    const strange = sets.filter((set) => !calm.includes(set));
    const way = calm.length > 0 || guessed ? 0 : Math.sign(strange[0] ? surprise(strange[0]) : 0);
    const believed = way !== 0 && this.doubt.get(key) === way;
    for (const { observation, reading } of strange) {
      const impliedKg = Math.exp(reading.logMax);
      this.wild.push({ observation, impliedKg, expectedKg, believed });
    }
    this.doubt.set(key, believed ? 0 : way);
    const taken = believed ? strange : calm;
    if (taken.length === 0) return;
    const { logMax, sd } = together(taken);
    if (believed || guessed) this.filter.loosen(logMax - this.filter.level);
    this.filter.take(logMax, sd, difference);
    if (exercise === undefined) this.own += taken.length;
    else this.carried += taken.length;
  }

  private point(date: string): StrengthPoint {
    const { level, levelSd } = this.filter;
    return {
      date,
      maxKg: Math.exp(level),
      lowKg: Math.exp(level - BAND_90 * levelSd),
      highKg: Math.exp(level + BAND_90 * levelSd),
    };
  }
}

/**
 * Sets of one day as one reading: their mean, as sure as the surest of them. Equation and form are the same for all, so
 * three sets do not say three times as much.
 */
function together(sets: readonly ReadObservation[]): Reading {
  const weights = sets.map(({ reading }) => 1 / reading.sd ** 2);
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  const logMax = sets.reduce((sum, set, at) => sum + (weights[at] ?? 0) * set.reading.logMax, 0) / all;
  return { logMax, sd: Math.min(...sets.map(({ reading }) => reading.sd)) };
}

/** The middle one of the sets of a visit. */
function middleOf(sets: readonly ReadObservation[]): number {
  const sorted = sets.map(({ reading }) => reading.logMax).sort((a, b) => a - b);
  return sorted[Math.floor((sorted.length - 1) / 2)] ?? 0;
}

function visits(read: readonly ReadObservation[]): ReadObservation[][] {
  return grouped(read, ({ observation }) => observation.date);
}

function byExercise(visit: readonly ReadObservation[]): ReadObservation[][] {
  return grouped(visit, ({ observation }) => observation.carried?.exerciseId ?? '');
}

function grouped(
  read: readonly ReadObservation[],
  key: (set: ReadObservation) => string,
): ReadObservation[][] {
  return [...groupBy(read, key).values()];
}
