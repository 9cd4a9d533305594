import './without-eval';
import * as z from 'zod';

/** What a version of an exercise can be made easier or harder by, beside its load. */
export const leverKindSchema = z.enum([
  'surfaceHeight',
  'feetHeight',
  'range',
  'leverage',
  'assistance',
  'base',
  'jumpHeight',
  'senses',
]);
export type LeverKind = z.infer<typeof leverKindSchema>;

export interface LeverFact {
  readonly name: string;
  readonly unit: string;
  /** Which way along the scale the exercise gets harder. */
  readonly harder: 'up' | 'down';
  /** Can be moved on the spot, with no other thing than the exercise has anyway. */
  readonly free: boolean;
}

/** Scales of the levers. The direction is common practice, no published source. */
export const LEVERS: Record<LeverKind, LeverFact> = {
  surfaceHeight: { name: 'surface', unit: 'cm', harder: 'down', free: false },
  range: { name: 'range', unit: '% of full', harder: 'up', free: true },
  assistance: { name: 'help from the hands', unit: '%', harder: 'down', free: true },
  base: { name: 'feet apart', unit: 'cm', harder: 'down', free: true },
  feetHeight: { name: 'feet raised', unit: 'cm', harder: 'up', free: false },
  leverage: { name: 'limbs straight', unit: '%', harder: 'up', free: true },
  jumpHeight: { name: 'jump', unit: 'cm', harder: 'up', free: true },
  senses: { name: 'eyes closed', unit: '%', harder: 'up', free: true },
};

export const leverRangeSchema = z
  .strictObject({ lever: leverKindSchema, from: z.number(), to: z.number() })
  .refine((range) => range.from < range.to, { message: 'a lever needs its lower end before its upper end' });
export type LeverRange = z.infer<typeof leverRangeSchema>;

/** Where each lever stands in one version. */
export const leverSettingsSchema = z.partialRecord(leverKindSchema, z.number());
export type LeverSettings = z.infer<typeof leverSettingsSchema>;
