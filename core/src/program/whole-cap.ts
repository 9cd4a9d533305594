import { DEFAULT_WHOLE_CAP_PERCENT } from '../model';
import { sameVersion } from '../ladder';
import type { Cell, ReadyCell } from '../resolve';
import { atMost } from '../units';

/** Which slots may be told to wait, and which did so last week. */
export interface Waiting {
  /** Waited last week: now they come first. */
  readonly waited: ReadonlySet<number>;
  /** Led by a plan of their own: these never wait. */
  readonly neverWait: ReadonlySet<number>;
  /** The most all work of the session may grow. */
  readonly capPercent?: number | undefined;
  /** Of the person who does it. */
  readonly bodyMassKg: number;
}

/** How much of a session's work one slot makes up, and by what factor it would grow. */
interface Growth {
  readonly slot: number;
  readonly weight: number;
  readonly factor: number;
  /** May be told to wait: a wave and what was set by hand stay. */
  readonly mayWait: boolean;
}

/**
 * What of a body a movement without a load moves. Common practice, no published source: about half of it, more in a squat and
 * less in a raise of the arms.
 */
const BODY_SHARE = 0.5;

/**
 * Which slots have to wait a week so that all work of a session together does not grow past its cap. Work is sets × reps or
 * seconds × load, each slot against itself a week before and weighted by its sets, so that no slot counts for more because
 * it is heavy. Those that waited the week before come first, then the order of the session; one may always grow. What one slot
 * gives back, another may take.
 *
 * @param before a person's cells of the last week that counted
 * @param cells what this week would be
 * @param waiting who waited, who never does, and the cap
 * @returns the places of those that wait, from 0
 * @example slotsToWait(lastWeek, thisWeek, { waited: new Set(), neverWait: new Set(), bodyMassKg: 70 }) // Set { 2, 3 }
 */
export function slotsToWait(
  before: readonly (Cell | undefined)[],
  cells: readonly Cell[],
  waiting: Waiting,
): ReadonlySet<number> {
  const { waited, capPercent = DEFAULT_WHOLE_CAP_PERCENT } = waiting;
  const growths = cells.flatMap((cell, slot) => {
    const last = before[slot];
    return last ? growthOf(last, cell, slot, waiting) : [];
  });
  let budget = 0;
  for (const { weight, factor } of growths) {
    budget += (weight * capPercent) / 100;
    if (factor < 1) budget += weight * (1 - factor);
  }
  const growing = growths.filter(({ factor }) => factor > 1);
  growing.sort((a, b) => Number(waited.has(b.slot)) - Number(waited.has(a.slot)) || a.slot - b.slot);
  const wait = new Set<number>();
  let anyGrew = false;
  for (const { slot, weight, factor, mayWait } of growing) {
    const cost = weight * (factor - 1);
    if (mayWait && anyGrew && !atMost(cost, budget)) wait.add(slot);
    else {
      budget -= cost;
      anyGrew = true;
    }
  }
  return wait;
}

function growthOf(last: Cell, cell: Cell, slot: number, { neverWait, bodyMassKg }: Waiting): Growth[] {
  if (last.status !== 'ready' || cell.status !== 'ready') return [];
  const weight = last.work.sets;
  if (!sameVersion(last.version, cell.version)) return [{ slot, weight, factor: 1, mayWait: false }];
  const mayWait = !neverWait.has(slot) && cell.override === undefined;
  // Where a load comes or goes, the body that moves with it is counted on both sides.
  const bodyKg = (last.load === undefined) !== (cell.load === undefined) ? bodyMassKg * BODY_SHARE : 0;
  return [{ slot, weight, factor: workOf(cell, bodyKg) / workOf(last, bodyKg), mayWait }];
}

/** Sets × reps or seconds × what is moved; body weight by itself is the same from week to week. */
function workOf({ work, load }: ReadyCell, bodyKg: number): number {
  const movedKg = (load?.kg ?? 0) + bodyKg;
  return work.sets * work.amount * (movedKg > 0 ? movedKg : 1);
}
