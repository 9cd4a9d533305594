import { ChangeDetectionStrategy, Component, inject, Injectable } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialog, MatDialogModule } from '@angular/material/dialog';
import { firstValueFrom } from 'rxjs';

/** A question that waits for an answer: what would happen, and the words of the button that does it. */
export interface Question {
  readonly title: string;
  readonly text?: string;
  readonly yes: string;
  readonly no?: string;
}

@Component({
  selector: 'dray-confirm',
  imports: [MatDialogModule, MatButton],
  template: `
    <h2 mat-dialog-title>{{ asked.title }}</h2>
    @if (asked.text) {
      <mat-dialog-content>{{ asked.text }}</mat-dialog-content>
    }
    <mat-dialog-actions align="end">
      <button matButton [mat-dialog-close]="false">{{ asked.no ?? 'Leave it' }}</button>
      <button matButton="outlined" [mat-dialog-close]="true">{{ asked.yes }}</button>
    </mat-dialog-actions>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class ConfirmDialog {
  protected readonly asked = inject<Question>(MAT_DIALOG_DATA);
}

/** Asks before what undo could not bring back. */
@Injectable({ providedIn: 'root' })
export class Confirm {
  private readonly dialogs = inject(MatDialog);

  async ask(question: Question): Promise<boolean> {
    const dialog = this.dialogs.open(ConfirmDialog, {
      data: question,
      role: 'alertdialog',
      maxWidth: '460px',
    });
    return (await firstValueFrom(dialog.afterClosed())) === true;
  }
}
