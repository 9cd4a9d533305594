/**
 * How many letters have to be put in, taken out, changed, or swapped with their neighbour to make one word of another. Source:
 * Levenshtein 1966; the swap Damerau 1964, each pair of letters touched once (optimal string alignment).
 *
 * @param a one word
 * @param b the other
 * @param most what is still of interest: words further apart come out as Infinity, sooner
 * @example editDistance('sqaut', 'squat') // 1
 */
export function editDistance(a: string, b: string, most = Infinity): number {
  if (Math.abs(a.length - b.length) > most) return Infinity;
  let before: number[] = [];
  let row = Array.from({ length: b.length + 1 }, (_, at) => at);
  let nearestBefore = 0;
  for (let i = 1; i <= a.length; i += 1) {
    const next = [i];
    let nearest = i;
    for (let j = 1; j <= b.length; j += 1) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      const swapped = i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1];
      const letters = Math.min(
        (next[j - 1] ?? 0) + 1,
        (row[j] ?? 0) + 1,
        (row[j - 1] ?? 0) + same,
        swapped ? (before[j - 2] ?? 0) + 1 : Infinity,
      );
      next[j] = letters;
      nearest = Math.min(nearest, letters);
    }
    // What comes goes on from this row, or swaps from the one before.
    if (nearest > most && nearestBefore >= most) return Infinity;
    nearestBefore = nearest;
    before = row;
    row = next;
  }
  const letters = row[b.length] ?? 0;
  return letters > most ? Infinity : letters;
}
