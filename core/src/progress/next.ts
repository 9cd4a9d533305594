import { DEFAULT_CAP_PERCENT, type Scheme } from '../model';
import type { Ask } from '../resolve';
import { byReserve } from './by-reserve';
import { cappedPercent } from './capped-percent';
import { repsThenLoad } from './reps-then-load';
import { roundsFirst } from './rounds-first';
import { timeFirst } from './time-first';
import { twoForTwo } from './two-for-two';
import type { SchemeNext, SchemeOf, SchemeState } from './scheme';

/** What a coach reads where a scheme is chosen. */
export const SCHEME_WORDS: Record<Scheme['kind'], { readonly name: string; readonly says: string }> = {
  repsThenLoad: {
    name: 'reps first, then load',
    says: 'fill the range, then the next load from its low end',
  },
  cappedPercent: { name: 'a few percent a week', says: 'the same reps, a little more load every week' },
  twoForTwo: {
    name: 'two over, two visits',
    says: 'the next load when the last set goes two over, twice running',
  },
  byReserve: { name: 'by what was left', says: 'more where more was left than asked, less where less was' },
  timeFirst: { name: 'time first', says: 'seconds are added up to a most; counted work fills its reps' },
  roundsFirst: { name: 'rounds first', says: 'a round more each week up to a most, then the next load' },
};

/**
 * What a scheme starts with when it is chosen. Sources: cap and weekly percent, ACSM position stand 2009; seconds and
 * rounds, common practice.
 */
export const USUAL_SCHEMES: { readonly [Kind in Scheme['kind']]: SchemeOf<Kind> } = {
  repsThenLoad: { kind: 'repsThenLoad', stepReps: 2, capPercent: DEFAULT_CAP_PERCENT },
  cappedPercent: { kind: 'cappedPercent', percentPerWeek: 5, capPercent: DEFAULT_CAP_PERCENT },
  twoForTwo: { kind: 'twoForTwo', capPercent: DEFAULT_CAP_PERCENT },
  byReserve: { kind: 'byReserve', capPercent: DEFAULT_CAP_PERCENT },
  timeFirst: { kind: 'timeFirst', stepSeconds: 5, mostSeconds: 60, capPercent: DEFAULT_CAP_PERCENT },
  roundsFirst: { kind: 'roundsFirst', mostSets: 5, capPercent: DEFAULT_CAP_PERCENT },
};

/** A number of a scheme that a coach may set; the schema says how far it goes. */
export interface SchemeNumber {
  readonly key: string;
  readonly words: string;
}

const CAP: SchemeNumber = { key: 'capPercent', words: '% a week at the most' };

/** The numbers of each scheme, in words. */
export const SCHEME_NUMBERS: Record<Scheme['kind'], readonly SchemeNumber[]> = {
  repsThenLoad: [{ key: 'stepReps', words: 'reps more a week' }, CAP],
  cappedPercent: [{ key: 'percentPerWeek', words: '% more a week' }, CAP],
  twoForTwo: [CAP],
  byReserve: [CAP],
  timeFirst: [
    { key: 'stepSeconds', words: 's more a week' },
    { key: 'mostSeconds', words: 's at the most' },
    CAP,
  ],
  roundsFirst: [{ key: 'mostSets', words: 'rounds at the most' }, CAP],
};

/** One handler a kind; a new scheme is one new file and one line here. */
const SCHEMES: { readonly [Kind in Scheme['kind']]: SchemeNext<SchemeOf<Kind>> } = {
  repsThenLoad,
  cappedPercent,
  twoForTwo,
  byReserve,
  timeFirst,
  roundsFirst,
};

/**
 * What to ask of the week after `state`. Whatever the scheme: work that was not made is asked again, unless what was left
 * says more of it, and work by the class's clock stays unless time or rounds are what grows.
 */
export function nextAsk(state: SchemeState, scheme: Scheme): Ask {
  const { cell, evidence } = state;
  const { amount } = cell.work;
  if (evidence.kind === 'short' && scheme.kind !== 'byReserve') {
    return {
      kind: 'amount',
      amount,
      sets: cell.work.sets,
      reason: `Last week ${evidence.worst} of ${amount} in the shortest set: the same again.`,
    };
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
