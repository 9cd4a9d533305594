import { InjectionToken } from '@angular/core';
import type { BestAddition } from '@dray/core/late';
import type { DrayDocument } from '@dray/core';
import { ask } from './ask';

/** One week of a slot, as far as a path shows it. */
export interface PathWeek {
  readonly week: number;
  readonly version: string;
  readonly sets: number;
  readonly amount: number;
  /** After the amount: " s" for seconds, nothing for reps. */
  readonly counted: '' | ' s';
  /** Both hands together. */
  readonly kg: number | undefined;
  /** One in each hand. */
  readonly pair: boolean;
  readonly bridge: string | undefined;
  /** Nothing fits, or the session does not stand in this week. */
  readonly none: boolean;
}

/** What to expect of one slot for one person. */
export interface Path {
  readonly sessionId: string;
  readonly slotId: string;
  readonly letter: string;
  readonly name: string;
  readonly weeks: readonly PathWeek[];
  readonly ceiling?:
    | {
        readonly week: number;
        readonly kg: number;
        readonly pair: boolean;
        readonly then: readonly string[];
      }
    | undefined;
  /** What is worth buying where the kit ends. */
  readonly purchase?: BestAddition | undefined;
}

export interface ProjectQuestion {
  readonly document: DrayDocument;
  readonly programId: string;
  readonly participantId: string;
  readonly today: string;
}

/** Answers with the expected path; `abort` stops asking. */
export type AskProject = (question: ProjectQuestion, abort: AbortSignal) => Promise<readonly Path[]>;

export const PROJECT = new InjectionToken<AskProject>('what to expect of a program', {
  providedIn: 'root',
  factory: () => (question, abort) =>
    ask(new Worker(new URL('./project.worker', import.meta.url), { type: 'module' }), question, abort),
});
