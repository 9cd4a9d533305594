import { TestBed } from '@angular/core/testing';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { AsHard } from './as-hard';
import { BoardStore } from './board-store';

describe('a load for somebody who has nothing to hold', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [BoardStore, AsHard] });
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  it('is said as the version that asks as much of the same joint, or nothing is said', async () => {
    const board = TestBed.inject(BoardStore);
    const asHard = TestBed.inject(AsHard);
    // Wendel has a chair, a wall and a towel: his hinge stands in for one with a pair.
    board.select(5, 3);
    await until(() => asHard.words() !== '');
    expect(asHard.words()).toMatch(/^Romanian deadlift with about 2 × \d+ kg would ask/);
    expect(asHard.words()).toContain('of the hip');
    expect(asHard.words()).toContain('without anything in the hands');
    // Bram has plates: nothing stands in for anything.
    board.select(0, 0);
    expect(asHard.words()).toBe('');
  });
});
