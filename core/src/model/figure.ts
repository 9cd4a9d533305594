import * as z from 'zod';

// A figure as it is kept with an exercise of a coach's own: its poses, and what each of them rests on. See `body` for what it means.

/** With what a body rests on something. */
export const bearingSchema = z.enum([
  'foot',
  'ball',
  'heel',
  'toe',
  'knee',
  'seat',
  'back',
  'loins',
  'shoulders',
  'front',
  'head',
  'palm',
  'fingers',
  'elbow',
  'forearm',
  'grip',
  'hipSide',
  'shoulderSide',
]);
export type Bearing = z.infer<typeof bearingSchema>;

/** What is there to rest on. */
export const surfaceKindSchema = z.enum([
  'floor',
  'chair',
  'step',
  'counter',
  'wall',
  'bar',
  'post',
  'plate',
]);
export type SurfaceKind = z.infer<typeof surfaceKindSchema>;

/** The side towards the onlooker, and the other. */
const bodySideSchema = z.enum(['near', 'far']);
/** Shares of stature: nothing of a picture lies further away. */
const placeSchema = z.number().min(-3).max(3);
/** Joints have their own ranges, which the solver keeps; a whole body may be turned any way round. */
const degreesSchema = z.number().min(-360).max(360);
const bothSidesSchema = z.union([degreesSchema, z.tuple([degreesSchema, degreesSchema])]);

export const surfaceSchema = z.strictObject({
  kind: surfaceKindSchema,
  cm: z.number().min(0).max(300).optional(),
  share: placeSchema.optional(),
  behind: z.literal(true).optional(),
});

export const restSchema = z.strictObject({
  with: bearingSchema,
  side: bodySideSchema.optional(),
  on: surfaceSchema,
  at: z.union([placeSchema, z.tuple([placeSchema, placeSchema]), z.literal('asBefore')]).optional(),
  holds: z.literal(true).optional(),
  rubs: z.number().min(0).max(2).optional(),
  light: z.literal(true).optional(),
});

export const poseSchema = z.strictObject({
  lean: degreesSchema.optional(),
  spine: degreesSchema.optional(),
  neck: degreesSchema.optional(),
  hip: bothSidesSchema.optional(),
  knee: bothSidesSchema.optional(),
  ankle: bothSidesSchema.optional(),
  shoulder: bothSidesSchema.optional(),
  elbow: bothSidesSchema.optional(),
  wrist: bothSidesSchema.optional(),
  towards: z
    .strictObject({
      thigh: bothSidesSchema.optional(),
      shank: bothSidesSchema.optional(),
      foot: bothSidesSchema.optional(),
      upperArm: bothSidesSchema.optional(),
      forearm: bothSidesSchema.optional(),
    })
    .optional(),
});

export const poseKeySchema = z.strictObject({
  pose: poseSchema,
  rests: z.array(restSchema).max(12),
  balanced: z.boolean().optional(),
  hanging: z.enum(['both', 'near', 'far']).optional(),
  slow: z.number().positive().max(20).optional(),
});

/** So many poses at most; two at least: where it starts, and where it is hardest. */
export const MOST_POSES = 6;

export const figureSchema = z
  .strictObject({
    view: z.enum(['side', 'front']),
    keys: z.array(poseKeySchema).min(2).max(MOST_POSES),
    /** Which pose is hardest, counted from 0; the last where it is not said. */
    hardest: z
      .number()
      .int()
      .min(0)
      .max(MOST_POSES - 1)
      .optional(),
    round: z.boolean().optional(),
    heldAt: z.enum(['hands', 'back', 'hips', 'thighs', 'chest', 'ankle']).optional(),
    anchor: z
      .union([
        z.enum(['feet', 'nearFoot', 'back', 'seat', 'hands', 'knees']),
        z.strictObject({ x: placeSchema, y: placeSchema }),
      ])
      .optional(),
    beside: z
      .array(z.strictObject({ surface: surfaceSchema, x: placeSchema }))
      .max(4)
      .optional(),
    above: z.literal(true).optional(),
    works: z.enum(['near', 'both']).optional(),
  })
  .refine(({ keys, hardest = 0 }) => hardest < keys.length, {
    path: ['hardest'],
    message: 'the hardest pose is one of those that are there',
  });
/** Kept with an exercise: what it looks like, drawn by whoever wrote it. */
export type KeptFigure = z.infer<typeof figureSchema>;
