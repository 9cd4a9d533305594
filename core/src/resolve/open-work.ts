import { countedAs, type LogEntry } from '../model';
import type { ReadyCell } from './cell';

/**
 * Whether a cell leaves open how many: nobody can have done "as asked" then, nor fall short of it.
 *
 * @example asksForMost(cell) // true, of "3 × max"
 */
export function asksForMost({ planned }: Pick<ReadyCell, 'planned'>): boolean {
  return planned.work.kind === 'most';
}

/**
 * What a set of a cell is counted in: of as many as possible it is the repetitions, in a time too.
 *
 * @param cell ready
 * @example countedIn(cell) // 'reps', of "as many as possible in 60 s"
 */
export function countedIn(cell: Pick<ReadyCell, 'planned' | 'work'>): LogEntry['counted'] {
  return asksForMost(cell) ? 'reps' : countedAs(cell.work.kind);
}
