import * as z from 'zod';
import { idSchema, nameSchema, propSchema, unitSchema } from './vocabulary';

const MASS_WORDS = 'a mass has to be more than 0 and at most 200 kg';
const massKgSchema = z.number().positive(MASS_WORDS).max(200, MASS_WORDS);
const countSchema = z.int().min(1).max(50);

export const fixedSchema = z.strictObject({
  kind: z.literal('fixed'),
  id: idSchema,
  form: z.enum(['dumbbell', 'kettlebell']),
  massKg: massKgSchema,
  count: countSchema,
});
export type FixedWeight = z.infer<typeof fixedSchema>;

export const adjustableSchema = z.strictObject({
  kind: z.literal('adjustable'),
  id: idSchema,
  /** One handle with its collars. */
  handleKg: massKgSchema,
  handles: z.union([z.literal(1), z.literal(2)]),
  /** All plates there are, over both handles. */
  plates: z.array(z.strictObject({ massKg: massKgSchema, count: countSchema })).max(16),
});
export type AdjustablePair = z.infer<typeof adjustableSchema>;

export const fillableSchema = z
  .strictObject({
    kind: z.literal('fillable'),
    id: idSchema,
    name: nameSchema,
    emptyKg: z.number().min(0).max(10),
    capacityLitres: z.number().positive().max(30),
    /** Water at 20 °C is 0.9982 kg/L (CRC Handbook). */
    densityKgPerLitre: z.number().positive().max(5),
    /** The finest fill a person can read off it. */
    stepLitres: z.number().positive().max(5),
    count: countSchema,
  })
  .refine((container) => container.stepLitres <= container.capacityLitres, {
    message: 'the marks on it cannot be further apart than it is large',
    path: ['stepLitres'],
  });
export type Fillable = z.infer<typeof fillableSchema>;

export const propImplementSchema = z.strictObject({
  kind: z.literal('prop'),
  id: idSchema,
  prop: propSchema,
});
export type PropImplement = z.infer<typeof propImplementSchema>;

export const implementSchema = z.discriminatedUnion('kind', [
  fixedSchema,
  adjustableSchema,
  fillableSchema,
  propImplementSchema,
]);
export type Implement = z.infer<typeof implementSchema>;

export const kitSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  /** What its things are stamped with; recipes are written in it. */
  unit: unitSchema,
  implements: z.array(implementSchema).max(100),
});
export type Kit = z.infer<typeof kitSchema>;
