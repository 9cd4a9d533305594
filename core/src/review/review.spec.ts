import { boatyard } from '@dray/demo';
import { boatyardInWeekFive } from '@dray/demo/week-five';
import { aParticipant, aSlot, everyProp, pairs, reps } from '../../testing/people';
import { asAsked, oneSlot, train, type DoneSet } from '../../testing/weeks';
import type { DrayDocument, Implement, LogEntry, Participant, Scheme } from '../model';
import { createResolver, resolveBoard } from '../program';
import { USUAL_SCHEMES } from '../progress/scheme-words';
import type { ReadyCell } from '../resolve';
import {
  decide,
  decisionOn,
  evidenceWords,
  nextWords,
  PROPOSAL_KINDS,
  reviewClass,
  reviewLog,
  setsInWords,
  sideDifference,
  undecide,
  whyWords,
  winsOf,
  type Proposal,
} from './index';

let made = 0;
const newId = () => `id-${(made += 1)}`;
const things = [...pairs(4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 16, 18, 20), ...everyProp()];

function after(
  weeks: number,
  done: (cell: ReadyCell, set: number) => DoneSet | undefined,
  {
    growth = USUAL_SCHEMES.repsThenLoad,
    ladder = 'row',
    person = {},
    owned = things,
  }: {
    growth?: Scheme;
    ladder?: string;
    person?: Partial<Participant>;
    owned?: Implement[];
  } = {},
): { document: DrayDocument; proposals: Proposal[] } {
  const start = oneSlot(ladder, { ...reps(3, 10), perSide: true }, growth, aParticipant(person), owned);
  const { document } = train(start, weeks, done);
  return { document, proposals: reviewLog(document, 'someone', { sessionId: 's', week: weeks }) };
}
const plain = (cell: ReadyCell): DoneSet => ({ amount: cell.work.amount, reserve: 2 });

describe('reviewLog', () => {
  it('proposes what the scheme makes of the week, with what was done and why', () => {
    const { proposals } = after(1, plain);
    expect(proposals.length).toBe(1);
    expect(proposals[0]?.kind).toBe('progress');
    expect(evidenceWords(proposals[0]!, 'kg')).toMatch(/^10, 10, 10 with .* kg, 2 left$/);
    expect(whyWords(proposals[0]!, 'kg')).toContain('Reps first: from 10 to 12');
    expect(proposals[0]?.pin.amount).toBe(12);
  });

  it('holds what fell short, and what was missed', () => {
    expect(after(1, () => ({ amount: 8 })).proposals[0]?.kind).toBe('hold');
    const { document } = after(1, plain);
    const [missed] = reviewLog(document, 'someone', { sessionId: 's', week: 2 });
    expect(missed?.kind).toBe('hold');
    expect(whyWords(missed!, 'kg')).toContain('Not there this week');
  });

  it('stops what hurts and offers what spares the place, by its caution', () => {
    const { proposals, document } = after(
      1,
      () => ({ amount: 10, pain: { place: 'left wrist', score: 6 } }),
      {
        ladder: 'press-up',
      },
    );
    const [hurt] = proposals;
    expect(hurt?.kind).toBe('hurt');
    expect(whyWords(hurt!, 'kg')).toContain('Left wrist hurt, 6 of 10');
    const agreed = decide(document, proposals, 'agreed', { newId, unit: 'kg' });
    const cell = resolveBoard(agreed, { sessionId: 's', week: 2 }).rows[0]!.cells[0]!;
    const before = resolveBoard(document, { sessionId: 's', week: 1 }).rows[0]!.cells[0]!;
    expect(cell.status === 'ready' && cell.version.name).not.toBe(
      before.status === 'ready' && before.version.name,
    );
  });

  it('lets the weaker side lead and set the reps', () => {
    const start = oneSlot(
      'row',
      { ...reps(3, 10), perSide: true },
      USUAL_SCHEMES.repsThenLoad,
      aParticipant(),
      things,
    );
    const cell = resolveBoard(start, { sessionId: 's', week: 1 }).rows[0]!.cells[0] as ReadyCell;
    const log = [1, 2, 3].flatMap((set): LogEntry[] => [
      { ...asAsked(cell, set), id: `l${set}`, side: 'left', amount: 8 },
      { ...asAsked(cell, set), id: `r${set}`, side: 'right', amount: 10 },
    ]);
    const [sides] = reviewLog({ ...start, log }, 'someone', { sessionId: 's', week: 1 });
    expect(sides?.kind).toBe('sides');
    expect(whyWords(sides!, 'kg')).toContain('The left side did 20 % less');
    expect(sides?.pin.amount).toBe(8);
    // Source: limb symmetry index of 90 %, Noyes et al. 1991, from memory.
    expect(
      sideDifference(log.map((entry) => (entry.side === 'left' ? { ...entry, amount: 9 } : entry))),
    ).toBeUndefined();
    // A time on one side says nothing of repetitions on the other.
    const mixed = log.map((entry): LogEntry =>
      entry.side === 'left' ? { ...entry, counted: 'seconds' } : entry,
    );
    expect(sideDifference(mixed)).toBeUndefined();
  });

  it('lets the weaker side set a number where as many as possible were asked, said as such and kept', () => {
    const asked = { ...reps(3, 10), perSide: true, work: { kind: 'most' } } as const;
    const start = oneSlot('row', asked, USUAL_SCHEMES.repsThenLoad, aParticipant(), things);
    const cell = resolveBoard(start, { sessionId: 's', week: 1 }).rows[0]!.cells[0] as ReadyCell;
    const log = [1, 2, 3].flatMap((set): LogEntry[] => [
      { ...asAsked(cell, set), id: `l${set}`, side: 'left', amount: 6 },
      { ...asAsked(cell, set), id: `r${set}`, side: 'right', amount: 10 },
    ]);
    const document = { ...start, log };
    const [sides] = reviewLog(document, 'someone', { sessionId: 's', week: 1 });
    expect(nextWords(sides!, 'kg')).toMatch(/^3 × 6 each side/);
    const agreed = decide(document, [sides!], 'agreed', { newId, unit: 'kg' });
    const next = resolveBoard(agreed, { sessionId: 's', week: 2 }).rows[0]!.cells[0] as ReadyCell;
    expect(next.planned.work).toEqual({ kind: 'reps', reps: 6 });
    expect<number>(next.work.amount).toBe(6);
  });

  const decided = (
    { document, proposals }: ReturnType<typeof after>,
    decision: 'agreed' | 'otherWay',
    week: number,
  ) =>
    resolveBoard(decide(document, proposals, decision, { newId, unit: 'kg' }), { sessionId: 's', week })
      .rows[0]!.cells[0] as ReadyCell;
  const easily = (cell: ReadyCell): DoneSet => ({ amount: cell.work.amount + 6, reserve: 4 });

  it('goes on with the load while there is one, and offers the rung whose gate was made beside it (common practice)', () => {
    const loaded = after(3, easily);
    const [more] = loaded.proposals;
    expect(more?.kind).toBe('progress');
    expect(more?.otherWay?.kind).toBe('gate');
    expect<number | undefined>(decided(loaded, 'agreed', 4).work.amount).toBe(more!.pin.amount!);
    // Another version is for good, whichever way it was come to.
    for (const week of [4, 6])
      expect(decided(loaded, 'otherWay', week).version.rung?.id).toBe(more!.otherWay!.pin.rungId!);
  });

  it('offers the next rung first where nothing is held, and where the kit has ended', () => {
    const free = after(3, easily, { ladder: 'press-up' });
    const [gate] = free.proposals;
    expect(gate?.kind).toBe('gate');
    expect(decided(free, 'agreed', 4).version.rung?.id).toBe(gate!.pin.rungId!);
    const ended = after(9, easily, { owned: [...pairs(8), ...everyProp()] });
    expect(ended.proposals[0]?.kind).toBe('gate');
  });

  it('decides for the next week in which the session stands, and after the last for none', () => {
    const start = oneSlot('row', reps(3, 10), USUAL_SCHEMES.repsThenLoad, aParticipant(), things);
    const everySecond: DrayDocument = {
      ...start,
      programs: start.programs.map((program) => ({
        ...program,
        weeks: program.weeks.map((own) => (own.week % 2 === 1 ? own : { ...own, days: [] })),
      })),
    };
    const first = resolveBoard(everySecond, { sessionId: 's', week: 1 }).rows[0]!.cells[0] as ReadyCell;
    const document = { ...everySecond, log: [1, 2, 3].map((set) => asAsked(first, set)) };
    const proposals = reviewLog(document, 'someone', { sessionId: 's', week: 1 });
    expect(proposals.map(({ forWeek }) => forWeek)).toEqual([3]);
    const agreed = decide(
      document,
      proposals.map((own) => ({ ...own, pin: { ...own.pin, amount: 11 } })),
      'agreed',
      { newId, unit: 'kg' },
    );
    const third = resolveBoard(agreed, { sessionId: 's', week: 3 }).rows[0]!.cells[0] as ReadyCell;
    expect<number | undefined>(third.work.amount).toBe(11);
    expect(reviewLog(document, 'someone', { sessionId: 's', week: 11 })).toEqual([]);
  });

  it('opens a ladder whose rung waited for another, once that was agreed to', () => {
    const plan = reps(3, 8);
    const slots = ['squat', 'one-leg-squat'].map((ladder) => aSlot(ladder, plan));
    const start = oneSlot('squat', plan, USUAL_SCHEMES.repsThenLoad, aParticipant(), things);
    const document: DrayDocument = {
      ...start,
      participants: [
        { ...start.participants[0]!, rungs: { squat: 'squat-seat', 'one-leg-squat': 'one-leg-sit-high' } },
      ],
      sessions: [{ ...start.sessions[0]!, blocks: [{ id: 'b', kind: 'straight', restSeconds: 60, slots }] }],
    };
    const query = { sessionId: 's', week: 1 };
    const card = createResolver().card(document, { participantId: 'someone', ...query });
    const log = card.cells.flatMap((cell) =>
      cell.status === 'ready' ? [1, 2, 3].map((set) => asAsked(cell, set)) : [],
    );
    const kinds = (own: DrayDocument) => reviewLog(own, 'someone', query).map(({ kind }) => kind);
    expect(kinds({ ...document, log })).not.toContain('prerequisite');
    const agreed = {
      id: 'o',
      participantId: 'someone',
      slotId: 'slot-squat',
      fromWeek: 2,
      rungId: 'squat-free',
      reason: 'gate',
      reviewOfWeek: 1,
    };
    const open = reviewLog({ ...document, log, overrides: [agreed] }, 'someone', query).find(
      ({ slotId }) => slotId === 'slot-one-leg-squat',
    );
    expect(open?.kind).toBe('prerequisite');
    expect(open?.pin.rungId).toBe('one-leg-sit-high');
  });

  it('sees a plateau only where nothing was gained beyond what the maximum is known to', () => {
    const known = { exerciseId: 'one-arm-row', loadKg: 10, reps: 10, reserve: 2, date: '2026-01-01' };
    const stuck = after(
      5,
      (cell) => ({ amount: cell.work.amount, reserve: 0, ...(cell.load && { loadKg: cell.load.kg }) }),
      {
        growth: USUAL_SCHEMES.twoForTwo,
        person: { knownSets: [known] },
      },
    );
    expect(stuck.proposals[0]?.kind).toBe('plateau');
    expect(whyWords(stuck.proposals[0]!, 'kg')).toMatch(
      /^No gain in 4 weeks: -?\+?\d+ %, and it is known to ±\d+ %/,
    );
    const growing = after(5, plain, { person: { knownSets: [known] } });
    expect(growing.proposals[0]?.kind).not.toBe('plateau');
  });

  it('calls for a lighter week when most of the work falls short, or two visits were at the limit', () => {
    const resolver = createResolver();
    const board = resolver.board(boatyard, { sessionId: 'tuesday', week: 1 });
    const row = board.rows.find(({ participant }) => participant.id === 'juno')!;
    const log = row.cells.flatMap((cell, at): LogEntry[] =>
      cell.status === 'ready' && board.columns[at]?.letter
        ? [{ ...asAsked(cell, 1), sessionId: 'tuesday', amount: 1, form: 'lost' }]
        : [],
    );
    const tired = reviewLog({ ...boatyard, log }, 'juno', { sessionId: 'tuesday', week: 1 });
    expect(new Set(tired.map(({ kind }) => kind))).toEqual(new Set(['lighterWeek']));
    const fine = log.flatMap((entry) =>
      [1, 2, 3].map((set) => ({ ...entry, id: `${entry.id} ${set}`, set, amount: 99, form: undefined })),
    );
    const visits = ['2026-10-27', '2026-10-30'].map((date) => ({
      id: date,
      participantId: 'juno',
      sessionId: 'tuesday',
      week: 1,
      date,
      effort: 9,
      minutes: 40,
    }));
    const hard = reviewLog({ ...boatyard, log: fine, visits }, 'juno', { sessionId: 'tuesday', week: 1 });
    expect(whyWords(hard[0]!, 'kg')).toContain('Two visits running were 9 and 9 of 10');
  });
});

describe('reviewClass', () => {
  const query = { sessionId: 'tuesday', week: 4 };
  const proposals = reviewClass(boatyardInWeekFive, query);

  it('reads gravest first, one proposal for each exercise of each person', () => {
    const at = proposals.map(({ kind }) => PROPOSAL_KINDS.indexOf(kind));
    expect(at).toEqual([...at].sort((a, b) => a - b));
    expect(proposals[0]?.kind).toBe('hurt');
    expect(proposals[0]?.participantId).toBe('wendel');
    expect(new Set(proposals.map(({ id }) => id)).size).toBe(proposals.length);
    for (const proposal of proposals) {
      expect(whyWords(proposal, 'kg').length).toBeGreaterThan(10);
      expect(evidenceWords(proposal, 'kg').length).toBeGreaterThan(0);
      expect(nextWords(proposal, 'kg').length).toBeGreaterThan(0);
    }
  });

  it('says nothing of a week in which nobody has logged anything', () => {
    expect(reviewClass(boatyardInWeekFive, { sessionId: 'tuesday', week: 5 })).toEqual([]);
  });

  it('changes nothing silently: agreed to, the next board is exactly what was said; declined, it is the same again', () => {
    const before = JSON.stringify(boatyardInWeekFive);
    const agreed = decide(boatyardInWeekFive, proposals, 'agreed', { newId, unit: 'kg' });
    expect(JSON.stringify(boatyardInWeekFive)).toBe(before);
    const board = resolveBoard(agreed, { sessionId: 'tuesday', week: 5 });
    const declined = resolveBoard(decide(agreed, proposals, 'declined', { newId, unit: 'kg' }), {
      sessionId: 'tuesday',
      week: 5,
    });
    const past = resolveBoard(agreed, { sessionId: 'tuesday', week: 4 });
    expect(past).toEqual(resolveBoard(boatyardInWeekFive, { sessionId: 'tuesday', week: 4 }));
    for (const { participantId, slotId, pin, same } of proposals) {
      const at = board.columns.findIndex(({ slot }) => slot.id === slotId);
      const cellOf = ({ rows }: typeof board) =>
        rows.find(({ participant }) => participant.id === participantId)!.cells[at] as ReadyCell;
      const cell = cellOf(board);
      if (pin.amount !== undefined) expect<number | undefined>(cell.work.amount).toBe(pin.amount);
      if (pin.sets !== undefined) expect(cell.work.sets).toBe(pin.sets);
      if (pin.loadKg !== undefined) expect(cell.load?.kg).toBeCloseTo(pin.loadKg, 6);
      if (pin.rungId !== undefined) expect(cell.version.rung?.id).toBe(pin.rungId);
      expect<number | undefined>(cellOf(declined).work.amount).toBe(same.amount!);
    }
  });

  it('reads the same after it was decided, and a decision can be taken back', () => {
    const agreed = decide(boatyardInWeekFive, proposals, 'agreed', { newId, unit: 'kg' });
    expect(reviewClass(agreed, query)).toEqual(proposals);
    const [first] = proposals;
    expect(decisionOn(agreed, first!)).toBe('agreed');
    expect(decisionOn(undecide(agreed, first!), first!)).toBeUndefined();
  });

  it('raises the plan itself where it was too easy for the class', () => {
    const board = resolveBoard(boatyard, { sessionId: 'tuesday', week: 1 });
    const at = board.columns.findIndex(({ slot }) => slot.id === 'tue-squat');
    const log = board.rows.flatMap(({ cells }): LogEntry[] => {
      const cell = cells[at];
      if (cell?.status !== 'ready') return [];
      return [1, 2, 3].map((set) => ({ ...asAsked(cell, set), sessionId: 'tuesday', reserve: 6 }));
    });
    const document = { ...boatyard, log };
    const easy = reviewClass(document, { sessionId: 'tuesday', week: 1 }).filter(
      ({ kind, participantId }) => kind === 'tooEasy' && participantId === undefined,
    );
    expect(easy.map(({ slotId }) => slotId)).toEqual(['tue-squat']);
    const raised = decide(document, easy, 'agreed', { newId, unit: 'kg' });
    const work = ({ sessions }: DrayDocument) =>
      sessions[0]!.blocks.flatMap(({ slots }) => slots).find(({ id }) => id === 'tue-squat')!.prescriptions
        .beginner.work;
    expect(work(document)).toEqual({ kind: 'reps', reps: 12 });
    expect(work(raised)).toEqual({ kind: 'reps', reps: 14 });
  });
});

describe('winsOf', () => {
  it('says only what was never so before', () => {
    const wins = (participantId: string, date: string) =>
      winsOf(boatyardInWeekFive, { participantId, date, unit: 'kg' }).map(({ words }) => words);
    expect(wins('odile', '2026-11-10')).toContain('First clean sets of “free squat”.');
    expect(wins('bram', '2026-11-10').join()).toContain('Heaviest yet: Romanian deadlift with 2 × 37 kg');
    expect(wins('bram', '2026-10-27')).toEqual([]);
  });

  it('counts equal sides and the first time without pain', () => {
    const start = oneSlot(
      'row',
      { ...reps(1, 10), perSide: true },
      USUAL_SCHEMES.repsThenLoad,
      aParticipant(),
      things,
    );
    const cell = resolveBoard(start, { sessionId: 's', week: 1 }).rows[0]!.cells[0] as ReadyCell;
    const set = (date: string, side: 'left' | 'right', amount: number, score = 0): LogEntry => ({
      ...asAsked(cell, 1),
      id: `${date} ${side}`,
      date,
      side,
      amount,
      ...(score > 0 && { pain: { place: 'shoulder', score } }),
    });
    const log = [
      set('2026-01-05', 'left', 6, 3),
      set('2026-01-05', 'right', 10),
      set('2026-01-12', 'left', 10),
      set('2026-01-12', 'right', 10),
    ];
    const kinds = winsOf({ ...start, log }, { participantId: 'someone', date: '2026-01-12', unit: 'kg' });
    expect(kinds.map(({ kind }) => kind)).toEqual(['equalSides', 'painFree']);
  });
});

describe('setsInWords', () => {
  it('says sides, seconds, load, what was left, form and pain', () => {
    const cell = resolveBoard(boatyard, { sessionId: 'tuesday', week: 1 }).rows[0]!.cells[3] as ReadyCell;
    const entry = { ...asAsked(cell, 1), amount: 10, loadKg: 12.5, left: 'some' as const };
    expect(setsInWords([entry, { ...entry, set: 2, form: 'lost' }], 'kg')).toBe(
      '10, 10 with 12.5 kg, 2 left, form went',
    );
    expect(setsInWords([], 'kg')).toBe('nothing logged');
  });
});
