import * as z from 'zod';
import { DOCUMENT_VERSION, documentSchema } from '../model';

/** The published JSON Schema of a document, made from the zod schema; checked in as docs/dray.schema.json. */
export function documentJsonSchema(): Record<string, unknown> {
  const schema = z.toJSONSchema(documentSchema, { io: 'input', target: 'draft-2020-12' });
  return { ...schema, title: `Dray document, version ${DOCUMENT_VERSION}` };
}
