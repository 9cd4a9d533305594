/** An answer, or how far it is on the way there, from 0 to 1. */
export type Answer<Result> = { readonly result: Result } | { readonly progress: number };

/** Asks a worker of its own, ended as soon as it has answered or nobody waits any more. */
export function ask<Question, Result>(
  worker: Worker,
  question: Question,
  abort: AbortSignal,
  onProgress?: (share: number) => void,
): Promise<Result> {
  return new Promise((resolve, reject) => {
    const end = () => worker.terminate();
    abort.addEventListener('abort', end, { once: true });
    worker.onmessage = ({ data }: MessageEvent<Answer<Result>>) => {
      if ('progress' in data) {
        onProgress?.(data.progress);
        return;
      }
      end();
      resolve(data.result);
    };
    worker.onerror = (event) => {
      end();
      reject(new Error(event.message));
    };
    worker.postMessage(question);
  });
}
