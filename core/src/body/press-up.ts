import type { Move } from './move';
import type { Pose } from './pose';
import { FLOOR, type Rest, type Surface } from './rest';
import { FIGURE, FLESH, SEGMENT_LENGTH } from './segments';

/** Toes or knees: what a press-up turns about. */
export type PressUpPivot = 'toes' | 'knees';

/** From the ball of the foot, or the knee, along a straight body to the shoulders. */
const ALONG: Readonly<Record<PressUpPivot, number>> = {
  toes:
    SEGMENT_LENGTH.ankleHeight +
    SEGMENT_LENGTH.shank +
    SEGMENT_LENGTH.thigh +
    FIGURE.lowerTrunk +
    FIGURE.thorax,
  knees: SEGMENT_LENGTH.thigh + FIGURE.lowerTrunk + FIGURE.thorax,
};
/** How far that line runs above the ball of the foot, or the floor under the knee, square to the body. */
const LIFTED: Readonly<Record<PressUpPivot, number>> = { toes: FIGURE.ball, knees: FLESH.knee };
const ARM = SEGMENT_LENGTH.upperArm + SEGMENT_LENGTH.forearm + FLESH.wrist;
/** From the shoulders to the surface at the bottom: the chest a hand’s breadth from it (common practice, no published source). */
const BOTTOM = 0.09;

/** At the bottom the elbows point half outwards: the arms look shorter from the side (common practice, no published source). */
const OUTWARDS = { upperArm: 45, forearm: 15 };

/** As steep as a body leans to a wall at the bottom, feet a step away from it (common practice, no published source). */
const STEEPEST = (68 * Math.PI) / 180;

/** From this steep on, the whole foot stands on the floor. */
const FLAT_FROM = (52 * Math.PI) / 180;

/** A hand round an edge: pushed along as hard as down (common practice, no published source). */
const EDGE = 1;

const DEGREE = Math.PI / 180;
/** The angle at which a point so far along a line, and so far above it square, is at this height. */
const rising = (height: number, length: number, above: number) =>
  Math.asin(Math.min(1, Math.max(-1, height / Math.hypot(length, above)))) - Math.atan2(above, length);

/** How far below the shoulders the hands stand beside the chest: set so that on the floor the arms are upright at the top. */
function besideTheChest(pivot: PressUpPivot): number {
  const length = ALONG[pivot];
  const lifted = LIFTED[pivot];
  const top = rising(ARM, length, lifted);
  const hands = length * Math.cos(top) - lifted * Math.sin(top);
  const bottom = rising(BOTTOM, length, lifted);
  return length * Math.cos(bottom) - lifted * Math.sin(bottom) - hands;
}
const BESIDE: Readonly<Record<PressUpPivot, number>> = {
  toes: besideTheChest('toes'),
  knees: besideTheChest('knees'),
};

/** A press-up's two keys; how high hands and feet stand, as shares of stature. */
export interface PressUp {
  readonly hands: Surface;
  readonly feet?: Surface;
  readonly pivot?: PressUpPivot;
  /** Changes to the arms: wide, close. */
  readonly arms?: { readonly top?: Pose; readonly bottom?: Pose };
}

/**
 * A press-up as a movement: a straight body about the toes or knees, hands where the chest comes down between them.
 *
 * Where the hands stand is a rule, not a fit: on the floor under the shoulders at the top; on anything higher as far beside the chest
 * at the bottom as they are on the floor.
 *
 * @param pressUp heights of hands and feet, and what it turns about
 * @param statureCm turns a table's centimetres into shares
 * @example pressUp({ hands: FLOOR }, 170).keys.length // 2
 */
export function pressUp({ hands, feet = FLOOR, pivot = 'toes', arms }: PressUp, statureCm: number): Move {
  const share = (surface: Surface) =>
    surface.cm === undefined ? (surface.share ?? 0) : surface.cm / statureCm;
  const length = ALONG[pivot];
  const up = share(hands) - share(feet);
  const below = LIFTED[pivot] - BOTTOM;
  const wanted = rising(up, length - BESIDE[pivot], below);
  const bottom = Math.min(wanted, STEEPEST);
  const shoulders = {
    x: length * Math.cos(bottom) - LIFTED[pivot] * Math.sin(bottom),
    y: length * Math.sin(bottom) + LIFTED[pivot] * Math.cos(bottom) + share(feet),
  };
  // Square below the body, so far from its end: where the hands are. Against a wall it is the chest that comes to it.
  const wall = wanted > STEEPEST;
  const handsAt = wall
    ? shoulders.x + BOTTOM
    : (length - BESIDE[pivot]) * Math.cos(bottom) - below * Math.sin(bottom);
  const lean = (angle: number) => 90 - angle / DEGREE;
  const top = Math.min(rising(up + ARM, length, LIFTED[pivot]), 80 * DEGREE);
  const knees = pivot === 'knees';
  const legs: Pose = knees ? { hip: 0, knee: 90, ankle: -40 } : { hip: 0, knee: 0, ankle: 0 };
  const footing: readonly Rest[] = knees
    ? [
        { with: 'knee', on: FLOOR, at: 0 },
        { with: 'toe', on: FLOOR },
      ]
    : bottom > FLAT_FROM
      ? [{ with: 'foot', on: feet, at: -FIGURE.heel - FIGURE.ball }]
      : [{ with: 'ball', on: feet, at: 0 }];
  const palms: Rest = wall
    ? { with: 'palm', on: { kind: 'wall', share: handsAt }, at: share(hands) }
    : // The hands close round an edge; on the floor they only rub.
      { with: 'palm', on: hands, at: handsAt, ...(hands.kind !== 'floor' && { rubs: EDGE }) };
  return {
    view: 'side',
    keys: [
      {
        pose: { ...legs, lean: lean(top), neck: -20, shoulder: 90, elbow: 0, wrist: -85, ...arms?.top },
        rests: [...footing, palms],
      },
      {
        pose: {
          ...legs,
          lean: lean(bottom),
          neck: -25,
          shoulder: -20,
          elbow: 125,
          wrist: -85,
          towards: OUTWARDS,
          ...arms?.bottom,
        },
        rests: [
          ...footing,
          palms,
          { with: 'shoulders', on: { kind: 'floor', share: shoulders.y - FLESH.shoulder }, light: true },
        ],
      },
    ],
  };
}
