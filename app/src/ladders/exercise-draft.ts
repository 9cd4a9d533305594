import { Injectable, signal } from '@angular/core';
import { defined } from '../data/defined';
import type { Coaching, Exercise, OwnExercise } from '@dray/core';

/** An exercise being written. Outlives the screen, so that looking something up elsewhere loses nothing. */
@Injectable({ providedIn: 'root' })
export class ExerciseDraft {
  readonly exercise = signal<OwnExercise | undefined>(undefined);

  /** Starts from nothing, or from what is there already. */
  start(from?: { readonly exercise: Exercise; readonly words: Coaching }): void {
    this.exercise.set(
      from ? { ...from.exercise, words: from.words } : { ...EMPTY, id: crypto.randomUUID(), name: '' },
    );
  }

  /** Puts fields in place; one that is undefined is taken away. */
  change(part: { readonly [Field in keyof OwnExercise]?: OwnExercise[Field] | undefined }): void {
    this.exercise.update((exercise) => exercise && (defined({ ...exercise, ...part }) as OwnExercise));
  }

  drop(): void {
    this.exercise.set(undefined);
  }
}

const EMPTY: Omit<OwnExercise, 'id' | 'name'> = {
  pattern: 'squat',
  muscles: [{ muscle: 'thighFront', share: 1 }],
  laterality: 'both',
  position: 'standing',
  impact: 'none',
  needs: [],
  levers: [],
  secondsPerRep: 4,
  demands: [],
  demandsLoaded: [],
  words: { cues: ['', ''], watch: {}, breathing: '' },
};
