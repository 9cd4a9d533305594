import {
  BLOCKS,
  type Block,
  type BlockKind,
  type CombinationSource,
  type MovementSource,
  type Pattern,
  type Prescription,
  type Slot,
  type SlotSource,
} from '../model';
import type { Catalog } from '../ladder';

import { combinationName } from '../library';
import { versionForTier } from './timeline';

/** A new block, empty, with the rest its kind usually has. */
export function newBlock(id: string, kind: BlockKind): Block {
  const restSeconds = BLOCKS[kind].defaultRestSeconds;
  return { id, kind, restSeconds, ...(kind === 'interval' && { betweenSeconds: restSeconds }), slots: [] };
}

const START: Record<'reps' | 'hold' | 'clock' | 'loosen', Prescription> = {
  reps: { sets: 3, work: { kind: 'reps', reps: 10 }, perSide: false, target: { kind: 'reserve', reps: 2 } },
  hold: { sets: 3, work: { kind: 'hold', seconds: 30 }, perSide: false, target: { kind: 'none' } },
  clock: { sets: 3, work: { kind: 'time', seconds: 45 }, perSide: false, target: { kind: 'none' } },
  loosen: { sets: 1, work: { kind: 'time', seconds: 45 }, perSide: false, target: { kind: 'none' } },
};

/** Patterns that are held or done by the clock; all others are 3 × 10 with 2 left (common practice). */
const START_BY_PATTERN: Partial<Record<Pattern, Prescription>> = {
  brace: START.hold,
  sideBrace: START.hold,
  antiTwist: START.hold,
  balance: START.hold,
  hop: START.clock,
  thrust: START.clock,
  mobility: START.loosen,
};

const INTERVAL_SECONDS = 40;

/**
 * A new slot with the usual prescription for all tiers, each side where the exercise is done so; by the clock in a block
 * the clock leads.
 */
export function newSlot(id: string, source: SlotSource, catalog: Catalog, kind?: BlockKind): Slot {
  const ladder = source.kind === 'ladder' ? catalog.ladders.get(source.ladderId) : undefined;
  const exercise =
    source.kind === 'ladder' ? undefined : versionForTier({ source }, 'beginner', catalog)?.exercise;
  const pattern = ladder?.pattern ?? exercise?.pattern ?? 'mobility';
  const perSide =
    exercise?.laterality === 'eachSide' ||
    catalog.exercises.get(ladder?.rungs[0]?.exerciseId ?? '')?.laterality === 'eachSide';
  const usual = START_BY_PATTERN[pattern] ?? START.reps;
  const prescription: Prescription =
    kind !== undefined && BLOCKS[kind].clocked && usual.work.kind !== 'hold'
      ? { ...START.clock, work: { kind: 'time', seconds: INTERVAL_SECONDS }, perSide }
      : { ...usual, perSide };
  if (exercise?.laterality === 'eachSide') prescription.perSide = true;
  return {
    id,
    source,
    prescriptions: { beginner: prescription, intermediate: prescription, advanced: prescription },
  };
}

/** What a slot is called: its ladder's or its exercise's name, or that of a combination. */
export function slotName({ source }: Pick<Slot, 'source'>, catalog: Catalog): string {
  switch (source.kind) {
    case 'ladder':
      return catalog.ladders.get(source.ladderId)?.name ?? source.ladderId;
    case 'exercise':
      return catalog.exerciseById(source.exerciseId)?.name ?? source.exerciseId;
    case 'combination':
      return combinationName(source) ?? partNames(source, (part) => slotName({ source: part }, catalog));
  }
}

/**
 * The parts of a combination as they are written: "2 Squat + Overhead press".
 *
 * @param source the combination
 * @param nameOf what a part is called
 * @example partNames(source, nameOf) // 'hold Glute bridge + Chest press'
 */
export function partNames(
  { parts }: Pick<CombinationSource, 'parts'>,
  nameOf: (source: MovementSource) => string,
): string {
  return parts
    .map(({ source, times = 1, held }) => `${held ? 'hold ' : times > 1 ? `${times} ` : ''}${nameOf(source)}`)
    .join(' + ');
}
