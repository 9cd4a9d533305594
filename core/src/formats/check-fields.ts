import type * as z from 'zod';

/** So many different values of a field are remembered: dates, people and loads are few, ids are not. */
const MOST_REMEMBERED = 10_000;

/** What is wrong with a field; its path begins at the record. */
export type FieldIssue = z.core.$ZodIssue;

/**
 * Checks records by a schema field by field, each different value once: a long table says the same few over and over. For schemas
 * whose fields are not checked against each other.
 *
 * @param schema of a record
 * @returns takes a record, puts trimmed values right in place, and says what is wrong first, if anything
 * @example fieldChecks(logEntrySchema)({ …, amount: -1 })?.path // ['amount']
 */
export function fieldChecks(
  schema: z.ZodObject,
): (record: Record<string, unknown>) => FieldIssue | undefined {
  const fields = Object.entries(schema.shape).map(([name, field]) => ({
    name,
    field,
    sound: new Set<unknown>(),
  }));
  return (record) => {
    for (const { name, field, sound } of fields) {
      const value = record[name];
      if (sound.has(value)) continue;
      const parsed = field.safeParse(value);
      if (!parsed.success) {
        const [issue] = parsed.error.issues;
        return issue && { ...issue, path: [name, ...issue.path] };
      }
      if (!Object.is(parsed.data, value)) record[name] = parsed.data;
      else if (sound.size < MOST_REMEMBERED) sound.add(value);
    }
    return undefined;
  };
}
