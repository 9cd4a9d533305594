/**
 * Reason: what acted on a cell or stands behind a proposal, as data with the ids and numbers that decided. The steps of the
 * pipeline, the schemes and the review make them; sentences and marks are made here, when somebody reads.
 */
export * from './reason';
export * from './reason-words';
export { holdIn } from './held';
export * from './mark-words';
export * from './trace-words';
export { basisWords } from './strength-words';
