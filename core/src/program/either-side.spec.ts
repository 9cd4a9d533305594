import { boatyard } from '@dray/demo';
import { boatyardInWeekFive } from '@dray/demo/week-five';
import { tierSteps } from '../ladder';
import { catalogOf } from '../library';
import type { DrayDocument } from '../model';
import type { ReadyCell } from '../resolve';
import { eitherSide, mayStep, steppedCell, type SideStep } from './either-side';
import { createResolver } from './index';

const resolver = createResolver();

function cellsOf(document: DrayDocument, sessionId: string, week: number): ReadyCell[] {
  return resolver
    .board(document, { sessionId, week })
    .rows.flatMap(({ cells }) => cells.flatMap((cell) => (cell.status === 'ready' ? [cell] : [])));
}

function kgOf(step: SideStep | undefined): number | undefined {
  return step?.kind === 'load' ? step.load.kg : undefined;
}

describe('one step either side of a cell', () => {
  for (const [name, document, week] of [
    ['the first week', boatyard, 1],
    ['the fifth week', boatyardInWeekFive, 5],
  ] as const) {
    it(`is lighter or lower below, and never past a tenth or a tier above, in ${name}`, () => {
      const catalog = catalogOf(document);
      let stepped = 0;
      for (const sessionId of ['tuesday', 'friday']) {
        for (const cell of cellsOf(document, sessionId, week)) {
          const { easier, harder } = eitherSide(document, cell, { sessionId, week }, resolver);
          const said = `${cell.participantId} ${cell.slotId}`;
          const kg = cell.load?.kg ?? 0;
          const down = kgOf(easier);
          if (down !== undefined) expect(down).withContext(said).toBeLessThan(kg);
          const up = kgOf(harder);
          if (up !== undefined) {
            stepped += 1;
            expect(up).withContext(said).toBeGreaterThan(kg);
            expect(up)
              .withContext(said)
              .toBeLessThanOrEqual(kg * 1.1);
          }
          if (harder?.kind === 'version') {
            stepped += 1;
            const rungs = catalog.ladders.get(cell.version.ladderId!)!.rungs.map(({ id }) => id);
            expect(rungs.indexOf(harder.cell.version.rung!.id)).toBe(
              rungs.indexOf(cell.version.rung!.id) + 1,
            );
            expect(tierSteps(harder.cell.version.tier ?? cell.tier, cell.tier)).toBeLessThanOrEqual(0);
          }
          if (easier?.kind === 'version') {
            expect(easier.cell.version.name).withContext(said).not.toBe(cell.version.name);
            expect(easier.cell.load).withContext(said).toBeUndefined();
          }
        }
      }
      expect(stepped).toBeGreaterThan(3);
    });
  }

  it('adds nothing where a caution acts, something hurts, or all there was is asked for', () => {
    let held = 0;
    for (const week of [4, 5]) {
      for (const cell of cellsOf(boatyardInWeekFive, 'tuesday', week)) {
        const acts =
          cell.warnings.length > 0 ||
          cell.trace.some(
            (reason) => reason.kind === 'hurt' || (reason.kind === 'cautioned' && reason.acted),
          );
        if (!acts && cell.planned.work.kind !== 'most') continue;
        held += 1;
        const { harder } = eitherSide(boatyardInWeekFive, cell, { sessionId: 'tuesday', week }, resolver);
        expect(harder).withContext(`${cell.participantId} ${cell.slotId}`).toBeUndefined();
      }
    }
    expect(held).toBeGreaterThan(5);
  });

  it('goes down far enough to be felt, and leaves the class’s clock and all-out work alone', () => {
    const query = { sessionId: 'tuesday', week: 5 };
    const cells = cellsOf(boatyardInWeekFive, 'tuesday', 5);
    const loaded = cells.filter(({ load }) => load?.recipe);
    expect(loaded.length).toBeGreaterThan(5);
    for (const cell of loaded) {
      const kg = cell.load!.kg;
      const loads = resolver.loads(boatyardInWeekFive, { ...query, participantId: cell.participantId }, cell);
      const down = kgOf(eitherSide(boatyardInWeekFive, cell, query, resolver).easier);
      if (loads.some((load) => load.kg <= kg * 0.9)) expect(down).toBeLessThanOrEqual(kg * 0.9);
    }
    const clocked = cells.filter(({ work }) => work.kind === 'time');
    expect(clocked.length).toBeGreaterThan(0);
    for (const cell of clocked) {
      expect(eitherSide(boatyardInWeekFive, cell, query, resolver).harder?.kind).not.toBe('amount');
    }
    const allOut: ReadyCell = {
      ...cells[0]!,
      load: undefined,
      planned: { ...cells[0]!.planned, work: { kind: 'most' } },
    };
    const { easier, harder } = eitherSide(boatyardInWeekFive, allOut, query, resolver);
    expect(easier?.kind).not.toBe('amount');
    expect(harder).toBeUndefined();
  });
});

describe('steps in an evening', () => {
  it('go down as often as is asked for, and never further up than one beyond the card', () => {
    expect(mayStep([], 'harder')).toBeTrue();
    expect(mayStep(['harder'], 'harder')).toBeFalse();
    expect(mayStep(['easier', 'harder', 'harder'], 'harder')).toBeFalse();
    expect(mayStep(['easier', 'easier', 'easier'], 'easier')).toBeTrue();
    expect(mayStep(['easier', 'easier', 'harder'], 'harder')).toBeTrue();
  });

  it('add no load a caution is against, and no more than a tenth, for anybody in any class of the demo', () => {
    for (const sessionId of boatyard.sessions.map(({ id }) => id)) {
      for (const cell of cellsOf(boatyard, sessionId, 1)) {
        const up = steppedCell(boatyard, cell, ['harder'], { sessionId, week: 1 }, resolver);
        const about = `${cell.participantId} ${cell.slotId}`;
        if (cell.load && up.load && up.version === cell.version)
          expect(up.load.kg)
            .withContext(about)
            .toBeLessThanOrEqual(cell.load.kg * 1.1 + 0.01);
        if (cell.warnings.length > 0) expect(up).withContext(about).toBe(cell);
        const down = steppedCell(boatyard, cell, ['easier'], { sessionId, week: 1 }, resolver);
        if (cell.load && down.load && down.version === cell.version)
          expect(down.load.kg).withContext(about).toBeLessThanOrEqual(cell.load.kg);
      }
    }
  });
});
