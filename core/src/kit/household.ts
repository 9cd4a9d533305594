import { DENSITY_KG_PER_LITRE, type Implement } from '../model';

/** A thing from the kitchen or the cupboard that stands in for a weight. */
export interface HouseholdThing {
  readonly name: string;
  /** What it usually weighs, or can be made to weigh, in words. */
  readonly usually: string;
  /** As a thing of a kit; ids are given when it is counted in. */
  readonly implement: Implement;
}

/** Masses are common practice, no published source; the kitchen scale has the last word. */
const WATER = { densityKgPerLitre: DENSITY_KG_PER_LITRE.water } as const;

function bottle(name: string, litres: number, emptyKg: number, stepLitres: number, count: number): Implement {
  return {
    kind: 'fillable',
    id: name,
    name,
    emptyKg,
    capacityLitres: litres,
    stepLitres,
    count,
    ...WATER,
  };
}

export const HOUSEHOLD: readonly HouseholdThing[] = [
  {
    name: 'two food cans',
    usually: 'about 0.4 kg each',
    implement: { kind: 'fixed', id: 'can', form: 'can', massKg: 0.4, count: 2 },
  },
  {
    name: 'two half-litre bottles',
    usually: '0.5 kg each when full',
    implement: bottle('small bottle', 0.5, 0.02, 0.1, 2),
  },
  {
    name: 'two large bottles',
    usually: 'to 2 kg each, in steps of 0.1 kg',
    implement: bottle('bottle', 2, 0.05, 0.1, 2),
  },
  {
    name: 'a jug with a handle',
    usually: 'to 5 kg, in steps of 0.25 kg',
    implement: bottle('jug', 5, 0.2, 0.25, 1),
  },
  {
    name: 'two jugs with handles',
    usually: 'to 5 kg each, in steps of 0.25 kg',
    implement: bottle('jug', 5, 0.2, 0.25, 2),
  },
  {
    name: 'a canister',
    usually: 'to 10 kg, in steps of 0.5 kg',
    implement: bottle('canister', 10, 0.5, 0.5, 1),
  },
  {
    name: 'a tote of books',
    usually: 'a book is 0.3 to 1 kg; to 9 kg',
    implement: {
      kind: 'bag',
      id: 'tote',
      name: 'tote',
      emptyKg: 0.2,
      handle: true,
      trustedKg: 9,
      items: [
        { name: 'thin book', massKg: 0.35, count: 4 },
        { name: 'thick book', massKg: 0.9, count: 6 },
      ],
    },
  },
  {
    name: 'a rucksack of bottles',
    usually: 'each full 1.5 L bottle is 1.53 kg; to 12 kg',
    implement: {
      kind: 'bag',
      id: 'rucksack',
      name: 'rucksack',
      emptyKg: 0.6,
      handle: false,
      trustedKg: 12,
      items: [
        { name: 'full 1.5 L bottle', massKg: 1.53, count: 7 },
        { name: 'full 0.5 L bottle', massKg: 0.52, count: 3 },
      ],
    },
  },
  {
    name: 'a suitcase',
    usually: 'to 20 kg if the handle is sound',
    implement: {
      kind: 'bag',
      id: 'suitcase',
      name: 'suitcase',
      emptyKg: 3,
      handle: true,
      trustedKg: 20,
      items: [
        { name: 'thick book', massKg: 0.9, count: 12 },
        { name: 'full 1.5 L bottle', massKg: 1.53, count: 4 },
      ],
    },
  },
  {
    name: 'a broomstick',
    usually: 'about 0.5 kg: a bar to learn with',
    implement: { kind: 'bar', id: 'broomstick', form: 'broomstick', barKg: 0.5, plates: [], trustedKg: 5 },
  },
];

/** How to be exact, in words. */
export const KITCHEN_SCALE_WAY =
  'To be exact, put it on a kitchen scale; too heavy for that, stand on the bathroom scale with it and without it. Check that handle and zip hold before you swing it.';
