import type { Override } from '../model';

/** What is set of a version, which one override says as a whole. */
type VersionPart = Pick<Override, 'rungId' | 'exerciseId' | 'levers'>;

/**
 * Whether an override holds in a week.
 *
 * @param override with its first and last week
 * @param week from 1
 * @example holdsIn({ fromWeek: 3, toWeek: 3 }, 4) // false
 */
export function holdsIn({ fromWeek, toWeek }: Pick<Override, 'fromWeek' | 'toWeek'>, week: number): boolean {
  return fromWeek <= week && (toWeek === undefined || week <= toWeek);
}

/**
 * Several overrides that hold in one week, as one: field by field the one that begins later wins, of those that begin together
 * the one set later. Another version takes numbers with it that were set for the version before; numbers bring back what was
 * left out.
 *
 * @param holding in the order in which they were set
 * @returns undefined for none; the very object where there is only one
 * @example mergedOverride([{ …, fromWeek: 1, loadKg: 20 }, { …, fromWeek: 3, sets: 2 }])?.loadKg // 20
 */
export function mergedOverride(holding: readonly Override[]): Override | undefined {
  const [only, another] = holding;
  if (!only || !another) return only;
  const inOrder = holding
    .map((override, setAs) => ({ override, setAs }))
    .sort((a, b) => a.override.fromWeek - b.override.fromWeek || a.setAs - b.setAs)
    .map(({ override }) => override);
  const merged = inOrder.reduce(together);
  const allDecided = holding.every(({ reviewOfWeek }) => reviewOfWeek !== undefined);
  if (allDecided) return merged;
  const { reviewOfWeek: _week, decision: _decision, ...byHand } = merged;
  return byHand;
}

function together(earlier: Override, later: Override): Override {
  if (later.leaveOut) return later;
  const { leaveOut: _, ...before } = earlier;
  if (!namesVersion(later)) return { ...before, ...later };
  const { rungId, exerciseId, levers, sets, amount, counted, loadKg, ...rest } = before;
  const sameVersion =
    rungId === later.rungId &&
    exerciseId === later.exerciseId &&
    JSON.stringify(levers) === JSON.stringify(later.levers);
  const numbers = {
    ...(sets !== undefined && { sets }),
    ...(amount !== undefined && { amount, ...(counted && { counted }) }),
    ...(loadKg !== undefined && { loadKg }),
  };
  return { ...rest, ...(sameVersion && numbers), ...later };
}

function namesVersion({ rungId, exerciseId }: VersionPart): boolean {
  return rungId !== undefined || exerciseId !== undefined;
}

/**
 * Puts the coach's hand on a cell. What was set by hand for exactly the same weeks gives way; everything else stays, decisions
 * of reviews included, and is merged week by week.
 *
 * @param overrides of a document
 * @param override to set
 * @example setByHand(document.overrides, override).length // one more, or as many
 */
export function setByHand(overrides: readonly Override[], override: Override): Override[] {
  const replaces = (other: Override) =>
    other.participantId === override.participantId &&
    other.slotId === override.slotId &&
    other.fromWeek === override.fromWeek &&
    other.toWeek === override.toWeek &&
    other.reviewOfWeek === undefined;
  return [...overrides.filter((other) => !replaces(other)), override];
}
