/// <reference lib="webworker" />
import { catalogOf } from '@dray/core';
import { parseSession } from '@dray/core/late';
import type { ReadQuestion } from './read-session';
import { replyWith } from './reply';

replyWith(({ text, base, unit, own }: ReadQuestion, onProgress) =>
  parseSession(text, catalogOf(own), { base, unit, newId: () => crypto.randomUUID(), onProgress }),
);
