import { LEVERS, type LeverKind, type LeverSettings, type Rung } from '../model';
import { leversMoved, type Catalog, type Version } from '../ladder';
import type { HarderVersion } from '../reason';
import type { Standing } from '../resolve';

/** The next harder version: the same rung with a lever moved, or the next rung. */
export interface Harder extends Standing, HarderVersion {}

/**
 * What comes after a version on its ladder: half of the way where one lever on the spot leads there, else the next rung.
 *
 * @param version on its ladder
 * @param catalog with the ladder
 * @returns undefined at the end of it, or off every ladder
 * @example harderVersion(counterPressUp, catalog)?.rungId // 'press-chair'
 */
export function harderVersion(version: Version, catalog: Catalog): Harder | undefined {
  const { rung } = version;
  const next = nextRung(version, catalog);
  if (!rung || !next) return undefined;
  const between = next.exerciseId === rung.exerciseId ? leverBetween(version.levers, next.levers) : undefined;
  const alreadyMoved = Object.keys(leversMoved(version)).length > 0;
  if (between && !alreadyMoved) {
    return { rungId: rung.id, levers: { [between.lever]: between.half }, next: next.name };
  }
  return { rungId: next.id, next: next.name };
}

/**
 * The rung after a version's own.
 *
 * @param version on its ladder
 * @param catalog with the ladder
 * @returns undefined at the end of its ladder, or off every ladder
 * @example nextRung(gobletSquat, catalog)?.id // 'squat-shoulder-pair'
 */
export function nextRung({ rung, ladderId }: Version, catalog: Catalog): Rung | undefined {
  const rungs = catalog.ladders.get(ladderId ?? '')?.rungs ?? [];
  const standsAt = rungs.findIndex(({ id }) => id === rung?.id);
  return standsAt >= 0 ? rungs[standsAt + 1] : undefined;
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
