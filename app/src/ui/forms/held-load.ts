import { MOST_LIFTED_KG, MOST_LIFTED_WORDS, totalOf } from '@dray/core';
import * as z from 'zod';

const WORDS = $localize`has to be from 0, which is body weight, to ${MOST_LIFTED_WORDS}:most:, both hands together`;

/** A load as it is typed and shown, each hand's of a pair; judged as all that is held. */
export function heldLoad(pair: boolean): z.ZodType {
  return z
    .number(WORDS)
    .refine((kg) => kg >= 0 && totalOf(kg, pair) <= MOST_LIFTED_KG, { error: WORDS })
    .optional();
}
