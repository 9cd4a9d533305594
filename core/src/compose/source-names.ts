import { movementsOf, plainId, sourceKey, type SlotSource } from '../model';
import type { Catalog } from '../ladder';
import { combinationName, LIBRARY_COMBINATIONS } from '../library';
import {
  movementKey,
  movementWords,
  otherNamesOfExercise,
  otherNamesOfLadder,
  readSurely,
  readVaried,
  wordsAsSpelled,
  type MovementReading,
} from '../naming';
import { editDistance, partNames } from '../plan';
import { readCombination, SIDE_WORDS } from './combination-text';

interface Named {
  readonly name: string;
  readonly source: SlotSource;
}

interface LooseName extends Named {
  readonly key: string;
  readonly words: readonly string[];
  readonly pairs: ReadonlySet<string>;
}

/** Words are looked for by so many first letters. */
const START = 2;
const TAG = /\s*\[(ladder|exercise)(?:\s+([^\]]+))?\]$/u;
/** Signs the shorthand of a session needs for itself. */
const SIGNS = /[:|/"[\];+]|^[-*•#]|\bthen\b|\bstraight into\b/iu;

const KNOWN = new WeakMap<Catalog, SourceNames>();

/** The names of a catalog, kept for as long as it is. */
export function sourceNames(catalog: Catalog): SourceNames {
  const known = KNOWN.get(catalog) ?? new SourceNames(catalog);
  KNOWN.set(catalog, known);
  return known;
}

/** How things to do are called in a session written as text, both ways. Ladders come before exercises of the same name. */
export class SourceNames {
  private readonly all: readonly (Named & { readonly key: string })[];
  /** Of each kind by name and by id, what else things are called included. */
  private readonly byKind = new Map<string, SlotSource>();
  private readonly exact = new Map<string, SlotSource>();
  /** By their words in any order: names first, then what else things are called. */
  private readonly byWords = new Map<string, SlotSource>();
  private readonly loose: readonly LooseName[];
  /** By the first letters of each of their words. */
  private readonly byStart = new Map<string, LooseName[]>();
  /** Places in `loose` by two neighbouring letters. */
  private readonly byPair = new Map<string, number[]>();

  constructor(private readonly catalog: Catalog) {
    const own: readonly Named[] = [
      ...[...catalog.ladders.values()].map(({ id, name }): Named => ({
        name,
        source: { kind: 'ladder', ladderId: id },
      })),
      ...[...catalog.exercises.values()].map(({ id, name }): Named => ({
        name,
        source: { kind: 'exercise', exerciseId: id },
      })),
      ...LIBRARY_COMBINATIONS.filter(({ source }) => isThere(source, catalog)),
    ];
    this.all = own.map(({ name, source }) => ({ name, source, key: keyOf(name) }));
    const names = [...own, ...alsoCalled(catalog)];
    for (const { key, source } of this.all) {
      if (!this.exact.has(key)) this.exact.set(key, source);
    }
    for (const { name, source } of names) {
      const key = movementKey(movementWords(name));
      if (key !== '' && !this.byWords.has(key)) this.byWords.set(key, source);
      for (const own of [keyOf(name), `#${idOf(source)}`]) {
        const kept = `${source.kind} ${own}`;
        if (!this.byKind.has(kept)) this.byKind.set(kept, source);
      }
    }
    this.loose = this.all.map((named) => ({
      ...named,
      words: wordsOf(named.name),
      pairs: pairs(named.key),
    }));
    this.loose.forEach((named, at) => {
      for (const pair of named.pairs) listed(this.byPair, pair).push(at);
      for (const start of new Set(named.words.map((word) => word.slice(0, START)))) {
        listed(this.byStart, start).push(named);
      }
    });
  }

  /** The name a source is written by: tagged where the bare name means something else, quoted where it has our signs in it. */
  nameOf(source: SlotSource): string {
    if (source.kind === 'combination' && combinationName(source) === undefined) {
      const sides = source.sides ? ` (${SIDE_WORDS[source.sides]})` : '';
      return `${partNames(source, (part) => this.nameOf(part))}${sides}`;
    }
    const id = idOf(source);
    const varied = source.kind === 'exercise' && plainId(id) !== id && this.catalog.exerciseById(id);
    if (varied) {
      const name = written(varied.name);
      const found = this.find(name) ?? this.findSpoken(name);
      return found && same(found, source) ? name : `${name} [exercise ${id}]`;
    }
    const own = this.all.find((named) => same(named.source, source));
    const name = own?.name.trim() ?? id;
    const plain = written(name);
    const bare = this.exact.get(keyOf(name));
    if (bare && same(bare, source)) return plain;
    const sameKind = this.all.filter(
      (other) => other.source.kind === source.kind && keyOf(other.name) === keyOf(name),
    );
    return `${plain} [${source.kind}${sameKind.length === 1 ? '' : ` ${id}`}]`;
  }

  /** What a name means exactly: "Squat", "squats", "Squat [exercise]", "\"a name: with signs\"". */
  find(text: string): SlotSource | undefined {
    const movement = (name: string) => this.findOne(name) ?? this.findSpoken(name);
    return this.findOne(text) ?? readCombination(text, movement);
  }

  private findOne(text: string): SlotSource | undefined {
    return this.findNamed(text) ?? this.remembered(text);
  }

  /** What was chosen for these words before. */
  private remembered(text: string): SlotSource | undefined {
    const chosen = this.catalog.said?.[saidKey(text)];
    return chosen === undefined ? undefined : this.findNamed(chosen);
  }

  private findNamed(text: string): SlotSource | undefined {
    const tag = TAG.exec(text);
    const bare = unquoted(tag ? text.slice(0, tag.index) : text);
    if (!tag) {
      const plain = this.exact.get(keyOf(bare)) ?? this.exact.get(keyOf(singular(bare)));
      // "Dip + side plank" is two movements, though "side plank dip" is one.
      if (bare === text && text.includes('+')) return plain;
      return plain ?? this.byWords.get(movementKey(movementWords(bare)));
    }
    const [, kind, id] = tag;
    if (kind === 'exercise' && id !== undefined && plainId(id) !== id && this.catalog.exerciseById(id)) {
      return { kind, exerciseId: id };
    }
    return id === undefined ? this.byKind.get(`${kind} ${keyOf(bare)}`) : this.byKind.get(`${kind} #${id}`);
  }

  /**
   * What a few words surely mean though no name has just these: with what is held beside them, or a letter wrong. An easier way of an
   * exercise ("wall push-up") is that exercise varied, where the table of variations has it; never the exercise at its hardest.
   */
  findSpoken(text: string): SlotSource | undefined {
    const bare = unquoted(text);
    const joined = bare === text && text.includes('+');
    const named = joined ? undefined : this.byWords.get(movementKey(wordsAsSpelled(bare, this.catalog)));
    if (named) return named;
    const part = this.partIn(text);
    const eased = Object.keys(part?.levers ?? {}).length > 0;
    const exercise = eased ? readVaried(bare, this.catalog) : part?.exercise;
    return exercise && { kind: 'exercise', exerciseId: exercise.id };
  }

  /** The ladder on which an easier way of an exercise is a rung, where the words mean one: "wall push-up" is on “Push-up”. */
  ladderWith(text: string): string | undefined {
    const rungId = this.partIn(text)?.rungId;
    if (rungId === undefined) return undefined;
    const ladders = [...this.catalog.ladders.values()];
    return ladders.find(({ rungs }) => rungs.some(({ id }) => id === rungId))?.name;
  }

  private partIn(text: string): MovementReading['parts'][number] | undefined {
    const sure = readSurely(unquoted(text), this.catalog);
    const [part, another] = sure?.parts ?? [];
    return !sure || sure.unused.length > 0 || another ? undefined : part;
  }

  /** What a few words most likely mean: every word begins a word of the name; the shortest such name. */
  findLoosely(text: string): SlotSource | undefined {
    const typed = wordsOf(singular(unquoted(text)));
    const [first] = typed;
    if (first === undefined) return undefined;
    let best: LooseName | undefined;
    for (const named of this.startingLike(first)) {
      const fits = typed.every((word) => named.words.some((own) => own.startsWith(word)));
      if (fits && (!best || named.words.length < best.words.length)) best = named;
    }
    return best?.source;
  }

  /** Names one of whose words begins like this one. */
  private startingLike(word: string): readonly LooseName[] {
    return word.length < START ? this.loose : (this.byStart.get(word.slice(0, START)) ?? []);
  }

  /** Names that could be meant by what is typed so far, likeliest first; none once it is a name. */
  offers(text: string, most: number): string[] {
    const typed = wordsOf(text);
    if (typed.join('').length < 2 || this.exact.has(keyOf(text))) return [];
    const fitting = this.loose.filter(({ words }) =>
      typed.every((word) => words.some((own) => own.startsWith(word))),
    );
    const begins = ({ name }: Named) => keyOf(name).startsWith(keyOf(text));
    const sorted = fitting.sort(
      (a, b) => Number(begins(b)) - Number(begins(a)) || a.words.length - b.words.length,
    );
    return [...new Set(sorted.map(({ name }) => name))].slice(0, most);
  }

  /** The names that look most like a mistyped one: by the pairs of letters they share, else by letters to change. */
  nearest(text: string, most: number): string[] {
    const key = keyOf(unquoted(text));
    const typed = pairs(key);
    const shared = new Uint16Array(this.loose.length);
    for (const pair of typed)
      for (const at of this.byPair.get(pair) ?? []) shared[at] = (shared[at] ?? 0) + 1;
    const alike: { name: string; score: number }[] = [];
    const furthest = Math.min(MOST_LETTERS_WRONG, Math.ceil(key.length / 3));
    const close: LooseName[] = [];
    this.loose.forEach((named, at) => {
      const { name, pairs: own, key: known } = named;
      const both = shared[at] ?? 0;
      if (both === 0) return;
      const score = (2 * both) / (typed.size + own.size);
      if (score >= ALIKE) alike.push({ name, score });
      else if (Math.abs(known.length - key.length) <= furthest) close.push(named);
    });
    const near =
      alike.length > 0 || key.length > MOST_MISTYPED
        ? alike.sort((a, b) => b.score - a.score)
        : close
            .map(({ name, key: known }) => ({ name, letters: editDistance(known, key, furthest) }))
            .filter(({ letters }) => letters < Infinity)
            .sort((a, b) => a.letters - b.letters);
    return [...new Set(near.map(({ name }) => name))].slice(0, most);
  }
}

function alsoCalled({ ladders, exercises }: Catalog): Named[] {
  return [
    ...[...ladders.values()].flatMap((ladder) =>
      otherNamesOfLadder(ladder).map((name): Named => ({
        name,
        source: { kind: 'ladder', ladderId: ladder.id },
      })),
    ),
    ...LIBRARY_COMBINATIONS.flatMap(({ alsoCalled: others, source }) =>
      isThere(source, { ladders, exercises }) ? others.map((name): Named => ({ name, source })) : [],
    ),
    ...[...exercises.values()].flatMap((exercise) =>
      otherNamesOfExercise(exercise).map((name): Named => ({
        name,
        source: { kind: 'exercise', exerciseId: exercise.id },
      })),
    ),
  ];
}

/** With more letters wrong a name is not to be known again. */
const MOST_LETTERS_WRONG = 4;
/** A longer text is no mistyped name. */
const MOST_MISTYPED = 24;
/** Names that share this much of their letter pairs are taken for each other. */
const ALIKE = 0.4;

function same(a: SlotSource, b: SlotSource): boolean {
  return sourceKey(a) === sourceKey(b);
}

function idOf(source: SlotSource): string {
  if (source.kind === 'ladder') return source.ladderId;
  return source.kind === 'exercise' ? source.exerciseId : sourceKey(source);
}

/**
 * What words are remembered under, whatever their order and spelling of plurals.
 *
 * @param text as it was written
 * @example saidKey('Wobbly squats') // 'squat wobbly'
 */
export function saidKey(text: string): string {
  return movementKey(movementWords(text));
}

/** A name in quotes where it has our signs in it. */
function written(name: string): string {
  return SIGNS.test(name) || /\s{2,}/u.test(name) ? `"${name.replaceAll('"', '""')}"` : name;
}

function isThere(
  source: SlotSource,
  { ladders, exercises }: Pick<Catalog, 'ladders' | 'exercises'>,
): boolean {
  return movementsOf(source).every((part) =>
    part.kind === 'ladder' ? ladders.has(part.ladderId) : exercises.has(part.exerciseId),
  );
}

function listed<T>(lists: Map<string, T[]>, key: string): T[] {
  const list = lists.get(key) ?? [];
  lists.set(key, list);
  return list;
}

function keyOf(name: string): string {
  return name.trim().toLowerCase().replaceAll(/\s+/gu, ' ');
}

function wordsOf(name: string): string[] {
  return keyOf(name)
    .split(/[^\p{L}\d]+/u)
    .filter(Boolean);
}

/** "goblet squats" as "goblet squat". */
function singular(name: string): string {
  return name.replace(/(\p{L}{3,})s\s*$/u, '$1');
}

function unquoted(text: string): string {
  const quoted = /^\s*"((?:[^"]|"")*)"\s*$/u.exec(text);
  return quoted?.[1]?.replaceAll('""', '"') ?? text;
}

/** Neighbouring letters, for telling how alike two names look. */
function pairs(text: string): Set<string> {
  return new Set(Array.from({ length: Math.max(0, text.length - 1) }, (_, at) => text.slice(at, at + 2)));
}
