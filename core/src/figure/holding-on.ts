import { placedKeys, type Key, type Placed, type Rest, type Surface } from '../body';
import type { Figure } from './figure';

/** With what a hand could be on something. */
const ON_A_HAND = new Set<Rest['with']>(['palm', 'fingers', 'grip', 'forearm', 'elbow']);
/** How far ahead of the shoulder, or beside it, the post stands, in shares of stature (common practice: within easy reach). */
const AHEAD = 0.16;
const BESIDE = 0.2;
/** An arm that is led to it: a little forward, the elbow soft; from the front, down and out to the side. */
const LED: Readonly<Record<Placed['view'], { readonly shoulder: number; readonly elbow: number }>> = {
  side: { shoulder: 35, elbow: 50 },
  front: { shoulder: 38, elbow: 0 },
};
/** A hand further from its post than this, in shares of stature, does not hold it. */
const MISSED = 0.009;
/** And a body that it moves by more than this is pulled out of its exercise: common practice, about two hands wide. */
const MOVED = 0.125;

/**
 * The same exercise with the far hand on a post that stands beside: it steadies, and carries nothing.
 *
 * @param figure as it is done with the hands free, or with a load in the near one
 * @param statureCm for whom
 * @returns the figure itself where its hand is on something already; nothing where the hand cannot reach a post all the way
 * @example holdingOn(figureOf(heelRaise, { levers: {}, statureCm: 170 }), 170)?.move.keys[0].rests.length // 2: feet and hand
 */
export function holdingOn(figure: Figure, statureCm: number): Figure | undefined {
  const { move } = figure;
  const holds = move.keys.every(({ rests }) =>
    rests.some(({ with: bearing, side }) => ON_A_HAND.has(bearing) && side !== 'near'),
  );
  if (holds) return figure;
  const free = placedKeys(move, statureCm);
  const shoulders = free.map(({ skeleton }) => skeleton.far.shoulder.x);
  const mean = shoulders.reduce((sum, x) => sum + x, 0) / shoulders.length;
  const post: Surface = {
    kind: 'post',
    share: move.view === 'side' ? mean + AHEAD : Math.min(...shoulders) - BESIDE,
  };
  const [first, ...others] = move.keys.map((key, at) => led(key, move.view, post, at));
  const [second, ...rest] = others;
  if (!first || !second) return undefined;
  const steadied: Figure = { ...figure, move: { ...move, keys: [first, second, ...rest] } };
  const taken = placedKeys(steadied.move, statureCm);
  return taken.every((placed, at) => placed.miss < MISSED && isAlike(placed, free[at]))
    ? steadied
    : undefined;
}

/** Whether the body is where it is with its hands free: a hand that pulls it out of place is no steadying one. */
function isAlike(held: Placed, free: Placed | undefined): boolean {
  if (!free) return false;
  return (['hips', 'chest'] as const).every((spot) => {
    const [a, b] = [held.skeleton[spot], free.skeleton[spot]];
    return Math.hypot(a.x - b.x, a.y - b.y) < MOVED;
  });
}

/** A key with the far hand on the post: where it falls at first, and there all along. */
function led({ pose, rests, hanging, ...key }: Key, view: Placed['view'], post: Surface, at: number): Key {
  const { shoulder, elbow } = LED[view];
  const near = (value: Key['pose']['shoulder']) => (typeof value === 'object' ? value[0] : (value ?? 0));
  return {
    ...key,
    pose: {
      ...pose,
      shoulder: [near(pose.shoulder), shoulder],
      elbow: [near(pose.elbow), elbow],
      wrist: [near(pose.wrist), 0],
    },
    rests: [
      ...rests,
      { with: 'grip', side: 'far', on: post, light: true, holds: true, ...(at > 0 && { at: 'asBefore' }) },
    ],
    ...(hanging && hanging !== 'far' && { hanging: 'near' as const }),
  };
}
