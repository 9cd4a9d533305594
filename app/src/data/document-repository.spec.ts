import { TestBed } from '@angular/core/testing';
import { serializeDocument, type LogEntry } from '@dray/core';
import { boatyard } from '@dray/demo';
import { firstValueFrom } from 'rxjs';
import { provideFreshBrowser } from '../testing';
import { anywhere } from './changes';
import { DEMO_TEXT, DocumentRepository } from './document-repository';
import { DrayDb } from './dray-db';
import { TODAY } from './today';

function entry(id: string, date: string): LogEntry {
  return {
    id,
    participantId: 'bram',
    sessionId: 'tuesday',
    slotId: 'tue-squat',
    exerciseId: 'shoulder-pair-squat',
    week: 1,
    date,
    at: `${date}T18:00:00.000Z`,
    set: 1,
    amount: 6,
    counted: 'reps',
  } as LogEntry;
}

const put = (own: LogEntry) => ({ list: 'log' as const, id: own.id, after: anywhere(own) });

describe('DocumentRepository', () => {
  let db: DrayDb;
  let repository: DocumentRepository;

  beforeEach(() => {
    db = provideFreshBrowser();
    repository = TestBed.inject(DocumentRepository);
  });

  afterEach(() => {
    db.close();
  });

  it('fills a fresh profile with the demo once, and reads it back the same', async () => {
    const first = await repository.open();
    expect(first.fresh).toBeTrue();
    expect(first.document).toEqual(boatyard);
    await repository.addDemoLog();
    const again = await repository.open();
    expect(again.fresh).toBeFalse();
    expect(again.document).toEqual(boatyard);
  });

  it('writes only what an edit touched, all or none', async () => {
    await repository.open();
    const [person] = boatyard.participants;
    const change = {
      list: 'participants' as const,
      id: person!.id,
      before: { at: 0, value: person! },
      after: { at: 0, value: { ...person!, bodyMassKg: 81 } },
    };
    await repository.write([change]);
    expect((await repository.read())?.participants[0]?.bodyMassKg).toBe(81);
    const bad = { ...change, list: 'nowhere' as never };
    await expectAsync(
      repository.write([{ ...change, after: { at: 0, value: person! } }, bad]),
    ).toBeRejected();
    expect((await repository.read())?.participants[0]?.bodyMassKg).toBe(81);
  });

  it('has for a file what the page has and the disk has not, and the log that is too old to be at hand', async () => {
    await repository.open();
    await repository.write([put(entry('long-ago', '2021-03-01')), put(entry('new', '2026-11-24'))]);
    const document = (await repository.read())!;
    const unwritten = entry('unwritten', '2026-11-25');
    const atHand = { ...document, log: [...document.log.filter(({ id }) => id !== 'long-ago'), unwritten] };
    const whole = await repository.whole(atHand);
    expect(whole.log.map(({ id }) => id)).toEqual(['long-ago', 'new', 'unwritten']);
  });

  it('hears what another tab writes, and which days of the log, but not itself', async () => {
    await repository.open();
    const heard = firstValueFrom(repository.elsewhere);
    await repository.write([put(entry('mine', '2026-11-24'))]);
    await inAnotherTab((theirs) => theirs.write([put(entry('theirs', '2026-11-25'))]));
    expect(await heard).toEqual(['bram 2026-11-25 tuesday']);
  });

  it('hears what came between reading and listening, behind a write of its own', async () => {
    await repository.open();
    await inAnotherTab((theirs) => theirs.write([put(entry('theirs', '2026-11-25'))]));
    await repository.write([put(entry('mine', '2026-11-24'))]);
    expect(await firstValueFrom(repository.elsewhere)).toBeUndefined();
  });

  it('hears the write of another tab that comes in the place of its own failed one', async () => {
    await repository.open();
    const heard = firstValueFrom(repository.elsewhere);
    const transaction = db.transaction.bind(db) as (...args: unknown[]) => Promise<unknown>;
    const full = spyOn(db, 'transaction') as jasmine.Spy;
    full.and.callFake((mode: string, tables: unknown, write: () => Promise<void>) =>
      transaction(mode, tables, async () => {
        await write();
        throw new DOMException('full', 'QuotaExceededError');
      }),
    );
    await expectAsync(repository.write([put(entry('mine', '2026-11-24'))])).toBeRejected();
    full.and.callThrough();
    await inAnotherTab((theirs) => theirs.write([put(entry('theirs', '2026-11-25'))]));
    expect(await heard).toEqual(['bram 2026-11-25 tuesday']);
  });

  async function inAnotherTab(act: (theirs: DocumentRepository) => Promise<void>): Promise<void> {
    const { name } = db;
    TestBed.resetTestingModule();
    const otherDb = provideFreshBrowser(new DrayDb(name));
    await act(TestBed.inject(DocumentRepository));
    otherDb.close();
  }
});

describe('DocumentRepository with a demo that waits for its log', () => {
  const asked = { id: 'bram 1', participantId: 'bram', sessionId: 'tuesday', week: 1, date: '2026-10-27' };
  let date = '';
  let db: DrayDb;
  let repository: DocumentRepository;

  beforeEach(() => {
    date = '2026-11-25';
    db = provideFreshBrowser();
    TestBed.overrideProvider(TODAY, { useValue: () => date });
    const ours = { ...entry('bram-1', '2026-10-27'), note: 'the demo’s' };
    const odile = { ...entry('odile-1', '2026-10-27'), participantId: 'odile' };
    TestBed.overrideProvider(DEMO_TEXT, {
      useValue: async (file: string) =>
        file.endsWith('.dray.json')
          ? serializeDocument(boatyard)
          : JSON.stringify({
              log: [ours, odile],
              visits: [{ ...asked, effort: 4, minutes: 40 }],
              classes: [],
            }),
    });
    repository = TestBed.inject(DocumentRepository);
  });

  afterEach(() => {
    db.close();
  });

  it('leaves alone what was written down before it came', async () => {
    await repository.open();
    const set = { ...entry('by-the-coach', '2026-10-27'), amount: 9 };
    const visit = { ...asked, effort: 8, minutes: 35 };
    await repository.write([put(set), { list: 'visits', id: visit.id, after: { at: 0, value: visit } }]);
    await repository.addDemoLog();
    expect(await repository.logOf('bram')).toEqual([set]);
    expect((await repository.logOf('odile')).map(({ id }) => id)).toEqual(['odile-1']);
    expect((await repository.read())?.visits).toEqual([visit]);
  });

  it('puts it into the weeks of the demo that is there, however late it comes', async () => {
    await repository.open();
    date = '2026-12-09';
    await repository.addDemoLog();
    expect((await repository.logOf('odile')).map((own) => own.date)).toEqual(['2026-10-27']);
  });
});
