import {
  hardestOf,
  ofSide,
  place,
  placedKeys,
  poseOf,
  spotOf,
  type LimbJoint,
  type Placed,
  type Pose,
  type Spot,
  type TrunkJoint,
} from '../body';
import type { Figure } from './figure';

/** Degrees by which a mistake changes a pose. */
type Change = Partial<Readonly<Record<LimbJoint | TrunkJoint | 'lean', number>>>;

const ROUNDED: Change = { spine: 32, neck: 12 };
const ARCHED: Change = { spine: -24, neck: -6 };
const SAGGING: Change = { hip: -16, spine: -22 };
const PIKED: Change = { hip: 34, spine: 6 };
const TIPPED_FORWARD: Change = { lean: 24, hip: 22, neck: -10 };
const LEANING_BACK: Change = { lean: -12, spine: -14, hip: -6 };
const STANDING_UP: Change = { lean: -24, hip: -22 };
const SUNK: Change = { hip: 26, spine: 4 };
const CRANED: Change = { neck: -32 };
const POKED: Change = { neck: 30 };
const SQUATTED: Change = { lean: -22, hip: 6, knee: 48 };
const ELBOWS_BENT: Change = { elbow: 38 };
const ELBOWS_AHEAD: Change = { shoulder: 32 };
const ELBOWS_DOWN: Change = { shoulder: -26 };
const KNEES_BENT: Change = { knee: 34, hip: 16 };

/**
 * How a thing to watch for looks, by the words a coach has for it: what is changed in the hardest pose. What does not show from the side or
 * the front (a breath held, knees that fall in seen from the side) is not here. Common practice, no published source.
 */
export const MISTAKES: Readonly<Record<string, Change>> = {
  'back rounds': ROUNDED,
  'the back rounds': ROUNDED,
  'rounds over': ROUNDED,
  'rounds forward': ROUNDED,
  rounds: ROUNDED,
  'rounds at the bottom': ROUNDED,
  'rounds down to the hands': ROUNDED,
  'low back rounds at the bottom': ROUNDED,
  'back arches': ARCHED,
  'low back arches': ARCHED,
  'ribs flare': ARCHED,
  'low back lifts': ARCHED,
  'back lifts': ARCHED,
  'back lifts off': ARCHED,
  'chest lifts off': ARCHED,
  'trunk rises': ARCHED,
  'hips sag': SAGGING,
  'hips sag or rise': SAGGING,
  'hips sag at the back': SAGGING,
  'low back hangs': SAGGING,
  'low back sags': SAGGING,
  'back sags': SAGGING,
  'hips stay behind': PIKED,
  'hips rise': PIKED,
  'hips fold back': PIKED,
  'folds at the hip': PIKED,
  'the hips rise first': TIPPED_FORWARD,
  'hips rise before the chest': TIPPED_FORWARD,
  'trunk tips forward': TIPPED_FORWARD,
  'torso tips forward': TIPPED_FORWARD,
  'trunk tips over the front knee': TIPPED_FORWARD,
  'bends over': TIPPED_FORWARD,
  'leans forward': TIPPED_FORWARD,
  'leans far forward': TIPPED_FORWARD,
  'leans back': LEANING_BACK,
  'leans back at the end': LEANING_BACK,
  'trunk swings': LEANING_BACK,
  'swings it up': LEANING_BACK,
  'stands up': STANDING_UP,
  'stands up a little each rep': STANDING_UP,
  'hips drop': SUNK,
  'hips drop first': SUNK,
  'hips sink': SUNK,
  'hips sink to come back': SUNK,
  'neck cranes': CRANED,
  'neck cranes up': CRANED,
  'head throws back': CRANED,
  'chin thrown up': CRANED,
  'chin leads': CRANED,
  'head pokes': POKED,
  'head reaches down': POKED,
  'neck pulls': POKED,
  'squats it': SQUATTED,
  'it turns into a squat': SQUATTED,
  'elbows bend': ELBOWS_BENT,
  'elbow bends': ELBOWS_BENT,
  'elbows wander': ELBOWS_AHEAD,
  'elbow wanders': ELBOWS_AHEAD,
  'elbows drift': ELBOWS_AHEAD,
  'hands drift ahead': ELBOWS_DOWN,
  'elbows drop': ELBOWS_DOWN,
  'elbows sink': ELBOWS_DOWN,
  'knees bend': KNEES_BENT,
};

/** A pose as it should be, and as it goes wrong. */
export interface Mistake {
  readonly right: Placed;
  readonly wrong: Placed;
}

/** What moves by less than this, in shares of stature, does not show: less than half the width of a leg. */
const SHOWS = 0.025;
/** The hardest pose is taken unless the other shows it so much better. */
const BETTER = 2;
/** What sags or rises is judged by the hips, everything else by whatever moves most. */
const HIPS: readonly Spot[] = ['hips'];
const SEEN: readonly Spot[] = [
  'hips',
  'waist',
  'chest',
  'head',
  ['near', 'knee'],
  ['near', 'elbow'],
  ['near', 'wrist'],
];

/**
 * A common mistake as a pose: the hardest pose as it goes wrong, on the same contacts; the first where it shows far better, as a back
 * cannot sag on the floor.
 *
 * @param figure the exercise
 * @param watch what is watched for, in the words of the library
 * @param statureCm of whoever is drawn
 * @returns undefined where it does not show in the picture
 * @example mistakeOf(figureOf(goodMorning, how), 'back rounds', 170)?.wrong.skeleton.turned.trunk
 */
export function mistakeOf(figure: Figure, watch: string, statureCm: number): Mistake | undefined {
  const change = MISTAKES[watch];
  const keys = placedKeys(figure.move, statureCm);
  const tried = [keys[hardestOf(figure.move)], keys[0]].flatMap((right) =>
    right && change ? [{ right, wrong: goneWrong(right, change, statureCm) }] : [],
  );
  const [hardest, first] = tried.map((found) => ({
    found,
    shown: shownBy(found, change?.hip !== undefined && change.lean === undefined ? HIPS : SEEN),
  }));
  const best = hardest && first && first.shown > hardest.shown * BETTER ? first : hardest;
  return best && best.shown > SHOWS ? best.found : undefined;
}

/** How far the place that moves most is from where it should be. */
function shownBy({ right, wrong }: Mistake, spots: readonly Spot[]): number {
  return spots.reduce((most, spot) => {
    const [a, b] = [spotOf(right.skeleton, spot), spotOf(wrong.skeleton, spot)];
    return Math.max(most, Math.hypot(a.x - b.x, a.y - b.y));
  }, 0);
}

function goneWrong(right: Placed, change: Change, statureCm: number): Placed {
  const now = poseOf(right.numbers);
  const both = (joint: LimbJoint): readonly [number, number] => {
    const by = change[joint] ?? 0;
    return [ofSide(now[joint], 'near') + by, ofSide(now[joint], 'far') + by];
  };
  const pose: Pose = {
    lean: (now.lean ?? 0) + (change.lean ?? 0),
    spine: (now.spine ?? 0) + (change.spine ?? 0),
    neck: (now.neck ?? 0) + (change.neck ?? 0),
    hip: both('hip'),
    knee: both('knee'),
    ankle: both('ankle'),
    shoulder: both('shoulder'),
    elbow: both('elbow'),
    wrist: both('wrist'),
  };
  const { view, rests } = right.stance;
  // It is not kept over the feet: that it tips is part of what is wrong.
  return place({ view, pose, rests }, statureCm, right, undefined, right.shortening);
}
