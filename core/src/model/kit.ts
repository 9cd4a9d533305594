import * as z from 'zod';
import { implementSchema } from './implement';
import { archivedSchema, idSchema, nameSchema, unitSchema } from './vocabulary';

/** What a person or a place owns. */
export const kitSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  /** What its things are stamped with; recipes are written in it. */
  unit: unitSchema,
  implements: z.array(implementSchema).max(100),
  /** Where it is used there is no wall to stand at, as on a beach; a wall and a floor are there otherwise. */
  withoutWall: z.literal(true).optional(),
  archived: archivedSchema,
});
export type Kit = z.infer<typeof kitSchema>;
