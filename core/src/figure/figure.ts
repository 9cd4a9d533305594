import type { Surface } from '../body';
import type { Hold, LeverSettings } from '../model';
import { fromTheFront, fromTheSide, key, type Move, type Part } from './parts';

/** Where what is held sits. */
export type HeldAt = 'hands' | 'back' | 'hips' | 'thighs' | 'chest' | 'ankle';

/** Where a band or a towel is fixed: under the feet, behind the back, or at a place (shares of stature). */
export type Anchor =
  | 'feet'
  | 'nearFoot'
  | 'back'
  | 'seat'
  | 'hands'
  | 'knees'
  | { readonly x: number; readonly y: number };

/** Something drawn that nobody rests on: the chair behind, a sliding cloth, a towel. */
export interface Beside {
  readonly surface: Surface;
  readonly x: number;
}

/** An exercise as it is seen: how it moves, and what is held where. */
export interface Figure {
  readonly move: Move;
  readonly heldAt?: HeldAt | undefined;
  readonly anchor?: Anchor | undefined;
  readonly beside?: readonly Beside[];
  /** Lying, seen from above: nothing is stood on in the picture. */
  readonly above?: true | undefined;
  /** Which limbs work where not both do: drawn in ink, the others lighter. */
  readonly works?: 'near' | 'both' | undefined;
}

/** In which version it is done, and by whom. */
export interface How {
  readonly levers: LeverSettings;
  readonly hold?: Hold | undefined;
  /** What is held, as a share of the body: whoever carries more leans against it more. */
  readonly loadShare?: number | undefined;
  readonly statureCm: number;
  /** With a hand on something that stands. */
  readonly holdingOn?: boolean | undefined;
}

/** A figure for every version of an exercise. */
export type FigureOf = (how: How) => Figure;

/** By exercise. */
export type Figures = Readonly<Record<string, FigureOf>>;

/** From one pose to another, seen from the side, however it is done. */
export const side = (from: Part, to: Part, more: Omit<Figure, 'move'> = {}): FigureOf =>
  always(fromTheSide([key(from), key(to)]), more);
/** The same seen from the front. */
export const front = (from: Part, to: Part, more: Omit<Figure, 'move'> = {}): FigureOf =>
  always(fromTheFront([key(from), key(to)]), more);

/** The same however it is done. */
export const always =
  (move: Move, more: Omit<Figure, 'move'> = {}): FigureOf =>
  () => ({ move, ...more });
