/**
 * The second door to core: what only some screens need, so that the first screen does not carry it. `index` opens both
 * doors; the application enters by `@dray/core` for the first and `@dray/core/late` for this one.
 */
export * from './kit/household';
export * from './kit/usual-things';
export * from './kit/remarks';
export * from './kit/implement-words';
export * from './kit/scale';
export * from './kit/best-addition';
export * from './caution/readiness-questions';
export * from './library/words';
export * from './library/lift-basis';
export * from './library/check-exercise';
export * from './naming';
export * from './compose';
export * from './placement';
export * from './progress/scheme-words';
export * from './program/volume';
export * from './program/recovery';
export * from './program/project';
export * from './program/session-load';
export * from './program/session-effort';
export * from './program/edit-program';
export * from './program/replan';
export * from './program/either-side';
export * from './program/first-class';
export * from './logging';
export * from './floor';
export * from './review';
export * from './formats/roster';
export * from './formats/home-sheet';
export * from './formats/calendar';
export * from './formats/log-csv';
