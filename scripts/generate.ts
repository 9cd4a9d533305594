// Writes the files made from code: the demo class, what it has logged, and the published JSON Schema.
import { writeFileSync } from 'node:fs';
import { documentJsonSchema, serializeDocument } from '@dray/core';
import { boatyardInWeekFive } from '@dray/demo/week-five';

const root = new URL('..', import.meta.url);
const { log, visits } = boatyardInWeekFive;
writeFileSync(
  new URL('demo/boatyard.dray.json', root),
  serializeDocument({ ...boatyardInWeekFive, log: [], visits: [] }),
);
writeFileSync(new URL('demo/boatyard-log.json', root), `${JSON.stringify({ log, visits })}\n`);
writeFileSync(new URL('docs/dray.schema.json', root), `${JSON.stringify(documentJsonSchema(), null, 2)}\n`);
console.log('Written: demo/boatyard.dray.json, demo/boatyard-log.json, docs/dray.schema.json');
