import { stacksPerSide } from './plates';
import type { AttainableLoad, Maker } from './recipe';

const SLACK_KG = 1e-9;

/** A long bar with plates, balanced, up to what it is trusted with. A hexagonal bar is held its own way. */
export const barLoads: Maker<'bar'> = (stock, { hold }) =>
  stock.flatMap(({ implement: { form, barKg, plates, trustedKg = Infinity }, unit }) =>
    hold !== (form === 'hexBar' ? 'hexBar' : 'bar')
      ? []
      : stacksPerSide(plates, 2)
          .map((stack): AttainableLoad => ({
            kg: barKg + 2 * stack.kg,
            recipe: {
              hold,
              unit,
              part: { kind: 'bar', form, barKg, plates: stack.plates },
              pieces: 1 + 2 * stack.pieces,
            },
          }))
          .filter(({ kg }) => kg <= trustedKg + SLACK_KG),
  );
