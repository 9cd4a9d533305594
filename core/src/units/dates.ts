const DAY_MS = 86_400_000;

/** Whole days from one ISO date to another; negative when the second comes first. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
}
