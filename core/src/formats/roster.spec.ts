import Papa from 'papaparse';
import { aParticipant } from '../../testing/people';
import { kgFromPounds } from '../units';
import { ROSTER_COLUMNS, rosterFromCsv, rosterToCsv } from './roster';

let count = 0;
const newId = () => `id-${(count += 1)}`;

describe('the roster as CSV', () => {
  const people = [
    aParticipant({
      name: 'Odile "the cook"',
      role: 'retired, bottles',
      heightCm: 160,
      birthYear: 1957,
      sex: 'female',
      experience: 'months',
      cautions: [{ condition: 'lowBoneDensity' }, { condition: 'soreKnee' }],
      notes: 'left knee\nafter rain',
    }),
    aParticipant({ name: 'Anselm', unit: 'lb', bodyMassKg: kgFromPounds(202) }),
  ];

  it('goes out and comes back the same', () => {
    const { people: back, problems } = rosterFromCsv(rosterToCsv(people), newId);
    expect(problems).toEqual([]);
    expect(back.map(({ id: _id, ...rest }) => rest)).toEqual(
      people.map(({ id: _id, ...rest }) => ({
        ...rest,
        bodyMassKg: jasmine.any(Number) as unknown as number,
      })),
    );
    expect(back[1]?.bodyMassKg).toBeCloseTo(kgFromPounds(202), 6);
  });

  it('is CSV as RFC 4180 has it: quotes doubled, line ends CR LF, a heading', () => {
    const csv = rosterToCsv(people);
    expect(csv).toContain('"Odile ""the cook"""');
    expect(csv.split('\r\n')[0]).toBe(ROSTER_COLUMNS.join(','));
    expect(Papa.parse(csv, { header: true, skipEmptyLines: true }).errors).toEqual([]);
  });

  it('writes nothing that a spreadsheet would work out, and reads it back as it was meant', () => {
    const names = ['=1+1', '+49 12', '-x', '@sum(a1)', "'=1", "''=1", "o'clock", "'tis"];
    const csv = rosterToCsv(names.map((name) => aParticipant({ name, notes: name })));
    for (const [line] of csv.matchAll(/^.*$/gm)) expect(line).not.toMatch(/(^|,|")[=+@-]/);
    const { people: back } = rosterFromCsv(csv, () => 'id');
    expect(back.map(({ name, notes }) => [name, notes])).toEqual(names.map((name) => [name, name]));
  });

  it('keeps the good lines and says what is wrong with the others', () => {
    const csv = 'Name;Body mass;unit\nAda;70;kg\n;60;kg\nBo;heavy;kg\nCy;150;stone\n';
    const { people: read, problems } = rosterFromCsv(csv, newId);
    expect(read.map(({ name }) => name)).toEqual(['Ada']);
    expect(problems.map(({ line }) => line)).toEqual([3, 4, 5]);
    expect(problems[1]?.sentence).toContain('“heavy” is no body mass');
    expect(problems[2]?.sentence).toContain('kg or lb');
  });

  it('reads on over empty lines, and counts them as a spreadsheet does', () => {
    const csv = '\uFEFF\r\n \r\nname;body mass\r\nAda;70\r\n\r\nBo;heavy\r\n';
    const { people: read, problems } = rosterFromCsv(csv, newId);
    expect(read.map(({ name }) => name)).toEqual(['Ada']);
    expect(problems.map(({ line }) => line)).toEqual([6]);
  });

  it('leaves alone any number of columns it does not know, and names a few where the ones it needs are missing', () => {
    const wide = rosterFromCsv(`name,body mass${',x'.repeat(25_000)}\nAda,70`, newId);
    expect(wide.people.map(({ name }) => name)).toEqual(['Ada']);
    const [missing] = rosterFromCsv(`${'colour,'.repeat(100)}${'x'.repeat(5000)}\nred`, newId).problems;
    expect(missing?.sentence).toContain('colour, colour');
    expect(missing?.sentence.length).toBeLessThan(300);
  });

  it('refuses a table without the columns it needs', () => {
    expect(rosterFromCsv('who,weight\nAda,70', newId).problems[0]?.sentence).toContain(
      '“name” and “body mass”',
    );
  });
});
