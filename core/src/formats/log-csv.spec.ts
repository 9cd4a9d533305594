import * as fc from 'fast-check';
import Papa from 'papaparse';
import { boatyard } from '@dray/demo';
import { boatyardInWeekFive } from '@dray/demo/week-five';
import { catalog } from '../library';
import { logEntrySchema } from '../model';
import { kgFromPounds } from '../units';
import { fieldChecks } from './check-fields';
import { dateOrderOf, readDate } from './read-date';
import { LOG_FIELD_NAMES, logFromCsv, logToCsv, previewLogCsv, type LogCsvOptions } from './log-csv';

let made = 0;
const options = (text: string, part: Partial<LogCsvOptions> = {}): LogCsvOptions => {
  const { mapping, dateOrder } = previewLogCsv(text);
  return {
    mapping,
    dateOrder,
    unit: 'kg',
    document: boatyard,
    catalog,
    newId: () => `n${(made += 1)}`,
    ...part,
  };
};
const read = (text: string, part: Partial<LogCsvOptions> = {}) => logFromCsv(text, options(text, part));

describe('a log as CSV (RFC 4180)', () => {
  const text = logToCsv(boatyardInWeekFive.log, boatyardInWeekFive);

  it('comes back as it was, and is written again byte for byte', () => {
    const { entries, problems } = read(text);
    expect(problems).toEqual([]);
    expect(entries.map(({ id }) => id)).toEqual(boatyardInWeekFive.log.map(({ id }) => id));
    expect(logToCsv(entries, boatyardInWeekFive)).toBe(text);
    const rounded = boatyardInWeekFive.log.map((entry) =>
      entry.loadKg === undefined ? entry : { ...entry, loadKg: Number(entry.loadKg.toFixed(3)) },
    );
    expect(entries as unknown[]).toEqual(rounded);
  });

  it('goes to the class of the week it was done in, by its column or else by its day', () => {
    const programs = boatyard.programs.map((program) => ({
      ...program,
      startDate: '2026-11-23',
      weeks: [
        {
          week: 1,
          days: [
            { weekday: 2, sessionId: 'tuesday' },
            { weekday: 5, sessionId: 'tuesday' },
          ],
        },
      ],
    }));
    const document = { ...boatyard, programs };
    const file = (head: string, ...lines: string[]) =>
      [`date,person,exercise,reps,session${head}`, ...lines].join('\n');
    const byDay = file(
      '',
      '2026-11-24,Juno,Goblet squat,10,tuesday',
      '2026-11-27,Juno,Goblet squat,9,tuesday',
    );
    expect(read(byDay, { document }).entries.map(({ nth }) => nth)).toEqual([undefined, 2]);
    const said = file(
      ',nth',
      '2026-11-27,Juno,Goblet squat,9,tuesday,',
      '2026-11-24,Juno,Goblet squat,9,tuesday,2',
    );
    expect(read(said, { document }).entries.map(({ nth }) => nth)).toEqual([undefined, 2]);
  });

  it('writes no note that a spreadsheet would work out, and reads it back as it was meant', () => {
    const notes = ['=cmd|x', '-2 left', "'=1", "it's fine", '@home'];
    const log = notes.map((note, at) => ({ ...boatyardInWeekFive.log[at]!, note }));
    const csv = logToCsv(log, boatyardInWeekFive);
    expect(csv).not.toMatch(/(^|,|")[=+@]/m);
    expect(csv).not.toContain(',-2 left');
    expect(read(csv).entries.map(({ note }) => note)).toEqual(notes);
  });

  it('is read alike by a library of its own', () => {
    const { data, errors } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
    expect(errors).toEqual([]);
    expect(data.length).toBe(boatyardInWeekFive.log.length);
    expect(data.map((row) => Number(row['amount']))).toEqual(
      boatyardInWeekFive.log.map(({ amount }) => amount),
    );
  });

  it('finds columns under other headings, dates in other orders and loads in pounds', () => {
    const foreign = [
      'Day;Name;Movement;Weight (lb);Reps;RIR',
      '24.11.2026;Juno;Goblet squat;40;10;2',
      '24.11.2026;Juno;Goblet squat;40;9;1',
    ].join('\n');
    const { entries, problems } = read(foreign);
    expect(problems).toEqual([]);
    expect(entries.map(({ set }) => set)).toEqual([1, 2]);
    expect(entries[0]).toEqual(
      jasmine.objectContaining({
        date: '2026-11-24',
        participantId: 'juno',
        exerciseId: 'goblet-squat',
        amount: 10,
        reserve: 2,
      }),
    );
    expect(entries[0]?.loadKg).toBeCloseTo(kgFromPounds(40), 9);
  });

  it('takes seconds, words for what was left, sides and pain', () => {
    const own =
      'date,person,exercise,seconds,left,side,pain,where\n2026-11-24,Odile,Plank,30,plenty,l,3,left shoulder';
    expect(read(own).entries[0]).toEqual(
      jasmine.objectContaining({
        counted: 'seconds',
        amount: 30,
        left: 'plenty',
        side: 'left',
        pain: { place: 'left shoulder', score: 3 },
      }),
    );
  });

  it('lists bad lines by number with the reason and keeps the good ones', () => {
    const lines = [
      'date,person,exercise,load,reps,pain',
      '2026-11-24,Juno,Goblet squat,18,10,',
      '2026-13-24,Juno,Goblet squat,18,10,',
      '2026-11-24,Nobody,Goblet squat,18,10,',
      '2026-11-24,Juno,Moon walk,18,10,',
      '2026-11-24,Juno,Goblet squat,heavy,10,',
      '2026-11-24,Juno,Goblet squat,18,many,',
      '2026-11-24,Juno,Goblet squat,18,10,12',
      '2026-11-24,Juno,Goblet squat,900,10,',
    ].join('\n');
    const { entries, problems } = read(lines);
    expect(entries.length).toBe(1);
    expect(problems.map(({ line }) => line)).toEqual([3, 4, 5, 6, 7, 8, 9]);
    const said = problems.map(({ sentence }) => sentence);
    expect(said[0]).toContain('“2026-13-24” is no date');
    expect(said[1]).toContain('nobody called “Nobody”');
    expect(said[2]).toContain('no exercise “Moon walk”');
    expect(said[3]).toContain('“heavy” is no load');
    expect(said[4]).toContain('“many” is no number');
    expect(said[5]).toContain('pain goes from 0 to 10');
    expect(said[6]).toContain('past 300 kg (660 lb)');
  });

  it('reads on over empty lines, and counts them as a spreadsheet does', () => {
    const lines = [
      '',
      ';;;',
      'date;person;exercise;reps',
      '',
      '24.11.2026;Juno;Goblet squat;10',
      ' ; ; ; ',
      '24.11.2026;Nobody;Goblet squat;10',
      '',
    ].join('\n');
    const { headings, mapping, lines: found } = previewLogCsv(lines);
    expect(headings).toEqual(['date', 'person', 'exercise', 'reps']);
    expect(Object.keys(mapping)).toEqual(['date', 'person', 'exercise', 'amount']);
    expect(found).toBe(2);
    const { entries, problems } = read(lines);
    expect(entries.map(({ participantId, amount }) => [participantId, amount])).toEqual([['juno', 10]]);
    expect(problems.map(({ line }) => line)).toEqual([7]);
  });

  it('counts so to the end of a file that is read in pieces', () => {
    const good = '2026-11-24,Juno,Goblet squat,10';
    const bad = '2026-11-24,Nobody,Goblet squat,10';
    const lines = Array.from({ length: 60_000 }, (_, at) => (at % 3 === 2 ? '' : at === 59_995 ? bad : good));
    const text = ['date,person,exercise,reps', ...lines].join('\r\n');
    expect(text.length).toBeGreaterThan(1_100_000);
    const { entries, problems } = read(text);
    expect(entries.length).toBe(39_999);
    expect(problems.map(({ line }) => line)).toEqual([59_997]);
  });

  it('says which column is missing, and does not choose between two people of one name', () => {
    expect(read('date,exercise\n2026-11-24,Plank').problems[0]?.sentence).toContain('“person”');
    const twins = {
      ...boatyard,
      participants: boatyard.participants.map((own) => ({ ...own, name: 'Twin' })),
    };
    const line = 'date,person,exercise,reps\n2026-11-24,Twin,Goblet squat,10';
    expect(read(line, { document: twins }).problems[0]?.sentence).toContain('more than one “Twin”');
    expect(logToCsv(boatyardInWeekFive.log.slice(0, 1), twins)).toContain(
      `,${boatyardInWeekFive.log[0]!.participantId},`,
    );
  });
});

describe('any table at all', () => {
  const cell = fc.oneof(
    fc.constantFrom(
      '',
      '0',
      '7',
      '12',
      '-3',
      '3601',
      '12,5',
      '2026-11-24',
      '31.12.2025',
      'juno',
      'Bram',
      'seconds',
    ),
    fc.constantFrom(
      'goblet-squat',
      'Plank',
      'kg',
      'lb',
      'left',
      'held',
      'lost',
      'nothing',
      "'=1",
      'knee',
      '999',
    ),
    fc.string({ maxLength: 12 }),
    fc.string({ minLength: 380, maxLength: 420 }),
  );
  const line = fc.array(cell, { minLength: LOG_FIELD_NAMES.length, maxLength: LOG_FIELD_NAMES.length });
  const sound = fc.tuple(
    fc.record({ place: fc.integer({ min: 3, max: LOG_FIELD_NAMES.length - 1 }), with: cell }),
    fc.constantFrom('goblet-squat', 'plank'),
  );

  it('gives only sets that a document may hold, the same as the whole schema would let in', () => {
    fc.assert(
      fc.property(fc.array(line, { maxLength: 4 }), fc.array(sound, { maxLength: 6 }), (lines, nearly) => {
        const rows = nearly.map(([{ place, with: odd }, exercise]) =>
          LOG_FIELD_NAMES.map((field, at) => {
            if (at === place) return odd;
            return { date: '2026-11-24', person: 'juno', exercise, amount: '10' }[field as string] ?? '';
          }),
        );
        const text = Papa.unparse({ fields: [...LOG_FIELD_NAMES], data: [...lines, ...rows] });
        const { entries, problems } = read(text);
        const full = [...lines, ...rows].filter((cells) => cells.some((own) => own.trim() !== ''));
        expect(entries.length + problems.length).toBe(full.length);
        for (const entry of entries) expect(logEntrySchema.parse(entry)).toEqual(entry);
      }),
      { numRuns: 500 },
    );
  });
});

describe('records checked field by field', () => {
  it('are refused and taken as by the whole schema, however often a value comes', () => {
    const issueIn = fieldChecks(logEntrySchema);
    const [good] = boatyardInWeekFive.log;
    for (let times = 0; times < 3; times += 1) {
      expect(issueIn({ ...good })).toBeUndefined();
      expect(issueIn({ ...good, amount: -1 })?.path).toEqual(['amount']);
      expect(issueIn({ ...good, date: undefined })?.path).toEqual(['date']);
      expect(issueIn({ ...good, pain: { place: 'knee', score: 11 } })?.path).toEqual(['pain', 'score']);
    }
    const spaced: Record<string, unknown> = { ...good, pain: { place: ' knee ', score: 3 } };
    expect(issueIn(spaced)).toBeUndefined();
    expect(spaced['pain']).toEqual({ place: 'knee', score: 3 });
  });
});

describe('dates in a file', () => {
  it('are read in the order that all of them fit', () => {
    expect(dateOrderOf(['24/11/2026', '01/02/2026'])).toEqual({
      dateOrder: 'day first',
      dateOrderGuessed: false,
    });
    expect(dateOrderOf(['11/24/2026'])).toEqual({ dateOrder: 'month first', dateOrderGuessed: false });
    expect(dateOrderOf(['01/02/2026'])).toEqual({ dateOrder: 'day first', dateOrderGuessed: true });
    expect(readDate('1/2/2026', 'month first')).toBe('2026-01-02');
    expect(readDate('30.02.2026', 'day first')).toBeUndefined();
    expect(readDate('soon', 'day first')).toBeUndefined();
  });
});
