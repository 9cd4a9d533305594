/**
 * Resolve: from a slot, a participant and a week to a cell, in six steps (rung, cautions, kit, target, attainable,
 * write), each leaving its reason in the trace. Pure and deterministic; a cell always comes out.
 */
export * from './cell';
export * from './ask';
export * from './context';
export * from './place';
export * from './dose';
export * from './alternatives';
export * from './bridge';
export * from './timed-cell';
