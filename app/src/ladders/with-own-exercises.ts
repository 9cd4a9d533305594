import type { Signal } from '@angular/core';
import { nameFrom, type Coaching, type Exercise, type Ladder, type OwnExercise, type Rung } from '@dray/core';
import { readMovement, readSurely } from '@dray/core/late';
import { patchState, signalStoreFeature, type, withMethods } from '@ngrx/signals';
import type { ExerciseDraft } from './exercise-draft';
import type { Keep, LaddersProps, LaddersState } from './ladders-store';
import { inSession, ourWay, replace, wordsOf } from './own-library';

interface Props extends LaddersProps {
  readonly drafts: ExerciseDraft;
  readonly draft: Signal<OwnExercise | undefined>;
  readonly ownExercises: Signal<readonly OwnExercise[]>;
  readonly ladder: Signal<Ladder | undefined>;
  readonly rung: Signal<Rung | undefined>;
  readonly detail: Signal<{ readonly exercise: Exercise; readonly words: Coaching | undefined } | undefined>;
}

/**
 * What is done with exercises of the coach’s own.
 *
 * The type nobody uses is what the library asks of a feature that rests on another, see `withRoving`.
 */
export function withOwnExercises<_>() {
  return signalStoreFeature(
    { state: type<LaddersState>(), props: type<Props>(), methods: type<{ _keep: Keep }>() },
    withMethods((store) => ({
      /** From nothing, or on with what was begun. */
      newExercise(): void {
        if (!store.draft()) store.drafts.start();
        patchState(store, { problem: '', writing: true });
      },

      /** One that a session names and nobody knows: begun with what the words come nearest to, so that it asks no less of a body. */
      writeNamed(name: string): void {
        const catalog = store.view.catalog();
        const [likely] = readMovement(name, catalog)[0]?.parts ?? [];
        // "Tide table squat": the word that names a movement stands last.
        const spoken = name.split(/\s+/u).reverse();
        const near = likely ?? spoken.map((word) => readSurely(word, catalog)?.parts[0]).find(Boolean);
        const words = near && wordsOf(near.exercise.id, store.documents.document()?.exercises ?? []);
        const named = name.charAt(0).toUpperCase() + name.slice(1);
        if (near && words) {
          const { alsoCalled: _, ...facts } = near.exercise;
          store.drafts.start({ exercise: { ...facts, id: crypto.randomUUID(), name: named }, words });
        } else {
          store.drafts.start();
          store.drafts.change({ name: named });
        }
        patchState(store, { problem: '', writing: true });
      },

      /** An exercise of the coach's own, to be changed. */
      openExercise(id: string): void {
        const exercise = store.ownExercises().find((own) => own.id === id);
        if (exercise) store.drafts.start({ exercise, words: exercise.words });
        patchState(store, { problem: '', writing: true });
      },

      /** The rung's exercise, written anew by the coach, in its place on the coach's ladder. */
      writeExercise(): void {
        const exercise = store.detail()?.exercise;
        const words = store.detail()?.words;
        const ladder = store.ladder();
        const rung = store.rung();
        if (!exercise || !words || !ladder || !rung) return;
        const taken = [...store.view.catalog().exercises.values()].map(({ name }) => name);
        const own = { ...exercise, id: crypto.randomUUID(), name: nameFrom(exercise.name, ourWay, taken) };
        const done = store._keep($localize`write an exercise`, ({ exercises, ladders }) => {
          exercises.push({ ...own, words });
          const rungs = ladder.rungs.map((other) =>
            other.id === rung.id ? { ...other, exerciseId: own.id } : other,
          );
          replace(ladders, { ...ladder, rungs });
        });
        if (!done) return;
        store.drafts.start({ exercise: own, words });
        patchState(store, { writing: true });
      },

      /** Puts the exercise being written in place; what does not fit is said, and nothing is lost. */
      keepExercise(exercise: OwnExercise): void {
        const stands = store.ownExercises().some(({ id }) => id === exercise.id);
        const label = stands ? $localize`change ${exercise.name}` : $localize`write ${exercise.name}`;
        const done = store._keep(label, ({ exercises }) =>
          stands ? replace(exercises, exercise) : exercises.push(exercise),
        );
        if (done) store.drafts.drop();
      },

      removeExercise(id: string): void {
        const used = inSession(
          store.documents.document(),
          (part) => part.kind === 'exercise' && part.exerciseId === id,
        );
        if (used) {
          patchState(store, {
            problem: $localize`A session uses this exercise: take it out of the plan first.`,
          });
          return;
        }
        const done = store._keep($localize`delete an exercise`, (own) => {
          own.exercises = own.exercises.filter((exercise) => exercise.id !== id);
        });
        if (done) store.drafts.drop();
      },
    })),
  );
}
