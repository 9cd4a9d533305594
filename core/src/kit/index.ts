/**
 * Kit: from the things a person owns to every load they can make, how to make it, and which of them comes
 * nearest to a wanted load. One file a kind of implement; `IMPLEMENTS` holds one handler for each.
 */
export * from './recipe';
export * from './attainable';
export * from './nearest';
export { fillForMass, massForFill, mostFilledKg, type FillAnswer } from './fillable';
export * from './choose-items';
export * from './band-fit';
export * from './band-set-up';
export * from './owned';
export * from './recipe-words';
export type { KitNeed } from './need';
