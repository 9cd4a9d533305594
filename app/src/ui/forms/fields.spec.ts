import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatDatepickerInputHarness } from '@angular/material/datepicker/testing';
import { MatFormFieldHarness } from '@angular/material/form-field/testing';
import * as z from 'zod';
import { Device } from '../../data/device';
import type { DrayDb } from '../../data/dray-db';
import { provideFreshBrowser, until } from '../../testing';
import { ChoiceField } from './choice-field';
import { DateField } from './date-field';
import { MassField } from './mass-field';
import { NumberField } from './number-field';
import { ChoiceHarness, FieldHarness } from './testing';
import { TextField } from './text-field';

@Component({
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ChoiceField, DateField, MassField, NumberField, TextField],
  template: `
    <dray-number label="Budget" [value]="budget()" [schema]="minutes" (saved)="keep($event)" />
    <dray-text label="Name" [value]="name()" [schema]="words" (saved)="name.set($event)" />
    <dray-mass label="Load" unit="lb" [value]="kg()" [schema]="load" (saved)="kg.set($event)" />
    <dray-date
      label="Day"
      max="2026-11-25"
      [min]="program()?.startDate"
      [value]="day()"
      (saved)="day.set($event)"
    />
    <dray-choice label="Tier" [value]="tier()" [options]="tiers" (chosen)="choose($event)" />
  `,
})
class Page {
  readonly minutes = z.int().min(1).max(180);
  readonly words = z.string().min(2);
  readonly load = z.number().positive().optional();
  readonly tiers = [
    { value: undefined, words: 'not said' },
    { value: 'beginner', words: 'beginner', group: 'known' },
    { value: 'refused', words: 'refused', group: 'known' },
  ];
  readonly budget = signal<number | undefined>(40);
  readonly name = signal('Tuesday');
  readonly day = signal('2026-11-24');
  /** None: a template makes null of what is not there. */
  readonly program = signal<{ readonly startDate: string } | undefined>(undefined);
  readonly kg = signal<number | undefined>(10);
  readonly tier = signal<string | undefined>(undefined);
  readonly kept: (number | undefined)[] = [];

  keep(minutes: number | undefined): void {
    this.kept.push(minutes);
    this.budget.set(minutes);
  }

  choose(tier: string | undefined): void {
    if (tier !== 'refused') this.tier.set(tier);
  }
}

describe('Fields', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = provideFreshBrowser();
  });

  afterEach(() => {
    db.close();
  });

  async function page() {
    const fixture = TestBed.createComponent(Page);
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    return {
      loader,
      page: fixture.componentInstance,
      field: (named: string) => loader.getHarness(FieldHarness.with({ named })),
      choice: (named: string) => loader.getHarness(ChoiceHarness.with({ named })),
    };
  }

  it('keeps a number when the edit is over, not at each key: 120 is never 1 or 12', async () => {
    const { page: own, field } = await page();
    const budget = await field('Budget');
    await budget.begin('120');
    expect(own.kept).toEqual([]);
    await budget.write('120');
    expect(own.kept).toEqual([120]);
  });

  it('says in the field what is wrong, keeps what was typed, and hands nothing on', async () => {
    const { page: own, field } = await page();
    const budget = await field('Budget');
    await budget.write('500');
    expect(await budget.problem()).toBe('Budget is too large; the most is 180.');
    expect(await budget.text()).toBe('500');
    await budget.write('');
    expect(await budget.problem()).toContain('Budget');
    expect(own.kept).toEqual([]);
    await budget.write('45');
    expect(await budget.problem()).toBe('');
    expect(own.kept).toEqual([45]);
  });

  it('shows what is kept when that changes from elsewhere, over what was refused', async () => {
    const { page: own, field } = await page();
    const name = await field('Name');
    await name.write('T');
    expect(await name.problem()).not.toBe('');
    own.name.set('Friday');
    expect(await name.text()).toBe('Friday');
    expect(await name.problem()).toBe('');
  });

  /** A field whose draft is still being read from the disk. */
  async function fieldWithDraft(draft: string) {
    let read: () => void = () => undefined;
    spyOn(TestBed.inject(Device), 'drafts').and.returnValue(
      new Promise((resolve) => {
        read = () => {
          resolve({ name: draft });
        };
      }),
    );
    const fixture = TestBed.createComponent(TextField);
    fixture.componentRef.setInput('draftKey', 'name');
    fixture.componentRef.setInput('schema', z.string().min(2));
    await fixture.whenStable();
    return { read, field: await TestbedHarnessEnvironment.harnessForFixture(fixture, FieldHarness) };
  }

  it('takes up what was half typed before, and says what is wrong with it', async () => {
    const { read, field } = await fieldWithDraft('T');
    read();
    expect(await field.text()).toBe('T');
    expect(await field.problem()).not.toBe('');
  });

  it('never takes a draft over what was typed before it was read', async () => {
    const { read, field } = await fieldWithDraft('T');
    await field.begin('Fr');
    read();
    expect(await field.text()).toBe('Fr');
  });

  it('reads a mass in either unit and shows it in its own', async () => {
    const { page: own, field } = await page();
    const load = await field('Load');
    // 10 kg / 0.45359237.
    expect(await load.text()).toBe('22');
    await load.write('12,5 kg');
    expect(own.kg()).toBe(12.5);
    await load.write('heavy');
    expect(await load.problem()).toContain('Load has to be a number');
    expect(own.kg()).toBe(12.5);
    await load.write('');
    expect(own.kg()).toBeUndefined();
  });

  it('keeps the page still while a button of the pointer is down, so that the click lands', async () => {
    const { field } = await page();
    const budget = await field('Budget');
    await budget.begin('500');
    document.dispatchEvent(new PointerEvent('pointerdown'));
    await budget.leave();
    expect(await budget.problem()).toBe('');
    document.dispatchEvent(new PointerEvent('pointerup'));
    await until(async () => (await budget.problem()) !== '');
    expect(await budget.problem()).toContain('the most is 180');
  });

  it('counts an edit once, however what was typed is written afterwards', async () => {
    const { page: own, field } = await page();
    const load = await field('Load');
    const took = spyOn(own.kg, 'set').and.callThrough();
    // 22 lb is 9.979 kg, and is shown as 22 as the 10 kg before it were.
    await load.begin('22.0 lb');
    await load.enter();
    await load.leave();
    expect(took).toHaveBeenCalledTimes(1);
    expect(own.kg()).toBeCloseTo(9.979, 3);
  });

  it('takes a day, and says why another one cannot be', async () => {
    const { page: own, loader } = await page();
    const field = await loader.getHarness(MatFormFieldHarness.with({ floatingLabelText: 'Day' }));
    const input = await loader.getHarness(MatDatepickerInputHarness);
    const write = async (text: string) => {
      await input.setValue(text);
      await input.blur();
    };
    await write('20/11/2026');
    expect(own.day()).toBe('2026-11-20');
    for (const [text, sentence] of [
      ['tomorrow', 'has to be a day such as'],
      ['26/11/2026', '25 Nov 2026 at the latest'],
      ['20/11/1950', 'The year is 1950'],
    ] as const) {
      await write(text);
      expect((await field.getTextErrors()).join()).toContain(sentence);
      expect(own.day()).toBe('2026-11-20');
    }
    await write('21/11/2026');
    expect(own.day()).toBe('2026-11-21');
    expect(await field.getTextErrors()).toEqual([]);
  });

  it('shows a choice only once it is so', async () => {
    const { page: own, choice } = await page();
    const tier = await choice('Tier');
    expect(await tier.shown()).toBe('not said');
    await tier.choose('beginner');
    expect(own.tier()).toBe('beginner');
    await tier.choose('refused');
    expect(await tier.shown()).toBe('beginner');
    await tier.choose('not said');
    expect(own.tier()).toBeUndefined();
  });
});
