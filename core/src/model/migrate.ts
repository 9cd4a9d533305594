import { DOCUMENT_VERSION } from './document';

type Migration = (document: Record<string, unknown>) => Record<string, unknown>;

/** From each older version to the one after it. Version 1 is the first, so nothing stands here yet. */
const MIGRATIONS: Readonly<Record<number, Migration>> = {};

/** Brings a document of an older version up to the present one, a step at a time. */
export function migrateDocument(document: Record<string, unknown>): Record<string, unknown> {
  let current = document;
  for (let version = Number(document['version']); version < DOCUMENT_VERSION; version += 1) {
    const migration = MIGRATIONS[version];
    if (!migration) return current;
    current = { ...migration(current), version: version + 1 };
  }
  return current;
}
