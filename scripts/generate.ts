// Writes the two files made from code: the demo document and the published JSON Schema.
import { writeFileSync } from 'node:fs';
import { documentJsonSchema, serializeDocument } from '@dray/core';
import { boatyard } from '@dray/demo';

const root = new URL('..', import.meta.url);
writeFileSync(new URL('demo/boatyard.dray.json', root), serializeDocument(boatyard));
writeFileSync(new URL('docs/dray.schema.json', root), `${JSON.stringify(documentJsonSchema(), null, 2)}\n`);
console.log('Written: demo/boatyard.dray.json, docs/dray.schema.json');
