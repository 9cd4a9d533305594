import type { Condition } from '../model';

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
 * The caution that spares a place which hurts.
 *
 * @param place in a person's words
 * @returns undefined where the words name none that Dray knows rules for
 * @example conditionForPlace('right shoulder') // 'shoulder'
 */
export function conditionForPlace(place: string): Condition | undefined {
  return PLACES.find(([words]) => words.test(place))?.[1];
}
