import { amountLike, type Amount, type DrayDocument } from '../model';
import { tierSteps } from '../ladder';
import { catalogOf } from '../library';
import type { CellLoad, ReadyCell } from '../resolve';
import type { BoardQuery, Resolver } from './resolver';

/** What to do instead where a cell is too hard or too easy today. */
export type SideStep =
  /** The same version with another load that the kit makes. */
  | { readonly kind: 'load'; readonly load: CellLoad }
  /** One rung down or up, as it would be begun with. */
  | { readonly kind: 'version'; readonly cell: ReadyCell }
  /** The same with so many in each set: nothing else is near enough. */
  | { readonly kind: 'amount'; readonly amount: Amount };

export interface EitherSide {
  readonly easier?: SideStep | undefined;
  /** Absent where nothing should be added today: pain, a caution that acts, a lighter week, all-out work. */
  readonly harder?: SideStep | undefined;
}

/** No further in one step than a usual week's growth, and down by so much at least that it is felt. Common practice, no published source. */
const MOST_UP = 1.1;
const LEAST_DOWN = 0.9;
/** Two more of ten, five seconds more of thirty: what a set that was too easy takes. Common practice, no published source. */
const MORE_REPS = 2;
const MORE_SECONDS = 5;
const SAME_KG = 0.005;

/**
 * One step either side of a cell, with the kit and the cautions of its person: for the day on which it is too hard or too easy.
 *
 * @param document with everything in it
 * @param cell as it stands on the card
 * @param query which session and week it is of
 * @param resolver to work it out with
 * @example eitherSide(document, cell, query, resolver).easier // { kind: 'load', load: { kg: 8, … } }
 */
export function eitherSide(
  document: DrayDocument,
  cell: ReadyCell,
  query: BoardQuery,
  resolver: Resolver,
): EitherSide {
  const loads = cell.load
    ? resolver.loads(document, { participantId: cell.participantId, sessionId: query.sessionId }, cell)
    : [];
  const kg = cell.load?.kg ?? 0;
  const below = loads.filter((load) => load.kg < kg - SAME_KG);
  const lighter = below.findLast((load) => load.kg <= kg * LEAST_DOWN);
  const heavier = loads.find((load) => load.kg > kg + SAME_KG);
  const asLoad = (load: (typeof loads)[number] | undefined): SideStep | undefined =>
    load && cell.load && { kind: 'load', load: { kg: load.kg, hold: cell.load.hold, recipe: load.recipe } };
  const down =
    asLoad(lighter) ?? rungAway(document, cell, query, resolver, -1) ?? asLoad(below[0]) ?? fewer(cell);
  if (!mayGrowToday(cell)) return { easier: down };
  const up =
    asLoad(heavier && heavier.kg <= kg * MOST_UP ? heavier : undefined) ??
    (cell.load ? undefined : rungAway(document, cell, query, resolver, 1)) ??
    more(cell);
  return { easier: down, harder: up };
}

/** One step easier or harder than what stands. */
export type StepWay = keyof EitherSide;

/**
 * A cell after steps to its easier or harder side, one after the other; a step that cannot be taken changes nothing.
 *
 * @param document with everything in it
 * @param cell as it stands on the card
 * @param ways which side each step goes to
 * @param query which session and week it is of
 * @param resolver to work it out with
 * @example steppedCell(document, cell, ['easier'], query, resolver).load?.kg // 8, where the card says 10
 */
export function steppedCell(
  document: DrayDocument,
  cell: ReadyCell,
  ways: readonly StepWay[],
  query: BoardQuery,
  resolver: Resolver,
): ReadyCell {
  return ways.reduce((current, way) => {
    const step = eitherSide(document, current, query, resolver)[way];
    return step ? withStep(current, step) : current;
  }, cell);
}

/** One step is a usual week's growth; more is no matter of an evening. Common practice, no published source. */
const MOST_STEPS_UP = 1;

/**
 * Whether one more step may be taken in an evening: down as often as it is asked for, up once beyond what the card says.
 *
 * @param ways steps that were taken
 * @param way the next
 * @example mayStep(['harder'], 'harder') // false
 */
export function mayStep(ways: readonly StepWay[], way: StepWay): boolean {
  const up = ways.reduce((steps, taken) => steps + (taken === 'harder' ? 1 : -1), 0);
  return way === 'easier' || up < MOST_STEPS_UP;
}

function withStep(cell: ReadyCell, step: SideStep): ReadyCell {
  const { eachSet: _, ...rest } = cell;
  switch (step.kind) {
    case 'load':
      return { ...rest, load: step.load };
    case 'version':
      // As many sets as everybody else does.
      return { ...step.cell, work: { ...step.cell.work, sets: cell.work.sets } };
    case 'amount':
      return { ...rest, work: { ...cell.work, ...step.amount } };
  }
}

/**
 * Nothing is added on a day when something hurts or is held back, when a caution has a word to say of it, or when all there was is
 * asked for already.
 */
function mayGrowToday({ trace, planned, warnings }: ReadyCell): boolean {
  if (planned.work.kind === 'most' || warnings.length > 0) return false;
  return !trace.some(
    (reason) =>
      reason.kind === 'hurt' ||
      reason.kind === 'lighterWeek' ||
      reason.kind === 'againstCaution' ||
      reason.kind === 'heldByCaution' ||
      (reason.kind === 'cautioned' && reason.acted),
  );
}

/** The next rung of its ladder in a direction that the person may do and the kit allows, as it would be begun with. */
function rungAway(
  document: DrayDocument,
  { version, participantId, slotId, tier }: ReadyCell,
  query: BoardQuery,
  resolver: Resolver,
  step: 1 | -1,
): SideStep | undefined {
  const participant = document.participants.find(({ id }) => id === participantId);
  const { ladderId, rung } = version;
  if (!participant || ladderId === undefined || !rung) return undefined;
  const rungs = catalogOf(document).ladders.get(ladderId)?.rungs ?? [];
  const next = rungs[rungs.findIndex(({ id }) => id === rung.id) + step];
  if (!next) return undefined;
  const there = { ...participant, rungs: { ...participant.rungs, [ladderId]: next.id } };
  const cell = resolver.begin(document, { ...query, slotId, participant: there });
  if (cell?.status !== 'ready' || cell.version.rung?.id !== next.id) return undefined;
  // A rung above one's tier is a coach's decision, not one of an evening.
  if (step === 1 && tierSteps(cell.version.tier ?? tier, tier) > 0) return undefined;
  if (step === 1 || !cell.load) return { kind: 'version', cell };
  // A lower rung with something new in the hands is not sure to be easier.
  return cell.version.exercise.loading?.required ? undefined : { kind: 'version', cell: unloaded(cell) };
}

function unloaded({ load: _, eachSet: __, ...cell }: ReadyCell): ReadyCell {
  return cell;
}

function fewer({ work, planned }: ReadyCell): SideStep | undefined {
  // As many as possible is as few as that day allows.
  if (planned.work.kind === 'most') return undefined;
  const amount = work.kind === 'reps' ? work.amount - MORE_REPS : work.amount - MORE_SECONDS;
  return amount > 0 ? { kind: 'amount', amount: amountLike(work, amount) } : undefined;
}

function more({ work }: ReadyCell): SideStep | undefined {
  // The class's clock is not one person's.
  if (work.kind === 'time') return undefined;
  const amount = work.kind === 'reps' ? work.amount + MORE_REPS : work.amount + MORE_SECONDS;
  return { kind: 'amount', amount: amountLike(work, amount) };
}
