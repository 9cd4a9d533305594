import type { DrayDocument } from '../model';
import { lighterSets } from '../progress';
import { MONOTONOUS, monotony, sessionLoad } from '../program/session-load';
import { addDays } from '../units';
import type { Proposal } from './proposal';
import { proposal, same, type SlotReview } from './slot-review';

/** Of a session's work this share falling short calls for a lighter week. Common practice, no published source. */
const SHORT_SHARE = 0.5;
/** Efforts like this on two visits running. Source of the scale: Foster et al. 2001; the threshold is common practice. */
const HARD_EFFORT = 9;
const DAYS = 7;

/** One proposal a slot where a person's week as a whole was too much: much of it short, or two visits near the limit. */
export function lighterWeekFor(reviews: readonly SlotReview[], document: DrayDocument): Proposal[] {
  const [first] = reviews;
  if (!first) return [];
  const trained = reviews.filter(({ sets }) => sets.length > 0);
  const short = trained.filter(({ evidence }) => evidence.kind === 'short');
  const because =
    trained.length >= 3 && short.length / trained.length > SHORT_SHARE
      ? `${short.length} of ${trained.length} exercises fell short.`
      : effortWords(first, document);
  if (because === undefined) return [];
  return trained
    .filter(({ evidence }) => evidence.kind !== 'hurt')
    .map((review) => {
      const { cell } = review;
      const sets = lighterSets(cell.work.sets);
      const lighter = { ...cell, work: { ...cell.work, sets } };
      return proposal(
        review,
        'lighterWeek',
        `${because} Fewer sets for a week, nothing heavier.`,
        { ...same(cell), sets },
        lighter,
        false,
      );
    });
}

function effortWords({ participant, query }: SlotReview, { visits }: DrayDocument): string | undefined {
  const own = visits
    .filter(({ participantId, week }) => participantId === participant.id && week <= query.week)
    .sort((a, b) => (a.date < b.date ? -1 : 1));
  const lastTwo = own.slice(-2);
  if (lastTwo.length === 2 && lastTwo.every(({ effort }) => effort >= HARD_EFFORT)) {
    return `Two visits running were ${lastTwo.map(({ effort }) => effort).join(' and ')} of 10.`;
  }
  const last = own.at(-1);
  if (!last) return undefined;
  const days = Array.from({ length: DAYS }, (_, back) => addDays(last.date, -back));
  const loads = days.map((day) =>
    own.filter(({ date }) => date === day).reduce((sum, visit) => sum + sessionLoad(visit), 0),
  );
  const alike = monotony(loads);
  return alike !== undefined && alike > MONOTONOUS
    ? `Every day was alike: monotony ${alike.toFixed(1)}, above ${MONOTONOUS}.`
    : undefined;
}
