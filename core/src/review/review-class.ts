import { present, reps, reserveOf, type DrayDocument } from '../model';
import { createResolver, logIndex, nextWeekOf, type Resolver } from '../program';
import type { ReadyCell } from '../resolve';
import { EASY_REPS_LEFT, PROPOSAL_KINDS, RAISE_REPS, type Proposal } from './proposal';
import { reviewLog } from './review-log';
import type { ReviewQuery } from './slot-review';

/** So many of those who did a slot found it easy before the class did; and no fewer people. Common practice. */
const EASY_SHARE = 0.75;
const LEAST_PEOPLE = 3;

/**
 * The whole class's week, gravest first, then in the order of the session and of the class; nothing while nobody has logged
 * anything of it.
 *
 * @param document with its log
 * @param query which session and week
 * @param resolver to work it out with
 * @param reviewOf what one person's log says, where somebody has worked that out already
 * @example reviewClass(document, { sessionId: 'tuesday', week: 3 })[0]?.kind // 'hurt'
 */
export function reviewClass(
  document: DrayDocument,
  query: ReviewQuery,
  resolver: Resolver = createResolver(),
  reviewOf: (participantId: string) => readonly Proposal[] = (id) => reviewLog(document, id, query, resolver),
): Proposal[] {
  if (logIndex(document.log).lastWeek(query.sessionId) < query.week) return [];
  const ofPeople = present(document.participants).flatMap(({ id }) => reviewOf(id));
  const proposals = [...tooEasy(document, query, resolver), ...ofPeople];
  const order = new Map(PROPOSAL_KINDS.map((kind, place) => [kind, place]));
  return proposals.sort((a, b) => (order.get(a.kind) ?? 0) - (order.get(b.kind) ?? 0));
}

/** Slots that were too easy for most of those who did them: the prescription itself should go up. */
function tooEasy(document: DrayDocument, query: ReviewQuery, resolver: Resolver): Proposal[] {
  const { sessionId, week } = query;
  const forWeek = nextWeekOf(document, sessionId, week);
  if (forWeek === undefined) return [];
  const board = resolver.board(document, { sessionId, week });
  const index = logIndex(document.log);
  return board.columns.flatMap(({ slot, letter, name }, column): Proposal[] => {
    if (letter === '') return [];
    const found = board.rows.flatMap(({ participant, cells }) => {
      const cell = cells[column];
      const sets = index.ofCell(participant.id, slot.id).filter((entry) => entry.week === week);
      if (cell?.status !== 'ready' || sets.length === 0) return [];
      return [sets.every((entry) => wasEasy(cell, entry.amount, reserveOf(entry)))];
    });
    const people = found.filter(Boolean).length;
    if (found.length < LEAST_PEOPLE || people / found.length < EASY_SHARE) return [];
    return [
      {
        id: `class ${slot.id} ${week}`,
        kind: 'tooEasy',
        reasons: [{ step: 'review', kind: 'easyForMost', raiseBy: reps(RAISE_REPS) }],
        slotId: slot.id,
        sessionId,
        week,
        forWeek,
        slotName: name,
        letter,
        done: [],
        easyFor: { people, of: found.length },
        pin: { amount: RAISE_REPS },
        lasting: true,
        same: {},
      },
    ];
  });
}

function wasEasy({ work }: ReadyCell, amount: number, reserve: number | undefined): boolean {
  if (work.kind !== 'reps') return false;
  const over = Math.max(0, amount - work.amount);
  const spare = reserve === undefined ? 0 : reserve - (work.reserve ?? 2);
  return over + Math.max(0, spare) >= EASY_REPS_LEFT;
}
