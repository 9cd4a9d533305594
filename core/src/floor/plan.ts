import {
  BLOCKS,
  type Block,
  type BlockKind,
  type Pace,
  type Session,
  type Tier,
  type Timing,
} from '../model';
import { fullName } from '../ladder';
import { askedWork, type AskedWork } from '../logging';
import {
  atPace,
  middleAmount,
  movementsInOne,
  setStretches,
  slotLetters,
  stationOf,
  USUAL_TIMING,
  type Station,
} from '../plan';
import { asksForMost, loadWords, timedCell, type Cell, type ReadyCell } from '../resolve';

/** One set of one person as the clock sees it, in whole milliseconds. */
export interface LaneSet {
  /** One, or one a side. */
  readonly stretchesMs: readonly number[];
  /** Between the two sides. */
  readonly betweenMs: number;
  /** The clock ends it; else whoever counts. */
  readonly clocked: boolean;
}

/** What one person is asked for in one slot: for the clock, the screen and the log, as plain data that outlives the page. */
export interface LaneWork {
  /** "Goblet squat, to a seat": in words, so that a run stays readable whatever becomes of the plan. */
  readonly name: string;
  readonly asked: AskedWork;
  /** As many as possible: only a number says how many were done. */
  readonly open: boolean;
  /** Repetitions go as they do in any session, without a tempo, a part of the way or several movements in one: they can be timed. */
  readonly plain?: boolean;
  readonly sets: readonly LaneSet[];
  readonly station: Station;
  /** After each set: of its own, where it has one. */
  readonly restMs: number | undefined;
  readonly activeRest: string | undefined;
}

/** Somebody in the class, with what each slot came to; what is left out for them is not there. */
export interface Lane {
  readonly participantId: string;
  readonly works: Readonly<Record<string, LaneWork>>;
}

export interface FloorBlock {
  readonly id: string;
  readonly kind: BlockKind;
  readonly restMs: number;
  readonly betweenMs: number;
  readonly slots: readonly FloorSlot[];
}

export interface FloorSlot {
  readonly id: string;
  readonly letter: string;
  readonly name: string;
}

/** How a class is run. */
export interface FloorRules {
  /** Before the first set. */
  readonly leadInMs: number;
  /** Who ends a counted set: the coach, or the time it is thought to take. */
  readonly counted: 'key' | 'estimate';
  /** A water break at the first end of a block after so long; none when absent. */
  readonly waterEveryMs?: number | undefined;
  readonly waterMs: number;
  /** How fast repetitions go where none were measured; slow when absent. */
  readonly pace?: Pace | undefined;
  /** The class's own times between the work. */
  readonly timing: Required<Timing>;
}

/** Seconds before the first set in which everybody takes position, and of a break for water. Common practice, no published source. */
export const USUAL_RULES: FloorRules = {
  leadInMs: 10_000,
  counted: 'key',
  waterMs: 45_000,
  timing: USUAL_TIMING,
};

/** A session for the people who do it, ready to be run. */
export interface FloorPlan {
  readonly blocks: readonly FloorBlock[];
  readonly lanes: readonly Lane[];
  readonly rules: FloorRules;
}

/** Somebody's card, as the board has it. */
export interface FloorCard {
  readonly participantId: string;
  readonly tier: Tier;
  readonly cells: readonly Cell[];
}

const MS = 1000;

export function inMs(seconds: number): number {
  return Math.round(seconds * MS);
}

/**
 * What a cell asks, for the floor.
 *
 * @param cell ready
 * @param rules how fast it goes
 * @example laneWork(cell, USUAL_RULES).sets.length // 3
 */
export function laneWork(
  cell: ReadyCell,
  { pace, timing }: Pick<FloorRules, 'pace' | 'timing'> = USUAL_RULES,
): LaneWork {
  const { version, planned, load, work } = cell;
  const { exercise, needs, name } = version;
  const prescription = timedCell(cell)?.prescription ?? planned;
  const paced = atPace(exercise, { pace, perRep: timing.perRep });
  const { clocked } = middleAmount(prescription.work);
  return {
    name: fullName(version),
    asked: askedWork(cell),
    open: asksForMost(cell),
    plain: !prescription.tempo && !prescription.range && movementsInOne(prescription.one) === 1,
    sets: Array.from({ length: work.sets }, (_, set) => {
      const { stretches, betweenSeconds } = setStretches(prescription, paced, set, timing);
      return { stretchesMs: stretches.map(inMs), betweenMs: inMs(betweenSeconds), clocked };
    }),
    station: stationOf(
      name,
      exercise,
      needs.map((need) => [...need]),
      load ? loadWords(load) : '',
    ),
    restMs: planned.restSeconds === undefined ? undefined : inMs(planned.restSeconds),
    activeRest: planned.activeRest,
  };
}

/**
 * A session with the cards of those who do it, ready for `startRun`.
 *
 * @param session as planned
 * @param cards of everybody who may come
 * @param nameOf what a slot is called on the plan
 * @param rules times, and how counted sets end; the pace is that of the session
 * @example floorPlan(session, cards, (slotId) => slotId).lanes.length // 6
 */
export function floorPlan(
  session: Session,
  cards: readonly FloorCard[],
  nameOf: (slotId: string) => string,
  rules: Partial<FloorRules> = {},
): FloorPlan {
  const letters = slotLetters(session);
  const all: FloorRules = { ...USUAL_RULES, pace: session.pace, ...rules };
  return {
    blocks: session.blocks.map((block) => floorBlock(block, letters, nameOf)),
    lanes: cards.map(({ participantId, cells }) => ({
      participantId,
      works: Object.fromEntries(
        cells.flatMap((cell) =>
          cell.status === 'ready' ? [[cell.slotId, laneWork(cell, all)] as const] : [],
        ),
      ),
    })),
    rules: all,
  };
}

function floorBlock(
  { id, kind, restSeconds, betweenSeconds = 0, slots }: Block,
  letters: ReadonlyMap<string, string>,
  nameOf: (slotId: string) => string,
): FloorBlock {
  return {
    id,
    kind,
    restMs: inMs(restSeconds),
    betweenMs: inMs(betweenSeconds),
    slots: slots.map((slot) => ({
      id: slot.id,
      letter: letters.get(slot.id) ?? '',
      name: nameOf(slot.id),
    })),
  };
}

/** Whether a block's slots are done in turn, and whether its clock waits for nobody. */
export function factsOf({ kind }: Pick<FloorBlock, 'kind'>) {
  return BLOCKS[kind];
}
