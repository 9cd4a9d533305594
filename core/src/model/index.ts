/**
 * The model: the one place where the shape of data is defined. Zod schemas, the types inferred from them and
 * the plain words for every term. Knows no other folder; everything else may know it.
 */
export * from './vocabulary';
export * from './mid-sentence';
export * from './name-from';
export * from './present';
export * from './lever';
export * from './figure';
export * from './exercise';
export * from './ladder';
export * from './implement';
export * from './kit';
export * from './prescription';
export * from './amount';
export * from './session';
export * from './combination';
export * from './limits';
export * from './scheme';
export * from './program';
export * from './participant';
export * from './override';
export * from './class';
export * from './log';
export * from './left';
export * from './version';
export * from './empty';
export * from './document';
export * from './problem';
export * from './migrate';
