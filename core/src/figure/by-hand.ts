import type { Bearing, KeptFigure } from '../model';
import {
  baseOf,
  centreWith,
  FIGURE,
  FLESH,
  FLOOR,
  LIMB_JOINTS,
  ofSide,
  place,
  placedKeys,
  poseOf,
  SIDES,
  spotOf,
  turning,
  upright,
  type BodySide,
  type Key,
  type Placed,
  type Point,
  type Pose,
  type Rest,
  type Spot,
} from '../body';
import { figureFrom, thousandths, whereItIs } from './kept-figure';

/** What of a body can be taken hold of and moved. */
export type HandlePart = 'hand' | 'elbow' | 'knee' | 'foot' | 'hips' | 'chest' | 'head';

/** One of them, on its side where there are two. */
export interface Handle {
  readonly part: HandlePart;
  readonly side?: BodySide | undefined;
}

/** By what it is pulled, how far that is from its skin, and with what it may be resting. */
interface Grasp {
  readonly spot: (side: BodySide) => Spot;
  readonly by: Bearing;
  readonly flesh: number;
  readonly restsOn: readonly Bearing[];
}

const GRASPS: Readonly<Record<HandlePart, Grasp>> = {
  hand: {
    spot: (side) => [side, 'grip'],
    by: 'grip',
    flesh: 0,
    restsOn: ['palm', 'fingers', 'grip', 'forearm'],
  },
  elbow: { spot: (side) => [side, 'elbow'], by: 'elbow', flesh: FLESH.elbow, restsOn: ['elbow', 'forearm'] },
  knee: { spot: (side) => [side, 'knee'], by: 'knee', flesh: FLESH.knee, restsOn: ['knee'] },
  foot: {
    spot: (side) => [side, 'ball'],
    by: 'ball',
    flesh: 0,
    restsOn: ['foot', 'ball', 'heel', 'toe'],
  },
  hips: { spot: () => 'hips', by: 'seat', flesh: FLESH.hip, restsOn: ['seat', 'back', 'front', 'hipSide'] },
  chest: {
    spot: () => 'chest',
    by: 'shoulders',
    flesh: FLESH.shoulder,
    restsOn: ['shoulders', 'back', 'front', 'shoulderSide'],
  },
  head: { spot: () => 'head', by: 'head', flesh: FLESH.head, restsOn: ['head'] },
};
const SIDED: ReadonlySet<HandlePart> = new Set(['hand', 'elbow', 'knee', 'foot']);

/** What stays down where one end of the trunk is lifted. */
const LEFT_DOWN: Readonly<Partial<Record<Bearing, Readonly<Partial<Record<HandlePart, Bearing>>>>>> = {
  back: { hips: 'shoulders', chest: 'seat' },
  forearm: { hand: 'elbow' },
};

/** A contact pulled further than this off its surface is lifted, a hand or foot nearer to the floor than that set down. */
const LIFTED = 0.06;
const SET_DOWN = 0.025;
/** As near as it has to come to where it is pulled; all in shares of stature. */
const TOUCHES = 0.012;
/** Halvings on the way to something out of reach. */
const HALVINGS = 6;

/**
 * The places a figure can be taken hold of in one of its poses.
 *
 * @param placed the pose
 * @param together both sides move as one: only the near ones are there
 * @example handlesOf(standing, true).map(({ handle }) => handle.part) // hand, elbow, knee, foot, hips, chest, head
 */
export function handlesOf(
  { skeleton }: Placed,
  together: boolean,
): readonly { readonly handle: Handle; readonly at: Point }[] {
  return (Object.keys(GRASPS) as HandlePart[]).flatMap((part) =>
    (SIDED.has(part) ? (together ? (['near'] as const) : SIDES) : [undefined]).map((side) => ({
      handle: { part, side },
      at: spotOf(skeleton, GRASPS[part].spot(side ?? 'near')),
    })),
  );
}

/** What is done to a figure by hand. */
export interface Pull {
  /** Which of its poses, counted from 0. */
  readonly pose: number;
  readonly handle: Handle;
  /** To where, in shares of stature, y up. */
  readonly to: Point;
  /** The other side does the same. */
  readonly together: boolean;
}

/**
 * A figure with one of its poses changed by hand: what is pulled goes there, or as far as joints and contacts let it; all else
 * stays, or follows within its range. A contact slides along its surface; pulled off, it is lifted, where the body still rests on
 * something; a hand or foot that comes to the floor is set down on it.
 *
 * @param kept the figure as it is
 * @param pull what goes where
 * @param statureCm whose body it is tried with
 * @returns the figure as it is then; itself where nothing can move
 * @example byHand(squat, { pose: 1, handle: { part: 'hips' }, to: { x: 0, y: 0.2 }, together: true }, 170) // deeper
 */
export function byHand(kept: KeptFigure, pull: Pull, statureCm: number): KeptFigure {
  const figure = figureFrom(kept);
  const before = figure && placedKeys(figure.move, statureCm)[pull.pose];
  const key = kept.keys[pull.pose];
  if (!before || !key) return kept;
  const sides = !pull.handle.side ? [undefined] : pull.together ? SIDES : [pull.handle.side];
  let current: Held = { key, placed: before };
  for (const side of sides) {
    const to = side === pull.handle.side ? pull.to : mirrored(pull.to, before);
    current = pulled(current, { ...pull.handle, side }, to, statureCm) ?? current;
  }
  if (current.placed === before) return kept;
  const changed: KeptFigure = {
    ...kept,
    keys: kept.keys.map((own, at) =>
      at === pull.pose ? asKept(current, pull.together && isEven(key)) : own,
    ),
  };
  // What cannot be taken any more when it is gone to from the pose before, is not kept.
  const again = figureFrom(changed);
  const ends = again ? placedKeys(again.move, statureCm) : [];
  return ends.every(({ miss }, at) => miss < TOUCHES || miss <= (missesOf(kept, statureCm)[at] ?? 0))
    ? changed
    : kept;
}

const missesOf = (kept: KeptFigure, statureCm: number): readonly number[] => {
  const figure = figureFrom(kept);
  return figure ? placedKeys(figure.move, statureCm).map(({ miss }) => miss) : [];
};

/** From the front the other side mirrors the one that is moved; from the side it does the same. */
function mirrored(to: Point, { view, skeleton }: Placed): Point {
  return view === 'side' ? to : { x: 2 * skeleton.hips.x - to.x, y: to.y };
}

interface Held {
  readonly key: Key;
  readonly placed: Placed;
}

/** One pull at one handle. */
function pulled(held: Held, handle: Handle, to: Point, statureCm: number): Held | undefined {
  const grasp = GRASPS[handle.part];
  const { key, placed } = held;
  const now = spotOf(placed.skeleton, grasp.spot(handle.side ?? 'near'));
  const resting = key.rests.find((rest) => isOn(rest, handle));
  if (!resting) return setDown(held, handle, to, statureCm) ?? drawn(held, handle, now, to, statureCm);
  const off = upright(resting.on) ? Math.abs(to.x - now.x) : Math.abs(to.y - now.y);
  if (off < LIFTED) return slid(held, resting, handle, now, to, statureCm);
  const lifted = lift(key, resting, handle);
  return lifted && drawn({ ...held, key: lifted }, handle, now, to, statureCm);
}

/** Whether a contact is borne by what the handle holds. */
function isOn(rest: Rest, { part, side }: Handle): boolean {
  return (
    !rest.light &&
    GRASPS[part].restsOn.includes(rest.with) &&
    (rest.side === undefined || side === undefined || rest.side === side)
  );
}

/** Pulled through the air, as far as it goes. */
function drawn(held: Held, handle: Handle, now: Point, to: Point, statureCm: number): Held | undefined {
  const { part, side } = handle;
  const { by, flesh } = GRASPS[part];
  const attempt = (point: Point) =>
    taken(held, { part, side }, statureCm, [
      { with: by, side, on: { kind: 'bar', share: point.y - flesh }, at: point.x, light: true },
    ]);
  const key = side && part === 'hand' ? withoutHanging(held.key, side) : held.key;
  return furthest(now, to, (point) => {
    const placed = attempt(point);
    return placed.miss < TOUCHES ? { key, placed } : undefined;
  });
}

/** Pulled along what it rests on, as far as it goes. */
function slid(
  held: Held,
  resting: Rest,
  handle: Handle,
  now: Point,
  to: Point,
  statureCm: number,
): Held | undefined {
  const wall = upright(resting.on);
  const from = whereItIs(resting, held.placed);
  return furthest(now, to, (point) => {
    const by = wall ? point.y - now.y : point.x - now.x;
    const moved = (value: number, side: BodySide) =>
      thousandths(value + (handle.side === undefined || handle.side === side ? by : 0));
    const at: Rest['at'] =
      typeof from === 'number' ? thousandths(from + by) : [moved(from[0], 'near'), moved(from[1], 'far')];
    const rests = held.key.rests.map((rest) => (rest === resting ? { ...rest, at } : rest));
    const key = { ...held.key, rests };
    const placed = taken({ ...held, key }, handle, statureCm, []);
    return placed.miss < TOUCHES ? { key, placed } : undefined;
  });
}

/** Set down on the floor, flat where it goes, else on its end. */
function setDown(held: Held, { part, side }: Handle, to: Point, statureCm: number): Held | undefined {
  if (to.y > SET_DOWN || !side || (part !== 'hand' && part !== 'foot')) return undefined;
  const bearings = part === 'foot' ? (['foot', 'ball'] as const) : (['palm', 'fingers'] as const);
  for (const bearing of bearings) {
    // A flat foot is placed by its heel.
    const { view, shortening } = held.placed;
    const behind =
      bearing === 'foot' ? turning(view, side) * (FIGURE.heel + FIGURE.ball) * shortening[side].foot : 0;
    const rest: Rest = { with: bearing, side, on: FLOOR, at: thousandths(to.x - behind) };
    const own = part === 'hand' ? withoutHanging(held.key, side) : held.key;
    const key: Key = { ...own, rests: [...own.rests, rest] };
    const placed = taken({ ...held, key }, { part, side }, statureCm, []);
    if (placed.miss < TOUCHES) return { key, placed };
  }
  return undefined;
}

/** Without one contact; nothing where the body would rest on nothing then. */
function lift(key: Key, resting: Rest, { part, side }: Handle): Key | undefined {
  const left = resting.side === undefined && side ? SIDES.find((one) => one !== side) : undefined;
  const stays = LEFT_DOWN[resting.with]?.[part];
  const rests = key.rests.flatMap((rest): readonly Rest[] => {
    if (rest !== resting) return [rest];
    const { at, ...facts } = rest;
    const other: Rest[] = left
      ? [{ ...facts, side: left, at: typeof at === 'object' ? at[left === 'near' ? 0 : 1] : at }]
      : [];
    return stays ? [...other, { ...facts, with: stays, ...(side && { side }), at: 'asBefore' }] : other;
  });
  return rests.some(({ light }) => !light) ? { ...key, rests } : undefined;
}

/** The pose nearest to the present one with everything that is pulled where it is pulled, and all contacts where they were. */
function taken(
  { key, placed }: Held,
  { part, side }: Handle,
  statureCm: number,
  pulls: readonly Rest[],
): Placed {
  const { skeleton, view } = placed;
  const rests = key.rests.map((rest): Rest =>
    typeof rest.at === 'object' || typeof rest.at === 'number' ? rest : { ...rest, at: 'asBefore' },
  );
  const still = stayingOf(key, { part, side }).map((trunk): Rest => {
    const { by, flesh, spot } = GRASPS[trunk];
    const { x, y } = spotOf(skeleton, spot('near'));
    return { with: by, on: { kind: 'bar', share: y - flesh }, at: x, light: true };
  });
  return place(
    {
      view,
      pose: { ...poseOf(placed.numbers), ...(key.pose.towards && { towards: key.pose.towards }) },
      rests: [...rests, ...still, ...pulls],
      ...(!side && key.hanging && { hanging: key.hanging }),
    },
    statureCm,
    placed,
    placed.numbers,
    placed.shortening,
  );
}

/** What of the trunk stays where it is: all of it where a limb or the head moves, the hips where the chest does. */
function stayingOf({ rests }: Key, { part, side }: Handle): readonly ('hips' | 'chest')[] {
  // It follows a knee or an elbow whose end stays where it is, and whoever rests on nothing would only be moved as a whole.
  const end = part === 'knee' ? 'foot' : part === 'elbow' ? 'hand' : undefined;
  if (end && rests.some((rest) => isOn(rest, { part: end, side }))) return [];
  if (part === 'hips') return rests.length === 0 ? ['chest'] : [];
  return part === 'chest' ? ['hips'] : ['hips', 'chest'];
}

/** The furthest on the straight way at which something can be done. */
function furthest<T>(from: Point, to: Point, attempt: (point: Point) => T | undefined): T | undefined {
  const whole = attempt(to);
  if (whole !== undefined) return whole;
  let [near, far] = [0, 1];
  let best: T | undefined;
  for (let step = 0; step < HALVINGS; step++) {
    const share = (near + far) / 2;
    const found = attempt({ x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share });
    if (found === undefined) far = share;
    else {
      near = share;
      best = found;
    }
  }
  return best;
}

/** A hand that is led somewhere hangs no more. */
function withoutHanging(key: Key, side: BodySide): Key {
  if (!key.hanging || (key.hanging !== 'both' && key.hanging !== side)) return key;
  const { hanging, ...rest } = key;
  const other: BodySide = side === 'near' ? 'far' : 'near';
  return hanging === 'both' ? { ...rest, hanging: other } : rest;
}

/**
 * Whether both sides of a pose are the same.
 *
 * @example isEven(squat.keys[0]) // true, and false of a lunge
 */
export function isEven({ pose, rests }: Key): boolean {
  return (
    rests.every(({ side }) => side === undefined) &&
    LIMB_JOINTS.every((joint) => ofSide(pose[joint], 'near') === ofSide(pose[joint], 'far'))
  );
}

/** In whole degrees; both sides the same, where they were and move as one. */
function asKept({ key, placed }: Held, even: boolean): KeptFigure['keys'][number] {
  const pose = poseOf(placed.numbers);
  const whole = Object.fromEntries(
    Object.entries(pose).map(([joint, value]: [string, Pose['hip']]) => [
      joint,
      typeof value === 'number' ? Math.round(value) : wholePair(value, even),
    ]),
  );
  const { towards } = key.pose;
  return JSON.parse(
    JSON.stringify({ ...key, pose: { ...whole, ...(towards && { towards }) } }),
  ) as KeptFigure['keys'][number];
}

function wholePair([near, far]: readonly [number, number] = [0, 0], even: boolean): [number, number] {
  return [Math.round(near), Math.round(even ? near : far)];
}

/**
 * Whether a body that stands on its feet alone, free, would go over: its weight is not above them.
 *
 * @example tipsOver(placed) // true: lift a foot and lean the other way
 */
export function tipsOver({ stance, skeleton }: Placed): boolean {
  const bearing = stance.rests.filter(({ light }) => !light);
  const onFeet = bearing.every(({ with: own }) => GRASPS.foot.restsOn.includes(own));
  const base = bearing.length > 0 && onFeet ? baseOf(bearing, skeleton) : undefined;
  if (!base) return false;
  const { x } = centreWith(skeleton, stance.carried);
  return x < base[0] - SLACK || x > base[1] + SLACK;
}
/** Beyond the edge by less than this nobody notices, in shares of stature. */
const SLACK = 0.004;
