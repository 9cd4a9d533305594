import { along, spotOf, type BodySide, type LimbSpot, type Placed, type Point, type Skeleton } from '../body';
import type { Muscle } from '../model';
import type { Shape } from './drawing';

/** On which stretch of the body a muscle lies, and on which side of it, seen from the side. */
interface Lies {
  readonly from: LimbSpot | 'hips' | 'waist' | 'chest';
  readonly to: LimbSpot | 'hips' | 'waist' | 'chest';
  /** Where along it, from 0 to 1. */
  readonly stretch: readonly [number, number];
  /** Before it, behind it, or all of it. */
  readonly where: 1 | -1 | 0;
}

/** Coarse anatomy: enough to tell front from back. */
const LIES: Readonly<Record<Muscle, Lies>> = {
  thighFront: { from: 'hip', to: 'knee', stretch: [0.15, 0.95], where: 1 },
  thighBack: { from: 'hip', to: 'knee', stretch: [0.15, 0.95], where: -1 },
  glutes: { from: 'hips', to: 'waist', stretch: [-0.25, 0.2], where: -1 },
  innerThigh: { from: 'hip', to: 'knee', stretch: [0.1, 0.7], where: 0 },
  outerHip: { from: 'hips', to: 'waist', stretch: [-0.15, 0.35], where: 0 },
  hipFront: { from: 'hips', to: 'waist', stretch: [-0.2, 0.4], where: 1 },
  calves: { from: 'knee', to: 'ankle', stretch: [0.1, 0.75], where: -1 },
  shins: { from: 'knee', to: 'ankle', stretch: [0.1, 0.75], where: 1 },
  chest: { from: 'waist', to: 'chest', stretch: [0.4, 0.95], where: 1 },
  upperBack: { from: 'waist', to: 'chest', stretch: [0.15, 0.95], where: -1 },
  shoulders: { from: 'shoulder', to: 'elbow', stretch: [-0.05, 0.3], where: 0 },
  rearShoulders: { from: 'shoulder', to: 'elbow', stretch: [-0.05, 0.3], where: -1 },
  triceps: { from: 'shoulder', to: 'elbow', stretch: [0.2, 0.95], where: -1 },
  biceps: { from: 'shoulder', to: 'elbow', stretch: [0.2, 0.95], where: 1 },
  forearms: { from: 'elbow', to: 'wrist', stretch: [0.05, 0.7], where: 0 },
  trunk: { from: 'hips', to: 'chest', stretch: [0.2, 0.7], where: 1 },
  sides: { from: 'hips', to: 'chest', stretch: [0.2, 0.7], where: 0 },
  lowBack: { from: 'hips', to: 'chest', stretch: [0.1, 0.5], where: -1 },
};

/** Shares of stature: how wide a wash is, and how far from the bone it lies. */
const WIDE = 0.085;
const BESIDE = 0.03;

/**
 * The muscles that work as soft strokes behind a figure, the near side only.
 *
 * @param placed the pose
 * @param muscles with their shares of the work; those that only help a little are left out
 * @returns strokes of the role "wash"
 */
export function washOf(
  { skeleton, view }: Placed,
  muscles: readonly { readonly muscle: Muscle; readonly share: number }[],
): readonly Shape[] {
  return muscles
    .filter(({ share }) => share >= HELPS)
    .map(({ muscle }) => {
      const { from, to, stretch, where } = LIES[muscle];
      const [a, b] = [placeOf(from, skeleton), placeOf(to, skeleton)];
      const turned = (Math.atan2(b.x - a.x, b.y - a.y) * 180) / Math.PI;
      // Limbs run down from their upper end, the trunk up: front is to the other hand.
      const down = isOfLimb(from) ? -1 : 1;
      const aside = view === 'front' ? 0 : where * down * BESIDE;
      const at = (share: number): Point =>
        along({ x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share }, turned + 90, aside);
      return { kind: 'line', role: 'wash', width: WIDE, points: stretch.map((share) => flipped(at(share))) };
    });
}
/** A muscle with less of the work than this is not shown (common practice, no published source). */
const HELPS = 0.4;

const flipped = ({ x, y }: Point): Point => ({ x, y: -y });
const isOfLimb = (spot: Lies['from']): spot is LimbSpot =>
  spot !== 'hips' && spot !== 'waist' && spot !== 'chest';
const NEAR: BodySide = 'near';
const placeOf = (spot: Lies['from'], skeleton: Skeleton): Point =>
  spotOf(skeleton, isOfLimb(spot) ? [NEAR, spot] : spot);
