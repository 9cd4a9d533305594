import type { LogEntry, Readiness } from '../model';

/** On every card (common practice, no published source). */
export const STOP_SIGNS =
  'Stop and say so: sharp pain, dizziness, pressure or pain in the chest, jaw, arm or between the shoulder blades, breath that does not come back.';

/** On what leaves for somebody's home, where nobody is there to be told (common practice, no published source). */
export const ALONE = 'Alone at home: stop at once, and call for help.';

/** Said wherever Dray advises. */
export const CLINICIAN_FIRST =
  'Usual cautions, not medical advice. With a condition, ask a doctor or physiotherapist before you begin; what they and your local rules say comes first.';

/**
 * Places and words that stop everything: they may be the heart. A forearm or an elbow is none. Source: the warning signs of a
 * heart attack as cardiology societies list them (from memory); common practice on a training floor.
 */
const SIGNS: readonly RegExp[] = [
  /chest|breast ?bone|sternum|heart/i,
  /\bjaws?\b|\bthroat\b/i,
  /\barms?\b/i,
  /shoulder ?-?blades?|scapula/i,
  /breath|faint|black(ed|ing)? out|pass(ed|ing) out|dizz|light-?\s?headed|giddy/i,
];

/**
 * Whether pain in a place, or what is said of it, is a sign to stop everything.
 *
 * @param place in a person's words
 * @example isStopSign('left arm') // true
 */
export function isStopSign(place: string): boolean {
  return SIGNS.some((sign) => sign.test(place));
}

/**
 * The last sign to stop everything that a person logged; undefined for none. A score of 0 says that it did not hurt.
 *
 * @param entries of one person, in any order
 * @example lastStopSign(log)?.pain?.place // 'chest'
 */
export function lastStopSign(entries: readonly LogEntry[]): LogEntry | undefined {
  let last: LogEntry | undefined;
  for (const entry of entries) {
    if (!entry.pain || entry.pain.score === 0 || !isStopSign(entry.pain.place)) continue;
    if (!last || entry.date >= last.date) last = entry;
  }
  return last;
}

/**
 * Whether a clinician's word was noted on the day of a sign or since.
 *
 * @param sign as it was logged
 * @param readiness the person's answers
 * @example isCleared(sign, { ...answers, cleared: true, date: '2026-12-01' }) // true
 */
export function isCleared({ date }: Pick<LogEntry, 'date'>, readiness: Readiness | undefined): boolean {
  return readiness?.cleared === true && readiness.date >= date;
}
