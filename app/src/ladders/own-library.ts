import {
  buildCatalog,
  CatalogError,
  LIBRARY_EXERCISES,
  LIBRARY_LADDERS,
  ladderSchema,
  ownExerciseSchema,
  type Coaching,
  type Ladder,
  type OwnExercise,
} from '@dray/core';
import { LIBRARY_WORDS } from '@dray/core/late';

/** What a coach says of an exercise, ours or theirs. */
export function wordsOf(exerciseId: string, own: readonly OwnExercise[]): Coaching | undefined {
  return LIBRARY_WORDS[exerciseId] ?? own.find(({ id }) => id === exerciseId)?.words;
}

/** The first thing that does not fit, in a sentence. */
export function problemIn({
  exercises,
  ladders,
}: {
  exercises: OwnExercise[];
  ladders: Ladder[];
}): string | undefined {
  for (const exercise of exercises) {
    const issue = ownExerciseSchema.safeParse(exercise).error?.issues[0];
    if (issue) return `${exercise.name}, ${issue.path.join(' ')}: ${sentence(issue.message)}`;
  }
  for (const ladder of ladders) {
    const issue = ladderSchema.safeParse(ladder).error?.issues[0];
    if (issue) return `${ladder.name}, ${issue.path.map(onePlaced).join(' ')}: ${sentence(issue.message)}`;
  }
  try {
    buildCatalog([...LIBRARY_EXERCISES, ...exercises], [...LIBRARY_LADDERS, ...ladders]);
    return undefined;
  } catch (error) {
    if (error instanceof CatalogError) return error.message;
    throw error;
  }
}

function onePlaced(part: PropertyKey): string {
  return typeof part === 'number' ? String(part + 1) : String(part);
}

function sentence(message: string): string {
  return /^[a-z]/.test(message) ? `${message}.` : $localize`this is too short, too long or out of range.`;
}
