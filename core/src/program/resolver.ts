import type { DrayDocument, Kit, LogEntry, Participant, Program, Session } from '../model';
import { ownedFrom, type SharedLoads } from '../kit';
import type { Catalog, RankedSubstitute } from '../ladder';
import { catalogOf } from '../library';
import { restAfter, slotLetters, slotName } from '../plan';
import { alternativesFor, type Cell } from '../resolve';
import { strengthBook } from '../strength';
import type { MassUnit } from '../units';
import { doneSets } from './done-sets';
import { NotInDocumentError, type Board, type BoardColumn, type Card } from './board';
import { logIndex, personFacts } from './log-index';
import { cellsOf, sameItems, type PersonCache, type RowJob, type SlotJob } from './person-weeks';
import { placeInProgram, programOf, schemeOf, weeksOf } from './schedule';

export interface BoardQuery {
  readonly sessionId: string;
  /** From 1. */
  readonly week: number;
  /** The reader's unit in sentences; the document's own when absent. */
  readonly unit?: MassUnit;
}

export interface CardQuery {
  readonly participantId: string;
  readonly sessionId: string;
  readonly week: number;
  /** Instead of the person's own. */
  readonly unit?: MassUnit;
}

/**
 * Resolves boards and cards of documents, and keeps what it worked out for as long as what it came from stays the
 * same. Documents are never changed in place, so "the same" is identity: a cell is worked out again only when its
 * participant, slot, block's rest, scheme, kits, overrides or log entries are other objects than before.
 */
export interface Resolver {
  readonly board: (document: DrayDocument, query: BoardQuery) => Board;
  readonly card: (document: DrayDocument, query: CardQuery) => Card;
  readonly alternatives: (
    document: DrayDocument,
    cell: Cell,
    query: BoardQuery,
  ) => readonly RankedSubstitute[];
}

const NONE: readonly never[] = [];

/**
 * A resolver over the library that ships with the document's own beside it.
 *
 * @param today the day it is, as an ISO date: weeks that are over without a log were missed. Without it only weeks after
 *   which something was logged are over
 */
export function createResolver(today?: () => string): Resolver {
  const people = new Map<string, PersonCache>();
  const sets = new Map<string, { kits: readonly Kit[]; loads: SharedLoads }>();

  /** One store of loads for everybody with the same kits. */
  function sharedLoads(kits: readonly Kit[]): SharedLoads {
    const key = kits.map(({ id }) => id).join(' ');
    const known = sets.get(key);
    if (known && sameItems(known.kits, kits)) return known.loads;
    const fresh = { kits, loads: new Map() };
    sets.set(key, fresh);
    return fresh.loads;
  }

  function personCache(
    participant: Participant,
    { catalog, kits, history, asOf }: Circumstances,
  ): PersonCache {
    const known = people.get(participant.id);
    const same =
      known?.participant === participant &&
      known.context.catalog === catalog &&
      known.asOf === asOf &&
      sameItems(known.kits, kits) &&
      sameItems(known.history, history);
    if (same) return known;
    const strength = strengthBook(participant, doneSets(participant, history), catalog, asOf);
    const context = {
      catalog,
      participant,
      owned: ownedFrom(kits, participant, sharedLoads(kits)),
      strength,
    };
    const fresh: PersonCache = {
      participant,
      kits,
      history,
      asOf,
      context,
      chains: new Map(),
      rows: new Map(),
    };
    people.set(participant.id, fresh);
    return fresh;
  }

  function jobs(
    document: DrayDocument,
    session: Session,
    participants: readonly Participant[],
    unit?: MassUnit,
  ) {
    const program = programOf(document, session.id);
    const overrides = groupBy(document.overrides, cellKey);
    const catalog = catalogOf(document);
    const circumstances = circumstancesIn(document, program, catalog);
    const columns = columnsOf(session, catalog);
    const place = placeInProgram(program, session.id);
    const index = logIndex(document.log);
    return {
      columns,
      cells: (participant: Participant, week: number): Cell[] => {
        const slots = columns.map(({ slot, block }): SlotJob => {
          const key = cellKey({ participantId: participant.id, slotId: slot.id });
          return {
            slot,
            restSeconds: restAfter(block, slot.id),
            scheme: schemeOf(slot, program),
            overrides: overrides.get(key) ?? NONE,
            log: index.ofCell(participant.id, slot.id),
          };
        });
        const job: RowJob = {
          person: personCache(participant, circumstances(participant)),
          sessionId: session.id,
          slots,
          unit: unit ?? document.settings.unit,
          program,
          place,
          facts: personFacts(document, program, session.id, participant.id, { catalog, today: today?.() }),
        };
        return cellsOf(job, week);
      },
      participants,
    };
  }

  return {
    board(document, { sessionId, week, unit }) {
      const session = sessionOf(document, sessionId);
      const weeks = weeksOf(document, sessionId);
      checkWeek(week, weeks);
      const { columns, cells, participants } = jobs(document, session, document.participants, unit);
      const rows = participants.map((participant) => ({ participant, cells: cells(participant, week) }));
      return { session, week, weeks, columns, rows };
    },

    card(document, { participantId, sessionId, week, unit }) {
      const session = sessionOf(document, sessionId);
      const participant = document.participants.find(({ id }) => id === participantId);
      if (!participant) throw new NotInDocumentError('participant', participantId);
      const weeks = weeksOf(document, sessionId);
      checkWeek(week, weeks);
      const { columns, cells } = jobs(document, session, [participant], unit ?? participant.unit);
      return { session, week, weeks, participant, columns, cells: cells(participant, week) };
    },

    alternatives(document, cell, { sessionId, unit }) {
      const participant = document.participants.find(({ id }) => id === cell.participantId);
      const session = sessionOf(document, sessionId);
      const slot = session.blocks.flatMap(({ slots }) => slots).find(({ id }) => id === cell.slotId);
      if (!participant || !slot || cell.status !== 'ready') return NONE;
      const circumstances = circumstancesIn(document, programOf(document, sessionId), catalogOf(document));
      const { context } = personCache(participant, circumstances(participant));
      return alternativesFor(cell, slot, { ...context, unit: unit ?? document.settings.unit });
    },
  };
}

/** What of a document bears on one person, beside themselves. */
interface Circumstances {
  readonly catalog: Catalog;
  readonly kits: readonly Kit[];
  readonly history: readonly LogEntry[];
  readonly asOf: string | undefined;
}

/**
 * Kits by person, and what they logged before the program began: what is logged during it moves the coming weeks
 * through the schemes, and the first week stays what it was.
 */
function circumstancesIn(
  document: DrayDocument,
  program: Program | undefined,
  catalog: Catalog,
): (participant: Participant) => Circumstances {
  const kits = new Map(document.kits.map((kit) => [kit.id, kit]));
  const asOf = program?.startDate;
  const index = logIndex(document.log);
  return ({ id, kitIds }) => ({
    catalog,
    kits: kitIds.flatMap((kitId) => kits.get(kitId) ?? NONE),
    history: index.before(id, asOf),
    asOf,
  });
}

/**
 * Everyone's version of a session in one week.
 *
 * @throws NotInDocumentError for a session or week that is not there
 */
export function resolveBoard(document: DrayDocument, query: BoardQuery): Board {
  return createResolver().board(document, query);
}

/**
 * One person's version of a session in one week, in their own unit.
 *
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

function groupBy<Item>(items: readonly Item[], key: (item: Item) => string): Map<string, Item[]> {
  const groups = new Map<string, Item[]>();
  for (const item of items) {
    const group = groups.get(key(item));
    if (group) group.push(item);
    else groups.set(key(item), [item]);
  }
  return groups;
}
