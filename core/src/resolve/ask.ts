import type { LeverSettings } from '../model';

/**
 * What a scheme asks of the coming week, given the last. The kit has the last word on loads, so a scheme asks and
 * `doseSlot` answers.
 */
export type Ask =
  /** Last week's load, this many reps or seconds. */
  | {
      readonly kind: 'amount';
      readonly amount: number;
      readonly reason: string;
      readonly gate?: boolean;
      /** Said in the cell where the work stands still for a reason the coach must see. */
      readonly stopped?: string;
      /** Sets, where they are not the plan's. */
      readonly sets?: number;
    }
  /** The next load up if the cap allows it, then back to `amountAfter`; else reps on towards its worth. */
  | {
      readonly kind: 'stepUp';
      readonly amountAfter: number;
      readonly stepAmount: number;
      readonly capPercent: number;
      readonly reason: string;
      readonly sets?: number;
    }
  /** No more than this load: it was too heavy. */
  | { readonly kind: 'stepDown'; readonly mostKg: number; readonly amount: number; readonly reason: string }
  /** Another version: a rung, with a lever moved where it is half of the way to the next. */
  | {
      readonly kind: 'harder';
      readonly rungId: string;
      readonly levers?: LeverSettings;
      readonly reason: string;
    }
  /** A wanted load for this many reps; what the kit falls short of is bridged. */
  | {
      readonly kind: 'load';
      readonly wantedKg: number;
      readonly amount: number;
      readonly capPercent: number;
      readonly reason: string;
      readonly sets?: number;
      /** Where the load may also go down: the load its cap counts from, the heaviest so far. */
      readonly capFromKg?: number;
    };
