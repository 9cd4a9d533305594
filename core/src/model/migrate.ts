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
};

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
