import { overrideSchema, totalOf } from '@dray/core';
import * as z from 'zod';

const ALL = overrideSchema.shape.loadKg.unwrap();
const WORDS = $localize`has to be from 0, which is body weight, to 500 kg (1100 lb), both hands together`;

/** A load as it is typed and shown, each hand's of a pair; judged as all that is held. */
export function heldLoad(pair: boolean): z.ZodType {
  return z
    .number(WORDS)
    .refine((kg) => ALL.safeParse(totalOf(kg, pair)).success, { error: WORDS })
    .optional();
}
