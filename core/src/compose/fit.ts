import {
  BLOCKS,
  TIERS,
  type Block,
  type Muscle,
  type Prescription,
  type Session,
  type Slot,
  type Tier,
  type Timing,
} from '../model';
import type { Catalog } from '../ladder';
import { sessionTimeline, slotName, versionForTier } from '../plan';
import { isBig, isIsolation, shortestRest } from './effort';

/** One change that saves time. Changes of one list do not touch each other: they are applied in any order. */
export type FitChange =
  | { readonly kind: 'trimRest'; readonly blockId: string; readonly restSeconds: number }
  | { readonly kind: 'pair'; readonly blockId: string; readonly nextBlockId: string }
  | { readonly kind: 'fewerRounds'; readonly blockId: string; readonly by: 1 | 2 }
  | { readonly kind: 'drop'; readonly blockId: string; readonly slotId: string };

export interface FitStep {
  readonly change: FitChange;
  /** What a coach reads: "Rest in A 60 s". */
  readonly words: string;
  /** Seconds it saves by itself. */
  readonly savesSeconds: number;
  /** Weekly sets it costs, by muscle, weighted by share; none for a shorter rest. */
  readonly costs: readonly { readonly muscle: Muscle; readonly sets: number }[];
}

export interface Fit {
  readonly fits: boolean;
  readonly beforeSeconds: number;
  readonly afterSeconds: number;
  readonly steps: readonly FitStep[];
  /** With all steps taken. */
  readonly session: Session;
}

export interface FitContext {
  readonly tier: Tier;
  readonly catalog: Catalog;
  readonly timing?: Timing | undefined;
}

/**
 * What a change weighs: a shorter rest first, then a superset, a round fewer, a small exercise less, and big lifts last.
 * Common practice, no published source. Sets lost break ties.
 */
const WEIGHT = { trimRest: 1, pair: 2, fewerRounds: 3, dropIsolation: 5, dropOther: 8, dropBig: 30 } as const;
const SET_WEIGHT = 1 / 1000;

/**
 * The lightest set of changes that makes a session fit, exactly: every block's ways of being shorter against every
 * other's, carried along the session by where each block ends, as the way to the next one depends on nothing else.
 */
export function fitToTime(session: Session, minutes: number, context: FitContext): Fit {
  const beforeSeconds = secondsOf(session, context);
  if (beforeSeconds <= minutes * 60) {
    return { fits: true, beforeSeconds, afterSeconds: beforeSeconds, steps: [], session };
  }
  const path = lightestPath(session, minutes * 60, context);
  const changed = applyFit(session, path.changes);
  const steps = path.changes.map((change): FitStep => ({
    change,
    words: wordsOf(change, session, context.catalog),
    savesSeconds: beforeSeconds - secondsOf(applyFit(session, [change]), context),
    costs: costsOf(change, session, context),
  }));
  const afterSeconds = secondsOf(changed, context);
  return { fits: afterSeconds <= minutes * 60, beforeSeconds, afterSeconds, steps, session: changed };
}

/** A session with changes taken, in any order. */
export function applyFit(session: Session, changes: readonly FitChange[]): Session {
  let { blocks } = session;
  for (const change of changes) {
    if (change.kind === 'pair') continue;
    blocks = blocks.map((block) => (block.id === change.blockId ? changedBlock(block, change) : block));
  }
  for (const change of changes) {
    if (change.kind !== 'pair') continue;
    const first = blocks.find(({ id }) => id === change.blockId);
    const second = blocks.find(({ id }) => id === change.nextBlockId);
    if (!first || !second) continue;
    blocks = blocks
      .filter(({ id }) => id !== second.id)
      .map((block) => (block.id === first.id ? paired(first, second) : block));
  }
  const empty = new Set(session.blocks.filter(({ slots }) => slots.length === 0).map(({ id }) => id));
  return { ...session, blocks: blocks.filter(({ id, slots }) => slots.length > 0 || empty.has(id)) };
}

function changedBlock(block: Block, change: Exclude<FitChange, { kind: 'pair' }>): Block {
  switch (change.kind) {
    case 'trimRest':
      return {
        ...block,
        restSeconds: Math.min(block.restSeconds, change.restSeconds),
        slots: block.slots.map((slot) => eachPrescription(slot, (one) => trimmed(one, change.restSeconds))),
      };
    case 'fewerRounds':
      return {
        ...block,
        slots: block.slots.map((slot) =>
          eachPrescription(slot, (one) => ({ ...one, sets: Math.max(1, one.sets - change.by) })),
        ),
      };
    case 'drop':
      return { ...block, slots: block.slots.filter(({ id }) => id !== change.slotId) };
  }
}

/** A rest of its own is trimmed too; without one, an active rest has nothing to stand on. */
function trimmed(one: Prescription, restSeconds: number): Prescription {
  return one.restSeconds === undefined
    ? one
    : { ...one, restSeconds: Math.min(one.restSeconds, restSeconds) };
}

function eachPrescription(slot: Slot, change: (one: Prescription) => Prescription): Slot {
  const { beginner, intermediate, advanced } = slot.prescriptions;
  return {
    ...slot,
    prescriptions: {
      beginner: change(beginner),
      intermediate: change(intermediate),
      advanced: change(advanced),
    },
  };
}

function paired(first: Block, second: Block): Block {
  const restSeconds = Math.min(
    Math.max(first.restSeconds, second.restSeconds),
    BLOCKS.superset.defaultRestSeconds,
  );
  return { ...first, kind: 'superset', restSeconds, slots: [...first.slots, ...second.slots] };
}

/** How much a list of changes weighs: what `fitToTime` makes least. */
export function fitWeight(changes: readonly FitChange[], session: Session, context: FitContext): number {
  const sets = (own: Session) => own.blocks.reduce((sum, block) => sum + setsOf(block, context.tier), 0);
  const lost = sets(session) - sets(applyFit(session, changes));
  return changes.reduce((sum, change) => sum + weightOf(change, session, context), lost * SET_WEIGHT);
}

function weightOf(change: FitChange, session: Session, { tier, catalog }: FitContext): number {
  if (change.kind === 'fewerRounds') return WEIGHT.fewerRounds * change.by;
  if (change.kind !== 'drop') return WEIGHT[change.kind];
  const slot = session.blocks.flatMap(({ slots }) => slots).find(({ id }) => id === change.slotId);
  const exercise = slot && versionForTier(slot, tier, catalog)?.exercise;
  if (!exercise) return WEIGHT.dropOther;
  return isIsolation(exercise) ? WEIGHT.dropIsolation : isBig(exercise) ? WEIGHT.dropBig : WEIGHT.dropOther;
}

// The search.

interface Way {
  readonly changes: readonly FitChange[];
  readonly weight: number;
  readonly blocks: readonly Block[];
}

interface Path {
  readonly weight: number;
  readonly seconds: number;
  readonly changes: readonly FitChange[];
  /** The last block with something in it: all that the way on depends on. */
  readonly last: Block | undefined;
}

function lightestPath(session: Session, limit: number, context: FitContext): Path {
  const { blocks } = session;
  const time = (list: readonly Block[]) => secondsOf({ ...session, blocks: [...list] }, context);
  const start: Path = { weight: 0, seconds: 0, changes: [], last: undefined };
  // paths[i]: ways to have done the first i blocks, by what they end with.
  const paths: Path[][] = Array.from({ length: blocks.length + 1 }, () => []);
  paths[0] = [start];
  // What a block adds behind another depends only on how that one ends.
  const behind = new Map<Block, Map<string, number>>();
  const deltaOf = (block: Block, last: Block | undefined): number => {
    const end = last ? endKey(last) : '';
    const own = behind.get(block) ?? new Map<string, number>();
    behind.set(block, own);
    let delta = own.get(end);
    if (delta === undefined) {
      delta = time(last ? [last, block] : [block]) - (last ? time([last]) : 0);
      own.set(end, delta);
    }
    return delta;
  };
  blocks.forEach((block, at) => {
    const here = pruned(paths[at] ?? []);
    const next = blocks[at + 1];
    const ways = [
      ...waysOf(block, context).map((way) => ({ ...way, to: at + 1 })),
      ...(next ? pairWays(block, next, context).map((way) => ({ ...way, to: at + 2 })) : []),
    ];
    for (const path of here) {
      for (const way of ways) {
        let { seconds, last } = path;
        for (const own of way.blocks) {
          seconds += deltaOf(own, last);
          last = own;
        }
        const changes = way.changes.length === 0 ? path.changes : [...path.changes, ...way.changes];
        paths[way.to]?.push({ weight: path.weight + way.weight, seconds, changes, last });
      }
    }
  });
  const ends = paths[blocks.length] ?? [start];
  const lighter = (a: Path, b: Path) => (a.weight - b.weight || a.seconds - b.seconds) < 0;
  const fitting = ends.filter(({ seconds }) => seconds <= limit + 1e-9);
  if (fitting.length > 0) return fitting.reduce((best, path) => (lighter(path, best) ? path : best));
  return ends.reduce((best, path) => (path.seconds < best.seconds ? path : best), ends[0] ?? start);
}

/** Of paths that end alike, only those that no other is both lighter and shorter than. */
function pruned(paths: readonly Path[]): Path[] {
  const byEnd = new Map<string, Path[]>();
  for (const path of paths) {
    const key = path.last ? endKey(path.last) : '';
    byEnd.set(key, [...(byEnd.get(key) ?? []), path]);
  }
  return [...byEnd.values()].flatMap((list) => {
    const sorted = list.sort((a, b) => a.weight - b.weight || a.seconds - b.seconds);
    let shortest = Infinity;
    return sorted.filter(({ seconds }) => {
      const keep = seconds < shortest - 1e-9;
      if (keep) shortest = seconds;
      return keep;
    });
  });
}

/** What the way to the next block depends on: where the last set is done, and the rest owed if the clock leads. */
function endKey({ kind, restSeconds, slots }: Block): string {
  // In rounds the last set may be another slot's than the last: whoever has most sets.
  const sets = slots.map(
    ({ id, prescriptions }) => `${id}${TIERS.map((tier) => prescriptions[tier].sets).join()}`,
  );
  return `${kind} ${BLOCKS[kind].clocked ? restSeconds : ''} ${slots.at(-1)?.id ?? ''} ${BLOCKS[kind].grouped ? sets.join() : ''}`;
}

const EMPTY: Session = { id: '', name: '', budgetMinutes: 5, blocks: [] };

/** Every way a block can be shorter, the way it is now first. */
function waysOf(block: Block, context: FitContext): Way[] {
  const asItIs: Way = { changes: [], weight: 0, blocks: block.slots.length > 0 ? [block] : [] };
  if (!BLOCKS[block.kind].lettered || block.slots.length === 0) return [asItIs];
  let ways: Way[] = [asItIs];
  const add = (change: Exclude<FitChange, { kind: 'pair' }>) => {
    const weight = weightOf(change, { ...EMPTY, blocks: [block] }, context);
    ways = ways.flatMap((way) => {
      const [before] = way.blocks;
      if (!before) return [way];
      const after = changedBlock(before, change);
      const lost = setsOf(before, context.tier) - setsOf(after, context.tier);
      const more: Way = {
        changes: [...way.changes, change],
        weight: way.weight + weight + lost * SET_WEIGHT,
        blocks: after.slots.length > 0 ? [after] : [],
      };
      return [way, more];
    });
  };
  for (const { id } of block.slots) add({ kind: 'drop', blockId: block.id, slotId: id });
  const restSeconds = restFloor(block, context.tier);
  if (hasRestAbove(block, restSeconds)) add({ kind: 'trimRest', blockId: block.id, restSeconds });
  const most = Math.max(...block.slots.map(({ prescriptions }) => prescriptions[context.tier].sets));
  const one = ways;
  const rounds = ([1, 2] as const).filter((by) => most > by);
  const shorter = rounds.flatMap((by) => {
    ways = one.filter(({ blocks }) => blocks.length > 0);
    const before = new Set(ways);
    add({ kind: 'fewerRounds', blockId: block.id, by });
    return ways.filter((way) => !before.has(way));
  });
  return [...one, ...shorter];
}

/** Two straight blocks of one exercise each, done by turns. */
function pairWays(block: Block, next: Block, context: FitContext): Way[] {
  const single = (own: Block) => own.kind === 'straight' && own.slots.length === 1;
  if (!single(block) || !single(next)) return [];
  const change: FitChange = { kind: 'pair', blockId: block.id, nextBlockId: next.id };
  const whole = (own: Block) => waysOf(own, context).filter(({ blocks }) => blocks.length > 0);
  return whole(block).flatMap((a) =>
    whole(next).flatMap((b): Way[] => {
      const [first] = a.blocks;
      const [second] = b.blocks;
      if (!first || !second) return [];
      return [
        {
          changes: [...a.changes, ...b.changes, change],
          weight: a.weight + b.weight + WEIGHT.pair,
          blocks: [paired(first, second)],
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

function setsOf(block: Block, tier: Tier): number {
  return block.slots.reduce((sum, { prescriptions }) => sum + prescriptions[tier].sets, 0);
}

function secondsOf(session: Session, { tier, catalog, timing }: FitContext): number {
  return sessionTimeline(session, { tier }, catalog, timing).totalSeconds;
}

// Saying it.

function wordsOf(change: FitChange, session: Session, catalog: Catalog): string {
  const block = session.blocks.find(({ id }) => id === change.blockId);
  const names = (own: Block | undefined) =>
    own?.slots.map((slot) => slotName(slot, catalog)).join(' and ') ?? '';
  switch (change.kind) {
    case 'trimRest':
      return `Rest ${change.restSeconds} s after ${names(block)}`;
    case 'pair':
      return `${names(block)} by turns with ${names(session.blocks.find(({ id }) => id === change.nextBlockId))}`;
    case 'fewerRounds':
      return `${change.by === 1 ? 'One set' : 'Two sets'} fewer of ${names(block)}`;
    case 'drop': {
      const slot = block?.slots.find(({ id }) => id === change.slotId);
      return `Leave out ${slot ? slotName(slot, catalog) : ''}`;
    }
  }
}

function costsOf(change: FitChange, session: Session, { tier, catalog }: FitContext): FitStep['costs'] {
  const before = setsByMuscle(session, tier, catalog);
  const after = setsByMuscle(applyFit(session, [change]), tier, catalog);
  return [...before].flatMap(([muscle, sets]) => {
    const lost = sets - (after.get(muscle) ?? 0);
    return lost > 1e-9 ? [{ muscle, sets: lost }] : [];
  });
}

function setsByMuscle(session: Session, tier: Tier, catalog: Catalog): Map<Muscle, number> {
  const sets = new Map<Muscle, number>();
  for (const slot of session.blocks.flatMap(({ slots }) => slots)) {
    for (const { muscle, share } of versionForTier(slot, tier, catalog)?.exercise.muscles ?? []) {
      sets.set(muscle, (sets.get(muscle) ?? 0) + share * slot.prescriptions[tier].sets);
    }
  }
  return sets;
}
