import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatSlideToggleHarness } from '@angular/material/slide-toggle/testing';
import { MatTableHarness } from '@angular/material/table/testing';
import { provideRouter } from '@angular/router';
import type { LogEntry } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { ChoiceHarness } from '../ui/forms/testing';
import { HistoryScreen } from './history';

const DAYS = ['2026-11-10', '2026-11-17'] as const;

const entry = (
  part: Partial<LogEntry> & Pick<LogEntry, 'week' | 'slotId' | 'exerciseId' | 'amount'>,
): LogEntry => ({
  id: `${part.slotId} ${part.week} ${part.set ?? 1} ${part.side ?? ''}`,
  participantId: 'bram',
  sessionId: 'tuesday',
  date: DAYS[part.week - 1]!,
  set: 1,
  counted: 'reps',
  ...part,
});

const squat = { slotId: 'tue-squat', exerciseId: 'shoulder-pair-squat', hold: 'pair' as const };
const press = { slotId: 'tue-press', exerciseId: 'press-up' };
const plank = { slotId: 'tue-plank', exerciseId: 'plank', counted: 'seconds' as const };
const LOG: readonly LogEntry[] = [
  entry({ week: 1, ...squat, loadKg: 40, amount: 6 }),
  entry({ week: 1, ...squat, set: 2, loadKg: 40, amount: 5, note: 'left heel came up' }),
  entry({
    week: 2,
    ...squat,
    loadKg: 44,
    amount: 6,
    stood: [{ amount: 60, until: '2026-11-18T07:00:00.000Z' }],
  }),
  entry({ week: 1, ...press, amount: 12 }),
  entry({ week: 2, ...press, amount: 14 }),
  entry({ week: 1, ...plank, amount: 30 }),
  entry({ week: 2, ...plank, amount: 41 }),
];

describe('HistoryScreen', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
    const documents = await openedDocuments();
    expect(await documents.record('a fortnight', LOG)).toBeTrue();
  });

  afterEach(() => {
    db.close();
  });

  async function screen(id: string) {
    const fixture = TestBed.createComponent(HistoryScreen);
    fixture.componentRef.setInput('participant', id);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    const words = () => host.textContent.replace(/\s+/g, ' ');
    const says = async (text: string) => {
      await until(() => {
        fixture.detectChanges();
        return words().includes(text);
      });
    };
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const look = async (named: string, at: string) =>
      (await loader.getHarness(ChoiceHarness.with({ named }))).choose(at);
    const tables = async () => loader.getAllHarnesses(MatTableHarness);
    return { fixture, host, words, says, loader, look, tables };
  }

  it('has the best set of the first day beside that of the latest, and what has changed in a few signs', async () => {
    const { says, tables } = await screen('bram');
    await says('Then and now');
    const [pairs] = await tables();
    const rows = await pairs!.getCellTextByIndex();
    const of = (name: string) => rows.find(([first]) => first?.includes(name))!;
    // Each hand's load is what a coach says of a pair; both together weigh 40 and 44 kg.
    expect(of('Squat')[1]).toContain('6 with 2\u00a0×\u00a020\u00a0kg');
    expect(of('Squat')[2]).toContain('6 with 2\u00a0×\u00a022\u00a0kg');
    expect(of('Squat')[3]).toBe('+2\u00a0kg each');
    expect(of('Squat')[0]).toContain('Tuesday, whole body');
    expect(of('Plank')[0]).not.toContain('Tuesday');
    expect(of('Plank')[1]).toContain('30\u00a0s');
    expect(of('Plank')[3]).toBe('+11\u00a0s');
    expect(of('Push-up')[3]).toBe('+2 reps');
  });

  it('tells every visit, newest first, with what was noted and what was put right', async () => {
    const { says, host } = await screen('bram');
    await says('Visits');
    await says('left heel came up');
    const visits = [...host.querySelectorAll('h3')].map((own) =>
      own.parentElement!.textContent.replace(/\s+/g, ' '),
    );
    expect(visits.length).toBe(2);
    expect(visits[0]).toContain('17 Nov');
    expect(visits[0]).toContain('Set 1 stood at 60 until');
    expect(visits[1]).toContain('left heel came up');
    expect(visits[0]).not.toContain('left heel came up');
  });

  it('says in a table what it draws, of whatever is looked at', async () => {
    const { host, says, look, loader, tables } = await screen('bram');
    await says('Visits');
    await look('What to look at', 'holds');
    await until(() => host.querySelector('dray-chart canvas') !== null);
    await (await loader.getHarness(MatSlideToggleHarness)).check();
    const held = async () =>
      (await Promise.all((await tables()).map((table) => table.getCellTextByIndex()))).at(-1)!;
    expect((await held()).map((row) => row.at(-1))).toEqual(['30', '41']);
    await look('What to look at', 'volume');
    // Volume load: repetitions × load over all sets, (6 + 5) × 40 and 6 × 44.
    const volume = (await held()).map((row) => row.join(' '));
    expect(volume[0]).toContain('440');
    expect(volume[1]).toContain('264');
  });

  it('says what has to be written down first where there is nothing to draw', async () => {
    const { says, look, words } = await screen('bram');
    await says('Visits');
    await look('What to look at', 'left and right');
    expect(words()).toContain('type them like “l 8 8 r 10 10”');
    await look('What to look at', 'effort');
    expect(words()).toContain('Nobody asked how hard it was yet');
  });

  it('sends whoever has nothing logged to the class', async () => {
    const { says, words } = await screen('odile');
    await says('Nothing is logged of Odile yet.');
    expect(words()).not.toContain('Then and now');
  });
});
