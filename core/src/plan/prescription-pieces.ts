import {
  HOLD_TO_END_SECONDS,
  type Prescription,
  type Range,
  type SetPattern,
  type SideOrder,
  type Target,
  type Tempo,
  type Work,
} from '../model';
import { fromUnit, type MassUnit } from '../units';
import { editDistance } from './edit-distance';

/** What a piece of text says; what it leaves out is undefined. */
export interface Draft {
  sets?: number;
  work?: Work;
  perSide?: boolean;
  sideOrder?: SideOrder;
  one?: string;
  range?: Range;
  target?: Target;
  tempo?: Tempo;
  setPattern?: SetPattern;
  restSeconds?: number;
  activeRest?: string;
}

/** What could not be read: where, and a sentence with the likely meaning. */
export interface ShorthandProblem {
  /** Index of the first character of the unreadable piece; the text's length when something is missing. */
  readonly at: number;
  readonly length: number;
  readonly sentence: string;
}

interface Piece {
  readonly pattern: RegExp;
  /** Writes what the match says; a sentence when it says something that cannot be; null when it is not meant here. */
  readonly read: (match: RegExpExecArray, draft: Draft, unit: MassUnit) => string | null | undefined;
}

const NUMBER_WORDS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  sixty: 60,
  ninety: 90,
};
const NUMBER_WORD = `(?:${Object.keys(NUMBER_WORDS).sort(longestFirst).join('|')})`;
const N = String.raw`(\d+|${NUMBER_WORD}\b)`;
const DECIMAL = String.raw`(\d+(?:[.,]\d+)?)`;
const SECONDS = String.raw`(?:seconds|second|secs|sec|s)\b`;
const MINUTES = String.raw`(?:minutes|minute|mins|min|m)\b`;
const TIME = String.raw`(\d+:[0-5]\d|\d+(?:\.\d+)?\s*(?:${SECONDS}|${MINUTES})|${NUMBER_WORD}\s*(?:${SECONDS}|${MINUTES}))`;
const WORDS = String.raw`([\p{L}\d]+(?:[ +'-]*[\p{L}\d]+)*)`;

const EACH = String.raw`(?:each|per|a|every)\s*(?:side|leg|arm)\b`;
/** Reps left where a coach says only how heavy. */
const SAID_LEFT: Readonly<Record<string, number>> = { heavy: 2, medium: 3, light: 4 };
/** Seconds of “slow”. Common practice, no published source: three to four. */
const SLOW_COUNTS = 3;

function longestFirst(a: string, b: string): number {
  return b.length - a.length;
}

function count(text = ''): number {
  return NUMBER_WORDS[text.toLowerCase()] ?? Number(text);
}

/** "90", "90 s", "1:30", "2 min", "sixty seconds" as seconds. */
function seconds(text = ''): number {
  const clock = /^(\d+):([0-5]\d)/.exec(text);
  if (clock) return Number(clock[1]) * 60 + Number(clock[2]);
  const [, number = '', rest = ''] = /^([\d.]+|[a-z]+)\s*(.*)$/i.exec(text) ?? [];
  const value = count(number);
  return /^m/i.test(rest) ? Math.round(value * 60) : value;
}

function decimal(text = ''): number {
  return Number(text.replace(',', '.'));
}

function piece(
  source: string,
  read: (match: RegExpExecArray, draft: Draft, unit: MassUnit) => unknown,
): Piece {
  return {
    pattern: new RegExp(source, 'iyu'),
    read: (match, draft, unit) => {
      const said = read(match, draft, unit);
      return typeof said === 'string' || said === null ? said : undefined;
    },
  };
}

function numbersIn(text: string): number[] {
  return (text.match(/\d+/gu) ?? []).map(Number);
}

/** Reps set by set: how many sets, where they begin, and by how much they go up or down. */
function stepped(reps: readonly number[], draft: Draft): string | undefined {
  const [first = 0, second = 0] = reps;
  const by = second - first;
  if (reps.some((own, at) => at > 0 && own - (reps[at - 1] ?? 0) !== by)) {
    return 'Reps that change from set to set do so by the same number: “12/10/8”.';
  }
  if (draft.sets !== undefined && draft.sets !== reps.length) {
    return `That is ${reps.length} sets, and ${draft.sets} are said before.`;
  }
  draft.sets = reps.length;
  draft.work = { kind: 'reps', reps: first };
  if (by !== 0) draft.setPattern = { kind: by < 0 ? 'repsDown' : 'repsUp', by: Math.abs(by) };
  return undefined;
}

/** Tried in order at each place of the text; the first that fits takes it. */
const PIECES: readonly Piece[] = [
  piece(String.raw`[\s,·]+|w\/|(?:with|then|and)\b`, () => undefined),
  piece(
    String.raw`hold(?:ing)?\s+(?:for\s+)?the\s+last\s+(\d+)\s*(?:s|sec|secs|seconds)?\b`,
    ([, said], draft) => {
      if (Number(said) !== HOLD_TO_END_SECONDS) return `The end is held for ${HOLD_TO_END_SECONDS} s.`;
      draft.range = 'holdToEnd';
      return undefined;
    },
  ),
  piece(String.raw`(once|twice)\b`, ([, said = ''], draft) => {
    if (draft.sets !== undefined) return null;
    draft.sets = said.toLowerCase() === 'once' ? 1 : 2;
    return undefined;
  }),
  piece(String.raw`one\s*=\s*${WORDS}`, ([, words], draft) => {
    draft.one = words ?? '';
  }),
  // "3x20 (10 each leg)" and "10 right, 10 left": what one side does.
  piece(String.raw`\(\s*${N}\s*(?:reps?\s*)?${EACH}\s*\)`, ([, each], draft) => {
    // In place: what stood before it is the same work said as a whole.
    if (draft.work?.kind === 'reps') Object.assign(draft.work, { reps: count(each) });
    draft.perSide = true;
  }),
  piece(
    String.raw`${N}\s*(?:on the\s+)?(?:right|left)\b[\s,+]*(?:and\s+)?${N}\s*(?:on the\s+)?(?:right|left)\b`,
    ([, one, other], draft) => {
      if (count(one) !== count(other)) return 'Both sides do the same number.';
      draft.work = { kind: 'reps', reps: count(one) };
      draft.perSide = true;
      return undefined;
    },
  ),
  // "8, then 10 if something was left", "10 then 8 then 6".
  piece(
    String.raw`(\d+)((?:\s*,?\s*then\s+\d+)+)(?:\s*reps?\b)?(?:\s*if (?:something|there) (?:was|is) (?:something )?left\b)?`,
    ([, first, rest = ''], draft) => stepped([Number(first), ...numbersIn(rest)], draft),
  ),
  piece(
    String.raw`(\d+(?:\s*,\s*\d+){2,})(?![\d.]|\s*(?:kg|kilos?|lbs?|pounds?|${SECONDS}|${MINUTES}|%))`,
    ([, text = ''], draft) => stepped(numbersIn(text), draft),
  ),
  // "squats x10"
  piece(String.raw`[x×]\s*(\d+)\b(?!\s*(?:${SECONDS}|${MINUTES}))`, ([, reps], draft) => {
    draft.work = { kind: 'reps', reps: Number(reps) };
  }),
  piece(String.raw`(\d+)\s*\/\s*(\d+)\s*[x×]\s*(\d+)\b`, ([, work, rest, sets], draft) => {
    draft.work = { kind: 'time', seconds: Number(work) };
    draft.restSeconds = Number(rest);
    draft.sets = Number(sets);
  }),
  // "10 kg each", "with 10 kg in each hand": a pair is said per hand; each side, leg or arm is another matter.
  piece(
    String.raw`(?:with\s+|w\/\s*)?${DECIMAL}\s*(kg|lbs?)\s+(?:in\s+)?(?:each|per)(?:\s+hand)?\b(?!\s*(?:side|leg|arm|foot|set|round))`,
    ([, mass, said], draft) => {
      const of = said?.startsWith('lb') ? 'lb' : 'kg';
      draft.target = { kind: 'load', loadKg: fromUnit(2 * decimal(mass), of) };
    },
  ),
  // A pair is said per hand: "2x10s" behind the work is two tens.
  piece(String.raw`2\s*[x×]\s*${DECIMAL}s\b`, ([, mass], draft, unit) => {
    // Before any work it is two sets of ten seconds.
    if (draft.work === undefined) return null;
    draft.target = { kind: 'load', loadKg: fromUnit(2 * decimal(mass), unit) };
    return undefined;
  }),
  piece(
    String.raw`${N}\s*(?:[x×*]|sets?\b\s*(?:of\b|[x×])?|rounds?\b\s*(?:of\b|[x×])?)\s*`,
    ([, sets], draft) => {
      if (draft.sets !== undefined) return 'The sets are said twice: keep one of them.';
      draft.sets = count(sets);
      return undefined;
    },
  ),
  piece(String.raw`(\d+(?:\/\d+){2,})(?:\s*reps?\b)?`, ([, text = ''], draft) => {
    return stepped(text.split('/').map(Number), draft);
  }),
  piece(String.raw`(\d+)\s*\/\s*(\d+)(?!\d)`, ([, work, rest], draft) => {
    draft.work = { kind: 'time', seconds: Number(work) };
    draft.restSeconds = Number(rest);
  }),
  piece(
    String.raw`(?:${TIME}|(\d+))\s*on\b[\s,]*(?:${TIME}|(\d+))\s*off\b`,
    ([, work, bareWork, rest, bareRest], draft) => {
      draft.work = { kind: 'time', seconds: seconds(work ?? bareWork) };
      draft.restSeconds = seconds(rest ?? bareRest);
    },
  ),
  piece(String.raw`(\d+)-(\d+)-(\d+)(?:-(\d+))?(?!\d)(?:\s*tempo\b)?`, ([, down, pause, up, top], draft) => {
    draft.tempo = {
      down: Number(down),
      pause: Number(pause),
      up: Number(up),
      ...(top !== undefined && Number(top) > 0 && { top: Number(top) }),
    };
  }),
  piece(
    String.raw`(?:rest\s*(?:${TIME}|(\d+))|(?:${TIME}|(\d+))\s*rest\b(?!\s*\d)|(?:no|without)\s+rest\b)(?:\s*with\s+${WORDS})?`,
    ([, time, bare, timeBefore, bareBefore, words], draft) => {
      draft.restSeconds = seconds(time ?? bare ?? timeBefore ?? bareBefore ?? '0');
      if (words !== undefined) draft.activeRest = words;
    },
  ),
  piece(
    String.raw`(?:${N}|nothing)\s*(?:reps?\s*)?(?:left\b(?!\s+(?:leg|arm|side|foot)\b)|in reserve\b|rir\b)`,
    ([, reps], draft) => {
      draft.target = { kind: 'reserve', reps: reps === undefined ? 0 : count(reps) };
    },
  ),
  piece(String.raw`(?:effort|(?:@|at)?\s*rpe)\s*${DECIMAL}`, ([, effort], draft) => {
    draft.target = { kind: 'effort', effort: decimal(effort) };
  }),
  piece(
    String.raw`@?\s*${DECIMAL}\s*%\s*(?:of\s+)?(?:body(?:\s*(?:mass|weight))?|bw)\b`,
    ([, percent], draft) => {
      draft.target = { kind: 'bodyMass', percent: decimal(percent) };
    },
  ),
  piece(String.raw`@?\s*${DECIMAL}\s*%(?:\s*(?:of\s+)?(?:max(?:imum)?|1\s*rm)\b)?`, ([, percent], draft) => {
    draft.target = { kind: 'percent', percent: decimal(percent) };
  }),
  piece(String.raw`@?\s*${DECIMAL}\s*(kg|kilos?|lbs?|pounds?)\b`, ([, mass, unitWord = ''], draft) => {
    const unit: MassUnit = unitWord.toLowerCase().startsWith('k') ? 'kg' : 'lb';
    draft.target = { kind: 'load', loadKg: fromUnit(decimal(mass), unit) };
  }),
  piece(String.raw`as the rung says\b`, (_match, draft) => {
    draft.target = { kind: 'rung' };
  }),
  // "Heavy" is what leaves little, "light" what leaves much: common practice, no published source.
  piece(String.raw`(heavy|medium|light)(?:\s+(?:load|weight|one|ones|pair))?\b`, ([, word = ''], draft) => {
    draft.target ??= { kind: 'reserve', reps: SAID_LEFT[word.toLowerCase()] ?? 2 };
  }),
  piece(
    String.raw`start(?:ing|s)?\s+heavy\b[\s,]*(?:(?:then|and)\s+)?(?:go\s+)?light(?:er)?\b`,
    (_match, draft) => {
      draft.setPattern = { kind: 'loadDown' };
    },
  ),
  piece(
    String.raw`(?:more|add)\s+(?:tension|load|weight)\s+(?:each|every)\s+(?:set|round)\b`,
    (_match, draft) => {
      draft.setPattern = { kind: 'loadUp' };
    },
  ),
  piece(
    String.raw`(?:${N}\s*counts?|slow(?:ly)?)\s*(?:on the way\s+)?down\b|slow(?:ly)?\b`,
    ([words = '', counts], draft) => {
      const down = counts === undefined ? SLOW_COUNTS : count(counts);
      const up = /down/iu.test(words) ? 1 : SLOW_COUNTS;
      draft.tempo = { down, pause: draft.tempo?.pause ?? 0, up };
    },
  ),
  piece(String.raw`paus(?:e|ing)(?:\s+for)?\s*(?:${TIME}|(\d+))`, ([, time, bare], draft) => {
    draft.tempo = { down: draft.tempo?.down ?? 2, pause: seconds(time ?? bare), up: draft.tempo?.up ?? 1 };
  }),
  piece(
    String.raw`left\s+(?:leg|arm|side)\s+all\b[\s,]*(?:then\s+)?right(?:\s+(?:leg|arm|side))?\b|switch(?:ing)?\s+(?:sides\s+)?half-?\s?way\b`,
    (_match, draft) => {
      draft.perSide = true;
    },
  ),
  piece(String.raw`hold(?:\s+for)?\s*(?:${TIME}|(\d+))`, ([, time, bare], draft) => {
    draft.work = { kind: 'hold', seconds: seconds(time ?? bare) };
  }),
  piece(
    String.raw`(?:max|as many as possible|all out|amrap|(?:to\s+)?failure)\b(?:\s*up to\s*${N})?(?:\s*(?:in|for)?\s*${TIME})?`,
    ([, upTo, time], draft) => {
      draft.work = {
        kind: 'most',
        ...(upTo !== undefined && { upTo: count(upTo) }),
        ...(time !== undefined && { seconds: seconds(time) }),
      };
    },
  ),
  piece(String.raw`${TIME}\s*(?:all out|max|as many as possible)\b`, ([, time], draft) => {
    draft.work = { kind: 'most', seconds: seconds(time) };
  }),
  piece(String.raw`${N}(?:\s*reps?\b)?\s*or\s*${TIME}`, ([, reps, time], draft) => {
    draft.work = { kind: 'either', reps: count(reps), seconds: seconds(time) };
  }),
  piece(String.raw`${TIME}(\s*holds?\b(?!\s+(?:for\s+)?the\s+last))?`, ([, time, hold], draft) => {
    draft.work = { kind: hold ? 'hold' : 'time', seconds: seconds(time) };
  }),
  piece(
    String.raw`(?:${EACH}|\/\s*side\b|e\/s\b|each\b(?!\s*(?:set|round)))|(?:alternating|alternate|in turn)\b|swap(?:ping)?(?:\s+(?:the\s+)?(?:lead|sides?))?\b`,
    ([words = ''], draft) => {
      draft.perSide = true;
      if (/^(alt|in)/i.test(words)) draft.sideOrder = 'alternating';
      if (/^swap/i.test(words)) draft.sideOrder = 'swapLead';
    },
  ),
  piece(
    String.raw`(top half|bottom half|quarters? added|quarter reps|pulses(?: (?:to|at) (?:the )?end)?)\b`,
    ([, words = ''], draft) => {
      const [first = ''] = words.toLowerCase();
      const ranges: Readonly<Record<string, Range>> = {
        t: 'topHalf',
        b: 'bottomHalf',
        q: 'quarterAdded',
        p: 'pulsesToEnd',
      };
      const range = ranges[first];
      if (range) draft.range = range;
    },
  ),
  piece(String.raw`(?:load up and down|pyramid)\b`, (_match, draft) => {
    draft.setPattern = { kind: 'pyramid' };
  }),
  piece(String.raw`(?:load up|ascending)\b`, (_match, draft) => {
    draft.setPattern = { kind: 'loadUp' };
  }),
  piece(String.raw`(?:load down|descending)(?:\s+to\s+nothing)?\b`, (_match, draft) => {
    draft.setPattern = { kind: 'loadDown' };
  }),
  piece(String.raw`(?:reps (up|down)|(tapering|rising))(?:\s+by\s+${N})?`, ([, way, word, by], draft) => {
    const up = way?.toLowerCase() === 'up' || word?.toLowerCase() === 'rising';
    draft.setPattern = { kind: up ? 'repsUp' : 'repsDown', by: by === undefined ? 2 : count(by) };
  }),
  piece(String.raw`drop (?:when form goes|at loss of form)\b`, (_match, draft) => {
    draft.setPattern = { kind: 'dropOnForm' };
  }),
  piece(String.raw`${N}\s*(?:-|–|—|to\b)\s*${N}(?:\s*reps?\b)?`, ([, low, high], draft) => {
    draft.work = { kind: 'range', low: count(low), high: count(high) };
  }),
  piece(String.raw`${N}(?:\s*reps?\b)?`, ([, reps], draft) => {
    draft.work = { kind: 'reps', reps: count(reps) };
  }),
];

export const SHORTHAND_HINT =
  'Try “3 × 10”, “8–12”, “45 s”, “hold 30 s”, “max in 60 s”, “each side”, “2 left”, “@70%”, “12 kg”, “rest 90 s”, “3-1-1”.';

/** What may stand alone; something nearly the same was probably meant. */
const VOCABULARY: readonly string[] = [
  'sets',
  'rounds',
  'reps',
  'left',
  'rest',
  'hold',
  'each side',
  'alternating',
  'effort',
  'max',
  'tempo',
  'top half',
  'bottom half',
  'quarter added',
  'pulses to end',
  'load up',
  'load down',
  'pyramid',
];

/** What a text says of a set, as far as it could be read. */
export interface Scanned {
  readonly draft: Draft;
  /** The first thing that could not be read: its place in the whole text, and what is said of it when it is asked. */
  readonly problem?: { readonly at: number; readonly said: () => ShorthandProblem };
}

/**
 * Reads everything between two places of a text into a draft.
 *
 * @returns what was read, and the first thing that cannot be
 */
export function scanPieces(text: string, from: number, to: number, unit: MassUnit): Scanned {
  const draft: Draft = {};
  // The end is the text's own, so that no piece reads on past it.
  const scanned = text.slice(0, to);
  let at = from;
  while (at < to) {
    const start = at;
    for (const { pattern, read } of PIECES) {
      pattern.lastIndex = at;
      const match = pattern.exec(scanned);
      if (!match || match[0].length === 0) continue;
      const before = draft.work;
      const said = read(match, draft, unit);
      // Not meant here: another piece may fit.
      if (said === null) continue;
      if (said !== undefined) {
        const problem = { at, length: match[0].trimEnd().length, sentence: said };
        return { draft, problem: { at, said: () => problem } };
      }
      if (before && draft.work !== before) {
        const second = at;
        draft.work = before;
        return { draft, problem: { at, said: () => secondAmount(match[0], second, scanned) } };
      }
      at += match[0].length;
      break;
    }
    if (at === start) {
      return { draft, problem: { at, said: () => unreadable(scanned, start) } };
    }
  }
  return { draft };
}

function secondAmount(piece: string, at: number, text: string): ShorthandProblem {
  const meant = meaning(text.slice(at + piece.length));
  const guess = meant ? ` Did you mean “${piece.trim()} ${meant}”?` : ` ${SHORTHAND_HINT}`;
  const sentence = `There is a second amount here: “${piece.trim()}”.${guess}`;
  return { at, length: piece.trimEnd().length, sentence };
}

function unreadable(text: string, at: number): ShorthandProblem {
  const word = /^\S+/u.exec(text.slice(at, at + MOST_SHOWN))?.[0] ?? text.slice(at, at + MOST_SHOWN);
  const meant = meaning(word);
  const guess = meant ? `Did you mean “${meant}”?` : SHORTHAND_HINT;
  return {
    at,
    length: word.length,
    sentence: `“${word}” is not something Dray can read here. ${guess}`,
  };
}

/** More of an unreadable word says nothing more. */
const MOST_SHOWN = 60;

/** The word of the shorthand a text nearly begins with. */
function meaning(text: string): string | undefined {
  const typed = /^\s*(\p{L}{2,})/u.exec(text)?.[1]?.toLowerCase();
  if (typed === undefined) return undefined;
  return VOCABULARY.find((word) => {
    const [first = ''] = word.split(' ');
    return first !== typed && editDistance(first, typed) <= (first.length > 4 ? 2 : 1);
  });
}

/** The prescription a draft comes to once its sets and work are known; not yet checked. */
export function fromDraft(draft: Draft & { readonly sets: number; readonly work: Work }): Prescription {
  const { perSide = false, target = { kind: 'none' }, ...rest } = draft;
  return { ...rest, perSide, target };
}
