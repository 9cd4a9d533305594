/**
 * Units: loads are kept in kilograms, times in seconds, heights in centimetres; a reader's unit is a matter
 * of showing. This folder converts, rounds for the eye, and reads what a person types.
 */
export * from './mass';
export * from './tolerance';
export * from './read-mass';
export * from './duration';
export * from './dates';
export * from './group-by';
export * from './held';
