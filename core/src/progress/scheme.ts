import type { Prescription, Rung, Scheme } from '../model';
import type { Catalog } from '../ladder';
import type { Ask, ReadyCell, Standing } from '../resolve';
import type { RepCurve } from '../strength';
import type { Evidence } from './evidence';

/** Where in a program the coming work stands. */
export interface ProgramPlace {
  /** The coming week, from 1. */
  readonly week: number;
  readonly weeks: number;
  /** Which of the program's sessions it is, from 0: undulating waves differ from one to the next. */
  readonly session: number;
  /** The week before it was a lighter one already. */
  readonly afterLighter?: boolean;
}

/** Where a slot stands after a week. */
export interface SchemeState {
  readonly cell: ReadyCell;
  /** The plan of the person's tier. */
  readonly prescription: Prescription;
  readonly evidence: Evidence;
  /** Of the week before it, where that had the same version and load; else nothing is known. */
  readonly before: Evidence;
  /** Weeks running that fell short at this version and load, the last one included. */
  readonly shortWeeks: number;
  readonly place: ProgramPlace;
  /** The person's maximum in this exercise as the program begins; undefined for body weight. */
  readonly maxKg?: number | undefined;
  /** The heaviest of all weeks so far at this version. */
  readonly heaviestKg?: number | undefined;
  /** How load and reps trade for the person. */
  readonly curve: RepCurve;
  readonly catalog: Catalog;
  /** Whether cautions and kit let the person do a version. */
  readonly reaches: (standing: Standing) => boolean;
  /** What the way to a rung still wants: of the gate of the one at hand, and of other ladders; nothing when it is open. */
  readonly wantedFor: (rung: Rung) => readonly string[];
}

/** What to ask of the next week. */
export type SchemeNext<Kind extends Scheme> = (state: SchemeState, scheme: Kind) => Ask;

export type SchemeOf<Kind extends Scheme['kind']> = Extract<Scheme, { kind: Kind }>;
