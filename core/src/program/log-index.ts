import {
  patternsOf,
  type Demand,
  type LogEntry,
  type Override,
  type Pain,
  type Pattern,
  type Program,
} from '../model';
import { bearsOn, lastStopSign } from '../caution';
import type { Catalog, Version } from '../ladder';
import type { WeekFacts } from '../progress';
import { dayDate, fallsOut, pastWeeks, standsIn, weekBehind, type PlannedDay } from './schedule';

/** A log looked up by what screens ask of it; worked out once for as long as the log is the same. */
export interface LogIndex {
  readonly ofCell: (participantId: string, slotId: string) => readonly LogEntry[];
  readonly ofPerson: (participantId: string) => readonly LogEntry[];
  /** What they did before a day; all of it without one. */
  readonly before: (participantId: string, day: string | undefined) => readonly LogEntry[];
  /** Weeks in which someone logged something of a session. */
  readonly weeksOf: (participantId: string, sessionId: string) => ReadonlySet<number>;
  /** Weeks in which anybody did. */
  readonly weeksOfClass: (sessionId: string) => ReadonlySet<number>;
  /** The last sign to stop everything that someone logged. */
  readonly stopSign: (participantId: string) => LogEntry | undefined;
  /** The last of them; 0 when nobody has yet. */
  readonly lastWeek: (sessionId: string) => number;
}

const NONE: readonly never[] = [];
const NO_WEEKS: ReadonlySet<number> = new Set();
const indices = new WeakMap<readonly LogEntry[], LogIndex>();

/**
 * A log looked up; worked out once for as long as it is the same array.
 *
 * @param log of a document
 * @example logIndex(document.log).lastWeek('tuesday') // 4
 */
export function logIndex(log: readonly LogEntry[]): LogIndex {
  const known = indices.get(log);
  if (known) return known;
  const cells = new Map<string, LogEntry[]>();
  const people = new Map<string, LogEntry[]>();
  const weeks = new Map<string, Set<number>>();
  const classes = new Map<string, Set<number>>();
  for (const entry of log) {
    push(cells, `${entry.participantId}\n${entry.slotId}`, entry);
    push(people, entry.participantId, entry);
    addWeek(weeks, `${entry.participantId}\n${entry.sessionId}`, entry.week);
    addWeek(classes, entry.sessionId, entry.week);
  }
  const histories = new Map<string, readonly LogEntry[]>();
  const signs = new Map<string, LogEntry | undefined>();
  const index: LogIndex = {
    before(participantId, day) {
      const entries = people.get(participantId) ?? NONE;
      if (day === undefined) return entries;
      const key = `${participantId}\n${day}`;
      const known = histories.get(key);
      if (known) return known;
      const history = entries.filter(({ date }) => date < day);
      histories.set(key, history);
      return history;
    },
    stopSign(participantId) {
      if (!signs.has(participantId))
        signs.set(participantId, lastStopSign(people.get(participantId) ?? NONE));
      return signs.get(participantId);
    },
    ofCell: (participantId, slotId) => cells.get(`${participantId}\n${slotId}`) ?? NONE,
    ofPerson: (participantId) => people.get(participantId) ?? NONE,
    weeksOf: (participantId, sessionId) => weeks.get(`${participantId}\n${sessionId}`) ?? NO_WEEKS,
    weeksOfClass: (sessionId) => classes.get(sessionId) ?? NO_WEEKS,
    lastWeek: (sessionId) => Math.max(0, ...(classes.get(sessionId) ?? NO_WEEKS)),
  };
  indices.set(log, index);
  return index;
}

function addWeek(groups: Map<string, Set<number>>, key: string, week: number): void {
  const weeks = groups.get(key);
  if (weeks) weeks.add(week);
  else groups.set(key, new Set([week]));
}

function push(groups: Map<string, LogEntry[]>, key: string, entry: LogEntry): void {
  const group = groups.get(key);
  if (group) group.push(entry);
  else groups.set(key, [entry]);
}

/** What is asked about: its patterns, and what it asks of a body. */
export type WorkOf = Pick<Version, 'exercise' | 'demands' | 'demandsLoaded'>;

/** What bears on one person's weeks of a session, beside the sets of each slot. */
export interface PersonFacts {
  /**
   * Of a week, for some work; pain from then until the week before `untilWeek` counts, in any session, where it was of the same
   * pattern or the work bears on the place.
   */
  readonly of: (week: number, work: WorkOf, untilWeek?: number) => WeekFacts;
  /** Whether a week says anything: the session stands in it, or they did it all the same. */
  readonly counts: (week: number) => boolean;
  /** Changes when anything in it does. */
  readonly key: string;
}

/** Where and when facts are asked for. */
export interface FactsQuery {
  readonly program: Program | undefined;
  readonly sessionId: string;
  readonly participantId: string;
  readonly catalog: Catalog;
  /** What was decided: pain in another session counts until somebody has looked at it there. */
  readonly overrides: readonly Override[];
  readonly today?: string | undefined;
}

/**
 * Weeks in which a person was away, and pain by pattern. A week counts as past when anybody has logged the session in it or
 * later, or its days are over by `today`: not before the class has begun to log, as a coach may well plan without. A holiday is a week away that is known ahead.
 *
 * @param log of the document
 * @param query whose weeks of which session
 * @example personFacts(document.log, query).of(3, gobletSquat).missed // 1
 */
export function personFacts(log: readonly LogEntry[], query: FactsQuery): PersonFacts {
  const { program, sessionId, participantId } = query;
  const index = logIndex(log);
  const came = index.weeksOf(participantId, sessionId);
  const { counted, away, unlogged, counts } = weeksAway(index, query, came);
  const pains = painsIn(index.ofPerson(participantId), query);
  const missed = missedRunning(counted, new Set(away));
  // The same object for the same question, so that what rests on it can tell.
  const known = new Map<string, WeekFacts>();
  const of = (week: number, work: WorkOf, untilWeek = week + 1): WeekFacts => {
    const patterns = pains.length > 0 ? patternsOf(work.exercise) : [];
    const demands = pains.length > 0 ? [...work.demands, ...work.demandsLoaded] : [];
    const about = `${patterns.join()} ${demands.join()}`;
    const question = `${week} ${untilWeek} ${about}`;
    const answered = known.get(question);
    if (answered) return answered;
    const facts: WeekFacts = {
      missed: missed(week),
      came: came.has(week),
      unlogged: unlogged.includes(week),
      pain: worstPain(pains, { patterns, demands }, week, untilWeek),
    };
    known.set(question, facts);
    return facts;
  };
  const painKey = pains.map(({ week, pain: { place, score } }) => `${week} ${place} ${score}`).sort();
  const cameKey = [...came].sort((a, b) => a - b);
  const key = [counted, away, unlogged, cameKey, painKey].map((part) => part.join()).join('|');
  return { of, counts, key: `${program?.id ?? ''}|${key}` };
}

function weeksAway(
  index: LogIndex,
  { program, sessionId, today }: FactsQuery,
  came: ReadonlySet<number>,
): Pick<PersonFacts, 'counts'> & { counted: number[]; away: number[]; unlogged: number[] } {
  const ofClass = index.weeksOfClass(sessionId);
  const logged = index.lastWeek(sessionId);
  const lastPast = logged > 0 ? Math.max(logged, pastWeeks(program, sessionId, today)) : 0;
  const weeks = program?.weeks.length ?? lastPast;
  const stand = Array.from({ length: weeks }, (_, before) => before + 1).filter(
    (week) => standsIn(program, sessionId, week) || came.has(week),
  );
  const mayFallOut = program?.weeks.some(({ days }) => days.some((day: PlannedDay) => day.off !== undefined));
  const hasHolidays = (program?.holidays?.length ?? 0) > 0 || mayFallOut;
  const isOff = (week: number) => program !== undefined && hasHolidays && fallsOut(program, sessionId, week);
  const isAway = (week: number) => isOff(week) || (week <= lastPast && !came.has(week));
  // Of a week with several classes one that was missed says nothing while there are others; all of them are a week away.
  const ofWeek = new Map<number, number[]>();
  for (const week of stand) {
    const behind = weekBehind(program, week);
    ofWeek.set(behind, [...(ofWeek.get(behind) ?? []), week]);
  }
  const counts = (week: number) => {
    if (!standsIn(program, sessionId, week) && !came.has(week)) return false;
    const together = ofWeek.get(weekBehind(program, week)) ?? [];
    if (together.length < 2 || !isAway(week)) return true;
    return together[0] === week && together.every(isAway);
  };
  const counted = stand.filter(counts);
  return {
    counts,
    counted,
    away: counted.filter(isAway),
    unlogged: counted.filter((week) => !isOff(week) && !ofClass.has(week)),
  };
}

/** Pain that was logged, with the week or class of the session it was in, or after which it came. */
interface Felt {
  readonly week: number;
  readonly pain: Pain;
  readonly patterns: readonly Pattern[];
}

/** Where and when it hurt since the program began; in other sessions as far as nobody has decided on it yet. */
function painsIn(entries: readonly LogEntry[], query: FactsQuery): readonly Felt[] {
  const { program, sessionId, catalog, overrides } = query;
  return entries.flatMap((entry): Felt[] => {
    const { pain, exerciseId, date } = entry;
    if (!pain || pain.score === 0 || (program && date < program.startDate)) return [];
    const exercise = catalog.exerciseById(exerciseId);
    const elsewhere = entry.sessionId !== sessionId;
    if (elsewhere && overrides.some((override) => decidesOn(override, entry))) return [];
    const week = elsewhere ? lastBefore(date, entries, query) : entry.week;
    return [{ week, pain, patterns: exercise ? patternsOf(exercise) : [] }];
  });
}

/** Whether a decision was made on what was logged in a set's slot and class. */
function decidesOn(override: Override, { participantId, slotId, week, nth = 1 }: LogEntry): boolean {
  const { reviewOfWeek, reviewOfNth = 1 } = override;
  if (reviewOfWeek !== week || reviewOfNth !== nth) return false;
  return override.participantId === participantId && override.slotId === slotId;
}

/** The last week or class of the session up to a day; 0 before the first. */
function lastBefore(date: string, entries: readonly LogEntry[], { program, sessionId }: FactsQuery): number {
  const ofSession = program
    ? program.weeks.flatMap(({ week, days }) =>
        days
          .filter((day) => day.sessionId === sessionId)
          .map((day) => ({ week, date: dayDate(program, week, day) })),
      )
    : entries.filter((entry) => entry.sessionId === sessionId);
  return ofSession.reduce((last, one) => (one.date <= date ? Math.max(last, one.week) : last), 0);
}

function worstPain(
  pains: readonly Felt[],
  { patterns, demands }: { readonly patterns: readonly Pattern[]; readonly demands: readonly Demand[] },
  fromWeek: number,
  untilWeek: number,
): Pain | undefined {
  let worst: Pain | undefined;
  for (const { week, pain, patterns: hurt } of pains) {
    if (week < fromWeek || week >= untilWeek || pain.score <= (worst?.score ?? 0)) continue;
    if (hurt.some((pattern) => patterns.includes(pattern)) || bearsOn(pain.place, demands)) worst = pain;
  }
  return worst;
}

/** How many weeks running were missed by each week, that week included. */
function missedRunning(counted: readonly number[], away: ReadonlySet<number>): (week: number) => number {
  const running: number[] = [];
  for (const week of counted) running[week] = away.has(week) ? lastOf(running) + 1 : 0;
  return (week) => running[week] ?? lastOf(running.slice(0, week));
}

function lastOf(running: readonly (number | undefined)[]): number {
  return running.findLast((missed) => missed !== undefined) ?? 0;
}
