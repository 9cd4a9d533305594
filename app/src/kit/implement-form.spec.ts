import { TestBed } from '@angular/core/testing';
import type { Implement } from '@dray/core';
import { Device } from '../data/device';
import type { DrayDb } from '../data/dray-db';
import { provideFreshBrowser, until } from '../testing';
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
    const host = fixture.nativeElement as HTMLElement;
    const field = (path: string) => host.querySelector<HTMLInputElement>(`[data-field="${path}"]`)!;
    const type = async (path: string, text: string) => {
      field(path).value = text;
      field(path).dispatchEvent(new Event('input'));
      await fixture.whenStable();
    };
    return { host, field, type, changes, fixture };
  }

  it('takes a mass at once, in whichever unit it is written', async () => {
    const { type, changes } = await formFor(pair);
    await type('massKg', '7,5');
    expect(changes.at(-1)).toEqual({ ...pair, massKg: 7.5 });
    await type('massKg', '25 lb');
    expect((changes.at(-1) as typeof pair & { massKg: number }).massKg).toBeCloseTo(25 * 0.45359237, 10);
  });

  it('keeps what cannot be, says why beside it, and changes nothing', async () => {
    const { host, field, type, changes } = await formFor(pair);
    for (const [text, sentence] of [
      ['-5', /more than 0/],
      ['500', /at most 100 kg/],
      ['', /more than 0/],
      ['heavy', /more than 0/],
    ] as const) {
      await type('massKg', text);
      expect(host.querySelector('.problem')?.textContent).toMatch(sentence);
      expect(field('massKg').value).toBe(text);
      expect(field('massKg').getAttribute('aria-invalid')).toBe('true');
    }
    expect(changes).toEqual([]);
    await type('massKg', '6');
    expect(host.querySelector('.problem')).toBeNull();
  });

  it('does not lose a half-typed field when the tab closes', async () => {
    const first = await formFor(pair);
    await first.type('massKg', '500');
    await until(async () => Object.keys(await TestBed.inject(Device).drafts()).length === 1);
    first.fixture.destroy();
    const again = await formFor(pair);
    await until(() => again.field('massKg').value === '500');
    expect(again.host.querySelector('.problem')).not.toBeNull();
  });

  it('counts plates in rows', async () => {
    const bar: Implement = { kind: 'bar', id: 'b', form: 'barbell', barKg: 10, plates: [] };
    const { host, type, changes, fixture } = await formFor(bar);
    host.querySelector<HTMLButtonElement>('fieldset > .plain')!.click();
    await fixture.whenStable();
    await type('plates.0.massKg', '1.25');
    await type('plates.0.count', '3');
    expect(changes.at(-1)).toEqual({ ...bar, plates: [{ massKg: 1.25, count: 3 }] });
    await type('plates.0.count', 'many');
    expect(host.querySelector('.problem')?.textContent).toContain('whole number');
  });
});
