import { inject, Injectable, signal } from '@angular/core';
import type { Exercise } from '@dray/core';
import {
  measuredWith,
  NOT_MEASURED,
  paceSeen,
  secondsAtPace,
  type Measured,
  type Pace,
  type Run,
} from '@dray/core/late';
import { Device } from '../data/device';

/** How a coach runs a class on this device. */
export interface Choices {
  /** What the space bar and a touch anywhere do. */
  readonly touch: 'next' | 'pause';
  /** A usual one, or what finished classes took, exercise by exercise. */
  readonly pace: Pace | 'measured';
  /** Minutes from one break for water to the next; 0 for none. */
  readonly waterMinutes: number;
  readonly sounds: boolean;
  readonly voice: boolean;
  /** From 0 to 10. */
  readonly volume: number;
}

const USUAL_PACE: Pace = 'steady';
const USUAL: Choices = {
  touch: 'next',
  pace: USUAL_PACE,
  waterMinutes: 0,
  sounds: true,
  voice: true,
  volume: 8,
};
const KEPT = 'floor choices';
const MEASURED = 'floor pace';
/** So many sets of an exercise have to be timed before they are believed. Common practice, no published source. */
const ENOUGH_TIMES = 3;

/** Kept on this device, for every class. */
@Injectable({ providedIn: 'root' })
export class FloorChoices {
  private readonly device = inject(Device);
  private readonly chosen = signal(USUAL);
  readonly all = this.chosen.asReadonly();
  private readonly seen = signal<Readonly<Record<string, Measured>>>({});
  /** Seconds a repetition, by exercise, over all classes that were run on this device. */
  readonly measured = this.seen.asReadonly();

  constructor() {
    void this.device
      .get<Partial<Choices>>(KEPT)
      .then((kept) => kept && this.chosen.update((now) => ({ ...now, ...kept })))
      .catch(() => undefined);
    void this.device
      .get<Record<string, Measured>>(MEASURED)
      .then((kept) => kept && this.seen.set(kept))
      .catch(() => undefined);
  }

  /** Seconds a repetition of an exercise at the pace that was chosen. */
  secondsPerRep(exercise: Exercise): number {
    const { pace } = this.chosen();
    if (pace !== 'measured') return secondsAtPace(exercise, pace);
    const { times, mean } = this.seen()[exercise.id] ?? NOT_MEASURED;
    return times >= ENOUGH_TIMES ? mean : secondsAtPace(exercise, USUAL_PACE);
  }

  /** What a class that is over tells of how long repetitions take. */
  learn(run: Run): void {
    const seen = { ...this.seen() };
    for (const { exerciseId, seconds } of paceSeen(run))
      seen[exerciseId] = measuredWith(seen[exerciseId] ?? NOT_MEASURED, seconds);
    this.seen.set(seen);
    void this.device.set(MEASURED, seen).catch(() => undefined);
  }

  choose(change: Partial<Choices>): void {
    this.chosen.update((now) => ({ ...now, ...change }));
    void this.device.set(KEPT, this.chosen()).catch(() => undefined);
  }
}
