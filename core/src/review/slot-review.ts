import type { DrayDocument, LogEntry, Participant, Slot } from '../model';
import type { Catalog, RankedSubstitute } from '../ladder';
import type { Evidence } from '../progress';
import type { Cell, ReadyCell } from '../resolve';
import { formatLoad, type MassUnit } from '../units';
import type { Pin, Proposal, ProposalKind } from './proposal';
import { cellInWords, setsInWords } from './set-words';

export interface ReviewQuery {
  readonly sessionId: string;
  /** The week that was done; proposals are for the one after it. */
  readonly week: number;
  readonly unit?: MassUnit;
}

/** All that a single slot's judgement looks at. */
export interface SlotReview {
  readonly document: DrayDocument;
  readonly participant: Participant;
  readonly query: ReviewQuery;
  readonly catalog: Catalog;
  readonly unit: MassUnit;
  readonly slot: Slot;
  readonly name: string;
  readonly letter: string;
  readonly cell: ReadyCell;
  /** What the scheme makes of next week. */
  readonly next: Cell;
  /** This slot's sets in the week. */
  readonly sets: readonly LogEntry[];
  /** Everything this person has logged. */
  readonly log: readonly LogEntry[];
  readonly evidence: Evidence;
  /** What could stand in for it, best first. */
  readonly alternatives: () => readonly RankedSubstitute[];
  /** What another version would be next week, with kit and cautions having their say; undefined when they close it. */
  readonly tryRung: (rungId: string) => ReadyCell | undefined;
}

export function proposal(
  { participant, slot, query, name, letter, cell, next: { week: forWeek }, sets, unit }: SlotReview,
  kind: ProposalKind,
  reason: string,
  pin: Pin,
  next: ReadyCell | undefined,
  lasting: boolean,
): Proposal {
  return {
    id: `${participant.id} ${slot.id} ${query.week}`,
    kind,
    participantId: participant.id,
    slotId: slot.id,
    sessionId: query.sessionId,
    week: query.week,
    forWeek,
    slotName: name,
    letter,
    evidence: setsInWords(sets, unit),
    reason,
    next: next ? cellInWords(next, unit) : 'nothing',
    pin,
    lasting,
    same: same(cell),
  };
}

/** How a load reads, for the screens that change a pin. */
export function pinInWords({ sets, amount, loadKg }: Pin, unit: MassUnit): string {
  const work = sets !== undefined && amount !== undefined ? `${sets} × ${amount}` : '';
  return [work, ...(loadKg === undefined ? [] : formatLoad(loadKg, unit))].filter(Boolean).join(' with ');
}

/** The same numbers again. */
export function same(cell: ReadyCell): Pin {
  return { sets: cell.work.sets, amount: cell.work.amount, ...(cell.load && { loadKg: cell.load.kg }) };
}
