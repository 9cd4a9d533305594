/**
 * Planning: what a session says before anyone is looked at. Letters, the shorthand prescriptions are typed in, the
 * time a session takes, and the edits a coach makes to it.
 */
export * from './letters';
export * from './prescription-text';
export * from './edit-distance';
export * from './prescription-pieces';
export * from './prescription-parse';
export * from './set-pattern';
export * from './timing';
export * from './pace';
export * from './timeline';
export * from './edit-session';
export * from './defaults';
