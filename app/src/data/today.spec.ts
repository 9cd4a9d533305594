import { TestBed } from '@angular/core/testing';
import { computed } from '@angular/core';
import { isoDate, TODAY } from './today';

describe('TODAY', () => {
  beforeEach(() => {
    jasmine.clock().install();
  });

  afterEach(() => {
    jasmine.clock().uninstall();
  });

  it('moves on at midnight, and so does what was worked out from it', () => {
    jasmine.clock().mockDate(new Date(2026, 10, 24, 23, 59, 30));
    const today = TestBed.inject(TODAY);
    const says = computed(() => `it is ${today()}`);
    expect(says()).toBe('it is 2026-11-24');
    jasmine.clock().tick(31_000);
    expect(says()).toBe('it is 2026-11-25');
    jasmine.clock().tick(24 * 3600 * 1000);
    expect(says()).toBe('it is 2026-11-26');
  });

  it('is looked at again when the page is, since a closed lid stops timers', () => {
    jasmine.clock().mockDate(new Date(2026, 10, 24, 12));
    const today = TestBed.inject(TODAY);
    jasmine.clock().mockDate(new Date(2026, 10, 27, 8));
    expect(today()).toBe('2026-11-24');
    document.dispatchEvent(new Event('visibilitychange'));
    expect(today()).toBe('2026-11-27');
  });

  it('is the day of the calendar here', () => {
    expect(isoDate(new Date(2026, 0, 3, 0, 5))).toBe('2026-01-03');
  });
});
