import { meanHandShare } from '../body';
import { USUAL_HEIGHT_CM } from '../model';
import type { AttainableLoad, Maker } from './recipe';

/**
 * Props load nothing by themselves, but the higher the hands stand, the less of the body they carry: a press-up at each
 * surface there is, the floor included, as kilograms on the hands. Nothing for a body whose mass is not known.
 */
export const propLoads: Maker<'prop'> = (stock, { hold, wearer }) => {
  const { bodyMassKg, heightCm: statureCm } = wearer;
  if (hold !== 'hands' || bodyMassKg === undefined) return [];
  const load = (
    prop: (typeof stock)[number]['implement']['prop'] | undefined,
    heightCm: number,
    unit: AttainableLoad['recipe']['unit'],
  ): AttainableLoad => {
    const share = meanHandShare(heightCm, statureCm);
    return {
      kg: bodyMassKg * share,
      recipe: { hold, unit, part: { kind: 'hands', prop, heightCm, share }, pieces: prop ? 1 : 0 },
    };
  };
  return [
    ...stock.flatMap(({ implement: { prop, heightCm = USUAL_HEIGHT_CM[prop] }, unit }) =>
      heightCm === undefined ? [] : [load(prop, heightCm, unit)],
    ),
    load(undefined, 0, stock[0]?.unit ?? 'kg'),
  ];
};
