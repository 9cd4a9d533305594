import type { Exercise, Prop, Timing } from '../model';

/** Times between the work, in seconds. Common practice, no published source; a coach may set their own. */
export const USUAL_TIMING: Required<Timing> = {
  perRep: {},
  /** Taking position for another exercise. */
  setUpSeconds: 4,
  /** Putting one thing down and taking up the next, beside taking position. */
  changeSeconds: 8,
  /** Getting down to the floor, or up from it. */
  floorSeconds: 8,
  /** Walking to where something stands or hangs, or away from it. */
  wallSeconds: 6,
  /** Changing sides in the middle of a set. */
  sideSeconds: 4,
};

/** A time between the work. */
export type TimingKey = Exclude<keyof Timing, 'perRep'>;

/** What a coach reads where the times are set. */
export const TIMING_WORDS: Record<TimingKey, string> = {
  setUpSeconds: 'taking position for another exercise',
  changeSeconds: 'changing the thing held, beside that',
  floorSeconds: 'getting down to the floor, or up',
  wallSeconds: 'walking to a wall, a post or a bar, or back',
  sideSeconds: 'changing sides in the middle of a set',
};

/** Things that stand where they stand: people go to them. */
const FIXED_PLACES: ReadonlySet<Prop> = new Set(['wall', 'counter', 'post', 'anchor', 'overheadBar']);

export function isOnFloor(exercise: Exercise | undefined): boolean {
  return exercise !== undefined && exercise.position !== 'standing' && exercise.position !== 'seated';
}

/** Where somebody is and what they hold, as far as getting to the next exercise goes. */
export interface Station {
  /** One exercise at one setting. */
  readonly doing: string;
  /** What is held, "" for nothing. */
  readonly holding: string;
  readonly onFloor: boolean;
  /** "" for anywhere. */
  readonly place: string;
}

export function stationOf(
  doing: string,
  exercise: Exercise | undefined,
  needs: Exercise['needs'],
  holding: string,
): Station {
  const place = needs.flat().find((prop) => FIXED_PLACES.has(prop)) ?? '';
  return { doing, holding, onFloor: isOnFloor(exercise), place };
}

/** Seconds from one station to the next; none for more of the same. */
export function secondsBetween(from: Station, to: Station, timing: Required<Timing>): number {
  return partsBetween(from, to).reduce((sum, key) => sum + timing[key], 0);
}

/**
 * What getting from one station to the next is made of; nothing for more of the same.
 *
 * @example partsBetween(standingFree, lyingFree) // ['setUpSeconds', 'floorSeconds']
 */
export function partsBetween(from: Station, to: Station): TimingKey[] {
  if (from.doing === to.doing) return [];
  const parts: readonly (readonly [TimingKey, boolean])[] = [
    ['setUpSeconds', true],
    ['changeSeconds', from.holding !== to.holding],
    ['floorSeconds', from.onFloor !== to.onFloor],
    ['wallSeconds', from.place !== to.place],
  ];
  return parts.flatMap(([key, takes]) => (takes ? [key] : []));
}
