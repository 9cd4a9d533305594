import { DestroyRef, DOCUMENT, inject, Injectable } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { SwUpdate } from '@angular/service-worker';
import { Notice } from '../ui/notice';

const LOOK_EVERY_MS = 6 * 60 * 60 * 1000;

/** Says quietly when a newer build is kept for the train, and takes it when asked: an open page never changes by itself. */
@Injectable({ providedIn: 'root' })
export class NewBuild {
  private readonly updates = inject(SwUpdate);
  private readonly notice = inject(Notice);
  private readonly page = inject(DOCUMENT);
  private readonly destroyed = inject(DestroyRef);

  watch(): void {
    if (!this.updates.isEnabled) return;
    this.updates.versionUpdates.pipe(takeUntilDestroyed(this.destroyed)).subscribe(({ type }) => {
      if (type !== 'VERSION_READY') return;
      this.notice.offer($localize`A newer Dray is here.`, $localize`Use it now`, () => void this.use());
    });
    // A page that stays open all week never asks by loading.
    const look = () => void this.updates.checkForUpdate().catch(() => undefined);
    const timer = setInterval(look, LOOK_EVERY_MS);
    this.destroyed.onDestroy(() => clearInterval(timer));
  }

  private async use(): Promise<void> {
    await this.updates.activateUpdate();
    this.page.location.reload();
  }
}
