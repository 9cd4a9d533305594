import { InjectionToken } from '@angular/core';
import type { DrayDocument, Session, Tier } from '@dray/core';
import type { Pairing } from '@dray/core/late';
import { ask } from './ask';

export interface PairingsQuestion {
  readonly session: Session;
  readonly tier: Tier;
  readonly own: Pick<DrayDocument, 'exercises' | 'ladders' | 'settings'>;
}

/** Answers with the supersets worth making of a session; `abort` stops asking. */
export type AskPairings = (
  question: PairingsQuestion,
  abort: AbortSignal,
  onProgress: (share: number) => void,
) => Promise<readonly Pairing[]>;

export const PAIRINGS = new InjectionToken<AskPairings>('which exercises go together', {
  providedIn: 'root',
  factory: () => (question, abort, onProgress) =>
    ask(
      new Worker(new URL('./pairings.worker', import.meta.url), { type: 'module' }),
      question,
      abort,
      onProgress,
    ),
});
