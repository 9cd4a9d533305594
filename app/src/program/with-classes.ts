import {
  cancelClass,
  classId,
  dateIn,
  MOST_DAYS_A_WEEK,
  moveClass,
  programWeek,
  WEEKDAY_WORDS,
  type ProgramDay,
  type Session,
} from '@dray/core';
import { moveDay, placeBetween, replanDays } from '@dray/core/late';
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
          const program = store.program();
          if (!program) return;
          const from = (own: number) => own === week || (store.onwards() && own > week);
          store.documents.edit($localize`one more class`, (document) =>
            replanDays(document, program.id, ({ week: own, days }) =>
              from(own) && days.length < MOST_DAYS_A_WEEK ? [...days, { weekday, sessionId }] : days,
            ),
          );
        },
        /** An easy session between the hard days of every week from this one on. */
        between(session: Session): void {
          const program = store.program();
          if (!program) return;
          const placed = placeBetween(program, session.id, store.view.today());
          store.documents.edit($localize`${session.name} between`, (document) =>
            replanDays(document, program.id, ({ week, days }) => programWeek(placed, week)?.days ?? days),
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
          const goes = (own: number, day: ProgramDay, at: number) =>
            own === week
              ? at === index
              : store.onwards() &&
                own > week &&
                day.sessionId === gone?.sessionId &&
                day.weekday === gone.weekday;
          // One that is beside the plan and logged is what was done.
          if (!one || !program || (one.extra && one.logged)) return;
          const id = classId(one.session.id, week, one.nth);
          store.documents.edit($localize`a class less`, (document) =>
            one.extra
              ? { ...document, classes: document.classes.filter((other) => other.id !== id) }
              : replanDays(document, program.id, ({ week: own, days }) =>
                  days.filter((day, at) => !goes(own, day, at)),
                ),
          );
          patchState(store, { at: undefined });
        },
      };
    }),
  );
}
