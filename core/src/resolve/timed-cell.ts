import type { Work } from '../model';
import type { TimedWork } from '../plan';
import type { Cell, ReadyCell } from './cell';
import { loadWords } from './load-words';

/**
 * A cell as far as time goes, for `sessionTimeline`, its rest as planned.
 *
 * @param cell of a card
 * @returns undefined where it is left out
 * @example timedCell(cell)?.prescription.sets // 3
 */
export function timedCell(cell: Cell | undefined): TimedWork | undefined {
  if (cell?.status !== 'ready') return undefined;
  const { version, planned, work, load } = cell;
  return {
    exercise: version.exercise,
    needs: version.needs.map((need) => [...need]),
    holding: load ? loadWords(load) : '',
    prescription: {
      ...planned,
      sets: work.sets,
      work: workDone(cell),
      perSide: work.perSide,
      ...(work.tempo && { tempo: work.tempo }),
    },
  };
}

/** The plan's work with the number it came to; what the plan leaves open stays open. */
function workDone({ planned, work }: ReadyCell): Work {
  const { kind } = planned.work;
  if (kind === 'most' || kind === 'either') return planned.work;
  if (work.kind === 'reps') return { kind: 'reps', reps: work.amount };
  return { kind: work.kind, seconds: work.amount };
}
