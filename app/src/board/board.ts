import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  DOCUMENT,
  inject,
  Injector,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { CellFace } from '../ui/cell-face';
import { SessionPicker } from '../ui/session-picker';
import { WeekRamp } from '../ui/week-ramp';
import { BoardStore } from './board-store';
import { CellPanel } from './cell-panel';

const ARROWS: Readonly<Record<string, readonly [rows: number, columns: number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  Home: [0, -Infinity],
  End: [0, Infinity],
};

/** Everyone's version of the session: participants down, slots across, a reason behind every cell. */
@Component({
  selector: 'dray-board',
  imports: [CellFace, CellPanel, RouterLink, SessionPicker, WeekRamp],
  providers: [BoardStore],
  templateUrl: './board.html',
  styleUrl: './board.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'onKey($event)' },
})
export class BoardScreen {
  protected readonly board = inject(BoardStore);
  protected readonly view = this.board.view;
  private readonly injector = inject(Injector);
  private readonly page = inject(DOCUMENT);

  protected readonly people = computed(() => {
    const count = this.board.rows().length;
    return `${count} ${count === 1 ? 'person' : 'people'}`;
  });

  protected onKey(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.target instanceof HTMLElement && event.target.matches('input, select, textarea')) return;
    if (event.key === '[') this.view.showWeek(this.view.week() - 1);
    if (event.key === ']') this.view.showWeek(this.view.week() + 1);
    if (event.key === 'w') this.view.showLoosening(!this.view.loosening());
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
      this.focus('by-hand-start');
    }
  }

  protected focusCell(): void {
    const { row, column } = this.board.at();
    this.focus(`cell-${row}-${column}`);
  }

  /** At once where it stands already, so that the next key finds it; else when it has been drawn. */
  private focus(id: string): void {
    const now = this.page.getElementById(id);
    if (now) now.focus();
    else afterNextRender(() => this.page.getElementById(id)?.focus(), { injector: this.injector });
  }
}
