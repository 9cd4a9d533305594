import {
  countedAs,
  type DrayDocument,
  type LogEntry,
  type Participant,
  type Scheme,
  type Slot,
} from '../model';
import { leversMoved, sameVersion, type Catalog, type RankedSubstitute, type Version } from '../ladder';
import type { Evidence } from '../progress';
import type { Reason } from '../reason';
import { asksForMost, type Cell, type CellLoad, type ReadyCell } from '../resolve';
import type { Pin, Proposal, ProposalKind, Way } from './proposal';

export interface ReviewQuery {
  readonly sessionId: string;
  /** The week that was done; proposals are for the one after it. */
  readonly week: number;
}

/** All that a single slot's judgement looks at. */
export interface SlotReview {
  readonly document: DrayDocument;
  readonly participant: Participant;
  readonly query: ReviewQuery;
  readonly catalog: Catalog;
  readonly slot: Slot;
  readonly scheme: Scheme;
  readonly slotName: string;
  readonly letter: string;
  readonly cell: ReadyCell;
  /** What the scheme makes of next week. */
  readonly next: Cell;
  /** Next week as a lighter one. */
  readonly lighterNext: () => Cell;
  /** This slot's sets in the week. */
  readonly sets: readonly LogEntry[];
  /** Everything this person has logged. */
  readonly log: readonly LogEntry[];
  readonly evidence: Evidence;
  /** Everything that could stand in for it, best first. */
  readonly alternatives: () => readonly RankedSubstitute[];
  /** Where the person stands on each ladder by next week. */
  readonly rungs: Participant['rungs'];
  /** The slot as they would begin with it, were they another: on another rung, with another condition. */
  readonly begin: (as: Partial<Participant>) => Cell | undefined;
  /** The heaviest load of the person's kit for the slot that is not above one. */
  readonly loadBelow: (mostKg: number) => CellLoad | undefined;
  /** Next week's cell with this set. */
  readonly withPin: (pin: Pin) => Cell | undefined;
}

/**
 * A way on from a slot's week.
 *
 * @param lasting its version is for good
 * @param kind what it asks
 * @param reasons why
 * @param next what next week's board will say
 * @param pin what is set for it
 * @example wayTo('hold', reasons, next, pinOf(next)).lasting // false
 */
export function wayTo(
  kind: ProposalKind,
  reasons: readonly Reason[],
  next: Cell,
  pin: Pin,
  lasting = false,
): Way {
  return { kind, reasons, next, pin, lasting };
}

/**
 * A way on as the proposal of its slot.
 *
 * @param review of the slot
 * @param way on
 * @param otherWay that may be taken instead
 * @example proposalOf(review, way).id // 'juno tue-squat 3'
 */
export function proposalOf(review: SlotReview, way: Way, otherWay?: Way): Proposal {
  const { participant, slot, query, slotName, letter, next, sets } = review;
  return {
    ...way,
    id: `${participant.id} ${slot.id} ${query.week}`,
    participantId: participant.id,
    slotId: slot.id,
    sessionId: query.sessionId,
    week: query.week,
    forWeek: next.week,
    slotName,
    letter,
    done: sets,
    same: pinStaying(review, review.cell),
    ...(otherWay && { otherWay }),
  };
}

/**
 * The numbers of a cell; of work that could be loaded and is not, that it is not. As many as possible stays as many as possible.
 *
 * @param cell ready
 * @example numbersOf(cell) // { sets: 3, amount: 10, counted: 'reps', loadKg: 12.5 }
 */
export function numbersOf(cell: ReadyCell): Pin {
  const { work, load, version } = cell;
  const loadKg = load?.kg ?? (version.exercise.loading ? 0 : undefined);
  const { sets, amount, kind } = work;
  return {
    sets,
    ...(!asksForMost(cell) && { amount, counted: countedAs(kind) }),
    ...(loadKg !== undefined && { loadKg }),
  };
}

/**
 * What names a version.
 *
 * @param version to be set
 * @example versionPin(gobletSquat) // { rungId: 'squat-goblet' }
 */
export function versionPin(version: Version): Pin {
  const moved = leversMoved(version);
  return {
    ...(version.rung ? { rungId: version.rung.id } : { exerciseId: version.exercise.id }),
    ...(version.rung && Object.keys(moved).length > 0 && { levers: version.levers }),
  };
}

/**
 * A cell of another version than the one at hand, in full.
 *
 * @param cell that is to be
 * @param before the cell of this week
 * @example pinOf(next, cell) // { rungId: 'squat-goblet', sets: 3, amount: 8, loadKg: 12 }
 */
export function pinOf(cell: ReadyCell, before: ReadyCell): Pin {
  return sameVersion(cell.version, before.version)
    ? numbersOf(cell)
    : { ...versionPin(cell.version), ...numbersOf(cell) };
}

/**
 * The numbers of a cell in the version at hand, which is named where the scheme would go to another.
 *
 * @param review of the slot
 * @param cell as next week is to be
 * @example pinStaying(review, cell) // { sets: 3, amount: 10, loadKg: 12.5 }
 */
export function pinStaying({ next }: Pick<SlotReview, 'next'>, cell: ReadyCell): Pin {
  const stays = next.status === 'ready' && sameVersion(next.version, cell.version);
  return stays ? numbersOf(cell) : { ...versionPin(cell.version), ...numbersOf(cell) };
}
