import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { CellFace } from '../ui/cell-face';
import { Focus } from '../ui/focus';
import { ARROWS, isShortcut } from '../ui/keys';
import { SessionPicker } from '../ui/session-picker';
import { WeekRamp } from '../ui/week-ramp';
import { BoardStore } from './board-store';
import { CellPanel } from './cell-panel';

/** Everyone's version of the session: participants down, slots across, a reason behind every cell. */
@Component({
  selector: 'dray-board',
  imports: [CellFace, CellPanel, RouterLink, SessionPicker, WeekRamp],
  providers: [BoardStore],
  templateUrl: './board.html',
  styleUrl: './board.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'beside-rail', '(document:keydown)': 'onKey($event)' },
})
export class BoardScreen {
  protected readonly board = inject(BoardStore);
  protected readonly view = this.board.view;
  private readonly focus = inject(Focus);

  protected readonly people = computed(() => {
    const count = this.board.rows().length;
    return `${count} ${count === 1 ? 'person' : 'people'}`;
  });

  protected onKey(event: KeyboardEvent): void {
    if (isShortcut(event) && event.key === 'w') this.view.showLoosening(!this.view.loosening());
  }

  protected onGridKey(event: KeyboardEvent): void {
    const arrow = ARROWS[event.key];
    if (arrow) {
      event.preventDefault();
      const { row, column } = this.board.at();
      this.board.select(row + arrow[0], column + arrow[1]);
      this.focusCell();
    } else if (event.key === 'Enter') {
      event.preventDefault();
      this.focus.on('by-hand-start');
    }
  }

  protected focusCell(): void {
    const { row, column } = this.board.at();
    this.focus.on(`cell-${row}-${column}`);
  }
}
