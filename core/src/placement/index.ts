/**
 * Placement: what a first visit's checks say of where somebody stands, against published norms where there are any. It
 * suggests; the coach decides.
 */
export * from './norms';
export * from './suggest';
