import { LEAST_WEEKS, MOST_WEEKS, type Holiday, type Program, type ProgramWeek } from '../model';

/** A program with one week changed. */
export function editWeek(
  program: Program,
  week: number,
  change: (week: ProgramWeek) => ProgramWeek,
): Program {
  return { ...program, weeks: program.weeks.map((own) => (own.week === week ? change(own) : own)) };
}

/**
 * Puts a class of a week on another day; from that week on when `onwards`, as far as the same class stands on the same day
 * there.
 */
export function moveDay(
  program: Program,
  { week, at, weekday, onwards }: { week: number; at: number; weekday: number; onwards?: boolean },
): Program {
  const moved = program.weeks.find((own) => own.week === week)?.days[at];
  if (!moved) return program;
  return {
    ...program,
    weeks: program.weeks.map((own) => {
      if (own.week !== week && !(onwards && own.week > week)) return own;
      const days = own.days.map((day, index) => {
        const same =
          own.week === week
            ? index === at
            : day.sessionId === moved.sessionId && day.weekday === moved.weekday;
        return same ? { ...day, weekday } : day;
      });
      return { ...own, days };
    }),
  };
}

/** As many weeks as asked, from 2 to 16: new ones are like the last, those past the end go. */
export function withWeeks(program: Program, count: number): Program {
  const weeks = Math.max(LEAST_WEEKS, Math.min(MOST_WEEKS, Math.round(count)));
  const last = program.weeks.at(-1);
  return {
    ...program,
    weeks: Array.from({ length: weeks }, (_, at): ProgramWeek => {
      const own = program.weeks[at];
      return own ?? { week: at + 1, days: last?.days ?? [] };
    }),
  };
}

/** A program again from another day on: the same weeks, without its holidays. */
export function copyOfProgram(
  program: Program,
  { id, name, startDate }: Pick<Program, 'id' | 'name' | 'startDate'>,
): Program {
  const { holidays: _, ...rest } = program;
  return { ...rest, id, name, startDate };
}

export function withHoliday(program: Program, holiday: Holiday): Program {
  const holidays = [...(program.holidays ?? []), holiday].sort((a, b) => (a.from < b.from ? -1 : 1));
  return { ...program, holidays };
}

export function withoutHoliday(program: Program, at: number): Program {
  const holidays = (program.holidays ?? []).filter((_, index) => index !== at);
  const { holidays: _, ...rest } = program;
  return holidays.length > 0 ? { ...rest, holidays } : rest;
}
