import { BLOCKS, TIERS, type Block, type Session, type Slot, type Tier } from '../model';
import { atMost, groupBy } from '../units';
import { shortestRest } from './effort';
import {
  changedBlock,
  paired,
  secondsOf,
  weightOf,
  WEIGHT,
  type FitChange,
  type FitContext,
} from './fit-changes';

/** One way to do a block, or two as partners. */
interface Way {
  readonly changes: readonly FitChange[];
  readonly weight: number;
  /** Undefined when nothing is left of it. */
  readonly block: Block | undefined;
}

/** A way with its time, and all that the ways before and behind depend on. */
interface TimedWay extends Way {
  readonly seconds: number;
  /** Where it begins and where it ends: ways alike in both differ by their own seconds only. */
  readonly start: string;
  readonly end: string;
}

interface Path {
  readonly weight: number;
  readonly seconds: number;
  readonly way: TimedWay | undefined;
  readonly before: Path | undefined;
  /** The last block with something in it. */
  readonly last: TimedWay | undefined;
}

/** Ways to go on from each block, and the least seconds from there on for every weight left to spend. */
interface Roads {
  readonly ways: readonly (readonly { readonly way: TimedWay; readonly to: number }[])[];
  readonly least: (at: number, weight: number) => number;
}

/** Budgets of weight that are tried, each twice the last: most sessions need little. */
const FIRST_BUDGET = 8;

/**
 * The lightest path: all those within a budget of weight, then within twice that, until one fits. What cannot fit any
 * more, however the rest is spent, is left behind on the way.
 */
export function lightestPath(session: Session, limit: number, context: FitContext): FitChange[] {
  const time = (list: readonly Block[]) => secondsOf({ ...session, blocks: [...list] }, context);
  const roads = roadsOf(session, time, context);
  const all = roads.ways.reduce((sum, ways) => sum + Math.max(0, ...ways.map(({ way }) => way.weight)), 0);
  // The way from one block to the next depends on where the one ends and the other begins.
  const known = new Map<string, number>();
  const getting = (last: TimedWay | undefined, way: TimedWay): number => {
    if (!last?.block || !way.block) return 0;
    const key = `${last.end} > ${way.start}`;
    let seconds = known.get(key);
    if (seconds === undefined) {
      seconds = time([last.block, way.block]) - last.seconds - way.seconds;
      known.set(key, seconds);
    }
    return seconds;
  };
  for (let budget = FIRST_BUDGET; ; budget *= 2) {
    const whole = budget >= all;
    const ends = pathsWithin(roads, whole ? all : budget, whole ? Infinity : limit, getting);
    const fitting = ends.filter(({ seconds }) => atMost(seconds, limit));
    const [first, ...others] = fitting.length > 0 ? fitting : whole ? ends : [];
    if (!first) continue;
    const order = (path: Path): [number, number] =>
      fitting.length > 0 ? [path.weight, path.seconds] : [path.seconds, path.weight];
    const best = others.reduce((own, path) => (before(order(path), order(own)) ? path : own), first);
    const changes: FitChange[] = [];
    for (let path: Path | undefined = best; path; path = path.before) {
      changes.unshift(...(path.way?.changes ?? []));
    }
    return changes;
  }
}

function before([a, b]: [number, number], [c, d]: [number, number]): boolean {
  return a < c || (a === c && b < d);
}

function roadsOf(session: Session, time: (list: readonly Block[]) => number, context: FitContext): Roads {
  const { blocks } = session;
  const timed = (ways: readonly Way[]) => lightest(ways.map((way) => timedWay(way, time, context)));
  const ways = blocks.map((block, at) => {
    const next = blocks[at + 1];
    return [
      ...timed(waysOf(block, context)).map((way) => ({ way, to: at + 1 })),
      ...(next ? timed(pairWays(block, next, context)).map((way) => ({ way, to: at + 2 })) : []),
    ];
  });
  const memo = new Map<number, number>();
  // Getting from block to block takes no less than nothing, so this never says too much.
  const least = (at: number, weight: number): number => {
    if (at >= blocks.length) return 0;
    const key = at * 1e6 + weight;
    let seconds = memo.get(key);
    if (seconds === undefined) {
      seconds = Infinity;
      for (const { way, to } of ways[at] ?? []) {
        if (way.weight > weight) continue;
        seconds = Math.min(seconds, way.seconds + least(to, weight - way.weight));
      }
      memo.set(key, seconds);
    }
    return seconds;
  };
  return { ways, least };
}

/** The paths through all blocks within a budget that may still keep a limit. */
function pathsWithin(
  { ways, least }: Roads,
  budget: number,
  limit: number,
  getting: (last: TimedWay | undefined, way: TimedWay) => number,
): Path[] {
  const start: Path = { weight: 0, seconds: 0, way: undefined, before: undefined, last: undefined };
  const paths: Path[][] = Array.from({ length: ways.length + 1 }, () => []);
  paths[0] = [start];
  ways.forEach((here, at) => {
    for (const path of pruned(paths[at] ?? [])) {
      for (const { way, to } of here) {
        const weight = path.weight + way.weight;
        if (weight > budget) continue;
        const seconds = path.seconds + getting(path.last, way) + way.seconds;
        if (limit < Infinity && !atMost(seconds + least(to, budget - weight), limit)) continue;
        paths[to]?.push({ weight, seconds, way, before: path, last: way.block ? way : path.last });
      }
    }
  });
  return paths[ways.length] ?? [];
}

function timedWay(way: Way, time: (list: readonly Block[]) => number, { tier }: FitContext): TimedWay {
  const { block } = way;
  if (!block) return { ...way, seconds: 0, start: '', end: '' };
  const sets = (slot: Slot) => slot.prescriptions[tier].sets;
  const { grouped, clocked } = BLOCKS[block.kind];
  const rounds = Math.max(...block.slots.map(sets));
  const last = grouped ? block.slots.findLast((slot) => sets(slot) === rounds) : block.slots.at(-1);
  const rest = clocked ? ` ${block.restSeconds}` : '';
  return {
    ...way,
    seconds: time([block]),
    start: `${block.kind} ${block.slots[0]?.id ?? ''}`,
    end: `${block.kind} ${last?.id ?? ''}${rest}`,
  };
}

/** Of ways that begin and end alike, only those that none is both lighter and shorter than. */
function lightest(ways: readonly TimedWay[]): TimedWay[] {
  return front(ways, ({ start, end }) => `${start} > ${end}`);
}

/** Of paths that end alike, only those that no other is both lighter and shorter than. */
function pruned(paths: readonly Path[]): Path[] {
  return front(paths, ({ last }) => last?.end ?? '');
}

function front<Item extends { readonly weight: number; readonly seconds: number }>(
  items: readonly Item[],
  keyOf: (item: Item) => string,
): Item[] {
  return [...groupBy(items, keyOf).values()].flatMap((group) => {
    let shortest = Infinity;
    return group
      .sort((a, b) => a.weight - b.weight || a.seconds - b.seconds)
      .filter(({ seconds }) => {
        const keep = !atMost(shortest, seconds);
        if (keep) shortest = seconds;
        return keep;
      });
  });
}

const EMPTY: Session = { id: '', name: '', budgetMinutes: 5, blocks: [] };

/** Every way a block can be shorter, the way it is now first. */
function waysOf(block: Block, context: FitContext): Way[] {
  const asItIs: Way = { changes: [], weight: 0, block: block.slots.length > 0 ? block : undefined };
  if (!BLOCKS[block.kind].lettered || block.slots.length === 0) return [asItIs];
  const only: Session = { ...EMPTY, blocks: [block] };
  const withOne = (ways: readonly Way[], change: Exclude<FitChange, { kind: 'pair' }>): Way[] => {
    const weight = weightOf(change, only, context);
    return ways.flatMap((way) => {
      if (!way.block) return [];
      const after = changedBlock(way.block, change);
      return [
        {
          changes: [...way.changes, change],
          weight: way.weight + weight,
          block: after.slots.length > 0 ? after : undefined,
        },
      ];
    });
  };
  let ways: Way[] = [asItIs];
  for (const { id } of block.slots) {
    ways = [...ways, ...withOne(ways, { kind: 'drop', blockId: block.id, slotId: id })];
  }
  const restSeconds = restFloor(block, context.tier);
  if (hasRestAbove(block, restSeconds)) {
    ways = [...ways, ...withOne(ways, { kind: 'trimRest', blockId: block.id, restSeconds })];
  }
  const most = Math.max(...block.slots.map(({ prescriptions }) => prescriptions[context.tier].sets));
  const shorter = ([1, 2] as const)
    .filter((by) => most > by)
    .flatMap((by) => withOne(ways, { kind: 'fewerRounds', blockId: block.id, by }));
  return [...ways, ...shorter];
}

/** Two straight blocks of one exercise each, done by turns. */
function pairWays(block: Block, next: Block, context: FitContext): Way[] {
  const single = (own: Block) => own.kind === 'straight' && own.slots.length === 1;
  if (!single(block) || !single(next)) return [];
  const change: FitChange = { kind: 'pair', blockId: block.id, nextBlockId: next.id };
  return waysOf(block, context).flatMap((a) =>
    waysOf(next, context).flatMap((b): Way[] => {
      if (!a.block || !b.block) return [];
      return [
        {
          changes: [...a.changes, ...b.changes, change],
          weight: a.weight + b.weight + WEIGHT.pair,
          block: paired(a.block, b.block),
        },
      ];
    }),
  );
}

function restFloor(block: Block, tier: Tier): number {
  return Math.max(...block.slots.map(({ prescriptions }) => shortestRest(prescriptions[tier])));
}

function hasRestAbove(block: Block, seconds: number): boolean {
  return (
    block.restSeconds > seconds ||
    block.slots.some(({ prescriptions }) =>
      TIERS.some((tier) => (prescriptions[tier].restSeconds ?? 0) > seconds),
    )
  );
}
