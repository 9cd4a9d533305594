import { amountLike, reps, type Amount } from '../model';
import { pickLoad, type AttainableLoad } from '../kit';
import type { NextLoad } from '../reason';
import { curveOf } from '../strength';
import { atMost, sameLoad } from '../units';
import {
  BRIDGE_HOLD_SECONDS,
  BRIDGE_STEPS,
  bridgeStepAfter,
  bridgeTo,
  isLastBridgeStep,
  MOST_BRIDGE_HOLD,
  MOST_REPS_A_WEEK,
} from './bridge';
import type { ReadyCell } from './cell';
import { cellLoad, saying, type CellDraft } from './draft';
import type { HoldFit } from './hold';
import { NEAR_ENOUGH } from './loads';

/** A load that may fall short of the wanted one. */
interface ShortLoad {
  readonly draft: CellDraft;
  readonly held: HoldFit;
  readonly load: AttainableLoad;
  readonly wantedKg: number;
  /** As the plan has it. */
  readonly amount: Amount;
  readonly capPercent: number;
  readonly last?: ReadyCell | undefined;
}

/**
 * A load that falls short of the wanted one is bridged where the next is too far, or there is none: by more reps, then by
 * slower ones, a hold by seconds.
 *
 * @param short the load and what was wanted
 * @example bridged({ draft, held, load, wantedKg: 20, amount, capPercent: 10 }).dose?.amount.amount // 14
 */
export function bridged(short: ShortLoad): CellDraft {
  const { draft, held, load, wantedKg, amount, capPercent, last } = short;
  const next = pickLoad(held.loads, load.kg, 'nextUp');
  const { bodyKg } = held;
  const coarse = !next || !atMost(next.kg + bodyKg, (load.kg + bodyKg) * (1 + capPercent / 100));
  const missing = wantedKg > load.kg * NEAR_ENOUGH;
  // What is guessed is not worth bridging: the first weeks will tell.
  const guessed = draft.wanted?.estimate.basis === 'guess' && !last;
  if (!coarse || !missing || guessed || amount.kind === 'time') return asItIs(short);
  const after = next && nextLoadFrom(load.kg, next.kg, bodyKg);
  return amount.kind === 'reps' ? moreReps(short, amount, after) : heldLonger(short, after);
}

/**
 * How far the next load is.
 *
 * @param fromKg the load at hand
 * @param toKg the next
 * @param bodyKg what of the body is moved along with either
 * @example nextLoadFrom(10, 12) // { kg: 12, percentUp: 20 }
 */
export function nextLoadFrom(fromKg: number, toKg: number, bodyKg = 0): NextLoad {
  return { kg: toKg, percentUp: ((toKg + bodyKg) / (fromKg + bodyKg) - 1) * 100 };
}

/** What was made with this very load last week: it is asked for no less. */
function madeWith({ load, last }: ShortLoad): number {
  return last && sameLoad(last.load?.kg, load.kg) ? last.work.amount : 0;
}

function asItIs(short: ShortLoad, next?: NextLoad): CellDraft {
  const { draft, load, wantedKg } = short;
  const { sets } = draft.prescription;
  const amount = amountLike(short.amount, Math.max(short.amount.amount, madeWith(short)));
  return saying(
    { ...draft, dose: { amount, sets, load: cellLoad(load), wantedKg } },
    { step: 'attainable', kind: 'nearest', load, next },
  );
}

function heldLonger(short: ShortLoad, next: NextLoad | undefined): CellDraft {
  const { draft, load, wantedKg, amount, last } = short;
  if (!last) return asItIs(short, next);
  const before = last.work.amount;
  const longer = amountLike(
    amount,
    Math.max(before, Math.min(MOST_BRIDGE_HOLD, before + BRIDGE_HOLD_SECONDS)),
  );
  const { sets } = draft.prescription;
  return saying(
    { ...draft, dose: { amount: longer, sets, load: cellLoad(load), wantedKg } },
    { step: 'attainable', kind: 'bridge', load, next, amount: longer, ends: longer.amount === before },
  );
}

function moreReps(
  short: ShortLoad,
  { amount: asked }: Extract<Amount, { kind: 'reps' }>,
  next: NextLoad | undefined,
): CellDraft {
  const { draft, held, load, wantedKg, amount, last } = short;
  const { bodyKg } = held;
  const { wanted } = draft;
  const curve = wanted && curveOf(wanted.estimate.formula);
  const worth = bridgeTo(load.kg + bodyKg, wantedKg + bodyKg, asked, wanted?.reserve ?? 0, curve);
  const atMostReps = last ? Math.max(asked, last.work.amount + MOST_REPS_A_WEEK) : Infinity;
  const count = reps(Math.max(Math.min(worth.reps, atMostReps), madeWith(short)));
  // Reps first, as many as go; then something else a week.
  const bridge = worth.full && count === worth.reps ? bridgeStepAfter(last?.work.bridge) : undefined;
  if (count === asked && bridge === undefined) return asItIs(short, next);
  const more = amountLike(amount, count);
  const { sets } = draft.prescription;
  return saying(
    { ...draft, dose: { amount: more, sets, load: cellLoad(load), wantedKg, bridge } },
    {
      step: 'attainable',
      kind: 'bridge',
      load,
      next,
      amount: more,
      missingKg: wantedKg - load.kg,
      harder: bridge === undefined ? undefined : BRIDGE_STEPS[bridge],
      ends: isLastBridgeStep(last?.work.bridge),
    },
  );
}
