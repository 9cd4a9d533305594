import * as z from 'zod';
import { idSchema, nameSchema, propSchema } from './vocabulary';

/** Sentences of its own, so that whoever counts things in reads what is wrong beside the field. */
const MASS_WORDS = 'a mass has to be more than 0 and at most 200 kg (440 lb)';
const massKgSchema = z.number(MASS_WORDS).positive(MASS_WORDS).max(200, MASS_WORDS);
const EMPTY_WORDS = 'an empty thing weighs from 0 to 20 kg (44 lb)';
const emptyKgSchema = z.number(EMPTY_WORDS).min(0, EMPTY_WORDS).max(20, EMPTY_WORDS);
const COUNT_WORDS = 'a count is a whole number from 1 to 50';
const countSchema = z.int(COUNT_WORDS).min(1, COUNT_WORDS).max(50, COUNT_WORDS);
const TRUSTED_WORDS = 'what it is trusted with has to be more than 0 and at most 200 kg (440 lb)';
/** The most a handle, zip or strap is trusted with, the thing itself included. */
const trustedKgSchema = z.number(TRUSTED_WORDS).positive(TRUSTED_WORDS).max(200, TRUSTED_WORDS);
const LENGTH_WORDS = 'a length has to be from 5 to 400 cm';
const lengthCmSchema = z.number(LENGTH_WORDS).min(5, LENGTH_WORDS).max(400, LENGTH_WORDS);

const platesSchema = z.array(z.strictObject({ massKg: massKgSchema, count: countSchema })).max(16);

/** Heaviest dumbbell, kettlebell or ankle weight anybody hangs on to: more is a slip of the finger. */
const HAND_WORDS = 'a dumbbell or kettlebell weighs more than 0 and at most 100 kg (220 lb)';

/** Dumbbells, kettlebells or cans of one fixed mass, and how many of them. */
export const fixedSchema = z.strictObject({
  kind: z.literal('fixed'),
  id: idSchema,
  form: z.enum(['dumbbell', 'kettlebell', 'can']),
  massKg: z.number(HAND_WORDS).positive(HAND_WORDS).max(100, HAND_WORDS),
  count: countSchema,
});
export type FixedWeight = z.infer<typeof fixedSchema>;

/** One or two short handles with counted plates. */
export const adjustableSchema = z.strictObject({
  kind: z.literal('adjustable'),
  id: idSchema,
  /** One handle with its collars. */
  handleKg: massKgSchema,
  handles: z.union([z.literal(1), z.literal(2)], 'there are one or two handles'),
  /** All plates there are, over both handles. */
  plates: platesSchema,
});
export type AdjustablePair = z.infer<typeof adjustableSchema>;

export const barFormSchema = z.enum(['barbell', 'hexBar', 'broomstick']);
export type BarForm = z.infer<typeof barFormSchema>;
export const BAR_WORDS: Record<BarForm, string> = {
  barbell: 'bar',
  hexBar: 'hexagonal bar',
  broomstick: 'broomstick',
};

/** A long bar with counted plates. */
export const barSchema = z
  .strictObject({
    kind: z.literal('bar'),
    id: idSchema,
    form: barFormSchema,
    barKg: massKgSchema,
    plates: platesSchema,
    trustedKg: trustedKgSchema.optional(),
  })
  .refine((bar) => bar.trustedKg === undefined || bar.trustedKg >= bar.barKg, {
    message: 'a bar has to be trusted with at least its own mass',
    path: ['trustedKg'],
  });
export type Bar = z.infer<typeof barSchema>;

/** What a container is filled with. */
export const fillingSchema = z.enum(['water', 'sand', 'rice', 'gravel', 'other']);
export type Filling = z.infer<typeof fillingSchema>;

/**
 * Kilograms in a litre as poured. Water at 20 °C: CRC Handbook (from memory). Dry sand, rice and gravel as they settle
 * in a bottle: common practice, no published source; a kitchen scale is exact.
 */
export const DENSITY_KG_PER_LITRE: Record<Exclude<Filling, 'other'>, number> = {
  water: 0.9982,
  sand: 1.6,
  rice: 0.85,
  gravel: 1.5,
};

/** Bottles, jugs and canisters, filled to a mark. */
export const fillableSchema = z
  .strictObject({
    kind: z.literal('fillable'),
    id: idSchema,
    name: nameSchema,
    emptyKg: emptyKgSchema,
    capacityLitres: z
      .number('a capacity has to be a number of litres')
      .positive('a capacity has to be more than 0 L')
      .max(30, 'a container holds at most 30 L'),
    densityKgPerLitre: z
      .number('a density has to be a number of kilograms in a litre')
      .positive('a density has to be more than 0 kg in a litre')
      .max(12, 'nothing poured weighs more than 12 kg in a litre'),
    /** The finest fill a person can read off it. */
    stepLitres: z
      .number('the marks have to be a number of litres apart')
      .min(0.01, 'marks closer than 0.01 L cannot be read')
      .max(5, 'marks are at most 5 L apart'),
    count: countSchema,
    trustedKg: trustedKgSchema.optional(),
  })
  .refine((container) => container.stepLitres <= container.capacityLitres, {
    message: 'the marks on it cannot be further apart than it is large',
    path: ['stepLitres'],
  });
export type Fillable = z.infer<typeof fillableSchema>;

const GRAM_WORDS = 'an item is weighed to the gram: use at most three decimals in kilograms';
const ITEM_WORDS = 'an item weighs more than 0 and at most 20 kg (44 lb)';

/** Something that goes into a bag, weighed to the gram as a kitchen scale does. */
export const bagItemSchema = z.strictObject({
  name: nameSchema,
  massKg: z
    .number(ITEM_WORDS)
    .positive(ITEM_WORDS)
    .max(20, ITEM_WORDS)
    .refine((kg) => Math.abs(kg * 1000 - Math.round(kg * 1000)) < 1e-6, GRAM_WORDS),
  count: countSchema,
});
export type BagItem = z.infer<typeof bagItemSchema>;

/** Tote, rucksack or suitcase with the things that go into it. */
export const bagSchema = z
  .strictObject({
    kind: z.literal('bag'),
    id: idSchema,
    name: nameSchema,
    emptyKg: emptyKgSchema,
    /** Has a handle one hand can hang on to; else it is hugged or worn. */
    handle: z.boolean(),
    items: z.array(bagItemSchema).max(40, 'a bag takes at most 40 different things'),
    trustedKg: trustedKgSchema.max(40, 'no bag is trusted with more than 40 kg (88 lb)'),
  })
  .refine((bag) => bag.trustedKg > bag.emptyKg, {
    message: 'a bag has to be trusted with more than its own mass',
    path: ['trustedKg'],
  });
export type Bag = z.infer<typeof bagSchema>;

const FORCE_WORDS = 'a reading has to be more than 0 and at most 100 kg (220 lb)';
const readingSchema = z.strictObject({
  lengthCm: lengthCmSchema,
  forceKg: z.number(FORCE_WORDS).positive(FORCE_WORDS).max(100, FORCE_WORDS),
});
/** One pull on a hanging scale: how long the band was, and the kilograms read. */
export type BandReading = z.infer<typeof readingSchema>;

/** An elastic band, known only by its own readings: no printed number is trusted. */
export const bandSchema = z
  .strictObject({
    kind: z.literal('band'),
    id: idSchema,
    name: nameSchema,
    /** From hook to hook, lying slack. */
    slackCm: lengthCmSchema,
    readings: z.array(readingSchema).max(20),
  })
  .refine((band) => band.readings.every(({ lengthCm }) => lengthCm > band.slackCm), {
    message: 'a pull has to be longer than the band lies slack',
    path: ['readings'],
  });
export type Band = z.infer<typeof bandSchema>;

const ANKLE_WORDS = 'an ankle weight weighs more than 0 and at most 10 kg (22 lb)';

/** Cuffs for the ankle, and how many of them. */
export const ankleSchema = z.strictObject({
  kind: z.literal('ankle'),
  id: idSchema,
  massKg: z.number(ANKLE_WORDS).positive(ANKLE_WORDS).max(10, ANKLE_WORDS),
  count: countSchema,
});
export type AnkleWeight = z.infer<typeof ankleSchema>;

/** A vest with inserts of one mass. */
export const vestSchema = z.strictObject({
  kind: z.literal('vest'),
  id: idSchema,
  emptyKg: emptyKgSchema,
  insertKg: massKgSchema.max(10, 'an insert weighs at most 10 kg (22 lb)'),
  inserts: z.int(COUNT_WORDS).min(0, COUNT_WORDS).max(50, COUNT_WORDS),
});
export type Vest = z.infer<typeof vestSchema>;

const HEIGHT_WORDS = 'a height has to be from 1 to 150 cm';

/** Something that loads nothing by itself, but holds, pads or raises; its height says how much body it carries. */
export const propImplementSchema = z.strictObject({
  kind: z.literal('prop'),
  id: idSchema,
  prop: propSchema,
  heightCm: z.number(HEIGHT_WORDS).min(1, HEIGHT_WORDS).max(150, HEIGHT_WORDS).optional(),
});
export type PropImplement = z.infer<typeof propImplementSchema>;

export const implementSchema = z.discriminatedUnion('kind', [
  fixedSchema,
  adjustableSchema,
  barSchema,
  fillableSchema,
  bagSchema,
  bandSchema,
  ankleSchema,
  vestSchema,
  propImplementSchema,
]);
/** One thing in a kit. */
export type Implement = z.infer<typeof implementSchema>;
export type ImplementKind = Implement['kind'];
export type ImplementOf<Kind extends ImplementKind> = Extract<Implement, { kind: Kind }>;
