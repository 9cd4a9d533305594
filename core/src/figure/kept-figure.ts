import { figureSchema, type KeptFigure } from '../model';
import { bearersOf, placedKeys, spotOf, upright, USUAL_STATURE_CM, type Key, type Placed } from '../body';
import type { Figure } from './figure';

/** Made once for each that is kept: what is worked out of a figure is kept by the figure. */
const FIGURES_OF = new WeakMap<KeptFigure, Figure>();

/**
 * The figure that is kept with an exercise of a coach's own.
 *
 * @returns undefined where it has not two poses, which the schema refuses
 * @example figureFrom(keptFrom(squat))?.move.keys.length // 2
 */
export function figureFrom(kept: KeptFigure): Figure | undefined {
  const known = FIGURES_OF.get(kept);
  if (known) return known;
  const { view, keys, hardest, round, ...looks } = kept;
  const [first, second, ...others] = keys;
  if (!first || !second) return undefined;
  const figure: Figure = {
    ...looks,
    move: {
      view,
      keys: [first, second, ...others],
      ...(hardest !== undefined && { hardest }),
      ...(round !== undefined && { round }),
    },
  };
  FIGURES_OF.set(kept, figure);
  return figure;
}

/**
 * A figure as it is kept, to be changed by hand: where it stands is said from now on, so that it stays there.
 *
 * @param figure any: the nearest of the library, to begin with
 * @param statureCm for whom it is drawn while it is changed
 * @example keptFrom(figureOf(squat, { levers: {}, statureCm: 170 })).keys[0].rests[0].at // where its heels are
 */
export function keptFrom({ move, ...looks }: Figure, statureCm = USUAL_STATURE_CM): KeptFigure {
  const { carried: _balance, keys, ...facts } = move;
  const placed = placedKeys(move, statureCm);
  // A copy of its own, in plain data: parts of the library's figures are shared.
  return figureSchema.parse(
    JSON.parse(
      JSON.stringify({
        ...looks,
        ...facts,
        keys: keys.map((key, at) => stayingPut(key, placed[at], placed[at - 1])),
      }),
    ),
  );
}

/** With one contact at least that says where it is: else the hips would, and the feet slide under them. */
function stayingPut(key: Key, placed: Placed | undefined, before: Placed | undefined): Key {
  const [first, ...others] = key.rests;
  if (!first || !placed || key.rests.some(({ at }) => at !== undefined)) return key;
  const was = before?.stance.rests.some(
    ({ with: bearing, side, on }) =>
      bearing === first.with && side === first.side && on.kind === first.on.kind,
  );
  return { ...key, rests: [{ ...first, at: was ? 'asBefore' : whereItIs(first, placed) }, ...others] };
}

/** Where along its surface a contact is: one number, or one for each side. */
export function whereItIs(rest: Key['rests'][number], placed: Placed): number | readonly [number, number] {
  const along = (side: 'near' | 'far' | undefined) => {
    const bearer = bearersOf(rest).find((own) => own.side === side) ?? bearersOf(rest)[0];
    const { x, y } = spotOf(placed.skeleton, bearer?.spot ?? 'hips');
    return thousandths(upright(rest.on) ? y : x);
  };
  const sided = bearersOf(rest).some(({ side }) => side !== undefined);
  return sided && rest.side === undefined ? [along('near'), along('far')] : along(rest.side);
}

/** Nearer nobody can see, and files stay short. */
export const thousandths = (value: number) => Math.round(value * 1000) / 1000;
