import {
  CONDITION_WORDS,
  SURGERY_PLACE_WORDS,
  surgeryPlaceSchema,
  type Caution,
  type Participant,
  type SurgeryPlace,
} from '../model';
import { readinessOf } from './readiness';
import type { CautionSubject, StandingHold } from './rule';

/** A resting pressure in mmHg; either number alone reaches it. */
export interface Pressure {
  readonly systolic: number;
  readonly diastolic: number;
}

/**
 * From this resting pressure on there is no strength training until it is controlled. Source: AHA scientific statement, Williams et
 * al. 2007 (from memory), absolute limit above 180/110; counted from that very pressure on, which is the careful reading.
 */
export const PRESSURE_LIMIT: Pressure = { systolic: 180, diastolic: 110 };

/**
 * From this one on nothing strenuous without a clinician's word. Source: the same, relative limit 160/100.
 */
export const PRESSURE_CLINICIAN: Pressure = { systolic: 160, diastolic: 100 };

const PLACE_SUBJECT_WORDS = Object.fromEntries(
  surgeryPlaceSchema.options.map((place) => [`surgery:${place}`, `surgery, ${SURGERY_PLACE_WORDS[place]}`]),
) as Record<`surgery:${SurgeryPlace}`, string>;

export const SUBJECT_WORDS: Record<CautionSubject, string> = {
  ...CONDITION_WORDS,
  ...PLACE_SUBJECT_WORDS,
  symptoms: 'signs to be looked at first',
  startGently: 'starts gently',
  clinicianFirst: 'clinician first',
  pressureUnknown: 'resting pressure not known',
  pressureHigh: `resting pressure from ${PRESSURE_CLINICIAN.systolic}/${PRESSURE_CLINICIAN.diastolic}`,
  pressureTooHigh: `resting pressure from ${PRESSURE_LIMIT.systolic}/${PRESSURE_LIMIT.diastolic}`,
  neverOverhead: 'no load overhead',
  surgeryUnsaid: 'surgery, nobody has said where',
};

/** What stops everything, and no coach's hand sets aside. */
export const STOPPING: ReadonlySet<CautionSubject> = new Set<CautionSubject>(['symptoms', 'pressureTooHigh']);

/**
 * Everything that holds a person back, each once: conditions, what their pressure and the place of their surgery make of them, and
 * what they answered. A heart condition that nobody has asked about yet waits for a clinician.
 *
 * @param participant whose cautions and answers
 * @example cautionSubjects({ cautions: [{ condition: 'highBloodPressure' }] }) // ['highBloodPressure', 'pressureUnknown']
 */
export function cautionSubjects({
  cautions,
  readiness,
}: Pick<Participant, 'cautions' | 'readiness'>): CautionSubject[] {
  const subjects = new Set<CautionSubject>();
  for (const caution of cautions) {
    subjects.add(caution.condition);
    for (const hold of holdsOf(caution, readiness?.cleared ?? false)) subjects.add(hold);
  }
  const verdict = readiness && readinessOf(readiness).verdict;
  if (verdict === undefined) {
    if (subjects.has('heartCondition')) subjects.add('clinicianFirst');
  } else if (verdict !== 'clear') subjects.add(verdict);
  return [...subjects];
}

function holdsOf(caution: Caution, cleared: boolean): readonly StandingHold[] {
  const { condition, systolic, diastolic, overhead, place } = caution;
  const holds: StandingHold[] = [];
  if (condition === 'recentSurgery') holds.push(place ? `surgery:${place}` : 'surgeryUnsaid');
  const measured = systolic !== undefined || diastolic !== undefined;
  const from = (limit: Pressure) => (systolic ?? 0) >= limit.systolic || (diastolic ?? 0) >= limit.diastolic;
  if (from(PRESSURE_LIMIT)) holds.push('pressureTooHigh');
  else if (from(PRESSURE_CLINICIAN)) holds.push(cleared ? 'neverOverhead' : 'pressureHigh');
  else if (condition === 'highBloodPressure' && !measured) holds.push('pressureUnknown');
  if (overhead === 'never') holds.push('neverOverhead');
  return holds;
}
