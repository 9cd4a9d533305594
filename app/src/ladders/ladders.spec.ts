import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { MatChipOptionHarness } from '@angular/material/chips/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatDialogHarness } from '@angular/material/dialog/testing';
import { MatFormFieldHarness } from '@angular/material/form-field/testing';
import { MatInputHarness } from '@angular/material/input/testing';
import { MatSliderHarness } from '@angular/material/slider/testing';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { ChoiceHarness, FieldHarness } from '../ui/forms/testing';
import { LaddersScreen } from './ladders';

describe('LaddersScreen', () => {
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
    const fixture = TestBed.createComponent(LaddersScreen);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const documents = await openedDocuments();
    const listed = () =>
      [...host.querySelectorAll('.list [matListItemTitle]')].map(({ textContent }) => textContent.trim());
    const button = (words: string) =>
      [...host.querySelectorAll('button')].find(
        ({ textContent }) => textContent.replace(/\s+/g, ' ').trim() === words,
      );
    const press = async (words: string) => {
      button(words)!.click();
      await fixture.whenStable();
    };
    const field = (named: string) => loader.getHarness(FieldHarness.with({ named }));
    const choice = (named: string) => loader.getHarness(ChoiceHarness.with({ named }));
    return { fixture, host, loader, documents, listed, button, press, field, choice };
  }

  it('finds ladders by any word of muscle, pattern, prop or position', async () => {
    const { fixture, loader, listed } = await screen();
    const all = listed().length;
    const find = await loader.getHarness(MatInputHarness.with({ ancestor: '.find' }));
    await find.setValue('one-leg');
    await fixture.whenStable();
    expect(listed()).toContain('Single-leg squat');
    expect(listed().length).toBeLessThan(all);
    await find.setValue('nothing like that at all');
    await fixture.whenStable();
    expect(listed()).toEqual([]);
  });

  it('draws each rung with what it asks of which joint, and what a lever is worth', async () => {
    const { host, press } = await screen();
    await press('Push-up 5 of 5');
    await until(() => host.querySelectorAll('.climb .asks').length === 5);
    expect(host.querySelectorAll('.climb dray-figure svg').length).toBe(5);
    const shares = [...host.querySelectorAll('.climb .asks')].map(({ textContent }) =>
      Number(/(\d+) %/.exec(textContent)?.[1]),
    );
    expect(shares.every((share, at) => at === 0 || share >= (shares[at - 1] ?? 0))).toBeTrue();
    expect(host.textContent).toContain('for a usual body');
  });

  it('shows how a thing to watch for looks, and the right way again after', async () => {
    const { host, press, button } = await screen();
    await press('Push-up 5 of 5');
    await until(() => button('hips sag or rise') !== undefined);
    await press('hips sag or rise');
    expect(host.querySelectorAll('.wrong path').length).toBeGreaterThan(0);
    await press('hips sag or rise');
    expect(host.querySelectorAll('.wrong path').length).toBe(0);
  });

  it('gives a rung to somebody: whom and why is asked, and it is theirs', async () => {
    const { fixture, documents, press } = await screen();
    await press('Give it to somebody');
    const root = TestbedHarnessEnvironment.documentRootLoader(fixture);
    await until(async () => (await root.getAllHarnesses(MatDialogHarness)).length === 1);
    await (await root.getHarness(ChoiceHarness.with({ named: 'For whom' }))).choose('Juno');
    await until(async () =>
      (await (await root.getHarness(MatDialogHarness)).getText()).includes('Juno · Squat'),
    );
    const inside = '.mat-mdc-dialog-container';
    const because = await root.getHarness(
      MatFormFieldHarness.with({ floatingLabelText: 'because', ancestor: inside }),
    );
    await (await because.getControl(MatInputHarness))!.setValue('a cold');
    await (await root.getHarness(MatButtonHarness.with({ text: 'Set by hand', ancestor: inside }))).click();
    await until(() => documents.document()!.overrides.length === 1);
    expect(documents.document()!.overrides[0]).toEqual(
      jasmine.objectContaining({ participantId: 'juno', slotId: 'tue-squat', reason: 'a cold' }),
    );
  });

  it('leaves out what needs the floor where there is none', async () => {
    const { fixture, loader, listed } = await screen();
    expect(listed()).toContain('Crunch');
    await (await loader.getHarness(MatChipOptionHarness.with({ text: 'no floor' }))).select();
    await fixture.whenStable();
    expect(listed()).not.toContain('Crunch');
  });

  it('copies a ladder to be changed: its rungs, gates and needs are then the coach’s own', async () => {
    const { fixture, loader, documents, press, field, host } = await screen();
    await press('Copy to change it');
    const own = () => documents.document()!.ladders[0]!;
    expect(own().name).toContain(', our way');
    const gate = await field('Sets of the gate');
    await gate.write('5');
    expect(own().rungs[0]!.gate.sets).toBe(5);
    await gate.write('99');
    expect(await gate.problem()).not.toBe('');
    expect(own().rungs[0]!.gate.sets).toBe(5);

    const before = own().rungs.map(({ name }) => name);
    await press('Harder');
    expect(own().rungs.map(({ name }) => name)).toEqual([before[1]!, before[0]!, ...before.slice(2)]);

    const needs = () => own().rungs.find(({ name }) => name === before[0])!.needs ?? [];
    const had = needs().length;
    await (await loader.getHarness(ChoiceHarness.with({ named: 'also needs' }))).choose('a wall');
    expect(needs().length).toBe(had + 1);
    host.querySelector<HTMLButtonElement>('[aria-label="No longer needs a wall"]')!.click();
    await fixture.whenStable();
    expect(needs().length).toBe(had);
  });

  it('writes an exercise that is checked as it grows, and keeps it only when it is sound', async () => {
    const { loader, documents, press, button, field, choice, host } = await screen();
    await press('Write an exercise');
    expect(button('Keep it')!.disabled).toBeTrue();
    await (await field('Name of the exercise')).write('Oar lift');
    await (await choice('pattern')).choose('pressing overhead');
    const [quads] = await loader.getAllHarnesses(MatSliderHarness);
    await (await quads!.getEndThumb()).setValue(1);
    for (const [named, text] of [
      ['Cue 1', 'Stand tall'],
      ['Cue 2', 'Push the oar up'],
      ['To see 1', 'back arches'],
      ['To mend 1', 'ribs down'],
      ['To see 2', 'shrugging'],
      ['To mend 2', 'shoulders down'],
      ['breath', 'Out going up.'],
    ] as const) {
      await (await field(named)).write(text);
    }
    expect(button('Keep it')!.disabled).toBeFalse();
    expect(host.querySelectorAll('[aria-label="What it asks of the body"] .said').length).toBe(6);
    await press('Keep it');
    await until(() => documents.document()!.exercises.length === 1);
    expect(documents.document()!.exercises[0]).toEqual(
      jasmine.objectContaining({ name: 'Oar lift', muscles: [{ muscle: 'thighFront', share: 1 }] }),
    );
  });

  it('begins the exercise a session names and nobody knows', async () => {
    const fixture = TestBed.createComponent(LaddersScreen);
    fixture.componentRef.setInput('write', 'Tide table squat');
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const name = await loader.getHarness(FieldHarness.with({ named: 'Name of the exercise' }));
    expect(await name.text()).toBe('Tide table squat');
  });
});
