import { formatLoad } from '../units';
import { repSpan } from './reps-then-load';
import type { SchemeNext, SchemeOf } from './scheme';

/**
 * A small fixed share more each week, never over the cap. Source for its size: ACSM position stand 2009, progression
 * models, 2-10 %. Work without a load grows in reps or seconds by the same share.
 */
export const cappedPercent: SchemeNext<SchemeOf<'cappedPercent'>> = (
  { cell, prescription, unit },
  scheme,
) => {
  const { percentPerWeek, capPercent } = scheme;
  const grow = 1 + percentPerWeek / 100;
  const base = repSpan(prescription.work)?.low ?? cell.work.amount;
  if (cell.load) {
    const wantedKg = (cell.wantedKg ?? cell.load.kg) * grow;
    const reason = `${percentPerWeek} % more than last week’s aim: ${formatLoad(wantedKg, unit)} for ${base}.`;
    return { kind: 'load', wantedKg, amount: base, capPercent, reason };
  }
  if (prescription.work.kind === 'hold') {
    const amount = Math.max(cell.work.amount + 1, Math.floor(cell.work.amount * grow));
    return { kind: 'amount', amount, reason: `${percentPerWeek} % longer: ${amount} s.` };
  }
  // Whole reps: the aim grows smoothly from the plan and is rounded down each week.
  const amount = Math.max(cell.work.amount, Math.floor(base * grow ** cell.week + 1e-9));
  const share = `${percentPerWeek} % more work a week`;
  return {
    kind: 'amount',
    amount,
    reason:
      amount > cell.work.amount
        ? `${share}: ${amount} reps.`
        : `${share} is not a whole rep yet: ${amount} again.`,
  };
};
