import {
  LEAVES_A_HAND,
  midSentence,
  type CombinationSource,
  type Demand,
  type Hold,
  type Need,
  type Prop,
  type SlotSource,
  type Tier,
  TIERS,
} from '../model';
import { applyCautions, cautionSubjects, type EffortLimits } from '../caution';
import {
  prerequisitesReached,
  tierSteps,
  together,
  upsAndDowns,
  versionKey,
  type TogetherPart,
  type Version,
} from '../ladder';
import type { CellReason, PartLeftOut } from '../reason';
import { cautions } from './cautions';
import type { PlaceContext } from './context';
import { draftOf, leavingOut, saying, type CellDraft } from './draft';
import { loadsFor } from './hold';
import { kit } from './kit';
import { allowedVersion, holdFor, standIns, type Allowed } from './possible';
import { leftOutByHand } from './by-hand';
import { rung } from './rung';

/** A slot of several movements. */
type CombinationSlot = CellDraft['slot'] & { readonly source: CombinationSource };

/**
 * Whether a slot holds a combination that nobody has replaced by hand.
 *
 * @param slot the place in the session
 * @param context what is set by hand
 * @example isTogether(slot, context) // false: one movement
 */
export function isTogether(slot: CellDraft['slot'], { override }: PlaceContext): slot is CombinationSlot {
  const replaced = override?.rungId !== undefined || override?.exerciseId !== undefined;
  return slot.source.kind === 'combination' && !replaced;
}

/** One part with what the steps made of it alone. */
interface PlacedPart {
  readonly times: number;
  readonly held: true | undefined;
  readonly draft: CellDraft;
  readonly allowed: Allowed;
}

/**
 * Steps 1 to 3 of a combination: every part by itself, on the person's own rung, as their conditions and their kit let them do it; then
 * all of them with one thing in the hands, or one after the other where that cannot be. A part that cannot be done is left out and the
 * rest stands. Common practice, no published source.
 *
 * @param slot the place in the session
 * @param context person, kit, ladders
 * @example placeTogether(slot, context).version?.name // 'free squat + standing press'
 */
export function placeTogether(slot: CombinationSlot, context: PlaceContext): CellDraft {
  const { override, participant } = context;
  const start = draftOf(slot, participant.tier);
  if (override?.leaveOut) return leftOutByHand(start, override);
  const drafts = slot.source.parts.map(({ source, times = 1, held }) => ({
    times,
    held,
    draft: placedAlone({ ...slot, source }, context),
  }));
  const { twin } = slot;
  const kept = drafts.find(({ draft }) => draft.trace.some(({ kind }) => kind === 'blocked'));
  const instead = kept && twin && twinOf(slot, twin, kept.draft, context);
  if (instead) return instead;
  const stopped = drafts.find(({ draft }) => draft.leftOut?.kind === 'stopped');
  if (stopped) return { ...stopped.draft, slot };
  const tier = easiestTier(drafts.map(({ draft }) => draft.tier));
  const whole: CellDraft = {
    ...start,
    tier,
    prescription: slot.prescriptions[tier],
    trace: inSteps(drafts.flatMap(({ draft }) => draft.trace)),
  };
  const gone = drafts.flatMap(({ draft }, at) =>
    draft.version ? [] : [partLeftOut(nameOf(slot, at, context), draft.leftOut ?? { kind: 'notInLibrary' })],
  );
  const there = drafts.flatMap(({ draft, ...part }): PlacedPart[] => {
    const { version, rules, limits, holds, bodyWeightOnly } = draft;
    return version ? [{ ...part, draft, allowed: { version, rules, limits, holds, bodyWeightOnly } }] : [];
  });
  const rules = distinct(drafts.flatMap(({ draft }) => draft.rules));
  if (!there.some(({ held }) => !held)) {
    const because = drafts.find(({ draft }) => draft.leftOut)?.draft.leftOut ?? { kind: 'notInLibrary' };
    return { ...leavingOut(whole, because, ...gone), rules };
  }
  return fused({ ...saying(whole, ...gone), rules }, there, slot.source, context);
}

/** What the plan gives to whoever may not do a part of it, where they may do that as it is. */
function twinOf(
  slot: CombinationSlot,
  twin: SlotSource,
  { trace }: CellDraft,
  context: PlaceContext,
): CellDraft | undefined {
  if (twin.kind === 'combination') return undefined;
  const placed = placedAlone({ ...slot, source: twin }, context);
  const blocked = trace.find((reason) => reason.kind === 'blocked');
  const changed = placed.trace.some(({ kind }) => kind === 'blocked' || kind === 'substituted');
  if (!placed.version || !blocked || changed) return undefined;
  const reason: CellReason = { ...blocked, instead: { kind: 'twin', version: placed.version } };
  return {
    ...placed,
    slot,
    trace: [reason, ...placed.trace],
    rules: distinct([blocked.rule, ...placed.rules]),
  };
}

/** Steps 1 to 3 of one part, with nothing set by hand. */
function placedAlone(slot: CellDraft['slot'], context: PlaceContext): CellDraft {
  const alone = { ...context, override: undefined, standing: undefined };
  const draft = draftOf({ ...slot, twin: undefined }, context.participant.tier);
  return [rung, cautions, kit].reduce((placed, step) => step(placed, alone), draft);
}

function nameOf({ source: { parts } }: CombinationSlot, at: number, { catalog }: PlaceContext): string {
  const source = parts[at]?.source;
  const named =
    source?.kind === 'ladder'
      ? catalog.ladders.get(source.ladderId)
      : catalog.exerciseById(source?.exerciseId ?? '');
  return midSentence(named?.name ?? '');
}

function partLeftOut(name: string, because: PartLeftOut): CellReason {
  return { step: 'kit', kind: 'partLeftOut', name, because };
}

function easiestTier(tiers: readonly Tier[]): Tier {
  return TIERS.find((tier) => tiers.includes(tier)) ?? 'beginner';
}

const ORDER: readonly CellReason['step'][] = ['rung', 'cautions', 'kit'];
/** Said of each part alone, and again of the whole. */
const OF_THE_WHOLE: ReadonlySet<CellReason['kind']> = new Set(['loadsThere', 'bodyWeight']);

/** Reasons of several parts, step by step, each once. */
function inSteps(reasons: readonly CellReason[]): CellReason[] {
  const once = new Map(
    reasons.filter(({ kind }) => !OF_THE_WHOLE.has(kind)).map((reason) => [JSON.stringify(reason), reason]),
  );
  return ORDER.flatMap((step) => [...once.values()].filter((reason) => reason.step === step));
}

function distinct<Item>(items: readonly Item[]): Item[] {
  return [...new Set(items)];
}

/** All parts as they go one way. */
interface Fit extends Way {
  readonly parts: readonly FittedPart[];
  /** Higher is better. */
  readonly score: number;
}

interface FittedPart extends PlacedPart {
  readonly carries: boolean;
  /** What it was before the hands had to be free. */
  readonly from?: Version | undefined;
}

function fused(
  draft: CellDraft,
  parts: readonly PlacedPart[],
  source: CombinationSource,
  context: PlaceContext,
): CellDraft {
  const { fit, gone } = bestFit(parts, draft, source, context);
  const left = gone.map(({ draft: { version } }) =>
    partLeftOut(midSentence(version?.exercise.name ?? ''), { kind: 'holdsDiffer' }),
  );
  const said = saying(draft, ...left);
  const [only, another] = fit.parts;
  // What is only held is no work of its own.
  if (fit.parts.every(({ held }) => held))
    return leavingOut(said, { kind: 'kitLacks', gap: { kind: 'nothingToHold' } });
  if (only && !another) return alone(said, only, context);
  return asOne(said, fit, source, context);
}

/** What is left of a combination is one movement: it is done like any other. */
function alone(draft: CellDraft, part: FittedPart, context: PlaceContext): CellDraft {
  const { version, rules, limits, holds, bodyWeightOnly } = part.allowed;
  const placed = {
    ...draft,
    version,
    rules: distinct([...draft.rules, ...rules]),
    limits,
    holds,
    bodyWeightOnly,
  };
  const held = holdFor(part.allowed, placed, context);
  const usable = held && !held.tooHeavy ? held : undefined;
  const reason: CellReason = usable
    ? { step: 'kit', kind: 'loadsThere', count: usable.loads.length }
    : { step: 'kit', kind: 'bodyWeight', couldHold: version.exercise.loading !== undefined };
  return saying({ ...placed, held: usable }, reason);
}

function asOne(draft: CellDraft, fit: Fit, source: CombinationSource, context: PlaceContext): CellDraft {
  const { hold, apart } = fit;
  const holds = hold ? [hold] : [];
  const parts = fit.parts.map(({ allowed, times, held, carries }): TogetherPart => {
    return { version: allowed.version, times, held, carries };
  });
  const version = together(parts, { holds, apart, sides: source.sides });
  const rules = distinct([...draft.rules, ...fit.parts.flatMap(({ allowed }) => allowed.rules)]);
  const limits = strictest(fit.parts.map(({ allowed }) => allowed.limits));
  const bodyWeightOnly = hold === undefined && version.exercise.loading !== undefined;
  const placed: CellDraft = { ...draft, version, rules, limits, holds, bodyWeightOnly };
  const held = holdFor({ version, rules, limits, holds, bodyWeightOnly }, placed, context);
  const moved = fit.parts.flatMap(({ from, allowed }): CellReason[] =>
    from ? [{ step: 'kit', kind: 'partFits', from, version: allowed.version }] : [],
  );
  const usable = held && !held.tooHeavy ? held : undefined;
  const how = apart ? 'apart' : usable ? 'asOne' : 'emptyHanded';
  const reason: CellReason = { step: 'kit', kind: 'together', version, how, hold: usable?.hold };
  return saying({ ...placed, held: usable }, ...moved, reason);
}

function strictest(limits: readonly EffortLimits[]): EffortLimits {
  return {
    reserveAtLeast: Math.max(...limits.map(({ reserveAtLeast }) => reserveAtLeast)),
    holdAtMostSeconds: Math.min(...limits.map(({ holdAtMostSeconds }) => holdAtMostSeconds)),
    clockAtMostSeconds: Math.min(...limits.map(({ clockAtMostSeconds }) => clockAtMostSeconds)),
  };
}

/** The best way to hold them all; where there is none, parts that need another thing are left out, the last first. */
function bestFit(
  parts: readonly PlacedPart[],
  draft: CellDraft,
  source: CombinationSource,
  context: PlaceContext,
): { readonly fit: Fit; readonly gone: readonly PlacedPart[] } {
  const gone: PlacedPart[] = [];
  let left = [...parts];
  for (;;) {
    const fits = holdsToTry(left).flatMap((hold) => [
      ...fitsWith(left, hold, false, draft, context),
      ...fitsWith(left, hold, true, draft, context),
    ]);
    const best = fits
      .sort((a, b) => b.score - a.score)
      .find((fit) => isLoaded(fit, asOne(draft, fit, source, context)));
    if (best) return { fit: best, gone };
    const last = left.findLast(needsLoad) ?? left.at(-1);
    if (!last || left.length === 1) {
      return { fit: { hold: undefined, parts: left.map(emptyHanded), apart: false, score: 0 }, gone };
    }
    gone.push(last);
    left = left.filter((part) => part !== last);
  }
}

/** Whether what needs a load has one that all of it can take together. */
function isLoaded({ parts }: Fit, { held }: CellDraft): boolean {
  return held !== undefined || !parts.some((part) => part.carries && needsLoad(part));
}

/** Every way anything of it is held, and empty hands. */
function holdsToTry(parts: readonly PlacedPart[]): readonly (Hold | undefined)[] {
  return [...distinct(parts.flatMap(({ allowed }) => allowed.holds)), undefined];
}

function needsLoad({ allowed: { version } }: PlacedPart): boolean {
  return version.exercise.loading?.required ?? false;
}

function emptyHanded(part: PlacedPart): FittedPart {
  return { ...part, carries: false };
}

/**
 * Points of a fit: a part that needs a load keeps one; then done as one before one after the other, own rungs before easier ones, a
 * load for many before few. Common practice, no published source.
 */
const POINTS = { keepsLoad: 2000, asOne: 1000, ownVersion: 50, carries: 10, reach: 5 };
/** Ways tried of one part, and of all together. */
const MOST_WAYS = 3;
const MOST_FITS = 24;

function fitsWith(
  parts: readonly PlacedPart[],
  hold: Hold | undefined,
  apart: boolean,
  draft: CellDraft,
  context: PlaceContext,
): Fit[] {
  if (apart && parts.some(({ held }) => held)) return [];
  const ways = parts.map((part) => {
    const others = parts.filter((other) => other !== part);
    return waysOf(part, { hold, apart, others }, context);
  });
  const combined = ways.reduce<(readonly FittedPart[])[]>(
    (all, own) => all.flatMap((before) => own.map((one) => [...before, one])).slice(0, MOST_FITS),
    [[]],
  );
  return combined.flatMap((fitted) => {
    const carrying = fitted.filter(({ carries }) => carries);
    if (hold !== undefined && carrying.length === 0) return [];
    if (hold === 'band' && fixings(carrying) > 1) return [];
    if (!apart && !canBeOne(fitted, hold, context)) return [];
    return [{ hold, parts: fitted, apart, score: scoreOf(fitted, { hold, apart }, draft, context) }];
  });
}

/** In how many ways a band would be fixed: one band is fixed one way. */
function fixings(carrying: readonly FittedPart[]): number {
  return distinct(carrying.map(({ allowed }) => allowed.version.exercise.loading?.band?.fixedBy)).length;
}

function scoreOf(fitted: readonly FittedPart[], way: Way, draft: CellDraft, context: PlaceContext): number {
  const carrying = fitted.filter(({ carries }) => carries);
  const inHand = way.hold === undefined ? [] : [way.hold];
  const reach = Math.min(
    ...carrying.map((part) => holdFor({ ...part.allowed, holds: inHand }, draft, context)?.fit ?? 0),
    1,
  );
  const loses = fitted.some(({ carries, draft: { version } }) => {
    const wanted = version?.exercise;
    return !carries && wanted?.loading?.required === true && OF_THE_ARMS.has(wanted.pattern);
  });
  return (
    (loses ? 0 : POINTS.keepsLoad) +
    (way.apart ? 0 : POINTS.asOne) +
    fitted.filter(({ from }) => !from).length * POINTS.ownVersion +
    carrying.length * POINTS.carries +
    reach * POINTS.reach
  );
}

/** A part with the hands as they are: its own version, else those below it on its ladder that go so, hardest first. */
function waysOf(part: PlacedPart, way: WayBeside, context: PlaceContext): FittedPart[] {
  const own = carriedBy(part, way, context);
  const { version } = part.allowed;
  const { catalog } = context;
  const possible = standIns(version, part.draft, context);
  const rungs = catalog.ladders.get(version.ladderId ?? '')?.rungs ?? [];
  const standsAt = rungs.findIndex(({ id }) => id === version.rung?.id);
  const found: FittedPart[] = own ? [own] : [];
  for (const { id } of rungs.slice(0, Math.max(0, standsAt)).reverse()) {
    if (found.length >= MOST_WAYS) break;
    const candidate = catalog.versionByRung.get(id);
    const allowed = candidate && possible.allowed(candidate) && allowedVersion(candidate, context);
    const fitted = allowed && carriedBy({ ...part, allowed }, way, context);
    if (fitted) found.push({ ...fitted, from: version });
  }
  if (own || part.draft.trace.some(({ kind }) => kind === 'blocked')) return found;
  const named = namedLikeLadder(part, way, context);
  return named ? [...found, named] : found;
}

/**
 * A ladder often begins with a seat or a wall, which do not go with another movement: then the exercise the ladder is called by, if it
 * is no more than a tier above and its load sets how hard it is. Common practice, no published source.
 */
function namedLikeLadder(part: PlacedPart, way: WayBeside, context: PlaceContext): FittedPart | undefined {
  const { version } = part.allowed;
  const ladder = context.catalog.ladders.get(version.ladderId ?? '');
  const candidate = ladder?.rungs
    .map(({ id }) => context.catalog.versionByRung.get(id))
    .find((onRung) => onRung?.exercise.name === ladder.name && onRung.exercise.loading?.required);
  const { tier } = part.draft;
  if (!candidate || !ladder || tierSteps(candidate.tier ?? tier, tier) > 1) return undefined;
  if (candidate.rung && !prerequisitesReached(candidate.rung, context.participant, context.catalog.ladders)) {
    return undefined;
  }
  const allowed = allowedVersion(candidate, context);
  if (!allowed || context.owned.missing(allowed.version.needs).length > 0) return undefined;
  const fitted = carriedBy({ ...part, allowed }, way, context);
  return fitted && { ...fitted, from: version };
}

/** Whether a band is led another way for the arms beside: one band is fixed one way, and the arms have it. */
function leadsBandOtherwise({ exercise }: Version, { allowed }: PlacedPart): boolean {
  const theirs = allowed.version.exercise;
  const forArms = OF_THE_ARMS.has(theirs.pattern) && !OF_THE_ARMS.has(exercise.pattern);
  const [own, other] = [exercise.loading?.band?.fixedBy, theirs.loading?.band?.fixedBy];
  return forArms && own !== undefined && other !== undefined && own !== other;
}

/** How all of them are tried. */
interface Way {
  readonly hold: Hold | undefined;
  readonly apart: boolean;
}

/** As one of them sees it. */
interface WayBeside extends Way {
  readonly others: readonly PlacedPart[];
}

/** A part that carries the load, or can be done with it in the hands; undefined where neither goes. */
function carriedBy(part: PlacedPart, way: WayBeside, context: PlaceContext): FittedPart | undefined {
  const { hold, apart, others } = way;
  const { version, holds } = part.allowed;
  const { loading } = version.exercise;
  if (!apart && !part.held && others.some((other) => !other.held && !sharesPlace(version, other)))
    return undefined;
  const otherBand = hold === 'band' && !apart && others.some((other) => leadsBandOtherwise(version, other));
  if (hold !== undefined && holds.includes(hold) && !otherBand) {
    // One after the other, the load is put down for what goes without.
    if (apart && !loading?.required) return { ...part, carries: false };
    if (loadsFor(version, hold, context.owned).length > 0) return { ...part, carries: true };
    return loading?.required ? undefined : { ...part, carries: false };
  }
  if (loading?.required) return undefined;
  if (apart || hold === undefined) return { ...part, carries: false };
  return handsFree(version, hold) ? carriedAlong(part, hold, context) : undefined;
}

/** What a load in the hands asks beside, of a movement that is usually done without. Common practice, no published source. */
const ASKED_ALONG: Partial<Record<Version['exercise']['pattern'], readonly Demand[]>> = {
  hinge: ['loadedHinge', 'grip'],
};

/** A part with the others' load in the hands, where no condition is against a load in it. */
function carriedAlong(part: PlacedPart, hold: Hold, context: PlaceContext): FittedPart | undefined {
  const { version, bodyWeightOnly, holds } = part.allowed;
  const { loading, pattern } = version.exercise;
  const forbidden = loading?.holds.includes(hold) && !holds.includes(hold);
  const eased = part.draft.trace.some(({ kind }) => kind === 'blocked');
  if (forbidden || bodyWeightOnly || eased) return undefined;
  const demands = [...version.demands, ...(ASKED_ALONG[pattern] ?? ['grip'])];
  const verdict = allowedVersion({ ...version, demands }, context);
  const asItIs = verdict && versionKey(verdict.version) === versionKey(version);
  if (!asItIs || Boolean(verdict.version.holdingOn) !== Boolean(version.holdingOn)) return undefined;
  const { rules, limits } = verdict;
  // Whichever way it is held: what it takes of a load is known.
  return { ...part, allowed: { ...part.allowed, rules, limits }, carries: loading?.bodyShare !== undefined };
}

/** What a movement is tied to: with the hands on it, or the back against it. */
const TIED_TO: ReadonlySet<Prop> = new Set(['wall', 'post', 'counter', 'overheadBar']);

function isTied(need: Need): boolean {
  return need.every((prop) => TIED_TO.has(prop));
}

/** A movement at a wall is no one repetition with one away from it. */
function sharesPlace({ needs, exercise }: Version, { allowed }: PlacedPart): boolean {
  const theirs = new Set(allowed.version.needs.map((need) => need.join()));
  const onHands = exercise.position === 'handsAndFeet';
  return needs.every((need) => theirs.has(need.join()) || !(onHands || isTied(need)));
}

/** What takes the hands, or the weight of the body on them. */
const ON_THE_HANDS: ReadonlySet<Version['demands'][number]> = new Set(['wristLoad', 'grip', 'shoulderLoad']);

const ONE_HAND: ReadonlySet<Hold> = new Set(['oneSide', 'band']);

/** Where the arms are what moves: nothing is held beside. */
const OF_THE_ARMS: ReadonlySet<Version['exercise']['pattern']> = new Set([
  ...(['press', 'overhead', 'fly', 'row', 'pullUp', 'posture', 'raise', 'curl', 'extend'] as const),
]);

/** Whether something can be in the hands while it is done. */
function handsFree(version: Version, hold: Hold): boolean {
  const { exercise, levers, demands, holdingOn } = version;
  // On one side the other hand is free.
  if (exercise.pattern === 'sideBrace') return ONE_HAND.has(hold);
  if (OF_THE_ARMS.has(exercise.pattern)) return false;
  if (LEAVES_A_HAND.has(hold) && hold !== 'oneSide') return true;
  if (exercise.handsBusy || exercise.position === 'handsAndFeet') return false;
  if (demands.some((demand) => ON_THE_HANDS.has(demand))) return false;
  return !((levers.assistance ?? 0) > 0) && (!holdingOn || LEAVES_A_HAND.has(hold));
}

/** Whether the parts are one repetition for this person: in one place, and up and down only where that is allowed. */
function canBeOne(parts: readonly FittedPart[], hold: Hold | undefined, context: PlaceContext): boolean {
  const exercises = parts.map(({ allowed }) => allowed.version.exercise);
  const carryAll = parts.every(({ carries }) => carries);
  const inHeld = parts.some(({ held, allowed }) => held && allowed.version.exercise.pattern === 'sideBrace');
  const onePlace = inHeld || new Set(exercises.map(({ position }) => position)).size === 1;
  const anyHeld = parts.some(({ held }) => held);
  if (!onePlace && (anyHeld || (hold !== undefined && !carryAll))) return false;
  // Two things to lean or hang on are not at one place.
  const fixtures = distinct(
    parts.flatMap(({ allowed }) => allowed.version.needs.filter(isTied).map((need) => need.join())),
  );
  if (fixtures.length > 1) return false;
  if (anyHeld || !upsAndDowns(exercises)) return true;
  const whole = together(
    parts.map(({ allowed, times, held, carries }) => ({ version: allowed.version, times, held, carries })),
    { holds: [], apart: false },
  );
  const probe: Version = { ...whole, demands: ['upAndDown'], demandsLoaded: [] };
  const verdict = applyCautions(probe, cautionSubjects(context.participant), context.catalog);
  return verdict.kind === 'allowed' && !verdict.rules.some(({ demand }) => demand === 'upAndDown');
}
