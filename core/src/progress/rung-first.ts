import { LEVERS, type LeverKind, type LeverSettings, type Rung } from '../model';
import type { Catalog, Version } from '../ladder';
import type { Standing } from '../resolve';
import { repsThenLoad, repSpan } from './reps-then-load';
import { timeFirst } from './time-first';
import type { SchemeNext, SchemeOf } from './scheme';

/** Seconds of a hold after which it is made harder instead of longer. Common practice, no published source. */
const LONG_HOLD_SECONDS = 45;

/** The next harder version: the same rung with a lever moved, or the next rung. */
export interface Harder extends Standing {
  readonly words: string;
}

/**
 * The harder version before the heavier load: when the work was made on two visits, half of the way to the next rung
 * where one lever on the spot leads there, else the next rung itself. Where the ladder ends, or a caution or the kit closes the
 * next, reps grow and then the load. Common
 * practice, no published source; two visits after the 2-for-2 rule (Haff & Triplett).
 */
export const rungFirst: SchemeNext<SchemeOf<'rungFirst'>> = (state, scheme) => {
  const { cell, evidence, before, catalog } = state;
  const { amount, sets } = cell.work;
  const harder = harderVersion(cell.version, catalog);
  if (!harder || !state.reaches(harder)) {
    const { capPercent } = scheme;
    return repSpan(state.prescription.work)
      ? repsThenLoad(state, { kind: 'repsThenLoad', stepReps: 1, capPercent })
      : timeFirst(state, { kind: 'timeFirst', stepSeconds: 5, mostSeconds: LONG_HOLD_SECONDS, capPercent });
  }
  const made = evidence.kind === 'made' || evidence.kind === 'assumed';
  const twice = before.kind === 'made' || (before.kind === 'assumed' && state.cell.change !== undefined);
  if (made && twice) {
    return {
      kind: 'harder',
      rungId: harder.rungId,
      ...(harder.levers && { levers: harder.levers }),
      reason: `Made on two visits running: ${harder.words}.`,
    };
  }
  return {
    kind: 'amount',
    amount,
    sets,
    reason: `The same until it is made on two visits; then ${harder.words}.`,
  };
};

/** What comes after a version on its ladder; undefined at the end of it, or off every ladder. */
export function harderVersion(version: Version, catalog: Catalog): Harder | undefined {
  const { rung } = version;
  const next = nextRung(version, catalog);
  if (!rung || !next) return undefined;
  const between = next.exerciseId === rung.exerciseId ? leverBetween(version.levers, next.levers) : undefined;
  if (between && version.levers[between.lever] === rung.levers[between.lever]) {
    const { lever, half } = between;
    const { name, unit } = LEVERS[lever];
    return {
      rungId: rung.id,
      levers: { [lever]: half },
      words: `half of the way to “${next.name}”, ${name} ${half} ${unit}`,
    };
  }
  return { rungId: next.id, words: `the next rung, “${next.name}”` };
}

/** The rung after a version's own; undefined at the end of its ladder, or off every ladder. */
export function nextRung({ rung, ladderId }: Version, catalog: Catalog): Rung | undefined {
  const rungs = catalog.ladders.get(ladderId ?? '')?.rungs ?? [];
  const at = rungs.findIndex(({ id }) => id === rung?.id);
  return at >= 0 ? rungs[at + 1] : undefined;
}

/** The one lever that two settings differ in, if it can be moved on the spot, and the middle between them. */
function leverBetween(
  from: LeverSettings,
  to: LeverSettings,
): { readonly lever: LeverKind; readonly half: number } | undefined {
  const levers = [...new Set([...Object.keys(from), ...Object.keys(to)])] as LeverKind[];
  const moved = levers.filter((lever) => from[lever] !== to[lever]);
  const [lever] = moved;
  if (moved.length !== 1 || lever === undefined || !LEVERS[lever].free) return undefined;
  const start = from[lever];
  const end = to[lever];
  if (start === undefined || end === undefined) return undefined;
  return { lever, half: Math.round((start + end) / 2) };
}
