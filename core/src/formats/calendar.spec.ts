import ICAL from 'ical.js';
import { boatyard } from '@dray/demo';
import type { Program } from '../model';
import { classDays } from '../program';
import { moveDay, withHoliday } from '../program/edit-program';
import { programToCalendar } from './calendar';

const STAMP = '2026-11-25T09:00:00.000Z';
const [autumn] = boatyard.programs;
const program = autumn!;
const closedOn = (date: string): Program => withHoliday(program, { from: date, to: date });

function eventsOf(
  text: string,
): { uid: string; start: string; seconds: number; summary: string; description: string }[] {
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  return calendar.getAllSubcomponents('vevent').map((component) => {
    const event = new ICAL.Event(component);
    return {
      uid: event.uid,
      start: event.startDate.toString(),
      seconds: event.duration.toSeconds(),
      summary: event.summary,
      description: event.description,
    };
  });
}

describe('programToCalendar (RFC 5545, read back by ical.js)', () => {
  const text = programToCalendar(boatyard, program, STAMP);
  const events = eventsOf(text);

  it('has one event for each class, on its day and at its time', () => {
    expect(events.map(({ start }) => start)).toEqual(
      classDays(program).map(({ date }) => `${date}T18:30:00`),
    );
    expect(events[0]?.summary).toBe('Tuesday, whole body');
    expect(events[0]?.seconds).toBe(40 * 60);
    expect(events[0]?.description).toContain('A1 Squat: 3 × 10, 2 left');
  });

  it('is the same byte for byte when it is exported again', () => {
    expect(programToCalendar(boatyard, program, STAMP)).toBe(text);
  });

  it('keeps the id of a class that was moved, and of all the others', () => {
    const moved = eventsOf(
      programToCalendar(boatyard, moveDay(program, { week: 2, place: 1, weekday: 6 }), STAMP),
    );
    expect(moved.map(({ uid }) => uid)).toEqual(events.map(({ uid }) => uid));
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
    const changed = moved.filter(({ start }, at) => start !== events[at]?.start);
    expect(changed.map(({ start }) => start)).toEqual(['2026-11-07T18:30:00']);
  });

  it('leaves out what falls on a holiday, and takes whole days without a time', () => {
    const closed = eventsOf(programToCalendar(boatyard, closedOn('2026-11-03'), STAMP));
    expect(closed.length).toBe(events.length - 1);
    const { startTime: _, ...untimed } = program;
    expect(eventsOf(programToCalendar(boatyard, untimed, STAMP))[0]?.start).toBe('2026-10-27');
  });

  it('folds lines at 75 octets without cutting a letter, and escapes what would break them', () => {
    const odd = { ...program, name: 'Slip; spring, “ropes” \\ tar' };
    const sessions = boatyard.sessions.map((session) => ({
      ...session,
      name: `${'Séance très longue ⚓ '.repeat(6)}; a, b`,
    }));
    const long = programToCalendar({ ...boatyard, sessions }, odd, STAMP);
    const bytes = new TextEncoder();
    for (const line of long.split('\r\n')) expect(bytes.encode(line).length).toBeLessThanOrEqual(75);
    expect(eventsOf(long)[0]?.summary).toBe(sessions[0]!.name);
    expect(long.endsWith('END:VCALENDAR\r\n')).toBeTrue();
  });

  it('lets no name or id begin a line of its own', () => {
    const evil = 'x\r\nBEGIN:VALARM\rX-EVIL:1\nEND:VEVENT\u2028\u0007y';
    const sessions = boatyard.sessions.map((session) => ({ ...session, name: evil }));
    const text = programToCalendar({ ...boatyard, sessions }, { ...program, id: evil, name: evil }, STAMP);
    const lines = text.split(/[\r\n\u2028]+/);
    expect(lines.filter((line) => /^(BEGIN:VALARM|X-EVIL)/.test(line))).toEqual([]);
    expect(lines.filter((line) => line === 'END:VEVENT').length).toBe(events.length);
    // What is not CR LF is no line end at all.
    expect(text.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
    expect(eventsOf(text)[0]?.summary).toBe('x BEGIN:VALARM X-EVIL:1 END:VEVENT y');
  });
});
