import { contactShares } from './contact-shares';
import type { Move } from './move';
import { pressUp, type PressUpPivot } from './press-up';
import { USUAL_STATURE_CM } from './segments';

/** Top of the movement, arms straight; bottom, chest at the hands. */
export type PressUpPoint = 'top' | 'bottom';

/** Kept by height and pivot: the same table is asked for at every set. */
const KEPT = new Map<string, readonly [top: number, bottom: number]>();
const MOST_KEPT = 2000;

/**
 * Force of the hands in a press-up as a share of body weight, by the height of the hands: what they push down with, found by the
 * statics of the jointed body; see `contactShares`. The higher the hands, the steeper the body and the less of it they carry.
 *
 * Checked against force plates (Suprak, Dawes & Stephenson 2011; Ebben et al. 2011, from memory), to which nothing in it is fitted.
 *
 * @param surfaceCm height of the hands above the floor under the feet, 0 or more
 * @param statureCm the person's height
 * @returns a share of body mass from 0 to 1
 */
export function handShare(
  surfaceCm: number,
  statureCm = USUAL_STATURE_CM,
  pivot: PressUpPivot = 'toes',
  point: PressUpPoint = 'top',
): number {
  return sharesOf(surfaceCm, statureCm, pivot)[point === 'top' ? 0 : 1];
}

/** Share over a whole repetition: half-way between top and bottom. */
export function meanHandShare(
  surfaceCm: number,
  statureCm = USUAL_STATURE_CM,
  pivot: PressUpPivot = 'toes',
): number {
  const [top, bottom] = sharesOf(surfaceCm, statureCm, pivot);
  return (top + bottom) / 2;
}

/**
 * Bodies are alike, so that half the height under half the stature is the same share: all are seen as the usual one, over whole
 * centimetres of their own.
 */
function sharesOf(surfaceCm: number, statureCm: number, pivot: PressUpPivot): readonly [number, number] {
  const heightCm = (Math.round(Math.max(0, surfaceCm)) / Math.round(statureCm)) * USUAL_STATURE_CM;
  const key = `${heightCm} ${pivot}`;
  const kept = KEPT.get(key);
  if (kept) return kept;
  const move: Move = pressUp(
    { hands: { kind: heightCm > 0 ? 'counter' : 'floor', cm: heightCm }, pivot },
    USUAL_STATURE_CM,
  );
  const of = (at: 'start' | 'hardest') =>
    contactShares(move, { massKg: 70, statureCm: USUAL_STATURE_CM }, at).hands;
  const shares = [of('start'), of('hardest')] as const;
  if (KEPT.size >= MOST_KEPT) KEPT.clear();
  KEPT.set(key, shares);
  return shares;
}
