import type { Amount, LeverSettings } from '../model';
import type { CellReason } from '../reason';

/**
 * What is asked of the coming week, given the last. The kit has the last word on loads, so a scheme asks and `attainable`
 * answers.
 */
export type Ask =
  /** Nothing is known of a week before: the plan's own amount, at the load that strength wants. */
  | { readonly kind: 'begin'; readonly amount: Amount }
  /** The load of the week before, or the one that was really used; this many reps or seconds. */
  | {
      readonly kind: 'repeat';
      readonly amount: Amount;
      readonly reason: CellReason;
      /** The load to go on from, where it is not the one that was asked. */
      readonly fromKg?: number;
      /** The amount before it became a whole number, where it grows by a share. */
      readonly aim?: number;
      /** The scheme has nothing more to add here: what the way to the next rung still needs is said. */
      readonly full?: boolean;
      /** Sets, where they are not the plan's. */
      readonly sets?: number;
    }
  /** The next load up: within the cap, or because it is earned; else on towards it. */
  | {
      readonly kind: 'stepUp';
      /** What was made with the load at hand and what is asked to be left, counting what was left beyond. */
      readonly able: Amount;
      /** The plan's low end: reps with the next load that earn a step past the cap. */
      readonly low: Amount;
      /** No more than this after the step. */
      readonly most: Amount;
      /** Reps added at a time towards a load that is too far. */
      readonly stepReps: number;
      readonly capPercent: number;
      /** As far as the cap allows, not the easiest step. */
      readonly big?: boolean;
      readonly reason: CellReason;
      readonly sets?: number;
    }
  /** No more than this load: it was too heavy. */
  | {
      readonly kind: 'stepDown';
      readonly mostKg: number;
      readonly amount: Amount;
      readonly reason: CellReason;
    }
  /** Another version: a rung, with a lever moved where it is half of the way to the next. */
  | {
      readonly kind: 'harder';
      readonly rungId: string;
      readonly levers?: LeverSettings;
      readonly reason: CellReason;
    }
  /** A wanted load for this many reps; what the kit falls short of is bridged. */
  | {
      readonly kind: 'load';
      readonly wantedKg: number;
      readonly amount: Amount;
      readonly capPercent: number;
      readonly reason: CellReason;
      readonly sets?: number;
      /** Where the load may also go down: the load its cap counts from, the heaviest so far. */
      readonly capFromKg?: number;
    };
