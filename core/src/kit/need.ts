import type { BandPath, Hold } from '../model';
import type { Wearer } from './recipe';

/** What one person will want of the kit in one exercise. */
export interface KitNeed {
  readonly participantId: string;
  /** "Juno, squat". */
  readonly label: string;
  readonly hold: Hold;
  readonly path?: BandPath | undefined;
  readonly wearer?: Wearer | undefined;
  /** What they could lift for `reps` now, whether the kit can make it or not. */
  readonly nowKg: number;
  readonly reps: number;
  readonly reserve: number;
  /** The most a load may grow in a step, in percent. */
  readonly capPercent: number;
}
