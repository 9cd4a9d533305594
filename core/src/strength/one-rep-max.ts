import type { Formula } from '../model';

interface FormulaFact {
  readonly name: string;
  readonly maxReps: number;
  readonly of: (loadKg: number, reps: number) => number;
}

/**
 * Brzycki's line meets infinity at 37 reps and was fitted on 10 or fewer; Epley's is used to about 30. Both
 * leave a single repetition as the maximum it is (Epley's own equation would add 3 %, which nobody means).
 */
export const FORMULAS: Record<Formula, FormulaFact> = {
  /** w(1 + r/30). Source: Epley 1985. */
  epley: {
    name: 'Epley',
    maxReps: 30,
    of: (loadKg, reps) => (reps === 1 ? loadKg : loadKg * (1 + reps / 30)),
  },
  /** w·36/(37 − r). Source: Brzycki 1993. */
  brzycki: { name: 'Brzycki', maxReps: 30, of: (loadKg, reps) => (loadKg * 36) / (37 - reps) },
};

/** Thrown when a repetition set cannot tell a maximum. */
export class StrengthRangeError extends RangeError {
  constructor(
    readonly argument: 'loadKg' | 'reps',
    message: string,
  ) {
    super(message);
    this.name = 'StrengthRangeError';
  }
}

/**
 * One-repetition maximum in kilograms from a set to the limit.
 *
 * @param loadKg what was lifted, more than 0
 * @param reps repetitions that were possible, from 1 to the formula's largest
 * @throws StrengthRangeError naming the argument that is out of range
 * @example oneRepMax(20, 10, 'epley') // 26.67
 */
export function oneRepMax(loadKg: number, reps: number, formula: Formula): number {
  const fact = FORMULAS[formula];
  if (!(loadKg > 0))
    throw new StrengthRangeError('loadKg', `A load has to be more than 0 kg, not ${loadKg}.`);
  if (!(reps >= 1 && reps <= fact.maxReps)) {
    throw new StrengthRangeError('reps', `${fact.name} holds for 1 to ${fact.maxReps} reps, not ${reps}.`);
  }
  return fact.of(loadKg, reps);
}
