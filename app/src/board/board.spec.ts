import { TestKey } from '@angular/cdk/testing';
import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { MatInputHarness } from '@angular/material/input/testing';
import { MatListItemHarness } from '@angular/material/list/testing';
import { MatSlideToggleHarness } from '@angular/material/slide-toggle/testing';
import { editEachTier, editSlot, type LogEntry } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { giveCautions, openedDocuments, provideFreshBrowser, putIn, stepsOf, until } from '../testing';
import { BoardScreen } from './board';

/** Everybody stands on it, and the reasons beside it. */
function whole(host: HTMLElement): boolean {
  return !!host.querySelector('table[aria-busy=false]') && !!host.querySelector('dray-cell-panel');
}

describe('BoardScreen', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
    TestBed.inject(ViewStore).showWeek(5);
  });

  afterEach(() => {
    db.close();
  });

  async function screen() {
    const fixture = TestBed.createComponent(BoardScreen);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    await until(() => whole(host));
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const documents = await openedDocuments();
    const cell = (person: string, slot: string) =>
      host.querySelector<HTMLElement>(`[data-testid="cell-${person}-${slot}"]`)!;
    const said = (person: string, slot: string) => cell(person, slot).textContent.replace(/\s+/g, ' ');
    const choose = async (person: string, slot: string) => {
      cell(person, slot).click();
      await fixture.whenStable();
    };
    const panel = () => host.querySelector('dray-cell-panel')!.textContent.replace(/\s+/g, ' ');
    const button = (words: string) =>
      [...host.querySelectorAll('button')].find(({ textContent }) => textContent.trim() === words)!;
    return { fixture, host, loader, documents, cell, said, choose, panel, button };
  }

  it('has a row for everyone and a cell for each of their exercises, with what acted on it', async () => {
    const { host, cell } = await screen();
    expect(host.querySelectorAll('tbody tr').length).toBe(6);
    for (const row of host.querySelectorAll('tbody tr')) expect(row.querySelectorAll('td').length).toBe(6);
    expect(cell('tamsin', 'tue-squat').textContent).toContain('knee: less depth');
  });

  it('comes part by part, so that no step of it holds the page up', async () => {
    const fixture = TestBed.createComponent(BoardScreen);
    const host = fixture.nativeElement as HTMLElement;
    const rows = () => host.querySelectorAll('tbody tr').length;
    fixture.detectChanges();
    expect(host.querySelector('dray-session-picker')).not.toBeNull();
    const steps = stepsOf(host, rows);
    await until(() => whole(host));
    expect(steps).toEqual([0, 3, 6]);
  });

  it('shows warm-up and cool-down when they are asked for, and hides them again by their key', async () => {
    const { fixture, host, loader } = await screen();
    await (await loader.getHarness(MatSlideToggleHarness)).check();
    expect(host.querySelector('tbody tr')!.querySelectorAll('td').length).toBe(12);
    document.dispatchEvent(new KeyboardEvent('keydown', { key: 'w' }));
    await fixture.whenStable();
    expect(host.querySelector('tbody tr')!.querySelectorAll('td').length).toBe(6);
  });

  it('says why the chosen cell is what it is, one step after another', async () => {
    const { host, choose, panel } = await screen();
    await choose('anselm', 'tue-row');
    const steps = [...host.querySelectorAll('.trace b')].map((name) => name.textContent.trim());
    expect(steps).toEqual(['Rung', 'Cautions', 'Kit', 'Target', 'Attainable', 'Written']);
    expect(panel()).toContain('never hold the breath');
    expect(host.querySelector('.trace .caution')).not.toBeNull();
  });

  it('draws who has to hold on with a hand on something', async () => {
    const { fixture, host, documents, choose, panel } = await screen();
    putIn(documents, 'tue-squat', 'heel-raise');
    await choose('bram', 'tue-squat');
    const surfaces = () =>
      host.querySelectorAll('dray-cell-panel > dray-figure svg:last-of-type .surface').length;
    await until(() => surfaces() > 0);
    expect(surfaces()).withContext('the floor').toBe(1);
    giveCautions(documents, 'bram', 'fallRisk');
    await fixture.whenStable();
    expect(panel()).toContain('holding on');
    expect(surfaces()).withContext('floor and post').toBe(2);
  });

  it('opens the coach’s hand with what stands, asks for a reason, and keeps what was set', async () => {
    const { fixture, host, loader, documents, choose, button, said } = await screen();
    await choose('bram', 'tue-press');
    button('Set by hand').click();
    await fixture.whenStable();
    const form = host.querySelector('dray-by-hand-form form')!;
    const fields = await loader.getAllHarnesses(MatInputHarness.with({ ancestor: 'dray-by-hand-form' }));
    await fields[0]!.setValue('5');
    form.dispatchEvent(new Event('submit'));
    await fixture.whenStable();
    expect(documents.document()!.overrides).toEqual([]);
    expect(host.querySelector('dray-by-hand-form')!.textContent).toMatch(/reason/i);
    await fields[3]!.setValue('asked for more');
    form.dispatchEvent(new Event('submit'));
    await until(() => documents.document()!.overrides.length === 1);
    expect(documents.document()!.overrides[0]).toEqual(
      jasmine.objectContaining({
        participantId: 'bram',
        slotId: 'tue-press',
        sets: 5,
        reason: 'asked for more',
      }),
    );
    await fixture.whenStable();
    expect(said('bram', 'tue-press')).toContain('5 ×');
  });

  it('keeps what stands by hand as it was counted: twelve repetitions are not twelve seconds of a plan by the clock', async () => {
    const { fixture, host, loader, documents, choose, button, said } = await screen();
    const set = {
      id: 'o',
      participantId: 'bram',
      slotId: 'tue-press',
      fromWeek: 5,
      toWeek: 5,
      reason: 'as he likes it',
    };
    documents.edit('by the clock', (document) => ({
      ...document,
      overrides: [{ ...set, amount: 12, counted: 'reps' as const }],
      sessions: document.sessions.map((session) =>
        editSlot(session, 'tue-press', (slot) =>
          editEachTier(slot, (one) => ({ ...one, work: { kind: 'time', seconds: 40 } })),
        ),
      ),
    }));
    await fixture.whenStable();
    expect(said('bram', 'tue-press')).toContain('40 s');
    await choose('bram', 'tue-press');
    button('Set by hand').click();
    await fixture.whenStable();
    const fields = await loader.getAllHarnesses(MatInputHarness.with({ ancestor: 'dray-by-hand-form' }));
    await fields[0]!.setValue('5');
    await fields[3]!.setValue('one set more');
    host.querySelector('dray-by-hand-form form')!.dispatchEvent(new Event('submit'));
    await until(() => documents.document()!.overrides.some(({ sets }) => sets === 5));
    expect(documents.document()!.overrides.find(({ sets }) => sets === 5)).toEqual(
      jasmine.objectContaining({ amount: 12, counted: 'reps' }),
    );
    await fixture.whenStable();
    expect(said('bram', 'tue-press')).toContain('5 × 40 s');
  });

  it('finds another exercise in the coach’s words and says what a caution has against it', async () => {
    const { fixture, loader, choose } = await screen();
    await choose('tamsin', 'tue-squat');
    const another = await loader.getHarness(MatInputHarness.with({ ancestor: 'dray-cell-panel' }));
    await another.setValue('jump squat');
    await fixture.whenStable();
    const [found] = await loader
      .getAllHarnesses(MatListItemHarness.with({ ancestor: 'dray-cell-panel' }))
      .catch(() => []);
    const words = found
      ? await found.getFullText()
      : (fixture.nativeElement as HTMLElement).querySelector('mat-action-list')!.textContent;
    expect(words.toLowerCase()).toContain('jump');
    expect(words).toContain('against a caution');
  });

  it('calls what comes near by its whole name, and says what to begin with', async () => {
    const { host, loader, choose } = await screen();
    await choose('bram', 'tue-squat');
    const near = () =>
      [...host.querySelectorAll('dray-finder button')].map((row) =>
        [...row.querySelectorAll('.mat-mdc-list-item-title, .mat-mdc-list-item-line')].map((line) =>
          line.textContent.trim().replace(/\s+/g, ' '),
        ),
      );
    await until(() => near().length > 0);
    const says = () => new Map(near().map(([name = '', line = '']) => [name, line]));
    expect(says().get('Goblet squat')).toMatch(/^from [\d.]+ kg, ±\d+ %$/);
    expect(says().get('Barbell squat, bar on the shoulders')).toMatch(/^from [\d.]+ kg, ±\d+ %$/);
    // One in each hand: what is said is each hand's, never both as one.
    const another = await loader.getHarness(MatInputHarness.with({ ancestor: 'dray-cell-panel' }));
    await another.setValue('rear-foot-raised split squat');
    await until(() => says().has('Rear-foot-raised split squat'));
    expect(says().get('Rear-foot-raised split squat')).toMatch(/^from 2 × 4\.\d kg, ±\d+ %$/);
  });

  it('settles a name that is not sure with one press, and takes what is said in the coach’s words', async () => {
    const { fixture, loader, choose, panel, button } = await screen();
    await choose('tamsin', 'tue-squat');
    const another = await loader.getHarness(MatInputHarness.with({ ancestor: 'dray-cell-panel' }));
    await another.setValue('banded hip thrust');
    expect(panel()).toContain('There is no exercise “banded hip thrust”');
    button('Hip thrust').click();
    await fixture.whenStable();
    expect(await another.getValue()).toBe('Hip thrust');
    await another.setValue('DB goblet squats to a box');
    await (await another.host()).sendKeys(TestKey.ENTER);
    await fixture.whenStable();
    const chosen = (fixture.nativeElement as HTMLElement).querySelector('dray-by-hand-form')!;
    expect(chosen.textContent.replace(/\s+/g, ' ')).toContain('Set by hand: Goblet squat, to a seat');
  });

  it('shows beside what was asked what was done, or that it was not, of a week that is over', async () => {
    const { fixture, documents, said } = await screen();
    const set = (number: number, amount: number): LogEntry => ({
      id: `row ${number}`,
      participantId: 'bram',
      sessionId: 'tuesday',
      slotId: 'tue-row',
      week: 4,
      date: '2026-11-24',
      exerciseId: 'one-arm-row',
      set: number,
      counted: 'reps',
      amount,
    });
    await documents.record('three sets', [set(1, 10), set(2, 10), set(3, 8)]);
    expect(said('bram', 'tue-row')).not.toContain('did');
    TestBed.inject(ViewStore).showWeek(4);
    await until(() => said('bram', 'tue-row').includes('did 10, 10, 8'));
    await fixture.whenStable();
    expect(said('tamsin', 'tue-row')).toContain('not done');
  });

  it('says where to look where nothing is called that', async () => {
    const { loader, choose, panel } = await screen();
    await choose('juno', 'tue-squat');
    const another = await loader.getHarness(MatInputHarness.with({ ancestor: 'dray-cell-panel' }));
    await another.setValue('zzzz');
    expect(panel()).toContain('There is no exercise “zzzz”.');
    expect(panel()).toContain('Say it in other words, or one word less.');
  });
});
