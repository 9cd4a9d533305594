import {
  classId,
  type ClassHeld,
  type DrayDocument,
  type Override,
  type Program,
  type ProgramDay,
  type ProgramWeek,
} from '../model';
import { heldClass } from './classes';
import { classDays } from './schedule';

/** How the classes of one session in one week are counted from now on. */
interface Recount {
  readonly sessionId: string;
  readonly week: number;
  /** The numbers that its classes had, as they come. */
  readonly order: readonly number[];
  /** By the number a class had: the one it has now. What was never held and is not planned any more has none. */
  readonly numbers: ReadonlyMap<number, number>;
  /** The new numbers of those that stand beside the plan. */
  readonly beside: readonly number[];
}

/** Where something stands among a session's classes; without a number it is the first of its week. */
interface Counted {
  readonly sessionId: string;
  readonly week: number;
  readonly nth?: number | undefined;
}

/**
 * Plans the days of a program anew. Every class keeps what is written down in it: those that stay planned are counted in the
 * order of their days, one that was held and is planned no more goes on beside the plan, and only what was never held is gone.
 * What is set by hand for some classes of a week goes with them.
 *
 * @param document to be changed
 * @param programId of which program
 * @param days what a week's days are from now on: those that stay planned are the very same objects
 * @returns the document with its program, classes, sets, visits and overrides
 * @example replanDays(document, 'p', ({ days }) => days.slice(1)).programs[0]?.weeks[0]?.days.length // 1, of two
 */
export function replanDays(
  document: DrayDocument,
  programId: string,
  days: (week: ProgramWeek) => readonly ProgramDay[],
): DrayDocument {
  const recounts: Recount[] = [];
  const programs = document.programs.map((program) => {
    if (program.id !== programId) return program;
    const weeks = program.weeks.map((week) => {
      const after = days(week);
      recounts.push(...recountsOf(document, program, week, after));
      return isSame(week.days, after) ? week : { ...week, days: [...after] };
    });
    return { ...program, weeks };
  });
  return recounted({ ...document, programs }, recounts);
}

function isSame(before: readonly ProgramDay[], after: readonly ProgramDay[]): boolean {
  return before.length === after.length && before.every((day, at) => day === after[at]);
}

/** One for every session that is planned otherwise than before in a week. */
function recountsOf(
  document: DrayDocument,
  program: Program,
  { week, days }: ProgramWeek,
  after: readonly ProgramDay[],
): Recount[] {
  const sessions = new Set([...days, ...after].map(({ sessionId }) => sessionId));
  return [...sessions].flatMap((sessionId) => {
    const isOf = (day: ProgramDay) => day.sessionId === sessionId;
    const [before, now] = [days.filter(isOf), after.filter(isOf)];
    if (isSame(before, now)) return [];
    const numbers = new Map<number, number>();
    for (const [at, day] of before.entries()) {
      if (now.includes(day)) numbers.set(at + 1, now.indexOf(day) + 1);
    }
    const beside = keptNumbers(document, { sessionId, week }, before.length).filter(
      (nth) => !numbers.has(nth),
    );
    const besideNow = beside.map((_, at) => now.length + at + 1);
    for (const [at, nth] of beside.entries()) numbers.set(nth, besideNow[at] ?? nth);
    const order = classDays(program, document.classes).filter(
      (one) => one.sessionId === sessionId && one.week === week,
    );
    return [{ sessionId, week, numbers, beside: besideNow, order: order.map(({ nth }) => nth) }];
  });
}

/** The numbers, in order, of what stays whatever is planned: what was held of a session in a week, and what was put in beside the plan. */
function keptNumbers({ classes, log, visits }: DrayDocument, place: Counted, planned: number): number[] {
  const isThere = (thing: Counted) => thing.sessionId === place.sessionId && thing.week === place.week;
  const written = [...log, ...visits].filter(isThere).map(({ nth = 1 }) => nth);
  const known = classes
    .filter((one) => isThere(one) && (one.there.length > 0 || one.nth > planned))
    .map(({ nth }) => nth);
  return [...new Set([...written, ...known])].sort((a, b) => a - b);
}

function recounted(document: DrayDocument, recounts: readonly Recount[]): DrayDocument {
  if (recounts.length === 0) return document;
  const recountOf = ({ sessionId, week }: Counted) =>
    recounts.find((one) => one.sessionId === sessionId && one.week === week);
  const numberOf = (thing: Counted) => {
    const { nth = 1 } = thing;
    const recount = recountOf(thing);
    return recount ? recount.numbers.get(nth) : nth;
  };
  const sessionOf = new Map(
    document.sessions.flatMap(({ id, blocks }) =>
      blocks.flatMap(({ slots }) => slots.map((slot) => [slot.id, id] as const)),
    ),
  );
  const now: DrayDocument = {
    ...document,
    classes: document.classes.flatMap((one) => {
      const nth = numberOf(one);
      if (nth === undefined) return [];
      return nth === one.nth ? one : { ...one, nth, id: classId(one.sessionId, one.week, nth) };
    }),
    log: document.log.map((entry) => withNumber(entry, numberOf(entry))),
    visits: document.visits.map((visit) => withNumber(visit, numberOf(visit))),
    overrides: document.overrides.flatMap((override) => {
      const sessionId = sessionOf.get(override.slotId);
      const inWeek = (week: number) => {
        const recount = sessionId === undefined ? undefined : recountOf({ sessionId, week });
        // Where none is left it waits for one that is planned there again.
        return recount && recount.numbers.size > 0 ? recount : undefined;
      };
      return overrideRecounted(override, inWeek) ?? [];
    }),
  };
  return { ...now, classes: [...now.classes, ...recounts.flatMap((recount) => unwritten(now, recount))] };
}

/** Classes beside the plan of which sets are known and nothing else: without one of their own nobody would see them. */
function unwritten(document: DrayDocument, { sessionId, week, beside }: Recount): ClassHeld[] {
  const { classes, log, visits } = document;
  return beside.flatMap((nth) => {
    if (classes.some(({ id }) => id === classId(sessionId, week, nth))) return [];
    const written = [...log, ...visits].filter(
      (thing) => thing.sessionId === sessionId && thing.week === week && (thing.nth ?? 1) === nth,
    );
    const [first] = written;
    const there = written.map(({ participantId }) => participantId);
    return first ? heldClass(document, { sessionId, week, nth }, first.date, there) : [];
  });
}

/** The same thing with another number; the very same where it has that already. */
function withNumber<Thing extends Counted>(thing: Thing, now: number | undefined): Thing {
  const { nth = 1, ...rest } = thing;
  if (now === undefined || now === nth) return thing;
  return { ...rest, ...(now > 1 && { nth: now }) } as Thing;
}

/** The first or last class for which something is set by hand. */
interface End {
  readonly week: number;
  readonly nth?: number | undefined;
  /** Its place among its week's classes as they come. */
  readonly at: number;
}

/** What is set by hand, from the first of its classes that is left to the last; none where none is left. */
function overrideRecounted(
  override: Override,
  inWeek: (week: number) => Recount | undefined,
): Override | undefined {
  const { fromWeek, fromNth, toWeek, toNth, reviewOfWeek, reviewOfNth = 1, ...rest } = override;
  const [first, last, review] = [fromWeek, toWeek, reviewOfWeek].map((week) =>
    week === undefined ? undefined : inWeek(week),
  );
  if (!first && !last && !review) return override;
  const from = firstLeft({ week: fromWeek, nth: fromNth }, first);
  const to = toWeek === undefined ? undefined : lastLeft({ week: toWeek, nth: toNth }, last);
  if (to && (to.week < from.week || (to.week === from.week && to.at < from.at))) return undefined;
  const reviewed = review?.numbers.get(reviewOfNth) ?? reviewOfNth;
  return {
    ...rest,
    fromWeek: from.week,
    ...(from.nth !== undefined && from.nth > 1 && { fromNth: from.nth }),
    ...(to && { toWeek: to.week, ...(to.nth !== undefined && { toNth: to.nth }) }),
    ...(reviewOfWeek !== undefined && { reviewOfWeek, ...(reviewed > 1 && { reviewOfNth: reviewed }) }),
  };
}

function firstLeft({ week, nth = 1 }: Omit<End, 'at'>, recount: Recount | undefined): End {
  if (!recount) return { week, nth, at: nth };
  const { order, numbers } = recount;
  const stood = order.indexOf(nth);
  const at = order.findIndex((old, place) => place >= stood && numbers.has(old));
  return at < 0 ? { week: week + 1, at: 0 } : { week, nth: numbers.get(order[at] ?? nth), at };
}

function lastLeft({ week, nth }: Omit<End, 'at'>, recount: Recount | undefined): End {
  if (nth === undefined || !recount) return { week, nth, at: nth ?? Infinity };
  const { order, numbers } = recount;
  const stood = order.indexOf(nth);
  const at = order.findLastIndex((old, place) => place <= stood && numbers.has(old));
  return at < 0 ? { week: week - 1, at: Infinity } : { week, nth: numbers.get(order[at] ?? nth), at };
}
