import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import { MatFormFieldHarness } from '@angular/material/form-field/testing';
import { MatInputHarness } from '@angular/material/input/testing';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser, until } from '../testing';
import { CardLog } from './card-log';

describe('CardLog', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = provideFreshBrowser();
  });

  afterEach(() => {
    db.close();
  });

  async function lineOf(participantId: string, slotId: string) {
    const documents = await openedDocuments();
    const view = TestBed.inject(ViewStore);
    const card = view.resolver.card(documents.document()!, { participantId, sessionId: 'tuesday', week: 5 });
    const fixture = TestBed.createComponent(CardLog);
    fixture.componentRef.setInput(
      'cell',
      card.cells.find((cell) => cell.slotId === slotId),
    );
    fixture.componentRef.setInput('sessionId', 'tuesday');
    fixture.componentRef.setInput('unit', 'kg');
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const press = async (text: string | RegExp) =>
      (await loader.getHarness(MatButtonHarness.with({ text }))).click();
    const log = () => documents.document()!.log;
    return { host: fixture.nativeElement as HTMLElement, loader, press, log, documents };
  }

  it('writes down what was asked in one tap, and says so', async () => {
    const { host, press, log } = await lineOf('juno', 'tue-squat');
    await press('Done as written');
    await until(() => log().length > 0);
    expect(
      new Set(log().map(({ participantId, slotId, week }) => `${participantId} ${slotId} ${week}`)),
    ).toEqual(new Set(['juno tue-squat 5']));
    expect(host.querySelector('[data-testid="card-done"]')?.textContent).toMatch(/\d+, \d+, \d+/);
  });

  it('takes a few words instead, refuses what says nothing of a set, and keeps it in the field', async () => {
    const { loader, press, log, documents } = await lineOf('juno', 'tue-squat');
    await press(/Not quite/);
    const input = await loader.getHarness(MatInputHarness);
    await input.setValue('ten');
    await press('Write it down');
    const field = await loader.getHarness(MatFormFieldHarness);
    expect((await field.getTextErrors()).join()).toContain('“ten” says nothing of a set');
    expect(log()).toEqual([]);
    await input.setValue('9 8 1 left');
    await press('Write it down');
    await until(() => log().length > 0);
    expect(log().map(({ amount }) => amount)).toContain(9);
    await until(() => documents.writing() === 0);
  });

  it('is put right, keeping what stood', async () => {
    const { loader, press, log, documents } = await lineOf('juno', 'tue-squat');
    await press('Done as written');
    await until(() => log().length > 0);
    const before = log()[0]!.amount;
    // Only what is on the disk can be put right.
    await until(() => documents.writing() === 0);
    await press('Put it right');
    await (await loader.getHarness(MatInputHarness)).setValue('7 7 7');
    await press('Write it down');
    await until(() => log().every(({ amount }) => amount === 7));
    expect(log()[0]?.stood?.[0]?.amount).toBe(before);
  });
});
