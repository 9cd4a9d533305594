import type { Side } from '../model';
import { inMs, type FloorPlan, type LaneSet, type LaneWork } from './plan';
import {
  advance,
  doersOf,
  doesIn,
  elapsedMs,
  endsByItself,
  nextPhase,
  phaseMs,
  restOwed,
  runReducer,
  startRun,
  type Run,
} from './run';
import { changeMs, setMs, type FloorTurn } from './turns';

/**
 * What somebody is about for a stretch of time. `wait` is a turn that others do, `done` the rest of a set that took others longer,
 * `ready` the last moment before work.
 */
export type CueKind =
  | 'ready'
  | 'work'
  | 'switch'
  | 'done'
  | 'rest'
  | 'activeRest'
  | 'up'
  | 'change'
  | 'down'
  | 'water'
  | 'wait'
  | 'stopped'
  | 'away';

/** A stretch of one lane, in milliseconds from where the phase or the score begins. */
export interface Cue {
  readonly kind: CueKind;
  readonly start: number;
  readonly end: number;
  /** What it is of, or gets ready for. */
  readonly turnId?: string;
  /** Which side, where a set is done on one after the other. */
  readonly side?: Side;
}

/** What is heard, at a time. `next` is the name of what comes; `partOut` the end for those who have less to do. */
export type SignalKind =
  | 'next'
  | 'count'
  | 'go'
  | 'halfway'
  | 'switch'
  | 'lastTen'
  | 'lastFive'
  | 'partOut'
  | 'out'
  | 'blockEnd'
  | 'over';
export interface Signal {
  readonly kind: SignalKind;
  readonly at: number;
  readonly turnId?: string;
}

/** How long before work everybody is counted in, and what is said of how much is left. Common practice on any led floor. */
const COUNT_IN_MS = [3000, 2000, 1000];
const LAST_TEN_MS = 10_000;
const LAST_FIVE_MS = [5000, 4000, 3000, 2000, 1000];
/** Shorter work needs no half-way, no last ten, no last five. Common practice, no published source. */
const HALFWAY_FROM_MS = 20_000;
const LAST_TEN_FROM_MS = 30_000;
const LAST_FIVE_FROM_MS = 15_000;
/** Two signals nearer than this are heard as one. */
const TOGETHER_MS = 1500;

/** Left, then right, where there are two stretches. Common practice: the weaker side leads where it is known; else the left. */
const SIDES: readonly Side[] = ['left', 'right'];

/**
 * What somebody is about in the phase a run is in: one stretch after the other, without a gap, from its beginning to its end.
 *
 * @param run going or not
 * @param participantId whose lane
 * @example laneCues(run, 'tamsin').map(({ kind }) => kind) // ['work', 'done']
 */
export function laneCues(run: Run, participantId: string): Cue[] {
  const length = phaseMs(run);
  const turn = run.turns[run.at];
  const lane = run.lanes[participantId];
  const whole = (kind: CueKind): Cue[] => [{ kind, start: 0, end: length, ...(turn && { turnId: turn.id }) }];
  if (!lane?.here) return whole('away');
  const does = doesIn(run, participantId, turn);
  if (!turn) return whole('rest');
  if (!does)
    return whole(lane.stopped === 'everything' || lane.stopped.includes(turn.slotId) ? 'stopped' : 'wait');
  return run.phase === 'work'
    ? workCues(turn, does.set, length)
    : gapCues(run, participantId, turn, does.work, length);
}

/** Pieces one after the other, each as long as there is room for, the last as long as there is. */
function inOrder(
  turn: FloorTurn,
  length: number,
  pieces: readonly (readonly [kind: CueKind, ms: number, side?: Side])[],
): Cue[] {
  const cues: Cue[] = [];
  let start = 0;
  for (const [kind, ms, side] of pieces) {
    const end = Math.min(length, start + ms);
    if (end > start) cues.push({ kind, start, end, turnId: turn.id, ...(side && { side }) });
    start = end;
  }
  return cues;
}

function workCues(turn: FloorTurn, set: LaneSet, length: number): Cue[] {
  const { stretchesMs, betweenMs } = set;
  const pieces = stretchesMs.flatMap((ms, at): [CueKind, number, Side?][] => [
    ...(at > 0 ? [['switch', betweenMs] as [CueKind, number]] : []),
    stretchesMs.length > 1 ? ['work', ms, SIDES[at]] : ['work', ms],
  ]);
  return inOrder(turn, length, [...pieces, ['done', Infinity]]);
}

function gapCues(run: Run, participantId: string, turn: FloorTurn, work: LaneWork, length: number): Cue[] {
  const first = run.ended.length === 0;
  const ready = Math.min(length, first ? run.plan.rules.leadInMs : (COUNT_IN_MS[0] ?? 0));
  const { station: from } = run.lanes[participantId] ?? {};
  const to = work.station;
  const getting = changeMs(from, to, run.plan);
  const floor =
    from && from.onFloor !== to.onFloor ? Math.min(getting, inMs(run.plan.rules.timing.floorSeconds)) : 0;
  const change = getting - floor;
  const before = Math.max(0, length - ready);
  const water = Math.min(run.waterMs, Math.max(0, before - getting));
  const last = run.ended.at(-1)?.done[participantId];
  const rest = Math.max(0, before - water - getting);
  return inOrder(turn, length, [
    ['water', water],
    ['up', from?.onFloor ? floor : 0],
    ['change', change],
    ['down', from?.onFloor ? 0 : floor],
    [last?.activeRest === undefined ? 'rest' : 'activeRest', rest],
    ['ready', Infinity],
  ]);
}

/**
 * What is heard in the phase a run is in, in milliseconds from its beginning. A set that the coach ends has no end to be told.
 *
 * @param run going or not
 * @example signalsIn(run).map(({ kind }) => kind) // ['halfway', 'lastTen', 'lastFive', …, 'out']
 */
export function signalsIn(run: Run): Signal[] {
  const turn = run.turns[run.at];
  const length = phaseMs(run);
  if (run.phase === 'gap') {
    const last = run.ended.at(-1);
    const before = run.turns[run.at - 1];
    // A set that the clock did not end is out when the coach says so.
    const out: Signal[] =
      run.byKey && last && before?.id === last.turn.id ? [{ kind: 'out', at: 0, turnId: before.id }] : [];
    const end: Signal[] =
      turn?.blockId === before?.blockId || !out[0] ? [] : [{ ...out[0], kind: 'blockEnd' }];
    return [...out, ...end, ...(turn ? gapSignals(turn, length) : [{ kind: 'over' as const, at: length }])];
  }
  if (!turn) return [];
  const go: Signal[] = run.byKey ? [{ kind: 'go', at: 0, turnId: turn.id }] : [];
  if (endsByItself(run)) return [...go, ...workSignals(run, turn, length)];
  const { switchedMs } = run;
  return switchedMs === undefined ? go : [...go, { kind: 'switch', at: switchedMs, turnId: turn.id }];
}

function gapSignals({ id: turnId }: FloorTurn, length: number): Signal[] {
  if (length === 0) return [{ kind: 'go', at: 0, turnId }];
  return [
    { kind: 'next', at: 0, turnId },
    ...COUNT_IN_MS.filter((ms) => ms < length).map((ms): Signal => ({
      kind: 'count',
      at: length - ms,
      turnId,
    })),
    { kind: 'go', at: length, turnId },
  ];
}

function workSignals(run: Run, turn: FloorTurn, length: number): Signal[] {
  const { id: turnId } = turn;
  const sets = doersOf(run, turn).map(({ set }) => set);
  const at = (kind: SignalKind, times: Iterable<number>): Signal[] =>
    [...new Set(times)]
      .filter((ms) => ms < length)
      .sort((a, b) => a - b)
      .map((ms) => ({ kind, at: ms, turnId }));
  const switches = at(
    'switch',
    sets.flatMap(({ stretchesMs: [first = 0, second] }) => (second === undefined ? [] : [first])),
  );
  // Whoever counts knows when they are done.
  const parts = at('partOut', sets.filter(({ clocked }) => clocked).map(setMs));
  const spoken = [...switches, ...parts];
  const free = (ms: number) => spoken.every((other) => Math.abs(other.at - ms) >= TOGETHER_MS);
  const alone = (kind: SignalKind, from: number, ms: number) =>
    length >= from && free(ms) ? at(kind, [ms]) : [];
  const next = run.turns[run.at + 1];
  return [
    ...spoken,
    ...alone('halfway', HALFWAY_FROM_MS, length / 2),
    ...alone('lastTen', LAST_TEN_FROM_MS, length - LAST_TEN_MS),
    ...(length >= LAST_FIVE_FROM_MS
      ? at('lastFive', LAST_FIVE_MS.map((ms) => length - ms).filter(free))
      : []),
    { kind: 'out' as const, at: length, turnId },
    ...(next?.blockId === turn.blockId ? [] : [{ kind: 'blockEnd' as const, at: length, turnId }]),
  ].sort((a, b) => a.at - b.at);
}

/**
 * What will be heard from a time on, as far as the clock leads: up to a set that the coach ends.
 *
 * @param run as it stands
 * @param now in milliseconds of the clock of its events
 * @param until so far ahead
 * @returns in order, at times of that clock
 * @example signalsAhead(run, now, now + 60_000)[0] // { kind: 'halfway', at: … }
 */
export function signalsAhead(run: Run, now: number, until: number): Signal[] {
  const ahead: Signal[] = [];
  let current = advance(run, now);
  while (current.status === 'going' && current.since <= until) {
    const { since } = current;
    ahead.push(...signalsIn(current).map((signal) => ({ ...signal, at: since + signal.at })));
    if (!endsByItself(current)) break;
    current = nextPhase(current, since + phaseMs(current));
  }
  return ahead.filter(({ at }) => at >= now && at <= until);
}

/** A class from beginning to end: everyone's stretches, what is heard, and how long it takes. Milliseconds from the start. */
export interface Score {
  readonly lanes: Readonly<Record<string, readonly Cue[]>>;
  readonly signals: readonly Signal[];
  readonly blocks: readonly { readonly blockId: string; readonly start: number; readonly end: number }[];
  readonly totalMs: number;
}

/**
 * A plan as it would go with everybody there, counted sets by the slowest: every second of every lane in exactly one cue.
 *
 * @param plan see `floorPlan`
 * @example scoreOf(plan).totalMs // 2_160_000
 */
export function scoreOf(plan: FloorPlan): Score {
  const byClock: FloorPlan = { ...plan, rules: { ...plan.rules, counted: 'estimate' } };
  const lanes: Record<string, Cue[]> = Object.fromEntries(
    plan.lanes.map(({ participantId }) => [participantId, []]),
  );
  const signals: Signal[] = [];
  const blocks: { blockId: string; start: number; end: number }[] = [];
  let run = runReducer(startRun(byClock), { kind: 'start', at: 0 });
  while (run.status === 'going') {
    const { since } = run;
    const end = since + phaseMs(run);
    for (const [participantId, cues] of Object.entries(lanes)) {
      for (const cue of laneCues(run, participantId)) {
        if (cue.end > cue.start) cues.push({ ...cue, start: since + cue.start, end: since + cue.end });
      }
    }
    signals.push(...signalsIn(run).map((signal) => ({ ...signal, at: since + signal.at })));
    extend(blocks, run, since, end);
    run = nextPhase(run, end);
  }
  return { lanes, signals, blocks, totalMs: run.since };
}

/** A block lasts from its first set to the last rest that its clock asks. */
function extend(
  blocks: { blockId: string; start: number; end: number }[],
  run: Run,
  start: number,
  end: number,
): void {
  const turn = run.turns[run.at];
  const last = blocks.at(-1);
  if (last && run.phase === 'gap' && turn?.blockId !== last.blockId) {
    last.end = Math.min(end, start + restOwed(run));
  } else if (turn && (run.phase === 'work' || turn.blockId === last?.blockId)) {
    if (last?.blockId === turn.blockId) last.end = end;
    else blocks.push({ blockId: turn.blockId, start, end });
  }
}

/**
 * How long a run will take from now on, as far as can be said: counted sets by the slowest.
 *
 * @param run as it stands
 * @param now in milliseconds of the clock of its events
 * @example remainingMs(run, now) // 1_127_000
 */
export function remainingMs(run: Run, now: number): number {
  let current: Run = { ...advance(run, now), before: undefined };
  if (current.status === 'ended') return 0;
  let left = Math.max(0, phaseMs(current) - elapsedMs(current, now));
  current = nextPhase({ ...current, status: 'going' }, current.since + phaseMs(current));
  while (current.status === 'going') {
    const ms = phaseMs(current);
    left += ms;
    current = nextPhase(current, current.since + ms);
  }
  return left;
}
