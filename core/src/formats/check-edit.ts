import { catalogOf } from '../library';
import { CatalogError } from '../ladder';
import { documentSchema, problemFrom, type DrayDocument, type Problem } from '../model';
import { mendDocument } from './mend';
import { checkReferences } from './references';

const { shape } = documentSchema;
const RECORDS = {
  exercises: shape.exercises.element,
  ladders: shape.ladders.element,
  kits: shape.kits.element,
  participants: shape.participants.element,
  sessions: shape.sessions.element,
  programs: shape.programs.element,
  overrides: shape.overrides.element,
  classes: shape.classes.element,
  log: shape.log.element,
  visits: shape.visits.element,
} as const;
type List = keyof typeof RECORDS;

/** A record that an edit has changed or put in. */
export interface EditedRecord {
  readonly list: List | 'settings';
  readonly before?: unknown;
  readonly after: unknown;
}

/**
 * What would make the document one that Dray itself refuses to read, if this edit were taken: the one place where limits hold
 * whichever way an edit comes. What was wrong before the edit is no reason to refuse it.
 *
 * @param before the document as it is
 * @param after as it would be
 * @param records those that differ
 * @example checkEdit(document, renamed, [{ list: 'sessions', after: session }]) // undefined, or what is wrong in words
 */
export function checkEdit(
  before: DrayDocument,
  after: DrayDocument,
  records: readonly EditedRecord[],
): Problem | undefined {
  for (const record of records) {
    const schema = record.list === 'settings' ? shape.settings : RECORDS[record.list];
    const read = schema.safeParse(record.after);
    const [issue] = read.success ? [] : read.error.issues;
    if (!issue || (record.before !== undefined && !schema.safeParse(record.before).success)) continue;
    return problemFrom({ ...issue, path: [...pathOf(record, after), ...issue.path] });
  }
  // A set of the log points at nobody but its own person, who is there: looking through all of them is not worth it.
  if (records.length > 0 && records.every(({ list }) => list === 'log')) return undefined;
  const problems = referenceProblems(after);
  if (problems.length === 0) return undefined;
  const known = new Set(referenceProblems(before).map(({ sentence }) => sentence));
  return problems.find(({ sentence }) => !known.has(sentence));
}

function pathOf({ list, after }: EditedRecord, document: DrayDocument): PropertyKey[] {
  if (list === 'settings') return ['settings'];
  const all: readonly unknown[] = document[list];
  return [list, Math.max(0, all.indexOf(after))];
}

function referenceProblems(document: DrayDocument): readonly Problem[] {
  try {
    const catalog = catalogOf(document);
    // What the reader would put right by itself is no reason either: an override of an exercise that is being typed anew, say.
    return checkReferences(mendDocument({ ...document, log: [] }, catalog).document, catalog);
  } catch (error) {
    if (error instanceof CatalogError) return [{ path: 'ladders', sentence: error.message }];
    throw error;
  }
}
