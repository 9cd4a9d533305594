/** In which order a file writes the parts of its dates. */
export type DateOrder = 'year first' | 'day first' | 'month first';

const ISO = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})/;
const OTHER = /^(\d{1,2})[-/. ](\d{1,2})[-/. ](\d{4})/;
const MOST_MONTHS = 12;

/** The ISO date of a written one; undefined when it is none, or not on the calendar. */
export function readDate(text: string, order: DateOrder): string | undefined {
  const iso = ISO.exec(text);
  if (iso) return isoDate(iso[1], iso[2], iso[3]);
  const other = OTHER.exec(text);
  if (!other) return undefined;
  return order === 'month first'
    ? isoDate(other[3], other[1], other[2])
    : isoDate(other[3], other[2], other[1]);
}

/** The order that all dates of a column fit; the day first, and `guessed`, where nothing tells. */
export function dateOrderOf(dates: readonly string[]): { dateOrder: DateOrder; dateOrderGuessed: boolean } {
  let monthFirst = false;
  let dayFirst = false;
  let any = false;
  for (const date of dates) {
    const parts = OTHER.exec(date);
    if (!parts) continue;
    any = true;
    if (Number(parts[1]) > MOST_MONTHS) dayFirst = true;
    if (Number(parts[2]) > MOST_MONTHS) monthFirst = true;
  }
  if (!any) return { dateOrder: 'year first', dateOrderGuessed: false };
  return {
    dateOrder: monthFirst && !dayFirst ? 'month first' : 'day first',
    dateOrderGuessed: monthFirst === dayFirst,
  };
}

function isoDate(year = '', month = '', day = ''): string | undefined {
  const iso = `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`;
  const parsed = new Date(`${iso}T00:00:00Z`);
  const real = !Number.isNaN(parsed.getTime()) && parsed.toISOString().startsWith(iso);
  return real ? iso : undefined;
}
