import { stacksPerSide } from './plates';
import { inHand, type AttainableLoad, type Maker } from './recipe';

/** Handles with plates, balanced left and right, equal in both hands. */
export const adjustableLoads: Maker<'adjustable'> = (stock, { hold }) => {
  const count = inHand(hold);
  if (count === 0) return [];
  return stock.flatMap(({ implement: { handleKg, handles, plates }, unit }) =>
    handles < count
      ? []
      : stacksPerSide(plates, 2 * count).map((stack): AttainableLoad => ({
          kg: count * (handleKg + 2 * stack.kg),
          recipe: {
            hold,
            unit,
            part: { kind: 'adjustable', handleKg, plates: stack.plates, count },
            pieces: count * (1 + 2 * stack.pieces),
          },
        })),
  );
};
