/**
 * Naming: what a movement is called, and what a few words mean. The names that stand on the screen are with the exercises; what else
 * they are called is data here, read only by whoever looks for one.
 */
export * from './words';
export * from './read-movement';
export { EXERCISES_ALSO_CALLED, LADDERS_ALSO_CALLED, RUNGS_ALSO_CALLED } from './also-called';
