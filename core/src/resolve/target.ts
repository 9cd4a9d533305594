import { amountLike, seconds } from '../model';
import { sameVersion } from '../ladder';
import type { CellReason } from '../reason';
import type { Ask } from './ask';
import type { DoseContext } from './context';
import type { CellDraft } from './draft';
import { startAmount, wantedLoad } from './wanted';

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
  const wanted = held && wantedLoad(version, prescription, limits, context);
  const goesOn = heldShort(askGoingOn(draft, context), draft);
  if (goesOn) return { ...draft, wanted, ask: goesOn, trace: [...draft.trace, goesOn.reason] };
  const opening = held && context.opening;
  if (opening) return { ...draft, wanted, ask: opening, trace: [...draft.trace, opening.reason] };
  const amount = startAmount(prescription.work);
  const begins: CellReason = wanted
    ? { step: 'target', kind: 'wanted', wanted }
    : { step: 'target', kind: 'asPlanned', amount };
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
  const most = limits.holdAtMostSeconds;
  if (ask?.kind !== 'repeat' || ask.amount.kind !== 'hold' || ask.amount.amount <= most) return ask;
  const amount = amountLike(ask.amount, most);
  return { ...ask, amount, reason: { step: 'attainable', kind: 'heldByCaution', seconds: seconds(most) } };
}

/** Why it is another version than last week's, and what hurt in that one. */
function whyAnother({ last, override }: DoseContext): CellReason[] {
  if (!last || last.ask.kind === 'begin') return [];
  const { ask } = last;
  const stopped = ask.reason.kind === 'hurt' && ask.reason.stopped && override?.reviewOfWeek === undefined;
  return ask.kind === 'harder' || stopped ? [ask.reason] : [];
}
