import { readFileSync } from 'node:fs';
import { CAUTION_RULES, catalog } from '@dray/core';
import { demandsDocument } from '../scripts/demands-doc';

describe('docs/demands.md', () => {
  it('is as the code makes it (npm run generate), with every exercise and every rule', () => {
    const written = readFileSync(new URL('../docs/demands.md', import.meta.url), 'utf8');
    expect(written).toBe(demandsDocument());
    for (const { name } of catalog.exercises.values()) expect(written).toContain(`| ${name} |`);
    for (const { words } of CAUTION_RULES) expect(written).toContain(words);
  });
});
