import {
  BAR_WORDS,
  barFormSchema,
  DENSITY_KG_PER_LITRE,
  kgFromPounds,
  PROP_WORDS,
  propSchema,
  type Implement,
  type ImplementKind,
  type MassUnit,
} from '@dray/core';
import type { Option } from '../ui/forms/choice-field';

/** One field of a thing in a kit. */
export interface FieldOf {
  readonly key: string;
  readonly label: string;
  readonly kind: 'mass' | 'number' | 'words' | 'choice' | 'check';
  readonly suffix?: string;
  readonly choices?: readonly Option<string | number>[];
}

/** Things counted in rows: plates, what goes into a bag. */
export interface RowsOf {
  readonly key: string;
  readonly label: string;
  readonly add: string;
  readonly fields: readonly FieldOf[];
  readonly fresh: (unit: MassUnit) => object;
}

interface FormOf {
  readonly fields: readonly FieldOf[];
  readonly rows?: RowsOf;
}

const mass = (key: string, label: string): FieldOf => ({ key, label, kind: 'mass' });
const count = (key = 'count', label = $localize`how many`): FieldOf => ({ key, label, kind: 'number' });

const PLATES: RowsOf = {
  key: 'plates',
  label: $localize`plates, all there are`,
  add: $localize`another size`,
  fields: [mass('massKg', 'each'), count()],
  fresh: (unit) => ({ massKg: unit === 'kg' ? 2.5 : kgFromPounds(5), count: 4 }),
};

/** What can be said of each kind, in the order it is asked. */
export const FORMS: Readonly<Record<ImplementKind, FormOf>> = {
  fixed: {
    fields: [
      {
        key: 'form',
        label: $localize`which`,
        kind: 'choice',
        choices: ['dumbbell', 'kettlebell', 'can'].map((value) => ({ value, words: value })),
      },
      mass('massKg', 'each'),
      count(),
    ],
  },
  adjustable: {
    fields: [
      {
        key: 'handles',
        label: $localize`handles`,
        kind: 'choice',
        choices: [
          { value: 1, words: $localize`one` },
          { value: 2, words: $localize`two` },
        ],
      },
      mass('handleKg', $localize`one handle, with collars`),
    ],
    rows: PLATES,
  },
  bar: {
    fields: [
      {
        key: 'form',
        label: $localize`which`,
        kind: 'choice',
        choices: barFormSchema.options.map((value) => ({ value, words: BAR_WORDS[value] })),
      },
      mass('barKg', $localize`the bar, with collars`),
      mass('trustedKg', $localize`trusted with`),
    ],
    rows: PLATES,
  },
  fillable: {
    fields: [
      { key: 'name', label: $localize`what`, kind: 'words' },
      { key: 'capacityLitres', label: $localize`holds`, kind: 'number', suffix: 'L' },
      {
        key: 'densityKgPerLitre',
        label: $localize`filled with`,
        kind: 'choice',
        choices: Object.entries(DENSITY_KG_PER_LITRE).map(([words, value]) => ({
          value,
          words,
        })),
      },
      { key: 'stepLitres', label: $localize`a mark every`, kind: 'number', suffix: 'L' },
      mass('emptyKg', 'empty'),
      count(),
      mass('trustedKg', $localize`trusted with`),
    ],
  },
  bag: {
    fields: [
      { key: 'name', label: $localize`what`, kind: 'words' },
      mass('emptyKg', 'empty'),
      mass('trustedKg', $localize`trusted with`),
      { key: 'handle', label: $localize`has a handle`, kind: 'check' },
    ],
    rows: {
      key: 'items',
      label: $localize`what goes into it`,
      add: $localize`another thing`,
      fields: [{ key: 'name', label: $localize`what`, kind: 'words' }, mass('massKg', 'each'), count()],
      fresh: () => ({ name: $localize`book`, massKg: 0.5, count: 1 }),
    },
  },
  band: {
    fields: [
      { key: 'name', label: $localize`what`, kind: 'words' },
      { key: 'slackCm', label: $localize`lying slack, hook to hook`, kind: 'number', suffix: $localize`cm` },
    ],
    rows: {
      key: 'readings',
      label: $localize`readings on the scale`,
      add: $localize`a reading by hand`,
      fields: [
        { key: 'lengthCm', label: $localize`pulled to`, kind: 'number', suffix: $localize`cm` },
        mass('forceKg', 'read'),
      ],
      fresh: () => ({ lengthCm: 200, forceKg: 5 }),
    },
  },
  ankle: { fields: [mass('massKg', 'each'), count()] },
  vest: {
    fields: [mass('emptyKg', 'empty'), mass('insertKg', $localize`one insert`), count('inserts', 'inserts')],
  },
  prop: {
    fields: [
      {
        key: 'prop',
        label: $localize`what`,
        kind: 'choice',
        choices: propSchema.options.map((value) => ({
          value,
          words: PROP_WORDS[value].replace(/^an? /, ''),
        })),
      },
      { key: 'heightCm', label: $localize`how high`, kind: 'number', suffix: $localize`cm` },
    ],
  },
};

/** The plainest thing of each kind, to be changed at once. */
export function plainThing(kind: ImplementKind, unit: MassUnit): Implement {
  const kg = (inKg: number, inLb: number) => (unit === 'kg' ? inKg : kgFromPounds(inLb));
  const things: { readonly [Kind in ImplementKind]: Extract<Implement, { kind: Kind }> } = {
    fixed: { kind: 'fixed', id: 'new', form: 'dumbbell', massKg: kg(5, 10), count: 2 },
    adjustable: {
      kind: 'adjustable',
      id: 'new',
      handleKg: kg(2, 5),
      handles: 2,
      plates: [{ massKg: kg(2.5, 5), count: 4 }],
    },
    bar: {
      kind: 'bar',
      id: 'new',
      form: 'barbell',
      barKg: kg(10, 25),
      plates: [{ massKg: kg(5, 10), count: 2 }],
    },
    fillable: {
      kind: 'fillable',
      id: 'new',
      name: $localize`bottle`,
      emptyKg: 0.05,
      capacityLitres: 2,
      densityKgPerLitre: DENSITY_KG_PER_LITRE.water,
      stepLitres: 0.1,
      count: 2,
    },
    bag: {
      kind: 'bag',
      id: 'new',
      name: $localize`tote`,
      emptyKg: 0.2,
      handle: true,
      trustedKg: 9,
      items: [{ name: $localize`book`, massKg: 0.5, count: 4 }],
    },
    band: { kind: 'band', id: 'new', name: $localize`band`, slackCm: 100, readings: [] },
    ankle: { kind: 'ankle', id: 'new', massKg: kg(1, 2), count: 2 },
    vest: { kind: 'vest', id: 'new', emptyKg: kg(1, 2), insertKg: kg(1, 2), inserts: 8 },
    prop: { kind: 'prop', id: 'new', prop: 'chair' },
  };
  return things[kind];
}
