import type { Hold, Override, Prescription, Range, Tempo, Tier } from '../model';
import type { CautionSubject } from '../caution';
import type { Recipe } from '../kit';
import type { Version } from '../ladder';
import type { Basis } from '../strength';

export type StepName = 'rung' | 'cautions' | 'kit' | 'target' | 'attainable' | 'write' | 'byHand';

/** What a step did to the plain answer, if anything. */
export type MarkKind = 'caution' | 'substitute' | 'bridge' | 'gate' | 'byHand';

/** A reason, in a sentence. */
export interface TraceStep {
  readonly step: StepName;
  readonly sentence: string;
  readonly acted?: MarkKind | undefined;
}

/** A few words in a cell for something the coach should see without asking. */
export interface Mark {
  readonly kind: MarkKind;
  readonly words: string;
  /** The kit has nothing heavier. */
  readonly kitEnds?: boolean;
}

export interface CellLoad {
  /** All that is held, both hands together. */
  readonly kg: number;
  readonly hold: Hold;
  /** Absent when the coach set a load that the kit cannot make. */
  readonly recipe?: Recipe;
  /** The recipe in words. */
  readonly words: string;
}

/** The work as one person does it: a number where the plan may say a range. */
export interface CellWork {
  readonly sets: number;
  /** Reps, or seconds for a time or a hold. */
  readonly amount: number;
  readonly kind: 'reps' | 'time' | 'hold';
  readonly perSide: boolean;
  /** Repetitions left undone that the load was chosen for. */
  readonly reserve?: number | undefined;
  readonly tempo?: Tempo | undefined;
  readonly range?: Range | undefined;
  /** How far the load is made up for by other means, from 0; see `BRIDGE_STEPS`. */
  readonly bridge?: number | undefined;
  readonly restSeconds: number;
}

/** One set, where sets differ from each other. */
export interface CellSet {
  readonly amount: number;
  /** Absent for body weight. */
  readonly kg?: number | undefined;
  /** How the load is made, in words. */
  readonly words?: string | undefined;
}

/** Difference to the week before; nothing changed when every part is 0. */
export interface Change {
  readonly kg: number;
  readonly amount: number;
  readonly sets: number;
}

/** Said to the participant about one of their conditions. */
export interface Warning {
  readonly condition: CautionSubject;
  readonly words: string;
}

interface CellBase {
  readonly participantId: string;
  readonly slotId: string;
  readonly week: number;
  readonly tier: Tier;
  readonly marks: readonly Mark[];
  readonly warnings: readonly Warning[];
  readonly trace: readonly TraceStep[];
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
  readonly basis?: Basis | undefined;
  /** Absent in the first week, and when the version is another than last week's. */
  readonly change?: Change | undefined;
}

export interface LeftOutCell extends CellBase {
  readonly status: 'leftOut';
  readonly because: string;
  readonly mend: string;
}

/** One slot for one person in one week. */
export type Cell = ReadyCell | LeftOutCell;
