import {
  BLOCKS,
  isBig,
  isIsolation,
  type Block,
  type Prescription,
  type Session,
  type Tier,
  type Timing,
} from '../model';
import type { Catalog } from '../ladder';
import { editEachTier, sessionTimeline, versionForTier } from '../plan';

/** One change that saves time. Changes of one list do not touch each other: they are applied in any order. */
export type FitChange =
  | { readonly kind: 'trimRest'; readonly blockId: string; readonly restSeconds: number }
  | { readonly kind: 'pair'; readonly blockId: string; readonly nextBlockId: string }
  | { readonly kind: 'fewerRounds'; readonly blockId: string; readonly by: 1 | 2 }
  | { readonly kind: 'drop'; readonly blockId: string; readonly slotId: string };

export interface FitContext {
  readonly tier: Tier;
  readonly catalog: Catalog;
  readonly timing?: Timing | undefined;
}

/**
 * What a change weighs: a shorter rest first, then a superset, a round fewer, a small exercise less, and big lifts last.
 * Common practice, no published source.
 */
export const WEIGHT = {
  trimRest: 1,
  pair: 2,
  fewerRounds: 3,
  dropIsolation: 5,
  dropOther: 8,
  dropBig: 30,
} as const;

/** A session with changes taken, in any order. */
export function applyFit(session: Session, changes: readonly FitChange[]): Session {
  let { blocks } = session;
  for (const change of changes) {
    if (change.kind === 'pair') continue;
    blocks = blocks.map((block) => (block.id === change.blockId ? changedBlock(block, change) : block));
  }
  for (const change of changes) {
    if (change.kind !== 'pair') continue;
    const first = blocks.find(({ id }) => id === change.blockId);
    const second = blocks.find(({ id }) => id === change.nextBlockId);
    if (!first || !second) continue;
    blocks = blocks
      .filter(({ id }) => id !== second.id)
      .map((block) => (block.id === first.id ? paired(first, second) : block));
  }
  const empty = new Set(session.blocks.filter(({ slots }) => slots.length === 0).map(({ id }) => id));
  return { ...session, blocks: blocks.filter(({ id, slots }) => slots.length > 0 || empty.has(id)) };
}

/** A block with one change taken. */
export function changedBlock(block: Block, change: Exclude<FitChange, { kind: 'pair' }>): Block {
  switch (change.kind) {
    case 'trimRest':
      return {
        ...block,
        restSeconds: Math.min(block.restSeconds, change.restSeconds),
        slots: block.slots.map((slot) => editEachTier(slot, (one) => trimmed(one, change.restSeconds))),
      };
    case 'fewerRounds':
      return {
        ...block,
        slots: block.slots.map((slot) =>
          editEachTier(slot, (one) => ({ ...one, sets: Math.max(1, one.sets - change.by) })),
        ),
      };
    case 'drop':
      return { ...block, slots: block.slots.filter(({ id }) => id !== change.slotId) };
  }
}

/** A rest of its own is trimmed too; without one, an active rest has nothing to stand on. */
function trimmed(one: Prescription, restSeconds: number): Prescription {
  return one.restSeconds === undefined
    ? one
    : { ...one, restSeconds: Math.min(one.restSeconds, restSeconds) };
}

/** Two straight blocks as a superset. */
export function paired(first: Block, second: Block): Block {
  const restSeconds = Math.min(
    Math.max(first.restSeconds, second.restSeconds),
    BLOCKS.superset.defaultRestSeconds,
  );
  return { ...first, kind: 'superset', restSeconds, slots: [...first.slots, ...second.slots] };
}

/** How much a list of changes weighs: what `fitToTime` makes least. */
export function fitWeight(changes: readonly FitChange[], session: Session, context: FitContext): number {
  return changes.reduce((sum, change) => sum + weightOf(change, session, context), 0);
}

/** How much one change weighs. */
export function weightOf(change: FitChange, session: Session, { tier, catalog }: FitContext): number {
  if (change.kind === 'fewerRounds') return WEIGHT.fewerRounds * change.by;
  if (change.kind !== 'drop') return WEIGHT[change.kind];
  const slot = session.blocks.flatMap(({ slots }) => slots).find(({ id }) => id === change.slotId);
  const exercise = slot && versionForTier(slot, tier, catalog)?.exercise;
  if (!exercise) return WEIGHT.dropOther;
  return isIsolation(exercise) ? WEIGHT.dropIsolation : isBig(exercise) ? WEIGHT.dropBig : WEIGHT.dropOther;
}

/** How long a session takes, for whom it is made to fit. */
export function secondsOf(session: Session, { tier, catalog, timing }: FitContext): number {
  return sessionTimeline(session, { tier }, catalog, timing).totalSeconds;
}
