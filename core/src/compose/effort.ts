import {
  BLOCKS,
  type Block,
  type Exercise,
  type Prescription,
  type Session,
  type Slot,
  type Tier,
} from '../model';
import type { Catalog, Version } from '../ladder';
import { middleAmount, versionForTier } from '../plan';

/** Reps up to which a set is heavy, and up to which it builds muscle. Source: Haff & Triplett, load goals. */
export const HEAVY_REPS = 5;
const MUSCLE_REPS = 12;

/**
 * The shortest rest that still belongs to the effort asked: minutes after heavy sets, half a minute to twelve reps, a
 * quarter beyond that and by the clock. Source for the first two: Haff & Triplett, rest by goal; the last is common practice.
 */
export function shortestRest({ work }: Prescription): number {
  const { amount, clocked } = middleAmount(work);
  if (clocked || amount > MUSCLE_REPS) return 15;
  return amount <= HEAVY_REPS ? 120 : 30;
}

/** One slot with what a tier does in it. */
export interface Member {
  readonly slot: Slot;
  readonly block: Block;
  readonly version: Version;
  readonly prescription: Prescription;
}

/** The slots that train, in order, as one tier does them; slots nobody knows are passed over. */
export function membersOf(session: Session, tier: Tier, catalog: Catalog): Member[] {
  return session.blocks
    .filter(({ kind }) => BLOCKS[kind].lettered)
    .flatMap((block) =>
      block.slots.flatMap((slot) => {
        const version = versionForTier(slot, tier, catalog);
        return version ? [{ slot, block, version, prescription: slot.prescriptions[tier] }] : [];
      }),
    );
}

/** How much two exercises use the same muscles: 0 for nothing shared, about 3 for the same exercise twice. */
export function sharedMuscle(a: Exercise, b: Exercise): number {
  let shared = 0;
  for (const { muscle, share } of a.muscles) {
    const other = b.muscles.find((own) => own.muscle === muscle);
    if (other) shared += Math.min(share, other.share);
  }
  return shared;
}
