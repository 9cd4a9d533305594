import type { ClassHeld, DrayDocument, LogEntry, Override, Program, Session, Visit } from '../model';
import { weekdayOf } from '../units';
import { classDays, programOf, weeksOf, type ClassDay, type PlannedDay, type PlannedWeek } from './schedule';

/** One class of a session in the order in which they come, or a week of its program in which it has none. */
export interface Turn {
  /** From 1, over all of the program. */
  readonly turn: number;
  readonly week: number;
  readonly nth: number;
  /** Of how many of the session in that week. */
  readonly of: number;
  /** Absent where the session stands in no program and nobody has said when. */
  readonly date?: string | undefined;
  readonly startTime?: string | undefined;
  /** It falls out: cancelled, or in the holidays. */
  readonly off: boolean;
  /** The session does not stand in this week. */
  readonly none: boolean;
}

/**
 * A document as it is for one session held class by class: its weeks are its classes, in order. Cells, evidence, reviews and
 * what was set by hand then need to know of nothing but "the one before". Where a session stands once in each week it is the
 * very same document.
 */
export interface Turned {
  readonly document: DrayDocument;
  readonly turns: readonly Turn[];
  /** The number of a class on this axis. */
  readonly turnOf: (week: number, nth?: number) => number;
  /** A set or visit of this axis as it is kept. */
  readonly kept: <Thing extends Pick<LogEntry, 'week' | 'nth'>>(thing: Thing) => Thing;
  /** Overrides of this axis as they are kept: what was not touched is the very same. */
  readonly keptOverrides: (overrides: readonly Override[]) => Override[];
}

const known = new WeakMap<DrayDocument, Map<string, Turned>>();

/**
 * A document on the axis of one session's classes.
 *
 * @param document as it is kept; one that is on that axis already comes back as it is
 * @param sessionId whose classes
 * @example inTurns(document, 'mine').turns.length // 16, twice a week for eight weeks
 */
export function inTurns(document: DrayDocument, sessionId: string): Turned {
  const ofDocument = known.get(document) ?? new Map<string, Turned>();
  known.set(document, ofDocument);
  const turned = ofDocument.get(sessionId) ?? turn(document, sessionId);
  ofDocument.set(sessionId, turned);
  return turned;
}

function turn(document: DrayDocument, sessionId: string): Turned {
  const program = programOf(document, sessionId);
  const { turns, asPlanned } = program
    ? plannedTurns(program, document.classes, sessionId)
    : { turns: turnsOutside(document, sessionId), asPlanned: true };
  const turnOf = (week: number, nth = 1) =>
    turns.find((one) => one.week === week && one.nth === nth)?.turn ??
    turns.find((one) => one.week >= week)?.turn ??
    turns.length + Math.max(1, week - (turns.at(-1)?.week ?? 0));
  const same = <Thing>(thing: Thing) => thing;
  if (asPlanned) {
    return { document, turns, turnOf, kept: same, keptOverrides: (overrides) => [...overrides] };
  }
  const session = document.sessions.find(({ id }) => id === sessionId);
  const mapping: Mapping = { turns, turnOf, sessionId, slots: slotsOf(session) };
  const overrides = overridesInTurns(document.overrides, mapping);
  const view: DrayDocument = {
    ...document,
    programs: document.programs.map((one) => (one === program ? programInTurns(program, mapping) : one)),
    overrides: overrides.map(({ now }) => now),
    log: listInTurns(document.log, mapping),
    visits: listInTurns(document.visits, mapping),
    // They are in the program now.
    classes: [],
  };
  const before = new Map(overrides.map(({ now, kept }) => [now, kept]));
  return {
    document: view,
    turns,
    turnOf,
    kept: (thing) => withPlace(thing, placeOf(turns, thing.week)),
    keptOverrides: (list) => list.map((one) => before.get(one) ?? keptOverride(one, mapping)),
  };
}

interface Mapping {
  readonly turns: readonly Turn[];
  readonly turnOf: Turned['turnOf'];
  readonly sessionId: string;
  readonly slots: ReadonlySet<string>;
}

function slotsOf(session: Session | undefined): ReadonlySet<string> {
  return new Set(session?.blocks.flatMap(({ slots }) => slots.map(({ id }) => id)));
}

interface PlannedTurns {
  readonly turns: readonly Turn[];
  /** Once in each week at most, on the day it was planned for. */
  readonly asPlanned: boolean;
}

const calendars = new WeakMap<Program, WeakMap<readonly ClassHeld[], Map<string, PlannedTurns>>>();

/** A session's classes in a program; worked out once for as long as the program and what was held of it are the same. */
function plannedTurns(program: Program, classes: readonly ClassHeld[], sessionId: string): PlannedTurns {
  const ofProgram = calendars.get(program) ?? new WeakMap<readonly ClassHeld[], Map<string, PlannedTurns>>();
  calendars.set(program, ofProgram);
  const ofClasses = ofProgram.get(classes) ?? new Map<string, PlannedTurns>();
  ofProgram.set(classes, ofClasses);
  const made = ofClasses.get(sessionId);
  if (made) return made;
  const held = classes.filter((one) => one.sessionId === sessionId);
  const turns = turnsIn(program, held, sessionId);
  const planned = { turns, asPlanned: isAsPlanned(turns, program, sessionId) };
  ofClasses.set(sessionId, planned);
  return planned;
}

/** Once in each week at most, on the day it was planned for. */
function isAsPlanned(turns: readonly Turn[], program: Program, sessionId: string): boolean {
  if (turns.some(({ turn, week }) => turn !== week)) return false;
  const planned = new Map(
    classDays(program).flatMap((day) => (day.sessionId === sessionId ? [[day.week, day]] : [])),
  );
  return turns.every(({ week, date, off, none }) => {
    const day = planned.get(week);
    return day ? day.date === date && off === (day.holiday !== undefined) : none;
  });
}

function turnsIn(program: Program, classes: readonly ClassHeld[], sessionId: string): Turn[] {
  const byWeek = new Map<number, ClassDay[]>();
  for (const day of classDays(program, classes)) {
    if (day.sessionId === sessionId) byWeek.set(day.week, [...(byWeek.get(day.week) ?? []), day]);
  }
  const turns: Turn[] = [];
  for (const { week } of program.weeks) {
    const days = byWeek.get(week) ?? [];
    if (days.length === 0) {
      turns.push({ turn: turns.length + 1, week, nth: 1, of: 0, off: false, none: true });
    }
    for (const { nth, date, startTime, holiday, cancelled } of days) {
      const off = cancelled || holiday !== undefined;
      turns.push({ turn: turns.length + 1, week, nth, of: days.length, date, startTime, off, none: false });
    }
  }
  return turns;
}

function turnsOutside(document: DrayDocument, sessionId: string): Turn[] {
  const classes = document.classes.filter((one) => one.sessionId === sessionId);
  const held = new Map(classes.map((one) => [one.week, one]));
  return Array.from({ length: weeksOf(document, sessionId) }, (_, before): Turn => {
    const one = held.get(before + 1);
    return {
      turn: before + 1,
      week: before + 1,
      nth: 1,
      of: 1,
      date: one?.date,
      startTime: one?.startTime,
      off: one?.cancelled ?? false,
      none: false,
    };
  });
}

const programs = new WeakMap<Program, Map<string, Program>>();

/** A program whose weeks are the classes of one session; the others stay with the first class of their week. */
function programInTurns(program: Program, { turns, sessionId }: Mapping): Program {
  const key = JSON.stringify([sessionId, turns]);
  const ofProgram = programs.get(program) ?? new Map<string, Program>();
  programs.set(program, ofProgram);
  const made = ofProgram.get(key);
  if (made) return made;
  const seen = new Set<number>();
  const weeks = turns.map(({ turn, week, date, off, none }): PlannedWeek => {
    const planned = program.weeks.find((own) => own.week === week);
    const others = seen.has(week) ? [] : (planned?.days.filter((day) => day.sessionId !== sessionId) ?? []);
    seen.add(week);
    const own: PlannedDay[] =
      none || date === undefined ? [] : [{ sessionId, weekday: weekdayOf(date), date, ...(off && { off }) }];
    return {
      week: turn,
      ofWeek: week,
      days: [...own, ...others],
      ...(planned?.lighter && { lighter: true }),
    };
  });
  const inTurns: Program = { ...program, weeks };
  ofProgram.set(key, inTurns);
  return inTurns;
}

const moved = new WeakMap<object, Map<number, object>>();

/** The same thing with another number: the very same object for the same number. */
function at<Thing extends Pick<LogEntry, 'week' | 'nth'>>(thing: Thing, turn: number): Thing {
  if (thing.week === turn && thing.nth === undefined) return thing;
  const ofThing = moved.get(thing) ?? new Map<number, object>();
  moved.set(thing, ofThing);
  const made = ofThing.get(turn) as Thing | undefined;
  if (made) return made;
  const { nth: _, ...rest } = thing;
  const now = { ...rest, week: turn } as Thing;
  ofThing.set(turn, now);
  return now;
}

const lists = new WeakMap<readonly object[], Map<string, readonly object[]>>();

/** Sets or visits on the axis: those of other sessions stay as they are. */
function listInTurns<Thing extends LogEntry | Visit>(
  list: Thing[],
  { turns, turnOf, sessionId }: Mapping,
): Thing[] {
  const key = JSON.stringify([sessionId, turns.map(({ week, nth }) => [week, nth])]);
  const ofList = lists.get(list) ?? new Map<string, readonly object[]>();
  lists.set(list, ofList);
  const made = ofList.get(key) as Thing[] | undefined;
  if (made) return made;
  const now = list.map((thing) =>
    thing.sessionId === sessionId ? at(thing, turnOf(thing.week, thing.nth)) : thing,
  );
  ofList.set(key, now);
  return now;
}

function placeOf(turns: readonly Turn[], turn: number): Pick<Turn, 'week' | 'nth' | 'of'> {
  const last = turns.at(-1);
  return turns[turn - 1] ?? { week: (last?.week ?? 0) + Math.max(1, turn - turns.length), nth: 1, of: 1 };
}

function withPlace<Thing extends Pick<LogEntry, 'week' | 'nth'>>(
  thing: Thing,
  { week, nth }: Pick<Turn, 'week' | 'nth'>,
): Thing {
  const { nth: _, ...rest } = thing;
  return { ...rest, week, ...(nth > 1 && { nth }) } as Thing;
}

interface OverrideBothWays {
  readonly kept: Override;
  readonly now: Override;
}

const hands = new WeakMap<Override, Map<string, Override>>();

function overridesInTurns(overrides: readonly Override[], mapping: Mapping): OverrideBothWays[] {
  const { turns, slots } = mapping;
  const key = JSON.stringify(turns.map(({ week, nth }) => [week, nth]));
  return overrides.map((kept): OverrideBothWays => {
    if (!slots.has(kept.slotId)) return { kept, now: kept };
    const ofHand = hands.get(kept) ?? new Map<string, Override>();
    hands.set(kept, ofHand);
    const now = ofHand.get(key) ?? overrideInTurns(kept, mapping);
    ofHand.set(key, now);
    return { kept, now };
  });
}

function overrideInTurns(kept: Override, { turns, turnOf }: Mapping): Override {
  const { fromWeek, fromNth, toWeek, toNth, reviewOfWeek, reviewOfNth, ...rest } = kept;
  const last = turns.findLast(({ week }) => toWeek !== undefined && week <= toWeek)?.turn;
  return {
    ...rest,
    fromWeek: turnOf(fromWeek, fromNth),
    ...(toWeek !== undefined && { toWeek: toNth === undefined ? (last ?? toWeek) : turnOf(toWeek, toNth) }),
    ...(reviewOfWeek !== undefined && { reviewOfWeek: turnOf(reviewOfWeek, reviewOfNth) }),
  };
}

function keptOverride(now: Override, { turns, slots }: Mapping): Override {
  if (!slots.has(now.slotId)) return now;
  const { fromWeek, toWeek, reviewOfWeek, ...rest } = now;
  const from = placeOf(turns, fromWeek);
  const to = toWeek === undefined ? undefined : placeOf(turns, toWeek);
  const review = reviewOfWeek === undefined ? undefined : placeOf(turns, reviewOfWeek);
  return {
    ...rest,
    fromWeek: from.week,
    ...(from.of > 1 && { fromNth: from.nth }),
    ...(to && { toWeek: to.week }),
    ...(to && to.of > 1 && { toNth: to.nth }),
    ...(review && { reviewOfWeek: review.week }),
    ...(review && review.of > 1 && { reviewOfNth: review.nth }),
  };
}
