import type * as z from 'zod';

/** What is wrong, where, and how to mend it, in one plain sentence. */
export interface Problem {
  /** Where in the document, as a reader can follow it: "person 3, body mass". */
  readonly path: string;
  readonly sentence: string;
}

type Issue = z.core.$ZodIssue;

/** What a field of a document is called, where its own name does not say it. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  participants: 'person',
  exercises: 'exercise',
  ladders: 'ladder',
  kits: 'kit',
  sessions: 'session',
  programs: 'program',
  overrides: 'set by hand',
  classes: 'class',
  visits: 'visit',
  log: 'set of the log',
  implements: 'thing',
  blocks: 'block',
  slots: 'slot',
  weeks: 'week',
  days: 'day',
  rungs: 'rung',
  readings: 'reading',
  plates: 'plate',
  items: 'item',
  cautions: 'caution',
  knownSets: 'known set',
  holidays: 'closed days',
  prescriptions: 'prescription',
  amount: 'reps or seconds',
  reserve: 'left',
  nth: 'class of the week',
  cues: 'cue',
  faults: 'fault',
  muscles: 'muscle',
  loadKg: 'load',
  massKg: 'mass',
  barKg: 'bar',
  handleKg: 'handle',
  forceKg: 'reading',
  emptyKg: 'mass when empty',
  trustedKg: 'what it is trusted with',
  lengthCm: 'length',
  slackCm: 'slack length',
  startDate: 'first day',
  startTime: 'time of day',
  toWeek: 'last week',
  fromWeek: 'first week',
  kitIds: 'kit',
  sessionId: 'session',
  exerciseId: 'exercise',
};

/** "bodyMassKg" is "body mass": a unit at its end is not part of the name. */
function fieldWords(field: string): string {
  const known = FIELD_WORDS[field];
  if (known !== undefined) return known;
  const plain = field.replace(/(Kg|Cm|Seconds|Id|Ids)$/, '');
  return plain.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();
}

/**
 * Where in a document, as a reader says it; lists count from 1 for people.
 *
 * @param path of an issue
 * @example pathWords(['participants', 2, 'bodyMassKg']) // 'person 3, body mass'
 */
export function pathWords(path: readonly PropertyKey[]): string {
  const words: string[] = [];
  for (const part of path) {
    if (typeof part === 'number' && words.length > 0) words.push(`${words.pop()} ${part + 1}`);
    else words.push(typeof part === 'number' ? String(part + 1) : fieldWords(String(part)));
  }
  return words.join(', ');
}

const TYPE_WORDS: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  object: 'a group of fields',
  record: 'a group of fields',
};

/** What is wrong, without saying of what: "is too large; the most is 240". */
export function issueWords(issue: Issue): string {
  switch (issue.code) {
    case 'invalid_type':
      return issue.input === undefined && /undefined/.test(issue.message)
        ? `is missing; it has to be ${TYPE_WORDS[issue.expected] ?? issue.expected}`
        : `has to be ${TYPE_WORDS[issue.expected] ?? issue.expected}`;
    case 'unrecognized_keys':
      return `has a field Dray does not know: ${issue.keys.join(', ')}; take it out`;
    case 'invalid_value':
      return `has to be one of: ${issue.values.map(String).join(', ')}`;
    case 'invalid_union':
      return 'is of a kind Dray does not know';
    case 'too_small':
      return customised(issue.message) ?? tooSmallWords(issue.origin, Number(issue.minimum));
    case 'too_big':
      return customised(issue.message) ?? tooBigWords(issue.origin, String(issue.maximum));
    case 'invalid_format':
      return issue.format === 'date'
        ? 'has to be a date such as 2026-03-01'
        : 'is not written as it should be';
    default:
      return customised(issue.message) ?? 'cannot be read';
  }
}

function tooSmallWords(what: string, least: number): string {
  if (what === 'string')
    return least === 1 ? 'is empty; write something there' : `is too short; the least is ${least} letters`;
  if (what === 'array') return `there are too few; the least is ${least}`;
  return `is too small; the least is ${least}`;
}

function tooBigWords(what: string, most: string): string {
  if (what === 'string') return `is too long; the most is ${most} letters`;
  if (what === 'array') return `there are too many; the most is ${most}`;
  return `is too large; the most is ${most}`;
}

/** Our own sentences start in lower case; the schema library's start with "Invalid" or "Too". */
function customised(message: string): string | undefined {
  return /^[a-z]/.test(message) ? message : undefined;
}

/**
 * A schema issue as a path and a sentence.
 *
 * @param named what a reader calls the one field it is about, in place of its path: "Budget"
 * @example
 *   problemFrom(issue, 'Budget').sentence; // 'Budget is too large; the most is 240.'
 */
export function problemFrom(issue: Issue, named?: string): Problem {
  const path = pathWords(issue.path);
  const text = issueWords(issue);
  const subject = named ?? path;
  const sentence = /^(is|has|cannot) /.test(text)
    ? `${subject || 'The file'} ${text}.`
    : `${subject}: ${text}.`;
  return { path, sentence };
}
