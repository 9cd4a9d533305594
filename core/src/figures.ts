/**
 * The third door to core: figures and what their mechanics say, large enough to be loaded apart from every screen. See `late.ts` for the
 * second.
 */
export * from './figure';
