import type { Formula } from '../model';

interface FormulaFact {
  readonly name: string;
  /** As it is published. */
  readonly equation: string;
  /** The most repetitions it is used for; past them it bends away from what people lift. */
  readonly maxReps: number;
  /** Maximum as a multiple of the load, for one repetition or more. */
  readonly multiple: (reps: number) => number;
}

/**
 * The published equations, from memory. Ranges: Brzycki, Lander and O'Conner were fitted on 10 to 12 repetitions or
 * fewer and hold to there; Mayhew and Wathan level off and stay usable for long sets; none is asked for more than 30
 * (common practice, no published source). Brzycki's line meets infinity at 37 repetitions, Lander's at 38.
 */
export const FORMULAS: Record<Formula, FormulaFact> = {
  /** Source: Epley 1985. */
  epley: { name: 'Epley', equation: 'w(1 + r/30)', maxReps: 30, multiple: (reps) => 1 + reps / 30 },
  /** Source: Brzycki 1993. */
  brzycki: { name: 'Brzycki', equation: '36w/(37 − r)', maxReps: 12, multiple: (reps) => 36 / (37 - reps) },
  /** Source: Lombardi 1989. */
  lombardi: { name: 'Lombardi', equation: 'w·r^0.10', maxReps: 30, multiple: (reps) => reps ** 0.1 },
  /** Source: O'Conner et al. 1989. */
  oconner: {
    name: 'O’Conner',
    equation: 'w(1 + 0.025r)',
    maxReps: 12,
    multiple: (reps) => 1 + 0.025 * reps,
  },
  /** Source: Lander 1985. */
  lander: {
    name: 'Lander',
    equation: '100w/(101.3 − 2.67123r)',
    maxReps: 12,
    multiple: (reps) => 100 / (101.3 - 2.67123 * reps),
  },
  /** Source: Mayhew et al. 1992. */
  mayhew: {
    name: 'Mayhew',
    equation: '100w/(52.2 + 41.9e^(−0.055r))',
    maxReps: 30,
    multiple: (reps) => 100 / (52.2 + 41.9 * Math.exp(-0.055 * reps)),
  },
  /** Source: Wathan 1994. */
  wathan: {
    name: 'Wathan',
    equation: '100w/(48.8 + 53.8e^(−0.075r))',
    maxReps: 30,
    multiple: (reps) => 100 / (48.8 + 53.8 * Math.exp(-0.075 * reps)),
  },
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
 * One-repetition maximum in kilograms from a set to the limit. A single repetition is the maximum it is, whichever
 * equation (most of them would add a few percent to it, which nobody means).
 *
 * @param loadKg what was lifted, more than 0
 * @param reps repetitions that were possible, from 1 to the formula's largest; fractions are allowed
 * @throws StrengthRangeError naming the argument that is out of range
 * @example oneRepMax(20, 10, 'epley') // 26.67
 */
export function oneRepMax(loadKg: number, reps: number, formula: Formula): number {
  const { name, maxReps, multiple } = FORMULAS[formula];
  if (!(loadKg > 0)) {
    throw new StrengthRangeError('loadKg', `A load has to be more than 0 kg, not ${loadKg}.`);
  }
  if (!(reps >= 1 && reps <= maxReps)) {
    throw new StrengthRangeError('reps', `${name} holds for 1 to ${maxReps} reps, not ${reps}.`);
  }
  return reps === 1 ? loadKg : loadKg * multiple(reps);
}
