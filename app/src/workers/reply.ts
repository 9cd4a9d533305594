/// <reference lib="webworker" />
import type { Answer } from './ask';

/**
 * Makes this worker answer each question with what `answer` makes of it, and say so when it cannot: nobody waits for an
 * answer that will not come.
 */
export function replyWith<Question, Result>(
  answer: (question: Question, progress: (share: number) => void) => Result | Promise<Result>,
): void {
  const post = (message: Answer<Result>) => postMessage(message);
  addEventListener('message', ({ data }: MessageEvent<Question>) => {
    Promise.resolve()
      .then(() => answer(data, (progress) => post({ progress })))
      .then((result) => post({ result }))
      .catch((error: unknown) => post({ failed: error instanceof Error ? error.message : String(error) }));
  });
}
