import { paceSchema, PACE_WORDS, type Pace } from '@dray/core';
import type { Option } from './forms/choice-field';

/** How fast repetitions can go. */
export const PACES: readonly Option<Pace>[] = paceSchema.options.map((value) => ({
  value,
  words: PACE_WORDS[value],
}));
