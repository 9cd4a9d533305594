import {
  bestSubstitute,
  isHarder,
  LEAST_SCORE,
  scoreSubstitute,
  type RankedSubstitute,
  type Version,
} from '../ladder';
import type { KitGap } from '../reason';
import type { PlaceContext } from './context';
import { leavingOut, saying, type CellDraft } from './draft';
import type { HoldFit } from './hold';
import { allowedVersion, holdFor, standIns, type Allowed } from './possible';

/** Below this share of the wanted load a kit is too light, and something else may train more (common practice). */
const TOO_LIGHT = 0.5;

/**
 * Step 3: as it is, if it can be propped and loaded; else the best substitute. What the coach set by hand stays.
 *
 * @param draft with its version and limits
 * @param context whose kit
 * @example kit(draft, context).held?.hold // 'pair'
 */
export function kit(draft: CellDraft, context: PlaceContext): CellDraft {
  const { version } = draft;
  if (!version) return draft;
  const hold = holdFor(allowedIn(draft, version), draft, context);
  const { override } = context;
  if (override?.rungId !== undefined || override?.exerciseId !== undefined) return holding(draft, hold);

  const gap = gapOf(version, hold, draft, context);
  if (gap) {
    const substitute = noHarderFirst(version, draft, context);
    if (substitute) return swapped(draft, version, substitute, gap, context);
    return leavingOut(draft, { kind: 'kitLacks', gap }, { step: 'kit', kind: 'nothingNear', gap });
  }
  return better(draft, version, hold, context) ?? said(holding(draft, hold), version);
}

function allowedIn({ rules, limits, holds, bodyWeightOnly }: CellDraft, version: Version): Allowed {
  return { version, rules, limits, holds, bodyWeightOnly };
}

/** What makes it impossible, if anything. */
function gapOf(
  { needs, exercise }: Version,
  hold: HoldFit | undefined,
  { bodyWeightOnly }: CellDraft,
  { owned }: PlaceContext,
): KitGap | undefined {
  const missing = owned.missing(needs);
  if (missing.length > 0) return { kind: 'needs', needs: missing };
  if (!exercise.loading?.required) return undefined;
  if (!hold) return bodyWeightOnly ? undefined : { kind: 'nothingToHold' };
  return hold.tooHeavy ? { kind: 'lightestTooHeavy' } : undefined;
}

/** What comes nearest and asks no more; only where there is nothing like that, something harder, and the cell says so. */
function noHarderFirst(
  version: Version,
  draft: CellDraft,
  context: PlaceContext,
): RankedSubstitute | undefined {
  const all = standIns(version, draft, context);
  const noHarder = (candidate: Version) => {
    const allowed = all.allowed(candidate);
    return allowed && !isHarder(allowed, version, context.catalog) ? allowed : undefined;
  };
  return (
    bestSubstitute(version, { ...all, allowed: noHarder }, LEAST_SCORE) ??
    bestSubstitute(version, all, LEAST_SCORE)
  );
}

/** What trains more than the version with far too little in the hands, if anything does. */
function better(
  draft: CellDraft,
  version: Version,
  hold: HoldFit | undefined,
  context: PlaceContext,
): CellDraft | undefined {
  if (!hold || !version.exercise.loading?.required || hold.fit >= TOO_LIGHT) return undefined;
  // Whose effort a condition holds down is not given something heavier because the kit is light.
  if (draft.limits.reserveAtLeast > 0) return undefined;
  const substitute = bestSubstitute(version, standIns(version, draft, context));
  const { catalog } = context;
  const asItIs = scoreSubstitute(version, version, { catalog, loadFit: () => hold.fit });
  if (!substitute || substitute.score <= asItIs.score) return undefined;
  return swapped(draft, version, substitute, { kind: 'tooLight', share: hold.fit }, context);
}

function swapped(
  draft: CellDraft,
  from: Version,
  substitute: RankedSubstitute,
  gap: KitGap,
  context: PlaceContext,
): CellDraft {
  const { version, score } = substitute;
  const allowed = allowedVersion(version, context) ?? allowedIn(draft, version);
  const { rules, limits, holds, bodyWeightOnly } = allowed;
  // What was said of the version that is left behind does not stay.
  const trace = draft.trace.filter(({ kind }) => kind !== 'cautioned');
  const next = saying(
    { ...draft, trace, version: allowed.version, rules, limits, holds, bodyWeightOnly },
    {
      step: 'kit',
      kind: 'substituted',
      gap,
      from,
      version,
      score,
      harder: isHarder(version, from, context.catalog),
    },
    ...rules.map((rule) => ({ step: 'cautions', kind: 'cautioned', rule, acted: true }) as const),
  );
  return holding(next, holdFor(allowed, draft, context));
}

/** How it is held, when there is something that is not too heavy. */
function holding(draft: CellDraft, hold: HoldFit | undefined): CellDraft {
  return { ...draft, held: hold && !hold.tooHeavy ? hold : undefined };
}

function said(draft: CellDraft, version: Version): CellDraft {
  const { held } = draft;
  return saying(
    draft,
    held
      ? { step: 'kit', kind: 'loadsThere', count: held.loads.length }
      : { step: 'kit', kind: 'bodyWeight', couldHold: version.exercise.loading !== undefined },
  );
}
