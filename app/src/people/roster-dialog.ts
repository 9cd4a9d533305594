import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule } from '@angular/material/dialog';
import type { RosterRead } from '@dray/core/late';

/** Who a roster would bring into the class, and which of its lines cannot be read. Closes with whether to. */
@Component({
  selector: 'dray-roster-dialog',
  imports: [MatDialogModule, MatButton],
  template: `
    <h2 i18n mat-dialog-title>Import the roster?</h2>
    <mat-dialog-content data-testid="roster">
      <p>
        <b i18n
          >{read.people.length, plural, =1 {1 person} other {{{ read.people.length }} people}} can join the
          class.</b
        >
      </p>
      @for (problem of read.problems; track $index) {
        <p i18n class="problem">Line {{ problem.line }}: {{ problem.sentence }}</p>
      }
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button i18n matButton [mat-dialog-close]="false">Leave the class as it is</button>
      <button i18n matButton="outlined" [mat-dialog-close]="true" [disabled]="read.people.length === 0">
        Import them
      </button>
    </mat-dialog-actions>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RosterDialog {
  protected readonly read = inject<RosterRead>(MAT_DIALOG_DATA);
}
