/**
 * Progress: how work grows from week to week. One scheme a file, all of one shape: what was prescribed and done
 * goes in, what to ask of the next week comes out, with the reason. `SCHEMES` holds one handler for each; what comes before
 * any scheme stands in `BEFORE_SCHEMES`.
 */
export * from './scheme';
export * from './evidence';
export * from './rep-span';
export * from './as-it-went';
export * from './next';
export * from './wave';
export * from './harder';
export * from './without-training';
