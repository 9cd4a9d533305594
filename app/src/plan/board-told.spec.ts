import { LiveAnnouncer } from '@angular/cdk/a11y';
import { TestBed } from '@angular/core/testing';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { BoardTold, cellsChanged } from './board-told';
import { PlanStore } from './plan-store';

describe('what an edit changes on the board', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [PlanStore, BoardTold] });
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });
  afterEach(() => db.close());

  it('is the cells of the slot that was edited, and none for another session', () => {
    const view = TestBed.inject(ViewStore);
    const plan = TestBed.inject(PlanStore);
    const before = view.board()!;
    const slot = plan.slots().find(({ id }) => id === 'tue-squat')!;
    const beginner = { ...slot.prescriptions.beginner, sets: 5 };
    plan.setPrescription('tue-squat', 'beginner', beginner);
    const beginners = view.board()!.rows.length;
    const changed = cellsChanged(before, view.board()!);
    expect(changed).toBeGreaterThan(0);
    expect(changed).toBeLessThanOrEqual(beginners);
    view.showSession('friday');
    expect(cellsChanged(before, view.board()!)).toBe(0);
  });

  it('is told once the edit is over', () => {
    const told = spyOn(TestBed.inject(LiveAnnouncer), 'announce').and.resolveTo();
    TestBed.runInInjectionContext(() => TestBed.inject(BoardTold).watch());
    jasmine.clock().withMock(() => {
      TestBed.tick();
      jasmine.clock().tick(1000);
      expect(told).not.toHaveBeenCalled();
      const plan = TestBed.inject(PlanStore);
      const slot = plan.slots().find(({ id }) => id === 'tue-squat')!;
      plan.setPrescription('tue-squat', 'intermediate', { ...slot.prescriptions.intermediate, sets: 5 });
      TestBed.tick();
      jasmine.clock().tick(999);
      expect(told).not.toHaveBeenCalled();
      jasmine.clock().tick(1);
    });
    expect(told.calls.mostRecent().args[0]).toMatch(/^board: \d cells? changed$/);
  });
});
