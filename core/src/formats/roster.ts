import Papa from 'papaparse';
import {
  CONDITION_WORDS,
  conditionSchema,
  experienceSchema,
  participantSchema,
  sexSchema,
  tierSchema,
  unitSchema,
  type Condition,
  type Participant,
} from '../model';
import { formatMass, readMass } from '../units';
import { asMeant, CSV_WRITING, isEmptyLine, tableIn, type Line } from './csv';

/** The columns of a roster, in order. */
export const ROSTER_COLUMNS = [
  'name',
  'role',
  'unit',
  'body mass',
  'height cm',
  'born',
  'sex',
  'has lifted',
  'tier',
  'cautions',
  'notes',
] as const;
type Column = (typeof ROSTER_COLUMNS)[number];

/**
 * The class as a table for a spreadsheet: one person a line, body mass in their own unit, cautions in words with a
 * semicolon between. CSV after RFC 4180.
 */
export function rosterToCsv(participants: readonly Participant[]): string {
  const rows = participants.map((person): Record<Column, string> => ({
    name: person.name,
    role: person.role,
    unit: person.unit,
    'body mass': formatMass(person.bodyMassKg, person.unit),
    'height cm': person.heightCm === undefined ? '' : String(person.heightCm),
    born: person.birthYear === undefined ? '' : String(person.birthYear),
    sex: person.sex ?? '',
    'has lifted': person.experience ?? '',
    tier: person.tier,
    cautions: person.cautions.map(({ condition }) => CONDITION_WORDS[condition]).join('; '),
    notes: person.notes,
  }));
  return `${Papa.unparse(rows, { columns: [...ROSTER_COLUMNS], ...CSV_WRITING })}\r\n`;
}

/** Headings as a sentence names them: the first of them, and of each its beginning. */
function shown(headings: readonly string[]): string {
  const named = headings.filter(Boolean);
  const few = named
    .slice(0, 12)
    .map((heading) => (heading.length > 40 ? `${heading.slice(0, 40)}…` : heading));
  return few.length === 0 ? 'none' : `${few.join(', ')}${named.length > few.length ? ' and more' : ''}`;
}

/** A line that could not be taken, and why. */
export interface RosterProblem {
  /** As a spreadsheet counts: the heading is line 1. */
  readonly line: number;
  readonly sentence: string;
}

export interface RosterRead {
  readonly people: readonly Participant[];
  readonly problems: readonly RosterProblem[];
}

/**
 * Reads a roster: columns by their heading in any order, unknown ones left alone; only a name and a body mass are
 * needed. Good lines become people, bad ones are listed with the reason; nothing is guessed.
 *
 * @param newId gives each person an id
 */
export function rosterFromCsv(text: string, newId: () => string): RosterRead {
  const { table, delimiter } = tableIn(text);
  const rows = Papa.parse<Line>(table, { delimiter }).data;
  const top = rows.findIndex((row) => !isEmptyLine(row));
  const headings = (rows[top] ?? []).map((heading) => heading.trim().toLowerCase());
  const missing = (['name', 'body mass'] as const).filter((column) => !headings.includes(column));
  if (missing.length > 0) {
    const sentence = `The first line needs a column “${missing.join('” and “')}”; it has ${shown(headings)}.`;
    return { people: [], problems: [{ line: Math.max(top, 0) + 1, sentence }] };
  }
  const people: Participant[] = [];
  const problems: RosterProblem[] = [];
  rows.forEach((row, at) => {
    if (at <= top || isEmptyLine(row)) return;
    const read = personFrom((column) => asMeant((row[headings.indexOf(column)] ?? '').trim()), newId);
    if (typeof read === 'string') problems.push({ line: at + 1, sentence: read });
    else people.push(read);
  });
  return { people, problems };
}

function personFrom(cell: (column: Column) => string, newId: () => string): Participant | string {
  const name = cell('name');
  if (name === '') return 'The name is missing.';
  const unit = unitSchema.safeParse(cell('unit').toLowerCase() || 'kg').data;
  if (!unit) return `“${cell('unit')}” is no unit: write kg or lb.`;
  const bodyMassKg = readMass(cell('body mass'), unit);
  if (bodyMassKg === undefined || bodyMassKg < 20 || bodyMassKg > 300) {
    return `“${cell('body mass')}” is no body mass from 20 to 300 kg.`;
  }
  const number = (column: Column) =>
    cell(column) === '' ? undefined : Number(cell(column).replace(',', '.'));
  const choice = <Value extends string>(column: Column, options: readonly Value[]): Value | undefined =>
    options.find((option) => option === cell(column).toLowerCase());
  const cautions: { condition: Condition }[] = [];
  for (const words of cell('cautions')
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean)) {
    const condition = conditionSchema.options.find(
      (option) => option === words || CONDITION_WORDS[option] === words.toLowerCase(),
    );
    if (!condition) return `“${words}” is no caution Dray knows; write it into the notes.`;
    cautions.push({ condition });
  }
  const person = {
    id: newId(),
    name,
    role: cell('role'),
    unit,
    bodyMassKg,
    heightCm: number('height cm'),
    birthYear: number('born'),
    sex: choice('sex', sexSchema.options),
    experience: choice('has lifted', experienceSchema.options),
    tier: choice('tier', tierSchema.options) ?? 'beginner',
    tiers: {},
    rungs: {},
    kitIds: [],
    cautions,
    knownSets: [],
    formula: 'epley',
    notes: cell('notes'),
  };
  const checked = participantSchema.safeParse(
    Object.fromEntries(Object.entries(person).filter(([, value]) => value !== undefined)),
  );
  if (checked.success) return checked.data;
  const field = String(checked.error.issues[0]?.path[0] ?? '');
  const words: Readonly<Record<string, string>> = {
    heightCm: 'Height goes from 90 to 230 cm.',
    birthYear: 'A year of birth goes from 1900 to 2020.',
  };
  return words[field] ?? `Something in “${field}” cannot be read.`;
}
