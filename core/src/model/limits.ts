// Numbers and words of programs, apart from the schemas, so that knowing them does not load those.

/** The most a load may grow from one week to the next, in percent. */
export const DEFAULT_CAP_PERCENT = 10;

export const WEEKDAY_WORDS = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;

/**
 * The most all work of a session may grow in a week, in percent. Source: Gabbett 2016, a week's load up to 1.3 times what is
 * usual; taken week on week here, which is common practice.
 */
export const DEFAULT_WHOLE_CAP_PERCENT = 30;

/** What a coach may set it to, in percent. Common practice. */
export const WHOLE_CAP_PERCENT = { least: 5, most: 100 } as const;

/**
 * The most anybody in a class lifts, in kilograms, both hands together: more is taken for a slip of the hand. What an older
 * document holds is still read. Common practice, no published source.
 */
export const MOST_LIFTED_KG = 300;
export const MOST_LIFTED_WORDS = `${MOST_LIFTED_KG} kg (660 lb)`;

/** In one set. */
export const MOST_REPS = 100;

export const MOST_WEEKS = 16;
export const LEAST_WEEKS = 2;
/** Two classes a day. */
export const MOST_DAYS_A_WEEK = 14;
