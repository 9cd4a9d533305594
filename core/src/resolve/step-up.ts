import { amountLike, amountOf, reps, type Amount } from '../model';
import type { AttainableLoad } from '../kit';
import type { ReasonOf } from '../reason';
import { curveOf, repsWith, repsWorth, type RepCurve } from '../strength';
import { atMost, ROUNDING } from '../units';
import type { Ask } from './ask';
import {
  BRIDGE_HOLD_SECONDS,
  BRIDGE_STEPS,
  bridgeStepAfter,
  isLastBridgeStep,
  LEAST_REPS_AFTER,
  MOST_BRIDGE_HOLD,
  MOST_BRIDGE_REPS,
} from './bridge';
import { nextLoadFrom } from './bridged';
import type { ReadyCell } from './cell';
import { cellLoad, saying, type CellDraft } from './draft';
import type { HoldFit } from './hold';
import { isSmallestStep, nextLoad, sameLoadIn } from './loads';

type StepUp = Extract<Ask, { kind: 'stepUp' }>;

/** A load to go up from. */
export interface UpFrom {
  readonly draft: CellDraft;
  readonly held: HoldFit;
  readonly last: ReadyCell;
  readonly fromKg: number;
}

/**
 * The next load up where it is within the cap, is the smallest step there is, or the reps made with the one at hand are worth
 * the plan's low end with it; the reps after it are those it is worth. Else on towards it: more reps, then slower ones; a hold
 * longer; the class's clock stays. Source of the cap: ACSM position stand 2009; what is earned: the curve the load was chosen by;
 * the smallest step: common practice.
 *
 * @param up where from
 * @param ask what the scheme asks
 * @param wantedKg the load in mind, where it is not simply the next
 * @example stepUp(up, ask).dose?.load?.kg // 10.5
 */
export function stepUp(up: UpFrom, ask: StepUp, wantedKg?: number): CellDraft {
  const { draft, held, fromKg } = up;
  const { capPercent } = ask;
  const { bodyKg } = held;
  const capKg = (fromKg + bodyKg) * (1 + capPercent / 100) - bodyKg;
  const next = nextLoad(held.loads, fromKg, capKg, ask.big ?? false, bodyKg);
  const amount = next && amountWith(next, up, ask);
  const allowed = amount && allowedAs(next, amount, capKg, up, ask);
  if (!next || !amount || !allowed) return onTowards(up, ask, next, wantedKg);
  const sets = ask.sets ?? draft.prescription.sets;
  return saying(
    { ...draft, dose: { amount, sets, load: cellLoad(next), wantedKg: wantedKg ?? next.kg } },
    { step: 'attainable', kind: 'nextUp', fromKg, load: next, capPercent, allowed, amount, bodyKg },
  );
}

function curveIn({ wanted }: CellDraft): RepCurve {
  return curveOf(wanted?.estimate.formula ?? 'epley');
}

/**
 * What the next load goes for, to the nearest rep: nobody tells half of one. Seconds begin where the plan has them. Undefined
 * where not even one rep is left.
 */
function amountWith(
  next: AttainableLoad,
  { draft, held: { bodyKg }, fromKg }: UpFrom,
  { able, low, most }: StepUp,
): Amount | undefined {
  if (able.kind !== 'reps') return low;
  const after = Math.round(
    repsWith(fromKg + bodyKg, next.kg + bodyKg, able.amount, draft.wanted?.reserve ?? 0, curveIn(draft)),
  );
  return after < 1 ? undefined : amountOf('reps', Math.min(most.amount, after));
}

function allowedAs(
  next: AttainableLoad,
  amount: Amount,
  capKg: number,
  { held, fromKg }: UpFrom,
  { low, big }: StepUp,
): ReasonOf<'nextUp'>['allowed'] | undefined {
  if (atMost(next.kg, capKg)) return 'withinCap';
  // Many reps left are only somebody's guess: they make a bigger step, never one past the cap.
  if (amount.kind !== 'reps' || big) return undefined;
  if (amount.amount >= low.amount) return 'earned';
  const least = Math.max(LEAST_REPS_AFTER, low.amount / 2);
  return isSmallestStep(fromKg, next.kg, held.hold) && amount.amount >= least ? 'smallestStep' : undefined;
}

/** The next load is too far, or there is none. */
function onTowards(up: UpFrom, ask: StepUp, next: AttainableLoad | undefined, wantedKg?: number): CellDraft {
  const { draft, held, last, fromKg } = up;
  const load = sameLoadIn(held.loads, fromKg);
  if (!load) {
    const sets = ask.sets ?? draft.prescription.sets;
    return saying(
      { ...draft, dose: { amount: ask.low, sets } },
      { step: 'attainable', kind: 'nothingLight' },
    );
  }
  const { amount, goal, bridge, ends } = onwards(up, ask, next);
  // Rounds that are to go back after the step stay where they are until it comes.
  const sets = ask.sets === undefined ? draft.prescription.sets : last.work.sets;
  return saying(
    { ...draft, dose: { amount, sets, load: cellLoad(load), wantedKg: wantedKg ?? fromKg, bridge } },
    {
      step: 'attainable',
      kind: 'bridge',
      load,
      next: next && nextLoadFrom(fromKg, next.kg, held.bodyKg),
      amount,
      ...(goal !== undefined && { goal: reps(goal) }),
      harder: bridge === undefined ? undefined : BRIDGE_STEPS[bridge],
      ends,
    },
  );
}

interface Onwards {
  readonly amount: Amount;
  /** Reps that would earn the next load. */
  readonly goal?: number;
  readonly bridge?: number;
  readonly ends: boolean;
}

/** More of the same: never less than last week. */
function onwards(
  { draft, held: { bodyKg }, last, fromKg }: UpFrom,
  ask: StepUp,
  next: AttainableLoad | undefined,
): Onwards {
  const { work } = last;
  if (work.kind === 'time') return { amount: amountLike(work, work.amount), ends: true };
  if (work.kind === 'hold') {
    const longer = Math.max(work.amount, Math.min(MOST_BRIDGE_HOLD, work.amount + BRIDGE_HOLD_SECONDS));
    return { amount: amountLike(work, longer), ends: longer === work.amount };
  }
  const most = Math.max(work.amount, MOST_BRIDGE_REPS);
  const reserve = draft.wanted?.reserve ?? 0;
  const worth =
    next &&
    Math.ceil(
      repsWorth(fromKg + bodyKg, next.kg + bodyKg, ask.low.amount, reserve, curveIn(draft)) - ROUNDING,
    );
  if (worth !== undefined && worth <= most) {
    const amount = amountLike(work, Math.max(work.amount, Math.min(worth, work.amount + ask.stepReps)));
    return { amount, goal: worth, ends: false };
  }
  if (work.amount < most) {
    return { amount: amountLike(work, Math.min(most, work.amount + ask.stepReps)), ends: false };
  }
  const bridge = bridgeStepAfter(work.bridge);
  return { amount: amountLike(work, work.amount), bridge, ends: isLastBridgeStep(work.bridge) };
}
