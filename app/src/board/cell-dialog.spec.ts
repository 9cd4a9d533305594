import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatCheckboxHarness } from '@angular/material/checkbox/testing';
import { MatDialog } from '@angular/material/dialog';
import { MatDialogHarness } from '@angular/material/dialog/testing';
import { MatFormFieldHarness } from '@angular/material/form-field/testing';
import { MatInputHarness } from '@angular/material/input/testing';
import { MatActionListHarness } from '@angular/material/list/testing';
import { fullName, type Override, type ReadyCell } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { giveCautions, openedDocuments, provideFreshBrowser, until } from '../testing';
import { ChoiceHarness } from '../ui/forms/testing';
import { openCell, type CellDialogData } from './cell-dialog';

@Component({ template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class Screen {
  readonly dialogs = inject(MatDialog);
}

describe('The coach’s hand on a cell, from wherever', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    TestBed.inject(MatDialog).closeAll();
    db.close();
  });

  async function opened(data: CellDialogData = { participantId: 'juno', slotId: 'tue-squat' }) {
    const documents = await openedDocuments();
    const fixture = TestBed.createComponent(Screen);
    openCell(fixture.componentInstance.dialogs, data);
    const root = TestbedHarnessEnvironment.documentRootLoader(fixture);
    const dialog = await root.getHarness(MatDialogHarness);
    const page = document.querySelector<HTMLElement>('dray-cell-dialog')!;
    await until(() => page.querySelector('dray-finder') !== null || page.querySelector('form') !== null);
    const inside = '.mat-mdc-dialog-container';
    const press = async (text: string | RegExp) =>
      (await root.getHarness(MatButtonHarness.with({ text, ancestor: inside }))).click();
    const field = (floatingLabelText: string) =>
      root.getHarness(MatFormFieldHarness.with({ floatingLabelText, ancestor: inside }));
    const write = async (label: string, text: string) =>
      (await (await field(label)).getControl(MatInputHarness))?.setValue(text);
    const choice = (named: string) => root.getHarness(ChoiceHarness.with({ named }));
    /** The versions that are offered: each with its name and what is said of it. */
    const offered = async () => {
      const [list] = await root.getAllHarnesses(MatActionListHarness.with({ ancestor: inside }));
      const items = (await list?.getItems()) ?? [];
      return Promise.all(
        items.map(async (item) => ({
          item,
          name: await item.getTitle(),
          says: (await item.getSecondaryText()) ?? '',
        })),
      );
    };
    const words = () => page.textContent.replace(/\s+/g, ' ');
    const cell = (id: string, slotId = 'tue-squat') =>
      TestBed.inject(ViewStore)
        .board()!
        .rows.find(({ participant }) => participant.id === id)!
        .cells.find((own): own is ReadyCell => own.status === 'ready' && own.slotId === slotId)!;
    const overrides = (): readonly Override[] => documents.document()!.overrides;
    const open = async () => (await root.getAllHarnesses(MatDialogHarness)).length > 0;
    return { fixture, documents, root, dialog, press, write, choice, offered, words, cell, overrides, open };
  }

  it('stands at the cell it was opened for, and goes to another by choosing', async () => {
    const { choice, words, cell } = await opened();
    expect(await (await choice('For whom')).shown()).toBe('Juno');
    expect(words()).toContain(cell('juno').version.name);
    await (await choice('For whom')).choose('Odile');
    expect(words()).toContain(cell('odile').version.name);
    const second = TestBed.inject(ViewStore)
      .board()!
      .columns.find(({ letter }) => letter === 'B')!;
    await (await choice('In place of what')).choose(`${second.letter} ${second.name}`);
    expect(await (await choice('For whom')).shown()).toBe('Odile');
    expect(words()).toContain(cell('odile', second.slot.id).version.name);
  });

  it('opens at the first cell where it is not said which', async () => {
    const { choice } = await opened({});
    expect(await (await choice('For whom')).shown()).toBe('Bram');
  });

  it('shows why a cell is what it is, one step after another', async () => {
    const { words } = await opened();
    for (const step of ['Rung', 'Target', 'Written']) expect(words()).toContain(step);
  });

  it('sets only what was changed, for as long as it is said, with the reason', async () => {
    const { press, write, overrides, cell, root, open } = await opened();
    await press('Set by hand');
    await write('sets', '2');
    await write('because', 'slept badly');
    await (
      await root.getHarness(MatCheckboxHarness.with({ ancestor: '.mat-mdc-dialog-container' }))
    ).uncheck();
    await press('Set by hand');
    const week = TestBed.inject(ViewStore).week();
    expect(overrides().map(({ id: _, ...own }) => own)).toEqual([
      {
        participantId: 'juno',
        slotId: 'tue-squat',
        fromWeek: week,
        toWeek: week,
        sets: 2,
        reason: 'slept badly',
      },
    ]);
    expect([cell('juno').work.sets, cell('juno').override?.reason]).toEqual([2, 'slept badly']);
    await until(async () => !(await open()));
  });

  it('drops what was set, and the cell is Dray’s again', async () => {
    const first = await opened();
    const before = first.cell('juno').work;
    await first.press('Set by hand');
    await first.write('sets', '1');
    await first.write('because', 'late');
    await first.press('Set by hand');
    await until(async () => !(await first.open()));
    const { press, cell, overrides } = await opened();
    expect(cell('juno').work.sets).toBe(1);
    await press('Drop what was set');
    expect(overrides()).toEqual([]);
    expect(cell('juno').work).toEqual(before);
  });

  it('leaves an exercise out with a reason', async () => {
    const { press, write, overrides, documents } = await opened();
    await press('Set by hand');
    await write('because', 'elbow');
    await press('Leave it out');
    expect(overrides().map(({ leaveOut, reason }) => [leaveOut, reason])).toEqual([[true, 'elbow']]);
    documents.undo();
    expect(overrides()).toEqual([]);
  });

  it('offers what comes near first, and finds any exercise by its name or muscle', async () => {
    const { offered, write } = await opened();
    const near = await offered();
    expect(near.length).toBeGreaterThan(2);
    await write('instead', 'calves');
    const found = await offered();
    expect(found.map(({ name }) => name).join()).toContain('Seated calf raise');
  });

  it('says what speaks against a version before it is taken: the caution, or what is not in the kit', async () => {
    giveCautions(await openedDocuments(), 'wendel', 'fallRisk');
    const { offered, write } = await opened({ participantId: 'wendel', slotId: 'tue-squat' });
    await write('instead', 'jump');
    const jumps = await offered();
    expect(jumps.length).toBeGreaterThan(0);
    expect(jumps.filter(({ says }) => says.startsWith('against a caution:')).length).toBeGreaterThan(0);
    await write('instead', 'pull-up');
    const hung = await offered();
    expect(hung.some(({ says }) => says.includes('not in the kit: an overhead bar'))).toBeTrue();
    await write('instead', 'barbell squat');
    const barred = await offered();
    expect(barred.some(({ says }) => says === 'nothing in the kit to hold')).toBeTrue();
  });

  it('finds what has a letter wrong, and says where there is no such exercise', async () => {
    const { offered, write, words } = await opened();
    await write('instead', 'goblt squatt');
    expect((await offered()).map(({ name }) => name).join()).toContain('Goblet squat');
    await write('instead', 'zzyzx');
    expect(await offered()).toEqual([]);
    expect(words()).toContain('There is no exercise “zzyzx”.');
    expect(words()).toContain('Say it in other words, or one word less.');
  });

  it('puts a version that is taken into the form, and asks for the reason before it stands', async () => {
    const { offered, write, press, words, overrides, cell } = await opened();
    await write('instead', 'seat squat');
    const [first] = await offered();
    await first!.item.click();
    expect(words()).toContain(first!.name);
    await press('Set by hand');
    expect(overrides()).toEqual([]);
    await write('because', 'sore today');
    await press('Set by hand');
    expect(overrides().length).toBe(1);
    expect(fullName(cell('juno').version)).toBe(first!.name);
    // Its sets and amount stay the plan’s.
    expect([overrides()[0]?.sets, overrides()[0]?.loadKg]).toEqual([undefined, undefined]);
  });

  it('is open at the form with a version that was chosen before', async () => {
    const view = TestBed.inject(ViewStore);
    const version = view.catalog().versions.find(({ exercise }) => exercise.id === 'seat-squat')!;
    const { words } = await opened({ participantId: 'juno', slotId: 'tue-squat', version });
    expect(words()).toContain(version.name);
    expect(document.querySelector('dray-cell-dialog form')).not.toBeNull();
  });
});
