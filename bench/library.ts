// The library as a whole: ranking substitutes, and every version under every set of up to three conditions.
import {
  applyCautions,
  catalog,
  conditionSchema,
  rankSubstitutes,
  type Condition,
  type Version,
} from '@dray/core';
import { row, time } from './table';

const open = {
  catalog,
  tier: 'advanced' as const,
  allowed: (candidate: Version) => candidate,
  loadFit: () => 1,
};
row(
  `ranking over ${catalog.versions.length} versions, the slowest of a few, against 5 ms`,
  Math.max(
    ...['goblet-squat', 'floor-press', 'pull-up', 'leg-lower'].map((id) =>
      time(() => rankSubstitutes(id, open), 9),
    ),
  ),
  5,
);

const conditions = conditionSchema.options;
const sets: Condition[][] = conditions.flatMap((a, i) =>
  conditions.slice(i).flatMap((b, j) => conditions.slice(i + j).map((c) => [...new Set([a, b, c])])),
);
row(
  `every version under ${sets.length} sets of conditions, against 2 s`,
  time(() => {
    for (const own of sets) for (const version of catalog.versions) applyCautions(version, own, catalog);
  }, 3),
  2000,
);
