import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule } from '@angular/material/dialog';

/** What is asked when a day is chosen on which no class stands. */
export interface DayAsked {
  readonly session: string;
  readonly date: string;
  /** The day of the class on view. */
  readonly from: string;
}

export type DayAnswer = 'moved' | 'extra';

/** A day without a class: the one on view was held on it, or it is one more. */
@Component({
  selector: 'dray-which-class',
  imports: [DatePipe, MatButton, MatDialogModule],
  template: `
    <h2 i18n mat-dialog-title>No class stands on {{ asked.date | date: 'EEEE d MMMM' }}</h2>
    <mat-dialog-content>
      <p i18n>Which class of “{{ asked.session }}” was it?</p>
    </mat-dialog-content>
    <mat-dialog-actions>
      <button i18n matButton mat-dialog-close>Leave it</button>
      <button i18n matButton="outlined" [mat-dialog-close]="'extra'">One more class</button>
      <button i18n matButton="filled" [mat-dialog-close]="'moved'">
        The one of {{ asked.from | date: 'EEE d MMM' }}, moved
      </button>
    </mat-dialog-actions>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WhichClass {
  protected readonly asked = inject<DayAsked>(MAT_DIALOG_DATA);
}
