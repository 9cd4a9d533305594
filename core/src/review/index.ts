/**
 * Review: what a week of the log says should happen next, for each person and for the class, as proposals with their
 * evidence. What may be said stands in `JUDGEMENTS`, one file each. Nothing here changes a plan: the coach agrees to a proposal, changes it or declines it (`decide.ts`), and the
 * next week is then exactly that.
 */
export * from './proposal';
export * from './proposal-words';
export type { ReviewQuery } from './slot-review';
export * from './review-log';
export * from './review-class';
export * from './decide';
export * from './wins';
export * from './sides';
export * from './set-words';
export * from './history';
export * from './combination';
