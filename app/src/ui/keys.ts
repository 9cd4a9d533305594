import { inject, Injectable, signal } from '@angular/core';
import { Device } from '../data/device';

/** A letter or digit alone, only together with Alt, or not at all. */
export type ShortcutChoice = 'alone' | 'alt' | 'off';

const KEPT = 'shortcuts';

/** Whether someone is writing where a key went: then it is no shortcut. */
export function isField(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.matches('input, textarea, select, [contenteditable]');
}

/**
 * Which keys are shortcuts here, as the coach has chosen: a single letter that does something is in the way of whoever speaks to the
 * machine, or rests a hand on the keys. Source: WCAG 2.2, 2.1.4.
 */
@Injectable({ providedIn: 'root' })
export class Shortcuts {
  private readonly device = inject(Device);
  private readonly chosen = signal<ShortcutChoice>('alone');
  readonly choice = this.chosen.asReadonly();

  constructor() {
    void this.device
      .get<ShortcutChoice>(KEPT)
      .then((choice) => choice && this.chosen.set(choice))
      .catch(() => undefined);
  }

  choose(choice: ShortcutChoice): void {
    this.chosen.set(choice);
    void this.device.set(KEPT, choice).catch(() => undefined);
  }

  /**
   * The key that was meant as a shortcut, if any was: "b", "1", "[".
   *
   * @example shortcuts.of(event) === 'b'
   */
  of(event: KeyboardEvent): string | undefined {
    if (event.ctrlKey || event.metaKey) return undefined;
    // What writes nothing is in nobody's way: arrows, Escape and the long key at the bottom are no characters.
    const plain = event.key === ' ' || event.key.length > 1;
    if (plain && !event.altKey) return isField(event.target) ? undefined : event.key;
    if (this.chosen() === 'alone') return event.altKey || isField(event.target) ? undefined : event.key;
    return this.chosen() === 'alt' && event.altKey ? printed(event) : undefined;
  }
}

const SIGNS: Readonly<Record<string, string>> = { BracketLeft: '[', BracketRight: ']', Slash: '?' };

/** What stands on the key: with Alt, some keyboards write another sign. */
function printed({ code, key }: KeyboardEvent): string {
  return /^(?:Key|Digit)(\w)$/.exec(code)?.[1]?.toLowerCase() ?? SIGNS[code] ?? key;
}
