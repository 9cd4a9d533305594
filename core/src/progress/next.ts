import type { Scheme } from '../model';
import type { Ask } from '../resolve';
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

/** Schemes that make something of a week that fell short themselves. */
const READS_SHORT: ReadonlySet<Scheme['kind']> = new Set(['byReserve', 'technicalFailure', 'wave']);

/**
 * What to ask of the week after `state`. Whatever the scheme: pain, missed weeks and what was left out come first; work that
 * was not made is asked again, unless the scheme reads more out of it; and work by the class's clock stays unless time or
 * rounds are what grows.
 */
export function nextAsk(state: SchemeState, scheme: Scheme): Ask {
  const { cell, evidence } = state;
  const { amount, sets } = cell.work;
  const untrained = withoutTraining(state);
  if (untrained) return untrained;
  if (evidence.kind === 'short' && !READS_SHORT.has(scheme.kind)) {
    const why = evidence.formLost ? 'form went' : `${evidence.worst} of ${amount} in the shortest set`;
    return { kind: 'amount', amount, sets, reason: `Last week ${why}: the same again.` };
  }
  if (cell.planned.work.kind === 'most') {
    return { kind: 'amount', amount, reason: 'As many as possible: what is beaten is last week’s number.' };
  }
  if (cell.work.kind === 'time' && scheme.kind !== 'timeFirst' && scheme.kind !== 'roundsFirst') {
    return {
      kind: 'amount',
      amount,
      reason: `The clock is the class’s: ${amount} s again, with more reps in it.`,
    };
  }
  return run(state, scheme);
}

function run<Kind extends Scheme['kind']>(state: SchemeState, scheme: SchemeOf<Kind>): Ask {
  const next = SCHEMES[scheme.kind] as SchemeNext<SchemeOf<Kind>>;
  return next(state, scheme);
}
