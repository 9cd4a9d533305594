import { inject, Injectable, signal } from '@angular/core';
import {
  NO_TIMES,
  timesSeen,
  timesWith,
  timingAsMeasured,
  timingWithoutMeasured,
  type MeasuredTimes,
  type Run,
} from '@dray/core/late';
import { Device } from '../data/device';
import { DocumentStore } from '../state/document-store';

/** How a coach runs a class on this device. */
export interface Choices {
  /** What the space bar and a touch anywhere do. */
  readonly touch: 'next' | 'pause';
  /** Minutes from one break for water to the next; 0 for none. */
  readonly waterMinutes: number;
  readonly sounds: boolean;
  readonly voice: boolean;
  /** From 0 to 10. */
  readonly volume: number;
}

const USUAL: Choices = {
  touch: 'next',
  waterMinutes: 0,
  sounds: true,
  voice: true,
  volume: 8,
};
const KEPT = 'floor choices';
const MEASURED = 'floor times';

/** Kept on this device, for every class. */
@Injectable({ providedIn: 'root' })
export class FloorChoices {
  private readonly device = inject(Device);
  private readonly chosen = signal(USUAL);
  readonly all = this.chosen.asReadonly();
  private readonly documents = inject(DocumentStore);
  private readonly seen = signal(NO_TIMES);
  /** How long things took, over all classes that were run on this device. */
  readonly measured = this.seen.asReadonly();

  constructor() {
    void this.device
      .get<Partial<Choices>>(KEPT)
      .then((kept) => kept && this.chosen.update((now) => ({ ...now, ...kept })))
      .catch(() => undefined);
    void this.device
      .get<MeasuredTimes>(MEASURED)
      .then((kept) => kept && this.seen.set(kept))
      .catch(() => undefined);
  }

  /** What a class that is over tells of how long things take; the plans follow where the coach has said so. */
  learn(run: Run): void {
    this.seen.update((seen) => timesWith(seen, timesSeen(run)));
    void this.device.set(MEASURED, this.seen()).catch(() => undefined);
    const { timesAsMeasured, timing = {} } = this.documents.document()?.settings ?? {};
    // What nothing changes is no step to take back.
    const now = timesAsMeasured && timingAsMeasured(timing, this.seen());
    if (now && JSON.stringify(now) !== JSON.stringify(timing)) this.useMeasured(true);
  }

  /** Plans and classes go by what was measured, from now on; or by the usual times again. */
  useMeasured(use: boolean): void {
    this.documents.edit(
      use ? $localize`times as measured` : $localize`usual times again`,
      ({ settings, ...document }) => {
        const { timesAsMeasured: _said, timing: before = {}, ...others } = settings;
        if (use) {
          const timing = timingAsMeasured(before, this.seen());
          return { ...document, settings: { ...others, timing, timesAsMeasured: true } };
        }
        const timing = timingWithoutMeasured(before, this.seen());
        const own = Object.keys(timing).length > 0 ? { timing } : {};
        return { ...document, settings: { ...others, ...own } };
      },
    );
  }

  choose(change: Partial<Choices>): void {
    this.chosen.update((now) => ({ ...now, ...change }));
    void this.device.set(KEPT, this.chosen()).catch(() => undefined);
  }
}
