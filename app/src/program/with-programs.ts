import {
  addDays,
  classDays,
  dateIn,
  nameFrom,
  weekdayOf,
  type Holiday,
  type Program,
  type Scheme,
} from '@dray/core';
import { editWeek, mondayOf, programAgain, withHoliday, withoutHoliday, withWeeks } from '@dray/core/late';
import { patchState, signalStoreFeature, type, withMethods } from '@ngrx/signals';
import { counted } from '../ui/count';
import type { Change, ProgramProps, ProgramState } from './program-store';

const NEW_SCHEME: Scheme = { kind: 'repsThenLoad', stepReps: 2, capPercent: 10 };

/**
 * What is done with a program as a whole: its weeks, how it grows, when nobody comes, another after it.
 *
 * The type nobody uses is what the library asks of a feature that rests on another, see `withRoving`.
 */
export function withPrograms<_>() {
  return signalStoreFeature(
    { state: type<ProgramState>(), props: type<ProgramProps>(), methods: type<{ change: Change }>() },
    withMethods((store) => {
      return {
        setLighter(week: number, lighter: boolean): void {
          store.change(
            lighter ? $localize`week ${week} lighter` : $localize`week ${week} as planned`,
            (program) =>
              editWeek(program, week, ({ lighter: _, ...own }) => (lighter ? { ...own, lighter } : own)),
          );
        },
        rename(name: string): void {
          store.change($localize`name`, (program) => ({ ...program, name }));
        },
        begin(startDate: string): void {
          // Weeks begin on Monday, whatever day of one was chosen.
          store.change($localize`begins ${startDate}`, (program) => ({
            ...program,
            startDate: mondayOf(startDate),
          }));
        },
        setTime(time: string | undefined): void {
          store.change($localize`time of day`, ({ startTime: _, ...program }) =>
            time ? { ...program, startTime: time } : program,
          );
        },
        lengthen(weeks: number | undefined): void {
          if (weeks !== undefined)
            store.change(counted(weeks, $localize`week`, $localize`weeks`), (program) =>
              withWeeks(program, weeks),
            );
        },
        grow(scheme: Scheme | undefined): void {
          if (scheme) store.change($localize`how it grows`, (program) => ({ ...program, scheme }));
        },
        cap(wholeCapPercent: number | undefined): void {
          if (wholeCapPercent === undefined) return;
          store.change($localize`${wholeCapPercent} % a week at the most`, (program) => ({
            ...program,
            wholeCapPercent,
          }));
        },
        close(holiday: Holiday): void {
          store.change($localize`closed`, (program) => withHoliday(program, holiday));
        },
        reopen(at: number): void {
          store.change($localize`open again`, (program) => withoutHoliday(program, at));
        },

        /** The same again from the week after its end, or a new one of four weeks with nothing on their days yet. */
        create(): void {
          const id = crypto.randomUUID();
          const again = (name: string) => nameFrom(name, (own) => $localize`${own}, again`);
          const document = store.documents.document();
          const old = store.program();
          const fresh =
            old && document
              ? programAgain(document, old, {
                  id,
                  name: again(old.name),
                  startDate: mondayAfter(old),
                  nameOf: again,
                  newId: () => crypto.randomUUID(),
                })
              : { program: emptyProgram(id, store.view.today()), sessions: [] };
          store.documents.edit($localize`new: ${fresh.program.name}`, (document) => ({
            ...document,
            sessions: [...document.sessions, ...fresh.sessions],
            programs: [...document.programs, fresh.program],
          }));
          patchState(store, { chosenId: id, at: undefined });
        },
        remove(): void {
          const id = store.program()?.id;
          store.documents.edit($localize`delete the program`, (document) => ({
            ...document,
            programs: document.programs.filter((program) => program.id !== id),
          }));
          patchState(store, { chosenId: undefined, at: undefined });
        },
      };
    }),
  );
}

function emptyProgram(id: string, today: string): Program {
  const weeks = Array.from({ length: 4 }, (_, before) => ({ week: before + 1, days: [] }));
  return { id, name: $localize`A new program`, startDate: mondayOf(today), weeks, scheme: NEW_SCHEME };
}

/** The Monday of the week that comes after its last class. */
function mondayAfter(program: Program): string {
  const monday = mondayOf(dateIn(program, program.weeks.length + 1, weekdayOf(program.startDate)));
  const last = classDays(program).at(-1)?.date ?? '';
  return last < monday ? monday : addDays(monday, 7);
}
