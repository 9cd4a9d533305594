import { armFigures } from './arms';
import type { Figures } from './figure';
import { handsAndFeetFigures } from './hands-and-feet';
import { hipAndBalanceFigures } from './hips-and-balance';
import { legFigures } from './legs';
import { movingFigures } from './moving';
import { trunkFigures } from './trunk';

/** A figure for every exercise of the library. */
export const FIGURES: Figures = {
  ...legFigures,
  ...handsAndFeetFigures,
  ...armFigures,
  ...trunkFigures,
  ...hipAndBalanceFigures,
  ...movingFigures,
};
