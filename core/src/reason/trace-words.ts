import type { MassUnit } from '../units';
import { holdIn } from './held';
import { markKindOf, type MarkKind } from './mark-words';
import type { CellReason, StepName } from './reason';
import { reasonWords } from './reason-words';

/** All that one step of a cell's way had to say. */
export interface StepWords {
  readonly step: StepName;
  readonly sentences: readonly string[];
  /** What it did to the plain answer, if anything. */
  readonly acted?: MarkKind | undefined;
}

/**
 * The reasons of a cell in words, one entry a step in the order of the pipeline's page.
 *
 * @param trace the reasons of a cell
 * @param unit the reader's
 * @example traceWords(cell.trace, 'kg')[0] // { step: 'rung', sentences: ['The plan gives everyone “plank”.'] }
 */
export function traceWords(trace: readonly CellReason[], unit: MassUnit): StepWords[] {
  const steps: { step: StepName; sentences: string[]; acted?: MarkKind | undefined }[] = [];
  const hold = holdIn(trace);
  for (const reason of trace) {
    const sentence = reasonWords(reason, unit, hold);
    const acted = markKindOf(reason);
    const last = steps.at(-1);
    if (last?.step === reason.step) {
      last.sentences.push(sentence);
      last.acted = acted ?? last.acted;
    } else steps.push({ step: reason.step, sentences: [sentence], acted });
  }
  return steps;
}
