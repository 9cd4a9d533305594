import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import type { TextReading } from '../state/text-reading';

/** How far a long text is read, and a way to stop; or that it could not be, and a way to try again. */
@Component({
  selector: 'dray-reading-on',
  imports: [MatButton, MatProgressBar],
  template: `
    @let share = of().underWay();
    @if (share !== undefined) {
      <p class="fields" role="status">
        <span i18n>Reading a long text …</span>
        <button i18n matButton (click)="stopped.emit()">Stop: what stood before comes back</button>
      </p>
      <mat-progress-bar [value]="share * 100" i18n-aria-label aria-label="Reading the text" />
    } @else if (of().failed(); as why) {
      <p class="problem fields" role="alert">
        <span i18n>This text could not be read: {{ why }}. It is kept.</span>
        <button i18n matButton (click)="of().again()">Try again</button>
      </p>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReadingOn {
  readonly of = input.required<TextReading>();
  readonly stopped = output();
}
