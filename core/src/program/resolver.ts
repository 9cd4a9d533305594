import {
  kitsOf,
  present,
  type DrayDocument,
  type Participant,
  type Program,
  type Session,
  type Slot,
} from '../model';
import { ownedFrom, type AttainableLoad, type SharedLoads } from '../kit';
import type { Catalog, RankedSubstitute } from '../ladder';
import { catalogOf } from '../library';
import { restAfter, slotLetters, slotName, type Pacing } from '../plan';
import { alternativesFor, loadsFor, resolve, type Cell, type ReadyCell } from '../resolve';
import { strengthBook } from '../strength';
import { groupBy } from '../units';
import { doneSets } from './done-sets';
import { NotInDocumentError, type Board, type BoardColumn, type Card } from './board';
import { logIndex, personFacts, type FactsQuery, type PersonFacts } from './log-index';
import { createMemo } from './memo';
import { cellsOf, type Person, type SessionJob, type SlotJob } from './person-weeks';
import { placeInProgram, programOf, schemeOf, weeksOf } from './schedule';
import { stoppedCells } from './stop-sign';
import { inTurns } from './turns';

export interface BoardQuery {
  readonly sessionId: string;
  /** From 1. */
  readonly week: number;
  /** Which of the session's classes in that week; the first when absent. */
  readonly nth?: number;
}

export interface CardQuery extends BoardQuery {
  readonly participantId: string;
  /** As if the week were a lighter one. */
  readonly lighter?: boolean;
}

/** One slot as someone would begin with it in a week. */
export interface TryQuery extends BoardQuery {
  readonly slotId: string;
  /** The person as they would be: on another rung, with another condition. */
  readonly participant: Participant;
}

/**
 * Resolves boards and cards of documents, and keeps what it worked out for as long as what it came from stays the
 * same. Documents are never changed in place, so "the same" is identity: a cell is worked out again only when its
 * participant, slot, block's rest, scheme, kits, overrides or log entries are other objects than before.
 */
export interface Resolver {
  readonly board: (document: DrayDocument, query: BoardQuery) => Board;
  readonly card: (document: DrayDocument, query: CardQuery) => Card;
  /** What else a cell could be, best first: all of the library that the person can and may do. */
  readonly alternatives: (
    document: DrayDocument,
    cell: Cell,
    query: BoardQuery,
  ) => readonly RankedSubstitute[];
  /** All loads that can be made for a cell, held as it is, lightest first. */
  readonly loads: (
    document: DrayDocument,
    query: Pick<CardQuery, 'participantId' | 'sessionId'>,
    cell: ReadyCell,
  ) => readonly AttainableLoad[];
  /** A slot as someone would begin with it, with nothing set by hand and no week before; undefined when it is not there. */
  readonly begin: (document: DrayDocument, query: TryQuery) => Cell | undefined;
}

const NONE: readonly never[] = [];

/**
 * A resolver over the library that ships with the document's own beside it.
 *
 * @param today the day it is, as an ISO date: weeks that are over without a log were missed. Without it only weeks after
 *   which something was logged are over
 * @example createResolver().board(document, { sessionId: 'tuesday', week: 3 }).rows.length // 6
 */
export function createResolver(today?: () => string): Resolver {
  const memo = createMemo();

  /** What is known of one person, for as long as they, their kits and what they did before are the same. */
  function personIn(document: DrayDocument, program: Program | undefined, participant: Participant): Person {
    const catalog = catalogOf(document);
    const kits = kitsOf(document, participant);
    const asOf = program?.startDate;
    const history = logIndex(document.log).before(participant.id, asOf);
    const inputs = [participant, catalog, asOf, ...kits, null, ...history];
    return memo(`person ${participant.id}`, inputs, () => {
      // One store of loads for everybody with the same kits.
      const key = `loads ${kits.map(({ id }) => id).join(' ')}`;
      const loads = memo<SharedLoads>(key, kits, () => new Map());
      const owned = ownedFrom(kits, participant, loads);
      const strength = strengthBook(participant, doneSets(participant, history), catalog, asOf);
      return { participant, kits, context: { catalog, participant, owned, strength }, memo: createMemo() };
    });
  }

  /** Facts are the same while they say the same: another's log entry changes nothing here. */
  function factsFor(log: DrayDocument['log'], query: FactsQuery): PersonFacts {
    const { program, sessionId, participantId, catalog, overrides, today } = query;
    const key = `${sessionId} ${participantId}`;
    const facts = memo(`facts ${key}`, [log, program, catalog, overrides, today], () =>
      personFacts(log, query),
    );
    return memo(`same facts ${key}`, [facts.key, catalog], () => facts);
  }

  /** The same as long as the session's pace and the class's times are. */
  function pacingOf({ settings }: DrayDocument, { id, pace }: Session): Pacing {
    const perRep = settings.timing?.perRep;
    return memo(`pacing ${id}`, [pace, perRep], () => ({ pace, perRep }));
  }

  /** Everything that bears on a session, ready for any person and week. */
  function cellsIn(document: DrayDocument, session: Session, columns: readonly BoardColumn[]) {
    const program = programOf(document, session.id);
    const overrides = groupBy(document.overrides, cellKey);
    const catalog = catalogOf(document);
    const index = logIndex(document.log);
    const place = placeInProgram(program, session.id);
    const pacing = pacingOf(document, session);
    const planned = (program?.weeks ?? []).flatMap(({ week, lighter }) => (lighter ? [week] : []));
    return (participant: Participant, week: number, lighter = false): readonly Cell[] => {
      const slots = columns.map(({ slot, block }): SlotJob => {
        const key = cellKey({ participantId: participant.id, slotId: slot.id });
        return {
          slot,
          restSeconds: restAfter(block, slot.id),
          pacing,
          scheme: schemeOf(slot, program),
          overrides: overrides.get(key) ?? NONE,
          log: index.ofCell(participant.id, slot.id),
        };
      });
      const facts = {
        program,
        sessionId: session.id,
        participantId: participant.id,
        catalog,
        overrides: document.overrides,
        today: today?.(),
      };
      const job: SessionJob = {
        person: personIn(document, program, participant),
        sessionId: session.id,
        slots,
        program,
        placeInProgram: place,
        facts: factsFor(document.log, facts),
        lighterWeeks: lighter && !planned.includes(week) ? [...planned, week] : planned,
      };
      const cells = cellsOf(job, week);
      const sign = index.stopSign(participant.id);
      if (!sign) return cells;
      return memo(`stopped ${participant.id} ${session.id} ${week}`, [sign, participant, ...cells], () =>
        stoppedCells(cells, sign, { participant, week }),
      );
    };
  }

  function sessionFor(document: DrayDocument, { sessionId, week, nth }: BoardQuery) {
    const turned = inTurns(document, sessionId);
    const session = sessionOf(document, sessionId);
    checkWeek(week, weeksOf(document, sessionId));
    const columns = columnsOf(session, catalogOf(document));
    const weeks = weeksOf(turned.document, sessionId);
    const turn = turned.turnOf(week, nth);
    const work = cellsIn(turned.document, session, columns);
    // A cell says the week it was asked for, by whatever it was counted.
    const cells = (participant: Participant, lighter?: boolean) => {
      const cells = work(participant, turn, lighter);
      return turn === week ? cells : cells.map((cell) => ({ ...cell, week }));
    };
    return { session, weeks, columns, cells };
  }

  return {
    board(document, query) {
      const { week } = query;
      const { session, weeks, columns, cells } = sessionFor(document, query);
      const rows = present(document.participants).map((participant) => ({
        participant,
        cells: cells(participant),
      }));
      return { session, week, weeks, columns, rows };
    },

    card(document, query) {
      const { participantId, week, lighter } = query;
      const participant = document.participants.find(({ id }) => id === participantId);
      if (!participant) throw new NotInDocumentError('participant', participantId);
      const { session, weeks, columns, cells } = sessionFor(document, query);
      return { session, week, weeks, participant, columns, cells: cells(participant, lighter) };
    },

    alternatives(document, cell, { sessionId }) {
      const participant = document.participants.find(({ id }) => id === cell.participantId);
      const session = sessionOf(document, sessionId);
      const slot = slotIn(session, cell.slotId);
      if (!participant || !slot || cell.status !== 'ready') return NONE;
      const { context } = personIn(document, programOf(document, sessionId), participant);
      return alternativesFor(cell, slot, { ...context, pacing: pacingOf(document, session) });
    },

    loads(document, { participantId, sessionId }, { load, version }) {
      const participant = document.participants.find(({ id }) => id === participantId);
      if (!participant || !load) return NONE;
      const { context } = personIn(document, programOf(document, sessionId), participant);
      return loadsFor(version, load.hold, context.owned);
    },

    begin(document, { participant, sessionId, slotId, week }) {
      const session = sessionOf(document, sessionId);
      const slot = slotIn(session, slotId);
      const block = session.blocks.find(({ slots }) => slots.some(({ id }) => id === slotId));
      const known = document.participants.find(({ id }) => id === participant.id);
      if (!slot || !block || !known) return undefined;
      const { context } = personIn(document, programOf(document, sessionId), known);
      const pacing = pacingOf(document, session);
      const restSeconds = restAfter(block, slotId);
      return resolve(slot, { ...context, pacing, participant, week, restSeconds });
    },
  };
}

function slotIn({ blocks }: Session, slotId: string): Slot | undefined {
  return blocks.flatMap(({ slots }) => slots).find(({ id }) => id === slotId);
}

/**
 * Everyone's version of a session in one week.
 *
 * @param document with everything in it
 * @param query which session and week
 * @example resolveBoard(document, { sessionId: 'tuesday', week: 1 }).rows[0]?.cells[0]?.status // 'ready'
 * @throws NotInDocumentError for a session or week that is not there
 */
export function resolveBoard(document: DrayDocument, query: BoardQuery): Board {
  return createResolver().board(document, query);
}

/**
 * One person's version of a session in one week.
 *
 * @param document with everything in it
 * @param query whose card, of which session and week
 * @example resolveCard(document, { participantId: 'juno', sessionId: 'tuesday', week: 1 }).cells.length // 8
 * @throws NotInDocumentError for a participant, session or week that is not there
 */
export function resolveCard(document: DrayDocument, query: CardQuery): Card {
  return createResolver().card(document, query);
}

function columnsOf(session: Session, catalog: Catalog): BoardColumn[] {
  const letters = slotLetters(session);
  return session.blocks.flatMap((block) =>
    block.slots.map((slot) => ({
      slot,
      block,
      letter: letters.get(slot.id) ?? '',
      name: slotName(slot, catalog),
    })),
  );
}

function sessionOf(document: DrayDocument, sessionId: string): Session {
  const session = document.sessions.find(({ id }) => id === sessionId);
  if (!session) throw new NotInDocumentError('session', sessionId);
  return session;
}

function checkWeek(week: number, weeks: number): void {
  if (!Number.isInteger(week) || week < 1 || week > weeks) throw new NotInDocumentError('week', String(week));
}

function cellKey({ participantId, slotId }: { participantId: string; slotId: string }): string {
  return `${participantId}\n${slotId}`;
}
