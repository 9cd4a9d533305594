import {
  classDays,
  classId,
  dateIn,
  holidayOn,
  type ClassDay,
  type DrayDocument,
  type Holiday,
  type Program,
  type Session,
} from '@dray/core';
import type { RecoveryConflict } from '@dray/core/late';
import type { Ramp } from './effort-ramp';

/** One class in the calendar. */
export interface DayClass {
  readonly week: number;
  readonly index: number;
  readonly session: Session;
  readonly ramp: Ramp;
  readonly conflict: string;
  readonly logged: boolean;
  readonly date: string;
  readonly nth: number;
  readonly cancelled: boolean;
  /** Not as the plan has it: held, moved, cancelled or put in. */
  readonly own: boolean;
  /** Beside the plan. */
  readonly extra: boolean;
}

export interface CalendarDay {
  readonly weekday: number;
  readonly date: string;
  readonly today: boolean;
  readonly past: boolean;
  readonly holiday: Holiday | undefined;
  readonly classes: readonly DayClass[];
}

export interface CalendarWeek {
  readonly week: number;
  readonly lighter: boolean;
  readonly present: boolean;
  readonly days: readonly CalendarDay[];
}

/** What a calendar is drawn from, beside its program. */
export interface CalendarOf {
  readonly document: DrayDocument;
  readonly today: string;
  readonly presentWeek: number;
  /** In the order in which the program's weeks run. */
  readonly weekdays: readonly number[];
  readonly conflicts: readonly RecoveryConflict[];
  readonly ramps: ReadonlyMap<string, { readonly full: Ramp; readonly lighter: Ramp }>;
}

/** A program’s weeks by days, with every class on the day on which it is or was held. */
export function calendarOf(program: Program, of: CalendarOf): readonly CalendarWeek[] {
  const { document, today, presentWeek, weekdays } = of;
  const onDay = new Map<string, ClassDay[]>();
  for (const day of classDays(program, document.classes)) {
    onDay.set(day.date, [...(onDay.get(day.date) ?? []), day]);
  }
  const dayClass = dayClassIn(program, of);
  return program.weeks.map(({ week, lighter = false }) => ({
    week,
    lighter,
    present: week === presentWeek,
    days: weekdays.map((weekday): CalendarDay => {
      const date = dateIn(program, week, weekday);
      return {
        weekday,
        date,
        today: date === today,
        past: date < today,
        holiday: holidayOn(program, date),
        classes: (onDay.get(date) ?? []).flatMap((day) => dayClass(day, date)),
      };
    }),
  }));
}

/** How a class is shown on its day; a session that is gone has none. */
function dayClassIn(program: Program, { document, conflicts, ramps }: CalendarOf) {
  const sessions = new Map(document.sessions.map((session) => [session.id, session]));
  const held = new Set(document.classes.map(({ id }) => id));
  const logged = new Set(document.log.map(({ sessionId, week, nth }) => classId(sessionId, week, nth)));
  const planned = new Map(program.weeks.map(({ week, days }) => [week, days.length]));
  return (day: ClassDay, date: string): DayClass[] => {
    const session = sessions.get(day.sessionId);
    const ramp = ramps.get(day.sessionId)?.[day.lighter ? 'lighter' : 'full'];
    if (!session || !ramp) return [];
    const isIt = (one: { readonly week: number; readonly place: number }) =>
      one.week === day.week && one.place === day.place;
    const id = classId(day.sessionId, day.week, day.nth);
    return [
      {
        week: day.week,
        index: day.place,
        session,
        ramp,
        conflict: conflicts.find(({ before, after }) => isIt(before) || isIt(after))?.words ?? '',
        logged: logged.has(id),
        date,
        nth: day.nth,
        cancelled: day.cancelled,
        own: held.has(id),
        extra: day.place >= (planned.get(day.week) ?? 0),
      },
    ];
  };
}
