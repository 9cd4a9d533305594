import type { Fillable } from '../model';
import { inHand, type AttainableLoad, type Maker } from './recipe';

type Container = Pick<
  Fillable,
  'name' | 'emptyKg' | 'capacityLitres' | 'densityKgPerLitre' | 'stepLitres' | 'trustedKg'
>;

/** For 0.3 / 0.1 being 2.9999999999999996 in floating point. */
const SLACK = 1e-9;

/** Mass in kilograms of a container filled to `litres`. */
export function massForFill(
  container: Pick<Fillable, 'emptyKg' | 'densityKgPerLitre'>,
  litres: number,
): number {
  return container.emptyKg + litres * container.densityKgPerLitre;
}

/** Larger containers hang on a handle. Common practice, no published source. */
const HANDLE_FROM_LITRES = 3;

/**
 * What a container is trusted with: what its owner says, else for one that hangs on a handle what it was made to carry, full of
 * water; a bottle is gripped round itself and has no handle to break. Common practice, no published source.
 *
 * @param container as it is counted in
 * @returns kilograms, the container included; undefined without a handle
 * @example trustedWith({ ...jug, capacityLitres: 5, emptyKg: 0.2 }) // 5.2
 */
export function trustedWith({ trustedKg, capacityLitres, emptyKg }: Container): number | undefined {
  return trustedKg ?? (capacityLitres >= HANDLE_FROM_LITRES ? emptyKg + capacityLitres : undefined);
}

/** The heaviest it may be: full, or what its handle is trusted with. */
export function mostFilledKg(container: Container): number {
  return Math.min(massForFill(container, container.capacityLitres), trustedWith(container) ?? Infinity);
}

export type FillAnswer =
  | {
      readonly ok: true;
      /** To a mark a person can read. */
      readonly litres: number;
      /** What it then weighs. */
      readonly kg: number;
    }
  /** What is wrong, and what to use instead. */
  | { readonly ok: false; readonly sentence: string };

/**
 * How far to fill a container for a mass, to the nearest mark that can be read.
 *
 * @param targetKg the whole, container included
 * @returns a refusal in words when it is lighter than the empty container or heavier than it can be
 */
export function fillForMass(container: Container, targetKg: number): FillAnswer {
  const { name, emptyKg, capacityLitres, densityKgPerLitre } = container;
  if (!(targetKg >= emptyKg)) {
    return {
      ok: false,
      sentence: `The empty ${name} alone weighs ${kilograms(emptyKg)} kg: take something lighter.`,
    };
  }
  const most = mostFilledKg(container);
  if (targetKg > most + SLACK) {
    const why =
      massForFill(container, capacityLitres) > most + SLACK
        ? `the handle is trusted with no more than ${kilograms(most)} kg`
        : `full it weighs ${kilograms(most)} kg`;
    const denser =
      densityKgPerLitre < 1.5 && massForFill({ emptyKg, densityKgPerLitre: 1.6 }, capacityLitres) >= targetKg
        ? 'fill it with dry sand, or '
        : '';
    return {
      ok: false,
      sentence: `A ${name} cannot make ${kilograms(targetKg)} kg, ${why}: ${denser}take a larger one, or two.`,
    };
  }
  const exact = (targetKg - emptyKg) / densityKgPerLitre;
  const marked = marksOf(container).reduce((best, litres) =>
    Math.abs(litres - exact) < Math.abs(best - exact) - SLACK ? litres : best,
  );
  return { ok: true, litres: marked, kg: massForFill(container, marked) };
}

function kilograms(kg: number): number {
  return Math.round(kg * 100) / 100;
}

/** Empty, every mark, and full: a full bottle is always readable, also when the marks do not divide it evenly. */
function marksOf(container: Container): number[] {
  const { capacityLitres, stepLitres } = container;
  const count = Math.floor(capacityLitres / stepLitres + SLACK);
  const marks = Array.from({ length: count + 1 }, (_, mark) => Math.round(mark * stepLitres * 1e6) / 1e6);
  if (marks.at(-1) !== capacityLitres) marks.push(capacityLitres);
  const most = mostFilledKg(container);
  return marks.filter((litres) => massForFill(container, litres) <= most + SLACK);
}

/** A bottle at every mark a person can read, from the first mark to full; a pair is filled alike. */
export const fillableLoads: Maker<'fillable'> = (stock, { hold }) => {
  const count = inHand(hold);
  if (count === 0) return [];
  return stock.flatMap(({ implement, unit }) => {
    if (implement.count < count) return [];
    const { name, capacityLitres } = implement;
    return marksOf(implement)
      .slice(1)
      .map((litres): AttainableLoad => ({
        kg: count * massForFill(implement, litres),
        recipe: {
          hold,
          unit,
          part: { kind: 'fillable', name, litres, capacityLitres, count, trustedKg: trustedWith(implement) },
          pieces: count * 2,
        },
      }));
  });
};
