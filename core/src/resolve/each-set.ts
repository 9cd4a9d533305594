import type { Prescription } from '../model';
import { pickLoad, recipeWords, type AttainableLoad } from '../kit';
import { amountInSet, loadShares } from '../plan';
import type { CellLoad, CellSet, CellWork } from './cell';

/**
 * A cell's work set by set, where the plan varies reps or load; undefined where all sets are the same. A lighter set takes the
 * nearest load there is below it, and body weight below the lightest.
 */
export function eachSet(
  { setPattern }: Prescription,
  { sets, amount }: CellWork,
  load: CellLoad | undefined,
  loads: readonly AttainableLoad[] = [],
): CellSet[] | undefined {
  if (!setPattern || setPattern.kind === 'dropOnForm') return undefined;
  const shares = loadShares({ sets, setPattern });
  if (shares && !load) return undefined;
  return Array.from({ length: sets }, (_, set): CellSet => {
    const own = { amount: amountInSet(setPattern, amount, set) };
    const share = shares?.[set] ?? 1;
    if (!load || share === 0) return own;
    if (share === 1) return { ...own, kg: load.kg, words: load.words };
    const lighter = pickLoad(loads, load.kg * share, 'notAbove');
    return lighter ? { ...own, kg: lighter.kg, words: recipeWords(lighter.recipe) } : own;
  });
}
