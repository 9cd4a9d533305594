import { VARIATIONS, variedId, type Catalog, type Variation } from '../ladder';
import type { CombinationPart, Exercise, Hold, LeverSettings, Rung } from '../model';
import { LIBRARY_COMBINATIONS } from '../library';
import { editDistance } from '../plan';
import { otherNamesOfExercise, otherNamesOfRung } from './also-called';
import { COMPOUND_WORDS, movementKey, movementWords } from './words';

/** One movement of a reading. */
export interface MovementPart {
  readonly exercise: Exercise;
  readonly rungId?: string | undefined;
  readonly levers: LeverSettings;
  /** How it is held, where the words say so. */
  readonly hold?: Hold | undefined;
  /** In a combination: how often in one repetition, and whether it is held while the others move. */
  readonly times?: number | undefined;
  readonly held?: true | undefined;
}

/** What a text may mean. */
export interface MovementReading {
  /** More than one where several movements are one repetition. */
  readonly parts: readonly MovementPart[];
  readonly confidence: 'sure' | 'likely';
  /** Words that said nothing to it. */
  readonly unused: readonly string[];
}

/** A name with what it is of. */
interface Entry {
  readonly words: readonly string[];
  readonly exercise: Exercise;
  readonly rung?: Rung;
  /** Primary names come before others. */
  readonly rank: number;
}

interface NameIndex {
  readonly byKey: ReadonlyMap<string, Entry>;
  /** Combinations that have a name of their own. */
  readonly together: ReadonlyMap<string, readonly MovementPart[]>;
  /** Words that are spelled as they should be. */
  readonly known: ReadonlySet<string>;
  readonly byWord: ReadonlyMap<string, readonly Entry[]>;
  readonly vocabulary: readonly string[];
  readonly exerciseById: Catalog['exerciseById'];
  /** Words that were looked for already, with how they are spelled. */
  readonly spelled: Map<string, string>;
}

/** Words for what is held. */
const HOLD_WORDS: Readonly<Record<string, Hold>> = {
  dumbbell: 'pair',
  pair: 'pair',
  kettlebell: 'bothHands',
  barbell: 'bar',
  bar: 'bar',
  band: 'band',
  banded: 'band',
  bag: 'bag',
  vest: 'vest',
};
/** How else the same thing is held: a dumbbell in one hand, or one in both. */
const SAME_THING: Readonly<Partial<Record<Hold, readonly Hold[]>>> = {
  pair: ['pair', 'oneSide', 'bothHands'],
  bothHands: ['bothHands', 'oneSide', 'pair'],
  bar: ['bar', 'hexBar'],
  band: ['band'],
  bag: ['bag'],
  vest: ['vest'],
};
/** Words that change how hard or how fast, and not which movement: whoever reads a name has to make something of them. */
const HOW: ReadonlySet<string> = new Set(['slow', 'light', 'medium', 'heavy']);
/** Words that say nothing new beside a name. */
const SAID_BESIDE: ReadonlySet<string> = new Set([
  ...HOW,
  ...'weighted loaded bodyweight free standing alternating each'.split(' '),
]);

const indices = new WeakMap<Catalog, NameIndex>();

function indexOf(catalog: Catalog): NameIndex {
  const known = indices.get(catalog);
  if (known) return known;
  const entries = [...entriesIn(catalog)];
  const byKey = new Map<string, Entry>();
  const byWord = new Map<string, Entry[]>();
  for (const entry of entries) {
    const key = movementKey(entry.words);
    const before = byKey.get(key);
    if (!before || entry.rank < before.rank) byKey.set(key, entry);
    for (const word of new Set(entry.words)) {
      const list = byWord.get(word);
      if (list) list.push(entry);
      else byWord.set(word, [entry]);
    }
  }
  const vocabulary = new Set([
    ...byWord.keys(),
    ...Object.keys(HOLD_WORDS),
    ...COMPOUND_WORDS,
    ...SAID_VARIATIONS.flatMap(({ words }) => words),
    ...LIBRARY_COMBINATIONS.flatMap(({ name, alsoCalled }) => [name, ...alsoCalled].flatMap(movementWords)),
  ]);
  const index = {
    byKey,
    byWord,
    together: combinationsIn(catalog, byKey),
    exerciseById: (id: string) => catalog.exerciseById(id),
    vocabulary: [...vocabulary],
    known: new Set([...vocabulary, ...SAID_BESIDE]),
    spelled: new Map(),
  };
  indices.set(catalog, index);
  return index;
}

/** What ships, with the exercise each part is called by. */
function combinationsIn(
  { exercises, ladders }: Catalog,
  byKey: ReadonlyMap<string, Entry>,
): Map<string, readonly MovementPart[]> {
  const rungOf = (ladderId: string, held: true | undefined): Exercise | undefined => {
    const ladder = ladders.get(ladderId);
    const namesake = byKey.get(movementKey(movementWords(ladder?.name ?? '')))?.exercise;
    const rungs = ladder?.rungs.flatMap(({ exerciseId }) => exercises.get(exerciseId) ?? []) ?? [];
    const loaded = held ? undefined : rungs.find(({ loading }) => loading !== undefined);
    return namesake ?? loaded ?? rungs[0];
  };
  const partOf = ({ source, times, held }: CombinationPart): MovementPart[] => {
    const exercise =
      source.kind === 'exercise' ? exercises.get(source.exerciseId) : rungOf(source.ladderId, held);
    return exercise ? [{ exercise, levers: {}, times, held }] : [];
  };
  return new Map(
    LIBRARY_COMBINATIONS.flatMap(({ name, alsoCalled, source }) => {
      const parts = source.parts.flatMap(partOf);
      if (parts.length < source.parts.length) return [];
      return [name, ...alsoCalled].map((called) => [movementKey(movementWords(called)), parts] as const);
    }),
  );
}

function* entriesIn(catalog: Catalog): Generator<Entry> {
  for (const exercise of catalog.exercises.values()) {
    yield { words: movementWords(exercise.name), exercise, rank: 0 };
    for (const name of otherNamesOfExercise(exercise)) {
      yield { words: movementWords(name), exercise, rank: 1 };
    }
  }
  for (const { rung, exercise } of catalog.versions) {
    if (!rung) continue;
    for (const name of otherNamesOfRung(rung)) {
      yield { words: movementWords(name), exercise, rung, rank: 1 };
    }
    // "Push-up, hands on the counter", in whatever order.
    yield { words: movementWords(`${exercise.name} ${rung.name}`), exercise, rung, rank: 2 };
  }
}

/**
 * What a few words most likely mean, best first: a name or another name of it in any order and spelling, with what is held said
 * beside it; several movements that are one repetition ("squat to press", "row + kickback"). Common practice, no published source.
 *
 * @param text as it was written or said
 * @param catalog whose exercises
 * @returns nothing where no word means anything
 * @example readMovement('DB shoulder press', catalog)[0]?.parts[0]?.exercise.id // 'standing-press'
 */
export function readMovement(text: string, catalog: Catalog): MovementReading[] {
  const short = text.slice(0, MOST_LETTERS);
  const index = indexOf(catalog);
  const joined = readJoined(short, index);
  if (joined) return [joined];
  const whole = readOne(short, index);
  const sure = whole.filter(({ confidence }) => confidence === 'sure');
  if (sure.length > 0) return [...sure, ...whole.filter((reading) => !sure.includes(reading))];
  const together = readTogether(short, index);
  return together ? [together, ...whole] : whole;
}

/**
 * What a few words surely mean: the first of `readMovement` where that is sure, without looking for what is only near.
 *
 * @param text as it was written or said
 * @param catalog whose exercises
 * @example readSurely('wobbly squat', catalog) // undefined
 */
export function readSurely(text: string, catalog: Catalog): MovementReading | undefined {
  const short = text.slice(0, MOST_LETTERS);
  const index = indexOf(catalog);
  return readJoined(short, index) ?? surely(wordsIn(short, index), index) ?? readTogether(short, index);
}

/**
 * An exercise as words of the table of variations make it, where the words are just that; a rung of the same words is passed over.
 *
 * @param text as it was written or said
 * @param catalog whose exercises
 * @example readVaried('wall push-ups', catalog)?.id // 'press-up~wall'
 */
export function readVaried(text: string, catalog: Catalog): Exercise | undefined {
  const index = indexOf(catalog);
  const words = wordsIn(text.slice(0, MOST_LETTERS), index);
  return words && varied(words, index)?.parts[0]?.exercise;
}

/** "Dip + side plank" is two movements, though "side plank dip" is one. */
function readJoined(text: string, index: NameIndex): MovementReading | undefined {
  return text.includes('+') ? readTogether(text, index) : undefined;
}

/**
 * The words of a text as they are spelled in some name, whatever is wrong by a letter or two mended.
 *
 * @param text as it was written or said
 * @param catalog whose names
 * @returns nothing for what is too long to be a name
 * @example wordsAsSpelled('plnaks', catalog) // ['plank']
 */
export function wordsAsSpelled(text: string, catalog: Catalog): readonly string[] {
  return wordsIn(text.slice(0, MOST_LETTERS), indexOf(catalog)) ?? [];
}

/** More than that is no name. */
const MOST_LETTERS = 160;
const MOST_PARTS = 4;

/** Several movements that are one repetition: every part has to be sure. */
function readTogether(text: string, index: NameIndex): MovementReading | undefined {
  const named = index.together.get(movementKey(wordsIn(text, index) ?? []));
  if (named) return { parts: named, confidence: 'sure', unused: [] };
  const pieces = text
    .split(/\s*\+\s*|\s+(?:with|to|into|and|then)\s+(?:an?\s+|the\s+)?/iu)
    .map((piece) => /^\s*(?:(hold|holding)\s+)?(?:(\d+)\s*[x×]?\s*)?(.*)$/iu.exec(piece) ?? [])
    .filter(([, , , name = '']) => name.trim() !== '');
  if (pieces.length < 2 || pieces.length > MOST_PARTS) return undefined;
  const parts: MovementPart[] = [];
  for (const [, held, times, name = ''] of pieces) {
    const sure = surely(wordsIn(name, index), index);
    if (!sure) return undefined;
    const beside = {
      ...(times !== undefined && Number(times) > 1 && { times: Number(times) }),
      ...(held && { held: true as const }),
    };
    parts.push(...sure.parts.map((part) => ({ ...part, ...beside })));
  }
  return parts.length === pieces.length ? { parts, confidence: 'sure', unused: [] } : undefined;
}

/** The words of a text as they are spelled in some name; undefined for what is no name. */
function wordsIn(text: string, index: NameIndex): string[] | undefined {
  const written = movementWords(text);
  if (written.length === 0 || written.length > MOST_WORDS) return undefined;
  const mended = written.map((word) => spelled(word, index));
  // "Pusj up" is two words until it is "push up".
  return mended.every((word, at) => word === written[at]) ? mended : [...movementWords(mended.join(' '))];
}

function readOne(text: string, index: NameIndex): MovementReading[] {
  const words = wordsIn(text, index);
  if (!words) return [];
  const sure = surely(words, index);
  return sure ? [sure] : nearest(words, index);
}

/** A name, with what is held beside it, varied by words of the table, or with words beside it that change nothing. */
function surely(words: readonly string[] | undefined, index: NameIndex): MovementReading | undefined {
  if (!words) return undefined;
  const noHold = (word: string) => HOLD_WORDS[word] === undefined;
  const onlyName = (word: string) => noHold(word) && !SAID_BESIDE.has(word);
  return (
    exactly(words, index) ??
    withoutWords(words, noHold, exactly, index) ??
    varied(words, index) ??
    withoutWords(words, noHold, varied, index) ??
    withoutWords(words, onlyName, exactly, index) ??
    withoutWords(words, onlyName, varied, index)
  );
}

const MOST_WORDS = 14;

function exactly(words: readonly string[], { byKey }: NameIndex): MovementReading | undefined {
  const entry = byKey.get(movementKey(words));
  return entry && reading(entry, 'sure', [], words);
}

/** The name is there once some words are taken out. */
function withoutWords(
  words: readonly string[],
  stays: (word: string) => boolean,
  find: (name: readonly string[], index: NameIndex) => MovementReading | undefined,
  index: NameIndex,
): MovementReading | undefined {
  const name = words.filter(stays);
  if (name.length === 0 || name.length === words.length) return undefined;
  const [part] = find(name, index)?.parts ?? [];
  // "Barbell push-up": what cannot be held that way is not what was meant.
  if (!part || !isHeldSo(part.exercise, words, name)) return undefined;
  const unused = words.filter((word) => HOW.has(word) && !name.includes(word));
  return { parts: [{ ...part, hold: holdOf(part.exercise, words) }], confidence: 'sure', unused };
}

/** Whether an exercise can be held as the words beside its name say. */
function isHeldSo({ loading }: Exercise, words: readonly string[], name: readonly string[]): boolean {
  const said = words.filter((word) => !name.includes(word)).flatMap((word) => HOLD_WORDS[word] ?? []);
  return said.every((hold) => SAME_THING[hold]?.some((own) => loading?.holds.includes(own)) ?? false);
}

interface SaidVariation {
  readonly variation: Variation;
  readonly words: readonly string[];
}

/** Variations by the words they are said in, the longest first. */
const SAID_VARIATIONS: readonly SaidVariation[] = VARIATIONS.flatMap((variation) =>
  variation.words.map((said) => ({ variation, words: movementWords(said) })),
).sort((a, b) => b.words.length - a.words.length);
/** More words that change it is another exercise. */
const MOST_VARIATIONS = 3;

/** "Seated single-arm overhead press with a band": an exercise, and words of the table beside its name. */
function varied(words: readonly string[], index: NameIndex): MovementReading | undefined {
  // As few words as do, so that what ships under a longer name is found before what is made of more.
  const said = SAID_VARIATIONS.filter((one) => one.words.every((word) => words.includes(word)));
  for (let most = 1; most <= Math.min(said.length, MOST_VARIATIONS); most += 1) {
    const found = variedFrom(words, said, [], most, index);
    if (found) return { parts: [{ exercise: found, levers: {} }], confidence: 'sure', unused: [] };
  }
  return undefined;
}

function variedFrom(
  words: readonly string[],
  sayable: readonly SaidVariation[],
  chosen: readonly Variation[],
  most: number,
  index: NameIndex,
): Exercise | undefined {
  if (chosen.length === most) {
    const entry = index.byKey.get(movementKey(words));
    const exercise = entry && !entry.rung ? entry.exercise : undefined;
    return exercise && index.exerciseById(variedId(exercise.id, chosen));
  }
  for (const { variation, words: said } of sayable) {
    if (chosen.includes(variation)) continue;
    const left = without(words, said);
    const made = left && left.length > 0 && variedFrom(left, sayable, [...chosen, variation], most, index);
    if (made) return made;
  }
  return undefined;
}

/** Words less those of a phrase; undefined where they are not all there. */
function without(words: readonly string[], said: readonly string[]): string[] | undefined {
  const left = [...words];
  for (const word of said) {
    const at = left.indexOf(word);
    if (at < 0) return undefined;
    left.splice(at, 1);
  }
  return left;
}

/** How an exercise is held by what the words say, where it can be held so. */
function holdOf({ loading }: Exercise, words: readonly string[]): Hold | undefined {
  const word = words.find((own) => HOLD_WORDS[own] !== undefined);
  const said = word === undefined ? undefined : HOLD_WORDS[word];
  const hold = said === 'pair' && words.includes('singlearm') ? 'oneSide' : said;
  return hold !== undefined && loading?.holds.includes(hold) ? hold : undefined;
}

/** Names that share most of the words, the rarer a word the more it says. */
function nearest(words: readonly string[], { byWord }: NameIndex): MovementReading[] {
  const typed = new Set(words);
  const seen = new Set<Entry>();
  const found: { entry: Entry; score: number }[] = [];
  for (const word of typed) {
    for (const entry of byWord.get(word) ?? []) {
      if (seen.has(entry)) continue;
      seen.add(entry);
      found.push({ entry, score: likeness(typed, entry, byWord) });
    }
  }
  const best = new Map<string, { entry: Entry; score: number }>();
  for (const one of found.sort((a, b) => b.score - a.score || a.entry.rank - b.entry.rank)) {
    if (one.score >= LEAST_ALIKE && !best.has(one.entry.exercise.id)) best.set(one.entry.exercise.id, one);
  }
  return [...best.values()].slice(0, MOST_READINGS).map(({ entry }) =>
    reading(
      entry,
      'likely',
      words.filter((word) => !entry.words.includes(word)),
      words,
    ),
  );
}

const LEAST_ALIKE = 0.5;
const UNKNOWN_WORD = 0.2;
const MOST_READINGS = 5;

/** Weight of the words two names share over the weight of all their words. */
function likeness(typed: ReadonlySet<string>, { words }: Entry, byWord: NameIndex['byWord']): number {
  // The rarer a word the more it says; one that stands in no name, and what is held, say little.
  const weight = (word: string) => {
    const names = byWord.get(word)?.length;
    return names === undefined || HOLD_WORDS[word] !== undefined ? UNKNOWN_WORD : 1 / Math.log2(2 + names);
  };
  const sum = (list: Iterable<string>) => [...list].reduce((total, word) => total + weight(word), 0);
  const own = new Set(words);
  const shared = sum([...typed].filter((word) => own.has(word)));
  return shared / sum(new Set([...typed, ...own]));
}

function reading(
  { exercise, rung }: Entry,
  confidence: MovementReading['confidence'],
  unused: readonly string[],
  words: readonly string[],
): MovementReading {
  return {
    parts: [{ exercise, rungId: rung?.id, levers: rung?.levers ?? {}, hold: holdOf(exercise, words) }],
    confidence,
    unused,
  };
}

/** A word as it is spelled in some name: itself, or the one with a letter or two another. */
function spelled(word: string, { known, vocabulary, spelled: before }: NameIndex): string {
  if (known.has(word) || word.length < 4) return word;
  const remembered = before.get(word);
  if (remembered !== undefined) return remembered;
  // A page full of nonsense is not worth remembering.
  if (before.size > MOST_REMEMBERED) before.clear();
  const as = spelledAs(word, vocabulary);
  before.set(word, as);
  return as;
}

const MOST_REMEMBERED = 5000;

function spelledAs(word: string, vocabulary: readonly string[]): string {
  const most = word.length < 7 ? 1 : 2;
  let best = word;
  let letters = most + 1;
  for (const other of vocabulary) {
    if (Math.abs(other.length - word.length) > most || other.length < 4 || other[0] !== word[0]) continue;
    const distance = editDistance(other, word, most);
    if (distance < letters) [best, letters] = [other, distance];
  }
  return best;
}
