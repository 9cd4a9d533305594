import type { LogEntry } from '../model';
import type { ReadyCell } from '../resolve';

/** What is known of one week's work: nothing yet, all of it made, or short of it. */
export type Evidence =
  | { readonly kind: 'assumed' }
  | {
      readonly kind: 'made';
      /** Reps or seconds the last set went over what was asked. */
      readonly lastOver: number;
      /** The least that was left in any set; undefined where nobody said. */
      readonly reserve?: number | undefined;
    }
  | {
      readonly kind: 'short';
      readonly best: number;
      readonly worst: number;
      readonly reserve?: number | undefined;
    };

/**
 * Compares what was logged for a cell with what it asked; the order in which sets were written down does not count.
 * Without an entry the work is taken as done, so that coming weeks can be shown ahead.
 */
export function evidenceFor(cell: ReadyCell, log: readonly LogEntry[]): Evidence {
  const sets = log.filter((entry) => entry.week === cell.week);
  const [first] = sets;
  if (!first) return { kind: 'assumed' };
  const amounts = sets.map(({ amount }) => amount);
  const worst = Math.min(...amounts);
  const light = sets.some(({ loadKg }) => cell.load && loadKg !== undefined && loadKg < cell.load.kg - 0.005);
  const complete = sets.length >= cell.work.sets && worst >= cell.work.amount && !light;
  const left = sets.flatMap(({ reserve: own }) => own ?? []);
  const reserve = left.length > 0 ? Math.min(...left) : undefined;
  if (!complete) return { kind: 'short', best: Math.max(...amounts), worst, reserve };
  const last = sets.reduce((latest, own) => (own.set > latest.set ? own : latest), first);
  return { kind: 'made', lastOver: last.amount - cell.work.amount, reserve };
}
