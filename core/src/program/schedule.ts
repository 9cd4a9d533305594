import type {
  ClassHeld,
  DrayDocument,
  Holiday,
  Program,
  ProgramDay,
  ProgramWeek,
  Scheme,
  Slot,
} from '../model';
import { addDays, daysBetween, weekdayOf } from '../units';

/** Weeks shown for a session that stands in no program. */
export const DEFAULT_WEEKS = 4;

/** Where neither the slot nor a program says how work grows. */
export const DEFAULT_SCHEME: Scheme = { kind: 'repsThenLoad', stepReps: 2, capPercent: 10 };

/**
 * The program a session stands in: one that is not archived, the first if there are several.
 *
 * @param document with its programs
 * @param sessionId to look for
 * @example programOf(document, 'tuesday')?.id // 'autumn'
 */
export function programOf(document: DrayDocument, sessionId: string): Program | undefined {
  const standsIn = ({ weeks }: Program) =>
    weeks.some(({ days }) => days.some((day) => day.sessionId === sessionId));
  return (
    document.programs.find((program) => !program.archived && standsIn(program)) ??
    document.programs.find(standsIn)
  );
}

/**
 * How many weeks a session runs.
 *
 * @param document with its programs
 * @param sessionId to look for
 * @example weeksOf(document, 'tuesday') // 8
 */
export function weeksOf(document: DrayDocument, sessionId: string): number {
  const program = programOf(document, sessionId);
  if (program) return program.weeks.length;
  // Outside any program classes are counted as they are held, and there is always one more to come.
  const held = document.classes.filter((one) => one.sessionId === sessionId).map(({ week }) => week);
  return Math.max(DEFAULT_WEEKS, ...held.map((week) => week + 1));
}

/**
 * How a slot grows: its own scheme, else the program's.
 *
 * @param slot that may have its own
 * @param program it stands in
 * @example schemeOf(slot, program).kind // 'repsThenLoad'
 */
export function schemeOf(slot: Slot, program: Program | undefined): Scheme {
  return slot.scheme ?? program?.scheme ?? DEFAULT_SCHEME;
}

/**
 * A session's place among those of a program, from 0, in the order in which they first come.
 *
 * @param program it stands in
 * @param sessionId to look for
 * @example placeInProgram(program, 'friday') // 1
 */
export function placeInProgram(program: Program | undefined, sessionId: string): number {
  const order = new Set(program?.weeks.flatMap(({ days }) => days.map((day) => day.sessionId)));
  return Math.max(0, [...order].indexOf(sessionId));
}

const DAYS_A_WEEK = 7;

/** A day of a program's week; on the axis of a session's classes with its own date, see `inTurns`. */
export interface PlannedDay extends ProgramDay {
  readonly date?: string;
  /** It falls out, whatever the holidays say. */
  readonly off?: boolean;
}

/** A week of a program; on the axis of a session's classes with the week it is of. */
export interface PlannedWeek extends ProgramWeek {
  readonly ofWeek?: number;
}

/** One class on one day. */
export interface ClassDay {
  readonly date: string;
  readonly week: number;
  readonly weekday: number;
  readonly sessionId: string;
  /** Its place in the program's week, which its event in a calendar is known by. */
  readonly place: number;
  /** Which of its session's classes in that week. */
  readonly nth: number;
  readonly startTime?: string | undefined;
  readonly lighter: boolean;
  /** Set when it falls out. */
  readonly holiday?: Holiday | undefined;
  readonly cancelled: boolean;
  /** Not on the day it was planned for. */
  readonly moved: boolean;
}

/**
 * The date of a weekday in a week of a program: its weeks begin on the weekday it starts on.
 *
 * @param program with its first day
 * @param week from 1
 * @param weekday 1 is Monday
 * @example dateIn({ startDate: '2026-11-24' }, 1, 1) // '2026-11-30'
 */
export function dateIn(program: Pick<Program, 'startDate'>, week: number, weekday: number): string {
  const { startDate } = program;
  const into = (weekday - weekdayOf(startDate) + DAYS_A_WEEK) % DAYS_A_WEEK;
  return addDays(startDate, (week - 1) * DAYS_A_WEEK + into);
}

/**
 * The date of a day of a week: its own, or that of its weekday.
 *
 * @param program on the calendar
 * @param week its number, from 1
 * @param day of that week
 * @example dayDate(program, 1, { weekday: 2, sessionId: 'tuesday' }) // '2026-11-24'
 */
export function dayDate(program: Program, week: number, day: PlannedDay): string {
  return day.date ?? dateIn(program, week, day.weekday);
}

/**
 * Every class of a program in order of date, those that fall out included. Classes that were moved, cancelled or put in beside the
 * plan stand where they were put; those from before the program began are of another one.
 *
 * @param program on the calendar
 * @param classes of the document, where they matter
 * @example classDays(program)[0]?.date // '2026-11-24'
 */
export function classDays(program: Program, classes: readonly ClassHeld[] = []): ClassDay[] {
  const held = new Map(
    classes
      .filter(({ date, week }) => date >= program.startDate && week <= program.weeks.length)
      .map((one) => [`${one.sessionId} ${one.week} ${one.nth}`, one]),
  );
  const planned = program.weeks.flatMap(({ week, days, lighter = false }) => {
    const counts = new Map<string, number>();
    return days.map((day, place): ClassDay => {
      const { sessionId, weekday } = day;
      const nth = (counts.get(sessionId) ?? 0) + 1;
      counts.set(sessionId, nth);
      const key = `${sessionId} ${week} ${nth}`;
      const known = held.get(key);
      held.delete(key);
      const plannedFor = dayDate(program, week, day);
      const date = known?.date ?? plannedFor;
      return {
        date,
        week,
        weekday: known ? weekdayOf(date) : weekday,
        sessionId,
        place,
        nth,
        startTime: known?.startTime ?? program.startTime,
        lighter,
        // What was held was held, holiday or not.
        holiday: known && date !== plannedFor ? undefined : holidayOn(program, date),
        cancelled: known?.cancelled ?? false,
        moved: date !== plannedFor,
      };
    });
  });
  const sessions = new Set(program.weeks.flatMap(({ days }) => days.map(({ sessionId }) => sessionId)));
  const extra = [...held.values()]
    .filter(({ sessionId }) => sessions.has(sessionId))
    .map((one): ClassDay => {
      const { date, week, nth, sessionId, startTime, cancelled = false } = one;
      const lighter = programWeek(program, week)?.lighter ?? false;
      const place = (programWeek(program, week)?.days.length ?? 0) + nth;
      const weekday = weekdayOf(date);
      return { date, week, weekday, sessionId, place, nth, startTime, lighter, cancelled, moved: false };
    });
  return [...planned, ...extra].sort((a, b) =>
    a.date < b.date ? -1 : a.date > b.date ? 1 : a.place - b.place,
  );
}

/**
 * The week of a program that a week or class is of, where they are counted by classes.
 *
 * @param program it is counted in
 * @param week or class, from 1
 * @example weekBehind(program, 3) // 3; on the axis of classes twice a week, 2
 */
export function weekBehind(program: Program | undefined, week: number): number {
  return (programWeek(program, week) as PlannedWeek | undefined)?.ofWeek ?? week;
}

/**
 * The holiday a day falls into, if any.
 *
 * @param program with its holidays
 * @param date ISO date
 * @example holidayOn(program, '2026-12-25')?.name // 'winter'
 */
export function holidayOn({ holidays = [] }: Program, date: string): Holiday | undefined {
  return holidays.find(({ from, to }) => from <= date && date <= to);
}

/**
 * The week of a program a date lies in, held to its first and last.
 *
 * @param program on the calendar
 * @param date ISO date
 * @example weekOn({ ...program, startDate: '2026-11-24' }, '2026-12-07') // 2
 */
export function weekOn(program: Program, date: string): number {
  const week = Math.floor(daysBetween(program.startDate, date) / DAYS_A_WEEK) + 1;
  return Math.max(1, Math.min(program.weeks.length, week));
}

/**
 * The day for one more class in a week: of those with none, the one furthest from every other class, those of the weeks before
 * and after included (like this one where the program has none); the earlier of two alike. Undefined when no day is left. Common
 * practice.
 *
 * @param program to look at
 * @param week its number, from 1
 * @param sessionId whose own days do not count
 * @param today days before it are over
 * @example roomiestWeekday(program, 1, {}) // 7, with classes on Tuesday and Friday
 */
export function roomiestWeekday(
  program: Program,
  week: number,
  { sessionId, today = '' }: { readonly sessionId?: string; readonly today?: string },
): number | undefined {
  const first = weekdayOf(program.startDate);
  const dayOf = (inWeek: number, weekday: number) =>
    inWeek * DAYS_A_WEEK + ((weekday - first + DAYS_A_WEEK) % DAYS_A_WEEK);
  const others = [week - 1, week, week + 1].flatMap(
    (inWeek) =>
      (programWeek(program, inWeek) ?? programWeek(program, week))?.days
        .filter((day) => day.sessionId !== sessionId)
        .map(({ weekday }) => dayOf(inWeek, weekday)) ?? [],
  );
  const days = Array.from({ length: DAYS_A_WEEK }, (_, into) => {
    const day = week * DAYS_A_WEEK + into;
    return { into, room: Math.min(DAYS_A_WEEK, ...others.map((other) => Math.abs(other - day))) };
  });
  const [best] = days
    .map(({ into, room }) => ({ into, room, weekday: ((first - 1 + into) % DAYS_A_WEEK) + 1 }))
    .filter(({ room, weekday }) => room > 0 && dateIn(program, week, weekday) >= today)
    .sort((a, b) => b.room - a.room || a.into - b.into);
  return best?.weekday;
}

/**
 * Whether a session stands in a week of its program; where no program knows it, in every week.
 *
 * @param program it may stand in
 * @param sessionId to look for
 * @param week its number, from 1
 * @example standsIn(undefined, 'tuesday', 3) // true
 */
export function standsIn(program: Program | undefined, sessionId: string, week: number): boolean {
  return !program || (programWeek(program, week)?.days.some((day) => day.sessionId === sessionId) ?? false);
}

/**
 * The next week in which a session stands; undefined after its last.
 *
 * @param document with its programs
 * @param sessionId to look for
 * @param week after which
 * @example nextWeekOf(document, 'tuesday', 3) // 4
 */
export function nextWeekOf(document: DrayDocument, sessionId: string, week: number): number | undefined {
  const program = programOf(document, sessionId);
  for (let next = week + 1; next <= weeksOf(document, sessionId); next += 1) {
    if (standsIn(program, sessionId, next)) return next;
  }
  return undefined;
}

/**
 * A week of a program by its number.
 *
 * @param program to look in
 * @param week its number, from 1
 * @example programWeek(program, 3)?.lighter // true
 */
export function programWeek(program: Program | undefined, week: number): ProgramWeek | undefined {
  return program?.weeks.find((planned) => planned.week === week);
}

/**
 * Whether a session is not held at all in a week of its program.
 *
 * @param program on the calendar
 * @param sessionId to look for
 * @param week its number, from 1
 * @example fallsOut(program, 'tuesday', 5) // true, in the holidays
 */
export function fallsOut(program: Program, sessionId: string, week: number): boolean {
  const days: PlannedDay[] =
    programWeek(program, week)?.days.filter((day) => day.sessionId === sessionId) ?? [];
  return days.every((day) => day.off ?? holidayOn(program, dayDate(program, week, day)) !== undefined);
}

/**
 * The last week in which all days of a session are over; 0 before the first, and where no day is known.
 *
 * @param program on the calendar
 * @param sessionId to look for
 * @param today ISO date; none knows of no past
 * @example pastWeeks(program, 'tuesday', '2026-12-02') // 1
 */
export function pastWeeks(
  program: Program | undefined,
  sessionId: string,
  today: string | undefined,
): number {
  if (!program || today === undefined) return 0;
  let past = 0;
  for (const { week, days } of program.weeks) {
    const ofSession = days.filter((day) => day.sessionId === sessionId);
    if (ofSession.some((day) => dayDate(program, week, day) >= today)) break;
    if (ofSession.length > 0) past = week;
  }
  return past;
}

/**
 * A program without a session on the days that are still to come; what was held stays.
 *
 * @param program to be changed
 * @param sessionId that comes no more
 * @param from the first day it falls out on
 * @example withoutSessionFrom(autumn, 'friday', '2026-12-01')
 */
export function withoutSessionFrom(program: Program, sessionId: string, from: string): Program {
  const falls = (week: number, day: ProgramDay) =>
    day.sessionId === sessionId && dateIn(program, week, day.weekday) >= from;
  if (!program.weeks.some(({ week, days }) => days.some((day) => falls(week, day)))) return program;
  return {
    ...program,
    weeks: program.weeks.map((planned) => ({
      ...planned,
      days: planned.days.filter((day) => !falls(planned.week, day)),
    })),
  };
}
