import { DOCUMENT_VERSION } from './version';

const DAYS = 7;

type Migration = (document: Record<string, unknown>) => Record<string, unknown>;

/** From each older version to the one after it. */
const MIGRATIONS: Readonly<Record<number, Migration>> = {
  1: (document) => ({
    ...document,
    programs: list(document['programs']).map(programWithDays),
    visits: [],
  }),
  2: (document) => ({ ...document, overrides: list(document['overrides']).map(overrideWithDecision) }),
  3: (document) => ({
    ...document,
    exercises: list(document['exercises']).map(exerciseWithDemands),
    participants: list(document['participants']).map(participantOnRungs),
    overrides: list(document['overrides']).map(onRung),
    log: list(document['log']).map(onRung),
  }),
  // Version 5 has combinations; what version 4 says stays as it is.
  4: (document) => document,
  5: withClasses,
  6: (document) => ({ ...document, programs: list(document['programs']).map(programFromMonday) }),
  7: (document) => ({
    ...document,
    overrides: list(document['overrides']).map(
      overrideWithCount(list(document['sessions']), list(document['participants'])),
    ),
  }),
  // Version 9 has figures of one's own; what version 8 says stays as it is.
  8: (document) => document,
  // Version 10 knows how a set was held that somebody remembers; what version 9 says stays as it is.
  9: (document) => document,
};

/**
 * Version 5 knew the sets of a week, not of a class. Every day on which a session was logged is a class of its own now: where it
 * stands in its week more than once, sets go with the planned day they are nearest to, and no set changes but by that number.
 */
function withClasses(document: Record<string, unknown>): Record<string, unknown> {
  const programs = list(document['programs']);
  const nthOf = (thing: unknown) => nthByDate(programs, thing);
  const log = list(document['log']).map((entry) => withNth(entry, nthOf(entry)));
  const visits = list(document['visits']).map((visit) => withNth(visit, nthOf(visit)));
  return { ...document, classes: classesFrom([...log, ...visits]), log, visits };
}

/** An entry or a visit with which of the week's classes it is of; the first needs no number. */
export function withNth(thing: unknown, nth: number): unknown {
  return isRecord(thing) && nth > 1 ? { ...thing, nth } : thing;
}

/**
 * Which of its session's classes in its week a set or visit of version 5 was done in: that of the planned day nearest to its date.
 *
 * @param programs of the document
 * @param thing set or visit
 * @example nthByDate([twiceAWeek], { sessionId: 'mine', week: 1, date: '2026-11-27' }) // 2, on Friday
 */
export function nthByDate(programs: readonly unknown[], thing: unknown): number {
  if (!isRecord(thing)) return 1;
  for (const program of programs) {
    if (!isRecord(program)) continue;
    const week = list(program['weeks'])
      .filter(isRecord)
      .find((own) => own['week'] === thing['week']);
    const days = list(week?.['days'])
      .filter(isRecord)
      .filter((day) => day['sessionId'] === thing['sessionId']);
    if (days.length === 0) continue;
    const start = Date.parse(String(program['startDate']));
    const first = new Date(start).getUTCDay() || DAYS;
    const away = days.map((day) => {
      const into = (Number(day['weekday']) - first + DAYS) % DAYS;
      const date = start + ((Number(thing['week']) - 1) * DAYS + into) * DAY_MS;
      return Math.abs(date - Date.parse(String(thing['date'])));
    });
    return away.indexOf(Math.min(...away)) + 1;
  }
  return 1;
}

const DAY_MS = 86_400_000;

/**
 * The classes that some sets and visits were done in: its day is that of most of them.
 *
 * @param things sets and visits of version 6
 * @example classesFrom(document.log).length // 12
 */
export function classesFrom(things: readonly unknown[]): unknown[] {
  const classes = new Map<string, { head: Record<string, unknown>; dates: string[]; there: Set<string> }>();
  for (const thing of things) {
    if (!isRecord(thing)) continue;
    const { sessionId, week, nth = 1 } = thing;
    if (typeof sessionId !== 'string') continue;
    const id = classId(sessionId, Number(week), Number(nth));
    const known = classes.get(id) ?? { head: { id, sessionId, week, nth }, dates: [], there: new Set() };
    known.dates.push(String(thing['date']));
    known.there.add(String(thing['participantId']));
    classes.set(id, known);
  }
  return [...classes.values()].map(({ head, dates, there }) => ({
    ...head,
    date: mostCommon(dates),
    there: [...there],
  }));
}

function mostCommon(dates: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const date of dates) counts.set(date, (counts.get(date) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))[0]?.[0] ?? '';
}

/**
 * The id of a class: the same wherever it is written down, so that two tabs write one class and not two.
 *
 * @param sessionId of which session
 * @param week of its program
 * @param nth of the week's classes
 * @example classId('mine', 3, 2) // 'mine.3.2'
 */
export function classId(sessionId: string, week: number, nth = 1): string {
  return `${sessionId}.${week}.${nth}`;
}

/** Rungs that version 3 had and what stands in their place, on the same ladder. */
const RUNGS_SINCE_VERSION_3: ReadonlyMap<string, string> = new Map([
  ['hinge-bridge', 'hinge-free'],
  ['hinge-one-leg', 'hinge-staggered'],
  ['one-hinge-wall', 'one-hinge-held'],
  ['one-hinge-staggered', 'one-hinge-held'],
  ['curl-hammer', 'curl-free'],
]);

/** An entry of the log or an override; a set keeps its exercise, so only its rung is another. */
export function onRung(thing: unknown): unknown {
  if (!isRecord(thing) || typeof thing['rungId'] !== 'string') return thing;
  const rungId = RUNGS_SINCE_VERSION_3.get(thing['rungId']);
  if (rungId === undefined) return thing;
  // A set was done in its exercise, which may stand on that rung no more.
  if (typeof thing['exerciseId'] !== 'string') return { ...thing, rungId };
  const { rungId: _, ...rest } = thing;
  return rest;
}

/** A participant of version 3, on rungs that are there. */
export function participantOnRungs(participant: unknown): unknown {
  if (!isRecord(participant) || !isRecord(participant['rungs'])) return participant;
  const rungs = Object.entries(participant['rungs']).map(([ladderId, rungId]) => [
    ladderId,
    RUNGS_SINCE_VERSION_3.get(String(rungId)) ?? rungId,
  ]);
  return { ...participant, rungs: Object.fromEntries(rungs) };
}

/**
 * Version 3 had fewer words for what an exercise asks: an own one gets those that plainly follow from what is said of it, so that
 * nobody is given what the new words would keep from them.
 */
export function exerciseWithDemands(exercise: unknown): unknown {
  if (!isRecord(exercise)) return exercise;
  const { pattern, position } = exercise;
  const demands = new Set(list(exercise['demands']).map(String));
  const loaded = new Set(list(exercise['demandsLoaded']).map(String));
  const all = new Set([...demands, ...loaded]);
  if (demands.has('singleLeg') && list(exercise['needs']).length === 0) demands.add('unsteady');
  if (pattern === 'thrust' || demands.has('breathless')) demands.add('livelyPace');
  if (pattern === 'thrust' && demands.has('jump')) demands.add('breathless');
  if (pattern === 'thrust' && demands.has('shoulderLoad')) {
    demands.add('toFloor').add('upAndDown').add('bellyPressure');
  }
  if (demands.has('jump')) demands.add('jolt');
  if (['brace', 'sideBrace'].includes(String(pattern))) demands.add('longStrain').add('bellyPressure');
  if (['lying', 'kneeling', 'handsAndFeet'].includes(String(position))) demands.add('toFloor');
  // What was called a loaded forward bend may have been either.
  if (all.has('spineBending')) loaded.add('loadedHinge');
  if (all.has('overhead') && isRecord(exercise['loading'])) loaded.add('overheadLoad');
  if (all.has('wideArms')) loaded.add('longArms');
  if (demands.has('lyingBack') && all.has('grip')) loaded.add('overFace');
  return {
    ...exercise,
    demands: [...demands],
    demandsLoaded: [...loaded].filter((demand) => !demands.has(demand)),
  };
}

/**
 * Version 7 did not say of an amount set by hand what it counts: it is what the person's work in that slot counted.
 *
 * @param sessions of the document
 * @param participants of the document
 */
export function overrideWithCount(
  sessions: readonly unknown[],
  participants: readonly unknown[],
): (override: unknown) => unknown {
  const tierOf = new Map(participants.filter(isRecord).map(({ id, tier }) => [id, String(tier)]));
  const slots = sessions
    .filter(isRecord)
    .flatMap(({ blocks }) => list(blocks).filter(isRecord))
    .flatMap((block) => list(block['slots']).filter(isRecord));
  const prescriptionsOf = new Map(slots.map(({ id, prescriptions }) => [id, prescriptions]));
  return (override) => {
    if (!isRecord(override) || override['amount'] === undefined || override['counted'] !== undefined)
      return override;
    const tiers = prescriptionsOf.get(override['slotId']);
    const prescription = isRecord(tiers) && tiers[tierOf.get(override['participantId']) ?? ''];
    const work = isRecord(prescription) && prescription['work'];
    if (!isRecord(work)) return override;
    // Where as many as possible in a time was asked, a caution may have made it repetitions: it is not known.
    if (work['kind'] === 'most' && 'seconds' in work) return override;
    const clocked = work['kind'] === 'time' || work['kind'] === 'hold';
    return { ...override, counted: clocked ? 'seconds' : 'reps' };
  };
}

/** How version 2 began the reason of a proposal that was declined. */
const DECLINED_IN_VERSION_2 = 'Stays as it was.';

/** Version 2 kept what was decided of a proposal only in the words of its reason. */
export function overrideWithDecision(override: unknown): unknown {
  if (!isRecord(override) || override['reviewOfWeek'] === undefined || 'decision' in override)
    return override;
  const declined = String(override['reason']).startsWith(DECLINED_IN_VERSION_2);
  return { ...override, decision: declined ? 'declined' : 'agreed' };
}

/**
 * Version 1 knew which sessions a week has and not on which days: they are spread over the week from its first day.
 */
export function programWithDays(program: unknown): unknown {
  if (!isRecord(program)) return program;
  const start = new Date(String(program['startDate'])).getUTCDay() || DAYS;
  return {
    ...program,
    weeks: list(program['weeks']).map((week) => {
      if (!isRecord(week) || !Array.isArray(week['sessionIds'])) return week;
      const { sessionIds, ...rest } = week;
      const ids = list(sessionIds);
      const days = ids.map((sessionId, at) => ({
        weekday: ((start - 1 + Math.floor((at * DAYS) / ids.length)) % DAYS) + 1,
        sessionId,
      }));
      return { ...rest, days };
    }),
  };
}

/**
 * Weeks begin on Monday since version 7. A program that began on another day keeps every date of every class where none of its
 * days stands before that day in its week; the others stay as they are.
 */
export function programFromMonday(program: unknown): unknown {
  if (!isRecord(program)) return program;
  const start = Date.parse(String(program['startDate']));
  const first = new Date(start).getUTCDay() || DAYS;
  const weekdays = list(program['weeks'])
    .filter(isRecord)
    .flatMap((week) => list(week['days']).filter(isRecord))
    .map((day) => Number(day['weekday']));
  if (Number.isNaN(start) || first === 1 || weekdays.some((weekday) => weekday < first)) return program;
  return { ...program, startDate: new Date(start - (first - 1) * DAY_MS).toISOString().slice(0, 10) };
}

/** Brings a document of an older version up to the present one, a step at a time. */
export function migrateDocument(document: Record<string, unknown>): Record<string, unknown> {
  let current = document;
  for (let version = Number(document['version']); version < DOCUMENT_VERSION; version += 1) {
    const migration = MIGRATIONS[version];
    if (!migration) return current;
    current = { ...migration(current), version: version + 1 };
  }
  return current;
}

function list(value: unknown): unknown[] {
  return Array.isArray(value) ? value : [];
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
