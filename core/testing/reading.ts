import { leftOutWords, marksOf, reasonWords, type Mark } from '../src/reason';
import type { Cell, ReadyCell } from '../src/resolve';

/** A cell that is ready; throws why it was left out. */
export function ready(cell: Cell | undefined): ReadyCell {
  if (cell?.status === 'ready') return cell;
  throw new Error(cell ? leftOutWords(cell.because).why : 'There is no cell.');
}

/** All reasons of a cell in words, one after the other. */
export function traceText(cell: Cell | undefined): string {
  return (cell?.trace ?? []).map((reason) => reasonWords(reason, 'kg')).join(' ');
}

/** The marks of a cell as they are read in kilograms. */
export function marksIn(cell: Cell | undefined): Mark[] {
  return marksOf(cell?.trace ?? [], 'kg');
}

/** What a cell asks, as plain numbers. */
export function numbersIn(cell: Cell | undefined): { sets: number; amount: number; kg: number | undefined } {
  const { work, load } = ready(cell);
  return { sets: work.sets, amount: work.amount, kg: load?.kg };
}
