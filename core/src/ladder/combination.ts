import {
  combinedId,
  midSentence,
  partsInId,
  type CombinationSides,
  type CombinedExercise,
  type CombinedPart,
  type Demand,
  type Exercise,
  type Hold,
  type LeverKind,
  type Loading,
  type Muscle,
  type Need,
  type PartId,
  type Tier,
  TIERS,
} from '../model';
import { USUAL_MAX } from '../strength';
import { leversMoved, versionOfExercise, versionOfRung, withLever, type Version } from './version';

/** One movement of a combination, as somebody does it. */
export interface TogetherPart {
  readonly version: Version;
  /** In one repetition. */
  readonly times: number;
  /** Held while the others move. */
  readonly held?: true | undefined;
  /** The load is its load too. */
  readonly carries: boolean;
}

/** How the parts go together. */
export interface TogetherHow {
  /** Ways of holding that suit every part. */
  readonly holds: readonly Hold[];
  /** All of the first before the next. */
  readonly apart: boolean;
  readonly sides?: CombinationSides | undefined;
}

/**
 * Several versions as one: an exercise of its own, so that whatever counts muscles, demands, time or things counts all of it. What it
 * trains is what its parts train, what it asks is what they ask; where standing and the floor meet in one repetition it is getting
 * up and down. Common practice, no published source.
 *
 * @param parts two to four, in the order they are done
 * @param how they are held, and whether they are really done as one
 * @throws Error without a part
 * @example together([squat, press], { holds: ['pair'], apart: false }).name // 'free squat + standing press'
 */
export function together(parts: readonly TogetherPart[], how: TogetherHow): Version {
  const exercise = combinedExercise(parts, how);
  const holdingOn = !how.apart && parts.some(({ version }) => version.holdingOn);
  return {
    exercise,
    name: `${parts.map((part) => partName(part)).join(how.apart ? ', then ' : ' + ')}${sideWords(exercise, how)}`,
    levers: {},
    needs: exercise.needs,
    demands: exercise.demands,
    demandsLoaded: exercise.demandsLoaded,
    ...(exercise.tier && { tier: exercise.tier }),
    ...(holdingOn && { holdingOn: true as const }),
  };
}

function combinedExercise(parts: readonly TogetherPart[], how: TogetherHow): CombinedExercise {
  const lead = (parts.find(({ held }) => !held) ?? parts[0])?.version.exercise;
  if (!lead) throw new Error('A combination has parts.');
  const { apart, sides } = how;
  const exercises = parts.map(({ version }) => version.exercise);
  const loading = loadingOf(parts, how);
  const held = parts.find((part) => part.held)?.version.exercise;
  const ups = !apart && !held && upsAndDowns(exercises);
  const tier = hardest(parts.flatMap(({ version }) => version.tier ?? []));
  return {
    id: combinedId(parts.map(idOf), apart),
    name: capital(parts.map((part) => partName(part, nameAlone)).join(apart ? ', then ' : ' + ')),
    pattern: lead.pattern,
    ...(tier && { tier }),
    muscles: musclesOf(exercises),
    laterality: lateralityOf(exercises, sides),
    position: (held ?? lead).position,
    impact: hardestImpact(exercises),
    ...(loading && { loading }),
    needs: distinctNeeds(parts.flatMap(({ version }) => version.needs)),
    levers: [],
    secondsPerRep: Math.min(
      MOST_SECONDS,
      parts.reduce(
        (sum, { version, times, held: still }) => sum + (still ? 0 : version.exercise.secondsPerRep * times),
        0,
      ),
    ),
    demands: [
      ...new Set([
        ...parts.flatMap(({ version }) => version.demands),
        ...(held ? (['longStrain'] as const) : []),
        ...(ups ? UP_AND_DOWN : []),
      ]),
    ],
    demandsLoaded: [
      ...new Set(parts.flatMap(({ version, carries }) => (carries ? version.demandsLoaded : []))),
    ],
    ...(exercises.some(({ handsBusy }) => handsBusy) && { handsBusy: true as const }),
    rep: repWords(parts, apart, sides),
    parts: parts.map(({ version, times, held: still, carries }): CombinedPart => ({
      exercise: version.exercise,
      rung: version.rung,
      levers: version.levers,
      times,
      held: still,
      carries,
    })),
    ...(apart && { apart: true as const }),
  };
}

const MOST_SECONDS = 30;
const UP_AND_DOWN: readonly Demand[] = ['upAndDown', 'toFloor'];
const ON_THE_FLOOR: ReadonlySet<Exercise['position']> = new Set(['lying', 'handsAndFeet', 'kneeling']);

/** Whether a repetition of these goes from standing to the floor and back. */
export function upsAndDowns(exercises: readonly Pick<Exercise, 'position'>[]): boolean {
  const low = exercises.filter(({ position }) => ON_THE_FLOOR.has(position)).length;
  return low > 0 && low < exercises.length;
}

function idOf({ version, times, held, carries }: TogetherPart): PartId {
  return {
    exerciseId: version.exercise.id,
    rungId: version.rung?.id,
    moved: leversMoved(version),
    times,
    held,
    carries,
  };
}

const SIDE_WORDS: Readonly<Record<CombinationSides, string>> = {
  same: ', same side',
  opposite: ', opposite sides',
  alternating: ', sides in turn',
};

/** Where a part has sides, how they go together. */
function sideWords({ laterality }: Exercise, { apart, sides }: TogetherHow): string {
  return sides && !apart && laterality !== 'both' ? SIDE_WORDS[sides] : '';
}

/** "two squats": its number, and the name that tells it from other rungs. */
function partName({ version, times, held }: TogetherPart, nameOf = shortName): string {
  return `${held ? 'hold ' : times === 1 ? '' : `${times} `}${nameOf(version)}`;
}

function nameAlone({ exercise }: Version): string {
  return midSentence(exercise.name);
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** A rung's name says little alone ("one arm"): the exercise stands before it, unless it says it. */
function shortName({ name, exercise, rung }: Version): string {
  const plain = midSentence(exercise.name);
  if (!rung) return name;
  const last = plain.split(/\s+/u).at(-1) ?? plain;
  return name.toLowerCase().includes(last.toLowerCase()) ? name : `${plain} (${name})`;
}

function hardestImpact(exercises: readonly Exercise[]): Exercise['impact'] {
  const has = (wanted: Exercise['impact']) => exercises.some(({ impact }) => impact === wanted);
  if (has('high')) return 'high';
  return has('low') ? 'low' : 'none';
}

function musclesOf(exercises: readonly Exercise[]): Exercise['muscles'] {
  const shares = new Map<Muscle, number>();
  for (const { muscle, share } of exercises.flatMap(({ muscles }) => muscles)) {
    shares.set(muscle, Math.max(share, shares.get(muscle) ?? 0));
  }
  return [...shares].map(([muscle, share]) => ({ muscle, share }));
}

function lateralityOf(
  exercises: readonly Exercise[],
  sides: CombinationSides | undefined,
): Exercise['laterality'] {
  const sided = exercises.filter(({ laterality }) => laterality !== 'both');
  if (sided.length === 0) return 'both';
  if (sides === 'alternating') return 'alternating';
  return sided.some(({ laterality }) => laterality === 'eachSide') ? 'eachSide' : 'alternating';
}

/** How the whole is loaded: by the lift of the part that usually gives out first. */
function loadingOf(parts: readonly TogetherPart[], { holds }: TogetherHow): Loading | undefined {
  const carrying = parts.flatMap(({ version, carries, times }) =>
    carries && version.exercise.loading ? [{ loading: version.exercise.loading, times }] : [],
  );
  const weakest = carrying.reduce<(typeof carrying)[number] | undefined>(
    (least, part) => (!least || usualLoad(part) < usualLoad(least) ? part : least),
    undefined,
  );
  if (!weakest || holds.length === 0) return undefined;
  const { lift, ratio } = weakest.loading;
  const band = weakest.loading.band ?? carrying.find(({ loading }) => loading.band)?.loading.band;
  return {
    holds: [...holds],
    lift,
    ratio,
    required: carrying.some(({ loading }) => loading.required),
    ...(holds.includes('band') && band && { band }),
  };
}

function usualLoad({ loading, times }: { readonly loading: Loading; readonly times: number }): number {
  const own = USUAL_MAX[loading.lift].intermediate * loading.ratio - (loading.bodyShare ?? 0);
  return own / times;
}

function hardest(tiers: readonly Tier[]): Tier | undefined {
  return [...TIERS].reverse().find((tier) => tiers.includes(tier));
}

function distinctNeeds(needs: readonly Need[]): Need[] {
  const seen = new Map(needs.map((need) => [[...need].sort().join(' '), need]));
  return [...seen.values()].map((need) => [...need]);
}

function repWords(
  parts: readonly TogetherPart[],
  apart: boolean,
  sides: CombinationSides | undefined,
): string {
  if (apart) return 'the whole number of the first, then the whole number of the next';
  const side = {
    same: ', on the same side',
    opposite: ', on opposite sides',
    alternating: ', sides in turn',
  };
  const held = parts.some((part) => part.held) ? ', the one held throughout' : '';
  return `all of it once is one${held}${sides ? side[sides] : ''}`;
}

/** What looking up the parts of an id needs. */
interface PartLookup {
  readonly exercise: (id: string) => Exercise | undefined;
  readonly onRung: (id: string) => Version | undefined;
}

/**
 * The combination that an id says, as it was done.
 *
 * @param id of a combination
 * @param lookup of its parts
 * @returns undefined for any other id, and where a part is not there any more
 * @example togetherById('free-squat;empty+standing-press', lookup)?.parts.length // 2
 */
export function togetherById(id: string, lookup: PartLookup): CombinedExercise | undefined {
  const read = partsInId(id);
  if (!read) return undefined;
  const parts: TogetherPart[] = [];
  for (const { exerciseId, rungId, moved, times, held, carries } of read.parts) {
    const exercise = lookup.exercise(exerciseId);
    if (!exercise) return undefined;
    const onRung = rungId === undefined ? undefined : lookup.onRung(rungId);
    let version = onRung?.rung
      ? versionOfRung(exercise, onRung.ladderId ?? '', onRung.rung)
      : versionOfExercise(exercise);
    for (const [lever, value] of Object.entries(moved)) {
      version = withLever(version, lever as LeverKind, value, '');
    }
    parts.push({ version, times, held, carries });
  }
  const holds = commonHolds(parts);
  return { ...combinedExercise(parts, { holds, apart: read.apart }), id };
}

/**
 * Ways of holding that suit every part that carries, in the order of the first of them.
 *
 * @param parts with what each can be held by
 * @example commonHolds([squatWithPair, pressWithPair]) // ['pair']
 */
export function commonHolds(parts: readonly TogetherPart[]): Hold[] {
  const [first = [], ...others] = parts.flatMap(({ version, carries }) =>
    carries && version.exercise.loading ? [version.exercise.loading.holds] : [],
  );
  return first.filter((hold) => others.every((own) => own.includes(hold)));
}
