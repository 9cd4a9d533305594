import {
  midSentence,
  partsOf,
  type CombinationPart,
  type CombinationSource,
  type Prescription,
  type Session,
  type Slot,
} from '../model';
import type { Catalog } from '../ladder';
import { editSlot, slotName } from '../plan';
import type { Cell } from '../resolve';

/** What a coach does when one part of a combination ends it long before the others are trained. */
export interface Remedy {
  readonly kind: 'moreOfStrong' | 'slower' | 'split';
  readonly words: string;
  readonly apply: (session: Session) => Session;
}

/** How a combination goes for a class. */
export interface CombinationReview {
  /** The part that decides the load for most, by its place in the source; undefined where no load is held. */
  readonly weakest: number | undefined;
  /** For how many of how many it is that one. */
  readonly count: number;
  readonly of: number;
  readonly remedies: readonly Remedy[];
}

/** More of one part than that in a repetition is another exercise. Common practice, no published source. */
const MOST_TIMES = 4;
const SLOWLY: Prescription['tempo'] = { down: 4, pause: 0, up: 1 };

/**
 * Which part of a combination decides for most of a class, and what coaches do about it: more of the strong part in each repetition,
 * a slower lowering, or the parts one by one. Common practice, no published source.
 *
 * @param slot in its session
 * @param cells of the slot, one for each person
 * @param catalog for the names
 * @param newId makes an id for each new slot
 * @returns undefined for a slot that holds no combination
 * @example reviewCombination(slot, cells, catalog, newId)?.remedies[0]?.words // '2 squats to each overhead press'
 */
export function reviewCombination(
  slot: Slot,
  cells: readonly Cell[],
  catalog: Catalog,
  newId: () => string,
): CombinationReview | undefined {
  const { source } = slot;
  if (source.kind !== 'combination') return undefined;
  const votes = cells.flatMap((cell) => weakestIn(cell, source) ?? []);
  const counts = source.parts.map((_, part) => votes.filter((vote) => vote === part).length);
  const count = Math.max(0, ...counts);
  const weakest = count > 0 ? counts.indexOf(count) : undefined;
  return {
    weakest,
    count,
    of: votes.length,
    remedies: [
      ...(weakest === undefined ? [] : moreOfStrong(slot, source, weakest, catalog)),
      slower(slot),
      split(slot, source, newId),
    ],
  };
}

/** The place of the part that decides for one person, where they do all of them. */
function weakestIn(cell: Cell, { parts }: CombinationSource): number | undefined {
  if (cell.status !== 'ready') return undefined;
  const made = partsOf(cell.version.exercise);
  const wanted = cell.trace.find((reason) => reason.kind === 'wanted');
  const name = wanted?.wanted.weakest?.name;
  if (made?.length !== parts.length || name === undefined) return undefined;
  const at = made.findIndex(({ exercise }) => midSentence(exercise.name) === name);
  return at < 0 ? undefined : at;
}

function moreOfStrong(
  slot: Slot,
  source: CombinationSource,
  weakest: number,
  catalog: Catalog,
): readonly Remedy[] {
  const strong = source.parts.findIndex(({ held }, part) => part !== weakest && !held);
  const part = source.parts[strong];
  const weak = source.parts[weakest];
  const times = (part?.times ?? 1) + 1;
  if (!part || !weak || times > MOST_TIMES) return [];
  const name = (of: CombinationPart) => midSentence(slotName({ source: of.source }, catalog));
  const parts = source.parts.map((own, at) => (at === strong ? { ...own, times } : own));
  return [
    {
      kind: 'moreOfStrong',
      words: `${times} × ${name(part)} to each ${name(weak)}`,
      apply: (session) => editSlot(session, slot.id, (own) => ({ ...own, source: { ...source, parts } })),
    },
  ];
}

function slower(slot: Slot): Remedy {
  const slowed = (one: Prescription): Prescription => ({ ...one, tempo: SLOWLY });
  return {
    kind: 'slower',
    words: 'four counts down',
    apply: (session) =>
      editSlot(session, slot.id, (own) => ({
        ...own,
        prescriptions: {
          beginner: slowed(own.prescriptions.beginner),
          intermediate: slowed(own.prescriptions.intermediate),
          advanced: slowed(own.prescriptions.advanced),
        },
      })),
  };
}

function split(slot: Slot, { parts }: CombinationSource, newId: () => string): Remedy {
  const slots = parts.map(({ source }, at): Slot => ({
    id: at === 0 ? slot.id : newId(),
    source,
    prescriptions: slot.prescriptions,
    ...(slot.scheme && { scheme: slot.scheme }),
  }));
  return {
    kind: 'split',
    words: 'one after the other',
    apply: (session) => ({
      ...session,
      blocks: session.blocks.map((block) => ({
        ...block,
        kind:
          block.kind === 'straight' && block.slots.some(({ id }) => id === slot.id) ? 'superset' : block.kind,
        slots: block.slots.flatMap((own) => (own.id === slot.id ? slots : [own])),
      })),
    }),
  };
}
