import { BLOCKS, type Block, type Session } from '../model';

/** "A", "B", … "Z", "AA" for the n-th lettered block, counted from 0. */
function blockLetter(index: number): string {
  const last = String.fromCharCode(65 + (index % 26));
  return index < 26 ? last : blockLetter(Math.floor(index / 26) - 1) + last;
}

/**
 * The letter of every slot, by slot id, as a whiteboard has it: A1 and A2 for partners, B for a block with one
 * exercise. Warm-up and cool-down carry none.
 */
export function slotLetters(session: Session): ReadonlyMap<string, string> {
  const letters = new Map<string, string>();
  let index = 0;
  for (const block of session.blocks) {
    if (!BLOCKS[block.kind].lettered) continue;
    const letter = blockLetter(index);
    index += 1;
    block.slots.forEach((slot, at) => {
      letters.set(slot.id, block.slots.length > 1 ? `${letter}${at + 1}` : letter);
    });
  }
  return letters;
}

/** How many rounds a block has: the most sets anyone in any of its slots does. */
export function blockRounds(block: Block): number {
  return Math.max(
    0,
    ...block.slots.flatMap(({ prescriptions }) => Object.values(prescriptions).map(({ sets }) => sets)),
  );
}

/** Seconds of rest behind a set of a slot when nothing of its own is said: within a round, and after it. */
export function restAfter(block: Block, slotId: string): number {
  const last = !BLOCKS[block.kind].grouped || block.slots.at(-1)?.id === slotId;
  return last ? block.restSeconds : (block.betweenSeconds ?? 0);
}
