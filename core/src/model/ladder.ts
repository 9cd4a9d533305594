import * as z from 'zod';
import { needSchema } from './exercise';
import { leverSettingsSchema } from './lever';
import { demandSchema, idSchema, nameSchema, patternSchema, tierSchema } from './vocabulary';

/** What must be shown before the next rung: sets of reps or seconds with something left, on so many visits. */
export const gateSchema = z
  .strictObject({
    sets: z.int().min(1).max(10),
    reps: z.int().min(1).max(100).optional(),
    seconds: z.int().min(1).max(600).optional(),
    reserve: z.int().min(0).max(10),
    visits: z.int().min(1).max(10),
    /** What has to be seen besides, to be ticked by the coach. */
    seen: z.array(z.string().min(3).max(120)).max(4).optional(),
  })
  .refine((gate) => (gate.reps === undefined) !== (gate.seconds === undefined), {
    message: 'a gate counts either reps or seconds',
  });
export type Gate = z.infer<typeof gateSchema>;

export const rungSchema = z.strictObject({
  id: idSchema,
  exerciseId: idSchema,
  /** The version in a few words, as it stands in a cell: "hands on the counter". */
  name: nameSchema,
  /** What else this very version is called. */
  alsoCalled: z.array(nameSchema).max(12).optional(),
  tier: tierSchema,
  levers: leverSettingsSchema,
  /** Needed beside what the exercise needs anyway. */
  needs: z.array(needSchema),
  /** Demands this setting takes away again: a squat to a high seat is not a deep knee bend. */
  spares: z.array(demandSchema),
  gate: gateSchema,
  /** Rungs of other ladders that must be reached first. */
  prerequisites: z.array(z.strictObject({ ladderId: idSchema, rungId: idSchema })),
});
export type Rung = z.infer<typeof rungSchema>;

export const ladderSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  /** What else it is called; of what ships that stands apart. */
  alsoCalled: z.array(nameSchema).max(12).optional(),
  pattern: patternSchema,
  /** Easiest first. */
  rungs: z.array(rungSchema).min(1).max(12),
  /** What to do when a rung does not come. */
  whenStuck: z.string().min(3).max(240),
  /** By what to see that a rung was taken too early. */
  stepBack: z.string().min(3).max(240),
});
export type Ladder = z.infer<typeof ladderSchema>;
