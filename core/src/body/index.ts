/**
 * Body: how much of a body a movement carries, from the masses and lengths of its segments. Knows units and model
 * only; body mass and stature come in as arguments.
 */
export * from './segments';
export * from './hand-share';
