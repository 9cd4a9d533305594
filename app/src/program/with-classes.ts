import {
  cancelClass,
  classId,
  dateIn,
  moveClass,
  programWeek,
  WEEKDAY_WORDS,
  type PlannedDay,
  type Program,
  type Session,
} from '@dray/core';
import { moveDay, placeBetween } from '@dray/core/late';
import type { Signal } from '@angular/core';
import { patchState, signalStoreFeature, type, withMethods } from '@ngrx/signals';
import type { CalendarWeek } from './calendar';
import type { Change, ProgramProps, ProgramState } from './program-store';

interface CalendarProps extends ProgramProps {
  readonly calendar: Signal<readonly CalendarWeek[]>;
}

/**
 * What is done with the classes on a program’s days.
 *
 * The type nobody uses is what the library asks of a feature that rests on another, see `withRoving`.
 */
export function withClasses<_>() {
  return signalStoreFeature(
    { state: type<ProgramState>(), props: type<CalendarProps>(), methods: type<{ change: Change }>() },
    withMethods((store) => {
      const classes = () => store.calendar().flatMap(({ days }) => days.flatMap((day) => day.classes));
      const classAt = (week: number, index: number) =>
        classes().find((one) => one.week === week && one.index === index);

      return {
        /** A class to another weekday, in its own week; one that is not as planned any more goes alone, with its log. */
        move(week: number, index: number, weekday: number | undefined): void {
          const program = store.program();
          if (weekday === undefined || !program) return;
          const words = WEEKDAY_WORDS[weekday - 1] ?? '';
          const one = classAt(week, index);
          if (one?.own) {
            const place = { sessionId: one.session.id, week, nth: one.nth };
            store.documents.edit($localize`to ${words}`, (document) =>
              moveClass(document, place, dateIn(program, week, weekday)),
            );
            return;
          }
          store.change($localize`to ${words}`, (program) =>
            moveDay(program, { week, place: index, weekday, onwards: store.onwards() }),
          );
        },
        add(week: number, weekday: number, sessionId: string): void {
          if (sessionId === '') return;
          const from = (own: number) => own === week || (store.onwards() && own > week);
          store.change($localize`one more class`, (program) => ({
            ...program,
            weeks: program.weeks.map((own) =>
              from(own.week) && own.days.length < 14
                ? { ...own, days: [...own.days, { weekday, sessionId }] }
                : own,
            ),
          }));
        },
        /** An easy session between the hard days of every week from this one on. */
        between(session: Session): void {
          store.change($localize`${session.name} between`, (program) =>
            placeBetween(program, session.id, store.view.today()),
          );
        },
        /** A class falls out on its day, or is held after all. */
        cancel(week: number, index: number, cancelled: boolean): void {
          const one = classAt(week, index);
          if (!one) return;
          const place = { sessionId: one.session.id, week, nth: one.nth };
          store.documents.edit(
            cancelled ? $localize`class cancelled` : $localize`class held after all`,
            (document) => cancelClass(document, place, one.date, cancelled),
          );
        },

        /** With those after it, where that is chosen; what was done of one stays. */
        takeOut(week: number, index: number): void {
          const one = classAt(week, index);
          const program = store.program();
          const gone = programWeek(program, week)?.days[index];
          const goes = (own: number, day: PlannedDay | undefined, at: number) =>
            own === week
              ? at === index
              : store.onwards() &&
                own > week &&
                gone !== undefined &&
                day?.sessionId === gone.sessionId &&
                day.weekday === gone.weekday;
          const taken = classes().filter(
            ({ week: own, index: at, logged }) =>
              !logged && goes(own, programWeek(program, own)?.days[at], at),
          );
          // One that is beside the plan and logged is what was done.
          if (!program || (one?.extra && taken.length === 0)) return;
          const ids = new Set(taken.map(({ session, week: own, nth }) => classId(session.id, own, nth)));
          store.documents.edit($localize`a class less`, (document) => ({
            ...document,
            classes: document.classes.filter(({ id }) => !ids.has(id)),
            programs: document.programs.map((other) =>
              other.id === program.id ? editDays(other, (day, own, at) => !goes(own, day, at)) : other,
            ),
          }));
          patchState(store, { at: undefined });
        },
      };
    }),
  );
}

/** A program with those of its days that are kept; a week of which all are is the same week. */
function editDays(program: Program, kept: (day: PlannedDay, week: number, at: number) => boolean): Program {
  const weeks = program.weeks.map((own) => {
    const days = own.days.filter((day, at) => kept(day, own.week, at));
    return days.length === own.days.length ? own : { ...own, days };
  });
  return { ...program, weeks };
}
