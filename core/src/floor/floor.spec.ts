import * as fc from 'fast-check';
import { boatyard } from '@dray/demo';
import { eventsOn, floorPlans } from '../../testing/floors';
import { catalog } from '../library';
import { logEntrySchema, timingSchema, type DrayDocument, type LogEntry, type Session } from '../model';
import { secondsAtPace, USUAL_TIMING } from '../plan';
import { parseSession } from '../compose';
import { resolveBoard } from '../program';
import {
  advance,
  elapsedMs,
  floorPlan,
  hasOtherSide,
  laneCues,
  measuredWith,
  noteKey,
  NOT_MEASURED,
  noteTurn,
  painTurn,
  phaseMs,
  remainingMs,
  replay,
  runReducer,
  scoreOf,
  setsOnFloor,
  shouldEase,
  signalsAhead,
  signalsIn,
  spreadOf,
  startRun,
  stoppedBy,
  NO_TIMES,
  timesSeen,
  timesWith,
  timingAsMeasured,
  timingWithoutMeasured,
  turnId,
  turnsOf,
  uncounted,
  writeRun,
  type FloorPlan,
  type LaneWork,
  type FloorRules,
  type Run,
  type RunEvent,
} from './index';

/** A session as a coach writes it, for the boatyard’s class. */
function sessionFrom(text: string): Session {
  let made = 0;
  const { session, problems } = parseSession(text, catalog, {
    base: { id: 'evening', name: 'Evening', budgetMinutes: 60 },
    newId: () => `x${(made += 1)}`,
  });
  if (problems[0]) throw new Error(problems[0].sentence);
  return session;
}

function planOf(session: Session, rules: Partial<FloorRules> = {}): FloorPlan {
  const document: DrayDocument = { ...boatyard, sessions: [session], programs: [], overrides: [], log: [] };
  const board = resolveBoard(document, { sessionId: session.id, week: 1 });
  return floorPlan(
    session,
    board.rows.map(({ participant: { id, tier }, cells }) => ({ participantId: id, tier, cells })),
    (slotId) => slotId,
    rules,
  );
}

const plannedBy = (text: string, rules: Partial<FloorRules> = {}) => planOf(sessionFrom(text), rules);
const begun = (plan: FloorPlan) => runReducer(startRun(plan), { kind: 'start', at: 0 });
const shown = ({ before: _, ...run }: Run) => run;

const place = () => {
  let made = 0;
  return {
    sessionId: 'evening',
    date: '2026-11-24',
    now: '2026-11-24T18:30:00Z',
    newId: () => `n${(made += 1)}`,
  };
};

describe('a score', () => {
  it('puts every moment of every lane in exactly one cue, in a thousand random classes', () => {
    fc.assert(
      fc.property(floorPlans, (plan) => {
        const { lanes, signals, totalMs, blocks } = scoreOf(plan);
        for (const cues of Object.values(lanes)) {
          let at = 0;
          for (const { start, end } of cues) {
            expect(start).toBe(at);
            expect(end).toBeGreaterThan(start);
            at = end;
          }
          expect(at).toBe(totalMs);
        }
        let before = 0;
        for (const { at } of signals) {
          expect(at).toBeGreaterThanOrEqual(before);
          before = at;
        }
        expect(before).toBeLessThanOrEqual(totalMs);
        for (const { start, end } of blocks) expect(end).toBeGreaterThan(start);
      }),
      { numRuns: 1000 },
    );
  });

  // 40 s of work and 20 s of rest, five exercises, twice: ten minutes on any gym timer. Common practice, no published source.
  it('takes ten minutes for 40/20 of five exercises twice, to the millisecond', () => {
    const plan = plannedBy(
      'Interval, rest 20 s, between 20 s\n- Squat: 2 × 40 s\n- Row: 2 × 40 s\n- Press-up: 2 × 40 s\n- Bridge: 2 × 40 s\n- Plank: 2 × 40 s',
    );
    const { blocks, signals } = scoreOf(plan);
    expect(blocks.map(({ start, end }) => end - start)).toEqual([600_000]);
    const goes = signals.filter(({ kind }) => kind === 'go').map(({ at }) => at);
    expect(goes.length).toBe(10);
    for (const [at, go] of goes.entries()) expect(go).toBe(10_000 + at * 60_000);
  });

  it('takes strict sets of 30/15 and a finisher after them', () => {
    const plan = plannedBy(
      'Interval, rest 15 s, between 15 s\n- Squat: 3 × 30 s\n- Row: 3 × 30 s\nFinisher, rest 0 s\n- Press-up: 1 × max in 60 s',
    );
    const { blocks, signals } = scoreOf(plan);
    expect(blocks.map(({ start, end }) => end - start)).toEqual([6 * 45_000, 60_000]);
    // The clock of one block ends with its rest, and everybody takes position for the next.
    expect((blocks[1]?.start ?? 0) - (blocks[0]?.end ?? 0)).toBeGreaterThanOrEqual(5000);
    const last = signals.filter(({ at }) => at > (blocks[1]?.start ?? 0)).map(({ kind }) => kind);
    expect<readonly string[]>(last).toEqual([
      'halfway',
      'lastTen',
      'lastFive',
      'lastFive',
      'lastFive',
      'lastFive',
      'lastFive',
      'out',
      'blockEnd',
      'over',
    ]);
  });

  it('runs three, four and five rounds side by side, each lane right at every second', () => {
    const session = sessionFrom('Circuit, rest 30 s\n- Squat: 3 × 40 s\n- Plank: 3 × 20 s');
    const [block] = session.blocks;
    if (!block) throw new Error('no block');
    const rounds = { beginner: 3, intermediate: 4, advanced: 5 } as const;
    const uneven: Session = {
      ...session,
      blocks: [
        {
          ...block,
          slots: block.slots.map((slot) => ({
            ...slot,
            prescriptions: {
              beginner: { ...slot.prescriptions.beginner, sets: rounds.beginner },
              intermediate: { ...slot.prescriptions.intermediate, sets: rounds.intermediate },
              advanced: { ...slot.prescriptions.advanced, sets: rounds.advanced },
            },
          })),
        },
      ],
    };
    const plan = planOf(uneven);
    const { lanes } = scoreOf(plan);
    for (const { id, tier } of boatyard.participants) {
      const lane = plan.lanes.find(({ participantId }) => participantId === id);
      const sets = Object.values(lane?.works ?? {}).reduce((sum, work) => sum + work.sets.length, 0);
      const worked = new Set(
        (lanes[id] ?? []).filter(({ kind }) => kind === 'work').map(({ turnId }) => turnId),
      );
      expect(worked.size).withContext(`${id} ${tier}`).toBe(sets);
      expect(sets).withContext(id).toBeGreaterThanOrEqual(rounds[tier]);
    }
    const [beginner, advanced] = ['beginner', 'advanced'].map(
      (tier) => boatyard.participants.find((person) => person.tier === tier)?.id ?? '',
    );
    // While the advanced do their fifth round, who has three waits.
    const fifth = lanes[advanced ?? '']?.findLast(({ kind }) => kind === 'work');
    const then = lanes[beginner ?? '']?.find(
      ({ start, end }) => fifth && start <= fifth.start && fifth.start < end,
    );
    expect(then?.kind).toBe('wait');
  });

  it('gives a minute for “20 or a minute”, and does ten before eight where that is asked', () => {
    const either = plannedBy('Straight sets, rest 30 s\n- Squat: 1 × 20 or 60 s');
    expect(scoreOf(either).blocks.map(({ start, end }) => end - start)).toEqual([60_000]);
    const ten = sessionFrom('Straight sets, rest 30 s\n- Squat: 2 × 10');
    const down = planOf({
      ...ten,
      blocks: ten.blocks.map((block) => ({
        ...block,
        slots: block.slots.map((slot) => {
          const lessEach = {
            ...slot.prescriptions.beginner,
            setPattern: { kind: 'repsDown', by: 2 } as const,
          };
          return {
            ...slot,
            prescriptions: { beginner: lessEach, intermediate: lessEach, advanced: lessEach },
          };
        }),
      })),
    });
    for (const { works } of down.lanes) {
      for (const { asked } of Object.values(works)) {
        const [first, second] = asked.sets.map(({ amount }) => amount);
        expect((first ?? 0) - (second ?? 0)).toBe(2);
      }
    }
  });

  it('counts nobody twice: half-way is not said where a side is changed, nor the last ten of twenty', () => {
    const sides = plannedBy('Straight sets, rest 30 s\n- Plank: 1 × 20 s\n- Side plank: 1 × 30 s each side');
    const kinds = (slot: number) => {
      let run = begun(sides);
      const wanted = sides.blocks[0]?.slots[slot]?.id;
      while (run.status === 'going' && (run.phase === 'gap' || run.turns[run.at]?.slotId !== wanted))
        run = runReducer(run, { kind: 'next', at: run.since });
      return signalsIn(run).map(({ kind }) => kind);
    };
    expect(kinds(0).filter((kind) => kind !== 'lastFive')).toEqual(['go', 'halfway', 'out']);
    expect(kinds(1)).toContain('switch');
    expect(kinds(1).filter((kind) => kind === 'out').length).toBe(1);
  });
});

describe('a run', () => {
  const runs = floorPlans
    .filter((plan) => turnsOf(plan).length > 0)
    .chain((plan) => fc.record({ plan: fc.constant(plan), events: eventsOn(plan, turnsOf(plan)) }));

  it('is never negative and never stuck, and replays to the same state, over random classes and events', () => {
    fc.assert(
      fc.property(runs, ({ plan, events }) => {
        let run = startRun(plan);
        for (const event of events) {
          run = runReducer(run, event);
          expect(elapsedMs(run, event.at)).toBeGreaterThanOrEqual(0);
          expect(phaseMs(run)).toBeGreaterThanOrEqual(0);
          expect(remainingMs(run, event.at)).toBeGreaterThanOrEqual(0);
          expect(run.at).toBeLessThanOrEqual(run.turns.length);
          expect(new Set(run.turns.map(({ id }) => id)).size).toBe(run.turns.length);
        }
        expect(shown(replay(plan, events))).toEqual(shown(run));
        let at = events.at(-1)?.at ?? 0;
        for (const { participantId } of plan.lanes)
          run = runReducer(run, { kind: 'arrive', at, participantId });
        run = runReducer(run, { kind: 'goOn', at });
        // Where the start itself was taken back.
        run = runReducer(run, { kind: 'start', at });
        for (let left = 2 * run.turns.length + 2; left > 0 && run.status !== 'ended'; left -= 1)
          run = runReducer(run, { kind: 'next', at: (at += 1) });
        expect(run.status).toBe('ended');
      }),
      { numRuns: 1000 },
    );
  });

  it('takes back any event exactly, as if it had never been', () => {
    fc.assert(
      fc.property(runs, fc.integer({ min: 0, max: 90_000 }), ({ plan, events }, later) => {
        const before = replay(plan, events.slice(0, -1));
        const last = events.at(-1);
        if (!last || last.kind === 'undo') return;
        const after = runReducer(before, last);
        // What changed nothing is nothing to take back.
        if (after.before === before.before) return;
        const at = last.at + later;
        expect(shown(runReducer(after, { kind: 'undo', at }))).toEqual(shown(advance(before, at)));
      }),
      { numRuns: 1000 },
    );
  });

  it('stands the same however seldom it is looked at', () => {
    fc.assert(
      fc.property(
        runs,
        fc.array(fc.integer({ min: 1, max: 30_000 }), { maxLength: 30 }),
        ({ plan, events }, steps) => {
          const run = replay(plan, events);
          let now = events.at(-1)?.at ?? 0;
          let looked = run;
          for (const step of steps) looked = advance(looked, (now += step));
          expect(shown(looked)).toEqual(shown(advance(run, now)));
        },
      ),
      { numRuns: 500 },
    );
  });

  it('writes what was done and nothing else, whenever it is written', () => {
    fc.assert(
      fc.property(runs, ({ plan, events }) => {
        const at = place();
        let log: LogEntry[] = [];
        let run = startRun(plan);
        for (const event of events) {
          run = runReducer(run, event);
          const { put, gone } = writeRun(run, log, at);
          const fresh = new Set([...put, ...gone].map(({ id }) => id));
          log = [...log.filter(({ id }) => !fresh.has(id)), ...put];
        }
        const key = ({ participantId, slotId, set, amount, form, loadKg }: LogEntry) =>
          [participantId, slotId, set, amount, form, loadKg].join(' ');
        const wanted = setsOnFloor(run).flatMap(({ work, sets }) =>
          sets.map(({ set, amount, form, loadKg }) =>
            [work.participantId, work.slotId, set, amount, form, loadKg].join(' '),
          ),
        );
        expect(log.map(key).sort()).toEqual(wanted.sort());
        for (const entry of log) expect(logEntrySchema.safeParse(entry).success).toBeTrue();
        // Nothing is there that was neither done nor said by somebody.
        const done = new Set(
          run.ended.flatMap(({ turn, done: who }) =>
            Object.keys(who).map((person) => noteKey(turn.id, person)),
          ),
        );
        for (const { slotId, set, participantId } of log) {
          const key = noteKey(turnId(slotId, set), participantId);
          expect(done.has(key) || run.notes[key]?.amount !== undefined)
            .withContext(key)
            .toBeTrue();
        }
        for (const { turn, participantId } of uncounted(run))
          expect(done.has(noteKey(turn.id, participantId))).toBeTrue();
      }),
      { numRuns: 1000 },
    );
  });

  it('says ahead of time exactly what will be heard, up to a set that the coach ends', () => {
    fc.assert(
      fc.property(floorPlans, fc.integer({ min: 700, max: 60_000 }), (plan, step) => {
        const byClock: FloorPlan = { ...plan, rules: { ...plan.rules, counted: 'estimate' } };
        const all = signalsAhead(begun(byClock), 0, Infinity).map(({ kind, at }) => `${at} ${kind}`);
        const heard = new Set<string>();
        for (let now = 0, run = begun(byClock); run.status === 'going'; now += step) {
          run = advance(run, now);
          for (const { kind, at } of signalsAhead(run, now, now + step)) heard.add(`${at} ${kind}`);
        }
        expect([...heard].sort()).toEqual([...new Set(all)].sort());
      }),
      { numRuns: 300 },
    );
  });
});

describe('a class on the floor', () => {
  const plan = plannedBy(
    'Superset, rest 60 s\n- Squat: 3 × 10\n- Row: 3 × 10\nStraight sets, rest 30 s\n- Lunge: 2 × 8 each side',
  );
  const [a1 = '', a2 = ''] = plan.blocks[0]?.slots.map(({ id }) => id) ?? [];
  const next = { kind: 'next' } as never;
  /** Each a second after the other: the first ends the wait before the first set, and no rest is over by itself. */
  const steps = (events: readonly Omit<RunEvent, 'at'>[], every = 1000): Run =>
    replay(plan, [
      { kind: 'start', at: 0 },
      ...events.map((event, index) => ({ ...event, at: (index + 1) * every }) as RunEvent),
    ]);

  it('waits for the coach at the end of a counted set, however long it takes', () => {
    const working = advance(begun(plan), 10_000);
    expect(working.phase).toBe('work');
    expect(advance(working, 3_600_000).phase).toBe('work');
    const ended = runReducer(working, { kind: 'next', at: 55_000 });
    expect(ended.phase).toBe('gap');
    expect(ended.ended[0]?.ms).toBe(45_000);
    for (const { work, sets } of setsOnFloor(ended)) {
      expect(sets.map(({ amount }) => amount)).toEqual([work.sets[0]?.amount ?? NaN]);
    }
    expect(setsOnFloor(ended).length).toBe(plan.lanes.filter(({ works }) => works[a1]).length);
  });

  it('keeps the clock standing while it is paused, and what was steered then begins when it goes on', () => {
    const paused = steps([next, next, { kind: 'pause' } as never, next]);
    expect(paused.status).toBe('paused');
    expect(elapsedMs(paused, 9_999_999)).toBe(0);
    const on = runReducer(paused, { kind: 'goOn', at: 500_000 });
    expect(elapsedMs(on, 501_000)).toBe(1000);
  });

  it('does a set once more, for those who did it, and cuts the last round', () => {
    const again = steps([next, next, { kind: 'onceMore' } as never]);
    expect(again.turns.map(({ slotId, set }) => `${slotId} ${set}`).slice(0, 3)).toEqual([
      `${a1} 1`,
      `${a1} 4`,
      `${a2} 1`,
    ]);
    const cut = runReducer(again, { kind: 'cutRound', at: 50_000 });
    expect(cut.turns.some(({ id }) => id === `${a1}.3` || id === `${a2}.3`)).toBeFalse();
    expect(cut.turns.filter(({ blockId }) => blockId === plan.blocks[0]?.id).map(({ id }) => id)).toContain(
      `${a2}.2`,
    );
  });

  it('leaves out who is away, and lets who comes late begin with the next set', () => {
    const [first = '', ...others] = plan.lanes.map(({ participantId }) => participantId);
    const without = steps([{ kind: 'leave', participantId: first } as never, next, next]);
    expect(laneCues(without, first)[0]?.kind).toBe('away');
    expect(Object.keys(without.ended[0]?.done ?? {})).not.toContain(first);
    expect(Object.keys(without.ended[0]?.done ?? {})).toContain(others[0] ?? '');
    const back = runReducer(without, { kind: 'arrive', at: 60_000, participantId: first });
    expect(laneCues(back, first)[0]?.kind).not.toBe('away');
  });

  it('stops what bears on a knee that hurts, and everything where it may be the heart', () => {
    const session = boatyard.sessions[0];
    const row = session && resolveBoard(boatyard, { sessionId: session.id, week: 1 }).rows[0];
    const cells = row?.cells ?? [];
    const squat = cells.find((cell) => cell.status === 'ready' && cell.version.exercise.pattern === 'squat');
    const stops = stoppedBy(cells, squat?.slotId ?? '', { place: 'left knee', score: 2 });
    expect(stops).toContain(squat?.slotId ?? '');
    for (const cell of cells) {
      if (cell.status === 'ready' && cell.version.exercise.pattern === 'squat')
        expect(stops).toContain(cell.slotId);
    }
    expect(stoppedBy(cells, squat?.slotId ?? '', { place: 'chest', score: 1 })).toBe('everything');
    expect(stoppedBy(cells, squat?.slotId ?? '', { place: 'left knee', score: 0 })).toEqual([]);
    const [person = ''] = plan.lanes.map(({ participantId }) => participantId);
    const hurt = steps([
      next,
      next,
      {
        kind: 'pain',
        participantId: person,
        turnId: `${a1}.1`,
        pain: { place: 'left knee', score: 4 },
        stops: [a1],
      } as never,
    ]);
    const entry = writeRun(hurt, [], place()).put.find(
      ({ participantId, slotId }) => participantId === person && slotId === a1,
    );
    expect(entry?.pain).toEqual({ place: 'left knee', score: 4 });
    const later = hurt.turns.findIndex(({ id }) => id === `${a1}.2`);
    expect(laneCues({ ...hurt, at: later, phase: 'work' }, person)[0]?.kind).toBe('stopped');
  });

  it('writes down pain in the middle of a set, with no more reps than somebody says, and how bad it was when that is said', () => {
    const [person = ''] = plan.lanes.map(({ participantId }) => participantId);
    const pain = (score: number, stops: readonly string[] | 'everything' = 'everything') =>
      ({
        kind: 'pain',
        participantId: person,
        turnId: `${a1}.1`,
        pain: { place: 'chest', score },
        stops,
      }) as never;
    const hurt = steps([next, pain(10)]);
    expect(noteTurn(hurt, person)?.id).toBe(`${a1}.1`);
    const said = steps([next, pain(10), pain(3), next, next, next]);
    const entries = writeRun(said, [], place()).put.filter(({ participantId }) => participantId === person);
    expect(entries.map(({ slotId, amount, pain: felt }) => [slotId, amount, felt?.score])).toEqual([
      [a1, 0, 3],
    ]);
    const counted = runReducer(said, {
      kind: 'note',
      at: 99_000,
      participantId: person,
      turnId: `${a1}.1`,
      note: { amount: 4 },
    });
    const [entry] = writeRun(counted, [], place()).put.filter(
      ({ participantId }) => participantId === person,
    );
    expect([entry?.amount, entry?.pain?.score]).toEqual([4, 3]);
  });

  it('writes pain at once, though the class ends before the set does, and before anything was done', () => {
    const [person = ''] = plan.lanes.map(({ participantId }) => participantId);
    const chest = (turnId: string) =>
      ({
        kind: 'pain',
        participantId: person,
        turnId,
        pain: { place: 'chest', score: 10 },
        stops: 'everything',
      }) as never;
    const before = steps([]);
    const first = painTurn(before, person)?.id ?? '';
    expect(noteTurn(before, person)).toBeUndefined();
    for (const run of [
      steps([next, chest(`${a1}.1`), { kind: 'end' } as never]),
      steps([chest(first), { kind: 'end' } as never]),
    ]) {
      const entries = writeRun(run, [], place()).put;
      expect(entries.map(({ participantId, amount, pain }) => [participantId, amount, pain?.place])).toEqual([
        [person, 0, 'chest'],
      ]);
    }
  });

  it('does not make up how many reps a minute had that was cut short', () => {
    const either = plannedBy('Straight sets, rest 30 s\n- Squat: 1 × 20 or 60 s');
    const cut = runReducer(advance(begun(either), 10_000), { kind: 'next', at: 25_000 });
    expect(cut.ended.length).toBe(1);
    const people = Object.values(cut.ended[0]?.done ?? {}).filter(
      ({ asked }) => asked.counted === 'reps',
    ).length;
    expect(uncounted(cut).length).toBe(people);
    expect(setsOnFloor(cut).filter(({ work }) => work.counted === 'reps')).toEqual([]);
  });

  it('brings the quieter version to the front after two sets with form lost, not after one', () => {
    const [person = ''] = plan.lanes.map(({ participantId }) => participantId);
    const lose = (turnId: string) =>
      ({ kind: 'note', participantId: person, turnId, note: { form: 'lost' } }) as never;
    const once = steps([next, next, lose(`${a1}.1`)]);
    expect(noteTurn(once, person)?.id).toBe(`${a1}.1`);
    expect(shouldEase(once, person, a1)).toBeFalse();
    const twice = steps([next, next, lose(`${a1}.1`), next, next, next, next, lose(`${a1}.2`)]);
    expect(shouldEase(twice, person, a1)).toBeTrue();
    expect(shouldEase(twice, person, a2)).toBeFalse();
  });

  it('never makes up how many “as many as possible” were', () => {
    const most = plannedBy('Finisher, rest 0 s\n- Press-up: 1 × max in 30 s');
    const ended = advance(begun(most), 10 * 60_000);
    expect(ended.status).toBe('ended');
    // Whoever has a caution against all-out work is asked for a number, and did that.
    const open = (participantId: string) =>
      most.lanes.some((lane) => lane.participantId === participantId && Object.values(lane.works)[0]?.open);
    const counted = setsOnFloor(ended).map(({ work }) => work.participantId);
    expect(counted.filter(open)).toEqual([]);
    expect(counted).toContain('anselm');
    const [missing] = uncounted(ended);
    if (!missing) throw new Error('nothing is asked');
    const said = runReducer(ended, {
      kind: 'note',
      at: 700_000,
      participantId: missing.participantId,
      turnId: missing.turn.id,
      note: { amount: 11 },
    });
    const written = writeRun(said, [], place()).put.filter(({ participantId }) => open(participantId));
    expect(written.map(({ amount, participantId }) => [participantId, amount])).toEqual([
      [missing.participantId, 11],
    ]);
  });

  it('writes the seconds that were done where a clock was cut short', () => {
    const hold = plannedBy('Straight sets, rest 30 s\n- Plank: 1 × 40 s');
    const cut = runReducer(advance(begun(hold), 10_000), { kind: 'next', at: 32_500 });
    for (const { work, sets } of setsOnFloor(cut))
      expect(sets[0]?.amount).toBe(Math.min(22, work.sets[0]?.amount ?? NaN));
    expect(setsOnFloor(cut).length).toBeGreaterThan(0);
  });
});

describe('pace', () => {
  // Common practice, no published source: a led class takes 1.6-2 s for small movements, 2-3 s for big ones, 3-4 s for heavy ones.
  it('takes what led classes take, and leaves long movements as they are', () => {
    const of = (id: string) => {
      const exercise = catalog.exerciseById(id);
      if (!exercise) throw new Error(id);
      return exercise;
    };
    for (const exercise of catalog.exercises.values()) {
      const led = secondsAtPace(exercise, 'led');
      expect(led).toBeLessThanOrEqual(secondsAtPace(exercise, 'steady'));
      expect(secondsAtPace(exercise, 'steady')).toBeLessThanOrEqual(secondsAtPace(exercise));
      expect(secondsAtPace(exercise)).toBe(exercise.secondsPerRep);
      if (exercise.secondsPerRep >= 6) expect(led).toBe(exercise.secondsPerRep);
    }
    expect(secondsAtPace(of('goblet-squat'), 'led')).toBeGreaterThanOrEqual(2);
    expect(secondsAtPace(of('goblet-squat'), 'led')).toBeLessThanOrEqual(4);
  });

  it('keeps a running mean and spread that are those of all measures', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.5, max: 20, noNaN: true }), { minLength: 2, maxLength: 50 }),
        (all) => {
          const measured = all.reduce(measuredWith, NOT_MEASURED);
          const mean = all.reduce((sum, one) => sum + one, 0) / all.length;
          const spread = Math.sqrt(all.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (all.length - 1));
          expect(measured.mean).toBeCloseTo(mean, 9);
          expect(spreadOf(measured) ?? NaN).toBeCloseTo(spread, 9);
        },
      ),
    );
    expect(spreadOf(measuredWith(NOT_MEASURED, 3))).toBeUndefined();
  });

  /** Whom the coach waits for: of whom the set takes longest. */
  const slowestOf = ({ lanes }: FloorPlan) => {
    const works = lanes.flatMap(({ works: own }) => Object.values(own));
    const lasts = ({ sets: [first] }: LaneWork) =>
      (first?.betweenMs ?? 0) + (first?.stretchesMs ?? []).reduce((sum, ms) => sum + ms, 0);
    const [slowest] = works.sort((a, b) => lasts(b) - lasts(a));
    const { exerciseId = '', sets = [] } = slowest?.asked ?? {};
    return { exerciseId, reps: sets[0]?.amount ?? NaN };
  };

  it('is learnt from counted sets that the coach ended', () => {
    const plan = plannedBy('Straight sets, rest 30 s\n- Squat: 1 × 10');
    const ended = runReducer(advance(begun(plan), 10_000), { kind: 'next', at: 32_000 });
    const { exerciseId, reps } = slowestOf(plan);
    expect(timesSeen(ended)).toEqual({
      perRep: [{ exerciseId, seconds: 22 / reps }],
      between: [],
    });
  });

  it('is not learnt of sets with a tempo of their own, and of a combination as what it is', () => {
    const seen = (text: string) => {
      const run = advance(begun(plannedBy(`Straight sets, rest 30 s\n- ${text}`)), 10_000);
      return timesSeen(runReducer(run, { kind: 'next', at: 50_000 }));
    };
    expect(seen('Squat: 1 × 10, 3-1-1').perRep).toEqual([]);
    const [combined] = seen('2 Squat + 2 Row: 1 × 6').perRep;
    expect(combined?.seconds).toBeGreaterThan(0);
    const timing = { perRep: { [combined?.exerciseId ?? '']: combined?.seconds ?? 0 } };
    expect(timingSchema.parse(timing)).toEqual(timing);
  });

  it('is learnt side by side where the coach calls the other side, and so is the change between them', () => {
    const plan = plannedBy('Straight sets, rest 30 s\n- One-arm row: 1 × 10 each side');
    const first = advance(begun(plan), 10_000);
    const called = runReducer(first, { kind: 'otherSide', at: 10_000 + 21_000 });
    const seen = timesSeen(runReducer(called, { kind: 'next', at: 10_000 + 21_000 + 6000 + 21_000 }));
    expect(seen.between).toEqual([{ key: 'sideSeconds', seconds: 6 }]);
    const { exerciseId, reps } = slowestOf(plan);
    expect(seen.perRep).toEqual([{ exerciseId, seconds: 21 / reps }]);
    // Where it was not called, the usual change is taken off.
    const uncalled = timesSeen(runReducer(first, { kind: 'next', at: 10_000 + 46_000 }));
    expect(uncalled.between).toEqual([]);
    expect(uncalled.perRep).toEqual([{ exerciseId, seconds: 21 / reps }]);
  });

  it('is learnt of the ways between two sets only where the coach’s hand says so', () => {
    const plan = plannedBy('Straight sets, rest 0 s\n- Squat: 1 × 10\n- Plank: 1 × 30 s hold');
    const squatted = runReducer(advance(begun(plan), 10_000), { kind: 'next', at: 40_000 });
    const way = phaseMs(squatted);
    const seen = (run: Run) => timesSeen(runReducer(run, { kind: 'end', at: 200_000 })).between;
    expect(seen(advance(squatted, 40_000 + way + 30_000))).toEqual([]);
    const early = runReducer(squatted, { kind: 'next', at: 40_000 + way / 2 });
    const parts = seen(advance(early, 40_000 + way + 30_000));
    expect(parts.map(({ key }) => key)).toContain('floorSeconds');
    for (const { key, seconds } of parts) expect(seconds).toBeCloseTo(USUAL_TIMING[key] / 2, 9);
    const later = runReducer(squatted, { kind: 'moreRest', at: 41_000, ms: way });
    for (const { key, seconds } of seen(advance(later, 40_000 + 2 * way + 30_000)))
      expect(seconds).toBeCloseTo(USUAL_TIMING[key] * 2, 9);
  });

  it('is believed after three times, and what the coach set otherwise stays', () => {
    const seen = {
      perRep: [{ exerciseId: 'squat', seconds: 2.04 }],
      between: [{ key: 'floorSeconds' as const, seconds: 5 }],
    };
    const twice = timesWith(timesWith(NO_TIMES, seen), seen);
    expect(timingAsMeasured({ sideSeconds: 9 }, twice)).toEqual({ sideSeconds: 9 });
    const measured = timesWith(twice, seen);
    const timing = timingAsMeasured({ sideSeconds: 9 }, measured);
    expect(timing).toEqual({ sideSeconds: 9, floorSeconds: 5, perRep: { squat: 2 } });
    expect(timingSchema.parse(timing)).toEqual(timing);
    expect(timingWithoutMeasured(timing, measured)).toEqual({ sideSeconds: 9 });
  });

  it('never says of a class what no document may hold, in a thousand random classes', () => {
    fc.assert(
      fc.property(
        floorPlans.chain((plan) => fc.tuple(fc.constant(plan), eventsOn(plan, startRun(plan).turns))),
        ([plan, events]) => {
          const seen = timesSeen(replay(plan, events));
          const measured = [1, 2, 3].reduce((times) => timesWith(times, seen), NO_TIMES);
          expect(timingSchema.safeParse(timingAsMeasured({}, measured)).success).toBe(true);
        },
      ),
      { numRuns: 300 },
    );
  });
});

describe('the other side of a set that is counted', () => {
  it('begins when the coach calls it, once, and is heard and taken back', () => {
    const plan = plannedBy('Straight sets, rest 30 s\n- One-arm row: 1 × 10 each side');
    const first = advance(begun(plan), 10_000);
    const lane = plan.lanes[0]?.participantId ?? '';
    const at = 10_000 + 12_000;
    const called = runReducer(first, { kind: 'otherSide', at });
    const [left, change, right] = laneCues(called, lane);
    expect([left?.kind, left?.side, left?.end]).toEqual(['work', 'left', 12_000]);
    expect([change?.kind, change?.end]).toEqual(['switch', 12_000 + 1000 * USUAL_TIMING.sideSeconds]);
    expect([right?.kind, right?.side]).toEqual(['work', 'right']);
    expect(signalsAhead(called, at, at + 60_000)).toContain({
      kind: 'switch',
      at,
      turnId: first.turns[0]?.id ?? '',
    });
    expect(runReducer(called, { kind: 'otherSide', at: at + 5000 }).switchedMs).toBe(12_000);
    expect(runReducer(called, { kind: 'undo', at }).switchedMs).toBeUndefined();
    expect(hasOtherSide(first)).toBe(true);
    expect(hasOtherSide(called)).toBe(false);
    expect(hasOtherSide(advance(begun(plannedBy('Straight sets, rest 30 s\n- Squat: 1 × 10')), 10_000))).toBe(
      false,
    );
  });
});
