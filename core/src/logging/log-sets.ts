import type { Done, LogEntry } from '../model';
import { leversMoved } from '../ladder';
import { askedInSet } from '../progress';
import { countedIn, loadWords, type ReadyCell } from '../resolve';
import type { TypedSet } from './read-sets';

/** Where and when sets are written down. */
export interface LogPlace {
  readonly sessionId: string;
  /** ISO date of the visit. */
  readonly date: string;
  /** ISO date and time of the writing, for what is put right. */
  readonly now: string;
  readonly newId: () => string;
}

/** What to write and what to take out of the log. */
export interface LogWrite {
  readonly put: readonly LogEntry[];
  readonly gone: readonly LogEntry[];
}

/** What one set asks, as far as the log goes. */
export interface AskedSet {
  readonly amount: number;
  /** Absent for body weight. */
  readonly kg?: number;
  /** How the load is made, in words. */
  readonly recipe?: string;
}

/** What somebody is asked for in one slot, as plain data: all that the log writes down beside what was done. */
export interface AskedWork
  extends
    Pick<LogEntry, 'participantId' | 'slotId' | 'week' | 'exerciseId' | 'counted'>,
    Partial<Pick<LogEntry, 'rungId' | 'levers' | 'hold'>> {
  readonly sets: readonly AskedSet[];
  /** Of sets beyond the plan's. */
  readonly beyond: AskedSet;
}

/**
 * A cell as the log sees it.
 *
 * @param cell ready
 * @example askedWork(cell).sets // [{ amount: 10, kg: 12.5, recipe: 'dumbbell 12.5 kg' }, …]
 */
export function askedWork(cell: ReadyCell): AskedWork {
  const { exercise, rung, levers } = cell.version;
  const moved = rung && Object.keys(leversMoved(cell.version)).length > 0;
  const asked = (set: number): AskedSet => {
    const { amount, kg } = askedInSet(cell, set);
    const made = cell.eachSet?.[set - 1]?.recipe ? cell.eachSet[set - 1] : cell.load;
    const recipe = kg !== undefined && made ? loadWords(made).slice(0, 200) : '';
    return { amount, ...(kg !== undefined && { kg }), ...(recipe && { recipe }) };
  };
  return {
    participantId: cell.participantId,
    slotId: cell.slotId,
    week: cell.week,
    exerciseId: exercise.id,
    ...(rung && { rungId: rung.id }),
    ...(moved && { levers }),
    ...(cell.load && { hold: cell.load.hold }),
    counted: countedIn(cell),
    sets: Array.from({ length: cell.work.sets }, (_, at) => asked(at + 1)),
    beyond: asked(MOST_SETS + 1),
  };
}

/** Past any set of a plan. */
const MOST_SETS = 20;

/** The sets of a cell in an empty log: as they are asked. */
export function askedAmounts(cell: ReadyCell): number[] {
  return Array.from({ length: cell.work.sets }, (_, at) => askedInSet(cell, at + 1).amount);
}

/**
 * Entries for the sets of one cell. What was not said is as asked: load, recipe, version. A set that was there before keeps its
 * id and what stood in it; one that is the same is not written again; those there are no more of go.
 *
 * @param before what is logged of this cell in this week
 */
export function logSets(
  cell: ReadyCell,
  sets: readonly TypedSet[],
  before: readonly LogEntry[],
  place: LogPlace,
): LogWrite {
  return logAsked(askedWork(cell), sets, before, place);
}

/**
 * The same of work that is asked without a cell at hand: on the floor, where a version may change between two sets.
 *
 * @param work as it was asked
 * @param before what is logged of it, and may be put right or taken out
 * @example logAsked(askedWork(cell), [{ set: 1, amount: 10 }], [], place).put.length // 1
 */
export function logAsked(
  work: AskedWork,
  sets: readonly TypedSet[],
  before: readonly LogEntry[],
  { sessionId, date, now, newId }: LogPlace,
): LogWrite {
  const put: LogEntry[] = [];
  const kept = new Set<string>();
  const { sets: askedSets, beyond, ...written } = work;
  for (const { set, ...done } of sets) {
    const asked = askedSets[set - 1] ?? beyond;
    const old = before.find((entry) => entry.set === set && entry.side === done.side && !kept.has(entry.id));
    if (old) kept.add(old.id);
    const loadKg = done.loadKg ?? asked.kg;
    const asAsked = loadKg !== undefined && loadKg === asked.kg;
    const entry: LogEntry = {
      id: old?.id ?? newId(),
      sessionId,
      date: old?.date ?? date,
      ...written,
      ...(asAsked && asked.recipe && { recipe: asked.recipe }),
      set,
      ...done,
      ...(loadKg !== undefined && loadKg > 0 && { loadKg }),
      ...(old?.seen && { seen: old.seen }),
    };
    if (loadKg === 0) delete entry.loadKg;
    if (!old) put.push(entry);
    else if (old.counted !== entry.counted || JSON.stringify(doneOf(old)) !== JSON.stringify(doneOf(entry))) {
      put.push({
        ...entry,
        stood: [...(old.stood ?? []), { ...doneOf(old), until: now }].slice(-MOST_STOOD),
      });
    }
  }
  return { put, gone: before.filter(({ id }) => !kept.has(id)) };
}

const MOST_STOOD = 50;

/** What of an entry may be put right, always in the same order. */
export function doneOf({
  loadKg,
  amount,
  reserve,
  left,
  side,
  form,
  pain,
  touchDowns,
  note,
}: LogEntry): Done {
  const all = { loadKg, amount, reserve, left, side, form, pain, touchDowns, note };
  return Object.fromEntries(Object.entries(all).filter(([, value]) => value !== undefined)) as Done;
}
