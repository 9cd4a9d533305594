import type { Scheme } from '../model';
import type { Ask } from '../resolve';
import { cappedPercent } from './capped-percent';
import { repsThenLoad } from './reps-then-load';
import type { SchemeNext, SchemeOf, SchemeState } from './scheme';

/** What a coach reads where a scheme is chosen. */
export const SCHEME_WORDS: Record<Scheme['kind'], { readonly name: string; readonly says: string }> = {
  repsThenLoad: {
    name: 'reps first, then load',
    says: 'fill the range, then the next load from its low end',
  },
  cappedPercent: { name: 'a few percent a week', says: 'the same reps, a little more load every week' },
};

/** One handler a kind; a new scheme is one new file and one line here. */
const SCHEMES: { readonly [Kind in Scheme['kind']]: SchemeNext<SchemeOf<Kind>> } = {
  repsThenLoad,
  cappedPercent,
};

/**
 * What to ask of the week after `state`. Whatever the scheme: work by the class's clock stays, and work that was
 * not made is asked again.
 */
export function nextAsk(state: SchemeState, scheme: Scheme): Ask {
  const { cell, evidence } = state;
  const { amount } = cell.work;
  if (evidence.kind === 'short') {
    return {
      kind: 'amount',
      amount,
      reason: `Last week ${evidence.worst} of ${amount} in the shortest set: the same again.`,
    };
  }
  if (cell.planned.work.kind === 'most') {
    return { kind: 'amount', amount, reason: 'As many as possible: what is beaten is last week’s number.' };
  }
  if (cell.work.kind === 'time') {
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
