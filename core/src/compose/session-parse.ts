import {
  BLOCKS,
  TIERS,
  type Block,
  type BlockKind,
  type Prescription,
  type Session,
  type Slot,
  type SlotSource,
  type Tier,
} from '../model';
import type { Catalog } from '../ladder';
import type { MassUnit } from '../units';
import { completed, byTheClock, newSlot, scanPieces, type Draft, type ShorthandProblem } from '../plan';
import { clausesOf, colonAt, namesIn, type Clause } from './clauses';
import { sourceNames, type SourceNames } from './source-names';

/** Something a session's text says that could not be read, and what may be meant. */
export interface SessionProblem extends ShorthandProblem {
  /** What could stand in its place, likeliest first; up to three. */
  readonly offers: readonly string[];
  /** A name nobody knows: an exercise to choose, or to write as one's own. */
  readonly unknown?: string;
}

/** A session as far as its text can be read. */
export interface SessionReading {
  /** All that could be read; what could not is left out of it. */
  readonly session: Session;
  /** In the order of the text; none where all of it was read. */
  readonly problems: readonly SessionProblem[];
}

export interface SessionParseOptions {
  /** Makes an id for each new block and slot. */
  readonly newId: () => string;
  /** For bare loads. */
  readonly unit?: MassUnit;
  /** What the text leaves unsaid: id, name and budget. */
  readonly base: Pick<Session, 'id' | 'name' | 'budgetMinutes'>;
  /** Told how far it is, from 0 to 1, for texts that take their time. */
  readonly onProgress?: (share: number) => void;
}

/**
 * Reads a whole session the way coaches write one on a board, or say one: "3 rounds, goblet squats 8-12 2 left, straight
 * into rows, then 60 s all out; beginners two rounds". A line, or a part between semicolons, is the start of a block, an
 * exercise, or a word for a tier. An exercise that says nothing does what the one before does; work that names no exercise
 * is more of the one before. Never throws, and never all or nothing: every line is read as far as it goes, and all that could
 * not be is listed. The whole notation stands in docs/shorthand.md.
 *
 * @param text as it was written or pasted
 * @param catalog whose exercises
 * @param options ids, unit, and what the text leaves unsaid
 * @example parseSession('squats 3x10\nwobbles 3x10', catalog, options).problems[0]?.unknown // 'wobbles'
 */
export function parseSession(text: string, catalog: Catalog, options: SessionParseOptions): SessionReading {
  return new SessionReader(text, catalog, options).read();
}

/** Thrown on the way and caught at the line; what is said of it is worked out only for what is shown. */
class Unreadable extends Error {
  constructor(
    readonly at: number,
    readonly said: () => SessionProblem,
  ) {
    super('unreadable');
  }
}

interface OpenBlock {
  kind: BlockKind | undefined;
  /** Nothing was said of it: it stands only for what is in it. */
  readonly bare?: true;
  restSeconds?: number;
  betweenSeconds?: number;
  rounds?: number;
  /** The clock of an interval, for exercises that say no work of their own. */
  clock?: number;
  tiers: Partial<Record<Tier, Draft>>;
  /** Work said before any exercise: for each that says none of its own, by tier. */
  common?: { readonly drafts: readonly Draft[]; readonly from: number; readonly to: number };
  slots: OpenSlot[];
  /** There is no room for more, and that was said. */
  full?: boolean;
}

/** What a clause says of one exercise. */
interface SaidSlot {
  readonly source: SlotSource;
  readonly twin: SlotSource | undefined;
  /** One for each tier. */
  readonly drafts: readonly Draft[];
}

interface OpenSlot extends SaidSlot {
  readonly from: number;
  readonly to: number;
}

/** A name has no more words, nor letters. */
const MOST_WORDS = 14;
const MOST_LETTERS = 160;
const MOST_OFFERS = 3;
/** Nobody says one exercise in more letters; a longer run of text is several, or none. */
const MOST_SAID = 400;
/** Forty blocks of forty exercises, each with a name of its full length, are not as much. */
const MOST_TEXT = 300_000;
/** How far it is is told so many times. */
const TOLD_TIMES = 50;
/** More than anybody mends one by one. */
const MOST_PROBLEMS = 60;
/** What the start of a block can say, and be read. */
const MOST_HEAD_PIECES = 40;
/** What a session holds. */
const MOST_BLOCKS = 40;
const MOST_SLOTS = 40;

const TIME = String.raw`(\d+:[0-5]\d|\d+\s*(?:minutes?|mins?|seconds?|secs?|s|m)?)`;
const KINDS: readonly (readonly [RegExp, BlockKind])[] = (
  [
    ['warm[- ]?up', 'warmUp'],
    ['straight(?: sets)?', 'straight'],
    ['super[- ]?set', 'superset'],
    ['(?:tri|giant)[- ]?set', 'triSet'],
    ['circuit', 'circuit'],
    ['intervals?', 'interval'],
    ['finishers?', 'finisher'],
    ['balance', 'balance'],
    ['cool[- ]?down', 'coolDown'],
  ] as const
).map(([source, kind]) => [new RegExp(`${source}(?=\\s*(?:$|[,:(×x]|\\d))[\\s:]*`, 'iyu'), kind]);
const HEAD_PIECES: Readonly<Record<'skip' | 'rounds' | 'tierRounds' | 'rest' | 'between' | 'clock', RegExp>> =
  {
    skip: /[\s,·:]+|(?:of|with)\b/iuy,
    rounds: /(\d+|one|two|three|four|five|six)\s*(?:rounds?\b|sets?(?=\s*:))|[×x]\s*(\d+)/iuy,
    tierRounds: /\s*\|\s*(\d+)(?:\s*\|\s*(\d+))?/iuy,
    rest: new RegExp(String.raw`(?:rest\s*${TIME}|no\s+rest\b)(?=\s*(?:$|,|between\b|rounds?\b))`, 'iyu'),
    between: new RegExp(String.raw`between\s*${TIME}|${TIME}\s*between\b`, 'iyu'),
    clock: /(\d+)\s*\/\s*(\d+)(?!\d)/iuy,
  };
const TIER = /(?:for\s+)?(beginner|intermediate|advanced)s?\b[\s:]*/iuy;
const TIER_SIGNS = /\||beginner|intermediate|advanced/iu;
const HOLD_FIRST = /hold(?:ing)?\s+(?:(?:an?|the)\s+)?/iuy;
const LETTER = /(?:[A-Z]{1,2}\d[.):]?|[A-Z][.)])\s+/uy;

class SessionReader {
  private readonly names: SourceNames;
  private readonly blocks: OpenBlock[] = [];
  private readonly problems: SessionProblem[] = [];
  /** What was found of a run of words, and of a stretch of work: both are asked for again at every cut. */
  private readonly known = new Map<string, SlotSource | undefined>();
  private readonly scanned = new Map<number, Draft[] | undefined>();
  private title: { name: string; budgetMinutes: number };

  private readonly text: string;

  constructor(
    whole: string,
    private readonly catalog: Catalog,
    private readonly options: SessionParseOptions,
  ) {
    this.text = whole.slice(0, MOST_TEXT);
    if (whole.length > MOST_TEXT) {
      const sentence = `A session has at most ${MOST_TEXT.toLocaleString('en')} letters; what is behind them was not read.`;
      this.problems.push({ at: MOST_TEXT, length: whole.length - MOST_TEXT, sentence, offers: [] });
    }
    this.names = sourceNames(catalog);
    this.title = { name: options.base.name, budgetMinutes: options.base.budgetMinutes };
  }

  read(): SessionReading {
    const onTitle = (line: string, at: number) => this.noting(() => this.readTitle(line, at));
    const step = this.text.length / TOLD_TIMES;
    let told = step;
    for (const clause of clausesOf(this.text, onTitle)) {
      if (clause.from >= told) {
        this.options.onProgress?.(clause.from / this.text.length);
        told = clause.from + step;
      }
      if (this.blocks.length > MOST_BLOCKS * 2) break;
      if (this.problems.length >= MOST_PROBLEMS) {
        const words = 'What is behind this was not read: so much before it could not be.';
        this.noting(() => this.fail(clause.from, this.text.length - clause.from, words));
        break;
      }
      this.noting(() => this.clause(clause));
    }
    const open = this.blocks.filter(
      ({ bare, common, slots }) => !bare || common !== undefined || slots.length > 0,
    );
    if (open.length > MOST_BLOCKS) {
      const at = open[MOST_BLOCKS]?.slots[0]?.from ?? this.text.length;
      const words = `A session holds ${MOST_BLOCKS} blocks; what is behind them was not read.`;
      this.noting(() => this.fail(at, this.text.length - at, words));
    }
    const blocks = open.slice(0, MOST_BLOCKS).map((block) => this.closed(block));
    const session = { id: this.options.base.id, ...this.title, blocks };
    return { session, problems: this.problems.sort((a, b) => a.at - b.at) };
  }

  /** Does something, and notes what of it cannot be read. */
  private noting(act: () => void): void {
    const found = this.failing(act);
    if (found) this.problems.push(found.said());
  }

  /** What stops something from being read, if anything. */
  private failing(act: () => void): Unreadable | undefined {
    try {
      act();
      return undefined;
    } catch (error) {
      if (error instanceof Unreadable) return error;
      throw error;
    }
  }

  /** "# Tuesday (40 min)" */
  private readTitle(line: string, at: number): void {
    const [, name = '', minutes] = /^\s*#\s*(.*?)\s*(?:\((\d+)\s*min(?:utes)?\))?\s*$/u.exec(line) ?? [];
    const budget = minutes === undefined ? this.title.budgetMinutes : Number(minutes);
    if (budget < 1 || budget > 180) {
      this.fail(
        at + line.lastIndexOf('('),
        line.length - line.lastIndexOf('('),
        'A session takes from 1 to 180 minutes.',
      );
    }
    if (name.length > 120) this.fail(at, line.length, 'A name has at most 120 letters.');
    this.title = { name: name || this.title.name, budgetMinutes: budget };
  }

  private clause({ from, to, bullet, apart }: Clause): void {
    let start = from;
    if (!bullet) {
      start = this.tierLine(from, to) ?? this.head(from, to);
      if (start >= to) return;
    } else {
      LETTER.lastIndex = start;
      start += LETTER.exec(this.text.slice(0, to))?.[0].length ?? 0;
    }
    if (this.blocks.length === 0 || (apart && start === from && !bullet)) {
      this.blocks.push({ kind: 'straight', tiers: {}, slots: [], bare: true });
    }
    LETTER.lastIndex = start;
    start += LETTER.exec(this.text.slice(0, to))?.[0].length ?? 0;
    this.slots(start, to);
  }

  /** One exercise; of a long run of text one after another, each cut off where the next is named. */
  private slots(from: number, to: number): void {
    let start = from;
    for (;;) {
      const block = this.blocks.at(-1);
      if (!block || block.full) return;
      if (block.slots.length >= MOST_SLOTS) {
        block.full = true;
        this.fail(
          start,
          to - start,
          `A block holds ${MOST_SLOTS} exercises; what is behind them was not read.`,
        );
      }
      // What is written with a colon says its three tiers at length.
      const near = Math.min(to, start + MOST_SAID);
      if (near === to || colonAt(this.text, start, near) !== undefined) break;
      const cut = this.nextName(start, near);
      if (cut === undefined) {
        this.fail(start, to - start, 'This is too long for one exercise. Write each on a line of its own.');
      }
      this.noting(() => this.slot(start, cut));
      start = this.behindSpace(cut + 1, to);
    }
    this.slot(start, to);
  }

  private behindSpace(from: number, to: number): number {
    let at = from;
    while (at < to && /\s/u.test(this.text.charAt(at))) at += 1;
    return at;
  }

  /** "beginners two rounds": what a tier does otherwise in the block just written. */
  private tierLine(from: number, to: number): number | undefined {
    const block = this.blocks.at(-1);
    const tier = this.match(TIER, from, to);
    if (!block || !tier) return undefined;
    const over = this.scan(from + tier[0].length, to);
    const name = tier[1]?.toLowerCase() as Tier;
    block.tiers[name] = { ...block.tiers[name], ...over };
    return to;
  }

  /** The start of a block, as far as it goes; gives the place behind it. */
  private head(from: number, to: number): number {
    let at = from;
    let open: OpenBlock | undefined;
    const block = () => {
      if (!open) this.blocks.push((open = { kind: undefined, tiers: {}, slots: [] }));
      return open;
    };
    for (const [pattern, kind] of KINDS) {
      const match = this.match(pattern, at, to);
      if (!match) continue;
      block().kind = kind;
      at += match[0].length;
      break;
    }
    for (let pieces = 0; pieces < MOST_HEAD_PIECES; pieces += 1) {
      const before = at;
      at += this.match(HEAD_PIECES.skip, at, to)?.[0].length ?? 0;
      const rounds = this.match(HEAD_PIECES.rounds, at, to);
      if (rounds) {
        block().rounds = roundsOf(rounds[1] ?? rounds[2] ?? '');
        at += rounds[0].length;
        at += this.tierRounds(block(), at, to);
      }
      if (open) {
        at = this.headDetail(open, at, to);
        const tier = this.match(TIER, at, to);
        if (tier) {
          const [, said = ''] = tier;
          const bare = /\d+(?=\s*(?:$|,))/iuy;
          const end = this.text.slice(at, to).indexOf(',');
          const stop = end < 0 ? to : at + end;
          const count = this.match(bare, at + tier[0].length, to);
          open.tiers[said.toLowerCase() as Tier] = count
            ? { sets: Number(count[0]) }
            : this.scan(at + tier[0].length, stop);
          at = count ? at + tier[0].length + count[0].length : stop;
        }
      }
      if (at === before) break;
    }
    return open ? at : from;
  }

  /** "4 rounds | 3 | 5": what the other tiers do. */
  private tierRounds(open: OpenBlock, at: number, to: number): number {
    const match = this.match(HEAD_PIECES.tierRounds, at, to);
    if (!match) return 0;
    const [whole, intermediate, advanced] = match;
    open.tiers.intermediate = { sets: Number(intermediate) };
    open.tiers.advanced = { sets: Number(advanced ?? intermediate) };
    return whole.length;
  }

  private headDetail(open: OpenBlock, from: number, to: number): number {
    let at = from;
    const rest = this.match(HEAD_PIECES.rest, at, to);
    if (rest) {
      open.restSeconds = this.pause(rest[1] ?? '0', at, rest[0].length);
      at += rest[0].length;
    }
    const between = this.match(HEAD_PIECES.between, at, to);
    if (between) {
      open.betweenSeconds = this.pause(between[1] ?? between[2], at, between[0].length);
      at += between[0].length;
    }
    const clock = this.match(HEAD_PIECES.clock, at, to);
    if (clock) {
      open.clock = Number(clock[1]);
      open.restSeconds = this.pause(clock[2], at, clock[0].length);
      open.betweenSeconds = open.restSeconds;
      at += clock[0].length;
    }
    return at;
  }

  private pause(text = '', at: number, length: number): number {
    const clock = /^(\d+):(\d+)$/u.exec(text.trim());
    const value = clock
      ? Number(clock[1]) * 60 + Number(clock[2])
      : Number.parseInt(text, 10) * (/\dm|\d\s+m/iu.test(text) ? 60 : 1);
    if (!(value >= 0 && value <= 900)) this.fail(at, length, 'Rest goes up to 15 minutes.');
    return value;
  }

  private slot(from: number, to: number): void {
    const block = this.blocks.at(-1);
    if (!block) return;
    if (block.slots.length === 0 && !block.common && this.isWork(from, to)) {
      // "2 rounds, 10 then 8": what everything in the block does.
      block.common = { drafts: this.tierDrafts(this.parts(from, to)), from, to };
      return;
    }
    const held = this.holdFirst(from, to);
    const nameFirst = held === undefined && this.tryNamed(from, to, block);
    const spoken = held ?? (nameFirst ? undefined : this.workFirst(from, to));
    const either = spoken ? undefined : this.either(from, to);
    const cut = spoken || either || nameFirst ? undefined : this.nextName(from, to);
    if (cut !== undefined) {
      this.noting(() => this.slot(from, cut));
      this.slot(this.behindSpace(cut + 1, to), to);
      return;
    }
    const said = spoken ?? either;
    if (said) block.slots.push({ ...said, from, to });
    else this.asFarAsItGoes(from, to, block);
  }

  /** "squats 3x10", and what can be read of "squats 3x10 wobbling". */
  private asFarAsItGoes(from: number, to: number, block: OpenBlock): void {
    const { source, twin, rest } = this.named(from, to, block);
    const failed = this.failing(() => {
      block.slots.push({ source, twin, drafts: this.tierDrafts(this.parts(rest, to)), from, to });
    });
    if (!failed) return;
    this.problems.push(failed.said());
    const end = Math.max(rest, failed.at);
    block.slots.push({ source, twin, drafts: this.tryDrafts(rest, end) ?? TIERS.map(() => ({})), from, to });
  }

  /** "3x10 squats", "10 light squats each side": as many words as can be read are the work. */
  private workFirst(from: number, to: number): SaidSlot | undefined {
    if (colonAt(this.text, from, to) !== undefined) return undefined;
    const starts = [...this.text.slice(from, to).matchAll(/(?<![\s,])[\s,]+(?:of\s+)?/gu)].reverse();
    for (const { index, 0: gap } of starts) {
      const before = this.tryDrafts(from, from + index);
      if (!before || Object.keys(before[0] ?? {}).length === 0) continue;
      const name = this.spokenName(from + index + gap.length, to);
      const behind = name && this.tryDrafts(name.rest, to);
      // Two amounts are not one exercise's.
      if (!behind || (before[0]?.work && behind.some(({ work }) => work))) continue;
      const drafts = before.map((draft, at) => ({ ...draft, ...behind[at] }));
      return { source: name.source, twin: undefined, drafts };
    }
    return undefined;
  }

  /** "hold the plank 30s": the time is a hold; not "hold the bridge + chest press", which is one movement under another. */
  private holdFirst(from: number, to: number): SaidSlot | undefined {
    const said = this.match(HOLD_FIRST, from, to);
    if (!said || this.spokenName(from, to)) return undefined;
    const name = this.spokenName(from + said[0].length, to);
    const drafts = name && this.tryDrafts(name.rest, to);
    if (!name || !drafts?.some(({ work }) => work?.kind === 'time')) return undefined;
    return { source: name.source, twin: undefined, drafts: drafts.map(asHold) };
  }

  /** "jumping jacks 40s, or march", "squat jumps or squats 3x10": the second is for whoever may not do the first. */
  private either(from: number, to: number): SaidSlot | undefined {
    if (colonAt(this.text, from, to) !== undefined) return undefined;
    const { index, 0: gap } = /(?<!\s),?\s+or\s+/iu.exec(this.text.slice(from, to)) ?? { index: -1, 0: '' };
    if (index < 0) return undefined;
    const first = this.spokenName(from, from + index);
    const second = this.spokenName(from + index + gap.length, to);
    if (!first || !second) return undefined;
    const before = this.tryDrafts(first.rest, from + index);
    const behind = this.tryDrafts(second.rest, to);
    if (!before || !behind || (before[0]?.work && behind[0]?.work)) return undefined;
    const drafts = before.map((draft, at) => ({ ...draft, ...behind[at] }));
    return { source: first.source, twin: second.source, drafts };
  }

  /** The longest name at a place that leaves something that can be read. */
  private spokenName(from: number, to: number): { source: SlotSource; rest: number } | undefined {
    for (const rest of this.wordEnds(from, to)) {
      const name = this.text.slice(from, rest).replace(/[\s,]+$/u, '');
      if (name === '' || (/^\d/u.test(name) && !name.includes('+'))) continue;
      const source = this.spoken(name);
      if (source && this.tryParts(rest, to)) return { source, rest };
    }
    return undefined;
  }

  /** Work that names no exercise. */
  private isWork(from: number, to: number): boolean {
    return colonAt(this.text, from, to) === undefined && this.tryParts(from, to);
  }

  private tryNamed(from: number, to: number, block: OpenBlock): boolean {
    let read = false;
    this.failing(() => {
      const { rest } = this.named(from, to, block);
      read = this.tryParts(rest, to);
    });
    return read;
  }

  /** The comma behind which another exercise is named: "squats 10, push-ups 10". */
  private nextName(from: number, to: number): number | undefined {
    if (colonAt(this.text, from, to) !== undefined) return undefined;
    for (const { index, 0: gap } of this.text.slice(from, to).matchAll(/,\s*(?=[\p{L}\d])/gu)) {
      const start = from + index + gap.length;
      const [amount = ''] = /^\d[^,]*/u.exec(this.text.slice(start, to)) ?? [];
      if (amount !== '' && this.workFirst(start, start + amount.length)) return from + index;
      const [words = ''] = /^[^\d,|]+/u.exec(this.text.slice(from + index + 1, to)) ?? [];
      const starts = [...words.trim().matchAll(/\s+|$/gu)].map((end) => words.trim().slice(0, end.index));
      if (starts.slice(0, MOST_WORDS).some((name) => this.spoken(name))) return from + index;
    }
    return undefined;
  }

  /** The exercise at the start of a clause, and where its work begins. */
  private named(from: number, to: number, block: OpenBlock) {
    const before = block.slots.at(-1);
    const colon = colonAt(this.text, from, to);
    if (colon !== undefined) {
      const [first = '', second, ...more] = namesIn(this.text.slice(from, colon));
      const source = this.find(first);
      const twin = second === undefined ? undefined : this.find(second);
      const wrong = !source ? first : second !== undefined && !twin ? second : more[0];
      if (wrong !== undefined || !source) return this.unknown(wrong ?? first, from, colon);
      return { source, twin, rest: colon + 1 };
    }
    const [one = '', other, ...more] = namesIn(this.text.slice(from, to));
    const pair = other === undefined || more.length > 0 ? undefined : [this.spoken(one), this.spoken(other)];
    if (pair?.[0] && pair[1]) return { source: pair[0], twin: pair[1], rest: to };
    const nameless = this.tryParts(from, to);
    if (nameless && before) return { source: before.source, twin: before.twin, rest: from };
    // The longest run of words that is a name and leaves something that can be read.
    const ends = this.wordEnds(from, to);
    let found: { source: SlotSource; rest: number } | undefined;
    for (const find of [
      (name: string) => this.lookUp('=', name, () => this.names.find(name)),
      (name: string) => this.spoken(name),
      (name: string) => this.lookUp('~', name, () => this.names.findLoosely(name)),
    ]) {
      for (const end of ends) {
        const name = this.text.slice(from, end).replace(/[\s,]+$/u, '');
        const counted = /^\d/u.test(name) && !name.includes('+');
        const source = name === '' || counted ? undefined : find(name);
        if (!source) continue;
        found ??= { source, rest: end };
        if (this.tryParts(end, to)) return { source, twin: undefined, rest: end };
      }
    }
    const runs = [...this.text.slice(from, to).matchAll(/\p{L}{3}[^\d,|]*/gu)].map(([run]) => run.trim());
    const rung = runs.find((run) => this.names.ladderWith(run));
    if (rung !== undefined) return this.unknown(rung, from, to);
    // A name with something unreadable behind it: that is where to point.
    if (found) return { ...found, twin: undefined };
    if (nameless) return this.fail(from, to - from, 'Work of what? Put an exercise before it.');
    const end = /[\s,]+(?=\d)|$/u.exec(this.text.slice(from, to))?.index ?? to - from;
    return this.unknown(this.text.slice(from, from + end), from, from + end);
  }

  private find(name: string): SlotSource | undefined {
    return this.spoken(name) ?? this.lookUp('~', name, () => this.names.findLoosely(name));
  }

  /** What a run of words surely means. */
  private spoken(name: string): SlotSource | undefined {
    return this.lookUp('!', name, () => this.names.find(name) ?? this.names.findSpoken(name));
  }

  private lookUp(how: string, name: string, find: () => SlotSource | undefined): SlotSource | undefined {
    if (name.length > MOST_LETTERS) return undefined;
    const key = how + name;
    if (!this.known.has(key)) this.known.set(key, find());
    return this.known.get(key);
  }

  /** Where the words of a name may end, the longest run first. */
  private wordEnds(from: number, to: number): number[] {
    const near = Math.min(to, from + MOST_LETTERS);
    const ends = [...this.text.slice(from, near).matchAll(/\s+|$/gu)].map(({ index }) => from + index);
    const last = near < to ? [] : [to];
    return [...new Set([...ends.slice(0, MOST_WORDS), ...last])].reverse();
  }

  private unknown(name: string, from: number, to: number): never {
    const at = Math.max(from, this.text.indexOf(name, from));
    const length = Math.min(name.length, to - at);
    throw new Unreadable(at, () => {
      const shown = name.trim().slice(0, MOST_LETTERS);
      const ladder = this.names.ladderWith(shown);
      if (ladder !== undefined) {
        const sentence = `“${shown}” is a rung of “${ladder}”. Write “${ladder}”: everyone gets their own rung, and the board can set another.`;
        return { at, length, sentence, offers: [ladder] };
      }
      const offers = this.names.nearest(shown, MOST_OFFERS);
      const [nearest] = offers;
      const guess = nearest === undefined ? 'Take one from the ladders.' : `Did you mean “${nearest}”?`;
      return {
        at,
        length,
        sentence: `There is no exercise or ladder “${shown}”. ${guess}`,
        offers,
        unknown: shown,
      };
    });
  }

  /** The tiers of a slot apart: by `|`, or by the tier's name. */
  private parts(from: number, to: number): Part[] {
    const bars = [...this.text.slice(from, to).matchAll(/\|/gu)].map(({ index }) => from + index);
    if (bars.length > 2)
      this.fail(bars[2] ?? from, 1, 'There are three tiers: beginner | intermediate | advanced.');
    if (bars.length > 0) {
      const edges = [from - 1, ...bars, to];
      return edges.slice(1).map((end, at) => {
        const start = (edges[at] ?? from) + 1;
        const same = /^\s*=\s*$/u.test(this.text.slice(start, end));
        const draft = same ? {} : this.scan(start, end);
        return { tiers: TIERS.slice(at, at === bars.length ? undefined : at + 1), draft, same, whole: true };
      });
    }
    const parts: Part[] = [];
    let start = from;
    let tier: Tier | undefined;
    const close = (end: number) => {
      const draft = this.scan(start, end);
      parts.push({ tiers: tier ? [tier] : TIERS, draft, same: false, whole: tier === undefined });
    };
    for (const match of this.text
      .slice(from, to)
      .matchAll(/(?<![\s,])[\s,]+(?:for\s+)?(beginner|intermediate|advanced)s?\b[\s:]*/giu)) {
      close(from + match.index);
      tier = match[1]?.toLowerCase() as Tier;
      start = from + match.index + match[0].length;
    }
    close(to);
    return parts;
  }

  private tryParts(from: number, to: number): boolean {
    return this.tryDrafts(from, to) !== undefined;
  }

  private tryDrafts(from: number, to: number): Draft[] | undefined {
    const key = from * (this.text.length + 1) + to;
    if (!this.scanned.has(key)) {
      this.scanned.set(key, this.draftsIn(from, to));
    }
    return this.scanned.get(key);
  }

  private draftsIn(from: number, to: number): Draft[] | undefined {
    // Most stretches say nothing of tiers: then there is nothing to throw and catch.
    if (!TIER_SIGNS.test(this.text.slice(from, to))) {
      const { draft, problem } = scanPieces(this.text, from, to, this.options.unit ?? 'kg');
      return problem ? undefined : TIERS.map(() => draft);
    }
    let drafts: Draft[] | undefined;
    this.failing(() => (drafts = this.tierDrafts(this.parts(from, to))));
    return drafts;
  }

  private tierDrafts(parts: readonly Part[]): Draft[] {
    const drafts: Draft[] = TIERS.map(() => ({}));
    for (const { tiers, draft, same, whole } of parts) {
      for (const tier of tiers) {
        const at = TIERS.indexOf(tier);
        if (same) drafts[at] = drafts[at - 1] ?? {};
        else drafts[at] = whole ? draft : { ...drafts[at], ...draft };
      }
    }
    return drafts;
  }

  private scan(from: number, to: number): Draft {
    const { draft, problem } = scanPieces(this.text, from, to, this.options.unit ?? 'kg');
    if (problem) throw new Unreadable(problem.at, () => ({ ...problem.said(), offers: [] }));
    return draft;
  }

  private match(pattern: RegExp, at: number, to: number): RegExpExecArray | null {
    pattern.lastIndex = at;
    return pattern.exec(this.text.slice(0, to));
  }

  private fail(at: number, length: number, sentence: string): never {
    this.refuse({ at, length, sentence });
  }

  private refuse(problem: ShorthandProblem): never {
    throw new Unreadable(problem.at, () => ({ ...problem, offers: [] }));
  }

  // Putting it together.

  private closed(open: OpenBlock): Block {
    const { common } = open;
    if (common && open.slots.length === 0) {
      const { from, to } = common;
      this.noting(() => this.fail(from, to - from, 'Work of what? Put an exercise before it.'));
    }
    const kind = open.kind ?? kindFor(open.slots.length);
    const usualRest = BLOCKS[kind].defaultRestSeconds;
    const between =
      open.betweenSeconds ?? (kind === 'interval' && open.restSeconds === undefined ? usualRest : undefined);
    let before: Slot | undefined;
    const slots = open.slots
      .slice(0, MOST_SLOTS)
      .map((slot) => (before = this.closedSlot(slot, open, kind, before)));
    return {
      id: this.options.newId(),
      kind,
      restSeconds: open.restSeconds ?? usualRest,
      ...(between !== undefined && { betweenSeconds: between }),
      slots,
    };
  }

  private closedSlot(
    { source, twin, drafts, from, to }: OpenSlot,
    open: OpenBlock,
    kind: BlockKind,
    before: Slot | undefined,
  ): Slot {
    const usual = newSlot(this.options.newId(), source, this.catalog, kind);
    const prescriptions = {} as Record<Tier, Prescription>;
    TIERS.forEach((tier, at) => {
      const draft = drafts[at] ?? {};
      const said = Object.keys(draft).length > 0;
      const common = commonFor(draft, open.common?.drafts[at]);
      const base: Draft = common ?? (said ? {} : (before ?? usual).prescriptions[tier]);
      // A clock runs for both sides together, unless the text says each.
      const clocked = draft.work !== undefined && byTheClock(draft.work);
      const inherited: Draft = {
        work:
          open.clock === undefined ? usual.prescriptions[tier].work : { kind: 'time', seconds: open.clock },
        perSide: draft.perSide ?? (usual.prescriptions[tier].perSide && !clocked),
      };
      const whole: Draft = {
        ...inherited,
        ...base,
        ...draft,
        // A full line says what it says: nothing is added to it.
        ...(draft.sets !== undefined && draft.work && draft.perSide === undefined && { perSide: false }),
        sets:
          draft.sets ??
          open.rounds ??
          base.sets ??
          before?.prescriptions[tier].sets ??
          usual.prescriptions[tier].sets,
        ...(open.tiers[tier] ?? {}),
      };
      const result = completed(whole, from, to);
      if (!result.ok && this.problems.at(-1)?.at !== result.problem.at) {
        this.problems.push({ ...result.problem, offers: [] });
      }
      prescriptions[tier] = result.ok ? result.prescription : usual.prescriptions[tier];
    });
    return { id: usual.id, source, prescriptions, ...(twin && { twin }) };
  }
}

/** A time that is held. */
function asHold(draft: Draft): Draft {
  const { work } = draft;
  return work?.kind === 'time' ? { ...draft, work: { kind: 'hold', seconds: work.seconds } } : draft;
}

/** What the block says of all, for one that says something of its own: reps from set to set belong to the work they were said with. */
function commonFor(own: Draft, common: Draft | undefined): Draft | undefined {
  if (own.work === undefined || common?.setPattern === undefined) return common;
  const { setPattern, ...rest } = common;
  return setPattern.kind === 'repsDown' || setPattern.kind === 'repsUp' ? rest : common;
}

interface Part {
  readonly tiers: readonly Tier[];
  readonly draft: Draft;
  readonly same: boolean;
  /** Says the work of its tiers, not only what differs. */
  readonly whole: boolean;
}

function kindFor(slots: number): BlockKind {
  if (slots < 2) return 'straight';
  return slots === 2 ? 'superset' : slots === 3 ? 'triSet' : 'circuit';
}

function roundsOf(text: string): number {
  const words = ['', 'one', 'two', 'three', 'four', 'five', 'six'];
  const at = words.indexOf(text.toLowerCase());
  return at > 0 ? at : Number(text);
}
