import Papa from 'papaparse';

/** What a spreadsheet would take for a formula, whatever stands before it to say that it is none. */
const FORMULA = /^'*[=+\-@\t\r]/;
const DEFUSED = /^'(?='*[=+\-@\t\r])/;

/**
 * How a table is written: a text that a spreadsheet would work out as a formula gets an apostrophe before it. `asMeant` takes it
 * away again. Common practice, no published source.
 */
export const CSV_WRITING = { newline: '\r\n', escapeFormulae: FORMULA } as const;

/**
 * A cell as it was before it was written with `CSV_WRITING`.
 *
 * @example asMeant("'=1+1") // '=1+1'
 */
export function asMeant(cell: string): string {
  return cell.startsWith("'") ? cell.replace(DEFUSED, '') : cell;
}

/** A table as its text says it: cells of a line, one a column. */
export type Line = readonly string[];

/** So many letters of a table say what stands between its columns; all of a large one would be taken apart for it. */
const ENOUGH_TO_TELL = 100_000;

/**
 * A table without the mark some programs put at its beginning, and what stands between its columns: empty lines say nothing of it,
 * but they count as lines.
 *
 * @param text of a file
 * @example tableIn('\n\nname;reps\nIda;8').delimiter // ';'
 */
export function tableIn(text: string): { readonly table: string; readonly delimiter: string } {
  const table = text.replace(/^\uFEFF/, '');
  const first = table.slice(0, ENOUGH_TO_TELL);
  const { delimiter } = Papa.parse<Line>(first, { preview: 1, skipEmptyLines: 'greedy' }).meta;
  return { table, delimiter };
}

/**
 * Whether nothing stands in a line.
 *
 * @example isEmptyLine([' ', '']) // true
 */
export function isEmptyLine(line: Line): boolean {
  return line.every((cell) => cell.trim() === '');
}
