import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { provideRouter } from '@angular/router';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, stepsOf, until } from '../testing';
import { FieldHarness } from '../ui/forms/testing';
import { LogStore } from './log-store';
import { NextWeekScreen } from './next-week';
import { NextWeekStore } from './next-week-store';

describe('NextWeekScreen', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
    const documents = await openedDocuments();
    // A class that has just begun: its first week is written down as it was asked.
    documents.edit('begin', (document) => ({
      ...document,
      programs: document.programs.map((program) => ({ ...program, startDate: '2026-11-24' })),
    }));
    const log = TestBed.runInInjectionContext(() => new LogStore());
    for (const row of log.rows().keys()) await log.writeRow(row);
  });

  afterEach(() => {
    db.close();
  });

  async function screen() {
    const fixture = TestBed.createComponent(NextWeekScreen);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    // Groups and lines from the top, after each change.
    const steps = stepsOf(host, () =>
      [...host.querySelectorAll('h2.part, [id^=line-]')]
        .map((one) => one.id || one.textContent.trim())
        .join('\n'),
    );
    const sheet = fixture.debugElement.injector.get(NextWeekStore);
    await until(() => {
      fixture.detectChanges();
      return sheet.whole() && host.querySelectorAll('[id^=line-]').length === sheet.lines().length;
    });
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const press = async (key: string) => {
      document.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
      await fixture.whenStable();
    };
    const overrides = () => sheet.documents.document()!.overrides.length;
    const selected = () => sheet.selected()!.proposal.id;
    const line = (id: string) => host.querySelector<HTMLElement>(`#line-${id.replaceAll(' ', '-')}`)!;
    return { fixture, host, sheet, steps, loader, press, overrides, selected, line };
  }

  it('has every proposal on the page, what was done beside what comes', async () => {
    const { sheet, line, host } = await screen();
    expect(sheet.lines().length).toBe(36);
    const words = line('bram tue-squat 1').textContent.replace(/\s+/g, ' ');
    expect(words).toContain('Bram');
    expect(words).toMatch(/\d × \d/);
    expect(host.querySelectorAll('h2').length).toBeGreaterThan(0);
  });

  it('comes from the top down, so that no line is moved from under the hand by one that comes', async () => {
    const { steps } = await screen();
    expect(steps.length).toBeGreaterThan(2);
    for (const [at, step] of steps.slice(1).entries()) expect(step.startsWith(steps[at]!)).toBeTrue();
  });

  it('is gone through by keys: agreed, the same again, and opened once more', async () => {
    const { sheet, press, selected, overrides } = await screen();
    const ids = sheet.lines().map(({ proposal }) => proposal.id);
    expect(selected()).toBe(ids[0]!);
    await press('y');
    expect([sheet.open(), selected(), overrides() > 0]).toEqual([35, ids[1]!, true]);
    await press('n');
    expect([sheet.open(), selected()]).toEqual([34, ids[2]!]);
    sheet.select(ids[0]!);
    await press('o');
    expect(sheet.open()).toBe(35);
    // What is open cannot be opened; what is decided is not decided again.
    await press('o');
    expect(sheet.open()).toBe(35);
    sheet.select(ids[1]!);
    await press('y');
    expect([sheet.open(), selected()]).toEqual([35, ids[1]!]);
  });

  it('does nothing at the key of another way where there is none', async () => {
    const { sheet, press, selected } = await screen();
    sheet.select(sheet.lines().find(({ proposal }) => !proposal.otherWay)!.proposal.id);
    const before = selected();
    await press('r');
    expect([sheet.open(), selected()]).toEqual([36, before]);
  });

  it('agrees to all that are open and leaves alone what was decided', async () => {
    const { sheet, press, loader } = await screen();
    const declined = sheet.lines()[0]!.proposal.id;
    await press('n');
    const [all] = await loader.getAllHarnesses(MatButtonHarness.with({ text: /^Agree to (all|the)/ }));
    await all!.click();
    expect(sheet.lines().find(({ proposal }) => proposal.id === declined)?.state).toBe('declined');
    expect(sheet.lines().filter(({ state }) => state === 'agreed').length).toBeGreaterThan(20);
    const agreed = sheet.documents.document()!.overrides.length;
    sheet.documents.undo();
    expect(sheet.documents.document()!.overrides.length).toBeLessThan(agreed);
  });

  it('takes a number of the coach’s own, each hand’s of a pair, and shows it before it is agreed to', async () => {
    const { fixture, sheet, loader, line, press } = await screen();
    sheet.select('bram tue-squat 1');
    await fixture.whenStable();
    const load = await loader.getHarness(FieldHarness.with({ named: 'load each' }));
    const before = sheet.lines().find(({ proposal }) => proposal.id === 'bram tue-squat 1')!.proposal;
    expect(Number(await load.text())).toBe(before.pin.loadKg! / 2);
    await load.write('900');
    expect(await load.problem()).not.toBe('');
    const each = before.pin.loadKg! / 2 - 2;
    await load.write(String(each));
    expect(line('bram tue-squat 1').textContent).toContain(`${each}`);
    await press('y');
    const set = sheet.documents.document()!.overrides.find(({ slotId }) => slotId === 'tue-squat');
    expect(set?.loadKg).toBe(each * 2);
  });

  it('goes on to the line below and above by the arrows', async () => {
    const { fixture, sheet, selected, line } = await screen();
    const ids = sheet.lines().map(({ proposal }) => proposal.id);
    const arrow = async (key: string) => {
      line(selected()).dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
      await fixture.whenStable();
    };
    await arrow('ArrowDown');
    await arrow('ArrowDown');
    expect(selected()).toBe(ids[2]!);
    await arrow('ArrowUp');
    expect(selected()).toBe(ids[1]!);
    await until(() => document.activeElement === line(ids[1]!));
  });
});
