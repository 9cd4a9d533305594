import type { DrayDocument, LogEntry, Pain, Pattern, Program } from '../model';
import type { Catalog } from '../ladder';
import type { WeekFacts } from '../progress';
import { fallsOut, pastWeeks, standsIn } from './schedule';

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
  /** The last of them; 0 when nobody has yet. */
  readonly lastWeek: (sessionId: string) => number;
}

const NONE: readonly never[] = [];
const NO_WEEKS: ReadonlySet<number> = new Set();
const indices = new WeakMap<readonly LogEntry[], LogIndex>();

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
  const index: LogIndex = {
    before(participantId, day) {
      const own = people.get(participantId) ?? NONE;
      if (day === undefined) return own;
      const key = `${participantId}\n${day}`;
      const known = histories.get(key);
      if (known) return known;
      const history = own.filter(({ date }) => date < day);
      histories.set(key, history);
      return history;
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
  const own = groups.get(key);
  if (own) own.add(week);
  else groups.set(key, new Set([week]));
}

function push(groups: Map<string, LogEntry[]>, key: string, entry: LogEntry): void {
  const group = groups.get(key);
  if (group) group.push(entry);
  else groups.set(key, [entry]);
}

/** What bears on one person's weeks of a session, beside the sets of each slot. */
export interface PersonFacts {
  /** Changes when anything in it does. */
  readonly key: string;
  readonly of: (week: number, pattern: Pattern) => WeekFacts;
  /** Whether a week says anything: the session stands in it, or they did it all the same. */
  readonly counts: (week: number) => boolean;
  /** Changes when what `of` says does. */
  readonly keyOf: (week: number, pattern: Pattern) => string;
}

/**
 * Weeks in which a person was away, and pain by pattern. A week counts as past when anybody has logged the session in it or
 * later, or its days are over by `today`: not before the class has begun to log, as a coach may well plan without. A holiday is a week away that is known ahead.
 */
export function personFacts(
  { log }: Pick<DrayDocument, 'log'>,
  program: Program | undefined,
  sessionId: string,
  participantId: string,
  { catalog, today }: { readonly catalog: Catalog; readonly today?: string | undefined },
): PersonFacts {
  const index = logIndex(log);
  const came = index.weeksOf(participantId, sessionId);
  const ofClass = index.weeksOfClass(sessionId);
  const logged = index.lastWeek(sessionId);
  const last = logged > 0 ? Math.max(logged, pastWeeks(program, sessionId, today)) : 0;
  const away = new Set<number>();
  const unlogged = new Set<number>();
  const weeks = program?.weeks.length ?? last;
  const counts = (week: number) => standsIn(program, sessionId, week) || came.has(week);
  const counted = Array.from({ length: weeks }, (_, at) => at + 1).filter(counts);
  for (const week of counted) {
    const off =
      program !== undefined && (program.holidays?.length ?? 0) > 0 && fallsOut(program, sessionId, week);
    if (off || (week <= last && !came.has(week))) away.add(week);
    if (!off && !ofClass.has(week)) unlogged.add(week);
  }
  const pains = new Map<string, Pain>();
  for (const { week, pain, exerciseId, date } of index.ofPerson(participantId)) {
    if (!pain || (program && date < program.startDate)) continue;
    const pattern = catalog.exercises.get(exerciseId)?.pattern;
    const key = `${week} ${pattern}`;
    if (pain.score > (pains.get(key)?.score ?? 0)) pains.set(key, pain);
  }
  const painKey = [...pains].map(([key, { place, score }]) => `${key} ${place} ${score}`).sort();
  const of = (week: number, pattern: Pattern): WeekFacts => {
    let missed = 0;
    for (const at of counted.filter((own) => own <= week).reverse()) {
      if (!away.has(at)) break;
      missed += 1;
    }
    return {
      missed,
      came: came.has(week),
      unlogged: unlogged.has(week),
      pain: pains.get(`${week} ${pattern}`),
    };
  };
  return {
    counts,
    key: `${counted.join()}|${[...away].join()}|${[...unlogged].join()}|${[...came].sort((a, b) => a - b).join()}|${painKey.join()}`,
    of,
    keyOf(week, pattern) {
      const { missed, came: there, unlogged: open, pain } = of(week, pattern);
      return `${missed} ${there} ${open} ${pain ? `${pain.place} ${pain.score}` : ''}`;
    },
  };
}
