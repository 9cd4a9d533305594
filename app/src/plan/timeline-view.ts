import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { BLOCKS, type Block, type Timeline } from '@dray/core';

/**
 * The session drawn to time: blocks under their names, work solid, rest hatched, floor work lower. A picture: a pointer may
 * choose in it what the keys choose in the outline.
 */
@Component({
  selector: 'dray-timeline',
  template: `
    <div class="names" aria-hidden="true">
      @for (block of blocks(); track block.id) {
        <span class="strong narrow cut" [style.left.%]="block.left" [style.width.%]="block.width">{{
          block.name
        }}</span>
      }
    </div>
    <div class="lane" role="img" [attr.aria-label]="words()">
      @for (block of blocks(); track block.id) {
        <i class="band" [class.odd]="$odd" [style.left.%]="block.left" [style.width.%]="block.width"></i>
        <i class="start" [style.left.%]="block.left"></i>
      }
      @for (segment of segments(); track $index) {
        <b
          class="narrow"
          [class]="segment.kind"
          [class.floor]="segment.onFloor"
          [class.on]="segment.slotId === selected()"
          [style.left.%]="segment.left"
          [style.width.%]="segment.width"
          (pointerdown)="chosen.emit(segment.slotId)"
          >{{ segment.label }}</b
        >
      }
      @if (budget(); as at) {
        <i class="budget" [class.over]="over()" [style.left.%]="at"><span i18n>budget</span></i>
      }
    </div>
    <div class="minutes unit" aria-hidden="true">
      @for (minute of minutes(); track minute.minute) {
        <span [style.left.%]="minute.left">{{ minute.minute }}</span>
      }
    </div>
  `,
  styleUrl: './timeline-view.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimelineView {
  readonly timeline = input.required<Timeline>();
  readonly sessionBlocks = input.required<readonly Block[]>();
  readonly budgetMinutes = input.required<number>();
  readonly selected = input<string>();
  readonly chosen = output<string>();

  private readonly span = computed(
    () => Math.max(this.timeline().totalSeconds, this.budgetMinutes() * 60) * 1.02,
  );

  protected readonly segments = computed(() => {
    const scale = 100 / this.span();
    return this.timeline().segments.map((segment) => ({
      ...segment,
      left: segment.start * scale,
      width: (segment.end - segment.start) * scale,
      label: segment.kind === 'work' ? segment.label : '',
    }));
  });

  protected readonly blocks = computed(() => {
    const scale = 100 / this.span();
    return this.sessionBlocks().flatMap(({ id, kind }) => {
      const own = this.timeline().segments.filter(({ blockId }) => blockId === id);
      const [first] = own;
      const last = own.at(-1);
      if (!first || !last) return [];
      const width = (last.end - first.start) * scale;
      return [{ id, name: BLOCKS[kind].name, left: first.start * scale, width }];
    });
  });

  protected readonly minutes = computed(() => {
    const scale = 6000 / this.span();
    const fives = Math.floor(this.span() / 300);
    return Array.from({ length: fives + 1 }, (_, at) => ({ minute: at * 5, left: at * 5 * scale }));
  });

  protected readonly budget = computed(() => (this.budgetMinutes() * 6000) / this.span());

  /** The line stands within the session: its name goes behind it, clear of the blocks'. */
  protected readonly over = computed(() => this.timeline().totalSeconds > this.budgetMinutes() * 60);

  protected readonly words = computed(
    () => $localize`${Math.round(this.timeline().totalSeconds / 60)} minutes of ${this.budgetMinutes()}`,
  );
}
