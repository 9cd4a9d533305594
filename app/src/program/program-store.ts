import { computed, inject, linkedSignal, resource } from '@angular/core';
import {
  addDays,
  cancelClass,
  classDays,
  classId,
  dateIn,
  holidayOn,
  moveClass,
  MUSCLE_WORDS,
  nameFrom,
  programOf,
  programWeek,
  weekdayOf,
  weekOn,
  WEEKDAY_WORDS,
  type ClassDay,
  type Holiday,
  type Muscle,
  type Program,
  type Scheme,
  type Session,
} from '@dray/core';
import {
  doseBand,
  editWeek,
  freeWeekdays,
  isEasyDay,
  mondayOf,
  moveDay,
  placeBetween,
  programAgain,
  recoveryConflicts,
  sessionEffort,
  weeklyDays,
  weeklyVolume,
  withHoliday,
  withoutHoliday,
  withWeeks,
  type DoseBand,
} from '@dray/core/late';
import { patchState, signalStore, withComputed, withMethods, withProps, withState } from '@ngrx/signals';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { PROJECT, type Path, type ProjectQuestion } from '../workers/project';
import { effortRamp, type Ramp } from './effort-ramp';
import { counted } from '../ui/count';

interface ProgramState {
  readonly chosenId: string | undefined;
  readonly personId: string | undefined;
  /** The class that is selected: its week and its place in it. */
  readonly at: { readonly week: number; readonly index: number } | undefined;
  /** Moves from a week on, not only in it. */
  readonly onwards: boolean;
}

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

export interface HeatRow {
  readonly muscle: Muscle;
  readonly name: string;
  readonly cells: readonly { readonly week: number; readonly sets: number; readonly band: DoseBand }[];
}

const NEW_SCHEME: Scheme = { kind: 'repsThenLoad', stepReps: 2, capPercent: 10 };

/** A program on the calendar: weeks by days, what it gives each muscle, and where it gives too much too soon. */
export const ProgramStore = signalStore(
  withState<ProgramState>({
    chosenId: undefined,
    personId: undefined,
    at: undefined,
    onwards: true,
  }),
  withProps(() => ({
    documents: inject(DocumentStore),
    view: inject(ViewStore),
    project: inject(PROJECT),
  })),
  withComputed(({ documents, view, chosenId, personId }) => ({
    programs: documents.programs,
    program: computed(() => {
      const programs = documents.programs();
      return (
        programs.find(({ id }) => id === chosenId()) ??
        programs.find(({ id }) => id === view.program()?.id) ??
        programs[0]
      );
    }),
    /** All there are: the past weeks of a program have archived ones in them too. */
    sessions: computed(() => documents.document()?.sessions ?? []),
    person: computed(() => {
      const people = documents.people();
      return people.find(({ id }) => id === personId()) ?? people[0];
    }),
  })),
  withComputed(({ documents, program }) => ({
    /** Those that can stand on its days: a session's classes are counted in one program, so one that runs in another has its place there. */
    placeable: computed(() => {
      const document = documents.document();
      return documents.sessions().filter(({ id }) => {
        const stands = document && programOf(document, id);
        return !stands || stands.archived || stands.id === program()?.id;
      });
    }),
  })),
  withComputed(({ documents, view, program, sessions }) => ({
    presentWeek: computed(() => {
      const own = program();
      return own ? weekOn(own, view.today()) : 1;
    }),
    /** The days of the week in the order in which the program's weeks run. */
    weekdays: computed(() => {
      const own = program();
      const first = own ? weekdayOf(own.startDate) : 1;
      return WEEKDAY_WORDS.map((_, at) => ((first - 1 + at) % 7) + 1);
    }),
    conflicts: computed(() => {
      const own = program();
      const document = documents.document();
      return own && document
        ? recoveryConflicts(document, own, { tier: 'intermediate', catalog: view.catalog() })
        : [];
    }),
    ramps: computed(() => {
      const about = { tier: 'intermediate' as const, catalog: view.catalog() };
      return new Map(
        sessions().map((session) => [
          session.id,
          {
            full: effortRamp(sessionEffort(session, about)),
            lighter: effortRamp(sessionEffort(session, { ...about, lighter: true })),
          },
        ]),
      );
    }),
  })),
  withComputed(({ documents, view, program, sessions, weekdays, conflicts, ramps, presentWeek, person }) => ({
    calendar: computed<readonly CalendarWeek[]>(() => {
      const own = program();
      if (!own) return [];
      const byId = new Map(sessions().map((session) => [session.id, session]));
      const today = view.today();
      const known = documents.document()?.classes ?? [];
      const held = new Map(known.map((one) => [one.id, one]));
      const logged = new Set(
        (documents.document()?.log ?? []).map(({ sessionId, week, nth }) => classId(sessionId, week, nth)),
      );
      const onDay = new Map<string, ClassDay[]>();
      for (const day of classDays(own, known)) onDay.set(day.date, [...(onDay.get(day.date) ?? []), day]);
      return own.weeks.map(({ week, days: planned, lighter = false }) => ({
        week,
        lighter,
        present: week === presentWeek(),
        days: weekdays().map((weekday): CalendarDay => {
          const date = dateIn(own, week, weekday);
          const classes = (onDay.get(date) ?? []).flatMap((day): DayClass[] => {
            const session = byId.get(day.sessionId);
            const ramp = ramps().get(day.sessionId)?.[day.lighter ? 'lighter' : 'full'];
            if (!session || !ramp) return [];
            const conflict = conflicts().find(
              ({ before, after }) =>
                (before.week === day.week && before.place === day.place) ||
                (after.week === day.week && after.place === day.place),
            );
            const id = classId(day.sessionId, day.week, day.nth);
            return [
              {
                week: day.week,
                index: day.place,
                session,
                ramp,
                conflict: conflict?.words ?? '',
                logged: logged.has(id),
                date,
                nth: day.nth,
                cancelled: day.cancelled,
                own: held.has(id),
                extra: day.place >= planned.length,
              },
            ];
          });
          return {
            weekday,
            date,
            today: date === today,
            past: date < today,
            holiday: holidayOn(own, date),
            classes,
          };
        }),
      }));
    }),
    heat: computed<readonly HeatRow[]>(() => {
      const own = program();
      const document = documents.document();
      const who = person();
      if (!own || !document || !who) return [];
      const weeks = own.weeks.map(({ week }) =>
        weeklyVolume(document, own, { week, participantId: who.id }, view.resolver),
      );
      return (weeks[0] ?? []).map(({ muscle }, at) => ({
        muscle,
        name: MUSCLE_WORDS[muscle],
        cells: own.weeks.map(({ week }, index) => {
          const sets = weeks[index]?.[at]?.sets ?? 0;
          return { week, sets, band: doseBand(sets) };
        }),
      }));
    }),
    /** The present week against the least that is advised. */
    weeklyDays: computed(() => {
      const own = program();
      const document = documents.document();
      const who = person();
      if (!own || !document || !who) return undefined;
      const age = who.birthYear && Number(own.startDate.slice(0, 4)) - who.birthYear;
      const of = { week: presentWeek(), participantId: who.id, age };
      return weeklyDays(document, own, of, view.resolver);
    }),
    /** Weekdays of the present week on which balance or posture may stand. */
    free: computed(() => {
      const own = program();
      const easy = documents.sessions().filter(isEasyDay);
      return own
        ? { easy, days: freeWeekdays(own, presentWeek()).map((day) => WEEKDAY_WORDS[day - 1] ?? '') }
        : undefined;
    }),
  })),
  withComputed(({ calendar, at }) => ({
    selected: computed(() => {
      const place = at();
      const days = calendar().flatMap((week) => week.days);
      return days
        .flatMap(({ classes }) => classes)
        .find(({ week, index }) => week === place?.week && index === place.index);
    }),
  })),
  // What to expect, from a worker; asked again when anything it rests on changes.
  withProps((store) => ({
    asked: resource({
      params: (): ProjectQuestion | undefined => {
        const document = store.documents.document();
        const program = store.program();
        const person = store.person();
        return document && program && person
          ? { document, programId: program.id, participantId: person.id, today: store.view.today() }
          : undefined;
      },
      loader: ({ params, abortSignal }) => store.project(params, abortSignal),
    }),
  })),
  withComputed(({ asked }) => ({
    /** Those of before stay while new ones are worked out. */
    paths: linkedSignal<readonly Path[] | undefined, readonly Path[]>({
      source: computed(() => (asked.hasValue() ? asked.value() : undefined)),
      computation: (paths, before) => paths ?? before?.value ?? [],
    }),
    expecting: asked.isLoading,
    expectationFailed: computed(() => asked.error() !== undefined),
  })),
  withMethods((store) => {
    function edit(label: string, change: (program: Program) => Program): void {
      const id = store.program()?.id;
      store.documents.edit(label, (document) => ({
        ...document,
        programs: document.programs.map((program) => (program.id === id ? change(program) : program)),
      }));
    }
    const classAt = (week: number, index: number) =>
      store
        .calendar()
        .flatMap(({ days }) => days.flatMap(({ classes }) => classes))
        .find((one) => one.week === week && one.index === index);
    return {
      expectAgain(): void {
        store.asked.reload();
      },
      show(id: string): void {
        patchState(store, { chosenId: id, at: undefined });
      },
      showPerson(id: string | undefined): void {
        patchState(store, { personId: id });
      },
      select(week: number, index: number): void {
        patchState(store, { at: { week, index } });
      },
      setOnwards(onwards: boolean): void {
        patchState(store, { onwards });
      },

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
        edit($localize`to ${words}`, (program) =>
          moveDay(program, { week, place: index, weekday, onwards: store.onwards() }),
        );
      },
      add(week: number, weekday: number, sessionId: string): void {
        if (sessionId === '') return;
        const from = (own: number) => own === week || (store.onwards() && own > week);
        edit($localize`one more class`, (program) => ({
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
        edit($localize`${session.name} between`, (program) =>
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

      takeOut(week: number, index: number): void {
        const one = classAt(week, index);
        // What is beside the plan goes alone; one that is logged stays.
        if (one?.extra) {
          if (one.logged) return;
          const id = classId(one.session.id, week, one.nth);
          store.documents.edit($localize`a class less`, (document) => ({
            ...document,
            classes: document.classes.filter((held) => held.id !== id),
          }));
          patchState(store, { at: undefined });
          return;
        }
        const gone = programWeek(store.program(), week)?.days[index];
        edit($localize`a class less`, (program) => ({
          ...program,
          weeks: program.weeks.map((own) => {
            if (own.week !== week && !(store.onwards() && own.week > week)) return own;
            const days = own.days.filter((day, at) =>
              own.week === week
                ? at !== index
                : day.sessionId !== gone?.sessionId || day.weekday !== gone.weekday,
            );
            return { ...own, days };
          }),
        }));
        patchState(store, { at: undefined });
      },

      setLighter(week: number, lighter: boolean): void {
        edit(lighter ? $localize`week ${week} lighter` : $localize`week ${week} as planned`, (program) =>
          editWeek(program, week, ({ lighter: _, ...own }) => (lighter ? { ...own, lighter } : own)),
        );
      },
      rename(name: string): void {
        edit($localize`name`, (program) => ({ ...program, name }));
      },
      begin(startDate: string): void {
        // Weeks begin on Monday, whatever day of one was chosen.
        edit($localize`begins ${startDate}`, (program) => ({ ...program, startDate: mondayOf(startDate) }));
      },
      setTime(time: string | undefined): void {
        edit($localize`time of day`, ({ startTime: _, ...program }) =>
          time ? { ...program, startTime: time } : program,
        );
      },
      lengthen(weeks: number | undefined): void {
        if (weeks !== undefined)
          edit(counted(weeks, $localize`week`, $localize`weeks`), (program) => withWeeks(program, weeks));
      },
      grow(scheme: Scheme | undefined): void {
        if (scheme) edit($localize`how it grows`, (program) => ({ ...program, scheme }));
      },
      cap(wholeCapPercent: number | undefined): void {
        if (wholeCapPercent === undefined) return;
        edit($localize`${wholeCapPercent} % a week at the most`, (program) => ({
          ...program,
          wholeCapPercent,
        }));
      },
      close(holiday: Holiday): void {
        edit($localize`closed`, (program) => withHoliday(program, holiday));
      },
      reopen(at: number): void {
        edit($localize`open again`, (program) => withoutHoliday(program, at));
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
