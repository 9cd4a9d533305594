/// <reference lib="webworker" />
import { bestAddition, type Kit, type KitNeed } from '@dray/core';

/** Off the page's thread: tries every thing on the list in the kit. */
addEventListener('message', ({ data }: MessageEvent<{ kit: Kit; needs: readonly KitNeed[] }>) => {
  postMessage(bestAddition(data.kit, data.needs));
});
