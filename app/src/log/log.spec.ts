import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatDialogHarness } from '@angular/material/dialog/testing';
import { MatFormFieldHarness } from '@angular/material/form-field/testing';
import { By } from '@angular/platform-browser';
import { provideRouter } from '@angular/router';
import { editEachTier, editSlot } from '@dray/core';
import { DocumentRepository } from '../data/document-repository';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { giveCautions, openedDocuments, provideFreshBrowser, stepsOf, until } from '../testing';
import { DateField } from '../ui/forms/date-field';
import { FieldHarness } from '../ui/forms/testing';
import { LogScreen } from './log';

describe('LogScreen', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
  });

  afterEach(() => {
    db.close();
  });

  /** The demo’s class several times over. */
  async function screenFor(times: number) {
    const documents = await openedDocuments();
    documents.edit('a larger class', (document) => ({
      ...document,
      participants: document.participants.flatMap((person) =>
        Array.from({ length: times }, (_, at) =>
          at === 0 ? person : { ...person, id: `${person.id}-${at}`, name: `${person.name} ${at}` },
        ),
      ),
    }));
    TestBed.inject(ViewStore).showSession('tuesday');
    const fixture = TestBed.createComponent(LogScreen);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    const rows = () => host.querySelectorAll('tbody tr').length;
    return { fixture, host, rows, people: documents.document()!.participants.length };
  }

  it('puts a large class on the page some rows at a time, all of it in the end', async () => {
    const { fixture, rows, people } = await screenFor(6);
    fixture.detectChanges();
    await until(() => rows() > 0);
    expect(rows()).toBeLessThan(people);
    await until(() => rows() === people);
    expect(people).toBe(36);
  });

  it('comes part by part, so that no step of it holds the page up', async () => {
    const { fixture, host, rows, people } = await screenFor(1);
    const named = () => [...host.querySelectorAll('h3')].map((head) => head.textContent.trim());
    fixture.detectChanges();
    expect(host.querySelector('dray-log-head')).not.toBeNull();
    const steps = stepsOf(host, () => [rows(), host.querySelector('table')?.ariaBusy].join(' '));
    await until(() => rows() === people && named().includes('In files'));
    expect(steps).toEqual(['0 ', '2 true', '4 true', '6 false']);
    expect(named()).toContain('Asked');
  });

  describe('filled in', () => {
    async function opened() {
      const { fixture, host, rows, people } = await screenFor(1);
      await until(() => rows() === people && host.querySelector('dray-log-files') !== null);
      await fixture.whenStable();
      const loader = TestbedHarnessEnvironment.loader(fixture);
      const root = TestbedHarnessEnvironment.documentRootLoader(fixture);
      const cell = (row: number, column: number) => host.querySelector<HTMLElement>(`#log-${row}-${column}`)!;
      const field = () => host.querySelector<HTMLInputElement>('#done-text');
      const words = (element: Element | null) => (element?.textContent ?? '').replace(/\s+/g, ' ').trim();
      const rail = () => words(host.querySelector('[rail]'));
      const settled = async () => {
        await TestBed.inject(ViewStore).documents.settled();
        await fixture.whenStable();
      };
      const key = async (on: Element, name: string) => {
        on.dispatchEvent(new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true }));
        await fixture.whenStable();
      };
      const type = async (text: string) => {
        field()!.value = text;
        field()!.dispatchEvent(new Event('input'));
        await fixture.whenStable();
      };
      const kept = async (id = 'bram') =>
        (await TestBed.inject(DocumentRepository).logOf(id)).sort((a, b) => a.set - b.set);
      const at = () => document.activeElement?.id;
      return { fixture, host, loader, root, cell, field, words, rail, settled, key, type, kept, at };
    }

    it('as it was asked with one key, which goes on to the next exercise, and after the last to the next person', async () => {
      const { host, cell, words, settled, key, kept, at } = await opened();
      cell(0, 0).click();
      await key(cell(0, 0), 'Enter');
      expect(at()).toBe('log-0-1');
      await settled();
      expect(words(cell(0, 0))).toContain('6 6 6');
      expect((await kept()).map(({ amount }) => amount)).toEqual([6, 6, 6]);
      const last = host.querySelectorAll('tbody tr:first-child td[id]').length - 1;
      cell(0, last).click();
      await key(cell(0, last), 'Enter');
      expect(at()).toBe('log-1-0');
    });

    it('a whole row with another key, but for what is as many as possible', async () => {
      const { host, cell, settled, key, at } = await opened();
      cell(0, 0).click();
      await key(cell(0, 0), 'a');
      expect(at()).toBe('log-1-0');
      await settled();
      const row = host.querySelector('tbody tr')!;
      expect(row.classList).toContain('whole');
      expect(row.querySelectorAll('.done').length).toBe(row.querySelectorAll('td[id]').length);
    });

    it('as it is typed: a digit goes to the field, what it comes to stands below it, and Enter keeps it', async () => {
      const { cell, field, words, rail, settled, key, type, kept, at } = await opened();
      cell(0, 0).click();
      await key(cell(0, 0), '1');
      expect(at()).toBe('done-text');
      await type('8 8 7 @20 note slept badly');
      expect(rail()).toContain('8 with 2 × 20 kg, 8 with 2 × 20 kg, 7 with 2 × 20 kg');
      await key(field()!, 'Enter');
      await settled();
      expect((await kept()).map(({ amount, loadKg, note }) => [amount, loadKg, note])).toEqual([
        [8, 40, 'slept badly'],
        [8, 40, 'slept badly'],
        [7, 40, 'slept badly'],
      ]);
      expect(words(cell(0, 0))).toContain('8 8 7');
      expect(words(cell(0, 0))).toContain('2 × 20 kg');
      cell(0, 0).click();
      await settled();
      expect(field()!.value).toBe('');
      expect(rail()).toContain('slept badly');
    });

    it('as a time where it was one, though repetitions were asked: marked as otherwise, with its unit', async () => {
      const { cell, field, rail, words, settled, key, type, kept } = await opened();
      cell(0, 0).click();
      await key(cell(0, 0), '4');
      await type('6 6 45 s');
      expect(rail()).toContain('45 s with');
      await key(field()!, 'Enter');
      await settled();
      expect((await kept()).map(({ amount, counted }) => `${amount} ${counted}`)).toEqual([
        '6 reps',
        '6 reps',
        '45 seconds',
      ]);
      expect(words(cell(0, 0))).toContain('6 6 45 s');
      expect(cell(0, 0).querySelector('.plainly')).toBeNull();
    });

    it('only with what can be read: else it says what is wrong, and keeps what was typed', async () => {
      const { cell, field, root, settled, key, type, kept, at } = await opened();
      cell(0, 0).click();
      await key(cell(0, 0), '1');
      await type('ten ten');
      await key(field()!, 'Enter');
      await settled();
      const typed = await root.getHarness(MatFormFieldHarness.with({ floatingLabelText: 'Done' }));
      expect((await typed.getTextErrors()).join(' ')).toContain('ten');
      expect([field()!.value, at(), await kept()]).toEqual(['ten ten', 'done-text', []]);
      await key(field()!, 'Escape');
      expect([field()!.value, at()]).toEqual(['', 'log-0-0']);
    });

    it('and taken out again by key or button, which undo brings back', async () => {
      const { loader, cell, settled, key, kept } = await opened();
      cell(0, 0).click();
      await key(cell(0, 0), 'Enter');
      await settled();
      cell(0, 0).click();
      await key(cell(0, 0), 'Delete');
      await settled();
      expect(await kept()).toEqual([]);
      TestBed.inject(ViewStore).documents.undo();
      await settled();
      expect((await kept()).length).toBe(3);
      await (await loader.getHarness(MatButtonHarness.with({ text: 'Delete' }))).click();
      await settled();
      expect(await kept()).toEqual([]);
    });

    it('each side for itself', async () => {
      const { host, cell, field, words, settled, key, type } = await opened();
      const row = [...host.querySelectorAll('thead th')].findIndex((head) => words(head).endsWith('Row'));
      const at = row - 1;
      cell(1, at).click();
      await key(cell(1, at), 'l');
      await type('l 8 8 r 10 9');
      await key(field()!, 'Enter');
      await settled();
      expect(words(cell(1, at))).toContain('8 8 | 10 9');
    });

    it('with a number, where as many as possible were asked', async () => {
      const documents = await openedDocuments();
      documents.edit('as many as possible', (document) => ({
        ...document,
        sessions: document.sessions.map((session) =>
          editSlot(session, 'tue-squat', (slot) =>
            editEachTier(slot, (one) => ({ ...one, work: { kind: 'most' } })),
          ),
        ),
      }));
      const { loader, cell, field, rail, settled, key, type, kept, at } = await opened();
      cell(0, 0).click();
      await settled();
      expect(rail()).toContain('As many as possible: write how many each set came to.');
      const write = await loader.getHarness(MatButtonHarness.with({ text: 'Write it down' }));
      expect(await write.isDisabled()).toBeTrue();
      await key(cell(0, 0), 'Enter');
      expect(at()).toBe('done-text');
      expect(await kept()).toEqual([]);
      await type('14');
      await key(field()!, 'Enter');
      await settled();
      expect((await kept()).map(({ amount }) => amount)).toEqual([14]);
    });

    it('goes back to what could not be kept', async () => {
      const { host, cell, fixture, key } = await opened();
      spyOn(TestBed.inject(DocumentRepository), 'write').and.rejectWith(
        new DOMException('full', 'QuotaExceededError'),
      );
      cell(0, 0).click();
      await key(cell(0, 0), 'Enter');
      await until(() => cell(0, 0).classList.contains('on'));
      await fixture.whenStable();
      expect(host.querySelector('#log-0-0 .waiting')).not.toBeNull();
    });

    it('shows what was done of something that is left out by now, and whoever has nothing missing has all', async () => {
      const { host, loader, cell, rail, settled, key, kept } = await opened();
      cell(0, 0).click();
      await key(cell(0, 0), 'a');
      await settled();
      giveCautions(TestBed.inject(ViewStore).documents, 'bram', 'recentSurgery');
      await settled();
      cell(0, 0).click();
      await settled();
      expect(rail()).not.toContain('Asked');
      expect(rail()).toContain('Written down');
      await (await loader.getHarness(MatButtonHarness.with({ text: 'Delete' }))).click();
      await settled();
      expect((await kept()).some(({ slotId }) => slotId === 'tue-squat')).toBeFalse();
      expect(host.querySelector('tbody tr')!.classList).toContain('whole');
    });

    it('with how hard it was and how long, within what there is', async () => {
      const { loader, settled } = await opened();
      const hard = await loader.getHarness(FieldHarness.with({ named: 'How hard it was for Bram' }));
      await hard.write('11');
      expect(await hard.problem()).not.toBe('');
      await hard.write('7.5');
      await (await loader.getHarness(FieldHarness.with({ named: 'Minutes it took Bram' }))).write('50');
      await settled();
      const { visits } = TestBed.inject(ViewStore).documents.document()!;
      expect(visits.map(({ participantId, effort, minutes }) => [participantId, effort, minutes])).toEqual([
        ['bram', 7.5, 50],
      ]);
    });

    it('asks which class it was, of a day on which none stands', async () => {
      const { fixture, root, settled } = await opened();
      const { documents } = TestBed.inject(ViewStore);
      const dates = () => documents.document()!.classes.map(({ date }) => date);
      const day = fixture.debugElement.query(By.directive(DateField)).componentInstance as DateField;
      const on = async (date: string, answer: RegExp | string) => {
        day.saved.emit(date);
        const dialog = await root.getHarness(MatDialogHarness);
        const button = await dialog.getHarness(MatButtonHarness.with({ text: answer }));
        await button.click();
        await until(async () => (await root.getAllHarnesses(MatDialogHarness)).length === 0);
        await settled();
      };
      await on('2026-11-25', 'Leave it');
      expect(dates()).toEqual([]);
      await on('2026-11-25', /moved/);
      expect(dates()).toEqual(['2026-11-25']);
      await on('2026-11-22', 'One more class');
      expect(dates()).toEqual(['2026-11-25', '2026-11-22']);
      // Where one stands, it is shown.
      day.saved.emit('2026-11-25');
      await settled();
      expect(TestBed.inject(ViewStore).turn()?.date).toBe('2026-11-25');
      expect(await root.getAllHarnesses(MatDialogHarness)).toEqual([]);
    });
  });
});
