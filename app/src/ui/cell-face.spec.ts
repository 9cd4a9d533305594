import { TestBed } from '@angular/core/testing';
import { loadWords, type Cell } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { CellFace } from './cell-face';

describe('CellFace', () => {
  let db: DrayDb;
  let cells: readonly Cell[];

  beforeEach(async () => {
    db = provideFreshBrowser();
    const documents = await openedDocuments();
    const board = TestBed.inject(ViewStore).resolver.board(documents.document()!, {
      sessionId: 'tuesday',
      week: 5,
    });
    cells = board.rows.flatMap((row) => row.cells);
  });

  afterEach(() => {
    db.close();
  });

  async function faceOf(cell: Cell, brief: boolean): Promise<string> {
    const fixture = TestBed.createComponent(CellFace);
    fixture.componentRef.setInput('cell', cell);
    fixture.componentRef.setInput('unit', 'kg');
    fixture.componentRef.setInput('brief', brief);
    fixture.componentRef.setInput('pictureSize', 16);
    await fixture.whenStable();
    return (fixture.nativeElement as HTMLElement).textContent;
  }

  it('says in words what a small drawing cannot: how far to fill, what to pack, how a band is fixed', async () => {
    let spoken = 0;
    let drawn = 0;
    for (const cell of cells) {
      if (cell.status !== 'ready' || !cell.load?.recipe) continue;
      const { kind } = cell.load.recipe.part;
      const text = await faceOf(cell, true);
      if (['fixed', 'adjustable', 'bar'].includes(kind)) {
        drawn += 1;
        expect(text).not.toContain(loadWords(cell.load));
      } else {
        spoken += 1;
        expect(text).withContext(kind).toContain(loadWords(cell.load));
      }
      expect(await faceOf(cell, false)).toContain(loadWords(cell.load));
    }
    expect([spoken, drawn].every((count) => count > 1)).toBeTrue();
  });
});
