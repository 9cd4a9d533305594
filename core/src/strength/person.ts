import {
  partsOf,
  saysNothing,
  tierFor,
  type CombinedPart,
  type Exercise,
  type Formula,
  type KnownSet,
  type LeverSettings,
  type Lift,
  type Participant,
  type Rung,
} from '../model';
import { estimateStrength, type RunningEstimate } from './estimate';
import type { StrengthObservation } from './observation';
import { priorStrength, REFERENCE_BODY_SHARE } from './prior';
import { curveOf, MOST_READABLE_REPS } from './rep-curve';
import { ownShare } from './body-share';
import { partLoads, repsOfPart } from './together';

/** Where a maximum comes from, surest first. */
export type Basis = 'tested' | 'carried' | 'guess';

/** What a prescription may build on. */
export interface StrengthEstimate {
  /** The low side of the band where little is known, else its middle. */
  readonly maxKg: number;
  /** The middle of the band. */
  readonly middleKg: number;
  /** As a share of the maximum. */
  readonly standardError: number;
  readonly basis: Basis;
  /** The newest set it rests on; none for a guess. */
  readonly from?: KnownSet | undefined;
  /** How many sets it rests on. */
  readonly sets: number;
  readonly formula: Formula;
}

/** Looking up what sets were done in. */
export interface ExerciseIndex {
  readonly exerciseById: (id: string) => Exercise | undefined;
  readonly rungById: (id: string) => Rung | undefined;
}

/**
 * As sure as one tested set of last month makes it: up to here the middle of the band is used, beyond it the load goes down by one
 * percent for each percent of doubt (common practice, no published source: set it low while little is known).
 */
export const SURE_SD = 0.08;

/** The maximum to prescribe from: the less is known, the lower. */
export function cautiousMax({
  maxKg,
  standardError,
}: Pick<RunningEstimate, 'maxKg' | 'standardError'>): number {
  return maxKg * Math.exp(-Math.max(0, standardError - SURE_SD));
}

/** How an exercise tells of a lift. */
interface ToldLift {
  readonly lift: Lift;
  readonly ratio: number;
  /** Of the body, where the maximum is of body and load together. */
  readonly bodyShare?: number | undefined;
}

/** How an exercise tells of a lift: by what is held, or by what of the body it carries. */
export function liftOf({ loading, bodyLoad }: Exercise): ToldLift | undefined {
  if (loading || !bodyLoad) return loading;
  const { lift, ratio, share } = bodyLoad;
  // Where the reference lift counts the body, this one does too.
  return { lift, ratio, ...(REFERENCE_BODY_SHARE[lift] > 0 && { bodyShare: share }) };
}

/** Whether a set shows only how strong somebody is at least: by body weight alone legs are seldom at their end. */
const showsALeast = ({ loading, bodyLoad }: Exercise): boolean =>
  !loading && (bodyLoad?.carriedBy === 'legs' || bodyLoad?.carriedBy === 'hips');

/**
 * What of a body an exercise moves along with a load that is a share of both, in kilograms.
 *
 * @param exercise with its loading
 * @param bodyMassKg of whoever does it
 * @example bodyMovedKg(pullUp, 70) // 67.2
 */
export function bodyMovedKg({ loading }: Exercise, bodyMassKg: number): number {
  return (loading?.bodyShare ?? 0) * bodyMassKg;
}

/**
 * What a maximum in one exercise is worth in another of the same lift. Where one of them counts the body, both do on the way: a
 * goblet squat and a lunge are compared with the body each moves.
 */
function worthIn(from: ToldLift, to: ToldLift, bodyMassKg: number): { ratio: number; plusKg: number } {
  const ratio = to.ratio / from.ratio;
  const reference = REFERENCE_BODY_SHARE[to.lift] * bodyMassKg;
  const counts = Number(to.bodyShare !== undefined) - Number(from.bodyShare !== undefined);
  return { ratio, plusKg: counts * to.ratio * reference };
}

/**
 * Kilograms that a set moved: what was held, and the share of the body that hands or legs carried. Undefined when it says
 * nothing of strength.
 */
export function movedKg(
  set: Pick<KnownSet, 'loadKg'>,
  exercise: Exercise,
  levers: LeverSettings,
  { bodyMassKg, heightCm }: Pick<Participant, 'bodyMassKg' | 'heightCm'>,
): number | undefined {
  const { bodyLoad } = exercise;
  const alongKg = bodyMovedKg(exercise, bodyMassKg);
  if (alongKg > 0) return alongKg + (set.loadKg ?? 0);
  if (!bodyLoad) return set.loadKg;
  return bodyMassKg * ownShare(bodyLoad, levers, heightCm) + (set.loadKg ?? 0);
}

/** A set, and what it moved in an exercise that tells of a lift. */
interface ToldSet {
  readonly set: KnownSet;
  /** The whole of it, where `set` is only what a combination says of one of its parts. */
  readonly whole?: KnownSet | undefined;
  readonly told: ToldLift;
  readonly kg: number;
}

/** What is taken where no repetitions are asked: the usual ones (common practice, no published source). */
const USUAL_REPS = { reps: 10, reserve: 2 };

/**
 * What somebody works with for ten repetitions with two left, by the equation their maximum was read with.
 *
 * @param estimate of the exercise
 * @returns kilograms
 * @example usualWorkKg({ maxKg: 100, formula: 'epley' }) // 71.4
 */
export function usualWorkKg({ maxKg, formula }: Pick<StrengthEstimate, 'maxKg' | 'formula'>): number {
  const { reps, reserve } = USUAL_REPS;
  return (maxKg * curveOf(formula).percentAt(reps + reserve)) / 100;
}

/** A set that is not in a person's book: what a week before asked. */
export interface SetBeside {
  readonly exercise: Exercise;
  /** All that it moves, in kilograms; see `movedKg`. */
  readonly kg: number;
  readonly reps: number;
  readonly reserve: number;
  /** It is known to have been done as it was asked. */
  readonly made: boolean;
}

/** What one person's sets say of every exercise, worked out once for each and kept. */
export interface StrengthBook {
  /** Undefined for an exercise that is never loaded. */
  readonly estimate: (exercise: Exercise) => StrengthEstimate | undefined;
  /**
   * Repetitions somebody has in them with their own body, so many left undone; undefined where nothing they did says so, or it
   * is no exercise that body weight loads. May be less than one. A set beside the book counts where the book says nothing, and
   * where it was made and says more.
   */
  readonly ownReps: (
    exercise: Exercise,
    kg: number,
    reserve: number,
    beside?: SetBeside,
  ) => number | undefined;
  /** The whole running estimate, for looking at; undefined for an exercise that says nothing of strength, and for a combination. */
  readonly running: (exercise: Exercise, formula?: Formula) => RunningEstimate | undefined;
}

/**
 * Opens a person's book: sets of the exercise itself, sets of related exercises of the same lift carried over by the
 * ratio of the two, and before both a guess from body mass, sex, age, experience and the person's tier at the exercise's pattern:
 * the same for an exercise by itself and on a ladder.
 *
 * @param participant whose book it is
 * @param done all sets that count, known ones and those from the log
 * @param index looks up exercises and rungs
 * @param asOf ISO date the estimates are for
 * @example strengthBook(juno, juno.knownSets, catalog).estimate(gobletSquat)?.maxKg
 */
export function strengthBook(
  participant: Participant,
  done: readonly KnownSet[],
  index: ExerciseIndex,
  asOf?: string,
): StrengthBook {
  const kept = new Map<string, StrengthEstimate | undefined>();
  const plain = done.flatMap((set): ToldSet[] => {
    const exercise = index.exerciseById(set.exerciseId);
    const tells = exercise && !partsOf(exercise) && !saysNothing(exercise);
    const told = tells ? liftOf(exercise) : undefined;
    const rung = set.rungId === undefined ? undefined : index.rungById(set.rungId);
    const kg = exercise && movedKg(set, exercise, rung?.levers ?? {}, participant);
    return told && kg !== undefined ? [{ set, told, kg }] : [];
  });
  const exerciseOf = ({ set }: ToldSet) => index.exerciseById(set.exerciseId);
  const isLeast = (told: ToldSet) => {
    const exercise = exerciseOf(told);
    return exercise !== undefined && showsALeast(exercise);
  };
  const sure = plain.filter((told) => !isLeast(told));
  let sets: readonly ToldSet[] = sure;
  let least: readonly ToldSet[] = [];
  const newest = done.reduce<string | undefined>(
    (latest, { date }) => (latest === undefined || date > latest ? date : latest),
    undefined,
  );

  function observations(exercise: Exercise, own: ToldLift): StrengthObservation[] {
    // What legs and hips do by body weight never makes a load in the hands heavier: it says nothing of the back that holds it.
    const told = exercise.loading ? sets : [...sets, ...least];
    return told
      .filter(({ told: other }) => other.lift === own.lift)
      .map(({ set, whole = set, told: other, kg }) => ({
        loadKg: kg,
        reps: set.reps,
        reserve: set.reserve,
        date: set.date,
        set: whole,
        ...(set.exerciseId !== exercise.id && {
          carried: { exerciseId: set.exerciseId, ...worthIn(other, own, participant.bodyMassKg) },
        }),
      }));
  }

  function running(exercise: Exercise, formula: Formula = participant.formula): RunningEstimate | undefined {
    const told = partsOf(exercise) ? undefined : liftOf(exercise);
    if (!told) return undefined;
    const { lift, ratio } = told;
    const year = Number((asOf ?? newest ?? '').slice(0, 4));
    const age = participant.birthYear && year > 0 ? year - participant.birthYear : undefined;
    const { bodyMassKg, sex, experience } = participant;
    const tier = tierFor(participant, exercise.pattern);
    const guess = priorStrength({ bodyMassKg, tier, sex, age, experience }, lift);
    const body = told.bodyShare === undefined ? 0 : REFERENCE_BODY_SHARE[lift] * bodyMassKg;
    const loadKg = Math.exp(guess.logMax);
    // In kilograms the doubt is that of the load; the body is known.
    const prior = {
      logMax: Math.log((loadKg + body) * ratio),
      sd: (guess.sd * loadKg) / (loadKg + body),
    };
    return estimateStrength(observations(exercise, told), { formula, prior, asOf });
  }

  /** What a set of a combination says of its parts: of the one that gave out first all of it, of the others only a least. */
  function setsOfParts(set: KnownSet): ToldSet[] {
    const exercise = index.exerciseById(set.exerciseId);
    const parts = exercise && partsOf(exercise);
    const { loadKg } = set;
    if (!parts || loadKg === undefined) return [];
    const maxOf = (one: Exercise) => {
      const found = running(one);
      return found && { maxKg: found.maxKg, bodyKg: bodyMovedKg(one, participant.bodyMassKg) };
    };
    const curve = curveOf(participant.formula);
    const [weakest, ...others] = partLoads(parts, set.reps, set.reserve ?? 0, curve, maxOf);
    const asDone = (part: CombinedPart, reserve: number | undefined): ToldSet[] => {
      const told = liftOf(part.exercise);
      const reps = repsOfPart(part, set.reps);
      if (!told || saysNothing(part.exercise) || reps > MOST_READABLE_REPS) return [];
      const kg = loadKg + bodyMovedKg(part.exercise, participant.bodyMassKg);
      const own = { ...set, exerciseId: part.exercise.id, reps, reserve };
      return [{ set: own, whole: set, told, kg }];
    };
    const atLeast = others.flatMap(({ part }) => {
      const [least] = asDone(part, 0);
      const known = maxOf(part.exercise);
      const shown = least && (least.kg * 100) / curve.percentAt(least.set.reps);
      return least && known && shown !== undefined && shown > known.maxKg ? [least] : [];
    });
    const left = set.reserve === undefined ? undefined : set.reserve * (weakest?.part.times ?? 1);
    return [...(weakest ? asDone(weakest.part, left) : []), ...atLeast];
  }

  /** Of a combination: the load its weakest part allows, as a maximum read at the usual repetitions. */
  function estimateTogether(parts: readonly CombinedPart[]): StrengthEstimate | undefined {
    const { reps, reserve } = USUAL_REPS;
    const curve = curveOf(participant.formula);
    const estimateOf = (exercise: Exercise) => {
      const found = book.estimate(exercise);
      return found && { ...found, bodyKg: bodyMovedKg(exercise, participant.bodyMassKg) };
    };
    const [weakest] = partLoads(parts, reps, reserve, curve, estimateOf);
    const found = weakest && book.estimate(weakest.part.exercise);
    if (!found) return undefined;
    const maxKg = (weakest.kg * 100) / curve.percentAt(reps + reserve);
    return { ...found, maxKg, middleKg: (maxKg * found.middleKg) / found.maxKg };
  }

  function estimate(exercise: Exercise): StrengthEstimate | undefined {
    if (!exercise.loading) return undefined;
    const parts = partsOf(exercise);
    if (parts) return estimateTogether(parts);
    const found = running(exercise);
    if (!found) return undefined;
    const basis: Basis = found.own > 0 ? 'tested' : found.carried > 0 ? 'carried' : 'guess';
    const from = sets
      .filter(({ set, told }) =>
        basis === 'tested' ? set.exerciseId === exercise.id : told.lift === exercise.loading?.lift,
      )
      .reduce<KnownSet | undefined>(
        (latest, { set }) => (latest === undefined || set.date >= latest.date ? set : latest),
        undefined,
      );
    return {
      maxKg: cautiousMax(found),
      middleKg: found.maxKg,
      standardError: found.standardError,
      basis,
      from,
      sets: found.own + found.carried,
      formula: participant.formula,
    };
  }

  const book: StrengthBook = {
    running,
    ownReps(exercise, kg, reserve, beside) {
      const found = running(exercise);
      const known = found && found.own + found.carried > 0 ? cautiousMax(found) : undefined;
      const shown = beside && shownBy(beside, exercise);
      const maxKg = known !== undefined && beside?.made ? Math.max(known, shown ?? 0) : (known ?? shown);
      if (maxKg === undefined) return undefined;
      const percent = (kg * 100) / maxKg;
      return percent > 100 ? 0 : Math.floor(curveOf(participant.formula).repsAt(percent)) - reserve;
    },
    estimate(exercise) {
      if (!kept.has(exercise.id)) kept.set(exercise.id, estimate(exercise));
      return kept.get(exercise.id);
    },
  };
  /** The maximum of an exercise by one set of another of the same lift. */
  function shownBy({ exercise: from, kg, reps, reserve }: SetBeside, to: Exercise): number | undefined {
    const [told, asked] = [liftOf(from), liftOf(to)];
    if (!told || told.lift !== asked?.lift || saysNothing(from)) return undefined;
    const { ratio, plusKg } = worthIn(told, asked, participant.bodyMassKg);
    const percent = curveOf(participant.formula).percentAt(Math.min(MOST_READABLE_REPS, reps + reserve));
    const shown = ((kg * 100) / percent) * ratio + plusKg;
    // What shows only a least says nothing where that much is taken for granted.
    return showsALeast(from) && shown <= (running(to)?.maxKg ?? 0) ? undefined : shown;
  }

  /** Of sets that show a least only those that show more than is known. */
  function isNews(told: ToldSet): boolean {
    const exercise = exerciseOf(told);
    const known = exercise && running(exercise);
    const reps = told.set.reps + (told.set.reserve ?? 0);
    return (
      known !== undefined && (told.kg * 100) / curveOf(participant.formula).percentAt(reps) > known.maxKg
    );
  }

  sets = [...sure, ...done.flatMap(setsOfParts)];
  least = plain.filter((told) => isLeast(told) && isNews(told));
  return book;
}
