import { LiveAnnouncer } from '@angular/cdk/a11y';
import { effect, inject, Injectable, untracked } from '@angular/core';
import type { Board } from '@dray/core';
import { ViewStore } from '../state/view-store';
import { counted } from '../ui/count';

/** An edit is over when nothing more has come for so long: until then nobody wants to be told. */
const QUIET_MS = 1000;

/** Tells whoever listens to the screen what an edit of the plan has changed on the board, which they do not see from here. */
@Injectable()
export class BoardTold {
  private readonly view = inject(ViewStore);
  private readonly announcer = inject(LiveAnnouncer);

  /** For as long as the screen is there whose injector this is. */
  watch(): void {
    let before: Board | undefined;
    effect((cleanup) => {
      this.view.documents.document();
      this.view.session();
      const later = setTimeout(() => {
        const board = untracked(this.view.board);
        const changed = before && board ? cellsChanged(before, board) : 0;
        before = board;
        if (changed > 0) void this.announcer.announce(boardSays(changed));
      }, QUIET_MS);
      cleanup(() => clearTimeout(later));
    });
  }
}

/** How many cells of one board are other than in the one before; none where it is of another session or week. */
export function cellsChanged(before: Board, now: Board): number {
  if (before.session.id !== now.session.id || before.week !== now.week) return 0;
  const known = new Set(before.rows.flatMap(({ cells }) => cells));
  return now.rows.flatMap(({ cells }) => cells).filter((cell) => !known.has(cell)).length;
}

function boardSays(changed: number): string {
  const cells = counted(changed, $localize`cell`, $localize`cells`);
  return $localize`board: ${cells} changed`;
}
