/** Park & Miller’s generator: the same documents each time. */
export function chances(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

/**
 * Somewhere in a document, something else: a value of another kind or beyond its limits, a list turned round, one thing twice or gone.
 */
export function tamper(value: unknown, chance: () => number): unknown {
  const within = (most: number) => Math.floor(chance() * most);
  if (chance() < 0.12 || typeof value !== 'object' || value === null) {
    const others = [null, -1, 1e9, '', 'x'.repeat(300), [], {}, true, NaN, '2026-13-45', 'juno', undefined];
    return others[within(others.length)];
  }
  if (Array.isArray(value)) {
    const list = [...(value as unknown[])];
    if (list.length === 0) return [{}];
    const at = within(list.length);
    const ways = [
      () => list.splice(at, 1),
      () => list.push(list[at]),
      () => list.reverse(),
      () => (list[at] = tamper(list[at], chance)),
      () => (list[at] = tamper(list[at], chance)),
    ];
    ways[within(ways.length)]!();
    return list;
  }
  const keys = Object.keys(value);
  const key = keys[within(keys.length)] ?? 'new';
  const own = value as Record<string, unknown>;
  return { ...own, [key]: tamper(own[key], chance) };
}
