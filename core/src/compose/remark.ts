import type { Muscle, Participant, Session, Tier, Timing } from '../model';
import type { Catalog } from '../ladder';
import type { Member } from './effort';

export type RemarkKind =
  | 'noWarmUp'
  | 'sameMuscle'
  | 'isolationFirst'
  | 'upAndDown'
  | 'longStrain'
  | 'unequalSides'
  | 'overTime'
  | 'missed'
  | 'alone'
  | 'empty';

/** What a colleague would say, and what they would do about it. */
export interface Remark {
  /** The same for the same thing said again, so that it can be waved away for good. */
  readonly id: string;
  readonly kind: RemarkKind;
  readonly sentence: string;
  /** Where it points. */
  readonly slotIds: readonly string[];
  readonly mend?: { readonly words: string; readonly apply: (session: Session) => Session };
}

export interface ReviewContext {
  readonly tier: Tier;
  readonly catalog: Catalog;
  /** Who is in the class. */
  readonly participants: readonly Participant[];
  readonly newId: () => string;
  readonly timing?: Timing | undefined;
}

/** The muscle that does most of it. */
export function mainMuscle({ version }: Member): Muscle {
  return version.exercise.muscles.reduce((most, own) => (own.share > most.share ? own : most)).muscle;
}

/** A muscle that takes a good part in it. */
export function needs({ version }: Member, muscle: Muscle): boolean {
  return version.exercise.muscles.some((own) => own.muscle === muscle && own.share >= 0.5);
}

/** Where a block stands in a session. */
export function indexOf(session: Session, blockId: string): number {
  return session.blocks.findIndex(({ id }) => id === blockId);
}

/** "a, b and c". */
export function listed(words: readonly string[]): string {
  return words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;
}
