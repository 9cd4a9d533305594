import type { Amount, Hold, Override, Prescription, Range, Tempo, Tier } from '../model';
import type { CautionRule } from '../caution';
import type { Recipe } from '../kit';
import type { Version } from '../ladder';
import type { CellReason, LeftOutBecause } from '../reason';
import type { Basis } from '../strength';

export interface CellLoad {
  /** All that is held, both hands together. */
  readonly kg: number;
  readonly hold: Hold;
  /** Absent when the coach set a load that the kit cannot make. */
  readonly recipe?: Recipe | undefined;
  /** Then the nearest that it can. */
  readonly nearest?: Recipe | undefined;
}

/** The work as one person does it: a number where the plan may say a range. */
export type CellWork = Amount & {
  readonly sets: number;
  readonly perSide: boolean;
  /** Repetitions left undone that were asked for; absent where the clock or a hold leads. */
  readonly reserve?: number | undefined;
  readonly tempo?: Tempo | undefined;
  readonly range?: Range | undefined;
  /** How far the load is made up for by other means, from 0; see `BRIDGE_STEPS`. */
  readonly bridge?: number | undefined;
  readonly restSeconds: number;
};

/** One set, where sets differ from each other. */
export interface CellSet {
  readonly amount: number;
  /** Absent for body weight. */
  readonly kg?: number | undefined;
  readonly recipe?: Recipe | undefined;
}

/** Difference to the week before; nothing changed when every part is 0. */
export interface Change {
  readonly kg: number;
  readonly amount: number;
  readonly sets: number;
}

interface CellBase {
  readonly participantId: string;
  readonly slotId: string;
  readonly week: number;
  readonly tier: Tier;
  /** What acted on it, in the order of the steps. */
  readonly trace: readonly CellReason[];
  /** Rules of the person's conditions that hold for it: what is said to them. */
  readonly warnings: readonly CautionRule[];
  readonly override?: Override | undefined;
}

export interface ReadyCell extends CellBase {
  readonly status: 'ready';
  readonly version: Version;
  /** What the plan said, before it became one number. */
  readonly planned: Prescription;
  readonly work: CellWork;
  /** Set by set, where they differ; `work` and `load` then say the working set. */
  readonly eachSet?: readonly CellSet[] | undefined;
  readonly load?: CellLoad | undefined;
  /** The load asked for before the kit had its say, in kilograms. */
  readonly wantedKg?: number | undefined;
  /** The amount aimed at where it grows by a share, before it became a whole number. */
  readonly aim?: number | undefined;
  readonly basis?: Basis | undefined;
  /** Absent in the first week, and when the version is another than last week's. */
  readonly change?: Change | undefined;
}

export interface LeftOutCell extends CellBase {
  readonly status: 'leftOut';
  readonly because: LeftOutBecause;
}

/** One slot for one person in one week. */
export type Cell = ReadyCell | LeftOutCell;
