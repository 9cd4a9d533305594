/**
 * Formats: how data leaves and comes back. The JSON document and its published schema so far.
 */
export * from './check-edit';
export * from './json-document';
export * from './json-schema';
export * from './references';
