import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';

/** The weeks as a row of numbers to choose from, [ and ] on the keyboard of the screen around it. */
@Component({
  selector: 'dray-weeks',
  template: `
    <span class="word" id="week-word">week</span>
    <div role="radiogroup" aria-labelledby="week-word">
      @for (number of numbers(); track number) {
        <button
          type="button"
          role="radio"
          [attr.aria-checked]="number === week()"
          [class.on]="number === week()"
          (click)="chosen.emit(number)"
        >
          {{ number }}
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
    button.on {
      color: var(--ink);
      font-weight: 650;
      border-bottom-color: var(--sea);
    }
    @media print {
      button:not(.on) {
        display: none;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeekRamp {
  readonly week = input.required<number>();
  readonly weeks = input.required<number>();
  readonly chosen = output<number>();
  protected readonly numbers = computed(() => Array.from({ length: this.weeks() }, (_, at) => at + 1));
}
