/**
 * The library that ships: exercises and ladders as data, one file a pattern, in our own words. The schemas check
 * every entry in the tests; `catalog` is the index everything else reads.
 */
import { buildCatalog, type Catalog } from '../ladder';
import type { Exercise, Ladder } from '../model';
import { braceExercises, braceLadder } from './brace';
import { hingeExercises, hingeLadder } from './hinge';
import { mobilityExercises } from './mobility';
import { pressExercises, pressLadder } from './press';
import { rowExercises, rowLadder } from './row';
import { squatExercises, squatLadder } from './squat';
import { thrustExercises, thrustLadder } from './thrust';

export const LIBRARY_EXERCISES: readonly Exercise[] = [
  ...squatExercises,
  ...hingeExercises,
  ...pressExercises,
  ...rowExercises,
  ...braceExercises,
  ...thrustExercises,
  ...mobilityExercises,
];

export const LIBRARY_LADDERS: readonly Ladder[] = [
  squatLadder,
  hingeLadder,
  pressLadder,
  rowLadder,
  braceLadder,
  thrustLadder,
];

export const catalog: Catalog = buildCatalog(LIBRARY_EXERCISES, LIBRARY_LADDERS);
