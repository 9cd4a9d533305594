import type {
  BandPath,
  Demand,
  Exercise,
  Gate,
  Hold,
  Ladder,
  Lift,
  Loading,
  Muscle,
  Need,
  Pattern,
  Rung,
  Tier,
} from '../model';

type Facts = Partial<Omit<Exercise, 'id' | 'muscles'>> & {
  readonly muscles?: Partial<Record<Muscle, number>>;
};

/** Exercises that share most of what there is to say: each says only what is different. */
export function family(
  shared: Facts & { readonly pattern: Pattern; readonly muscles: Partial<Record<Muscle, number>> },
  members: Readonly<Record<string, Facts & { readonly name: string }>>,
): readonly Exercise[] {
  return Object.entries(members).map(([id, own]) => {
    const { muscles, ...facts } = { ...shared, ...own };
    return {
      laterality: 'both',
      position: 'standing',
      impact: 'none',
      needs: [],
      levers: [],
      secondsPerRep: 4,
      demands: [],
      demandsLoaded: [],
      ...facts,
      id,
      muscles: Object.entries(muscles).map(([muscle, share]) => ({ muscle: muscle as Muscle, share })),
    };
  });
}

/** How it is loaded: by which lift, at what share of that lift's reference, held how. */
export function held(
  lift: Lift,
  ratio: number,
  holds: readonly Hold[],
  required: boolean,
  band?: BandPath,
): Loading {
  return { lift, ratio, holds: [...holds], required, ...(band && { band }) };
}

export function bandFrom(fixedBy: string, startOfStature: number, endOfStature: number): BandPath {
  return { fixedBy, startOfStature, endOfStature };
}

/** So many sets of so many reps with so many left, on two visits. */
export function repsGate(sets: number, reps: number, reserve = 2, ...seen: string[]): Gate {
  return { sets, reps, reserve, visits: 2, ...(seen.length > 0 && { seen }) };
}

/** So many sets of so many seconds, on two visits. */
export function secondsGate(sets: number, seconds: number, ...seen: string[]): Gate {
  return { sets, seconds, reserve: 0, visits: 2, ...(seen.length > 0 && { seen }) };
}

interface RungFacts {
  readonly levers?: Rung['levers'];
  readonly needs?: readonly Need[];
  readonly spares?: readonly Demand[];
  readonly after?: readonly (readonly [ladderId: string, rungId: string])[];
}

/** One rung; the tier as its first letter. */
export function rung(
  id: string,
  exerciseId: string,
  name: string,
  tier: 'b' | 'i' | 'a',
  gate: Gate,
  { levers = {}, needs = [], spares = [], after = [] }: RungFacts = {},
): Rung {
  return {
    id,
    exerciseId,
    name,
    tier: TIER_OF[tier],
    levers,
    needs: needs.map((need) => [...need]),
    spares: [...spares],
    gate,
    prerequisites: after.map(([ladderId, rungId]) => ({ ladderId, rungId })),
  };
}

const TIER_OF: Readonly<Record<'b' | 'i' | 'a', Tier>> = {
  b: 'beginner',
  i: 'intermediate',
  a: 'advanced',
};

/** A ladder with what to do when stuck, and by what to see that a rung was taken too early. */
export function ladder(
  id: string,
  name: string,
  pattern: Pattern,
  whenStuck: string,
  stepBack: string,
  rungs: readonly Rung[],
): Ladder {
  return { id, name, pattern, whenStuck, stepBack, rungs: [...rungs] };
}
