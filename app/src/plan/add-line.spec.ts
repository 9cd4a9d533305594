import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatAutocompleteHarness } from '@angular/material/autocomplete/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { formatPrescription, slotName, type Block } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { LONG_TEXT } from '../state/text-reading';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { AddLine } from './add-line';

describe('AddLine', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  async function line() {
    const fixture = TestBed.createComponent(AddLine);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    const added: Block[] = [];
    fixture.componentInstance.added.subscribe((blocks) => added.push(...blocks));
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const box = host.querySelector('input')!;
    const type = async (text: string) => {
      box.focus();
      box.value = text;
      box.dispatchEvent(new Event('input', { bubbles: true }));
      await fixture.whenStable();
    };
    const press = async (key: string) => {
      box.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
      await fixture.whenStable();
    };
    const reading = () => host.querySelector('#add-line-reading')!.textContent.replace(/\s+/g, ' ').trim();
    const catalog = TestBed.inject(ViewStore).catalog();
    const slots = () =>
      added.flatMap((block) =>
        block.slots.map((slot) => [
          block.kind,
          slotName(slot, catalog),
          formatPrescription(slot.prescriptions.intermediate, 'kg'),
        ]),
      );
    return { loader, box, type, press, reading, added, slots };
  }

  it('says what it understood while it is typed, and puts it in at Enter', async () => {
    const { box, type, press, reading, slots } = await line();
    await type('superset, goblet squat 3x10, push-up 3x8');
    expect(reading()).toMatch(/^Superset/);
    expect(reading()).toContain('3 × 10');
    await press('Enter');
    expect(slots()).toEqual([
      ['superset', 'Goblet squat', '3 × 10'],
      ['superset', jasmine.any(String), '3 × 8'],
    ]);
    expect([box.value, reading()]).toEqual(['', '']);
  });

  it('says of each tier what it does where that differs', async () => {
    const { type, reading } = await line();
    await type('squat 3x10 | 4x8 | 5x5');
    expect(reading()).toContain('beginner 3 × 10 · intermediate 4 × 8 · advanced 5 × 5');
  });

  it('puts nothing in that it has not understood, and keeps what was typed', async () => {
    const { box, type, press, reading, added } = await line();
    await type('zzyzx 3x10');
    expect(reading()).toContain('zzyzx');
    await press('Enter');
    expect([added, box.value]).toEqual([[], 'zzyzx 3x10']);
    await press('Escape');
    expect([box.value, reading()]).toEqual(['', '']);
  });

  it('offers what a word may mean, and puts the one that is chosen in its place', async () => {
    const { loader, box, type, press, reading, slots } = await line();
    await type('goblotty squat 3x10');
    expect(reading()).toContain('goblotty squat');
    const [offer] = await loader.getAllHarnesses(MatButtonHarness.with({ text: 'Goblet squat' }));
    await offer!.click();
    expect(box.value).toBe('Goblet squat 3x10');
    expect(document.activeElement).toBe(box);
    await press('Enter');
    expect(slots()).toEqual([['straight', 'Goblet squat', '3 × 10']]);
  });

  it('completes a name that is begun, behind what stands before it', async () => {
    const { loader, box, type } = await line();
    await type('superset, goblet squat 3x10, bent-o');
    const list = await loader.getHarness(MatAutocompleteHarness);
    const options = await list.getOptions();
    expect(await options[0]!.getText()).toMatch(/^Bent-over/i);
    await options[0]!.click();
    expect(box.value).toMatch(/^superset, goblet squat 3x10, bent-over/i);
  });

  it('sends what is far more than a line to the session as text', async () => {
    const { box, type, press, reading, added } = await line();
    const text = 'squat 3x10, '.repeat(LONG_TEXT / 10);
    await type(text);
    expect(reading()).toContain('open the session as text');
    await press('Enter');
    expect([added.length, box.value.length]).toEqual([0, text.length]);
  });
});
