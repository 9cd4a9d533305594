import { ChangeDetectionStrategy, Component, computed, inject, viewChild } from '@angular/core';
import { Grid, GridCell, GridRow } from '@angular/aria/grid';
import { MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatSlideToggle } from '@angular/material/slide-toggle';
import { MatTooltip } from '@angular/material/tooltip';
import { RouterLink } from '@angular/router';
import { Beside } from '../ui/beside';
import { CellFace } from '../ui/cell-face';
import { Focus } from '../ui/focus';
import { growing } from '../ui/growing';
import { Shortcuts } from '../ui/keys';
import { SessionPicker } from '../ui/session-picker';
import { WeekRamp } from '../ui/week-ramp';
import { Width } from '../ui/width';
import { BoardStore } from './board-store';
import { CellPanel } from './cell-panel';

/** Head, columns, rows and reasons. */
const PARTS = 4;
/** A row has a cell for each exercise: more at once than these would hold the page up. */
const ROWS_AT_ONCE = 3;

/** Everyone's version of the session: participants down, slots across, a reason behind every cell. */
@Component({
  selector: 'dray-board',
  imports: [
    Beside,
    CellFace,
    CellPanel,
    Grid,
    GridCell,
    GridRow,
    MatIcon,
    MatIconButton,
    MatSlideToggle,
    MatTooltip,
    RouterLink,
    SessionPicker,
    WeekRamp,
  ],
  providers: [BoardStore],
  templateUrl: './board.html',
  styleUrl: './board.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'head-and-sheet', '(document:keydown)': 'onKey($event)' },
})
export class BoardScreen {
  protected readonly board = inject(BoardStore);
  protected readonly view = this.board.view;
  protected readonly width = inject(Width);
  private readonly focus = inject(Focus);
  private readonly shortcuts = inject(Shortcuts);
  private readonly beside = viewChild(Beside);

  /** One with every breath: all at once would hold the page up. */
  protected readonly parts = growing(() => PARTS, 1);
  /** A large class stands on the board some rows at a time. */
  private readonly onPage = growing(() => (this.parts() > 2 ? this.board.rows().length : 0), ROWS_AT_ONCE);
  protected readonly rows = computed(() => this.board.rows().slice(0, this.onPage()));
  protected readonly coming = computed(() => this.rows().length < this.board.rows().length);

  protected readonly reasonsSay = computed(() =>
    this.view.reasonsOver()
      ? $localize`Keep the reasons beside the board`
      : $localize`More room: reasons when asked`,
  );

  protected onKey(event: KeyboardEvent): void {
    if (this.shortcuts.of(event) === 'w') this.view.showLoosening(!this.view.loosening());
  }

  protected onGridKey(event: KeyboardEvent): void {
    if (event.key === 'Enter') {
      event.preventDefault();
      this.beside()?.show();
      this.focus.on('by-hand-start');
    }
  }

  protected focusCell(): void {
    const { row, column } = this.board.at();
    this.focus.on(`cell-${row}-${column}`);
  }
}
