/** How a session written as text is cut up, before anything in it is understood. */
/** A stretch of the text, by its places. */
export interface Clause {
  readonly from: number;
  readonly to: number;
  /** Begun with a dash: an exercise, whatever its first word is. */
  readonly bullet: boolean;
  /** An empty line stands before it. */
  readonly apart: boolean;
}

/** Where several spaces stand, they are looked at once, from the first of them. "10 then 8" is work, and so is “heavy then lighter” and “left leg all, then right”; anything else is cut there. */
const SPLIT =
  /\r?\n|;|(?<!\s),?\s*\b(?:and\s+)?then\b(?!\s+(?:\d+(?:\s*(?:reps?\b|if\b|then\b|,|$))|lighter\b|right\b))|(?<!\s),?\s*\bstraight into\b/giu;

/**
 * The clauses of a text, in order: lines, and their parts between semicolons, "then" and "straight into". Lines that begin
 * with # are titles and are handed to `onTitle` with their place.
 */
export function clausesOf(text: string, onTitle: (line: string, at: number) => void): Clause[] {
  const clauses: Clause[] = [];
  let apart = false;
  const take = (from: number, to: number) => {
    const inner = text.slice(from, to);
    if (inner.trim() === '') return false;
    const start = from + inner.length - inner.trimStart().length;
    const end = from + inner.trimEnd().length;
    const bullet = /^[-*•]\s+/u.exec(text.slice(start, end));
    clauses.push({ from: start + (bullet?.[0].length ?? 0), to: end, bullet: bullet !== null, apart });
    apart = false;
    return true;
  };
  let at = 0;
  for (const line of text.matchAll(/[^\n]*(?:\n|$)/gu)) {
    const end = at + line[0].replace(/\r?\n$/u, '').length;
    const whole = text.slice(at, end);
    if (whole.trim() === '') apart = true;
    else if (whole.trimStart().startsWith('#')) onTitle(whole, at);
    else {
      let from = at;
      // A line that begins with a dash is one exercise, whatever words stand in it.
      for (const cut of /^\s*[-*•]\s/u.test(whole) ? [] : splits(whole)) {
        take(from, at + cut.at);
        from = at + cut.at + cut.length;
      }
      take(from, end);
    }
    at += line[0].length;
  }
  return clauses;
}

/** Where a line is cut into clauses; never inside quotes. */
function splits(line: string): { at: number; length: number }[] {
  const quoted = [...line.matchAll(/"(?:[^"]|"")*"/gu)].map(({ index, 0: text }) => [
    index,
    index + text.length,
  ]);
  return [...line.matchAll(SPLIT)]
    .filter(({ index }) => !quoted.some(([start = 0, end = 0]) => index > start && index < end))
    .map(({ index, 0: text }) => ({ at: index, length: text.length }));
}

/** The colon that ends a name: outside quotes, not inside a time. */
export function colonAt(text: string, from: number, to: number): number | undefined {
  let quoted = false;
  for (let at = from; at < to; at += 1) {
    if (text[at] === '"') quoted = !quoted;
    if (text[at] === ':' && !quoted && !/\d/u.test(text[at + 1] ?? '')) return at;
  }
  return undefined;
}

/** A name and its twin, apart by a slash outside quotes. */
export function namesIn(text: string): string[] {
  const names: string[] = [];
  let quoted = false;
  let start = 0;
  for (let at = 0; at <= text.length; at += 1) {
    if (text[at] === '"') quoted = !quoted;
    if (at === text.length || (text[at] === '/' && !quoted)) {
      names.push(text.slice(start, at).trim());
      start = at + 1;
    }
  }
  return names;
}
