import { Clipboard } from '@angular/cdk/clipboard';
import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { provideLocationMocks } from '@angular/common/testing';
import { TestBed } from '@angular/core/testing';
import { MatDialog } from '@angular/material/dialog';
import { MatDialogHarness } from '@angular/material/dialog/testing';
import { MatMenuHarness } from '@angular/material/menu/testing';
import { MatSnackBarHarness } from '@angular/material/snack-bar/testing';
import { provideRouter, Router, withComponentInputBinding } from '@angular/router';
import { RouterTestingHarness } from '@angular/router/testing';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { ChoiceHarness } from '../ui/forms/testing';
import { CardScreen } from './card';

describe('CardScreen', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({
      providers: [
        provideLocationMocks(),
        provideRouter(
          [
            { path: 'card', component: CardScreen },
            { path: 'card/:participant', component: CardScreen },
            { path: 'board', children: [] },
          ],
          withComponentInputBinding(),
        ),
      ],
    });
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  async function screenAt(address: string) {
    const harness = await RouterTestingHarness.create(address);
    const host = harness.fixture.nativeElement as HTMLElement;
    const loader = TestbedHarnessEnvironment.loader(harness.fixture);
    const root = TestbedHarnessEnvironment.documentRootLoader(harness.fixture);
    const from = async (menu: 'Print' | 'For training at home', text: string) => {
      const own = await loader.getHarness(MatMenuHarness.with({ selector: `[aria-label="${menu}"]` }));
      await own.open();
      await own.clickItem({ text });
    };
    const said = async () => (await root.getHarness(MatSnackBarHarness)).getMessage();
    return { harness, host, loader, root, from, said };
  }

  it('is of whoever the address names, and goes to another by choosing', async () => {
    const { host, loader } = await screenAt('/card/odile');
    const person = await loader.getHarness(ChoiceHarness.with({ named: 'Person' }));
    expect(await person.shown()).toBe('Odile');
    await person.choose('Juno');
    await until(() => TestBed.inject(Router).url === '/card/juno');
    expect(host.querySelectorAll('article dray-sheet').length).toBe(1);
  });

  it('opens the coach’s hand on an exercise of the card, for whom it is', async () => {
    const { host, root } = await screenAt('/card/tamsin');
    const another = () => host.querySelector<HTMLElement>('[aria-label^="Another for A1"]');
    await until(() => another() !== null);
    another()!.click();
    await until(async () => (await root.getAllHarnesses(MatDialogHarness)).length === 1);
    const dialog = await root.getHarness(MatDialogHarness);
    expect(await dialog.getText()).toContain('Tamsin · Squat');
    TestBed.inject(MatDialog).closeAll();
  });

  it('shows another exercise that the coach has given them, why, and what they still have to mind', async () => {
    const documents = await openedDocuments();
    documents.edit('another exercise', (document) => ({
      ...document,
      overrides: [
        {
          id: 'hand',
          participantId: 'tamsin',
          slotId: 'tue-squat',
          fromWeek: 1,
          rungId: 'squat-free',
          reason: 'tired',
        },
      ],
    }));
    const { host } = await screenAt('/card/tamsin');
    const squat = () => host.querySelector('[data-testid="line-tue-squat"]')?.textContent ?? '';
    await until(() => squat().includes('your coach: tired'));
    expect(squat()).toContain('Free squat, to a high seat');
    expect(squat()).toContain('knee: less depth');
  });

  it('says that there is nobody of that name, with a way on', async () => {
    const { host } = await screenAt('/card/nobody');
    expect(host.textContent).toContain('There is nobody by that name in the class.');
    expect(host.querySelector('a[href="/board"]')).not.toBeNull();
    expect(host.querySelector('dray-sheet')).toBeNull();
  });

  it('lays out for paper what is asked for, and only the card is left once it is printed', async () => {
    const print = spyOn(window, 'print');
    const { harness, host, from } = await screenAt('/card/odile');
    const sheets = () => [...host.querySelectorAll('.everyone .page')].map((page) => page.children.length);
    await from('Print', 'The whole class, a page each');
    expect(sheets()).toEqual([1, 1, 1, 1, 1, 1]);
    await from('Print', 'The whole class, two to a page');
    expect(sheets()).toEqual([2, 2, 2]);
    await from('Print', 'This card, large print');
    expect(sheets()).toEqual([]);
    expect(host.querySelector('article.large')).not.toBeNull();
    expect(print).toHaveBeenCalledTimes(3);
    window.dispatchEvent(new Event('afterprint'));
    await harness.fixture.whenStable();
    expect(host.querySelector('article.large')).toBeNull();
  });

  it('is copied as text with how to stop and where to write what was done, or says that it cannot be', async () => {
    const copy = spyOn(TestBed.inject(Clipboard), 'copy').and.returnValue(true);
    const { from, said } = await screenAt('/card/odile');
    await from('For training at home', 'Copy as text, for a message');
    const [text] = copy.calls.mostRecent().args;
    expect(text).toContain('Odile');
    expect(text).toContain('Alone at home: stop at once, and call for help.');
    expect(await said()).toContain('Odile’s card is copied');
    copy.and.returnValue(false);
    await from('For training at home', 'Copy as text, for a message');
    expect(await said()).toContain('save it as a file instead');
  });

  it('is saved as a file to send', async () => {
    const names: string[] = [];
    spyOn(HTMLAnchorElement.prototype, 'click').and.callFake(function (this: HTMLAnchorElement) {
      names.push(this.download);
    });
    const { from } = await screenAt('/card/odile');
    await from('For training at home', 'Save as a file to send');
    expect(names.length).toBe(1);
    expect(names[0]).toMatch(/odile/i);
    expect(names[0]).toMatch(/\.json$/);
  });
});
