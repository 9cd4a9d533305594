/**
 * Naming: what a movement is called, and what a few words mean. The names that stand on the screen are with the exercises; what else
 * they are called is data here, read only by whoever looks for one.
 */
export * from './words';
export * from './read-movement';
export * from './also-called';
export * from './find-versions';
