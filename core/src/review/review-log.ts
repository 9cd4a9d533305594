import type { DrayDocument } from '../model';
import { pickLoad } from '../kit';
import { sameVersion } from '../ladder';
import { catalogOf } from '../library';
import {
  createResolver,
  logIndex,
  nextWeekOf,
  personFacts,
  programOf,
  schemeOf,
  type Card,
  type PersonFacts,
  type Resolver,
  type WorkOf,
} from '../program';
import { evidenceFor } from '../progress';
import { cellLoad, type ReadyCell } from '../resolve';
import { curveOf } from '../strength';
import { overridesOf } from './decide';
import { away } from './judge-away';
import { hurt } from './judge-hurt';
import { gatePassed, ladderOpens, rungsReached } from './judge-rungs';
import { byScheme } from './judge-scheme';
import { behindOnOneSide } from './judge-sides';
import { stopped } from './judge-stop';
import { stuck } from './judge-stuck';
import { lighterWeekFor } from './lighter-week';
import type { Pin, Proposal, ProposalKind, Way } from './proposal';
import { proposalOf, type ReviewQuery, type SlotReview } from './slot-review';

/** Every judgement in the order of its weight; the first that has something to say is the slot's proposal. */
const JUDGEMENTS: readonly ((review: SlotReview) => Way | undefined)[] = [
  hurt,
  away,
  behindOnOneSide,
  gatePassed,
  ladderOpens,
  stuck,
];

/** Steps to another version, beside which the scheme's own way on may be chosen. */
const STEPS: ReadonlySet<ProposalKind> = new Set(['gate', 'prerequisite', 'plateau', 'sides']);

/**
 * What one person's week says should happen next, slot by slot: one proposal each, the weightiest reason first; and one for
 * the whole person where they need a lighter week. A session's last week has nothing after it.
 *
 * @param document with its log
 * @param participantId whose week
 * @param query of which session
 * @param resolver to work it out with
 * @throws NotInDocumentError for a participant, session or week that is not there
 * @example reviewLog(document, 'juno', { sessionId: 'tuesday', week: 3 })[0]?.kind // 'progress'
 */
export function reviewLog(
  document: DrayDocument,
  participantId: string,
  query: ReviewQuery,
  resolver: Resolver = createResolver(),
): Proposal[] {
  const stop = stopIn(document, participantId, query, resolver);
  if (stop) return [stop];
  const reviews = reviewsOf(document, participantId, query, resolver);
  const lighter = lighterWeekFor(reviews, document);
  const rest = reviews.filter(({ slot }) => !lighter.some(({ slotId }) => slotId === slot.id));
  return [...lighter, ...rest.map(judge)];
}

function stopIn(
  document: DrayDocument,
  participantId: string,
  query: ReviewQuery,
  resolver: Resolver,
): Proposal | undefined {
  const sign = logIndex(document.log).stopSign(participantId);
  const forWeek = nextWeekOf(document, query.sessionId, query.week);
  if (!sign || forWeek === undefined) return undefined;
  return stopped(resolver.card(document, { participantId, ...query }), sign, { ...query, forWeek });
}

/** Every lettered slot of the person's card with all that a judgement looks at. */
function reviewsOf(
  document: DrayDocument,
  participantId: string,
  query: ReviewQuery,
  resolver: Resolver,
): SlotReview[] {
  const { sessionId, week } = query;
  const nextWeek = nextWeekOf(document, sessionId, week);
  const card = resolver.card(document, { participantId, sessionId, week });
  if (nextWeek === undefined) return [];
  const open = undecided(document, participantId, week);
  const next = { participantId, sessionId, week: nextWeek };
  const ahead = resolver.card(open, next);
  const catalog = catalogOf(document);
  const program = programOf(document, sessionId);
  const facts = personFacts(document.log, {
    program,
    sessionId,
    participantId,
    catalog,
    overrides: document.overrides,
  });
  const index = logIndex(document.log);
  const rungs = rungsReached(document, card.participant, nextWeek);

  return card.columns.flatMap(({ slot, letter, name: slotName }, column): SlotReview[] => {
    const cell = card.cells[column];
    const nextCell = ahead.cells[column];
    if (letter === '' || cell?.status !== 'ready' || !nextCell) return [];
    const log = index.ofCell(participantId, slot.id);
    const known = factsOf(facts, week, cell.version);
    return [
      {
        document,
        participant: card.participant,
        query,
        catalog,
        slot,
        scheme: schemeOf(slot, program),
        slotName,
        letter,
        cell,
        next: nextCell,
        sets: log.filter((entry) => entry.week === week),
        log: index.ofPerson(participantId),
        evidence: evidenceFor(cell, log, known, curveOf(card.participant.formula)),
        rungs,
        ...triesOf({ open, card, cell, column, next, query, resolver }),
      },
    ];
  });
}

/** What a judgement may try out before it proposes it. */
function triesOf({
  open,
  card: { participant },
  cell,
  column,
  next,
  query,
  resolver,
}: {
  /** Without what was decided already. */
  readonly open: DrayDocument;
  readonly card: Card;
  readonly cell: ReadyCell;
  readonly column: number;
  readonly next: { readonly participantId: string; readonly sessionId: string; readonly week: number };
  readonly query: ReviewQuery;
  readonly resolver: Resolver;
}): Pick<SlotReview, 'lighterNext' | 'alternatives' | 'begin' | 'loadBelow' | 'withPin'> {
  const { slotId } = cell;
  const cellIn = (document: DrayDocument, lighter = false) =>
    resolver.card(document, { ...next, lighter }).cells[column];
  return {
    lighterNext: () => cellIn(open, true) ?? cell,
    alternatives: () => resolver.alternatives(open, cell, query),
    begin: (as) => resolver.begin(open, { ...next, slotId, participant: { ...participant, ...as } }),
    loadBelow: (mostKg) => {
      const load = pickLoad(resolver.loads(open, next, cell), mostKg, 'notAbove');
      return load && cellLoad(load);
    },
    withPin: (pin) => cellIn(withPin(open, participant.id, slotId, next.week, pin)),
  };
}

/** What bears on a week beside its sets; one that the log does not know as past yet was missed by whoever has nothing in it. */
function factsOf(facts: PersonFacts, week: number, work: WorkOf) {
  const known = facts.of(week, work);
  if (known.came || known.missed > 0) return known;
  const before = week > 1 ? facts.of(week - 1, work).missed : 0;
  return { ...known, missed: before + 1 };
}

/** The document without what was already decided for the week to come, so that a review says the same when read again. */
function undecided(document: DrayDocument, participantId: string, week: number): DrayDocument {
  const overrides = document.overrides.filter(
    (override) => override.participantId !== participantId || override.reviewOfWeek !== week,
  );
  return overrides.length === document.overrides.length ? document : { ...document, overrides };
}

function withPin(
  document: DrayDocument,
  participantId: string,
  slotId: string,
  week: number,
  pin: Pin,
): DrayDocument {
  const way = { pin, lasting: false, forWeek: week, week: week - 1, participantId, slotId };
  const overrides = overridesOf(way, 'agreed', 'tried', () => 'tried');
  return { ...document, overrides: [...document.overrides, ...overrides] };
}

function judge(review: SlotReview): Proposal {
  const usual = byScheme(review);
  for (const judgement of JUDGEMENTS) {
    const found = judgement(review);
    if (!found) continue;
    if (!STEPS.has(found.kind) || usual.kind === 'hold') return proposalOf(review, found);
    if (found.kind === 'gate' && growsByLoad(review)) return proposalOf(review, usual, found);
    return proposalOf(review, found, usual);
  }
  return proposalOf(review, usual);
}

/**
 * Whether the version at hand lives by its load and can still grow by it: then that comes first, and the harder version when the
 * kit ends. One that is done free as well goes on to the next. Common practice: load, then a harder version.
 */
function growsByLoad({ cell, next }: SlotReview): boolean {
  return (
    cell.load !== undefined &&
    cell.version.exercise.loading?.required === true &&
    next.status === 'ready' &&
    sameVersion(next.version, cell.version) &&
    !next.trace.some((reason) => reason.kind === 'bridge' && !reason.next)
  );
}
