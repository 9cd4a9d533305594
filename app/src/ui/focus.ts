import { afterNextRender, DOCUMENT, inject, Injectable, Injector } from '@angular/core';

/** Moves the focus to what has an id. */
@Injectable({ providedIn: 'root' })
export class Focus {
  private readonly page = inject(DOCUMENT);
  private readonly injector = inject(Injector);

  /**
   * At once where it can be seen already, so that the next key finds it; else when it has been drawn.
   *
   * @returns whether it has the focus
   */
  on(id: string): boolean {
    const element = this.page.getElementById(id);
    element?.focus();
    const has = element !== null && this.page.activeElement === element;
    if (!has) this.afterwards(() => id);
    return has;
  }

  /** When what has changed has been drawn: then what `id` says by then. */
  afterwards(id: () => string): void {
    afterNextRender(() => this.page.getElementById(id())?.focus(), { injector: this.injector });
  }
}
