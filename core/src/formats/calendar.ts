import ICAL from 'ical.js';
import type { DrayDocument, Program, Session } from '../model';
import { catalogOf } from '../library';
import { formatPrescription, slotLetters, slotName } from '../plan';
import { classDays } from '../program';
import { addDays } from '../units';

/** Control characters, line ends among them: none of a name or an id may begin a line of the file. */
const CONTROL = /[\p{Cc}\u2028\u2029]+/gu;

/**
 * A program as a calendar file: one event for each class that is held. An event keeps its id when its class is moved to another
 * day or the program is exported again, so that a calendar replaces it instead of doubling it. Source: RFC 5545.
 *
 * @param stamp when it was written, as an ISO date and time in UTC
 */
export function programToCalendar(document: DrayDocument, program: Program, stamp: string): string {
  const sessions = new Map(document.sessions.map((session) => [session.id, session]));
  const calendar = new ICAL.Component('vcalendar');
  calendar.addPropertyWithValue('version', '2.0');
  calendar.addPropertyWithValue('prodid', '-//Dray//Program//EN');
  calendar.addPropertyWithValue('calscale', 'GREGORIAN');
  calendar.addPropertyWithValue('x-wr-calname', oneLine(program.name));
  for (const day of classDays(program, document.classes)) {
    const session = sessions.get(day.sessionId);
    if (!session || day.holiday || day.cancelled) continue;
    const event = new ICAL.Component('vevent');
    const id = `${program.id}-${day.week}-${day.sessionId}-${day.nth}@dray`;
    event.addPropertyWithValue('uid', oneLine(id));
    event.addPropertyWithValue('dtstamp', ICAL.Time.fromDateTimeString(stamp.replace(/\.\d+/, '')));
    addWhen(event, day.date, day.startTime, session.budgetMinutes);
    event.addPropertyWithValue('summary', oneLine(session.name));
    event.addPropertyWithValue('description', outline(document, session, day.week, program, day.lighter));
    calendar.addSubcomponent(event);
  }
  // It counts without the space that a line which goes on begins with; 75 octets are the most.
  ICAL.foldLength = 74;
  return `${calendar.toString()}\r\n`;
}

/** A day, or from a time on the clock of wherever it is read: a floating time, as a class has no time zone. */
function addWhen(event: ICAL.Component, date: string, time: string | undefined, minutes: number): void {
  if (time === undefined) {
    event.addPropertyWithValue('dtstart', ICAL.Time.fromDateString(date));
    event.addPropertyWithValue('dtend', ICAL.Time.fromDateString(addDays(date, 1)));
  } else {
    event.addPropertyWithValue('dtstart', ICAL.Time.fromDateTimeString(`${date}T${time}:00`));
    event.addPropertyWithValue('duration', ICAL.Duration.fromSeconds(minutes * 60));
  }
}

function outline(
  document: DrayDocument,
  session: Session,
  week: number,
  program: Program,
  lighter: boolean,
): string {
  const catalog = catalogOf(document);
  const letters = slotLetters(session);
  const lines = session.blocks.flatMap(({ slots }) =>
    slots.flatMap((slot) => {
      const letter = letters.get(slot.id);
      return letter
        ? `${letter} ${oneLine(slotName(slot, catalog))}: ${formatPrescription(slot.prescriptions.intermediate)}`
        : [];
    }),
  );
  return [`Week ${week} of ${program.weeks.length}${lighter ? ', a lighter one' : ''}`, ...lines].join('\n');
}

function oneLine(text: string): string {
  return text.replaceAll(CONTROL, ' ');
}
