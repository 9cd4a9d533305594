import { MOST_LIFTED_KG, MOST_LIFTED_WORDS, prescriptionSchema, type Prescription } from '../model';
import type { MassUnit } from '../units';
import { fromDraft, scanPieces, type Draft, type ShorthandProblem } from './prescription-pieces';

export type ShorthandResult =
  | { readonly ok: true; readonly prescription: Prescription }
  | { readonly ok: false; readonly problem: ShorthandProblem };

/**
 * Reads a prescription the way coaches write it: "3x10", "3 sets of 8-12 each side 2 left", "4 × 45 s rest 15",
 * "40s on 20 off", "5x5 @80%", "3x12 20 lb 3-1-1", "3 rounds of max in 60 s". Never throws. `formatPrescription` gives the
 * canonical form; the whole notation stands in docs/shorthand.md.
 *
 * @param unit only for bare text; a written unit always wins
 */
export function parsePrescription(text: string, unit: MassUnit = 'kg'): ShorthandResult {
  const scanned = scanPieces(text, 0, text.length, unit);
  return scanned.problem
    ? { ok: false, problem: scanned.problem.said() }
    : completed(scanned.draft, 0, text.length);
}

/** A draft checked and made whole; problems point at the piece of text it was read from. */
export function completed(draft: Draft, from: number, to: number): ShorthandResult {
  const { sets, work } = draft;
  if (sets === undefined) return problem(to, 0, 'How many sets? Write for example “3 × 10”.');
  if (!work) return problem(to, 0, `How many in each set? For example “${sets} × 10”.`);
  const checked = prescriptionSchema.safeParse(fromDraft({ ...draft, sets, work }));
  const { target } = checked.data ?? {};
  const tooHeavy = target?.kind === 'load' && target.loadKg > MOST_LIFTED_KG;
  if (checked.success && !tooHeavy) return { ok: true, prescription: checked.data };
  return problem(from, to - from, sentenceFor(draft));
}

function problem(at: number, length: number, sentence: string): ShorthandResult {
  return { ok: false, problem: { at, length, sentence } };
}

function sentenceFor({ sets = 0, work, target, setPattern }: Draft): string {
  if (sets < 1 || sets > 20) return `Sets go from 1 to 20, not ${sets}.`;
  if (work?.kind === 'range' && work.low >= work.high) {
    return `A range goes from low to high: “${Math.min(work.low, work.high)}–${Math.max(work.low, work.high + 1)}”.`;
  }
  const counted =
    work?.kind === 'reps' || work?.kind === 'either'
      ? [work.reps]
      : work?.kind === 'range'
        ? [work.low, work.high]
        : work?.kind === 'most' && work.upTo !== undefined
          ? [work.upTo]
          : [];
  const wrong = counted.find((reps) => reps < 1 || reps > 100);
  if (wrong !== undefined) return `Reps go from 1 to 100, not ${wrong}.`;
  const timed = work && 'seconds' in work ? work.seconds : undefined;
  if (timed !== undefined && !(timed >= 1 && timed <= 3600 && Number.isInteger(timed))) {
    return 'A time goes from 1 second to 60 minutes, in whole seconds.';
  }
  if (target?.kind === 'percent') return 'A share of the maximum goes from 20 % to 100 %.';
  if (target?.kind === 'bodyMass') return 'A share of body mass goes from 1 % to 200 %.';
  if (target?.kind === 'effort') return 'Effort goes from 1 to 10, in halves.';
  if (target?.kind === 'load') return `A load goes up to ${MOST_LIFTED_WORDS}.`;
  if (target?.kind === 'reserve') return 'Reps left go from 0 to 10.';
  if (setPattern) return 'Reps go up or down by 1 to 20 from set to set.';
  return 'Rest goes up to 15 minutes, tempo up to 20 seconds a part.';
}
