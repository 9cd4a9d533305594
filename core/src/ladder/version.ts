import {
  LEVERS,
  type Demand,
  type Exercise,
  type LeverKind,
  type LeverSettings,
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

/** Whether a lever setting is at `limit` or on its easier side; an unset lever stands at its hard end. */
export function easierOrEqual(lever: LeverKind, value: number | undefined, limit: number): boolean {
  if (value === undefined) return false;
  return LEVERS[lever].harder === 'up' ? value <= limit : value >= limit;
}
