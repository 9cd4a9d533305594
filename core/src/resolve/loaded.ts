import { amountLike, amountOf, DEFAULT_CAP_PERCENT, type Amount } from '../model';
import { pickLoad, type AttainableLoad } from '../kit';
import type { CellReason } from '../reason';
import type { Ask } from './ask';
import { bridged } from './bridged';
import type { ReadyCell } from './cell';
import type { DoseContext } from './context';
import { cellLoad, saying, type Dose, type CellDraft } from './draft';
import type { HoldFit } from './hold';
import { loadFor, NEAR_ENOUGH, nearestUpTo, sameLoadIn } from './loads';
import { stepUp, type UpFrom } from './step-up';
import { startAmount } from './wanted';

/**
 * The answer to an ask for what is held.
 *
 * @param draft with what is asked
 * @param held the loads there are
 * @param context the week before
 * @example loadedDose(draft, held, context).dose?.load?.kg // 18
 */
export function loadedDose(draft: CellDraft, held: HoldFit, { last, heldBeforeKg }: DoseContext): CellDraft {
  const { ask } = draft;
  if (!ask) return draft;
  switch (ask.kind) {
    case 'begin':
      return begin(draft, held, ask.amount, heldBeforeKg);
    case 'repeat':
      return repeat(draft, held, ask, last?.cell);
    case 'stepUp':
      return last?.cell.load ? stepUp(upFrom(draft, held, last.cell, last.cell.load.kg), ask) : draft;
    case 'stepDown':
      return stepDown(draft, held, ask);
    case 'harder':
      return last ? again(draft, held, last.cell, amountLike(last.cell.work, last.cell.work.amount)) : draft;
    case 'load':
      return towards(draft, held, ask, last?.cell);
  }
}

function upFrom(draft: CellDraft, held: HoldFit, last: ReadyCell, fromKg: number): UpFrom {
  return { draft, held, last, fromKg };
}

/** The first week of a version, or a load again after a week without: then no step past the cap. */
function begin(draft: CellDraft, held: HoldFit, amount: Amount, heldBeforeKg: number | undefined): CellDraft {
  const { wanted } = draft;
  const fits = wanted && loadFor(wanted, held.loads);
  const mostKg =
    heldBeforeKg === undefined
      ? Infinity
      : (heldBeforeKg + held.bodyKg) * (1 + DEFAULT_CAP_PERCENT / 100) - held.bodyKg;
  const load = fits && fits.kg > mostKg ? pickLoad(held.loads, mostKg, 'notAbove') : fits;
  if (!wanted || !load) return withoutLoad(draft, amount);
  return bridged({ draft, held, load, wantedKg: wanted.kg, amount, capPercent: DEFAULT_CAP_PERCENT });
}

function repeat(
  draft: CellDraft,
  held: HoldFit,
  ask: Extract<Ask, { kind: 'repeat' }>,
  last: ReadyCell | undefined,
): CellDraft {
  const { amount, fromKg, sets, aim } = ask;
  if (!last) return withoutLoad(draft, amount);
  return again(draft, held, last, amount, { ...(fromKg !== undefined && { fromKg }), sets, aim });
}

/** The load of last week again, or the one that was really used. */
function again(
  draft: CellDraft,
  held: HoldFit,
  last: ReadyCell,
  amount: Amount,
  { fromKg, sets, aim }: { fromKg?: number; sets?: number | undefined; aim?: number | undefined } = {},
): CellDraft {
  const load = sameLoadIn(held.loads, fromKg ?? last.load?.kg ?? 0);
  if (!load) return withoutLoad(draft, amount, sets);
  const wantedKg = fromKg ?? last.wantedKg;
  return dosed(draft, { amount, load, wantedKg, sets, aim }, { step: 'attainable', kind: 'again', load });
}

/** With the lightest load there is, work goes down no further than to this share of the plan's (common practice). */
const LEAST_SHARE = 0.5;

/** Lighter: where the kit has nothing light enough, fewer with the lightest, or body weight where that will do. */
function stepDown(draft: CellDraft, { loads }: HoldFit, ask: Extract<Ask, { kind: 'stepDown' }>): CellDraft {
  const { mostKg, amount } = ask;
  const load = pickLoad(loads, mostKg, 'notAbove');
  if (load)
    return dosed(draft, { amount, load, wantedKg: mostKg }, { step: 'attainable', kind: 'down', load });
  const [lightest] = loads;
  if (!lightest || !draft.version?.exercise.loading?.required) return withoutLoad(draft, amount);
  const least = startAmount(draft.prescription.work).amount * LEAST_SHARE;
  const fewer = amountLike(
    amount,
    Math.min(amount.amount, Math.max(least, amount.amount * (mostKg / lightest.kg))),
  );
  const dose = { amount: fewer, load: lightest, wantedKg: mostKg };
  return dosed(draft, dose, { step: 'attainable', kind: 'again', load: lightest });
}

/** Towards a wanted load, within the cap or as a wave goes. */
function towards(
  draft: CellDraft,
  held: HoldFit,
  ask: Extract<Ask, { kind: 'load' }>,
  last: ReadyCell | undefined,
): CellDraft {
  const { amount, capPercent, capFromKg, sets } = ask;
  const eased = draft.wanted?.eased ? draft.wanted.kg : Infinity;
  const { bodyKg } = held;
  const cap = (fromKg: number) => (fromKg + bodyKg) * (1 + capPercent / 100) - bodyKg;
  const fromKg = last?.load?.kg;
  if (capFromKg !== undefined || fromKg === undefined) {
    // A wave goes down as well as up; its cap counts from the heaviest so far.
    const wantedKg = Math.min(ask.wantedKg, last ? Infinity : eased);
    const mostKg = Math.min(wantedKg * NEAR_ENOUGH, cap(capFromKg ?? Infinity));
    const load = nearestUpTo(held.loads, Math.min(wantedKg, mostKg), mostKg);
    if (!load) return withoutLoad(draft, amount, sets);
    return dosed(draft, { amount, load, wantedKg, sets }, { step: 'attainable', kind: 'nearest', load });
  }
  const { wantedKg } = ask;
  const mostKg = Math.max(fromKg, Math.min(wantedKg * NEAR_ENOUGH, cap(fromKg)));
  const load = nearestUpTo(held.loads, Math.max(fromKg, wantedKg), mostKg);
  if (!load || !last) return withoutLoad(draft, amount, sets);
  const next = pickLoad(held.loads, load.kg, 'nextUp');
  if (next && next.kg > cap(fromKg) && next.kg <= wantedKg * NEAR_ENOUGH && load.kg <= fromKg) {
    // Past the cap: as any next load, smallest or earned.
    const able = amountLike(last.work, last.work.amount);
    const { reason } = ask;
    const asStep = {
      kind: 'stepUp',
      able,
      low: amount,
      most: amount,
      stepReps: 2,
      capPercent,
      reason,
    } as const;
    return stepUp(upFrom(draft, held, last, fromKg), asStep, wantedKg);
  }
  return bridged({ draft, held, load, wantedKg, amount, capPercent, last });
}

/** What a load comes to, with its reason. */
function dosed(
  draft: CellDraft,
  dose: Pick<Dose, 'amount' | 'wantedKg' | 'aim'> & { load: AttainableLoad; sets?: number | undefined },
  reason: CellReason,
): CellDraft {
  const { load, sets = draft.prescription.sets, ...rest } = dose;
  return { ...draft, dose: { ...rest, sets, load: cellLoad(load) }, trace: [...draft.trace, reason] };
}

/** Nothing light enough to hold. */
function withoutLoad(draft: CellDraft, amount: Amount, sets = draft.prescription.sets): CellDraft {
  return saying(
    { ...draft, dose: { amount: amountOf(amount.kind, amount.amount), sets } },
    { step: 'attainable', kind: 'nothingLight' },
  );
}
