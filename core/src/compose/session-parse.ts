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

export type SessionResult =
  | { readonly ok: true; readonly session: Session }
  | { readonly ok: false; readonly problem: ShorthandProblem };

export interface SessionParseOptions {
  /** Makes an id for each new block and slot. */
  readonly newId: () => string;
  /** For bare loads. */
  readonly unit?: MassUnit;
  /** What the text leaves unsaid: id, name and budget. */
  readonly base: Pick<Session, 'id' | 'name' | 'budgetMinutes'>;
}

/**
 * Reads a whole session the way coaches write one on a board, or say one: "3 rounds, goblet squats 8-12 2 left, straight
 * into rows, then 60 s all out; beginners two rounds". A line, or a part between semicolons, is the start of a block, an
 * exercise, or a word for a tier. An exercise that says nothing does what the one before does; work that names no exercise
 * is more of the one before. Never throws; the whole notation stands in docs/shorthand.md.
 */
export function parseSession(text: string, catalog: Catalog, options: SessionParseOptions): SessionResult {
  try {
    return { ok: true, session: new SessionReader(text, catalog, options).read() };
  } catch (error) {
    if (error instanceof Unreadable) return { ok: false, problem: error.problem };
    throw error;
  }
}

class Unreadable extends Error {
  constructor(readonly problem: ShorthandProblem) {
    super(problem.sentence);
  }
}

interface OpenBlock {
  kind: BlockKind | undefined;
  restSeconds?: number;
  betweenSeconds?: number;
  rounds?: number;
  /** The clock of an interval, for exercises that say no work of their own. */
  clock?: number;
  tiers: Partial<Record<Tier, Draft>>;
  /** Work said before any exercise: for each that says none of its own, by tier. */
  common?: { readonly drafts: readonly Draft[]; readonly from: number; readonly to: number };
  slots: OpenSlot[];
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
const LETTER = /(?:[A-Z]{1,2}\d[.):]?|[A-Z][.)])\s+/uy;

class SessionReader {
  private readonly names: SourceNames;
  private readonly blocks: OpenBlock[] = [];
  private title: { name: string; budgetMinutes: number };

  constructor(
    private readonly text: string,
    private readonly catalog: Catalog,
    private readonly options: SessionParseOptions,
  ) {
    this.names = sourceNames(catalog);
    this.title = { name: options.base.name, budgetMinutes: options.base.budgetMinutes };
  }

  read(): Session {
    const onTitle = (line: string, at: number) => this.readTitle(line, at);
    for (const clause of clausesOf(this.text, onTitle)) this.clause(clause);
    return {
      id: this.options.base.id,
      ...this.title,
      blocks: this.blocks.map((block) => this.closed(block)),
    };
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
      this.blocks.push({ kind: 'straight', tiers: {}, slots: [] });
    }
    LETTER.lastIndex = start;
    start += LETTER.exec(this.text.slice(0, to))?.[0].length ?? 0;
    this.slot(start, to);
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
    const block = () => (open ??= { kind: undefined, tiers: {}, slots: [] });
    for (const [pattern, kind] of KINDS) {
      const match = this.match(pattern, at, to);
      if (!match) continue;
      block().kind = kind;
      at += match[0].length;
      break;
    }
    for (;;) {
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
    if (!open) return from;
    this.blocks.push(open);
    return at;
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
    const nameFirst = this.tryNamed(from, to, block);
    const spoken = nameFirst ? undefined : this.workFirst(from, to);
    const either = spoken ? undefined : this.either(from, to);
    const cut = spoken || either || nameFirst ? undefined : this.nextName(from, to);
    if (cut !== undefined) {
      this.slot(from, cut);
      this.slot(cut + 1 + (/^\s*/u.exec(this.text.slice(cut + 1, to))?.[0].length ?? 0), to);
      return;
    }
    block.slots.push({ ...(spoken ?? either ?? this.nameFirst(from, to, block)), from, to });
  }

  /** "squats 3x10" */
  private nameFirst(from: number, to: number, block: OpenBlock): SaidSlot {
    const { source, twin, rest } = this.named(from, to, block);
    return { source, twin, drafts: this.tierDrafts(this.parts(rest, to)) };
  }

  /** "3x10 squats", "10 light squats each side": as many words as can be read are the work. */
  private workFirst(from: number, to: number): SaidSlot | undefined {
    if (colonAt(this.text, from, to) !== undefined) return undefined;
    const starts = [...this.text.slice(from, to).matchAll(/[\s,]+(?:of\s+)?/gu)].reverse();
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

  /** "jumping jacks 40s, or march", "squat jumps or squats 3x10": the second is for whoever may not do the first. */
  private either(from: number, to: number): SaidSlot | undefined {
    const { index, 0: gap } = /,?\s+or\s+/iu.exec(this.text.slice(from, to)) ?? { index: -1, 0: '' };
    if (index < 0 || colonAt(this.text, from, to) !== undefined) return undefined;
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
    const ends = [...this.text.slice(from, to).matchAll(/\s+|$/gu)]
      .map(({ index }) => from + index)
      .reverse();
    for (const rest of ends) {
      const name = this.text.slice(from, rest).replace(/[\s,]+$/u, '');
      if (name === '' || /^\d/u.test(name)) continue;
      const source = this.names.find(name) ?? this.names.findSpoken(name);
      if (source && this.tryParts(rest, to)) return { source, rest };
    }
    return undefined;
  }

  /** Work that names no exercise. */
  private isWork(from: number, to: number): boolean {
    return colonAt(this.text, from, to) === undefined && this.tryParts(from, to);
  }

  private tryNamed(from: number, to: number, block: OpenBlock): boolean {
    try {
      const { rest } = this.named(from, to, block);
      return this.tryParts(rest, to);
    } catch (error) {
      if (error instanceof Unreadable) return false;
      throw error;
    }
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
      if (starts.some((name) => this.names.find(name) ?? this.names.findSpoken(name))) return from + index;
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
    const pair =
      other === undefined || more.length > 0 ? undefined : [this.names.find(one), this.names.find(other)];
    if (pair?.[0] && pair[1]) return { source: pair[0], twin: pair[1], rest: to };
    const nameless = this.tryParts(from, to);
    if (nameless && before) return { source: before.source, twin: before.twin, rest: from };
    // The longest run of words that is a name and leaves something that can be read.
    const ends = [...this.text.slice(from, to).matchAll(/\s+|$/gu)]
      .map(({ index }) => from + index)
      .reverse();
    let found: { source: SlotSource; rest: number } | undefined;
    for (const find of [
      (name: string) => this.names.find(name),
      (name: string) => this.names.findSpoken(name),
      (name: string) => this.names.findLoosely(name),
    ]) {
      for (const end of ends) {
        const name = this.text.slice(from, end).replace(/[\s,]+$/u, '');
        const source = name === '' || /^\d/u.test(name) ? undefined : find(name);
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
    return this.names.find(name) ?? this.names.findSpoken(name) ?? this.names.findLoosely(name);
  }

  private unknown(name: string, from: number, to: number): never {
    const ladder = this.names.ladderWith(name);
    const nearest = this.names.nearest(name);
    const guess = nearest === undefined ? 'Take one from the ladders.' : `Did you mean “${nearest}”?`;
    const at = Math.max(from, this.text.indexOf(name, from));
    const shown = name.trim();
    const sentence =
      ladder === undefined
        ? `There is no exercise or ladder “${shown}”. ${guess}`
        : `“${shown}” is a rung of “${ladder}”. Write “${ladder}”: everyone gets their own rung, and the board can set another.`;
    this.fail(at, Math.min(name.length, to - at), sentence);
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
      .matchAll(/[\s,]+(?:for\s+)?(beginner|intermediate|advanced)s?\b[\s:]*/giu)) {
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
    try {
      return this.tierDrafts(this.parts(from, to));
    } catch (error) {
      if (error instanceof Unreadable) return undefined;
      throw error;
    }
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
    const scanned = scanPieces(this.text, from, to, this.options.unit ?? 'kg');
    if ('problem' in scanned) throw new Unreadable(scanned.problem);
    return scanned.draft;
  }

  private match(pattern: RegExp, at: number, to: number): RegExpExecArray | null {
    pattern.lastIndex = at;
    return pattern.exec(this.text.slice(0, to));
  }

  private fail(at: number, length: number, sentence: string): never {
    throw new Unreadable({ at, length, sentence });
  }

  // Putting it together.

  private closed(open: OpenBlock): Block {
    const { common } = open;
    if (common && open.slots.length === 0) {
      this.fail(common.from, common.to - common.from, 'Work of what? Put an exercise before it.');
    }
    const kind = open.kind ?? kindFor(open.slots.length);
    const usualRest = BLOCKS[kind].defaultRestSeconds;
    const between =
      open.betweenSeconds ?? (kind === 'interval' && open.restSeconds === undefined ? usualRest : undefined);
    let before: Slot | undefined;
    const slots = open.slots.map((slot) => (before = this.closedSlot(slot, open, kind, before)));
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
      if (!result.ok) throw new Unreadable(result.problem);
      prescriptions[tier] = result.prescription;
    });
    return { id: usual.id, source, prescriptions, ...(twin && { twin }) };
  }
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
