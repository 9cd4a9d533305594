import type { LeverSettings } from '../model';

/** What a proposal asks the coach to agree to. */
export type ProposalKind =
  | 'hurt'
  | 'stepBack'
  | 'lighterWeek'
  | 'gate'
  | 'prerequisite'
  | 'progress'
  | 'bridge'
  | 'sides'
  | 'plateau'
  | 'hold'
  | 'tooEasy';

/** In the order in which they are read: what may hurt first, what stays the same last. */
export const PROPOSAL_KINDS: readonly ProposalKind[] = [
  'hurt',
  'stepBack',
  'lighterWeek',
  'tooEasy',
  'plateau',
  'sides',
  'gate',
  'prerequisite',
  'progress',
  'bridge',
  'hold',
];

export const PROPOSAL_WORDS: Record<ProposalKind, string> = {
  hurt: 'Hurts: do something else',
  stepBack: 'A step back',
  lighterWeek: 'A lighter week',
  tooEasy: 'Too easy for the class',
  plateau: 'No gain for weeks: change it',
  sides: 'One side behind',
  gate: 'Gate passed: the next rung',
  prerequisite: 'Another ladder opens',
  progress: 'More',
  bridge: 'More reps until the next load',
  hold: 'The same again',
};

/** What next week is set to when a proposal is agreed to. */
export interface Pin {
  readonly sets?: number | undefined;
  readonly amount?: number | undefined;
  readonly loadKg?: number | undefined;
  readonly rungId?: string | undefined;
  readonly exerciseId?: string | undefined;
  readonly levers?: LeverSettings | undefined;
}

/** One way on from a week. */
export type Way = Pick<Proposal, 'kind' | 'reason' | 'next' | 'pin' | 'lasting'>;

/** One thing the log says of one slot of one person, or of a slot of the whole class. */
export interface Proposal {
  readonly id: string;
  readonly kind: ProposalKind;
  /** Absent where it is about the class. */
  readonly participantId?: string | undefined;
  readonly slotId: string;
  readonly sessionId: string;
  /** The week that was looked at. */
  readonly week: number;
  /** The one it proposes for: the next in which the session stands. */
  readonly forWeek: number;
  readonly slotName: string;
  readonly letter: string;
  /** What was done, in words. */
  readonly evidence: string;
  /** Why, in a sentence. */
  readonly reason: string;
  /** What next week would be, in words. */
  readonly next: string;
  readonly pin: Pin;
  /** From now on, not only next week: another version. */
  readonly lasting: boolean;
  /** The other way on, where there is one: the scheme's beside another version, another version beside the scheme's. */
  readonly rather?: Way | undefined;
  /** What declining it leaves: the week's own numbers. */
  readonly same: Pin;
}
