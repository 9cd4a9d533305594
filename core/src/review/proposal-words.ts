import { formatHeld, type MassUnit } from '../units';
import { holdIn, reasonWords } from '../reason';
import { EASY_REPS_LEFT, RAISE_REPS, type Pin, type Proposal, type Way } from './proposal';
import { cellInWords, setsInWords } from './set-words';

/**
 * What was done, in a line.
 *
 * @param proposal to read
 * @param unit the reader's
 * @example evidenceWords(proposal, 'kg') // '10, 10, 9 with 12.5 kg, 2 left'
 */
export function evidenceWords({ done, easyFor }: Proposal, unit: MassUnit): string {
  if (!easyFor) return setsInWords(done, unit);
  return `${easyFor.people} of ${easyFor.of} had at least ${EASY_REPS_LEFT} more in them`;
}

/**
 * Why, in a few sentences.
 *
 * @param way a proposal, or the other way on beside it
 * @param unit the reader's
 * @example whyWords(proposal, 'kg') // 'Reps first: from 10 to 12, up to 12. Again 12.5 kg: dumbbell 12.5 kg.'
 */
export function whyWords({ reasons }: Pick<Way, 'reasons'>, unit: MassUnit): string {
  const hold = holdIn(reasons);
  return reasons.map((reason) => reasonWords(reason, unit, hold)).join(' ');
}

/**
 * What next week would be, in a line.
 *
 * @param way a proposal, or the other way on beside it
 * @param unit the reader's
 * @example nextWords(proposal, 'kg') // '3 × 12 with 12.5 kg, one-arm row'
 */
export function nextWords({ next, pin }: Pick<Way, 'next' | 'pin'>, unit: MassUnit): string {
  if (pin.leaveOut) return 'left out';
  if (next?.status === 'ready') return cellInWords(next, unit);
  return next ? 'nothing' : `${RAISE_REPS} more on the plan`;
}

/**
 * What a pin sets, for the screens that change one.
 *
 * @param pin numbers of next week
 * @param unit the reader's
 * @param pair one in each hand
 * @example pinInWords({ sets: 3, amount: 12, loadKg: 12.5 }, 'kg') // '3 × 12 with 12.5 kg'
 */
export function pinInWords({ sets, amount, loadKg }: Pin, unit: MassUnit, pair = false): string {
  const work = sets !== undefined && amount !== undefined ? `${sets} × ${amount}` : '';
  const load = loadKg ? formatHeld(loadKg, unit, pair) : '';
  return [work, load].filter(Boolean).join(' with ');
}
