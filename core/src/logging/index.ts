/**
 * Logging: from what a coach types about a set to entries of the log. One text says a person's sets of an exercise; what stood
 * there before is kept.
 */
export * from './read-sets';
export * from './log-sets';
