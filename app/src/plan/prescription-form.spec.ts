import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { formatPrescription, parsePrescription, type Prescription } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { provideFreshBrowser } from '../testing';
import { ChoiceHarness, FieldHarness } from '../ui/forms/testing';
import { PrescriptionForm } from './prescription-form';

function read(text: string): Prescription {
  const parsed = parsePrescription(text, 'kg');
  if (!parsed.ok) throw new Error(parsed.problem.sentence);
  return parsed.prescription;
}

describe('PrescriptionForm', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = provideFreshBrowser();
  });

  afterEach(() => {
    db.close();
  });

  async function formOf(text: string) {
    const fixture = TestBed.createComponent(PrescriptionForm);
    let now = read(text);
    fixture.componentRef.setInput('prescription', now);
    fixture.componentRef.setInput('unit', 'kg');
    fixture.componentRef.setInput('blockRest', 60);
    fixture.componentInstance.changed.subscribe((changed) => {
      now = changed;
      fixture.componentRef.setInput('prescription', changed);
    });
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const field = (named: string) => loader.getHarness(FieldHarness.with({ named }));
    const choose = async (named: string, words: string) =>
      (await loader.getHarness(ChoiceHarness.with({ named }))).choose(words);
    const shown = async (named: string) => (await loader.getHarness(ChoiceHarness.with({ named }))).shown();
    return { field, choose, shown, text: () => formatPrescription(now, 'kg') };
  }

  it('says in fields what the text says, one field after another', async () => {
    const { field, choose, text } = await formOf('3x10 2 left');
    await (await field('sets')).write('5');
    await choose('of', 'reps, a range');
    await choose('how hard', 'share of maximum');
    await (await field('rest')).write('120');
    await choose('sides', 'each side');
    expect(text()).toBe('5 × 10–14 each side, @70%, rest 120 s');
  });

  it('judges a number with the rest of the work, and leaves what stood', async () => {
    const { field, text } = await formOf('4x8-10 2 left');
    const from = await field('from');
    await from.write('12');
    expect(await from.problem()).not.toBe('');
    expect(text()).toBe('4 × 8–10, 2 left');
    await from.write('6');
    expect(text()).toBe('4 × 6–10, 2 left');
  });

  it('refuses sets and a tempo that cannot be, in words', async () => {
    const { field, text } = await formOf('3x10 2 left');
    await (await field('sets')).write('40');
    expect(await (await field('sets')).problem()).toContain('from 1 to 20');
    const tempo = await field('tempo');
    await tempo.write('slowly');
    expect(await tempo.problem()).toContain('three or four counts, such as 3-1-1');
    await tempo.write('3 1 1');
    expect(text()).toContain('3-1-1');
    await tempo.write('');
    expect(text()).toBe('3 × 10, 2 left');
  });

  it('takes the block’s rest where resting is done with something, and gives both back', async () => {
    const { field, text } = await formOf('3x10 2 left');
    await (await field('resting with')).write('walking');
    expect(text()).toContain('60 s');
    expect(text()).toContain('walking');
    await (await field('rest')).write('');
    expect(text()).toBe('3 × 10, 2 left');
  });

  it('shows what is not said as such, and takes it away again', async () => {
    const { choose, shown, text } = await formOf('3x10 2 left');
    expect(await shown('from set to set')).toBe('all the same');
    expect(await shown('way')).toBe('the full way');
    await choose('from set to set', 'load up and down');
    expect(text()).not.toBe('3 × 10, 2 left');
    await choose('from set to set', 'all the same');
    expect(text()).toBe('3 × 10, 2 left');
  });
});
