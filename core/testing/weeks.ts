import * as fc from 'fast-check';
import { boatyard } from '@dray/demo';
import type {
  Block,
  DrayDocument,
  Implement,
  LogEntry,
  Participant,
  Prescription,
  Scheme,
  SlotSource,
} from '../src/model';
import { sameVersion } from '../src/ladder';
import { createResolver } from '../src/program';
import type { Cell, ReadyCell } from '../src/resolve';
import { addDays } from '../src/units';
import { aKit, aSlot, everyProp, TWO_BOTTLES } from './people';

export const FIRST_MONDAY = '2026-01-05';

/** The demo with nothing set by hand and nothing logged, and these parts instead of its own. */
export function documentWith(part: Partial<DrayDocument>): DrayDocument {
  return { ...boatyard, overrides: [], log: [], ...part };
}

/** Dumbbells of all kinds, plates and bottles or not. */
export const anyThings: fc.Arbitrary<Implement[]> = fc
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
    ...(bottles ? [TWO_BOTTLES] : []),
    ...everyProp(),
  ]);
/** Any scheme with its numbers in range. */
export const anyScheme: fc.Arbitrary<Scheme> = fc.oneof(
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
  fc.record({
    kind: fc.constant('technicalFailure' as const),
    dropPercent: fc.integer({ min: 2, max: 30 }),
    capPercent: fc.integer({ min: 3, max: 10 }),
  }),
  fc.record({ kind: fc.constant('rungFirst' as const), capPercent: fc.integer({ min: 3, max: 10 }) }),
  fc.record({
    kind: fc.constant('wave' as const),
    shape: fc.constantFrom('linear' as const, 'undulating' as const, 'step' as const),
    fromPercent: fc.integer({ min: 40, max: 70 }),
    toPercent: fc.integer({ min: 71, max: 95 }),
    stepWeeks: fc.integer({ min: 3, max: 6 }),
    capPercent: fc.integer({ min: 3, max: 10 }),
  }),
);

/** A document with one person, one slot and its scheme, over so many weeks. */
export function oneSlot(
  of: string | SlotSource,
  plan: Prescription,
  growth: Scheme,
  participant: Participant,
  owned: Implement[],
) {
  const slot = { ...aSlot(of, plan), scheme: growth };
  const block: Block = { id: 'b', kind: 'straight', restSeconds: 60, slots: [slot] };
  return documentWith({
    kits: [aKit(owned)],
    participants: [{ ...participant, kitIds: ['kit'] }],
    sessions: [{ id: 's', name: 'S', budgetMinutes: 30, blocks: [block] }],
    programs: [
      {
        id: 'p',
        name: 'P',
        startDate: FIRST_MONDAY,
        weeks: Array.from({ length: 12 }, (_, at) => ({
          week: at + 1,
          days: [{ weekday: 1, sessionId: 's' }],
        })),
        scheme: growth,
      },
    ],
  });
}

export type DoneSet = Pick<LogEntry, 'amount'> & Partial<LogEntry>;

/** Week after week as it is prescribed, done as `done` says; a week in which it says nothing is missed. */
export function train(
  start: DrayDocument,
  weeks: number,
  done: (cell: ReadyCell, set: number) => DoneSet | undefined,
): { cells: Cell[]; document: DrayDocument } {
  let document = start;
  let today = FIRST_MONDAY;
  const resolver = createResolver(() => today);
  const cells: Cell[] = [];
  for (let week = 1; week <= weeks; week += 1) {
    today = addDays(FIRST_MONDAY, (week - 1) * 7);
    const cell = resolver.board(document, { sessionId: 's', week }).rows[0]!.cells[0]!;
    cells.push(cell);
    if (cell.status !== 'ready') continue;
    const entries = Array.from({ length: cell.work.sets }, (_, at) => done(cell, at + 1)).flatMap(
      (own, at): LogEntry[] => (own ? [{ ...asAsked(cell, at + 1), ...own }] : []),
    );
    document = { ...document, log: [...document.log, ...entries] };
  }
  return { cells, document };
}

/** A set of a cell, done as it is asked. */
export function asAsked(cell: ReadyCell, set: number): LogEntry {
  return {
    id: `${cell.slotId} ${cell.week} ${set}`,
    participantId: cell.participantId,
    sessionId: 's',
    slotId: cell.slotId,
    week: cell.week,
    date: addDays(FIRST_MONDAY, (cell.week - 1) * 7),
    exerciseId: cell.version.exercise.id,
    ...(cell.version.rung && { rungId: cell.version.rung.id }),
    set,
    counted: cell.work.kind === 'reps' ? 'reps' : 'seconds',
    ...(cell.load && { loadKg: cell.eachSet?.[set - 1]?.kg ?? cell.load.kg }),
    amount: cell.eachSet?.[set - 1]?.amount ?? cell.work.amount,
  };
}

/** The heaviest load of the weeks before one, in the version it has; none gives 0. */
export function heaviestBefore(cells: readonly Cell[], at: number): number {
  const own = cells[at];
  return cells.slice(0, at).reduce((most, cell) => {
    const same = cell.status === 'ready' && own?.status === 'ready' && sameVersion(cell.version, own.version);
    return same ? Math.max(most, cell.load?.kg ?? 0) : most;
  }, 0);
}
