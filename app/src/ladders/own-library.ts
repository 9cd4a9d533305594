import {
  buildCatalog,
  CatalogError,
  LIBRARY_EXERCISES,
  LIBRARY_LADDERS,
  ladderSchema,
  movementsOf,
  ownExerciseSchema,
  type Coaching,
  type DrayDocument,
  type Ladder,
  type MovementSource,
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

/** Whether a session has a part of this kind in it: what is in use is not deleted. */
export function inSession(
  document: DrayDocument | undefined,
  isIt: (part: MovementSource) => boolean,
): boolean {
  const sources = (document?.sessions ?? []).flatMap(({ blocks }) =>
    blocks.flatMap(({ slots }) => slots.map(({ source }) => source)),
  );
  return sources.some((source) => movementsOf(source).some(isIt));
}

/** One in place of that of its id. */
export function replace<Thing extends { readonly id: string }>(list: Thing[], thing: Thing): void {
  const at = list.findIndex(({ id }) => id === thing.id);
  if (at >= 0) list[at] = thing;
}

/** What a coach makes of something of ours. */
export function ourWay(name: string): string {
  return $localize`${name}, our way`;
}
