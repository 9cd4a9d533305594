import { afterNextRender, DOCUMENT, inject, Injectable, Injector } from '@angular/core';

/** Moves the focus to what has an id. */
@Injectable({ providedIn: 'root' })
export class Focus {
  private readonly page = inject(DOCUMENT);
  private readonly injector = inject(Injector);

  /** At once where it stands already, so that the next key finds it; else when it has been drawn. */
  on(id: string): void {
    if (this.page.getElementById(id)) this.page.getElementById(id)?.focus();
    else this.afterwards(() => id);
  }

  /** When what has changed has been drawn: then what `id` says by then. */
  afterwards(id: () => string): void {
    afterNextRender(() => this.page.getElementById(id())?.focus(), { injector: this.injector });
  }
}
