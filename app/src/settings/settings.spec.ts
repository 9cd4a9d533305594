import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatDialogHarness } from '@angular/material/dialog/testing';
import { MatRadioGroupHarness } from '@angular/material/radio/testing';
import { provideRouter } from '@angular/router';
import { boatyard } from '@dray/demo';
import { parseDocument, serializeDocument } from '@dray/core';
import type { DrayDb } from '../data/dray-db';
import { Snapshots } from '../data/snapshots';
import { Keeper } from '../state/keeper';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { BackupFile } from '../ui/backup-file';
import { FieldHarness } from '../ui/forms/testing';
import { SettingsScreen } from './settings';

describe('SettingsScreen', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [provideRouter([])] });
  });

  afterEach(() => {
    db.close();
  });

  async function screen() {
    const documents = await openedDocuments();
    const fixture = TestBed.createComponent(SettingsScreen);
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const outside = TestbedHarnessEnvironment.documentRootLoader(fixture);
    const host = fixture.nativeElement as HTMLElement;
    const give = async (text: string, name = 'class.dray.json') => {
      const field = host.querySelector<HTMLInputElement>('input[type=file]')!;
      const files = new DataTransfer();
      files.items.add(new File([text], name));
      field.files = files.files;
      field.dispatchEvent(new Event('change'));
      await fixture.whenStable();
    };
    return { documents, fixture, loader, outside, host, give };
  }

  it('keeps a time between the work, and the usual one where it is emptied', async () => {
    const { documents, loader } = await screen();
    const side = await loader.getHarness(
      FieldHarness.with({ named: 'changing sides in the middle of a set' }),
    );
    await side.write('9');
    expect(documents.document()?.settings.timing).toEqual({ sideSeconds: 9 });
    await side.write('900');
    expect(await side.problem()).toContain('the most is 120');
    expect(documents.document()?.settings.timing).toEqual({ sideSeconds: 9 });
    await side.write('');
    expect(documents.document()?.settings.timing).toBeUndefined();
  });

  it('changes the unit of plan and board', async () => {
    const { documents, loader } = await screen();
    const [unit] = await loader.getAllHarnesses(MatRadioGroupHarness);
    await unit!.checkRadioButton({ label: 'lb' });
    expect(documents.document()?.settings.unit).toBe('lb');
  });

  it('shows what a file would change, leaves all as it is, or takes it in', async () => {
    const { documents, outside, give } = await screen();
    const asked = () => until(async () => (await outside.getAllHarnesses(MatDialogHarness)).length === 1);
    const fewer = serializeDocument({ ...boatyard, participants: boatyard.participants.slice(1) });
    await give(fewer);
    await asked();
    const dialog = await outside.getHarness(MatDialogHarness);
    expect(await dialog.getText()).toContain('people');
    await (await outside.getHarness(MatButtonHarness.with({ text: 'Leave all as it is' }))).click();
    expect(documents.document()?.participants.length).toBe(6);
    await give(fewer);
    await asked();
    await (await outside.getHarness(MatButtonHarness.with({ text: 'Import it' }))).click();
    await until(() => documents.document()?.participants.length === 5);
    await until(() => document.body.textContent.includes('Imported: class.dray.json.'));
  });

  it('exports everything to a file, and says by which name', async () => {
    const { outside } = await screen();
    const names: string[] = [];
    spyOn(TestBed.inject(BackupFile), 'save').and.callFake((name, text) => {
      names.push(name);
      expect(parseDocument(text).ok).toBeTrue();
      return Promise.resolve(name);
    });
    await (await outside.getHarness(MatButtonHarness.with({ text: /Export to a file/ }))).click();
    await until(() => document.body.textContent.includes(`Saved: ${names[0]}.`));
    expect(names.length).toBe(1);
  });

  it('goes back to an earlier state once it has shown what that changes', async () => {
    const { documents, outside, fixture } = await screen();
    await TestBed.inject(Snapshots).take('replaced', documents.document()!);
    await TestBed.inject(Keeper).look();
    documents.edit('somebody less', (document) => ({
      ...document,
      participants: document.participants.slice(1),
    }));
    await fixture.whenStable();
    await (await outside.getHarness(MatButtonHarness.with({ text: 'Go back …' }))).click();
    await until(async () => (await outside.getAllHarnesses(MatDialogHarness)).length === 1);
    expect(documents.document()!.participants.length).toBe(5);
    await (await outside.getHarness(MatButtonHarness.with({ text: 'Import it' }))).click();
    await until(() => documents.document()?.participants.length === 6);
  });

  it('says what else can be done where the browser does not promise to keep the class', async () => {
    const { outside, fixture, host } = await screen();
    const keeper = TestBed.inject(Keeper);
    spyOn(keeper, 'keepForGood').and.resolveTo(false);
    await until(() => keeper.persisted() !== undefined);
    await fixture.whenStable();
    expect(host.querySelector('[data-testid="kept"]')!.textContent).toContain('may clear it');
    await (await outside.getHarness(MatButtonHarness.with({ text: 'Keep it for good' }))).click();
    await until(() => document.body.textContent.includes('The browser does not promise it.'));
  });

  it('says in words why a file is not taken in, and changes nothing', async () => {
    const { host, give, outside, documents } = await screen();
    const before = documents.document();
    const refused = () => host.querySelector('[data-testid="refused"]')?.textContent ?? '';
    for (const [name, text, sentence] of [
      ['holiday.json', '{"photos": []}', 'not a Dray file'],
      ['half.dray.json', '{"format":"dray","version":1,"kits":[', 'cut short'],
      ['newer.dray.json', '{"format":"dray","version":99}', 'newer Dray'],
    ] as const) {
      await give(text, name);
      await until(() => refused().includes(name));
      expect(refused()).toContain(sentence);
    }
    expect(await outside.getAllHarnesses(MatDialogHarness)).toEqual([]);
    expect(documents.document()).toBe(before);
  });
});
