import type { Experience, Lift, Sex, Tier } from '../model';

/** However much is to be carried, this share of the guess is left (common practice). */
const LEAST_OF_GUESS = 0.15;

/** What is asked of someone without history. */
export interface PriorFacts {
  readonly bodyMassKg: number;
  readonly tier: Tier;
  readonly sex?: Sex | undefined;
  /** In years. */
  readonly age?: number | undefined;
  readonly experience?: Experience | undefined;
}

/** What to believe before the first set. */
export interface Prior {
  readonly logMax: number;
  readonly sd: number;
}

/**
 * Usual one-repetition maxima, in all, in the reference exercise of each lift as a share of body mass, by tier: goblet
 * squat, hinge with a pair, floor press with a pair, one-arm row, standing press, lateral raise and curl with a pair,
 * overhead extension, heel raise with the body on the toes counted in (common practice, no published source).
 */
export const USUAL_MAX: Record<Lift, Record<Tier, number>> = {
  squat: { beginner: 0.4, intermediate: 0.6, advanced: 0.8 },
  hinge: { beginner: 0.5, intermediate: 0.85, advanced: 1.25 },
  press: { beginner: 0.41, intermediate: 0.6, advanced: 0.8 },
  row: { beginner: 0.22, intermediate: 0.36, advanced: 0.5 },
  overhead: { beginner: 0.22, intermediate: 0.36, advanced: 0.5 },
  raise: { beginner: 0.07, intermediate: 0.12, advanced: 0.18 },
  curl: { beginner: 0.16, intermediate: 0.26, advanced: 0.36 },
  extend: { beginner: 0.12, intermediate: 0.18, advanced: 0.25 },
  calf: { beginner: 1.42, intermediate: 1.77, advanced: 2.07 },
};

/**
 * What of the body the reference exercise of a lift moves beside the load: all above the knees in a squat. Where the maximum itself
 * already counts it, as on the toes, 0. Source of the shares: Winter 2009, table 4.1 (from memory).
 */
export const REFERENCE_BODY_SHARE: Record<Lift, number> = {
  squat: 0.88,
  hinge: 0,
  press: 0,
  row: 0,
  overhead: 0,
  raise: 0,
  curl: 0,
  extend: 0,
  calf: 0,
};

/**
 * Body mass as far as strength goes with it: up to 80 kg one for one, beyond it by the power of two thirds, as strength goes with
 * the cross-section of muscle. Source of the power: Jaric 2002 (from memory); where it begins, common practice.
 */
const MASS_COUNTS_FULLY_TO = 80;

export function strengthMassKg(bodyMassKg: number): number {
  const over = bodyMassKg / MASS_COUNTS_FULLY_TO;
  return over <= 1 ? bodyMassKg : MASS_COUNTS_FULLY_TO * over ** (2 / 3);
}

/**
 * Women against men of the same body mass: about three quarters in the legs, two thirds in the arms. Source: Miller,
 * MacDougall, Tarnopolsky & Sale 1993 (from memory: 66 % and 52 % in absolute strength), brought to equal body mass
 * by common practice. Where sex is not given, the middle of the two, less surely.
 */
const WOMAN_TO_MAN: Record<Lift, number> = {
  squat: 0.78,
  hinge: 0.78,
  press: 0.65,
  row: 0.68,
  overhead: 0.65,
  raise: 0.65,
  curl: 0.66,
  extend: 0.66,
  calf: 0.78,
};

/** Source: ACSM position stand on older adults 1998 (from memory): about 15 % a decade after 50, 30 % after 70. */
const LOSS_A_YEAR = { after50: 0.015, after70: 0.03 };

/** Within a tier (common practice, no published source). */
const EXPERIENCE: Record<Experience, number> = { new: 0.85, some: 0.95, months: 1.05, years: 1.15 };

/**
 * How far such guesses are off, on the log scale: two people of one mass and tier may well differ by half (common practice, no
 * published source). What is prescribed from a guess is its low side, see `cautiousMax`.
 */
const PRIOR_SD = { sexKnown: 0.5, sexUnknown: 0.53 };

/**
 * A guess at a lift's reference maximum from body mass, sex and age where given, and experience. It is only that: the
 * first sets say more.
 *
 * @param facts of the person; `tier` at the pattern of the exercise that is asked about
 * @param lift whose reference exercise it is for
 * @example Math.exp(priorStrength({ bodyMassKg: 60, tier: 'beginner', sex: 'female' }, 'press').logMax) // 19.8 kg in all
 */
export function priorStrength(facts: PriorFacts, lift: Lift): Prior {
  const { bodyMassKg, tier, sex, age = 0, experience } = facts;
  const half = Math.sqrt(WOMAN_TO_MAN[lift]);
  const bySex = sex === 'female' ? half : sex === 'male' ? 1 / half : 1;
  const lost =
    Math.max(0, Math.min(age, 70) - 50) * LOSS_A_YEAR.after50 + Math.max(0, age - 70) * LOSS_A_YEAR.after70;
  const byAge = Math.max(0.4, 1 - lost);
  const byExperience = experience === undefined ? 1 : EXPERIENCE[experience];
  const massKg = strengthMassKg(bodyMassKg);
  const plain = massKg * USUAL_MAX[lift][tier] * bySex * byAge * byExperience;
  // What more there is of the body has to be carried too.
  const burden = (bodyMassKg - massKg) * REFERENCE_BODY_SHARE[lift];
  return {
    logMax: Math.log(Math.max(plain - burden, plain * LEAST_OF_GUESS)),
    sd: sex === undefined ? PRIOR_SD.sexUnknown : PRIOR_SD.sexKnown,
  };
}
