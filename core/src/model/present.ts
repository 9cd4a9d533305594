// Apart from the schemas, so that knowing who is there does not load those.
import type { DrayDocument } from './document';
import type { Kit } from './kit';
import type { Participant } from './participant';

/**
 * Those that are not archived.
 *
 * @param things people, kits, sessions or programs
 * @example present(document.participants).length // 6
 */
export function present<Thing extends { readonly archived?: true | undefined }>(
  things: readonly Thing[],
): Thing[] {
  return things.filter(({ archived }) => !archived);
}

/**
 * What somebody has to train with, in the order in which they name it; nothing that is archived.
 *
 * @param document with all kits
 * @param person whose
 * @example kitsOf(document, juno).map(({ name }) => name) // ['The loft rack']
 */
export function kitsOf(
  { kits }: Pick<DrayDocument, 'kits'>,
  { kitIds }: Pick<Participant, 'kitIds'>,
): readonly Kit[] {
  return kitIds.flatMap((kitId) => kits.find(({ id, archived }) => id === kitId && !archived) ?? []);
}
