import {
  kitSchema,
  nameFrom,
  nameSchema,
  problemFrom,
  type Condition,
  type DrayDocument,
  type Kit,
  type Participant,
  type Program,
  type ProgramDay,
  type Session,
  type Tier,
} from '../model';
import { USUAL_THINGS } from '../kit/usual-things';
import { addDays, weekdayOf, type MassUnit } from '../units';
import { DEFAULT_SCHEME } from './schedule';

/** Somebody of a class that is being put together. */
export interface Newcomer {
  readonly name: string;
  readonly tier: Tier;
  /** Absent when nobody has asked; a usual one is taken then. */
  readonly bodyMassKg?: number | undefined;
  readonly conditions: readonly Condition[];
  /** What they have at home, by the ids of `USUAL_THINGS`. */
  readonly things: readonly string[];
}

/** A class as it is put together, before anything of it is in the document. */
export interface FirstClass {
  readonly people: readonly Newcomer[];
  /** What everybody has where they train together; nothing when everybody trains at home. */
  readonly room: readonly string[];
  readonly roomName: string;
  readonly session: Session | undefined;
  /** Days of the week it is held on, 1 is Monday; none puts it on no day. */
  readonly days: readonly number[];
  readonly startTime?: string | undefined;
  readonly weeks: number;
  readonly today: string;
  readonly unit: MassUnit;
}

/** What a class adds to a document. */
export type ClassParts = Pick<DrayDocument, 'kits' | 'participants' | 'sessions' | 'programs'>;

/** Taken for whoever did not say: the load of a first visit rests on it, lightly. Common practice, no published source. */
export const USUAL_BODY_MASS_KG = 70;

const MOST_NEWCOMERS = 40;
const DAYS_A_WEEK = 7;

/** Names as they were read, and what is wrong with the list, in a sentence. */
export interface NamesRead {
  readonly names: readonly string[];
  readonly problem: string;
}

/**
 * Reads a list of names as it is pasted: one a line, or in one line with commas between; bullets and numbers before them are dropped.
 *
 * @param text as typed
 * @param known who is in the class already
 * @returns every name, and the first thing wrong with them; it reads on past it
 * @example readNames('1. Ida\n2. Bram').names // ['Ida', 'Bram']
 */
export function readNames(text: string, known: readonly string[] = []): NamesRead {
  const lines = text
    .split(/\r?\n/u)
    .map((line) => line.replace(/^\s*(?:[-*•]|\d+[.)])\s*/u, '').trim())
    .filter((line) => line !== '');
  const names = lines.length === 1 ? partsOfLine(lines[0] ?? '') : lines;
  return { names, problem: problemWith(names, known) };
}

function partsOfLine(line: string): string[] {
  return line
    .split(/[,;\t]/u)
    .map((name) => name.trim())
    .filter((name) => name !== '');
}

function problemWith(names: readonly string[], known: readonly string[]): string {
  if (names.length > MOST_NEWCOMERS)
    return `These are ${names.length} names; up to ${MOST_NEWCOMERS} come in at once.`;
  const seen = new Set(known.map((name) => name.toLowerCase()));
  for (const name of names) {
    const issue = nameSchema.safeParse(name).error?.issues[0];
    if (issue) return problemFrom(issue, `The name “${name.slice(0, 20)}…”`).sentence;
    if (seen.has(name.toLowerCase()))
      return `Two are called ${name}: write something after one of them, such as “${name} K.”.`;
    seen.add(name.toLowerCase());
  }
  return '';
}

/**
 * Everything a class needs to stand on the board: a kit for the room and one for each home with something in it, its people, its
 * session, and a program where it is held on days.
 *
 * @param asked what was said of it
 * @param newId makes the ids
 * @example firstClass({ ...asked, days: [2, 5] }, newId).programs[0]?.weeks[1]?.days.length // 2
 */
export function firstClass(asked: FirstClass, newId: () => string): ClassParts {
  const room = asked.room.length > 0 ? kitOf(asked.roomName, asked.room, asked.unit, newId) : undefined;
  const homes = asked.people.map(({ name, things }) =>
    things.length > 0 ? kitOf(nameFrom(name, atHome), things, asked.unit, newId) : undefined,
  );
  const participants = asked.people.map((person, at): Participant => {
    const kits = [room, homes[at]].filter((kit) => kit !== undefined);
    return newParticipant(
      newId(),
      person,
      asked.unit,
      kits.map(({ id }) => id),
    );
  });
  const program = asked.session && programFor(asked.session, asked, newId);
  return {
    kits: [room, ...homes].filter((kit) => kit !== undefined),
    participants,
    sessions: asked.session ? [asked.session] : [],
    programs: program ? [program] : [],
  };
}

/**
 * Things of `USUAL_THINGS` as implements with ids of their own.
 *
 * @param ids of the things
 * @param newId makes the ids
 * @example thingsFor(['usualRoom'], newId).length // 3: wall, chair, table
 */
export function thingsFor(ids: readonly string[], newId: () => string): Kit['implements'] {
  const chosen = USUAL_THINGS.filter(({ id }) => ids.includes(id));
  return chosen.flatMap((thing) => thing.implements).map((implement) => ({ ...implement, id: newId() }));
}

function atHome(name: string): string {
  return `${name}, at home`;
}

function kitOf(name: string, things: readonly string[], unit: MassUnit, newId: () => string): Kit {
  return kitSchema.parse({ id: newId(), name, unit, implements: thingsFor(things, newId) });
}

/**
 * Somebody of whom only this is known.
 *
 * @param id theirs
 * @param person what is known
 * @param unit their loads are shown in
 * @param kitIds what they train with
 * @example newParticipant('ida', { name: 'Ida', tier: 'beginner', conditions: [], things: [] }, 'kg', []).bodyMassKg // 70
 */
export function newParticipant(
  id: string,
  { name, tier, bodyMassKg = USUAL_BODY_MASS_KG, conditions }: Omit<Newcomer, 'things'>,
  unit: MassUnit,
  kitIds: readonly string[] = [],
): Participant {
  return {
    id,
    name,
    role: '',
    unit,
    bodyMassKg,
    tier,
    tiers: {},
    rungs: {},
    kitIds: [...kitIds],
    cautions: conditions.map((condition) => ({ condition })),
    knownSets: [],
    formula: 'epley',
    notes: '',
  };
}

/** Weeks from Monday on; the first one has only the days that are still to come, and is the next where none is. */
function programFor(
  session: Session,
  { days, startTime, weeks, today }: FirstClass,
  newId: () => string,
): Program | undefined {
  if (days.length === 0) return undefined;
  const weekday = weekdayOf(today);
  const monday = addDays(today, 1 - weekday);
  const left = days.filter((day) => day >= weekday);
  const startDate = left.length > 0 ? monday : addDays(monday, DAYS_A_WEEK);
  const held = (on: readonly number[]): ProgramDay[] =>
    [...on].sort((a, b) => a - b).map((day) => ({ weekday: day, sessionId: session.id }));
  return {
    id: newId(),
    name: session.name,
    startDate,
    ...(startTime !== undefined && { startTime }),
    weeks: Array.from({ length: weeks }, (_, before) => ({
      week: before + 1,
      days: held(before === 0 && left.length > 0 ? left : days),
    })),
    scheme: DEFAULT_SCHEME,
  };
}
