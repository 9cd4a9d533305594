import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatPaginatorHarness } from '@angular/material/paginator/testing';
import { MatRadioGroupHarness } from '@angular/material/radio/testing';
import { MatSnackBarHarness } from '@angular/material/snack-bar/testing';
import { MatTableHarness } from '@angular/material/table/testing';
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
    const rows = async () => (await loader.getHarness(MatTableHarness)).getCellTextByIndex();
    return { fixture, people, host, loader, root, said, rows };
  }

  it('says of somebody nothing is known of that it is a guess, and that loads are set low', async () => {
    const { said, host } = await strengthOf('wendel');
    expect(said()).toContain('a guess from body mass and experience');
    expect(said()).toContain('loads are set from the low side');
    // Nothing grows or falls where there is nothing to look at.
    expect(said()).not.toContain('a week');
    expect(host.textContent).toContain('No set is known yet.');
  });

  it('says what it rests on, how far it may be off, and which slip was held back', async () => {
    const { said } = await strengthOf('juno');
    expect(said()).toMatch(/from \d+ sets? of it/);
    expect(said()).toMatch(/±\d+ %/);
    expect(said()).toMatch(/\d to [\d.]+ kg in nine of ten cases/);
    expect(said()).toContain('Held back until another visit says the same; check it for a slip.');
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
      MatButtonHarness.with({ selector: '[aria-label="Delete the set of 2026-10-15"]' }),
    );
    await remove.click();
    expect((await reps())[0]).toBe(14);
    expect(people.sets().length).toBe(26);
    const notice = await root.getHarness(MatSnackBarHarness);
    await notice.dismissWithAction();
    await until(() => people.sets().length === 27);
  });
});
