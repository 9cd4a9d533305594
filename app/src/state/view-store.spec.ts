import { TestBed } from '@angular/core/testing';
import { Device } from '../data/device';
import type { DrayDb } from '../data/dray-db';
import { TODAY } from '../data/today';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { ViewStore } from './view-store';

const STARTED = '2026-10-27';

describe('ViewStore', () => {
  let db: DrayDb;

  afterEach(() => {
    db.close();
  });

  async function opened(today = '2026-11-25'): Promise<InstanceType<typeof ViewStore>> {
    TestBed.overrideProvider(TODAY, { useValue: () => today });
    const documents = await openedDocuments();
    documents.edit('begin', (document) => ({
      ...document,
      programs: document.programs.map((program) => ({ ...program, startDate: STARTED })),
    }));
    return TestBed.inject(ViewStore);
  }
  const kept = (view: InstanceType<typeof ViewStore>) => view.device.get<{ chosenWeek?: number }>('view');

  it('opens in the present week, and goes no further than the program does', async () => {
    db = provideFreshBrowser();
    const view = await opened();
    expect([view.presentWeek(), view.week(), view.weeks()]).toEqual([5, 5, 8]);
    view.showWeek(40);
    expect(view.week()).toBe(8);
    view.showWeek(-1);
    expect(view.week()).toBe(1);
    expect(view.board()?.rows.length).toBe(6);
  });

  it('goes on where it was the same day, and in the present week on another', async () => {
    db = provideFreshBrowser();
    const view = await opened();
    view.showSession('friday');
    view.showWeek(2);
    TestBed.tick();
    await until(async () => (await kept(view))?.chosenWeek === 2);
    for (const [today, week] of [
      ['2026-11-25', 2],
      ['2026-12-02', 6],
    ] as const) {
      TestBed.resetTestingModule();
      provideFreshBrowser(db);
      const again = await opened(today);
      await until(() => again.session()?.id === 'friday');
      expect(again.week()).withContext(today).toBe(week);
    }
  });

  it('looks at another session where the chosen one is gone', async () => {
    db = provideFreshBrowser();
    const view = await opened();
    view.showSession('friday');
    view.documents.edit('delete', (document) => ({
      ...document,
      sessions: document.sessions.filter(({ id }) => id !== 'friday'),
    }));
    expect(view.session()?.id).toBe('tuesday');
    expect(TestBed.inject(Device)).toBe(view.device);
  });
});
