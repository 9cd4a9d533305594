import type { Prescription, Scheme } from '../model';
import type { Ask, ReadyCell } from '../resolve';
import type { MassUnit } from '../units';
import type { Evidence } from './evidence';

/** Where a slot stands after a week. */
export interface SchemeState {
  readonly cell: ReadyCell;
  /** The plan of the person's tier. */
  readonly prescription: Prescription;
  readonly evidence: Evidence;
  /** Of the week before it, where that had the same version and load; else nothing is known. */
  readonly before: Evidence;
  readonly unit: MassUnit;
}

/** What to ask of the next week. */
export type SchemeNext<Own extends Scheme> = (state: SchemeState, scheme: Own) => Ask;

export type SchemeOf<Kind extends Scheme['kind']> = Extract<Scheme, { kind: Kind }>;
