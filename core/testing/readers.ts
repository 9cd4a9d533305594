import { parseSession } from '../src/compose';
import { readDate } from '../src/formats/read-date';
import { readResults } from '../src/formats/home-sheet';
import { parseDocument } from '../src/formats/json-document';
import { previewLogCsv } from '../src/formats/log-csv';
import { rosterFromCsv } from '../src/formats/roster';
import { catalog } from '../src/library';
import { readSets } from '../src/logging';
import { readMovement } from '../src/naming';
import { parsePrescription } from '../src/plan';
import { readNames } from '../src/program/first-class';
import { readMass } from '../src/units';

/** All that reads what somebody wrote. */
export const READERS: Readonly<Record<string, (text: string) => unknown>> = {
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

const LETTERS = ['a', ' ', '1', ',', '(', '"', '-', '\n', '\r\n', '.', ':', '|', 'squat ', 'squat\n'];
const PARTS = ['squat 3x10, ', '3x8-', 'and then ', '1 2 3 ', 'rest 30 s ', '- squat: 3x10\n', '{"a":'];

/** Texts of about so many letters that make a reader slow that looks at each of them from every other. */
export function longTexts(letters: number): string[] {
  const long = (part: string) => part.repeat(Math.ceil(letters / part.length)).slice(0, letters);
  return [
    ...LETTERS.flatMap((part) => [long(part), `a ${long(part)}:`, `squat: ${long(part)}x`]),
    ...PARTS.map(long),
    Array.from({ length: letters / 10 }, (_, at) => `wob${at} 3x10`).join('\n'),
  ];
}
