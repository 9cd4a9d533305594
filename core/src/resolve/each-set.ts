import type { Prescription } from '../model';
import { pickLoad, type AttainableLoad } from '../kit';
import { amountInSet, loadShares } from '../plan';
import type { CellLoad, CellSet, CellWork } from './cell';

/**
 * A cell's work set by set, where the plan varies reps or load. A lighter set takes the nearest load there is below it, and body
 * weight below the lightest.
 *
 * @param prescription how sets differ
 * @param work the working set
 * @param load of the working set
 * @param loads lightest first
 * @param most that any set may ask: seconds of a strain that a caution limits
 * @returns undefined where all sets are the same
 * @example eachSet({ ...plan, setPattern: { kind: 'repsDown', by: 2 } }, work, load)?.map(({ amount }) => amount) // [10, 8, 6]
 */
export function eachSet(
  { setPattern }: Prescription,
  { sets, amount }: CellWork,
  load: CellLoad | undefined,
  loads: readonly AttainableLoad[] = [],
  most = Infinity,
): CellSet[] | undefined {
  if (!setPattern || setPattern.kind === 'dropOnForm') return undefined;
  const shares = loadShares({ sets, setPattern });
  if (shares && !load) return undefined;
  return Array.from({ length: sets }, (_, set): CellSet => {
    const alone = { amount: Math.min(most, amountInSet(setPattern, amount, set)) };
    const share = shares?.[set] ?? 1;
    if (!load || share === 0) return alone;
    if (share === 1) return { ...alone, kg: load.kg, recipe: load.recipe };
    const lighter = pickLoad(loads, load.kg * share, 'notAbove');
    return lighter ? { ...alone, kg: lighter.kg, recipe: lighter.recipe } : alone;
  });
}
