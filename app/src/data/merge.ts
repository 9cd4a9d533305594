/** Whose word counts where two have changed the same field: a new edit’s own, or, when taking back, what stands there now. */
export type Prefer = 'mine' | 'theirs';

/** What two changes of one thing come to, and whether they met in some field. */
export interface Merged {
  readonly value: unknown;
  readonly clash: boolean;
}

/**
 * Brings two changes of the same thing together, field by field, from what both began with. Lists of things with ids go thing by
 * thing, cautions by their condition; any other list entry by entry.
 *
 * @param base what both began with
 * @param mine what this change makes of it
 * @param theirs what stands there now
 */
export function merge(base: unknown, mine: unknown, theirs: unknown, prefer: Prefer): Merged {
  if (same(mine, theirs) || same(base, theirs)) return { value: mine, clash: false };
  if (same(base, mine)) return { value: theirs, clash: false };
  if (isRecord(mine) && isRecord(theirs) && !isOne(mine) && !isOne(theirs)) {
    return mergeFields(isRecord(base) ? base : {}, mine, theirs, prefer);
  }
  if (Array.isArray(base) && Array.isArray(mine) && Array.isArray(theirs)) {
    if ([base, mine, theirs].every(isIdentified)) return mergeThings(base, mine, theirs, prefer);
    if ([base, mine, theirs].every(isWords)) return { value: mergeEntries(base, mine, theirs), clash: false };
    if (mine.length === base.length && theirs.length === base.length) {
      return all(mine.map((value: unknown, at) => merge(base[at], value, theirs[at], prefer)));
    }
    return { value: mergeEntries(base, mine, theirs), clash: false };
  }
  return { value: prefer === 'mine' ? mine : theirs, clash: true };
}

/** Whether two values say the same. */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b)) {
    return a.length === b.length && a.every((value, at) => same(value, b[at]));
  }
  if (!isRecord(a) || !isRecord(b)) return false;
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].every((key) => same(a[key], b[key]));
}

/** Whether a thing’s fields only make sense together: repetitions from 8 to 10, a holiday from one day to another. */
function isOne(thing: Fields): boolean {
  return !('id' in thing) && ['kind', 'from', 'low', 'min'].some((field) => field in thing);
}

type Fields = Readonly<Record<string, unknown>>;
type Thing = Fields;

/** By what a thing is known in its list: its id, or, as cautions have none, the condition. A caution is never lost to another. */
function keyOf({ id, condition }: Thing): string {
  return String(id ?? condition);
}

function mergeFields(base: Fields, mine: Fields, theirs: Fields, prefer: Prefer): Merged {
  const keys = [...new Set([...Object.keys(theirs), ...Object.keys(mine)])];
  const fields = keys.map((key) => [key, merge(base[key], mine[key], theirs[key], prefer)] as const);
  return {
    value: Object.fromEntries(
      fields.flatMap(([key, { value }]) => (value === undefined ? [] : [[key, value]])),
    ),
    clash: fields.some(([, { clash }]) => clash),
  };
}

/**
 * In the order of mine, with what they have put in behind the thing it stands behind there. What one has deleted and the other has
 * changed stays: nothing anybody wrote goes unseen.
 */
function mergeThings(
  base: readonly Thing[],
  mine: readonly Thing[],
  theirs: readonly Thing[],
  prefer: Prefer,
): Merged {
  const [began, own, other] = [byId(base), byId(mine), byId(theirs)];
  let clash = false;
  const order = mine.map(keyOf);
  theirs.forEach((thing, at) => {
    if (own.has(keyOf(thing))) return;
    const behind = theirs[at - 1];
    order.splice(behind === undefined ? 0 : order.indexOf(keyOf(behind)) + 1, 0, keyOf(thing));
  });
  const value = order.flatMap((id) => {
    const [start, here, there] = [began.get(id), own.get(id), other.get(id)];
    if (here && there) {
      const merged = merge(start, here, there, prefer);
      clash ||= merged.clash;
      return [merged.value];
    }
    const left = here ?? there;
    if (start === undefined) return [left];
    // Deleted by one: gone, unless the other has changed it meanwhile.
    if (same(left, start)) return [];
    clash = true;
    return [left];
  });
  return { value, clash };
}

/** What both keep, and what either has put in: a set that was written down, a day of a week. */
function mergeEntries(
  base: readonly unknown[],
  mine: readonly unknown[],
  theirs: readonly unknown[],
): unknown[] {
  const among = (list: readonly unknown[], entry: unknown) => list.some((other) => same(other, entry));
  const kept = theirs.filter((entry) => !among(base, entry) || among(mine, entry));
  return [...kept, ...mine.filter((entry) => !among(base, entry) && !among(theirs, entry))];
}

function all(merged: readonly Merged[]): Merged {
  return { value: merged.map(({ value }) => value), clash: merged.some(({ clash }) => clash) };
}

function byId(things: readonly Thing[]): ReadonlyMap<string, Thing> {
  return new Map(things.map((thing) => [keyOf(thing), thing]));
}

type Word = string | number;

function isWords(list: unknown): list is Word[] {
  return (
    Array.isArray(list) &&
    list.every((word) => typeof word === 'string' || typeof word === 'number') &&
    new Set(list).size === list.length
  );
}

function isIdentified(list: unknown): list is Thing[] {
  return (
    Array.isArray(list) &&
    list.every((thing) => isRecord(thing) && typeof (thing['id'] ?? thing['condition']) === 'string')
  );
}

function isRecord(value: unknown): value is Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
