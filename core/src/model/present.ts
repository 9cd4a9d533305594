// Apart from the schemas, so that knowing who is there does not load those.

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
