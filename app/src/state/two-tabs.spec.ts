import { TestBed } from '@angular/core/testing';
import type { DrayDocument, Participant, Session } from '@dray/core';
import { DocumentRepository } from '../data/document-repository';
import type { DrayDb } from '../data/dray-db';
import { anotherTab, openedDocuments, provideFreshBrowser, until } from '../testing';

describe('two tabs of one class', () => {
  let db: DrayDb;

  beforeEach(() => (db = provideFreshBrowser()));
  afterEach(() => db.close());

  const withSession = (change: (session: Session) => Session) => (document: DrayDocument) => ({
    ...document,
    sessions: document.sessions.map((session, at) => (at === 0 ? change(session) : session)),
  });
  const withPerson = (at: number, change: Partial<Participant>) => (document: DrayDocument) => ({
    ...document,
    participants: document.participants.map((one, place) => (place === at ? { ...one, ...change } : one)),
  });
  /** Once both have written and taken in what the other wrote. */
  async function inStep(
    ...tabs: readonly { document(): DrayDocument | undefined; settled(): Promise<void> }[]
  ) {
    await until(async () => {
      for (const tab of tabs) await tab.settled();
      const kept = JSON.stringify(await TestBed.inject(DocumentRepository).read());
      return tabs.every((tab) => JSON.stringify(tab.document()) === kept);
    });
  }

  it('lose none of twelve edits of different fields made at the same moment', async () => {
    const one = await openedDocuments();
    const { documents: two, close } = await anotherTab(db);
    const tabs = [one, two];
    const blocks = one.document()!.sessions[0]!.blocks;
    // Six fields of one session, then six of one person, in turn.
    const edits = [
      withSession((session) => ({ ...session, name: 'Renamed' })),
      withSession((session) => ({ ...session, budgetMinutes: 77 })),
      ...blocks.slice(0, 4).map(({ id }, at) =>
        withSession((session) => ({
          ...session,
          blocks: session.blocks.map((block) =>
            block.id === id ? { ...block, restSeconds: 31 + at } : block,
          ),
        })),
      ),
      withPerson(0, { name: 'Odila' }),
      withPerson(0, { bodyMassKg: 71 }),
      withPerson(0, { heightCm: 171 }),
      withPerson(0, { birthYear: 1958 }),
      withPerson(0, { notes: 'by the door' }),
      withPerson(0, { role: 'cook ashore' }),
    ];
    edits.forEach((edit, at) => tabs[at % 2]!.edit(`edit ${at}`, edit));
    await inStep(one, two);
    const { sessions, participants } = two.document()!;
    expect(sessions[0]).toEqual(jasmine.objectContaining({ name: 'Renamed', budgetMinutes: 77 }));
    expect(sessions[0]?.blocks.slice(0, 4).map(({ restSeconds }) => restSeconds)).toEqual(
      blocks.slice(0, 4).map((_, at) => 31 + at),
    );
    expect(participants[0]).toEqual(
      jasmine.objectContaining({
        name: 'Odila',
        bodyMassKg: 71,
        heightCm: 171,
        birthYear: 1958,
        notes: 'by the door',
        role: 'cook ashore',
      }),
    );
    close();
  });

  it('take back each their own: what the other did since stays', async () => {
    const one = await openedDocuments();
    const { documents: two, close } = await anotherTab(db);
    one.edit(
      'rename',
      withSession((session) => ({ ...session, name: 'Renamed' })),
    );
    await inStep(one, two);
    two.edit(
      'time',
      withSession((session) => ({ ...session, budgetMinutes: 77 })),
    );
    await inStep(one, two);
    one.undo();
    await inStep(one, two);
    expect(two.document()?.sessions[0]).toEqual(
      jasmine.objectContaining({ name: 'Tuesday, whole body', budgetMinutes: 77 }),
    );
    expect(one.remark()).toBeUndefined();
    close();
  });

  it('say so where the other has changed the very same since, and leave it', async () => {
    const one = await openedDocuments();
    const { documents: two, close } = await anotherTab(db);
    one.edit(
      'rename',
      withSession((session) => ({ ...session, name: 'Renamed' })),
    );
    await inStep(one, two);
    two.edit(
      'again',
      withSession((session) => ({ ...session, name: 'By the other' })),
    );
    await inStep(one, two);
    one.undo();
    await inStep(one, two);
    expect(two.document()?.sessions[0]?.name).toBe('By the other');
    expect(one.remark()?.words).toContain('“rename”: some of it was changed in another tab since');
    close();
  });

  it('recall after a reload what they did themselves, and what a tab did that is gone', async () => {
    const one = await openedDocuments();
    const { documents: two, close } = await anotherTab(db);
    one.edit('mine', withPerson(0, { notes: 'mine' }));
    two.edit('theirs', withPerson(1, { notes: 'theirs' }));
    await inStep(one, two);
    close();
    const labels = (steps: readonly { label: string }[]) => steps.map(({ label }) => label);
    const repository = TestBed.inject(DocumentRepository);
    // The other is gone: here nothing holds its lock.
    expect(labels(await repository.steps())).toEqual(jasmine.arrayWithExactContents(['mine', 'theirs']));
  });

  it('keep one slot one slot, when one has moved it to another block and the other has changed it', async () => {
    const one = await openedDocuments();
    const { documents: two, close } = await anotherTab(db);
    const [from, to] = one.document()!.sessions[0]!.blocks;
    const slot = from!.slots[0]!;
    one.edit(
      'move',
      withSession((session) => ({
        ...session,
        blocks: session.blocks.map((block) =>
          block.id === from!.id
            ? { ...block, slots: block.slots.filter(({ id }) => id !== slot.id) }
            : block.id === to!.id
              ? { ...block, slots: [...block.slots, slot] }
              : block,
        ),
      })),
    );
    two.edit(
      'change',
      withSession((session) => ({
        ...session,
        blocks: session.blocks.map((block) => ({
          ...block,
          slots: block.slots.map((own) => (own.id === slot.id ? { ...own, note: 'slowly' } : own)),
        })),
      })),
    );
    await inStep(one, two);
    const ids = one.document()!.sessions[0]!.blocks.flatMap(({ slots }) => slots.map(({ id }) => id));
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids).toContain(slot.id);
    close();
  });
});
