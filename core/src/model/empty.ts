import type { DrayDocument } from './document';
import { DOCUMENT_VERSION } from './version';

/** A document with nothing in it. */
export const EMPTY_DOCUMENT: DrayDocument = {
  format: 'dray',
  version: DOCUMENT_VERSION,
  settings: { unit: 'kg' },
  exercises: [],
  ladders: [],
  kits: [],
  participants: [],
  sessions: [],
  programs: [],
  overrides: [],
  classes: [],
  log: [],
  visits: [],
};
