import { BLOCKS, sessionTimeline, type Catalog, type Session } from '@dray/core';

/** A session's effort over its time, as the points of an area from 0 to 1 both ways. */
export interface Ramp {
  readonly points: string;
  /** Sets that train. */
  readonly sets: number;
  readonly minutes: number;
}

/** How hard the kinds of block are, warm-up to finisher, from 0 to 1. Common practice, no published source. */
const HARDNESS: Readonly<Record<Session['blocks'][number]['kind'], number>> = {
  warmUp: 0.25,
  straight: 0.75,
  superset: 0.85,
  triSet: 0.9,
  circuit: 0.8,
  interval: 0.9,
  finisher: 1,
  balance: 0.35,
  coolDown: 0.15,
};
const WIDTH = 100;
const HEIGHT = 24;

/** Each block a step as long as it lasts, as high as its kind is hard; less is left, the higher. */
export function effortRamp(session: Session, catalog: Catalog): Ramp {
  const { segments, totalSeconds } = sessionTimeline(session, { tier: 'intermediate' }, catalog);
  const points: string[] = [`0,${HEIGHT}`];
  let sets = 0;
  for (const block of session.blocks) {
    const own = segments.filter(({ blockId }) => blockId === block.id);
    const [first] = own;
    const last = own.at(-1);
    if (!first || !last || totalSeconds === 0) continue;
    const targets = block.slots.map(({ prescriptions }) => prescriptions.intermediate.target);
    const left = targets.flatMap((target) => (target.kind === 'reserve' ? target.reps : []));
    const eased = left.length > 0 ? Math.min(0.3, Math.max(...left) * 0.06) : 0;
    const y = HEIGHT * (1 - Math.max(0.1, HARDNESS[block.kind] - eased));
    points.push(`${(first.start / totalSeconds) * WIDTH},${y}`, `${(last.end / totalSeconds) * WIDTH},${y}`);
    if (BLOCKS[block.kind].lettered) {
      sets += block.slots.reduce((sum, { prescriptions }) => sum + prescriptions.intermediate.sets, 0);
    }
  }
  points.push(`${WIDTH},${HEIGHT}`);
  return { points: points.join(' '), sets, minutes: Math.round(totalSeconds / 60) };
}
