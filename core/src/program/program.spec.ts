import { boatyard } from '@dray/demo';
import { reps } from '../../testing/people';
import { documentWith } from '../../testing/weeks';
import { marksIn } from '../../testing/reading';
import { reasonWords } from '../reason';
import { LIBRARY_EXERCISES, LIBRARY_LADDERS } from '../library';
import type { DrayDocument, LogEntry } from '../model';
import { editEachTier, editSlot, withPace } from '../plan';
import { createResolver, NotInDocumentError, resolveBoard, resolveCard } from './index';

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
      board.rows.flatMap(({ cells }) => cells.flatMap((cell) => marksIn(cell).map(({ kind }) => kind))),
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
    expect(() => resolveBoard(boatyard, { sessionId: 'tuesday', week: 9 })).toThrowError(NotInDocumentError);
    expect(() =>
      resolveCard(boatyard, { participantId: 'gone', sessionId: 'tuesday', week: 1 }),
    ).toThrowError(/participant/);
  });
});

describe('work by the clock', () => {
  const resolver = createResolver();
  /** The loads of everybody for forty seconds of squats, in a session of a pace. */
  const loads = (document: DrayDocument) =>
    resolver
      .board(document, { sessionId: 'tuesday', week: 1 })
      .rows.flatMap(({ cells }) => cells)
      .flatMap((cell) =>
        cell.slotId === 'tue-squat' && cell.status === 'ready' && cell.load ? [cell.load.kg] : [],
      );
  const tuesdayAs = (
    change: (session: DrayDocument['sessions'][number]) => DrayDocument['sessions'][number],
  ) => ({
    ...boatyard,
    sessions: boatyard.sessions.map((session) => (session.id === 'tuesday' ? change(session) : session)),
  });
  const slow = tuesdayAs((session) =>
    editSlot(session, 'tue-squat', (slot) =>
      editEachTier(slot, (one) => ({ ...one, work: { kind: 'time', seconds: 40 } })),
    ),
  );
  const led = {
    ...slow,
    sessions: slow.sessions.map((session) => (session.id === 'tuesday' ? withPace(session, 'led') : session)),
  };

  it('is never heavier where repetitions go faster, since more of them fit', () => {
    const [before, after] = [loads(slow), loads(led)];
    expect(after.length).toBe(before.length);
    after.forEach((kg, at) => expect(kg).toBeLessThanOrEqual(before[at]!));
    expect(after.reduce((sum, kg) => sum + kg, 0)).toBeLessThan(before.reduce((sum, kg) => sum + kg, 0));
  });

  it('is not heavier either where repetitions were measured slow: a late key is no slow repetition', () => {
    const perRep = Object.fromEntries(LIBRARY_EXERCISES.map(({ id }) => [id, 15]));
    const late = { ...slow, settings: { ...slow.settings, timing: { perRep } } };
    expect(loads(late)).toEqual(loads(slow));
  });

  it('goes by repetitions as measured, and is worked out again when they are', () => {
    const perRep = Object.fromEntries(LIBRARY_EXERCISES.map(({ id }) => [id, 1.5]));
    const measured = { ...slow, settings: { ...slow.settings, timing: { perRep } } };
    const [before, after] = [loads(slow), loads(measured)];
    after.forEach((kg, at) => expect(kg).toBeLessThanOrEqual(before[at]!));
    expect(after).not.toEqual(before);
    expect(loads(slow)).toEqual(before);
  });
});

describe('resolveCard', () => {
  it('is a row of the board, read in whatever unit', () => {
    const card = resolveCard(boatyard, { participantId: 'anselm', sessionId: 'tuesday', week: 2 });
    const row = resolveBoard(boatyard, { sessionId: 'tuesday', week: 2 }).rows[3];
    expect(card.cells).toEqual(row!.cells);
    expect(
      card.cells.flatMap(({ trace }) => trace.map((reason) => reasonWords(reason, 'lb'))).join(' '),
    ).toMatch(/\d lb/);
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
    expect(wanted([entry('2026-10-20', 22)])!).toBeGreaterThan(before);
    expect(wanted([entry('2026-12-01', 22)])).toBe(before);
  });

  it('does not take seconds for repetitions', () => {
    const held = { ...entry('2026-10-20', 22), counted: 'seconds' as const };
    expect(wanted([held])).toBe(wanted([]));
  });
});
