import * as fc from 'fast-check';
import { boatyard } from '@dray/demo';
import { boatyardInWeekFive } from '@dray/demo/week-five';
import { chances, tamper } from '../../testing/tamper';
import { parseSession } from '../compose';
import { catalog } from '../library';
import { readSets } from '../logging';
import { DOCUMENT_VERSION } from '../model';
import { readMovement } from '../naming';
import { parsePrescription } from '../plan';
import { readNames } from '../program/first-class';
import { readMass } from '../units';
import { readResults } from './home-sheet';
import { parseDocument, serializeDocument } from './json-document';
import { previewLogCsv } from './log-csv';
import { readDate } from './read-date';
import { rosterFromCsv } from './roster';

const RUNS = 2500;
/** The most any text may keep the page busy. */
const MOST_MS = 1000;

const READERS: Readonly<Record<string, (text: string) => unknown>> = {
  'a session': (text) => {
    let count = 0;
    const base = { id: 's', name: 'New', budgetMinutes: 30 };
    return parseSession(text, catalog, { newId: () => String((count += 1)), base });
  },
  'a prescription': (text) => parsePrescription(text),
  'sets that were done': (text) => readSets(text, { amounts: [10, 10, 10], unit: 'kg' }),
  'a name': (text) => readMovement(text, catalog),
  'a list of names': (text) => readNames(text),
  'a mass': (text) => readMass(text, 'kg'),
  'a date': (text) => readDate(text, 'day first'),
  'a roster': (text) => rosterFromCsv(text, () => 'id'),
  'a log': (text) => previewLogCsv(text),
  'results from home': (text) => readResults(text),
  'a document': (text) => parseDocument(text),
};

/** What coaches write, in pieces: far nearer to what is read than letters by chance. */
const pieces = fc.constantFrom(
  ...[
    'squat',
    'goblet squats',
    '3x10',
    '4 × 8-10',
    '2 left',
    'each side',
    'then',
    ';',
    '\n',
    ', ',
    ' ',
    ': ',
  ],
  ...[
    '|',
    '=',
    '"',
    '(',
    ')',
    '[',
    '-',
    '# ',
    'rest 60 s',
    '3 rounds',
    '30/15',
    'max',
    '@12.5',
    '12.5 kg',
    'lb',
  ],
  ...[
    'beginners',
    'advanced',
    'superset',
    'or',
    'and',
    '+',
    '/',
    '\t',
    '\r',
    '\0',
    '😀',
    '𝟛',
    'é',
    '\u202e',
    '1e9',
  ],
  ...[
    '-1',
    '999999999999',
    '0',
    '.',
    ',',
    'A1 ',
    'note ',
    'hurt left knee 4',
    'name,unit,mass',
    '{',
    '}',
    'null',
  ],
);
const text = fc.oneof(
  fc.array(pieces, { maxLength: 40 }).map((all) => all.join('')),
  fc.array(pieces, { maxLength: 40 }).map((all) => all.join(' ')),
  fc.string({ unit: 'binary', maxLength: 80 }),
);

function withinTime(read: () => unknown): void {
  const began = performance.now();
  read();
  expect(performance.now() - began).toBeLessThan(MOST_MS);
}

describe('any text at all', () => {
  for (const [name, read] of Object.entries(READERS)) {
    it(`given for ${name}, neither throws nor hangs, ${RUNS} times`, () => {
      fc.assert(
        fc.property(text, (some) => withinTime(() => read(some))),
        { numRuns: RUNS, seed: 16 },
      );
    });

    it(`of 25,000 letters given for ${name} does not hang`, () => {
      const long = (part: string) => part.repeat(Math.ceil(25_000 / part.length)).slice(0, 25_000);
      for (const part of [
        'a',
        ' ',
        '1',
        ',',
        '(',
        '"',
        '-',
        '\n',
        '\r\n',
        '.',
        ':',
        '|',
        'squat ',
        'squat\n',
      ]) {
        withinTime(() => read(long(part)));
        withinTime(() => read(`a ${long(part)}:`));
        withinTime(() => read(`squat: ${long(part)}x`));
      }
      for (const part of [
        'squat 3x10, ',
        '3x8-',
        'and then ',
        '1 2 3 ',
        'rest 30 s ',
        '- squat: 3x10\n',
        '{"a":',
      ]) {
        withinTime(() => read(long(part)));
      }
      withinTime(() => read(Array.from({ length: 2500 }, (_, at) => `wob${at} 3x10`).join('\n')));
    });
  }
});

describe('a session of more than anybody writes', () => {
  const read = (whole: string) => READERS['a session']!(whole) as ReturnType<typeof parseSession>;

  it('is read as far as it goes, and what was not is said', () => {
    const line = read('squat 3x10, '.repeat(2083));
    expect(line.session.blocks[0]?.slots.length).toBe(40);
    expect(line.problems[0]?.sentence).toContain('A block holds 40 exercises');
    const blocks = read('squat 3x10\n\n'.repeat(60));
    expect(blocks.session.blocks.length).toBe(40);
    expect(blocks.problems[0]?.sentence).toContain('A session holds 40 blocks');
    const unknown = read(Array.from({ length: 200 }, (_, at) => `wob${at} 3x10`).join('\n'));
    expect(unknown.problems.at(-1)?.sentence).toContain('What is behind this was not read');
    const long = read('squat 3x10\n'.repeat(30_000));
    expect(long.problems.at(-1)?.sentence).toContain('at most 300,000 letters');
    expect(read(`squat ${'wobbling '.repeat(60)}`).problems[0]?.sentence).toContain(
      'too long for one exercise',
    );
  });
});

describe('5,000 documents that were tampered with', () => {
  it('are read or refused in words, and what is read is read again as it is', () => {
    const chance = chances(2026);
    const newest = { ...boatyardInWeekFive, log: boatyardInWeekFive.log.slice(0, 30), visits: [] };
    let taken = 0;
    for (let at = 0; at < 5000; at += 1) {
      const version = 1 + (at % DOCUMENT_VERSION);
      let data: unknown = { ...(at % 2 ? newest : boatyard), version };
      for (let times = 0; times <= at % 3; times += 1) data = tamper(data, chance);
      const began = performance.now();
      const parsed = parseDocument(JSON.stringify(data) ?? '');
      expect(performance.now() - began).toBeLessThan(MOST_MS);
      if (!parsed.ok) {
        expect(parsed.problems[0]?.sentence).toMatch(/\w{2}/);
        continue;
      }
      taken += 1;
      const again = parseDocument(serializeDocument(parsed.document));
      expect(again.ok && again.mended).toEqual([]);
    }
    // Neither nothing nor everything is taken.
    expect(taken).toBeGreaterThan(200);
    expect(taken).toBeLessThan(4800);
  });
});
