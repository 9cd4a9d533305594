import { meanHandShare, SEGMENT_LENGTH, USUAL_STATURE_CM } from '../body';
import type { BodyLoad, LeverSettings } from '../model';

const { shoulderHeight, ankleHeight, upperArm, forearm } = SEGMENT_LENGTH;
/** How high the body's weight sits above the soles, standing, as a share of stature. Source: Winter 2009 (from memory), 0.55 to 0.57. */
const CENTRE_HEIGHT = 0.56;
/** From the heels along a straight body to the shoulders, and to where its weight sits. */
const TO_SHOULDERS = shoulderHeight - ankleHeight;
const TO_CENTRE = CENTRE_HEIGHT - ankleHeight;

/**
 * What of the body the arms pull in a row under a bar, a straight body with its heels on the floor, in the middle of a repetition:
 * between shoulders at the bar and shoulders an arm's length below it. The arms pull square to the body, so that about the heels
 * the weight's lever is as much of theirs as its height along the body is of the shoulders', and the less the steeper it lies.
 *
 * By derivation. Melrose & Dawes 2015 measured in straps 37, 53, 68 and 79 % of body weight at 30, 45, 60 and 75 degrees from
 * upright (from memory); this says 33, 47, 58 and 65 with the body at that angle, and nothing is fitted to theirs.
 *
 * @param barCm height of the bar above the floor
 * @param statureCm of whoever pulls
 * @returns a share of body mass, from 0 to about 0.66
 * @example rowShare(100) // about 0.56
 */
export function rowShare(barCm: number, statureCm = USUAL_STATURE_CM): number {
  const bar = barCm / statureCm;
  return (squarePull(bar) + squarePull(bar - upperArm - forearm)) / 2;
}

/** With the shoulders so high. */
function squarePull(height: number): number {
  const rise = Math.min(1, Math.max(0, height) / TO_SHOULDERS);
  return (TO_CENTRE / TO_SHOULDERS) * Math.sqrt(1 - rise * rise);
}

/**
 * What of the body an exercise without a load moves, as a share of body mass.
 *
 * @param bodyLoad what carries it
 * @param levers how high hands or bar are
 * @param statureCm of whoever does it
 * @example ownShare({ carriedBy: 'legs', share: 0.88, lift: 'squat', ratio: 1.3 }, {}, 170) // 0.88
 */
export function ownShare(
  bodyLoad: BodyLoad,
  { surfaceHeight = 0 }: LeverSettings,
  statureCm?: number,
): number {
  const { carriedBy, share } = bodyLoad;
  if (share !== undefined) return share;
  if (carriedBy === 'bar') return rowShare(surfaceHeight, statureCm);
  return meanHandShare(surfaceHeight, statureCm, carriedBy === 'knees' ? 'knees' : 'toes');
}
