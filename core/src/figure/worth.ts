import { contactShares, type Body, type MomentJoint } from '../body';
import {
  LEVERS,
  type Exercise,
  type Hold,
  type Ladder,
  type LeverKind,
  type LeverSettings,
  type Rung,
} from '../model';
import { difficultyOf } from './difficulty';
import type { How } from './figure';
import { figureOf } from './figure-for';

/** A version with a load, for somebody. */
function howOf(
  levers: LeverSettings,
  { statureCm, massKg }: Body,
  held: { readonly hold: Hold; readonly kg: number } | undefined,
): How {
  return { levers, statureCm, hold: held?.hold, loadShare: (held?.kg ?? 0) / massKg };
}

/** What one step of a lever is worth to somebody. */
export interface Worth {
  readonly lever: LeverKind | 'load';
  /** How far it is moved, towards harder: centimetres, percent or kilograms. */
  readonly by: number;
  /** What the worst joint is asked after it, over what it is asked now. */
  readonly times: number;
  /** Repetitions that ten become. */
  readonly reps: number;
}

/** One step, as a coach would move it. */
const STEP: Readonly<Partial<Record<LeverKind, number>>> = { surfaceHeight: 10, range: 10, leverage: 10 };
const KILOGRAM = 1;
const TEN = 10;
/** Less than this moves nothing that could be told from the line of a drawing. */
const TELLS = 0.005;

/**
 * Repetitions after what is asked has changed, with as much left: the maximum stays, the share of it changes.
 *
 * Source: Epley 1985 (from memory): maximum = load × (1 + repetitions / 30).
 *
 * @param reps before
 * @param times what is asked after over what was asked before
 * @example repsAfter(10, 1.1) // 6
 */
export function repsAfter(reps: number, times: number): number {
  return Math.max(0, Math.round(30 * ((1 + reps / 30) / times - 1)));
}

/**
 * What ten centimetres of surface, ten percent of range or a kilogram are worth to somebody: the change at the joint that is asked most.
 *
 * @param exercise in which version
 * @param levers where they stand
 * @param hold how a load is held, where there is one, and how much
 * @param body whose
 * @returns one entry for each lever that can still be moved towards harder, and one for the load
 * @example worthOf(pressUp, { surfaceHeight: 45 }, body)[0].reps // what ten become with hands 10 cm lower
 */
export function worthOf(
  exercise: Exercise,
  levers: LeverSettings,
  body: Body,
  held?: { readonly hold: Hold; readonly kg: number },
): readonly Worth[] {
  const share = (settings: LeverSettings, load = held) => {
    const figure = figureOf(exercise, howOf(settings, body, load));
    return difficultyOf(figure, body, { held: load });
  };
  const now = share(levers);
  const at = (changed: ReturnType<typeof share>) =>
    (changed.joints.find(({ joint }) => joint === now.joint)?.share ?? changed.share) /
    Math.max(now.share, 1e-6);
  // On the hands it is what they carry that changes, measured on force plates and better known than any one joint.
  const onHands = (settings: LeverSettings) =>
    contactShares(figureOf(exercise, { levers: settings, statureCm: body.statureCm }).move, body, 'mean')
      .hands;
  const times = (settings: LeverSettings) =>
    exercise.position === 'handsAndFeet'
      ? onHands(settings) / Math.max(onHands(levers), 1e-6)
      : at(share(settings));
  const worth = (lever: Worth['lever'], by: number, asked: number): readonly Worth[] =>
    Math.abs(asked - 1) < TELLS ? [] : [{ lever, by, times: asked, reps: repsAfter(TEN, asked) }];
  const moved = exercise.levers.flatMap(({ lever, from, to }) => {
    const step = STEP[lever];
    const stands = levers[lever] ?? (LEVERS[lever].harder === 'down' ? from : to);
    const next = step === undefined ? stands : stands + (LEVERS[lever].harder === 'down' ? -step : step);
    if (step === undefined || next < from || next > to) return [];
    return worth(lever, step, times({ ...levers, [lever]: next }));
  });
  const hold = held?.hold ?? exercise.loading?.holds[0];
  const loaded = hold ? at(share(levers, { hold, kg: (held?.kg ?? 0) + KILOGRAM })) : 1;
  return [...moved, ...worth('load', KILOGRAM, loaded)];
}

/** A step in between: an exercise of one of the two rungs with a lever in another place. */
export interface Between {
  readonly rung: Rung;
  readonly levers: LeverSettings;
  readonly lever: LeverKind;
  readonly value: number;
  /** What it asks of the worst joint, as a share of its usual strength. */
  readonly share: number;
}

/** From one rung to the next by more than this is a large gap (common practice, no published source). */
const LARGE_STEP = 1.25;
const HALVINGS = 12;

/**
 * A version between two rungs where the step from one to the next computes as large: the upper one made easier by one of its levers, or the
 * lower one harder, to the middle of the gap.
 *
 * @param ladder on which
 * @param at index of the lower rung
 * @param exerciseById its exercises
 * @param body for whom
 * @returns undefined where the step is small, or no lever leads into it
 * @example rungBetween(pressUpLadder, 1, byId, body)?.value // 68: hands at 68 cm between the counter and the chair
 */
export function rungBetween(
  ladder: Ladder,
  at: number,
  exerciseById: (id: string) => Exercise | undefined,
  body: Body,
): Between | undefined {
  const [lower, upper] = [ladder.rungs[at], ladder.rungs[at + 1]];
  if (!lower || !upper) return undefined;
  const shareOf = (rung: Rung, levers: LeverSettings): number | undefined => {
    const exercise = exerciseById(rung.exerciseId);
    return exercise && difficultyOf(figureOf(exercise, { levers, statureCm: body.statureCm }), body).share;
  };
  const below = shareOf(lower, lower.levers);
  const above = shareOf(upper, upper.levers);
  if (below === undefined || above === undefined || above < below * LARGE_STEP) return undefined;
  const middle = Math.sqrt(below * above);
  for (const rung of [upper, lower]) {
    const exercise = exerciseById(rung.exerciseId);
    for (const { lever, from, to } of exercise?.levers ?? []) {
      const found = halved(
        lever,
        rung,
        rung === upper ? lower : upper,
        [from, to],
        (value) => shareOf(rung, { ...rung.levers, [lever]: value }),
        middle,
      );
      if (found) return { rung, levers: { ...rung.levers, [lever]: found.value }, lever, ...found };
    }
  }
  return undefined;
}

/** The value of a lever at which as much is asked as in the middle of a gap; undefined where it never is. */
function halved(
  lever: LeverKind,
  rung: Rung,
  other: Rung,
  [from, to]: readonly [number, number],
  share: (value: number) => number | undefined,
  middle: number,
): { readonly value: number; readonly share: number } | undefined {
  const here = rung.levers[lever] ?? (LEVERS[lever].harder === 'down' ? from : to);
  const there = other.exerciseId === rung.exerciseId ? other.levers[lever] : undefined;
  const easiest = LEVERS[lever].harder === 'down' ? to : from;
  let [a, b] = [here, there ?? easiest];
  const [atA, atB] = [share(a), share(b)];
  if (atA === undefined || atB === undefined || (atA - middle) * (atB - middle) > 0) return undefined;
  for (let round = 0; round < HALVINGS; round++) {
    const value = (a + b) / 2;
    const asked = share(value);
    if (asked === undefined) return undefined;
    if ((asked - middle) * (atA - middle) > 0) a = value;
    else b = value;
  }
  const value = Math.round((a + b) / 2);
  const asked = share(value);
  return asked === undefined || value === here || value === there ? undefined : { value, share: asked };
}

/** A version without a load that asks as much. */
export interface AsHard {
  readonly exercise: Exercise;
  readonly levers: LeverSettings;
  readonly rung?: Rung | undefined;
  /** The joint that the load would have asked most. */
  readonly joint: MomentJoint;
  /** What it asks of that joint over what is wanted. */
  readonly times: number;
}

/** So near counts as the same (common practice, no published source); never more than what was wanted by this much. */
const ABOVE = 1.05;
const NEAR = 0.75;

/**
 * Load without kilograms: for somebody who has nothing to hold, the version whose largest moment comes nearest to what the load would have
 * asked of that joint, and never far above it.
 *
 * @param wanted the exercise, its levers and the load that cannot be made
 * @param among versions that may be done, without a load
 * @param body whose
 * @returns the nearest; undefined where nothing comes near
 * @example asHardAs({ exercise: gobletSquat, levers: {}, held: { hold: 'bothHands', kg: 16 } }, versions, body)?.exercise.name
 */
export function asHardAs(
  wanted: {
    readonly exercise: Exercise;
    readonly levers: LeverSettings;
    readonly held: { readonly hold: Hold; readonly kg: number };
  },
  among: readonly {
    readonly exercise: Exercise;
    readonly levers: LeverSettings;
    readonly rung?: Rung | undefined;
  }[],
  body: Body,
): AsHard | undefined {
  const { exercise, levers, held } = wanted;
  const asked = difficultyOf(figureOf(exercise, howOf(levers, body, held)), body, { held });
  let best: AsHard | undefined;
  for (const version of among) {
    if (version.exercise.loading?.required || version.exercise.pattern !== exercise.pattern) continue;
    const figure = figureOf(version.exercise, { levers: version.levers, statureCm: body.statureCm });
    const there = difficultyOf(figure, body).joints.find(({ joint }) => joint === asked.joint);
    const times = (there?.share ?? 0) / Math.max(asked.share, 1e-6);
    if (times > ABOVE || times < NEAR) continue;
    if (!best || Math.abs(1 - times) < Math.abs(1 - best.times))
      best = { ...version, joint: asked.joint, times };
  }
  return best;
}
