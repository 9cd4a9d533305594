/**
 * Words of a movement's name, so that two ways of writing one name have the same words: small letters, no hyphens, one form for
 * singular and plural, abbreviations written out, words that carry no meaning left out. Common practice, no published source.
 */

/** Two or three words that are one: "push ups", "press-up", "bent over". */
const COMPOUNDS: readonly (readonly [words: string, one: string])[] = [
  ['push up', 'pushup'],
  ['press up', 'pushup'],
  ['pull up', 'pullup'],
  ['chin up', 'pullup'],
  ['sit up', 'situp'],
  ['step up', 'stepup'],
  ['curl up', 'curlup'],
  ['roll up', 'rollup'],
  ['kick back', 'kickback'],
  ['pull down', 'pulldown'],
  ['push down', 'pressdown'],
  ['press down', 'pressdown'],
  ['press out', 'pressout'],
  ['pull through', 'pullthrough'],
  ['pull apart', 'pullapart'],
  ['dead lift', 'deadlift'],
  ['bent over', 'bentover'],
  ['body weight', 'bodyweight'],
  ['dumb bell', 'dumbbell'],
  ['kettle bell', 'kettlebell'],
  ['bar bell', 'barbell'],
  ['single arm', 'singlearm'],
  ['one arm', 'singlearm'],
  ['1 arm', 'singlearm'],
  ['single armed', 'singlearm'],
  ['one armed', 'singlearm'],
  ['single leg', 'singleleg'],
  ['one leg', 'singleleg'],
  ['1 leg', 'singleleg'],
  ['single legged', 'singleleg'],
  ['one legged', 'singleleg'],
  ['one foot', 'singleleg'],
];

/** Each of those words by itself, for telling how it is spelled. */
export const COMPOUND_WORDS: readonly string[] = COMPOUNDS.flatMap(([words]) => words.split(' '));

/** Written short. */
const SHORT: Readonly<Record<string, string>> = {
  db: 'dumbbell',
  dbs: 'dumbbell',
  kb: 'kettlebell',
  kbs: 'kettlebell',
  bb: 'barbell',
  sl: 'singleleg',
  sa: 'singlearm',
  rdl: 'romanian deadlift',
  alt: 'alternating',
  oh: 'overhead',
  ohp: 'overhead press',
  ext: 'extension',
  bw: 'bodyweight',
  ups: 'up',
  downs: 'down',
  tricep: 'triceps',
  bicep: 'biceps',
  flye: 'fly',
  pushdown: 'pressdown',
  pressup: 'pushup',
  chinup: 'pullup',
  curtsey: 'curtsy',
  unilateral: 'single',
  hamstrings: 'hamstring',
  quads: 'quad',
};

/** Nothing changes without them. */
const FILLER: ReadonlySet<string> = new Set(
  'a an the some your my our of do please now it this that then on in at for from to into by with and or is are'.split(
    ' ',
  ),
);

/** Ends in s, and is one. */
const ENDS_IN_S: ReadonlySet<string> = new Set(['triceps', 'biceps', 'abs', 'press', 'cross', 'adductors']);

function singular(word: string): string {
  if (ENDS_IN_S.has(word) || word.length < 4 || !word.endsWith('s') || /(ss|us|is)$/u.test(word)) return word;
  if (word === 'calves') return 'calf';
  if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (/(sses|ches|shes|xes)$/u.test(word)) return word.slice(0, -2);
  return word.slice(0, -1);
}

/**
 * The words of a name that carry meaning, in their order.
 *
 * @param text as it was written
 * @example movementWords('Push-ups with your knees down') // ['pushup', 'knee', 'down']
 */
export function movementWords(text: string): readonly string[] {
  const known = KNOWN.get(text);
  if (known) return known;
  const words = wordsIn(text);
  // The same stretch of a text is asked for at every cut of it.
  if (KNOWN.size >= MOST_KNOWN) KNOWN.clear();
  KNOWN.set(text, words);
  return words;
}

const KNOWN = new Map<string, readonly string[]>();
const MOST_KNOWN = 4000;

function wordsIn(text: string): string[] {
  const plain = text
    .toLowerCase()
    .replaceAll(/\bw\//gu, ' with ')
    .replaceAll(/['’]s\b/gu, '')
    .split(/[^\p{L}\d]+/u)
    .filter(Boolean)
    .flatMap((word) => (SHORT[word] ?? word).split(' '))
    .map(singular)
    .flatMap((word) => (SHORT[word] ?? word).split(' '));
  const joined: string[] = [];
  for (let at = 0; at < plain.length; at += 1) {
    const two = `${plain[at] ?? ''} ${plain[at + 1] ?? ''}`;
    const one = JOINED.get(two);
    if (one !== undefined) at += 1;
    joined.push(one ?? plain[at] ?? '');
  }
  return joined.filter((word) => !FILLER.has(word));
}

const JOINED: ReadonlyMap<string, string> = new Map(COMPOUNDS);

/**
 * The same words in any order are the same name.
 *
 * @param words as `movementWords` gives them
 * @example movementKey(['raise', 'calf']) // 'calf raise'
 */
export function movementKey(words: readonly string[]): string {
  return [...words].sort().join(' ');
}
