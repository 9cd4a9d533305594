import { classDays } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser } from '../testing';

describe('what is archived', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = provideFreshBrowser();
  });

  afterEach(() => {
    db.close();
  });

  it('is out of every list, and as it was once it is brought back', async () => {
    const documents = await openedDocuments();
    const before = documents.document();
    documents.archive('participants', 'wendel');
    documents.archive('kits', 'kit-loft');
    documents.archive('programs', 'noon');
    expect(documents.people().some(({ id }) => id === 'wendel')).toBeFalse();
    expect(documents.kits().some(({ id }) => id === 'kit-loft')).toBeFalse();
    expect(documents.programs().map(({ id }) => id)).toEqual(['autumn']);
    expect(documents.archivedPeople().map(({ name }) => name)).toEqual(['Wendel']);
    expect(documents.undoLabel()).toContain('archive');
    documents.bringBack('participants', 'wendel');
    documents.bringBack('kits', 'kit-loft');
    documents.bringBack('programs', 'noon');
    expect(documents.document()).toEqual(before);
  });

  it('is put back by undo too, days and all, where it was a session', async () => {
    const documents = await openedDocuments();
    const before = documents.document();
    const [program] = documents.programs();
    const past = classDays(program!).filter(({ date }) => date < '2026-11-25');
    documents.archive('sessions', 'friday');
    expect(documents.sessions().map(({ id }) => id)).toEqual(['tuesday', 'noon']);
    const left = classDays(documents.programs()[0]!);
    expect(left.filter(({ date }) => date < '2026-11-25')).toEqual(past);
    expect(left.some(({ date, sessionId }) => date >= '2026-11-25' && sessionId === 'friday')).toBeFalse();
    documents.undo();
    expect(documents.document()).toEqual(before);
  });
});
