import type { Left, LogEntry } from './log';

/** What the words stand for, in repetitions. Common practice, no published source. */
export const LEFT_REPS: Readonly<Record<Left, number>> = { nothing: 0, some: 2, plenty: 4 };

/** Repetitions left undone, however it was said; undefined where nobody said. */
export function reserveOf({ reserve, left }: Pick<LogEntry, 'reserve' | 'left'>): number | undefined {
  return reserve ?? (left && LEFT_REPS[left]);
}
