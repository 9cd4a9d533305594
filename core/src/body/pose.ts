/** A side of the body: the one towards the onlooker, and the other. Seen from the front, `near` is on the right of the picture. */
export type BodySide = 'near' | 'far';
export const SIDES: readonly BodySide[] = ['near', 'far'];

/** The joints of a limb that a pose sets. */
export type LimbJoint = 'hip' | 'knee' | 'ankle' | 'shoulder' | 'elbow' | 'wrist';
export type TrunkJoint = 'spine' | 'neck';
export type Joint = LimbJoint | TrunkJoint;

/** From where the figure is seen: it moves in that plane. */
export type View = 'side' | 'front';

/** One number for both sides, or near and far apart. */
export type BothSides = number | readonly [near: number, far: number];

/**
 * A pose as joint angles in degrees; what is not said is 0, and all 0 is standing straight with arms hanging.
 *
 * From the side: `lean` is the pelvis from upright, forward positive (90 prone, -90 on the back); `spine`, `neck`, `hip`,
 * `shoulder`, `elbow` and `knee` bend positive, `ankle` is positive with the toes drawn up.
 * From the front: `lean`, `spine` and `neck` are to the right of the picture; `hip` and `shoulder` are away from the middle,
 * `knee` and `elbow` as seen with the limb turned out.
 */
export interface Pose extends Partial<Readonly<Record<LimbJoint, BothSides>>> {
  readonly lean?: number;
  readonly spine?: number;
  readonly neck?: number;
  /** How far a segment points out of the picture, in degrees: it is drawn shorter. */
  readonly towards?: Partial<Readonly<Record<Limb, BothSides>>>;
}
export type Limb = 'thigh' | 'shank' | 'foot' | 'upperArm' | 'forearm';

/** Where each number of a figure stands: place of the hips, then angles. */
export const AT = {
  x: 0,
  y: 1,
  lean: 2,
  spine: 3,
  neck: 4,
  near: { hip: 5, knee: 6, ankle: 7, shoulder: 8, elbow: 9, wrist: 10 },
  far: { hip: 11, knee: 12, ankle: 13, shoulder: 14, elbow: 15, wrist: 16 },
} as const;
export const FREEDOMS = 17;

/** The numbers of a figure: hips in shares of stature, angles in degrees; see `AT`. */
export type Numbers = Float64Array;

/** One side of what a pose says. */
export function ofSide(value: BothSides | undefined, side: BodySide): number {
  if (value === undefined || typeof value === 'number') return value ?? 0;
  return side === 'near' ? value[0] : value[1];
}

/**
 * A pose as numbers, with the hips at the origin.
 *
 * @example numbersOf({ knee: [90, 0] })[AT.near.knee] // 90
 */
export function numbersOf(pose: Pose): Numbers {
  const numbers = new Float64Array(FREEDOMS);
  numbers[AT.lean] = pose.lean ?? 0;
  numbers[AT.spine] = pose.spine ?? 0;
  numbers[AT.neck] = pose.neck ?? 0;
  for (const side of SIDES) {
    for (const joint of LIMB_JOINTS) numbers[AT[side][joint]] = ofSide(pose[joint], side);
  }
  return numbers;
}
export const LIMB_JOINTS: readonly LimbJoint[] = ['hip', 'knee', 'ankle', 'shoulder', 'elbow', 'wrist'];
