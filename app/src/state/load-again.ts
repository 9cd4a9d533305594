import { DOCUMENT, inject, Injectable } from '@angular/core';
import type { NavigationError } from '@angular/router';
import { DocumentStore } from './document-store';
import { isNotLoaded } from './faults';

/**
 * A screen that could not be loaded. A browser may remember that it could not, and not ask for it again however often it is told
 * to; so the second time the page is opened anew, at that screen, as soon as the server answers and all that was done is kept.
 */
@Injectable({ providedIn: 'root' })
export class LoadAgain {
  private readonly documents = inject(DocumentStore);
  private readonly page = inject(DOCUMENT);
  private readonly failed = new Set<string>();

  async onFailure({ error, url }: Pick<NavigationError, 'error' | 'url'>): Promise<void> {
    if (!isNotLoaded(error)) return;
    if (!this.failed.has(url)) {
      this.failed.add(url);
      return;
    }
    const answers = await fetch(url, { cache: 'no-store' }).then(
      ({ ok }) => ok,
      () => false,
    );
    if (!answers) return;
    await this.documents.settled();
    this.page.location.assign(url);
  }
}
