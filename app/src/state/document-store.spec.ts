import { TestBed } from '@angular/core/testing';
import type { LogEntry } from '@dray/core';
import { boatyard } from '@dray/demo';
import { DocumentRepository } from '../data/document-repository';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';

describe('DocumentStore', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = provideFreshBrowser();
  });

  afterEach(() => {
    db.close();
  });

  const budget = (minutes: number) => (session: (typeof boatyard.sessions)[number]) => ({
    ...session,
    budgetMinutes: minutes,
  });

  it('opens a fresh profile with the demo class', async () => {
    const documents = await openedDocuments();
    expect(documents.document()).toEqual(boatyard);
  });

  it('shows an edit at once and keeps it', async () => {
    const documents = await openedDocuments();
    documents.editSession('45 minutes', 'tuesday', budget(45));
    expect(documents.document()?.sessions[0]?.budgetMinutes).toBe(45);
    await until(() => documents.writing() === 0);
    const kept = await TestBed.inject(DocumentRepository).read();
    expect(kept?.sessions[0]?.budgetMinutes).toBe(45);
    expect(kept?.sessions.map(({ id }) => id)).toEqual(['tuesday', 'friday', 'noon']);
  });

  it('takes edits back and makes them again, on disk too', async () => {
    const documents = await openedDocuments();
    documents.editSession('45 minutes', 'tuesday', budget(45));
    expect(documents.undoLabel()).toBe('45 minutes');
    documents.undo();
    expect(documents.document()).toEqual(boatyard);
    expect(documents.redoLabel()).toBe('45 minutes');
    documents.redo();
    documents.undo();
    await until(() => documents.writing() === 0);
    expect(await TestBed.inject(DocumentRepository).read()).toEqual(boatyard);
  });

  it('takes edits back after the page was loaded again, in their order, and no more than a hundred', async () => {
    const documents = await openedDocuments();
    for (let minutes = 1; minutes <= 102; minutes += 1) {
      documents.editSession(`${minutes} minutes`, 'tuesday', budget(minutes));
    }
    documents.undo();
    await documents.settled();
    TestBed.resetTestingModule();
    provideFreshBrowser(db);
    const again = await openedDocuments();
    await until(() => again.undoLabel() !== undefined);
    expect(again.undoLabel()).toBe('101 minutes');
    expect(again.redoLabel()).toBe('102 minutes');
    again.redo();
    expect(again.document()?.sessions[0]?.budgetMinutes).toBe(102);
    let back = 0;
    for (; again.undoLabel() !== undefined; back += 1) again.undo();
    expect(back).toBe(100);
    expect(again.document()?.sessions[0]?.budgetMinutes).toBe(2);
  });

  it('forgets what was taken back once something else is done, on the disk too', async () => {
    const documents = await openedDocuments();
    documents.editSession('45 minutes', 'tuesday', budget(45));
    documents.undo();
    documents.editSession('50 minutes', 'tuesday', budget(50));
    await documents.settled();
    const steps = await TestBed.inject(DocumentRepository).steps();
    expect(steps.map(({ label, undone }) => `${label} ${undone}`)).toEqual(['50 minutes false']);
  });

  it('takes a run of typing as one step, until it settles', async () => {
    const documents = await openedDocuments();
    for (const minutes of [41, 42, 43])
      documents.editSession(`${minutes}`, 'tuesday', budget(minutes), 'budget');
    documents.settle();
    documents.editSession('44', 'tuesday', budget(44), 'budget');
    documents.undo();
    expect(documents.document()?.sessions[0]?.budgetMinutes).toBe(43);
    documents.undo();
    expect(documents.document()?.sessions[0]?.budgetMinutes).toBe(40);
    expect(documents.undoLabel()).toBeUndefined();
  });

  it('drops what was set by hand with the slot it was for, and brings both back', async () => {
    const documents = await openedDocuments();
    const override = {
      id: 'o',
      participantId: 'juno',
      slotId: 'tue-squat',
      fromWeek: 1,
      sets: 2,
      reason: 'tired',
    };
    documents.edit('by hand', (document) => ({ ...document, overrides: [override] }));
    documents.editSession('delete', 'tuesday', (session) => ({ ...session, blocks: [] }));
    expect(documents.document()?.overrides).toEqual([]);
    documents.undo();
    expect(documents.document()?.overrides).toEqual([override]);
    expect(documents.document()?.sessions[0]?.blocks.length).toBeGreaterThan(0);
  });

  it('puts a new session on no day, and deletes one with its days and without its sets', async () => {
    const documents = await openedDocuments();
    const session = { id: 'posture', name: 'Posture', budgetMinutes: 20, blocks: [] };
    documents.addSession(session);
    expect(documents.document()!.programs).toEqual(boatyard.programs);
    documents.undo();
    const entry: LogEntry = {
      id: 'e',
      participantId: 'bram',
      sessionId: 'tuesday',
      slotId: 'tue-squat',
      week: 5,
      date: '2026-11-24',
      exerciseId: 'goblet-squat',
      set: 1,
      counted: 'reps',
      amount: 10,
    };
    await documents.record('a set', [entry]);
    documents.removeSession('tuesday');
    const { sessions, programs, log } = documents.document()!;
    expect(sessions.map(({ id }) => id)).toEqual(['friday', 'noon']);
    expect(
      programs[0]!.weeks.every(({ days }) => days.every((day) => day.sessionId === 'friday')),
    ).toBeTrue();
    expect(log).toEqual([entry]);
    documents.undo();
    expect(documents.document()?.sessions).toEqual(boatyard.sessions);
  });

  it('numbers edits on, also when the clock goes backwards', async () => {
    const documents = await openedDocuments();
    const now = spyOn(Date, 'now').and.returnValue(2_000_000);
    const unit = (to: 'kg' | 'lb') =>
      documents.edit(to, (document) => ({ ...document, settings: { unit: to } }));
    unit('lb');
    now.and.returnValue(1_000_000);
    unit('kg');
    unit('lb');
    const numbers = documents.past().map(({ at }) => at);
    expect(numbers).toEqual([...numbers].sort((a, b) => a - b));
    expect(new Set(numbers).size).toBe(3);
    await documents.settled();
    expect((await documents.repository.steps()).map(({ label }) => label)).toEqual(['lb', 'kg', 'lb']);
  });

  it('takes in what another tab writes, keeping what it did not touch', async () => {
    const documents = await openedDocuments();
    const before = documents.document();
    // Another tab is another repository on the same store.
    TestBed.resetTestingModule();
    const name = db.name;
    const { DrayDb: Db } = await import('../data/dray-db');
    const otherDb = new Db(name);
    provideFreshBrowser(otherDb);
    const other = await openedDocuments();
    other.editSession('45 minutes', 'tuesday', budget(45));
    await until(() => other.writing() === 0);
    await documents.takeIn();
    expect(documents.document()?.sessions[0]?.budgetMinutes).toBe(45);
    expect(documents.document()?.participants).toBe(before?.participants);
    otherDb.close();
  });

  it('says so when a change cannot be kept, and keeps it on screen', async () => {
    const documents = await openedDocuments();
    db.close();
    spyOn(TestBed.inject(DocumentRepository), 'write').and.rejectWith(
      new DOMException('full', 'QuotaExceededError'),
    );
    documents.editSession('45 minutes', 'tuesday', budget(45));
    await until(() => documents.failure() !== undefined);
    expect(documents.failure()).toContain('QuotaExceededError');
    expect(documents.failure()).toContain('export');
    expect(documents.document()?.sessions[0]?.budgetMinutes).toBe(45);
  });
});
