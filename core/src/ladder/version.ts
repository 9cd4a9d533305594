import {
  LEVERS,
  type Demand,
  type Exercise,
  type LeverKind,
  type LeverSettings,
  type LogEntry,
  type Need,
  type Rung,
  type Tier,
} from '../model';

/** An exercise as it is really done: at lever settings, from a rung of a ladder where there is one. */
export interface Version {
  readonly exercise: Exercise;
  readonly ladderId?: string;
  readonly rung?: Rung;
  /** How it stands in a cell. */
  readonly name: string;
  /** Undefined for an exercise that is on no ladder: it suits everyone. */
  readonly tier?: Tier;
  readonly levers: LeverSettings;
  readonly needs: readonly Need[];
  readonly demands: readonly Demand[];
  /** Asked of the body only while something is held. */
  readonly demandsLoaded: readonly Demand[];
}

/** A rung's version of its exercise. */
export function versionOfRung(exercise: Exercise, ladderId: string, rung: Rung): Version {
  const kept = (demand: Demand) => !rung.spares.includes(demand);
  return {
    exercise,
    ladderId,
    rung,
    name: rung.name,
    tier: rung.tier,
    levers: rung.levers,
    needs: [...exercise.needs, ...rung.needs],
    demands: exercise.demands.filter(kept),
    demandsLoaded: exercise.demandsLoaded.filter(kept),
  };
}

/** An exercise that stands on no ladder, at its plain setting. */
export function versionOfExercise(exercise: Exercise): Version {
  return {
    exercise,
    name: exercise.name.toLowerCase(),
    ...(exercise.tier && { tier: exercise.tier }),
    levers: {},
    needs: exercise.needs,
    demands: exercise.demands,
    demandsLoaded: exercise.demandsLoaded,
  };
}

/** The same version with one lever moved. */
export function withLever(version: Version, lever: LeverKind, value: number, words: string): Version {
  return { ...version, name: `${version.name}, ${words}`, levers: { ...version.levers, [lever]: value } };
}

/** What tells one version from another, whatever they are called. */
interface VersionIdentity {
  readonly exerciseId: string;
  readonly rungId?: string | undefined;
  /** Levers that do not stand where the rung has them. */
  readonly moved: LeverSettings;
}

function keyOf({ exerciseId, rungId, moved }: VersionIdentity): string {
  const levers = Object.entries(moved)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([lever, value]) => ` ${lever}=${value}`);
  return `${exerciseId} ${rungId ?? '-'}${levers.join('')}`;
}

/**
 * Levers of a version that do not stand where its rung has them.
 *
 * @example leversMoved(withLever(counterPressUp, 'surfaceHeight', 60, 'surface 60 cm')) // { surfaceHeight: 60 }
 */
export function leversMoved({ levers, rung }: Pick<Version, 'levers' | 'rung'>): LeverSettings {
  const moved: LeverSettings = {};
  for (const [lever, value] of Object.entries(levers) as [LeverKind, number][]) {
    if (rung?.levers[lever] !== value) moved[lever] = value;
  }
  return moved;
}

/**
 * A version's identity: its exercise, its rung and the levers that were moved. Names are no identity: many exercises have a
 * version called “one arm”.
 *
 * @example versionKey(oneArmRow) // 'one-arm-row row-one-arm'
 */
export function versionKey(version: Pick<Version, 'exercise' | 'rung' | 'levers'>): string {
  return keyOf({ exerciseId: version.exercise.id, rungId: version.rung?.id, moved: leversMoved(version) });
}

/**
 * Whether two versions are the same one.
 *
 * @example sameVersion(oneArmRow, oneArmOverheadPress) // false, though both are called “one arm”
 */
export function sameVersion(a: Version, b: Version): boolean {
  return a === b || (a.exercise.id === b.exercise.id && versionKey(a) === versionKey(b));
}

/**
 * The identity of the version that a set was done in.
 *
 * @example versionKeyOfSet({ exerciseId: 'one-arm-row', rungId: 'row-one-arm' }) // 'one-arm-row row-one-arm'
 */
export function versionKeyOfSet(
  { exerciseId, rungId, levers = {} }: Pick<LogEntry, 'exerciseId' | 'rungId' | 'levers'>,
  rungById: (id: string) => Rung | undefined,
): string {
  const rung = rungId === undefined ? undefined : rungById(rungId);
  return keyOf({ exerciseId, rungId, moved: leversMoved({ levers, ...(rung && { rung }) }) });
}

/** Whether a lever setting is at `limit` or on its easier side; an unset lever stands at its hard end. */
export function easierOrEqual(lever: LeverKind, value: number | undefined, limit: number): boolean {
  if (value === undefined) return false;
  return LEVERS[lever].harder === 'up' ? value <= limit : value >= limit;
}
