import * as fc from 'fast-check';
import { boatyard } from '@dray/demo';
import { parseDocument, serializeDocument } from '../formats';
import { classId, type DrayDocument, type LogEntry, type Override, type ProgramDay } from '../model';
import { addClass, classDays, heldClass, inTurns, type ClassDay } from './index';
import { replanDays } from './replan';

const [MONDAY, THURSDAY] = ['2026-10-26', '2026-10-29'];

/** A class that was held: one set and a visit of Bram's, and that he was there. */
function held(document: DrayDocument, week: number, nth: number): DrayDocument {
  const day = noonDays(document).find((one) => one.week === week && one.nth === nth);
  const place = { sessionId: 'noon', week, nth };
  const written = {
    participantId: 'bram',
    sessionId: 'noon',
    week,
    ...(nth > 1 && { nth }),
    date: day?.date ?? '',
  };
  const entry: LogEntry = {
    ...written,
    id: `set-${week}-${nth}`,
    slotId: 'noon-bug',
    exerciseId: 'dead-bug',
    set: 1,
    counted: 'reps',
    amount: 8,
  };
  return {
    ...document,
    classes: [
      ...document.classes.filter(({ id }) => id !== classId('noon', week, nth)),
      heldClass(document, place, written.date, ['bram']),
    ],
    log: [...document.log, entry],
    visits: [...document.visits, { ...written, id: `visit-${week}-${nth}`, effort: 6, minutes: 15 }],
  };
}

function noonDays(document: DrayDocument): ClassDay[] {
  const program = document.programs.find(({ id }) => id === 'noon');
  return program ? classDays(program, document.classes) : [];
}

const without =
  (weekday: number, from = 1) =>
  (document: DrayDocument) =>
    replanDays(document, 'noon', ({ week, days }) =>
      week < from ? days : days.filter((day) => day.weekday !== weekday),
    );

/** Of the first week: on which day, and whether somebody has something written down in it. */
function firstWeek(document: DrayDocument): string[] {
  const isHeld = ({ week, nth }: ClassDay) =>
    document.log.some((entry) => entry.week === week && (entry.nth ?? 1) === nth);
  return noonDays(document)
    .filter(({ week }) => week === 1)
    .map((day) => `${day.date} ${day.nth}${isHeld(day) ? ' held' : ''}`);
}

describe('days of a program planned anew', () => {
  it('leave a class that was held where it was, and what comes after it to be held', () => {
    const monday = held(boatyard, 1, 1);
    const gone = without(1)(monday);
    expect(firstWeek(gone)).toEqual([`${MONDAY} 2 held`, `${THURSDAY} 1`]);
    expect(gone.visits.map(({ nth, date }) => [nth, date])).toEqual([[2, MONDAY]]);
    expect(gone.classes.map(({ id, there }) => [id, there])).toEqual([['noon.1.2', ['bram']]]);
    expect(parseDocument(serializeDocument(gone)).ok).toBe(true);
    // Sets that were read from a file, with no class of their own so far.
    expect(without(1)({ ...monday, classes: [] })).toEqual(gone);
  });

  it('leave the only class of a week where it was held', () => {
    const once = replanDays(boatyard, 'noon', ({ week, days }) => (week === 1 ? days.slice(0, 1) : days));
    const monday = { ...held(once, 1, 1), classes: [] };
    const gone = replanDays(monday, 'noon', ({ week, days }) => (week === 1 ? [] : days));
    expect(firstWeek(gone)).toEqual([`${MONDAY} 1 held`]);
    expect(gone.log).toEqual(monday.log);
  });

  it('count the second class of a week as its first where the first was never held', () => {
    const thursday = held(boatyard, 1, 2);
    const gone = without(1)(thursday);
    expect(firstWeek(gone)).toEqual([`${THURSDAY} 1 held`]);
    expect(gone.log.map(({ nth }) => nth)).toEqual([undefined]);
    expect(firstWeek(without(4)(thursday))).toEqual([`${MONDAY} 1`, `${THURSDAY} 2 held`]);
  });

  it('do not take the place of one that was put in beside the plan', () => {
    const { document } = addClass(boatyard, 'noon', '2026-10-31');
    const more = replanDays(held(document, 1, 3), 'noon', ({ days }) => [
      ...days,
      { weekday: 5, sessionId: 'noon' },
    ]);
    expect(firstWeek(more)).toEqual([`${MONDAY} 1`, `${THURSDAY} 2`, '2026-10-30 3', '2026-10-31 4 held']);
    // One that is planned still, with nobody there yet.
    expect(firstWeek(without(1)(document))).toEqual([`${THURSDAY} 1`, '2026-10-31 2']);
  });

  it('take what is set by hand along, from the first of its classes that is left to the last', () => {
    const hand = (part: Partial<Override>): Override => ({
      id: 'hand',
      participantId: 'bram',
      slotId: 'noon-bug',
      fromWeek: 2,
      reason: 'tired',
      ...part,
    });
    const after = (part: Partial<Override>, weekday: number) => {
      const override = hand(part);
      const [left] = without(weekday, 2)({ ...boatyard, overrides: [override] }).overrides;
      return left === override ? 'as it was' : left;
    };
    const [both, other] = [1, 4];
    expect(after({ fromNth: 2 }, both)).toEqual(hand({ fromWeek: 2 }));
    expect(after({ fromNth: 2 }, other)).toEqual(hand({ fromWeek: 3 }));
    expect(after({ toWeek: 3, toNth: 1 }, other)).toEqual(hand({ toWeek: 3, toNth: 1 }));
    expect(after({ toWeek: 3, toNth: 1 }, both)).toEqual(hand({ toWeek: 2 }));
    expect(after({ fromNth: 2, toWeek: 2, toNth: 2 }, both)).toEqual(hand({ toWeek: 2, toNth: 1 }));
    // For that one class only.
    expect(after({ toWeek: 2, toNth: 1 }, both)).toBeUndefined();
    expect(after({ fromNth: 2, toWeek: 2, toNth: 2 }, other)).toBeUndefined();
    expect(after({ fromWeek: 1, toWeek: 1, toNth: 1 }, both)).toBe('as it was');
    expect(after({ slotId: 'tue-squat' }, both)).toBe('as it was');
  });

  it('keep what was decided after a class with it', () => {
    const decided: Override = {
      id: 'hand',
      participantId: 'bram',
      slotId: 'noon-bug',
      fromWeek: 2,
      reviewOfWeek: 1,
      reviewOfNth: 2,
      decision: 'agreed',
      amount: 9,
      reason: 'agreed',
    };
    const gone = without(1)({ ...held(boatyard, 1, 2), overrides: [decided] });
    expect(gone.overrides.map(({ reviewOfWeek, reviewOfNth }) => [reviewOfWeek, reviewOfNth])).toEqual([
      [1, undefined],
    ]);
  });

  it('that are the same leave everything as it is', () => {
    const document = held(held(boatyard, 1, 1), 2, 2);
    const same = replanDays(document, 'noon', ({ days }) => [...days]);
    expect(same).toEqual(document);
    expect(same.log).toBe(document.log);
    expect(replanDays(document, 'nobody’s', () => [])).toEqual(document);
  });

  it('never move a set to another day, nor lose a class that was held or is planned', () => {
    const day = (weekday: number): ProgramDay => ({ weekday, sessionId: 'noon' });
    fc.assert(
      fc.property(
        fc.subarray([1, 2, 3, 4, 5, 6], { minLength: 1 }),
        fc.subarray([1, 2, 3, 4, 5, 6]),
        fc.subarray([1, 2, 3, 4, 5, 6, 7]),
        fc.subarray([2, 4, 6]),
        (planned, wasHeld, gone, added) => {
          const start = replanDays(boatyard, 'noon', () => planned.map(day));
          let document = start;
          for (const nth of wasHeld) if (nth <= planned.length) document = held(document, 1, nth);
          const now = replanDays(document, 'noon', ({ week, days }) =>
            week > 1 ? days : [...days.filter(({ weekday }) => !gone.includes(weekday)), ...added.map(day)],
          );
          expect(now.log.map(({ id, date }) => [id, date])).toEqual(
            document.log.map(({ id, date }) => [id, date]),
          );
          const { turns } = inTurns(now, 'noon');
          for (const { nth = 1, date } of now.log) {
            expect(turns.find((one) => one.week === 1 && one.nth === nth)?.date).toBe(date);
          }
          const stay = planned.filter((weekday, at) => wasHeld.includes(at + 1) || !gone.includes(weekday));
          expect(firstWeek(now).length).toBe(stay.length + added.length);
          expect(parseDocument(serializeDocument(now)).ok).toBe(true);
        },
      ),
    );
  });
});
