import type { Demand, Exercise, Hold, Muscle, Pattern, Tier } from '../model';
import { CatalogError, type Catalog } from './catalog';
import { tierSteps } from './choose-rung';
import type { Version } from './version';

/** What a candidate has to pass and how far the kit carries it; supplied by whoever knows the participant. */
export interface SubstituteContext {
  readonly catalog: Catalog;
  /** No candidate above this tier. */
  readonly tier: Tier;
  /** The candidate as this person may do it, or undefined when a caution or a missing thing forbids it. */
  readonly allowed: (candidate: Version) => Version | undefined;
  /** From 0 to 1: how near the kit comes to the load the candidate asks for. */
  readonly loadFit: (candidate: Version) => number;
  /** What to begin with, where something is held. */
  readonly startLoad?: ((candidate: Version) => StartLoad | undefined) | undefined;
}

/** A load to begin a substitute with: carried over and set low, with how far it may be off. */
export interface StartLoad {
  /** All that is held. */
  readonly kg: number;
  readonly hold: Hold;
  /** As a share of the maximum it rests on. */
  readonly standardError: number;
}

/** Each part from 0 to 1. */
export interface ScoreParts {
  readonly pattern: number;
  /** On the same ladder: the way there and back is known. */
  readonly ladder: number;
  readonly muscles: number;
  readonly load: number;
  readonly level: number;
  readonly sides: number;
  readonly position: number;
  /** Whether it stands as firmly: one leg, hanging and closed eyes take some of the work away. */
  readonly stability: number;
}

export interface RankedSubstitute {
  readonly version: Version;
  readonly start?: StartLoad | undefined;
  /** From 0 to 1. */
  readonly score: number;
  readonly parts: ScoreParts;
}

/** What counts how much when one exercise stands in for another (common practice, no published source). */
export const SCORE_WEIGHTS: ScoreParts = {
  pattern: 0.3,
  ladder: 0.05,
  muscles: 0.3,
  load: 0.15,
  level: 0.09,
  sides: 0.04,
  position: 0.04,
  stability: 0.03,
};

/** Below this a substitute trains something else, and it is more honest to leave the slot out. */
export const LEAST_SCORE = 0.42;

/** Patterns that partly stand in for each other (common practice, no published source). */
const RELATED: readonly (readonly [Pattern, Pattern, number])[] = [
  ['squat', 'lunge', 0.8],
  ['squat', 'hinge', 0.4],
  ['squat', 'thrust', 0.3],
  ['squat', 'bridge', 0.3],
  ['lunge', 'hinge', 0.4],
  ['lunge', 'hop', 0.3],
  ['hinge', 'bridge', 0.8],
  ['hinge', 'legCurl', 0.6],
  ['bridge', 'legCurl', 0.7],
  ['bridge', 'hip', 0.4],
  ['press', 'fly', 0.7],
  ['press', 'overhead', 0.5],
  ['press', 'extend', 0.5],
  ['press', 'brace', 0.3],
  ['overhead', 'raise', 0.6],
  ['overhead', 'extend', 0.4],
  ['row', 'pullUp', 0.7],
  ['row', 'posture', 0.7],
  ['row', 'curl', 0.4],
  ['pullUp', 'posture', 0.4],
  ['pullUp', 'curl', 0.4],
  ['posture', 'raise', 0.4],
  ['calf', 'hop', 0.4],
  ['calf', 'balance', 0.3],
  ['brace', 'thrust', 0.2],
  ['brace', 'sideBrace', 0.7],
  ['brace', 'antiTwist', 0.7],
  ['brace', 'legLower', 0.6],
  ['brace', 'trunkCurl', 0.5],
  ['sideBrace', 'antiTwist', 0.6],
  ['sideBrace', 'hip', 0.3],
  ['trunkCurl', 'legLower', 0.7],
  ['trunkCurl', 'antiTwist', 0.4],
  ['legLower', 'antiTwist', 0.5],
  ['hip', 'balance', 0.3],
  ['hop', 'thrust', 0.7],
  ['balance', 'lunge', 0.3],
];

const MATCHES = new Map<string, number>(
  RELATED.flatMap(([a, b, match]) => [[`${a} ${b}`, match] as const, [`${b} ${a}`, match] as const]),
);

function patternMatch(a: Pattern, b: Pattern): number {
  if (a === b) return 1;
  return MATCHES.get(`${a} ${b}`) ?? 0;
}

/** Shared share of muscles over all shares: 1 when alike, 0 when nothing is common. */
export function muscleOverlap(a: Exercise, b: Exercise): number {
  const shares = new Map<Muscle, number>(a.muscles.map(({ muscle, share }) => [muscle, share]));
  let common = 0;
  let all = a.muscles.reduce((sum, { share }) => sum + share, 0);
  for (const { muscle, share } of b.muscles) {
    const other = shares.get(muscle) ?? 0;
    common += Math.min(other, share);
    all += Math.max(0, share - other);
  }
  return common / all;
}

/** An exercise that was asked for by itself, where it stands on its ladder, if it stands on one. */
function placed(version: Version, { placeOf }: Catalog): Version {
  return version.rung ? version : (placeOf.get(version.exercise.id) ?? version);
}

/** How many rungs a version is further up a ladder than another; undefined where they are not on the same. */
function rungsAbove(version: Version, than: Version, { ladders }: Catalog): number | undefined {
  if (version.ladderId === undefined || version.ladderId !== than.ladderId) return undefined;
  const rungs = ladders.get(version.ladderId)?.rungs ?? [];
  const at = ({ rung }: Version) => rungs.findIndex(({ id }) => id === rung?.id);
  return at(version) - at(than);
}

/** On one ladder every rung of distance counts; between ladders the tiers do. */
function levelMatch(wanted: Version, candidate: Version, catalog: Catalog): number {
  const rungs = rungsAbove(candidate, wanted, catalog);
  if (rungs !== undefined) return Math.max(0, 1 - 0.2 * Math.abs(rungs));
  if (!wanted.tier || !candidate.tier) return 0.75;
  return 1 - Math.abs(tierSteps(candidate.tier, wanted.tier)) / 2;
}

/**
 * Whether a version asks more than another: further up the same ladder, else of a higher tier.
 *
 * @param version that would stand in
 * @param than what it would stand in for
 * @param catalog with their ladder
 * @example isHarder(kneePressUp, wallPressUp, catalog) // true
 */
export function isHarder(version: Version, than: Version, catalog: Catalog): boolean {
  const rungs = rungsAbove(placed(version, catalog), placed(than, catalog), catalog);
  if (rungs !== undefined) return rungs > 0;
  return version.tier !== undefined && than.tier !== undefined && tierSteps(version.tier, than.tier) > 0;
}

const UNSTEADY: readonly Demand[] = ['singleLeg', 'eyesClosed', 'hanging'];

function unsteadiness({ demands }: Version): number {
  return Math.min(2, UNSTEADY.filter((demand) => demands.includes(demand)).length);
}

/** How well `candidate` stands in for `wanted`, with its parts. */
export function scoreSubstitute(
  wanted: Version,
  candidate: Version,
  context: Pick<SubstituteContext, 'loadFit' | 'catalog'>,
): RankedSubstitute {
  const place = placed(wanted, context.catalog);
  const parts: ScoreParts = {
    pattern: patternMatch(wanted.exercise.pattern, candidate.exercise.pattern),
    ladder: place.ladderId !== undefined && place.ladderId === candidate.ladderId ? 1 : 0,
    muscles: muscleOverlap(wanted.exercise, candidate.exercise),
    load: context.loadFit(candidate),
    level: levelMatch(place, candidate, context.catalog),
    sides: wanted.exercise.laterality === candidate.exercise.laterality ? 1 : 0.5,
    position: wanted.exercise.position === candidate.exercise.position ? 1 : 0.5,
    stability: 1 - Math.abs(unsteadiness(wanted) - unsteadiness(candidate)) / 2,
  };
  let score = 0;
  for (const part of PARTS) score += SCORE_WEIGHTS[part] * parts[part];
  return { version: candidate, score, parts };
}

const PARTS = Object.keys(SCORE_WEIGHTS) as (keyof ScoreParts)[];

/** A version that might stand in for another, scored as if the kit carried it all the way. */
interface Candidate {
  readonly version: Version;
  /** Place in the catalog: equal scores keep its order, so that a ranking never flickers. */
  readonly at: number;
  readonly full: RankedSubstitute;
}

const known = new WeakMap<Catalog, Map<string, readonly Candidate[]>>();

/** All but the load depends on the two versions alone, so it is worked out once for each; best first. */
function candidatesFor(wanted: Version, catalog: Catalog): readonly Candidate[] {
  let ofCatalog = known.get(catalog);
  if (!ofCatalog) known.set(catalog, (ofCatalog = new Map()));
  const key = `${wanted.exercise.id} ${wanted.rung?.id ?? ''}`;
  const kept = ofCatalog.get(key);
  if (kept) return kept;
  const context = { catalog, loadFit: () => 1 };
  const candidates = catalog.versions
    .map((version, at) => ({ version, at }))
    .filter(
      ({ version: { exercise, rung } }) =>
        !(exercise.id === wanted.exercise.id && rung?.id === wanted.rung?.id) &&
        patternMatch(wanted.exercise.pattern, exercise.pattern) > 0,
    )
    .map(({ version, at }) => ({ version, at, full: scoreSubstitute(wanted, version, context) }))
    .sort((a, b) => b.full.score - a.full.score || a.at - b.at);
  ofCatalog.set(key, candidates);
  return candidates;
}

/** A candidate as this person may do it, or undefined. */
function scoredFor(
  wanted: Version,
  { version, full }: Candidate,
  context: SubstituteContext,
): RankedSubstitute | undefined {
  if (version.tier && tierSteps(version.tier, context.tier) > 0) return undefined;
  const allowed = context.allowed(version);
  if (!allowed) return undefined;
  if (allowed !== version) return scoreSubstitute(wanted, allowed, context);
  const load = context.loadFit(version);
  const score = full.score - SCORE_WEIGHTS.load * (1 - load);
  return { version, score, parts: { ...full.parts, load } };
}

/**
 * Versions that can stand in for `wanted`, best first: never one that is forbidden, that lacks something it needs,
 * or that is above the person's tier. Equal scores keep the catalog's order, so that the ranking never flickers.
 *
 * @param exercise an exercise's id, at its plain setting, or one version of it
 * @throws CatalogError when there is no exercise with that id
 */
export function rankSubstitutes(exercise: string | Version, context: SubstituteContext): RankedSubstitute[] {
  const wanted = typeof exercise === 'string' ? plainVersion(exercise, context.catalog) : exercise;
  return candidatesFor(wanted, context.catalog)
    .flatMap((candidate) => {
      const scored = scoredFor(wanted, candidate, context);
      if (!scored) return [];
      const start = context.startLoad?.(scored.version);
      return [{ at: candidate.at, ranked: start ? { ...scored, start } : scored }];
    })
    .sort((a, b) => b.ranked.score - a.ranked.score || a.at - b.at)
    .map(({ ranked }) => ranked);
}

/**
 * The first of `rankSubstitutes` alone, without asking about those that could not be better: the kit can only take away
 * from a candidate's full score.
 *
 * @param least nothing below this score
 */
export function bestSubstitute(
  wanted: Version,
  context: SubstituteContext,
  least = 0,
): RankedSubstitute | undefined {
  let best: (RankedSubstitute & { readonly at: number }) | undefined;
  for (const candidate of candidatesFor(wanted, context.catalog)) {
    const { full, at } = candidate;
    if (full.score < least || (best && full.score < best.score)) break;
    const scored = scoredFor(wanted, candidate, context);
    if (!scored || scored.score < least) continue;
    if (!best || scored.score > best.score || (scored.score === best.score && at < best.at)) {
      best = { ...scored, at };
    }
  }
  return best;
}

function plainVersion(exerciseId: string, catalog: Catalog): Version {
  const onLadder = catalog.versions.find(({ exercise }) => exercise.id === exerciseId);
  if (!onLadder) throw new CatalogError(`There is no exercise “${exerciseId}”.`);
  return onLadder;
}
