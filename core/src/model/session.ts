import * as z from 'zod';
import { prescriptionByTierSchema } from './prescription';
import { schemeSchema } from './scheme';
import { archivedSchema, idSchema, nameSchema } from './vocabulary';

export const blockKindSchema = z.enum([
  'warmUp',
  'straight',
  'superset',
  'triSet',
  'circuit',
  'interval',
  'finisher',
  'balance',
  'coolDown',
]);
export type BlockKind = z.infer<typeof blockKindSchema>;

export interface BlockFact {
  readonly name: string;
  /** Its slots are done in turn, round after round. */
  readonly grouped: boolean;
  /** Its slots carry a letter, and the board shows them from the start. */
  readonly lettered: boolean;
  /** The clock leads: it does not wait for a change of things, and its last rest is taken too. */
  readonly clocked: boolean;
  readonly defaultRestSeconds: number;
}

/** Rests by kind: trade practice within the published goals (Haff & Triplett: hypertrophy 30-90 s). */
export const BLOCKS: Record<BlockKind, BlockFact> = {
  warmUp: { name: 'Warm-up', grouped: false, lettered: false, clocked: false, defaultRestSeconds: 0 },
  straight: { name: 'Straight sets', grouped: false, lettered: true, clocked: false, defaultRestSeconds: 90 },
  superset: { name: 'Superset', grouped: true, lettered: true, clocked: false, defaultRestSeconds: 60 },
  triSet: { name: 'Tri-set', grouped: true, lettered: true, clocked: false, defaultRestSeconds: 60 },
  circuit: { name: 'Circuit', grouped: true, lettered: true, clocked: false, defaultRestSeconds: 30 },
  interval: { name: 'Interval', grouped: true, lettered: true, clocked: true, defaultRestSeconds: 20 },
  finisher: { name: 'Finisher', grouped: true, lettered: true, clocked: true, defaultRestSeconds: 0 },
  balance: { name: 'Balance', grouped: false, lettered: true, clocked: false, defaultRestSeconds: 15 },
  coolDown: { name: 'Cool-down', grouped: false, lettered: false, clocked: false, defaultRestSeconds: 0 },
};

const ladderSourceSchema = z.strictObject({ kind: z.literal('ladder'), ladderId: idSchema });
const exerciseSourceSchema = z.strictObject({ kind: z.literal('exercise'), exerciseId: idSchema });

/** One movement: a ladder, so that everyone gets their rung, or one exercise for all. */
export const movementSourceSchema = z.discriminatedUnion('kind', [ladderSourceSchema, exerciseSourceSchema]);
export type MovementSource = z.infer<typeof movementSourceSchema>;

/** One movement of a combination. */
export const combinationPartSchema = z.strictObject({
  source: movementSourceSchema,
  /** How often in one repetition; absent is once. */
  times: z.int().min(2).max(10).optional(),
  /** Held while the others move: the bridge under a chest press. */
  held: z.literal(true).optional(),
});
export type CombinationPart = z.infer<typeof combinationPartSchema>;

/** Which side a one-sided part is on beside another: left leg and left arm, left leg and right arm, or in turn. */
export const combinationSidesSchema = z.enum(['same', 'opposite', 'alternating']);
export type CombinationSides = z.infer<typeof combinationSidesSchema>;

export const MOST_PARTS = 4;

/** Two to four movements done as one repetition. */
const combinationSourceSchema = z.strictObject({
  kind: z.literal('combination'),
  parts: z
    .array(combinationPartSchema)
    .min(2)
    .max(MOST_PARTS)
    .refine((parts) => parts.some(({ held }) => !held), {
      message: 'one part of a combination moves',
    }),
  sides: combinationSidesSchema.optional(),
});
export type CombinationSource = z.infer<typeof combinationSourceSchema>;

/** What stands in a slot: a ladder, so that everyone gets their rung, one exercise for all, or several done as one. */
export const slotSourceSchema = z.discriminatedUnion('kind', [
  ladderSourceSchema,
  exerciseSourceSchema,
  combinationSourceSchema,
]);
export type SlotSource = z.infer<typeof slotSourceSchema>;

/**
 * What identifies a source: the same for two slots that hold the same thing.
 *
 * @example sourceKey({ kind: 'ladder', ladderId: 'squat' }) // 'ladder squat'
 */
export function sourceKey(source: SlotSource): string {
  switch (source.kind) {
    case 'ladder':
      return `ladder ${source.ladderId}`;
    case 'exercise':
      return `exercise ${source.exerciseId}`;
    case 'combination':
      return `combination ${source.sides ?? ''} ${source.parts
        .map(({ source: part, times = 1, held }) => `${times}${held ? ' held' : ''} ${sourceKey(part)}`)
        .join(' + ')}`;
  }
}

/**
 * The movements of a source: itself, or the parts of a combination.
 *
 * @example movementsOf({ kind: 'ladder', ladderId: 'squat' }).length // 1
 */
export function movementsOf(source: SlotSource): readonly MovementSource[] {
  return source.kind === 'combination' ? source.parts.map((part) => part.source) : [source];
}

export const slotSchema = z.strictObject({
  id: idSchema,
  source: slotSourceSchema,
  prescriptions: prescriptionByTierSchema,
  /** Done instead by whoever may not do it: the quiet twin of a jump. */
  twin: slotSourceSchema.optional(),
  /** How it grows; when absent, the program's scheme. */
  scheme: schemeSchema.optional(),
});
export type Slot = z.infer<typeof slotSchema>;

export const blockSchema = z.strictObject({
  id: idSchema,
  kind: blockKindSchema,
  /** After each round when grouped, else after each set. */
  restSeconds: z.int().min(0).max(900),
  /** In a round, from one exercise to the next. */
  betweenSeconds: z.int().min(0).max(900).optional(),
  slots: z.array(slotSchema).max(40),
});
export type Block = z.infer<typeof blockSchema>;

/** What a session is for. */
export const focusSchema = z.enum([
  'wholeBody',
  'lower',
  'upperPush',
  'upperPull',
  'arms',
  'trunk',
  'balance',
  'posture',
]);
export type Focus = z.infer<typeof focusSchema>;
export const FOCUS_WORDS: Readonly<Record<Focus, string>> = {
  wholeBody: 'whole body',
  lower: 'lower body',
  upperPush: 'upper body, pushing',
  upperPull: 'upper body, pulling',
  arms: 'arms',
  trunk: 'trunk',
  balance: 'balance',
  posture: 'posture',
};

/** How fast repetitions go: led by somebody who counts, steady, or slow strength work. */
export const paceSchema = z.enum(['led', 'steady', 'slow']);
export type Pace = z.infer<typeof paceSchema>;
export const PACE_WORDS: Readonly<Record<Pace, string>> = {
  led: 'led, somebody counts',
  steady: 'steady',
  slow: 'slow strength work',
};

export const sessionSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  focus: focusSchema.optional(),
  /** Remarks on it that the coach has read and waved away. */
  dismissed: z.array(z.string().min(1).max(200)).max(200).optional(),
  budgetMinutes: z.int().min(1).max(180),
  /** Slow strength work when absent. */
  pace: paceSchema.optional(),
  blocks: z.array(blockSchema).max(40),
  archived: archivedSchema,
});
export type Session = z.infer<typeof sessionSchema>;
