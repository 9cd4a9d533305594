import { TestBed } from '@angular/core/testing';
import { moveClass, type DrayDocument, type Program } from '@dray/core';
import { boatyard } from '@dray/demo';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { ProgramStore } from './program-store';

/** The demo's program, which begins on a Tuesday, four weeks before the tests' day. */
const STARTED = '2026-10-27';

describe('ProgramStore', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    (await openedDocuments()).edit('begin', (document) => ({
      ...document,
      programs: document.programs.map((program) => ({ ...program, startDate: STARTED })),
    }));
  });

  afterEach(() => {
    db.close();
  });

  const store = () => TestBed.runInInjectionContext(() => new ProgramStore());
  const own = (opened: ReturnType<typeof store>): Program => opened.program()!;
  const daysOf = (opened: ReturnType<typeof store>, sessionId: string) =>
    own(opened).weeks.map(({ days }) => days.find((day) => day.sessionId === sessionId)?.weekday);
  const edited = (opened: ReturnType<typeof store>, change: (document: DrayDocument) => DrayDocument) =>
    opened.documents.edit('a change', change);

  it('lays the weeks out from the day they begin on, and knows the present one', () => {
    const opened = store();
    expect(opened.weekdays()).toEqual([2, 3, 4, 5, 6, 7, 1]);
    expect(
      opened
        .calendar()
        .filter(({ present }) => present)
        .map(({ week }) => week),
    ).toEqual([5]);
    const week = opened.calendar()[4]!;
    expect(week.days.map(({ date }) => date)[0]).toBe('2026-11-24');
    expect(week.days.find(({ today }) => today)?.date).toBe('2026-11-25');
    expect(week.days.filter(({ past }) => past).length).toBe(1);
    expect(week.days.flatMap(({ classes }) => classes.map(({ session }) => session.id))).toEqual([
      'tuesday',
      'friday',
    ]);
  });

  it('draws a lighter week with fewer sets, and less time', () => {
    const opened = store();
    opened.setLighter(6, true);
    const [fifth, sixth] = [4, 5].map((at) => opened.calendar()[at]!.days[0]!.classes[0]!.ramp);
    expect(sixth!.sets).toBeLessThan(fifth!.sets);
    expect(sixth!.minutes).toBeLessThan(fifth!.minutes);
    opened.setLighter(6, false);
    expect(own(opened).weeks[5]).toEqual(boatyard.programs[0]!.weeks[5]!);
  });

  it('moves a class in the weeks to come, or in one only, and marks what comes too soon', () => {
    const opened = store();
    expect(opened.conflicts()).toEqual([]);
    opened.move(6, 1, 3);
    expect(daysOf(opened, 'friday')).toEqual([5, 5, 5, 5, 5, 3, 3, 3]);
    expect(opened.conflicts().length).toBe(3);
    const marked = opened
      .calendar()
      .flatMap(({ days }) => days.flatMap(({ classes }) => classes))
      .filter(({ conflict }) => conflict);
    expect(marked.map(({ week }) => week)).toEqual([6, 6, 7, 7, 8, 8]);
    opened.documents.undo();
    opened.setOnwards(false);
    opened.move(6, 1, 6);
    expect(daysOf(opened, 'friday')).toEqual([5, 5, 5, 5, 5, 6, 5, 5]);
  });

  it('takes a class out of the weeks to come, and puts one in', () => {
    const opened = store();
    opened.select(7, 1);
    expect(opened.selected()?.session.id).toBe('friday');
    opened.takeOut(7, 1);
    expect(daysOf(opened, 'friday').slice(5)).toEqual([5, undefined, undefined]);
    expect(opened.selected()).toBeUndefined();
    opened.add(8, 4, 'friday');
    expect(daysOf(opened, 'friday').slice(5)).toEqual([5, undefined, 4]);
  });

  it('takes a class out wherever it was moved to, with those after it, and only what was done of one stays', async () => {
    const opened = store();
    const shown = () =>
      opened
        .calendar()
        .flatMap(({ days }) => days.flatMap(({ classes }) => classes))
        .filter(({ session }) => session.id === 'friday')
        .map(({ date }) => date);
    edited(opened, (document) =>
      ['2026-12-05', '2026-12-12'].reduce(
        (moved, date, later) => moveClass(moved, { sessionId: 'friday', week: 6 + later, nth: 1 }, date),
        document,
      ),
    );
    expect(shown().slice(5)).toEqual(['2026-12-05', '2026-12-12', '2026-12-18']);
    opened.takeOut(6, 1);
    expect(shown().length).toBe(5);
    expect(opened.documents.document()!.classes).toEqual([]);
    opened.documents.undo();
    expect(shown().slice(5)).toEqual(['2026-12-05', '2026-12-12', '2026-12-18']);
    await opened.documents.record('a set', [
      {
        id: 'press',
        participantId: 'bram',
        sessionId: 'friday',
        slotId: 'fri-press',
        week: 7,
        date: '2026-12-12',
        exerciseId: 'press-up',
        set: 1,
        counted: 'reps',
        amount: 10,
      },
    ]);
    opened.takeOut(6, 1);
    expect(shown().slice(5)).toEqual(['2026-12-12']);
  });

  it('takes out the first of two classes in a week: what was done of it stays, and so does the second', async () => {
    const opened = store();
    opened.show('noon');
    const first = () =>
      opened
        .calendar()[0]!
        .days.flatMap(({ classes }) => classes.map(({ date, logged }) => (logged ? `${date} logged` : date)));
    await opened.documents.record('a set', [
      {
        id: 'bug',
        participantId: 'bram',
        sessionId: 'noon',
        slotId: 'noon-bug',
        week: 1,
        date: '2026-11-02',
        exerciseId: 'dead-bug',
        set: 1,
        counted: 'reps',
        amount: 8,
      },
    ]);
    expect(first()).toEqual(['2026-10-29', '2026-11-02 logged']);
    opened.takeOut(1, 0);
    expect(first()).toEqual(['2026-10-29', '2026-11-02 logged']);
    expect(opened.calendar()[1]!.days.flatMap(({ classes }) => classes).length).toBe(1);
    expect(opened.documents.document()!.log.map(({ date, nth }) => [date, nth])).toEqual([['2026-11-02', 2]]);
    // What is not planned any more and was held stays, however often it is asked for.
    const monday = opened.calendar()[0]!.days.at(-1)!.classes[0]!;
    opened.takeOut(1, monday.index);
    expect(first()).toEqual(['2026-10-29', '2026-11-02 logged']);
    opened.documents.undo();
    expect(opened.documents.document()!.log.map(({ date, nth }) => [date, nth])).toEqual([
      ['2026-11-02', undefined],
    ]);
  });

  it('counts the sets of a week for the person who is shown, none on a holiday', () => {
    const opened = store();
    opened.showPerson('juno');
    const front = () => opened.heat().find(({ muscle }) => muscle === 'thighFront')!;
    const before = front().cells[5]!.sets;
    expect(before).toBeGreaterThan(0);
    opened.close({ from: '2026-12-01', to: '2026-12-04', name: 'slip week' });
    expect(front().cells[5]).toEqual({ week: 6, sets: 0, band: 'none' });
    expect(opened.calendar()[5]!.days[0]!.holiday?.name).toBe('slip week');
    opened.reopen(0);
    expect(front().cells[5]!.sets).toBe(before);
  });

  it('puts an easy session between, from this week on', () => {
    const opened = store();
    edited(opened, (document) => ({
      ...document,
      sessions: [
        ...document.sessions,
        { id: 'tall', name: 'Standing tall', focus: 'posture', budgetMinutes: 20, blocks: [] },
      ],
    }));
    expect(opened.free()?.easy.map(({ id }) => id)).toEqual(['tall']);
    expect(opened.free()?.days).toEqual(['Monday', 'Wednesday', 'Thursday', 'Saturday', 'Sunday']);
    opened.between(opened.free()!.easy[0]!);
    expect(daysOf(opened, 'tall')).toEqual([undefined, undefined, undefined, undefined, 7, 7, 7, 7]);
  });

  it('goes on with the same again after its end, on the same weekday', () => {
    const opened = store();
    opened.create();
    expect(opened.programs().length).toBe(3);
    expect(own(opened).name).toBe('Eight weeks before the slip, again');
    // Its weeks begin on Monday, and its sessions are its own: no class of it is one of the old.
    expect(own(opened).startDate).toBe('2026-12-21');
    const [first] = own(opened).weeks;
    expect(first?.days.map(({ weekday }) => weekday)).toEqual([2, 5]);
    expect(first?.days.some(({ sessionId }) => ['tuesday', 'friday'].includes(sessionId))).toBeFalse();
    expect(opened.placeable().map(({ name }) => name)).toContain('Tuesday, whole body, again');
    expect(opened.placeable().map(({ name }) => name)).not.toContain('Tuesday, whole body');
    opened.remove();
    expect(opened.programs().map(({ id }) => id)).toEqual(['autumn', 'noon']);
  });
});
