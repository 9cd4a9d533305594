import type {
  BandPath,
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

/** An exercise before it is said what it asks of a body: that stands in one table, see `demands.ts`. */
export type Movement = Omit<Exercise, 'demands' | 'demandsLoaded' | 'easedBy' | 'handsBusy'>;

type Facts = Partial<Omit<Movement, 'id' | 'muscles'>> & {
  readonly muscles?: Partial<Record<Muscle, number>>;
};

/** Exercises that share most of what there is to say: each says only what is different. */
export function family(
  shared: Facts & { readonly pattern: Pattern; readonly muscles: Partial<Record<Muscle, number>> },
  members: Readonly<Record<string, Facts & { readonly name: string }>>,
): readonly Movement[] {
  return Object.entries(members).map(([id, own]) => {
    const { muscles, ...facts } = { ...shared, ...own };
    return {
      laterality: 'both',
      position: 'standing',
      impact: 'none',
      needs: [],
      levers: [],
      secondsPerRep: 4,
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

/**
 * A load that only adds to the body the limbs move anyway. `ratio` is then of body and load together, and `bodyShare` the part of
 * the body above the working joints: all but shanks and feet in a lunge, all but the forearms in a pull-up, all but the feet on the
 * toes. Source of the shares: Winter 2009, table 4.1 (from memory); of the ratios: common practice.
 */
export function heldOnTop(
  lift: Lift,
  ratio: number,
  holds: readonly Hold[],
  bodyShare: number,
  required = false,
): Loading {
  return { lift, ratio, holds: [...holds], required, bodyShare };
}

/** All but both shanks and feet: 1 − 2 × (0.0465 + 0.0145). */
export const ABOVE_THE_KNEES = 0.88;
/** All but both forearms and hands: 1 − 2 × (0.016 + 0.006). */
export const BELOW_THE_HANDS = 0.96;
/** All but both feet: 1 − 2 × 0.0145. */
export const ABOVE_THE_ANKLES = 0.97;

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
  readonly after?: readonly (readonly [ladderId: string, rungId: string])[];
}

/** One rung; the tier as its first letter. */
export function rung(
  id: string,
  exerciseId: string,
  name: string,
  tier: 'b' | 'i' | 'a',
  gate: Gate,
  { levers = {}, needs = [], after = [] }: RungFacts = {},
): Rung {
  return {
    id,
    exerciseId,
    name,
    tier: TIER_OF[tier],
    levers,
    needs: needs.map((need) => [...need]),
    spares: [],
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
