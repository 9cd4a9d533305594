import { catalogOf } from '../library';
import { startFrom, STARTING_SESSIONS, startName } from '../compose';
import { USUAL_THINGS } from '../kit/usual-things';
import { EMPTY_DOCUMENT, implementSchema, type DrayDocument, type LogEntry } from '../model';
import { parseDocument, serializeDocument } from '../formats';
import { firstClass, readNames, type FirstClass } from './first-class';
import { reviewClass } from '../review';
import { createResolver, resolveBoard } from './resolver';
import { classDays } from './schedule';

function ids() {
  let count = 0;
  return () => `id-${(count += 1)}`;
}

function asked(part: Partial<FirstClass> = {}): FirstClass {
  const [start] = STARTING_SESSIONS;
  if (!start) throw new Error('no session to begin from');
  return {
    people: [
      { name: 'Ida', tier: 'beginner', conditions: ['soreKnee'], things: [] },
      { name: 'Bram', tier: 'advanced', bodyMassKg: 88, conditions: [], things: ['dumbbells'] },
      { name: 'Cleo', tier: 'intermediate', conditions: [], things: ['lightDumbbells'] },
    ],
    room: ['usualRoom'],
    roomName: 'Loft',
    session: startFrom(start, catalogOf(EMPTY_DOCUMENT), ids()),
    days: [2, 5],
    weeks: 8,
    // A Thursday.
    today: '2026-11-26',
    unit: 'kg',
    ...part,
  };
}

function boardOf(part: Partial<FirstClass> = {}) {
  const document: DrayDocument = { ...EMPTY_DOCUMENT, ...firstClass(asked(part), ids()) };
  const [session] = document.sessions;
  return { document, board: resolveBoard(document, { sessionId: session?.id ?? '', week: 1 }) };
}

describe('names that were pasted', () => {
  it('are read one a line, with what lists put before them left away', () => {
    expect(readNames(' 1. Ida\n2) Bram\n\n- Cleo, the pilot\n').names).toEqual([
      'Ida',
      'Bram',
      'Cleo, the pilot',
    ]);
  });

  it('are read from one line by its commas', () => {
    expect(readNames('Ida, Bram;Cleo\tJuno').names).toEqual(['Ida', 'Bram', 'Cleo', 'Juno']);
  });

  it('have to be told apart, from one another and from who is there', () => {
    expect(readNames('Ida\nida').problem).toContain('Two are called ida: write something after one of them');
    expect(readNames('Ida', ['Ida']).problem).toContain('Two are called Ida');
    expect(readNames('Ida\nIda K.').problem).toBe('');
  });

  it('are refused in words where they are too many or too long', () => {
    expect(readNames(Array.from({ length: 41 }, (_, at) => `p${at}`).join('\n')).problem).toContain(
      '41 names',
    );
    expect(readNames('x'.repeat(121)).problem).toContain('The name “xxxxxxxxxxxxxxxxxxxx…”');
  });
});

describe('a first class', () => {
  it('is a whole document that its own reader takes', () => {
    const { document } = boardOf();
    expect(parseDocument(serializeDocument(document)).ok).toBe(true);
    expect(document.kits.map(({ name }) => name)).toEqual(['Loft', 'Bram, at home', 'Cleo, at home']);
    expect(document.participants.map(({ kitIds }) => kitIds.length)).toEqual([1, 2, 2]);
  });

  it('gives everybody their own board, with what they have', () => {
    const { board } = boardOf();
    expect(board.rows.map(({ participant }) => participant.name)).toEqual(['Ida', 'Bram', 'Cleo']);
    const loads = board.rows.map(({ cells }) =>
      cells.flatMap((cell) => (cell.status === 'ready' && cell.load ? [cell.load.kg] : [])),
    );
    expect(loads[0]).toEqual([]);
    expect(Math.max(...(loads[1] ?? []))).toBeGreaterThan(Math.max(...(loads[2] ?? [])));
  });

  it('stands on its days from the next one on, in weeks that begin on Monday', () => {
    const [program] = boardOf().document.programs;
    expect(program?.startDate).toBe('2026-11-23');
    // The Tuesday of this week is over.
    expect(
      program &&
        classDays(program)
          .slice(0, 3)
          .map(({ date }) => date),
    ).toEqual(['2026-11-27', '2026-12-01', '2026-12-04']);
    const [later] = boardOf({ days: [1, 2] }).document.programs;
    expect(later && classDays(later)[0]?.date).toBe('2026-11-30');
  });

  it('stands on no day where none was chosen', () => {
    expect(boardOf({ days: [] }).document.programs).toEqual([]);
  });
});

describe('a beginner whose knee hurt in the first class', () => {
  it('is given nothing harder and nothing heavier for it', () => {
    const ida = { name: 'Ida', tier: 'beginner' as const, conditions: [], things: [] };
    const { document, board } = boardOf({ people: [ida], room: ['usualRoom', 'dumbbells'] });
    const [participant] = document.participants;
    const [session] = document.sessions;
    const at = board.columns.findIndex(({ name }) => name === 'Squat');
    const cell = board.rows[0]?.cells[at];
    if (cell?.status !== 'ready' || !participant || !session) throw new Error('nothing to squat');
    expect(cell.load).toBeUndefined();
    const entry: LogEntry = {
      id: 'e',
      participantId: participant.id,
      sessionId: session.id,
      slotId: cell.slotId,
      week: 1,
      date: '2026-11-27',
      exerciseId: cell.version.exercise.id,
      ...(cell.version.rung && { rungId: cell.version.rung.id }),
      set: 1,
      counted: 'reps',
      amount: 10,
      pain: { place: 'knee', score: 6 },
    };
    const logged = { ...document, log: [entry] };
    const proposals = reviewClass(logged, { sessionId: session.id, week: 1 }, createResolver());
    const hurt = proposals.find(({ kind, slotId }) => kind === 'hurt' && slotId === cell.slotId);
    expect(hurt).toBeDefined();
    expect(hurt?.next?.status === 'ready' ? hurt.next.load?.kg : undefined).toBeUndefined();
    expect(hurt?.pin.loadKg ?? 0).toBe(0);
  });
});

describe('usual things', () => {
  it('can all be counted in', () => {
    for (const { implements: things } of USUAL_THINGS)
      for (const thing of things)
        expect(implementSchema.safeParse(thing).success).withContext(thing.id).toBe(true);
    expect(new Set(USUAL_THINGS.map(({ id }) => id)).size).toBe(USUAL_THINGS.length);
  });

  it('come with sessions of different names', () => {
    expect(new Set(STARTING_SESSIONS.map(startName)).size).toBe(STARTING_SESSIONS.length);
  });
});
