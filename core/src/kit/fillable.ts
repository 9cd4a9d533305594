import type { Fillable } from '../model';
import { inHand, type AttainableLoad, type Maker } from './recipe';

/** Mass in kilograms of a container filled to `litres`. */
export function massForFill(container: Fillable, litres: number): number {
  return container.emptyKg + litres * container.densityKgPerLitre;
}

/** A bottle at every mark a person can read, from the first mark to full; a pair is filled alike. */
export const fillableLoads: Maker<Fillable> = (container, hold, unit) => {
  const count = inHand(hold);
  if (count === 0 || container.count < count) return [];
  const { capacityLitres, stepLitres, name } = container;
  // A full bottle is always readable, also when the marks do not divide it evenly. The little slack is for
  // 0.3 / 0.1 being 2.9999999999999996 in floating point.
  const marks = Math.floor(capacityLitres / stepLitres + 1e-9);
  const fills = Array.from({ length: marks }, (_, mark) => round((mark + 1) * stepLitres));
  if (fills.at(-1) !== capacityLitres) fills.push(capacityLitres);
  return fills.map((litres): AttainableLoad => ({
    kg: count * massForFill(container, litres),
    recipe: { hold, unit, part: { kind: 'fillable', name, litres, count }, pieces: count * 2 },
  }));
};

function round(litres: number): number {
  return Math.round(litres * 1e6) / 1e6;
}
