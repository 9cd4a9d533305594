import type { DrayDocument } from '../model';
import { isHighLoad, MONOTONOUS, monotony, sessionLoad } from '../program/session-load';
import type { ReviewReason } from '../reason';
import type { Cell } from '../resolve';
import { addDays } from '../units';
import type { Proposal } from './proposal';
import { proposalOf, wayTo, type SlotReview } from './slot-review';

/** Of a session's work this share falling short calls for a lighter week. Common practice, no published source. */
const SHORT_SHARE = 0.5;
/** Of so many exercises at least. */
const LEAST_EXERCISES = 3;
/** Efforts like this on two visits running. Source of the scale: Foster et al. 2001; the threshold is common practice. */
const HARD_EFFORT = 9;
const DAYS = 7;
/** What is usual is looked for in so many weeks before. Common practice, no published source. */
const WEEKS_BEFORE = 4;

/**
 * One proposal a slot where a person's week as a whole was too much: much of it short, or two visits near the limit. Never
 * after a lighter week, nor before one.
 *
 * @param reviews of one person's slots
 * @param document with their visits
 * @example lighterWeekFor(reviews, document).length // 0, for a week that went well
 */
export function lighterWeekFor(reviews: readonly SlotReview[], document: DrayDocument): Proposal[] {
  const [first] = reviews;
  if (!first || reviews.some(({ cell, next }) => isLighter(cell) || isLighter(next))) return [];
  const trained = reviews.filter(({ sets }) => sets.length > 0);
  const reason = tooMuchShort(trained) ?? tooMuchEffort(first, document);
  if (!reason) return [];
  return trained
    .filter(({ evidence }) => evidence.kind !== 'hurt')
    .map((review) =>
      proposalOf(review, wayTo('lighterWeek', [reason], review.lighterNext(), { lighter: true })),
    );
}

/** Whether a week was a lighter one: of the program, by a decision, or of a wave. */
function isLighter({ trace }: Cell): boolean {
  return trace.some(
    (reason) => reason.kind === 'lighterWeek' || (reason.kind === 'wave' && reason.lighterSets !== undefined),
  );
}

function tooMuchShort(trained: readonly SlotReview[]): ReviewReason | undefined {
  const short = trained.filter(({ evidence }) => evidence.kind === 'short').length;
  const of = trained.length;
  return of >= LEAST_EXERCISES && short / of > SHORT_SHARE
    ? { step: 'review', kind: 'mostFellShort', short, of }
    : undefined;
}

function tooMuchEffort(
  { participant, query }: SlotReview,
  { visits }: DrayDocument,
): ReviewReason | undefined {
  const past = visits
    .filter(({ participantId, week }) => participantId === participant.id && week <= query.week)
    .sort((a, b) => (a.date < b.date ? -1 : 1));
  const efforts = past.slice(-2).map(({ effort }) => effort);
  if (efforts.length === 2 && efforts.every((effort) => effort >= HARD_EFFORT)) {
    return { step: 'review', kind: 'hardVisits', efforts };
  }
  const last = past.at(-1);
  if (!last) return undefined;
  const loadsBack = (weeks: number) =>
    Array.from({ length: DAYS }, (_, back) => addDays(last.date, -(weeks * DAYS + back))).map((day) =>
      past.filter(({ date }) => date === day).reduce((sum, visit) => sum + sessionLoad(visit), 0),
    );
  const total = (loads: readonly number[]) => loads.reduce((sum, load) => sum + load, 0);
  const loads = loadsBack(0);
  const before = Array.from({ length: WEEKS_BEFORE }, (_, weeks) => total(loadsBack(weeks + 1)));
  const alike = monotony(loads);
  // Alike alone is no harm: it goes with illness and staleness where the load is high.
  return alike !== undefined && alike > MONOTONOUS && isHighLoad(total(loads), before)
    ? { step: 'review', kind: 'monotonous', monotony: alike, limit: MONOTONOUS }
    : undefined;
}
