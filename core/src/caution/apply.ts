import type { Hold, LeverKind, LeverSettings, Pattern } from '../model';
import { demandsHeld, easierOrEqual, holdingOn, withLever, type Catalog, type Version } from '../ladder';
import { LEVERS } from '../model';
import { CAUTION_RULES } from './rules';
import type { CautionAction, CautionRule, CautionSubject } from './rule';

/** How far effort is held down. */
export interface EffortLimits {
  readonly reserveAtLeast: number;
  /** Of anything written as a hold. */
  readonly holdAtMostSeconds: number;
  /** Of clocked work that is a held strain, whatever it is written as. */
  readonly clockAtMostSeconds: number;
}

export const NO_LIMITS: EffortLimits = {
  reserveAtLeast: 0,
  holdAtMostSeconds: Infinity,
  clockAtMostSeconds: Infinity,
};

export type CautionVerdict =
  | {
      readonly kind: 'allowed';
      /** As it may be done: maybe another rung, a moved lever, or a hand on something. */
      readonly version: Version;
      /** Every rule that had something to say of it, in the order of the table. */
      readonly rules: readonly CautionRule[];
      readonly limits: EffortLimits;
      /** How it may be held: the exercise's own holds, less those that are forbidden. */
      readonly holds: readonly Hold[];
      /** A load is forbidden, but the version stands without one. */
      readonly bodyWeightOnly: boolean;
    }
  | {
      readonly kind: 'blocked';
      readonly rule: CautionRule;
      /** For whoever goes past it all the same. */
      readonly limits: EffortLimits;
    };

/** What nobody calls effort. */
const RESTFUL: ReadonlySet<Pattern> = new Set(['mobility', 'balance']);

type AdaptRule = CautionRule & { readonly action: Extract<CautionAction, { kind: 'adapt' | 'holdOn' }> };

/** The rules of some subjects, in the order of the table, however the subjects were entered. */
interface RuleSet {
  readonly all: readonly CautionRule[];
  readonly adapts: readonly AdaptRule[];
  readonly blocks: readonly CautionRule[];
  /** Verdicts there already were: versions of a catalog stay the same objects. */
  readonly known: WeakMap<Version, CautionVerdict>;
}

const ruleSets = new Map<string, RuleSet>();

function rulesFor(subjects: readonly CautionSubject[]): RuleSet {
  const key = subjects.length < 2 ? (subjects[0] ?? '') : [...new Set(subjects)].sort().join(' ');
  const found = ruleSets.get(key);
  if (found) return found;
  const all = CAUTION_RULES.filter(({ condition }) => subjects.includes(condition));
  const set: RuleSet = {
    all,
    adapts: all.filter((rule): rule is AdaptRule => ADAPTING.has(rule.action.kind)),
    blocks: all.filter(({ action }) => action.kind === 'block'),
    known: new WeakMap(),
  };
  ruleSets.set(key, set);
  return set;
}

const ADAPTING: ReadonlySet<CautionAction['kind']> = new Set(['adapt', 'holdOn']);

/**
 * What a person's conditions make of a version, the same in whatever order they were entered. First it is adapted until no rule
 * asks for more: limits only ever get stricter, so that this ends. Then whatever is still forbidden blocks it, or the ways of
 * holding a load that are. Last come the limits of effort and what is only said, of the version as it came out: what was said of a
 * step left behind does not stay.
 *
 * @param version to be looked at
 * @param subjects conditions, and what else holds the person back
 * @param catalog with its ladder
 * @example applyCautions(gobletSquat, ['soreKnee'], catalog).version.levers.range // 60
 */
export function applyCautions(
  version: Version,
  subjects: readonly CautionSubject[],
  catalog: Catalog,
): CautionVerdict {
  const rules = rulesFor(subjects);
  let verdict = rules.known.get(version);
  if (!verdict) rules.known.set(version, (verdict = judge(version, rules, catalog)));
  return verdict;
}

function judge(version: Version, rules: RuleSet, catalog: Catalog): CautionVerdict {
  const { adapted, acted, failed } = adaptToEnd(version, rules.adapts, catalog);
  if (!adapted) {
    // What cannot be adapted is blocked; a rule that forbids it outright says why more plainly.
    const outright = rules.blocks.find((rule) => meetsBody(version, rule.demand));
    return blocked(version, outright ?? failed, rules);
  }
  const forbidden = rules.blocks.find((rule) => meetsBody(adapted, rule.demand));
  if (forbidden) return blocked(adapted, forbidden, rules);
  const { holds, against } = allowedHolds(adapted, rules);
  const { loading } = adapted.exercise;
  if (loading?.required && holds.length === 0 && against[0]) return blocked(adapted, against[0], rules);
  const loaded = holds.length > 0;
  const said = rules.all.filter((rule) => {
    if (ADAPTING.has(rule.action.kind)) return acted.has(rule) || against.includes(rule);
    if (rule.action.kind === 'block') return against.includes(rule);
    return meetsBody(adapted, rule.demand) || (loaded && meetsHeld(adapted, rule.demand, holds));
  });
  return {
    kind: 'allowed',
    version: adapted,
    rules: said,
    limits: limitsOf(adapted, rules.all, loaded ? 'loaded' : 'body'),
    holds,
    bodyWeightOnly: loading !== undefined && !loaded,
  };
}

function blocked(version: Version, rule: CautionRule, rules: RuleSet): CautionVerdict {
  return { kind: 'blocked', rule, limits: limitsOf(version, rules.all, 'loaded') };
}

/** Adapted until no rule asks for more, or the first rule that cannot be kept. */
type Adapted =
  | { readonly adapted: Version; readonly acted: ReadonlySet<CautionRule>; readonly failed?: undefined }
  | { readonly adapted?: undefined; readonly acted: ReadonlySet<CautionRule>; readonly failed: AdaptRule };

function adaptToEnd(version: Version, rules: readonly AdaptRule[], catalog: Catalog): Adapted {
  const acted = new Set<AdaptRule>();
  let current = version;
  for (;;) {
    const asking = rules.filter((rule) => meetsBody(current, rule.demand) && !keeps(current, rule));
    if (asking.length === 0) return { adapted: current, acted };
    for (const rule of asking) acted.add(rule);
    const next = under(
      version,
      rules.filter((rule) => acted.has(rule)),
      catalog,
    );
    const failed = rules.find((rule) => acted.has(rule));
    if (!next || !failed) return failed ? { acted, failed } : { adapted: current, acted };
    current = next;
  }
}

function keeps(version: Version, { action }: AdaptRule): boolean {
  return action.kind === 'holdOn'
    ? version.holdingOn === true
    : easierOrEqual(action.lever, version.levers[action.lever], action.limit);
}

/** The strictest limit of each lever, and its words. */
function strictest(
  rules: readonly AdaptRule[],
): readonly (readonly [lever: LeverKind, limit: number, words: string])[] {
  const limits = new Map<LeverKind, { limit: number; words: string }>();
  for (const { action } of rules) {
    if (action.kind !== 'adapt') continue;
    const { lever, limit, words } = action;
    const known = limits.get(lever);
    if (!known || (known.limit !== limit && easierOrEqual(lever, limit, known.limit))) {
      limits.set(lever, { limit, words });
    }
  }
  return [...limits].map(([lever, { limit, words }]) => [lever, limit, words]);
}

/**
 * A version with all limits kept: as it is, on the hardest rung of the same exercise that keeps them and is no harder, or with
 * levers moved that take no other thing (less depth, but not a higher surface).
 */
function under(version: Version, rules: readonly AdaptRule[], catalog: Catalog): Version | undefined {
  const limits = strictest(rules);
  const within = (levers: LeverSettings) =>
    limits.every(([lever, limit]) => easierOrEqual(lever, levers[lever], limit));
  const found = within(version.levers)
    ? version
    : (rungUnder(version, within, catalog) ?? moved(version, limits));
  return found && rules.some(({ action }) => action.kind === 'holdOn') ? holdingOn(found) : found;
}

function rungUnder(
  { exercise, ladderId, rung }: Version,
  within: (levers: LeverSettings) => boolean,
  catalog: Catalog,
): Version | undefined {
  const rungs = catalog.ladders.get(ladderId ?? '')?.rungs ?? [];
  const standsAt = rungs.findIndex(({ id }) => id === rung?.id);
  const found = rungs
    .slice(0, standsAt + 1)
    .findLast(({ exerciseId, levers }) => exerciseId === exercise.id && within(levers));
  return found && catalog.versionByRung.get(found.id);
}

function moved(version: Version, limits: ReturnType<typeof strictest>): Version | undefined {
  let result = version;
  for (const [lever, limit, words] of limits) {
    if (easierOrEqual(lever, result.levers[lever], limit)) continue;
    const range = version.exercise.levers.find((own) => own.lever === lever);
    if (!range || limit < range.from || limit > range.to || !LEVERS[lever].free) return undefined;
    result = withLever(result, lever, limit, words);
  }
  return result;
}

/** How it may be held, and the rules that forbid the other ways. */
function allowedHolds(
  version: Version,
  { blocks, adapts }: RuleSet,
): { readonly holds: readonly Hold[]; readonly against: readonly CautionRule[] } {
  const own = version.exercise.loading?.holds ?? [];
  const against = new Set<CautionRule>();
  const holds = own.filter((hold) => {
    const asked = demandsHeld(version, hold);
    const forbids = (rule: CautionRule) =>
      rule.demand === 'held' || asked.some((demand) => demand === rule.demand);
    const asksMore = (rule: AdaptRule) => rule.action.kind === 'holdOn' || !keeps(version, rule);
    const rules = [...blocks.filter(forbids), ...adapts.filter((rule) => forbids(rule) && asksMore(rule))];
    for (const rule of rules) against.add(rule);
    return rules.length === 0;
  });
  return { holds, against: blocks.concat(adapts).filter((rule) => against.has(rule)) };
}

/** Whether a version makes a demand whatever is held. */
function meetsBody({ demands, exercise }: Version, demand: CautionRule['demand']): boolean {
  if (demand === 'held') return false;
  if (demand === 'anything') return true;
  if (demand === 'effort') return !RESTFUL.has(exercise.pattern);
  return demands.includes(demand);
}

function meetsHeld(version: Version, demand: CautionRule['demand'], holds: readonly Hold[]): boolean {
  if (demand === 'held') return true;
  return holds.some((hold) => demandsHeld(version, hold).some((asked) => asked === demand));
}

function limitsOf(version: Version, rules: readonly CautionRule[], held: 'loaded' | 'body'): EffortLimits {
  if (RESTFUL.has(version.exercise.pattern)) return NO_LIMITS;
  let { reserveAtLeast, holdAtMostSeconds, clockAtMostSeconds } = NO_LIMITS;
  const holds = held === 'loaded' ? (version.exercise.loading?.holds ?? []) : [];
  for (const { action, demand } of rules) {
    if (action.kind !== 'ease') continue;
    const met = meetsBody(version, demand) || meetsHeld(version, demand, holds);
    const seconds = action.holdAtMostSeconds ?? Infinity;
    holdAtMostSeconds = Math.min(holdAtMostSeconds, seconds);
    if (!met) continue;
    reserveAtLeast = Math.max(reserveAtLeast, action.reserveAtLeast ?? 0);
    clockAtMostSeconds = Math.min(clockAtMostSeconds, seconds);
  }
  return reserveAtLeast === 0 && holdAtMostSeconds === Infinity
    ? NO_LIMITS
    : { reserveAtLeast, holdAtMostSeconds, clockAtMostSeconds };
}
