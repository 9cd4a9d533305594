/**
 * Resolve: from a slot, a participant and a week to a cell, in six steps (rung, cautions, kit, target, attainable, write) and
 * the coach's own hand, listed in `pipeline.ts`. Each takes a draft and gives the next, and leaves its reasons as data. Pure and
 * deterministic; a cell always comes out.
 */
export * from './cell';
export * from './ask';
export * from './context';
export * from './draft';
export * from './pipeline';
export * from './alternatives';
export * from './bridge';
export * from './lighter-week';
export * from './load-words';
export * from './open-work';
export * from './timed-cell';
export { reserveAsked, startAmount, USUAL_RESERVE } from './wanted';
export { loadsFor } from './hold';
