/**
 * Items by what a key says of each, in the order in which they come.
 *
 * @param items in any order
 * @param key of an item
 * @example groupBy(log, ({ date }) => date).get('2026-11-24')?.length // 12 sets of that day
 */
export function groupBy<Item>(items: readonly Item[], key: (item: Item) => string): Map<string, Item[]> {
  const groups = new Map<string, Item[]>();
  for (const item of items) {
    const own = key(item);
    const group = groups.get(own);
    if (group) group.push(item);
    else groups.set(own, [item]);
  }
  return groups;
}
