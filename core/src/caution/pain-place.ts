import type { Condition, Demand } from '../model';
import { CAUTION_RULES } from './rules';

/** Words for where it hurts, and the caution whose rules spare that place. */
const PLACES: readonly (readonly [words: RegExp, condition: Condition])[] = [
  [/knee/i, 'soreKnee'],
  [/shoulder|collar/i, 'shoulder'],
  [/neck/i, 'neck'],
  [/wrist|hand|thumb/i, 'wrist'],
  [/ankle|heel|foot|calf/i, 'ankle'],
  [/hip|groin/i, 'hip'],
  [/back|spine/i, 'lowBack'],
];

/**
 * Where it usually hurts in a class, in words that rules or `isStopSign` know: what a coach is offered. The last two may be the heart.
 * Common practice, no published source.
 */
export const USUAL_PLACES = [
  'knee',
  'lower back',
  'shoulder',
  'hip',
  'wrist',
  'ankle',
  'neck',
  'chest, arm or jaw',
  'dizzy or faint',
] as const;

/**
 * The caution that spares a place which hurts.
 *
 * @param place in a person's words
 * @returns undefined where the words name none that Dray knows rules for
 * @example conditionForPlace('right shoulder') // 'shoulder'
 */
export function conditionForPlace(place: string): Condition | undefined {
  return PLACES.find(([words]) => words.test(place))?.[1];
}

/**
 * Whether work bears on a place that hurts: the caution that spares the place forbids or changes what the work asks.
 *
 * @param place in a person's words
 * @param demands what a version asks of a body, with a load in the hands where it may have one
 * @example bearsOn('left knee', ['deepKnee']) // true
 */
export function bearsOn(place: string, demands: readonly Demand[]): boolean {
  const condition = conditionForPlace(place);
  if (!condition) return false;
  return CAUTION_RULES.some(
    ({ condition: subject, demand, action }) =>
      subject === condition &&
      (action.kind === 'block' || action.kind === 'adapt') &&
      demands.some((own) => own === demand),
  );
}
