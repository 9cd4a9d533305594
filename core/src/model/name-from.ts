import { MOST_NAME } from './vocabulary';

/**
 * A name for what is made from something else: no longer than a name may be, and none that is taken already.
 *
 * @param name of what it comes from
 * @param say what it becomes; what is said beside the name stays whole, the name is shortened for it
 * @param taken names that are in use; capitals make no difference
 * @example nameFrom('Loft rack', (name) => `${name}, copy`, ['Loft rack', 'loft rack, copy']) // 'Loft rack, copy 2'
 */
export function nameFrom(name: string, say: (name: string) => string, taken: readonly string[] = []): string {
  const known = new Set(taken.map((one) => one.toLowerCase()));
  for (let count = 1; ; count += 1) {
    const own = fitting(name, (short) => (count === 1 ? say(short) : `${say(short)} ${count}`));
    if (!known.has(own.toLowerCase())) return own;
  }
}

/** A letter that takes two places is not cut through. */
function fitting(name: string, say: (name: string) => string): string {
  const over = say(name).length - MOST_NAME;
  if (over <= 0) return say(name);
  const short = name.slice(0, Math.max(0, name.length - over));
  return say(short.replace(/[\uD800-\uDBFF]$/, '').trimEnd());
}
