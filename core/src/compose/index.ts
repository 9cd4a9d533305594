/**
 * Composing: a whole session as text, and what an experienced colleague sees in a session and would do about it. How it covers the body, which
 * exercises go together, how to make it fit the time, what is odd about it, and sessions to begin from. Loaded late: the
 * composer works without it.
 */
export * from './source-names';
export * from './session-text';
export * from './session-parse';
export * from './keep-ids';
export * from './loosening';
export * from './effort';
export * from './coverage';
export * from './pairings';
export * from './fit-changes';
export * from './fit';
export * from './remark';
export * from './review';
export * from './starting-sessions';
