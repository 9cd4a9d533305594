import {
  blockOf,
  doersOf,
  elapsedMs,
  endsByItself,
  laneCues,
  phaseMs,
  setMs,
  signalsIn,
  type CueKind,
  type FloorTurn,
  type Run,
  type SignalKind,
} from '@dray/core/late';
import { BLOCKS, formatSeconds } from '@dray/core';

/** What comes, in three lines that are read at a distance. */
export interface Coming {
  readonly when: string;
  readonly what: string;
  readonly detail: string;
}

/** The middle of the floor, in words and numbers that are read from five metres. */
export interface StageView {
  readonly phase: 'ready' | 'gap' | 'work' | 'ended';
  readonly block: string;
  readonly move: string;
  readonly over: string;
  readonly title: string;
  /** The time that is left, or the count that is asked. */
  readonly big: string;
  readonly unit: string;
  /** How much of the stretch has passed, from 0 to 1, and where its half or its change of sides is. */
  readonly share: number;
  readonly mark: number | undefined;
  /** A set that the coach ends has taken longer than it was thought to. */
  readonly late: boolean;
  readonly coming: readonly Coming[];
  /** What was just heard, so that it is seen. */
  readonly seen: SignalKind | undefined;
}

/** How long what was heard is seen too. */
const SEEN_MS = 700;
const MS = 1000;

const OVER: Partial<Record<CueKind, string>> = {
  up: $localize`up from the floor`,
  down: $localize`down to the floor`,
  change: $localize`get ready for`,
  rest: $localize`rest, then`,
  activeRest: $localize`keep moving, then`,
  water: $localize`water, then`,
  ready: $localize`ready`,
};

/** The clock of a countdown: it says 0:03 until the third second from the end has begun, and 0:00 never. */
export function countdown(ms: number): string {
  const seconds = Math.ceil(Math.max(0, ms) / MS);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

export function nameOf(run: Run, turn: FloorTurn | undefined): string {
  return blockOfTurn(run, turn)?.slots.find(({ id }) => id === turn?.slotId)?.name ?? '';
}

function blockOfTurn(run: Run, turn: FloorTurn | undefined) {
  return turn && blockOf(run, turn);
}

/** "10", "8–12" where people do different numbers, and what is counted. */
function countOf(run: Run, turn: FloorTurn): { readonly big: string; readonly unit: string } {
  const sets = doersOf(run, turn).map(({ work }) => ({
    open: work.open,
    amount: (work.asked.sets[turn.set - 1] ?? work.asked.beyond).amount,
    counted: work.asked.counted,
    sides: work.sets[0]?.stretchesMs.length ?? 1,
  }));
  const amounts = sets.filter(({ open }) => !open).map(({ amount }) => amount);
  if (amounts.length === 0) return { big: $localize`max`, unit: '' };
  const [least, most] = [Math.min(...amounts), Math.max(...amounts)];
  const side = sets.every(({ sides }) => sides > 1) ? $localize`each side` : '';
  return { big: least === most ? `${most}` : `${least}–${most}`, unit: side || $localize`reps` };
}

/** The side that most of those who work are on. */
function sideOf(run: Run, into: number): string {
  const sides = Object.keys(run.lanes).flatMap(
    (participantId) =>
      laneCues(run, participantId).find(({ start, end }) => start <= into && into < end)?.side ?? [],
  );
  // Where some work with both, no side is called for all.
  if (sides.length === 0 || sides.length < doersOf(run, run.turns[run.at]).length) return '';
  return sides.filter((side) => side === 'left').length * 2 >= sides.length
    ? $localize`left side`
    : $localize`right side`;
}

export function stageView(run: Run, now: number): StageView {
  const turn = run.turns[run.at];
  const into = elapsedMs(run, now);
  const length = phaseMs(run);
  const left = length - into;
  const block = blockOfTurn(run, turn ?? run.ended.at(-1)?.turn);
  const turned = turn ?? run.turns.at(-1);
  const frame = {
    block: [
      block && BLOCKS[block.kind].name,
      turned &&
        turned.of > 1 &&
        (block && BLOCKS[block.kind].grouped
          ? $localize`round ${turned.round} of ${turned.of}`
          : $localize`set ${turned.round} of ${turned.of}`),
    ]
      .filter(Boolean)
      .join(' · '),
    move: $localize`move ${Math.min(run.at + 1, run.turns.length)} of ${run.turns.length}`,
    coming: comingAfter(run),
    seen:
      run.status === 'going'
        ? signalsIn(run).findLast(({ at }) => at <= into && into - at < SEEN_MS)?.kind
        : undefined,
  };
  if (run.status === 'ended')
    return {
      ...frame,
      phase: 'ended',
      over: '',
      title: $localize`Done`,
      big: '',
      unit: '',
      share: 1,
      mark: undefined,
      late: false,
    };
  if (run.phase === 'gap') {
    const cue = mostCommonCue(run, into);
    return {
      ...frame,
      phase: run.status === 'ready' ? 'ready' : 'gap',
      over: turn ? (OVER[cue] ?? $localize`rest, then`) : $localize`last rest`,
      title: turn ? nameOf(run, turn) : $localize`All done`,
      big: countdown(left),
      unit: '',
      share: length > 0 ? into / length : 1,
      mark: undefined,
      late: false,
    };
  }
  const byClock = endsByItself(run);
  const side = sideOf(run, into);
  const count = turn && !byClock ? countOf(run, turn) : undefined;
  return {
    ...frame,
    phase: 'work',
    over: [side, byClock && into > length / 2 ? $localize`last half` : ''].filter(Boolean).join(' · '),
    title: nameOf(run, turn),
    big: count?.big ?? countdown(left),
    unit: count?.unit ?? '',
    share: length > 0 ? into / length : 0,
    mark: turn ? markOf(run, turn, length) : undefined,
    late: !byClock && into > length,
  };
}

function markOf(run: Run, turn: FloorTurn, length: number): number {
  const [set] = doersOf(run, turn)
    .map((does) => does.set)
    .filter((own) => setMs(own) === length);
  const [first = 0, second] = set?.stretchesMs ?? [];
  return second !== undefined && length > 0 ? first / length : 0.5;
}

function mostCommonCue(run: Run, into: number): CueKind {
  const counts = new Map<CueKind, number>();
  for (const participantId of Object.keys(run.lanes)) {
    const cue = laneCues(run, participantId).find(({ start, end }) => start <= into && into < end);
    if (cue && cue.kind !== 'away' && cue.kind !== 'wait' && cue.kind !== 'stopped')
      counts.set(cue.kind, (counts.get(cue.kind) ?? 0) + 1);
  }
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 'rest';
}

/** The two things after what is on. */
function comingAfter(run: Run): Coming[] {
  const ahead = run.turns.slice(run.at + 1).filter((turn) => doersOf(run, turn).length > 0);
  const [first, second] = ahead;
  const rest = run.phase === 'work' && first ? restAfter(run) : 0;
  const lines: Coming[] = [];
  if (rest > 0)
    lines.push({ when: $localize`then`, what: $localize`Rest ${formatSeconds(rest / MS)}`, detail: '' });
  for (const turn of [first, second].flatMap((one) => one ?? []).slice(0, 2 - lines.length)) {
    const { big, unit } = countOf(run, turn);
    const clocked = doersOf(run, turn).every(({ set }) => set.clocked);
    lines.push({
      when: lines.length === 0 ? $localize`then` : $localize`after that`,
      what: nameOf(run, turn),
      detail: clocked
        ? formatSeconds(Math.max(...doersOf(run, turn).map(({ set }) => setMs(set))) / MS)
        : `${big} ${unit}`.trim(),
    });
  }
  return lines;
}

/** The rest and the way to what comes, were the set to end now. */
function restAfter(run: Run): number {
  const turn = run.turns[run.at];
  if (!turn) return 0;
  const done = Object.fromEntries(doersOf(run, turn).map(({ participantId, work }) => [participantId, work]));
  return phaseMs({
    ...run,
    at: run.at + 1,
    phase: 'gap',
    extraMs: 0,
    waterMs: 0,
    ended: [...run.ended, { turn, ms: 0, early: false, done }],
  });
}
