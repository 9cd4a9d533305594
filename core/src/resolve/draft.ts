import type { Amount, Hold, Prescription, Slot, Tier } from '../model';
import { NO_LIMITS, type CautionRule, type EffortLimits } from '../caution';
import type { AttainableLoad } from '../kit';
import type { Version } from '../ladder';
import type { CellReason, LeftOutBecause, Wanted } from '../reason';
import type { Ask } from './ask';
import type { Cell, CellLoad } from './cell';
import type { DoseContext, PlaceContext } from './context';
import type { HoldFit } from './hold';

/** A cell on its way through the steps: each takes one and gives the next, and none changes what it was given. */
export interface CellDraft {
  readonly slot: Slot;
  /** Whose prescription counts: the tier of the rung the person stands on. */
  readonly tier: Tier;
  readonly prescription: Prescription;
  readonly trace: readonly CellReason[];
  /** Step 1; afterwards undefined only where nothing is left of the slot. */
  readonly version?: Version | undefined;
  /** Step 2: what conditions say of it. */
  readonly rules: readonly CautionRule[];
  readonly limits: EffortLimits;
  /** How it may be held. */
  readonly holds: readonly Hold[];
  /** A load is forbidden. */
  readonly bodyWeightOnly: boolean;
  /** Step 3: how it is held; undefined when it is done with body weight. */
  readonly held?: HoldFit | undefined;
  /** Step 4: what is asked, and the load that strength would want. */
  readonly ask?: Ask | undefined;
  readonly wanted?: Wanted | undefined;
  /** Step 5. */
  readonly dose?: Dose | undefined;
  /** Step 6. */
  readonly cell?: Cell | undefined;
  /** Why nothing is left of the slot. */
  readonly leftOut?: LeftOutBecause | undefined;
}

/** How much, with what. */
export interface Dose {
  readonly amount: Amount;
  readonly sets: number;
  readonly load?: CellLoad | undefined;
  readonly wantedKg?: number | undefined;
  readonly aim?: number | undefined;
  /** Of `BRIDGE_STEPS`, where reps alone do not make up for a load. */
  readonly bridge?: number | undefined;
}

/** Steps 1 to 3: they do not depend on the week. */
export type PlaceStep = (draft: CellDraft, context: PlaceContext) => CellDraft;

/** The steps after them. */
export type DoseStep = (draft: CellDraft, context: DoseContext) => CellDraft;

/**
 * A draft before its first step.
 *
 * @param slot the place in the session
 * @param tier of the person where nothing more is known
 * @example draftOf(slot, 'beginner').trace // []
 */
export function draftOf(slot: Slot, tier: Tier): CellDraft {
  return {
    slot,
    tier,
    prescription: slot.prescriptions[tier],
    trace: [],
    rules: [],
    limits: NO_LIMITS,
    holds: [],
    bodyWeightOnly: false,
    // All of them from the start: drafts of one shape are copied several times faster.
    version: undefined,
    held: undefined,
    ask: undefined,
    wanted: undefined,
    dose: undefined,
    cell: undefined,
    leftOut: undefined,
  };
}

/**
 * A draft with reasons added.
 *
 * @param draft as it is
 * @param reasons in their order
 * @example saying(draft, { step: 'cautions', kind: 'noCautions' }).trace.at(-1)?.kind // 'noCautions'
 */
export function saying(draft: CellDraft, ...reasons: readonly CellReason[]): CellDraft {
  return { ...draft, trace: [...draft.trace, ...reasons] };
}

/**
 * A draft of which nothing is left.
 *
 * @param draft as it is
 * @param leftOut why
 * @param reasons in their order
 * @example leavingOut(draft, { kind: 'notInLibrary' }).version // undefined
 */
export function leavingOut(
  draft: CellDraft,
  leftOut: LeftOutBecause,
  ...reasons: readonly CellReason[]
): CellDraft {
  return { ...draft, version: undefined, held: undefined, leftOut, trace: [...draft.trace, ...reasons] };
}

/**
 * A load of the kit as a cell has it.
 *
 * @example cellLoad(load).hold // 'pair'
 */
export function cellLoad({ kg, recipe }: AttainableLoad): CellLoad {
  return { kg, hold: recipe.hold, recipe };
}
