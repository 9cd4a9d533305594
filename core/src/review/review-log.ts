import type { Condition, DrayDocument, Participant } from '../model';
import { CAUTION_RULES } from '../caution';
import { chooseRung, type Version } from '../ladder';
import { gateStatus } from '../ladder/gate-status';
import { catalogOf } from '../library';
import { createResolver, logIndex, nextWeekOf, personFacts, programOf, type Resolver } from '../program';
import { evidenceFor, harderVersion, nextRung, STOPPING_PAIN, type Evidence } from '../progress';
import type { ReadyCell } from '../resolve';
import { lighterWeekFor } from './lighter-week';
import { conditionForPlace } from './pain-place';
import { plateauOf } from './plateau';
import type { Pin, Proposal, ProposalKind, Way } from './proposal';
import { sideDifference } from './sides';
import { proposal, same, type ReviewQuery, type SlotReview } from './slot-review';

/**
 * What one person's week says should happen next, slot by slot: one proposal each, the weightiest reason first; and one for
 * the whole person where they need a lighter week. A session's last week has nothing after it.
 *
 * @throws NotInDocumentError for a participant, session or week that is not there
 */
export function reviewLog(
  document: DrayDocument,
  participantId: string,
  query: ReviewQuery,
  resolver: Resolver = createResolver(),
): Proposal[] {
  const { sessionId, week } = query;
  const unit = query.unit ?? document.settings.unit;
  const card = resolver.card(document, { participantId, sessionId, week, unit });
  const nextWeek = nextWeekOf(document, sessionId, week);
  if (nextWeek === undefined) return [];
  const ahead = resolver.card(undecided(document, participantId, week), {
    participantId,
    sessionId,
    week: nextWeek,
    unit,
  });
  const catalog = catalogOf(document);
  const program = programOf(document, sessionId);
  const facts = personFacts(document, program, sessionId, participantId, { catalog });
  const index = logIndex(document.log);
  const log = index.ofPerson(participantId);

  const reviews = card.columns.flatMap(({ slot, letter, name }, at): SlotReview[] => {
    const cell = card.cells[at];
    const next = ahead.cells[at];
    if (letter === '' || cell?.status !== 'ready' || !next) return [];
    const known = facts.of(week, cell.version.exercise.pattern);
    const came = known.came || known.missed > 0 ? known : { ...known, missed: missedBefore(facts, week) + 1 };
    return [
      {
        document,
        participant: card.participant,
        query,
        catalog,
        unit,
        slot,
        name,
        letter,
        cell,
        next,
        sets: index.ofCell(participantId, slot.id).filter((entry) => entry.week === week),
        log,
        evidence: evidenceFor(cell, index.ofCell(participantId, slot.id), came),
        alternatives: () => resolver.alternatives(document, cell, { sessionId, week, unit }),
        tryRung: (rungId) =>
          tried(document, card.participant, slot.id, rungId, { sessionId, week: nextWeek }),
      },
    ];
  });
  const lighter = lighterWeekFor(reviews, document);
  return [...lighter, ...reviews.filter((review) => !covered(lighter, review)).map(judge)];
}

/** Weeks away before a week that the log does not know as past yet. */
function missedBefore(facts: ReturnType<typeof personFacts>, week: number): number {
  return week > 1 ? facts.of(week - 1, 'mobility').missed : 0;
}

function covered(lighter: readonly Proposal[], review: SlotReview): boolean {
  return lighter.some(({ slotId }) => slotId === review.slot.id);
}

/** The document without what was already agreed for the week to come, so that a review says the same when read again. */
function undecided(document: DrayDocument, participantId: string, week: number): DrayDocument {
  const overrides = document.overrides.filter(
    (own) => own.participantId !== participantId || own.reviewOfWeek !== week,
  );
  return overrides.length === document.overrides.length ? document : { ...document, overrides };
}

/** Every judgement in the order of its weight; the first that has something to say is the slot's proposal. */
const JUDGEMENTS: readonly ((review: SlotReview) => Proposal | undefined)[] = [
  hurt,
  away,
  behindOnOneSide,
  gatePassed,
  ladderOpens,
  stuck,
];

function judge(review: SlotReview): Proposal {
  const usual = byScheme(review);
  for (const judgement of JUDGEMENTS) {
    const found = judgement(review);
    if (!found) continue;
    if (!STEPS.has(found.kind) || usual.kind === 'hold') return found;
    if (found.kind === 'gate' && growsByLoad(review)) return { ...usual, rather: wayOf(found) };
    return { ...found, rather: wayOf(usual) };
  }
  return usual;
}

function wayOf({ kind, reason, next, pin, lasting }: Proposal): Way {
  return { kind, reason, next, pin, lasting };
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
    next.version.name === cell.version.name &&
    !next.marks.some(({ kitEnds }) => kitEnds)
  );
}

/** Steps to another version, beside which the scheme's own way on may be chosen. */
const STEPS: ReadonlySet<ProposalKind> = new Set(['gate', 'prerequisite', 'plateau', 'sides']);

function hurt(review: SlotReview): Proposal | undefined {
  const { evidence, participant, cell } = review;
  if (evidence.kind !== 'hurt' || evidence.pain.score < STOPPING_PAIN) return undefined;
  const { place, score } = evidence.pain;
  const condition = conditionForPlace(place);
  const spared =
    condition &&
    firstCell(
      review.document,
      {
        ...participant,
        cautions: [...participant.cautions.filter((own) => own.condition !== condition), { condition }],
      },
      review.slot.id,
      review.query.sessionId,
    );
  const lower = rungBelow(review);
  const instead =
    spared && spared.version.name !== cell.version.name ? spared : lower ? review.tryRung(lower) : undefined;
  const said = `${capital(place)} hurt, ${score} of 10. Stop it until it was looked at`;
  if (instead) {
    const reason = `${said}; “${instead.version.name}” spares it.`;
    return proposal(review, 'hurt', reason, pinOfVersion(instead.version), instead, true);
  }
  const other = review.alternatives().find(({ version }) => spares(version, condition));
  if (!other) {
    return proposal(
      review,
      'hurt',
      `${said}; leave it out, nothing spares it.`,
      same(cell),
      undefined,
      false,
    );
  }
  const reason = `${said}; instead “${other.version.name}”, match ${other.score.toFixed(2)}.`;
  const pin = pinOfVersion(other.version);
  return { ...proposal(review, 'hurt', reason, pin, undefined, true), next: other.version.name };
}

/** Whether a version asks nothing of what a condition has rules for; without a condition anything else will do. */
function spares({ demands }: Version, condition: Condition | undefined): boolean {
  return !CAUTION_RULES.some(
    (rule) =>
      rule.condition === condition && rule.demand !== 'held' && demands.some((own) => own === rule.demand),
  );
}

function away(review: SlotReview): Proposal | undefined {
  const { evidence, next, cell } = review;
  if (evidence.kind !== 'missed') return undefined;
  if (evidence.weeks % 2 === 0 && next.status === 'ready') {
    return proposal(review, 'stepBack', `${evidence.weeks} weeks away.`, same(next), next, false);
  }
  return proposal(
    review,
    'hold',
    'Not there this week: what was planned still stands.',
    same(cell),
    cell,
    false,
  );
}

function behindOnOneSide(review: SlotReview): Proposal | undefined {
  const { sets, cell } = review;
  const difference = sideDifference(sets);
  if (!difference) return undefined;
  const { weaker, weakerAmount, share } = difference;
  const amount = Math.max(1, Math.min(cell.work.amount, weakerAmount));
  const percent = Math.round((1 - share) * 100);
  const reason = `The ${weaker} side did ${percent} % less. It leads and sets the reps: ${amount} on both.`;
  const pin = { ...same(cell), amount };
  return proposal(review, 'sides', reason, pin, { ...cell, work: { ...cell.work, amount } }, false);
}

function gatePassed(review: SlotReview): Proposal | undefined {
  const { cell, log, catalog } = review;
  const { rung } = cell.version;
  if (!rung || review.sets.length === 0 || review.evidence.kind !== 'made') return undefined;
  const status = gateStatus(rung, log);
  const next = status.open ? nextRung(cell.version, catalog) : undefined;
  const up = next && review.tryRung(next.id);
  if (!up || up.version.name === cell.version.name) return undefined;
  const reason = `The gate of “${cell.version.name}” was made on ${status.visits} visits: “${up.version.name}” is next.`;
  return proposal(review, 'gate', reason, pinOfVersion(up.version), up, true);
}

/** A rung that waited for another ladder, where that other was reached by now. */
function ladderOpens(review: SlotReview): Proposal | undefined {
  const { slot, participant, catalog, document, next, cell } = review;
  if (slot.source.kind !== 'ladder') return undefined;
  const ladder = catalog.ladders.get(slot.source.ladderId);
  const before = ladder && chooseRung(participant, ladder, catalog.ladders);
  if (!ladder || !before?.waiting) return undefined;
  const rungs = rungsReached(document, participant, next.week);
  const after = chooseRung({ ...participant, rungs }, ladder, catalog.ladders);
  if (!after || after.rung.id === before.rung.id) return undefined;
  const open = review.tryRung(after.rung.id);
  if (!open || open.version.name === cell.version.name) return undefined;
  const reason = `What “${open.version.name}” waited for was reached.`;
  return proposal(review, 'prerequisite', reason, pinOfVersion(open.version), open, true);
}

/** Where a person stands on each ladder by a week: on their profile, and where reviews have brought them since. */
function rungsReached(document: DrayDocument, participant: Participant, week: number): Participant['rungs'] {
  const catalog = catalogOf(document);
  const rungs = { ...participant.rungs };
  for (const { participantId, rungId, fromWeek, reviewOfWeek } of document.overrides) {
    if (participantId !== participant.id || rungId === undefined || reviewOfWeek === undefined) continue;
    const ladderId = catalog.versionByRung.get(rungId)?.ladderId;
    if (ladderId !== undefined && fromWeek <= week) rungs[ladderId] = rungId;
  }
  return rungs;
}

function stuck(review: SlotReview): Proposal | undefined {
  const { participant, log, cell, catalog } = review;
  if (review.sets.length === 0) return undefined;
  const plateau = plateauOf(participant, log, cell, catalog);
  if (!plateau) return undefined;
  const gain = Math.round(plateau.gain * 100);
  const error = Math.round(plateau.error * 100);
  const ladder = catalog.ladders.get(cell.version.ladderId ?? '');
  const harder = harderVersion(cell.version, catalog);
  const other = harder && review.tryRung(harder.rungId);
  const why = `${gain} % in ${plateau.weeks} weeks, within the ±${error} % it is known to.`;
  const tip = ladder ? ` ${capital(ladder.whenStuck)}` : '';
  if (other && other.version.name !== cell.version.name) {
    return proposal(
      review,
      'plateau',
      `${why} Another version for a while: “${other.version.name}”.`,
      pinOfVersion(other.version),
      other,
      true,
    );
  }
  const sets = Math.max(1, cell.work.sets - 1);
  const easier = { ...cell, work: { ...cell.work, sets } };
  return proposal(
    review,
    'plateau',
    `${why} A set less for a week, then on.${tip}`,
    { ...same(cell), sets },
    easier,
    false,
  );
}

/** What the slot's scheme makes of it. */
function byScheme(review: SlotReview): Proposal {
  const { cell, next, evidence } = review;
  if (next.status !== 'ready') {
    return proposal(review, 'hold', next.because, same(cell), cell, false);
  }
  const reason = next.trace
    .filter(({ step }) => step === 'target' || step === 'attainable')
    .map(({ sentence }) => sentence)
    .join(' ');
  if (next.version.name !== cell.version.name) {
    return proposal(review, 'progress', reason, pinOfVersion(next.version), next, true);
  }
  return proposal(review, kindOf(cell, next, evidence), reason, same(next), next, false);
}

function kindOf(cell: ReadyCell, next: ReadyCell, evidence: Evidence): ProposalKind {
  const kg = (next.load?.kg ?? 0) - (cell.load?.kg ?? 0);
  const more = next.work.amount - cell.work.amount;
  const sets = next.work.sets - cell.work.sets;
  if (kg < -1e-6 || (kg < 1e-6 && more < 0)) return 'stepBack';
  if (next.marks.some(({ kind }) => kind === 'bridge') && kg < 1e-6 && more > 0) return 'bridge';
  if (evidence.kind !== 'short' && (kg > 1e-6 || more > 0 || sets > 0)) return 'progress';
  return kg > 1e-6 || more > 0 || sets > 0 ? 'progress' : 'hold';
}

/** What the person would begin with on another rung in the week to come, if kit and cautions let them. */
function tried(
  document: DrayDocument,
  participant: Participant,
  slotId: string,
  rungId: string,
  { sessionId, week }: ReviewQuery,
): ReadyCell | undefined {
  const version = catalogOf(document).versionByRung.get(rungId);
  if (!version?.ladderId) return undefined;
  const rungs = { ...rungsReached(document, participant, week), [version.ladderId]: rungId };
  const cell = firstCell(document, { ...participant, rungs }, slotId, sessionId);
  return cell?.version.rung?.id === rungId ? cell : undefined;
}

/** One slot as a person would begin with it, were they another; nothing set by hand. */
function firstCell(
  document: DrayDocument,
  participant: Participant,
  slotId: string,
  sessionId: string,
): ReadyCell | undefined {
  const alone: DrayDocument = {
    ...document,
    participants: [participant],
    overrides: [],
    sessions: document.sessions
      .filter(({ id }) => id === sessionId)
      .map((session) => ({
        ...session,
        blocks: session.blocks.map((block) => ({
          ...block,
          slots: block.slots.filter(({ id }) => id === slotId),
        })),
      })),
  };
  const card = createResolver().card(alone, { participantId: participant.id, sessionId, week: 1 });
  const [cell] = card.cells;
  return cell?.status === 'ready' ? cell : undefined;
}

function rungBelow({ cell, catalog }: SlotReview): string | undefined {
  const rungs = catalog.ladders.get(cell.version.ladderId ?? '')?.rungs ?? [];
  const at = rungs.findIndex(({ id }) => id === cell.version.rung?.id);
  return rungs[at - 1]?.id;
}

/** Another version from now on: its numbers are worked out week by week. */
function pinOfVersion(version: Version): Pin {
  const levers =
    version.rung && Object.keys(version.levers).length > 0 && leversMoved(version)
      ? version.levers
      : undefined;
  return {
    ...(version.rung ? { rungId: version.rung.id } : { exerciseId: version.exercise.id }),
    ...(levers && { levers }),
  };
}

function leversMoved({ levers, rung }: Version): boolean {
  return Object.entries(levers).some(
    ([lever, value]) => rung?.levers[lever as keyof typeof levers] !== value,
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
