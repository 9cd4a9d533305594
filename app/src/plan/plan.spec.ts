import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { MatButtonToggleGroupHarness } from '@angular/material/button-toggle/testing';
import { MatExpansionPanelHarness } from '@angular/material/expansion/testing';
import { MatMenuHarness } from '@angular/material/menu/testing';
import { MatSnackBarHarness } from '@angular/material/snack-bar/testing';
import type { DrayDb } from '../data/dray-db';
import { formatPrescription } from '@dray/core';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser, stepsOf, until } from '../testing';
import { ChoiceHarness, FieldHarness } from '../ui/forms/testing';
import { PlanScreen } from './plan';

describe('PlanScreen', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  async function screen() {
    const fixture = TestBed.createComponent(PlanScreen);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    await until(() => host.querySelector('dray-class-versions dray-cell') !== null);
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const documents = await openedDocuments();
    const session = () => documents.document()!.sessions.find(({ id }) => id === 'tuesday')!;
    const names = () =>
      [...host.querySelectorAll('.slot-name')].map((name) => name.firstChild?.textContent?.trim());
    const prescription = (slotId: string, tier: string) =>
      host.querySelector<HTMLInputElement>(`#rx-${slotId}-${tier}`)!;
    const slot = (id: string) =>
      session()
        .blocks.flatMap(({ slots }) => slots)
        .find((own) => own.id === id)!;
    /** What is folded away beside the session, of the exercise in whose prescription the hand is. */
    const unfold = async (slotId: string, title: string | RegExp) => {
      prescription(slotId, 'intermediate').focus();
      await fixture.whenStable();
      await (await loader.getHarness(MatExpansionPanelHarness.with({ title }))).expand();
    };
    const choose = async (named: string, words: string) =>
      (await loader.getHarness(ChoiceHarness.with({ named }))).choose(words);
    return { fixture, host, loader, documents, session, names, prescription, slot, unfold, choose };
  }

  it('shows every exercise with its letter and its three prescriptions', async () => {
    const { host, names, prescription } = await screen();
    expect(names()).toContain('Squat');
    const letters = [...host.querySelectorAll('.slot .letter')].map((letter) => letter.textContent.trim());
    expect(letters.filter((letter) => letter !== '·')).toEqual(['A1', 'A2', 'B', 'C', 'D1', 'D2']);
    expect(prescription('tue-squat', 'intermediate').value).toBe('3 × 10, 2 left');
  });

  it('comes part by part, so that no step of it holds the page up, and loses nothing on the way', async () => {
    const fixture = TestBed.createComponent(PlanScreen);
    const host = fixture.nativeElement as HTMLElement;
    const there = (what: string) => host.querySelectorAll(what).length;
    fixture.detectChanges();
    expect([there('.block'), there('[rail]'), there('dray-cell')]).toEqual([1, 0, 0]);
    // What stands below all blocks would be pushed down by those that come.
    expect(there('#add-block')).toBe(0);
    await until(() => there('dray-cell') > 0);
    expect([there('.block'), there('[rail]'), there('#add-block')]).toEqual([6, 1, 1]);
  });

  it('has room for what an exercise comes to before that is worked out: nothing below it moves', async () => {
    const fixture = TestBed.createComponent(PlanScreen);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    const heights = stepsOf(host, () => host.querySelector('.slot.on')?.getBoundingClientRect().height);
    await until(() => host.querySelector('.slot.on dray-class-strip small') !== null);
    expect(new Set(heights.filter(Boolean)).size).toBe(1);
  });

  it('has room for the line to add with before it comes: nothing below it moves', async () => {
    const fixture = TestBed.createComponent(PlanScreen);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    const heights = new Map<string, Set<number>>();
    stepsOf(host, () => {
      const line = host.querySelector('.line-to-come, dray-add-line');
      const below = host.querySelector('#add-block');
      if (!line || !below) return;
      const height = Math.round(below.getBoundingClientRect().top - line.getBoundingClientRect().top);
      heights.set(line.tagName, (heights.get(line.tagName) ?? new Set()).add(height));
    });
    await until(() => heights.has('DRAY-ADD-LINE'));
    expect(heights.get('P')).toEqual(heights.get('DRAY-ADD-LINE'));
  });

  it('keeps a budget at the end of the edit, whole: 12 never passes through 1', async () => {
    const { loader, session } = await screen();
    const budget = await loader.getHarness(FieldHarness.with({ named: 'Budget' }));
    await budget.begin('12');
    expect(session().budgetMinutes).toBe(40);
    await budget.leave();
    expect(session().budgetMinutes).toBe(12);
  });

  it('refuses a budget that cannot be, in words, and keeps both what stood and what was typed', async () => {
    const { loader, session } = await screen();
    const budget = await loader.getHarness(FieldHarness.with({ named: 'Budget' }));
    await budget.write('-5');
    expect(await budget.problem()).toBe('Budget is too small; the least is 1.');
    expect(await budget.text()).toBe('-5');
    expect(session().budgetMinutes).toBe(40);
  });

  it('takes rounds for a whole block, and another kind of block', async () => {
    const { loader, session } = await screen();
    const rounds = await loader.getHarness(FieldHarness.with({ named: 'Rounds of Superset' }));
    await rounds.write('4');
    const superset = () => session().blocks.find(({ slots }) => slots.some(({ id }) => id === 'tue-squat'))!;
    for (const { prescriptions } of superset().slots) expect(prescriptions.intermediate.sets).toBe(4);
    const kinds = await loader.getAllHarnesses(ChoiceHarness.with({ named: 'Kind of block' }));
    await kinds[1]!.choose('Circuit');
    expect(superset().kind).toBe('circuit');
  });

  it('takes a block out by its menu, says so, and brings it back whole', async () => {
    const { fixture, loader, session, names } = await screen();
    const menus = await loader.getAllHarnesses(MatMenuHarness);
    const labels = await Promise.all(
      menus.map(async (menu) => (await menu.host()).getAttribute('aria-label')),
    );
    const more = menus[labels.indexOf('More of Superset')]!;
    await more.open();
    await more.clickItem({ text: 'Delete' });
    expect(names()).not.toContain('Squat');
    const notice = await TestbedHarnessEnvironment.documentRootLoader(fixture).getHarness(MatSnackBarHarness);
    expect(await notice.getMessage()).toContain('Superset is deleted.');
    await notice.dismissWithAction();
    expect(names()).toContain('Squat');
    expect(session().blocks.length).toBe(6);
  });

  it('moves, joins and parts exercises by keys, and the focus stays in the field', async () => {
    const { fixture, names, session, prescription } = await screen();
    const field = prescription('tue-squat', 'beginner');
    field.focus();
    const press = async (init: KeyboardEventInit) => {
      field.dispatchEvent(new KeyboardEvent('keydown', { ...init, altKey: true, bubbles: true }));
      await fixture.whenStable();
    };
    const before = names();
    await press({ key: 'ArrowDown' });
    expect(names().indexOf('Squat')).toBe(before.indexOf('Squat') + 1);
    expect(document.activeElement?.id).toBe('rx-tue-squat-beginner');
    await press({ key: 'p', code: 'KeyP' });
    const alone = session().blocks.find(({ slots }) => slots.some(({ id }) => id === 'tue-squat'));
    expect(alone?.slots.length).toBe(1);
  });

  it('says an exercise’s work in fields too, of the tier in which the hand is', async () => {
    const { loader, slot, prescription, unfold } = await screen();
    await unfold('tue-squat', 'intermediate, in fields');
    await (await loader.getHarness(FieldHarness.with({ named: 'sets' }))).write('5');
    const { beginner, intermediate } = slot('tue-squat').prescriptions;
    expect(formatPrescription(intermediate, 'kg')).toBe('5 × 10, 2 left');
    expect(beginner.sets).not.toBe(5);
    expect(prescription('tue-squat', 'intermediate').value).toBe('5 × 10, 2 left');
  });

  it('lets one exercise grow in its own way, and be another for whoever may not', async () => {
    const { host, loader, slot, unfold, choose } = await screen();
    await unfold('tue-plank', 'Grows as the program does');
    await choose('grows by', 'time first');
    expect(slot('tue-plank').scheme?.kind).toBe('timeFirst');
    const [grows] = await loader.getAllHarnesses(MatExpansionPanelHarness.with({ title: /own way/ }));
    expect(await grows?.isExpanded()).toBeTrue();
    await unfold('tue-thrust', 'For whoever may not');
    const instead = host.querySelector<HTMLInputElement>('dray-twin-choice input')!;
    instead.value = 'March on the spot';
    for (const kind of ['input', 'change']) instead.dispatchEvent(new Event(kind));
    await until(() => slot('tue-thrust').twin !== undefined);
    await until(() =>
      host
        .querySelector('[data-testid="slot-tue-thrust"] .slot-name')!
        .textContent.includes('or March on the spot'),
    );
  });

  it('puts a session away by the menu with its name, and brings it back from there', async () => {
    const { fixture, loader, host, documents } = await screen();
    const menu = async () =>
      loader.getHarness(MatMenuHarness.with({ selector: '[aria-label="Other sessions"]' }));
    await (await menu()).open();
    await (await menu()).clickItem({ text: 'Archive this session' });
    await fixture.whenStable();
    expect(host.querySelector('[data-testid="slot-tue-squat"]')).toBeNull();
    expect(
      documents.document()!.sessions.some(({ id, archived }) => id === 'tuesday' && archived),
    ).toBeTrue();
    await (await menu()).open();
    await (await menu()).clickItem({ text: 'Archived' }, { text: 'Bring back Tuesday, whole body' });
    await until(() => host.querySelector('[data-testid="slot-tue-squat"]') !== null);
  });

  it('shows the session as text and the outline again, by a key or by hand', async () => {
    const { fixture, loader, host } = await screen();
    const ways = await loader.getHarness(MatButtonToggleGroupHarness.with({ selector: '.ways' }));
    const [, text] = await ways.getToggles();
    await text!.check();
    await fixture.whenStable();
    expect(host.querySelector('.slot')).toBeNull();
    document.dispatchEvent(new KeyboardEvent('keydown', { key: 't' }));
    await fixture.whenStable();
    expect(host.querySelectorAll('.slot').length).toBeGreaterThan(5);
  });

  it('says which tier is over the time', async () => {
    const { fixture, host, loader } = await screen();
    const over = () =>
      [...host.querySelectorAll('.times .letter')].map((toggle) => toggle.textContent.trim());
    expect(over()).toEqual([]);
    await (await loader.getHarness(FieldHarness.with({ named: 'Budget' }))).write('28');
    await fixture.whenStable();
    expect(over().map((words) => words.split(' ')[0])).toEqual(['intermediate', 'advanced']);
  });
});
