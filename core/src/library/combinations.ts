import { sourceKey, type CombinationPart, type CombinationSides, type CombinationSource } from '../model';

/** A combination coaches have a name for. */
export interface NamedCombination {
  readonly id: string;
  readonly name: string;
  readonly alsoCalled: readonly string[];
  readonly source: CombinationSource;
}

/** On everyone's own rung. */
function rungOf(ladderId: string, more: Omit<CombinationPart, 'source'> = {}): CombinationPart {
  return { source: { kind: 'ladder', ladderId }, ...more };
}

/** The same for all. */
function all(exerciseId: string, more: Omit<CombinationPart, 'source'> = {}): CombinationPart {
  return { source: { kind: 'exercise', exerciseId }, ...more };
}

const HELD = { held: true } as const;
const TWICE = { times: 2 } as const;

const squat = rungOf('squat');
const lunge = rungOf('lunge');
const hinge = rungOf('hinge');
const press = rungOf('overhead-press');
const curl = rungOf('curl');
const lateralRaise = rungOf('lateral-raise');
const frontRaise = rungOf('front-raise');
const heldBridge = rungOf('hip-thrust', HELD);
const chestPress = rungOf('floor-press');

interface Facts {
  readonly parts: readonly CombinationPart[];
  readonly also?: readonly string[];
  readonly sides?: CombinationSides;
}

/** By id: name, parts, other names. What is done as one repetition is common practice, no published source. */
const NAMED: Readonly<Record<string, Facts & { readonly name: string }>> = {
  thruster: {
    name: 'Thruster',
    parts: [squat, press],
    also: ['squat to press', 'squat and press', 'squat to overhead press', 'squat press'],
  },
  'squat-curl': { name: 'Squat with curl', parts: [squat, curl], also: ['squat and curl', 'squat curl'] },
  'squat-curl-press': {
    name: 'Squat, curl and press',
    parts: [squat, curl, press],
    also: ['squat curl press'],
  },
  'squat-front-raise': {
    name: 'Squat with front raise',
    parts: [squat, frontRaise],
    also: ['squat to front raise'],
  },
  'squat-lateral-raise': {
    name: 'Squat with lateral raise',
    parts: [squat, lateralRaise],
    also: ['squat to lateral raise'],
  },
  'squat-calf-raise': {
    name: 'Squat to calf raise',
    parts: [squat, rungOf('heel-raise')],
    also: ['squat to heel raise', 'squat with calf raise'],
  },
  'squat-side-leg': {
    name: 'Squat to side leg raise',
    parts: [squat, all('free-hip-opening')],
    sides: 'alternating',
    also: ['squat with side leg raise', 'squat to side kick'],
  },
  'squat-band-row': {
    name: 'Squat to band row',
    parts: [squat, all('anchored-band-row')],
    also: ['squat with band row', 'squat to row'],
  },
  'lunge-curl': {
    name: 'Lunge with curl',
    parts: [lunge, curl],
    also: ['lunge to curl', 'lunge and curl', 'lunge curl'],
  },
  'lunge-press': {
    name: 'Lunge with press',
    parts: [lunge, press],
    also: ['lunge to press', 'lunge with overhead press', 'lunge press'],
  },
  'lunge-lateral-raise': {
    name: 'Lunge with lateral raise',
    parts: [lunge, lateralRaise],
    also: ['lunge to lateral raise'],
  },
  'side-lunge-front-raise': {
    name: 'Lateral lunge with front raise',
    parts: [rungOf('side-lunge'), frontRaise],
    also: ['side lunge to front raise', 'side lunge with front raise'],
  },
  'side-lunge-curl': {
    name: 'Lateral lunge with curl',
    parts: [rungOf('side-lunge'), curl],
    also: ['side lunge with curl'],
  },
  'curtsy-curl': {
    name: 'Curtsy lunge with curl',
    parts: [rungOf('curtsy'), curl],
    also: ['curtsy with curl', 'curtsy to curl'],
  },
  'curtsy-lateral-raise': {
    name: 'Curtsy lunge with lateral raise',
    parts: [rungOf('curtsy'), lateralRaise],
    also: ['curtsy to lateral raise'],
  },
  'split-squat-curl': {
    name: 'Split squat with curl',
    parts: [all('split-squat'), curl],
    also: ['static lunge with curl'],
  },
  'split-squat-press': {
    name: 'Split squat with press',
    parts: [all('split-squat'), press],
    also: ['static lunge with press'],
  },
  'step-up-press': {
    name: 'Step-up to press',
    parts: [all('step-up'), press],
    also: ['step up with press', 'step up and press'],
  },
  'step-up-curl': {
    name: 'Step-up with curl',
    parts: [all('step-up'), curl],
    also: ['step up to curl', 'step up and curl'],
  },
  'deadlift-row': {
    name: 'Deadlift to row',
    parts: [hinge, all('pair-row')],
    also: ['deadlift and row', 'deadlift with row', 'romanian deadlift to row', 'hinge to row'],
  },
  'deadlift-curl': {
    name: 'Deadlift to curl',
    parts: [hinge, curl],
    also: ['deadlift with curl', 'romanian deadlift to curl'],
  },
  'deadlift-curl-press': {
    name: 'Deadlift, curl and press',
    parts: [hinge, curl, press],
    also: ['deadlift curl press'],
  },
  'deadlift-calf-raise': {
    name: 'Deadlift to calf raise',
    parts: [hinge, rungOf('heel-raise')],
    also: ['romanian deadlift to calf raise'],
  },
  'curl-press': {
    name: 'Curl to press',
    parts: [curl, press],
    also: ['curl and press', 'biceps curl to shoulder press', 'curl press'],
  },
  'hammer-press': {
    name: 'Hammer curl to press',
    parts: [all('hammer-curl'), press],
    also: ['hammer curl and press'],
  },
  'lateral-front-raise': {
    name: 'Lateral raise to front raise',
    parts: [lateralRaise, frontRaise],
    also: ['side raise to front raise', 'front and side raise', 'front raise to lateral raise'],
  },
  'row-kickback': {
    name: 'Row to kickback',
    parts: [all('pair-row'), all('pair-kick-back')],
    also: ['row and kickback', 'row with kickback', 'bent-over row to kickback'],
  },
  'reverse-fly-kickback': {
    name: 'Reverse fly to kickback',
    parts: [all('bent-reverse-fly'), all('pair-kick-back')],
    also: ['reverse fly and kickback'],
  },
  'deadlift-upright-row': {
    name: 'Deadlift to upright row',
    parts: [hinge, all('upright-row')],
    also: ['deadlift and upright row', 'romanian deadlift to upright row'],
  },
  'squat-upright-row': {
    name: 'Squat to upright row',
    parts: [all('sumo-squat'), all('upright-row')],
    also: ['sumo squat to upright row', 'wide squat to upright row'],
  },
  'clean-press': {
    name: 'Clean and press',
    parts: [all('clean'), all('standing-press')],
    also: ['clean to press', 'clean press'],
  },
  'inchworm-push-up': {
    name: 'Inchworm to push-up',
    parts: [all('inchworm'), rungOf('press-up')],
    also: ['walk-out to push-up', 'inchworm with push-up', 'walk-out with push-up'],
  },
  'bridge-pullover': {
    name: 'Bridge with pullover',
    parts: [heldBridge, all('pullover')],
    also: ['glute bridge with pullover', 'pullover in a bridge'],
  },
  'row-reverse-fly': {
    name: 'Row to reverse fly',
    parts: [all('pair-row'), all('bent-reverse-fly')],
    also: ['row and reverse fly'],
  },
  'calf-raise-press': {
    name: 'Calf raise with press',
    parts: [rungOf('heel-raise'), press],
    also: ['calf raise to press', 'heel raise with press'],
  },
  'calf-raise-curl': {
    name: 'Calf raise with curl',
    parts: [rungOf('heel-raise'), curl],
    also: ['heel raise with curl'],
  },
  'march-press': {
    name: 'March with press',
    parts: [all('easy-march'), press],
    also: ['marching press', 'march and press'],
  },
  'march-curl': {
    name: 'March with curl',
    parts: [all('easy-march'), curl],
    also: ['march and curl'],
  },
  'bridge-chest-press': {
    name: 'Bridge with chest press',
    parts: [heldBridge, chestPress],
    also: [
      'glute bridge with chest press',
      'bridge chest press',
      'chest press in a bridge',
      'bridge and press',
    ],
  },
  'bridge-fly': {
    name: 'Bridge with chest fly',
    parts: [heldBridge, all('floor-fly')],
    also: ['bridge with fly', 'glute bridge with fly'],
  },
  'bridge-triceps': {
    name: 'Bridge with triceps extension',
    parts: [heldBridge, all('lying-elbow-extension')],
    also: ['glute bridge with triceps extension'],
  },
  'chest-press-triceps': {
    name: 'Chest press to triceps extension',
    parts: [chestPress, all('lying-elbow-extension')],
    also: ['chest press and triceps extension'],
  },
  'chest-fly-press': {
    name: 'Chest fly to press',
    parts: [all('floor-fly'), all('floor-press')],
    also: ['fly to press', 'fly and press'],
  },
  'push-up-tap': {
    name: 'Push-up to shoulder tap',
    parts: [rungOf('press-up'), all('plank-shoulder-tap')],
    also: ['push-up with shoulder tap', 'push-up and tap', 'press-up with shoulder tap'],
  },
  'push-up-row': {
    name: 'Push-up to row',
    parts: [all('press-up'), all('plank-row')],
    also: ['push-up with row', 'push-up and row'],
  },
  'push-up-climber': {
    name: 'Push-up to mountain climber',
    parts: [rungOf('press-up'), rungOf('climber', TWICE)],
    also: ['push-up and mountain climbers'],
  },
  'side-plank-row': {
    name: 'Side plank with a row',
    parts: [rungOf('side-plank', HELD), all('anchored-band-row')],
    also: ['side plank row', 'row in a side plank'],
  },
  'side-plank-shell': {
    name: 'Side plank with clam',
    parts: [rungOf('side-plank', HELD), all('side-lying-shell')],
    also: ['clam in a side plank', 'side plank clam'],
  },
  'wall-sit-raise': {
    name: 'Wall sit with lateral raise',
    parts: [all('wall-sit', HELD), lateralRaise],
    also: ['lateral raise in a wall sit'],
  },
  'wall-sit-curl': {
    name: 'Wall sit with curl',
    parts: [all('wall-sit', HELD), curl],
    also: ['curl in a wall sit'],
  },
  'one-leg-curl': {
    name: 'Single-leg stand with curl',
    parts: [all('one-leg-stand', HELD), curl],
    also: ['curl on one leg', 'one-leg stand with curl'],
  },
  'one-leg-press': {
    name: 'Single-leg stand with press',
    parts: [all('one-leg-stand', HELD), press],
    also: ['press on one leg', 'one-leg stand with press'],
  },
};

/** The combinations that ship, each with what else it is called. */
export const LIBRARY_COMBINATIONS: readonly NamedCombination[] = Object.entries(NAMED).map(
  ([id, { name, parts, also = [], sides }]) => ({
    id,
    name,
    alsoCalled: also,
    source: { kind: 'combination', parts: [...parts], ...(sides && { sides }) },
  }),
);

const NAMES: ReadonlyMap<string, string> = new Map(
  LIBRARY_COMBINATIONS.map(({ name, source }) => [sourceKey(source), name]),
);

/**
 * What coaches call a combination.
 *
 * @param source its parts
 * @returns undefined where nobody has a name for it
 * @example combinationName(squatAndPress) // 'Thruster'
 */
export function combinationName(source: CombinationSource): string | undefined {
  return NAMES.get(sourceKey(source));
}
