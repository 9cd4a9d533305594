import type { AttainableLoad } from '../kit';
import { formatLoad } from '../units';
import type { CellWork, Mark, TraceStep } from './cell';
import type { DoseContext } from './context';
import type { Placement } from './place';
import type { Reasons } from './trace';
import { countedAs } from './wanted';

/** What steps 4 and 5 come to. */
export interface Dose {
  readonly amount: number;
  readonly load?: AttainableLoad | undefined;
  readonly wantedKg?: number | undefined;
  /** Of `BRIDGE_STEPS`, where reps alone do not make up for a load. */
  readonly bridge?: number | undefined;
}

export type Held = NonNullable<Placement['held']>;

/** One cell being dosed: what it rests on, and where its marks and reasons go. */
export class DoseJob {
  readonly marks: Mark[];

  constructor(
    readonly placement: Placement,
    readonly context: DoseContext,
    private readonly reasons: Reasons,
  ) {
    this.marks = placement.marks.slice();
  }

  /** What its work counts. */
  get kind(): CellWork['kind'] {
    return countedAs(this.placement.prescription.work);
  }

  /** An amount, held to what a caution allows. */
  limited(amount: number): number {
    const most = this.placement.limits.holdAtMostSeconds;
    if (this.kind !== 'hold' || amount <= most) return amount;
    this.say('attainable', () => `Held to ${most} s by a caution.`);
    return most;
  }

  kg(kg: number): string {
    return formatLoad(kg, this.context.unit);
  }

  say(step: TraceStep['step'], words: () => string, acted?: TraceStep['acted']): void {
    this.reasons.say(step, words, acted);
  }
}
