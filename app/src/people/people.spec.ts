import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { provideLocationMocks } from '@angular/common/testing';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatDialogHarness } from '@angular/material/dialog/testing';
import { MatNavListHarness } from '@angular/material/list/testing';
import { MatMenuHarness } from '@angular/material/menu/testing';
import { MatSnackBarHarness } from '@angular/material/snack-bar/testing';
import { provideRouter, Router, withComponentInputBinding } from '@angular/router';
import { RouterTestingHarness } from '@angular/router/testing';
import type { LogEntry } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { PeopleScreen } from './people';

const SET_OF_WENDEL: LogEntry = {
  id: 'own',
  participantId: 'wendel',
  sessionId: 'tuesday',
  slotId: 'tue-squat',
  week: 1,
  date: '2026-11-03',
  exerciseId: 'free-squat',
  set: 1,
  counted: 'reps',
  amount: 8,
};

describe('PeopleScreen', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({
      providers: [
        provideLocationMocks(),
        provideRouter(
          [
            { path: 'people', component: PeopleScreen },
            { path: 'people/:participant', component: PeopleScreen },
          ],
          withComponentInputBinding(),
        ),
      ],
    });
  });

  afterEach(() => {
    db.close();
  });

  async function screenAt(address: string) {
    const documents = await openedDocuments();
    const harness = await RouterTestingHarness.create(address);
    const host = harness.fixture.nativeElement as HTMLElement;
    const loader = TestbedHarnessEnvironment.loader(harness.fixture);
    const root = TestbedHarnessEnvironment.documentRootLoader(harness.fixture);
    const list = async () => (await loader.getHarness(MatNavListHarness)).getItems();
    const names = async () => Promise.all((await list()).map((item) => item.getTitle()));
    const more = async (text: string | RegExp, ...within: RegExp[]) => {
      const menu = await loader.getHarness(MatMenuHarness);
      await menu.open();
      await menu.clickItem({ text }, ...within.map((inner) => ({ text: inner })));
    };
    const said = async () => (await root.getHarness(MatSnackBarHarness)).getMessage();
    const undo = async () => (await root.getHarness(MatSnackBarHarness)).dismissWithAction();
    const heading = () => host.querySelector('h1')?.textContent.trim();
    return { documents, harness, host, loader, root, list, names, more, said, undo, heading };
  }

  it('shows who the address names, and the first of the class where it names nobody', async () => {
    const { harness, heading } = await screenAt('/people/tamsin');
    expect(heading()).toBe('Tamsin');
    await harness.navigateByUrl('/people/nobody');
    expect(heading()).toBe('Bram');
  });

  it('puts somebody new in, with their name ready to be written over, each with a name of their own', async () => {
    const { documents, host, loader } = await screenAt('/people/bram');
    const press = async () =>
      (await loader.getHarness(MatButtonHarness.with({ text: /New person/ }))).click();
    await press();
    await until(() => TestBed.inject(Router).url !== '/people/bram');
    const [created] = documents.people().slice(-1);
    expect(TestBed.inject(Router).url).toBe(`/people/${created!.id}`);
    const field = host.querySelector<HTMLInputElement>('dray-profile input')!;
    await until(() => field.value === 'New person' && field.selectionEnd === field.value.length);
    expect(field.selectionStart).toBe(0);
    await press();
    await until(() => documents.people().at(-1)?.id !== created!.id);
    expect(
      documents
        .people()
        .slice(-2)
        .map(({ name }) => name),
    ).toEqual(['New person', 'New person 2']);
    // Nobody is taken for stronger, or for more at ease, than is known.
    expect([created?.tier, created?.knownSets, created?.cautions]).toEqual(['beginner', [], []]);
  });

  it('makes somebody like another without their sets, however often', async () => {
    const { documents, more } = await screenAt('/people/juno');
    await more(/Duplicate/);
    await until(() => documents.people().length === 7);
    const copy = documents.people().at(-1)!;
    const juno = documents.people().find(({ id }) => id === 'juno')!;
    expect([copy.name, copy.knownSets]).toEqual(['Juno, copy', []]);
    expect([copy.cautions, copy.kitIds]).toEqual([juno.cautions, juno.kitIds]);
    expect(juno.knownSets.length).toBeGreaterThan(0);
    expect(TestBed.inject(Router).url).toBe(`/people/${copy.id}`);
    await TestBed.inject(Router).navigateByUrl('/people/juno');
    await more(/Duplicate/);
    await until(() => documents.people().length === 8);
    expect(documents.people().at(-1)!.name).toBe('Juno, copy 2');
  });

  it('archives somebody with all that is kept of them, and brings them back', async () => {
    const { documents, names, more, said, heading } = await screenAt('/people/odile');
    const odile = () => documents.document()!.participants.find(({ id }) => id === 'odile')!;
    const before = odile();
    await more(/Archive Odile/);
    expect(await said()).toContain('Odile is archived');
    expect(await names()).not.toContain('Odile');
    expect(documents.document()!.participants.length).toBe(6);
    await more(/^Archived$/, /Bring back Odile/);
    expect(await names()).toContain('Odile');
    expect(heading()).toBe('Odile');
    expect(odile()).toEqual(before);
  });

  it('deletes somebody with their log, and the notice takes it back', async () => {
    const { documents, names, more, said, undo } = await screenAt('/people/wendel');
    await documents.record('a set', [SET_OF_WENDEL]);
    await more(/Delete Wendel/);
    expect(await said()).toContain('Wendel is deleted, with what was logged');
    expect(await names()).not.toContain('Wendel');
    expect(documents.document()!.log.some(({ participantId }) => participantId === 'wendel')).toBeFalse();
    await undo();
    await until(() => documents.people().some(({ id }) => id === 'wendel'));
    expect(documents.document()!.log.some(({ participantId }) => participantId === 'wendel')).toBeTrue();
  });

  it('shows who a roster would bring in and which lines it cannot read, before anybody joins', async () => {
    const { documents, host, root } = await screenAt('/people/bram');
    const put = async (csv: string) => {
      const field = host.querySelector<HTMLInputElement>('input[type=file]')!;
      const files = new DataTransfer();
      files.items.add(new File([csv], 'roster.csv', { type: 'text/csv' }));
      field.files = files.files;
      field.dispatchEvent(new Event('change'));
      await until(async () => (await root.getAllHarnesses(MatDialogHarness)).length === 1);
      return root.getHarness(MatDialogHarness);
    };
    const answer = async (text: string) =>
      (await root.getHarness(MatButtonHarness.with({ text, ancestor: '.mat-mdc-dialog-container' }))).click();
    const csv = 'name,tier,body mass\nIda,beginner,61\nJost,advanced,8\n';
    expect(await (await put(csv)).getText()).toContain('1 person can join');
    await answer('Leave the class as it is');
    expect(documents.people().length).toBe(6);
    expect(await (await put(csv)).getText()).toContain('Line 3');
    await answer('Import them');
    await until(() => documents.people().length === 7);
    expect(documents.people().at(-1)).toEqual(jasmine.objectContaining({ name: 'Ida', bodyMassKg: 61 }));
  });
});
