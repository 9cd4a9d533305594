import {
  AT,
  FREEDOMS,
  ofSide,
  SIDES,
  type Limb,
  type LimbJoint,
  type Numbers,
  type Pose,
  type BodySide,
  type View,
} from './pose';
import { FIGURE, SEGMENT_CENTRE, SEGMENT_LENGTH, SEGMENT_MASS } from './segments';

/** A place on a limb. */
export type LimbSpot =
  | 'hip'
  | 'knee'
  | 'ankle'
  | 'heel'
  | 'ball'
  | 'toe'
  | 'shoulder'
  | 'elbow'
  | 'wrist'
  | 'grip'
  | 'knuckles';
/** `hips` and `chest` are the middles between the joints of both sides. */
export type TrunkSpot = 'hips' | 'waist' | 'chest' | 'head';

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** Where everything is, in shares of stature, y up. */
export interface Skeleton extends Readonly<Record<TrunkSpot, Point>> {
  readonly near: Readonly<Record<LimbSpot, Point>>;
  readonly far: Readonly<Record<LimbSpot, Point>>;
  /** Directions of the segments in degrees from up, clockwise. */
  readonly turned: {
    readonly trunk: number;
    readonly head: number;
    readonly foot: Readonly<Record<BodySide, number>>;
  };
}

/** How much shorter a segment looks that points out of the picture. */
export type Shortening = Readonly<Record<BodySide, Readonly<Record<Limb, number>>>>;

const DEGREE = Math.PI / 180;
export const along = ({ x, y }: Point, degrees: number, length: number): Point => ({
  x: x + Math.sin(degrees * DEGREE) * length,
  y: y + Math.cos(degrees * DEGREE) * length,
});

/** Seen from the front, feet point towards the onlooker unless a pose says otherwise. */
const FEET_SEEN_FROM_THE_FRONT = 65;

export function shorteningOf({ towards }: Pose, view: View): Shortening {
  const of = (side: BodySide, limb: Limb) => {
    const usual = limb === 'foot' && view === 'front' ? FEET_SEEN_FROM_THE_FRONT : 0;
    return Math.cos((towards?.[limb] === undefined ? usual : ofSide(towards[limb], side)) * DEGREE);
  };
  const limbs = (side: BodySide) => ({
    thigh: of(side, 'thigh'),
    shank: of(side, 'shank'),
    foot: of(side, 'foot'),
    upperArm: of(side, 'upperArm'),
    forearm: of(side, 'forearm'),
  });
  return { near: limbs('near'), far: limbs('far') };
}

/** Which way a limb's bending turns it: from the front the far limb is the mirror of the near one. */
export const turning = (view: View, side: BodySide) => (view === 'front' && side === 'far' ? -1 : 1);

/**
 * Where every joint of a figure is.
 *
 * @param numbers place and angles, see `AT`
 * @param view from where it is seen
 * @param shortening of segments that point out of the picture
 * @returns points in shares of stature, in the frame of the numbers
 * @example skeletonOf(numbersOf({}), 'side', shorteningOf({}, 'side')).head.y // above 0: the hips are the origin
 */
export function skeletonOf(numbers: Numbers, view: View, shortening: Shortening): Skeleton {
  const at = (index: number) => numbers[index] ?? 0;
  const lean = at(AT.lean);
  const thorax = lean + at(AT.spine);
  const head = thorax + at(AT.neck);
  const hips: Point = { x: at(AT.x), y: at(AT.y) };
  const waist = along(hips, lean, FIGURE.lowerTrunk);
  const chest = along(waist, thorax, FIGURE.thorax);
  const wide = view === 'front' ? 1 : 0;
  const foot = { near: 0, far: 0 };
  const limbs = (side: BodySide) => {
    const s = turning(view, side);
    const joint = AT[side];
    const short = shortening[side];
    const outwards = side === 'near' ? 90 : -90;
    const hip = along(hips, lean + outwards, wide * FIGURE.hipHalf);
    const thigh = lean + 180 - s * at(joint.hip);
    const shank = thigh + s * at(joint.knee);
    const knee = along(hip, thigh, SEGMENT_LENGTH.thigh * short.thigh);
    const ankle = along(knee, shank, SEGMENT_LENGTH.shank * short.shank);
    const sole = shank - s * (90 + at(joint.ankle));
    foot[side] = sole;
    const under = along(ankle, sole + s * 90, SEGMENT_LENGTH.ankleHeight);
    const shoulder = along(chest, thorax + outwards, wide * FIGURE.shoulderHalf);
    const upper = thorax + 180 - s * at(joint.shoulder);
    const fore = upper - s * at(joint.elbow);
    const hand = fore - s * at(joint.wrist);
    const elbow = along(shoulder, upper, SEGMENT_LENGTH.upperArm * short.upperArm);
    const wrist = along(elbow, fore, SEGMENT_LENGTH.forearm * short.forearm);
    return {
      hip,
      knee,
      ankle,
      heel: along(under, sole, -FIGURE.heel * short.foot),
      ball: along(under, sole, FIGURE.ball * short.foot),
      toe: along(under, sole, FIGURE.toe * short.foot),
      shoulder,
      elbow,
      wrist,
      grip: along(wrist, hand, FIGURE.grip),
      knuckles: along(wrist, hand, SEGMENT_LENGTH.hand),
    };
  };
  const near = limbs('near');
  const far = limbs('far');
  return {
    hips,
    waist,
    chest,
    head: along(chest, head, FIGURE.neck),
    near,
    far,
    turned: { trunk: thorax, head, foot },
  };
}

/** A spot that can be asked for: of the trunk, or of a side. */
export type Spot = TrunkSpot | readonly [BodySide, LimbSpot];

export function spotOf(skeleton: Skeleton, spot: Spot): Point {
  return typeof spot === 'string' ? skeleton[spot] : skeleton[spot[0]][spot[1]];
}

/** One number that moves a spot: which, which way round, and about where. */
export interface Hinge {
  readonly at: number;
  readonly sign: number;
  readonly about: Spot;
}

const LEG: readonly (readonly [LimbJoint, number, LimbSpot])[] = [
  ['hip', -1, 'hip'],
  ['knee', 1, 'knee'],
  ['ankle', -1, 'ankle'],
];
const ARM: readonly (readonly [LimbJoint, number, LimbSpot])[] = [
  ['shoulder', -1, 'shoulder'],
  ['elbow', -1, 'elbow'],
  ['wrist', -1, 'wrist'],
];
/** How many joints of its limb lie before a spot. */
const BEYOND: Readonly<Record<LimbSpot, readonly [chain: 'leg' | 'arm', joints: number]>> = {
  hip: ['leg', 0],
  knee: ['leg', 1],
  ankle: ['leg', 2],
  heel: ['leg', 3],
  ball: ['leg', 3],
  toe: ['leg', 3],
  shoulder: ['arm', 0],
  elbow: ['arm', 1],
  wrist: ['arm', 2],
  grip: ['arm', 3],
  knuckles: ['arm', 3],
};

export const LIMB_SPOTS = Object.keys(BEYOND) as LimbSpot[];

const LEAN: Hinge = { at: AT.lean, sign: 1, about: 'hips' };
const SPINE: Hinge = { at: AT.spine, sign: 1, about: 'waist' };
const NECK: Hinge = { at: AT.neck, sign: 1, about: 'chest' };

const TRUNK_HINGES: Readonly<Record<TrunkSpot, readonly Hinge[]>> = {
  hips: [],
  waist: [LEAN],
  chest: [LEAN, SPINE],
  head: [LEAN, SPINE, NECK],
};

function limbHinges(view: View, side: BodySide, name: LimbSpot): readonly Hinge[] {
  const [chain, joints] = BEYOND[name];
  const limb = (chain === 'leg' ? LEG : ARM).slice(0, joints).map(([joint, sign, about]): Hinge => ({
    at: AT[side][joint],
    sign: sign * turning(view, side),
    about: [side, about],
  }));
  return [...(chain === 'leg' ? [LEAN] : [LEAN, SPINE]), ...limb];
}

const allHinges = (view: View, side: BodySide) =>
  Object.fromEntries(LIMB_SPOTS.map((name) => [name, limbHinges(view, side, name)])) as Record<
    LimbSpot,
    readonly Hinge[]
  >;
const HINGES = {
  side: { near: allHinges('side', 'near'), far: allHinges('side', 'far') },
  front: { near: allHinges('front', 'near'), far: allHinges('front', 'far') },
};

/** What moves a spot, beside the place of the hips. */
export function hingesOf(spot: Spot, view: View): readonly Hinge[] {
  return typeof spot === 'string' ? TRUNK_HINGES[spot] : HINGES[view][spot[0]][spot[1]];
}

/**
 * How a spot moves when each number grows by one unit: shares of stature a degree for the angles.
 *
 * @param into two rows of `FREEDOMS` numbers, for x and for y; overwritten
 */
export function motionOf(
  spot: Spot,
  skeleton: Skeleton,
  view: View,
  into: readonly [Float64Array, Float64Array],
): void {
  const [dx, dy] = moved(into);
  const point = spotOf(skeleton, spot);
  for (const { at, sign, about } of hingesOf(spot, view)) {
    const pivot = spotOf(skeleton, about);
    dx[at] = sign * (point.y - pivot.y) * DEGREE;
    dy[at] = -sign * (point.x - pivot.x) * DEGREE;
  }
}

/** Rows in which only the place of the hips moves anything yet. */
function moved([dx, dy]: readonly [Float64Array, Float64Array]): readonly [Float64Array, Float64Array] {
  dx.fill(0);
  dy.fill(0);
  dx[AT.x] = 1;
  dy[AT.y] = 1;
  return [dx, dy];
}

/** A part of the body that weighs: its share of the body, and where between two spots it sits. */
interface Mass {
  readonly share: number;
  readonly from: Spot;
  readonly to: Spot;
  readonly centre: number;
}

// Of the trunk as a whole Winter puts the centre half-way up; the chest's is set so that it stays there.
const THORAX_CENTRE =
  ((SEGMENT_CENTRE.trunk * (SEGMENT_MASS.lowerTrunk + SEGMENT_MASS.thorax) - SEGMENT_MASS.lowerTrunk * 0.25) /
    SEGMENT_MASS.thorax -
    0.5) *
  2;
const limbMasses = (side: BodySide): readonly Mass[] => [
  { share: SEGMENT_MASS.thigh, from: [side, 'hip'], to: [side, 'knee'], centre: SEGMENT_CENTRE.thigh },
  { share: SEGMENT_MASS.shank, from: [side, 'knee'], to: [side, 'ankle'], centre: SEGMENT_CENTRE.shank },
  { share: SEGMENT_MASS.foot, from: [side, 'heel'], to: [side, 'toe'], centre: SEGMENT_CENTRE.foot },
  {
    share: SEGMENT_MASS.upperArm,
    from: [side, 'shoulder'],
    to: [side, 'elbow'],
    centre: SEGMENT_CENTRE.upperArm,
  },
  { share: SEGMENT_MASS.forearm, from: [side, 'elbow'], to: [side, 'wrist'], centre: SEGMENT_CENTRE.forearm },
  { share: SEGMENT_MASS.hand, from: [side, 'wrist'], to: [side, 'knuckles'], centre: SEGMENT_CENTRE.hand },
];
export const MASSES: readonly Mass[] = [
  { share: SEGMENT_MASS.lowerTrunk, from: 'hips', to: 'waist', centre: 0.5 },
  { share: SEGMENT_MASS.thorax, from: 'waist', to: 'chest', centre: THORAX_CENTRE },
  { share: SEGMENT_MASS.headAndNeck, from: 'chest', to: 'head', centre: 1 },
  ...SIDES.flatMap(limbMasses),
];

export function massPoint(skeleton: Skeleton, { from, to, centre }: Mass): Point {
  const a = spotOf(skeleton, from);
  const b = spotOf(skeleton, to);
  return { x: a.x + (b.x - a.x) * centre, y: a.y + (b.y - a.y) * centre };
}

/**
 * Centre of mass of the body alone, in shares of stature.
 *
 * @example centreOfMass(standing).y // about 0.56 above the sole (Winter 2009: 0.55 to 0.57)
 */
export function centreOfMass(skeleton: Skeleton): Point {
  let x = 0;
  let y = 0;
  for (const mass of MASSES) {
    const point = massPoint(skeleton, mass);
    x += mass.share * point.x;
    y += mass.share * point.y;
  }
  return { x, y };
}

/** How the centre of mass moves with each number, as `motionOf` for a spot. */
export function motionOfCentre(
  skeleton: Skeleton,
  view: View,
  into: readonly [Float64Array, Float64Array],
): void {
  const [dx, dy] = moved(into);
  for (const mass of MASSES) {
    const point = massPoint(skeleton, mass);
    // What moves the far end moves its centre too: both ends lie on the same chain.
    for (const { at, sign, about } of hingesOf(mass.to, view)) {
      const pivot = spotOf(skeleton, about);
      dx[at] = (dx[at] ?? 0) + mass.share * sign * (point.y - pivot.y) * DEGREE;
      dy[at] = (dy[at] ?? 0) - mass.share * sign * (point.x - pivot.x) * DEGREE;
    }
  }
}

/** A row for each number, to be filled by `motionOf`. */
export const rows = (): [Float64Array, Float64Array] => [
  new Float64Array(FREEDOMS),
  new Float64Array(FREEDOMS),
];
