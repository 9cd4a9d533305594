/**
 * The floor: a session and the cards of those who are there, run by the clock. A plan becomes turns, turns become a run that events
 * move on, and a run says at any time who is about what, what is heard, and what was done.
 */
export * from './measured';
export * from './plan';
export * from './turns';
export * from './run';
export * from './cues';
export * from './done';
