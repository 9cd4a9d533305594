import { prescriptionSchema, type Prescription, type Target, type Work } from '../model';
import { fromUnit, type MassUnit } from '../units';

/** What could not be read: where, and a sentence with the likely meaning. */
export interface ShorthandProblem {
  /** Index of the first character of the unreadable piece; the text's length when something is missing. */
  readonly at: number;
  readonly length: number;
  readonly sentence: string;
}

export type ShorthandResult =
  | { readonly ok: true; readonly prescription: Prescription }
  | { readonly ok: false; readonly problem: ShorthandProblem };

interface Draft {
  sets?: number;
  work?: Work;
  perSide: boolean;
  target: Target;
  tempo?: Prescription['tempo'];
  restSeconds?: number;
}

interface Piece {
  readonly pattern: RegExp;
  readonly read: (match: RegExpExecArray, draft: Draft, unit: MassUnit) => void;
}

const SECONDS = String.raw`(?:s|sec|secs|second|seconds)\b`;
const MINUTES = String.raw`(?:m|min|mins|minute|minutes)\b`;

/** "90", "90 s", "1:30", "2 min" as seconds. */
function seconds(text: string): number {
  const clock = /^(\d+):([0-5]\d)/.exec(text);
  if (clock) return Number(clock[1]) * 60 + Number(clock[2]);
  const value = Number.parseFloat(text);
  return new RegExp(`\\d\\s*${MINUTES}`).test(text) ? Math.round(value * 60) : value;
}

const TIME = String.raw`(\d+:[0-5]\d|\d+(?:\.\d+)?\s*(?:${SECONDS}|${MINUTES}))`;

/** Tried in order at each place of the text; the first that fits takes it. */
const PIECES: readonly Piece[] = [
  { pattern: /[\s,;·]+/y, read: () => undefined },
  {
    pattern: /(\d+)\s*(?:x|×|\*|sets?\s*(?:of|x|×)?|rounds?\s*(?:of|x|×)?)\s*/y,
    read: (match, draft) => {
      draft.sets = Number(match[1]);
    },
  },
  {
    pattern: /(\d+)-(\d+)-(\d+)(?!\d)(?:\s*tempo)?/y,
    read: (match, draft) => {
      draft.tempo = { down: Number(match[1]), pause: Number(match[2]), up: Number(match[3]) };
    },
  },
  {
    pattern: new RegExp(String.raw`rest\s*(${TIME}|\d+)`, 'y'),
    read: (match, draft) => {
      draft.restSeconds = seconds(match[1] ?? '');
    },
  },
  {
    pattern: /(\d+)\s*(?:reps?\s*)?(?:left|in reserve|rir)\b/y,
    read: (match, draft) => {
      draft.target = { kind: 'reserve', reps: Number(match[1]) };
    },
  },
  {
    pattern: /@?\s*(\d+(?:\.\d+)?)\s*%/y,
    read: (match, draft) => {
      draft.target = { kind: 'percent', percent: Number(match[1]) };
    },
  },
  {
    pattern: /@?\s*(\d+(?:[.,]\d+)?)\s*(kg|kilos?|lbs?|pounds?)\b/y,
    read: (match, draft) => {
      const unit: MassUnit = match[2]?.startsWith('k') ? 'kg' : 'lb';
      draft.target = { kind: 'load', loadKg: fromUnit(Number((match[1] ?? '').replace(',', '.')), unit) };
    },
  },
  {
    pattern: new RegExp(String.raw`hold(?:\s+for)?\s*(${TIME}|\d+)`, 'y'),
    read: (match, draft) => {
      draft.work = { kind: 'hold', seconds: seconds(match[1] ?? '') };
    },
  },
  {
    pattern: new RegExp(String.raw`${TIME}(\s*holds?\b)?`, 'y'),
    read: (match, draft) => {
      draft.work = { kind: match[2] ? 'hold' : 'time', seconds: seconds(match[1] ?? '') };
    },
  },
  {
    pattern: /(?:each|per|a|every)\s*(?:side|leg|arm)\b|\/\s*side\b/y,
    read: (_match, draft) => {
      draft.perSide = true;
    },
  },
  {
    pattern: /(\d+)\s*(?:-|–|—|to)\s*(\d+)(?:\s*reps?\b)?/y,
    read: (match, draft) => {
      draft.work = { kind: 'range', low: Number(match[1]), high: Number(match[2]) };
    },
  },
  {
    pattern: /(\d+)(?:\s*reps?\b)?/y,
    read: (match, draft) => {
      draft.work = { kind: 'reps', reps: Number(match[1]) };
    },
  },
];

/**
 * Reads a prescription the way coaches write it: "3x10", "3 sets of 8-12 each side 2 left", "4 × 45 s rest 15",
 * "3 x hold 30 s", "5x5 @80%", "3x12 20 lb 3-1-1". Never throws. `formatPrescription` gives the canonical form.
 *
 * @param unit only for bare text; a written unit always wins
 */
export function parsePrescription(text: string, unit: MassUnit = 'kg'): ShorthandResult {
  const draft: Draft = { perSide: false, target: { kind: 'none' } };
  const lower = text.toLowerCase();
  let at = 0;
  while (at < lower.length) {
    const start = at;
    for (const { pattern, read } of PIECES) {
      pattern.lastIndex = at;
      const match = pattern.exec(lower);
      if (!match || match[0].length === 0) continue;
      const before = draft.work;
      read(match, draft, unit);
      if (before && draft.work !== before) {
        return problem(at, match[0].length, `There is a second amount here: “${match[0].trim()}”. ${HINT}`);
      }
      at += match[0].length;
      break;
    }
    if (at === start) {
      const piece = /^\S+/.exec(lower.slice(at))?.[0] ?? lower.slice(at);
      return problem(at, piece.length, `“${piece}” is not something Dray can read here. ${HINT}`);
    }
  }
  if (draft.sets === undefined) {
    return problem(text.length, 0, 'How many sets? Write for example “3 × 10”.');
  }
  if (!draft.work) return problem(text.length, 0, `How many in each set? For example “${draft.sets} × 10”.`);
  const checked = prescriptionSchema.safeParse({ ...draft, sets: draft.sets, work: draft.work });
  if (checked.success) return { ok: true, prescription: checked.data };
  return problem(0, text.length, sentenceFor(draft));
}

const HINT =
  'Try “3 × 10”, “8–12”, “45 s”, “hold 30 s”, “each side”, “2 left”, “@70%”, “12 kg”, “rest 90 s”, “3-1-1”.';

function problem(at: number, length: number, sentence: string): ShorthandResult {
  return { ok: false, problem: { at, length, sentence } };
}

function sentenceFor({ sets = 0, work, target }: Draft): string {
  if (sets < 1 || sets > 20) return `Sets go from 1 to 20, not ${sets}.`;
  if (work?.kind === 'range' && work.low >= work.high) {
    return `A range goes from low to high: “${Math.min(work.low, work.high)}–${Math.max(work.low, work.high + 1)}”.`;
  }
  if (work?.kind === 'reps' || work?.kind === 'range') {
    const reps = work.kind === 'reps' ? work.reps : work.high;
    if (reps < 1 || reps > 100 || (work.kind === 'range' && work.low < 1)) {
      return `Reps go from 1 to 100, not ${work.kind === 'range' && work.low < 1 ? work.low : reps}.`;
    }
  }
  if ((work?.kind === 'time' || work?.kind === 'hold') && !(work.seconds >= 1 && work.seconds <= 3600)) {
    return 'A time goes from 1 second to 60 minutes, in whole seconds.';
  }
  if (target.kind === 'percent') return 'A share of the maximum goes from 20 % to 100 %.';
  if (target.kind === 'load') return 'A load goes up to 500 kg.';
  if (target.kind === 'reserve') return 'Reps left go from 0 to 10.';
  return 'Rest goes up to 15 minutes, tempo up to 20 seconds a part.';
}
