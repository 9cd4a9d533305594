import { CatalogError, type Catalog } from '../ladder';
import { catalogOf } from '../library';
import {
  DOCUMENT_VERSION,
  documentSchema,
  migrateDocument,
  problemFrom,
  type DrayDocument,
  type Problem,
} from '../model';
import { mendDocument } from './mend';
import { checkReferences } from './references';

/** Files above this are refused before they are read: five years of a class of forty are about 230 MB. */
export const MAX_DOCUMENT_BYTES = 300_000_000;

export type ParsedDocument =
  | {
      readonly ok: true;
      readonly document: DrayDocument;
      /** What was put right while it was read, in words. */
      readonly mended: readonly string[];
    }
  | { readonly ok: false; readonly problems: readonly Problem[] };

/**
 * Reads a document from the text of a file: valid JSON, a Dray document, of a version this build knows (older ones
 * are brought up to date), everything in range, nothing pointing nowhere. What can be put right without losing anything is
 * put right, and said. Gives the document, or every problem found with its path and a plain sentence. Never throws.
 */
export function parseDocument(json: string): ParsedDocument {
  if (json.length > MAX_DOCUMENT_BYTES) return refused(tooLargeSentence(json.length));
  let data: unknown;
  try {
    data = JSON.parse(json);
  } catch {
    return refused(
      json.trim() === ''
        ? 'The file is empty.'
        : json.trimStart().startsWith('{') && !json.trimEnd().endsWith('}')
          ? 'The file ends in the middle, as if it was cut short. Fetch it again from where it came.'
          : 'This is not a Dray file: it is not JSON. Dray files end in .dray.json.',
    );
  }
  if (!isObject(data) || data['format'] !== 'dray') {
    return refused('This is not a Dray file: its first line does not say so. Dray files end in .dray.json.');
  }
  const { version } = data;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return refused('The file does not say which version of Dray wrote it.');
  }
  if (version > DOCUMENT_VERSION) {
    return refused(
      `The file comes from a newer Dray (document version ${version}, this one reads up to ${DOCUMENT_VERSION}). Update Dray here first.`,
    );
  }
  const checked = documentSchema.safeParse(migrateDocument(data));
  if (!checked.success)
    return { ok: false, problems: checked.error.issues.map((issue) => problemFrom(issue)) };
  const catalog = catalogFrom(checked.data);
  if (typeof catalog === 'string') return { ok: false, problems: [{ path: 'ladders', sentence: catalog }] };
  const { document, notes } = mendDocument(checked.data, catalog);
  const problems = checkReferences(document, catalog);
  return problems.length > 0 ? { ok: false, problems } : { ok: true, document, mended: notes };
}

/** What to say of a file that is too large, without reading it. */
export function tooLargeSentence(bytes: number): string {
  const megabytes = Math.ceil(bytes / 1_000_000);
  return `The file is too large for a Dray document: ${megabytes} MB, and the most is ${MAX_DOCUMENT_BYTES / 1_000_000} MB.`;
}

/**
 * A document as the text of a file; `parseDocument` gives the same document back. What was done stands a set to a line: there
 * is far more of it than of all else.
 */
export function serializeDocument(document: DrayDocument): string {
  const { log, visits, ...rest } = document;
  const body = JSON.stringify(rest, null, 2).slice(0, -'\n}'.length);
  return `${body},\n  "log": ${lineByLine(log)},\n  "visits": ${lineByLine(visits)}\n}\n`;
}

function lineByLine(records: readonly unknown[]): string {
  if (records.length === 0) return '[]';
  return `[\n${records.map((record) => `    ${JSON.stringify(record)}`).join(',\n')}\n  ]`;
}

/** The library with the document's own beside it, or what does not fit together. */
function catalogFrom(document: DrayDocument): Catalog | string {
  try {
    return catalogOf(document);
  } catch (error) {
    if (error instanceof CatalogError) return error.message;
    throw error;
  }
}

function refused(sentence: string): ParsedDocument {
  return { ok: false, problems: [{ path: '', sentence }] };
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
