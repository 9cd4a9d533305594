import * as fc from 'fast-check';
import { boatyard } from '@dray/demo';
import { aKit, aParticipant, aSlot, everyProp, reps } from '../../testing/people';
import { attainableLoads } from '../kit';
import { LIBRARY_EXERCISES, LIBRARY_LADDERS } from '../library';
import {
  TIERS,
  type Block,
  type DrayDocument,
  type Implement,
  type LogEntry,
  type Participant,
  type Prescription,
  type Scheme,
} from '../model';
import type { Cell, ReadyCell } from '../resolve';
import { editSlot } from '../plan';
import { massKey } from '../units';
import { createResolver, NotInDocumentError, resolveBoard, resolveCard } from './index';

const WEEKS = [1, 2, 3, 4];
const MONDAYS = ['05', '12', '19', '26']
  .map((day) => `2026-01-${day}`)
  .concat(
    ['02', '09', '16', '23'].map((day) => `2026-02-${day}`),
    ['02', '09', '16', '23'].map((day) => `2026-03-${day}`),
  );

function documentWith(part: Partial<DrayDocument>): DrayDocument {
  return { ...boatyard, overrides: [], log: [], ...part };
}

describe('resolveBoard on the demo class', () => {
  const board = resolveBoard(boatyard, { sessionId: 'tuesday', week: 1 });

  it('has a row for everyone and a cell for every slot', () => {
    expect(board.rows.map(({ participant }) => participant.name)).toEqual([
      'Bram',
      'Odile',
      'Tamsin',
      'Anselm',
      'Juno',
      'Wendel',
    ]);
    for (const { cells } of board.rows) expect(cells.length).toBe(board.columns.length);
  });

  it('differs visibly from row to row', () => {
    const main = board.columns.flatMap(({ letter }, at) => (letter ? [at] : []));
    const rows = board.rows.map(({ cells }) =>
      main.map((at) => {
        const cell = cells[at]!;
        return cell.status === 'ready'
          ? `${cell.version.name} ${cell.load?.kg ?? ''} ${cell.work.amount}`
          : 'out';
      }),
    );
    for (const at of main.keys()) expect(new Set(rows.map((row) => row[at])).size).toBeGreaterThanOrEqual(3);
    const marks = new Set(
      board.rows.flatMap(({ cells }) => cells.flatMap((cell) => cell.marks.map(({ kind }) => kind))),
    );
    expect(marks).toEqual(new Set(['caution', 'substitute', 'bridge']));
  });

  it('changes every cell of a slot whose prescription changes, and no other', () => {
    const resolver = createResolver();
    const query = { sessionId: 'tuesday', week: 1 };
    const before = resolver.board(boatyard, query);
    const sessions = boatyard.sessions.map((session) =>
      editSlot(session, 'tue-squat', (slot) => ({
        ...slot,
        prescriptions: { beginner: reps(4, 8), intermediate: reps(4, 8), advanced: reps(4, 8) },
      })),
    );
    const after = resolver.board({ ...boatyard, sessions }, query);
    after.rows.forEach(({ cells }, row) =>
      cells.forEach((cell, column) => {
        const same = cell === before.rows[row]?.cells[column];
        expect(same).toBe(after.columns[column]?.slot.id !== 'tue-squat');
        if (!same && cell.status === 'ready') expect(cell.work.sets).toBe(4);
      }),
    );
  });

  it('gives the same from a warm resolver as from a cold one, week after week in any order', () => {
    const resolver = createResolver();
    for (const week of [3, 1, 4, 2, 4]) {
      const query = { sessionId: 'tuesday', week };
      expect(resolver.board(boatyard, query)).toEqual(resolveBoard(boatyard, query));
    }
  });

  it('takes in an override, a kit and a log entry the moment they change', () => {
    const resolver = createResolver();
    const query = { sessionId: 'tuesday', week: 2 };
    resolver.board(boatyard, query);
    const override = {
      id: 'o',
      participantId: 'juno',
      slotId: 'tue-squat',
      fromWeek: 2,
      loadKg: 20,
      reason: 'asked',
    };
    const changed: DrayDocument = { ...boatyard, overrides: [override], kits: [...boatyard.kits].reverse() };
    expect(resolver.board(changed, query)).toEqual(resolveBoard(changed, query));
    const lighter: DrayDocument = {
      ...boatyard,
      kits: boatyard.kits.map((kit) => (kit.id === 'kit-loft' ? { ...kit, implements: [] } : kit)),
    };
    expect(resolver.board(lighter, query)).toEqual(resolveBoard(lighter, query));
  });

  it('says what is not there', () => {
    expect(() => resolveBoard(boatyard, { sessionId: 'gone', week: 1 })).toThrowError(NotInDocumentError);
    expect(() => resolveBoard(boatyard, { sessionId: 'tuesday', week: 5 })).toThrowError(NotInDocumentError);
    expect(() =>
      resolveCard(boatyard, { participantId: 'gone', sessionId: 'tuesday', week: 1 }),
    ).toThrowError(/participant/);
  });
});

describe('resolveCard', () => {
  it('is a row of the board in the person’s own unit', () => {
    const card = resolveCard(boatyard, { participantId: 'anselm', sessionId: 'tuesday', week: 2 });
    const row = resolveBoard(boatyard, { sessionId: 'tuesday', week: 2, unit: 'lb' }).rows[3];
    expect(card.cells).toEqual(row!.cells);
    expect(card.cells.flatMap(({ trace }) => trace.map(({ sentence }) => sentence)).join(' ')).toMatch(
      /\d lb/,
    );
  });
});

describe('four weeks of growth', () => {
  const things: fc.Arbitrary<Implement[]> = fc
    .tuple(fc.subarray([1, 2, 2.5, 4, 5, 6, 8, 10, 12.5, 15, 20]), fc.boolean(), fc.boolean())
    .map(([masses, plates, bottles]): Implement[] => [
      ...masses.map((massKg): Implement => ({
        kind: 'fixed',
        id: `d${massKg}`,
        form: 'dumbbell',
        massKg,
        count: 2,
      })),
      ...(plates
        ? [
            {
              kind: 'adjustable' as const,
              id: 'a',
              handleKg: 2,
              handles: 2 as const,
              plates: [
                { massKg: 5, count: 4 },
                { massKg: 1.25, count: 8 },
                { massKg: 0.5, count: 4 },
              ],
            },
          ]
        : []),
      ...(bottles
        ? [
            {
              kind: 'fillable' as const,
              id: 'b',
              name: 'bottle',
              emptyKg: 0.05,
              capacityLitres: 2,
              densityKgPerLitre: 0.9982,
              stepLitres: 0.1,
              count: 2,
            },
          ]
        : []),
      ...everyProp(),
    ]);
  const scheme: fc.Arbitrary<Scheme> = fc.oneof(
    fc.record({
      kind: fc.constant('repsThenLoad' as const),
      stepReps: fc.integer({ min: 1, max: 4 }),
      capPercent: fc.integer({ min: 3, max: 10 }),
    }),
    fc.integer({ min: 1, max: 10 }).map((percent) => ({
      kind: 'cappedPercent' as const,
      percentPerWeek: percent,
      capPercent: Math.max(percent, 5),
    })),
    fc.record({
      kind: fc.constantFrom('twoForTwo' as const, 'byReserve' as const),
      capPercent: fc.integer({ min: 3, max: 10 }),
    }),
    fc.record({
      kind: fc.constant('timeFirst' as const),
      stepSeconds: fc.integer({ min: 1, max: 10 }),
      mostSeconds: fc.integer({ min: 20, max: 90 }),
      capPercent: fc.integer({ min: 3, max: 10 }),
    }),
    fc.record({
      kind: fc.constant('roundsFirst' as const),
      mostSets: fc.integer({ min: 3, max: 6 }),
      capPercent: fc.integer({ min: 3, max: 10 }),
    }),
  );

  /** A document with one person, one slot and its scheme, over so many weeks. */
  function oneSlot(
    ladderId: string,
    plan: Prescription,
    growth: Scheme,
    participant: Participant,
    owned: Implement[],
  ) {
    const slot = { ...aSlot(ladderId, plan), scheme: growth };
    const block: Block = { id: 'b', kind: 'straight', restSeconds: 60, slots: [slot] };
    return documentWith({
      kits: [aKit(owned)],
      participants: [{ ...participant, kitIds: ['kit'] }],
      sessions: [{ id: 's', name: 'S', budgetMinutes: 30, blocks: [block] }],
      programs: [
        {
          id: 'p',
          name: 'P',
          startDate: '2026-01-05',
          weeks: Array.from({ length: 12 }, (_, at) => ({ week: at + 1, sessionIds: ['s'] })),
          scheme: growth,
        },
      ],
    });
  }

  /** Week after week as it is prescribed, done as `done` says. */
  function train(
    start: DrayDocument,
    weeks: number,
    done: (cell: ReadyCell, set: number) => Pick<LogEntry, 'amount' | 'reserve'>,
  ): { cells: Cell[]; document: DrayDocument } {
    let document = start;
    const cells: Cell[] = [];
    for (let week = 1; week <= weeks; week += 1) {
      const cell = resolveBoard(document, { sessionId: 's', week }).rows[0]!.cells[0]!;
      cells.push(cell);
      if (cell.status !== 'ready') continue;
      const entries = Array.from({ length: cell.work.sets }, (_, set): LogEntry => ({
        id: `${week}-${set}`,
        participantId: cell.participantId,
        sessionId: 's',
        slotId: cell.slotId,
        week,
        date: MONDAYS[week - 1] ?? '',
        exerciseId: cell.version.exercise.id,
        set: set + 1,
        counted: cell.work.kind === 'reps' ? 'reps' : 'seconds',
        ...(cell.load && { loadKg: cell.load.kg }),
        ...done(cell, set + 1),
      }));
      document = { ...document, log: [...document.log, ...entries] };
    }
    return { cells, document };
  }

  it('keeps every scheme within its cap and kit over twelve weeks of all kinds of days, whatever order they were written down in', () => {
    const day = fc.record({
      over: fc.integer({ min: -3, max: 3 }),
      left: fc.option(fc.integer({ min: 0, max: 5 })),
    });
    fc.assert(
      fc.property(
        fc.constantFrom('squat', 'row', 'press-up', 'brace', 'overhead-press'),
        things,
        scheme,
        fc.array(day, { minLength: 12, maxLength: 12 }),
        fc.integer({ min: 5, max: 15 }),
        (ladder, owned, growth, days, count) => {
          const start = oneSlot(ladder, reps(3, count), growth, aParticipant(), owned);
          const { cells, document } = train(start, 12, (cell) => {
            const { over, left } = days[cell.week - 1]!;
            return { amount: Math.max(0, cell.work.amount + over), ...(left !== null && { reserve: left }) };
          });
          cells.forEach((cell, at) => {
            if (cell.status !== 'ready') return;
            if (cell.load) {
              const loads = attainableLoads(document.kits, cell.load.hold).map(({ kg }) => massKey(kg));
              expect(loads).toContain(massKey(cell.load.kg));
            }
            const before = cells[at - 1];
            if (before?.status !== 'ready' || !before.load || !cell.load) return;
            expect(cell.load.kg).toBeLessThanOrEqual(before.load.kg * (1 + growth.capPercent / 100) + 1e-6);
          });
          const late = { ...document, log: [...document.log].reverse() };
          const again = resolveBoard(late, { sessionId: 's', week: 12 }).rows[0]!.cells[0]!;
          const last = cells[11]!;
          expect(again.status).toBe(last.status);
          if (again.status !== 'ready' || last.status !== 'ready') return;
          expect(again.load?.kg).toBe(last.load?.kg);
          expect(again.work).toEqual(last.work);
        },
      ),
      { numRuns: 150 },
    );
  });

  const dumbbells = [8, 8.5, 9, 9.5, 10, 10.5, 11, 11.5, 12, 12.5, 13].map((massKg): Implement => ({
    kind: 'fixed',
    id: `d${massKg}`,
    form: 'dumbbell',
    massKg,
    count: 1,
  }));
  const steady = aParticipant({
    knownSets: [{ exerciseId: 'goblet-squat', loadKg: 10, reps: 10, reserve: 2, date: '2026-01-01' }],
  });
  const story = (growth: Scheme, done: Parameters<typeof train>[2], plan = reps(3, 10)) =>
    train(oneSlot('squat', plan, growth, steady, [...dumbbells, ...everyProp()]), 6, done).cells.map(
      (cell) => {
        if (cell.status !== 'ready') throw new Error(cell.because);
        return { kg: cell.load?.kg, sets: cell.work.sets, amount: cell.work.amount };
      },
    );

  it('waits for two over on two visits before the load goes up (Haff & Triplett, 2-for-2)', () => {
    const twoOver = story({ kind: 'twoForTwo', capPercent: 10 }, ({ work }) => ({ amount: work.amount + 2 }));
    expect(twoOver[1]?.kg).toBe(twoOver[0]?.kg);
    expect(twoOver[2]?.kg).toBeGreaterThan(twoOver[1]!.kg!);
    expect(twoOver[3]?.kg).withContext('counted anew at the new load').toBe(twoOver[2]?.kg);
    const once = story({ kind: 'twoForTwo', capPercent: 10 }, ({ work, week }) => ({
      amount: work.amount + (week % 2 === 0 ? 2 : 0),
    }));
    expect(new Set(once.map(({ kg }) => kg)).size).toBe(1);
  });

  it('goes by what was left: up, the same, or down', () => {
    const left = (reserve: number) =>
      story({ kind: 'byReserve', capPercent: 10 }, ({ work }) => ({ amount: work.amount, reserve }));
    const easy = left(4);
    expect(easy[1]?.kg).toBeGreaterThan(easy[0]!.kg!);
    expect(left(2)[1]?.kg).toBe(left(2)[0]?.kg);
    const heavy = story({ kind: 'byReserve', capPercent: 10 }, ({ work, week }) => ({
      amount: work.amount,
      reserve: week < 4 ? 5 : 0,
    }));
    expect(heavy[4]?.kg).toBeLessThan(heavy[3]!.kg!);
  });

  it('adds five seconds a week to a hold, and a round a week, up to their most (common practice)', () => {
    const hold: Prescription = {
      ...reps(3, 1),
      work: { kind: 'hold', seconds: 30 },
      target: { kind: 'none' },
    };
    const growth: Scheme = { kind: 'timeFirst', stepSeconds: 5, mostSeconds: 40, capPercent: 10 };
    const document = oneSlot('brace', hold, growth, aParticipant(), everyProp());
    const held = train(document, 4, ({ work }) => ({ amount: work.amount })).cells;
    expect(held.map((cell) => cell.status === 'ready' && cell.work.amount)).toEqual([30, 35, 40, 40]);
    const rounds = story({ kind: 'roundsFirst', mostSets: 5, capPercent: 10 }, ({ work }) => ({
      amount: work.amount,
    }));
    expect(rounds.map(({ sets }) => sets)).toEqual([3, 4, 5, 3, 4, 5]);
    expect(rounds[3]?.kg).toBeGreaterThan(rounds[2]!.kg!);
  });

  it('never grows a load past its cap and always lands on something the person owns', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...LIBRARY_LADDERS),
        fc.constantFrom(...TIERS),
        things,
        scheme,
        fc.integer({ min: 45, max: 110 }),
        fc.integer({ min: 5, max: 15 }),
        (ladder, tier, owned, growth, bodyMassKg, count) => {
          const participant = aParticipant({ tier, bodyMassKg, kitIds: ['kit'] });
          const kit = aKit(owned);
          const slot = { ...aSlot(ladder.id, reps(3, count)), scheme: growth };
          const document = documentWith({
            kits: [kit],
            participants: [participant],
            sessions: [
              {
                id: 's',
                name: 'S',
                budgetMinutes: 30,
                blocks: [{ id: 'b', kind: 'straight', restSeconds: 60, slots: [slot] }],
              },
            ],
            programs: [],
          });
          const cells = WEEKS.map(
            (week) => resolveBoard(document, { sessionId: 's', week }).rows[0]!.cells[0]!,
          );
          cells.forEach((cell, at) => {
            if (cell.status !== 'ready') return;
            if (cell.load) {
              const loads = attainableLoads([kit], cell.load.hold).map(({ kg }) => massKey(kg));
              expect(loads).toContain(massKey(cell.load.kg));
            }
            const before = cells[at - 1];
            if (before?.status !== 'ready' || !before.load || !cell.load) return;
            expect(cell.load.kg).toBeLessThanOrEqual(before.load.kg * (1 + growth.capPercent / 100) + 1e-6);
            expect(cell.load.kg).toBeGreaterThanOrEqual(before.load.kg - 1e-6);
            expect(Math.abs((cell.change?.kg ?? 0) - (cell.load.kg - before.load.kg))).toBeLessThan(1e-9);
          });
        },
      ),
      { numRuns: 500 },
    );
  });

  const weekly = (document: DrayDocument, person: string, slotId: string) =>
    WEEKS.map((week) => {
      const board = resolveBoard(document, { sessionId: 'tuesday', week });
      const column = board.columns.findIndex(({ slot }) => slot.id === slotId);
      const cell = board.rows.find(({ participant }) => participant.id === person)!.cells[column]!;
      if (cell.status !== 'ready') throw new Error(cell.because);
      return cell;
    });

  it('fills the reps first and then takes the next load, back at the low end', () => {
    const bram = weekly(boatyard, 'bram', 'tue-squat');
    expect(bram.map(({ work }) => work.amount)).toEqual([6, 8, 6, 8]);
    expect(bram[2]!.load!.kg).toBeGreaterThan(bram[1]!.load!.kg);
    // Source for the size of the step: ACSM position stand 2009, 2-10 %.
    const step = bram[2]!.load!.kg / bram[1]!.load!.kg - 1;
    expect(step).toBeGreaterThanOrEqual(0.02);
    expect(step).toBeLessThanOrEqual(0.1);
  });

  it('adds a capped share a week at the same reps', () => {
    const bram = weekly(boatyard, 'bram', 'tue-hinge');
    expect(bram.map(({ work }) => work.amount)).toEqual([10, 10, 10, 10]);
    bram.slice(1).forEach((cell, at) => expect(cell.load!.kg).toBeGreaterThan(bram[at]!.load!.kg));
    expect(bram[3]!.wantedKg! / bram[0]!.wantedKg!).toBeCloseTo(1.05 ** 3, 10);
  });

  it('bridges where the next load is past the cap', () => {
    const anselm = weekly(boatyard, 'anselm', 'tue-row');
    expect(new Set(anselm.map(({ load }) => massKey(load!.kg))).size).toBe(1);
    expect(anselm[3]!.marks.some(({ kind }) => kind === 'bridge')).toBeTrue();
    expect(anselm[3]!.work.amount).toBeGreaterThan(anselm[0]!.work.amount);
  });

  it('asks the same again where the log says it was not made', () => {
    const entry: LogEntry = {
      id: 'l',
      participantId: 'bram',
      sessionId: 'tuesday',
      slotId: 'tue-squat',
      week: 1,
      date: '2026-11-24',
      exerciseId: 'shoulder-pair-squat',
      set: 1,
      loadKg: 46,
      amount: 4,
      counted: 'reps',
    };
    const cells = weekly(documentWith({ log: [entry] }), 'bram', 'tue-squat');
    expect(cells[1]!.work.amount).toBe(6);
    expect(cells[1]!.trace.map(({ sentence }) => sentence).join(' ')).toContain('4 of 6');
    expect(cells[2]!.work.amount).toBe(8);
  });

  it('keeps the class’s clock and lengthens holds', () => {
    expect(weekly(boatyard, 'juno', 'tue-thrust').map(({ work }) => work.amount)).toEqual([45, 45, 45, 45]);
    expect(weekly(boatyard, 'juno', 'tue-plank').map(({ work }) => work.amount)).toEqual([40, 45, 50, 55]);
    expect(weekly(boatyard, 'anselm', 'tue-plank').map(({ work }) => work.amount)).toEqual([20, 20, 20, 20]);
  });
});

describe('with a ladder and an exercise of the coach’s own', () => {
  const [goblet] = LIBRARY_EXERCISES.filter(({ id }) => id === 'goblet-squat');
  const own = {
    ...goblet!,
    id: 'crate-squat',
    name: 'Squat with a crate',
    words: {
      cues: ['Crate to the chest', 'Sit between the heels'],
      watch: { 'back rounds': 'lighter crate', 'heels lift': 'feet wider' },
      breathing: 'Out going up.',
    },
  };
  const ladder = {
    ...LIBRARY_LADDERS[0]!,
    id: 'crates',
    name: 'Crates',
    rungs: [
      {
        ...LIBRARY_LADDERS[0]!.rungs[3]!,
        id: 'crate-rung',
        exerciseId: 'crate-squat',
        name: 'crate at the chest',
      },
    ],
  };
  const document = documentWith({
    exercises: [own],
    ladders: [ladder],
    sessions: boatyard.sessions.map((session) =>
      editSlot(session, 'tue-squat', (slot) => ({ ...slot, source: { kind: 'ladder', ladderId: 'crates' } })),
    ),
  });

  it('resolves to it like to one of ours', () => {
    const resolver = createResolver();
    const juno = resolver
      .board(document, { sessionId: 'tuesday', week: 1 })
      .rows.find(({ participant }) => participant.id === 'juno');
    const cell = juno?.cells.find(({ slotId }) => slotId === 'tue-squat');
    expect(cell?.status === 'ready' && cell.version.exercise.id).toBe('crate-squat');
    expect(cell?.status === 'ready' && cell.basis).toBe('carried');
    // The same resolver goes back to the plain library with the plain document.
    const plain = resolver.board(boatyard, { sessionId: 'tuesday', week: 1 });
    expect(plain).toEqual(resolveBoard(boatyard, { sessionId: 'tuesday', week: 1 }));
  });
});

describe('strength from the log', () => {
  const entry = (date: string, loadKg: number): LogEntry => ({
    id: date,
    participantId: 'juno',
    sessionId: 'tuesday',
    slotId: 'tue-squat',
    week: 1,
    date,
    exerciseId: 'goblet-squat',
    set: 1,
    loadKg,
    amount: 8,
    counted: 'reps',
    reserve: 2,
  });
  const wanted = (log: LogEntry[]) => {
    const board = resolveBoard(documentWith({ log }), { sessionId: 'tuesday', week: 1 });
    const juno = board.rows.find(({ participant }) => participant.id === 'juno');
    const cell = juno?.cells.find(({ slotId }) => slotId === 'tue-squat');
    return cell?.status === 'ready' ? cell.wantedKg : undefined;
  };

  it('counts what was lifted before the program began, and leaves its first week alone afterwards', () => {
    const before = wanted([])!;
    expect(wanted([entry('2026-11-20', 22)])!).toBeGreaterThan(before);
    expect(wanted([entry('2026-12-01', 22)])).toBe(before);
  });

  it('does not take seconds for repetitions', () => {
    const held = { ...entry('2026-11-20', 22), counted: 'seconds' as const };
    expect(wanted([held])).toBe(wanted([]));
  });
});
