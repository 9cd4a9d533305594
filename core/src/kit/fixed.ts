import type { FixedWeight } from '../model';
import { inHand, type Maker } from './recipe';

/** A dumbbell or kettlebell makes its own mass, twice that as a pair when there are two of them. */
export const fixedLoads: Maker<FixedWeight> = ({ form, massKg, count: owned }, hold, unit) => {
  const count = inHand(hold);
  if (count === 0 || owned < count) return [];
  return [
    {
      kg: massKg * count,
      recipe: { hold, unit, part: { kind: 'fixed', form, massKg, count }, pieces: count },
    },
  ];
};
