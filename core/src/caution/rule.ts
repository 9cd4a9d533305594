import type { Condition, Demand, LeverKind, SurgeryPlace } from '../model';

/**
 * What holds a person down beside a condition: what they answered before the first session, what their pressure is, where they
 * were operated on.
 */
export type StandingHold =
  | 'symptoms'
  | 'clinicianFirst'
  | 'startGently'
  | 'pressureUnknown'
  | 'pressureHigh'
  | 'pressureTooHigh'
  | 'neverOverhead'
  | 'surgeryUnsaid'
  | `surgery:${SurgeryPlace}`;

/** Whom a rule is for. */
export type CautionSubject = Condition | StandingHold;

/** What a rule does when its demand is met. */
export type CautionAction =
  | { readonly kind: 'block' }
  /** Move a lever to its easier side of a limit; `words` name the version it makes. */
  | { readonly kind: 'adapt'; readonly lever: LeverKind; readonly limit: number; readonly words: string }
  /** Done with a hand on something that stands; a load only where the other hand is free for it. */
  | { readonly kind: 'holdOn' }
  /** Keep the exercise, hold the effort down. */
  | { readonly kind: 'ease'; readonly reserveAtLeast?: number; readonly holdAtMostSeconds?: number }
  | { readonly kind: 'warn' };

export interface CautionRule {
  readonly condition: CautionSubject;
  /**
   * A demand, or: "held", anything done with a load; "effort", everything but loosening up and balance; "anything" at all.
   */
  readonly demand: Demand | 'held' | 'effort' | 'anything';
  readonly action: CautionAction;
  /** For the mark in a cell: a few words. */
  readonly mark: string;
  /** For the participant: a sentence. */
  readonly words: string;
  readonly source: string;
}

/** A rule of the table, without the subject it stands under. */
export type Row = readonly [
  demand: CautionRule['demand'],
  action: CautionAction,
  mark: string,
  words: string,
  source?: string,
];

export const COMMON = 'common practice, no published source';

export const BLOCK: CautionAction = { kind: 'block' };
export const WARN: CautionAction = { kind: 'warn' };
export const HOLD_ON: CautionAction = { kind: 'holdOn' };
export const ease = (reserveAtLeast?: number, holdAtMostSeconds?: number): CautionAction => ({
  kind: 'ease',
  ...(reserveAtLeast !== undefined && { reserveAtLeast }),
  ...(holdAtMostSeconds !== undefined && { holdAtMostSeconds }),
});
export const adapt = (lever: LeverKind, limit: number, words: string): CautionAction => ({
  kind: 'adapt',
  lever,
  limit,
  words,
});
