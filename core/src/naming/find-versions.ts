import {
  HOLD_WORDS,
  MUSCLE_WORDS,
  PATTERN_WORDS,
  PROP_WORDS,
  type Exercise,
  type Ladder,
  type Rung,
} from '../model';
import { versionOfExercise, type Catalog, type Version } from '../ladder';
import { otherNamesOfExercise, otherNamesOfLadder, otherNamesOfRung } from './also-called';
import { readMovement } from './read-movement';

/** Where a body is, in the words it is looked for by. */
const POSITION_FINDS: Readonly<Record<Exercise['position'], string>> = {
  standing: 'standing',
  seated: 'seated sitting chair',
  kneeling: 'kneeling floor',
  lying: 'lying floor',
  handsAndFeet: 'hands and feet on all fours floor',
};

/** Words for having nothing at hand. */
const NOTHING = 'nothing no kit bodyweight body weight';

/**
 * Everything a version can be found by, in lower case: names, what else it is called, muscles, place, props, how it is held.
 *
 * @param exercise it is of
 * @param ladder it stands on, if any
 * @param rung it is, if any
 * @example findableWords(bridge).includes('glutes') // true
 */
export function findableWords(exercise: Exercise, ladder?: Ladder, rung?: Rung): string {
  const { needs, loading } = exercise;
  return [
    exercise.name,
    ...otherNamesOfExercise(exercise),
    ...(ladder ? [ladder.name, ...otherNamesOfLadder(ladder)] : []),
    ...(rung ? [rung.name, ...otherNamesOfRung(rung)] : []),
    PATTERN_WORDS[exercise.pattern],
    POSITION_FINDS[exercise.position],
    ...exercise.muscles.map(({ muscle }) => MUSCLE_WORDS[muscle]),
    ...needs.flat().map((prop) => PROP_WORDS[prop]),
    ...(loading?.holds ?? []).map((hold) => HOLD_WORDS[hold]),
    ...(needs.length === 0 && !loading?.required ? [NOTHING] : []),
  ]
    .join(' ')
    .toLowerCase();
}

const indices = new WeakMap<Catalog, readonly { readonly version: Version; readonly words: string }[]>();

function indexOf(catalog: Catalog) {
  const known = indices.get(catalog);
  if (known) return known;
  const index = catalog.versions.map((version) => ({
    version,
    words: ` ${findableWords(version.exercise, catalog.ladders.get(version.ladderId ?? ''), version.rung)} `,
  }));
  indices.set(catalog, index);
  return index;
}

/** One word as it is looked for: from its beginning, one or many. */
function isIn(words: string, wanted: string): boolean {
  const stem = wanted.length > 3 ? wanted.replace(/s$/u, '') : wanted;
  return words.includes(` ${stem}`) || words.includes(`-${stem}`) || words.includes(`(${stem}`);
}

/**
 * Versions that fit some words: what it is called, what it trains, where, with what. Every word has to fit; commas part nothing but
 * thoughts. What is meant for sure by its name comes first.
 *
 * @param text as a coach says it
 * @param catalog to look in
 * @example findVersions('outer hip, standing, nothing', catalog)[0]?.exercise.position // 'standing'
 */
export function findVersions(text: string, catalog: Catalog): readonly Version[] {
  const wanted = text
    .toLowerCase()
    .split(/[\s,;]+/u)
    .filter(Boolean);
  if (wanted.length === 0) return [];
  const named = readMovement(text, catalog)
    .filter(({ confidence, parts }) => confidence === 'sure' && parts.length === 1)
    .flatMap(({ parts }) => parts);
  const isNamed = ({ exercise, rung }: Version) =>
    named.some((part) =>
      part.rungId === undefined ? part.exercise.id === exercise.id : part.rungId === rung?.id,
    );
  const found = indexOf(catalog).filter(
    ({ version, words }) => isNamed(version) || wanted.every((word) => isIn(words, word)),
  );
  const versions = found.map(({ version }) => version);
  // What words have made of an exercise stands in no list.
  const varied = named
    .filter(({ rungId, exercise }) => rungId === undefined && !catalog.exercises.has(exercise.id))
    .map(({ exercise }) => versionOfExercise(exercise));
  return [...varied, ...versions.filter(isNamed), ...versions.filter((version) => !isNamed(version))];
}
