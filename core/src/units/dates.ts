const DAY_MS = 86_400_000;
const DAYS_A_WEEK = 7;
/** 1 January 1970 was a Thursday. */
const EPOCH_WEEKDAY = 4;

/** Whole days from one ISO date to another; negative when the second comes first. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
}

/** The ISO date so many days after another. */
export function addDays(date: string, days: number): string {
  return new Date(Date.parse(date) + days * DAY_MS).toISOString().slice(0, 'yyyy-mm-dd'.length);
}

/** From 1, Monday, to 7, Sunday, as ISO 8601 counts. */
export function weekdayOf(date: string): number {
  const days = Math.floor(Date.parse(date) / DAY_MS);
  return ((((days + EPOCH_WEEKDAY - 1) % DAYS_A_WEEK) + DAYS_A_WEEK) % DAYS_A_WEEK) + 1;
}
