/**
 * Progress: how work grows from week to week. One scheme a file, all of one shape: what was prescribed and done
 * goes in, what to ask of the next week comes out, with the reason. `SCHEMES` holds one handler for each.
 */
export * from './scheme';
export * from './evidence';
export * from './next';
export * from './wave';
export * from './rung-first';
export * from './without-training';
