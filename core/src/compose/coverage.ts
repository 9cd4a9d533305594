import {
  FOCUS_WORDS,
  MUSCLE_WORDS,
  patternsOf,
  type Exercise,
  type Focus,
  type Muscle,
  type Pattern,
  type Session,
  type Side,
  type Tier,
} from '../model';
import type { Catalog } from '../ladder';
import { byTheClock } from '../plan';
import { membersOf } from './effort';

export type Plane = 'forwardBack' | 'sideToSide' | 'turning';

/** Sets a session gives, weighted by how much each muscle takes part. */
export interface Coverage {
  /** Most first; muscles with nothing are not on it. */
  readonly muscles: readonly { readonly muscle: Muscle; readonly sets: number }[];
  readonly push: number;
  readonly pull: number;
  readonly knee: number;
  readonly hip: number;
  readonly front: number;
  readonly back: number;
  readonly sides: Readonly<Record<Side, number>>;
  readonly planes: Readonly<Record<Plane, number>>;
  /** What the focus promises and the session does not give, in sentences. */
  readonly missed: readonly string[];
}

const PUSH: ReadonlySet<Pattern> = new Set(['press', 'overhead', 'fly', 'extend']);
const PULL: ReadonlySet<Pattern> = new Set(['row', 'pullUp', 'posture', 'curl']);
const KNEE: ReadonlySet<Pattern> = new Set(['squat', 'lunge']);
const HIP: ReadonlySet<Pattern> = new Set(['hinge', 'bridge', 'legCurl']);
const SIDE_TO_SIDE: ReadonlySet<Pattern> = new Set(['raise', 'hip', 'sideBrace']);
const TURNING: ReadonlySet<Pattern> = new Set(['antiTwist', 'fly']);
const BACK: ReadonlySet<Muscle> = new Set([
  'thighBack',
  'glutes',
  'calves',
  'upperBack',
  'rearShoulders',
  'triceps',
  'lowBack',
]);
const FRONT: ReadonlySet<Muscle> = new Set([
  'thighFront',
  'hipFront',
  'shins',
  'chest',
  'shoulders',
  'biceps',
  'trunk',
]);

/** Muscles a focus promises, and sets of each that keep the promise. Common practice, no published source. */
const PROMISES: Readonly<Record<Focus, readonly Muscle[]>> = {
  wholeBody: ['thighFront', 'glutes', 'chest', 'upperBack', 'trunk'],
  lower: ['thighFront', 'thighBack', 'glutes', 'calves'],
  upperPush: ['chest', 'shoulders', 'triceps'],
  upperPull: ['upperBack', 'rearShoulders', 'biceps'],
  arms: ['biceps', 'triceps', 'shoulders'],
  trunk: ['trunk', 'sides'],
  balance: ['outerHip', 'calves'],
  posture: ['upperBack', 'rearShoulders'],
};
const PROMISED_SETS = 2;

/**
 * Sets by muscle with shares, and how they fall on pushing and pulling, knees and hips, front and back, left and right,
 * and the planes of movement. A set counts for a muscle by its share in the exercise (common practice).
 */
export function muscleCoverage(session: Session, tier: Tier, catalog: Catalog): Coverage {
  const byMuscle = new Map<Muscle, number>();
  const total = { push: 0, pull: 0, knee: 0, hip: 0, front: 0, back: 0 };
  const sides = { left: 0, right: 0 };
  const planes = { forwardBack: 0, sideToSide: 0, turning: 0 };
  for (const { version, prescription } of membersOf(session, tier, catalog)) {
    const { exercise } = version;
    const { sets } = prescription;
    for (const { muscle, share } of exercise.muscles) {
      byMuscle.set(muscle, (byMuscle.get(muscle) ?? 0) + share * sets);
      if (FRONT.has(muscle)) total.front += share * sets;
      if (BACK.has(muscle)) total.back += share * sets;
    }
    const patterns = patternsOf(exercise);
    if (patterns.some((pattern) => PUSH.has(pattern))) total.push += sets;
    if (patterns.some((pattern) => PULL.has(pattern))) total.pull += sets;
    if (patterns.some((pattern) => KNEE.has(pattern))) total.knee += sets;
    if (patterns.some((pattern) => HIP.has(pattern))) total.hip += sets;
    planes[planeOf(exercise)] += sets;
    // By the clock and not each side: the sides take turns, the first has the odd one.
    const halved =
      exercise.laterality === 'eachSide' && !prescription.perSide && byTheClock(prescription.work);
    sides.left += halved ? Math.ceil(sets / 2) : sets;
    sides.right += halved ? Math.floor(sets / 2) : sets;
  }
  return {
    muscles: [...byMuscle].map(([muscle, sets]) => ({ muscle, sets })).sort((a, b) => b.sets - a.sets),
    ...total,
    sides,
    planes,
    missed: missedBy(session.focus, byMuscle),
  };
}

function planeOf({ pattern, demands }: Exercise): Plane {
  if (TURNING.has(pattern) || demands.includes('spineTwisting')) return 'turning';
  return SIDE_TO_SIDE.has(pattern) || demands.includes('apartLegs') ? 'sideToSide' : 'forwardBack';
}

function missedBy(focus: Focus | undefined, sets: ReadonlyMap<Muscle, number>): string[] {
  if (!focus) return [];
  return PROMISES[focus]
    .filter((muscle) => (sets.get(muscle) ?? 0) < PROMISED_SETS)
    .map((muscle) => {
      const has = Math.round((sets.get(muscle) ?? 0) * 10) / 10;
      return `${FOCUS_WORDS[focus]} means ${MUSCLE_WORDS[muscle]}: ${has === 0 ? 'nothing' : `${has} sets`} so far.`;
    });
}
