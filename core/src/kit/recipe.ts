import type { Fillable, FixedWeight, Hold } from '../model';
import type { MassUnit } from '../units';

/** Plates on one side of one handle. */
export interface PlateStack {
  readonly massKg: number;
  readonly perSide: number;
}

/** What is done with one thing of a kit to make a load. `count` of them are held. */
export type RecipePart =
  | {
      readonly kind: 'fixed';
      readonly form: FixedWeight['form'];
      readonly massKg: number;
      readonly count: number;
    }
  | {
      readonly kind: 'adjustable';
      readonly handleKg: number;
      readonly plates: readonly PlateStack[];
      readonly count: number;
    }
  | {
      readonly kind: 'fillable';
      readonly name: Fillable['name'];
      readonly litres: number;
      readonly count: number;
    };

/** How a load is made. */
export interface Recipe {
  readonly hold: Hold;
  /** What the things are stamped with. */
  readonly unit: MassUnit;
  readonly part: RecipePart;
  /** Separate things to fetch and fasten; the simplest recipe has the fewest. */
  readonly pieces: number;
}

/** One load a kit can make, with the simplest way to make it. */
export interface AttainableLoad {
  /** All that is held, both hands together. */
  readonly kg: number;
  readonly recipe: Recipe;
}

/** What a kind of implement can make in one hold. */
export type Maker<Implement> = (implement: Implement, hold: Hold, unit: MassUnit) => AttainableLoad[];

/** How many of a thing a hold takes. */
export function inHand(hold: Hold): 0 | 1 | 2 {
  if (hold === 'none') return 0;
  return hold === 'pair' ? 2 : 1;
}
