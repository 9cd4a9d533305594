import * as z from 'zod';
import { implementSchema } from './implement';
import { idSchema, nameSchema, unitSchema } from './vocabulary';

/** What a person or a place owns. */
export const kitSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  /** What its things are stamped with; recipes are written in it. */
  unit: unitSchema,
  implements: z.array(implementSchema).max(100),
});
export type Kit = z.infer<typeof kitSchema>;
