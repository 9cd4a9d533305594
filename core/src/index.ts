/** Dray's core: pure TypeScript, no DOM, no clock, no randomness. */
export * from './first';
export * from './late';
