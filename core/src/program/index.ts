/**
 * Program: sessions over weeks. Chains the resolver through the weeks with the schemes between them, into one card
 * or the whole board.
 */
export * from './board';
export * from './resolver';
export * from './log-index';
export * from './memo';
export * from './overrides';
export * from './whole-cap';
export * from './schedule';
export * from './turns';
export * from './classes';
export * from './done-sets';
export * from './kit-needs';
