import { InjectionToken } from '@angular/core';
import type { DrayDocument, MassUnit } from '@dray/core';
import type { LogMapping, LogPreview, LogProblem } from '@dray/core/late';
import { answerOf } from './ask';

/** What the worker needs of the document beside its log, which it reads and writes itself. */
export interface LogCsvDocument {
  readonly document: Pick<DrayDocument, 'participants' | 'sessions' | 'exercises' | 'ladders' | 'programs'>;
  readonly unit: MassUnit;
}

export type LogCsvQuestion =
  | { readonly kind: 'look'; readonly file: Blob }
  | ({
      readonly kind: 'read';
      readonly mapping: LogMapping;
      readonly dateOrder: LogPreview['dateOrder'];
    } & LogCsvDocument)
  | { readonly kind: 'keep' }
  | ({ readonly kind: 'write' } & LogCsvDocument);

/** What was found in a file, before anything is kept. */
export interface LogCsvFound {
  readonly good: number;
  readonly bad: number;
  /** The first of the bad lines. */
  readonly problems: readonly LogProblem[];
  readonly people: number;
  readonly from: string;
  readonly to: string;
}

export interface LogCsvAnswers {
  readonly look: LogPreview;
  readonly read: LogCsvFound;
  readonly keep: { readonly kept: number };
  readonly write: Blob;
}

/** One conversation about a file: the worker keeps what it has read until the coach agrees to it. */
export interface LogCsvTalk {
  readonly ask: <Kind extends LogCsvQuestion['kind']>(
    question: Extract<LogCsvQuestion, { kind: Kind }>,
    onProgress?: (share: number) => void,
  ) => Promise<LogCsvAnswers[Kind]>;
  readonly end: () => void;
}

export const LOG_CSV = new InjectionToken<() => LogCsvTalk>('logs as files', {
  providedIn: 'root',
  factory: () => () => {
    const worker = new Worker(new URL('./log-csv.worker', import.meta.url), { type: 'module' });
    return {
      end: () => worker.terminate(),
      ask: (question, onProgress) => {
        const answer = answerOf<LogCsvAnswers[typeof question.kind]>(worker, onProgress);
        worker.postMessage(question);
        return answer;
      },
    };
  },
});
