import type { SessionEffort } from '@dray/core/late';

/** A session's effort as it is drawn. */
export interface Ramp {
  /** The points of a closed area in `RAMP_BOX`. */
  readonly points: string;
  /** Sets that train. */
  readonly sets: number;
  readonly minutes: number;
}

const RAMP = { width: 100, height: 24 } as const;
export const RAMP_BOX = `0 0 ${RAMP.width} ${RAMP.height}`;

/** Each stretch a step as long as it lasts, as high as it is hard. */
export function effortRamp({ steps, totalSeconds, sets }: SessionEffort): Ramp {
  const x = (seconds: number) => round((RAMP.width * seconds) / Math.max(1, totalSeconds));
  const y = (effort: number) => round(RAMP.height * (1 - effort));
  const corners = steps.flatMap(({ start, end, effort }) => [
    `${x(start)},${y(effort)}`,
    `${x(end)},${y(effort)}`,
  ]);
  return {
    points: [`0,${RAMP.height}`, ...corners, `${x(steps.at(-1)?.end ?? 0)},${RAMP.height}`].join(' '),
    sets,
    minutes: Math.round(totalSeconds / 60),
  };
}

function round(value: number): number {
  return Math.round(value * 10) / 10;
}
