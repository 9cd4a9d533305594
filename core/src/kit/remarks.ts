import type { Implement } from '../model';
import { formatLoad, type MassUnit } from '../units';
import { massForFill } from './fillable';
import type { PlateCount } from './plates';

/** Plates that can take no part because there are too few of them for every side. */
function lonelyPlates(plates: readonly PlateCount[], sides: number, unit: MassUnit): string[] {
  const counts = new Map<number, number>();
  for (const { massKg, count } of plates) counts.set(massKg, count + (counts.get(massKg) ?? 0));
  return [...counts].flatMap(([massKg, count]) => {
    const load = formatLoad(massKg, unit);
    if (count >= sides) return [];
    if (count >= 2) {
      return [`${count} plates of ${load} load one handle but not both: ${sides} are needed for a pair.`];
    }
    return [`The single plate of ${load} cannot balance: it needs another one.`];
  });
}

/**
 * What a coach should know of a thing that is counted in rightly but cannot do all it seems to: a plate without a
 * partner, a container fuller than its handle is trusted with, a band nobody has read yet.
 *
 * @param unit what the kit is stamped with
 */
export function implementRemarks(implement: Implement, unit: MassUnit): string[] {
  switch (implement.kind) {
    case 'adjustable':
      return lonelyPlates(implement.plates, 2 * implement.handles, unit);
    case 'bar':
      return lonelyPlates(implement.plates, 2, unit);
    case 'fillable': {
      const { trustedKg, capacityLitres, name } = implement;
      const fullKg = massForFill(implement, capacityLitres);
      return trustedKg !== undefined && fullKg > trustedKg
        ? [
            `Full, the ${name} weighs ${formatLoad(fullKg, unit)}: more than it is trusted with, so Dray stops short of it.`,
          ]
        : [];
    }
    case 'bag': {
      const room = implement.trustedKg - implement.emptyKg;
      return implement.items
        .filter(({ massKg }) => massKg > room)
        .map(({ name }) => `${name} alone is more than the ${implement.name} is trusted with.`);
    }
    case 'band':
      return implement.readings.length < 2
        ? ['Nothing is known of this band yet: read it on a hanging scale at two lengths or more.']
        : [];
    case 'fixed':
      return implement.count === 1 && implement.form !== 'kettlebell'
        ? ['There is only one of it: no pair can be made.']
        : [];
    case 'ankle':
    case 'vest':
    case 'prop':
      return [];
  }
}
