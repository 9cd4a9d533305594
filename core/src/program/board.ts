import type { Block, Participant, Session, Slot } from '../model';
import type { Cell } from '../resolve';

/** One slot of a session as a column of the board. */
export interface BoardColumn {
  readonly slot: Slot;
  readonly block: Block;
  /** "A1"; empty for warm-up and cool-down. */
  readonly letter: string;
  readonly name: string;
}

export interface BoardRow {
  readonly participant: Participant;
  /** One a column, in the same order. */
  readonly cells: readonly Cell[];
}

/** Everyone's version of a session in one week: participants down, slots across. */
export interface Board {
  readonly session: Session;
  readonly week: number;
  readonly weeks: number;
  readonly columns: readonly BoardColumn[];
  readonly rows: readonly BoardRow[];
}

/** One person's version of a session in one week. */
export interface Card {
  readonly session: Session;
  readonly week: number;
  readonly weeks: number;
  readonly participant: Participant;
  readonly columns: readonly BoardColumn[];
  readonly cells: readonly Cell[];
}

/** Thrown when a document does not hold what was asked for. */
export class NotInDocumentError extends Error {
  constructor(
    readonly kind: 'session' | 'participant' | 'week',
    readonly id: string,
  ) {
    super(`There is no ${kind} “${id}” in the document.`);
    this.name = 'NotInDocumentError';
  }
}
