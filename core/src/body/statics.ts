import { centreWith, type CarriedShare, type Placed } from './place';
import { SIDES, type BodySide } from './pose';
import { touchesOf, towardsWall, upright, type Rest } from './rest';
import { LIMB_SPOTS, MASSES, massPoint, spotOf, type LimbSpot, type Point, type Spot } from './skeleton';
import { LeastSquares } from './least-squares';

/** A joint a moment is reckoned at. */
export type MomentJoint = 'ankle' | 'knee' | 'hip' | 'lowBack' | 'shoulder' | 'elbow' | 'wrist';
export const MOMENT_JOINTS: readonly MomentJoint[] = [
  'ankle',
  'knee',
  'hip',
  'lowBack',
  'shoulder',
  'elbow',
  'wrist',
];

/** A force on the body from outside, in newtons, where it acts in shares of stature. */
export interface Force {
  readonly at: Point;
  readonly spot: Spot;
  readonly x: number;
  readonly y: number;
}

/** A load: what hangs on a spot, or pulls it somewhere. */
export interface Load {
  readonly at: Spot;
  readonly kg: number;
  /** A band pulls towards a point, in shares of stature; a weight pulls down. */
  readonly towards?: Point;
}

/** Moment at one joint of one side; the trunk has no side. */
export interface Moment {
  readonly joint: MomentJoint;
  readonly side: BodySide | 'trunk';
  /**
   * Newton metres the muscles have to make. Seen from the side, positive is what straightens (hip, knee, low back, elbow) or
   * presses down and back (ankle onto the toes, shoulder downwards, wrist into the palm); negative is what bends or lifts.
   */
  readonly newtonMetres: number;
}

/** How a body stands, hangs or lies: all that statics say. */
export interface Statics {
  readonly centre: Point;
  readonly forces: readonly (Force & { readonly rest: Rest; readonly side?: BodySide | undefined })[];
  readonly moments: readonly Moment[];
  /** Newtons that no contact could carry: next to nothing where the pose can be held still. */
  readonly unbalanced: number;
}

/** Metres a second squared: standard gravity. */
export const GRAVITY = 9.80665;
/** Rubber sole or dry palm on a floor (common practice, no published source). */
const FRICTION = 0.6;
const rubOf = ({ rubs }: Rest) => rubs ?? FRICTION;
/** So little of every force counts that a body with no moment anywhere spreads its weight evenly. */
const EVEN = 3e-2;
/** So much more it counts that the body stays where it is. */
const STILL = 1e3;

interface JointPlace {
  readonly joint: MomentJoint;
  readonly side: BodySide | 'trunk';
  readonly at: Spot;
  readonly beyond: ReadonlySet<string>;
  readonly sign: number;
}

const name = (spot: Spot) => (typeof spot === 'string' ? spot : `${spot[0]} ${spot[1]}`);
const limb = (side: BodySide, spots: readonly LimbSpot[]) => new Set(spots.map((spot) => name([side, spot])));
const LEG_BEYOND = {
  hip: ['knee', 'ankle', 'heel', 'ball', 'toe'],
  knee: ['ankle', 'heel', 'ball', 'toe'],
  ankle: ['heel', 'ball', 'toe'],
} as const;
const ARM_BEYOND = {
  shoulder: ['elbow', 'wrist', 'grip', 'knuckles'],
  elbow: ['wrist', 'grip', 'knuckles'],
  wrist: ['grip', 'knuckles'],
} as const;

/** Signs turn a counter-clockwise moment of the muscles on the far part into one that straightens or presses. */
const JOINTS: readonly JointPlace[] = [
  ...SIDES.flatMap((side): readonly JointPlace[] => [
    { joint: 'hip', side, at: [side, 'hip'], beyond: limb(side, LEG_BEYOND.hip), sign: -1 },
    { joint: 'knee', side, at: [side, 'knee'], beyond: limb(side, LEG_BEYOND.knee), sign: 1 },
    { joint: 'ankle', side, at: [side, 'ankle'], beyond: limb(side, LEG_BEYOND.ankle), sign: -1 },
    { joint: 'shoulder', side, at: [side, 'shoulder'], beyond: limb(side, ARM_BEYOND.shoulder), sign: -1 },
    { joint: 'elbow', side, at: [side, 'elbow'], beyond: limb(side, ARM_BEYOND.elbow), sign: -1 },
    { joint: 'wrist', side, at: [side, 'wrist'], beyond: limb(side, ARM_BEYOND.wrist), sign: -1 },
  ]),
  {
    joint: 'lowBack',
    side: 'trunk',
    at: 'waist',
    beyond: new Set([
      'chest',
      'head',
      ...SIDES.flatMap((side) => [name([side, 'shoulder']), ...limb(side, ARM_BEYOND.shoulder)]),
    ]),
    sign: 1,
  },
];

/** For a spot, of every joint in its place whether it lies before the spot: what acts there turns the joint. */
function jointsBefore(spot: Spot): Uint8Array {
  return typeof spot === 'string' ? BEFORE[spot] : BEFORE[spot[0]][spot[1]];
}
const before = (spot: Spot) => Uint8Array.from(JOINTS, ({ beyond }) => Number(beyond.has(name(spot))));
const beforeLimb = (side: BodySide) =>
  Object.fromEntries(LIMB_SPOTS.map((spot) => [spot, before([side, spot])])) as Record<LimbSpot, Uint8Array>;
const BEFORE = {
  hips: before('hips'),
  waist: before('waist'),
  chest: before('chest'),
  head: before('head'),
  near: beforeLimb('near'),
  far: beforeLimb('far'),
};

/**
 * Forces on every contact and moments at every joint of a pose held still ("quasi-static": nothing moves fast).
 *
 * Where there are more contacts than statics can tell apart, and for every push along the floor, the one answer is taken that asks
 * least of the joints: the smallest sum of squares of moments over strengths, a usual way to share loads out (Crowninshield &
 * Brand 1981, there for muscles). A floor only pushes, and only so far along as it rubs; what is held pulls too.
 *
 * @param placed where everything is
 * @param body mass in kilograms and stature in centimetres
 * @param loads what is held
 * @param strength newton metres a joint has: what the sum of squares is weighed by
 * @returns forces in newtons, moments in newton metres
 * @example staticsOf(standing, { massKg: 70, statureCm: 170 }, [], () => 100).forces // two feet that carry 343 N each
 */
export function staticsOf(
  placed: Placed,
  { massKg, statureCm }: { readonly massKg: number; readonly statureCm: number },
  loads: readonly Load[],
  strength: (joint: MomentJoint) => number,
): Statics {
  const { skeleton, stance } = placed;
  const metres = statureCm / 100;
  const known = [...weightsOf(placed, massKg), ...loads.map((load) => loadForce(load, placed))];
  const contacts = stance.rests.flatMap((rest) => (rest.light ? [] : contactsOf(rest, placed)));
  const centre = centreWith(
    skeleton,
    loads.filter(({ towards }) => !towards).map(({ at, kg }): CarriedShare => ({ at, share: kg / massKg })),
  );
  const forces = shareOut(placed, contacts, known, metres, strength);
  const all = [...known, ...forces];
  const moments = JOINTS.map(({ joint, side, at, sign }, index): Moment => {
    const pivot = spotOf(skeleton, at);
    let outside = 0;
    for (const force of all) if (jointsBefore(force.spot)[index]) outside += turn(force, pivot);
    return { joint, side, newtonMetres: -sign * outside * metres + 0 };
  });
  const rest = all.reduce((sum, { x, y }) => ({ x: sum.x + x, y: sum.y + y }), { x: 0, y: 0 });
  const spin = all.reduce((sum, force) => sum + turn(force, centre), 0);
  return { centre, forces, moments, unbalanced: Math.hypot(rest.x, rest.y) + Math.abs(spin) };
}

/** Counter-clockwise, in newtons times shares of stature. */
const turn = ({ at, x, y }: Force, about: Point) => (at.x - about.x) * y - (at.y - about.y) * x;

function weightsOf({ skeleton }: Placed, massKg: number): readonly Force[] {
  return MASSES.map((mass) => ({
    at: massPoint(skeleton, mass),
    spot: mass.to,
    x: 0,
    y: -mass.share * massKg * GRAVITY,
  }));
}

function loadForce({ at, kg, towards }: Load, { skeleton }: Placed): Force {
  const point = spotOf(skeleton, at);
  if (!towards) return { at: point, spot: at, x: 0, y: -kg * GRAVITY };
  const far = Math.hypot(towards.x - point.x, towards.y - point.y) || 1;
  const pull = (kg * GRAVITY) / far;
  return { at: point, spot: at, x: (towards.x - point.x) * pull, y: (towards.y - point.y) * pull };
}

interface Contact {
  readonly rest: Rest;
  readonly spot: Spot;
  readonly side?: BodySide | undefined;
  readonly at: Point;
  /** Which way the surface pushes. */
  readonly normal: Point;
  readonly tangent: Point;
}

function contactsOf(rest: Rest, { skeleton }: Placed): readonly Contact[] {
  const normal = upright(rest.on) ? { x: -towardsWall(rest.on), y: 0 } : { x: 0, y: 1 };
  const tangent = { x: normal.y, y: Math.abs(normal.x) };
  return touchesOf(rest, skeleton).map(({ spot, side, x, y }) => ({
    rest,
    spot,
    side,
    at: { x, y },
    normal,
    tangent,
  }));
}

/** How a contact may push: freely, as far as it rubs, or not at all. */
type State = 'free' | 'slips' | 'slipsBack' | 'off';

/** Shares the weight out over the contacts; see `staticsOf`. */
function shareOut(
  placed: Placed,
  contacts: readonly Contact[],
  known: readonly Force[],
  metres: number,
  strength: (joint: MomentJoint) => number,
): Statics['forces'] {
  const states: State[] = contacts.map(() => 'free');
  const asked = askedOf(placed, contacts, known, metres, strength);
  let forces = settled(contacts, states, asked);
  // What was let go early may bear again once others are.
  states.forEach((state, index) => {
    if (state !== 'off') return;
    const tried: State[] = states.map((other, at) => (at === index ? 'free' : other));
    const found = leastAsked(contacts, tried, asked);
    if (worstOf(contacts, tried, found)) return;
    states[index] = 'free';
    forces = found;
  });
  return forces;
}

/** Takes, round by round, the contact that pulls off most, or slips furthest beyond what it rubs; the states are changed in place. */
function settled(contacts: readonly Contact[], states: State[], asked: Asked): Statics['forces'] {
  for (let round = 0; round <= 2 * contacts.length; round++) {
    const forces = leastAsked(contacts, states, asked);
    const worst = worstOf(contacts, states, forces);
    if (!worst) return forces;
    states[worst.index] = worst.becomes;
  }
  return [];
}

function ofIndex<T>(list: ArrayLike<T>, index: number): T {
  const item = list[index];
  if (item === undefined) throw new RangeError(`nothing at ${index}`);
  return item;
}

function worstOf(contacts: readonly Contact[], states: readonly State[], forces: readonly Force[]) {
  let worst: { index: number; becomes: State; by: number } | undefined;
  contacts.forEach(({ normal, rest }, index) => {
    if (rest.holds || states[index] === 'off') return;
    const { x, y } = ofIndex(forces, index);
    const push = x * normal.x + y * normal.y;
    if (push < -1e-6 && (!worst || -push > worst.by)) worst = { index, becomes: 'off', by: -push };
  });
  if (worst) return worst;
  contacts.forEach(({ normal, tangent, rest }, index) => {
    if (rest.holds || states[index] !== 'free') return;
    const { x, y } = ofIndex(forces, index);
    const push = x * normal.x + y * normal.y;
    const rub = x * tangent.x + y * tangent.y;
    const over = Math.abs(rub) - rubOf(rest) * push;
    if (over > 1e-6 && (!worst || over > worst.by))
      worst = { index, becomes: rub > 0 ? 'slips' : 'slipsBack', by: over };
  });
  return worst;
}

/** Directions a contact still pushes in: both, the edge of what rubs, or none. */
function directions({ normal, tangent, rest }: Contact, state: State): readonly Point[] {
  if (state === 'off') return [];
  if (state === 'free') return [normal, tangent];
  const way = state === 'slips' ? rubOf(rest) : -rubOf(rest);
  return [{ x: normal.x + way * tangent.x, y: normal.y + way * tangent.y }];
}

/** What a push along each axis at each contact adds to everything that is weighed, and what is there without. */
interface Asked {
  /** For each contact: a column for a push along x, one along y. */
  readonly columns: readonly (readonly [x: Float64Array, y: Float64Array])[];
  readonly wanted: Float64Array;
  readonly even: number;
}

/** Rows: a moment over its strength for each joint, then what keeps the body where it is. */
function askedOf(
  { skeleton }: Placed,
  contacts: readonly Contact[],
  known: readonly Force[],
  metres: number,
  strength: (joint: MomentJoint) => number,
): Asked {
  const weight = known.reduce((sum, { y }) => sum + Math.abs(y), 0) || 1;
  const still = STILL / weight;
  const rowsCount = JOINTS.length + 3;
  const pivots = JOINTS.map(({ at, joint }) => ({
    at: spotOf(skeleton, at),
    scale: metres / strength(joint),
  }));
  const columnOf = (at: Point, spot: Spot, x: number, y: number): Float64Array => {
    const column = new Float64Array(rowsCount);
    const turned = jointsBefore(spot);
    pivots.forEach(({ at: pivot, scale }, row) => {
      if (turned[row]) column[row] = ((at.x - pivot.x) * y - (at.y - pivot.y) * x) * scale;
    });
    column[JOINTS.length] = x * still;
    column[JOINTS.length + 1] = y * still;
    column[JOINTS.length + 2] = (at.x * y - at.y * x) * still;
    return column;
  };
  const wanted = new Float64Array(rowsCount);
  for (const { at, spot, x, y } of known) {
    const column = columnOf(at, spot, x, y);
    for (let row = 0; row < rowsCount; row++) wanted[row] = (wanted[row] ?? 0) - (column[row] ?? 0);
  }
  return {
    columns: contacts.map(({ at, spot }) => [columnOf(at, spot, 1, 0), columnOf(at, spot, 0, 1)]),
    wanted,
    even: (EVEN / weight) ** 2,
  };
}

function leastAsked(
  contacts: readonly Contact[],
  states: readonly State[],
  { columns, wanted, even }: Asked,
): Statics['forces'] {
  const unknowns = contacts.flatMap((contact, index) =>
    directions(contact, ofIndex(states, index)).map((way) => ({ index, way })),
  );
  const squares = new LeastSquares(unknowns.length);
  const entries = new Float64Array(unknowns.length);
  for (let row = 0; row < wanted.length; row++) {
    for (let at = 0; at < entries.length; at++) {
      const { index, way } = ofIndex(unknowns, at);
      const [x, y] = ofIndex(columns, index);
      entries[at] = way.x * (x[row] ?? 0) + way.y * (y[row] ?? 0);
    }
    squares.add(entries, wanted[row] ?? 0);
  }
  unknowns.forEach((_, at) => squares.addOne(at, 0, even));
  const solved = squares.solve();
  return contacts.map(({ at, spot, rest, side }, index) => {
    let x = 0;
    let y = 0;
    unknowns.forEach((unknown, k) => {
      if (unknown.index !== index) return;
      x += ofIndex(solved, k) * unknown.way.x;
      y += ofIndex(solved, k) * unknown.way.y;
    });
    return { at, spot, rest, side, x, y };
  });
}
