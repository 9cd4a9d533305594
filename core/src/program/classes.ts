import { classId, type ClassHeld, type DrayDocument } from '../model';
import { programOf, weekOn } from './schedule';
import { inTurns } from './turns';

/** Which class is meant: of which session, in which week of its program, and which of that week's. */
export interface ClassPlace {
  readonly sessionId: string;
  readonly week: number;
  readonly nth: number;
}

/** A class as it is written down, or as it would be on the day it is planned for. */
function classAt(document: DrayDocument, place: ClassPlace, date: string): ClassHeld {
  const id = classId(place.sessionId, place.week, place.nth);
  return document.classes.find((one) => one.id === id) ?? { id, ...place, date, there: [] };
}

function withClass(document: DrayDocument, held: ClassHeld): DrayDocument {
  const known = document.classes.some(({ id }) => id === held.id);
  const classes = known
    ? document.classes.map((one) => (one.id === held.id ? held : one))
    : [...document.classes, held];
  return { ...document, classes };
}

/**
 * A class as it is once somebody has something written down in it.
 *
 * @param document to look in
 * @param place which class
 * @param date on which it was held, where it is not written down yet
 * @param participantIds who was there, beside those who are known to have been
 * @example heldClass(document, { sessionId: 'mine', week: 1, nth: 2 }, '2026-11-27', ['ida']).there // ['ida']
 */
export function heldClass(
  document: DrayDocument,
  place: ClassPlace,
  date: string,
  participantIds: readonly string[],
): ClassHeld {
  const { cancelled: _, ...held } = classAt(document, place, date);
  return { ...held, there: [...new Set([...held.there, ...participantIds])] };
}

/**
 * Puts a class on another day, with everything that is written down in it.
 *
 * @param document to be changed
 * @param place which class
 * @param date it is held on now
 * @example moveClass(document, { sessionId: 'mine', week: 1, nth: 1 }, '2026-11-25')
 */
export function moveClass(document: DrayDocument, place: ClassPlace, date: string): DrayDocument {
  const { cancelled: _, ...held } = classAt(document, place, date);
  const isOf = (thing: { sessionId: string; week: number; nth?: number | undefined }) =>
    thing.sessionId === place.sessionId && thing.week === place.week && (thing.nth ?? 1) === place.nth;
  const onDay = <Thing extends Parameters<typeof isOf>[0] & { date: string }>(list: Thing[]): Thing[] =>
    list.some((thing) => isOf(thing) && thing.date !== date)
      ? list.map((thing) => (isOf(thing) ? { ...thing, date } : thing))
      : list;
  return {
    ...withClass(document, { ...held, date }),
    log: onDay(document.log),
    visits: onDay(document.visits),
  };
}

/**
 * Cancels a class, or has it held after all; what is written down in it stays.
 *
 * @param document to be changed
 * @param place which class
 * @param date it is planned for
 * @param cancelled whether it falls out
 * @example cancelClass(document, { sessionId: 'mine', week: 1, nth: 1 }, '2026-11-24', true)
 */
export function cancelClass(
  document: DrayDocument,
  place: ClassPlace,
  date: string,
  cancelled: boolean,
): DrayDocument {
  const { cancelled: _, ...held } = classAt(document, place, date);
  return withClass(document, cancelled ? { ...held, cancelled } : held);
}

/**
 * One more class of a session on a day, beside those that are planned: in the week of its program the day lies in, or after the
 * last where it stands in none.
 *
 * @param document to be changed
 * @param sessionId of which session
 * @param date it is held on
 * @returns the document and which class it is
 * @example addClass(document, 'mine', '2026-11-29').place.nth // 3, beside Tuesday and Friday
 */
export function addClass(
  document: DrayDocument,
  sessionId: string,
  date: string,
): { readonly document: DrayDocument; readonly place: ClassPlace } {
  const program = programOf(document, sessionId);
  const { turns } = inTurns(document, sessionId);
  const classes = document.classes.filter((one) => one.sessionId === sessionId);
  const week = program ? weekOn(program, date) : 1 + Math.max(0, ...classes.map((one) => one.week));
  const planned = turns.filter((one) => one.week === week && !one.none).map(({ nth }) => nth);
  const nth = program ? 1 + Math.max(0, ...planned) : 1;
  const place = { sessionId, week, nth };
  const id = classId(sessionId, week, nth);
  return { document: withClass(document, { id, ...place, date, there: [] }), place };
}
