import {
  midSentence,
  VARIED_SIGN,
  type Demand,
  type Exercise,
  type Hold,
  type LeverKind,
  type Muscle,
  type Need,
  type Pattern,
  type Tier,
} from '../model';
import { demandsAt } from './demands';

/** What a few words beside an exercise's name make of it. */
export interface Variation {
  readonly id: string;
  /** As it stands in a name: before it, or behind it. */
  readonly before?: string;
  readonly behind?: string;
  /** Ways of saying it, in small letters. */
  readonly words: readonly string[];
  /** What it goes with. */
  readonly fits: (exercise: Exercise) => boolean;
  readonly change: VariationChange;
}

/** What is different from the exercise it varies. Common practice, no published source. */
export interface VariationChange {
  /** Of the strength in the plain exercise. */
  readonly ratio?: number;
  readonly seconds?: (plain: number) => number;
  readonly muscles?: Partial<Record<Muscle, number>>;
  readonly adds?: readonly Demand[];
  /** Asked only while something is held. */
  readonly addsLoaded?: readonly Demand[];
  readonly spares?: readonly Demand[];
  readonly laterality?: Exercise['laterality'];
  readonly position?: Exercise['position'];
  readonly needs?: readonly Need[];
  readonly holds?: (holds: readonly Hold[]) => readonly Hold[];
  /** Where a lever stands for good. */
  readonly lever?: readonly [LeverKind, number];
  readonly impact?: Exercise['impact'];
  /** No tier below may be given it. */
  readonly tier?: Tier;
  /** Its repetitions are no measure of strength in anything else. */
  readonly otherReps?: true;
}

const MOST_SECONDS = 30;
const of =
  (...patterns: readonly Pattern[]) =>
  ({ pattern }: Exercise) =>
    patterns.includes(pattern);
const SUPPORTED: Need = ['chair', 'counter', 'wall', 'post'];
const isPushUp = ({ pattern, position }: Exercise) =>
  (pattern === 'press' || pattern === 'extend') && position === 'handsAndFeet';
const standsOnTwo = ({ position, demands, laterality }: Exercise) =>
  position === 'standing' && !demands.includes('singleLeg') && laterality === 'both';
const hasLever = (exercise: Exercise, lever: LeverKind, at: number) =>
  exercise.levers.some((own) => own.lever === lever && own.from <= at && at <= own.to);
const isHeldBy =
  (hold: Hold) =>
  ({ loading }: Exercise) =>
    loading !== undefined && loading.holds.length > 1 && loading.holds.includes(hold);
const only = (hold: Hold) => (holds: readonly Hold[]) => holds.filter((own) => own === hold);
const ARMS: readonly Pattern[] = ['overhead', 'raise', 'curl', 'extend'];
const ofTheArms = ({ pattern }: Exercise) => ARMS.includes(pattern);
const reps = ({ pattern }: Exercise) =>
  !['brace', 'sideBrace', 'antiTwist', 'balance', 'mobility', 'hop', 'thrust'].includes(pattern);

/**
 * Words that change an exercise: stance, hands, surface, way, count, place, what is held. One table: a new variation is one entry
 * here. Common practice, no published source, the shares of strength included.
 */
export const VARIATIONS: readonly Variation[] = [
  {
    id: 'narrow',
    before: 'Narrow',
    words: ['narrow', 'close stance', 'narrow stance', 'feet together'],
    fits: (exercise) => of('squat', 'hinge')(exercise) && standsOnTwo(exercise),
    change: { ratio: 0.95, adds: ['unsteady'] },
  },
  {
    id: 'wide',
    before: 'Wide-stance',
    words: ['wide', 'wide stance', 'sumo', 'toes out'],
    fits: (exercise) => of('squat', 'hinge')(exercise) && standsOnTwo(exercise),
    change: { adds: ['apartLegs'], muscles: { innerThigh: 0.7 } },
  },
  {
    id: 'wide-hands',
    before: 'Wide-hand',
    words: ['wide', 'wide hand', 'wide grip'],
    fits: (exercise) => isPushUp(exercise),
    change: { adds: ['wideArms'], muscles: { chest: 1 } },
  },
  {
    id: 'close-hands',
    before: 'Close-hand',
    words: ['narrow', 'close', 'close grip', 'close hand'],
    fits: (exercise) => isPushUp(exercise) && exercise.pattern === 'press',
    change: { muscles: { triceps: 1 } },
  },
  {
    id: 'staggered',
    before: 'Staggered',
    words: ['staggered', 'kickstand', 'b stance', 'split stance'],
    fits: (exercise) => of('squat', 'hinge')(exercise) && standsOnTwo(exercise),
    change: { ratio: 0.7, adds: ['unsteady'], laterality: 'eachSide' },
  },
  {
    id: 'heels-raised',
    before: 'Heels-raised',
    words: ['heels raised', 'heels up', 'heel elevated', 'elevated heel'],
    fits: (exercise) => of('squat')(exercise) && standsOnTwo(exercise),
    change: { ratio: 0.95, spares: ['ankleBend'], muscles: { thighFront: 1 } },
  },
  {
    id: 'one-leg',
    before: 'Single-leg',
    words: ['single leg', 'one leg'],
    fits: (exercise) => of('hinge', 'calf')(exercise) && standsOnTwo(exercise),
    change: { ratio: 0.45, adds: ['singleLeg', 'unsteady'], laterality: 'eachSide', tier: 'intermediate' },
  },
  {
    id: 'one-leg-lying',
    before: 'Single-leg',
    words: ['single leg', 'one leg'],
    fits: (exercise) =>
      of('bridge', 'legCurl')(exercise) && exercise.laterality === 'both' && exercise.position === 'lying',
    change: { ratio: 0.45, adds: ['singleLeg'], laterality: 'eachSide', tier: 'intermediate' },
  },
  {
    id: 'knees',
    behind: 'from the knees',
    words: ['from the knees', 'knees', 'kneeling', 'on the knees'],
    fits: (exercise) =>
      !exercise.demands.includes('kneeling') &&
      (isPushUp(exercise) || (of('brace')(exercise) && exercise.position === 'handsAndFeet')),
    change: { adds: ['kneeling'] },
  },
  {
    id: 'counter',
    behind: 'hands on the counter',
    words: ['counter', 'hands on the counter', 'hands raised', 'incline'],
    fits: (exercise) => hasLever(exercise, 'surfaceHeight', 90),
    change: { lever: ['surfaceHeight', 90], needs: [['counter']] },
  },
  {
    id: 'wall',
    behind: 'hands on the wall',
    words: ['wall', 'hands on the wall', 'against the wall'],
    fits: (exercise) => hasLever(exercise, 'surfaceHeight', 130),
    change: { lever: ['surfaceHeight', 130], needs: [['wall']] },
  },
  {
    id: 'chair',
    behind: 'hands on the chair',
    words: ['chair', 'hands on the chair', 'bench'],
    fits: (exercise) => hasLever(exercise, 'surfaceHeight', 45),
    change: { lever: ['surfaceHeight', 45], needs: [['chair']] },
  },
  {
    id: 'seat',
    behind: 'to a seat',
    words: ['chair', 'box', 'bench', 'seat'],
    fits: (exercise) =>
      of('squat')(exercise) &&
      standsOnTwo(exercise) &&
      hasLever(exercise, 'range', 60) &&
      !exercise.needs.some((need) => need.includes('chair')),
    change: { lever: ['range', 60], needs: [['chair']], otherReps: true },
  },
  {
    id: 'feet-raised',
    behind: 'feet raised',
    words: ['feet raised', 'decline', 'feet elevated', 'feet up'],
    fits: (exercise) => isPushUp(exercise) && !exercise.demands.includes('kneeling'),
    change: { adds: ['headDown'], needs: [['chair', 'step']], tier: 'advanced' },
  },
  {
    id: 'half',
    before: 'Half',
    words: ['half', 'half range', 'partial', 'shallow'],
    fits: (exercise) => hasLever(exercise, 'range', 50),
    change: { lever: ['range', 50], otherReps: true },
  },
  {
    id: 'pulses',
    behind: 'pulses',
    words: ['pulse', 'pulsing'],
    fits: (exercise) => reps(exercise) && exercise.impact !== 'high',
    change: {
      ratio: 0.75,
      seconds: (plain) => Math.max(1, plain * 0.4),
      adds: ['longStrain'],
      otherReps: true,
    },
  },
  {
    id: 'pause',
    before: 'Paused',
    words: ['paused'],
    fits: (exercise) => reps(exercise) && exercise.impact !== 'high',
    change: { ratio: 0.9, seconds: (plain) => Math.min(MOST_SECONDS, plain + 2) },
  },
  {
    id: 'hold',
    before: 'Isometric',
    words: ['isometric', 'static'],
    fits: (exercise) =>
      reps(exercise) && exercise.impact === 'none' && !exercise.demands.includes('longStrain'),
    change: { ratio: 0.8, adds: ['longStrain'], otherReps: true },
  },
  {
    id: 'alternating',
    before: 'Alternating',
    words: ['alternating'],
    fits: (exercise) =>
      exercise.laterality === 'both' && (exercise.loading?.holds.includes('pair') ?? false) && reps(exercise),
    change: { ratio: 0.95, laterality: 'alternating', holds: only('pair') },
  },
  {
    id: 'one-arm',
    before: 'Single-arm',
    words: ['single arm', 'one arm', 'one hand'],
    fits: (exercise) =>
      exercise.laterality === 'both' &&
      (exercise.loading?.holds.includes('pair') ?? false) &&
      (ofTheArms(exercise) || of('row', 'fly', 'press')(exercise)),
    change: {
      ratio: 0.46,
      laterality: 'eachSide',
      holds: (holds) => ['oneSide', ...holds.filter((hold) => hold === 'band')],
    },
  },
  {
    id: 'underhand',
    before: 'Underhand',
    words: ['underhand', 'palms up', 'supinated', 'reverse grip'],
    fits: (exercise) => of('row', 'pullUp')(exercise) && !exercise.demands.includes('kneeling'),
    change: { muscles: { biceps: 0.7 } },
  },
  {
    id: 'overhand',
    before: 'Overhand',
    words: ['overhand', 'palms down', 'pronated'],
    fits: (exercise) => of('row', 'pullUp', 'curl')(exercise),
    change: { ratio: 0.85, muscles: { forearms: 0.8 } },
  },
  {
    id: 'neutral',
    before: 'Neutral-grip',
    words: ['neutral grip', 'palms facing', 'thumbs up'],
    fits: (exercise) =>
      of('pullUp')(exercise) ||
      (of('row', 'press', 'overhead', 'curl')(exercise) &&
        (exercise.loading?.holds.includes('pair') ?? false)),
    change: {},
  },
  {
    id: 'jumping',
    before: 'Jumping',
    words: ['jumping', 'jump', 'plyo', 'explosive'],
    fits: (exercise) =>
      of('squat', 'lunge')(exercise) &&
      exercise.position === 'standing' &&
      exercise.impact === 'none' &&
      exercise.needs.length === 0 &&
      !exercise.demands.includes('longStrain'),
    change: {
      adds: ['jump', 'jolt', 'livelyPace', 'breathless', 'unsteady'],
      impact: 'high',
      tier: 'advanced',
      seconds: () => 2,
      holds: () => [],
      otherReps: true,
    },
  },
  {
    id: 'bottom',
    behind: 'lower half',
    words: ['lower half', 'bottom range'],
    fits: (exercise) => exercise.levers.some((own) => own.lever === 'range') && reps(exercise),
    change: { ratio: 0.9, adds: ['longStrain'], otherReps: true },
  },
  {
    id: 'lying',
    before: 'Lying',
    words: ['lying', 'on the back', 'supine'],
    fits: (exercise) =>
      of('curl')(exercise) && exercise.position === 'standing' && exercise.loading !== undefined,
    change: { ratio: 0.85, position: 'lying', adds: ['lyingBack', 'toFloor'] },
  },
  {
    id: 'seated',
    before: 'Seated',
    words: ['seated', 'sitting'],
    fits: (exercise) =>
      ofTheArms(exercise) && exercise.position === 'standing' && exercise.loading !== undefined,
    change: { ratio: 0.95, position: 'seated', needs: [['chair', 'step']], spares: ['unsteady'] },
  },
  {
    id: 'half-kneeling',
    before: 'Half-kneeling',
    words: ['half kneeling', 'kneeling', 'tall kneeling'],
    fits: (exercise) =>
      (ofTheArms(exercise) || of('antiTwist')(exercise)) &&
      exercise.position === 'standing' &&
      exercise.loading !== undefined,
    change: { ratio: 0.9, position: 'kneeling', adds: ['kneeling', 'toFloor'] },
  },
  {
    id: 'supported',
    behind: 'holding on',
    words: ['supported', 'holding on', 'assisted'],
    fits: ({ demands, handsBusy, loading, position }) =>
      position === 'standing' && demands.includes('unsteady') && !handsBusy && !loading?.required,
    change: { spares: ['unsteady'], needs: [SUPPORTED], holds: () => [] },
  },
  ...(
    [
      ['band', 'band', 'with a band', ['band', 'banded']],
      ['pair', 'pair', 'with a pair', ['pair', 'dumbbell']],
      ['bar', 'bar', 'with a bar', ['barbell', 'bar']],
      ['hex-bar', 'hexBar', 'with a hexagonal bar', ['hex bar', 'hexagonal bar']],
      ['bag', 'bag', 'with a bag', ['bag', 'sandbag']],
      ['kettlebell', 'bothHands', 'with a kettlebell', ['kettlebell']],
    ] as const
  ).map(([id, hold, behind, words]): Variation => ({
    id,
    behind,
    words,
    fits: isHeldBy(hold),
    change: { holds: only(hold) },
  })),
];

const BY_ID: ReadonlyMap<string, Variation> = new Map(
  VARIATIONS.map((variation) => [variation.id, variation]),
);
const LEAST_RATIO = 0.01;

/**
 * The id of an exercise with what varies it, in the table's order, so that the same words in any order are the same.
 *
 * @param exerciseId of the plain exercise
 * @param variations what varies it
 * @example variedId('goblet-squat', [narrow]) // 'goblet-squat~narrow'
 */
export function variedId(exerciseId: string, variations: readonly Variation[]): string {
  const ordered = VARIATIONS.filter((own) => variations.includes(own));
  return [exerciseId, ...ordered.map(({ id }) => id)].join(VARIED_SIGN);
}

/**
 * An exercise with what varies it; undefined for any other id, and where a variation does not go with it.
 *
 * @param id of a varied exercise
 * @param exerciseOf looks up the plain one
 * @example variedById('goblet-squat~narrow', lookup)?.name // 'Narrow goblet squat'
 */
export function variedById(
  id: string,
  exerciseOf: (id: string) => Exercise | undefined,
): Exercise | undefined {
  const [plain = '', ...ids] = id.split(VARIED_SIGN);
  const exercise = ids.length > 0 ? exerciseOf(plain) : undefined;
  if (!exercise) return undefined;
  let varied: Exercise | undefined = exercise;
  for (const own of ids) {
    const variation = BY_ID.get(own);
    varied = varied && variation && vary(varied, variation);
  }
  return varied && { ...varied, id };
}

/**
 * An exercise as one variation makes it: what it asks more is asked, and only what the variation surely takes away is not.
 *
 * @param exercise plain, or varied already
 * @param variation of the table
 * @returns undefined where the two do not go together
 * @example vary(gobletSquat, narrow)?.demands.includes('unsteady') // true
 */
export function vary(exercise: Exercise, variation: Variation): Exercise | undefined {
  if (!variation.fits(exercise)) return undefined;
  const { change, before, behind } = variation;
  // What the body itself weighs in it is not known here: it says nothing of strength.
  const { alsoCalled: _names, bodyLoad: _body, ...facts } = exercise;
  const lever = change.lever;
  const at = lever
    ? demandsAt(exercise, { [lever[0]]: lever[1] })
    : { demands: exercise.demands, demandsLoaded: exercise.demandsLoaded };
  const spared = (demand: Demand) => change.spares?.includes(demand) !== true;
  const demands = [...new Set([...at.demands.filter(spared), ...(change.adds ?? [])])];
  const loading = loadingOf(exercise, change);
  if (exercise.loading?.required && !loading) return undefined;
  const name = midSentence(exercise.name);
  return {
    ...facts,
    id: `${exercise.id}${VARIED_SIGN}${variation.id}`,
    name: before ? `${before} ${name}` : `${exercise.name}, ${behind ?? ''}`,
    muscles: musclesOf(exercise, change),
    ...(change.laterality && { laterality: change.laterality }),
    ...(change.position && { position: change.position }),
    ...(change.impact && { impact: change.impact }),
    ...(change.tier && { tier: change.tier }),
    loading,
    needs: [...exercise.needs, ...(change.needs ?? []).map((need) => [...need])],
    levers: lever ? exercise.levers.filter((own) => own.lever !== lever[0]) : exercise.levers,
    secondsPerRep: Math.min(MOST_SECONDS, change.seconds?.(exercise.secondsPerRep) ?? exercise.secondsPerRep),
    demands,
    demandsLoaded: [...new Set([...at.demandsLoaded.filter(spared), ...(change.addsLoaded ?? [])])].filter(
      (demand) => !demands.includes(demand),
    ),
    ...(exercise.easedBy && {
      easedBy: exercise.easedBy.filter((ease) => ease.lever !== lever?.[0]),
    }),
    ...(change.otherReps && { saysNothing: true as const }),
  } as Exercise;
}

function loadingOf({ loading }: Exercise, { holds, ratio = 1 }: VariationChange): Exercise['loading'] {
  if (!loading) return undefined;
  const held = holds ? holds(loading.holds) : loading.holds;
  if (held.length === 0) return undefined;
  const { band, ...rest } = loading;
  return {
    ...rest,
    holds: [...held],
    ratio: Math.max(LEAST_RATIO, loading.ratio * ratio),
    ...(held.includes('band') && band && { band }),
  };
}

function musclesOf({ muscles }: Exercise, change: VariationChange): Exercise['muscles'] {
  const shares = new Map(muscles.map(({ muscle, share }) => [muscle, share]));
  for (const [muscle, share] of Object.entries(change.muscles ?? {}) as [Muscle, number][]) {
    shares.set(muscle, Math.max(share, shares.get(muscle) ?? 0));
  }
  return [...shares].map(([muscle, share]) => ({ muscle, share }));
}
