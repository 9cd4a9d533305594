/** On every card (common practice, no published source). */
export const STOP_SIGNS =
  'Stop and say so: sharp pain, dizziness, pressure or pain in the chest, breath that does not come back.';

/** Said wherever Dray advises. */
export const CLINICIAN_FIRST =
  'Usual cautions, not medical advice. With a condition, ask a doctor or physiotherapist before you begin; what they and your local rules say comes first.';
