import { place, type CarriedShare, type Hanging, type Placed, type Held } from './place';
import { AT, FREEDOMS, SIDES, type Pose, type View } from './pose';
import type { Rest } from './rest';
import { USUAL_STATURE_CM } from './segments';
import { skeletonOf, type Shortening } from './skeleton';

/** One pose of a movement, and what it rests on. */
export interface Key {
  readonly pose: Pose;
  readonly rests: readonly Rest[];
  /** Stands free, with its weight over its feet. */
  readonly balanced?: boolean;
  readonly hanging?: Hanging;
  /** For how long of a repetition it is gone to, beside the others; 1 where it is not said. */
  readonly slow?: number;
}

/** A movement: from its first pose through the others, and back the way it came. */
export interface Move {
  readonly view: View;
  readonly keys: readonly [Key, Key, ...Key[]];
  /** Which key is hardest; the last where it is not said. */
  readonly hardest?: number;
  /** Goes on from the last key to the first instead of back the same way: marching, circles. */
  readonly round?: boolean;
  /** What is carried for the balance where nothing more is known. */
  readonly carried?: readonly CarriedShare[];
}

export const hardestOf = ({ keys, hardest }: Move): number => hardest ?? keys.length - 1;

/** Kept by move and stature: the same figure is drawn on many cards. */
const PLACED = new WeakMap<Move, Map<number, readonly Placed[]>>();

/**
 * The poses of a movement as a body of this stature takes them, one for each key, each from the one before.
 *
 * @example placedKeys(squat, 170)[1].skeleton.hips.y // lower than in the first
 */
export function placedKeys(move: Move, statureCm: number): readonly Placed[] {
  const kept = PLACED.get(move) ?? new Map<number, readonly Placed[]>();
  PLACED.set(move, kept);
  const known = kept.get(statureCm);
  if (known) return known;
  if (statureCm !== USUAL_STATURE_CM && isLikeAtAnyStature(move)) return placedKeys(move, USUAL_STATURE_CM);
  // Another stature stands nearly alike: its poses are found from those of the usual one, whoever was asked for first.
  const usual = statureCm === USUAL_STATURE_CM ? [] : placedKeys(move, USUAL_STATURE_CM);
  const placed: Placed[] = [];
  move.keys.forEach((key, at) => {
    placed.push(place(stanceOf(move, key), statureCm, placed.at(-1), usual[at]?.numbers));
  });
  kept.set(statureCm, placed);
  return placed;
}

/** All is in shares of stature; only what is so many centimetres high is another share of another body. */
function isLikeAtAnyStature({ keys }: Move): boolean {
  return keys.every(({ rests }) => rests.every(({ on }) => on.cm === undefined));
}

const SAMPLED = new WeakMap<Move, Map<number, readonly Placed[]>>();

/**
 * The poses of a movement and those half-way between them: where it is hardest may be on the way, as in a curl.
 *
 * @example samplesOf(curl, 170).length // 3: down, half-way, up
 */
export function samplesOf(move: Move, statureCm: number): readonly Placed[] {
  const kept = SAMPLED.get(move) ?? new Map<number, readonly Placed[]>();
  SAMPLED.set(move, kept);
  const known = kept.get(statureCm);
  if (known) return known;
  if (statureCm !== USUAL_STATURE_CM && isLikeAtAnyStature(move)) return samplesOf(move, USUAL_STATURE_CM);
  const keys = placedKeys(move, statureCm);
  // Between two that rest on other things nobody knows what bears when.
  const samples = keys.flatMap((key, at) => {
    const next = keys[at + 1];
    return next && standAlike(key, next) ? [key, between(key, next, statureCm, 0.5)] : [key];
  });
  kept.set(statureCm, samples);
  return samples;
}

function stanceOf({ view, carried }: Move, { pose, rests, balanced, hanging }: Key): Held {
  return {
    view,
    pose,
    rests,
    ...(balanced && { balanced }),
    ...(hanging && { hanging }),
    ...(carried && { carried }),
  };
}

function standAlike(from: Placed, to: Placed): boolean {
  const bearing = ({ stance }: Placed) => stance.rests.filter(({ light }) => !light).length;
  const shared = sharedRests(from, to).filter(({ light }) => !light).length;
  return shared === bearing(from) && shared === bearing(to);
}

/** What two keys both rest on, in the place where the first has it: what must not slide between them. */
function sharedRests(from: Placed, to: Placed): readonly Rest[] {
  return from.stance.rests.filter((rest) =>
    to.stance.rests.some(
      (other) => other.with === rest.with && other.side === rest.side && other.on.kind === rest.on.kind,
    ),
  );
}

/**
 * A pose on the way from one key to the next: every joint goes straight from its one angle to the other, so none leaves its range or
 * bends the wrong way, and what both keys rest on stays where it is.
 *
 * @param share 0 for the first, 1 for the second
 * @example between(standing, squatting, 170, 0.5).skeleton.hips.y // half-way down
 */
export function between(from: Placed, to: Placed, statureCm: number, share: number): Placed {
  if (share <= 0) return from;
  if (share >= 1) return to;
  const numbers = new Float64Array(FREEDOMS);
  for (let at = 0; at < FREEDOMS; at++) {
    numbers[at] = (from.numbers[at] ?? 0) * (1 - share) + (to.numbers[at] ?? 0) * share;
  }
  const rests = sharedRests(from, to).map((rest): Rest => ({ ...rest, at: 'asBefore' }));
  const shortening = mixed(from.shortening, to.shortening, share);
  const pose = poseOf(numbers);
  const [a, b] = [from.stance, to.stance];
  const stance: Held = {
    view: from.view,
    pose,
    rests,
    ...(a.balanced && b.balanced && { balanced: true }),
    ...(a.hanging && a.hanging === b.hanging && { hanging: a.hanging }),
    ...(a.carried && { carried: a.carried }),
  };
  if (rests.length === 0) {
    return {
      view: from.view,
      numbers,
      shortening,
      skeleton: skeletonOf(numbers, from.view, shortening),
      stance,
      miss: 0,
    };
  }
  return place(stance, statureCm, from, numbers, shortening);
}

function mixed(a: Shortening, b: Shortening, share: number): Shortening {
  const side = (one: 'near' | 'far') => ({
    thigh: a[one].thigh * (1 - share) + b[one].thigh * share,
    shank: a[one].shank * (1 - share) + b[one].shank * share,
    foot: a[one].foot * (1 - share) + b[one].foot * share,
    upperArm: a[one].upperArm * (1 - share) + b[one].upperArm * share,
    forearm: a[one].forearm * (1 - share) + b[one].forearm * share,
  });
  return { near: side('near'), far: side('far') };
}

/** Numbers as a pose. */
export function poseOf(numbers: Float64Array): Pose {
  const both = (joint: 'hip' | 'knee' | 'ankle' | 'shoulder' | 'elbow' | 'wrist') => {
    const [near, far] = SIDES.map((side) => numbers[AT[side][joint]] ?? 0);
    return [near ?? 0, far ?? 0] as const;
  };
  return {
    lean: numbers[AT.lean] ?? 0,
    spine: numbers[AT.spine] ?? 0,
    neck: numbers[AT.neck] ?? 0,
    hip: both('hip'),
    knee: both('knee'),
    ankle: both('ankle'),
    shoulder: both('shoulder'),
    elbow: both('elbow'),
    wrist: both('wrist'),
  };
}
