import { ChangeDetectionStrategy, Component, computed, inject, type OnInit } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule, MatDialogRef, type MatDialog } from '@angular/material/dialog';
import type { Version } from '@dray/core';
import { ChoiceField } from '../ui/forms/choice-field';
import { BoardStore } from './board-store';
import { CellPanel } from './cell-panel';

/** Whose cell, where that is known, and what is to stand in it, where that is known. */
export interface CellDialogData {
  readonly participantId?: string | undefined;
  readonly slotId?: string | undefined;
  readonly version?: Version | undefined;
}

/** The board's reasons, finder and the coach's hand for one cell, wherever one is looking from: "for Tamsin, A1". */
@Component({
  selector: 'dray-cell-dialog',
  imports: [CellPanel, ChoiceField, MatButton, MatDialogModule],
  providers: [BoardStore],
  template: `
    <h2 i18n mat-dialog-title>Another exercise for one person</h2>
    <mat-dialog-content>
      <div class="columns">
        <dray-choice
          i18n-label
          label="for"
          i18n-named
          named="For whom"
          [value]="board.selectedPerson()?.id"
          [options]="people()"
          (chosen)="lookAt($event, board.selectedColumn()?.slot?.id)"
        />
        <dray-choice
          i18n-label
          label="in place of"
          i18n-named
          named="In place of what"
          [value]="board.selectedColumn()?.slot?.id"
          [options]="slots()"
          (chosen)="lookAt(board.selectedPerson()?.id, $event)"
        />
      </div>
      <dray-cell-panel class="other-first" [offered]="data.version" (done)="dialog.close()" />
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button i18n matButton mat-dialog-close>Close</button>
    </mat-dialog-actions>
  `,
  styles: `
    .columns {
      --columns: 1fr 1.6fr;
      margin-top: 6px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CellDialog implements OnInit {
  protected readonly data = inject<CellDialogData>(MAT_DIALOG_DATA);
  protected readonly dialog = inject(MatDialogRef);
  protected readonly board = inject(BoardStore);

  protected readonly people = computed(() =>
    this.board.rows().map(({ participant: { id, name } }) => ({ value: id, words: name })),
  );
  protected readonly slots = computed(() =>
    this.board.columns().map(({ slot, letter, name }) => ({
      value: slot.id,
      words: [letter, name].filter(Boolean).join(' '),
    })),
  );

  ngOnInit(): void {
    this.lookAt(this.data.participantId, this.data.slotId);
  }

  protected lookAt(participantId: string | undefined, slotId: string | undefined): void {
    const row = this.board.rows().findIndex(({ participant }) => participant.id === participantId);
    const column = this.board.columns().findIndex(({ slot }) => slot.id === slotId);
    this.board.select(Math.max(0, row), Math.max(0, column));
  }
}

/** Opens it over the screen one is on. */
export function openCell(dialogs: MatDialog, data: CellDialogData): MatDialogRef<CellDialog> {
  return dialogs.open<CellDialog, CellDialogData>(CellDialog, { data, width: '560px', maxWidth: '96vw' });
}
