/**
 * Keeps one answer a key, for as long as everything it came from is the same objects: documents are never changed in place, so
 * the same object is the same thing. The one cache of the resolver.
 */
export type Memo = <Answer>(
  key: string | number,
  inputs: readonly unknown[],
  compute: () => Answer,
) => Answer;

/**
 * A memory that is empty.
 *
 * @returns a function of a key, what the answer comes from, and how it is worked out
 * @example
 * const memo = createMemo();
 * memo('board', [session], () => draw(session)); // drawn
 * memo('board', [session], () => draw(session)); // the same object, not drawn again
 */
export function createMemo(): Memo {
  const kept = new Map<string | number, { readonly inputs: readonly unknown[]; readonly answer: unknown }>();
  return <Answer>(key: string | number, inputs: readonly unknown[], compute: () => Answer): Answer => {
    const known = kept.get(key);
    if (known && sameItems(known.inputs, inputs)) return known.answer as Answer;
    const answer = compute();
    kept.set(key, { inputs, answer });
    return answer;
  };
}

/** Whether two lists hold the very same things in the same order. */
function sameItems(a: readonly unknown[], b: readonly unknown[]): boolean {
  return a.length === b.length && a.every((item, index) => item === b[index]);
}
