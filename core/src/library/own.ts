import { buildCatalog, type Catalog } from '../ladder';
import type { DrayDocument } from '../model';
import { catalog, LIBRARY_EXERCISES, LIBRARY_LADDERS } from './shipped';

type Own = Pick<DrayDocument, 'exercises' | 'ladders'>;

let last: { readonly own: Own; readonly catalog: Catalog } | undefined;

/**
 * The library that ships with the coach's own exercises and ladders beside it. Kept while these are the same lists.
 *
 * @throws CatalogError when something of the coach's own does not fit together
 */
export function catalogOf({ exercises, ladders }: Own): Catalog {
  if (exercises.length === 0 && ladders.length === 0) return catalog;
  if (last?.own.exercises === exercises && last.own.ladders === ladders) return last.catalog;
  const built = buildCatalog([...LIBRARY_EXERCISES, ...exercises], [...LIBRARY_LADDERS, ...ladders]);
  last = { own: { exercises, ladders }, catalog: built };
  return built;
}
