import { LEAVES_A_HAND, partsOf, plainId, type Exercise, type Hold, type LeverSettings } from '../model';
import { placedKeys, USUAL_STATURE_CM } from '../body';
import { loadsOf } from './difficulty';
import type { Figure, How } from './figure';
import { FIGURES } from './figures';
import { figureFrom } from './kept-figure';
import { cut } from './parts';
import { holdingOn } from './holding-on';
import { STANDING_STILL } from './standing-still';

/** What a version of an exercise is, as far as a figure needs it. */
export interface Version {
  readonly exercise: Exercise;
  readonly levers: LeverSettings;
  readonly hold?: Hold | undefined;
}

/** Kept, so that the same version is the same figure: its poses are then found once. */
const KEPT = new Map<string, Figure>();
const MOST_KEPT = 1500;

/**
 * The figure of an exercise in one version: as its writer drew it, or the library's; of one that has neither, the nearest: the first of
 * the same pattern and position.
 *
 * @param exercise any
 * @param how levers, what is held, and the stature it is drawn for
 * @returns a figure; somebody standing where there is nothing like it
 * @example figureOf(gobletSquat, { levers: {}, hold: 'bothHands', statureCm: 170 }).move.keys.length // 2
 */
export function figureOf(exercise: Exercise, how: How, library: readonly Exercise[] = []): Figure {
  const drawn = exercise.figure && figureFrom(exercise.figure);
  if (drawn) return ownFigure(drawn, how);
  const own = plainId(exercise.id);
  const id = FIGURES[own] ? own : nearestOf(exercise, library)?.id;
  const make = id === undefined ? undefined : FIGURES[id];
  if (!make) return STANDING_STILL;
  const share = Math.round((how.loadShare ?? USUAL_LOAD) / LOAD_STEP) * LOAD_STEP;
  const key = JSON.stringify([id, how.levers, how.hold ?? '', share, Math.round(how.statureCm)]);
  const kept = KEPT.get(key);
  if (kept) return kept;
  const figure = carrying(make(how), how.hold, share);
  if (KEPT.size >= MOST_KEPT) KEPT.clear();
  KEPT.set(key, figure);
  return figure;
}

/** Of a figure that its writer drew: in each version it is asked for. */
const OWN = new WeakMap<Figure, Map<string, Figure>>();

/** As its writer drew it; of the levers only the range changes it, and what is held its balance. */
function ownFigure(drawn: Figure, { levers, hold, loadShare = USUAL_LOAD }: How): Figure {
  const share = Math.round(loadShare / LOAD_STEP) * LOAD_STEP;
  const versions = OWN.get(drawn) ?? new Map<string, Figure>();
  OWN.set(drawn, versions);
  const key = JSON.stringify([levers.range ?? '', hold ?? '', share]);
  const known = versions.get(key);
  if (known) return known;
  const figure = carrying({ ...drawn, move: cut(drawn.move, levers.range) }, hold, share);
  versions.set(key, figure);
  return figure;
}

/** What is held where nobody says how much, as a share of the body; loads are told apart in steps of this much (common practice). */
const USUAL_LOAD = 0.1;
const LOAD_STEP = 0.05;

/** The figure with what it carries, where that moves its balance. */
function carrying(figure: Figure, hold: Hold | undefined, share: number): Figure {
  const { move } = figure;
  const first = hold && placedKeys(move, USUAL_STATURE_CM)[0];
  if (!first || share === 0 || move.keys.every(({ balanced }) => !balanced)) return figure;
  const carried = loadsOf(figure, first, { hold, kg: share }).flatMap(({ at, kg, towards }) =>
    towards ? [] : [{ at, share: kg }],
  );
  return carried.length === 0 ? figure : { ...figure, move: { ...move, carried } };
}

/** Whether an exercise has a figure of its own, and not the nearest. */
export const hasFigure = ({ id, figure }: Pick<Exercise, 'id' | 'figure'>): boolean =>
  figure !== undefined || FIGURES[plainId(id)] !== undefined;

/** The exercise of the library whose figure comes nearest to one it does not have. */
export function nearestOf(exercise: Exercise, library: readonly Exercise[]): Exercise | undefined {
  const alike = library.filter(({ pattern, id }) => pattern === exercise.pattern && FIGURES[id]);
  return alike.find(({ position }) => position === exercise.position) ?? alike[0];
}

/**
 * The figures of what is done as one repetition: one for an exercise, one for each part of a combination, in order. None where
 * somebody has to hold on and no figure can: nobody is shown hands free who must not be.
 *
 * @example figuresOf(thruster, { levers: {}, statureCm: 170 }).length // 2
 */
export function figuresOf(
  exercise: Exercise,
  how: How,
  library: readonly Exercise[] = [],
): readonly Figure[] {
  const parts = partsOf(exercise);
  const figures = parts
    ? parts.map((part) =>
        figureOf(
          part.exercise,
          { ...how, levers: part.levers, hold: part.carries ? how.hold : undefined },
          library,
        ),
      )
    : [figureOf(exercise, how, library)];
  if (!how.holdingOn) return figures;
  // A hand that carries is not the one that holds on.
  if (how.hold && !LEAVES_A_HAND.has(how.hold)) return [];
  const steadied = figures.flatMap((figure) => holdingOn(figure, how.statureCm) ?? []);
  return steadied.length === figures.length ? steadied : [];
}
