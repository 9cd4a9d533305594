import { USUAL_STATURE_CM, type Body, type Participant } from '@dray/core';

/** Where nobody is meant (common practice, no published source). */
const USUAL_MASS_KG = 70;

/**
 * A person as mechanics need them; a usual body where nobody is meant.
 *
 * @param today ISO date, for the age
 */
export function bodyOf(person: Participant | undefined, today: string): Body {
  return {
    massKg: person?.bodyMassKg ?? USUAL_MASS_KG,
    statureCm: person?.heightCm ?? USUAL_STATURE_CM,
    sex: person?.sex,
    ageYears: person?.birthYear === undefined ? undefined : Number(today.slice(0, 4)) - person.birthYear,
  };
}
