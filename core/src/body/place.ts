import {
  AT,
  FREEDOMS,
  LIMB_JOINTS,
  numbersOf,
  SIDES,
  type BodySide,
  type Numbers,
  type Pose,
  type View,
} from './pose';
import { LeastSquares } from './least-squares';
import { limitsOf } from './range-of-motion';
import { bearersOf, heightOf, touchesOf, towardsWall, upright, type Bearer, type Rest } from './rest';
import {
  centreOfMass,
  motionOf,
  motionOfCentre,
  rows,
  shorteningOf,
  skeletonOf,
  spotOf,
  type Point,
  type Shortening,
  type Skeleton,
  type Spot,
} from './skeleton';

/** A pose with what it rests on: where exactly every joint is follows from both. */
export interface Held {
  readonly view: View;
  readonly pose: Pose;
  readonly rests: readonly Rest[];
  /** Stands free: the weight is kept over the feet. */
  readonly balanced?: boolean;
  /** Arms that hang straight down however the trunk leans. */
  readonly hanging?: Hanging;
  /** What is carried, as shares of the body, and where: it counts for the balance. */
  readonly carried?: readonly CarriedShare[];
}

/** Which arms hang. */
export type Hanging = 'both' | BodySide;

export interface CarriedShare {
  readonly at: Spot;
  readonly share: number;
}

/** A pose that stands, hangs or lies somewhere. */
export interface Placed {
  readonly view: View;
  readonly numbers: Numbers;
  readonly shortening: Shortening;
  readonly skeleton: Skeleton;
  readonly stance: Held;
  /** How far the worst contact is from its surface, in shares of stature: next to nothing where the pose can be taken. */
  readonly miss: number;
}

/** Wanted of a spot: where it is to be, and how near counts as one. */
interface Wish {
  readonly spot: Spot;
  readonly axis: 0 | 1;
  readonly to: number;
  readonly within: number;
}

/** How near is near, in shares of stature for places and degrees for joints. */
const WITHIN = { contact: 0.001, balance: 0.006, joint: 25, restingJoint: 80, clear: 0.002 };
const LOOSE = 20;
const MOST_STEPS = 40;
/** Degrees below which nothing turns any more. */
const SETTLED = 0.05;
const SETTLED_LOOSELY = 2;
/** A step this large counts as one, beside everything that is wanted: degrees, and shares of stature. */
const STEP = { angle: 12, place: 0.06 };
/** After a step that led nearer, or further away. */
const BOLDER = 0.1;
const SHYER = 6;

/** Spots that may not sink into the floor. */
const ABOVE: readonly Bearer[] = [
  { spot: 'head', flesh: 0.055 },
  { spot: 'hips', flesh: 0.04 },
  ...SIDES.flatMap((side) => [
    { spot: [side, 'knee'] as const, flesh: 0.02 },
    { spot: [side, 'elbow'] as const, flesh: 0.015 },
    { spot: [side, 'wrist'] as const, flesh: 0.01 },
    { spot: [side, 'knuckles'] as const, flesh: 0 },
    { spot: [side, 'heel'] as const, flesh: 0 },
    { spot: [side, 'ball'] as const, flesh: 0 },
  ]),
];

/**
 * Puts a figure on what it rests on: the pose nearest to the one asked for whose contacts touch, whose joints stay within
 * their ranges, which sinks into nothing and, where it stands free, keeps its weight over its feet. Least squares, by
 * Levenberg and Marquardt.
 *
 * @param stance pose and what it rests on
 * @param statureCm of whoever takes it: a chair is higher to a short body
 * @param before the pose it comes from, where a contact stays where it was
 * @param from numbers to begin at, where they are nearer than the pose
 * @param shortening of what points out of the picture, where the pose does not say it
 * @returns where everything is; `miss` says how well it could be done
 * @example place({ view: 'side', pose: {}, rests: [onFeet], balanced: true }, 170).skeleton.head.y // about 0.93
 */
export function place(
  stance: Held,
  statureCm: number,
  before?: Placed,
  from?: Numbers,
  shortening: Shortening = shorteningOf(stance.pose, stance.view),
): Placed {
  const { view, pose } = stance;
  const asked = numbersOf(pose);
  const wishes = wishesOf(stance, statureCm, before);
  const { least, most } = limitsOf(view);
  const within = (value: number, at: number) =>
    Math.min(most[at] ?? value, Math.max(least[at] ?? value, value));
  const numbers = (from ?? asked).map(within);
  if (!from) setDown(numbers, wishes, view, shortening);
  const ease = easeOf(stance);
  const problem: Problem = { stance, asked, ease, wishes, shortening };
  let skeleton = skeletonOf(numbers, view, shortening);
  // Loosely first, so that the pose leads and contacts follow; then exactly.
  for (const loose of from ? [1] : [LOOSE, 1]) skeleton = settle(problem, numbers, skeleton, loose);
  const miss = wishes.reduce((worst, { spot, axis, to }) => {
    const point = spotOf(skeleton, spot);
    return Math.max(worst, Math.abs(to - (axis === 0 ? point.x : point.y)));
  }, 0);
  return { view, numbers, shortening, skeleton, stance, miss };
}

/** All that a pose is pulled by. */
interface Problem {
  readonly stance: Held;
  readonly asked: Numbers;
  readonly ease: Float64Array;
  readonly wishes: readonly Wish[];
  readonly shortening: Shortening;
}

/** Steps until nothing turns any more; the numbers are changed in place. */
function settle(problem: Problem, numbers: Numbers, start: Skeleton, loose: number): Skeleton {
  const { view } = problem.stance;
  const { least, most } = limitsOf(view);
  let skeleton = start;
  // Two that take turns: the one stepped from, and the one of where that leads.
  let [system, other] = SYSTEMS;
  gather(problem, numbers, skeleton, loose, system);
  let timid = 1;
  for (let step = 0; step < MOST_STEPS; step++) {
    const change = system.stepWithin(numbers, least, most, timid);
    const turned = change.reduce(
      (worst, value, at) => (at < AT.lean ? worst : Math.max(worst, Math.abs(value))),
      0,
    );
    const next = numbers.map((value, at) => value + (change[at] ?? 0));
    const there = skeletonOf(next, view, problem.shortening);
    gather(problem, next, there, loose, other);
    const nearer = other.cost <= system.cost;
    timid *= nearer ? BOLDER : SHYER;
    if (nearer) {
      numbers.set(next);
      skeleton = there;
      [system, other] = [other, system];
    }
    if (turned < (loose > 1 ? SETTLED_LOOSELY : SETTLED)) break;
  }
  return skeleton;
}

/** Two rows that every step writes anew. */
const SCRATCH = rows();

/** Everything that is wanted of these numbers, in a system that may have held others. */
function gather(
  { stance, asked, ease, wishes }: Problem,
  numbers: Numbers,
  skeleton: Skeleton,
  loose: number,
  system: System,
): void {
  const { view } = stance;
  const [dx, dy] = SCRATCH;
  system.clear();
  for (let at = AT.lean; at < FREEDOMS; at++)
    system.addOne(at, (asked[at] ?? 0) - (numbers[at] ?? 0), ease[at] ?? 1);
  for (const { spot, axis, to, within } of wishes) {
    motionOf(spot, skeleton, view, [dx, dy]);
    const point = spotOf(skeleton, spot);
    system.add(axis === 0 ? dx : dy, to - (axis === 0 ? point.x : point.y), within * loose);
  }
  // Seen from above, lying, there is no floor in the picture.
  for (const { spot, flesh } of stance.rests.length > 0 ? ABOVE : []) {
    const { y } = spotOf(skeleton, spot);
    if (y >= flesh) continue;
    motionOf(spot, skeleton, view, [dx, dy]);
    system.add(dy, flesh - y, WITHIN.clear);
  }
  for (const side of SIDES) {
    if (stance.hanging === 'both' || stance.hanging === side)
      addPlumb(system, side, view, skeleton, [dx, dy]);
  }
  if (stance.balanced) addBalance(system, stance, skeleton, [dx, dy]);
}

/** Begins where the first contact touches. */
function setDown(numbers: Numbers, wishes: readonly Wish[], view: View, shortening: Shortening): void {
  const skeleton = skeletonOf(numbers, view, shortening);
  for (const axis of [0, 1] as const) {
    const first = wishes.find((wish) => wish.axis === axis);
    if (!first) continue;
    const point = spotOf(skeleton, first.spot);
    numbers[axis] = (numbers[axis] ?? 0) + first.to - (axis === 0 ? point.x : point.y);
  }
}

function wishesOf({ rests }: Held, statureCm: number, before: Placed | undefined): readonly Wish[] {
  return rests.flatMap((rest) => {
    const height = heightOf(rest.on, statureCm);
    const wall = upright(rest.on);
    const bearers = bearersOf(rest);
    return bearers.flatMap(({ spot, flesh, side }, index): Wish[] => {
      const within = WITHIN.contact;
      // On a wall the surface says how far, on everything else how high; `at` says the other of the two.
      const touching: Wish = wall
        ? { spot, axis: 0, to: height - towardsWall(rest.on) * flesh, within }
        : { spot, axis: 1, to: height + flesh, within };
      const first = bearers.findIndex((other) => other.side === side) === index;
      const along = first ? alongOf(rest, spot, side, before) : undefined;
      return [
        touching,
        ...(along === undefined ? [] : [{ spot, axis: wall ? 1 : 0, to: along, within } as const]),
      ];
    });
  });
}

function alongOf({ at, on }: Rest, spot: Spot, side: 'near' | 'far' | undefined, before: Placed | undefined) {
  if (at === undefined || typeof at === 'number') return at;
  if (at !== 'asBefore') return at[side === 'far' ? 1 : 0];
  const was = before && spotOf(before.skeleton, spot);
  return was && (upright(on) ? was.y : was.x);
}

/** Degrees of each joint that count as one: joints of limbs that rest on something follow more easily. */
function easeOf({ rests, hanging }: Held): Float64Array {
  const ease = new Float64Array(FREEDOMS).fill(WITHIN.joint);
  for (const side of SIDES) if (hanging === 'both' || hanging === side) ease[AT[side].shoulder] = 400;
  for (const rest of rests) {
    for (const { spot, side } of bearersOf(rest)) {
      if (typeof spot === 'string' || !side) continue;
      const arm = ['elbow', 'wrist', 'grip', 'knuckles', 'shoulder'].includes(spot[1]);
      for (const joint of LIMB_JOINTS) {
        if (['shoulder', 'elbow', 'wrist'].includes(joint) === arm)
          ease[AT[side][joint]] = WITHIN.restingJoint;
      }
      if (rest.with === 'foot') ease[AT[side].ankle] = 400;
      if (rest.with === 'palm') ease[AT[side].wrist] = 400;
    }
  }
  return ease;
}

/** Between where the feet end: what the weight has to stay over. */
export function baseOf(
  rests: readonly Rest[],
  skeleton: Skeleton,
): readonly [least: number, most: number] | undefined {
  let [least, most] = [Infinity, -Infinity];
  for (const rest of rests) {
    if (upright(rest.on) || rest.light) continue;
    for (const { x } of touchesOf(rest, skeleton)) {
      least = Math.min(least, x);
      most = Math.max(most, x);
    }
  }
  return least > most ? undefined : [least, most];
}

/** Centre of mass with what is carried. */
export function centreWith(skeleton: Skeleton, carried: readonly CarriedShare[] = []): Point {
  const body = centreOfMass(skeleton);
  let { x, y } = body;
  let all = 1;
  for (const { at, share } of carried) {
    const point = spotOf(skeleton, at);
    x += share * point.x;
    y += share * point.y;
    all += share;
  }
  return { x: x / all, y: y / all };
}

/** The wrist straight below the shoulder. */
function addPlumb(
  system: System,
  side: BodySide,
  view: View,
  skeleton: Skeleton,
  into: [Float64Array, Float64Array],
): void {
  const [dx] = into;
  motionOf([side, 'wrist'], skeleton, view, into);
  const row = dx.slice();
  motionOf([side, 'shoulder'], skeleton, view, into);
  for (let k = 0; k < FREEDOMS; k++) row[k] = (row[k] ?? 0) - (dx[k] ?? 0);
  system.add(row, skeleton[side].shoulder.x - skeleton[side].wrist.x, WITHIN.balance);
}

function addBalance(
  system: System,
  stance: Held,
  skeleton: Skeleton,
  into: [Float64Array, Float64Array],
): void {
  const base = baseOf(stance.rests, skeleton);
  if (!base) return;
  const [dx] = into;
  motionOfCentre(skeleton, stance.view, into);
  const row = dx.slice();
  let all = 1;
  for (const { at, share } of stance.carried ?? []) {
    motionOf(at, skeleton, stance.view, into);
    for (let k = 0; k < FREEDOMS; k++) row[k] = (row[k] ?? 0) + share * (dx[k] ?? 0);
    all += share;
  }
  for (let k = 0; k < FREEDOMS; k++) row[k] = (row[k] ?? 0) / all;
  // The feet stay where they are: the base does not move with the hips.
  row[AT.x] = 0;
  motionOf(firstFoot(stance.rests), skeleton, stance.view, into);
  for (let k = AT.lean; k < FREEDOMS; k++) row[k] = (row[k] ?? 0) - (dx[k] ?? 0);
  system.add(row, (base[0] + base[1]) / 2 - centreWith(skeleton, stance.carried).x, WITHIN.balance);
}

function firstFoot(rests: readonly Rest[]): Spot {
  const bearer = rests.flatMap((rest) => (rest.light ? [] : bearersOf(rest)))[0];
  return bearer?.spot ?? 'hips';
}

/** Least squares over the numbers of a figure: rows are added one by one, each with how near counts as one. */
class System {
  readonly #squares = new LeastSquares(FREEDOMS);
  /** How far all of it is from what is wanted. */
  cost = 0;

  clear(): void {
    this.cost = 0;
    this.#squares.clear();
  }

  add(row: Float64Array, wanted: number, within: number): void {
    const weight = 1 / (within * within);
    this.cost += weight * wanted * wanted;
    this.#squares.add(row, wanted, weight);
  }

  /** A row that is about one number only. */
  addOne(at: number, wanted: number, within: number): void {
    const weight = 1 / (within * within);
    this.cost += weight * wanted * wanted;
    this.#squares.addOne(at, wanted, weight);
  }

  /**
   * The step from these numbers that stays within their bounds: what would leave them is stopped there, and the rest tries again.
   *
   * @param timid how much a large step costs by itself
   */
  stepWithin(numbers: Numbers, least: Float64Array, most: Float64Array, timid: number): Float64Array {
    for (let i = 0; i < FREEDOMS; i++) {
      this.#squares.addOne(i, 0, timid / (i < AT.lean ? STEP.place : STEP.angle) ** 2);
    }
    const stopped = new Map<number, number>();
    for (;;) {
      const change = this.#squares.solve(stopped);
      let found = false;
      for (let at = 0; at < FREEDOMS; at++) {
        if (stopped.has(at)) continue;
        const now = numbers[at] ?? 0;
        const next = now + (change[at] ?? 0);
        const bound = Math.min(most[at] ?? Infinity, Math.max(least[at] ?? -Infinity, next));
        if (Math.abs(bound - next) < 1e-9) continue;
        stopped.set(at, bound - now);
        found = true;
      }
      if (!found) return change;
    }
  }
}
/** Written anew at every step. */
const SYSTEMS: readonly [System, System] = [new System(), new System()];
