import { LIBRARY_EXERCISES, USUAL_STATURE_CM } from '@dray/core';
import { difficultyOf, figureOf } from '@dray/core/figures';
import { row, time } from './table';

/** A stature nobody had yet: nothing of it is kept, and only what rests on the floor alone is the same for everybody. */
let stature = USUAL_STATURE_CM;
const fresh = () => (stature += 0.01);

const pressUp = LIBRARY_EXERCISES.find(({ id }) => id === 'press-up')!;
/** Hands on an edge: it is another share of every stature. */
const AT_AN_EDGE = { surfaceHeight: 60 };
const difficulty = (exercise: (typeof LIBRARY_EXERCISES)[number], statureCm: number, levers = {}) =>
  difficultyOf(figureOf(exercise, { levers, statureCm }), { massKg: 70, statureCm });

row(
  'difficulty of the whole library, found anew, against 500 ms',
  time(() => {
    const statureCm = fresh();
    for (const exercise of LIBRARY_EXERCISES) difficulty(exercise, statureCm);
  }, 5),
  500,
);
// After the library, as on a page that has drawn some: the first of all waits for its code to be compiled.
row(
  'difficulty of one version, its poses found anew, against 1 ms',
  time(() => difficulty(pressUp, fresh(), AT_AN_EDGE)),
  1,
);
