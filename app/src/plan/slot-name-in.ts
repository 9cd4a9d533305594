import { slotName, type Catalog, type Session } from '@dray/core';

/** What a slot of a session is called; nothing for a slot that is not in it. */
export function slotNameIn(session: Session | undefined, slotId: string, catalog: Catalog): string {
  const slot = session?.blocks.flatMap(({ slots }) => slots).find(({ id }) => id === slotId);
  return slot ? slotName(slot, catalog) : '';
}
