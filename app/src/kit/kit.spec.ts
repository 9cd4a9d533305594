import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonToggleHarness } from '@angular/material/button-toggle/testing';
import { MatChipOptionHarness } from '@angular/material/chips/testing';
import { MatMenuHarness } from '@angular/material/menu/testing';
import { MatSnackBarHarness } from '@angular/material/snack-bar/testing';
import { bestAddition } from '@dray/core/late';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { FieldHarness } from '../ui/forms/testing';
import { BEST_ADDITION } from '../workers/best-addition';
import { KitScreen } from './kit';

describe('KitScreen', () => {
  let db: DrayDb;
  let fails: boolean;

  beforeEach(async () => {
    db = provideFreshBrowser();
    fails = false;
    TestBed.overrideProvider(BEST_ADDITION, {
      useValue: (...[kit, needs]: Parameters<typeof bestAddition>) =>
        fails ? Promise.reject(new Error('it stopped working')) : Promise.resolve(bestAddition(kit, needs)),
    });
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  async function screen(person = 'Tamsin') {
    const fixture = TestBed.createComponent(KitScreen);
    const host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    await fixture.whenStable();
    const press = async (words: string | RegExp) => {
      const buttons = [...host.querySelectorAll('button')];
      buttons.find(({ textContent }) => textContent.replace(/\s+/g, ' ').trim().match(words))!.click();
      await fixture.whenStable();
    };
    await press(new RegExp(`${person}$`));
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const documents = await openedDocuments();
    const kit = () => documents.document()!.kits.find(({ id }) => id === `kit-${person.toLowerCase()}`)!;
    return { fixture, host, loader, documents, kit, press };
  }

  it('says what would help most of all that could be bought', async () => {
    const { host } = await screen();
    await until(() => host.querySelector('[data-testid="advice"]') !== null);
    expect(host.querySelector('[data-testid="advice"]')!.textContent).toContain(
      'What would help most: two dumbbells',
    );
  });

  it('says that it could not work it out, rather than nothing', async () => {
    fails = true;
    const { host } = await screen();
    await until(() => host.querySelector('[data-testid="advice"]') !== null);
    expect(host.querySelector('[data-testid="advice"]')!.textContent).toContain('could not be worked out');
  });

  it('counts a thing in by the menu, opens it, and takes it out again with a way back', async () => {
    const { fixture, host, loader, kit, press } = await screen();
    const before = kit().implements.length;
    const menu = await loader.getHarness(MatMenuHarness.with({ triggerText: /Add to the kit/ }));
    await menu.open();
    await menu.clickItem({ text: 'dumbbells, kettlebells' });
    expect(kit().implements.length).toBe(before + 1);
    expect(host.querySelectorAll('figure.open').length).toBe(1);
    await press(/^Remove from the kit$/);
    expect(kit().implements.length).toBe(before);
    const root = TestbedHarnessEnvironment.documentRootLoader(fixture);
    await (await root.getHarness(MatSnackBarHarness)).dismissWithAction();
    expect(kit().implements.length).toBe(before + 1);
  });

  it('says what of a kit cannot be used as it stands: a plate that has no twin', async () => {
    const { fixture, host, loader } = await screen();
    const menu = await loader.getHarness(MatMenuHarness.with({ triggerText: /Add to the kit/ }));
    await menu.open();
    await menu.clickItem({ text: 'bar with plates' });
    const [many] = await loader.getAllHarnesses(FieldHarness.with({ named: 'how many' }));
    await many!.write('1');
    await fixture.whenStable();
    expect(host.textContent.replace(/\s+/g, ' ')).toContain('The single plate of 5 kg cannot balance');
  });

  it('shows a kit in the unit that is stamped on it, with what it weighs unchanged', async () => {
    const { loader, host, kit } = await screen('Anselm');
    expect(kit().unit).toBe('lb');
    const before = JSON.stringify(kit().implements);
    await (await loader.getHarness(MatButtonToggleHarness.with({ text: 'kg' }))).check();
    expect(kit().unit).toBe('kg');
    expect(JSON.stringify(kit().implements)).toBe(before);
    expect(host.textContent).toContain('Dumbbells 11.35 kg');
  });

  it('is used by whoever is ticked', async () => {
    const { loader, documents } = await screen();
    await (await loader.getHarness(MatChipOptionHarness.with({ text: /Wendel/ }))).select();
    const wendel = documents.document()!.participants.find(({ id }) => id === 'wendel')!;
    expect(wendel.kitIds).toContain('kit-tamsin');
  });

  it('is archived by the menu, so that nobody is given loads of it, and comes back, as a deleted one does', async () => {
    const { fixture, host, loader, documents, kit } = await screen();
    const root = TestbedHarnessEnvironment.documentRootLoader(fixture);
    const menu = await loader.getHarness(MatMenuHarness.with({ selector: '[aria-label="More"]' }));
    const from = async (...path: [{ text: string | RegExp }, ...{ text: string | RegExp }[]]) => {
      await menu.open();
      await menu.clickItem(...path);
    };
    const { name } = kit();
    const shown = () => host.querySelector('h1')!.textContent;
    const said = async () => (await root.getHarness(MatSnackBarHarness)).getMessage();
    await from({ text: 'Archive this kit' });
    expect(shown()).not.toBe(name);
    expect(await said()).toBe(`${name} is archived: nobody is given loads of it.`);
    await from({ text: 'Archived' }, { text: new RegExp(name) });
    expect([shown(), documents.archivedKits().length]).toEqual([name, 0]);
    await from({ text: 'Duplicate this kit' });
    expect(documents.document()!.kits.length).toBe(7);
    await from({ text: 'Delete this kit' });
    expect(documents.document()!.kits.length).toBe(6);
    documents.undo();
    expect(documents.document()!.kits.length).toBe(7);
  });

  it('refuses a kit without a name, and keeps the old one', async () => {
    const { loader, kit } = await screen();
    const name = await loader.getHarness(FieldHarness.with({ named: 'Name of the kit' }));
    const before = kit().name;
    await name.write('');
    expect(await name.problem()).not.toBe('');
    expect(kit().name).toBe(before);
  });
});
