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
