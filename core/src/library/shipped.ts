/** Everything that ships, in one list each, and the index over it. */
import { buildCatalog, type Catalog } from '../ladder';
import type { Exercise, Ladder } from '../model';
import { armExercises, armLadders } from './arms';
import { balanceExercises, balanceLadders } from './balance';
import { braceExercises, braceLadder } from './brace';
import { hingeExercises, hingeLadder } from './hinge';
import { hipExercises, hipLadders } from './hips';
import { legExercises, legLadders } from './legs';
import { mobilityExercises } from './mobility';
import { pressExercises, pressLadder } from './press';
import { pullExercises, pullLadders } from './pull';
import { pushExercises, pushLadders } from './push';
import { rowExercises, rowLadder } from './row';
import { squatExercises, squatLadder } from './squat';
import { thrustExercises, thrustLadder } from './thrust';
import { trunkExercises, trunkLadders } from './trunk';

export const LIBRARY_EXERCISES: readonly Exercise[] = [
  ...squatExercises,
  ...hingeExercises,
  ...pressExercises,
  ...rowExercises,
  ...braceExercises,
  ...thrustExercises,
  ...legExercises,
  ...hipExercises,
  ...pushExercises,
  ...pullExercises,
  ...armExercises,
  ...trunkExercises,
  ...balanceExercises,
  ...mobilityExercises,
];

export const LIBRARY_LADDERS: readonly Ladder[] = [
  squatLadder,
  hingeLadder,
  pressLadder,
  rowLadder,
  braceLadder,
  thrustLadder,
  ...legLadders,
  ...hipLadders,
  ...pushLadders,
  ...pullLadders,
  ...armLadders,
  ...trunkLadders,
  ...balanceLadders,
];

export const catalog: Catalog = buildCatalog(LIBRARY_EXERCISES, LIBRARY_LADDERS);
