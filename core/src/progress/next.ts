import { amountLike, type Scheme } from '../model';
import { asksForMost, type Ask } from '../resolve';
import { backToPlan, byWhatWasLeft, fellShort } from './as-it-went';
import { byReserve } from './by-reserve';
import { cappedPercent } from './capped-percent';
import { repsThenLoad } from './reps-then-load';
import { roundsFirst } from './rounds-first';
import { rungFirst } from './rung-first';
import { technicalFailure } from './technical-failure';
import { timeFirst } from './time-first';
import { twoForTwo } from './two-for-two';
import { wave } from './wave';
import { withoutTraining } from './without-training';
import type { SchemeNext, SchemeOf, SchemeState } from './scheme';

/** One handler a kind; a new scheme is one new file and one line here. */
const SCHEMES: { readonly [Kind in Scheme['kind']]: SchemeNext<SchemeOf<Kind>> } = {
  repsThenLoad,
  cappedPercent,
  twoForTwo,
  byReserve,
  timeFirst,
  roundsFirst,
  technicalFailure,
  rungFirst,
  wave,
};

/** What comes before any scheme, gravest first; the first that has something to ask is heard. */
const BEFORE_SCHEMES: readonly ((state: SchemeState, scheme: Scheme) => Ask | undefined)[] = [
  withoutTraining,
  fellShort,
  openEnded,
  byTheClassClock,
  byWhatWasLeft,
  backToPlan,
];

/**
 * What to ask of the week after `state`. Whatever the scheme: pain, missed weeks and what was done otherwise come first, then
 * work that fell short, the class's clock, and what was left; then the scheme has its say.
 *
 * @param state after a week
 * @param scheme of the slot
 * @example nextAsk(state, { kind: 'repsThenLoad', stepReps: 2, capPercent: 10 }).reason.kind // 'more'
 */
export function nextAsk(state: SchemeState, scheme: Scheme): Ask {
  for (const rule of BEFORE_SCHEMES) {
    const ask = rule(state, scheme);
    if (ask) return ask;
  }
  return run(state, scheme);
}

function run<Kind extends Scheme['kind']>(state: SchemeState, scheme: SchemeOf<Kind>): Ask {
  const next = SCHEMES[scheme.kind] as SchemeNext<SchemeOf<Kind>>;
  return next(state, scheme);
}

/**
 * As many as possible: what is beaten is the number of the last time.
 *
 * @param state after a week or a class
 * @returns undefined where the plan says how many
 * @example openEnded(state)?.reason.kind // 'asManyAsPossible'
 */
export function openEnded({ cell }: SchemeState): Ask | undefined {
  if (!asksForMost(cell)) return undefined;
  const amount = amountLike(cell.work, cell.work.amount);
  return { kind: 'repeat', amount, reason: { step: 'target', kind: 'asManyAsPossible' } };
}

/** Work by the class's clock stays unless time or rounds are what grows. */
function byTheClassClock({ cell: { work } }: SchemeState, { kind }: Scheme): Ask | undefined {
  if (work.kind !== 'time' || kind === 'timeFirst' || kind === 'roundsFirst') return undefined;
  const amount = amountLike(work, work.amount);
  return { kind: 'repeat', amount, reason: { step: 'target', kind: 'classClock', seconds: work.amount } };
}
