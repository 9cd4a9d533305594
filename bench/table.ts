const WIDTH = 62;

/** One line of the table: a figure, what it is held against, and their ratio (below 1 is better than the baseline). */
export function row(name: string, figureMs: number, baselineMs: number): void {
  const number = (value: number) => `${value.toFixed(2)} ms`.padStart(12);
  console.log(
    `${name.padEnd(WIDTH)}${number(figureMs)}${number(baselineMs)}${(figureMs / baselineMs).toFixed(3).padStart(9)}`,
  );
}

export function head(): void {
  console.log(
    `${'name'.padEnd(WIDTH)}${'figure'.padStart(12)}${'baseline'.padStart(12)}${'ratio'.padStart(9)}`,
  );
}

/** Median of several runs, in milliseconds, after as many that do not count. */
export function time(run: () => unknown, runs = 25): number {
  for (let warm = 0; warm < Math.min(runs, 25); warm += 1) run();
  const taken = Array.from({ length: runs }, () => {
    const began = performance.now();
    run();
    return performance.now() - began;
  }).sort((a, b) => a - b);
  return taken[Math.floor(runs / 2)] ?? NaN;
}
