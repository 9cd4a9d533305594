import type { CombinedPart, Exercise } from '../model';
import type { RepCurve } from './rep-curve';

/** What one part of a combination lets be held. */
export interface PartLoad {
  readonly part: CombinedPart;
  /** The most for the asked repetitions of the whole, in kilograms in the hands. */
  readonly kg: number;
}

/** What of one part's strength is known. */
export interface PartMax {
  readonly maxKg: number;
  /** What of the body is moved along. */
  readonly bodyKg: number;
}

/**
 * What each part of a combination that carries the load allows, weakest first: repetitions of the whole are as many of the part as
 * it is done times in each, with the same left undone. Common practice, no published source: the one that gives out first decides.
 *
 * @param parts of a combination
 * @param reps of the whole
 * @param reserve left undone, of the whole
 * @param curve how load and repetitions trade for this person
 * @param maxOf what is known of an exercise; undefined where it is never loaded
 * @returns nothing where no part carries
 * @example partLoads(squatAndPress, 10, 2, curve, maxOf)[0]?.part.exercise.name // 'Standing press'
 */
export function partLoads(
  parts: readonly CombinedPart[],
  reps: number,
  reserve: number,
  { percentAt }: RepCurve,
  maxOf: (exercise: Exercise) => PartMax | undefined,
): PartLoad[] {
  return parts
    .flatMap((part): PartLoad[] => {
      const known = part.carries ? maxOf(part.exercise) : undefined;
      if (!known) return [];
      const percent = percentAt(repsOfPart(part, reps) + reserve * part.times);
      return [{ part, kg: Math.max(0, (known.maxKg * percent) / 100 - known.bodyKg) }];
    })
    .sort((a, b) => a.kg - b.kg);
}

/**
 * Repetitions of one part in a set of the whole.
 *
 * @example repsOfPart({ ...squat, times: 2 }, 10) // 20
 */
export function repsOfPart({ times }: Pick<CombinedPart, 'times'>, reps: number): number {
  return reps * times;
}
