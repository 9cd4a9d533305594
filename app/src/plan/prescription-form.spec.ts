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

  it('goes from one kind of work to another, with the numbers each has', async () => {
    const { field, choose, text } = await formOf('3 × 40 s');
    await choose('of', 'seconds held');
    expect(text()).toBe('3 × hold 40 s');
    await choose('of', 'reps or seconds');
    await (await field('reps')).write('12');
    await (await field('or seconds')).write('45');
    expect(text()).toBe('3 × 12 or 45 s');
    await choose('of', 'as many as possible');
    await (await field('up to')).write('20');
    expect(text()).toBe('3 × max up to 20');
    await (await field('up to')).write('');
    await (await field('in seconds')).write('90');
    expect(text()).toBe('3 × max in 90 s');
    await choose('of', 'seconds of work');
    expect(text()).toBe('3 × 90 s');
    await choose('of', 'reps');
    expect(text()).toBe('3 × 10');
  });

  it('has room for a range also above the most that may be asked', async () => {
    const { choose, text } = await formOf('3 × 100');
    await choose('of', 'reps, a range');
    expect(text()).toBe('3 × 96–100');
  });

  it('says how hard in each of the ways there are', async () => {
    const { field, choose, text } = await formOf('3x10 2 left');
    const said = async (kind: string, unit: string, number: string) => {
      await choose('how hard', kind);
      await (await field(unit)).write(number);
      return text();
    };
    expect(await said('effort', 'of 10', '7.5')).toBe('3 × 10, effort 7.5');
    expect(await said('share of body mass', '% of body', '50')).toBe('3 × 10, 50% of body');
    expect(await said('a load', 'kg', '12.5')).toBe('3 × 10, 12.5 kg');
    expect(await said('reps left', 'left', '3')).toBe('3 × 10, 3 left');
    await choose('how hard', 'as the rung says');
    expect(text()).toBe('3 × 10, as the rung says');
    await choose('how hard', 'not said');
    expect(text()).toBe('3 × 10');
  });

  it('says how each side is done, and how sets differ', async () => {
    const { field, choose, text } = await formOf('3x10 2 left');
    await choose('sides', 'each, alternating');
    expect(text()).toContain('alternating');
    await choose('sides', 'at once');
    await choose('from set to set', 'reps down by 2');
    await (await field('by')).write('3');
    expect(text()).toContain('reps down by 3');
    await choose('from set to set', 'all the same');
    expect(text()).toBe('3 × 10, 2 left');
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
