import type { LogEntry } from '../model';
import type { ReadyCell } from '../resolve';

/** What is known of last week's work: nothing yet, all of it made, or short of it. */
export type Evidence =
  | { readonly kind: 'assumed' }
  | { readonly kind: 'made' }
  | { readonly kind: 'short'; readonly best: number; readonly worst: number };

/**
 * Compares what was logged for a cell with what it asked. Without an entry the work is taken as done, so that
 * coming weeks can be shown ahead.
 */
export function evidenceFor(cell: ReadyCell, log: readonly LogEntry[]): Evidence {
  const sets = log.filter((entry) => entry.week === cell.week);
  if (sets.length === 0) return { kind: 'assumed' };
  const amounts = sets.map(({ amount }) => amount);
  const worst = Math.min(...amounts);
  const light = sets.some(({ loadKg }) => cell.load && loadKg !== undefined && loadKg < cell.load.kg - 0.005);
  const complete = sets.length >= cell.work.sets && worst >= cell.work.amount && !light;
  return complete ? { kind: 'made' } : { kind: 'short', best: Math.max(...amounts), worst };
}
