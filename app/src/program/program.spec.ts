import { CdkDropList, type CdkDrag, type CdkDragDrop } from '@angular/cdk/drag-drop';
import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatCheckboxHarness } from '@angular/material/checkbox/testing';
import { MatMenuHarness } from '@angular/material/menu/testing';
import { MatTableHarness } from '@angular/material/table/testing';
import { By } from '@angular/platform-browser';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, stepsOf, until } from '../testing';
import { ChoiceHarness, FieldHarness } from '../ui/forms/testing';
import { PROJECT, type Path } from '../workers/project';
import type { CalendarDay, DayClass } from './calendar';
import { Closing } from './closing';
import { ProgramScreen } from './program';

const PATH: Path = {
  sessionId: 'tuesday',
  slotId: 'tue-squat',
  letter: 'A1',
  name: 'Squat',
  weeks: Array.from({ length: 8 }, (_, at) => ({
    week: at + 1,
    version: 'goblet squat',
    sets: 3,
    amount: 10,
    counted: '' as const,
    kg: 10 + at,
    pair: at > 5,
    bridge: undefined,
    none: at === 3,
  })),
  ceiling: { week: 6, kg: 15, pair: false, then: ['three counts down'] },
};

describe('ProgramScreen', () => {
  let db: DrayDb;
  let fails: boolean;

  beforeEach(async () => {
    db = provideFreshBrowser();
    fails = false;
    TestBed.overrideProvider(PROJECT, {
      useValue: () => (fails ? Promise.reject(new Error('it stopped working')) : Promise.resolve([PATH])),
    });
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  async function screen() {
    const fixture = TestBed.createComponent(ProgramScreen);
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const documents = await openedDocuments();
    const weeks = () => documents.document()!.programs[0]!.weeks;
    const host = fixture.nativeElement as HTMLElement;
    // What stands beside the sheet comes last.
    await until(() => host.querySelector('dray-closing') !== null);
    return { fixture, loader, weeks, host, documents };
  }

  it('comes part by part, so that no step of it holds the page up', async () => {
    const fixture = TestBed.createComponent(ProgramScreen);
    const host = fixture.nativeElement as HTMLElement;
    const rows = () => host.querySelectorAll('.calendar [role="rowheader"]').length;
    fixture.detectChanges();
    expect(host.querySelector('.screen-head')).not.toBeNull();
    const steps = stepsOf(host, () => `${rows()} ${host.querySelector('[role="grid"]')!.ariaBusy}`);
    await until(() => host.querySelector('dray-closing') !== null && rows() === 8);
    expect(steps).toEqual(['0 true', '4 true', '8 false']);
    expect(host.querySelectorAll('table').length).toBe(2);
  });

  it('refuses more weeks than a program has, in the field, and grows its tables when there are more', async () => {
    const { loader, weeks } = await screen();
    const field = await loader.getHarness(FieldHarness.with({ named: 'Weeks' }));
    await field.write('40');
    expect(await field.problem()).toContain('2 to 16');
    expect(weeks().length).toBe(8);
    await field.write('9');
    expect(weeks().length).toBe(9);
    const [heat] = await loader.getAllHarnesses(MatTableHarness);
    const [head] = await heat!.getHeaderRows();
    expect((await head!.getCellTextByIndex()).at(-1)).toBe('9');
  });

  it('keeps how much a session may grow within reason', async () => {
    const { loader } = await screen();
    const cap = await loader.getHarness(FieldHarness.with({ named: 'a session’s most, all together' }));
    await cap.write('400');
    expect(await cap.problem()).toContain('5 to 100 %');
  });

  it('makes a week lighter with a tick', async () => {
    const { loader, weeks } = await screen();
    const ticks = await loader.getAllHarnesses(MatCheckboxHarness.with({ label: 'lighter' }));
    expect(ticks.length).toBe(8);
    await ticks[1]!.check();
    expect(weeks()[1]?.lighter).toBeTrue();
  });

  it('moves a class to another weekday, in the weeks after it too, and undo brings all of it back', async () => {
    const { fixture, loader, host, weeks, documents } = await screen();
    const days = () => weeks().map((week) => week.days.map(({ weekday }) => weekday));
    const before = days();
    const friday = () =>
      [...host.querySelectorAll<HTMLButtonElement>('.calendar button')].find((button) =>
        /^Friday, short and heavy.*week 6,/.test(button.ariaLabel ?? ''),
      )!;
    friday().click();
    await fixture.whenStable();
    await (await loader.getHarness(ChoiceHarness.with({ named: 'Weekday' }))).choose('Saturday');
    expect(friday().ariaLabel).toMatch(/, week 6, Saturday$/);
    expect(days()[5]).toEqual([2, 6]);
    documents.undo();
    expect(days()).toEqual(before);
  });

  it('deletes a class by its key, and goes on to the one after it', async () => {
    const { fixture, host, weeks } = await screen();
    const classAt = (week: number, index: number) =>
      host.querySelector<HTMLElement>(`#class-${week}-${index}`);
    await until(() => classAt(8, 1) !== null);
    classAt(6, 0)!.click();
    await fixture.whenStable();
    classAt(6, 0)!.dispatchEvent(new KeyboardEvent('keydown', { key: 'Delete', bubbles: true }));
    await fixture.whenStable();
    expect(weeks().map(({ days }) => days.length)).toEqual([2, 2, 2, 2, 2, 1, 1, 1]);
    expect(document.activeElement).toBe(classAt(6, 0));
    expect(document.activeElement?.textContent).toContain('Friday');
  });

  it('moves a class by its keys, no further than the week goes, and by dragging it', async () => {
    const { fixture, host, weeks } = await screen();
    const days = () => weeks()[5]!.days.map(({ weekday }) => weekday);
    const classAt = (index: number) => host.querySelector<HTMLElement>(`#class-6-${index}`)!;
    const key = async (name: string) => {
      classAt(1).dispatchEvent(new KeyboardEvent('keydown', { key: name, altKey: true, bubbles: true }));
      await fixture.whenStable();
    };
    await until(() => host.querySelector('#class-8-1') !== null);
    classAt(1).click();
    await fixture.whenStable();
    await key('ArrowRight');
    await key('ArrowRight');
    expect(days()).toEqual([2, 7]);
    expect(document.activeElement).toBe(classAt(1));
    await key('ArrowRight');
    expect(days()).toEqual([2, 7]);
    await key('ArrowLeft');
    expect(days()).toEqual([2, 6]);

    const day = (weekday: number) =>
      fixture.debugElement
        .queryAll(By.directive(CdkDropList))
        .find(({ nativeElement }) => (nativeElement as HTMLElement).dataset['testid'] === `day-6-${weekday}`)!
        .injector.get(CdkDropList<CalendarDay>);
    const [one] = day(6).data.classes;
    const item = { data: one } as CdkDrag<DayClass>;
    day(4).dropped.emit({ item, container: day(4) } as CdkDragDrop<CalendarDay, CalendarDay, DayClass>);
    expect(days()).toEqual([2, 4]);
  });

  it('cancels a class that is not logged, holds it after all, and says when nobody comes', async () => {
    const { fixture, host, loader, documents } = await screen();
    const press = async (text: string) => (await loader.getHarness(MatButtonHarness.with({ text }))).click();
    await until(() => host.querySelector('#class-8-1') !== null);
    const tuesday = () => host.querySelector<HTMLElement>('#class-6-0')!;
    tuesday().click();
    await fixture.whenStable();
    await press('Cancel it');
    expect(tuesday().textContent).toContain('cancelled');
    await press('Held after all');
    expect(tuesday().textContent).not.toContain('cancelled');
    const closing = fixture.debugElement.query(By.directive(Closing)).componentInstance as Closing;
    closing.closed.emit({ from: '2026-12-01', to: '2026-12-04', name: 'slip week' });
    await fixture.whenStable();
    expect(host.querySelector('[data-testid="day-6-2"]')!.textContent).toContain('slip week');
    expect(documents.document()!.programs[0]!.holidays?.length).toBe(1);
  });

  it('leaves as a calendar file, is archived with its sets kept, and comes back', async () => {
    const { host, loader, documents } = await screen();
    const names: string[] = [];
    spyOn(HTMLAnchorElement.prototype, 'click').and.callFake(function (this: HTMLAnchorElement) {
      names.push(this.download);
    });
    const menu = await loader.getHarness(MatMenuHarness.with({ selector: '[aria-label="More"]' }));
    const from = async (...path: [{ text: string | RegExp }, ...{ text: string | RegExp }[]]) => {
      await menu.open();
      await menu.clickItem(...path);
    };
    await from({ text: 'Calendar file' });
    expect(names).toEqual(['eight-weeks-before-the-slip.ics']);
    const shown = () => host.querySelector('h1')!.textContent;
    const before = shown();
    await from({ text: 'Archive this program' });
    expect(shown()).not.toBe(before);
    expect(documents.archivedPrograms().map(({ name }) => name)).toEqual([before]);
    await from({ text: 'Archived' }, { text: /Eight weeks/ });
    expect([shown(), documents.archivedPrograms().length]).toEqual([before, 0]);
    await from({ text: 'Delete this program' });
    expect(shown()).not.toBe(before);
    documents.undo();
    expect(documents.document()!.programs.map(({ name }) => name)).toContain(before);
  });

  it('says what to expect week by week, where the kit ends, and when it could not be worked out', async () => {
    const first = await screen();
    await until(() => first.host.textContent.includes('is the heaviest there is'));
    const [, path] = await first.loader.getAllHarnesses(MatTableHarness);
    const [row] = await path!.getRows();
    expect(await row!.getCellTextByIndex()).toEqual(
      jasmine.arrayContaining([jasmine.stringContaining('Squat'), '–', jasmine.stringMatching(/15\skg/)]),
    );
    // One in each hand in the last two weeks.
    expect((await row!.getCellTextByIndex()).at(-1)).toMatch(/^2\s×\s8.5\skg/);
    fails = true;
    const again = await screen();
    await until(() => again.host.textContent.includes('This could not be worked out.'));
  });
});
