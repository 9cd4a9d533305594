/** The first door to core: what plan and board need at once. See `late.ts` for the rest. */
export * from './units';
export * from './model';
export * from './body';
export * from './strength';
export * from './kit';
export * from './ladder';
export * from './caution';
export * from './library';
export * from './plan';
export * from './reason';
export * from './resolve';
export * from './progress';
export * from './program';
export * from './formats';
