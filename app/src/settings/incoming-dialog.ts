import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule } from '@angular/material/dialog';
import { Table, type Column } from '../ui/table';
import type { Incoming, ListPreview } from './settings-store';

export interface IncomingAsked {
  readonly incoming: Incoming;
  /** Keeps what is here as a file before anything changes. */
  readonly keepFirst: () => void;
}

const count = (number: number) => number || '–';

/** What taking a document in would change, before it does. Closes with whether to. */
@Component({
  selector: 'dray-incoming-dialog',
  imports: [MatDialogModule, MatButton, Table],
  template: `
    <h2 i18n mat-dialog-title>Put {{ asked.incoming.from }} in the place of everything here?</h2>
    <mat-dialog-content data-testid="incoming">
      @if (asked.incoming.mended.length > 0) {
        <p i18n class="strong">Put right while it was read:</p>
        <ul>
          @for (note of asked.incoming.mended; track $index) {
            <li>{{ note }}</li>
          }
        </ul>
      }
      <dray-table [columns]="columns" [rows]="asked.incoming.preview" />
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button i18n matButton [mat-dialog-close]="false">Leave all as it is</button>
      <button i18n matButton (click)="asked.keepFirst()">First export what is here</button>
      <button i18n matButton="outlined" [mat-dialog-close]="true">Import it</button>
    </mat-dialog-actions>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class IncomingDialog {
  protected readonly asked = inject<IncomingAsked>(MAT_DIALOG_DATA);
  protected readonly columns: readonly Column<ListPreview>[] = [
    { name: 'list', words: $localize`What`, cell: ({ name }) => name },
    { name: 'then', words: $localize`then`, cell: ({ total }) => total, numbers: true },
    { name: 'new', words: $localize`new`, cell: ({ added }) => count(added), numbers: true },
    {
      name: 'changed',
      words: $localize`changed`,
      cell: ({ changed }) => count(changed),
      numbers: true,
    },
    { name: 'gone', words: $localize`gone`, cell: ({ removed }) => count(removed), numbers: true },
  ];
}
