import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatAutocompleteHarness } from '@angular/material/autocomplete/testing';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { AddExercise, type Chosen } from './add-exercise';

describe('AddExercise', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  async function field() {
    const fixture = TestBed.createComponent(AddExercise);
    fixture.componentRef.setInput('label', 'Add to the superset');
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    const chosen: Chosen[] = [];
    let left = 0;
    fixture.componentInstance.chosen.subscribe((choice) => chosen.push(choice));
    fixture.componentInstance.left.subscribe(() => (left += 1));
    await fixture.whenStable();
    const list = await TestbedHarnessEnvironment.loader(fixture).getHarness(MatAutocompleteHarness);
    const box = host.querySelector('input')!;
    const type = async (text: string) => {
      box.value = text;
      box.dispatchEvent(new Event('input', { bubbles: true }));
      await fixture.whenStable();
    };
    const press = (key: string) => box.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    const offered = async () => Promise.all((await list.getOptions()).map((option) => option.getText()));
    return { box, list, type, press, offered, chosen, left: () => left };
  }

  it('is ready to be written in, and says what it is for', async () => {
    const { box } = await field();
    await until(() => document.activeElement === box);
    expect(box.getAttribute('aria-label')).toBe('Add to the superset');
  });

  it('offers ladders and exercises that have all of the words, what was meant first', async () => {
    const { type, offered } = await field();
    await type('goblet squat');
    const all = await offered();
    expect(all[0]).toMatch(/^Goblet squat/);
    for (const words of all) expect(words.toLowerCase()).toContain('squat');
    await type('zzyzx');
    expect(await offered()).toEqual([]);
  });

  it('reads another name, and the work that is typed behind it', async () => {
    const { type, list, chosen } = await field();
    await type('DB shoulder press 3x10, 2 left');
    await (await list.getOptions())[0]!.click();
    expect(chosen.length).toBe(1);
    expect(chosen[0]!.work).toBe('3x10, 2 left');
    expect(chosen[0]!.source.kind).toMatch(/ladder|exercise/);
  });

  it('takes the first at an Enter that comes before the list, and is empty for the next', async () => {
    const { box, type, press, chosen } = await field();
    await type('plank');
    press('Enter');
    await until(() => chosen.length > 0);
    expect(box.value).toBe('');
    press('Enter');
    await new Promise((resolve) => setTimeout(resolve));
    expect(chosen.length).toBe(1);
  });

  it('is left with Escape and with the focus, and takes nothing then', async () => {
    const { box, type, press, chosen, left } = await field();
    await type('plank');
    press('Escape');
    box.dispatchEvent(new FocusEvent('blur'));
    expect([left(), chosen]).toEqual([2, []]);
  });
});
