import { TestBed } from '@angular/core/testing';
import { provideFreshBrowser } from '../testing';
import { FLOOR_CLOCK } from './clock';
import { SPEAKER, type Sound } from './speaker';
import { WrittenSpeaker } from './written-speaker';

/** The evening of the demo’s class, on which every test of the floor begins. */
export const EVENING = Date.UTC(2026, 10, 24, 18, 30);

/** A fresh browser and a floor whose clock stands until it is moved; what would be heard is written down. */
export function provideFloor() {
  const db = provideFreshBrowser();
  const clock = { now: EVENING };
  const heard: Sound[] = [];
  TestBed.overrideProvider(FLOOR_CLOCK, { useValue: () => clock.now });
  TestBed.overrideProvider(SPEAKER, {
    useFactory: () => new WrittenSpeaker(() => clock.now, heard),
    deps: [],
  });
  return { db, clock, heard };
}
