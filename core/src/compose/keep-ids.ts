import { sourceKey, type Session, type Slot } from '../model';

/**
 * A session read anew from its text, with the ids of the one it was: what stands for the same exercise, in order, is the
 * same slot, so that its log, its scheme and what was set by hand stay with it.
 */
export function keepIds(before: Session, after: Session): Session {
  const waiting = new Map<string, Slot[]>();
  const blockOf = new Map<string, string>();
  for (const { id, slots } of before.blocks) {
    for (const slot of slots) {
      const key = sourceKey(slot.source);
      waiting.set(key, [...(waiting.get(key) ?? []), slot]);
      blockOf.set(slot.id, id);
    }
  }
  const read = after.blocks.map((block) => ({
    ...block,
    slots: block.slots.map((slot): Slot => {
      const old = waiting.get(sourceKey(slot.source))?.shift();
      if (!old) return slot;
      const kept = { ...slot, id: old.id, ...(old.scheme && { scheme: old.scheme }) };
      return JSON.stringify(kept) === JSON.stringify(old) ? old : kept;
    }),
  }));
  // A block is the one its first slot stood in; one of new slots only is the one that stood in its place.
  const survivors = new Set(read.flatMap(({ slots }) => slots.map(({ id }) => blockOf.get(id))));
  const taken = new Set<string>();
  const blocks = read.map((block, at) => {
    const inPlace = before.blocks[at]?.id;
    const likely = [
      ...block.slots.map(({ id }) => blockOf.get(id)),
      ...(survivors.has(inPlace) ? [] : [inPlace]),
    ];
    const id = likely.find((own) => own !== undefined && !taken.has(own)) ?? block.id;
    taken.add(id);
    return { ...block, id };
  });
  const { focus, dismissed } = before;
  return { ...after, id: before.id, ...(focus && { focus }), ...(dismissed && { dismissed }), blocks };
}
