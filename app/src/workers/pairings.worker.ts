/// <reference lib="webworker" />
import { catalogOf } from '@dray/core';
import { suggestPairings } from '@dray/core/late';
import type { PairingsQuestion } from './pairings';

/** Off the page's thread: weighs every pair of exercises, and every way of pairing. */
addEventListener('message', ({ data: { session, tier, own } }: MessageEvent<PairingsQuestion>) => {
  const onProgress = (progress: number) => {
    postMessage({ progress });
    return true;
  };
  const context = { tier, catalog: catalogOf(own), timing: own.settings.timing, onProgress };
  postMessage({ result: suggestPairings(session, context) ?? [] });
});
