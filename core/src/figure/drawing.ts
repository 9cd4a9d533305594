import {
  baseOf,
  between,
  bearersOf,
  centreWith,
  FIGURE,
  heightOf,
  placedKeys,
  SIDES,
  spotOf,
  toesOf,
  upright,
  type BodySide,
  type Placed,
  type Point,
  type Rest,
  type Skeleton,
  type Surface,
} from '../body';
import type { Hold } from '../model';
import type { Peak } from './difficulty';
import type { Anchor, Figure, HeldAt } from './figure';

/** What a stroke is of: it gets its colour from that. */
export type Role = 'near' | 'far' | 'thing' | 'band' | 'surface' | 'paper' | 'gravity' | 'wash' | 'strain';

/** One line or filled shape; all in shares of stature, y down, so that it can be drawn as it is. */
export type Shape =
  | {
      readonly kind: 'line';
      readonly role: Role;
      readonly points: readonly Point[];
      readonly width: number;
      readonly filled?: true;
    }
  | { readonly kind: 'disc'; readonly role: Role; readonly at: Point; readonly radius: number };

/** What a load looks like. */
export type Thing = 'dumbbell' | 'bottle' | 'bag' | 'bar' | 'band' | 'vest' | 'cuff';

/** What is held, for a drawing. */
export interface HeldThing {
  readonly hold: Hold;
  readonly thing: Thing;
}

/** Widths of the lines, as shares of stature: our own hand, by eye. */
const WIDTH = {
  trunk: 0.078,
  leg: { near: 0.052, far: 0.042 },
  arm: { near: 0.042, far: 0.034 },
  surface: 0.009,
  band: 0.014,
  frontTrunk: 0.03,
  paper: 0.012,
};

const down = ({ x, y }: Point): Point => ({ x, y: -y });

/** A line through points given y up. */
const line = (role: Role, width: number, ...points: readonly Point[]): Shape => ({
  kind: 'line',
  role,
  width,
  points: points.map(down),
});
const disc = (role: Role, at: Point, radius: number): Shape => ({ kind: 'disc', role, at: down(at), radius });

/**
 * One pose as lines: far limbs, what it stands on, the trunk, what is held, near limbs on top.
 *
 * @param figure whose pose it is
 * @param placed the pose
 * @param held what is in the hands, if anything
 * @returns shapes in the order they are drawn
 * @example drawingOf(figure, placedKeys(figure.move, 170)[0]).some(({ kind }) => kind === 'disc') // true: the head
 */
export function drawingOf(figure: Figure, placed: Placed, held?: HeldThing): readonly Shape[] {
  const { skeleton, view } = placed;
  const both = view === 'front' && figure.works !== 'near';
  const roleOf = (side: BodySide): Role => (side === 'near' || both ? 'near' : 'far');
  const things = held ? thingsOf(figure, placed, held) : [];
  const far = roleOf('far');
  return [
    legOf('far', far, placed),
    ...(view === 'side' ? [armOf('far', far, skeleton)] : []),
    ...things.filter(({ under }) => under).map(({ shape }) => shape),
    ...trunkOf(placed),
    legOf('near', 'near', placed),
    disc('near', skeleton.head, FIGURE.headRadius),
    ...things.filter(({ under }) => !under).map(({ shape }) => shape),
    ...(view === 'front' ? parted(armOf('far', far, skeleton)) : []),
    ...parted(armOf('near', 'near', skeleton)),
  ];
}

/** An arm over the trunk stands out by a line of paper around it; at the shoulder they are one. */
function parted(arm: Shape): readonly Shape[] {
  if (arm.kind !== 'line') return [arm];
  const [shoulder, elbow, wrist] = arm.points;
  if (!shoulder || !elbow || !wrist) return [arm];
  return [
    {
      ...arm,
      role: 'paper',
      width: arm.width + 2 * WIDTH.paper,
      points: [along(shoulder, elbow, 0.35), elbow, along(elbow, wrist, 0.7)],
    },
    arm,
  ];
}

function trunkOf({ skeleton, view }: Placed): readonly Shape[] {
  const { hips, waist, chest, near, far } = skeleton;
  if (view === 'side') return [line('near', WIDTH.trunk, hips, waist, chest)];
  const outline = line(
    'near',
    WIDTH.frontTrunk,
    near.shoulder,
    far.shoulder,
    mid(far.shoulder, far.hip, 0.55, waist),
    far.hip,
    near.hip,
    mid(near.shoulder, near.hip, 0.55, waist),
    near.shoulder,
  );
  return [
    { ...outline, filled: true } as Shape,
    line('near', WIDTH.frontTrunk, chest, along(chest, skeleton.head, 0.5)),
  ];
}
/** The waist is narrower than what is above and below it. */
const mid = (a: Point, b: Point, share: number, middle: Point): Point => {
  const straight = { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
  return { x: straight.x * 0.8 + middle.x * 0.2, y: straight.y * 0.8 + middle.y * 0.2 };
};
const along = (a: Point, b: Point, share: number): Point => ({
  x: a.x + (b.x - a.x) * share,
  y: a.y + (b.y - a.y) * share,
});

function legOf(side: BodySide, role: Role, { skeleton, stance }: Placed): Shape {
  const { hip, knee, ankle, heel, ball, toe } = skeleton[side];
  const width = role === 'far' ? WIDTH.leg.far : WIDTH.leg.near;
  // The foot is one line as thick as the leg, its sole where the sole is; on the ball the toes lie flat.
  const lift = width / 2;
  const up = (point: Point): Point => {
    const far = Math.hypot(ankle.x - (heel.x + ball.x) / 2, ankle.y - (heel.y + ball.y) / 2) || 1;
    const normal = normalOf(heel, toe, ankle);
    return { x: point.x + normal.x * lift * Math.min(1, far), y: point.y + normal.y * lift };
  };
  const onBall = stance.rests.some(
    ({ with: bearing, side: which, on }) =>
      bearing === 'ball' && (which === undefined || which === side) && !upright(on),
  );
  const end = onBall ? [up(ball), { x: toesOf(side, skeleton), y: ball.y + lift }] : [up(toe)];
  return line(role, width, hip, knee, ankle, ...end);
}

/** Square to the sole, towards the ankle. */
function normalOf(heel: Point, toe: Point, ankle: Point): Point {
  const length = Math.hypot(toe.x - heel.x, toe.y - heel.y) || 1;
  const one = { x: -(toe.y - heel.y) / length, y: (toe.x - heel.x) / length };
  const towards = (ankle.x - heel.x) * one.x + (ankle.y - heel.y) * one.y;
  return towards < 0 ? { x: -one.x, y: -one.y } : one;
}

function armOf(side: BodySide, role: Role, skeleton: Skeleton): Shape {
  const { shoulder, elbow, wrist, grip } = skeleton[side];
  return line(role, role === 'far' ? WIDTH.arm.far : WIDTH.arm.near, shoulder, elbow, wrist, grip);
}

// ---- What is held ------------------------------------------------------------------------------------------------------------------

interface Drawn {
  readonly shape: Shape;
  /** Behind the trunk. */
  readonly under?: boolean;
}

const USUALLY_AT: Readonly<Partial<Record<Hold, HeldAt>>> = { vest: 'chest', ankle: 'ankle' };

function thingsOf(figure: Figure, placed: Placed, { hold, thing }: HeldThing): readonly Drawn[] {
  const { skeleton, view } = placed;
  if (hold === 'none' || hold === 'hands') return [];
  if (thing === 'band') return bandOf(figure, placed);
  const at = figure.heldAt ?? USUALLY_AT[hold] ?? 'hands';
  if (at === 'ankle')
    return [
      {
        shape: line(
          'thing',
          0.06,
          along(skeleton.near.ankle, skeleton.near.knee, 0.1),
          along(skeleton.near.ankle, skeleton.near.knee, 0.24),
        ),
      },
    ];
  if (thing === 'vest')
    return [
      {
        shape: line(
          'thing',
          view === 'front' ? 0.16 : 0.086,
          along(skeleton.waist, skeleton.chest, 0.1),
          along(skeleton.waist, skeleton.chest, 0.9),
        ),
      },
    ];
  const { near, far } = skeleton;
  const middle = along(near.grip, far.grip, 0.5);
  if (thing === 'bar') {
    if (at === 'hips') return barAt(offset(skeleton.hips, skeleton, 0.075), view);
    if (at === 'back') return barAt(offset(skeleton.chest, skeleton, -0.06), view);
    return barAt(middle, view);
  }
  if (at === 'hips')
    return [{ shape: blockAt(thing, offset(skeleton.hips, skeleton, 0.09), skeleton.turned.trunk) }];
  if (at === 'thighs') return [{ shape: blockAt(thing, above(along(near.hip, near.knee, 0.75), 0.07), 90) }];
  if (at === 'back')
    return [{ shape: blockAt(thing, offset(skeleton.chest, skeleton, -0.06), skeleton.turned.trunk) }];
  if (thing === 'bag') return [{ shape: blockAt('bag', middle, skeleton.turned.trunk) }];
  if (hold === 'bothHands') return [{ shape: blockAt(thing, middle, 0) }];
  const sides = hold === 'oneSide' ? (['near'] as const) : SIDES;
  return sides.map((side) => ({
    shape:
      view === 'side' && thing === 'dumbbell'
        ? disc('thing', skeleton[side].grip, 0.046)
        : inHand(thing, skeleton, side),
    under: side === 'far',
  }));
}

/** Before the trunk (or behind it), square to it. */
function offset(from: Point, { turned }: Skeleton, by: number): Point {
  const square = ((turned.trunk + 90) * Math.PI) / 180;
  return { x: from.x + Math.sin(square) * by, y: from.y + Math.cos(square) * by };
}
const above = ({ x, y }: Point, by: number): Point => ({ x, y: y + by });

function barAt(at: Point, view: Placed['view']): readonly Drawn[] {
  if (view === 'side') return [{ shape: disc('thing', at, 0.1), under: true }];
  const half = 0.42;
  return [
    { shape: line('thing', 0.02, { x: at.x - half, y: at.y }, { x: at.x + half, y: at.y }) },
    ...[-1, 1].map((way) => ({
      shape: line(
        'thing',
        0.04,
        { x: at.x + way * 0.38, y: at.y - 0.09 },
        { x: at.x + way * 0.38, y: at.y + 0.09 },
      ),
    })),
  ];
}

/** Across the hand, as seen from the front; a bottle stands in it. */
function inHand(thing: Thing, skeleton: Skeleton, side: BodySide): Shape {
  const { grip, wrist } = skeleton[side];
  const turned = (Math.atan2(grip.x - wrist.x, grip.y - wrist.y) * 180) / Math.PI;
  return blockAt(thing, grip, thing === 'bottle' ? turned : turned + 90);
}

const SIZE: Readonly<Record<'dumbbell' | 'bottle' | 'bag', readonly [length: number, width: number]>> = {
  dumbbell: [0.06, 0.07],
  bottle: [0.1, 0.06],
  bag: [0.14, 0.12],
};

function blockAt(thing: Thing, at: Point, turned: number): Shape {
  const [length, width] = SIZE[thing === 'bottle' || thing === 'bag' ? thing : 'dumbbell'];
  const angle = (turned * Math.PI) / 180;
  const half = length / 2;
  const to = (way: number): Point => ({
    x: at.x + Math.sin(angle) * half * way,
    y: at.y + Math.cos(angle) * half * way,
  });
  return line('thing', width, to(-1), to(1));
}

/** The place a band is fixed at. */
function anchorPoint(anchor: Anchor, skeleton: Skeleton, side: BodySide): Point {
  if (typeof anchor !== 'string') return anchor;
  switch (anchor) {
    case 'feet':
      return skeleton[side].ball;
    case 'nearFoot':
      return skeleton.near.ball;
    case 'back':
      return skeleton.chest;
    case 'seat':
      return skeleton.hips;
    case 'knees':
      return skeleton.far.knee;
    case 'hands':
      return skeleton.far.grip;
  }
}

function bandOf({ anchor = 'feet', heldAt }: Figure, { skeleton }: Placed): readonly Drawn[] {
  if (anchor === 'knees')
    return [{ shape: line('band', WIDTH.band * 1.6, skeleton.near.knee, skeleton.far.knee) }];
  const sides = anchor === 'hands' ? (['near'] as const) : SIDES;
  return sides.map((side) => ({
    shape: line(
      'band',
      WIDTH.band,
      anchorPoint(anchor, skeleton, side),
      skeleton[side][heldAt === 'ankle' ? 'ankle' : 'grip'],
    ),
    under: side === 'far',
  }));
}

// ---- What is stood, sat or leaned on -----------------------------------------------------------------------------------------------

const CHAIR_DEPTH = 0.26;

/**
 * The floor and everything rested on, over all poses of a movement.
 *
 * @param figure whose
 * @param keys its poses
 * @param statureCm turns centimetres into shares
 * @param bounds from where to where the floor is drawn
 */
export function surfacesOf(
  { beside = [], above: fromAbove }: Figure,
  keys: readonly Placed[],
  statureCm: number,
  bounds: readonly [number, number],
): readonly Shape[] {
  if (fromAbove) return [];
  const [left, right] = bounds;
  const seen = new Map<string, readonly Shape[]>();
  for (const { stance, skeleton, view } of keys) {
    for (const rest of stance.rests) {
      if (rest.on.kind === 'floor') continue;
      const touched = touchedAt(rest, skeleton);
      const key = `${rest.on.kind} ${Math.round(touched.x * 8)}`;
      if (!seen.has(key)) seen.set(key, surfaceOf(rest.on, touched, rest.with === 'seat', statureCm, view));
    }
  }
  return [
    line('surface', WIDTH.surface, { x: left, y: -WIDTH.surface / 2 }, { x: right, y: -WIDTH.surface / 2 }),
    ...[...seen.values()].flat(),
    ...beside.flatMap(({ surface, x }) =>
      surfaceOf(surface, { x, y: heightOf(surface, statureCm) }, false, statureCm, keys[0]?.view ?? 'side'),
    ),
  ];
}

/** The middle of where a rest touches. */
function touchedAt(rest: Rest, skeleton: Skeleton): Point {
  const points = bearersOf(rest).map(({ spot }) => spotOf(skeleton, spot));
  const sum = points.reduce((all, { x, y }) => ({ x: all.x + x, y: all.y + y }), { x: 0, y: 0 });
  return { x: sum.x / points.length, y: sum.y / points.length };
}

function surfaceOf(
  surface: Surface,
  { x }: Point,
  satOn: boolean,
  statureCm: number,
  view: Placed['view'],
): readonly Shape[] {
  const thin = WIDTH.surface;
  const height = heightOf(surface, statureCm);
  const stroke = (...points: readonly Point[]) => line('surface', thin, ...points);
  switch (surface.kind) {
    case 'wall':
      return [stroke({ x: height, y: 0 }, { x: height, y: 1.2 })];
    case 'post':
      return [stroke({ x: height, y: 0 }, { x: height, y: 1.1 })];
    case 'bar':
      return view === 'side'
        ? [disc('surface', { x, y: height }, 0.024)]
        : [stroke({ x: x - 0.4, y: height }, { x: x + 0.4, y: height })];
    case 'step':
    case 'chair':
    case 'counter': {
      const half = surface.kind === 'counter' ? 0.13 : CHAIR_DEPTH / 2;
      const top = height - thin / 2;
      const [from, to] = [x - half, x + half];
      if (surface.kind === 'step')
        return [stroke({ x: from, y: 0 }, { x: from, y: top }, { x: to, y: top }, { x: to, y: 0 })];
      const legs = [from + 0.02, to - 0.02].map((leg) => stroke({ x: leg, y: 0 }, { x: leg, y: top }));
      const back =
        satOn && view === 'side' ? [stroke({ x: from, y: top }, { x: from - 0.03, y: top + 0.25 })] : [];
      return [stroke({ x: from, y: top }, { x: to, y: top }), ...legs, ...back];
    }
    case 'plate':
      return [line('surface', height, { x: x - 0.035, y: height / 2 }, { x: x + 0.035, y: height / 2 })];
    case 'floor':
      return [];
  }
}

/** How large a picture has to be to hold all poses: left, top, width, height. */
export type Bounds = readonly [left: number, top: number, width: number, height: number];

/** Room around the outermost line. */
const MARGIN = 0.05;

export function boundsOf(shapes: readonly Shape[]): Bounds {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  const take = ({ x, y }: Point, around: number) => {
    left = Math.min(left, x - around);
    right = Math.max(right, x + around);
    top = Math.min(top, y - around);
    bottom = Math.max(bottom, y + around);
  };
  for (const shape of shapes) {
    if (shape.kind === 'disc') take(shape.at, shape.radius);
    else shape.points.forEach((point) => take(point, shape.width / 2));
  }
  return [left - MARGIN, top - MARGIN, right - left + 2 * MARGIN, bottom - top + 2 * MARGIN];
}

/** Poses of a movement, as many as are asked for, from the first key to the last; a still picture takes only the keys. */
export function framesOf(figure: Figure, statureCm: number, eachWay: number): readonly Placed[] {
  const keys = placedKeys(figure.move, statureCm);
  return keys.flatMap((key, at) => {
    const next = keys[at + 1];
    if (!next) return [key];
    return Array.from({ length: eachWay }, (_, step) => between(key, next, statureCm, step / eachWay));
  });
}

/** How large the joint that is asked most is drawn: the more it is asked, up to twice its usual strength. */
const STRAIN = { least: 0.06, more: 0.03, most: 2 };

/**
 * The joint that is asked most, as a disc that is larger the more it is asked.
 *
 * @param peak which joint, and how much of its usual strength
 * @param placed the pose in which that is so
 * @example strainOf(difficultyOf(squat, body), pose)[0]?.role // 'strain', around the knee
 */
export function strainOf({ joint, side, share }: Peak, { skeleton }: Placed): readonly Shape[] {
  const at = joint === 'lowBack' || side === 'trunk' ? skeleton.waist : skeleton[side][joint];
  return [disc('strain', at, STRAIN.least + STRAIN.more * Math.min(STRAIN.most, share))];
}

/** How far the line of gravity is drawn above the centre of mass, and how thick the base is, in shares of stature. */
const GRAVITY_LINE = { above: 0.04, width: 0.012, base: 0.026, dash: 0.03 };

/**
 * The line of gravity of a pose, from above the centre of mass to the floor, and what it has to stay over.
 *
 * @returns nothing where nothing is stood on
 */
export function gravityOf({ skeleton, stance }: Placed): readonly Shape[] {
  const base = baseOf(stance.rests, skeleton);
  if (!base) return [];
  const { x, y } = centreWith(skeleton, stance.carried);
  const dashes: Shape[] = [];
  for (let at = y + GRAVITY_LINE.above; at > 0; at -= 2 * GRAVITY_LINE.dash) {
    dashes.push(
      line('gravity', GRAVITY_LINE.width, { x, y: at }, { x, y: Math.max(0, at - GRAVITY_LINE.dash) }),
    );
  }
  return [
    line('gravity', GRAVITY_LINE.base, { x: base[0], y: 0 }, { x: base[1], y: 0 }),
    ...dashes,
    disc('gravity', { x, y }, 0.022),
  ];
}
