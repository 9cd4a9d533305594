/**
 * The library that ships: exercises and ladders as data, a file for each region of the body, in our own words. The
 * schemas check every entry in the tests; `catalog` is the index everything else reads. What a coach says of an exercise
 * stands in `words/`.
 */
export { catalog, LIBRARY_EXERCISES, LIBRARY_LADDERS } from './shipped';
export { catalogOf } from './own';
export { combinationName, LIBRARY_COMBINATIONS, type NamedCombination } from './combinations';
