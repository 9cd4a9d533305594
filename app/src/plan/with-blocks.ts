import {
  addBlock,
  BLOCKS,
  copyOfBlock,
  editBlock,
  editEachTier,
  moveBlock,
  newBlock,
  removeBlock,
  TIERS,
  type Block,
  type BlockKind,
  type Prescription,
  type Slot,
} from '@dray/core';
import { patchState, signalStoreFeature, type, withMethods } from '@ngrx/signals';
import { counted } from '../ui/count';
import type { Change, PlanState } from './plan-store';

/** Rounds as the coach says them: tiers that did fewer or more keep their distance. */
function withSets(slot: Slot, rounds: number): Slot {
  const most = Math.max(...TIERS.map((tier) => slot.prescriptions[tier].sets));
  const change = (one: Prescription): Prescription => ({
    ...one,
    sets: Math.max(1, Math.min(20, one.sets + rounds - most)),
  });
  return editEachTier(slot, change);
}

/**
 * What is done with the blocks of the session.
 *
 * The type nobody uses is what the library asks of a feature that rests on another, see `withRoving`.
 */
export function withBlocks<_>() {
  return signalStoreFeature(
    { state: type<PlanState>(), methods: type<{ change: Change }>() },
    withMethods((store) => ({
      duplicateBlock(blockId: string): void {
        store.change($localize`duplicate a block`, (session) => {
          const at = session.blocks.findIndex(({ id }) => id === blockId);
          const block = session.blocks[at];
          return block
            ? addBlock(
                session,
                copyOfBlock(block, () => crypto.randomUUID()),
                at + 1,
              )
            : session;
        });
      },
      setRest(blockId: string, seconds: number | undefined): void {
        if (seconds === undefined) return;
        store.change($localize`rest ${seconds} s`, (session) =>
          editBlock(session, blockId, (block) => ({ ...block, restSeconds: seconds })),
        );
      },
      setBetween(blockId: string, seconds: number | undefined): void {
        const label = seconds === undefined ? $localize`no rest between` : $localize`${seconds} s between`;
        store.change(label, (session) =>
          editBlock(session, blockId, ({ betweenSeconds: _old, ...block }) =>
            seconds === undefined ? block : { ...block, betweenSeconds: seconds },
          ),
        );
      },
      setRounds(blockId: string, rounds: number | undefined): void {
        if (rounds === undefined) return;
        store.change(counted(rounds, $localize`round`, $localize`rounds`), (session) =>
          editBlock(session, blockId, (block) => ({
            ...block,
            slots: block.slots.map((slot) => withSets(slot, rounds)),
          })),
        );
      },
      setKind(blockId: string, kind: BlockKind): void {
        store.change(BLOCKS[kind].name, (session) =>
          editBlock(session, blockId, (block) => ({ ...block, kind })),
        );
      },

      addBlock(kind: BlockKind): string {
        const id = crypto.randomUUID();
        store.change($localize`add ${BLOCKS[kind].name.toLowerCase()}`, (session) =>
          addBlock(session, newBlock(id, kind)),
        );
        return id;
      },
      /** Blocks that were typed in a line, at the end of the session but before its cool-down; the last of them is selected. */
      addBlocks(blocks: readonly Block[]): void {
        store.change($localize`add to the session`, (session) => {
          const cool = session.blocks.findIndex(({ kind }) => kind === 'coolDown');
          const ends = blocks.some(({ kind }) => kind === 'coolDown');
          const at = cool < 0 || ends ? session.blocks.length : cool;
          return { ...session, blocks: session.blocks.toSpliced(at, 0, ...blocks) };
        });
        const slotId = blocks.at(-1)?.slots.at(-1)?.id;
        if (slotId !== undefined) patchState(store, { selectedSlotId: slotId });
      },
      removeBlock(blockId: string): void {
        store.change($localize`delete a block`, (session) => removeBlock(session, blockId));
      },
      moveBlock(blockId: string, to: number): void {
        store.change($localize`move a block`, (session) => moveBlock(session, blockId, to));
      },
      nudgeBlock(blockId: string, direction: -1 | 1): void {
        store.change($localize`move a block`, (session) =>
          moveBlock(session, blockId, session.blocks.findIndex(({ id }) => id === blockId) + direction),
        );
      },
    })),
  );
}
