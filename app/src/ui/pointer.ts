import { DestroyRef, DOCUMENT, inject, Injectable, signal } from '@angular/core';

/** Whether a button of the pointer is down: what would move the page waits until it is up, so that a click lands. */
@Injectable({ providedIn: 'root' })
export class Pointer {
  private readonly down = signal(false);
  readonly held = this.down.asReadonly();

  constructor() {
    const page = inject(DOCUMENT);
    const press = () => this.down.set(true);
    // The click comes at once with it; the page is drawn anew after both.
    const release = () => this.down.set(false);
    const listening = { capture: true };
    page.addEventListener('pointerdown', press, listening);
    page.addEventListener('pointerup', release, listening);
    page.addEventListener('pointercancel', release, listening);
    inject(DestroyRef).onDestroy(() => {
      page.removeEventListener('pointerdown', press, listening);
      page.removeEventListener('pointerup', release, listening);
      page.removeEventListener('pointercancel', release, listening);
    });
  }
}
