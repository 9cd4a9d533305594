import { secondsBetween, type Station } from '../plan';
import { factsOf, inMs, type FloorBlock, type FloorPlan, type LaneSet, type LaneWork } from './plan';

/** One set of one slot, for everybody who does it at the same time. */
export interface FloorTurn {
  /** Unique in a run. */
  readonly id: string;
  readonly blockId: string;
  readonly slotId: string;
  /** From 1. */
  readonly set: number;
  /** The round, or the set where there are no rounds, from 1, of so many. */
  readonly round: number;
  readonly of: number;
  /** The last of its round, where the block's rest is taken; every set is where there are no rounds. */
  readonly endsRound: boolean;
  readonly endsBlock: boolean;
  /** Done once more: by whoever did the set of this number. */
  readonly again?: number;
}

/** The id of a turn: a set of a slot is done once in a run. */
export function turnId(slotId: string, set: number): string {
  return `${slotId}.${set}`;
}

/**
 * The sets of a plan in the order they are done: those of a superset, a circuit or an interval in turn, round after round; as many
 * rounds as the one with most does.
 *
 * @param plan of a class
 * @example turnsOf(plan).map(({ slotId, set }) => `${slotId} ${set}`) // ['a1 1', 'a2 1', 'a1 2', …]
 */
export function turnsOf({ blocks, lanes }: FloorPlan): FloorTurn[] {
  const setsOf = (slotId: string) =>
    Math.max(0, ...lanes.map(({ works }) => works[slotId]?.sets.length ?? 0));
  return blocks.flatMap((block) => {
    const slots = block.slots.map(({ id }) => ({ id, sets: setsOf(id) }));
    const rounds = Math.max(0, ...slots.map(({ sets }) => sets));
    const inOrder = factsOf(block).grouped
      ? Array.from({ length: rounds }, (_, at) =>
          slots.filter(({ sets }) => sets > at).map(({ id }) => ({ id, set: at + 1, of: rounds })),
        )
      : slots.flatMap(({ id, sets }) =>
          Array.from({ length: sets }, (_, at) => [{ id, set: at + 1, of: sets }]),
        );
    const last = inOrder.length - 1;
    return inOrder.flatMap((together, round) =>
      together.map(({ id, set, of }, at) => ({
        id: turnId(id, set),
        blockId: block.id,
        slotId: id,
        set,
        round: set,
        of,
        endsRound: at === together.length - 1,
        endsBlock: round === last && at === together.length - 1,
      })),
    );
  });
}

/** What somebody does in a turn; undefined where they have no such set. */
export function setIn(work: LaneWork | undefined, { set, again }: FloorTurn): LaneSet | undefined {
  return work && (work.sets[(again ?? set) - 1] ?? undefined);
}

/**
 * A set as it goes once the coach has called the other side of it: the first side took so long.
 *
 * @param set that the coach ends
 * @param switchedMs from the beginning of the set to the call; undefined before it
 * @example switchedAt({ stretchesMs: [30_000, 30_000], … }, 24_000).stretchesMs // [24_000, 30_000]
 */
export function switchedAt(set: LaneSet, switchedMs: number | undefined): LaneSet {
  const [, second] = set.stretchesMs;
  if (switchedMs === undefined || set.clocked || second === undefined) return set;
  return { ...set, stretchesMs: [switchedMs, second] };
}

export function setMs({ stretchesMs, betweenMs }: LaneSet): number {
  return stretchesMs.reduce((sum, stretch) => sum + stretch, 0) + (stretchesMs.length - 1) * betweenMs;
}

/** Rest that is owed after a turn, when what comes next is in the same block or elsewhere. */
export function restOwedMs(
  block: FloorBlock,
  { endsRound }: FloorTurn,
  work: LaneWork,
  set: LaneSet,
  sameBlock: boolean,
): number {
  const { grouped, clocked } = factsOf(block);
  // The rest after the very last set of a block is not taken, unless the clock leads.
  if (!sameBlock && !(clocked && set.clocked)) return 0;
  if (grouped && endsRound) return block.restMs;
  return work.restMs ?? (grouped ? block.betweenMs : block.restMs);
}

/** How long it takes to get from one station to the next. */
export function changeMs(
  from: Station | undefined,
  to: Station,
  { rules }: Pick<FloorPlan, 'rules'>,
): number {
  return from ? inMs(secondsBetween(from, to, rules.timing)) : 0;
}
