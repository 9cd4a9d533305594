import { addDays, daysBetween } from '@dray/core';

/** The Monday on which the demo's fifth week begins, as it was written. */
const WRITTEN_FOR = '2026-11-23';
const DAYS_A_WEEK = 7;
const DATES = /"(date|startDate|from|to)":(\s*)"(\d{4}-\d\d-\d\d)"/g;

/** The demo's text with all dates moved by whole weeks, so that its fifth week is the present one. */
export function demoFor(today: string, text: string): string {
  const weeks = Math.floor(daysBetween(WRITTEN_FOR, today) / DAYS_A_WEEK);
  if (weeks === 0) return text;
  return text.replace(DATES, (_, key: string, space: string, date: string) => {
    return `"${key}":${space}"${addDays(date, weeks * DAYS_A_WEEK)}"`;
  });
}
