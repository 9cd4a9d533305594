import { LEVERS, type Exercise, type Ladder, type LeverKind, type Rung } from '../model';
import { togetherById } from './combination';
import { variedById } from './variations';
import { versionOfExercise, versionOfRung, type Version } from './version';

/** Exercises and ladders, indexed for looking up. */
export interface Catalog {
  readonly exercises: ReadonlyMap<string, Exercise>;
  readonly ladders: ReadonlyMap<string, Ladder>;
  /** Every version there is: each rung of each ladder, and each exercise that stands on none. */
  readonly versions: readonly Version[];
  readonly versionByRung: ReadonlyMap<string, Version>;
  /** By an exercise's id, where it stands on a ladder: on the easiest of its rungs. */
  readonly placeOf: ReadonlyMap<string, Version>;
  /** Of a combination's id too, and of one that words have varied: see `combinedId` and `variedId`. */
  readonly exerciseById: (id: string) => Exercise | undefined;
  readonly rungById: (id: string) => Rung | undefined;
  /** What was chosen for words that could mean more than one thing, by those words. */
  readonly said?: Readonly<Record<string, string>> | undefined;
}

/** Thrown when a ladder names an exercise, ladder or rung that is not there, or an id stands twice. */
export class CatalogError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'CatalogError';
  }
}

/**
 * Indexes exercises and ladders.
 *
 * @throws CatalogError naming the first thing that does not fit together
 */
export function buildCatalog(exercises: readonly Exercise[], ladders: readonly Ladder[]): Catalog {
  const exerciseMap = byId('exercise', exercises);
  const ladderMap = byId('ladder', ladders);
  const versions: Version[] = [];
  const versionByRung = new Map<string, Version>();
  const placeOf = new Map<string, Version>();

  for (const ladder of ladders) {
    for (const rung of ladder.rungs) {
      const exercise = exerciseMap.get(rung.exerciseId);
      if (!exercise) {
        throw new CatalogError(
          `The rung “${rung.name}” of ${ladder.name} names the exercise ${rung.exerciseId}, which is not there.`,
        );
      }
      if (versionByRung.has(rung.id)) throw new CatalogError(`The rung id ${rung.id} stands twice.`);
      checkLevers(exercise, rung);
      for (const { ladderId, rungId } of rung.prerequisites) {
        if (!ladderMap.get(ladderId)?.rungs.some(({ id }) => id === rungId)) {
          throw new CatalogError(
            `The rung “${rung.name}” waits for ${ladderId}, ${rungId}, which is not there.`,
          );
        }
      }
      const version = versionOfRung(exercise, ladder.id, rung);
      versions.push(version);
      versionByRung.set(rung.id, version);
      if (!placeOf.has(exercise.id)) placeOf.set(exercise.id, version);
    }
  }
  checkCycles(ladders);
  for (const exercise of exercises) if (!placeOf.has(exercise.id)) versions.push(versionOfExercise(exercise));

  const made = new Map<string, Exercise | undefined>();
  const exerciseById = (id: string): Exercise | undefined => {
    const plain = exerciseMap.get(id);
    if (plain) return plain;
    if (!made.has(id)) made.set(id, variedById(id, exerciseById) ?? togetherById(id, lookup));
    return made.get(id);
  };
  const lookup = { exercise: exerciseById, onRung: (id: string) => versionByRung.get(id) };
  return {
    exercises: exerciseMap,
    ladders: ladderMap,
    versions,
    versionByRung,
    placeOf,
    exerciseById,
    rungById: (id) => versionByRung.get(id)?.rung,
  };
}

/**
 * No rung may wait for itself by way of others: to stand on a rung is to have reached every rung before it on its
 * ladder, and what those wait for.
 */
function checkCycles(ladders: readonly Ladder[]): void {
  const waitsFor = new Map<string, string[]>();
  for (const { rungs } of ladders) {
    rungs.forEach((rung, at) => {
      const before = rungs[at - 1];
      waitsFor.set(rung.id, [
        ...(before ? [before.id] : []),
        ...rung.prerequisites.map(({ rungId }) => rungId),
      ]);
    });
  }
  const done = new Set<string>();
  const visit = (id: string, path: readonly string[]): void => {
    if (path.includes(id)) {
      throw new CatalogError(`Rungs wait for each other in a circle: ${[...path, id].join(', ')}.`);
    }
    if (done.has(id)) return;
    for (const next of waitsFor.get(id) ?? []) visit(next, [...path, id]);
    done.add(id);
  };
  for (const id of waitsFor.keys()) visit(id, []);
}

function byId<Thing extends { readonly id: string }>(
  kind: string,
  things: readonly Thing[],
): Map<string, Thing> {
  const map = new Map<string, Thing>();
  for (const thing of things) {
    if (map.has(thing.id)) throw new CatalogError(`The ${kind} id ${thing.id} stands twice.`);
    map.set(thing.id, thing);
  }
  return map;
}

function checkLevers(exercise: Exercise, { name, levers }: Rung): void {
  for (const [lever, value] of Object.entries(levers)) {
    const range = exercise.levers.find((own) => own.lever === lever);
    if (!range)
      throw new CatalogError(
        `The rung “${name}” sets ${wordsOf(lever)}, which ${exercise.name} does not have.`,
      );
    if (value !== undefined && (value < range.from || value > range.to)) {
      throw new CatalogError(
        `The rung “${name}” sets ${wordsOf(lever)} to ${value}; ${exercise.name} has ${range.from} to ${range.to}.`,
      );
    }
  }
}

function wordsOf(lever: string): string {
  return LEVERS[lever as LeverKind].name;
}
