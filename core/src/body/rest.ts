import type { LimbSpot, Skeleton, Spot } from './skeleton';
import type { Bearing, SurfaceKind } from '../model';
import { spotOf } from './skeleton';
import { SIDES, type BodySide } from './pose';
import { FIGURE, FLESH, SEGMENT_LENGTH } from './segments';

/** A surface and how high it is: in centimetres where it is a thing, else as a share of stature. */
export interface Surface {
  readonly kind: SurfaceKind;
  readonly cm?: number;
  readonly share?: number;
  /** A wall at one's back. */
  readonly behind?: true;
}
export const FLOOR: Surface = { kind: 'floor' };

/** The body resting on a surface, or holding it. */
export interface Rest {
  readonly with: Bearing;
  /** Both, where it is not said. */
  readonly side?: BodySide | undefined;
  readonly on: Surface;
  /** Where along the floor, in shares of stature; on a wall, how high. Wherever it falls, where it is not said. */
  readonly at?: number | readonly [near: number, far: number] | 'asBefore' | undefined;
  /** It pulls as well as it pushes: a bar, a post, a strap. */
  readonly holds?: true;
  /** How far along it rubs, as a share of what it is pressed with, where that is not the usual. */
  readonly rubs?: number;
  /** It only touches lightly: it carries nothing. */
  readonly light?: true;
}

/** A spot of the skeleton and how much of the body lies between it and the surface. */
export interface Bearer {
  readonly spot: Spot;
  readonly flesh: number;
}

const BEARERS: Readonly<
  Record<Bearing, readonly (readonly [spot: LimbSpot | 'hips' | 'waist' | 'chest' | 'head', flesh: number])[]>
> = {
  foot: [
    ['heel', 0],
    ['ball', 0],
  ],
  ball: [['ball', 0]],
  heel: [['heel', 0]],
  toe: [['toe', 0]],
  knee: [['knee', FLESH.knee]],
  seat: [['hips', FLESH.hip]],
  back: [
    ['hips', FLESH.hip],
    ['chest', FLESH.shoulder],
  ],
  front: [
    ['hips', FLESH.hip],
    ['chest', FLESH.shoulder],
  ],
  loins: [['waist', FLESH.hip]],
  shoulders: [['chest', FLESH.shoulder]],
  head: [['head', FLESH.head]],
  palm: [['wrist', FLESH.wrist]],
  fingers: [['knuckles', 0]],
  elbow: [['elbow', FLESH.elbow]],
  forearm: [
    ['elbow', FLESH.elbow],
    ['wrist', FLESH.elbow],
  ],
  grip: [['grip', 0]],
  // Seen from the front the joints lie apart already.
  hipSide: [['hip', 0.045]],
  shoulderSide: [['shoulder', 0.02]],
};

export interface SidedBearer extends Bearer {
  readonly side?: BodySide | undefined;
}

/** The spots a rest bears on, side by side. */
export function bearersOf(rest: Rest): readonly SidedBearer[] {
  const kept = KEPT.get(rest);
  if (kept) return kept;
  const { with: bearing, side } = rest;
  const bearers = BEARERS[bearing].flatMap(([spot, flesh]): readonly SidedBearer[] =>
    spot === 'hips' || spot === 'waist' || spot === 'chest' || spot === 'head'
      ? [{ spot, flesh }]
      : SIDES.filter((one) => side === undefined || one === side).map((one) => ({
          spot: [one, spot] as const,
          flesh,
          side: one,
        })),
  );
  KEPT.set(rest, bearers);
  return bearers;
}
/** Asked for at every step of placing. */
const KEPT = new WeakMap<Rest, readonly SidedBearer[]>();

/** How high a surface is, as a share of stature. */
export function heightOf({ cm, share }: Surface, statureCm: number): number {
  return cm === undefined ? (share ?? 0) : cm / statureCm;
}

/** Whether it is stood against and not on. */
export const upright = ({ kind }: Surface) => kind === 'wall' || kind === 'post';

/** 1 where the wall stands before a body, -1 at its back. */
export const towardsWall = ({ behind }: Surface) => (behind ? -1 : 1);

/** Where a rest touches. */
export interface Touch extends SidedBearer {
  readonly x: number;
  readonly y: number;
}

/** How far the toes reach beyond the ball, flat on the floor however high the heel is. */
const TOES = FIGURE.toe - FIGURE.ball;

/**
 * Where a rest touches: one point for each spot it bears on, and for feet where the toes end.
 *
 * @example touchesOf({ with: 'foot', on: FLOOR }, standing).length // 4: two heels, two ends of the toes
 */
export function touchesOf(rest: Rest, skeleton: Skeleton): readonly Touch[] {
  const { on, with: bearing } = rest;
  const wall = upright(on);
  const onFoot = bearing === 'foot' || bearing === 'ball';
  const touches: Touch[] = [];
  for (const { spot, flesh, side } of bearersOf(rest)) {
    const { x, y } = spotOf(skeleton, spot);
    if (wall) touches.push({ spot, flesh, side, x: x + towardsWall(on) * flesh, y });
    else {
      const toes = onFoot && isBall(spot);
      if (!toes || bearing === 'ball') touches.push({ spot, flesh, side, x, y: y - flesh });
      if (toes) touches.push({ spot, flesh, side, x: toesOf(spot[0], skeleton), y: y - flesh });
    }
  }
  return touches;
}

function isBall(spot: Spot): spot is readonly [BodySide, 'ball'] {
  return typeof spot !== 'string' && spot[1] === 'ball';
}

/** Where the toes of a foot on its ball end, flat on the floor. */
export function toesOf(side: BodySide, skeleton: Skeleton): number {
  const { heel, ball, toe } = skeleton[side];
  const shown = Math.hypot(toe.x - heel.x, toe.y - heel.y) / SEGMENT_LENGTH.foot;
  // A foot on its tip has its toes before it.
  const back = ball.x - heel.x < -TOES;
  return ball.x + (back ? -1 : 1) * TOES * shown;
}
