import type { Condition } from '../model';
import { CAUTION_RULES, conditionForPlace } from '../caution';
import { isHarder, sameVersion, type Version } from '../ladder';
import { STOPPING_PAIN } from '../progress';
import type { Reason } from '../reason';
import type { Cell, ReadyCell } from '../resolve';
import { atMost } from '../units';
import type { Way } from './proposal';
import { numbersOf, pinOf, versionPin, wayTo, type SlotReview } from './slot-review';

/**
 * What hurts from `STOPPING_PAIN` on is stopped: what its caution would give instead, a rung further down, the best of all other
 * versions that spares the place, or nothing at all. What is offered is set with its numbers, worked out as careful as the
 * caution has them.
 *
 * @param review of the slot
 * @returns undefined where nothing hurts that much
 * @example hurt(review)?.kind // 'hurt'
 */
export function hurt(review: SlotReview): Way | undefined {
  const { evidence, cell } = review;
  if (evidence.kind !== 'hurt' || evidence.pain.score < STOPPING_PAIN) return undefined;
  const { pain } = evidence;
  const condition = conditionForPlace(pain.place);
  const reason = (instead?: Version, score?: number): Reason => ({
    step: 'review',
    kind: 'stopHurting',
    pain,
    instead,
    score,
  });
  const spared = sparedBy(review, condition);
  if (spared) return wayTo('hurt', [reason(spared.version)], spared, pinOf(spared, cell), true);
  for (const { version, score } of review.alternatives()) {
    // Nobody in pain is given something harder.
    if (!spares(version, condition) || isHarder(version, cell.version, review.catalog)) continue;
    const next = notHeavier(review.withPin(versionPin(version)), review);
    if (!next) continue;
    const pin = { ...versionPin(version), ...numbersOf(next) };
    return wayTo('hurt', [reason(version, score)], next, pin, true);
  }
  return { kind: 'hurt', reasons: [reason()], pin: { leaveOut: true }, lasting: true };
}

/** What the person would begin with, had they the condition that spares the place: as the slot stands, or a rung down. */
function sparedBy(review: SlotReview, condition: Condition | undefined): ReadyCell | undefined {
  const { participant, cell, catalog, rungs } = review;
  const others = participant.cautions.filter((caution) => caution.condition !== condition);
  const cautions = condition ? [...others, { condition }] : participant.cautions;
  const { ladderId, rung } = cell.version;
  const onLadder = catalog.ladders.get(ladderId ?? '')?.rungs ?? [];
  const lower = onLadder[onLadder.findIndex(({ id }) => id === rung?.id) - 1];
  const tries = [
    ...(condition ? [{ cautions, rungs }] : []),
    ...(lower && ladderId !== undefined ? [{ cautions, rungs: { ...rungs, [ladderId]: lower.id } }] : []),
  ];
  for (const as of tries) {
    const begun = review.begin(as);
    if (begun?.status !== 'ready' || sameVersion(begun.version, cell.version)) continue;
    const found = isHarder(begun.version, cell.version, catalog) ? undefined : notHeavier(begun, review);
    if (found) return found;
  }
  return undefined;
}

/** With no more in the hands than what hurt was done with; nothing where that cannot be. Common practice. */
function notHeavier(found: Cell | undefined, { cell, withPin }: SlotReview): ReadyCell | undefined {
  if (found?.status !== 'ready') return undefined;
  const mostKg = cell.load?.kg ?? 0;
  if (atMost(found.load?.kg ?? 0, mostKg)) return found;
  const tries = found.version.exercise.loading?.required ? [mostKg] : [mostKg, 0];
  for (const loadKg of tries) {
    const lighter = withPin({ ...versionPin(found.version), ...numbersOf(found), loadKg });
    if (lighter?.status !== 'ready' || !atMost(lighter.load?.kg ?? 0, mostKg)) continue;
    // Only what the kit can make.
    if (!lighter.load || lighter.load.recipe) return lighter;
  }
  return undefined;
}

/** Whether a version asks nothing of what a condition has rules for; without a condition anything else will do. */
function spares({ demands }: Version, condition: Condition | undefined): boolean {
  return !CAUTION_RULES.some(
    (rule) => rule.condition === condition && demands.some((demand) => demand === rule.demand),
  );
}
