import * as fc from 'fast-check';
import { boatyard } from '@dray/demo';
import { aParticipant, everyProp, reps } from '../../testing/people';
import { oneSlot } from '../../testing/weeks';
import { traceText } from '../../testing/reading';
import { bearsOn } from '../caution';
import { catalogOf } from '../library';
import {
  patternsOf,
  classId,
  DOCUMENT_VERSION,
  migrateDocument,
  programFromMonday,
  type ClassHeld,
  type DrayDocument,
  type LogEntry,
  type Prescription,
  type Program,
  type Scheme,
} from '../model';
import { parseDocument, serializeDocument } from '../formats';
import { editEachTier, editSlot } from '../plan';
import type { ReadyCell } from '../resolve';
import { logSets } from '../logging';
import { addDays } from '../units';
import { decide, reviewClass } from '../review';
import { classDays, createResolver, inTurns, nextWeekOf } from './index';

const WEEKLY: Scheme = { kind: 'repsThenLoad', stepReps: 1, capPercent: 10 };
const MONDAY = '2026-11-23';

/** One person and one exercise, Tuesdays and Fridays. */
function twiceAWeek(scheme: Scheme = WEEKLY, weeks = 4): DrayDocument {
  const steady = aParticipant({
    knownSets: [{ exerciseId: 'goblet-squat', loadKg: 10, reps: 10, reserve: 2, date: '2026-01-01' }],
  });
  const dumbbells = Array.from({ length: 30 }, (_, at) => ({
    kind: 'fixed' as const,
    id: `d${at}`,
    form: 'dumbbell' as const,
    massKg: 5 + at / 2,
    count: 1,
  }));
  const work = reps(3, 8);
  const document = oneSlot(
    'squat',
    { ...work, work: { kind: 'range', low: 8, high: 12 } } as typeof work,
    scheme,
    steady,
    [...dumbbells, ...everyProp()],
  );
  const [session] = document.sessions;
  const id = session?.id ?? '';
  return {
    ...document,
    programs: [
      {
        id: 'p',
        name: 'P',
        startDate: MONDAY,
        scheme,
        weeks: Array.from({ length: weeks }, (_, before) => ({
          week: before + 1,
          days: [
            { weekday: 2, sessionId: id },
            { weekday: 5, sessionId: id },
          ],
        })),
      },
    ],
  };
}

const sessionOf = (document: DrayDocument) => document.sessions[0]?.id ?? '';
const personOf = (document: DrayDocument) => document.participants[0]?.id ?? '';

function cellAt(document: DrayDocument, week: number, nth: number, today?: string): ReadyCell {
  const [cell] = createResolver(today === undefined ? undefined : () => today).card(document, {
    participantId: personOf(document),
    sessionId: sessionOf(document),
    week,
    nth,
  }).cells;
  if (cell?.status !== 'ready') throw new Error('left out');
  return cell;
}

function amountAt(document: DrayDocument, week: number, nth: number, today?: string): number {
  return cellAt(document, week, nth, today).work.amount;
}

/** All sets of one class as asked, or with these reps, written down as the log screen does. */
function done(document: DrayDocument, week: number, nth: number, part: Partial<LogEntry> = {}): DrayDocument {
  const sessionId = sessionOf(document);
  const turned = inTurns(document, sessionId);
  const turn = turned.turnOf(week, nth);
  const [cell] = createResolver().card(turned.document, {
    participantId: personOf(document),
    sessionId,
    week: turn,
  }).cells;
  if (cell?.status !== 'ready') throw new Error('left out');
  const sets = Array.from({ length: cell.work.sets }, (_, at) => ({
    set: at + 1,
    amount: cell.work.amount,
    ...part,
  }));
  let made = document.log.length;
  const date = turned.turns[turn - 1]?.date ?? '';
  const { put } = logSets(cell, sets, [], {
    sessionId,
    date,
    now: `${date}T20:00:00Z`,
    newId: () => `set-${(made += 1)}`,
  });
  const held: ClassHeld = {
    id: classId(sessionId, week, nth),
    sessionId,
    week,
    nth,
    date,
    there: [personOf(document)],
  };
  return {
    ...document,
    log: [...document.log, ...put.map((entry) => turned.kept(entry))],
    classes: [...document.classes.filter(({ id }) => id !== held.id), held],
  };
}

const words = (cell: ReadyCell) => `${cell.work.sets} × ${cell.work.amount} ${cell.load?.kg ?? 0}`;

describe('a session held twice a week', () => {
  it('has a class of its own for each day, each with its own sets', () => {
    let document = done(twiceAWeek(), 1, 1);
    document = done(document, 1, 2, { amount: 5 });
    expect(document.log.map(({ date, nth = 1, amount }) => `${date} ${nth} ${amount}`)).toEqual([
      ...Array.from({ length: 3 }, () => '2026-11-24 1 8'),
      ...Array.from({ length: 3 }, () => '2026-11-27 2 5'),
    ]);
    expect(parseDocument(serializeDocument(document)).ok).toBe(true);
  });

  it('grows once a week, from its last class, unless it is told to grow with every class', () => {
    const weekly = done(done(twiceAWeek(), 1, 1), 1, 2);
    expect([1, 2].map((nth) => amountAt(weekly, 1, nth))).toEqual([8, 8]);
    expect(traceText(cellAt(weekly, 1, 2))).toContain('It grows once a week');
    expect([1, 2].map((nth) => amountAt(weekly, 2, nth))).toEqual([9, 9]);

    const everyClass = twiceAWeek({ ...WEEKLY, every: 'class' });
    const logged = done(done(everyClass, 1, 1), 1, 2);
    expect([1, 2].map((nth) => amountAt(logged, 1, nth))).toEqual([8, 9]);
    expect([1, 2].map((nth) => amountAt(logged, 2, nth))).toEqual([10, 11]);
  });

  it('asks for as many as possible on Friday too, and for no number of them', () => {
    const start = twiceAWeek();
    const most = (one: Prescription): Prescription => ({ ...one, work: { kind: 'most' } });
    const open: DrayDocument = {
      ...start,
      sessions: start.sessions.map((session) =>
        editSlot(session, session.blocks[0]?.slots[0]?.id ?? '', (slot) => editEachTier(slot, most)),
      ),
    };
    const friday = cellAt(done(open, 1, 1, { amount: 9 }), 1, 2);
    expect(traceText(friday)).toContain('what is beaten is last time’s number');
    expect(traceText(friday)).not.toContain('15 reps');
  });

  it('is stopped on Friday by what hurt on Tuesday', () => {
    const hurt = done(twiceAWeek(), 1, 1, { pain: { place: 'knee', score: 6 } });
    const [friday] = createResolver().card(hurt, {
      participantId: personOf(hurt),
      sessionId: sessionOf(hurt),
      week: 1,
      nth: 2,
    }).cells;
    expect(friday?.status).toBe('leftOut');
    expect(traceText(friday)).toMatch(/knee/);
  });

  it('holds one class missed against nobody, and a whole week as a week away', () => {
    const friday = '2026-11-28';
    const tuesdayOnly = done(twiceAWeek(), 1, 1);
    expect(amountAt(tuesdayOnly, 2, 1, friday)).toBe(9);
    // The second week: nobody came at all, and the third has begun.
    const week = done(done(tuesdayOnly, 1, 2), 3, 1);
    const away = createResolver(() => '2026-12-09').card(week, {
      participantId: personOf(week),
      sessionId: sessionOf(week),
      week: 3,
    }).cells[0];
    expect(traceText(away)).toContain('the same again');
  });

  it('is reviewed class by class, and what is agreed holds for that class alone', () => {
    const kept = done(twiceAWeek({ ...WEEKLY, every: 'class' }), 1, 1);
    const turned = inTurns(kept, sessionOf(kept));
    const resolver = createResolver();
    const proposals = reviewClass(turned.document, { sessionId: sessionOf(kept), week: 1 }, resolver);
    expect(proposals.map(({ week, forWeek }) => `${week} ${forWeek}`)).toEqual(['1 2']);
    let made = 0;
    const decided = decide(turned.document, proposals, 'agreed', {
      newId: () => `o${(made += 1)}`,
      unit: 'kg',
    });
    const overrides = turned.keptOverrides(decided.overrides);
    expect(
      overrides.map(({ fromWeek, fromNth, toWeek, toNth, reviewOfWeek, reviewOfNth }) => [
        fromWeek,
        fromNth,
        toWeek,
        toNth,
        reviewOfWeek,
        reviewOfNth,
      ]),
    ).toEqual([[1, 2, 1, 2, 1, 1]]);
    const after = { ...kept, overrides };
    expect(words(cellAt(after, 1, 2))).toBe(
      words(
        createResolver().card(decided, { participantId: personOf(kept), sessionId: sessionOf(kept), week: 2 })
          .cells[0] as ReadyCell,
      ),
    );
    // The class that was, and the ones after the next, are not what was decided.
    expect(words(cellAt(after, 1, 1))).toBe(words(cellAt(kept, 1, 1)));
  });
});

describe('classes beside the plan', () => {
  const moved = (document: DrayDocument, part: Partial<ClassHeld>) =>
    beside(document, { week: 1, nth: 1, date: '', ...part });
  const dates = (document: DrayDocument) => {
    const [program] = document.programs;
    return program
      ? classDays(program, document.classes).map(({ date, cancelled }) => `${date}${cancelled ? ' off' : ''}`)
      : [];
  };

  it('stand where they were moved to, and in that order', () => {
    // Tuesday's class is held on Saturday, after Friday's.
    const document = moved(twiceAWeek(WEEKLY, 2), { date: '2026-11-28' });
    expect(dates(document).slice(0, 2)).toEqual(['2026-11-27', '2026-11-28']);
    expect(inTurns(document, sessionOf(document)).turns.map(({ week, nth }) => `${week}.${nth}`)).toEqual([
      '1.2',
      '1.1',
      '2.1',
      '2.2',
    ]);
  });

  it('are cancelled without being missed', () => {
    const cancelled = moved(done(twiceAWeek(), 1, 1), { nth: 2, date: '2026-11-27', cancelled: true });
    expect(dates(cancelled)[1]).toBe('2026-11-27 off');
    expect(amountAt(cancelled, 2, 1, '2026-11-30')).toBe(9);
  });

  it('are put in, two on one day if need be, each with its own log', () => {
    const sunday = moved(twiceAWeek(), { nth: 3, date: '2026-11-29' });
    const twice = moved(sunday, { nth: 4, date: '2026-11-29', startTime: '18:00' });
    const logged = done(done(twice, 1, 3), 1, 4, { amount: 6 });
    expect(logged.log.map(({ nth, amount }) => `${nth} ${amount}`)).toEqual([
      '3 8',
      '3 8',
      '3 8',
      '4 6',
      '4 6',
      '4 6',
    ]);
  });

  it('go on outside any program, however many there were', () => {
    let document: DrayDocument = { ...twiceAWeek(), programs: [] };
    for (let week = 1; week <= 6; week += 1) {
      document = moved(document, { week, date: addDays('2026-11-24', 7 * week) });
    }
    expect(inTurns(document, sessionOf(document)).turns.length).toBe(7);
    expect(cellAt(document, 7, 1).week).toBe(7);
    expect(nextWeekOf(document, sessionOf(document), 6)).toBe(7);
  });

  it('are counted as they are held outside any program', () => {
    const free = { ...twiceAWeek(), programs: [] };
    const logged = moved(moved(free, { week: 1, date: '2026-11-24' }), { week: 2, date: '2026-12-20' });
    expect(inTurns(logged, sessionOf(logged)).turns.map(({ date }) => date)).toEqual([
      '2026-11-24',
      '2026-12-20',
      undefined,
      undefined,
    ]);
  });
});

describe('the axis of classes', () => {
  it('is the document itself where a session stands once in a week', () => {
    expect(inTurns(boatyard, 'tuesday').document).toBe(boatyard);
  });

  it('comes back to itself, and one that is on it already stays', () => {
    const { document } = inTurns(twiceAWeek(), 'session');
    const id = sessionOf(document);
    const turned = inTurns(twiceAWeek(), id);
    expect(inTurns(turned.document, id).document).toBe(turned.document);
  });

  it('gives the same objects again after an edit elsewhere, so that nothing is worked out twice', () => {
    const document = done(done(twiceAWeek(), 1, 1), 1, 2);
    const id = sessionOf(document);
    const first = inTurns(document, id).document;
    const second = inTurns({ ...document, kits: [...document.kits] }, id).document;
    expect(second.log).toBe(first.log);
    expect(second.programs[0]).toBe(first.programs[0]!);
  });

  it('loses, moves and doubles no set over any calendar', () => {
    const day = fc.record({
      week: fc.integer({ min: 1, max: 4 }),
      nth: fc.integer({ min: 1, max: 4 }),
      into: fc.integer({ min: 0, max: 27 }),
      cancelled: fc.boolean(),
    });
    fc.assert(
      fc.property(
        fc.uniqueArray(day, { selector: ({ week, nth }) => `${week} ${nth}`, maxLength: 8 }),
        fc.array(fc.record({ week: fc.integer({ min: 1, max: 4 }), nth: fc.integer({ min: 1, max: 4 }) }), {
          maxLength: 20,
        }),
        (days, sets) => {
          let document = twiceAWeek();
          for (const { week, nth, into, cancelled } of days)
            document = beside(document, {
              week,
              nth,
              date: addDays(MONDAY, into),
              ...(cancelled && { cancelled: true as const }),
            });
          // Only classes there are can have been logged.
          const there = new Set(
            inTurns(document, sessionOf(document)).turns.map(({ week, nth }) => `${week} ${nth}`),
          );
          const log = sets
            .filter(({ week, nth }) => there.has(`${week} ${nth}`))
            .map(({ week, nth }, at): LogEntry => ({
              id: `e${at}`,
              participantId: personOf(document),
              sessionId: sessionOf(document),
              slotId: 's',
              week,
              ...(nth > 1 && { nth }),
              date: MONDAY,
              exerciseId: 'goblet-squat',
              set: (at % 20) + 1,
              counted: 'reps',
              amount: 8,
            }));
          const turned = inTurns({ ...document, log }, sessionOf(document));
          expect(turned.document.log.map((entry) => turned.kept(entry))).toEqual(log);
        },
      ),
      { numRuns: 200 },
    );
  });
});

function beside(
  document: DrayDocument,
  part: Pick<ClassHeld, 'week' | 'nth' | 'date'> & Partial<ClassHeld>,
): DrayDocument {
  const sessionId = sessionOf(document);
  const one: ClassHeld = { id: classId(sessionId, part.week, part.nth), sessionId, there: [], ...part };
  return { ...document, classes: [...document.classes, one] };
}

describe('a document of version 5', () => {
  /** As it was kept then: no classes, and sets with no more than their week and date. */
  function fromVersion5(log: readonly LogEntry[]): DrayDocument {
    const { classes: _, ...old } = twiceAWeek();
    const text = JSON.stringify({ ...old, version: 5, log });
    const parsed = parseDocument(text);
    if (!parsed.ok) throw new Error(parsed.problems[0]?.sentence);
    return parsed.document;
  }
  const set = (id: string, week: number, date: string, at: number): LogEntry => {
    const document = twiceAWeek();
    return {
      id,
      participantId: personOf(document),
      sessionId: sessionOf(document),
      slotId: document.sessions[0]?.blocks[0]?.slots[0]?.id ?? '',
      week,
      date,
      exerciseId: 'goblet-squat',
      set: at,
      counted: 'reps',
      amount: 8,
    };
  };

  it('has its sets told apart by the day they were done on', () => {
    const { log, classes } = fromVersion5([
      set('a', 1, '2026-11-24', 1),
      set('b', 1, '2026-11-27', 1),
      set('c', 2, '2026-12-05', 1),
    ]);
    expect(log.map(({ id, nth = 1 }) => `${id} ${nth}`)).toEqual(['a 1', 'b 2', 'c 2']);
    expect(classes.map(({ week, nth, date }) => `${week}.${nth} ${date}`)).toEqual([
      '1.1 2026-11-24',
      '1.2 2026-11-27',
      '2.2 2026-12-05',
    ]);
  });

  it('keeps every set there was, and each in one class', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            week: fc.integer({ min: 1, max: 4 }),
            into: fc.integer({ min: 0, max: 6 }),
            at: fc.integer({ min: 1, max: 20 }),
          }),
          { maxLength: 30 },
        ),
        (sets) => {
          const log = sets.map(({ week, into, at }, id) =>
            set(`e${id}`, week, addDays(MONDAY, (week - 1) * 7 + into), at),
          );
          const after = fromVersion5(log);
          expect(after.log.map(({ nth: _, ...entry }) => entry)).toEqual(log);
          const held = new Set(after.classes.map(({ id }) => id));
          expect(after.log.every(({ sessionId, week, nth }) => held.has(classId(sessionId, week, nth)))).toBe(
            true,
          );
        },
      ),
      { numRuns: 100 },
    );
  });

  it('is brought up from every version before it', () => {
    for (const version of [2, 3, 4, 5, 6]) {
      const { classes, ...old } = boatyard;
      const there = version < 6 ? {} : { classes };
      const now = migrateDocument({ ...old, ...there, version, log: [set('a', 1, '2026-11-24', 1)] });
      expect(now['version']).toBe(DOCUMENT_VERSION);
      expect((now['log'] as LogEntry[]).map(({ id }) => id)).toEqual(['a']);
      if (version < 6) expect((now['classes'] as ClassHeld[]).length).toBe(1);
    }
  });
});

describe('a program of version 6', () => {
  const begins = (startDate: string, ...weekdays: number[]) =>
    programFromMonday({
      startDate,
      weeks: [{ week: 1, days: weekdays.map((weekday) => ({ weekday, sessionId: 'a' })) }],
    }) as Program;

  it('has its weeks from Monday where every class keeps its day', () => {
    expect(begins('2026-11-24', 2, 5).startDate).toBe('2026-11-23');
    expect(begins('2026-11-23', 1).startDate).toBe('2026-11-23');
    expect(begins('2026-11-29', 7).startDate).toBe('2026-11-23');
    const { weeks } = begins('2026-11-24', 2, 5);
    const old = { startDate: '2026-11-24', weeks } as Program;
    expect(classDays(begins('2026-11-24', 2, 5)).map(({ date }) => date)).toEqual(
      classDays(old).map(({ date }) => date),
    );
  });

  it('stays as it is where a class would be moved by it', () => {
    expect(begins('2026-11-27', 5, 2).startDate).toBe('2026-11-27');
  });
});

describe('what hurts', () => {
  const catalog = catalogOf(boatyard);
  /** Juno's Tuesday in its first week, with one set of the squat that hurt. */
  function hurtOnTuesday(score: number, part: Partial<LogEntry> = {}): DrayDocument {
    const entry: LogEntry = {
      id: 'hurt',
      participantId: 'juno',
      sessionId: 'tuesday',
      slotId: 'tue-squat',
      week: 1,
      date: '2026-10-27',
      exerciseId: 'goblet-squat',
      set: 1,
      counted: 'reps',
      amount: 8,
      pain: { place: 'left knee', score },
      ...part,
    };
    return { ...boatyard, log: [entry] };
  }
  const cardOf = (document: DrayDocument, sessionId: string, week: number) =>
    createResolver().card(document, { participantId: 'juno', sessionId, week }).cells;
  /** What of a card bears on a sore knee, by what each version asks. */
  const onKnee = (sessionId: string) =>
    cardOf({ ...boatyard, log: [] }, sessionId, 1).flatMap((cell) =>
      cell.status === 'ready' && bearsOn('left knee', cell.version.demands) ? [cell.slotId] : [],
    );

  it('is stopped everywhere the place is used, in other sessions and all-out work too, until it is looked at', () => {
    const document = hurtOnTuesday(6);
    const friday = onKnee('friday');
    expect(friday.length).withContext('Friday has work for the knee').toBeGreaterThan(0);
    for (const [sessionId, week] of [
      ['friday', 1],
      ['tuesday', 2],
    ] as const) {
      const cells = new Map(cardOf(document, sessionId, week).map((cell) => [cell.slotId, cell]));
      for (const slotId of onKnee(sessionId)) {
        const cell = cells.get(slotId);
        expect(cell?.status).withContext(slotId).toBe('leftOut');
        expect(traceText(cell)).withContext(slotId).toContain('left knee');
      }
    }
    // What spares the knee goes on.
    expect(cardOf(document, 'tuesday', 2).some(({ status }) => status === 'ready')).toBe(true);
  });

  it('stops nothing below the score at which work is stopped, and nothing the place has no part in', () => {
    expect(cardOf(hurtOnTuesday(2), 'friday', 1)).toEqual(cardOf(boatyard, 'friday', 1));
    const wrist = hurtOnTuesday(6, { pain: { place: 'wrist', score: 6 } });
    const spared = cardOf(boatyard, 'friday', 1).flatMap((cell) =>
      cell.status === 'ready' &&
      !bearsOn('wrist', cell.version.demands) &&
      !patternsOf(cell.version.exercise).includes('squat')
        ? [cell.slotId]
        : [],
    );
    const after = new Map(cardOf(wrist, 'friday', 1).map((cell) => [cell.slotId, cell.status]));
    expect(spared.map((id) => after.get(id))).toEqual(spared.map(() => 'ready'));
  });

  it('counts what is asked only with a load in the hands too', () => {
    const back = hurtOnTuesday(6, { pain: { place: 'lower back', score: 6 }, slotId: 'tue-press' });
    const loaded = cardOf(boatyard, 'friday', 1).flatMap((cell) =>
      cell.status === 'ready' && bearsOn('lower back', cell.version.demandsLoaded) ? [cell.slotId] : [],
    );
    expect(loaded.length).toBeGreaterThan(0);
    const after = new Map(cardOf(back, 'friday', 1).map((cell) => [cell.slotId, cell.status]));
    expect(loaded.map((id) => after.get(id))).toEqual(loaded.map(() => 'leftOut'));
  });

  it('goes on in other sessions once it was looked at where it hurt, whatever was decided', () => {
    const document = hurtOnTuesday(6);
    const proposals = reviewClass(document, { sessionId: 'tuesday', week: 1 }, createResolver());
    const own = proposals.filter(
      ({ participantId, slotId }) => participantId === 'juno' && slotId === 'tue-squat',
    );
    expect(own.length).toBe(1);
    let made = 0;
    for (const decision of ['agreed', 'declined'] as const) {
      const decided = decide(document, own, decision, { newId: () => `d${(made += 1)}`, unit: 'kg' });
      const friday = new Map(cardOf(decided, 'friday', 1).map((cell) => [cell.slotId, cell.status]));
      expect(onKnee('friday').map((id) => friday.get(id)))
        .withContext(decision)
        .toEqual(onKnee('friday').map(() => 'ready'));
    }
  });

  it('is offered to be changed in every slot it bears on, and each is decided by itself', () => {
    const proposals = reviewClass(hurtOnTuesday(6), { sessionId: 'tuesday', week: 1 }, createResolver());
    const hurt = proposals.filter(({ participantId, kind }) => participantId === 'juno' && kind === 'hurt');
    const lettered = onKnee('tuesday').filter(
      (id) =>
        catalog && proposals.some(({ slotId, participantId }) => slotId === id && participantId === 'juno'),
    );
    expect(hurt.map(({ slotId }) => slotId).sort()).toEqual(lettered.sort());
  });

  it('is never answered with something harder or heavier', () => {
    for (const participantId of boatyard.participants.map(({ id }) => id)) {
      const document = hurtOnTuesday(6, { participantId });
      const before = new Map(
        createResolver()
          .card(document, { participantId, sessionId: 'tuesday', week: 1 })
          .cells.map((cell) => [cell.slotId, cell]),
      );
      const proposals = reviewClass(document, { sessionId: 'tuesday', week: 1 }, createResolver());
      for (const { slotId, kind, next, participantId: whose } of proposals) {
        const cell = before.get(slotId);
        if (whose !== participantId || kind !== 'hurt' || next?.status !== 'ready') continue;
        const kg = cell?.status === 'ready' ? (cell.load?.kg ?? 0) : 0;
        expect(next.load?.kg ?? 0)
          .withContext(`${participantId} ${slotId}: ${next.version.name}`)
          .toBeLessThanOrEqual(kg + 0.01);
      }
    }
  });
});
