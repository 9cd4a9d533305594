import { recipeWords } from '../kit';
import type { CellLoad, CellSet } from './cell';

/**
 * How a load is made, in words; where the kit cannot make it, what comes nearest.
 *
 * @param load of a cell or of one of its sets
 * @example loadWords({ kg: 21, hold: 'one' }) // 'not in the kit'
 */
export function loadWords({ recipe, ...load }: CellLoad | CellSet): string {
  if (recipe) return recipeWords(recipe);
  const nearest = 'nearest' in load ? load.nearest : undefined;
  return nearest ? `not in the kit; nearest is ${recipeWords(nearest)}` : 'not in the kit';
}
