import { computed, inject, linkedSignal, resource, type Signal } from '@angular/core';
import {
  MUSCLE_WORDS,
  programOf,
  weekdayOf,
  weekOn,
  WEEKDAY_WORDS,
  type Muscle,
  type Program,
} from '@dray/core';
import {
  doseBand,
  freeWeekdays,
  isEasyDay,
  recoveryConflicts,
  sessionEffort,
  weeklyDays,
  weeklyVolume,
  type DoseBand,
} from '@dray/core/late';
import { patchState, signalStore, withComputed, withMethods, withProps, withState } from '@ngrx/signals';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';
import { PROJECT, type Path, type ProjectQuestion } from '../workers/project';
import { calendarOf } from './calendar';
import { effortRamp } from './effort-ramp';
import { withClasses } from './with-classes';
import { withPrograms } from './with-programs';

export interface ProgramState {
  readonly chosenId: string | undefined;
  readonly personId: string | undefined;
  /** The class that is selected: its week and its place in it. */
  readonly at: { readonly week: number; readonly index: number } | undefined;
  /** Moves from a week on, not only in it. */
  readonly onwards: boolean;
}

export interface ProgramProps {
  readonly documents: InstanceType<typeof DocumentStore>;
  readonly view: InstanceType<typeof ViewStore>;
  readonly program: Signal<Program | undefined>;
}

/** An edit of the program on screen, as undo calls it. */
export type Change = (label: string, to: (program: Program) => Program) => void;

export interface HeatRow {
  readonly muscle: Muscle;
  readonly name: string;
  readonly cells: readonly { readonly week: number; readonly sets: number; readonly band: DoseBand }[];
}

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
  withComputed(({ documents, view, program, weekdays, conflicts, ramps, presentWeek, person }) => ({
    calendar: computed(() => {
      const own = program();
      const document = documents.document();
      if (!own || !document) return [];
      return calendarOf(own, {
        document,
        today: view.today(),
        presentWeek: presentWeek(),
        weekdays: weekdays(),
        conflicts: conflicts(),
        ramps: ramps(),
      });
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
  withMethods((store) => ({
    change(label: string, to: (program: Program) => Program): void {
      const id = store.program()?.id;
      store.documents.edit(label, (document) => ({
        ...document,
        programs: document.programs.map((program) => (program.id === id ? to(program) : program)),
      }));
    },
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
  })),
  withClasses(),
  withPrograms(),
);
