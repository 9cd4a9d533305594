/**
 * Figures: how every exercise is seen, and what its mechanics say. Key poses built from parts, by family; the lines that draw them;
 * how hard a version is for somebody. Knows body and model.
 */
export * from './figure';
export * from './figure-for';
export { figureFrom, keptFrom } from './kept-figure';
export * from './by-hand';
export * from './drawing';
export * from './difficulty';
export * from './climb';
export * from './worth';
export * from './mistakes';
export * from './wash';
export { HARDER_BY, HARDER_BY_WORDS, type HarderBy } from './harder-by';
export { FIGURES } from './figures';
