import { TestBed } from '@angular/core/testing';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { BoardStore } from './board-store';

describe('BoardStore', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  const store = () => TestBed.runInInjectionContext(() => new BoardStore());

  it('shows the lettered blocks, and the others when asked', () => {
    const board = store();
    expect(board.columns().map(({ letter }) => letter)).toEqual(['A1', 'A2', 'B', 'C', 'D1', 'D2']);
    expect(board.heads().map(({ span }) => span)).toEqual([2, 1, 1, 2]);
    board.view.showLoosening(true);
    expect(board.columns().length).toBe(12);
    expect(board.heads()[0]?.name).toBe('Warm-up');
  });

  it('stays on the board however far it is sent', () => {
    const board = store();
    board.select(99, -Infinity);
    expect(board.at()).toEqual({ row: 5, column: 0 });
    expect(board.selectedPerson()?.name).toBe('Wendel');
  });

  it('puts the coach’s hand on a cell, in place of what stood by hand before', () => {
    const board = store();
    board.select(4, 0);
    board.setByHand({ fromWeek: 1, loadKg: 20, reason: 'asked for it' });
    board.setByHand({ fromWeek: 1, loadKg: 16, reason: 'too much' });
    expect(board.documents.document()?.overrides.map(({ loadKg }) => loadKg)).toEqual([16]);
    const cell = board.selected();
    expect(cell?.status === 'ready' && cell.load?.kg).toBe(16);
    expect(cell?.override?.reason).toBe('too much');
    board.dropByHand(cell?.override?.id ?? '');
    expect(board.selected()?.override).toBeUndefined();
  });

  it('keeps the hands of other weeks', () => {
    const board = store();
    board.select(4, 0);
    board.setByHand({ fromWeek: 1, toWeek: 1, loadKg: 16, reason: 'first' });
    board.setByHand({ fromWeek: 2, loadKg: 20, reason: 'then' });
    expect(board.documents.document()?.overrides.length).toBe(2);
  });

  it('for one week leaves what holds before, after and by decision of a review', () => {
    const board = store();
    board.select(4, 0);
    const decided = {
      id: 'decided',
      participantId: 'juno',
      slotId: board.selected()!.slotId,
      fromWeek: 5,
      toWeek: 5,
      amount: 9,
      reason: 'the gate was made',
      reviewOfWeek: 4,
    };
    board.documents.edit('agree', (document) => ({ ...document, overrides: [decided] }));
    board.setByHand({ fromWeek: 1, sets: 2, reason: 'tired for now' });
    board.setByHand({ fromWeek: 3, toWeek: 3, sets: 5, reason: 'just this once' });
    expect(board.documents.document()?.overrides.map(({ reason }) => reason)).toEqual([
      'the gate was made',
      'tired for now',
      'just this once',
    ]);
  });

  it('leaves a slot out for one person, and has it back when that is dropped', () => {
    const board = store();
    board.select(4, 0);
    board.setByHand({ fromWeek: 1, leaveOut: true, reason: 'not until it is looked at' });
    expect(board.selected()).toEqual(
      jasmine.objectContaining({
        status: 'leftOut',
        because: { kind: 'byHand', said: 'not until it is looked at' },
      }),
    );
    board.dropByHand(board.selected()?.override?.id ?? '');
    expect(board.selected()?.status).toBe('ready');
  });

  it('offers alternatives with falling scores', () => {
    const board = store();
    board.select(1, 1);
    const scores = board.alternatives().map(({ score }) => score);
    expect(scores.length).toBeGreaterThan(0);
    expect(scores).toEqual([...scores].sort((a, b) => b - a));
  });
});
