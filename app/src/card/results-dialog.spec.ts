import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { MatInputHarness } from '@angular/material/input/testing';
import { sheetToJson } from '@dray/core/late';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { ResultsDialog } from './results-dialog';
import { homeSheetOf, Sheets } from './sheet-view';

describe('ResultsDialog', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = provideFreshBrowser();
  });

  afterEach(() => {
    db.close();
  });

  async function opened(participantId: string) {
    const closed: unknown[] = [];
    TestBed.configureTestingModule({
      providers: [
        { provide: MAT_DIALOG_DATA, useValue: { participantId } },
        { provide: MatDialogRef, useValue: { close: (kept: unknown) => closed.push(kept) } },
      ],
    });
    const documents = await openedDocuments();
    const view = TestBed.inject(ViewStore);
    view.showSession('tuesday');
    view.showWeek(1);
    const fixture = TestBed.createComponent(ResultsDialog);
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const host = fixture.nativeElement as HTMLElement;
    return {
      documents,
      closed,
      type: async (text: string) => (await loader.getHarness(MatInputHarness)).setValue(text),
      rows: () => [...host.querySelectorAll('li')].map((row) => row.textContent.replace(/\s+/g, ' ').trim()),
      problem: () => host.querySelector('[role="alert"]')?.textContent ?? '',
      keep: async () => (await loader.getHarness(MatButtonHarness.with({ text: /Write down/ }))).click(),
      sheet: (id: string, week = 1) =>
        homeSheetOf(TestBed.inject(Sheets).of(id)!, { sessionId: 'tuesday', week, nth: 1 }, '2026-10-27'),
    };
  }

  it('shows what it understood, writes down the good lines and nothing else, in one step', async () => {
    const { type, rows, keep, documents, closed } = await opened('bram');
    await type('A1 8 8 6, 1 left\nB as asked\nA2 nothing\nZ 4\nC ten');
    expect(rows()[0]).toContain('8, 8, 6');
    expect(rows()[2]).toContain('not done');
    expect(rows()[3]).toContain('There is no Z on this sheet');
    expect(rows().length).toBe(4);
    await keep();
    await until(() => closed.length > 0);
    const log = documents.document()!.log.filter(({ participantId }) => participantId === 'bram');
    expect(new Set(log.map(({ slotId }) => slotId))).toEqual(new Set(['tue-squat', 'tue-press']));
    expect(log.filter(({ slotId }) => slotId === 'tue-squat').map(({ amount }) => amount)).toEqual([8, 8, 6]);
    expect(documents.document()!.classes.some(({ there }) => there.includes('bram'))).toBeTrue();
    documents.undo();
    expect(documents.document()!.log.length).toBe(0);
  });

  it('takes the file that was sent, and refuses another person’s or another class’s', async () => {
    const { type, rows, problem, sheet } = await opened('bram');
    const filled = (id: string, week = 1) => {
      const own = sheet(id, week);
      return sheetToJson({
        ...own,
        lines: own.lines.map((line, at) => ({ ...line, done: at === 0 ? '8 8 8' : '' })),
      });
    };
    await type(filled('odile'));
    expect(problem()).toContain('the sheet of Odile');
    await type(filled('bram', 2));
    expect(problem()).toContain('open that card');
    await type(filled('bram'));
    expect(problem()).toBe('');
    expect(rows()).toEqual([jasmine.stringMatching(/^A1 .*8, 8, 8/)]);
  });
});
