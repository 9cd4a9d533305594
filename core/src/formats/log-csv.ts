import Papa from 'papaparse';
import {
  combinedId,
  holdSchema,
  leftSchema,
  logEntrySchema,
  MOST_LIFTED_KG,
  MOST_LIFTED_WORDS,
  problemFrom,
  sideSchema,
  type DrayDocument,
  type LogEntry,
  type PartId,
  type Participant,
  nthByDate,
} from '../model';
import type { Catalog } from '../ladder';
import { readSurely, type MovementPart } from '../naming';
import { inUnit, readMass, type MassUnit } from '../units';
import { fieldChecks } from './check-fields';
import { asMeant, CSV_WRITING, isEmptyLine, tableIn, type Line } from './csv';
import { dateOrderOf, readDate, type DateOrder } from './read-date';

/** What a line of a log says, one column each, and the headings it is known by. */
export const LOG_FIELDS = {
  date: { words: 'date', known: ['date', 'day', 'datum'], needed: true },
  person: {
    words: 'person',
    known: ['person', 'name', 'participant', 'athlete', 'who', 'client'],
    needed: true,
  },
  exercise: { words: 'exercise', known: ['exercise', 'movement', 'lift'], needed: true },
  version: { words: 'version', known: ['version', 'rung'], needed: false },
  set: { words: 'set', known: ['set', 'set number', 'set no'], needed: false },
  load: { words: 'load', known: ['load', 'weight', 'kg', 'lb', 'lbs', 'resistance'], needed: false },
  unit: { words: 'unit', known: ['unit', 'units'], needed: false },
  amount: {
    words: 'reps or seconds',
    known: ['amount', 'reps', 'repetitions', 'reps or seconds'],
    needed: false,
  },
  seconds: { words: 'seconds', known: ['seconds', 'time', 'duration', 'secs', 's'], needed: false },
  counts: { words: 'what is counted', known: ['counts', 'counted'], needed: false },
  left: { words: 'left in them', known: ['left', 'rir', 'reserve', 'in reserve'], needed: false },
  side: { words: 'side', known: ['side'], needed: false },
  form: { words: 'form', known: ['form', 'technique'], needed: false },
  pain: { words: 'pain, 0 to 10', known: ['pain'], needed: false },
  where: { words: 'where it hurt', known: ['where', 'pain place', 'pain where'], needed: false },
  touchDowns: { words: 'touch-downs', known: ['touch-downs', 'touchdowns', 'touches'], needed: false },
  recipe: { words: 'how the load was made', known: ['recipe', 'made of'], needed: false },
  hold: { words: 'how it was held', known: ['held', 'hold'], needed: false },
  note: { words: 'note', known: ['note', 'notes', 'comment', 'comments'], needed: false },
  session: { words: 'session', known: ['session', 'workout', 'class'], needed: false },
  slot: { words: 'place in the session', known: ['slot'], needed: false },
  week: { words: 'week', known: ['week'], needed: false },
  nth: { words: 'which class of the week', known: ['nth', 'class of the week'], needed: false },
  id: { words: 'id', known: ['id'], needed: false },
} as const;
export type LogField = keyof typeof LOG_FIELDS;
export const LOG_FIELD_NAMES = Object.keys(LOG_FIELDS) as LogField[];

/** Which heading of a file stands for which field; absent fields are not in the file. */
export type LogMapping = Partial<Record<LogField, string>>;

/** Sets that belong to no session of the document. */
export const ELSEWHERE = 'elsewhere';

type LogDocument = Pick<DrayDocument, 'participants' | 'sessions'> & Partial<Pick<DrayDocument, 'programs'>>;

/**
 * A log as a table for a spreadsheet, one set a line, loads in kilograms or pounds as asked. CSV after RFC 4180. Read and
 * written again it is the same, byte for byte; what was put right later stays in the document only.
 */
export function logToCsv(
  entries: readonly LogEntry[],
  { participants }: Pick<LogDocument, 'participants'>,
  unit: MassUnit = 'kg',
): string {
  const names = namesOf(participants);
  const columns = LOG_FIELD_NAMES.filter((field) => field !== 'seconds');
  const rows = entries.map((entry): Partial<Record<LogField, string>> => ({
    date: entry.date,
    person: names.get(entry.participantId) ?? entry.participantId,
    exercise: entry.exerciseId,
    version: entry.rungId ?? '',
    set: String(entry.set),
    load: entry.loadKg === undefined ? '' : loadToWrite(entry.loadKg, unit),
    unit: entry.loadKg === undefined ? '' : unit,
    amount: String(entry.amount),
    counts: entry.counted,
    left: entry.left ?? (entry.reserve === undefined ? '' : String(entry.reserve)),
    side: entry.side ?? '',
    form: entry.form ?? '',
    pain: entry.pain ? String(entry.pain.score) : '',
    where: entry.pain?.place ?? '',
    touchDowns: entry.touchDowns === undefined ? '' : String(entry.touchDowns),
    recipe: entry.recipe ?? '',
    hold: entry.hold ?? '',
    note: entry.note ?? '',
    session: entry.sessionId,
    slot: entry.slotId,
    week: String(entry.week),
    nth: String(entry.nth ?? ''),
    id: entry.id,
  }));
  const data = rows.map((row) => columns.map((field) => row[field] ?? ''));
  const fields = columns.map((field) => LOG_FIELDS[field].known[0]);
  return `${Papa.unparse({ fields, data }, CSV_WRITING)}\r\n`;
}

/** To the gram, or a ten-thousandth of a pound: a log keeps what was lifted, not what a cell shows. */
function loadToWrite(kg: number, unit: MassUnit): string {
  return String(Number(inUnit(kg, unit).toFixed(unit === 'kg' ? 3 : 4)));
}

/** People by the name they go by in a file: their id where two are called the same. */
function namesOf(participants: readonly Participant[]): Map<string, string> {
  const count = new Map<string, number>();
  for (const { name } of participants) count.set(name, (count.get(name) ?? 0) + 1);
  return new Map(participants.map(({ id, name }) => [id, count.get(name) === 1 ? name : id]));
}

/** What a file looks like before it is read: its headings, what they seem to mean, and how its dates are written. */
export interface LogPreview {
  readonly headings: readonly string[];
  readonly mapping: LogMapping;
  readonly dateOrder: DateOrder;
  /** The dates fit more than one order. */
  readonly dateOrderGuessed: boolean;
  readonly lines: number;
}

const PIECE_LENGTH = 1_000_000;

/**
 * Line by line, in pieces, so that a file of a million of them does not stand in memory twice.
 *
 * @param begin told the headings, it gives what takes the lines under them, each with its number as a spreadsheet counts; empty ones
 *   count and are left out
 * @param onPiece told now and then how many characters are read
 */
function eachLine(
  text: string,
  begin: (headings: readonly string[]) => (line: Line, number: number) => void,
  onPiece?: (upTo: number) => void,
): void {
  const { table, delimiter } = tableIn(text);
  let take: ((line: Line, number: number) => void) | undefined;
  let number = 0;
  Papa.parse<Line>(table, {
    delimiter,
    chunkSize: PIECE_LENGTH,
    chunk: ({ data, meta }: Papa.ParseResult<Line>) => {
      for (const line of data) {
        number += 1;
        if (isEmptyLine(line)) continue;
        if (take) take(line, number);
        else take = begin(line.map((heading) => heading.trim()));
      }
      onPiece?.(meta.cursor);
    },
    // Its types ask for it where a text is read in pieces.
    complete: () => undefined,
  });
}

/** Looks at a file's headings and dates and says what they seem to mean, for the coach to put right. */
export function previewLogCsv(text: string): LogPreview {
  let headings: readonly string[] = [];
  let mapping: LogMapping = {};
  const dates = new Set<string>();
  let lines = 0;
  eachLine(text, (all) => {
    headings = all.filter(Boolean);
    mapping = mappingOf(headings);
    const column = mapping.date === undefined ? -1 : all.indexOf(mapping.date);
    return (line) => {
      lines += 1;
      dates.add(cellAt(line, column));
    };
  });
  return { headings, mapping, ...dateOrderOf([...dates]), lines };
}

/** Each field takes the first heading it is known by that no other has taken. */
function mappingOf(headings: readonly string[]): LogMapping {
  const mapping: LogMapping = {};
  for (const field of LOG_FIELD_NAMES) {
    const taken = new Set(Object.values(mapping));
    const known: readonly string[] = LOG_FIELDS[field].known;
    const heading = headings.find((own) => !taken.has(own) && known.includes(plain(own)));
    if (heading !== undefined) mapping[field] = heading;
  }
  return mapping;
}

/** No heading that is known is longer. */
const MOST_HEADING = 80;

/** "Weight (lb)" → "weight": what stands in brackets is a unit. */
function plain(heading: string): string {
  return heading
    .slice(0, MOST_HEADING)
    .toLowerCase()
    .replace(/[[(].*[\])]/, '')
    .trim();
}

function cellAt(line: Line, column: number): string {
  return asMeant((line[column] ?? '').trim());
}

/** A line that cannot be taken, and why. */
export interface LogProblem {
  /** As a spreadsheet counts: the heading is line 1. */
  readonly line: number;
  readonly sentence: string;
}

export interface LogRead {
  readonly entries: readonly LogEntry[];
  readonly problems: readonly LogProblem[];
}

export interface LogCsvOptions {
  readonly mapping: LogMapping;
  readonly dateOrder: DateOrder;
  /** For loads that name no unit. */
  readonly unit: MassUnit;
  readonly document: LogDocument;
  readonly catalog: Catalog;
  readonly newId: () => string;
  /** Called now and then with how far it is, from 0 to 1. */
  readonly onProgress?: (share: number) => void;
}

/**
 * Reads a log with the columns as mapped. Good lines become entries, bad ones are listed with the reason; nothing is guessed
 * but the set's number, which counts on within a day, a person and an exercise, and where a session is held more than once a week
 * which of the classes it was, by the day.
 */
export function logFromCsv(text: string, options: LogCsvOptions): LogRead {
  const missing = LOG_FIELD_NAMES.filter((field) => LOG_FIELDS[field].needed && !options.mapping[field]);
  if (missing.length > 0) {
    const words = missing.map((field) => LOG_FIELDS[field].words).join('” and “');
    return {
      entries: [],
      problems: [{ line: 1, sentence: `No column stands for “${words}”. Choose one above.` }],
    };
  }
  const entries: LogEntry[] = [];
  const problems: LogProblem[] = [];
  eachLine(
    text,
    (headings) => {
      const reader = new LineReader(options, headings);
      return (line, number) => {
        const read = reader.read(line);
        if (typeof read === 'string') problems.push({ line: number, sentence: read });
        else entries.push(read);
      };
    },
    (upTo) => options.onProgress?.(Math.min(1, upTo / text.length)),
  );
  return { entries, problems };
}

const RESERVE_WORDS: Readonly<Record<string, LogEntry['left']>> = {
  nothing: 'nothing',
  some: 'some',
  plenty: 'plenty',
};

/** Stands for an id until the line is found to be good. */
const MADE_HERE = 'made here';

/** A file says a few loads again and again; one that does not is not kept in memory for it. */
const MOST_LOADS = 5000;
const MOST_TEXTS = 5000;

/** Reads one line after another, counting sets on where the file does not number them. */
class LineReader {
  private readonly people = new Map<string, string | undefined>();
  private readonly exercises = new Map<string, string>();
  /** What was made of names that stand nowhere, so that each is read once. */
  private readonly said = new Map<string, { exerciseId: string; rungId?: string | undefined } | undefined>();
  private readonly sessions = new Map<string, string>();
  private readonly counts = new Map<string, number>();
  private readonly dates = new Map<string, string>();
  private readonly loads = new Map<string, number | undefined>();
  private readonly texts = new Map<string, string>();
  /** Of the line that is read. */
  private readonly cells = emptyCells();
  private readonly columns: readonly (readonly [field: LogField, column: number])[];
  private readonly issueIn = fieldChecks(logEntrySchema);
  private readonly unit: MassUnit;

  constructor(
    private readonly options: LogCsvOptions,
    headings: readonly string[],
  ) {
    const { document, catalog, mapping } = options;
    this.columns = LOG_FIELD_NAMES.flatMap((field) => {
      const heading = mapping[field];
      return heading === undefined ? [] : [[field, headings.indexOf(heading)] as const];
    });
    for (const { id, name } of document.participants) {
      const key = name.toLowerCase();
      this.people.set(key, this.people.has(key) ? undefined : id);
    }
    for (const { id } of document.participants) this.people.set(id.toLowerCase(), id);
    for (const { id, name } of catalog.exercises.values()) {
      this.exercises.set(name.toLowerCase(), id);
      this.exercises.set(id, id);
    }
    for (const { id, name } of document.sessions) {
      this.sessions.set(name.toLowerCase(), id);
      this.sessions.set(id, id);
    }
    const heading = `${mapping.load ?? ''}`.toLowerCase();
    this.unit = /\blbs?\b|pound/.test(heading) ? 'lb' : /\bkg\b|kilo/.test(heading) ? 'kg' : options.unit;
  }

  read(line: Line): LogEntry | string {
    const { catalog, newId } = this.options;
    const { cells } = this;
    for (const [field, column] of this.columns) cells[field] = cellAt(line, column);
    const cell = (field: LogField) => cells[field];
    const date = this.dateIn(cell('date'));
    if (date === undefined) return `“${cell('date')}” is no date. Write it like 2026-11-24.`;
    const name = cell('person').toLowerCase();
    const participantId = this.people.get(name);
    if (participantId === undefined) {
      return this.people.has(name)
        ? `There is more than one “${cell('person')}” in the class. Write the id instead of the name.`
        : `There is nobody called “${cell('person')}” in the class.`;
    }
    const said = this.exerciseCalled(cell('exercise'));
    if (said === undefined) return `Dray knows no exercise “${cell('exercise')}”.`;
    const { exerciseId } = said;
    const spokenRung = said.rungId;

    const unitWords = cell('unit').toLowerCase().replace(/s$/, '');
    if (unitWords !== '' && unitWords !== 'kg' && unitWords !== 'lb')
      return `“${cell('unit')}” is no unit: write kg or lb.`;
    const unit = unitWords === '' ? this.unit : unitWords;
    const load = cell('load');
    const loadKg = load === '' ? undefined : this.loadIn(load, unit);
    if (load !== '' && loadKg === undefined) return `“${load}” is no load.`;
    if (loadKg !== undefined && loadKg > MOST_LIFTED_KG)
      return `“${load}” is past ${MOST_LIFTED_WORDS}, the most a load can be.`;

    const seconds = cell('seconds');
    const counted =
      cell('counts') === 'seconds' || (cell('amount') === '' && seconds !== '') ? 'seconds' : 'reps';
    const amount = whole(cell('amount') === '' ? seconds : cell('amount'));
    if (amount === undefined) return `“${cell('amount') || seconds}” is no number of reps or seconds.`;

    const left = cell('left').toLowerCase();
    const reserve = left === '' ? undefined : whole(left);
    const leftWords = RESERVE_WORDS[left];
    if (left !== '' && reserve === undefined && !leftWords) {
      return `“${cell('left')}” says nothing of what was left: write a number, or ${leftSchema.options.join(', ')}.`;
    }
    const score = cell('pain') === '' ? undefined : whole(cell('pain'));
    if (cell('pain') !== '' && score === undefined) return `“${cell('pain')}” is no pain from 0 to 10.`;
    const side = { l: 'left', r: 'right' }[cell('side').toLowerCase()] ?? cell('side').toLowerCase();
    if (side !== '' && !sideSchema.safeParse(side).success)
      return `“${cell('side')}” is no side: write left or right.`;
    const form = cell('form').toLowerCase();
    if (form !== '' && form !== 'held' && form !== 'lost')
      return `Form is “held” or “lost”, not “${cell('form')}”.`;
    const version = cell('version');
    const rung = version === '' ? spokenRung : catalog.versionByRung.get(version)?.rung?.id;
    if (version !== '' && rung === undefined) return `There is no rung “${version}”.`;

    const sessionId =
      this.sessions.get(cell('session').toLowerCase()) ?? this.once(cell('session') || ELSEWHERE);
    const week = cell('week') === '' ? 1 : whole(cell('week'));
    const entry: Record<string, unknown> = {
      // One that is made here needs no looking at: each is another, and a million are not remembered.
      id: cell('id') || MADE_HERE,
      participantId,
      sessionId,
      slotId: this.once(cell('slot') || ELSEWHERE),
      week,
      date,
      exerciseId,
      set: cell('set') === '' ? this.nextSet(`${date} ${participantId} ${exerciseId}`) : whole(cell('set')),
      counted,
      amount,
    };
    // A million times over: one object for each, with nothing in it that is not said.
    const say = (field: keyof LogEntry, value: unknown) => {
      if (value !== undefined && value !== '') entry[field] = value;
    };
    say('nth', cell('nth') === '' ? this.nthOf({ sessionId, week, date }) : whole(cell('nth')));
    say('rungId', rung);
    say('recipe', this.once(cell('recipe')));
    if (cell('hold') !== '') say('hold', holdSchema.safeParse(cell('hold')).data);
    say('loadKg', loadKg);
    say('reserve', leftWords ? undefined : reserve);
    say('left', leftWords);
    say('side', side);
    say('form', form);
    if (score !== undefined) say('pain', { place: cell('where') || 'somewhere', score });
    if (cell('touchDowns') !== '') say('touchDowns', whole(cell('touchDowns')));
    say('note', cell('note'));
    const issue = this.issueIn(entry);
    if (issue) return problemFrom(issue).sentence;
    if (cell('id') === '') entry['id'] = newId();
    return entry as LogEntry;
  }

  /** The same text as it was first said: each line has its own of it, and a million of them are not kept. */
  private once(text: string): string {
    const known = this.texts.get(text);
    if (known !== undefined) return known;
    if (this.texts.size < MOST_TEXTS) this.texts.set(text, text);
    return text;
  }

  private loadIn(text: string, unit: MassUnit): number | undefined {
    const key = `${text} ${unit}`;
    if (!this.loads.has(key)) {
      if (this.loads.size > MOST_LOADS) this.loads.clear();
      this.loads.set(key, /^0+([.,]0+)?$/.test(text) ? 0 : readMass(text, unit));
    }
    return this.loads.get(key);
  }

  /** A file has few days and many lines of each. */
  private dateIn(text: string): string | undefined {
    const known = this.dates.get(text);
    if (known !== undefined) return known;
    const date = readDate(text, this.options.dateOrder);
    if (date !== undefined) this.dates.set(text, date);
    return date;
  }

  /** What an exercise is called in a file: by its id, its name, or anything a coach would say. */
  private exerciseCalled(text: string): { exerciseId: string; rungId?: string | undefined } | undefined {
    const { catalog } = this.options;
    const known = this.exercises.get(text.toLowerCase());
    if (known !== undefined) return { exerciseId: known };
    if (catalog.exerciseById(text)) return { exerciseId: text };
    if (this.said.has(text)) return this.said.get(text);
    const reading = readSurely(text, catalog);
    const [part, ...others] = reading?.unused.length === 0 ? reading.parts : [];
    const said = !part
      ? undefined
      : others.length === 0
        ? { exerciseId: part.exercise.id, rungId: part.rungId }
        : { exerciseId: combinedId([part, ...others].map(partOf), false) };
    this.said.set(text, said);
    return said;
  }

  /** Which class of its week a set is of, in a file without a column for it: that of the planned day nearest to its date. */
  private nthOf(set: { sessionId: string; week: number | undefined; date: string }): number | undefined {
    const { mapping, document } = this.options;
    if (mapping.nth !== undefined) return undefined;
    const nth = nthByDate(document.programs ?? [], set);
    return nth > 1 ? nth : undefined;
  }

  private nextSet(key: string): number {
    const set = (this.counts.get(key) ?? 0) + 1;
    this.counts.set(key, set);
    return Math.min(set, 20);
  }
}

/** A part of a combination that a file only names: the load is taken to be its load too. */
function partOf({ exercise, times = 1, held }: MovementPart): PartId {
  return { exerciseId: exercise.id, moved: {}, times, held, carries: exercise.loading !== undefined };
}

function emptyCells(): Record<LogField, string> {
  const cells: Partial<Record<LogField, string>> = {};
  for (const field of LOG_FIELD_NAMES) cells[field] = '';
  return cells as Record<LogField, string>;
}

function whole(text: string): number | undefined {
  return /^\d+$/.test(text) ? Number(text) : undefined;
}
