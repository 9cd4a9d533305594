import type { Experience, Lift, Sex, Tier } from '../model';

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
 * Usual one-repetition maxima in the reference exercise of each lift as a share of body mass, by tier: goblet
 * squat, hinge with a pair, floor press with a pair, one-arm row, standing press, lateral raise and curl with a pair,
 * overhead extension, heel raise (common practice, no published source).
 */
export const USUAL_MAX: Record<Lift, Record<Tier, number>> = {
  squat: { beginner: 0.25, intermediate: 0.45, advanced: 0.65 },
  hinge: { beginner: 0.35, intermediate: 0.65, advanced: 1 },
  press: { beginner: 0.2, intermediate: 0.4, advanced: 0.6 },
  row: { beginner: 0.15, intermediate: 0.3, advanced: 0.42 },
  overhead: { beginner: 0.14, intermediate: 0.27, advanced: 0.4 },
  raise: { beginner: 0.04, intermediate: 0.09, advanced: 0.14 },
  curl: { beginner: 0.11, intermediate: 0.2, advanced: 0.3 },
  extend: { beginner: 0.08, intermediate: 0.14, advanced: 0.2 },
  calf: { beginner: 0.3, intermediate: 0.6, advanced: 0.9 },
};

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

/** How far such guesses are off, on the log scale (common practice, no published source). */
const PRIOR_SD = { sexKnown: 0.27, sexUnknown: 0.3 };

/**
 * A guess at a lift's reference maximum from body mass, sex and age where given, and experience. It is only that: the
 * first sets say more.
 */
export function priorStrength(facts: PriorFacts, lift: Lift): Prior {
  const { bodyMassKg, tier, sex, age = 0, experience } = facts;
  const half = Math.sqrt(WOMAN_TO_MAN[lift]);
  const bySex = sex === 'female' ? half : sex === 'male' ? 1 / half : 1;
  const lost =
    Math.max(0, Math.min(age, 70) - 50) * LOSS_A_YEAR.after50 + Math.max(0, age - 70) * LOSS_A_YEAR.after70;
  const byAge = Math.max(0.4, 1 - lost);
  const byExperience = experience === undefined ? 1 : EXPERIENCE[experience];
  return {
    logMax: Math.log(bodyMassKg * USUAL_MAX[lift][tier] * bySex * byAge * byExperience),
    sd: sex === undefined ? PRIOR_SD.sexUnknown : PRIOR_SD.sexKnown,
  };
}
