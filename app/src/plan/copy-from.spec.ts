import { TestbedHarnessEnvironment } from '@angular/cdk/testing/testbed';
import { TestBed } from '@angular/core/testing';
import { MatButtonHarness } from '@angular/material/button/testing';
import type { Session } from '@dray/core';
import { STARTING_SESSIONS } from '@dray/core/late';
import type { DrayDb } from '../data/dray-db';
import { ViewStore } from '../state/view-store';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { ChoiceHarness } from '../ui/forms/testing';
import { CopyFrom } from './copy-from';
import { PlanStore } from './plan-store';

describe('CopyFrom', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [PlanStore] });
    await openedDocuments();
    TestBed.inject(ViewStore).showSession('tuesday');
  });

  afterEach(() => {
    db.close();
  });

  async function rail() {
    const fixture = TestBed.createComponent(CopyFrom);
    await fixture.whenStable();
    const loader = TestbedHarnessEnvironment.loader(fixture);
    const from = await loader.getHarness(ChoiceHarness.with({ named: 'Session to copy from' }));
    const takes = () => loader.getAllHarnesses(MatButtonHarness.with({ text: 'Take' }));
    const all = () => loader.getHarness(MatButtonHarness.with({ text: 'Take all of it' }));
    const documents = await openedDocuments();
    const session = (id = TestBed.inject(ViewStore).session()!.id): Session =>
      documents.document()!.sessions.find((own) => own.id === id)!;
    return { from, takes, all, documents, session };
  }

  const idsOf = ({ blocks }: Session) =>
    blocks.flatMap((block) => [block.id, ...block.slots.map(({ id }) => id)]);

  it('offers the coach’s other sessions and those to begin from, not the one on view', async () => {
    const { from } = await rail();
    const all = await from.all();
    expect(all.length).toBe(2 + STARTING_SESSIONS.length);
    expect(all.slice(0, 2)).toEqual(['Friday, short and heavy', 'Trunk at noon']);
    expect(all).not.toContain('Tuesday, whole body');
  });

  it('takes a block with ids of its own, in one step that can be taken back', async () => {
    const { takes, documents, session } = await rail();
    const before = session();
    const friday = documents.document()!.sessions.find(({ name }) => name.startsWith('Friday'))!;
    await (await takes())[0]!.click();
    await (await takes())[0]!.click();
    expect(session().blocks.length).toBe(before.blocks.length + 2);
    const ids = idsOf(session());
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids.filter((id) => idsOf(friday).includes(id))).toEqual([]);
    // The session it came from stays as it was.
    expect(documents.document()!.sessions.find(({ id }) => id === friday.id)).toEqual(friday);
    documents.undo();
    documents.undo();
    expect(session()).toEqual(before);
  });

  it('takes all of it beside what is here, and an empty session its name and time too', async () => {
    const { from, all, documents, session } = await rail();
    const before = session();
    await from.choose('Trunk at noon');
    await (await all()).click();
    const noon = documents.document()!.sessions.find(({ name }) => name === 'Trunk at noon')!;
    expect(session().name).toBe(before.name);
    expect(session().blocks.length).toBe(before.blocks.length + noon.blocks.length);
    TestBed.inject(PlanStore).newSession();
    const empty = await rail();
    await (await empty.all()).click();
    expect(session().blocks.length).toBeGreaterThan(2);
    expect(session().name).not.toBe('New session');
    expect(session().budgetMinutes).toBe(20);
  });
});
