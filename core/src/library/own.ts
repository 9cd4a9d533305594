import { buildCatalog, type Catalog } from '../ladder';
import type { DrayDocument, Settings } from '../model';
import { catalog, LIBRARY_EXERCISES, LIBRARY_LADDERS } from './shipped';

type Own = Pick<DrayDocument, 'exercises' | 'ladders'> & { readonly settings?: Pick<Settings, 'said'> };

let last: { readonly own: Own; readonly catalog: Catalog } | undefined;

/**
 * The library that ships with the coach's own exercises and ladders beside it. Kept while these are the same lists.
 *
 * @throws CatalogError when something of the coach's own does not fit together
 */
export function catalogOf({ exercises, ladders, settings }: Own): Catalog {
  const said = settings?.said;
  if (exercises.length === 0 && ladders.length === 0 && !said) return catalog;
  if (last?.own.exercises === exercises && last.own.ladders === ladders && last.catalog.said === said) {
    return last.catalog;
  }
  const built = buildCatalog([...LIBRARY_EXERCISES, ...exercises], [...LIBRARY_LADDERS, ...ladders]);
  const remembering = said ? { ...built, said } : built;
  last = { own: { exercises, ladders }, catalog: remembering };
  return remembering;
}
