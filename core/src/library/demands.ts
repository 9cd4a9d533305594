import type { Demand, EasedDemand, LeverKind } from '../model';

/** What one movement asks of a body. */
export interface Asks {
  /** Whatever is held. */
  readonly always: readonly Demand[];
  /** Only while something is held. */
  readonly loaded: readonly Demand[];
  readonly easedBy: readonly EasedDemand[];
  /** Nobody can do it holding on. */
  readonly handsBusy?: true;
}

type Eased = readonly (readonly [demand: Demand, lever: LeverKind, at: number])[];

function asks(
  always: readonly Demand[],
  loaded: readonly Demand[] = [],
  eased: Eased = [],
  handsBusy?: 'handsBusy',
): Asks {
  return {
    always,
    loaded,
    easedBy: eased.map(([demand, lever, at]) => ({ demand, lever, at })),
    ...(handsBusy && { handsBusy: true }),
  };
}

const NOTHING = asks([]);

/** Knee, hip and ankle as deep as the seat or the range has it: 70 % of full is a chair, 80 % thighs near the floor's line. */
const DEPTH: Eased = [
  ['deepKnee', 'range', 70],
  ['deepHip', 'range', 70],
  ['ankleBend', 'range', 80],
];
/** On one leg the knee carries twice as much: it counts as deep from half-way on. */
const ONE_LEG_DEPTH: Eased = [
  ['deepKnee', 'range', 50],
  ['deepHip', 'range', 70],
  ['ankleBend', 'range', 80],
];
/** Hands up: at a counter the wrists are straighter and the belly braces less, at a wall next to nothing is carried. */
const HANDS_RAISED: Eased = [
  ['shoulderLoad', 'surfaceHeight', 120],
  ['wristLoad', 'surfaceHeight', 90],
  ['bellyPressure', 'surfaceHeight', 80],
  ['headDown', 'surfaceHeight', 45],
  ['toFloor', 'surfaceHeight', 40],
];
const THRUST_RAISED: Eased = [
  ...HANDS_RAISED,
  ['spineBending', 'surfaceHeight', 45],
  ['deepHip', 'surfaceHeight', 45],
  ['deepKnee', 'surfaceHeight', 45],
];
const STEPPED_RAISED: Eased = [
  ...THRUST_RAISED,
  ['upAndDown', 'surfaceHeight', 90],
  ['breathless', 'surfaceHeight', 90],
];

const ON_THE_BACK = ['lyingBack', 'toFloor'] as const;
const ON_THE_FRONT = ['lyingFront', 'toFloor'] as const;
const ALL_FOURS = ['kneeling', 'wristLoad', 'toFloor'] as const;
const ON_HANDS = ['shoulderLoad', 'wristLoad', 'bellyPressure', 'toFloor'] as const;
const SIDE_PLANK = ['shoulderLoad', 'longStrain', 'bellyPressure', 'toFloor'] as const;
const CURL_UP = ['lyingBack', 'spineBending', 'neckLoad', 'bellyPressure', 'toFloor'] as const;
const SQUATTING = ['deepKnee', 'deepHip', 'ankleBend'] as const;
const LUNGING = [...SQUATTING, 'unsteady', 'singleLeg'] as const;
const HANGING = ['overhead', 'grip', 'hanging'] as const;
const LOAD_OVERHEAD = ['overheadLoad', 'grip', 'neckLoad'] as const;
const LANDING = ['jump', 'jolt'] as const;

/**
 * What each exercise of the library asks, read movement by movement as a clinician would: what bends how far, what is loaded,
 * where the weight stands, where the head is. Common practice, no published source, but where a rule names one. A new exercise
 * is one line here; `docs/demands.md` is this table in words.
 */
export const DEMANDS: Readonly<Record<string, Asks>> = {
  // Squats and lunges
  'helped-sit-to-stand': asks([], [], [], 'handsBusy'),
  'seat-squat': asks([], ['grip']),
  'free-squat': asks(SQUATTING, [], DEPTH),
  'goblet-squat': asks(SQUATTING, ['grip'], DEPTH),
  'shoulder-pair-squat': asks(SQUATTING, ['grip'], DEPTH),
  'bar-squat': asks(SQUATTING, ['barOnShoulders'], DEPTH),
  'band-squat': asks(SQUATTING, ['grip'], DEPTH),
  'wall-sit': asks(['longStrain', 'deepKnee'], [], [['deepKnee', 'range', 60]]),
  'raised-split-squat': asks([...SQUATTING, 'singleLeg', 'unsteady'], ['grip'], DEPTH),
  'held-split-squat': asks(SQUATTING, [], DEPTH),
  'split-squat': asks([...SQUATTING, 'unsteady'], ['grip'], DEPTH),
  'back-lunge': asks(LUNGING, [], DEPTH),
  'forward-lunge': asks(LUNGING, ['grip'], DEPTH),
  'loaded-back-lunge': asks(LUNGING, ['grip'], DEPTH),
  'walking-lunge': asks(LUNGING, ['grip'], DEPTH, 'handsBusy'),
  'side-step-squat': asks(['unsteady']),
  'side-lunge': asks(['deepKnee', 'deepHip', 'apartLegs', 'unsteady'], ['grip'], DEPTH),
  'sliding-side-lunge': asks(['deepKnee', 'deepHip', 'apartLegs', 'unsteady', 'singleLeg'], ['grip'], DEPTH),
  'curtsy-tap': asks(['singleLeg', 'unsteady', 'crossMidline']),
  'curtsy-lunge': asks(['deepKnee', 'deepHip', 'singleLeg', 'unsteady', 'crossMidline'], ['grip'], DEPTH),
  'step-up': asks(['singleLeg', 'unsteady'], ['grip', 'stepUp']),
  'high-step-up': asks(['singleLeg', 'unsteady', 'deepKnee', 'deepHip', 'highStep'], ['grip', 'stepUp']),
  'one-leg-sit': asks(['singleLeg', 'unsteady', 'deepKnee', 'deepHip'], ['grip'], ONE_LEG_DEPTH),
  'held-one-leg-squat': asks([...SQUATTING, 'singleLeg'], [], ONE_LEG_DEPTH),
  'one-leg-squat': asks([...SQUATTING, 'singleLeg', 'unsteady'], ['grip'], ONE_LEG_DEPTH),

  // Hinges, bridges, leg curls, hips
  'wall-hinge': NOTHING,
  'free-hinge': NOTHING,
  'pair-hinge': asks([], ['loadedHinge', 'grip']),
  'staggered-hinge': asks([], ['loadedHinge', 'grip']),
  'held-one-leg-hinge': asks(['singleLeg']),
  'one-leg-hinge': asks(['singleLeg', 'unsteady']),
  'loaded-one-leg-hinge': asks(['singleLeg', 'unsteady'], ['loadedHinge', 'grip']),
  'band-pull-through': asks([], ['loadedHinge', 'grip']),
  'floor-bridge': asks(ON_THE_BACK),
  'one-leg-bridge': asks([...ON_THE_BACK, 'singleLeg']),
  'bridge-march': asks([...ON_THE_BACK, 'singleLeg']),
  'shoulder-raised-bridge': asks(['toFloor']),
  'loaded-hip-thrust': asks(['toFloor'], ['lapLoad', 'bellyPressure']),
  'one-leg-hip-thrust': asks(['toFloor', 'singleLeg']),
  'standing-leg-curl': asks(['singleLeg']),
  'heel-dig-bridge': asks(ON_THE_BACK),
  'sliding-leg-curl-down': asks(ON_THE_BACK),
  'sliding-leg-curl': asks(ON_THE_BACK),
  'kneeling-lowering': asks([
    'kneeling',
    'longStrain',
    'wristLoad',
    'bellyPressure',
    'forwardFall',
    'toFloor',
  ]),
  'side-lying-shell': asks(['toFloor']),
  'side-lying-leg-raise': asks(['toFloor']),
  'band-side-step': asks(['unsteady']),
  'standing-hip-opening': asks(['singleLeg']),
  'free-hip-opening': asks(['singleLeg', 'unsteady']),
  'knee-squeeze': asks([...ON_THE_BACK, 'longStrain']),
  'inner-leg-raise': asks(['toFloor']),
  'standing-hip-closing': asks(['singleLeg', 'crossMidline']),
  'short-inner-side-plank': asks([...SIDE_PLANK, 'apartLegs']),

  // Presses, dips, overhead, flies
  'press-up': asks(ON_HANDS, [], HANDS_RAISED),
  'knee-press-up': asks([...ON_HANDS, 'kneeling']),
  'feet-raised-press-up': asks([...ON_HANDS, 'headDown']),
  'close-press-up': asks(ON_HANDS),
  'floor-press': asks(ON_THE_BACK, ['overFace', 'grip']),
  'one-arm-floor-press': asks(ON_THE_BACK, ['overFace', 'grip']),
  'standing-band-press': asks([], ['grip']),
  'bench-dip-bent': asks(['shoulderLoad', 'wristLoad']),
  'bench-dip-straight': asks(['shoulderLoad', 'wristLoad']),
  'two-chair-dip': asks(['shoulderLoad', 'wristLoad']),
  'wall-slide-press': asks(['overhead']),
  'seated-press': asks(['overhead'], LOAD_OVERHEAD),
  'standing-press': asks(['overhead'], LOAD_OVERHEAD),
  'one-arm-press': asks(['overhead'], LOAD_OVERHEAD),
  'push-press': asks(['overhead'], [...LOAD_OVERHEAD, 'bellyPressure']),
  'hips-high-press-up': asks([
    'shoulderLoad',
    'wristLoad',
    'headDown',
    'overhead',
    'overheadLoad',
    'toFloor',
  ]),
  'palm-press': asks(['longStrain']),
  'floor-fly': asks(ON_THE_BACK, ['overFace', 'wideArms', 'grip']),
  'straight-arm-fly': asks(ON_THE_BACK, ['overFace', 'wideArms', 'longArms', 'grip']),
  'band-fly': asks([], ['wideArms', 'grip']),

  // Rows, pull-ups, posture
  'supported-row': asks([], ['bellyPressure', 'grip']),
  'one-arm-row': asks([], ['loadedHinge', 'grip']),
  'pair-row': asks([], ['loadedHinge', 'grip']),
  'plank-row': asks([...ON_HANDS, 'longStrain'], ['grip']),
  'towel-row': asks(['grip']),
  'seated-band-row': asks(['deepHip', 'toFloor'], ['loadedHinge', 'grip']),
  'anchored-band-row': asks([], ['grip']),
  'wall-row-hold': asks(['longStrain']),
  'low-bar-row': asks(
    ['grip', 'lyingBack', 'toFloor'],
    [],
    [
      ['lyingBack', 'surfaceHeight', 100],
      ['toFloor', 'surfaceHeight', 100],
    ],
  ),
  'dead-hang': asks([...HANGING, 'longStrain']),
  'shoulder-set-hang': asks([...HANGING, 'longStrain']),
  'foot-helped-pull-up': asks(HANGING),
  'lowering-pull-up': asks(HANGING),
  'pull-up': asks(HANGING),
  'band-pull-down': asks(['overhead', 'kneeling', 'toFloor'], ['overheadLoad', 'grip']),
  'door-towel-pull': asks(['overhead', 'longStrain', 'grip']),
  'wall-squeeze': NOTHING,
  'wall-angel': asks(['overhead']),
  'prone-w': asks([...ON_THE_FRONT, 'backArch']),
  'prone-t-raise': asks([...ON_THE_FRONT, 'backArch'], ['wideArms', 'longArms', 'grip']),
  'prone-y-raise': asks([...ON_THE_FRONT, 'backArch', 'overhead'], ['longArms', 'grip']),
  'bent-reverse-fly': asks([], ['loadedHinge', 'wideArms', 'longArms', 'grip']),
  'band-pull-apart': asks([], ['grip']),
  'band-face-pull': asks([], ['wideArms', 'grip']),
  'seated-chin-tuck': NOTHING,

  // Raises, curls, elbow straightening, calves
  'empty-side-raise': NOTHING,
  'bent-side-raise': asks([], ['wideArms', 'grip']),
  'side-raise': asks([], ['wideArms', 'longArms', 'grip']),
  'leaning-side-raise': asks([], ['wideArms', 'longArms', 'grip']),
  'empty-front-raise': NOTHING,
  'one-front-raise': asks([], ['longArms', 'grip']),
  'front-raise': asks([], ['longArms', 'grip']),
  'front-to-overhead-raise': asks(['overhead'], [...LOAD_OVERHEAD, 'longArms']),
  'hand-resisted-curl': NOTHING,
  'seated-curl': asks([], ['grip']),
  curl: asks([], ['grip']),
  'hammer-curl': asks([], ['grip']),
  'slow-curl': asks([], ['grip']),
  'propped-curl': asks([], ['loadedHinge', 'grip']),
  'wall-elbow-press': asks(
    ['wristLoad', 'shoulderLoad'],
    [],
    HANDS_RAISED.filter(([demand]) => demand === 'shoulderLoad'),
  ),
  'kick-back': asks([], ['loadedHinge', 'grip']),
  'band-press-down': asks([], ['grip']),
  'lying-elbow-extension': asks(ON_THE_BACK, ['overFace', 'grip']),
  'overhead-elbow-extension': asks(['overhead'], LOAD_OVERHEAD),
  'seated-heel-raise': NOTHING,
  'held-heel-raise': NOTHING,
  'heel-raise': asks(['unsteady'], ['grip']),
  'step-heel-raise': asks(['ankleBend', 'unsteady'], ['grip']),
  'one-leg-heel-raise': asks(['singleLeg'], ['grip']),
  'seated-toe-raise': NOTHING,
  'wall-toe-raise': NOTHING,
  'heel-walk': asks(['unsteady']),

  // Trunk
  plank: asks(['longStrain', 'shoulderLoad', 'bellyPressure', 'toFloor'], [], HANDS_RAISED),
  'knee-plank': asks(['longStrain', 'shoulderLoad', 'bellyPressure', 'kneeling', 'toFloor']),
  'plank-reach': asks([...ON_HANDS, 'longStrain']),
  'heel-taps': asks([...ON_THE_BACK, 'bellyPressure']),
  'wall-side-lean': asks(['longStrain']),
  'knee-side-plank': asks(SIDE_PLANK),
  'side-plank': asks(SIDE_PLANK),
  'side-plank-leg': asks([...SIDE_PLANK, 'apartLegs']),
  'suitcase-hold': asks([], ['longStrain', 'grip']),
  'band-press-out': asks([], ['grip']),
  'knees-arm-reach': asks(ALL_FOURS),
  'knees-leg-reach': asks(ALL_FOURS),
  'knees-cross-reach': asks(ALL_FOURS),
  'hover-cross-reach': asks([...ON_HANDS, 'longStrain']),
  'wall-press-march': asks(['singleLeg']),
  'plank-shoulder-tap': asks([...ON_HANDS, 'longStrain']),
  'head-lift': asks(CURL_UP),
  'trunk-curl': asks(CURL_UP),
  'crossing-curl': asks([...CURL_UP, 'spineTwisting']),
  'sit-back': asks(['bellyPressure', 'spineBending', 'toFloor']),
  'full-sit-up': asks(CURL_UP),
  'heel-tap': asks([...ON_THE_BACK, 'bellyPressure']),
  'heel-slide': asks(ON_THE_BACK),
  'one-leg-lower': asks([...ON_THE_BACK, 'bellyPressure', 'backArch'], [], [['backArch', 'leverage', 50]]),
  'leg-lower': asks([...ON_THE_BACK, 'bellyPressure', 'backArch']),
  'hanging-knee-raise': asks([...HANGING, 'bellyPressure']),
  'hanging-leg-raise': asks([...HANGING, 'bellyPressure']),
  'seated-knee-lift': NOTHING,

  // Balance
  'feet-together-stand': asks(['unsteady']),
  'staggered-stand': asks(['unsteady']),
  'heel-to-toe-stand': asks(['unsteady']),
  'held-one-leg-stand': asks(['singleLeg']),
  'one-leg-stand': asks(['singleLeg', 'unsteady']),
  'toes-one-leg-stand': asks(['singleLeg', 'unsteady', 'ankleBend']),
  'blind-one-leg-stand': asks(['singleLeg', 'unsteady', 'eyesClosed']),
  'heel-to-toe-walk': asks(['unsteady']),
  'turning-stand': asks(['unsteady']),
  'one-leg-turn': asks(['singleLeg', 'unsteady']),
  'one-leg-reach': asks(['singleLeg', 'unsteady']),
  'one-leg-press-out': asks(['singleLeg', 'unsteady', 'overhead'], [], [], 'handsBusy'),

  // Hops, and work for the heart
  'heel-drop': asks(['jolt', 'unsteady']),
  'quick-feet': asks(['jolt', 'unsteady', 'livelyPace', 'breathless'], [], [], 'handsBusy'),
  'small-hop': asks([...LANDING, 'unsteady'], [], [], 'handsBusy'),
  'jump-and-land': asks([...LANDING, 'deepKnee', 'unsteady'], [], [], 'handsBusy'),
  'side-hop': asks([...LANDING, 'livelyPace', 'breathless', 'unsteady'], [], [], 'handsBusy'),
  'one-leg-hop': asks([...LANDING, 'singleLeg', 'unsteady'], [], [], 'handsBusy'),
  'step-back-thrust': asks(
    [...ON_HANDS, 'headDown', 'spineBending', 'deepHip', 'upAndDown', 'livelyPace', 'breathless'],
    [],
    STEPPED_RAISED,
  ),
  'jump-back-thrust': asks(
    [
      ...ON_HANDS,
      ...LANDING,
      'headDown',
      'spineBending',
      'deepHip',
      'deepKnee',
      'upAndDown',
      'livelyPace',
      'breathless',
    ],
    [],
    THRUST_RAISED,
  ),
  'quick-march': asks(['livelyPace', 'unsteady']),
  'step-out-arms': asks(['livelyPace', 'unsteady'], [], [], 'handsBusy'),
  'star-step': asks(['livelyPace', 'overhead', 'unsteady'], [], [], 'handsBusy'),
  'star-jump': asks([...LANDING, 'livelyPace', 'breathless', 'overhead', 'unsteady'], [], [], 'handsBusy'),
  'slow-climber': asks(
    [...ON_HANDS, 'livelyPace', 'breathless'],
    [],
    [...HANDS_RAISED, ['breathless', 'surfaceHeight', 90]],
  ),
  'fast-climber': asks([...ON_HANDS, 'longStrain', 'jolt', 'livelyPace', 'breathless']),
  'seated-march-arms': asks(['livelyPace']),
  'shadow-box': asks(['livelyPace']),
  'step-over': asks(['singleLeg', 'unsteady', 'livelyPace', 'breathless'], [], [], 'handsBusy'),

  // Warm-up and cool-down
  'easy-march': asks(['unsteady']),
  'arm-sweeps': asks(['overhead']),
  'reach-and-bow': asks(['overhead', 'headDown', 'spineBending']),
  'thigh-front-stretch': asks(['singleLeg', 'deepKnee']),
  'thigh-back-stretch': NOTHING,
  'chest-opener': NOTHING,
  'ankle-rolls': asks(['singleLeg']),
  'hip-circles': NOTHING,
  'knee-hugs': asks(['singleLeg', 'unsteady', 'deepHip'], [], [], 'handsBusy'),
  'easy-sit-and-reach-up': asks(['overhead']),
  'trunk-turns': NOTHING,
  'round-and-hollow': asks(['spineBending', 'backArch']),
  'shoulder-rolls': NOTHING,
  'wrist-and-elbow-circles': NOTHING,
  'calf-stretch': asks(['ankleBend']),
  'seat-stretch': asks(['deepHip', 'crossMidline']),
  'hip-front-stretch': NOTHING,
  'inner-thigh-stretch': asks(['apartLegs']),
  'side-stretch': asks(['overhead']),
  'shoulder-back-stretch': NOTHING,
  'arm-back-stretch': asks(['overhead']),
  'forearm-stretch': NOTHING,
};
