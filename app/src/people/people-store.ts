import { computed, inject } from '@angular/core';
import {
  doneSets,
  FORMULAS,
  liftOf,
  nameFrom,
  participantSchema,
  problemFrom,
  strengthBook,
  type Exercise,
  type Formula,
  type KnownSet,
  type Participant,
} from '@dray/core';
import { newParticipant } from '@dray/core/late';
import { patchState, signalStore, withComputed, withMethods, withProps, withState } from '@ngrx/signals';
import { defined } from '../data/defined';
import { TODAY } from '../data/today';
import { DocumentStore } from '../state/document-store';
import { ViewStore } from '../state/view-store';

interface PeopleState {
  readonly chosenId: string | undefined;
  readonly chosenExerciseId: string | undefined;
  /** Why the last change could not be made. */
  readonly problem: string;
}

const FORMULA_NAMES = Object.keys(FORMULAS) as Formula[];

/** An exercise that tells of strength, with how many sets of it there are. */
export interface ExerciseEntry {
  readonly exercise: Exercise;
  readonly sets: number;
}

/** People, and what their sets say of their strength. */
export const PeopleStore = signalStore(
  withState<PeopleState>({ chosenId: undefined, chosenExerciseId: undefined, problem: '' }),
  withProps(() => ({
    documents: inject(DocumentStore),
    view: inject(ViewStore),
    today: inject(TODAY)(),
  })),
  withComputed(({ documents, chosenId }) => ({
    people: documents.people,
    person: computed<Participant | undefined>(() => {
      const people = documents.people();
      return people.find(({ id }) => id === chosenId()) ?? people[0];
    }),
  })),
  withComputed(({ documents, view, person, today, chosenExerciseId }) => {
    const sets = computed<KnownSet[]>(() => {
      const current = person();
      if (!current) return [];
      const log = documents.document()?.log.filter(({ participantId }) => participantId === current.id) ?? [];
      return doneSets(current, log);
    });
    const exercises = computed<ExerciseEntry[]>(() =>
      [...view.catalog().exercises.values()]
        .filter(liftOf)
        .map((exercise) => ({
          exercise,
          sets: sets().filter(({ exerciseId }) => exerciseId === exercise.id).length,
        }))
        .sort((a, b) => b.sets - a.sets),
    );
    const exercise = computed(
      () =>
        exercises().find((entry) => entry.exercise.id === chosenExerciseId())?.exercise ??
        exercises()[0]?.exercise,
    );
    const book = computed(() => {
      const current = person();
      return current && strengthBook(current, sets(), view.catalog(), today);
    });
    const runningWith = (formula?: Formula) => {
      const current = person();
      const chosen = exercise();
      if (!current || !chosen) return undefined;
      return book()?.running(chosen, formula);
    };
    return {
      sets,
      exercises,
      exercise,
      running: computed(() => runningWith()),
      /** The sets that the estimate rests on, each once, with the maximum that it says by itself; none where it says nothing. */
      restsOn: computed(() => {
        const { readings = [], unreadable = [] } = runningWith() ?? {};
        const silent = unreadable.map((observation) => ({ observation, impliedKg: undefined }));
        const bySet = new Map<KnownSet, number | undefined>();
        for (const { observation, impliedKg } of [...readings, ...silent])
          if (observation.set) bySet.set(observation.set, impliedKg);
        return [...bySet].map(([set, impliedKg]) => ({ set, impliedKg }));
      }),
      /** What each equation makes of the same sets. */
      byFormula: computed(() =>
        FORMULA_NAMES.map((formula) => ({
          formula,
          ...FORMULAS[formula],
          maxKg: runningWith(formula)?.maxKg ?? 0,
        })),
      ),
    };
  }),
  withMethods((store) => {
    function change(label: string, next: (person: Participant) => Participant): void {
      const id = store.person()?.id;
      store.documents.edit(label, (document) => ({
        ...document,
        participants: document.participants.map((person) => (person.id === id ? next(person) : person)),
      }));
    }
    /** Of everybody there is, who is archived too. */
    const names = () => (store.documents.document()?.participants ?? []).map(({ name }) => name);
    return {
      show(id: string | undefined): void {
        patchState(store, { chosenId: id, chosenExerciseId: undefined, problem: '' });
      },

      showExercise(id: string | undefined): void {
        patchState(store, { chosenExerciseId: id });
      },

      choose(formula: Formula): void {
        change($localize`${FORMULAS[formula].name}’s equation`, (person) => ({ ...person, formula }));
      },

      /** Changes what is known of the person on view, or says why it cannot be so; nothing of it is kept then. */
      amend(part: Partial<Participant>, field: string): void {
        const person = store.person();
        if (!person) return;
        const checked = participantSchema.safeParse(defined({ ...person, ...part }));
        const issue = checked.error?.issues[0];
        const twin = store
          .people()
          .find(({ id, name }) => id !== person.id && part.name?.trim().toLowerCase() === name.toLowerCase());
        const sameName = twin
          ? $localize`Two are called ${twin.name}:named:: write something after one of them, such as “${twin.name} K.”.`
          : '';
        patchState(store, { problem: issue ? problemFrom(issue, field).sentence : sameName });
        if (checked.success && !twin) change(`${person.name}, ${field}`, () => checked.data);
      },

      /** Somebody new, to be filled in. */
      create(): string {
        const id = crypto.randomUUID();
        const unit = store.documents.document()?.settings.unit ?? 'kg';
        const name = nameFrom($localize`New person`, (own) => own, names());
        store.documents.edit($localize`somebody new`, (document) => ({
          ...document,
          participants: [
            ...document.participants,
            newParticipant(id, { name, tier: 'beginner', conditions: [] }, unit),
          ],
        }));
        return id;
      },

      /** Somebody like the one on view, to be changed: their kit and cautions, not their sets. */
      duplicate(): string | undefined {
        const person = store.person();
        if (!person) return undefined;
        const id = crypto.randomUUID();
        const name = nameFrom(person.name, (own) => $localize`${own}, copy`, names());
        store.documents.edit($localize`duplicate ${person.name}`, (document) => ({
          ...document,
          participants: [...document.participants, { ...person, id, name, knownSets: [] }],
        }));
        return id;
      },

      /** A roster's people join the class. */
      join(people: readonly Participant[]): void {
        store.documents.edit($localize`${people.length} people from a roster`, (document) => ({
          ...document,
          participants: [...document.participants, ...people],
        }));
      },

      /** Out of the class, with what was set by hand for them and what they logged; undo brings all of it back. */
      remove(): void {
        const id = store.person()?.id;
        store.documents.edit($localize`delete ${store.person()?.name ?? ''}`, (document) => ({
          ...document,
          participants: document.participants.filter((person) => person.id !== id),
          overrides: document.overrides.filter(({ participantId }) => participantId !== id),
          log: document.log.filter(({ participantId }) => participantId !== id),
          visits: document.visits.filter(({ participantId }) => participantId !== id),
          classes: document.classes.map((held) =>
            held.there.includes(id ?? '')
              ? { ...held, there: held.there.filter((other) => other !== id) }
              : held,
          ),
        }));
        patchState(store, { chosenId: undefined });
      },

      addSet(set: KnownSet): void {
        change($localize`write down a set`, (person) => ({
          ...person,
          knownSets: [...person.knownSets, set],
        }));
        patchState(store, { chosenExerciseId: set.exerciseId });
      },

      removeSet(set: KnownSet): void {
        change($localize`delete a set`, (person) => ({
          ...person,
          knownSets: person.knownSets.filter((known) => known !== set),
        }));
      },
    };
  }),
);
