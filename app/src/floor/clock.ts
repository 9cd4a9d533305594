import { InjectionToken } from '@angular/core';

/**
 * Milliseconds of a clock that never goes backwards while the page is open, near those of the day: what a computer’s clock is set
 * to in the middle of a class moves no bell.
 */
export const FLOOR_CLOCK = new InjectionToken<() => number>('the clock of the floor', {
  providedIn: 'root',
  factory: () => {
    const offset = Date.now() - performance.now();
    return () => Math.round(offset + performance.now());
  },
});
