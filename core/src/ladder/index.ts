/**
 * Ladders: versions of exercises from easiest to hardest, which one a participant stands on, and which other
 * version comes nearest when one cannot be done.
 */
export * from './lever-order';
export * from './demands';
export * from './version';
export * from './variations';
export * from './combination';
export * from './catalog';
export * from './choose-rung';
export * from './substitutes';
export * from './gate-words';
export * from './gate-status';
