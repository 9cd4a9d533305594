import { Injector, runInInjectionContext, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { parseSession, type SessionReading } from '@dray/core/late';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { READ_SESSION, type ReadQuestion, type ReadSession } from '../workers/read-session';
import { LONG_TEXT, textReading, type AskedText } from './text-reading';
import { ViewStore } from './view-store';

const LINE = '- Squat: 3 × 10\n';
const LONG = `Straight sets\n${LINE.repeat(Math.ceil(LONG_TEXT / LINE.length) + 1)}`;

describe('textReading', () => {
  let db: DrayDb;
  /** Texts that were given to be read elsewhere. */
  let asked: {
    readonly question: ReadQuestion;
    readonly abort: AbortSignal;
    readonly progress: (share: number) => void;
    readonly answer: (reading: SessionReading) => void;
    readonly fail: (why: string) => void;
  }[];

  beforeEach(async () => {
    db = provideFreshBrowser();
    asked = [];
    const read: ReadSession = (question, abort, progress) =>
      new Promise((resolve, reject) =>
        asked.push({
          question,
          abort,
          progress,
          answer: resolve,
          fail: (why) => {
            reject(new Error(why));
          },
        }),
      );
    TestBed.overrideProvider(READ_SESSION, { useValue: read });
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  function reading(begin: string) {
    const text = signal<string | undefined>(begin);
    const of = runInInjectionContext(TestBed.inject(Injector), () =>
      textReading((): AskedText | undefined => {
        const now = text();
        return now === undefined
          ? undefined
          : { text: now, base: { id: 's', name: 'A session', budgetMinutes: 30 }, unit: 'kg' };
      }),
    );
    const flush = () => TestBed.tick();
    flush();
    return { text, of, flush };
  }

  const said = ({ question: { text, base, unit } }: (typeof asked)[number]) =>
    parseSession(text, TestBed.inject(ViewStore).catalog(), {
      base,
      unit,
      newId: () => crypto.randomUUID(),
    });
  const slots = (of: SessionReading | undefined) => of?.session.blocks.flatMap((block) => block.slots).length;

  it('reads a short text at once, and nothing where there is none', () => {
    const { text, of, flush } = reading(`Straight sets\n${LINE}`);
    expect(slots(of.reading())).toBe(1);
    text.set(undefined);
    flush();
    expect([of.reading(), of.underWay(), asked.length]).toEqual([undefined, undefined, 0]);
  });

  it('reads a long one elsewhere, says how far it is, and has it when it has come', async () => {
    const { of } = reading(LONG);
    expect([of.reading(), of.underWay()]).toEqual([undefined, 0]);
    asked[0]!.progress(0.4);
    expect(of.underWay()).toBe(0.4);
    asked[0]!.answer(said(asked[0]!));
    await until(() => of.reading() !== undefined);
    expect(slots(of.reading())).toBeGreaterThan(0);
    expect([of.underWay(), of.arrived() === of.reading()]).toEqual([undefined, true]);
  });

  it('stops reading what is asked for no more, and believes nothing that comes of it late', async () => {
    const { text, of, flush } = reading(LONG);
    const [first] = asked;
    text.set(`${LONG}${LINE}`);
    flush();
    expect(first!.abort.aborted).toBeTrue();
    first!.answer(said(first!));
    await Promise.resolve();
    expect(of.reading()).toBeUndefined();
    text.set(`Straight sets\n${LINE}`);
    flush();
    expect([asked[1]!.abort.aborted, slots(of.reading())]).toEqual([true, 1]);
  });

  it('says why it could not be read, and tries again when it is told to', async () => {
    const { of, flush } = reading(LONG);
    asked[0]!.fail('it stopped working');
    await until(() => of.failed() !== '');
    expect([of.failed(), of.reading(), of.underWay()]).toEqual(['it stopped working', undefined, undefined]);
    of.again();
    flush();
    expect([of.failed(), of.underWay(), asked.length]).toEqual(['', 0, 2]);
    asked[1]!.answer(said(asked[1]!));
    await until(() => of.reading() !== undefined);
  });

  it('does not read the same again when something else in the document changes', async () => {
    const { flush } = reading(LONG);
    const documents = await openedDocuments();
    documents.edit('a note', (document) => ({
      ...document,
      participants: document.participants.map((person) => ({ ...person, notes: 'new' })),
    }));
    flush();
    expect(asked.length).toBe(1);
    documents.edit('units', (document) => ({ ...document, settings: { ...document.settings, unit: 'lb' } }));
    flush();
    expect(asked.length).toBe(2);
  });
});
