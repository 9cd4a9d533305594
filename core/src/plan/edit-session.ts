import { BLOCKS, type Block, type Pace, type Prescription, type Session, type Slot } from '../model';

/**
 * Edits of a session. Each takes a session and gives a new one, sharing all that did not change, so that undo is
 * keeping the old one and only changed slots are worked out again. An edit that cannot be made gives the same
 * session back.
 */

function withBlocks(session: Session, blocks: Block[]): Session {
  return { ...session, blocks };
}

/** How fast repetitions go; slow strength work is what is not said. */
export function withPace({ pace: _old, ...session }: Session, pace: Pace): Session {
  return pace === 'slow' ? session : { ...session, pace };
}

/** Changes one block. */
export function editBlock(session: Session, blockId: string, change: (block: Block) => Block): Session {
  return withBlocks(
    session,
    session.blocks.map((block) => (block.id === blockId ? change(block) : block)),
  );
}

/** Changes one slot, wherever it stands. */
export function editSlot(session: Session, slotId: string, change: (slot: Slot) => Slot): Session {
  return withBlocks(
    session,
    session.blocks.map((block) =>
      block.slots.some(({ id }) => id === slotId)
        ? { ...block, slots: block.slots.map((slot) => (slot.id === slotId ? change(slot) : slot)) }
        : block,
    ),
  );
}

/** Changes a slot's prescription in every tier. */
export function editEachTier(slot: Slot, change: (one: Prescription) => Prescription): Slot {
  const { beginner, intermediate, advanced } = slot.prescriptions;
  return {
    ...slot,
    prescriptions: {
      beginner: change(beginner),
      intermediate: change(intermediate),
      advanced: change(advanced),
    },
  };
}

/** Puts a block in at an index; before the cool-down when no index is said. */
export function addBlock(session: Session, block: Block, index?: number): Session {
  const coolDown = session.blocks.findIndex(({ kind }) => kind === 'coolDown');
  const end = coolDown === -1 ? session.blocks.length : coolDown;
  const at = index ?? (block.kind === 'warmUp' ? 0 : block.kind === 'coolDown' ? session.blocks.length : end);
  return withBlocks(session, session.blocks.toSpliced(at, 0, block));
}

export function removeBlock(session: Session, blockId: string): Session {
  return withBlocks(
    session,
    session.blocks.filter(({ id }) => id !== blockId),
  );
}

/** Moves a block to an index of the list as it stands after taking it out. */
export function moveBlock(session: Session, blockId: string, index: number): Session {
  const from = session.blocks.findIndex(({ id }) => id === blockId);
  const block = session.blocks[from];
  if (!block) return session;
  const at = Math.max(0, Math.min(index, session.blocks.length - 1));
  return at === from
    ? session
    : withBlocks(session, session.blocks.toSpliced(from, 1).toSpliced(at, 0, block));
}

export function addSlot(session: Session, blockId: string, slot: Slot, index?: number): Session {
  return editBlock(session, blockId, (block) => ({
    ...block,
    slots: block.slots.toSpliced(index ?? block.slots.length, 0, slot),
  }));
}

/** Takes a slot out; a lettered block left empty goes with it. */
export function removeSlot(session: Session, slotId: string): Session {
  const blocks = session.blocks.map((block) =>
    block.slots.some(({ id }) => id === slotId)
      ? { ...block, slots: block.slots.filter(({ id }) => id !== slotId) }
      : block,
  );
  return withBlocks(
    session,
    blocks.filter(
      (block, at) =>
        block.slots.length > 0 || session.blocks[at]?.slots.length === 0 || !BLOCKS[block.kind].lettered,
    ),
  );
}

/** Moves a slot to an index of a block, its own or another. */
export function moveSlot(session: Session, slotId: string, toBlockId: string, index: number): Session {
  const slot = session.blocks.flatMap(({ slots }) => slots).find(({ id }) => id === slotId);
  if (!slot || !session.blocks.some(({ id }) => id === toBlockId)) return session;
  const blocks = session.blocks.map((block) => ({
    ...block,
    slots: block.slots.filter(({ id }) => id !== slotId),
  }));
  const moved = blocks.map((block) =>
    block.id === toBlockId
      ? { ...block, slots: block.slots.toSpliced(Math.max(0, Math.min(index, block.slots.length)), 0, slot) }
      : block,
  );
  return withBlocks(
    session,
    moved.filter((block, at) => block.slots.length > 0 || session.blocks[at]?.slots.length === 0),
  );
}

/** One step up or down through the session: within a block, then on into the next one of the list. */
export function nudgeSlot(session: Session, slotId: string, direction: -1 | 1): Session {
  const blockAt = session.blocks.findIndex(({ slots }) => slots.some(({ id }) => id === slotId));
  const block = session.blocks[blockAt];
  if (!block) return session;
  const to = block.slots.findIndex(({ id }) => id === slotId) + direction;
  if (to >= 0 && to < block.slots.length) return moveSlot(session, slotId, block.id, to);
  const neighbour = session.blocks[blockAt + direction];
  if (!neighbour) return session;
  return moveSlot(session, slotId, neighbour.id, direction === 1 ? 0 : neighbour.slots.length);
}

/** A block of the kind that it becomes with another exercise: partners do theirs in turn. */
function grown(block: Block): Block {
  const { kind, slots } = block;
  const counts = kind === 'straight' || kind === 'superset' || kind === 'triSet';
  if (!counts || slots.length < 2) return block;
  return { ...block, kind: slots.length === 2 ? 'superset' : slots.length === 3 ? 'triSet' : 'circuit' };
}

/** A block of the kind that it becomes when partners have left it. */
function shrunk(block: Block): Block {
  const { kind, slots } = block;
  if (slots.length === 1 && BLOCKS[kind].grouped && !BLOCKS[kind].clocked)
    return { ...block, kind: 'straight' };
  return slots.length === 2 && kind === 'triSet' ? { ...block, kind: 'superset' } : block;
}

/**
 * Puts a slot among another one's, as its partner: two are a superset, three a tri-set, more a circuit; of the partners that
 * it leaves, one alone does straight sets.
 */
export function joinInto(session: Session, slotId: string, blockId: string, index: number): Session {
  const from = session.blocks.find(({ slots }) => slots.some(({ id }) => id === slotId));
  const moved = moveSlot(session, slotId, blockId, index);
  if (!from || moved === session) return session;
  const left = from.id === blockId ? moved : editBlock(moved, from.id, shrunk);
  return editBlock(left, blockId, grown);
}

/** Takes a slot out of its block, to stand alone as the block at an index of the list. */
export function partAt(session: Session, slotId: string, newBlockId: string, index: number): Session {
  const from = session.blocks.find(({ slots }) => slots.some(({ id }) => id === slotId));
  if (!from) return session;
  const block: Block = { ...newStraight(newBlockId), slots: [] };
  const withBlock = withBlocks(session, session.blocks.toSpliced(index, 0, block));
  const moved = moveSlot(withBlock, slotId, newBlockId, 0);
  return editBlock(moved, from.id, shrunk);
}

function newStraight(id: string): Block {
  return { id, kind: 'straight', restSeconds: BLOCKS.straight.defaultRestSeconds, slots: [] };
}

/** A block once more, with ids of its own. */
export function copyOfBlock(block: Block, newId: () => string): Block {
  return { ...block, id: newId(), slots: block.slots.map((slot) => ({ ...slot, id: newId() })) };
}

/** A session once more, under another name, with ids of its own. */
export function copyOfSession(session: Session, name: string, newId: () => string): Session {
  return { ...session, id: newId(), name, blocks: session.blocks.map((block) => copyOfBlock(block, newId)) };
}

/**
 * Makes partners of a slot and the one after it in the session: the other comes into its block, which becomes what `joinInto`
 * makes of so many.
 */
export function joinWithNext(session: Session, slotId: string): Session {
  const blockAt = session.blocks.findIndex(({ slots }) => slots.some(({ id }) => id === slotId));
  const block = session.blocks[blockAt];
  if (!block || !BLOCKS[block.kind].lettered) return session;
  // Balance too: what is done in turn is no more one exercise after the other.
  const asGroup = (own: Block): Block => grown(BLOCKS[own.kind].grouped ? own : { ...own, kind: 'straight' });
  const at = block.slots.findIndex(({ id }) => id === slotId);
  if (at < block.slots.length - 1) return editBlock(session, block.id, asGroup);
  const next = session.blocks[blockAt + 1];
  const partner = next?.slots[0];
  if (!next || !partner || !BLOCKS[next.kind].lettered) return session;
  return editBlock(joinInto(session, partner.id, block.id, block.slots.length), block.id, asGroup);
}

/**
 * Parts a slot from its partners: it becomes a straight block of its own behind them, and a group left with one
 * exercise becomes straight sets.
 */
export function partFromGroup(session: Session, slotId: string, newBlockId: string): Session {
  const blockAt = session.blocks.findIndex(({ slots }) => slots.some(({ id }) => id === slotId));
  const block = session.blocks[blockAt];
  const slot = block?.slots.find(({ id }) => id === slotId);
  if (!block || !slot || block.slots.length < 2 || !BLOCKS[block.kind].lettered) return session;
  const rest = block.slots.filter(({ id }) => id !== slotId);
  const left = shrunk({ ...block, slots: rest });
  const parted: Block = { ...newStraight(newBlockId), slots: [slot] };
  return withBlocks(session, session.blocks.toSpliced(blockAt, 1, left, parted));
}
