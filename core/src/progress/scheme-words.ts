import { DEFAULT_CAP_PERCENT, isIsolation, type Exercise, type Experience, type Scheme } from '../model';
import type { SchemeOf } from './scheme';

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
  technicalFailure: {
    name: 'to the end of good form',
    says: 'every set while form holds; more load when all reach the top, a drop back when form goes early',
  },
  rungFirst: {
    name: 'harder version first',
    says: 'a lever, then the next rung, when it was made on two visits; load only at the ladder’s end',
  },
  wave: {
    name: 'waves of percentages',
    says: 'a share of the maximum that rises and falls over the program',
  },
};

/** The shapes of a wave, in words. */
export const WAVE_WORDS: Record<SchemeOf<'wave'>['shape'], string> = {
  linear: 'rising week by week',
  undulating: 'light, heavy, middle',
  step: 'rising, then a lighter week',
};

/**
 * What a scheme starts with when it is chosen. Sources: cap and weekly percent, ACSM position stand 2009; percentages of a
 * wave, Haff & Triplett, load goals for muscle; seconds, rounds and the drop back, common practice.
 */
export const USUAL_SCHEMES: { readonly [Kind in Scheme['kind']]: SchemeOf<Kind> } = {
  repsThenLoad: { kind: 'repsThenLoad', stepReps: 2, capPercent: DEFAULT_CAP_PERCENT },
  cappedPercent: { kind: 'cappedPercent', percentPerWeek: 5, capPercent: DEFAULT_CAP_PERCENT },
  twoForTwo: { kind: 'twoForTwo', capPercent: DEFAULT_CAP_PERCENT },
  byReserve: { kind: 'byReserve', capPercent: DEFAULT_CAP_PERCENT },
  timeFirst: { kind: 'timeFirst', stepSeconds: 5, mostSeconds: 60, capPercent: DEFAULT_CAP_PERCENT },
  roundsFirst: { kind: 'roundsFirst', mostSets: 5, capPercent: DEFAULT_CAP_PERCENT },
  technicalFailure: { kind: 'technicalFailure', dropPercent: 10, capPercent: DEFAULT_CAP_PERCENT },
  rungFirst: { kind: 'rungFirst', capPercent: DEFAULT_CAP_PERCENT },
  wave: {
    kind: 'wave',
    shape: 'linear',
    fromPercent: 65,
    toPercent: 80,
    stepWeeks: 4,
    capPercent: DEFAULT_CAP_PERCENT,
  },
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
  technicalFailure: [{ key: 'dropPercent', words: '% off when form goes early' }, CAP],
  rungFirst: [CAP],
  wave: [
    { key: 'fromPercent', words: '% of the maximum at its lowest' },
    { key: 'toPercent', words: '% at its highest' },
    { key: 'stepWeeks', words: 'weeks to a step, the last one lighter' },
    CAP,
  ],
};

/** Work of one small muscle group grows by less. Source: ACSM position stand 2009, less for small muscles than for large. */
const SMALL_CAP_PERCENT = 5;
/** Percent a week by how long someone has lifted: the longer, the less. Common practice, no published source. */
const PERCENT_A_WEEK: Readonly<Record<Experience, number>> = { new: 5, some: 5, months: 4, years: 2.5 };

/**
 * A scheme as it starts for an exercise and for someone who has lifted so long: small muscles grow by less, and a percentage is
 * the smaller the longer someone has lifted. The cap after ACSM 2009; the rest common practice, no published source.
 *
 * @param kind of the scheme
 * @param exercise it is for
 * @param experience how long someone has lifted
 * @example schemeFor('repsThenLoad', curl).capPercent // 5
 */
export function schemeFor(
  kind: Scheme['kind'],
  { pattern }: Exercise,
  experience: Experience = 'some',
): Scheme {
  const small = isIsolation({ pattern });
  const capPercent = small ? SMALL_CAP_PERCENT : DEFAULT_CAP_PERCENT;
  const scheme = { ...USUAL_SCHEMES[kind], capPercent };
  if (scheme.kind === 'repsThenLoad' && small) return { ...scheme, stepReps: 1 };
  if (scheme.kind === 'cappedPercent') {
    return { ...scheme, percentPerWeek: Math.min(capPercent, PERCENT_A_WEEK[experience]) };
  }
  return scheme;
}

/**
 * The scheme that is usual for an exercise and for someone who has lifted so long: seconds for what is held, rounds by the
 * clock, the harder version where nothing is held, reps and then load for most, what was left for the experienced. Common
 * practice, no published source.
 *
 * @param exercise it is for
 * @param work what its sets count
 * @param experience how long someone has lifted
 * @example usualScheme(plank, 'hold').kind // 'timeFirst'
 */
export function usualScheme(
  exercise: Exercise,
  work: 'reps' | 'time' | 'hold',
  experience: Experience = 'some',
): Scheme {
  const kind = (): Scheme['kind'] => {
    if (work === 'hold') return 'timeFirst';
    if (work === 'time') return 'roundsFirst';
    if (!exercise.loading) return 'rungFirst';
    return experience === 'years' && !isIsolation(exercise) ? 'byReserve' : 'repsThenLoad';
  };
  return schemeFor(kind(), exercise, experience);
}
