import {
  midSentence,
  type Demand,
  type Exercise,
  type LeverKind,
  type LeverSettings,
  type LogEntry,
  type Need,
  type Rung,
  type Tier,
} from '../model';
import { demandsAt, SUPPORT } from './demands';

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
  /** Done with a hand on something that stands. */
  readonly holdingOn?: true;
}

/**
 * An exercise and which version of it: "Squat to a seat" says it all, "Row" wants its "chest on the counter".
 *
 * @param version of an exercise
 * @example fullName(version) // 'Row, chest on the counter'
 */
export function fullName({ name, exercise }: Pick<Version, 'name' | 'exercise'>): string {
  const within = name.toLowerCase().includes(exercise.name.toLowerCase());
  if (within) return name.charAt(0).toUpperCase() + name.slice(1);
  return `${exercise.name}, ${name}`;
}

/** A rung's version of its exercise. */
export function versionOfRung(exercise: Exercise, ladderId: string, rung: Rung): Version {
  return {
    exercise,
    ladderId,
    rung,
    name: rung.name,
    tier: rung.tier,
    levers: rung.levers,
    needs: [...exercise.needs, ...rung.needs],
    ...demandsAt(exercise, rung.levers, rung),
  };
}

/** An exercise that stands on no ladder, at its plain setting. */
export function versionOfExercise(exercise: Exercise): Version {
  return {
    exercise,
    name: midSentence(exercise.name),
    ...(exercise.tier && { tier: exercise.tier }),
    levers: {},
    needs: exercise.needs,
    demands: exercise.demands,
    demandsLoaded: exercise.demandsLoaded,
  };
}

/** The same version with one lever moved, and what it asks there. */
export function withLever(version: Version, lever: LeverKind, value: number, words: string): Version {
  const levers = { ...version.levers, [lever]: value };
  const asked = demandsAt(version.exercise, levers, version.rung);
  const moved = { ...version, ...asked, name: `${version.name}, ${words}`, levers };
  return version.holdingOn ? steadied(moved) : moved;
}

/**
 * The same version with a hand on something that stands; undefined where the hands are busy or it travels.
 *
 * @example holdingOn(heelRaise)?.name // 'heel raise, holding on'
 */
export function holdingOn(version: Version): Version | undefined {
  if (version.holdingOn) return version;
  if (version.exercise.handsBusy) return undefined;
  const needs = [...version.needs, SUPPORT];
  return steadied({ ...version, name: `${version.name}, holding on`, needs, holdingOn: true });
}

function steadied(version: Version): Version {
  return { ...version, demands: version.demands.filter((demand) => demand !== 'unsteady') };
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

/**
 * Whether a set was done in a version; what an entry does not say of it is as it was asked.
 *
 * @param entry of the log
 * @param version that was asked
 * @example isOf(freeSquatEntry, gobletSquat) // false
 */
export function isOf({ exerciseId, rungId, levers }: LogEntry, version: Version): boolean {
  if (exerciseId !== version.exercise.id) return false;
  if (rungId !== undefined && rungId !== version.rung?.id) return false;
  const settings = Object.entries(levers ?? {});
  return settings.every(([lever, value]) => version.levers[lever as keyof typeof version.levers] === value);
}
