import type { CheckKind, Sex } from '../model';

/** How a check is named, counted and done. */
export const CHECKS: Record<
  CheckKind,
  { readonly name: string; readonly unit: string; readonly how: string }
> = {
  chairStands: {
    name: 'chair stands in 30 s',
    unit: 'times',
    how: 'Arms crossed, a firm chair of 43 cm against the wall; full stands count.',
  },
  pressUps: {
    name: 'press-ups',
    unit: 'times',
    how: 'From the floor, chest a fist above it, until form goes.',
  },
  kneePressUps: {
    name: 'press-ups from the knees',
    unit: 'times',
    how: 'One line from knee to ear, until form goes.',
  },
  plankSeconds: { name: 'plank', unit: 's', how: 'On the forearms, until the hips sink.' },
  heelToToeSeconds: {
    name: 'stand heel to toe',
    unit: 's',
    how: 'Eyes open, nothing held, 30 s at the most.',
  },
  oneLegSeconds: {
    name: 'stand on one leg',
    unit: 's',
    how: 'The better leg, arms crossed, 45 s at the most.',
  },
  oneLegBlindSeconds: {
    name: 'stand on one leg, eyes closed',
    unit: 's',
    how: 'Only with something to hold at once; 45 s at the most.',
  },
};

/** From this age on, below so many is below average. */
type AgeRow = readonly [fromAge: number, women: number, men: number];

/**
 * Chair stands in 30 seconds: fewer is below average.
 * Source: CDC STEADI, 30-second chair stand (from memory past 74 years).
 */
export const CHAIR_STANDS_BELOW: readonly AgeRow[] = [
  [60, 12, 14],
  [65, 11, 12],
  [70, 10, 12],
  [75, 10, 11],
  [80, 9, 10],
  [85, 8, 8],
  [90, 4, 7],
];

/**
 * Mean seconds on one leg, eyes open and closed, best of three, women and men together.
 * Source: Springer, Marin, Cyhan, Roberts & Gill 2007 (from memory).
 */
export const ONE_LEG_MEAN: readonly (readonly [fromAge: number, open: number, closed: number])[] = [
  [18, 45, 15],
  [40, 42, 13],
  [50, 41, 8],
  [60, 32, 4],
  [70, 22, 3],
  [80, 9, 2],
];

/**
 * A mean is no pass mark: half of all people are below it. From this share of it on a result is ordinary. Common practice; the
 * published spread is at least that wide.
 */
const ORDINARY = 0.75;

/** Seconds heel to toe below which the risk of falling is raised. Source: CDC STEADI, four-stage balance test. */
export const HEEL_TO_TOE_LEAST = 10;

/** A published norm beside a result. */
export interface Norm {
  readonly words: string;
  readonly met: boolean;
  readonly source: string;
}

function rowFor<Row extends readonly [number, ...unknown[]]>(
  rows: readonly Row[],
  age: number,
): Row | undefined {
  return rows.findLast(([from]) => age >= from);
}

/** The published norm for a check, age and sex; undefined where none is known for them. */
export function normFor(
  kind: CheckKind,
  result: number,
  age: number | undefined,
  sex: Sex | undefined,
): Norm | undefined {
  switch (kind) {
    case 'chairStands': {
      const row = age === undefined ? undefined : rowFor(CHAIR_STANDS_BELOW, age);
      if (!row || age === undefined) return undefined;
      const least = sex === 'male' ? row[2] : sex === 'female' ? row[1] : Math.min(row[1], row[2]);
      return {
        words: `below ${least} is below average at ${age}`,
        met: result >= least,
        source: 'CDC STEADI',
      };
    }
    case 'heelToToeSeconds':
      return {
        words: `below ${HEEL_TO_TOE_LEAST} s falls are likelier`,
        met: result >= HEEL_TO_TOE_LEAST,
        source: 'CDC STEADI',
      };
    case 'oneLegSeconds':
    case 'oneLegBlindSeconds': {
      const row = age === undefined ? undefined : rowFor(ONE_LEG_MEAN, age);
      if (!row) return undefined;
      const mean = kind === 'oneLegSeconds' ? row[1] : row[2];
      return {
        words: `${mean} s is the mean at ${age ?? 0}; ordinary from ${Math.floor(mean * ORDINARY)} s`,
        met: result >= Math.floor(mean * ORDINARY),
        source: 'Springer et al. 2007',
      };
    }
    case 'pressUps':
    case 'kneePressUps':
    case 'plankSeconds':
      return undefined;
  }
}
