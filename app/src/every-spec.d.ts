/** What `scripts/builder/specs.mjs` puts in its place: all of them. */
declare module 'every-spec';
