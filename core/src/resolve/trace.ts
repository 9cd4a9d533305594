import type { MarkKind, ReadyCell, LeftOutCell, StepName, TraceStep } from './cell';

/** Where the steps of the pipeline leave their reasons. */
export interface Reasons {
  say(step: StepName, words: () => string, acted?: MarkKind): void;
}

/** Keeps every reason as a sentence. */
export class TraceOf implements Reasons {
  readonly steps: TraceStep[];

  constructor(before: readonly TraceStep[] = []) {
    this.steps = before.slice();
  }

  say(step: StepName, words: () => string, acted?: MarkKind): void {
    this.steps.push({ step, sentence: words(), acted });
  }
}

/** Keeps none: most cells of a board are never asked why. */
export const UNASKED: Reasons = { say: () => undefined };

type Fields<Own> = Omit<Own, 'trace'>;

/**
 * A cell that works out its trace when it is first read, by running its steps once more: they are pure, so it comes
 * to the same, and a board of a thousand cells does not carry seven thousand sentences for the one that is opened.
 */
class Explained {
  #steps: readonly TraceStep[] | undefined;
  readonly #explain: () => readonly TraceStep[];

  constructor(explain: () => readonly TraceStep[]) {
    this.#explain = explain;
  }

  get trace(): readonly TraceStep[] {
    return (this.#steps ??= this.#explain());
  }
}

/** Written out field by field: a board is a thousand of these, and copying is what such a loop spends its time on. */
export class ReadyCellOf extends Explained implements ReadyCell {
  readonly status = 'ready';
  readonly participantId: ReadyCell['participantId'];
  readonly slotId: ReadyCell['slotId'];
  readonly week: ReadyCell['week'];
  readonly tier: ReadyCell['tier'];
  readonly version: ReadyCell['version'];
  readonly planned: ReadyCell['planned'];
  readonly work: ReadyCell['work'];
  readonly eachSet: ReadyCell['eachSet'];
  readonly load: ReadyCell['load'];
  readonly wantedKg: ReadyCell['wantedKg'];
  readonly basis: ReadyCell['basis'];
  readonly change: ReadyCell['change'];
  readonly marks: ReadyCell['marks'];
  readonly warnings: ReadyCell['warnings'];
  readonly override: ReadyCell['override'];

  constructor(fields: Fields<ReadyCell>, explain: () => readonly TraceStep[]) {
    super(explain);
    this.participantId = fields.participantId;
    this.slotId = fields.slotId;
    this.week = fields.week;
    this.tier = fields.tier;
    this.version = fields.version;
    this.planned = fields.planned;
    this.work = fields.work;
    this.eachSet = fields.eachSet;
    this.load = fields.load;
    this.wantedKg = fields.wantedKg;
    this.basis = fields.basis;
    this.change = fields.change;
    this.marks = fields.marks;
    this.warnings = fields.warnings;
    this.override = fields.override;
  }
}

/** A slot that nothing fits, with what would mend it. */
export class LeftOutCellOf extends Explained implements LeftOutCell {
  readonly status = 'leftOut';
  readonly participantId: LeftOutCell['participantId'];
  readonly slotId: LeftOutCell['slotId'];
  readonly week: LeftOutCell['week'];
  readonly tier: LeftOutCell['tier'];
  readonly because: LeftOutCell['because'];
  readonly mend: LeftOutCell['mend'];
  readonly marks: LeftOutCell['marks'];
  readonly warnings: LeftOutCell['warnings'];
  readonly override: LeftOutCell['override'];

  constructor(fields: Fields<LeftOutCell>, explain: () => readonly TraceStep[]) {
    super(explain);
    this.participantId = fields.participantId;
    this.slotId = fields.slotId;
    this.week = fields.week;
    this.tier = fields.tier;
    this.because = fields.because;
    this.mend = fields.mend;
    this.marks = fields.marks;
    this.warnings = fields.warnings;
    this.override = fields.override;
  }
}
