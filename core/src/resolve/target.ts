import { amountLike, seconds } from '../model';
import { sameVersion } from '../ladder';
import type { CellReason, ReasonOf } from '../reason';
import type { Ask } from './ask';
import type { DoseContext } from './context';
import { leavingOut, type CellDraft } from './draft';
import { mostSeconds, startAmount, wantedLoad } from './wanted';

/**
 * Step 4: what is asked before the kit has its say. After a week in the same version it is what the scheme makes of that week;
 * else the plan's amount, at the load that leaves what is to be left.
 *
 * @param draft with version and hold
 * @param context strength, the week before, what a wave opens with
 * @example target(draft, context).ask?.kind // 'begin'
 */
export function target(draft: CellDraft, context: DoseContext): CellDraft {
  const { version, held, prescription, limits } = draft;
  if (!version) return draft;
  const stop = stopped(context);
  if (stop) return leavingOut(draft, { kind: 'hurt', pain: stop.pain }, stop);
  const wanted = held && wantedLoad(version, prescription, limits, context);
  const goesOn = heldShort(askGoingOn(draft, context), draft);
  if (goesOn) return { ...draft, wanted, ask: goesOn, trace: [...draft.trace, goesOn.reason] };
  const opening = held && context.opening;
  if (opening) return { ...draft, wanted, ask: opening, trace: [...draft.trace, opening.reason] };
  const amount = startAmount(prescription.work);
  const begins: CellReason = wanted
    ? { step: 'target', kind: 'wanted', wanted }
    : { step: 'target', kind: 'asPlanned', amount, work: prescription.work };
  const ask: Ask = { kind: 'begin', amount };
  return { ...draft, wanted, ask, trace: [...draft.trace, ...whyAnother(context), begins] };
}

/** What is asked after a week that there was. */
type GoingOn = Exclude<Ask, { kind: 'begin' }>;

/** What a scheme asks after a week in this very version, held as it was. */
function askGoingOn({ version, held }: CellDraft, { last }: DoseContext): GoingOn | undefined {
  if (!last || !version || !sameVersion(last.cell.version, version)) return undefined;
  if (last.ask.kind === 'begin' || (held && !last.cell.load)) return undefined;
  return last.ask;
}

/** A longer hold than a caution allows is not asked in the first place, and the caution is the reason. */
function heldShort(ask: GoingOn | undefined, { limits }: CellDraft): GoingOn | undefined {
  if (ask?.kind !== 'repeat') return ask;
  const most = mostSeconds(ask.amount.kind, limits);
  if (ask.amount.amount <= most) return ask;
  const amount = amountLike(ask.amount, most);
  return { ...ask, amount, reason: { step: 'attainable', kind: 'heldByCaution', seconds: seconds(most) } };
}

/** What hurts so much that nothing of it is asked until somebody has looked at it and decided. */
function stopped({ last, override, hurt, week }: DoseContext): ReasonOf<'hurt'> | undefined {
  if (hurt && (override === undefined || override.fromWeek < week)) {
    return { step: 'target', kind: 'hurt', pain: hurt, stopped: true };
  }
  if (!last || last.ask.kind === 'begin') return undefined;
  const { reason } = last.ask;
  const decidedSince = override !== undefined && override.fromWeek > last.cell.week;
  return reason.kind === 'hurt' && reason.stopped && !decidedSince ? reason : undefined;
}

/** Why it is another version than last week's. */
function whyAnother({ last }: DoseContext): CellReason[] {
  return last?.ask.kind === 'harder' ? [last.ask.reason] : [];
}
