import type { FixedWeight } from '../model';
import { massKey, type MassUnit } from '../units';
import { inHand, type Maker } from './recipe';

/**
 * A dumbbell or kettlebell makes its own mass, twice that as a pair when there are two alike, also when they were
 * counted in apart. A dumbbell and a kettlebell are no pair.
 */
export const fixedLoads: Maker<'fixed'> = (stock, { hold }) => {
  const inHands = inHand(hold);
  if (inHands === 0) return [];
  const alike = new Map<
    string,
    { form: FixedWeight['form']; massKg: number; owned: number; unit: MassUnit }
  >();
  for (const { implement, unit } of stock) {
    const { form, massKg, count } = implement;
    const key = `${form} ${massKey(massKg)}`;
    const known = alike.get(key);
    alike.set(key, { form, massKg, owned: count + (known?.owned ?? 0), unit: known?.unit ?? unit });
  }
  return [...alike.values()]
    .filter(({ owned }) => owned >= inHands)
    .map(({ form, massKg, unit }) => ({
      kg: massKg * inHands,
      recipe: { hold, unit, part: { kind: 'fixed', form, massKg, count: inHands }, pieces: inHands },
    }));
};
