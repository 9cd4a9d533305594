import { formatLoad } from '../units';
import type { Ask } from '../resolve';
import type { SchemeState } from './scheme';

/**
 * From this score on, of 10, work is stopped and something else offered; below it, it does not grow. Source: the pain
 * monitoring model, Thomeé 1997, up to 5 acceptable; held one lower here, as nobody examines anybody.
 */
export const STOPPING_PAIN = 4;

/** Weeks away for each step back, and its size in percent. Common practice, no published source. */
const WEEKS_AWAY = 2;
const STEP_BACK_PERCENT = 10;

/**
 * What follows from a week without proper training in a slot, whatever its scheme: pain holds or stops it, one week away
 * holds it, every second one takes a step back, and work that was left out is asked again. Undefined where there was
 * training.
 */
export function withoutTraining({ cell, evidence, unit }: SchemeState): Ask | undefined {
  const { amount, sets } = cell.work;
  switch (evidence.kind) {
    case 'hurt': {
      const { place, score } = evidence.pain;
      const hurt = `It hurt last week, ${place}, ${score} of 10`;
      if (score < STOPPING_PAIN) return { kind: 'amount', amount, sets, reason: `${hurt}: nothing grows.` };
      const reason = `${hurt}: not again until it is looked at; the review offers what spares it.`;
      return { kind: 'amount', amount, sets, reason, stopped: `${place} hurt, ${score} of 10` };
    }
    case 'skipped':
      return { kind: 'amount', amount, sets, reason: 'Left out last week: the same again.' };
    case 'missed': {
      const { weeks, unlogged } = evidence;
      if (weeks % WEEKS_AWAY !== 0) {
        const lastWeek = unlogged ? 'Nothing is logged of the last class' : 'Missed last week';
        const away = weeks === 1 ? lastWeek : `${weeks} weeks away`;
        return { kind: 'amount', amount, sets, reason: `${away}: the same again.` };
      }
      const back = `${weeks} weeks away: a step back`;
      if (cell.load) {
        const mostKg = cell.load.kg * (1 - STEP_BACK_PERCENT / 100);
        return {
          kind: 'stepDown',
          mostKg,
          amount,
          reason: `${back} by ${STEP_BACK_PERCENT} %, to ${formatLoad(mostKg, unit)} at the most.`,
        };
      }
      if (cell.work.kind === 'time')
        return { kind: 'amount', amount, sets, reason: `${weeks} weeks away: the clock stays.` };
      const fewer = Math.max(1, Math.floor(amount * (1 - STEP_BACK_PERCENT / 100)));
      return { kind: 'amount', amount: fewer, sets, reason: `${back}, ${fewer} instead of ${amount}.` };
    }
    default:
      return undefined;
  }
}
