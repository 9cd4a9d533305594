import type { Done, Pain } from '../model';
import { partsBetween, type Station, type TimingKey } from '../plan';
import { factsOf, type FloorBlock, type FloorPlan, type LaneSet, type LaneWork } from './plan';
import { changeMs, restOwedMs, setIn, setMs, switchedAt, turnId, turnsOf, type FloorTurn } from './turns';

/** What differed from what was asked, in one set of one person. */
export type SetNote = Partial<
  Pick<Done, 'amount' | 'loadKg' | 'reserve' | 'left' | 'form' | 'touchDowns' | 'note'>
> & {
  /** On each side, where the sides differed. */
  readonly sides?: { readonly left: number; readonly right: number };
  readonly pain?: Pain;
  /** Not done after all. */
  readonly leftOut?: true;
};

/** What happens on a floor. `at` is when, in milliseconds of any clock that does not go backwards. */
export type RunEvent = { readonly at: number } & (
  | { readonly kind: 'start' | 'pause' | 'goOn' | 'back' | 'skip' | 'onceMore' | 'cutRound' | 'undo' | 'end' }
  /** Ends the set, or the rest. */
  | { readonly kind: 'next' }
  /** The other side of a set that is counted. */
  | { readonly kind: 'otherSide' }
  | { readonly kind: 'moreRest'; readonly ms: number }
  | { readonly kind: 'water' }
  /** Another version or load from now on. */
  | {
      readonly kind: 'give';
      readonly participantId: string;
      readonly work: LaneWork;
      /** How it was come to from what the card says. */
      readonly ways: readonly ('easier' | 'harder')[];
    }
  | { readonly kind: 'arrive' | 'leave'; readonly participantId: string }
  | {
      readonly kind: 'note';
      readonly participantId: string;
      readonly turnId: string;
      readonly note: SetNote;
    }
  /** Somebody has pain: what bears on the place is not begun any more today, or nothing is. */
  | {
      readonly kind: 'pain';
      readonly participantId: string;
      readonly turnId: string;
      readonly pain: Pain;
      readonly stops: readonly string[] | 'everything';
    }
);
export type RunEventKind = RunEvent['kind'];

export interface LaneState {
  readonly here: boolean;
  readonly works: Readonly<Record<string, LaneWork>>;
  /** Steps to the easier or harder side of the card, by slot. */
  readonly ways: Readonly<Record<string, readonly ('easier' | 'harder')[]>>;
  /** Slots that are not begun any more today. */
  readonly stopped: readonly string[] | 'everything';
  /** Where they stand, with what in their hands. */
  readonly station?: Station;
}

/** How long it took to get to a turn, where the coach's hand said so, and what that was made of. */
export interface Getting {
  readonly ms: number;
  readonly parts: readonly TimingKey[];
}

/** A turn that was done: for how long, pauses not counted, and by whom as what. */
export interface EndedTurn {
  readonly turn: FloorTurn;
  readonly ms: number;
  /** How far into it the other side was called. */
  readonly switchedMs?: number | undefined;
  readonly getting?: Getting | undefined;
  /** Before the clock would have ended it. */
  readonly early: boolean;
  readonly done: Readonly<Record<string, LaneWork>>;
}

/** Where a class stands. Never changed in place. */
export interface Run {
  readonly plan: FloorPlan;
  readonly status: 'ready' | 'going' | 'paused' | 'ended';
  /** What is done and to be done, in order. */
  readonly turns: readonly FloorTurn[];
  /** Which of them is next, while everybody gets there or rests, or is under way. Past the last: the rest a clock still asks. */
  readonly at: number;
  readonly phase: 'gap' | 'work';
  /** When the phase began, pauses taken out; as of the last start. */
  readonly since: number;
  /** The coach began it, and not the clock. */
  readonly byKey: boolean;
  /** How far into the phase, while it does not go. */
  readonly heldMs: number;
  /** How far into a set that is counted the other side was called. */
  readonly switchedMs?: number | undefined;
  /** How the set under way was got to. */
  readonly getting?: Getting | undefined;
  /** Rest on top, asked for by the coach. */
  readonly extraMs: number;
  readonly waterMs: number;
  /** All phases before this one. */
  readonly passedMs: number;
  readonly wateredMs: number;
  readonly lanes: Readonly<Record<string, LaneState>>;
  readonly ended: readonly EndedTurn[];
  /** By turn and person, see `noteKey`. */
  readonly notes: Readonly<Record<string, SetNote>>;
  /** As it stood before the last event. */
  readonly before?: Run | undefined;
}

/** Into a set by less than this, "back" means the set before. Common practice of players of any kind. */
const BACK_MS = 3000;
const MOST_SETS = 20;
/** Between two blocks everybody looks up. Common practice, no published source. */
const BETWEEN_BLOCKS_MS = 5000;

export function noteKey(turnId: string, participantId: string): string {
  return `${turnId} ${participantId}`;
}

/**
 * A class before it begins: everybody here.
 *
 * @param plan see `floorPlan`
 * @param absent who is not
 * @example startRun(plan).status // 'ready'
 */
export function startRun(plan: FloorPlan, absent: readonly string[] = []): Run {
  return {
    plan,
    status: 'ready',
    turns: turnsOf(plan),
    at: 0,
    phase: 'gap',
    since: 0,
    byKey: false,
    heldMs: 0,
    extraMs: 0,
    waterMs: 0,
    passedMs: 0,
    wateredMs: 0,
    lanes: Object.fromEntries(
      plan.lanes.map(({ participantId, works }) => [
        participantId,
        { here: !absent.includes(participantId), works, ways: {}, stopped: [] },
      ]),
    ),
    ended: [],
    notes: {},
  };
}

export function blockOf({ plan }: Run, { blockId }: FloorTurn): FloorBlock | undefined {
  return plan.blocks.find(({ id }) => id === blockId);
}

/** What somebody does in a turn as things stand; undefined for who is away, is stopped, or has no such set. */
export function doesIn(
  run: Run,
  participantId: string,
  turn: FloorTurn | undefined,
): { work: LaneWork; set: LaneSet } | undefined {
  const lane = run.lanes[participantId];
  if (!turn || !lane?.here || lane.stopped === 'everything' || lane.stopped.includes(turn.slotId))
    return undefined;
  const work = lane.works[turn.slotId];
  const set = setIn(work, turn);
  const current = run.phase === 'work' && run.turns[run.at]?.id === turn.id;
  return work && set && { work, set: current ? switchedAt(set, run.switchedMs) : set };
}

/** Everybody who does a turn, with what. */
export function doersOf(run: Run, turn: FloorTurn | undefined) {
  return Object.keys(run.lanes).flatMap((participantId) => {
    const does = doesIn(run, participantId, turn);
    return does ? [{ participantId, ...does }] : [];
  });
}

/** How long the phase takes: as the clock says, or as the slowest of those present are thought to take. */
export function phaseMs(run: Run): number {
  const turn = run.turns[run.at];
  const doers = doersOf(run, turn);
  if (run.phase === 'work') {
    const led = turn && leads(run, turn) ? doers.filter(({ set }) => set.clocked) : doers;
    return Math.max(0, ...led.map(({ set }) => setMs(set)));
  }
  const last = run.ended.at(-1);
  if (!turn) return restOwed(run);
  if (doers.length === 0) return 0;
  const more = run.extraMs + run.waterMs;
  if (!last) return run.plan.rules.leadInMs + more;
  const rest = restOwed(run);
  const sameBlock = last.turn.blockId === turn.blockId;
  if (sameBlock && leads(run, turn)) return rest + more;
  const change = Math.max(
    ...doers.map(({ participantId, work }) =>
      changeMs(run.lanes[participantId]?.station, work.station, run.plan),
    ),
  );
  return Math.max(rest, change, sameBlock ? 0 : BETWEEN_BLOCKS_MS) + more;
}

/** The longest rest that any of those present is owed before what comes, in milliseconds. */
export function restOwed(run: Run): number {
  const last = run.ended.at(-1);
  const block = last && blockOf(run, last.turn);
  if (!block) return 0;
  const { turn, done } = last;
  const sameBlock = run.turns[run.at]?.blockId === turn.blockId;
  const owed = Object.entries(done).flatMap(([participantId, work]) => {
    const set = setIn(work, turn);
    return set && run.lanes[participantId]?.here ? [restOwedMs(block, turn, work, set, sameBlock)] : [];
  });
  return Math.max(0, ...owed);
}

/** Whether the class's clock leads a turn: it waits for nobody, and ends the set of whoever counts among those who do not. */
function leads(run: Run, turn: FloorTurn): boolean {
  const block = blockOf(run, turn);
  return block !== undefined && factsOf(block).clocked && doersOf(run, turn).some(({ set }) => set.clocked);
}

/** Whether the phase ends by the clock; a counted set is ended by the coach. */
export function endsByItself(run: Run): boolean {
  if (run.phase === 'gap' || run.plan.rules.counted === 'estimate') return true;
  const turn = run.turns[run.at];
  return turn === undefined || leads(run, turn) || doersOf(run, turn).every(({ set }) => set.clocked);
}

/** How far into the phase it is, never less than nothing. */
export function elapsedMs(run: Run, now: number): number {
  return run.status === 'going' ? Math.max(0, now - run.since) : run.heldMs;
}

/** The phase after this one, begun at a time: by the clock, or by the coach’s key. */
export function nextPhase(run: Run, at: number, byKey = false): Run {
  const ms = elapsedMs({ ...run, status: 'going' }, at);
  const passed: Run = {
    ...run,
    since: at,
    byKey,
    heldMs: 0,
    extraMs: 0,
    waterMs: 0,
    switchedMs: undefined,
    getting: undefined,
    passedMs: run.passedMs + ms,
  };
  const turn = run.turns[run.at];
  if (!turn) return { ...passed, status: 'ended' };
  const doers = doersOf(run, turn);
  if (run.phase === 'gap')
    return doers.length > 0
      ? { ...passed, phase: 'work', getting: gettingSeen(run, ms, byKey) }
      : withWater({ ...passed, at: run.at + 1 });
  const done = Object.fromEntries(doers.map(({ participantId, work }) => [participantId, work]));
  const lanes = { ...run.lanes };
  for (const { participantId, work } of doers) {
    const lane = lanes[participantId];
    if (lane) lanes[participantId] = { ...lane, station: work.station };
  }
  const early = endsByItself(run) && ms < phaseMs(run);
  return withWater({
    ...passed,
    at: run.at + 1,
    phase: 'gap',
    lanes,
    ended:
      doers.length > 0
        ? [...run.ended, { turn, ms, early, done, switchedMs: run.switchedMs, getting: run.getting }]
        : run.ended,
  });
}

/**
 * What a way to the next set tells of how long such a way takes: the coach ended it early, or gave more time. What the clock ended,
 * and a rest that was longer than the way, tell nothing.
 */
function gettingSeen(run: Run, ms: number, byKey: boolean): Getting | undefined {
  const turn = run.turns[run.at];
  if (!turn || run.ended.length === 0 || !(byKey || run.extraMs > 0)) return undefined;
  const ways = doersOf(run, turn).flatMap(({ participantId, work }) => {
    const from = run.lanes[participantId]?.station;
    return from
      ? [{ parts: partsBetween(from, work.station), usualMs: changeMs(from, work.station, run.plan) }]
      : [];
  });
  const longest = ways.sort((a, b) => b.usualMs - a.usualMs)[0];
  const took = ms - run.waterMs;
  if (!longest || longest.parts.length === 0 || took <= 0) return undefined;
  const told = took < longest.usualMs || restOwed(run) <= longest.usualMs;
  return told ? { ms: took, parts: longest.parts } : undefined;
}

/** With a break for water where it is time for one and a block begins. */
function withWater(run: Run): Run {
  const { waterEveryMs, waterMs } = run.plan.rules;
  const begins = run.turns[run.at - 1]?.blockId !== run.turns[run.at]?.blockId && run.at < run.turns.length;
  if (!waterEveryMs || !begins || run.passedMs - run.wateredMs < waterEveryMs) return run;
  return { ...run, waterMs, wateredMs: run.passedMs };
}

/**
 * A run as it stands at a time: what the clock ends by itself has ended.
 *
 * @param run as it stood
 * @param now in milliseconds of the clock of its events
 * @example advance(run, now).phase // 'work'
 */
export function advance(run: Run, now: number): Run {
  let current = run;
  while (current.status === 'going' && endsByItself(current)) {
    const end = current.since + phaseMs(current);
    if (now < end) return current;
    current = nextPhase(current, end);
  }
  return current;
}

/**
 * A run after an event. Nothing is done twice or lost: the event comes upon what the clock has done by then, and "undo" brings
 * back what stood before the last event, as it would stand now.
 *
 * @param run before it
 * @param event with its time
 * @example runReducer(startRun(plan), { kind: 'start', at: 0 }).status // 'going'
 */
export function runReducer(run: Run, event: RunEvent): Run {
  const before = advance(run, event.at);
  if (event.kind === 'undo') return before.before ? advance(before.before, event.at) : before;
  const after = apply(before, event);
  return after === before ? before : advance({ ...after, before }, event.at);
}

/**
 * A run from its whole history.
 *
 * @param plan see `floorPlan`
 * @param events in order
 * @example replay(plan, [{ kind: 'start', at: 0 }]).status // 'going'
 */
export function replay(plan: FloorPlan, events: readonly RunEvent[], absent: readonly string[] = []): Run {
  return events.reduce(runReducer, startRun(plan, absent));
}

function apply(run: Run, event: RunEvent): Run {
  const { at: now } = event;
  switch (event.kind) {
    case 'undo':
      return run;
    case 'start':
      return run.status === 'ready' && anybody(run)
        ? { ...run, status: 'going', since: now, heldMs: 0 }
        : run;
    case 'pause':
      return run.status === 'going' ? { ...run, status: 'paused', heldMs: elapsedMs(run, now) } : run;
    case 'goOn':
      return run.status === 'paused' ? { ...run, status: 'going', since: now - run.heldMs } : run;
    case 'end':
      return run.status === 'ended' ? run : { ...run, status: 'ended', heldMs: elapsedMs(run, now) };
    case 'next':
      return steered(run, now, (going) => nextPhase(going, now, true));
    case 'otherSide':
      return hasOtherSide(run) ? { ...run, switchedMs: elapsedMs(run, now) } : run;
    case 'skip':
      return steered(run, now, (going) => skipped(going, now));
    case 'back':
      return steered(run, now, (going) => wentBack(going, now));
    case 'onceMore':
      return onceMore(run);
    case 'cutRound':
      return withoutARound(run);
    case 'moreRest':
      return run.phase === 'gap' && run.status !== 'ended'
        ? { ...run, extraMs: run.extraMs + Math.max(0, event.ms) }
        : run;
    case 'water':
      return run.phase === 'gap' && run.status !== 'ended' && run.at < run.turns.length
        ? { ...run, waterMs: run.waterMs + run.plan.rules.waterMs, wateredMs: run.passedMs }
        : run;
    case 'give':
      return withLane(run, event.participantId, (lane) => ({
        ...lane,
        works: { ...lane.works, [event.work.asked.slotId]: event.work },
        ways: { ...lane.ways, [event.work.asked.slotId]: event.ways },
      }));
    case 'arrive':
      return withLane(run, event.participantId, (lane) => ({ ...lane, here: true }));
    case 'leave':
      return emptied(
        withLane(run, event.participantId, (lane) => ({ ...lane, here: false })),
        now,
      );
    case 'note':
      return noted(run, event.turnId, event.participantId, event.note);
    case 'pain':
      return withLane(
        hurtIn(run, event.turnId, event.participantId, event.pain),
        event.participantId,
        (lane) => ({ ...lane, stopped: stoppedToo(lane.stopped, event.stops) }),
      );
  }
}

/**
 * Whether the coach can call the other side: in a set that is counted and done on one side after the other, once.
 *
 * @param run at any time
 * @example hasOtherSide(run) // true, in the middle of ten lunges each side
 */
export function hasOtherSide(run: Run): boolean {
  const under = run.phase === 'work' && (run.status === 'going' || run.status === 'paused');
  if (!under || run.switchedMs !== undefined || endsByItself(run)) return false;
  return doersOf(run, run.turns[run.at]).some(({ set }) => !set.clocked && set.stretchesMs.length > 1);
}

function anybody({ lanes }: Run): boolean {
  return Object.values(lanes).some(({ here }) => here);
}

/** With nobody there the clock stands until somebody comes and the coach goes on. */
function emptied(run: Run, now: number): Run {
  if (anybody(run) || run.status !== 'going') return run;
  return { ...run, status: 'paused', heldMs: elapsedMs(run, now) };
}

/** Only what is under way is steered; what was paused stays paused, at the beginning of where it was steered to. */
function steered(run: Run, now: number, change: (going: Run) => Run): Run {
  if (run.status === 'ready' || run.status === 'ended') return run;
  const going: Run = { ...run, status: 'going', since: now - elapsedMs(run, now) };
  const after = change(going);
  if (after === going) return run;
  return run.status === 'paused' && after.status === 'going'
    ? { ...after, status: 'paused', heldMs: elapsedMs(after, now) }
    : after;
}

/** Past a set that is not done. A rest goes on, so that nobody waits twice. */
function skipped(run: Run, now: number): Run {
  if (run.at >= run.turns.length) return run;
  const since = run.phase === 'gap' ? run.since : now;
  return { ...run, at: run.at + 1, phase: 'gap', since, byKey: false, heldMs: 0, switchedMs: undefined };
}

/** The set again from its beginning, or the one before it; what was done of it is done anew. */
function wentBack(run: Run, now: number): Run {
  const again = run.phase === 'work' && elapsedMs(run, now) > BACK_MS;
  const at = again ? run.at : run.at - 1;
  const turn = run.turns[at];
  if (!turn) return { ...run, since: now };
  const ended = run.ended.filter((one) => one.turn.id !== turn.id);
  return {
    ...run,
    at,
    phase: 'work',
    since: now,
    byKey: true,
    heldMs: 0,
    extraMs: 0,
    waterMs: 0,
    switchedMs: undefined,
    getting: undefined,
    ended,
  };
}

/** One more set of what was done last, or is under way, for whoever did it. */
function onceMore(run: Run): Run {
  const of = run.turns[run.phase === 'work' ? run.at : run.at - 1];
  if (!of || run.status === 'ended') return run;
  const set = 1 + Math.max(...run.turns.filter(({ slotId }) => slotId === of.slotId).map((turn) => turn.set));
  if (set > MOST_SETS) return run;
  const at = run.phase === 'work' ? run.at + 1 : run.at;
  const more: FloorTurn = { ...of, id: turnId(of.slotId, set), set, again: of.again ?? of.set };
  return { ...run, turns: [...run.turns.slice(0, at), more, ...run.turns.slice(at)] };
}

/** Without the last round of the block on the floor that is not begun; of straight sets without the last set. */
function withoutARound(run: Run): Run {
  const current = run.turns[run.at];
  const block = current && blockOf(run, current);
  if (!current || !block) return run;
  const grouped = factsOf(block).grouped;
  const begun = run.phase === 'work' ? run.at + 1 : run.at;
  const ahead = run.turns
    .slice(begun)
    .filter(({ blockId, slotId }) => blockId === block.id && (grouped || slotId === current.slotId));
  const rounds = run.turns.slice(0, begun).filter(({ blockId }) => blockId === block.id);
  const last = Math.max(0, ...ahead.map(({ round }) => round));
  // A round that somebody is in the middle of is done to its end.
  if (last === 0 || (grouped && rounds.some(({ round }) => round === last))) return run;
  const gone = new Set(ahead.filter(({ round }) => round === last).map(({ id }) => id));
  const turns = run.turns.filter(({ id }) => !gone.has(id));
  return {
    ...run,
    turns: turns.map((turn) =>
      turn.blockId === block.id ? { ...turn, of: Math.max(turn.round, turn.of - 1) } : turn,
    ),
  };
}

function withLane(run: Run, participantId: string, change: (lane: LaneState) => LaneState): Run {
  const lane = run.lanes[participantId];
  return lane ? { ...run, lanes: { ...run.lanes, [participantId]: change(lane) } } : run;
}

function noted(run: Run, turnId: string, participantId: string, note: SetNote): Run {
  const key = noteKey(turnId, participantId);
  return { ...run, notes: { ...run.notes, [key]: { ...run.notes[key], ...note } } };
}

/** Pain before a set is over ends it for who has it: how many they did only a number says, and until then it is none. */
function hurtIn(run: Run, turnId: string, participantId: string, pain: Pain): Run {
  const over = run.ended.some(({ turn, done }) => turn.id === turnId && done[participantId]);
  const { amount, sides } = run.notes[noteKey(turnId, participantId)] ?? {};
  const unsaid = !over && amount === undefined && !sides;
  return noted(run, turnId, participantId, { pain, ...(unsaid && { amount: 0 }) });
}

function stoppedToo(stopped: LaneState['stopped'], more: LaneState['stopped']): LaneState['stopped'] {
  if (stopped === 'everything' || more === 'everything') return 'everything';
  return [...new Set([...stopped, ...more])];
}
