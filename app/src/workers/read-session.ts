import { InjectionToken } from '@angular/core';
import type { DrayDocument, MassUnit, Session } from '@dray/core';
import type { SessionReading } from '@dray/core/late';
import { ask } from './ask';

/** A session's text with all it takes to be read elsewhere. */
export interface ReadQuestion {
  readonly text: string;
  readonly base: Pick<Session, 'id' | 'name' | 'budgetMinutes'>;
  readonly unit: MassUnit;
  readonly own: Pick<DrayDocument, 'exercises' | 'ladders' | 'settings'>;
}

/** Reads a long text off the page's thread; `abort` stops reading. */
export type ReadSession = (
  question: ReadQuestion,
  abort: AbortSignal,
  onProgress: (share: number) => void,
) => Promise<SessionReading>;

export const READ_SESSION = new InjectionToken<ReadSession>('what a text says of a session', {
  providedIn: 'root',
  factory: () => (question, abort, onProgress) =>
    ask(
      new Worker(new URL('./read-session.worker', import.meta.url), { type: 'module' }),
      question,
      abort,
      onProgress,
    ),
});
