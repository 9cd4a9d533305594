import { reserveOf, type LogEntry, type Pain } from '../model';
import { isOf } from '../ladder';
import { asksForMost, countedIn, type ReadyCell } from '../resolve';
import { CHART_CURVE, repsAfter, type RepCurve } from '../strength';
import { SAME_WRITTEN_KG } from '../units';

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
  /** Another version was done in its place: it says nothing of the one that was asked. */
  | { readonly kind: 'otherVersion'; readonly exerciseId: string; readonly rungId: string | undefined }
  /** The work was counted otherwise then, in repetitions and not in seconds or the other way: the numbers say nothing of it. */
  | { readonly kind: 'countedOtherwise'; readonly counted: LogEntry['counted'] }
  /** Every set as it was asked, or better. */
  | ({ readonly kind: 'made' } & DoneSets)
  /** As it was asked, but not all of the sets. */
  | ({ readonly kind: 'partly' } & DoneSets)
  | ({ readonly kind: 'short'; readonly formLost: boolean } & DoneSets);

/** What the sets of one visit came to. */
interface DoneSets {
  /** Different sets; two sides of one are one. */
  readonly sets: number;
  /** Reps or seconds of the first set, when they were fresh. */
  readonly first: number;
  readonly best: number;
  readonly worst: number;
  /** Reps or seconds the last set went over what was asked. */
  readonly lastOver: number;
  /** The least that was left in any set; undefined where nobody said. */
  readonly reserve?: number | undefined;
  /** The lightest load used, where none of the sets was done with the one that was asked. */
  readonly otherKg?: number | undefined;
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
 * Compares what was logged for a cell with what it asked: what was done is what counts, not what was written on the card. The
 * order in which sets were written down does not count, and of several visits in a week the last does.
 *
 * @param cell what was asked
 * @param log the person's entries for the slot
 * @param facts of the week beside them
 * @param curve how load and reps trade for the person, where another load was used
 * @example evidenceFor(cell, [], { missed: 1, came: false, unlogged: false }).kind // 'missed'
 */
export function evidenceFor(
  cell: ReadyCell,
  log: readonly LogEntry[],
  facts: WeekFacts = AHEAD,
  curve: RepCurve = CHART_CURVE,
): Evidence {
  const { pain, came, missed, unlogged } = facts;
  if (pain && pain.score > 0) return { kind: 'hurt', pain };
  const visit = lastVisit(log.filter((entry) => entry.week === cell.week));
  const [any] = visit;
  if (!any) {
    if (came) return { kind: 'skipped' };
    return missed > 0 ? { kind: 'missed', weeks: missed, unlogged } : { kind: 'assumed' };
  }
  const entries = visit.filter((entry) => isOf(entry, cell.version));
  const [first] = entries;
  if (!first) return { kind: 'otherVersion', exerciseId: any.exerciseId, rungId: any.rungId };
  const alike = entries.filter(({ counted }) => counted === countedIn(cell));
  const [counted] = alike;
  if (!counted) return { kind: 'countedOtherwise', counted: first.counted };
  return judged(cell, alike, counted, curve);
}

function lastVisit(entries: readonly LogEntry[]): LogEntry[] {
  const day = entries.reduce((latest, { date }) => (date > latest ? date : latest), '');
  return entries.filter(({ date }) => date === day);
}

function judged(cell: ReadyCell, entries: readonly LogEntry[], any: LogEntry, curve: RepCurve): Evidence {
  const amounts = entries.map(({ amount }) => amount);
  const inOrder = [...entries].sort((a, b) => a.set - b.set);
  const last = inOrder.at(-1) ?? any;
  const left = entries.flatMap((entry) => reserveOf(entry) ?? []);
  const otherKg = otherLoad(cell, entries);
  const sets = new Set(entries.map(({ set }) => set)).size;
  const result: DoneSets = {
    sets,
    first: (inOrder[0] ?? any).amount,
    best: Math.max(...amounts),
    worst: Math.min(...amounts),
    lastOver: last.amount - askedInSet(cell, last.set).amount,
    reserve: left.length > 0 ? Math.min(...left) : undefined,
    otherKg,
  };
  const formLost = entries.some(({ form }) => form === 'lost');
  const asAsked = entries.every((entry) => isAsAsked(cell, entry, otherKg !== undefined, curve));
  if (formLost || !asAsked) return { kind: 'short', formLost, ...result };
  return { kind: sets >= cell.work.sets ? 'made' : 'partly', ...result };
}

/** The lightest load of the sets, where all of them were done with another than the one that was asked. */
function otherLoad({ load, eachSet }: ReadyCell, entries: readonly LogEntry[]): number | undefined {
  if (!load || eachSet) return undefined;
  const loads = entries.flatMap(({ loadKg }) => loadKg ?? []);
  const allOther = loads.every((kg) => Math.abs(kg - load.kg) >= SAME_WRITTEN_KG);
  return loads.length > 0 && allOther ? Math.min(...loads) : undefined;
}

/**
 * A set counts as asked with as many reps, or as many as a heavier load is worth; a lighter load counts where all had it. Where it is
 * open how many, any number does.
 */
function isAsAsked(
  cell: ReadyCell,
  { set, amount, loadKg }: LogEntry,
  anotherLoad: boolean,
  curve: RepCurve,
): boolean {
  const asked = askedInSet(cell, set);
  const enough = asksForMost(cell) || amount >= asked.amount;
  if (asked.kg === undefined || loadKg === undefined || loadKg === 0) return enough;
  if (loadKg < asked.kg - SAME_WRITTEN_KG) return anotherLoad && enough;
  if (enough || cell.work.kind !== 'reps') return enough;
  const heavier = loadKg > asked.kg + SAME_WRITTEN_KG;
  return heavier && amount >= repsAfter(asked.kg, loadKg, asked.amount, cell.work.reserve ?? 0, curve);
}

/**
 * What one set of a cell asks, where sets differ; sets beyond the plan's ask what the work does.
 *
 * @param cell ready
 * @param set from 1
 * @example askedInSet(cell, 2) // { amount: 10, kg: 12.5 }
 */
export function askedInSet(
  { work, load, eachSet }: ReadyCell,
  set: number,
): { readonly amount: number; readonly kg?: number | undefined } {
  return eachSet?.[set - 1] ?? { amount: work.amount, kg: load?.kg };
}
