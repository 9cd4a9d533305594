import {
  hardestOf,
  placedKeys,
  type Body,
  type Exercise,
  type Hold,
  type KeptFigure,
  type LeverSettings,
  type Placed,
  type Recipe,
} from '@dray/core';
import type { Bounds, Figure, Handle, HeldThing, Peak, Role, Shape, Thing } from '@dray/core/figures';
import type { Figures } from './figure-book';

/** One line or filled shape, ready for an svg. */
export interface Stroke {
  /** Names for the style: whose it is, and whether it is filled. */
  readonly looks: string;
  readonly path: string;
  readonly width: number;
}

/** One movement, still and moving. */
export interface Scene {
  readonly viewBox: string;
  /** Width by height. */
  readonly ratio: number;
  readonly surfaces: readonly Stroke[];
  readonly start: readonly Stroke[];
  readonly hardest: readonly Stroke[];
  /** A pose as it should be and as it goes wrong, for what is watched for; nothing where that does not show. */
  readonly mistake: (
    watch: string,
  ) => { readonly right: readonly Stroke[]; readonly wrong: readonly Stroke[] } | undefined;
  /** The muscles that work, as a wash behind the hardest pose. */
  readonly wash: readonly Stroke[];
  /** Line of gravity and base of the hardest pose. */
  readonly gravity: readonly Stroke[];
  /** The pose in which it is hardest for a body, with the joint that is asked most. */
  readonly worstFor: (body: Body) => readonly Stroke[];
  /** The pose so far through a repetition, from 0 to 1. */
  readonly at: (share: number) => readonly Stroke[];
}

/** What is to be drawn. */
export interface Drawn {
  readonly exercise: Exercise;
  readonly levers: LeverSettings;
  readonly hold?: Hold | undefined;
  readonly recipe?: Recipe | undefined;
  readonly statureCm: number;
  readonly holdingOn?: boolean | undefined;
}

/** An svg counts in hundredths of stature. */
export const HUNDRED = 100;
/** Poses between two keys of a loop. */
const STEPS = 12;

const THING_OF: Readonly<Record<Recipe['part']['kind'], Thing>> = {
  fixed: 'dumbbell',
  adjustable: 'dumbbell',
  bar: 'bar',
  fillable: 'bottle',
  bag: 'bag',
  band: 'band',
  ankle: 'cuff',
  vest: 'vest',
  hands: 'dumbbell',
};
const THING_OF_HOLD: Readonly<Partial<Record<Hold, Thing>>> = {
  bar: 'bar',
  hexBar: 'bar',
  bag: 'bag',
  band: 'band',
  ankle: 'cuff',
  vest: 'vest',
};

function heldOf(hold: Hold | undefined, recipe: Recipe | undefined): HeldThing | undefined {
  if (!hold || hold === 'none' || hold === 'hands') return undefined;
  return { hold, thing: THING_OF_HOLD[hold] ?? (recipe ? THING_OF[recipe.part.kind] : 'dumbbell') };
}

/**
 * What is to be seen of an exercise in one version: one scene, or one for each part of a combination.
 *
 * @param figures core’s figures, once they are loaded
 * @param drawn the version, what is held and for whom
 * @param library exercises among which the nearest is looked for where one has no figure of its own
 */
export function scenesOf(figures: Figures, drawn: Drawn, library: readonly Exercise[]): readonly Scene[] {
  const { exercise, levers, hold, recipe, statureCm, holdingOn } = drawn;
  const held = heldOf(hold, recipe);
  return figures
    .figuresOf(exercise, { levers, hold, statureCm, holdingOn }, library)
    .map((figure) => sceneOf(figures, figure, held, statureCm, exercise.muscles));
}

function sceneOf(
  figures: Figures,
  figure: Figure,
  held: HeldThing | undefined,
  statureCm: number,
  muscles: Exercise['muscles'],
): Scene {
  const keys = placedKeys(figure.move, statureCm);
  const draw = (placed: Placed | undefined) => (placed ? figures.drawingOf(figure, placed, held) : []);
  const poses = keys.map(draw);
  const [left, , width] = figures.boundsOf(poses.flat());
  const surfaces = figures.surfacesOf(figure, keys, statureCm, [left, left + width]);
  const bounds = figures.boundsOf([...poses.flat(), ...surfaces]);
  const hardest = keys[hardestOf(figure.move)];
  let frames: readonly (readonly Stroke[])[] | undefined;
  const [, , wide, high] = bounds;
  return {
    viewBox: viewBoxOf(bounds),
    ratio: wide / high,
    surfaces: surfaces.map(strokeOf),
    start: (poses[0] ?? []).map(strokeOf),
    hardest: (poses[hardestOf(figure.move)] ?? []).map(strokeOf),
    mistake: (watch) => {
      const found = figures.mistakeOf(figure, watch, statureCm);
      return found && { right: draw(found.right).map(strokeOf), wrong: draw(found.wrong).map(strokeOf) };
    },
    wash: hardest ? figures.washOf(hardest, muscles).map(strokeOf) : [],
    gravity: hardest && !figure.above ? figures.gravityOf(hardest).map(strokeOf) : [],
    worstFor: (body) => {
      const worst = figures.difficultyOf(figure, body);
      const { pose } = worst;
      return pose ? [...figures.strainOf(worst, pose), ...draw(pose)].map(strokeOf) : [];
    },
    at: (share) => {
      frames ??= figures.framesOf(figure, statureCm, STEPS).map((placed) => draw(placed).map(strokeOf));
      return frames[frameAt(share, frames.length)] ?? [];
    },
  };
}

/** One pose of a figure that is changed by hand. */
export interface Pose {
  readonly strokes: readonly Stroke[];
  /** Where it can be taken hold of, in the svg's own measure. */
  readonly handles: readonly { readonly handle: Handle; readonly x: number; readonly y: number }[];
  readonly tipsOver: boolean;
}

/** The poses of a figure that is changed by hand, all to one scale. */
export interface Poses {
  readonly viewBox: string;
  readonly ratio: number;
  readonly surfaces: readonly Stroke[];
  readonly poses: readonly Pose[];
  /** The joint that is asked most, and the pose in which that is so, where it is one of these. */
  readonly worst: Peak & { readonly inPose: number | undefined; readonly strokes: readonly Stroke[] };
}

/** As much room around the figure as a hand needs to pull something out of it, in shares of stature. */
const ROOM = 0.12;

/**
 * A figure as it is changed by hand.
 *
 * @param figures core’s figures
 * @param kept the figure as it stands
 * @param of what is held, whose body it is, and whether both sides move as one
 */
export function posesOf(
  figures: Figures,
  kept: KeptFigure,
  { hold, body, together }: { hold: Hold | undefined; body: Body; together: boolean },
): Poses | undefined {
  const figure = figures.figureFrom(kept);
  if (!figure) return undefined;
  const held = heldOf(hold, undefined);
  const keys = placedKeys(figure.move, body.statureCm);
  const drawn = keys.map((placed) => figures.drawingOf(figure, placed, held));
  const [left, top, wide] = figures.boundsOf(drawn.flat());
  const surfaces = figures.surfacesOf(figure, keys, body.statureCm, [left - ROOM, left + wide + ROOM]);
  const [, , , high] = figures.boundsOf([...drawn.flat(), ...surfaces]);
  const bounds: Bounds = [left - ROOM, top - ROOM, wide + 2 * ROOM, high + ROOM];
  const worst = figures.difficultyOf(figure, body);
  return {
    viewBox: viewBoxOf(bounds),
    ratio: bounds[2] / bounds[3],
    surfaces: surfaces.map(strokeOf),
    poses: keys.map((placed, at) => ({
      strokes: (drawn[at] ?? []).map(strokeOf),
      handles: figures
        .handlesOf(placed, together)
        .map(({ handle, at: { x, y } }) => ({ handle, x: x * HUNDRED, y: -y * HUNDRED })),
      tipsOver: figures.tipsOver(placed),
    })),
    worst: {
      joint: worst.joint,
      side: worst.side,
      share: worst.share,
      newtonMetres: worst.newtonMetres,
      inPose: worst.pose && keys.includes(worst.pose) ? keys.indexOf(worst.pose) : undefined,
      strokes: worst.pose ? figures.strainOf(worst, worst.pose).map(strokeOf) : [],
    },
  };
}

/** There and back in one repetition, slow at both ends. */
function frameAt(share: number, count: number): number {
  const way = (1 - Math.cos(2 * Math.PI * share)) / 2;
  return Math.min(count - 1, Math.round(way * (count - 1)));
}

const viewBoxOf = (bounds: Bounds) => bounds.map((value) => (value * HUNDRED).toFixed(1)).join(' ');

function strokeOf(shape: Shape): Stroke {
  const of = (value: number) => (value * HUNDRED).toFixed(1);
  if (shape.kind === 'disc') {
    const [x, y, r] = [shape.at.x - shape.radius, shape.at.y, shape.radius];
    const around = (way: 1 | -1) => `a${of(r)} ${of(r)} 0 1 0 ${of(way * 2 * r)} 0`;
    return {
      looks: looksOf(shape.role, true),
      path: `M${of(x)} ${of(y)}${around(1)}${around(-1)}z`,
      width: 0,
    };
  }
  const points = shape.points.map(({ x, y }) => `${of(x)} ${of(y)}`).join('L');
  return {
    looks: looksOf(shape.role, shape.filled ?? false),
    path: `M${points}${shape.filled ? 'z' : ''}`,
    width: shape.width * HUNDRED,
  };
}

const looksOf = (role: Role, filled: boolean) => (filled ? `${role} filled` : role);
