import {
  AT,
  baseOf,
  FIGURE,
  hardestOf,
  jointStrength,
  LIMB_JOINTS,
  placedKeys,
  samplesOf,
  SIDES,
  staticsFor,
  type Body,
  type BodySide,
  type Load,
  type MomentJoint,
  type Placed,
  type Rest,
} from '../body';
import type { Hold } from '../model';
import type { Anchor, Figure } from './figure';

/** The joint that is asked most, and how much of what it usually has. */
export interface Peak {
  readonly joint: MomentJoint;
  readonly side: BodySide | 'trunk';
  /** Moment as a share of the usual strength of somebody like that. */
  readonly share: number;
  readonly newtonMetres: number;
}

export interface Difficulty extends Peak {
  /** The pose in which it is hardest. */
  readonly pose: Placed | undefined;
  /** The worst of every joint over the whole movement, hardest first. */
  readonly joints: readonly Peak[];
  readonly balance: Balance | undefined;
}

export interface Balance {
  /** How far the body can lean before it goes over the nearest edge of what it stands on. */
  readonly degrees: number;
  /** 1 standing on two feet, more on less; half as much again with closed eyes. */
  readonly difficulty: number;
}

/** What is held, all together. */
export interface HeldLoad {
  readonly hold: Hold;
  readonly kg: number;
}

/** How it is done. */
export interface Doing {
  readonly held?: HeldLoad | undefined;
  /** Share of the work done with closed eyes, in percent. */
  readonly eyesClosed?: number | undefined;
  /** Only the hardest pose counts: it is held. */
  readonly still?: boolean | undefined;
}

/** Breadth of a foot, as a share of stature (Drillis & Contini 1966, from memory). */
const FOOT_BREADTH = 0.055;
/** Sway with closed eyes over sway with open ones: the Romberg quotient of healthy adults, about 1.5 (from memory). */
const EYES_CLOSED = 1.5;
/** Knees and elbows that are straight hold a push from the side by their ligaments. */
const STRAIGHT = 15;

/**
 * How hard a version of an exercise is for somebody: the largest moment over what that joint usually has, of all
 * joints that work and the low back, and how easily balance is
 * lost. Quasi-static: nothing moves fast, so swings and jumps ask more than it says; muscles are as strong in every position.
 *
 * @param figure the exercise in a version
 * @param body whose
 * @param doing load in hand, closed eyes, and whether it is a hold
 * @returns the worst joint and all others; `share` 1 is as much as somebody like that usually has
 * @example difficultyOf(figureOf(pressUp, how), { massKg: 70, statureCm: 170 }).joint // 'elbow'
 */
export function difficultyOf(
  figure: Figure,
  body: Body,
  { held, eyesClosed = 0, still }: Doing = {},
): Difficulty {
  const keys = placedKeys(figure.move, body.statureCm);
  const hardest = keys[hardestOf(figure.move)];
  // Of what is held still the other keys only show the way into it.
  const poses = still && hardest ? [hardest] : samplesOf(figure.move, body.statureCm);
  const worst = new Map<MomentJoint, Peak & { readonly pose: Placed }>();
  const works = still ? undefined : workingJoints(keys);
  poses.forEach((placed) => {
    for (const peak of peaksIn(placed, body, held ? loadsOf(figure, placed, held) : [])) {
      if (works && peak.side !== 'trunk' && !works.has(`${peak.side} ${peak.joint}`)) continue;
      if (peak.share > (worst.get(peak.joint)?.share ?? -1)) worst.set(peak.joint, { ...peak, pose: placed });
    }
  });
  const joints = [...worst.values()].sort((a, b) => b.share - a.share);
  const first = joints[0] ?? { joint: 'knee', side: 'near', share: 0, newtonMetres: 0, pose: undefined };
  return { ...first, joints, balance: hardest && balanceOf(hardest, eyesClosed) };
}

/** A joint that turns by more degrees than this works; one that turns less only holds. */
const WORKS = 10;

/** The joints that a movement moves: arms that hold a load while the legs work are not what it is hard for. */
function workingJoints(keys: readonly Placed[]): ReadonlySet<string> {
  const works = new Set<string>();
  for (const side of SIDES) {
    for (const joint of LIMB_JOINTS) {
      const angles = keys.map(({ numbers }) => numbers[AT[side][joint]] ?? 0);
      if (Math.max(...angles) - Math.min(...angles) > WORKS) works.add(`${side} ${joint}`);
    }
  }
  return works;
}

/** Every joint in one pose, as a share of what it usually has. */
export function peaksIn(placed: Placed, body: Body, loads: readonly Load[] = []): readonly Peak[] {
  const { view, numbers } = placed;
  const bent = (side: BodySide, joint: 'knee' | 'elbow') =>
    Math.abs(numbers[AT[side][joint]] ?? 0) > STRAIGHT;
  const grips = (side: BodySide) =>
    placed.stance.rests.some(
      (rest) => rest.with === 'grip' && (rest.side === undefined || rest.side === side),
    );
  return staticsFor(placed, body, loads).moments.flatMap(({ joint, side, newtonMetres }) => {
    // A hand that hangs on something swings into line with its pull.
    if (joint === 'wrist' && side !== 'trunk' && grips(side)) return [];
    if (view === 'front' && side !== 'trunk') {
      if (joint === 'wrist' || joint === 'ankle') return [];
      if ((joint === 'knee' || joint === 'elbow') && !bent(side, joint)) return [];
    }
    const share = Math.abs(newtonMetres) / jointStrength(joint, newtonMetres, view, body);
    // The back has one spine for both sides' worth of limbs; a limb is one side.
    return [{ joint, side, newtonMetres, share }];
  });
}

/** What hangs where, for a hold. */
export function loadsOf(figure: Figure, placed: Placed, { hold, kg }: HeldLoad): readonly Load[] {
  const hands = SIDES.map((side): Load => ({ at: [side, 'grip'], kg: kg / 2 }));
  switch (hold) {
    case 'none':
    case 'hands':
      return [];
    case 'vest':
      return [{ at: 'chest', kg }];
    case 'ankle':
      return [{ at: ['near', 'ankle'], kg }];
    case 'oneSide':
      return [{ at: ['near', 'grip'], kg }];
    case 'band': {
      const at = figure.anchor ?? 'feet';
      return SIDES.map((side) => ({ at: [side, 'grip'], kg: kg / 2, towards: anchorOf(at, placed, side) }));
    }
    case 'pair':
    case 'bothHands':
    case 'bar':
    case 'hexBar':
    case 'bag':
      if (figure.heldAt === 'back') return [{ at: 'chest', kg }];
      if (figure.heldAt === 'hips') return [{ at: 'hips', kg }];
      if (figure.heldAt === 'thighs') return SIDES.map((side) => ({ at: [side, 'knee'], kg: kg / 2 }));
      return hands;
  }
}

function anchorOf(anchor: Anchor, { skeleton }: Placed, side: BodySide) {
  if (typeof anchor !== 'string') return anchor;
  if (anchor === 'back') return skeleton.chest;
  if (anchor === 'seat') return skeleton.hips;
  if (anchor === 'hands') return skeleton.far.grip;
  return skeleton[anchor === 'nearFoot' ? 'near' : side].ball;
}

/** Balance of a pose that stands on something; nothing is said of one that lies, sits or hangs. */
function balanceOf({ stance, skeleton, view }: Placed, eyesClosed: number): Balance | undefined {
  const standing = stance.rests.filter((rest) => onFoot(rest) && !rest.light);
  const hands = stance.rests.filter((rest) => rest.with === 'grip' && !onFloor(rest));
  if (
    standing.length === 0 ||
    stance.rests.some((rest) => !rest.light && !onFoot(rest) && !hands.includes(rest))
  )
    return undefined;
  const base = baseOf(standing, skeleton);
  if (!base) return undefined;
  const feet = new Set(standing.flatMap(({ side }) => (side ? [side] : SIDES)));
  // What the picture does not show: on two feet side by side as wide as the hips, on one or in line as wide as a foot.
  const apart = feet.size > 1 && !inLine(standing) ? 2 * FIGURE.hipHalf : 0;
  const across = view === 'side' ? apart + FOOT_BREADTH : FIGURE.toe + FIGURE.heel;
  const seen = base[1] - base[0] + (view === 'front' ? FOOT_BREADTH : 0);
  // A hand on something is one more place to stand on, a shoulder’s breadth away.
  const reach = hands.length > 0 ? FIGURE.shoulderHalf : 0;
  const half = Math.min(across, seen) / 2 + reach;
  const height = Math.max(skeleton.hips.y, 0.1);
  const degrees = (Math.atan2(half, height) * 180) / Math.PI;
  const eyes = 1 + ((EYES_CLOSED - 1) * eyesClosed) / 100;
  return { degrees, difficulty: (STANDING_DEGREES / Math.max(degrees, 0.1)) * eyes };
}
const onFoot = ({ with: bearing }: Rest) => bearing === 'foot' || bearing === 'ball' || bearing === 'heel';
const onFloor = ({ on }: Rest) => on.kind === 'floor';
/** One foot before the other with both flat: nothing between them sideways. */
const inLine = (rests: readonly { readonly with: string; readonly side?: BodySide | undefined }[]) =>
  rests.length > 1 && rests.every(({ side, with: bearing }) => side !== undefined && bearing === 'foot');
/** Two feet side by side: half their breadth over the height of the hips. */
const STANDING_DEGREES = (Math.atan2((2 * FIGURE.hipHalf + FOOT_BREADTH) / 2, 0.53) * 180) / Math.PI;
