/**
 * Body: a jointed figure that stands, hangs or lies on things, and what that asks of it: share of the body on each contact, moments
 * at the joints, balance. From the masses and lengths of its segments; knows units and model only, mass and stature come
 * in as arguments.
 */
export * from './segments';
export * from './pose';
export * from './range-of-motion';
export * from './skeleton';
export * from './rest';
export * from './place';
export * from './statics';
export * from './joint-strength';
export * from './move';
export * from './press-up';
export { contactShares, sharesIn, staticsFor, type Contact, type ContactShares } from './contact-shares';
export * from './hand-share';
