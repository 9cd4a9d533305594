import type { LogEntry, Override } from '../model';
import type { Reason } from '../reason';
import type { Cell } from '../resolve';

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
  tooEasy: 'Too easy',
  plateau: 'No gain for weeks: change it',
  sides: 'One side behind',
  gate: 'Gate passed: the next rung',
  prerequisite: 'Another ladder opens',
  progress: 'More',
  bridge: 'More reps until the next load',
  hold: 'The same again',
};

/**
 * Whether proposals of a kind are decided one by one: what hurts is never agreed to together with everything else.
 *
 * @param kind of proposal
 * @example isOneByOne('hurt') // true
 */
export function isOneByOne(kind: ProposalKind): boolean {
  return kind === 'hurt';
}

/** Reps left beyond what was asked that make a set easy for the class. Common practice, no published source. */
export const EASY_REPS_LEFT = 2;
/** Reps that an easy prescription is raised by. */
export const RAISE_REPS = 2;

/** What next week is set to when a proposal is agreed to. */
export type Pin = Pick<
  Override,
  'sets' | 'amount' | 'counted' | 'loadKg' | 'rungId' | 'exerciseId' | 'levers' | 'leaveOut' | 'lighter'
>;

/** One way on from a week. */
export interface Way {
  readonly kind: ProposalKind;
  /** Why. */
  readonly reasons: readonly Reason[];
  /** What next week's board will say when it is agreed to; absent where it is about the class, or nothing is left. */
  readonly next?: Cell | undefined;
  readonly pin: Pin;
  /** Its version is for good, not only for next week; the numbers are next week's either way. */
  readonly lasting: boolean;
}

/** One thing the log says of one slot of one person, or of a slot of the whole class. */
export interface Proposal extends Way {
  readonly id: string;
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
  /** What was done. */
  readonly done: readonly LogEntry[];
  /** Of the class: how many of those who did it had more in them. */
  readonly easyFor?: { readonly people: number; readonly of: number } | undefined;
  /** The other way on, where there is one: the scheme's beside another version, another version beside the scheme's. */
  readonly otherWay?: Way | undefined;
  /** What declining it leaves: the week's own numbers. */
  readonly same: Pin;
}
