import { massKey } from '../units';
import type { AttainableLoad, Maker } from './recipe';

/** No more than two cuffs fit on an ankle (common practice, no published source). */
const MOST_CUFFS = 2;

/** One cuff or two on the working leg, moved across when the sides change. */
export const ankleLoads: Maker<'ankle'> = (stock, { hold }) => {
  if (hold !== 'ankle') return [];
  const cuffs = stock.flatMap(({ implement: { massKg, count }, unit }) =>
    Array.from({ length: Math.min(count, MOST_CUFFS) }, () => ({ massKg, unit })),
  );
  const loads = new Map<number, AttainableLoad>();
  const add = (massesKg: readonly number[], unit: AttainableLoad['recipe']['unit']) => {
    const kg = massesKg.reduce((sum, mass) => sum + mass, 0);
    const pieces = massesKg.length;
    if ((loads.get(massKey(kg))?.recipe.pieces ?? Infinity) <= pieces) return;
    loads.set(massKey(kg), { kg, recipe: { hold, unit, part: { kind: 'ankle', massesKg }, pieces } });
  };
  cuffs.forEach((cuff, at) => {
    add([cuff.massKg], cuff.unit);
    for (const other of cuffs.slice(at + 1)) add([cuff.massKg, other.massKg], cuff.unit);
  });
  return [...loads.values()];
};
