import type { AttainableLoad, Maker } from './recipe';

/** A vest with none to all of its inserts. */
export const vestLoads: Maker<'vest'> = (stock, { hold }) =>
  hold !== 'vest'
    ? []
    : stock.flatMap(({ implement: { emptyKg, insertKg, inserts }, unit }) =>
        Array.from({ length: inserts + 1 }, (_, count): AttainableLoad => ({
          kg: emptyKg + count * insertKg,
          recipe: {
            hold,
            unit,
            part: { kind: 'vest', emptyKg, insertKg, inserts: count },
            pieces: 1 + count,
          },
        })).filter(({ kg }) => kg > 0),
      );
