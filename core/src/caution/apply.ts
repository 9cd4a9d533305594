import { LEVERS, type Pattern } from '../model';
import { easierOrEqual, withLever, type Catalog, type Version } from '../ladder';
import { CAUTION_RULES, type CautionRule, type CautionSubject } from './rules';

/** How far effort is held down. */
export interface EffortLimits {
  readonly reserveAtLeast: number;
  readonly holdAtMostSeconds: number;
}

export const NO_LIMITS: EffortLimits = { reserveAtLeast: 0, holdAtMostSeconds: Infinity };

export type CautionVerdict =
  | {
      readonly kind: 'allowed';
      /** As it may be done: maybe another rung or a moved lever. */
      readonly version: Version;
      /** Every rule that had something to say, blocks excepted. */
      readonly rules: readonly CautionRule[];
      readonly limits: EffortLimits;
      /** A load is forbidden, but the version stands without one. */
      readonly bodyWeightOnly: boolean;
    }
  | { readonly kind: 'blocked'; readonly rule: CautionRule };

/** What nobody calls effort. */
const RESTFUL: ReadonlySet<Pattern> = new Set(['mobility', 'balance']);

const MOST_ADAPTATIONS = 3;

const RULES_BY_CONDITION = new Map<CautionSubject, readonly CautionRule[]>();
for (const rule of CAUTION_RULES) {
  RULES_BY_CONDITION.set(rule.condition, [...(RULES_BY_CONDITION.get(rule.condition) ?? []), rule]);
}

/**
 * What a person's conditions make of a version. An adaptation first looks for a rung of the same exercise that
 * keeps the limit, then moves the lever itself if that takes no other thing (less depth, but not a higher surface);
 * where neither is possible, it counts as a block.
 */
export function applyCautions(
  version: Version,
  conditions: readonly CautionSubject[],
  catalog: Catalog,
  adaptations = 0,
): CautionVerdict {
  let limits = NO_LIMITS;
  let bodyWeightOnly = false;
  const acted: CautionRule[] = [];

  for (const condition of conditions) {
    for (const rule of RULES_BY_CONDITION.get(condition) ?? []) {
      const met = meets(version, rule.demand, bodyWeightOnly);
      if (!met) continue;
      const { action } = rule;
      switch (action.kind) {
        case 'block':
          if (met === 'always' || version.exercise.loading?.required) return { kind: 'blocked', rule };
          bodyWeightOnly = true;
          break;
        case 'adapt': {
          if (easierOrEqual(action.lever, version.levers[action.lever], action.limit)) continue;
          const adapted = adapt(version, rule, catalog);
          // Limits that chase each other from rung to rung have no version that keeps them all.
          if (!adapted || adaptations >= MOST_ADAPTATIONS) return { kind: 'blocked', rule };
          // Another rung may make other demands, so every rule looks at it afresh.
          const verdict = applyCautions(adapted, conditions, catalog, adaptations + 1);
          return verdict.kind === 'blocked' ? verdict : { ...verdict, rules: [rule, ...verdict.rules] };
        }
        case 'ease':
          limits = {
            reserveAtLeast: Math.max(limits.reserveAtLeast, action.reserveAtLeast ?? 0),
            holdAtMostSeconds: Math.min(limits.holdAtMostSeconds, action.holdAtMostSeconds ?? Infinity),
          };
          break;
        case 'warn':
          break;
      }
      acted.push(rule);
    }
  }
  return { kind: 'allowed', version, rules: acted, limits, bodyWeightOnly };
}

/** Whether a version makes a demand: always, only while loaded, or not. */
function meets(
  version: Version,
  demand: CautionRule['demand'],
  bodyWeightOnly: boolean,
): 'always' | 'loaded' | undefined {
  if (demand === 'effort') return RESTFUL.has(version.exercise.pattern) ? undefined : 'always';
  if (demand === 'held') return version.exercise.loading && !bodyWeightOnly ? 'loaded' : undefined;
  if (version.demands.includes(demand)) return 'always';
  return !bodyWeightOnly && version.exercise.loading && version.demandsLoaded.includes(demand)
    ? 'loaded'
    : undefined;
}

function adapt(version: Version, rule: CautionRule, catalog: Catalog): Version | undefined {
  if (rule.action.kind !== 'adapt') return undefined;
  const { lever, limit, words } = rule.action;
  const range = version.exercise.levers.find((own) => own.lever === lever);
  if (!range || limit < range.from || limit > range.to) return undefined;
  const ladder = version.ladderId === undefined ? undefined : catalog.ladders.get(version.ladderId);
  // Rungs stand easiest first, so the last that keeps the limit is the hardest allowed one.
  const rung = ladder?.rungs.findLast(
    (other) => other.exerciseId === version.exercise.id && easierOrEqual(lever, other.levers[lever], limit),
  );
  if (rung) return catalog.versionByRung.get(rung.id);
  return LEVERS[lever].free ? withLever(version, lever, limit, words) : undefined;
}
