import { amountLike, type Gate } from '../model';
import type { Ask } from '../resolve';
import { harderVersion, type Harder } from './harder';
import { repSpan } from './rep-span';
import { repsThenLoad } from './reps-then-load';
import type { SchemeNext, SchemeOf, SchemeState } from './scheme';
import { timeFirst } from './time-first';

type Again = Extract<Ask, { kind: 'repeat' }>;

/** Seconds of a hold after which it is made harder instead of longer. Common practice, no published source. */
const LONG_HOLD_SECONDS = 45;
const HOLD_STEP_SECONDS = 5;
/** Reps added at once on the way to a gate. Common practice, no published source. */
const STEP_REPS = 2;

/**
 * The harder version before the heavier load: half of the way to the next rung where one lever on the spot leads there and the work
 * was made on two visits; the next rung itself when the gate of this one is made, its points were seen and the ladders it waits for
 * are reached. Until then reps or seconds go up to what the gate asks. Where the ladder ends, a caution or the kit closes the next
 * rung, or the plan cannot come to the gate, reps grow and then the load. Common practice, no published source; two visits after the
 * 2-for-2 rule (Haff & Triplett).
 *
 * @param state after a week
 * @param scheme its numbers
 * @example rungFirst(state, { kind: 'rungFirst', capPercent: 10 }).kind // 'harder'
 */
export const rungFirst: SchemeNext<SchemeOf<'rungFirst'>> = (state, { capPercent }) => {
  const { cell, catalog, prescription } = state;
  const harder = harderVersion(cell.version, catalog);
  const way = harder && state.reaches(harder) ? wayTo(harder, state) : undefined;
  if (way) return way;
  return repSpan(prescription.work)
    ? repsThenLoad(state, { kind: 'repsThenLoad', stepReps: 1, capPercent })
    : timeFirst(state, {
        kind: 'timeFirst',
        stepSeconds: HOLD_STEP_SECONDS,
        mostSeconds: LONG_HOLD_SECONDS,
        capPercent,
      });
};

/** On to a harder version, or towards it; undefined where the plan cannot come to the gate before it. */
function wayTo(harder: Harder, state: SchemeState): Ask | undefined {
  const { rungId, levers } = harder;
  const rung = state.catalog.rungById(rungId);
  if (levers) {
    return madeTwice(state)
      ? { kind: 'harder', rungId, levers, reason: { step: 'target', kind: 'madeTwice', harder } }
      : again(state, { step: 'target', kind: 'untilMadeTwice', harder });
  }
  const missing = rung ? state.wantedFor(rung) : [];
  if (missing.length === 0) {
    return { kind: 'harder', rungId, reason: { step: 'target', kind: 'madeTwice', harder } };
  }
  return towardsGate(state, harder, missing);
}

function madeTwice({ cell, evidence, before }: SchemeState): boolean {
  const made = evidence.kind === 'made' || evidence.kind === 'assumed';
  return made && (before.kind === 'made' || (before.kind === 'assumed' && cell.change !== undefined));
}

function again({ cell: { work } }: SchemeState, reason: Again['reason']): Again {
  return { kind: 'repeat', amount: amountLike(work, work.amount), sets: work.sets, reason };
}

/** Up to what the gate asks, and then the same until it is open. */
function towardsGate(state: SchemeState, harder: Harder, missing: readonly string[]): Ask | undefined {
  const { cell, evidence } = state;
  const { work, version } = cell;
  const goal = version.rung && gateAmount(version.rung.gate, work.kind);
  if (!version.rung || goal === undefined || work.sets < version.rung.gate.sets) return undefined;
  const made = evidence.kind === 'made' || evidence.kind === 'assumed';
  if (!made || work.amount >= goal)
    return again(state, { step: 'target', kind: 'untilGate', harder, missing });
  const step = work.kind === 'reps' ? STEP_REPS : HOLD_STEP_SECONDS;
  const to = amountLike(work, Math.min(goal, work.amount + step));
  const from = amountLike(work, work.amount);
  return {
    kind: 'repeat',
    amount: to,
    sets: work.sets,
    reason: { step: 'target', kind: 'more', from, to, upTo: goal },
  };
}

/** What a gate asks in what the work counts. */
function gateAmount(gate: Gate, kind: 'reps' | 'hold' | 'time'): number | undefined {
  return kind === 'reps' ? gate.reps : gate.seconds;
}
