import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatAutocompleteHarness } from '@angular/material/autocomplete/testing';
import { MatFormFieldHarness } from '@angular/material/form-field/testing';
import type { SlotSource } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { TwinChoice } from './twin-choice';

const march: SlotSource = { kind: 'exercise', exerciseId: 'easy-march' };

describe('TwinChoice', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  async function choiceOf(twin?: SlotSource) {
    const fixture = TestBed.createComponent(TwinChoice);
    const chosen: (SlotSource | undefined)[] = [];
    fixture.componentRef.setInput('twin', twin);
    fixture.componentInstance.chosen.subscribe((source) => {
      chosen.push(source);
      fixture.componentRef.setInput('twin', source);
    });
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const names = await loader.getHarness(MatAutocompleteHarness);
    const write = async (text: string) => {
      await names.clear();
      if (text) await names.enterText(text);
      await (await names.host()).dispatchEvent('change');
    };
    const problem = async () =>
      (await (await loader.getHarness(MatFormFieldHarness)).getTextErrors()).join(' ');
    return { names, write, problem, chosen };
  }

  it('takes what is done instead by its name, however it is written', async () => {
    const { names, write, chosen } = await choiceOf();
    await write('march on the spot');
    expect(chosen).toEqual([march]);
    expect(await names.getValue()).toBe('March on the spot');
  });

  it('says that nothing is called that, keeps it in the field, and leaves what stood', async () => {
    const { names, write, problem, chosen } = await choiceOf(march);
    await write('Nowhere step');
    expect(await problem()).toContain('nothing called “Nowhere step”');
    expect(await names.getValue()).toBe('Nowhere step');
    expect(chosen).toEqual([]);
  });

  it('offers names as they are typed, and takes one that is chosen', async () => {
    const { names, chosen } = await choiceOf();
    await names.enterText('march');
    const offered = await Promise.all((await names.getOptions()).map((option) => option.getText()));
    expect(offered[0]).toContain('March');
    await names.selectOption({ text: offered[0]! });
    expect(chosen.length).toBe(1);
  });

  it('leaves it to Dray again where it is emptied', async () => {
    const { write, chosen } = await choiceOf(march);
    await write('');
    expect(chosen).toEqual([undefined]);
  });
});
