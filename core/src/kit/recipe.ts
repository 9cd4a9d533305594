import type {
  BandPath,
  BarForm,
  Fillable,
  FixedWeight,
  Hold,
  ImplementKind,
  ImplementOf,
  Prop,
} from '../model';
import type { MassUnit } from '../units';
import type { BandSetUp } from './band-set-up';

/** Plates on one side of one handle or bar. */
export interface PlateStack {
  readonly massKg: number;
  readonly perSide: number;
}

/** Things in a bag. */
export interface ItemCount {
  readonly name: string;
  readonly massKg: number;
  readonly count: number;
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
      readonly kind: 'bar';
      readonly form: BarForm;
      readonly barKg: number;
      readonly plates: readonly PlateStack[];
    }
  | {
      readonly kind: 'fillable';
      readonly name: Fillable['name'];
      readonly litres: number;
      readonly capacityLitres: number;
      readonly count: number;
      /** What its handle is trusted with, if it has one. */
      readonly trustedKg?: number | undefined;
    }
  | {
      readonly kind: 'bag';
      readonly name: string;
      readonly emptyKg: number;
      readonly items: readonly ItemCount[];
      /** What its handle and zip are trusted with. */
      readonly trustedKg?: number | undefined;
    }
  | {
      readonly kind: 'band';
      readonly name: string;
      readonly setUp: BandSetUp;
      readonly fixedBy: string;
      /** At the start of the movement, on average, and at the hardest point. */
      readonly startKg: number;
      readonly meanKg: number;
      readonly peakKg: number;
    }
  | { readonly kind: 'ankle'; readonly massesKg: readonly number[] }
  | {
      readonly kind: 'vest';
      readonly emptyKg: number;
      readonly insertKg: number;
      readonly inserts: number;
    }
  | {
      readonly kind: 'hands';
      /** What the hands stand on; the floor when absent. */
      readonly prop?: Prop | undefined;
      readonly heightCm: number;
      readonly share: number;
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
  /** All that is held, both hands together; the mean over the movement for a band. */
  readonly kg: number;
  readonly recipe: Recipe;
}

/** Whose body it is, where that matters: bands run along it, and hands carry a share of it. */
export interface Wearer {
  readonly bodyMassKg?: number | undefined;
  readonly heightCm?: number | undefined;
}

/** What is asked of a kit. */
export interface HoldQuestion {
  readonly hold: Hold;
  readonly wearer: Wearer;
  /** How a band is led; no band without it. */
  readonly path?: BandPath | undefined;
}

/** A thing with the unit of the kit it is in. */
export interface Stocked<Kind extends ImplementKind> {
  readonly implement: ImplementOf<Kind>;
  readonly unit: MassUnit;
}

/** What all implements of a kind can make in one hold. */
export type Maker<Kind extends ImplementKind> = (
  stock: readonly Stocked<Kind>[],
  question: HoldQuestion,
) => AttainableLoad[];

/** How many of a hand-held thing a hold takes; 0 when it is not held in the hands. */
export function inHand(hold: Hold): 0 | 1 | 2 {
  if (hold === 'pair') return 2;
  return hold === 'bothHands' || hold === 'oneSide' ? 1 : 0;
}
