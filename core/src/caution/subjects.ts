import { CONDITION_WORDS, type Participant } from '../model';
import { readinessOf } from './readiness';
import type { CautionSubject } from './rules';

/**
 * Resting pressure above which there is no strength training until it is controlled, in mmHg. Source: AHA scientific
 * statement, Williams et al. 2007 (from memory).
 */
export const PRESSURE_LIMIT = { systolic: 180, diastolic: 110 } as const;

export const SUBJECT_WORDS: Record<CautionSubject, string> = {
  ...CONDITION_WORDS,
  startGently: 'starts gently',
  clinicianFirst: 'clinician first',
  pressureTooHigh: `resting pressure above ${PRESSURE_LIMIT.systolic}/${PRESSURE_LIMIT.diastolic}`,
};

/** Everything that holds a person back: conditions, a pressure that is too high, and what they answered. */
export function cautionSubjects({ cautions, readiness }: Participant): CautionSubject[] {
  const subjects: CautionSubject[] = [];
  for (const { condition, systolic = 0, diastolic = 0 } of cautions) {
    subjects.push(condition);
    if (systolic > PRESSURE_LIMIT.systolic || diastolic > PRESSURE_LIMIT.diastolic) {
      subjects.push('pressureTooHigh');
    }
  }
  const verdict = readiness && readinessOf(readiness).verdict;
  if (verdict === 'startGently' || verdict === 'clinicianFirst') subjects.push(verdict);
  return subjects;
}
