/**
 * Cautions: which condition forbids, changes or comments which demand. The rules are one table; `applyCautions`
 * is the only reader of it. Dray shows usual cautions; clinicians and local rules come first.
 */
export * from './rule';
export * from './rules';
export * from './apply';
export * from './readiness';
export * from './subjects';
export * from './stop-signs';
export * from './pain-place';
