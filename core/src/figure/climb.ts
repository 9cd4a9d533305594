import type { Body } from '../body';
import { isHeld, type Exercise, type Ladder, type Rung } from '../model';
import { difficultyOf, type Difficulty } from './difficulty';
import { figureOf } from './figure-for';
import { HARDER_BY, type HarderBy } from './harder-by';

/** A rung as mechanics see it. */
export interface ComputedRung {
  readonly rungId: string;
  /** Without a load: what the body alone asks. */
  readonly difficulty: Difficulty;
  /** Why it stands above the one below, where the largest moment does not say so. */
  readonly harderBy: HarderBy | undefined;
  /** Its share of the joint’s usual strength over that of the rung below; undefined for the first. */
  readonly step: number | undefined;
}

/** So much less counts as easier: two figures that are drawn alike differ by the width of a line. */
const EASIER = 0.94;
/** So much harder to balance counts as harder. */
const UNSTEADIER = 1.05;

/** One rung’s difficulty for somebody, with nothing held. */
export function rungDifficulty(rung: Rung, exercise: Exercise, body: Body): Difficulty {
  const figure = figureOf(exercise, { levers: rung.levers, statureCm: body.statureCm });
  return difficultyOf(figure, body, { eyesClosed: rung.levers.senses, still: isHeld(exercise) });
}

/**
 * The rungs of a ladder as mechanics see them: how hard each is for somebody, and where it computes as easier than the one below, what
 * makes it harder all the same: a load, balance, or what is said of it in `HARDER_BY`.
 *
 * @param ladder easiest first
 * @param exerciseById its exercises
 * @param body for whom
 * @example climbOf(pressUpLadder, catalog.exerciseById, usual).map(({ difficulty }) => difficulty.share) // rising
 */
export function climbOf(
  ladder: Ladder,
  exerciseById: (id: string) => Exercise | undefined,
  body: Body,
): readonly ComputedRung[] {
  const rungs: ComputedRung[] = [];
  let below: { readonly difficulty: Difficulty } | undefined;
  for (const rung of ladder.rungs) {
    const exercise = exerciseById(rung.exerciseId);
    if (!exercise) continue;
    const difficulty = rungDifficulty(rung, exercise, body);
    const easier = below !== undefined && difficulty.share < below.difficulty.share * EASIER;
    rungs.push({
      rungId: rung.id,
      difficulty,
      harderBy: easier && below ? whyHarder(rung, exercise, difficulty, below.difficulty) : undefined,
      step: below && difficulty.share / Math.max(below.difficulty.share, 1e-6),
    });
    below = { difficulty };
  }
  return rungs;
}

/** Whether a rung computes as easier than the one below and nobody says why it is not. */
export function isUnexplained({ step, harderBy }: ComputedRung): boolean {
  return step !== undefined && step < EASIER && harderBy === undefined;
}

function whyHarder(
  rung: Rung,
  exercise: Exercise,
  here: Difficulty,
  below: Difficulty,
): HarderBy | undefined {
  if (HARDER_BY[rung.id]) return HARDER_BY[rung.id];
  if (exercise.loading?.required) return 'load';
  const unsteady = (here.balance?.difficulty ?? 0) > (below.balance?.difficulty ?? 0) * UNSTEADIER;
  return unsteady && here.balance ? 'balance' : undefined;
}
