import { ChangeDetectionStrategy, Component, computed, DestroyRef, inject } from '@angular/core';
import { remainingMs } from '@dray/core/late';
import { Frame } from '../ui/frame';
import { FloorLog } from './floor-log';
import { FloorStore, FOLLOWS } from './floor-store';
import { Lanes } from './lane-view';
import { LanesView } from './lanes';
import { Stage } from './stage';
import { countdown, stageView } from './stage-view';

/** The class for a hall: it follows the coach's window, and has nothing to press. */
@Component({
  selector: 'dray-wall',
  imports: [LanesView, Stage],
  providers: [FloorLog, FloorStore, Lanes, { provide: FOLLOWS, useValue: true }],
  template: `
    @if (floor.shown(); as shown) {
      <h1 class="sr" i18n>The class, for the wall</h1>
      <div class="top">
        <span>{{ view()?.block }}</span>
        <span>{{ view()?.move }}</span>
        <span class="grow"></span>
        <span i18n>{{ toGo() }} to go</span>
      </div>
      <dray-stage [run]="shown" [now]="floor.now()" />
      <dl>
        @for (line of view()?.coming; track $index) {
          <div>
            <dt>{{ line.when }}</dt>
            <dd>{{ line.what }}</dd>
          </div>
        }
      </dl>
      <dray-lanes looking />
    }
  `,
  styleUrl: './wall.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WallScreen {
  protected readonly floor = inject(FloorStore);

  constructor() {
    const { whole } = inject(Frame);
    whole.set(true);
    inject(DestroyRef).onDestroy(() => whole.set(false));
  }

  protected readonly view = computed(() => {
    const run = this.floor.shown();
    return run && stageView(run, this.floor.now());
  });
  protected readonly toGo = computed(() => {
    const run = this.floor.shown();
    return run ? countdown(remainingMs(run, this.floor.now())) : '';
  });
}
