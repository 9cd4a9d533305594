import type { LogEntry, Side } from '../model';

/**
 * A side this much behind the other is worth leading with. Source: limb symmetry index of at least 85 %, Noyes, Barber & Mangine
 * 1991 (from memory); taken from legs to all limbs, which is common practice.
 */
export const SYMMETRY = 0.85;

export interface SideDifference {
  readonly weaker: Side;
  /** Of the weaker in its shortest set. */
  readonly weakerAmount: number;
  /** The weaker side's work as a share of the stronger one's. */
  readonly share: number;
}

/**
 * How the two sides of the same sets compare.
 *
 * @param entries of one visit
 * @returns undefined where not both sides were written down, or they are near enough
 * @example sideDifference(entries)?.weaker // 'left'
 */
export function sideDifference(entries: readonly LogEntry[]): SideDifference | undefined {
  // A time on one side and repetitions on the other say nothing of each other.
  if (new Set(entries.map(({ counted }) => counted)).size > 1) return undefined;
  const work = { left: 0, right: 0 };
  const least = { left: Infinity, right: Infinity };
  for (const { side, amount, loadKg } of entries) {
    if (!side) continue;
    work[side] += amount * (loadKg ?? 1);
    least[side] = Math.min(least[side], amount);
  }
  if (work.left === 0 || work.right === 0) return undefined;
  const weaker: Side = work.left < work.right ? 'left' : 'right';
  const share = Math.min(work.left, work.right) / Math.max(work.left, work.right);
  return share < SYMMETRY ? { weaker, weakerAmount: least[weaker], share } : undefined;
}
