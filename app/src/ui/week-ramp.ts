import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatTooltip } from '@angular/material/tooltip';
import { programWeek, standsIn } from '@dray/core';
import { ViewStore } from '../state/view-store';
import { isShortcut } from './keys';

/** The weeks of the session on view, as a row of numbers to choose from; [ and ] go one back and one on. */
@Component({
  selector: 'dray-weeks',
  imports: [MatButtonToggleModule, MatTooltip],
  template: `
    <span class="hint" id="week-word" i18n>{lighterNow(), select, true {lighter week} other {week}}</span>
    <mat-button-toggle-group
      class="underlined"
      hideSingleSelectionIndicator
      aria-labelledby="week-word"
      [class.many]="weeks().length > 8"
      [value]="view.week()"
      (change)="view.showWeek($event.value)"
    >
      @for (one of weeks(); track one.week) {
        <mat-button-toggle
          [value]="one.week"
          [class.present]="one.week === view.presentWeek()"
          [class.lighter]="one.lighter"
          [class.without]="one.without"
          [matTooltip]="one.title"
          >{{ one.week }}</mat-button-toggle
        >
      }
    </mat-button-toggle-group>
  `,
  styles: `
    :host {
      display: flex;
      align-items: baseline;
      gap: 8px;
    }
    mat-button-toggle {
      --under: var(--hair);
      --mat-button-toggle-label-text-size: 15px;
      min-width: 36px;
      margin-right: 3px;
    }
    .lighter {
      --under-style: dashed;
      --under: var(--ink-2);
    }
    .without {
      opacity: 0.5;
    }
    .mat-button-toggle-checked {
      --under: var(--sea);
      --mat-button-toggle-label-text-weight: 650;
    }
    .present::after {
      content: '';
      position: absolute;
      bottom: 1px;
      left: calc(50% - 2px);
      width: 5px;
      height: 5px;
      border-radius: 50%;
      background: var(--ink);
    }
    .many mat-button-toggle {
      min-width: 24px;
    }
    @media (max-width: 500px) {
      mat-button-toggle {
        min-width: 24px;
      }
      .hint {
        display: none;
      }
    }
    @media print {
      mat-button-toggle:not(.mat-button-toggle-checked) {
        display: none;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'onKey($event)' },
})
export class WeekRamp {
  protected readonly view = inject(ViewStore);

  protected readonly weeks = computed(() => {
    const program = this.view.program();
    const sessionId = this.view.session()?.id ?? '';
    return Array.from({ length: this.view.weeks() }, (_, at) => {
      const week = at + 1;
      const lighter = programWeek(program, week)?.lighter ?? false;
      const without = !standsIn(program, sessionId, week);
      const title = [
        week === this.view.presentWeek() ? $localize`this week` : '',
        lighter ? $localize`a lighter week` : '',
        without ? $localize`the session does not stand in this week` : '',
      ];
      return { week, lighter, without, title: title.filter(Boolean).join(', ') };
    });
  });
  protected onKey(event: KeyboardEvent): void {
    if (!isShortcut(event)) return;
    if (event.key === '[') this.view.showWeek(this.view.week() - 1);
    if (event.key === ']') this.view.showWeek(this.view.week() + 1);
  }

  protected readonly lighterNow = computed(() => this.weeks()[this.view.week() - 1]?.lighter ?? false);
}
