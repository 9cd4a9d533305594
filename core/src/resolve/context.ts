import type { LeverSettings, Override, Pain, Participant } from '../model';
import type { Owned } from '../kit';
import type { Catalog } from '../ladder';
import type { Pacing } from '../plan';
import type { StrengthBook } from '../strength';
import type { Ask } from './ask';
import type { ReadyCell } from './cell';

/** What steps 1 to 3 need beside the slot: nothing in it depends on the week before. */
export interface PlaceContext {
  readonly catalog: Catalog;
  readonly participant: Participant;
  readonly owned: Owned;
  readonly strength: StrengthBook;
  /** How fast the session goes: so many repetitions fit into its clocks. */
  readonly pacing?: Pacing | undefined;
  readonly override?: Override | undefined;
  /** Where a scheme has brought them on the slot's ladder; step 2 and 3 still have their say. */
  readonly standing?: Standing | undefined;
}

/** A rung, with a lever moved where it is half of the way to the next. */
export interface Standing {
  readonly rungId: string;
  readonly levers?: LeverSettings | undefined;
}

/** What the later steps need beside that. */
export interface DoseContext extends PlaceContext {
  readonly week: number;
  /** The block's rest, for prescriptions that say none. */
  readonly restSeconds: number;
  /** The week before it, and what its scheme asks after it. */
  readonly last?: { readonly cell: ReadyCell; readonly ask: Ask } | undefined;
  /** What hurts where nothing of the slot was done yet: it is not begun until somebody has decided. */
  readonly hurt?: Pain | undefined;
  /** The heaviest of the weeks just before in this very version, where the last of them had no load. */
  readonly heldBeforeKg?: number | undefined;
  /** What a scheme that leads from the start asks of the first week. */
  readonly opening?: Extract<Ask, { kind: 'load' }> | undefined;
  /** A lighter week: fewer sets, less load, nothing grows. */
  readonly lighter?: boolean | undefined;
}
