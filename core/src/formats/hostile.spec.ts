import * as fc from 'fast-check';
import { boatyard } from '@dray/demo';
import { boatyardInWeekFive } from '@dray/demo/week-five';
import { longTexts, READERS } from '../../testing/readers';
import { chances, tamper } from '../../testing/tamper';
import { type parseSession } from '../compose';
import { DOCUMENT_VERSION } from '../model';
import { parseDocument, serializeDocument } from './json-document';

const RUNS = 2500;
/** What has not come back by then hangs, on however busy a machine; how fast it is `npm run bench` says. */
const HANGS_MS = 20_000;

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

function comesBack<Read>(read: () => Read): Read {
  const began = performance.now();
  const is = read();
  expect(performance.now() - began).toBeLessThan(HANGS_MS);
  return is;
}

describe('any text at all', () => {
  for (const [name, read] of Object.entries(READERS)) {
    it(`given for ${name}, neither throws nor hangs, ${RUNS} times`, () => {
      fc.assert(
        fc.property(text, (some) => void comesBack(() => read(some))),
        { numRuns: RUNS, seed: 16 },
      );
    });

    it(`of 25,000 letters given for ${name} does not hang`, () => {
      for (const long of longTexts(25_000)) comesBack(() => read(long));
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
      const parsed = comesBack(() => parseDocument(JSON.stringify(data) ?? ''));
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
