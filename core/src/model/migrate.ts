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
};

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
