import { ChangeDetectionStrategy, Component, computed, DOCUMENT, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { StoreTrouble } from '../data/dray-db';
import { DocumentStore } from '../state/document-store';
import { Keeper } from '../state/keeper';
import { Notice } from './notice';

const WORDS: Readonly<Record<StoreTrouble, string>> = {
  blocked: $localize`Another tab of Dray still holds the data in its older form. Close that tab: this one goes on by itself.`,
  newer: $localize`A newer Dray was opened in another tab and has taken over the data. Load this page again to go on.`,
  ahead: $localize`The data here was written by a newer Dray than this page is. Nothing is lost: load the page again. If this comes again, close every tab of Dray first.`,
  cleared: $localize`The data of this browser was deleted while this page was open. All that is on screen is still here: put it back, or save it as a file.`,
};

/** What came between the page and the disk, and the way on: nothing typed meanwhile is lost by it. */
@Component({
  selector: 'dray-store-trouble',
  imports: [MatButton],
  template: `
    @if (words(); as said) {
      <p class="problem above" role="alert">
        {{ said }}
        @if (trouble() === 'cleared') {
          <button i18n matButton="filled" (click)="documents.putBack()">Put it back</button>
        } @else if (trouble() === 'newer' || trouble() === 'ahead') {
          <button i18n matButton="filled" (click)="reload()">Load the page again</button>
        } @else if (trouble() === undefined) {
          <button i18n matButton (click)="documents.tryAgain()">Try again</button>
        }
        @if (documents.ready() && trouble() !== 'blocked') {
          <button i18n matButton (click)="save()">Save as a file</button>
        }
      </p>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StoreTroubleView {
  protected readonly documents = inject(DocumentStore);
  private readonly keeper = inject(Keeper);
  private readonly notice = inject(Notice);
  private readonly page = inject(DOCUMENT);

  protected readonly trouble = this.documents.trouble;
  protected readonly words = computed(() => {
    const trouble = this.trouble();
    if (trouble === undefined) return this.documents.failure();
    const unwritten = this.documents.ready() && this.documents.writing() > 0 && trouble === 'newer';
    return unwritten
      ? $localize`${WORDS[trouble]} What you did last is not in it yet: save it as a file first.`
      : WORDS[trouble];
  });

  /** The newest build, where one is there. */
  protected async reload(): Promise<void> {
    const worker = this.page.defaultView?.navigator.serviceWorker;
    await (await worker?.getRegistration())?.update().catch(() => undefined);
    this.page.location.reload();
  }

  protected async save(): Promise<void> {
    const name = await this.keeper.save();
    if (name !== undefined) this.notice.say($localize`Saved: ${name}.`);
  }
}
