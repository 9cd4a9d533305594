/** Whether someone is writing where a key went: then it is no shortcut. */
export function isField(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.matches('input, textarea, select, [contenteditable]');
}

/** A plain key that nobody is writing with: the screen's to act on. */
export function isShortcut({ ctrlKey, metaKey, altKey, target }: KeyboardEvent): boolean {
  return !ctrlKey && !metaKey && !altKey && !isField(target);
}

/** From one cell of a grid to the next. */
export const ARROWS: Readonly<Record<string, readonly [rows: number, columns: number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  Home: [0, -Infinity],
  End: [0, Infinity],
};
