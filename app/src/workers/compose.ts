import { InjectionToken } from '@angular/core';
import type { DrayDocument, Session, Tier } from '@dray/core';
import type { Fit, Pairing } from '@dray/core/late';
import { ask } from './ask';

export interface ComposeQuestion {
  readonly session: Session;
  readonly tier: Tier;
  readonly own: Pick<DrayDocument, 'exercises' | 'ladders' | 'settings'>;
}

/** What may be asked of a session, and what comes back. */
export interface ComposeAnswers {
  /** The supersets worth making of it. */
  readonly pairings: readonly Pairing[];
  /** The lightest way to make it fit its budget. */
  readonly fit: Fit;
}

/** Answers a question about a session; `abort` stops asking. */
export type AskCompose = <Kind extends keyof ComposeAnswers>(
  kind: Kind,
  question: ComposeQuestion,
  abort: AbortSignal,
  onProgress?: (share: number) => void,
) => Promise<ComposeAnswers[Kind]>;

export const ASK_COMPOSE = new InjectionToken<AskCompose>('what a session could be', {
  providedIn: 'root',
  factory: () => (kind, question, abort, onProgress) =>
    ask(
      new Worker(new URL('./compose.worker', import.meta.url), { type: 'module' }),
      { kind, question },
      abort,
      onProgress,
    ),
});
