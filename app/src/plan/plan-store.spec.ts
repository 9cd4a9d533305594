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

  it('says a prescription once, but below each version that is named', () => {
    const plan = TestBed.inject(PlanStore);
    const slot = (id: string) =>
      plan
        .blocks()
        .flatMap(({ slots }) => slots)
        .find((own) => own.slot.id === id)!;
    const row = slot('tue-row');
    expect(row.slot.prescriptions.intermediate).toEqual(row.slot.prescriptions.beginner);
    expect(row.versionsOnce.intermediate).toBe('one arm');
    expect(row.same).toEqual({ beginner: false, intermediate: false, advanced: false });
    expect(slot('tue-march').same).toEqual({ beginner: false, intermediate: true, advanced: true });
  });

  it('joins, parts and moves exercises, each undone by a name that says which', () => {
    const plan = TestBed.inject(PlanStore);
    const lettered = () =>
      plan
        .blocks()
        .filter(({ block }) => block.kind !== 'warmUp' && block.kind !== 'coolDown')
        .map(({ name, slots }) => `${name}: ${slots.map((own) => own.name).join(', ')}`);
    const before = lettered();
    expect(before).toEqual([
      'Superset: Squat, Row',
      'Straight sets: Push-up',
      'Straight sets: Hinge',
      'Circuit: Plank, Burpee',
    ]);
    const done = (act: () => unknown) => {
      act();
      const after = [plan.documents.undoLabel(), ...lettered()];
      plan.documents.undo();
      expect(lettered()).toEqual(before);
      return after;
    };
    const rest = before.slice(1);
    expect(done(() => plan.join('tue-row'))).toEqual([
      'partners for Row',
      'Tri-set: Squat, Row, Push-up',
      ...before.slice(2),
    ]);
    expect(done(() => plan.part('tue-row'))).toEqual([
      'part Row',
      'Straight sets: Squat',
      'Straight sets: Row',
      ...rest,
    ]);
    expect(done(() => plan.nudgeSlot('tue-row', -1))).toEqual(['move Row', 'Superset: Row, Squat', ...rest]);
    // Dragged within its block it keeps its partner; into another it gets one there, and leaves one alone.
    expect(done(() => plan.moveSlot('tue-squat', 'tue-a', 1))[1]).toBe('Superset: Row, Squat');
    expect(done(() => plan.moveSlot('tue-row', 'tue-b', 0)).slice(1, 3)).toEqual([
      'Straight sets: Squat',
      'Superset: Row, Push-up',
    ]);
    expect(done(() => plan.partAt('tue-plank', 1)).slice(1, 3)).toEqual(['Straight sets: Plank', before[0]]);
    expect(done(() => plan.removeSlot('tue-press'))).toEqual([
      'delete Push-up',
      before[0],
      ...before.slice(2),
    ]);
    expect(done(() => plan.nudgeBlock('tue-c', -1)).slice(2, 4)).toEqual([before[2], before[1]]);
    expect(done(() => plan.moveBlock('tue-d', 1))[1]).toBe(before[3]);
    expect(done(() => plan.removeBlock('tue-a'))).toEqual(['delete a block', ...rest]);
  });

  it('puts what was typed in a line before the cool-down, and selects the last of it', () => {
    const plan = TestBed.inject(PlanStore);
    const [copied] = plan.blocks().filter(({ block }) => block.id === 'tue-c');
    const typed = {
      ...copied!.block,
      id: 'typed',
      slots: [{ ...copied!.block.slots[0]!, id: 'typed-hinge' }],
    };
    plan.addBlocks([typed]);
    expect(plan.blocks().map(({ block }) => block.kind)).toEqual([
      'warmUp',
      'superset',
      'straight',
      'straight',
      'circuit',
      'straight',
      'coolDown',
    ]);
    expect(plan.selected()?.id).toBe('typed-hinge');
    plan.addBlocks([{ ...typed, id: 'stretch', kind: 'coolDown', slots: [] }]);
    expect(plan.blocks().at(-1)?.block.id).toBe('stretch');
  });

  it('begins an empty session, and takes one away so that it can be brought back', () => {
    const plan = TestBed.inject(PlanStore);
    plan.newSession();
    expect([plan.view.session()?.name, plan.slots()]).toEqual(['New session', []]);
    expect(plan.selected()).toBeUndefined();
    plan.addBlock('superset');
    plan.setBudget(undefined);
    plan.setBudget(25);
    expect(plan.view.session()?.budgetMinutes).toBe(25);
    expect(plan.documents.undoLabel()).toBe('25 minutes');
    const sessions = plan.sessions().length;
    plan.removeSession();
    expect(plan.sessions().length).toBe(sessions - 1);
    expect(plan.view.session()).toBeDefined();
    plan.documents.undo();
    expect(plan.sessions().map(({ name }) => name)).toContain('New session');
  });

  it('rests between exercises only where that is said', () => {
    const plan = TestBed.inject(PlanStore);
    const superset = () => plan.blocks().find(({ block }) => block.id === 'tue-a')!.block;
    const seconds = () => plan.timelines().map(({ timeline }) => timeline.totalSeconds);
    const before = seconds();
    plan.setBetween('tue-a', 20);
    expect(superset().betweenSeconds).toBe(20);
    seconds().forEach((now, at) => expect(now).toBeGreaterThan(before[at]!));
    plan.setBetween('tue-a', undefined);
    expect('betweenSeconds' in superset()).toBeFalse();
    expect(seconds()).toEqual(before);
    plan.setRest('tue-a', undefined);
    expect(superset().restSeconds).toBe(60);
  });

  it('grows as the program does, until an exercise has a way of its own', () => {
    const plan = TestBed.inject(PlanStore);
    plan.select('tue-row');
    const programs = plan.scheme();
    plan.setScheme('tue-row', { kind: 'rungFirst', capPercent: 5 });
    expect(plan.scheme()).toEqual({ kind: 'rungFirst', capPercent: 5 });
    plan.setScheme('tue-row', undefined);
    expect(plan.scheme()).toEqual(programs);
    plan.setTwin('tue-row', { kind: 'ladder', ladderId: 'hinge' });
    expect(plan.blocks()[1]?.slots[1]?.twin).toBe('Hinge');
    plan.setTwin('tue-row', undefined);
    expect(plan.blocks()[1]?.slots[1]?.twin).toBe('');
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
