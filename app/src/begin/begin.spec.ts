import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatButtonToggleHarness } from '@angular/material/button-toggle/testing';
import { MatCheckboxHarness } from '@angular/material/checkbox/testing';
import { MatChipOptionHarness } from '@angular/material/chips/testing';
import { MatRadioButtonHarness } from '@angular/material/radio/testing';
import { MatSnackBarHarness } from '@angular/material/snack-bar/testing';
import { MatStepperHarness } from '@angular/material/stepper/testing';
import { MatTableHarness } from '@angular/material/table/testing';
import { provideRouter, Router } from '@angular/router';
import type { DrayDb } from '../data/dray-db';
import { FrontClass } from '../state/front-class';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { FieldHarness } from '../ui/forms/testing';
import { BeginScreen } from './begin';

describe('BeginScreen', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({
      providers: [provideRouter([{ path: 'board', children: [] }])],
    });
    await openedDocuments();
    await until(() => TestBed.inject(FrontClass).front() === 'demo');
  });

  afterEach(() => {
    db.close();
  });

  async function screen() {
    const fixture = TestBed.createComponent(BeginScreen);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const press = async (text: string) => (await loader.getHarness(MatButtonHarness.with({ text }))).click();
    const off = async (text: string) =>
      (await loader.getHarness(MatButtonHarness.with({ text }))).isDisabled();
    const write = async (area: number, text: string) => {
      const box = host.querySelectorAll('textarea')[area]!;
      box.value = text;
      box.dispatchEvent(new Event('input', { bubbles: true }));
      await fixture.whenStable();
    };
    const step = async () => {
      const steps = await (await loader.getHarness(MatStepperHarness)).getSteps();
      const selected = await Promise.all(steps.map((one) => one.isSelected()));
      return selected.indexOf(true);
    };
    const words = () => host.textContent.replace(/\s+/g, ' ');
    return { fixture, host, loader, press, off, write, step, words };
  }

  it('goes on to the kit as soon as somebody comes, and not while two have one name', async () => {
    const { off, write, words, press, step } = await screen();
    expect(await off('On to the kit')).toBeTrue();
    await write(0, 'Ida\nJost\nIda');
    expect(words()).toContain('Two are called Ida');
    expect(await off('On to the kit')).toBeTrue();
    await write(0, 'Ida\nJost');
    await press('On to the kit');
    expect(await step()).toBe(1);
  });

  it('says before anything else that a clinician comes first, and what a person is taken for', async () => {
    const { host, write, words, loader } = await screen();
    await write(0, 'Ida\nJost');
    expect(words()).toContain('ask a doctor or physiotherapist before you begin');
    expect(words()).toContain('is taken for 70 kg');
    const toggles = await loader.getAllHarnesses(
      MatButtonToggleHarness.with({ ancestor: '[data-testid="new-Jost"]' }),
    );
    const chosen = await Promise.all(toggles.map((toggle) => toggle.isChecked()));
    expect(chosen).toEqual([true, false, false]);
    expect(host.querySelectorAll('[data-testid^="new-"]').length).toBe(2);
  });

  it('refuses a body mass that cannot be, beside its name', async () => {
    const { write, loader } = await screen();
    await write(0, 'Ida');
    const mass = await loader.getHarness(FieldHarness.with({ named: 'Body mass of Ida' }));
    await mass.write('6');
    expect(await mass.problem()).toContain('from 20 to 300 kg');
    await mass.write('150 lb');
    expect(await mass.problem()).toBe('');
  });

  it('has a column for the room and one for each of the class', async () => {
    const { write, press, loader } = await screen();
    await write(0, 'Ida\nJost');
    await press('On to the kit');
    const table = await loader.getHarness(MatTableHarness);
    const [head] = await table.getHeaderRows();
    expect(await head!.getCellTextByIndex()).toEqual(['Thing', 'the room', 'Ida', 'Jost']);
    const box = (label: string) =>
      loader.getHarness(MatCheckboxHarness.with({ selector: `:has([aria-label="${label}"])` }));
    await (await box('mat at Ida’s home')).check();
    expect(await (await box('mat in the room')).isChecked()).toBeFalse();
    expect(await (await box('usual room in the room')).isChecked()).toBeTrue();
  });

  it('shows the session that is chosen, and lets no text through that cannot be read', async () => {
    const { host, write, press, off, loader, words } = await screen();
    await write(0, 'Ida');
    await press('On to the kit');
    await press('On to the session');
    const text = () => host.querySelector('[data-testid=starter-text]')?.textContent ?? '';
    const first = text();
    const radios = await loader.getAllHarnesses(MatRadioButtonHarness);
    await radios[1]!.check();
    expect(text()).not.toBe(first);
    await (await loader.getHarness(MatButtonToggleHarness.with({ text: 'as text' }))).check();
    expect(await off('On to the days')).toBeFalse();
    await write(1, 'Straight sets\n- Hoverboard: 3 × 10');
    expect(words()).toContain('Hoverboard');
    expect(await off('On to the days')).toBeTrue();
    await (await loader.getHarness(MatButtonToggleHarness.with({ text: 'an empty one' }))).check();
    expect(await off('On to the days')).toBeFalse();
  });

  it('comes to a board of one’s own, with a word on where the boatyard is', async () => {
    const { fixture, write, press, loader } = await screen();
    await write(0, 'Ida\nJost');
    await press('On to the kit');
    await press('On to the session');
    await press('On to the days');
    await (await loader.getHarness(MatChipOptionHarness.with({ text: 'Thursday' }))).select();
    await press('To the board');
    await until(() => TestBed.inject(Router).url === '/board');
    const documents = await openedDocuments();
    expect(documents.people().map(({ name }) => name)).toEqual(['Ida', 'Jost']);
    expect(documents.programs()[0]?.weeks[1]?.days.map(({ weekday }) => weekday)).toEqual([4]);
    const notice = TestbedHarnessEnvironment.documentRootLoader(fixture);
    expect(await (await notice.getHarness(MatSnackBarHarness)).getMessage()).toContain(
      'boatyard is put away',
    );
  });
});
