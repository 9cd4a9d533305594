import type { LeverSettings, Override, Participant } from '../model';
import type { Owned } from '../kit';
import type { Catalog } from '../ladder';
import type { StrengthBook } from '../strength';
import type { MassUnit } from '../units';
import type { Ask } from './ask';
import type { ReadyCell } from './cell';

/** What steps 1 to 3 need beside the slot: nothing in it depends on the week before. */
export interface PlaceContext {
  readonly catalog: Catalog;
  readonly participant: Participant;
  readonly owned: Owned;
  readonly strength: StrengthBook;
  /** The reader's unit, for sentences. */
  readonly unit: MassUnit;
  readonly override?: Override | undefined;
  /** Where a scheme has brought them on the slot's ladder; step 2 and 3 still have their say. */
  readonly standing?: Standing | undefined;
}

/** A rung, with a lever moved where it is half of the way to the next. */
export interface Standing {
  readonly rungId: string;
  readonly levers?: LeverSettings | undefined;
}

/** What steps 4 to 6 need beside the placement. */
export interface DoseContext extends PlaceContext {
  readonly week: number;
  /** The block's rest, for prescriptions that say none. */
  readonly restSeconds: number;
  readonly last?: { readonly cell: ReadyCell; readonly ask: Ask } | undefined;
  /** What a scheme that leads from the start asks of the first week. */
  readonly opening?: Extract<Ask, { kind: 'load' }> | undefined;
}
