import { DEFAULT_WHOLE_CAP_PERCENT } from '../model';
import type { Cell, ReadyCell } from '../resolve';

/** How much of a session's work one slot makes up, and by what factor it would grow. */
interface Growth {
  readonly at: number;
  readonly weight: number;
  readonly factor: number;
  /** May be told to wait: a wave and what was set by hand stay. */
  readonly mayWait: boolean;
}

/**
 * Which slots have to wait a week so that all work of a session together does not grow past its cap. Work is sets × reps or
 * seconds × load, each slot against itself a week before and weighted by its sets, so that no slot counts for more because
 * it is heavy. Those that waited the week before come first, then the order of the session; one may always grow. What one slot
 * gives back, another may take.
 *
 * @param before a person's cells of the last week that counted
 * @param cells what this week would be
 * @param waited slots that waited last week
 * @param led slots that are led by a plan of their own and never wait
 */
export function slotsToWait(
  before: readonly Cell[],
  cells: readonly Cell[],
  waited: ReadonlySet<number>,
  led: ReadonlySet<number>,
  capPercent = DEFAULT_WHOLE_CAP_PERCENT,
): ReadonlySet<number> {
  const growths = cells.flatMap((cell, at) => {
    const last = before[at];
    return last ? growthOf(last, cell, at, led.has(at)) : [];
  });
  let budget = 0;
  for (const { weight, factor } of growths) {
    budget += (weight * capPercent) / 100;
    if (factor < 1) budget += weight * (1 - factor);
  }
  const growing = growths.filter(({ factor }) => factor > 1);
  growing.sort((a, b) => Number(waited.has(b.at)) - Number(waited.has(a.at)) || a.at - b.at);
  const wait = new Set<number>();
  let anyGrew = false;
  for (const { at, weight, factor, mayWait } of growing) {
    const cost = weight * (factor - 1);
    if (mayWait && anyGrew && cost > budget + 1e-9) wait.add(at);
    else {
      budget -= cost;
      anyGrew = true;
    }
  }
  return wait;
}

function growthOf(last: Cell, cell: Cell, at: number, led: boolean): Growth[] {
  if (last.status !== 'ready' || cell.status !== 'ready') return [];
  const weight = last.work.sets;
  if (last.version.name !== cell.version.name) return [{ at, weight, factor: 1, mayWait: false }];
  const mayWait = !led && cell.override === undefined;
  return [{ at, weight, factor: workOf(cell) / workOf(last), mayWait }];
}

/** Sets × reps or seconds × load; body weight counts as the same load from week to week. */
function workOf({ work, load }: ReadyCell): number {
  return work.sets * work.amount * (load?.kg ?? 1);
}
