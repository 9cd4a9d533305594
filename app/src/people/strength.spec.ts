import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatPaginatorHarness } from '@angular/material/paginator/testing';
import { MatRadioGroupHarness } from '@angular/material/radio/testing';
import { MatSnackBarHarness } from '@angular/material/snack-bar/testing';
import { MatTableHarness } from '@angular/material/table/testing';
import type { LogEntry } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { ChoiceHarness } from '../ui/forms/testing';
import { PeopleStore } from './people-store';
import { Strength } from './strength';

describe('Strength', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.overrideComponent(Strength, { add: { providers: [PeopleStore] } });
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  async function strengthOf(id: string) {
    const fixture = TestBed.createComponent(Strength);
    const people = fixture.debugElement.injector.get(PeopleStore);
    people.show(id);
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const root = TestbedHarnessEnvironment.documentRootLoader(fixture);
    const said = () =>
      host.querySelector('[data-testid=strength]')?.textContent.replace(/\s+/g, ' ').trim() ?? '';
    const rows = async () => {
      const cells = await (await loader.getHarness(MatTableHarness)).getCellTextByIndex();
      return cells.map((row) => row.map((cell) => cell.replace(/\s+/g, ' ')));
    };
    return { fixture, people, host, loader, root, said, rows };
  }

  it('says of somebody nothing is known of that it is a guess, and that loads are set low', async () => {
    const { said, host } = await strengthOf('wendel');
    expect(said()).toContain('a guess from body mass and experience');
    expect(said()).toContain('loads are set from the low side');
    // Nothing grows or falls where there is nothing to look at.
    expect(said()).not.toContain('a week');
    expect(host.textContent).toContain('No set of it, or of a related exercise, is known yet.');
  });

  it('says what it rests on, how far it may be off, and which slip was held back', async () => {
    const { said } = await strengthOf('juno');
    expect(said()).toMatch(/from \d+ sets? of it/);
    expect(said()).toMatch(/±\d+ %/);
    expect(said()).toMatch(/\d to [\d.]+ kg in nine of ten cases/);
    expect(said()).toContain('Held back until another visit says the same; check it for a slip.');
  });

  it('says of a pair each hand’s load, in its row and of a slip, and that the maximum is of both', async () => {
    const { people, said, rows, fixture } = await strengthOf('wendel');
    const set = { exerciseId: 'pair-hinge', reps: 8, reserve: 2, hold: 'pair' } as const;
    for (let day = 1; day <= 6; day += 1) people.addSet({ ...set, loadKg: 40, date: `2026-11-0${day}` });
    // The digits of 20 kg each, swapped and grown.
    people.addSet({ ...set, loadKg: 184, date: '2026-11-10' });
    people.showExercise('pair-hinge');
    await fixture.whenStable();
    expect((await rows()).map((cells) => cells[2])).toEqual([
      '2 × 92 kg',
      ...Array<string>(6).fill('2 × 20 kg'),
    ]);
    expect(said()).toContain('10 Nov: 8 with 2 × 92 kg says');
    expect(said()).toContain('both hands together, from');
  });

  it('lists sets of a day that were the same in one row, and what was noted by hand by itself', async () => {
    const { people, rows, fixture } = await strengthOf('wendel');
    const logged = [8, 8, 8, 6].map((amount, at): LogEntry => ({
      id: `set-${at}`,
      participantId: 'wendel',
      sessionId: 'tuesday',
      slotId: 'tue-hinge',
      week: 1,
      date: '2026-11-03',
      exerciseId: 'pair-hinge',
      loadKg: 20,
      hold: 'pair',
      set: at + 1,
      counted: 'reps',
      amount,
      reserve: 2,
    }));
    expect(await people.documents.record('a class', logged)).toBeTrue();
    const noted = { exerciseId: 'pair-hinge', loadKg: 18, reps: 8, reserve: 2, date: '2025-12-30' };
    people.addSet(noted);
    people.addSet({ ...noted });
    await fixture.whenStable();
    const own = (await rows()).map((cells) => cells.slice(0, 5));
    expect(own.map(([day, , load, reps, left]) => [day, load, reps, left])).toEqual([
      ['3 Nov', '2 × 10 kg', '3 × 8', '2'],
      ['3 Nov', '2 × 10 kg', '6', '2'],
      // Of another year, and of nobody knows which hold: in all.
      ['30 Dec 2025', '18 kg', '8', '2'],
      ['30 Dec 2025', '18 kg', '8', '2'],
    ]);
  });

  it('is the maximum of body and load together where a load only adds to the body', async () => {
    const { people, said, loader, fixture } = await strengthOf('bram');
    people.addSet({ exerciseId: 'pull-up', reps: 6, reserve: 1, date: '2026-11-20' });
    await fixture.whenStable();
    const which = await loader.getHarness(ChoiceHarness.with({ named: 'How strong at' }));
    expect(await which.shown()).toMatch(/^Pull-up/);
    expect(said()).toContain('body and load together');
    const kg = Number(/^([\d.]+)/.exec(said())?.[1]);
    expect(kg).toBeGreaterThan(people.person()!.bodyMassKg);
    // Nobody knows it to the gram.
    expect(Number.isInteger(kg)).toBeTrue();
  });

  it('shows each equation’s maximum, and goes by the one that is chosen', async () => {
    const { people, loader, host } = await strengthOf('juno');
    const equations = await loader.getHarness(MatRadioGroupHarness);
    const buttons = await equations.getRadioButtons();
    expect(buttons.length).toBe(7);
    await equations.checkRadioButton({ label: /Lombardi/ });
    expect(people.person()?.formula).toBe('lombardi');
    expect(host.textContent).toMatch(/They differ by [\d.]+ kg, \d+ %, for these sets\./);
  });

  it('lists the newest set first, twelve at a time, and stays on its page when one is deleted', async () => {
    const { people, loader, root, rows, fixture } = await strengthOf('wendel');
    for (let day = 1; day <= 27; day += 1) {
      const date = `2026-10-${String(day).padStart(2, '0')}`;
      people.addSet({ exerciseId: 'goblet-squat', loadKg: 12, reps: day, reserve: 2, date });
    }
    await fixture.whenStable();
    const reps = async () => (await rows()).map((cells) => Number(cells[3]));
    expect(await reps()).toEqual([27, 26, 25, 24, 23, 22, 21, 20, 19, 18, 17, 16]);
    const pages = await loader.getHarness(MatPaginatorHarness);
    await pages.goToNextPage();
    expect(await reps()).toEqual([15, 14, 13, 12, 11, 10, 9, 8, 7, 6, 5, 4]);
    const remove = await loader.getHarness(
      MatButtonHarness.with({ selector: '[aria-label="Delete the set of 15 Oct"]' }),
    );
    await remove.click();
    expect((await reps())[0]).toBe(14);
    expect(people.sets().length).toBe(26);
    const notice = await root.getHarness(MatSnackBarHarness);
    await notice.dismissWithAction();
    await until(() => people.sets().length === 27);
  });
});
