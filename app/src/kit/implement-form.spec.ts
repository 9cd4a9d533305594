import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import type { Implement } from '@dray/core';
import { Device } from '../data/device';
import type { DrayDb } from '../data/dray-db';
import { provideFreshBrowser, until } from '../testing';
import { ChoiceHarness, FieldHarness } from '../ui/forms/testing';
import { ImplementForm } from './implement-form';

const pair: Implement = { kind: 'fixed', id: 'pair', form: 'dumbbell', massKg: 5, count: 2 };

describe('ImplementForm', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = provideFreshBrowser();
  });

  afterEach(() => {
    db.close();
  });

  async function formFor(implement: Implement, unit: 'kg' | 'lb' = 'kg') {
    const fixture = TestBed.createComponent(ImplementForm);
    fixture.componentRef.setInput('implement', implement);
    fixture.componentRef.setInput('unit', unit);
    const changes: Implement[] = [];
    fixture.componentInstance.changed.subscribe((changed) => {
      changes.push(changed);
      fixture.componentRef.setInput('implement', changed);
    });
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const field = (named: string) => loader.getHarness(FieldHarness.with({ named }));
    return { loader, field, changes, fixture };
  }

  it('takes a mass when its edit is over, in whichever unit it is written', async () => {
    const { field, changes } = await formFor(pair);
    const each = await field('each');
    await each.begin('7,5');
    expect(changes).toEqual([]);
    await each.write('7,5');
    expect(changes.at(-1)).toEqual({ ...pair, massKg: 7.5 });
    await each.write('25 lb');
    // 1 lb is 0.45359237 kg: the international pound of 1959.
    expect((changes.at(-1) as typeof pair & { massKg: number }).massKg).toBeCloseTo(25 * 0.45359237, 10);
  });

  it('keeps what cannot be, says why beside it, and changes nothing', async () => {
    const { field, changes } = await formFor(pair);
    const each = await field('each');
    for (const [text, sentence] of [
      ['-5', /more than 0/],
      ['500', /at most 100 kg/],
      ['', /more than 0|empty/],
      ['heavy', /more than 0/],
    ] as const) {
      await each.write(text);
      expect(await each.problem()).toMatch(sentence);
      expect(await each.text()).toBe(text);
    }
    expect(changes).toEqual([]);
    await each.write('6');
    expect(await each.problem()).toBe('');
    expect(changes.length).toBe(1);
  });

  it('does not lose a half-typed field when the tab closes', async () => {
    const first = await formFor(pair);
    await (await first.field('each')).begin('500');
    await until(async () => Object.keys(await TestBed.inject(Device).drafts()).length === 1);
    first.fixture.destroy();
    const again = await formFor(pair);
    const each = await again.field('each');
    await until(async () => (await each.text()) === '500');
    expect(await each.problem()).toMatch(/at most 100 kg/);
    await each.write('50');
    expect(await TestBed.inject(Device).drafts()).toEqual({});
  });

  it('counts plates in rows', async () => {
    const bar: Implement = { kind: 'bar', id: 'b', form: 'barbell', barKg: 10, plates: [] };
    const { loader, field, changes } = await formFor(bar);
    await (await loader.getHarness(MatButtonHarness.with({ text: /another size/ }))).click();
    await (await field('each')).write('1.25');
    await (await field('how many')).write('3');
    expect(changes.at(-1)).toEqual({ ...bar, plates: [{ massKg: 1.25, count: 3 }] });
    await (await field('how many')).write('2.5');
    expect(await (await field('how many')).problem()).toContain('whole number');
    await (
      await loader.getHarness(MatButtonHarness.with({ selector: '[aria-label="Delete row 1"]' }))
    ).click();
    expect(changes.at(-1)).toEqual(bar);
  });

  it('chooses what fills a bottle by its name, and keeps its density', async () => {
    const bottle: Implement = {
      kind: 'fillable',
      id: 'jug',
      name: 'jug',
      emptyKg: 0.1,
      capacityLitres: 5,
      densityKgPerLitre: 0.9982,
      stepLitres: 0.5,
      count: 1,
    };
    const { loader, changes } = await formFor(bottle);
    const filling = await loader.getHarness(ChoiceHarness.with({ named: 'filled with' }));
    expect(await filling.shown()).toBe('water');
    await filling.choose('sand');
    const changed = changes.at(-1);
    expect(changed?.kind === 'fillable' && changed.densityKgPerLitre > 1.4).toBeTrue();
    expect(await filling.shown()).toBe('sand');
  });
});
