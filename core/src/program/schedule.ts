import type { DrayDocument, Holiday, Program, ProgramWeek, Scheme, Slot } from '../model';
import { addDays, daysBetween, weekdayOf } from '../units';

/** Weeks shown for a session that stands in no program. */
export const DEFAULT_WEEKS = 4;

/** Where neither the slot nor a program says how work grows. */
export const DEFAULT_SCHEME: Scheme = { kind: 'repsThenLoad', stepReps: 2, capPercent: 10 };

/** The program a session stands in, the first one if there are several. */
export function programOf(document: DrayDocument, sessionId: string): Program | undefined {
  return document.programs.find(({ weeks }) =>
    weeks.some(({ days }) => days.some((day) => day.sessionId === sessionId)),
  );
}

/** How many weeks a session runs. */
export function weeksOf(document: DrayDocument, sessionId: string): number {
  return programOf(document, sessionId)?.weeks.length ?? DEFAULT_WEEKS;
}

/** How a slot grows: its own scheme, else the program's. */
export function schemeOf(slot: Slot, program: Program | undefined): Scheme {
  return slot.scheme ?? program?.scheme ?? DEFAULT_SCHEME;
}

/** A session's place among those of a program, from 0, in the order in which they first come. */
export function placeInProgram(program: Program | undefined, sessionId: string): number {
  const order = new Set(program?.weeks.flatMap(({ days }) => days.map((day) => day.sessionId)));
  return Math.max(0, [...order].indexOf(sessionId));
}

const DAYS_A_WEEK = 7;

/** One class on one day. */
export interface ClassDay {
  readonly date: string;
  readonly week: number;
  readonly weekday: number;
  readonly sessionId: string;
  /** Its place in the program's week, which its event in a calendar is known by. */
  readonly at: number;
  readonly lighter: boolean;
  /** Set when it falls out. */
  readonly holiday?: Holiday | undefined;
}

/** The date of a weekday in a week of a program: its weeks begin on the weekday it starts on. */
export function dateIn(program: Pick<Program, 'startDate'>, week: number, weekday: number): string {
  const { startDate } = program;
  const into = (weekday - weekdayOf(startDate) + DAYS_A_WEEK) % DAYS_A_WEEK;
  return addDays(startDate, (week - 1) * DAYS_A_WEEK + into);
}

/** Every class of a program in order of date, those that fall out included. */
export function classDays(program: Program): ClassDay[] {
  return program.weeks
    .flatMap(({ week, days, lighter = false }) =>
      days.map(({ weekday, sessionId }, at): ClassDay => {
        const date = dateIn(program, week, weekday);
        return { date, week, weekday, sessionId, at, lighter, holiday: holidayOn(program, date) };
      }),
    )
    .sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : a.at - b.at));
}

export function holidayOn({ holidays = [] }: Program, date: string): Holiday | undefined {
  return holidays.find(({ from, to }) => from <= date && date <= to);
}

/** The week of a program a date lies in, held to its first and last. */
export function weekOn(program: Program, date: string): number {
  const week = Math.floor(daysBetween(program.startDate, date) / DAYS_A_WEEK) + 1;
  return Math.max(1, Math.min(program.weeks.length, week));
}

/**
 * The day for one more class in a week: of those with none, the one furthest from every other class, those of the weeks before
 * and after included (like this one where the program has none); the earlier of two alike. Undefined when no day is left. Common
 * practice.
 *
 * @param sessionId whose own days do not count
 * @param today days before it are over
 */
export function roomiestWeekday(
  program: Program,
  week: number,
  { sessionId, today = '' }: { readonly sessionId?: string; readonly today?: string },
): number | undefined {
  const first = weekdayOf(program.startDate);
  const dayOf = (at: number, weekday: number) =>
    at * DAYS_A_WEEK + ((weekday - first + DAYS_A_WEEK) % DAYS_A_WEEK);
  const others = [week - 1, week, week + 1].flatMap(
    (at) =>
      (programWeek(program, at) ?? programWeek(program, week))?.days
        .filter((day) => day.sessionId !== sessionId)
        .map(({ weekday }) => dayOf(at, weekday)) ?? [],
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

/** Whether a session stands in a week of its program; where no program knows it, in every week. */
export function standsIn(program: Program | undefined, sessionId: string, week: number): boolean {
  return !program || (programWeek(program, week)?.days.some((day) => day.sessionId === sessionId) ?? false);
}

/** The next week in which a session stands; undefined after its last. */
export function nextWeekOf(document: DrayDocument, sessionId: string, week: number): number | undefined {
  const program = programOf(document, sessionId);
  for (let next = week + 1; next <= weeksOf(document, sessionId); next += 1) {
    if (standsIn(program, sessionId, next)) return next;
  }
  return undefined;
}

/** A week of a program by its number. */
export function programWeek(program: Program | undefined, week: number): ProgramWeek | undefined {
  return program?.weeks.find((own) => own.week === week);
}

/** Whether a session is not held at all in a week of its program. */
export function fallsOut(program: Program, sessionId: string, week: number): boolean {
  const days = programWeek(program, week)?.days.filter((day) => day.sessionId === sessionId) ?? [];
  return days.every(({ weekday }) => holidayOn(program, dateIn(program, week, weekday)) !== undefined);
}

/** The last week in which all days of a session are over; 0 before the first, and where no day is known. */
export function pastWeeks(
  program: Program | undefined,
  sessionId: string,
  today: string | undefined,
): number {
  if (!program || today === undefined) return 0;
  let past = 0;
  for (const { week, days } of program.weeks) {
    const own = days.filter((day) => day.sessionId === sessionId);
    if (own.some(({ weekday }) => dateIn(program, week, weekday) >= today)) break;
    if (own.length > 0) past = week;
  }
  return past;
}
