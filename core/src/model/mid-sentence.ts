/** Named after a place: with a capital wherever they stand. */
const PLACES = new Set([
  'Romanian',
  'Bulgarian',
  'Copenhagen',
  'Nordic',
  'Russian',
  'Spanish',
  'Swiss',
  'Turkish',
]);

/** One letter that is a shape, or several that are short for something: "T hold", "V-sit", "DB press". */
const LETTERS = /^\p{Lu}+(?!\p{L})/u;

/**
 * A name as it stands within a sentence: small at its beginning, unless its first word has its capital everywhere.
 *
 * @param name as it stands alone
 * @example midSentence('Goblet squat') // 'goblet squat'
 * @example midSentence('Romanian deadlift') // 'Romanian deadlift'
 */
export function midSentence(name: string): string {
  const [first = ''] = name.split(/[\s-]/u);
  return PLACES.has(first) || LETTERS.test(name)
    ? name
    : name.replace(/^\p{L}/u, (letter) => letter.toLowerCase());
}
