import { amountLike, DEFAULT_CAP_PERCENT, type Amount } from '../model';
import { USUAL_RESERVE, type Ask, type ReadyCell } from '../resolve';
import type { CellReason } from '../reason';
import { atMost } from '../units';
import type { Evidence } from './evidence';
import { repSpan } from './rep-span';
import type { SchemeState } from './scheme';

/**
 * From this score on, of 10, work is stopped and something else offered; below it, it does not grow. Source: the pain
 * monitoring model, Thomeé 1997, up to 5 acceptable; held one lower here, as nobody examines anybody.
 */
export const STOPPING_PAIN = 4;

/** Weeks away for each step back, and its size in percent. Common practice, no published source. */
export const WEEKS_AWAY = 2;
const STEP_BACK_PERCENT = 10;

/** More than this times the load that was asked is more likely written down wrong. Common practice, no published source. */
const LIKELY = 1.5;

/** The same numbers again, for a reason. */
function again({ work }: ReadyCell, reason: CellReason): Ask {
  return { kind: 'repeat', amount: amountLike(work, work.amount), sets: work.sets, reason };
}

/**
 * What follows from a week without proper training in a slot, whatever its scheme: pain holds or stops it, one week away
 * holds it, every second one takes a step back, work that was left out or done in part is asked again, and so is what another
 * version was done in the place of, or what was counted otherwise. Another load that was used is where it goes on from.
 *
 * @param state after a week
 * @returns undefined where there was training
 * @example withoutTraining({ ...state, evidence: { kind: 'skipped' } })?.kind // 'repeat'
 */
export function withoutTraining(state: SchemeState): Ask | undefined {
  const { cell, evidence, catalog } = state;
  switch (evidence.kind) {
    case 'hurt': {
      const { pain } = evidence;
      return again(cell, { step: 'target', kind: 'hurt', pain, stopped: pain.score >= STOPPING_PAIN });
    }
    case 'skipped':
      return again(cell, { step: 'target', kind: 'skipped' });
    case 'missed':
      return afterWeeksAway(cell, evidence);
    case 'otherVersion': {
      const rung = evidence.rungId === undefined ? undefined : catalog.rungById(evidence.rungId);
      const name = rung?.name ?? catalog.exerciseById(evidence.exerciseId)?.name ?? evidence.exerciseId;
      return again(cell, { step: 'target', kind: 'didOtherVersion', name, asked: cell.version });
    }
    case 'countedOtherwise':
      return again(cell, { step: 'target', kind: 'countedOtherwise', counted: evidence.counted });
    case 'partly':
      return again(cell, { step: 'target', kind: 'didPart', sets: evidence.sets, of: cell.work.sets });
    case 'made':
    case 'short':
      return withOtherLoad(state, evidence);
    default:
      return undefined;
  }
}

function afterWeeksAway(cell: ReadyCell, { weeks, unlogged }: Extract<Evidence, { kind: 'missed' }>): Ask {
  const { work, load } = cell;
  if (weeks % WEEKS_AWAY !== 0) return again(cell, { step: 'target', kind: 'away', weeks, unlogged });
  const percent = STEP_BACK_PERCENT;
  const kept = 1 - percent / 100;
  if (load) {
    const mostKg = load.kg * kept;
    const reason = { step: 'target', kind: 'awayStepBack', weeks, percent, mostKg } as const;
    return { kind: 'stepDown', mostKg, amount: amountLike(work, work.amount), reason };
  }
  if (work.kind === 'time') return again(cell, { step: 'target', kind: 'awayClockStays', weeks });
  const amount: Amount = amountLike(work, Math.max(1, work.amount * kept));
  const reason = { step: 'target', kind: 'awayStepBack', weeks, percent, amount } as const;
  return { kind: 'repeat', amount, sets: work.sets, reason };
}

/**
 * Done with another load than was asked: it goes on from there. A heavier one counts only where enough was left; where nobody said,
 * no further than a week's cap and for nobody whose effort a caution holds down; and never so far that it is more likely a slip of
 * the pen (120 for 12 kg). Common practice, no published source.
 */
function withOtherLoad(
  { cell, prescription }: SchemeState,
  { otherKg, worst, reserve }: Extract<Evidence, { kind: 'made' | 'short' }>,
): Ask | undefined {
  const { work, load, warnings } = cell;
  if (otherKg === undefined || !load) return undefined;
  const asked = work.reserve ?? USUAL_RESERVE;
  const eased = warnings.some(({ action }) => action.kind === 'ease');
  const unsaid = !eased && atMost(otherKg, load.kg * (1 + DEFAULT_CAP_PERCENT / 100));
  // Whose effort a caution holds down has to have left all that was asked.
  const enoughLeft = reserve === undefined ? unsaid : reserve >= (eased ? asked : asked - 1);
  const takenOver = otherKg < load.kg || (enoughLeft && atMost(otherKg, load.kg * LIKELY));
  const reason = {
    step: 'target',
    kind: 'didOtherLoad',
    askedKg: load.kg,
    doneKg: otherKg,
    takenOver,
  } as const;
  if (!takenOver) return again(cell, reason);
  const most = repSpan(prescription.work)?.high ?? work.amount;
  const amount = amountLike(work, Math.max(1, Math.min(worst, Math.max(most, work.amount))));
  return { kind: 'repeat', amount, sets: work.sets, fromKg: otherKg, reason };
}
