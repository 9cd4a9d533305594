import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonToggleGroupHarness } from '@angular/material/button-toggle/testing';
import type { Program } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { WeekRamp } from './week-ramp';

describe('WeekRamp', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    // Four weeks and a day before the tests’ day.
    await edited((program) => ({ ...program, startDate: '2026-10-27' }));
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  async function edited(change: (program: Program) => Program) {
    const documents = await openedDocuments();
    documents.edit('program', (document) => ({
      ...document,
      programs: document.programs.map((program) => (program.id === 'autumn' ? change(program) : program)),
    }));
  }

  async function ramp() {
    const fixture = TestBed.createComponent(WeekRamp);
    await fixture.whenStable();
    const host = fixture.nativeElement as HTMLElement;
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const group = await loader.getHarness(MatButtonToggleGroupHarness);
    const texts = async () => Promise.all((await group.getToggles()).map((toggle) => toggle.getText()));
    const checked = async () => (await (await group.getToggles({ checked: true }))[0]?.getText()) ?? '';
    const press = async (key: string) => {
      document.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
      await fixture.whenStable();
    };
    const marked = (of: string) =>
      [...host.querySelectorAll(`mat-button-toggle.${of}`)].map(({ textContent }) => textContent.trim());
    const words = () => host.querySelector('#week-word')!.textContent.replace(/\s+/g, ' ').trim();
    return { texts, checked, press, marked, words };
  }

  it('has every week of the program, the present one marked, with its date', async () => {
    const { texts, checked, marked, words } = await ramp();
    expect(await texts()).toEqual(['1', '2', '3', '4', '5', '6', '7', '8']);
    expect([await checked(), marked('present')]).toEqual(['5', ['5']]);
    expect(words()).toContain('Tue 24 Nov');
  });

  it('goes one back and one on by its keys, and no further than there are weeks', async () => {
    const { press, checked, words } = await ramp();
    await press(']');
    expect(await checked()).toBe('6');
    expect(words()).toContain('Tue 1 Dec');
    for (let more = 0; more < 9; more += 1) await press(']');
    expect(await checked()).toBe('8');
    for (let less = 0; less < 12; less += 1) await press('[');
    expect(await checked()).toBe('1');
  });

  it('says of a lighter week that it is one', async () => {
    await edited((program) => ({
      ...program,
      weeks: program.weeks.map((week) => (week.week === 6 ? { ...week, lighter: true } : week)),
    }));
    const { press, marked, words } = await ramp();
    expect(marked('lighter')).toContain('6');
    expect(words()).not.toContain('lighter');
    await press(']');
    expect(words()).toContain('lighter week');
  });

  it('marks a week in which the session does not stand', async () => {
    await edited((program) => ({
      ...program,
      weeks: program.weeks.map((week) =>
        week.week === 7
          ? { ...week, days: week.days.filter(({ sessionId }) => sessionId !== 'tuesday') }
          : week,
      ),
    }));
    expect((await ramp()).marked('without')).toEqual(['7']);
  });

  it('has each class of the week on view where there are several, of other weeks one', async () => {
    await edited((program) => ({
      ...program,
      weeks: program.weeks.map((week) => ({
        ...week,
        days: [...week.days, { weekday: 4, sessionId: 'tuesday' }],
      })),
    }));
    const { texts, press, words } = await ramp();
    const now = await texts();
    expect(now.length).toBe(9);
    expect(now.filter((text) => /^5/.test(text))).toEqual(['5 Tue', '5 Thu']);
    await press('[');
    expect(words()).toContain('Tue 24 Nov');
    await press(']');
    expect(words()).toContain('Thu 26 Nov');
    await press(']');
    expect(words()).toContain('Tue 1 Dec');
    expect((await texts()).filter((text) => /^6/.test(text))).toEqual(['6 Tue', '6 Thu']);
  });
});
