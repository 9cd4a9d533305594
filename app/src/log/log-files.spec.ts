import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatStepperHarness } from '@angular/material/stepper/testing';
import { catalogOf, type LogEntry } from '@dray/core';
import { LOG_FIELD_NAMES, logFromCsv, previewLogCsv } from '@dray/core/late';
import type { DrayDb } from '../data/dray-db';
import { addLog } from '../data/log-days';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { ChoiceHarness } from '../ui/forms/testing';
import { LOG_CSV, type LogCsvQuestion, type LogCsvTalk } from '../workers/log-csv';
import { LogFiles } from './log-files';

const CSV = `when,who,movement,set no,weight,reps
2026-11-03,Bram,shoulder-pair-squat,1,44,6
2026-11-03,Bram,shoulder-pair-squat,2,44,6
2026-11-03,Nobody,shoulder-pair-squat,1,44,6
2026-11-10,Juno,goblet-squat,1,16,lots
`;

/** One for each field of a set, and one for the order of dates. */
const FIELDS = LOG_FIELD_NAMES.length + 1;

describe('LogFiles', () => {
  let db: DrayDb;
  let talks: { ended: boolean }[];
  let fails: string;

  /** What the worker does, on this page and with this test’s store. */
  function talk(): LogCsvTalk {
    let text = '';
    let read: readonly LogEntry[] = [];
    const own = { ended: false };
    talks.push(own);
    const answer = async (question: LogCsvQuestion): Promise<unknown> => {
      if (fails) throw new Error(fails);
      switch (question.kind) {
        case 'look':
          text = await question.file.text();
          return previewLogCsv(text);
        case 'read': {
          const { document, unit, mapping, dateOrder } = question;
          const newId = () => crypto.randomUUID();
          const catalog = catalogOf(document);
          const { entries, problems } = logFromCsv(text, {
            mapping,
            dateOrder,
            unit,
            document,
            catalog,
            newId,
          });
          read = entries;
          const people = new Set(entries.map(({ participantId }) => participantId)).size;
          const good = entries.length;
          return { good, bad: problems.length, problems, people, from: '2026-11-03', to: '2026-11-10' };
        }
        case 'keep':
          await db.transaction('rw', db.days, () => addLog(db.days, read, () => undefined));
          return { kept: read.length };
        case 'write':
          return new Blob(['written'], { type: 'text/csv' });
      }
    };
    return { ask: answer as LogCsvTalk['ask'], end: () => (own.ended = true) };
  }

  beforeEach(async () => {
    db = provideFreshBrowser();
    talks = [];
    fails = '';
    TestBed.overrideProvider(LOG_CSV, { useValue: talk });
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  async function opened() {
    const fixture = TestBed.createComponent(LogFiles);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const give = async (csv: string, name = 'sets.csv') => {
      const field = host.querySelector<HTMLInputElement>('input[type=file]')!;
      const files = new DataTransfer();
      files.items.add(new File([csv], name, { type: 'text/csv' }));
      field.files = files.files;
      field.dispatchEvent(new Event('change'));
    };
    const press = async (text: string | RegExp) =>
      (await loader.getHarness(MatButtonHarness.with({ text }))).click();
    const choice = (named: string) => loader.getHarness(ChoiceHarness.with({ named }));
    const words = (testId: string) =>
      host.querySelector(`[data-testid=${testId}]`)?.textContent.replace(/\s+/g, ' ').trim() ?? '';
    const says = () => [...host.querySelectorAll('[role=status]')].map((own) => own.textContent.trim());
    const fields = () => host.querySelectorAll('[data-testid=log-mapping] dray-choice').length;
    const log = () => TestBed.inject(ViewStore).documents.document()!.log;
    return { fixture, loader, give, press, choice, words, says, fields, log };
  }

  it('guesses what each column is, waits for what it cannot, and imports only the good lines when it is told', async () => {
    const { give, press, choice, words, says, fields, log } = await opened();
    await give(CSV);
    await until(() => words('log-mapping').includes('sets.csv: 4 lines'));
    // A few at a time.
    await until(() => fields() === FIELDS);
    expect(await (await choice('exercise *')).shown()).toBe('movement');
    expect(await (await choice('load')).shown()).toBe('weight');
    expect(await (await choice('date *')).shown()).toBe('–');
    await (await choice('date *')).choose('when');
    await press('Look through it');
    await until(() => words('log-found').includes('2 sets of 1 person'));
    expect(words('log-found')).toContain('on 3 Nov 2026');
    expect(words('log-found')).toContain('line 4: ');
    expect(words('log-found')).toContain('line 5: ');
    expect(log()).toEqual([]);
    await press('Import the good ones');
    await until(() => says().includes('2 sets imported.'));
    expect(log().map(({ participantId, set, loadKg }) => [participantId, set, loadKg])).toEqual([
      ['bram', 1, 44],
      ['bram', 2, 44],
    ]);
  });

  it('folds the columns away once they are looked through, and has them again when they are gone back to', async () => {
    const { give, press, words, fields, fixture, loader } = await opened();
    await give(CSV.replace('when', 'date').replace('lots', '8'));
    await until(() => fields() === FIELDS);
    const shown = () =>
      (fixture.nativeElement as HTMLElement)
        .querySelector('[data-testid=log-mapping]')!
        .checkVisibility({ visibilityProperty: true });
    expect(shown()).toBeTrue();
    await press('Look through it');
    await until(() => words('log-found') !== '');
    expect(shown()).toBeFalse();
    expect(words('log-found')).toContain('3 Nov 2026 to 10 Nov 2026');
    const [columns] = await (await loader.getHarness(MatStepperHarness)).getSteps();
    await columns!.select();
    expect(shown()).toBeTrue();
    expect(fields()).toBe(FIELDS);
  });

  it('looks again when a column is said to be another one', async () => {
    const { give, press, choice, words, fields, loader } = await opened();
    await give(CSV.replace('when', 'date'));
    await until(() => fields() === FIELDS);
    await press('Look through it');
    await until(() => words('log-found') !== '');
    const [columns] = await (await loader.getHarness(MatStepperHarness)).getSteps();
    await columns!.select();
    await (await choice('exercise *')).choose('–');
    expect(words('log-found')).toBe('');
    await press('Look through it');
    await until(() => words('log-found').includes('cannot be read'));
    expect(words('log-found')).toContain('0 sets');
  });

  it('says that dates fit two orders, and reads them as it is told', async () => {
    const { give, press, choice, words, fields, log, says } = await opened();
    const slashed = CSV.replace('when', 'date').replaceAll('2026-11-03', '03/11/2026');
    await give(slashed.replace('2026-11-10', '10/11/2026'));
    await until(() => fields() === FIELDS);
    expect(words('log-mapping')).toContain('The dates fit two orders');
    await (await choice('dates are written')).choose('day first');
    await press('Look through it');
    await until(() => words('log-found').includes('2 sets'));
    await press('Import the good ones');
    await until(() => says().includes('2 sets imported.'));
    expect(new Set(log().map(({ date }) => date))).toEqual(new Set(['2026-11-03']));
  });

  it('says when reading fails, keeps nothing, and can be asked again', async () => {
    const { give, says, words, log } = await opened();
    fails = 'it stopped working';
    await give(CSV);
    await until(() => says().some((one) => one.includes('That did not work: it stopped working')));
    expect(says().join()).toContain('Nothing was kept.');
    expect([words('log-mapping'), log()]).toEqual(['', []]);
    fails = '';
    await give(CSV);
    await until(() => words('log-mapping') !== '');
    expect(says()).toEqual([]);
  });

  it('lets go of a file that is left, of one that another takes the place of, and with the screen', async () => {
    const { fixture, give, press, words } = await opened();
    await give(CSV);
    await until(() => words('log-mapping') !== '');
    await press('Leave it');
    expect([words('log-mapping'), talks.map(({ ended }) => ended)]).toEqual(['', [true]]);
    await give(CSV, 'first.csv');
    await until(() => words('log-mapping').includes('first.csv'));
    await give(CSV, 'second.csv');
    await until(() => words('log-mapping').includes('second.csv'));
    expect(talks.map(({ ended }) => ended)).toEqual([true, true, false]);
    fixture.destroy();
    expect(talks.every(({ ended }) => ended)).toBeTrue();
  });

  it('hands the log out as a file', async () => {
    const { press, says } = await opened();
    const names: string[] = [];
    spyOn(HTMLAnchorElement.prototype, 'click').and.callFake(function (this: HTMLAnchorElement) {
      names.push(this.download);
    });
    await press('Save the log as CSV');
    await until(() => names.length === 1);
    expect(names).toEqual(['log.csv']);
    await until(() => says().length === 0);
  });
});
