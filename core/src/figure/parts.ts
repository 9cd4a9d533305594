import {
  FLOOR,
  type BodySide,
  type Hanging,
  type Key,
  type Move,
  type Pose,
  type Rest,
  type Surface,
  type View,
} from '../body';
import type { Bearing } from '../model';

/** A piece of a pose: some joints, and what they rest on. Later pieces say it over earlier ones. */
export interface Part extends Pose {
  readonly rests?: readonly Rest[];
  readonly balanced?: boolean;
  readonly hanging?: Hanging | 'no';
  readonly slow?: number;
}

/** A key pose from its parts: stance, trunk, arms. */
export function key(...parts: readonly Part[]): Key {
  let pose: Pose = {};
  let rests: readonly Rest[] = [];
  let balanced = false;
  let hanging: Part['hanging'];
  let slow: number | undefined;
  for (const part of parts) {
    const { rests: more, balanced: stands, hanging: hangs, slow: lasts, ...joints } = part;
    pose = { ...pose, ...joints, ...(joints.towards && { towards: { ...pose.towards, ...joints.towards } }) };
    rests = [...rests, ...(more ?? [])];
    balanced = stands ?? balanced;
    hanging = hangs ?? hanging;
    slow = lasts ?? slow;
  }
  return {
    pose,
    rests,
    ...(balanced && { balanced }),
    ...(hanging && hanging !== 'no' && { hanging }),
    ...(slow !== undefined && { slow }),
  };
}

type Keys = Move['keys'];

export const fromTheSide = (keys: Keys, more: Partial<Move> = {}): Move => ({ view: 'side', keys, ...more });
export const fromTheFront = (keys: Keys, more: Partial<Move> = {}): Move => ({
  view: 'front',
  keys,
  ...more,
});

export const rest = (
  bearing: Bearing,
  on: Surface = FLOOR,
  at?: Rest['at'],
  more: Partial<Rest> = {},
): Rest => ({ with: bearing, on, ...(at !== undefined && { at }), ...more });
export const near = { side: 'near' } as const satisfies { side: BodySide };
export const far = { side: 'far' } as const satisfies { side: BodySide };
export const light = { light: true } as const;
export const holding = { holds: true } as const;

/** Things at their usual heights. */
export const CHAIR: Surface = { kind: 'chair', cm: 45 };
export const STEP: Surface = { kind: 'step', cm: 20 };
export const PLATE: Surface = { kind: 'plate', cm: 2.5 };
export const COUNTER: Surface = { kind: 'counter', cm: 90 };
/** So high that nobody's feet touch. */
export const BAR: Surface = { kind: 'bar', share: 1.36 };
export const wall = (share: number): Surface => ({ kind: 'wall', share });
export const wallBehind = (share: number): Surface => ({ kind: 'wall', share, behind: true });
export const raised = (kind: Surface['kind'], cm: number): Surface => ({ kind, cm });

/** Near and far apart. */
export const both = (near: number, far: number): readonly [number, number] => [near, far];

const HALF = 0.5;
type Number = Pose['hip'];
const pairOf = (value: Number): readonly [number, number] =>
  value === undefined || typeof value === 'number' ? [value ?? 0, value ?? 0] : value;

/** A key part of the way from one to another: joints go straight, the first's contacts are kept. */
export function partWay(from: Key, to: Key, share: number): Key {
  const mix = (a: Number, b: Number) => {
    const [an, af] = pairOf(a);
    const [bn, bf] = pairOf(b);
    return [an + (bn - an) * share, af + (bf - af) * share] as const;
  };
  const one = (a = 0, b = 0) => a + (b - a) * share;
  const { pose: p } = from;
  const { pose: q } = to;
  const pose: Pose = {
    ...(share < HALF ? p : q),
    lean: one(p.lean, q.lean),
    spine: one(p.spine, q.spine),
    neck: one(p.neck, q.neck),
    hip: mix(p.hip, q.hip),
    knee: mix(p.knee, q.knee),
    ankle: mix(p.ankle, q.ankle),
    shoulder: mix(p.shoulder, q.shoulder),
    elbow: mix(p.elbow, q.elbow),
    wrist: mix(p.wrist, q.wrist),
  };
  return { ...to, pose };
}

/** How far a limb of a movement goes, when only part of the way is gone: its hardest key is nearer to its first. */
export function cut(move: Move, percent: number | undefined): Move {
  if (percent === undefined || percent >= 100) return move;
  const [first, ...others] = move.keys;
  const [second, ...rest] = others.map((one) => partWay(first, one, percent / 100));
  return second ? { ...move, keys: [first, second, ...rest] } : move;
}

export type { Key, Move, Pose, Rest, Surface, View };
