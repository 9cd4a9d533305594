import { TestBed } from '@angular/core/testing';
import { EMPTY_DOCUMENT } from '@dray/core';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { BeginStore } from '../begin/begin-store';
import { DocumentRepository } from '../data/document-repository';
import { FrontClass } from './front-class';

async function front() {
  const db = provideFreshBrowser();
  TestBed.configureTestingModule({ providers: [BeginStore] });
  const documents = await openedDocuments();
  const store = TestBed.inject(FrontClass);
  await until(() => store.front() === 'demo');
  return { db, documents, store };
}

describe('the class in front', () => {
  it('is the boatyard in a fresh browser, until somebody has chosen', async () => {
    const { store } = await front();
    expect(store.welcomed()).toBe(false);
    await store.lookRound();
    expect(await TestBed.inject(DocumentRepository).standing()).toEqual({
      front: 'demo',
      putAway: false,
      welcomed: true,
    });
  });

  it('is put away whole for one’s own, and comes back as it was', async () => {
    const { documents, store } = await front();
    documents.edit('rename', (document) => ({
      ...document,
      participants: document.participants.map((person) => ({ ...person, role: 'looked at' })),
    }));
    await store.begin({ ...EMPTY_DOCUMENT, settings: { unit: 'lb' } });
    expect(documents.document()?.participants).toEqual([]);
    await store.change();
    expect(store.front()).toBe('demo');
    expect(documents.document()?.participants.map(({ role }) => role)).toContain('looked at');
    await store.change();
    expect(store.front()).toBe('own');
    expect(documents.document()?.settings.unit).toBe('lb');
  });

  it('takes its four weeks along, however soon it is left', async () => {
    const { store } = await front();
    const repository = TestBed.inject(DocumentRepository);
    const added = spyOn(repository, 'addDemoLog').and.callThrough();
    expect(await repository.awaitsDemoLog()).toBeTrue();
    await store.begin(EMPTY_DOCUMENT);
    expect(added).toHaveBeenCalledTimes(1);
    expect(await repository.awaitsDemoLog()).toBeFalse();
  });

  it('is never written over by one that cannot be read', async () => {
    const { db, documents, store } = await front();
    await store.begin(EMPTY_DOCUMENT);
    await db.device.put({ id: 'put away class', value: '{"format":"dray","version":99}' });
    await expectAsync(store.change()).toBeRejected();
    expect(store.front()).toBe('own');
    expect(documents.document()?.participants).toEqual([]);
    expect((await db.device.get('put away class'))?.value).toContain('99');
  });
});

describe('a class that is begun', () => {
  async function begun() {
    const { documents, store } = await front();
    return { documents, store, begin: TestBed.inject(BeginStore) };
  }

  it('holds back two of one name, and keeps what was said of the others', async () => {
    const { begin } = await begun();
    begin.typeNames('Ida\nBram');
    begin.sayTier('Bram', 'advanced');
    begin.typeNames('Ida\nBram\nIda');
    expect(begin.names().problem).toContain('Two are called Ida');
    begin.typeNames('Cleo\nBram');
    expect(begin.people().map(({ name, tier }) => `${name} ${tier}`)).toEqual([
      'Cleo beginner',
      'Bram advanced',
    ]);
  });

  it('takes the place of the boatyard, and joins one’s own the next time', async () => {
    const { documents, store, begin } = await begun();
    begin.typeNames('Ida\nBram');
    begin.put('dumbbells', undefined, true);
    begin.put('mat', 'Ida', true);
    begin.chooseDays([2, 5]);
    await begin.finish();
    expect(store.front()).toBe('own');
    expect(documents.document()?.participants.map(({ name }) => name)).toEqual(['Ida', 'Bram']);
    expect(documents.document()?.kits.map(({ implements: things }) => things.length)).toEqual([7, 1]);

    begin.typeNames('Cleo');
    begin.startWith('text');
    begin.type('Squat: 3 × 8');
    await begin.finish();
    expect(documents.document()?.participants.map(({ name }) => name)).toEqual(['Ida', 'Bram', 'Cleo']);
    expect(documents.document()?.sessions.length).toBe(2);
    documents.undo();
    expect(documents.document()?.participants.length).toBe(2);
  });

  it('says what of a typed session cannot be read', async () => {
    const { begin } = await begun();
    begin.startWith('text');
    begin.type('- Burpeees of doom: 3 × 8');
    expect(begin.problems().length).toBe(1);
  });
});
