import {
  MOST_PARTS,
  type CombinationPart,
  type CombinationSides,
  type CombinationSource,
  type SlotSource,
} from '../model';

/** Some words between two joints. */
interface Piece {
  readonly text: string;
  /** The joint before it. */
  readonly joint: string;
}

/** More than that is no name. */
const MOST_LETTERS = 160;
const MOST_TIMES = 10;
const PLUS = '+';
/** What joins movements to one repetition: a + always does, a word where both sides of it are movements. */
const JOINT = /\+|\s(?:with|to|into|and)\s/iu;
const CUT = /("(?:[^"]|"")*")|\s*(\+)\s*|\s+(with|to|into|and)\s+/iu;
const IS_JOINT = /^(?:\+|with|to|into|and)$/iu;
const PART =
  /^(?:(hold|holding)\s+)?(?:(\d{1,2}|one|two|three|four|five|six)\s*[x×]?\s+)?(?:(?:an?|the)\s+)?(.+)$/iu;
const SIDES =
  /[\s,(]+(?:(same|opposite)\s+(?:sides?|arms?|legs?)|sides\s+in\s+turn|alternating\s+sides?)\b\)?/iu;

/** How the sides of a combination are written. */
export const SIDE_WORDS: Readonly<Record<CombinationSides, string>> = {
  same: 'same side',
  opposite: 'opposite sides',
  alternating: 'sides in turn',
};

/**
 * Several movements done as one repetition, as coaches write them: "2 squats + 2 rows", "lunge with curl", "hold the bridge + chest
 * press (opposite sides)".
 *
 * @param text as it was written
 * @param movement what the name of one movement means
 * @returns undefined where it is no such thing
 * @example readCombination('squat + curl', find)?.parts.length // 2
 */
export function readCombination(
  text: string,
  movement: (name: string) => SlotSource | undefined,
): CombinationSource | undefined {
  if (!JOINT.test(text) || text.length > MOST_LETTERS) return undefined;
  const said = SIDES.exec(text);
  const sides = said ? sidesIn(said) : undefined;
  const parts = partsIn(piecesOf(said ? text.replace(SIDES, '') : text), MOST_PARTS, movement);
  if (!parts || parts.length < 2 || parts.every(({ held }) => held)) return undefined;
  return { kind: 'combination', parts, ...(sides && { sides }) };
}

function sidesIn([, which]: RegExpExecArray): CombinationSides {
  if (which === undefined) return 'alternating';
  return which.toLowerCase() === 'same' ? 'same' : 'opposite';
}

function piecesOf(text: string): Piece[] {
  const pieces: Piece[] = [];
  let joint: string | undefined;
  for (const part of text.split(CUT).filter(Boolean)) {
    const last = pieces.at(-1);
    if (IS_JOINT.test(part)) joint = part;
    // Words in quotes are of one name with what stands beside them.
    else if (last && joint === undefined) {
      pieces[pieces.length - 1] = { ...last, text: last.text + part };
    } else {
      pieces.push({ text: part, joint: joint ?? '' });
      joint = undefined;
    }
  }
  return pieces;
}

/** Pieces as movements, the longest run of them first: "sit to stand and press" is two, not three. */
function partsIn(
  pieces: readonly Piece[],
  most: number,
  movement: (name: string) => SlotSource | undefined,
): CombinationPart[] | undefined {
  if (pieces.length === 0) return [];
  if (most === 0) return undefined;
  for (let end = pieces.length; end > 0; end -= 1) {
    const run = pieces.slice(0, end);
    if (run.slice(1).some(({ joint }) => joint === PLUS)) continue;
    const part = partNamed(
      run.map(({ text, joint }, at) => `${at > 0 ? ` ${joint} ` : ''}${text}`).join(''),
      movement,
    );
    const rest = part && partsIn(pieces.slice(end), most - 1, movement);
    if (part && rest) return [part, ...rest];
  }
  return undefined;
}

function partNamed(
  text: string,
  movement: (name: string) => SlotSource | undefined,
): CombinationPart | undefined {
  const [, hold, number, name = ''] = PART.exec(text.trim()) ?? [];
  const source = movement(name);
  const times = number === undefined ? 1 : countOf(number);
  if (!source || source.kind === 'combination' || !(times >= 1 && times <= MOST_TIMES)) return undefined;
  return { source, ...(times > 1 && { times }), ...(hold && { held: true as const }) };
}

function countOf(text: string): number {
  const at = ['', 'one', 'two', 'three', 'four', 'five', 'six'].indexOf(text.toLowerCase());
  return at > 0 ? at : Number(text);
}
