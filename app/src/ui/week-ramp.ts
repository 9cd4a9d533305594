import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';

/** The weeks as a row of numbers to choose from, [ and ] on the keyboard of the screen around it. */
@Component({
  selector: 'dray-weeks',
  template: `
    <span class="word" id="week-word">week</span>
    <div role="radiogroup" aria-labelledby="week-word" [class.many]="weeks() > 8">
      @for (number of numbers(); track number) {
        <button
          type="button"
          role="radio"
          [attr.aria-checked]="number === week()"
          [class.on]="number === week()"
          [class.present]="number === present()"
          [attr.title]="number === present() ? 'this week' : null"
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
})
export class WeekRamp {
  readonly week = input.required<number>();
  readonly weeks = input.required<number>();
  /** The week it is. */
  readonly present = input<number>();
  readonly chosen = output<number>();
  protected readonly numbers = computed(() => Array.from({ length: this.weeks() }, (_, at) => at + 1));
}
