import { SEGMENT_CENTRE, SEGMENT_LENGTH, SEGMENT_MASS, USUAL_STATURE_CM } from './segments';

/** A straight body from the toes: everything in shares of stature. */
interface Lever {
  /** From the pivot to the centre of the mass it turns. */
  readonly centre: number;
  readonly shoulder: number;
  /** Share of the body mass that turns about the pivot. */
  readonly mass: number;
}

/** Moments of the segments about the pivot, the body in one line, arms reaching to the floor. */
function leverFrom(pivot: 'toes' | 'knees'): Lever {
  const { foot, shank, thigh, trunk, headAndNeck, upperArm, forearm, hand } = SEGMENT_MASS;
  const { thigh: thighLength, shank: shankLength, shoulderHeight, hipHeight } = SEGMENT_LENGTH;
  const torso = shoulderHeight - hipHeight;
  // Standing heights above the sole become distances along the line.
  const knee = SEGMENT_LENGTH.ankleHeight + shankLength;
  const start = pivot === 'knees' ? knee : 0;
  const hip = knee + thighLength;
  const head = shoulderHeight + (1 - shoulderHeight) / 2;
  const arm = shoulderHeight;
  const parts: readonly (readonly [mass: number, at: number])[] = [
    [pivot === 'knees' ? 0 : 2 * foot, SEGMENT_LENGTH.ankleHeight / 2],
    [pivot === 'knees' ? 0 : 2 * shank, knee - SEGMENT_CENTRE.shank * shankLength],
    [2 * thigh, hip - SEGMENT_CENTRE.thigh * thighLength],
    [trunk, hipHeight + (1 - SEGMENT_CENTRE.trunk) * torso],
    [headAndNeck, head],
    [2 * (upperArm + forearm + hand), arm],
  ];
  const mass = parts.reduce((sum, [share]) => sum + share, 0);
  const centre = parts.reduce((sum, [share, at]) => sum + share * (at - start), 0) / mass;
  return { centre, shoulder: shoulderHeight - start, mass };
}

const LEVERS = { toes: leverFrom('toes'), knees: leverFrom('knees') };
const ARM = SEGMENT_LENGTH.upperArm + SEGMENT_LENGTH.forearm;

/** Top of the movement, arms straight; bottom, chest at the hands. */
export type PressUpPoint = 'top' | 'bottom';

/**
 * Force of the hands in a press-up as a share of body weight, by the height of the hands: a straight body turning
 * about the toes (or knees), pushed square to itself at the shoulders. The higher the hands, the steeper the body and
 * the less of it they carry.
 *
 * Source: statics over Winter's segments. Checked against force plates on the floor: Suprak, Dawes & Stephenson 2011 (from memory).
 * With raised hands it was checked against nothing, and is known to miss published readings by up to 17 points of a hundred.
 *
 * @param surfaceCm height of the hands above the floor under the feet, 0 or more
 * @param statureCm the person's height
 * @returns a share of body mass from 0 to 1
 */
export function handShare(
  surfaceCm: number,
  statureCm = USUAL_STATURE_CM,
  pivot: 'toes' | 'knees' = 'toes',
  point: PressUpPoint = 'top',
): number {
  const { centre, shoulder, mass } = LEVERS[pivot];
  const arm = point === 'top' ? ARM : 0;
  return Math.max(0, (mass * centre * Math.cos(bodyAngle(surfaceCm / statureCm, shoulder, arm))) / shoulder);
}

/** Share over a whole repetition: half-way between top and bottom. */
export function meanHandShare(surfaceCm: number, statureCm?: number, pivot?: 'toes' | 'knees'): number {
  const at = (point: PressUpPoint) => handShare(surfaceCm, statureCm, pivot, point);
  return (at('top') + at('bottom')) / 2;
}

/** The angle of the body to the floor when the hands, an arm square below the shoulders, are at a height. */
function bodyAngle(height: number, shoulder: number, arm: number): number {
  // shoulder·sin − arm·cos = height is one sine wave with a phase.
  const reach = Math.hypot(shoulder, arm);
  const angle = Math.asin(Math.min(1, Math.max(0, height) / reach)) + Math.atan2(arm, shoulder);
  return Math.min(Math.PI / 2, angle);
}
