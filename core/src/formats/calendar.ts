import type { DrayDocument, Program, Session } from '../model';
import { catalogOf } from '../library';
import { formatPrescription, slotLetters, slotName } from '../plan';
import { classDays } from '../program';
import { addDays } from '../units';

const LINE_OCTETS = 75;
const EOL = '\r\n';

/**
 * A program as a calendar file: one event for each class that is held. An event keeps its id when its class is moved to another
 * day or the program is exported again, so that a calendar replaces it instead of doubling it. Source: RFC 5545.
 *
 * @param stamp when it was written, as an ISO date and time in UTC
 */
export function programToCalendar(document: DrayDocument, program: Program, stamp: string): string {
  const sessions = new Map(document.sessions.map((session) => [session.id, session]));
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Dray//Program//EN',
    'CALSCALE:GREGORIAN',
    `X-WR-CALNAME:${escaped(program.name)}`,
  ];
  for (const day of classDays(program, document.classes)) {
    const session = sessions.get(day.sessionId);
    if (!session || day.holiday || day.cancelled) continue;
    lines.push(
      'BEGIN:VEVENT',
      `UID:${program.id}-${day.week}-${day.sessionId}-${day.nth}@dray`,
      `DTSTAMP:${stamp.replaceAll(/[-:]|\.\d+/g, '')}`,
      ...when(day.date, day.startTime, session.budgetMinutes),
      `SUMMARY:${escaped(session.name)}`,
      `DESCRIPTION:${escaped(outline(document, session, day.week, program, day.lighter))}`,
      'END:VEVENT',
    );
  }
  lines.push('END:VCALENDAR');
  return lines.map((line) => folded(line) + EOL).join('');
}

/** A day, or from a time on the clock of wherever it is read: a floating time, as a class has no time zone. */
function when(date: string, time: string | undefined, minutes: number): string[] {
  const day = date.replaceAll('-', '');
  if (time === undefined) {
    return [`DTSTART;VALUE=DATE:${day}`, `DTEND;VALUE=DATE:${addDays(date, 1).replaceAll('-', '')}`];
  }
  return [`DTSTART:${day}T${time.replace(':', '')}00`, `DURATION:PT${minutes}M`];
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
        ? `${letter} ${slotName(slot, catalog)}: ${formatPrescription(slot.prescriptions.intermediate)}`
        : [];
    }),
  );
  return [`Week ${week} of ${program.weeks.length}${lighter ? ', a lighter one' : ''}`, ...lines].join('\n');
}

/** Text as RFC 5545, section 3.3.11, wants it. */
function escaped(text: string): string {
  return text
    .replaceAll('\\', '\\\\')
    .replaceAll(';', '\\;')
    .replaceAll(',', '\\,')
    .replaceAll(/\r?\n/g, '\\n');
}

/** Lines of at most 75 octets, the rest on lines that begin with a space; no letter is cut in two. Section 3.1. */
function folded(line: string): string {
  const parts: string[] = [];
  let part = '';
  let octets = 0;
  for (const letter of line) {
    const size = octetsOf(letter);
    if (octets + size > LINE_OCTETS) {
      parts.push(part);
      part = ' ';
      octets = 1;
    }
    part += letter;
    octets += size;
  }
  return [...parts, part].join(EOL);
}

function octetsOf(letter: string): number {
  const code = letter.codePointAt(0) ?? 0;
  return code < 0x80 ? 1 : code < 0x800 ? 2 : code < 0x10000 ? 3 : 4;
}
