import { ChangeDetectionStrategy, Component, type Injector } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialog, MatDialogModule } from '@angular/material/dialog';

const KEYS: readonly { readonly where: string; readonly keys: readonly (readonly [string, string])[] }[] = [
  {
    where: 'Everywhere',
    keys: [
      ['1 2 3', 'plan, board, card'],
      ['5 6', 'log, program'],
      ['7 8 9', 'people, kit, ladders'],
      ['Ctrl Z, Ctrl Y', 'undo, redo'],
      ['?', 'this list'],
    ],
  },
  {
    where: 'Plan',
    keys: [
      ['Tab', 'from prescription to prescription'],
      ['Enter', 'down to the next exercise'],
      ['Alt ↑ ↓', 'move the exercise'],
      ['Alt Shift ↑ ↓', 'move its block'],
      ['Alt J', 'join with the next exercise: partners'],
      ['Alt P', 'part it from its partners'],
      ['Alt Delete', 'take the exercise out'],
      ['Alt D', 'its block once more'],
      ['b', 'add a block'],
      ['t', 'the session as text, and back'],
      ['Tab in the text', 'take the name that is offered'],
    ],
  },
  {
    where: 'Kit',
    keys: [
      ['← →', 'along the loads, once the line is reached with Tab'],
      ['Page ↑ ↓', 'ten loads at a time'],
      ['Home End', 'the lightest, the heaviest'],
    ],
  },
  {
    where: 'Board',
    keys: [
      ['← ↑ → ↓', 'from cell to cell'],
      ['[ ]', 'the week before, the week after'],
      ['w', 'warm-up and cool-down'],
      ['Enter', 'set the cell by hand'],
      ['Esc', 'back to the cell'],
    ],
  },
  {
    where: 'Log',
    keys: [
      ['Enter', 'done as asked'],
      ['a', 'the rest of the row as asked'],
      ['0 … 9', 'type what was done: 10 10 8 @12.5 2 left'],
      ['Delete', 'take it out'],
      ['[ ]', 'the week before, the week after'],
    ],
  },
  {
    where: 'Next week',
    keys: [
      ['↑ ↓', 'through the proposals'],
      ['y', 'agree'],
      ['r', 'the other way on'],
      ['n', 'the same again'],
      ['o', 'open it again'],
    ],
  },
  {
    where: 'Program',
    keys: [
      ['Alt ← →', 'the class a day earlier, later'],
      ['Delete', 'take the class out'],
    ],
  },
];

/** Shows all keys, once. Dialogs load with the list and not with the frame. */
export function openKeyList(injector: Injector): void {
  const dialog = injector.get(MatDialog);
  if (dialog.openDialogs.length === 0) dialog.open(KeyList, { width: '560px' });
}

/** All keys, at `?`. */
@Component({
  selector: 'dray-key-list',
  imports: [MatButton, MatDialogModule],
  template: `
    <h2 i18n mat-dialog-title>Keys</h2>
    <mat-dialog-content tabindex="0">
      @for (group of groups; track group.where) {
        <h3>{{ group.where }}</h3>
        <dl class="columns">
          @for (key of group.keys; track key[0]) {
            <dt>{{ key[0] }}</dt>
            <dd>{{ key[1] }}</dd>
          }
        </dl>
      }
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button i18n matButton mat-dialog-close>Close</button>
    </mat-dialog-actions>
  `,
  styles: `
    .columns {
      --columns: 150px 1fr;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeyList {
  protected readonly groups = KEYS;
}
