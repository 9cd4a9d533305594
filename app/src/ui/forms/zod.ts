import { validate, type SchemaPath } from '@angular/forms/signals';
import { issueWords, problemFrom } from '@dray/core';
import * as z from 'zod';

/** What may stand in a field: a schema of core, whose issues are said of the field as the reader calls it. */
export interface Checked {
  readonly schema: () => z.ZodType | undefined;
  readonly named: () => string;
}

/** The one way from a schema to what a field says: an issue becomes a sentence in core's words. */
export function checkedBy<T>(path: SchemaPath<T>, { schema, named }: Checked): void {
  validate(path, ({ value }) => {
    const checked = schema()?.safeParse(value() ?? undefined);
    if (!checked || checked.success) return undefined;
    return checked.error.issues.map((issue) => ({
      kind: issue.code ?? 'refused',
      message: problemFrom(issue, named() || 'This').sentence,
    }));
  });
}

/** A field that is judged with the whole it stands in: what the whole's schema has against it first. */
export function judgedBy(whole: (value: unknown) => z.ZodSafeParseResult<unknown>): z.ZodType {
  return z.unknown().superRefine((value, context) => {
    const [issue] = whole(value).error?.issues ?? [];
    if (issue) context.addIssue({ code: 'custom', message: issueWords(issue) });
  });
}
