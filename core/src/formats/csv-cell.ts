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
