import type { Formula, KnownSet } from '../model';
import { curveOf, MOST_READABLE_REPS } from './rep-curve';

/** What a maximum in one exercise is worth in another: so many times as much, and so many kilograms of the body more or less. */
export interface Carried {
  readonly exerciseId: string;
  readonly ratio: number;
  readonly plusKg?: number | undefined;
}

/** A set that was done, as far as strength is concerned. */
export interface StrengthObservation {
  /** All that was moved, in kilograms; for body weight the share the limbs carried. */
  readonly loadKg: number;
  readonly reps: number;
  /** Repetitions left undone; absent when nobody asked. */
  readonly reserve?: number | undefined;
  /** ISO date. */
  readonly date: string;
  /** When it was done in a related exercise: which, and what the asked exercise's maximum is as a share of that one's. */
  readonly carried?: Carried | undefined;
  /** As it was written down, to be said again. */
  readonly set?: KnownSet | undefined;
}

/** One set as a reading of log strength. */
export interface Reading {
  readonly logMax: number;
  /** Standard deviation of `logMax`, from form on the day, equation and reserve. */
  readonly sd: number;
}

/**
 * How far one set may be off, on the log scale (0.03 is 3 %). All common practice, no published source, but for the
 * direction of the second: equations are surer for 10 or fewer repetitions (LeSuer et al. 1997, from memory).
 */
export const READING_SD = {
  /** Form on the day. */
  day: 0.025,
  /** Equation against person, for each repetition after the first. */
  perRep: 0.004,
  /** Repetitions by which a reported reserve is off, and more of it the larger it is. */
  reserve: 0.5,
  reservePerRep: 0.25,
  /** Where nobody asked, most sets end with about two left, give or take. */
  unknownReserve: 2,
  unknownReserveSd: 1.5,
} as const;

/**
 * One set as a reading of strength; past what its equation was fitted on by the way the curve runs on, less surely as any long
 * set. Undefined for more repetitions than any equation is asked for.
 *
 * @param set what was moved, how often, with how many left
 * @param formula the equation to read it by
 * @example Math.exp(readingOf({ loadKg: 20, reps: 8, reserve: 2, date: '2026-10-01' }, 'epley')!.logMax) // 26.67
 */
export function readingOf(
  { loadKg, reps, reserve }: StrengthObservation,
  formula: Formula,
): Reading | undefined {
  const left = reserve ?? READING_SD.unknownReserve;
  const possible = reserve === undefined ? Math.min(reps + left, MOST_READABLE_REPS) : reps + left;
  if (!(loadKg > 0 && possible >= Math.max(1, reps) && possible <= MOST_READABLE_REPS)) return undefined;
  const { percentAt } = curveOf(formula);
  const slope = (Math.log(percentAt(possible)) - Math.log(percentAt(possible + 0.5))) / 0.5;
  const reserveSd =
    reserve === undefined
      ? READING_SD.unknownReserveSd
      : READING_SD.reserve + READING_SD.reservePerRep * reserve;
  const sd = Math.hypot(READING_SD.day, READING_SD.perRep * (possible - 1), slope * reserveSd);
  return { logMax: Math.log((loadKg * 100) / percentAt(possible)), sd };
}

/** Less than this share of what was carried over is left of it: too little to read anything from (common practice). */
const LEAST_CARRIED = 0.1;

/**
 * A reading as it stands in the exercise that is asked about. Where body weight counts in one of the two, the doubt in kilograms
 * stays what it was, and so is a smaller or larger share.
 *
 * @param reading in the exercise it was done in
 * @param carried to which one, if any
 * @returns undefined where next to nothing is left of it
 * @example carriedOver({ logMax: Math.log(100), sd: 0.05 }, { exerciseId: 'lunge', ratio: 1, plusKg: -50 })?.sd // 0.1
 */
export function carriedOver(reading: Reading, carried: Carried | undefined): Reading | undefined {
  if (!carried) return reading;
  const { ratio, plusKg = 0 } = carried;
  const plainKg = Math.exp(reading.logMax) * ratio;
  const kg = plainKg + plusKg;
  if (!(kg > plainKg * LEAST_CARRIED)) return undefined;
  return { logMax: Math.log(kg), sd: (reading.sd * plainKg) / kg };
}
