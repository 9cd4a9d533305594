import type { Exercise } from './exercise';
import type { Pattern } from './vocabulary';
import type { LeverSettings } from './lever';
import type { Rung } from './ladder';

/** One movement of a combination as it is really done: an exercise on a rung, with levers where they stand. */
export interface CombinedPart {
  readonly exercise: Exercise;
  readonly rung?: Rung | undefined;
  readonly levers: LeverSettings;
  /** How often in one repetition. */
  readonly times: number;
  /** Held while the others move. */
  readonly held?: true | undefined;
  /** Whether the load is its load too: only then does it limit it. */
  readonly carries: boolean;
}

/** Several exercises done as one repetition: an exercise like any other, with its parts beside it. */
export interface CombinedExercise extends Exercise {
  readonly parts: readonly CombinedPart[];
  /** They cannot be done as one: all of the first, then all of the next. */
  readonly apart?: true | undefined;
}

/**
 * The parts of a combination.
 *
 * @param exercise any exercise
 * @returns undefined for an exercise that is one movement
 * @example partsOf(squatAndPress)?.length // 2
 */
export function partsOf(exercise: Exercise): readonly CombinedPart[] | undefined {
  return (exercise as Partial<CombinedExercise>).parts;
}

/**
 * Whether an exercise is several of which all of the first are done before the next.
 *
 * @example doneApart(sitToStandThenPress) // true
 */
export function doneApart(exercise: Exercise): boolean {
  return (exercise as Partial<CombinedExercise>).apart === true;
}

/**
 * Whether repetitions of an exercise say nothing of strength in any other: pulses, half the way, holds.
 *
 * @example saysNothing(squatPulses) // true
 */
export function saysNothing(exercise: Exercise): boolean {
  return (exercise as { readonly saysNothing?: true }).saysNothing === true;
}

/**
 * The patterns of an exercise: its own, or those of its parts.
 *
 * @example patternsOf(squatAndPress) // ['squat', 'overhead']
 */
export function patternsOf(exercise: Exercise): readonly Pattern[] {
  const parts = partsOf(exercise);
  return parts ? [...new Set(parts.map((part) => part.exercise.pattern))] : [exercise.pattern];
}

/** One part of a combination as an id has it. */
export interface PartId {
  readonly exerciseId: string;
  readonly rungId?: string | undefined;
  /** Only what does not stand where the rung has it. */
  readonly moved: LeverSettings;
  readonly times: number;
  readonly held?: true | undefined;
  readonly carries: boolean;
}

const SIGNS = { together: '+', apart: '/', times: ':', rung: '@', detail: ';' } as const;

/**
 * The id of a combination says what it is made of, so that a set that was logged in it can always be read again: parts joined by
 * `+`, or by `/` where they are done one after the other; each `times:exercise@rung;lever=value;held;empty`.
 *
 * @param parts in the order they are done
 * @param apart all of the first before the next
 * @example combinedId([squat, press], false) // 'free-squat@squat-free;empty+standing-press@overhead-standing'
 */
export function combinedId(parts: readonly PartId[], apart: boolean): string {
  return parts.map(partText).join(apart ? SIGNS.apart : SIGNS.together);
}

function partText({ exerciseId, rungId, moved, times, held, carries }: PartId): string {
  const details = [
    ...Object.entries(moved)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([lever, value]) => `${lever}=${value}`),
    ...(held ? ['held'] : []),
    ...(carries ? [] : ['empty']),
  ];
  return [
    times === 1 ? '' : `${times}${SIGNS.times}`,
    encodeURIComponent(exerciseId),
    rungId === undefined ? '' : `${SIGNS.rung}${encodeURIComponent(rungId)}`,
    ...details.map((detail) => `${SIGNS.detail}${detail}`),
  ].join('');
}

const PART = /^(?:(\d+):)?([^:@;+/]+)(?:@([^:@;+/]+))?((?:;[a-zA-Z]+(?:=-?\d+(?:\.\d+)?)?)*)$/u;

/**
 * What a combination's id is made of.
 *
 * @param id of any exercise
 * @returns undefined for the id of one movement
 * @example partsInId('free-squat;empty+standing-press')?.parts.length // 2
 */
export function partsInId(
  id: string,
): { readonly parts: readonly PartId[]; readonly apart: boolean } | undefined {
  const apart = id.includes(SIGNS.apart);
  const texts = id.split(apart ? SIGNS.apart : SIGNS.together);
  if (texts.length < 2) return undefined;
  const parts = texts.map(partIn);
  return parts.every((part) => part !== undefined) ? { parts, apart } : undefined;
}

function partIn(text: string): PartId | undefined {
  const [, times, exercise, rung, details = ''] = PART.exec(text) ?? [];
  if (exercise === undefined) return undefined;
  const said = details.split(SIGNS.detail).filter(Boolean);
  const moved = said.filter((detail) => detail.includes('=')).map((detail) => detail.split('='));
  const plain = [exercise, rung].map((word) => (word === undefined ? undefined : decoded(word)));
  const [exerciseId, rungId] = plain;
  if (exerciseId === undefined) return undefined;
  return {
    exerciseId,
    ...(rungId !== undefined && { rungId }),
    moved: Object.fromEntries(moved.map(([lever, value]) => [lever, Number(value)])),
    times: times === undefined ? 1 : Number(times),
    ...(said.includes('held') && { held: true as const }),
    carries: !said.includes('empty'),
  };
}

function decoded(text: string): string | undefined {
  try {
    return decodeURIComponent(text);
  } catch {
    return undefined;
  }
}
