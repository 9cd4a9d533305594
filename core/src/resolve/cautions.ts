import {
  applyCautions,
  cautionSubjects,
  STOPPING,
  type CautionRule,
  type CautionSubject,
  type CautionVerdict,
} from '../caution';
import { bestSubstitute, LEAST_SCORE, tierSteps, type Version } from '../ladder';
import type { CellReason } from '../reason';
import type { PlaceContext } from './context';
import { leavingOut, saying, type CellDraft } from './draft';
import { allowedVersion, standIns, type Allowed } from './possible';
import { plannedStart } from './rung';

/**
 * Step 2: as it is, adapted, eased, or blocked; blocked means the plan's twin, a rung further down, the best substitute, or
 * left out. What the coach set by hand stays, and what it goes past is named.
 *
 * @param draft with its version
 * @param context person and ladders
 * @example cautions(draft, context).limits.reserveAtLeast // 3
 */
export function cautions(draft: CellDraft, context: PlaceContext): CellDraft {
  const { version } = draft;
  if (!version) return draft;
  const byHand = isByHand(context);
  const fitting = byHand ? draft : withinTier(draft, version, context);
  if (!fitting.version) return fitting;
  return withCautions(fitting, fitting.version, byHand, context);
}

function withCautions(draft: CellDraft, version: Version, byHand: boolean, context: PlaceContext): CellDraft {
  const subjects = cautionSubjects(context.participant);
  const verdict = applyCautions(version, subjects, context.catalog);
  if (verdict.kind === 'blocked' && STOPPING.has(verdict.rule.condition)) {
    const { rule } = verdict;
    const reason: CellReason = { step: 'cautions', kind: 'blocked', rule };
    return { ...leavingOut(draft, { kind: 'stopped', rule }, reason), rules: [rule] };
  }
  if (subjects.length === 0) {
    const holds = version.exercise.loading?.holds ?? [];
    return { ...saying(draft, { step: 'cautions', kind: 'noCautions' }), holds };
  }
  if (byHand) return despite(draft, version, verdict, context);
  if (verdict.kind === 'allowed') return allowing(draft, verdict, version, subjects);
  return instead(draft, version, verdict.rule, subjects, context);
}

function isByHand({ override }: PlaceContext): boolean {
  return override?.rungId !== undefined || override?.exerciseId !== undefined;
}

/** An exercise that stands on no ladder and is above the person's tier gives way to the best within it. */
function withinTier(draft: CellDraft, version: Version, context: PlaceContext): CellDraft {
  const { tier } = draft;
  if (version.rung || !version.tier || tierSteps(version.tier, tier) <= 0) return draft;
  const best = bestSubstitute(version, { ...standIns(version, draft, context), tier }, LEAST_SCORE);
  const reason: CellReason = { step: 'rung', kind: 'aboveTier', version, tier, instead: best?.version };
  if (!best) return leavingOut(draft, { kind: 'aboveTier', version, tier }, reason);
  return { ...saying(draft, reason), version: best.version };
}

/**
 * What a caution changes of a version stays when the coach chooses that version by hand: another seat, a shorter way. Only who says
 * where the levers stand goes past it; what the hand goes past is named.
 */
function despite(
  draft: CellDraft,
  version: Version,
  verdict: CautionVerdict,
  { override }: PlaceContext,
): CellDraft {
  if (verdict.kind === 'blocked') {
    const { rule, limits } = verdict;
    const holds = version.exercise.loading?.holds ?? [];
    return {
      ...saying(draft, { step: 'byHand', kind: 'againstCaution', rule }),
      rules: [rule],
      limits,
      holds,
    };
  }
  const { rules, limits, holds, bodyWeightOnly } = verdict;
  const goesPast = override?.levers !== undefined && verdict.version !== version;
  const reasons = rules.map((rule): CellReason =>
    rule.action.kind === 'adapt' && goesPast
      ? { step: 'byHand', kind: 'againstCaution', rule }
      : cautioned(rule, verdict.version !== version),
  );
  const kept = goesPast ? version : verdict.version;
  return { ...saying(draft, ...reasons), version: kept, rules, limits, holds, bodyWeightOnly };
}

function allowing(
  draft: CellDraft,
  allowed: Allowed,
  from: Version,
  subjects: readonly CautionSubject[],
): CellDraft {
  const { version, rules, limits, holds, bodyWeightOnly } = allowed;
  const reasons: CellReason[] =
    rules.length === 0
      ? [{ step: 'cautions', kind: 'nothingAgainst', version, subjects }]
      : rules.map((rule) => cautioned(rule, from !== version));
  return { ...saying(draft, ...reasons), version, rules, limits, holds, bodyWeightOnly };
}

function cautioned(rule: CautionRule, changed: boolean): CellReason {
  return { step: 'cautions', kind: 'cautioned', rule, acted: changed || rule.action.kind !== 'adapt' };
}

/** Blocked by a rule: the next best thing, or nothing. */
function instead(
  draft: CellDraft,
  version: Version,
  rule: CautionRule,
  subjects: readonly CautionSubject[],
  context: PlaceContext,
): CellDraft {
  const found =
    twin(draft, context) ?? lowerRung(draft, version, context) ?? substitute(draft, version, context);
  if (!found) {
    const reason: CellReason = { step: 'cautions', kind: 'blocked', rule };
    return { ...leavingOut(draft, { kind: 'nothingAllowed', subjects }, reason), rules: [rule] };
  }
  const { allowed, kind, score } = found;
  const { version: other, limits, holds, bodyWeightOnly } = allowed;
  const reason: CellReason = {
    step: 'cautions',
    kind: 'blocked',
    rule,
    instead: { kind, version: other, score },
  };
  const others = allowed.rules.map((other) => cautioned(other, false));
  const rules = [rule, ...allowed.rules];
  return { ...saying(draft, reason, ...others), version: other, rules, limits, holds, bodyWeightOnly };
}

interface Instead {
  readonly kind: 'twin' | 'lowerRung' | 'substitute';
  readonly allowed: Allowed;
  readonly score?: number;
}

/** What the plan gives to whoever may not do the slot's own, if they may do that. */
function twin({ slot }: CellDraft, context: PlaceContext): Instead | undefined {
  const version = slot.twin && plannedStart(slot.twin, context)?.version;
  if (!version || context.owned.missing(version.needs).length > 0) return undefined;
  const allowed = allowedVersion(version, context);
  return allowed && { kind: 'twin', allowed };
}

/** The hardest rung below that conditions and kit allow. */
function lowerRung(draft: CellDraft, version: Version, context: PlaceContext): Instead | undefined {
  const { catalog } = context;
  const possible = standIns(version, draft, context);
  const rungs = catalog.ladders.get(version.ladderId ?? '')?.rungs ?? [];
  const standsAt = rungs.findIndex(({ id }) => id === version.rung?.id);
  for (const { id } of rungs.slice(0, Math.max(0, standsAt)).reverse()) {
    const candidate = catalog.versionByRung.get(id);
    const allowed = candidate && possible.allowed(candidate) && allowedVersion(candidate, context);
    if (allowed) return { kind: 'lowerRung', allowed };
  }
  return undefined;
}

function substitute(draft: CellDraft, version: Version, context: PlaceContext): Instead | undefined {
  const best = bestSubstitute(version, standIns(version, draft, context), LEAST_SCORE);
  const allowed = best && allowedVersion(best.version, context);
  return allowed && { kind: 'substitute', allowed, score: best.score };
}
