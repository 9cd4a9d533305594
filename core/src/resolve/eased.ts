import { saying, type CellDraft } from './draft';
import { easedPlan } from './wanted';

/**
 * The plan as conditions let a person take it: where they hold effort down, nothing goes on to the end, and no held strain past its seconds.
 *
 * @param draft placed, with its version and limits
 * @example eased(draft).prescription.work // { kind: 'reps', reps: 10 }
 */
export function eased(draft: CellDraft): CellDraft {
  const { version, prescription, limits } = draft;
  if (!version) return draft;
  const plan = easedPlan(prescription, version, limits);
  if (plan === prescription) return draft;
  if (prescription.work.kind !== 'most') return { ...draft, prescription: plan };
  const reason = { step: 'cautions', kind: 'numberInstead', reserve: limits.reserveAtLeast } as const;
  return { ...saying(draft, reason), prescription: plan };
}
