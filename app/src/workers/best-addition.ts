import { InjectionToken } from '@angular/core';
import type { Kit, KitNeed } from '@dray/core';
import type { BestAddition } from '@dray/core/late';
import { ask } from './ask';

/** Answers with the one thing worth adding to a kit; `abort` stops asking. */
export type AskBestAddition = (
  kit: Kit,
  needs: readonly KitNeed[],
  abort: AbortSignal,
) => Promise<BestAddition>;

export const BEST_ADDITION = new InjectionToken<AskBestAddition>('what is worth adding to a kit', {
  providedIn: 'root',
  factory: () => (kit, needs, abort) =>
    ask(
      new Worker(new URL('./best-addition.worker', import.meta.url), { type: 'module' }),
      { kit, needs },
      abort,
    ),
});
