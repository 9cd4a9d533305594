import { TestBed } from '@angular/core/testing';
import { blockKindSchema, parseDocument, serializeDocument, type SlotSource } from '@dray/core';
import { BoardStore } from '../board/board-store';
import type { DrayDb } from '../data/dray-db';
import { EditChecks } from '../data/edit-checks';
import { KitStore } from '../kit/kit-store';
import { LaddersStore } from '../ladders/ladders-store';
import { PeopleStore } from '../people/people-store';
import { PlanStore } from '../plan/plan-store';
import { ProgramStore } from '../program/program-store';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { ViewStore } from './view-store';

/** Park & Miller’s generator: the same edits each time. */
function chances(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

const LONG =
  'a very long name that somebody may well paste in from somewhere else, and then some more of it '.repeat(3);

describe('whatever is done through the stores', () => {
  let db: DrayDb;

  beforeEach(() => {
    db = provideFreshBrowser();
    TestBed.configureTestingModule({ providers: [PlanStore] });
  });
  afterEach(() => db.close());

  async function stores(seed: number) {
    const documents = await openedDocuments();
    await TestBed.inject(EditChecks).load();
    const chance = chances(seed);
    const within = (most: number) => Math.floor(chance() * most);
    const one = <Thing>(things: readonly Thing[]): Thing => things[within(things.length)]!;
    const idOf = (things: readonly { readonly id: string }[]) => one([{ id: 'nowhere' }, ...things]).id;
    const view = TestBed.inject(ViewStore);
    const plan = TestBed.inject(PlanStore);
    const make = <Store>(create: () => Store) => TestBed.runInInjectionContext(create);
    const people = make(() => new PeopleStore());
    const kit = make(() => new KitStore());
    const program = make(() => new ProgramStore());
    const ladders = make(() => new LaddersStore());
    const board = make(() => new BoardStore());
    const name = () => one(['Ida', 'Rope work', '', ' ', LONG, '😀'.repeat(90), 'x'.repeat(120)]);
    const number = () => one([0, -3, 1, 2, 5, 12, 40, 500, 1e9, 2.5, NaN]);
    const block = () => idOf(plan.blocks().map((own) => own.block));
    const slot = () => idOf(plan.slots());
    const source = (): SlotSource => ({ kind: 'ladder', ladderId: one(['squat', 'row', 'no such ladder']) });
    const edits: readonly (() => unknown)[] = [
      () => view.showSession(idOf(documents.sessions())),
      () => plan.duplicateSession(),
      () => plan.duplicateSession(),
      () => plan.newSession(),
      () => plan.rename(name()),
      () => plan.setBudget(number()),
      () => plan.addBlock(one(blockKindSchema.options)),
      () => plan.addBlocks(plan.blocks().map((own) => own.block)),
      () => plan.duplicateBlock(block()),
      () => plan.duplicateBlock(block()),
      () => plan.removeBlock(block()),
      () => plan.setRest(block(), number()),
      () => plan.setBetween(block(), number()),
      () => plan.setRounds(block(), number()),
      () => plan.setKind(block(), one(blockKindSchema.options)),
      () => plan.moveBlock(block(), number()),
      () => plan.addSlot(block(), source(), one(['3x10', '99x999', '4x8-10 2 left', 'x'])),
      () => plan.moveSlot(slot(), block(), within(5)),
      () => plan.removeSlot(slot()),
      () => plan.setTwin(slot(), source()),
      () => documents.archive('sessions', idOf(documents.sessions())),
      () => documents.removeSession(idOf(documents.sessions())),
      () => people.show(idOf(documents.people())),
      () => people.create(),
      () => people.duplicate(),
      () => people.amend({ name: name() }, 'name'),
      () => people.amend({ bodyMassKg: number() }, 'mass'),
      () => people.amend({ notes: LONG.repeat(20) }, 'notes'),
      () => people.remove(),
      () => documents.archive('participants', idOf(documents.people())),
      () => kit.show(idOf(documents.kits())),
      () => kit.create(),
      () => kit.duplicate(),
      () => kit.rename(name()),
      () =>
        kit.add({
          kind: 'fixed',
          id: crypto.randomUUID(),
          form: 'dumbbell',
          massKg: number(),
          count: number(),
        }),
      () => kit.addUsualRoom(),
      () => kit.setUsers(documents.people().map(({ id }) => id)),
      () => kit.drop(),
      () => program.rename(name()),
      () => program.lengthen(number()),
      () => program.cap(number()),
      () => program.setTime(one(['18:30', '99:99', undefined])),
      () => program.add(within(20), within(9), idOf(documents.sessions())),
      () => program.close({ from: '2026-12-24', to: one(['2026-12-31', '2026-12-01']) }),
      () => program.create(),
      () => ladders.show(one(['squat', 'row', 'push-up'])),
      () => ladders.copy(),
      () => ladders.changeLadder('name', { name: name() }),
      () => ladders.addRung(one(['goblet-squat', 'nothing such'])),
      () => ladders.removeRung(idOf(ladders.ladder()?.rungs ?? [])),
      () => board.select(within(8), within(8)),
      () =>
        board.setByHand({
          fromWeek: number(),
          loadKg: number(),
          sets: number(),
          reason: one(['too much', '', LONG.repeat(3)]),
        }),
      () => documents.undo(),
      () => documents.redo(),
    ];
    return { documents, any: () => one(edits)() };
  }

  for (const seed of [11, 2026, 77_777]) {
    it(`the exported document can be read again after every fifth of 200 edits (${seed})`, async () => {
      const { documents, any } = await stores(seed);
      let changed = 0;
      for (let at = 1; at <= 200; at += 1) {
        const before = documents.document();
        any();
        if (documents.document() !== before) changed += 1;
        if (at % 5 !== 0) continue;
        const parsed = parseDocument(serializeDocument(documents.document()!));
        expect(parsed.ok ? [] : parsed.problems)
          .withContext(`edit ${at}`)
          .toEqual([]);
      }
      // Not by doing nothing.
      expect(changed).toBeGreaterThan(60);
    }, 60_000);
  }

  it('a session copied fifteen times and more, with blocks beyond what one holds, says what was not done', async () => {
    const { documents } = await stores(1);
    const plan = TestBed.inject(PlanStore);
    for (let at = 0; at < 20; at += 1) plan.duplicateSession();
    for (let at = 0; at < 60; at += 1) plan.duplicateBlock(plan.blocks()[0]!.block.id);
    expect(documents.remark()?.words).toContain('That was not done. ');
    expect(documents.remark()?.words).toContain('block: there are too many; the most is 40.');
    expect(plan.blocks().length).toBe(40);
    expect(parseDocument(serializeDocument(documents.document()!)).ok).toBeTrue();
  });
});
