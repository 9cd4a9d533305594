/**
 * Strength: from a set that was done to the maximum it implies, from a maximum to the load for so many
 * repetitions with so many left, and back. Pure arithmetic; people and exercises come in as arguments.
 */
export * from './one-rep-max';
export * from './load-chart';
export * from './rep-curve';
export * from './observation';
export * from './prior';
export { CARRY_SD, DRIFT } from './filter';
export * from './estimate';
export * from './body-share';
export * from './person';
export * from './together';
