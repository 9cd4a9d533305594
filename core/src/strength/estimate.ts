import type { Exercise, Formula, KnownSet, Lift, Participant, Tier } from '../model';
import { FORMULAS, oneRepMax } from './one-rep-max';

/** Where a maximum comes from, surest first. */
export type Basis = 'tested' | 'carried' | 'guess';

export interface StrengthEstimate {
  readonly maxKg: number;
  readonly basis: Basis;
  /** The set it rests on; none for a guess. */
  readonly from?: KnownSet;
  readonly formula?: Formula;
}

/**
 * How much of a maximum to trust by where it comes from: a load is set low while little is known (common
 * practice, no published source).
 */
export const TRUST: Record<Basis, number> = { tested: 1, carried: 0.9, guess: 0.8 };

/**
 * Usual one-repetition maxima in the reference exercise of each lift as a share of body mass, by tier: goblet
 * squat, hinge with a pair, floor press with a pair, one-arm row (common practice, no published source).
 */
export const USUAL_MAX: Record<Lift, Record<Tier, number>> = {
  squat: { beginner: 0.25, intermediate: 0.45, advanced: 0.65 },
  hinge: { beginner: 0.35, intermediate: 0.65, advanced: 1 },
  press: { beginner: 0.2, intermediate: 0.4, advanced: 0.6 },
  row: { beginner: 0.15, intermediate: 0.3, advanced: 0.42 },
};

/**
 * The maximum of a participant in a loaded exercise, already set low where it is not tested: from the newest
 * known set of that exercise; else from the newest set of an exercise of the same lift, by the ratio of the two;
 * else from body mass and tier. Undefined for an exercise that is never loaded.
 */
export function estimateMax(
  participant: Participant,
  exercise: Exercise,
  tier: Tier,
  exerciseById: (id: string) => Exercise | undefined,
): StrengthEstimate | undefined {
  const loading = exercise.loading;
  if (!loading) return undefined;
  const { formula } = participant;

  let tested: KnownSet | undefined;
  let carried: { set: KnownSet; ratio: number } | undefined;
  for (const set of participant.knownSets) {
    if (set.reps + set.reserve > FORMULAS[formula].maxReps) continue;
    if (set.exerciseId === exercise.id) {
      if (!tested || set.date > tested.date) tested = set;
      continue;
    }
    const other = exerciseById(set.exerciseId)?.loading;
    if (other?.lift === loading.lift && (!carried || set.date > carried.set.date)) {
      carried = { set, ratio: loading.ratio / other.ratio };
    }
  }

  if (tested) {
    return { maxKg: maxFrom(tested, formula), basis: 'tested', from: tested, formula };
  }
  if (carried) {
    const maxKg = maxFrom(carried.set, formula) * carried.ratio * TRUST.carried;
    return { maxKg, basis: 'carried', from: carried.set, formula };
  }
  const share = USUAL_MAX[loading.lift][tier];
  return { maxKg: participant.bodyMassKg * share * loading.ratio * TRUST.guess, basis: 'guess' };
}

function maxFrom(set: KnownSet, formula: Formula): number {
  return oneRepMax(set.loadKg, set.reps + set.reserve, formula);
}
