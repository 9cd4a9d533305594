import { patternsOf, type LogEntry, type Pain } from '../model';
import { bearsOn, isStopSign } from '../caution';
import { logAsked, type AskedWork, type LogPlace, type LogWrite, type TypedSet } from '../logging';
import type { Cell } from '../resolve';
import type { LaneWork } from './plan';
import { doesIn, noteKey, type EndedTurn, type Run, type SetNote } from './run';
import { setIn, type FloorTurn } from './turns';

/** Sets of one person in one slot that were done as the same thing: what the log writes at once. */
export interface SetsOnFloor {
  readonly work: AskedWork;
  readonly sets: readonly TypedSet[];
}

/**
 * All that was done in a run, for the log: as it was asked where nobody said otherwise, once a set is over; what somebody said a
 * number of, or that hurt, at once, whether it comes to an end or not. A set that nobody counted is not there where only a number
 * says: it is asked for, and never made up.
 *
 * @param run at any time
 * @example setsOnFloor(run)[0]?.sets // [{ set: 1, amount: 10 }, { set: 2, amount: 8, left: 'nothing' }]
 */
export function setsOnFloor(run: Run): SetsOnFloor[] {
  const found = new Map<LaneWork, TypedSet[]>();
  const add = (work: LaneWork, typed: readonly TypedSet[]) =>
    found.set(work, [...(found.get(work) ?? []), ...typed]);
  const ended = new Map(run.ended.map((one) => [one.turn.id, one]));
  for (const turn of run.turns) {
    const over = ended.get(turn.id);
    for (const [participantId, lane] of Object.entries(run.lanes)) {
      const note = run.notes[noteKey(turn.id, participantId)];
      const done = over?.done[participantId];
      if (over && done) {
        add(done, typedSets(turn, done, note, amountOf(over, done)));
        continue;
      }
      const work = lane.works[turn.slotId];
      const said = note !== undefined && (note.amount !== undefined || note.sides !== undefined);
      if (said && work && setIn(work, turn)) add(work, typedSets(turn, work, note, undefined));
    }
  }
  return [...found].flatMap(([work, sets]) => (sets.length > 0 ? [{ work: work.asked, sets }] : []));
}

/**
 * What the log needs so that it says what a run came to: sets not written yet, sets that differ now, and sets that were taken back.
 * What others wrote stays.
 *
 * @param run at any time
 * @param before what is written of this class: it is put right, set by set
 * @param place where and when
 * @param only whether this run wrote an entry, since only such are taken out again; and which sets changed since the last
 *   writing, since what somebody put right in the log meanwhile stands
 * @example writeRun(run, [], place).put.length // 6, after the first set of six people
 */
export function writeRun(
  run: Run,
  before: readonly LogEntry[],
  place: LogPlace,
  {
    own = () => true,
    changed = () => true,
  }: {
    readonly own?: (entry: LogEntry) => boolean;
    readonly changed?: (work: AskedWork, set: TypedSet) => boolean;
  } = {},
): LogWrite {
  const put: LogEntry[] = [];
  const kept = new Set<string>();
  for (const { work, sets } of setsOnFloor(run)) {
    const known = before.filter(
      (entry) =>
        entry.participantId === work.participantId &&
        entry.slotId === work.slotId &&
        entry.exerciseId === work.exerciseId &&
        entry.rungId === work.rungId &&
        sets.some(({ set, side }) => set === entry.set && side === entry.side),
    );
    const fresh = sets.filter((set) => changed(work, set));
    put.push(...logAsked(work, fresh, known, place).put);
    for (const { id } of known) kept.add(id);
  }
  return { put, gone: before.filter((entry) => own(entry) && !kept.has(entry.id)) };
}

/** What one person did in one turn: one set, one a side where the sides differed, none where it was left out or not counted. */
function typedSets(
  { set }: FloorTurn,
  work: LaneWork,
  note: SetNote = {},
  usual: number | undefined,
): TypedSet[] {
  const { leftOut, sides, amount = usual, ...said } = note;
  if (leftOut) return [];
  // What was held is said set by set: a lighter one from here on changes no set before.
  const asked = work.asked.sets[set - 1] ?? work.asked.beyond;
  const all = { ...(asked.kg !== undefined && { loadKg: asked.kg }), ...said };
  if (sides)
    return [
      { set, amount: sides.left, side: 'left', ...all },
      { set, amount: sides.right, side: 'right', ...all },
    ];
  return amount === undefined ? [] : [{ set, amount, ...all }];
}

/** As asked, or the seconds that were done where a clock was cut short; undefined where only a number says. */
function amountOf({ turn, early, ms }: EndedTurn, work: LaneWork): number | undefined {
  if (work.open) return undefined;
  const { amount } = work.asked.sets[turn.set - 1] ?? work.asked.beyond;
  const set = setIn(work, turn);
  if (!early || !set?.clocked) return amount;
  // Of a minute of reps that was cut short nobody knows how many they were.
  if (work.asked.counted === 'reps') return undefined;
  return Math.min(amount, Math.floor(ms / 1000 / set.stretchesMs.length));
}

/** Sets that still want their number: as many as possible, or reps by a clock that was cut short. */
export interface Uncounted {
  readonly participantId: string;
  readonly turn: FloorTurn;
  readonly work: LaneWork;
}

/**
 * What nobody has counted yet.
 *
 * @param run at any time
 * @example uncounted(run).map(({ participantId }) => participantId) // ['odile']
 */
export function uncounted(run: Run): Uncounted[] {
  return run.ended.flatMap((ended) =>
    Object.entries(ended.done).flatMap(([participantId, work]) => {
      const { amount, sides, leftOut } = run.notes[noteKey(ended.turn.id, participantId)] ?? {};
      const wanted = amountOf(ended, work) === undefined && amount === undefined && !sides && !leftOut;
      return wanted ? [{ participantId, turn: ended.turn, work }] : [];
    }),
  );
}

/**
 * The turn that a remark about somebody is of: the one under way where they do it, or were stopped in it, else the last they did.
 *
 * @example noteTurn(run, 'juno')?.set // 2
 */
export function noteTurn(run: Run, participantId: string): FloorTurn | undefined {
  const current = run.turns[run.at];
  const hurtInIt = current && run.notes[noteKey(current.id, participantId)]?.pain;
  if (run.phase === 'work' && (hurtInIt || doesIn(run, participantId, current))) return current;
  return run.ended.findLast(({ done }) => done[participantId])?.turn ?? (hurtInIt ? current : undefined);
}

/**
 * The turn that pain is written down with: that of any remark, or before anything was done the first they would do.
 *
 * @example painTurn(run, 'juno')?.set // 1, while everybody takes position
 */
export function painTurn(run: Run, participantId: string): FloorTurn | undefined {
  return (
    noteTurn(run, participantId) ??
    run.turns.slice(run.at).find((turn) => doesIn(run, participantId, turn) !== undefined)
  );
}

/** Two sets in a row that ended with form lost or nothing left are a sign to take the quieter version. Common practice. */
const SIGNS_IN_A_ROW = 2;

/**
 * Whether somebody should be offered the quieter version of a slot: twice in a row form was lost, or nothing was left where
 * something was to be.
 *
 * @param run at any time
 * @param participantId who
 * @param slotId of what
 * @example shouldEase(run, 'odile', 'tue-squat') // true
 */
export function shouldEase(run: Run, participantId: string, slotId: string): boolean {
  const last = run.ended
    .filter(({ turn, done }) => turn.slotId === slotId && done[participantId])
    .slice(-SIGNS_IN_A_ROW);
  return (
    last.length === SIGNS_IN_A_ROW &&
    last.every(({ turn, done }) => {
      const { form, left, reserve, leftOut } = run.notes[noteKey(turn.id, participantId)] ?? {};
      const spent = (left === 'nothing' || reserve === 0) && !done[participantId]?.open;
      return !leftOut && (form === 'lost' || spent);
    })
  );
}

/**
 * The slots of a card that are not begun any more today once something hurts: all of the same pattern, all that bear on the place,
 * or everything where it may be the heart.
 *
 * @param cells of the person
 * @param slotId what was done when it hurt
 * @param pain where, and how much
 * @example stoppedBy(cells, 'tue-squat', { place: 'left knee', score: 3 }) // ['tue-squat', 'tue-lunge']
 */
export function stoppedBy(
  cells: readonly Cell[],
  slotId: string,
  { place, score }: Pain,
): readonly string[] | 'everything' {
  if (score === 0) return [];
  if (isStopSign(place)) return 'everything';
  const ready = cells.flatMap((cell) => (cell.status === 'ready' ? [cell] : []));
  const hurt = ready.find((cell) => cell.slotId === slotId);
  const patterns = hurt ? patternsOf(hurt.version.exercise) : [];
  return ready
    .filter(
      ({ slotId: own, version }) =>
        own === slotId ||
        patternsOf(version.exercise).some(
          (pattern) => pattern !== 'mobility' && patterns.includes(pattern),
        ) ||
        bearsOn(place, [...version.demands, ...version.demandsLoaded]),
    )
    .map(({ slotId: own }) => own);
}
