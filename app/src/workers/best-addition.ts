import { InjectionToken } from '@angular/core';
import type { Kit, KitNeed } from '@dray/core';
import type { BestAddition } from '@dray/core/late';

/** Answers with the one thing worth adding to a kit; `abort` stops asking. */
export type AskBestAddition = (
  kit: Kit,
  needs: readonly KitNeed[],
  abort: AbortSignal,
) => Promise<BestAddition>;

/** Asks a worker of its own, ended as soon as it has answered or nobody waits any more. */
export const BEST_ADDITION = new InjectionToken<AskBestAddition>('what is worth adding to a kit', {
  providedIn: 'root',
  factory: () => (kit, needs, abort) =>
    new Promise((resolve, reject) => {
      const worker = new Worker(new URL('./best-addition.worker', import.meta.url), { type: 'module' });
      const end = () => worker.terminate();
      abort.addEventListener('abort', end, { once: true });
      worker.onmessage = ({ data }: MessageEvent<BestAddition>) => {
        end();
        resolve(data);
      };
      worker.onerror = (event) => {
        end();
        reject(new Error(event.message));
      };
      worker.postMessage({ kit, needs });
    }),
});
