import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Run } from '@dray/core/late';
import { FigureView } from '../ui/figure/figure';
import { Lanes } from './lane-view';
import { stageView } from './stage-view';

/** What is on, read from five metres: the exercise, its time or its count, how far it is, and what comes. */
@Component({
  selector: 'dray-stage',
  template: `
    @let on = view();
    <div class="now" [class.quiet]="on.phase === 'gap' || on.phase === 'ready'">
      <p class="over">{{ on.over || ' ' }}</p>
      <h2 data-testid="floor-title">{{ on.title }}</h2>
      @if (on.big) {
        <p class="big" data-testid="floor-clock" role="timer">
          {{ on.big }}
          @if (on.unit) {
            <span class="unit">{{ on.unit }}</span>
          }
        </p>
        <div
          class="bar"
          [class.late]="on.late"
          [style.--share]="on.share > 1 ? 1 : on.share"
          role="img"
          [attr.aria-label]="barWords()"
        >
          @if (on.mark !== undefined) {
            <i [style.left.%]="on.mark * 100"></i>
          }
        </div>
      }
    </div>
    @if (lanes.shown(); as shown) {
      <dray-figure
        class="shown"
        [plays]="run().status === 'going'"
        [exercise]="shown.exercise"
        [levers]="shown.levers"
        [hold]="shown.hold"
        [holdingOn]="shown.holdingOn"
        [seconds]="shown.exercise.secondsPerRep"
        [size]="0"
      />
    }
  `,
  imports: [FigureView],
  styleUrl: './stage.scss',
  host: { '[attr.data-seen]': 'view().seen' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Stage {
  readonly run = input.required<Run>();
  readonly now = input.required<number>();

  protected readonly lanes = inject(Lanes);
  protected readonly view = computed(() => stageView(this.run(), this.now()));
  protected readonly barWords = computed(
    () => $localize`${Math.round(Math.min(1, this.view().share) * 100)} % of it done`,
  );
}
