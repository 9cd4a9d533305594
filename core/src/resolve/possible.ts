import { applyCautions, cautionSubjects, NO_LIMITS, type CautionVerdict } from '../caution';
import { tierSteps, type SubstituteContext, type Version } from '../ladder';
import type { PlaceContext } from './context';
import type { CellDraft } from './draft';
import { bestHold, type HoldFit } from './hold';
import { wantedLoad } from './wanted';

/** A version a person may do, with what their conditions say of it. */
export type Allowed = Omit<Extract<CautionVerdict, { kind: 'allowed' }>, 'kind'>;

/** How well a thing fits that asks for a load where none can be made, beside one that needs none. */
const UNLOADED_FIT = 0.4;

/**
 * A version as a person's conditions let them do it; undefined where they forbid it.
 *
 * @param version to look at
 * @param context person and ladders
 * @example allowedVersion(jumpSquat, soreKneed) // undefined
 */
export function allowedVersion(version: Version, context: PlaceContext): Allowed | undefined {
  const subjects = cautionSubjects(context.participant);
  if (subjects.length === 0) {
    const holds = version.exercise.loading?.holds ?? [];
    return { version, rules: [], limits: NO_LIMITS, holds, bodyWeightOnly: false };
  }
  const verdict = applyCautions(version, subjects, context.catalog);
  return verdict.kind === 'allowed' ? verdict : undefined;
}

/**
 * The best way to hold a version as a person may do it; undefined where nothing can or may be held.
 *
 * @param allowed the version with its limits
 * @param draft whose prescription says how much
 * @param context kit and strength
 * @example holdFor(allowed, draft, context)?.hold // 'one'
 */
export function holdFor(allowed: Allowed, draft: CellDraft, context: PlaceContext): HoldFit | undefined {
  if (allowed.bodyWeightOnly) return undefined;
  const wanted = wantedLoad(allowed.version, draft.prescription, allowed.limits, context);
  return wanted && bestHold(allowed, wanted, context);
}

/**
 * Who may stand in for a version: allowed by the person's conditions, possible with their kit, not above their tier.
 *
 * @param version to be stood in for
 * @param draft whose prescription says how much
 * @param context person, kit, ladders
 * @example bestSubstitute(version, standIns(version, draft, context))?.score // 0.81
 */
export function standIns(version: Version, draft: CellDraft, context: PlaceContext): SubstituteContext {
  const { catalog, owned } = context;
  const { tier } = draft;
  const required = version.exercise.loading?.required ?? false;
  return {
    catalog,
    tier: tierSteps(version.tier ?? tier, tier) > 0 ? (version.tier ?? tier) : tier,
    allowed: (candidate) => {
      const allowed = allowedVersion(candidate, context);
      if (!allowed || owned.missing(allowed.version.needs).length > 0) return undefined;
      if (!allowed.version.exercise.loading?.required) return allowed.version;
      const hold = holdFor(allowed, draft, context);
      return hold && !hold.tooHeavy ? allowed.version : undefined;
    },
    loadFit: (candidate) => {
      const allowed = allowedVersion(candidate, context);
      const hold = allowed && holdFor(allowed, draft, context);
      return hold ? hold.fit : required ? UNLOADED_FIT : 1;
    },
  };
}
