import { BAR_WORDS, PROP_WORDS } from '../model';
import { formatLoad, formatMass, type MassUnit } from '../units';
import { STANCE_WORDS, type BandSetUp } from './band-set-up';
import type { ItemCount, PlateStack, Recipe, RecipePart } from './recipe';

type PartOf<Kind extends RecipePart['kind']> = Extract<RecipePart, { kind: Kind }>;

function plateWords(plates: readonly PlateStack[], unit: MassUnit): string {
  return plates
    .map(({ massKg, perSide }) => (perSide === 1 ? '' : `${perSide}×`) + formatMass(massKg, unit))
    .join(' + ');
}

function itemWords(items: readonly ItemCount[]): string {
  return items.map(({ name, count }) => (count === 1 ? name : `${count} ${name}`)).join(', ');
}

/** "doubled, one foot, hands 10 cm in": what is done with a band beside standing on it. */
export function setUpWords({ strands, stance, inCm, wraps }: BandSetUp, fixedBy: string): string {
  const byFeet = /feet|foot/.test(fixedBy);
  const fixed =
    strands === 1
      ? byFeet
        ? 'one end under a foot'
        : `one end by ${fixedBy}`
      : byFeet
        ? STANCE_WORDS[stance]
        : fixedBy;
  return [
    strands === 4 ? 'doubled' : '',
    fixed,
    inCm > 0 ? `hands ${inCm} cm in` : '',
    wraps > 0 ? `round the hand ${wraps === 1 ? 'once' : 'twice'}` : '',
  ]
    .filter((words) => words !== '')
    .join(', ');
}

const WORDS: { readonly [Kind in RecipePart['kind']]: (part: PartOf<Kind>, unit: MassUnit) => string } = {
  fixed: ({ form, massKg, count }, unit) =>
    count === 2 ? `two ${form}s ${formatLoad(massKg, unit)}` : `${form} ${formatLoad(massKg, unit)}`,
  adjustable: ({ plates, count }, unit) => {
    if (plates.length === 0) return count === 2 ? 'two bare handles' : 'bare handle';
    return `${count === 2 ? 'two handles' : 'handle'} + ${plateWords(plates, unit)} ${unit} a side`;
  },
  bar: ({ form, plates }, unit) =>
    plates.length === 0
      ? `bare ${BAR_WORDS[form]}`
      : `${BAR_WORDS[form]} + ${plateWords(plates, unit)} ${unit} a side`,
  fillable: ({ name, litres, count }) => {
    const to = `${Number(litres.toFixed(2))} L`;
    return count === 2 ? `two ${name}s, each to ${to}` : `${name} to ${to}`;
  },
  bag: ({ name, items }) => (items.length === 0 ? `empty ${name}` : `${name}: ${itemWords(items)}`),
  band: ({ name, setUp, fixedBy, startKg, peakKg }, unit) =>
    `${name}, ${setUpWords(setUp, fixedBy)}: ${formatMass(startKg, unit)} to ${formatLoad(peakKg, unit)}`,
  ankle: ({ massesKg }, unit) =>
    massesKg.length === 1
      ? `ankle weight ${formatLoad(massesKg[0] ?? 0, unit)}`
      : `ankle weights ${massesKg.map((kg) => formatMass(kg, unit)).join(' + ')} ${unit}`,
  vest: ({ inserts }) =>
    inserts === 0 ? 'empty vest' : `vest with ${inserts} ${inserts === 1 ? 'insert' : 'inserts'}`,
  hands: ({ prop, heightCm }) =>
    prop ? `hands on ${PROP_WORDS[prop]}, ${Math.round(heightCm)} cm` : 'hands on the floor',
};

/**
 * A recipe as it is said across the room, in the unit the things are stamped with: "two dumbbells 10 kg",
 * "handle + 5 + 1.25 kg a side", "two bottles, each to 1.3 L", "tote: two books, jar".
 */
export function recipeWords({ part, unit }: Recipe): string {
  return wordsOf(part, unit);
}

/**
 * What the handle or zip of a load is trusted with; undefined where there is none to break.
 *
 * @param recipe how the load is made
 * @param unit the reader's
 * @example trustWords(suitcase, 'kg') // 'handle and zip hold 20 kg'
 */
export function trustWords({ part }: Recipe, unit: MassUnit): string | undefined {
  if (part.kind === 'bag' && part.trustedKg !== undefined) {
    return `handle and zip hold ${formatLoad(part.trustedKg, unit)}`;
  }
  if (part.kind === 'fillable' && part.trustedKg !== undefined) {
    return `the handle holds ${formatLoad(part.trustedKg, unit)}`;
  }
  return undefined;
}

function wordsOf<Kind extends RecipePart['kind']>(part: PartOf<Kind>, unit: MassUnit): string {
  const words = WORDS[part.kind] as (part: PartOf<Kind>, unit: MassUnit) => string;
  return words(part, unit);
}
