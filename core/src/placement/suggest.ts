import { catalog } from '../library';
import type { CheckKind, CheckResult, Pattern, Tier } from '../model';

/** Where a check puts somebody, with the reason. */
export interface PlacementSuggestion {
  readonly kind: CheckKind;
  readonly pattern: Pattern;
  readonly tier: Tier;
  readonly ladderId: string;
  readonly rungId: string;
  readonly because: string;
}

/** From so many on: that tier, that rung. */
type Step = readonly [from: number, tier: Tier, rungId: string];

/**
 * Common practice, no published source, but for the norms beside the results: thresholds are set so that the rung's own
 * gate is not yet passed by the result that leads to it.
 */
const STEPS: Readonly<
  Record<CheckKind, { readonly pattern: Pattern; readonly ladderId: string; readonly steps: readonly Step[] }>
> = {
  chairStands: {
    pattern: 'squat',
    ladderId: 'squat',
    steps: [
      [0, 'beginner', 'squat-helped'],
      [8, 'beginner', 'squat-seat'],
      [16, 'intermediate', 'squat-free'],
      [24, 'intermediate', 'squat-goblet'],
    ],
  },
  pressUps: {
    pattern: 'press',
    ladderId: 'press-up',
    steps: [
      [0, 'beginner', 'press-wall'],
      [1, 'beginner', 'press-counter'],
      [4, 'intermediate', 'press-chair'],
      [8, 'intermediate', 'press-floor'],
      [25, 'advanced', 'press-feet-raised'],
    ],
  },
  kneePressUps: {
    pattern: 'press',
    ladderId: 'press-up',
    steps: [
      [0, 'beginner', 'press-wall'],
      [5, 'beginner', 'press-counter'],
      [12, 'intermediate', 'press-chair'],
    ],
  },
  plankSeconds: {
    pattern: 'brace',
    ladderId: 'brace',
    steps: [
      [0, 'beginner', 'brace-counter'],
      [15, 'beginner', 'brace-knees'],
      [25, 'intermediate', 'brace-floor'],
    ],
  },
  heelToToeSeconds: {
    pattern: 'balance',
    ladderId: 'balance',
    steps: [
      [0, 'beginner', 'stand-staggered'],
      [10, 'beginner', 'stand-heel-toe'],
    ],
  },
  oneLegSeconds: {
    pattern: 'balance',
    ladderId: 'balance',
    steps: [
      [0, 'beginner', 'stand-heel-toe'],
      [5, 'intermediate', 'stand-one-held'],
      [20, 'intermediate', 'stand-one'],
      [40, 'advanced', 'stand-toes'],
    ],
  },
  oneLegBlindSeconds: {
    pattern: 'balance',
    ladderId: 'balance',
    steps: [
      [0, 'intermediate', 'stand-one-held'],
      [5, 'intermediate', 'stand-one'],
      [10, 'advanced', 'stand-blind'],
    ],
  },
};

/** The newest result of each kind, as a rung to begin on; where two checks speak of one ladder, the easier rung. */
export function suggestPlacement(checks: readonly CheckResult[]): PlacementSuggestion[] {
  const newest = new Map<CheckKind, CheckResult>();
  for (const check of checks) {
    const known = newest.get(check.kind);
    if (!known || check.date >= known.date) newest.set(check.kind, check);
  }
  const byLadder = new Map<string, PlacementSuggestion>();
  for (const { kind, result } of newest.values()) {
    const { pattern, ladderId, steps } = STEPS[kind];
    const at = steps.findLastIndex(([from]) => result >= from);
    const step = steps[at];
    if (!step) continue;
    const [from, tier, rungId] = step;
    const next = steps[at + 1];
    const range = next ? `${from} to ${next[0] - 1}` : `${from} and more`;
    const suggestion = { kind, pattern, tier, ladderId, rungId, because: `${result} lies in ${range}` };
    const known = byLadder.get(ladderId);
    if (!known || place(ladderId, rungId) < place(ladderId, known.rungId)) byLadder.set(ladderId, suggestion);
  }
  return [...byLadder.values()];
}

/** Where a rung stands on its ladder, the easiest first: of two results the lower is the more careful. */
function place(ladderId: string, rungId: string): number {
  return catalog.ladders.get(ladderId)?.rungs.findIndex(({ id }) => id === rungId) ?? 0;
}
