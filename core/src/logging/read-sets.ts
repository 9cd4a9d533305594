import { MOST_LIFTED_KG, MOST_LIFTED_WORDS, type Done, type LogEntry, type Side } from '../model';
import { readMass, totalOf, type MassUnit } from '../units';

/** One set as it was typed; load and the rest are left out where they are as asked. */
export type TypedSet = Partial<Done> &
  Pick<Done, 'amount'> & {
    readonly set: number;
    /** Where it was said that these are seconds, whatever was asked. */
    readonly counted?: LogEntry['counted'] | undefined;
  };

export type ReadSets =
  | { readonly ok: true; readonly sets: readonly TypedSet[] }
  | { readonly ok: false; readonly at: number; readonly sentence: string };

/** What was asked, which an empty text repeats. */
export interface AskedSets {
  /** Reps or seconds, one a set. */
  readonly amounts: readonly number[];
  readonly unit: MassUnit;
  /** One in each hand: a bare load is each hand's. */
  readonly pair?: boolean;
  /** As many as possible was asked: only a number says how many that was. */
  readonly open?: boolean;
}

const MOST_SETS = 20;
const LEFT = ['nothing', 'some', 'plenty'] as const;

/** What is said of all the sets together. */
type Shared = Pick<Done, 'loadKg' | 'reserve' | 'left' | 'form' | 'pain' | 'touchDowns' | 'note'>;

interface Rule {
  readonly pattern: RegExp;
  readonly read: (found: RegExpExecArray, draft: Draft) => string | undefined;
}

interface Draft {
  readonly unit: MassUnit;
  readonly pair: boolean;
  readonly asked: readonly number[];
  side: Side | undefined;
  readonly amounts: Pick<TypedSet, 'amount' | 'side' | 'counted'>[];
  shared: Shared;
}

/** Tried in order at each place; every one reads on to the next space. A sentence is a refusal. */
const RULES: readonly Rule[] = [
  {
    pattern: /^note\s+(.+)$/i,
    read: ([, note = ''], draft) =>
      void (draft.shared = { ...draft.shared, note: note.trim().slice(0, 400) }),
  },
  {
    pattern: /^(\d+|nothing|some|plenty)\s+left\b/i,
    read: ([, left = ''], draft) => {
      const words = LEFT.find((own) => own === left.toLowerCase());
      if (!words && Number(left) > 10) return 'reps left go from 0 to 10';
      draft.shared = { ...draft.shared, ...(words ? { left: words } : { reserve: Number(left) }) };
      return undefined;
    },
  },
  {
    pattern: /^(?:form\s+(?:lost|went)|lost\s+form)\b/i,
    read: (_, draft) => void (draft.shared = { ...draft.shared, form: 'lost' }),
  },
  {
    pattern: /^form\s+held\b/i,
    read: (_, draft) => void (draft.shared = { ...draft.shared, form: 'held' }),
  },
  {
    pattern:
      /^(?:hurt|hurts|pain)\s+(?:at\s+|in\s+)?((?:[a-z]+\s+)*[a-z]+)\s+(\d+)(?:\s*(?:\/|of)\s*10)?(?=\s|,|$)/i,
    read: ([, place = '', score = ''], draft) => {
      if (Number(score) > 10) return 'pain goes from 0 to 10';
      draft.shared = { ...draft.shared, pain: { place: place.slice(0, 60), score: Number(score) } };
      return undefined;
    },
  },
  {
    pattern: /^(\d+)\s*(?:touches|touch|touch-downs|down)\b/i,
    read: ([, count = ''], draft) =>
      void (draft.shared = { ...draft.shared, touchDowns: Math.min(99, Number(count)) }),
  },
  {
    // "2 x 10 kg", "10 kg each": said of each hand, whatever is in them.
    pattern: /^(?:with\s+)?@?2\s*[x×]\s*(\d+(?:[.,]\d+)?)\s*(kg|lb|lbs)\b/i,
    read: ([, number = '', unit = ''], draft) =>
      setLoad(`${number} ${unit}`, { ...draft, pair: true }, draft),
  },
  {
    pattern: /^(?:with\s+)?@?(\d+(?:[.,]\d+)?)\s*(kg|lb|lbs)?\s+in all\b/i,
    read: ([, number = '', unit = ''], draft) =>
      setLoad(`${number} ${unit}`, { ...draft, pair: false }, draft),
  },
  {
    pattern: /^(?:with\s+)?@?(\d+(?:[.,]\d+)?)\s*(kg|lb|lbs)\b/i,
    read: ([, number = '', unit = ''], draft) => setLoad(`${number} ${unit}`, draft, draft),
  },
  {
    pattern: /^@(\d+(?:[.,]\d+)?)(?=\s|,|$)/,
    read: ([, number = ''], draft) => setLoad(number, draft, draft),
  },
  {
    pattern: /^(?:bw|body\s*weight)\b/i,
    read: (_, draft) => void (draft.shared = { ...draft.shared, loadKg: 0 }),
  },
  { pattern: /^l(?:eft)?(?=[\s\d:])\s*:?/i, read: (_, draft) => void (draft.side = 'left') },
  { pattern: /^r(?:ight)?(?=[\s\d:])\s*:?/i, read: (_, draft) => void (draft.side = 'right') },
  {
    pattern: /^(\d+)\s*[x×]\s*(\d+)(\s*s)?(?=\s|,|$)/i,
    read: ([, sets = '', amount = '', clocked], draft) => {
      if (Number(sets) > MOST_SETS) return `more than ${MOST_SETS} sets`;
      for (let set = 0; set < Number(sets); set += 1) draft.amounts.push(typedAmount(amount, clocked, draft));
      return undefined;
    },
  },
  {
    pattern: /^(\d+)(\s*s)?(?=\s|,|$)/,
    read: ([, amount = '', clocked], draft) => {
      if (Number(amount) > 3600) return 'more than 3600 in one set';
      draft.amounts.push(typedAmount(amount, clocked, draft));
      return undefined;
    },
  },
  { pattern: /^=/, read: () => undefined },
];

/**
 * Reads what was done of an exercise: "10 10 8", "3x10 @12.5", "10 10 9 2 left", "l 8 8 8 r 10 10 10", "12 12 hurt left knee 4",
 * "20 s 25 s form lost", "note wobbly". Nothing at all, or "=", is as asked; words without numbers are said of the sets
 * as asked.
 */
export function readSets(
  text: string,
  { amounts: asked, unit, pair = false, open = false }: AskedSets,
): ReadSets {
  const draft: Draft = { unit, pair, asked, side: undefined, amounts: [], shared: {} };
  let at = 0;
  while (at < text.length) {
    const space = /^[\s,;]+/.exec(text.slice(at));
    if (space) {
      at += space[0].length;
      continue;
    }
    const rest = text.slice(at);
    const rule = RULES.find(({ pattern }) => pattern.test(rest));
    const found = rule?.pattern.exec(rest);
    if (!rule || !found) {
      const word = /^\S+/.exec(rest)?.[0] ?? '';
      return {
        ok: false,
        at,
        sentence: `“${word}” says nothing of a set. Write like “10 10 8 @12.5 2 left”.`,
      };
    }
    const refused = rule.read(found, draft);
    if (refused) return { ok: false, at, sentence: `${refused.charAt(0).toUpperCase()}${refused.slice(1)}.` };
    at += found[0].length;
  }
  if (open && draft.amounts.length === 0) {
    return { ok: false, at: 0, sentence: 'It was as many as possible: write how many, like “15 12”.' };
  }
  const typed: Draft['amounts'] =
    draft.amounts.length > 0 ? draft.amounts : asked.map((amount) => ({ amount }));
  if (typed.length > MOST_SETS * 2) return { ok: false, at: 0, sentence: `More than ${MOST_SETS} sets.` };
  const counts = new Map<Side | undefined, number>();
  const sets = typed.map(({ amount, side, counted }): TypedSet => {
    const set = (counts.get(side) ?? 0) + 1;
    counts.set(side, set);
    return { set, amount, ...(counted && { counted }), ...(side && { side }), ...draft.shared };
  });
  return { ok: true, sets };
}

/** An amount as it was typed: with an "s" behind it it is a time, also where repetitions were asked. */
function typedAmount(amount: string, clocked: string | undefined, { side }: Draft): Draft['amounts'][number] {
  return { amount: Number(amount), side, ...(clocked !== undefined && { counted: 'seconds' }) };
}

function setLoad(
  text: string,
  { unit, pair }: Pick<Draft, 'unit' | 'pair'>,
  draft: Draft,
): string | undefined {
  const typed = readMass(text.trim(), unit);
  const loadKg = typed === undefined ? undefined : totalOf(typed, pair);
  if (loadKg === undefined || loadKg > MOST_LIFTED_KG) return `a load goes up to ${MOST_LIFTED_WORDS}`;
  draft.shared = { ...draft.shared, loadKg };
  return undefined;
}
