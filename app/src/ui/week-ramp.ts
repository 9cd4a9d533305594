import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatTooltip } from '@angular/material/tooltip';
import { programWeek } from '@dray/core';
import { shortWeekday, ViewStore } from '../state/view-store';
import { Shortcuts } from './keys';

/** The weeks of the session on view, as a row of numbers to choose from; [ and ] go one back and one on. */
@Component({
  selector: 'dray-weeks',
  imports: [DatePipe, MatButtonToggleModule, MatTooltip],
  template: `
    <span class="hint nowrap" id="week-word">
      @if (view.turn()?.date; as date) {
        {{ date | date: 'EEE d MMM' }} ·
      }
      @if (view.turn()?.off) {
        <b i18n class="plum">falls out</b>
      }
      <ng-container i18n>{lighterNow(), select, true {lighter week} other {week}}</ng-container>
    </span>
    <mat-button-toggle-group
      class="underlined"
      hideSingleSelectionIndicator
      aria-labelledby="week-word"
      [class.many]="shown().length > 8"
      [value]="view.week()"
      (change)="view.showWeek($event.value)"
    >
      @for (one of shown(); track one.week) {
        <mat-button-toggle
          [value]="one.week"
          [class.present]="one.present"
          [class.lighter]="one.lighter"
          [class.without]="one.without"
          [matTooltip]="one.title"
          >{{ one.number }}
          @if (one.day) {
            <small class="unit">{{ one.day }}</small>
          }
        </mat-button-toggle>
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
  private readonly shortcuts = inject(Shortcuts);

  protected readonly weeks = computed(() => {
    const program = this.view.program();
    return this.view.turns().map(({ turn, week, date, of, off, none }) => {
      const lighter = programWeek(program, week)?.lighter ?? false;
      const title = [
        turn === this.view.presentWeek() ? $localize`this week` : '',
        lighter ? $localize`a lighter week` : '',
        none ? $localize`the session does not stand in this week` : '',
        off ? $localize`this class falls out` : '',
      ];
      return {
        week: turn,
        number: week,
        present: turn === this.view.presentWeek(),
        /** Said where there are several in a week. */
        day: of > 1 && date !== undefined ? shortWeekday(date) : '',
        lighter,
        without: none || off,
        title: title.filter(Boolean).join(', '),
      };
    });
  });

  /** Of the week on view each of its classes, of the others the first: a row of weeks however many classes they have. */
  protected readonly shown = computed(() => {
    const weekOn = this.view.turn()?.week;
    const presentWeek = this.view.turns()[this.view.presentWeek() - 1]?.week;
    const weeks = this.weeks();
    return weeks
      .filter(({ number }, at) => number === weekOn || weeks[at - 1]?.number !== number)
      .map((one) => (one.number === weekOn ? one : { ...one, day: '', present: one.number === presentWeek }));
  });

  protected onKey(event: KeyboardEvent): void {
    const key = this.shortcuts.of(event);
    if (key === '[') this.view.showWeek(this.view.week() - 1);
    if (key === ']') this.view.showWeek(this.view.week() + 1);
  }

  protected readonly lighterNow = computed(() => this.weeks()[this.view.week() - 1]?.lighter ?? false);
}
