import { isBig, isIsolation, type Exercise, type Pace, type Timing } from '../model';

/**
 * Seconds a repetition in a led class: small movements, big ones, heavy ones. Common practice, no published source. Slow
 * strength work takes what the exercise says; steady stands half-way.
 */
const LED_SECONDS = { small: 1.8, big: 2.5, heavy: 3.5 } as const;

/** Movements this long are long because of the way they go, a walk-out to a plank: no pace makes them short. Common practice. */
const LONG_SECONDS = 6;

function sizeOf(exercise: Exercise): keyof typeof LED_SECONDS {
  if (isIsolation(exercise)) return 'small';
  return isBig(exercise) && exercise.loading?.required ? 'heavy' : 'big';
}

/**
 * Seconds one repetition takes in a class of a pace: never longer than the exercise's own.
 *
 * @param exercise with its own seconds a repetition, those of slow strength work
 * @param pace of the session; slow when absent
 * @example secondsAtPace(curl, 'led') // 1.8
 */
export function secondsAtPace(exercise: Exercise, pace: Pace = 'slow'): number {
  const slow = exercise.secondsPerRep;
  if (pace === 'slow' || slow >= LONG_SECONDS) return slow;
  const led = Math.min(slow, LED_SECONDS[sizeOf(exercise)]);
  return pace === 'led' ? led : (led + slow) / 2;
}

/** How fast a session goes: its pace, and seconds a repetition that were measured, by exercise. */
export interface Pacing {
  readonly pace?: Pace | undefined;
  readonly perRep?: Timing['perRep'];
}

/**
 * An exercise as it goes in a session: its repetitions as long as they were measured, else as long as the pace has them.
 *
 * @param exercise as the library has it
 * @param pacing of the session
 * @example atPace(curl, { pace: 'led' }).secondsPerRep // 1.8
 */
export function atPace(exercise: Exercise, { pace, perRep }: Pacing): Exercise {
  const secondsPerRep = perRep?.[exercise.id] ?? secondsAtPace(exercise, pace);
  return secondsPerRep === exercise.secondsPerRep ? exercise : { ...exercise, secondsPerRep };
}
