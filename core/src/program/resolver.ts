import type {
  Block,
  DrayDocument,
  Kit,
  LogEntry,
  Override,
  Participant,
  Program,
  Scheme,
  Session,
  Slot,
} from '../model';
import { ownedFrom, type SharedLoads } from '../kit';
import type { Catalog, RankedSubstitute } from '../ladder';
import { catalogOf } from '../library';
import { restAfter, slotLetters, slotName } from '../plan';
import { evidenceFor, nextAsk, type Evidence } from '../progress';
import {
  alternativesFor,
  doseSlot,
  placeSlot,
  type Cell,
  type PlaceContext,
  type Placement,
  type ReadyCell,
} from '../resolve';
import { strengthBook } from '../strength';
import type { MassUnit } from '../units';
import { doneSets } from './done-sets';
import { NotInDocumentError, type Board, type BoardColumn, type Card } from './board';
import { programOf, schemeOf, weeksOf } from './schedule';

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

/** The weeks of one slot for one person, and what they rest on. */
interface Chain {
  readonly basis: readonly unknown[];
  readonly placements: { readonly override: Override | undefined; readonly placement: Placement }[];
  /** Week 1 first. */
  readonly cells: Cell[];
}

/** What is known of one person: worth keeping while they and their kits are the same objects. */
interface PersonCache {
  readonly participant: Participant;
  readonly kits: readonly Kit[];
  /** What they logged before the program began. */
  readonly history: readonly LogEntry[];
  readonly asOf: string | undefined;
  readonly context: Pick<PlaceContext, 'catalog' | 'participant' | 'owned' | 'strength'>;
  /** By slot and unit. Slots that are gone stay until the person changes: a few, and never asked for again. */
  readonly chains: Map<string, Chain>;
}

const NONE: readonly never[] = [];

/** A resolver over the library that ships with the document's own beside it, or over another catalog. */
export function createResolver(fixed?: Catalog): Resolver {
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
    const fresh = { participant, kits, history, asOf, context, chains: new Map<string, Chain>() };
    people.set(participant.id, fresh);
    return fresh;
  }

  function chainOf(person: PersonCache, { id }: Slot, unit: MassUnit, basis: readonly unknown[]): Chain {
    const key = `${unit} ${id}`;
    const known = person.chains.get(key);
    if (known && sameItems(known.basis, basis)) return known;
    const fresh: Chain = { basis, placements: [], cells: [] };
    person.chains.set(key, fresh);
    return fresh;
  }

  /** Steps 1 to 3, once for the plain answer and once for each override. */
  function placementFor(
    { placements }: Chain,
    slot: Slot,
    override: Override | undefined,
    person: PersonCache,
    unit: MassUnit,
  ): Placement {
    const known = placements.find((placed) => placed.override === override);
    if (known) return known.placement;
    const placement = placeSlot(slot, { ...person.context, unit, override });
    placements.push({ override, placement });
    return placement;
  }

  function cellFor(work: CellJob, week: number): Cell {
    const { person, slot, block, scheme, overrides, log, unit } = work;
    const restSeconds = restAfter(block, slot.id);
    const chain = chainOf(person, slot, unit, [slot, restSeconds, scheme, ...overrides, null, ...log]);
    for (let at = chain.cells.length + 1; at <= week; at += 1) {
      const override = overrides.find(
        ({ fromWeek, toWeek }) => fromWeek <= at && (toWeek === undefined || at <= toWeek),
      );
      const placement = placementFor(chain, slot, override, person, unit);
      const cell = chain.cells[at - 2];
      const last =
        cell?.status === 'ready'
          ? {
              cell,
              ask: nextAsk(
                {
                  cell,
                  prescription: placement.prescription,
                  evidence: evidenceFor(cell, log),
                  before: evidenceBefore(chain.cells[at - 3], cell, log),
                  unit,
                },
                scheme,
              ),
            }
          : undefined;
      chain.cells.push(
        doseSlot(placement, {
          catalog: person.context.catalog,
          participant: person.context.participant,
          owned: person.context.owned,
          strength: person.context.strength,
          unit,
          override,
          week: at,
          restSeconds,
          last,
        }),
      );
    }
    const cell = chain.cells[week - 1];
    if (!cell) throw new NotInDocumentError('week', String(week));
    return cell;
  }

  function jobs(
    document: DrayDocument,
    session: Session,
    participants: readonly Participant[],
    unit?: MassUnit,
  ) {
    const program = programOf(document, session.id);
    const overrides = groupBy(document.overrides, cellKey);
    const log = groupBy(document.log, cellKey);
    const catalog = fixed ?? catalogOf(document);
    const circumstances = circumstancesIn(document, program, catalog);
    const columns = columnsOf(session, catalog);
    return {
      columns,
      cells: (participant: Participant, week: number): Cell[] => {
        const person = personCache(participant, circumstances(participant));
        return columns.map(({ slot, block }) => {
          const key = cellKey({ participantId: participant.id, slotId: slot.id });
          const job: CellJob = {
            person,
            slot,
            block,
            scheme: schemeOf(slot, program),
            overrides: overrides.get(key) ?? NONE,
            log: log.get(key) ?? NONE,
            unit: unit ?? document.settings.unit,
          };
          return cellFor(job, week);
        });
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

    card(document, { participantId, sessionId, week }) {
      const session = sessionOf(document, sessionId);
      const participant = document.participants.find(({ id }) => id === participantId);
      if (!participant) throw new NotInDocumentError('participant', participantId);
      const weeks = weeksOf(document, sessionId);
      checkWeek(week, weeks);
      const { columns, cells } = jobs(document, session, [participant], participant.unit);
      return { session, week, weeks, participant, columns, cells: cells(participant, week) };
    },

    alternatives(document, cell, { sessionId, unit }) {
      const participant = document.participants.find(({ id }) => id === cell.participantId);
      const session = sessionOf(document, sessionId);
      const slot = session.blocks.flatMap(({ slots }) => slots).find(({ id }) => id === cell.slotId);
      if (!participant || !slot || cell.status !== 'ready') return NONE;
      const circumstances = circumstancesIn(
        document,
        programOf(document, sessionId),
        fixed ?? catalogOf(document),
      );
      const { context } = personCache(participant, circumstances(participant));
      return alternativesFor(cell, slot, { ...context, unit: unit ?? document.settings.unit });
    },
  };
}

/** What the week before said, if it was the same work: of another load or version it says nothing here. */
function evidenceBefore(earlier: Cell | undefined, cell: ReadyCell, log: readonly LogEntry[]): Evidence {
  const same =
    earlier?.status === 'ready' &&
    earlier.version.name === cell.version.name &&
    Math.abs((earlier.load?.kg ?? 0) - (cell.load?.kg ?? 0)) < 1e-6;
  return same ? evidenceFor(earlier, log) : { kind: 'assumed' };
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
  const before = asOf === undefined ? document.log : document.log.filter(({ date }) => date < asOf);
  const history = groupBy(before, ({ participantId }) => participantId);
  return ({ id, kitIds }) => ({
    catalog,
    kits: kitIds.flatMap((kitId) => kits.get(kitId) ?? NONE),
    history: history.get(id) ?? NONE,
    asOf,
  });
}

interface CellJob {
  readonly person: PersonCache;
  readonly slot: Slot;
  readonly block: Block;
  readonly scheme: Scheme;
  readonly overrides: readonly Override[];
  readonly log: readonly LogEntry[];
  readonly unit: MassUnit;
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

function sameItems(a: readonly unknown[], b: readonly unknown[]): boolean {
  return a.length === b.length && a.every((item, at) => item === b[at]);
}
