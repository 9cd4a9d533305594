/** Whether someone is writing where a key went: then it is no shortcut. */
export function isField(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.matches('input, textarea, select, [contenteditable]');
}

/** A plain key that nobody is writing with: the screen's to act on. */
export function isShortcut({ ctrlKey, metaKey, altKey, target }: KeyboardEvent): boolean {
  return !ctrlKey && !metaKey && !altKey && !isField(target);
}
