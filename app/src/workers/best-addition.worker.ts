/// <reference lib="webworker" />
import type { Kit, KitNeed } from '@dray/core';
import { bestAddition } from '@dray/core/late';

/** Off the page's thread: tries every thing on the list in the kit. */
addEventListener('message', ({ data }: MessageEvent<{ kit: Kit; needs: readonly KitNeed[] }>) => {
  postMessage({ result: bestAddition(data.kit, data.needs) });
});
