/** Everything that ships, in one list each, and the index over it. */
import { buildCatalog, CatalogError, type Catalog } from '../ladder';
import type { Exercise, Ladder } from '../model';
import { armExercises, armLadders } from './arms';
import { balanceExercises, balanceLadders } from './balance';
import { braceExercises, braceLadder } from './brace';
import { DEMANDS } from './demands';
import type { Movement } from './define';
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
import { stanceExercises, stanceLadders } from './stances';
import { hipWorkExercises } from './hip-work';
import { handsAndFeetExercises, handsAndFeetLadders } from './hands-and-feet';
import { armWorkExercises } from './arm-work';
import { trunkWorkExercises, trunkWorkLadders } from './trunk-work';
import { powerExercises, powerLadders } from './power';
import { steadyExercises, steadyLadders } from './steady';
import { looseningExercises } from './loosening';

const MOVEMENTS: readonly Movement[] = [
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
  ...stanceExercises,
  ...hipWorkExercises,
  ...handsAndFeetExercises,
  ...armWorkExercises,
  ...trunkWorkExercises,
  ...powerExercises,
  ...steadyExercises,
  ...looseningExercises,
];

/** A movement with what it asks of a body. */
function asking(movement: Movement): Exercise {
  const asks = DEMANDS[movement.id];
  if (!asks) throw new CatalogError(`Nobody has said yet what “${movement.name}” asks of a body.`);
  const { always, loaded, easedBy, handsBusy } = asks;
  return {
    ...movement,
    demands: [...always],
    demandsLoaded: [...loaded],
    ...(easedBy.length > 0 && { easedBy: [...easedBy] }),
    ...(handsBusy && { handsBusy }),
  };
}

export const LIBRARY_EXERCISES: readonly Exercise[] = MOVEMENTS.map(asking);

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
  ...stanceLadders,
  ...handsAndFeetLadders,
  ...trunkWorkLadders,
  ...powerLadders,
  ...steadyLadders,
];

export const catalog: Catalog = buildCatalog(LIBRARY_EXERCISES, LIBRARY_LADDERS);
