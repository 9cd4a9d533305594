import { ChangeDetectionStrategy, Component, type Injector } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialog, MatDialogModule } from '@angular/material/dialog';

const KEYS: readonly { readonly where: string; readonly keys: readonly (readonly [string, string])[] }[] = [
  {
    where: $localize`Everywhere`,
    keys: [
      ['1 2 3', $localize`plan, board, card`],
      ['4', $localize`the floor`],
      ['5 6', $localize`log, program`],
      ['7 8 9', $localize`people, kit, ladders`],
      [$localize`Ctrl Z, Ctrl Y`, $localize`undo, redo`],
      ['?', $localize`this list`],
    ],
  },
  {
    where: $localize`Plan`,
    keys: [
      ['Tab', $localize`from prescription to prescription`],
      ['Enter', $localize`down to the next exercise`],
      [$localize`Alt ↑ ↓`, $localize`move the exercise`],
      [$localize`Alt Shift ↑ ↓`, $localize`move its block`],
      [$localize`Alt J`, $localize`join with the next exercise: partners`],
      [$localize`Alt P`, $localize`split it off from its partners`],
      [$localize`Alt Delete`, $localize`delete the exercise`],
      [$localize`Alt D`, $localize`duplicate its block`],
      ['b', $localize`add a block`],
      ['t', $localize`the session as text, and back`],
      [$localize`Tab in the text`, $localize`take the name that is offered`],
    ],
  },
  {
    where: $localize`Kit`,
    keys: [
      ['← →', $localize`along the loads, once the line is reached with Tab`],
      [$localize`Page ↑ ↓`, $localize`ten loads at a time`],
      [$localize`Home End`, $localize`the lightest, the heaviest`],
    ],
  },
  {
    where: $localize`Board`,
    keys: [
      ['← ↑ → ↓', $localize`from cell to cell`],
      ['[ ]', $localize`the week before, the week after`],
      ['w', $localize`warm-up and cool-down`],
      ['Enter', $localize`set the cell by hand`],
      ['Esc', $localize`back to the cell`],
    ],
  },
  {
    where: $localize`Floor, while a class is under way`,
    keys: [
      [$localize`Space`, $localize`the next thing, or a pause: as it was chosen`],
      ['→', $localize`end the set, or the rest`],
      ['←', $localize`back`],
      ['↑', $localize`15 s more rest`],
      ['s', $localize`the other side, in a set that is counted`],
      ['p', $localize`pause, go on`],
      ['1 … 9', $localize`one person`],
      ['e h', $localize`easier, harder for that person`],
      ['f n', $localize`form went, nothing left`],
      ['u', $localize`undo the last thing on the floor`],
    ],
  },
  {
    where: $localize`Log`,
    keys: [
      ['Enter', $localize`done as asked`],
      ['a', $localize`the rest of the row as asked`],
      ['0 … 9', $localize`type what was done: 10 10 8 @12.5 2 left`],
      ['Delete', $localize`delete it`],
      ['[ ]', $localize`the week before, the week after`],
    ],
  },
  {
    where: $localize`Next week`,
    keys: [
      ['↑ ↓', $localize`through the proposals`],
      ['y', 'agree'],
      ['r', $localize`the other way on`],
      ['n', $localize`the same again`],
      ['o', $localize`open it again`],
    ],
  },
  {
    where: $localize`Program`,
    keys: [
      [$localize`Alt ← →`, $localize`the class a day earlier, later`],
      ['Delete', $localize`take the class out`],
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
