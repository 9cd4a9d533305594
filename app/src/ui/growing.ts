import { effect, linkedSignal, type Signal } from '@angular/core';

/** About a screen of lines. */
const AT_ONCE = 16;

/**
 * How many of a long list stand on the page: some at once, and as many more with every breath after that, so that no step of it
 * holds the page up.
 *
 * @param length of the whole list
 * @param atOnce as many in a step
 */
export function growing(length: () => number, atOnce = AT_ONCE): Signal<number> {
  const shown = linkedSignal<number, number>({
    source: length,
    computation: (now, before) => Math.min(now, Math.max(atOnce, before?.value ?? 0)),
  });
  effect((onCleanup) => {
    if (shown() >= length()) return;
    const timer = setTimeout(() => shown.update((count) => Math.min(length(), count + atOnce)));
    onCleanup(() => clearTimeout(timer));
  });
  return shown.asReadonly();
}
