import {
  BLOCKS,
  type Block,
  type BlockKind,
  type Pattern,
  type Prescription,
  type Slot,
  type SlotSource,
} from '../model';
import type { Catalog } from '../ladder';

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
  const exercise = source.kind === 'exercise' ? catalog.exercises.get(source.exerciseId) : undefined;
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

/** What a slot is called: its ladder's or its exercise's name. */
export function slotName(slot: Slot, catalog: Catalog): string {
  const { source } = slot;
  const named =
    source.kind === 'ladder'
      ? catalog.ladders.get(source.ladderId)
      : catalog.exercises.get(source.exerciseId);
  return named?.name ?? (source.kind === 'ladder' ? source.ladderId : source.exerciseId);
}
