import { reserveOf, type LogEntry, type Pain } from '../model';
import type { ReadyCell } from '../resolve';

/** What is known of one week's work in a slot. */
export type Evidence =
  /** The week has not been: its work is taken as done, so that coming weeks can be shown ahead. */
  | { readonly kind: 'assumed' }
  /** They were not there, for so many weeks running; or nobody's sets of the last of them are logged. */
  | { readonly kind: 'missed'; readonly weeks: number; readonly unlogged: boolean }
  /** They were there, and left this out. */
  | { readonly kind: 'skipped' }
  /** It hurt, here or in other work of the same pattern. */
  | { readonly kind: 'hurt'; readonly pain: Pain }
  | ({ readonly kind: 'made' } & Sets)
  | ({ readonly kind: 'short'; readonly formLost: boolean } & Sets);

interface Sets {
  /** Reps or seconds the last set went over what was asked. */
  readonly lastOver: number;
  readonly best: number;
  readonly worst: number;
  /** The least that was left in any set; undefined where nobody said. */
  readonly reserve?: number | undefined;
}

/** What the log says of a person's week beside the sets of one slot. */
export interface WeekFacts {
  /** Weeks running without a visit, this one included; 0 when they came or the week is still ahead. */
  readonly missed: number;
  /** Something of the same session was logged. */
  readonly came: boolean;
  /** Nobody has logged the session in this week, and it did not fall out. */
  readonly unlogged: boolean;
  /** The worst pain in work of a pattern. */
  readonly pain?: Pain | undefined;
}

const AHEAD: WeekFacts = { missed: 0, came: false, unlogged: true };

/**
 * Compares what was logged for a cell with what it asked; the order in which sets were written down does not count, and
 * of several visits in a week the last does.
 */
export function evidenceFor(cell: ReadyCell, log: readonly LogEntry[], facts: WeekFacts = AHEAD): Evidence {
  const { pain } = facts;
  if (pain && pain.score > 0) return { kind: 'hurt', pain };
  const ofWeek = log.filter((entry) => entry.week === cell.week);
  const lastDay = ofWeek.reduce((latest, { date }) => (date > latest ? date : latest), '');
  const sets = ofWeek.filter(({ date }) => date === lastDay);
  const [first] = sets;
  if (!first) {
    if (facts.came) return { kind: 'skipped' };
    return facts.missed > 0
      ? { kind: 'missed', weeks: facts.missed, unlogged: facts.unlogged }
      : { kind: 'assumed' };
  }
  const amounts = sets.map(({ amount }) => amount);
  const done = new Set(sets.map(({ set }) => set)).size;
  const last = sets.reduce((latest, own) => (own.set > latest.set ? own : latest), first);
  const left = sets.flatMap((entry) => reserveOf(entry) ?? []);
  const result = {
    lastOver: last.amount - askedInSet(cell, last.set).amount,
    best: Math.max(...amounts),
    worst: Math.min(...amounts),
    reserve: left.length > 0 ? Math.min(...left) : undefined,
  };
  const formLost = sets.some(({ form }) => form === 'lost');
  const complete = done >= cell.work.sets && !formLost && sets.every((entry) => asAsked(cell, entry));
  return complete ? { kind: 'made', ...result } : { kind: 'short', formLost, ...result };
}

/** Loads this near are the same: what is written down is rounded. */
const SAME_KG = 0.005;

function asAsked(cell: ReadyCell, { set, amount, loadKg }: LogEntry): boolean {
  const asked = askedInSet(cell, set);
  const light = asked.kg !== undefined && loadKg !== undefined && loadKg < asked.kg - SAME_KG;
  return amount >= asked.amount && !light;
}

/** What one set of a cell asks, where sets differ; sets beyond the plan's ask what the work does. */
export function askedInSet(
  { work, load, eachSet }: ReadyCell,
  set: number,
): { readonly amount: number; readonly kg?: number | undefined } {
  return eachSet?.[set - 1] ?? { amount: work.amount, kg: load?.kg };
}
