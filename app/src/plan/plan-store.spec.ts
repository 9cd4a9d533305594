import { TestBed } from '@angular/core/testing';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { ViewStore } from '../state/view-store';
import { PlanStore } from './plan-store';

describe('PlanStore', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [PlanStore] });
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  it('makes a block and a session once more, with ids of their own, each undone by name', () => {
    const plan = TestBed.inject(PlanStore);
    const before = plan.slots().map(({ id }) => id);
    const superset = plan.blocks().find(({ block }) => block.kind === 'superset')!;
    plan.duplicateBlock(superset.block.id);
    expect(plan.slots().length).toBe(before.length + 2);
    expect(new Set(plan.slots().map(({ id }) => id)).size).toBe(before.length + 2);
    expect(plan.documents.undoLabel()).toBe('duplicate a block');
    plan.documents.undo();
    plan.duplicateSession();
    expect(plan.view.session()?.name).toBe('Tuesday, whole body, again');
    expect(plan.slots().some(({ id }) => before.includes(id))).toBeFalse();
  });

  it('sets rounds for all tiers and keeps their distance', () => {
    const plan = TestBed.inject(PlanStore);
    const circuit = plan.blocks().find(({ block }) => block.kind === 'circuit')!.block;
    const sets = () =>
      Object.values(plan.slots().find(({ id }) => id === 'tue-plank')!.prescriptions).map((own) => own.sets);
    expect(sets()).toEqual([2, 3, 3]);
    plan.setRounds(circuit.id, 5);
    expect(sets()).toEqual([4, 5, 5]);
    expect(plan.documents.undoLabel()).toBe('5 rounds');
  });

  it('takes the work typed behind a name, and keeps what of it cannot be read', () => {
    const plan = TestBed.inject(PlanStore);
    const block = plan.blocks().find(({ block: own }) => own.kind === 'straight')!.block.id;
    const curl = plan.addSlot(block, { kind: 'ladder', ladderId: 'curl' }, '4x8 2 left');
    const slot = plan.slots().find(({ id }) => id === curl);
    expect(slot?.prescriptions.advanced.sets).toBe(4);
    const row = plan.addSlot(block, { kind: 'ladder', ladderId: 'row' }, '3x');
    expect(plan.draftOf(`${row} beginner`)).toBe('3x');
  });

  it('lets a draft go that was made readable before the drafts were read from the disk', async () => {
    await db.drafts.bulkPut([
      { id: 'text tuesday', text: 'Tuesday, half typed' },
      { id: 'text thursday', text: 'Thursday, half typed' },
    ]);
    const plan = TestBed.inject(PlanStore);
    plan.keepDraft('text tuesday', undefined);
    await until(() => plan.draftOf('text thursday') === 'Thursday, half typed');
    expect(plan.draftOf('text tuesday')).toBeUndefined();
    await until(async () => (await db.drafts.count()) === 1);
    expect(await db.drafts.get('text tuesday')).toBeUndefined();
  });
});
