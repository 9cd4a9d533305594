import {
  LEAST_WEEKS,
  MOST_WEEKS,
  type DrayDocument,
  type Holiday,
  type Program,
  type ProgramWeek,
  type Session,
} from '../model';
import { copyOfSession } from '../plan';

/**
 * A program with one week changed.
 *
 * @param program to be changed
 * @param week its number, from 1
 * @param change what becomes of it
 * @example editWeek(program, 3, (week) => ({ ...week, lighter: true }))
 */
export function editWeek(
  program: Program,
  week: number,
  change: (week: ProgramWeek) => ProgramWeek,
): Program {
  return {
    ...program,
    weeks: program.weeks.map((planned) => (planned.week === week ? change(planned) : planned)),
  };
}

/**
 * Puts a class of a week on another day; from that week on when `onwards`, as far as the same class stands on the same day
 * there.
 *
 * @param program to be changed
 * @param move which class of which week, to which weekday; from then on when `onwards`
 * @example moveDay(program, { week: 2, place: 1, weekday: 6 })
 */
export function moveDay(
  program: Program,
  { week, place, weekday, onwards }: { week: number; place: number; weekday: number; onwards?: boolean },
): Program {
  const moved = program.weeks.find((planned) => planned.week === week)?.days[place];
  if (!moved) return program;
  return {
    ...program,
    weeks: program.weeks.map((planned) => {
      if (planned.week !== week && !(onwards && planned.week > week)) return planned;
      const days = planned.days.map((day, index) => {
        const same =
          planned.week === week
            ? index === place
            : day.sessionId === moved.sessionId && day.weekday === moved.weekday;
        return same ? { ...day, weekday } : day;
      });
      return { ...planned, days };
    }),
  };
}

/**
 * As many weeks as asked, from 2 to 16: new ones are like the last, those past the end go.
 *
 * @param program to be changed
 * @param count how many weeks it is to have
 * @example withWeeks(program, 12).weeks.length // 12
 */
export function withWeeks(program: Program, count: number): Program {
  const weeks = Math.max(LEAST_WEEKS, Math.min(MOST_WEEKS, Math.round(count)));
  const last = program.weeks.at(-1);
  return {
    ...program,
    weeks: Array.from({ length: weeks }, (_, before): ProgramWeek => {
      const planned = program.weeks[before];
      return planned ?? { week: before + 1, days: last?.days ?? [] };
    }),
  };
}

/**
 * A program again from another day on: the same weeks, without its holidays.
 *
 * @param program to be copied
 * @param other its new id, name and first day
 * @example copyOfProgram(autumn, { id: 'spring', name: 'Spring', startDate: '2027-03-02' })
 */
export function copyOfProgram(
  program: Program,
  { id, name, startDate }: Pick<Program, 'id' | 'name' | 'startDate'>,
): Program {
  const { holidays: _, archived: __, ...rest } = program;
  return { ...rest, id, name, startDate };
}

/**
 * A program once more, with sessions of its own: classes are counted by session, so each program's stay apart. What everybody
 * can do by now they bring along; what was set by hand in the old sessions stays there.
 *
 * @param document with the program and its sessions
 * @param program to be done again
 * @param other its new id, name and first day, what a session is called the second time, and where ids come from
 * @example programAgain(document, autumn, { ...other, nameOf: (name) => `${name}, again`, newId }).sessions.length // 3
 */
export function programAgain(
  { sessions }: Pick<DrayDocument, 'sessions'>,
  program: Program,
  {
    nameOf,
    newId,
    ...other
  }: Pick<Program, 'id' | 'name' | 'startDate'> & {
    readonly nameOf: (name: string) => string;
    readonly newId: () => string;
  },
): { readonly program: Program; readonly sessions: Session[] } {
  const held = new Set(program.weeks.flatMap(({ days }) => days.map(({ sessionId }) => sessionId)));
  const old = sessions.filter(({ id }) => held.has(id));
  const fresh = old.map(({ archived: _, ...session }) => copyOfSession(session, nameOf(session.name), newId));
  const ids = new Map(old.map(({ id }, at) => [id, fresh[at]?.id ?? id]));
  const copy = copyOfProgram(program, other);
  return {
    sessions: fresh,
    program: {
      ...copy,
      weeks: copy.weeks.map((week) => ({
        ...week,
        days: week.days.map((day) => ({ ...day, sessionId: ids.get(day.sessionId) ?? day.sessionId })),
      })),
    },
  };
}

/**
 * Days without class, put among the others in order.
 *
 * @param program to be changed
 * @param holiday from and to which day
 * @example withHoliday(program, { from: '2026-12-24', to: '2027-01-02' })
 */
export function withHoliday(program: Program, holiday: Holiday): Program {
  const holidays = [...(program.holidays ?? []), holiday].sort((a, b) => (a.from < b.from ? -1 : 1));
  return { ...program, holidays };
}

/**
 * One of the holidays taken out again.
 *
 * @param program to be changed
 * @param place of the holiday among the others, from 0
 * @example withoutHoliday(program, 0).holidays // undefined when it was the only one
 */
export function withoutHoliday(program: Program, place: number): Program {
  const holidays = (program.holidays ?? []).filter((_, index) => index !== place);
  const { holidays: _, ...rest } = program;
  return holidays.length > 0 ? { ...rest, holidays } : rest;
}
