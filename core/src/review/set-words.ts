import { isPair, reserveOf, type LogEntry } from '../model';
import { workText } from '../plan';
import { amountWords } from '../reason';
import { asksForMost, type ReadyCell } from '../resolve';
import { formatHeld, type MassUnit } from '../units';

/**
 * Logged sets in a line.
 *
 * @param entries of one visit
 * @param unit the reader's
 * @example setsInWords(entries, 'kg') // '10, 10, 9 with 12.5 kg, 2 left'
 */
export function setsInWords(entries: readonly LogEntry[], unit: MassUnit): string {
  if (entries.length === 0) return 'nothing logged';
  const sets = [...entries].sort((a, b) => a.set - b.set || (a.side === 'left' ? -1 : 1));
  const amounts = amountsInWords(
    sets,
    ', ',
    ({ amount, side }) => `${amount}${side ? ` ${side.charAt(0)}` : ''}`,
  );
  const load = loadInWords(sets, unit);
  const about = aboutSets(sets);
  return `${amounts}${load ? ` with ${load}` : ''}${about ? `, ${about}` : ''}`;
}

/**
 * What sets came to; a time has its unit, once where all of them are times.
 *
 * @param entries in order
 * @param between them
 * @param words of one
 * @example amountsInWords(entries, ' ') // '40 40 30 s'; where one was counted otherwise '12 12 45 s'
 */
export function amountsInWords<Entry extends Pick<LogEntry, 'amount' | 'counted'>>(
  entries: readonly Entry[],
  between: string,
  words = ({ amount }: Entry) => `${amount}`,
): string {
  const clocked = entries.filter(({ counted }) => counted === 'seconds');
  if (clocked.length > 0 && clocked.length === entries.length) return `${entries.map(words).join(between)} s`;
  return entries.map((entry) => `${words(entry)}${clocked.includes(entry) ? ' s' : ''}`).join(between);
}

/**
 * The loads of logged sets; empty for body weight.
 *
 * @param entries of one visit
 * @param unit the reader's
 * @example loadInWords(entries, 'kg') // '12.5 kg'
 */
export function loadInWords(entries: readonly LogEntry[], unit: MassUnit): string {
  const loads = [...new Set(entries.map(({ loadKg }) => loadKg))];
  const pair = entries.some(isPair);
  return loads.flatMap((kg) => (kg === undefined || kg === 0 ? [] : formatHeld(kg, unit, pair))).join(', ');
}

/**
 * What was said of logged sets beside reps and load.
 *
 * @param entries of one visit
 * @example aboutSets(entries) // '2 left, form went'
 */
export function aboutSets(
  entries: readonly Partial<Pick<LogEntry, 'reserve' | 'left' | 'pain' | 'touchDowns' | 'form'>>[],
): string {
  const lefts = entries.flatMap((entry) => reserveOf(entry) ?? []);
  const pain = entries.flatMap((entry) => (entry.pain && entry.pain.score > 0 ? entry.pain : []))[0];
  const touches = entries.reduce((sum, { touchDowns = 0 }) => sum + touchDowns, 0);
  return [
    ...(lefts.length > 0 ? [`${Math.min(...lefts)} left`] : []),
    ...(touches > 0 ? [`${touches} ${touches === 1 ? 'touch' : 'touches'}`] : []),
    ...(entries.some(({ form }) => form === 'lost') ? ['form went'] : []),
    ...(pain ? [`${pain.place} hurt, ${pain.score} of 10`] : []),
  ].join(', ');
}

/**
 * What a cell asks, in a line.
 *
 * @param cell ready
 * @param unit the reader's
 * @example cellInWords(cell, 'kg') // '3 × 10 with 12.5 kg, goblet squat'
 */
export function cellInWords({ work, planned, load, version }: ReadyCell, unit: MassUnit): string {
  const amount = asksForMost({ planned }) ? workText(planned.work) : amountWords(work, '');
  const kg = load ? ` with ${formatHeld(load.kg, unit, load.hold === 'pair')}` : '';
  return `${work.sets} × ${amount}${work.perSide ? ' each side' : ''}${kg}, ${version.name}`;
}
