// Writes the files made from code: the demo class, what it has logged, the published JSON Schema, and the table of demands.
import { writeFileSync } from 'node:fs';
import { documentJsonSchema, parseDocument, serializeDocument } from '@dray/core';
import { boatyardInWeekFive } from '@dray/demo/week-five';
import { demandsDocument } from './demands-doc';

const root = new URL('..', import.meta.url);
// As it will be read: the application takes what ships with it without parsing it again.
const parsed = parseDocument(serializeDocument(boatyardInWeekFive));
if (!parsed.ok) throw new Error(parsed.problems.map(({ sentence }) => sentence).join('\n'));
const { log, visits, classes } = parsed.document;
writeFileSync(
  new URL('demo/boatyard.dray.json', root),
  serializeDocument({ ...parsed.document, log: [], visits: [], classes: [] }),
);
writeFileSync(new URL('demo/boatyard-log.json', root), `${JSON.stringify({ log, visits, classes })}\n`);
writeFileSync(new URL('docs/dray.schema.json', root), `${JSON.stringify(documentJsonSchema(), null, 2)}\n`);
writeFileSync(new URL('docs/demands.md', root), demandsDocument());
console.log(
  'Written: demo/boatyard.dray.json, demo/boatyard-log.json, docs/dray.schema.json, docs/demands.md',
);
