import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { programWeek, standsIn } from '@dray/core';
import { ViewStore } from '../state/view-store';
import { isShortcut } from './keys';

/** The weeks of the session on view, as a row of numbers to choose from; [ and ] go one back and one on. */
@Component({
  selector: 'dray-weeks',
  template: `
    <span class="word" id="week-word">{{ lighterNow() ? 'lighter week' : 'week' }}</span>
    <div role="radiogroup" aria-labelledby="week-word" [class.many]="weeks().length > 8">
      @for (one of weeks(); track one.week) {
        <button
          type="button"
          role="radio"
          [attr.aria-checked]="one.week === view.week()"
          [class.on]="one.week === view.week()"
          [class.present]="one.week === view.presentWeek()"
          [class.lighter]="one.lighter"
          [class.without]="one.without"
          [attr.title]="one.title || null"
          (click)="view.showWeek(one.week)"
        >
          {{ one.week }}
        </button>
      }
    </div>
  `,
  styles: `
    :host {
      display: flex;
      align-items: baseline;
      gap: 8px;
      color: var(--ink-2);
      font-size: 13px;
    }
    div {
      display: flex;
    }
    button {
      font: 500 15px var(--f-text);
      color: var(--ink-2);
      background: none;
      border: 0;
      border-bottom: 3px solid var(--hair);
      min-width: 36px;
      padding: 8px 6px;
      margin-right: 3px;
      cursor: pointer;
    }
    button:hover {
      color: var(--ink);
    }
    button.lighter {
      border-bottom-style: dashed;
      border-bottom-color: var(--ink-2);
    }
    button.without {
      opacity: 0.5;
    }
    button.on {
      color: var(--ink);
      font-weight: 650;
      border-bottom-color: var(--sea);
    }
    button.present::after {
      content: '';
      display: block;
      width: 5px;
      height: 5px;
      margin: 1px auto -6px;
      border-radius: 50%;
      background: var(--ink);
    }
    .many button {
      min-width: 24px;
      padding: 8px 3px;
    }
    @media (max-width: 500px) {
      button {
        min-width: 24px;
        padding: 8px 2px;
      }
      .word {
        display: none;
      }
    }
    @media print {
      button:not(.on) {
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
        week === this.view.presentWeek() ? 'this week' : '',
        lighter ? 'a lighter week' : '',
        without ? 'the session does not stand in this week' : '',
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
