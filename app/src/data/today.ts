import { DestroyRef, DOCUMENT, inject, InjectionToken, signal, type Signal } from '@angular/core';

/** The day it is where the coach is, as an ISO date; what reads it in a computed value moves on at midnight. */
export const TODAY = new InjectionToken<() => string>('the day it is', {
  providedIn: 'root',
  factory: () => dayNow(inject(DOCUMENT), inject(DestroyRef)),
});

/** The local calendar day; `toISOString` would give the day in Greenwich. */
export function isoDate(now: Date): string {
  const two = (part: number) => String(part).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** From midnight to midnight, and looked at again whenever the page is: a closed lid stops timers. */
function dayNow(page: Document, destroyed: DestroyRef): Signal<string> {
  const day = signal(isoDate(new Date()));
  let timer: ReturnType<typeof setTimeout>;
  const look = () => {
    day.set(isoDate(new Date()));
    clearTimeout(timer);
    timer = setTimeout(look, untilMidnight(new Date()));
  };
  look();
  page.addEventListener('visibilitychange', look);
  destroyed.onDestroy(() => {
    clearTimeout(timer);
    page.removeEventListener('visibilitychange', look);
  });
  return day.asReadonly();
}

/** Milliseconds to a moment after the next midnight here. */
function untilMidnight(now: Date): number {
  return new Date(now.getFullYear(), now.getMonth(), now.getDate() + 1, 0, 0, 1).getTime() - now.getTime();
}
