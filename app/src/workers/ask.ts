/** An answer, how far it is on the way there, from 0 to 1, or why there is none. */
export type Answer<Result> =
  | { readonly result: Result }
  | { readonly progress: number }
  | { readonly failed: string };

/** Waits for a worker's next answer. A worker that fails, dies, or cannot be understood rejects. */
export function answerOf<Result>(worker: Worker, onProgress?: (share: number) => void): Promise<Result> {
  return new Promise((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<Answer<Result>>) => {
      if ('progress' in data) onProgress?.(data.progress);
      else if ('failed' in data) reject(new Error(data.failed));
      else resolve(data.result);
    };
    worker.onerror = (event) => reject(new Error(event.message || 'it stopped working'));
    worker.onmessageerror = () => reject(new Error('its answer could not be read'));
  });
}

/** Asks a worker of its own, ended as soon as it has answered or nobody waits any more. */
export async function ask<Question, Result>(
  worker: Worker,
  question: Question,
  abort: AbortSignal,
  onProgress?: (share: number) => void,
): Promise<Result> {
  const end = () => worker.terminate();
  abort.addEventListener('abort', end, { once: true });
  const answer = answerOf<Result>(worker, onProgress);
  worker.postMessage(question);
  return answer.finally(end);
}
