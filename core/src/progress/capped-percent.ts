import { amountLike } from '../model';
import { wholeBelow } from '../units';
import { lowEnd } from './rep-span';
import type { SchemeNext, SchemeOf } from './scheme';

/**
 * A small fixed share more each week that was trained, never over the cap. Source for its size: ACSM position stand 2009,
 * progression models, 2-10 %. Work without a load grows in reps or seconds by the same share: the aim grows smoothly, what is
 * asked is the whole number below it.
 *
 * @param state after a week
 * @param scheme its numbers
 * @example cappedPercent(state, { kind: 'cappedPercent', percentPerWeek: 5, capPercent: 10 }).kind // 'load'
 */
export const cappedPercent: SchemeNext<SchemeOf<'cappedPercent'>> = ({ cell, prescription }, scheme) => {
  const { percentPerWeek: percent, capPercent } = scheme;
  const { work, load } = cell;
  const grow = 1 + percent / 100;
  if (load) {
    const amount = lowEnd(prescription.work);
    const wantedKg = (cell.wantedKg ?? load.kg) * grow;
    const reason = { step: 'target', kind: 'percentMore', percent, kg: wantedKg, amount } as const;
    return { kind: 'load', wantedKg, amount, capPercent, reason };
  }
  const aim = Math.max(cell.aim ?? 0, work.amount) * grow;
  const amount = amountLike(work, Math.max(work.amount, wholeBelow(aim)));
  const grew = amount.amount > work.amount;
  return {
    kind: 'repeat',
    amount,
    aim,
    reason: { step: 'target', kind: 'percentMoreWork', percent, amount, grew },
  };
};
