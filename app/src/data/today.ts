import { InjectionToken } from '@angular/core';

/** The day it is where the coach is, as an ISO date. */
export const TODAY = new InjectionToken<() => string>('the day it is', {
  providedIn: 'root',
  factory: () => () => isoDate(new Date()),
});

/** The local calendar day; `toISOString` would give the day in Greenwich. */
export function isoDate(now: Date): string {
  const two = (part: number) => String(part).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
