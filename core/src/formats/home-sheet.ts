import * as z from 'zod';
import { countedWeekSchema, idSchema, nameSchema, nthSchema, problemFrom } from '../model';

/** One exercise of a sheet: what to do in plain words, and room for what was done. */
const lineSchema = z.strictObject({
  letter: z.string().min(1).max(8),
  slotId: idSchema,
  name: z.string().max(400),
  load: z.string().max(400).optional(),
  work: z.string().max(400),
  /** What to do on a day when it is too hard. */
  easier: z.string().max(400).optional(),
  /** Sets as a coach types them, "12 12 10, 2 left"; empty where nothing is said of it. */
  done: z.string().max(400),
});
export type HomeLine = z.infer<typeof lineSchema>;

/** One person's sheet for one class, to be done at home and sent back. */
export const homeSheetSchema = z.strictObject({
  format: z.literal('dray sheet'),
  version: z.literal(1),
  personId: idSchema,
  person: nameSchema,
  sessionId: idSchema,
  session: nameSchema,
  week: countedWeekSchema,
  nth: nthSchema,
  date: z.iso.date(),
  /** What is said to the person whatever they do: their cautions, when to stop. */
  said: z.array(z.string().max(1000)).max(40),
  lines: z.array(lineSchema).max(100),
});
export type HomeSheet = z.infer<typeof homeSheetSchema>;

/** What came back of one exercise. */
export type Result = Pick<HomeLine, 'letter' | 'done'>;

export type ResultsRead =
  /** `of` is whose and which class it is, where the file says so. */
  | { readonly ok: true; readonly of?: HomeSheet | undefined; readonly results: readonly Result[] }
  | { readonly ok: false; readonly sentence: string };

const DONE = 'done:';
/** "A1", "B", "AA12" at the start of a line, as letters are given to slots. */
const LETTERED = /^([A-Z]{1,2}\d{0,2})\b[.:)]?\s*(.*)$/;
/** The same as a telephone writes it, where what was done follows. */
const SMALL = /^([a-z]{1,2}\d{0,2})\b[.:)]?\s*(.*)$/;
/** What follows a letter is what was done where it begins like this; else it is the exercise's name. */
const SAYS_SETS = /^(\d|max\b|as asked\b|all\b|ok\b|yes\b|nothing\b|no\b|-)/i;

/**
 * A sheet as a file, which comes back with what was done in it.
 *
 * @param sheet to be sent
 * @example sheetToJson(sheet).startsWith('{') // true
 */
export function sheetToJson(sheet: HomeSheet): string {
  return `${JSON.stringify(sheet, undefined, 2)}\n`;
}

/**
 * A sheet as plain text to paste into a message; it comes back with sets written behind "done:".
 *
 * @param sheet to be sent
 * @param day its date as its reader writes it
 * @example sheetToText(sheet, 'Tue 24 November').split('\n')[0] // 'Odile · Tuesday, whole body · Tue 24 November'
 */
export function sheetToText(sheet: HomeSheet, day: string): string {
  const head = [sheet.person, sheet.session, day].join(' · ');
  const lines = sheet.lines.flatMap(({ letter, name, load, work, easier, done }) => [
    '',
    `${letter} ${name}`,
    `  ${[load, work].filter(Boolean).join(', ')}`,
    ...(easier ? [`  too hard today: ${easier}`] : []),
    `  ${DONE} ${done}`.trimEnd(),
  ]);
  return [head, ...sheet.said, ...lines, ''].join('\n');
}

/**
 * What came back: the file with what was done in it, the message with sets behind "done:", or a few lines such as
 * "A1 12 12 10, 2 left". An exercise of which nothing is said has no result: nothing is made up.
 *
 * @param text of the file or message
 * @example readResults('A1 12 12 10\nA2 as asked') // { ok: true, results: [{ letter: 'A1', done: '12 12 10' }, …] }
 */
export function readResults(text: string): ResultsRead {
  const trimmed = text.trim();
  if (trimmed.startsWith('{')) return readFile(trimmed);
  const results: Result[] = [];
  let letter: string | undefined;
  for (const line of trimmed.split(/\r?\n/).map((one) => one.trim())) {
    const said = line.toLowerCase().startsWith(DONE) ? line.slice(DONE.length).trim() : undefined;
    if (said !== undefined) {
      if (said !== '' && letter !== undefined) results.push({ letter, done: said });
      continue;
    }
    const small = SMALL.exec(line);
    if (small && SAYS_SETS.test(small[2] ?? '')) {
      results.push({ letter: (small[1] ?? '').toUpperCase(), done: small[2] ?? '' });
      continue;
    }
    const [, found, rest = ''] = LETTERED.exec(line) ?? [];
    if (found === undefined) continue;
    if (SAYS_SETS.test(rest)) results.push({ letter: found, done: rest });
    else letter = found;
  }
  return results.length > 0
    ? { ok: true, results }
    : {
        ok: false,
        sentence: 'Nothing done was found: write a line for each exercise, such as “A1 12 12 10, 2 left”.',
      };
}

function readFile(text: string): ResultsRead {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return { ok: false, sentence: 'The file is cut short or changed: ask for it once more.' };
  }
  const checked = homeSheetSchema.safeParse(raw);
  if (!checked.success) {
    const [issue] = checked.error.issues;
    const isOurs = typeof raw === 'object' && raw !== null && 'format' in raw && raw.format === 'dray sheet';
    return {
      ok: false,
      sentence: isOurs && issue ? problemFrom(issue).sentence : 'This is not a sheet that left here.',
    };
  }
  const results = checked.data.lines
    .map(({ letter, done }) => ({ letter, done: done.trim() }))
    .filter(({ done }) => done !== '');
  return { ok: true, of: checked.data, results };
}

/**
 * What is typed for a set to be as it was asked; anything else is read as sets.
 *
 * @param done of a result
 * @example isAsAsked('as asked') // true
 */
export function isAsAsked(done: string): boolean {
  return /^(as asked|all|all done|ok|yes)\.?$/i.test(done.trim());
}

/**
 * Whether a result says that it was not done.
 *
 * @param done of a result
 * @example isNotDone('nothing') // true
 */
export function isNotDone(done: string): boolean {
  return /^(nothing|not done|no|-)\.?$/i.test(done.trim());
}
