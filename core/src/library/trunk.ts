import { bandFrom, family, held, ladder, repsGate, rung, secondsGate } from './define';

/** The trunk beside the plank: sideways, against a twist, curling, with the legs, and from a bar. */
export const trunkExercises = [
  ...family(
    {
      pattern: 'sideBrace',
      muscles: { sides: 1, outerHip: 0.5, trunk: 0.5, shoulders: 0.3 },
      laterality: 'eachSide',
      position: 'lying',
      secondsPerRep: 3,
    },
    {
      'wall-side-lean': {
        name: 'Standing side lean',
        position: 'standing',
        needs: [['wall', 'counter']],
      },
      'knee-side-plank': { name: 'Knee side plank' },
      'side-plank': { name: 'Side plank' },
      'side-plank-leg': {
        name: 'Side plank with leg raise',
      },
      'suitcase-hold': {
        name: 'Suitcase hold',
        position: 'standing',
        needs: [],
        loading: held('hinge', 0.35, ['oneSide'], true),
        tier: 'beginner',
      },
    },
  ),
  ...family(
    {
      pattern: 'antiTwist',
      muscles: { trunk: 1, sides: 1, glutes: 0.3 },
      laterality: 'eachSide',
      secondsPerRep: 4,
    },
    {
      'band-press-out': {
        name: 'Anti-rotation press',
        needs: [['anchor', 'post']],
        loading: held('row', 0.5, ['band'], true, bandFrom('an anchor at chest height', 0.4, 0.65)),
      },
      'knees-arm-reach': {
        name: 'Hands-and-knees arm reach',
        laterality: 'alternating',
        position: 'kneeling',
      },
      'knees-leg-reach': {
        name: 'Hands-and-knees leg reach',
        laterality: 'alternating',
        position: 'kneeling',
        muscles: { trunk: 1, lowBack: 0.6, glutes: 0.6, sides: 0.6 },
      },
      'knees-cross-reach': {
        name: 'Bird dog',
        laterality: 'alternating',
        position: 'kneeling',
        muscles: { trunk: 1, lowBack: 0.6, glutes: 0.6, sides: 0.7, shoulders: 0.3 },
      },
      'hover-cross-reach': {
        name: 'Hovering bird dog',
        laterality: 'alternating',
        position: 'handsAndFeet',
      },
      'wall-press-march': {
        name: 'Wall march',
        laterality: 'alternating',
        needs: [['wall', 'counter']],
      },
      'plank-shoulder-tap': {
        name: 'Shoulder tap',
        laterality: 'alternating',
        position: 'handsAndFeet',
      },
    },
  ),
  ...family(
    {
      pattern: 'trunkCurl',
      muscles: { trunk: 1, hipFront: 0.4, sides: 0.3 },
      position: 'lying',
      secondsPerRep: 3,
    },
    {
      'head-lift': { name: 'Head lift' },
      'trunk-curl': { name: 'Crunch', levers: [{ lever: 'leverage', from: 0, to: 100 }] },
      'crossing-curl': {
        name: 'Bicycle crunch',
        laterality: 'alternating',
        muscles: { trunk: 1, sides: 0.8, hipFront: 0.5 },
      },
      'sit-back': {
        name: 'Sit-back',
        tier: 'intermediate',
        position: 'seated',
        levers: [{ lever: 'range', from: 20, to: 100 }],
      },
      'full-sit-up': { name: 'Sit-up', secondsPerRep: 5 },
    },
  ),
  ...family(
    {
      pattern: 'legLower',
      muscles: { trunk: 1, hipFront: 0.7 },
      position: 'lying',
      secondsPerRep: 4,
    },
    {
      'heel-tap': { name: 'Toe tap lying', laterality: 'alternating' },
      'heel-slide': { name: 'Heel slide', laterality: 'alternating' },
      'one-leg-lower': {
        name: 'Single-leg lowering',
        laterality: 'alternating',
        levers: [{ lever: 'leverage', from: 0, to: 100 }],
      },
      'leg-lower': {
        name: 'Leg lowering',
        levers: [{ lever: 'leverage', from: 0, to: 100 }],
      },
      'hanging-knee-raise': {
        name: 'Hanging knee raise',
        position: 'standing',
        needs: [['overheadBar']],
        muscles: { trunk: 1, hipFront: 1, forearms: 0.4 },
        levers: [{ lever: 'leverage', from: 0, to: 100 }],
      },
      'hanging-leg-raise': {
        name: 'Hanging leg raise',
        position: 'standing',
        needs: [['overheadBar']],
        muscles: { trunk: 1, hipFront: 1, forearms: 0.4 },
        levers: [{ lever: 'range', from: 30, to: 100 }],
      },
      'seated-knee-lift': {
        name: 'Seated knee lift',
        position: 'seated',
        laterality: 'alternating',
        needs: [['chair', 'step']],
      },
    },
  ),
];

export const trunkLadders = [
  ladder(
    'side-plank',
    'Side plank',
    'sideBrace',
    'Shorter holds, more of them, elbow right under the shoulder.',
    'The hips sink or roll back.',
    [
      rung('side-wall', 'wall-side-lean', 'at the wall', 'b', secondsGate(2, 20)),
      rung('side-knees', 'knee-side-plank', 'from the knees', 'b', secondsGate(3, 25)),
      rung('side-full', 'side-plank', 'from the feet', 'i', secondsGate(3, 30), {
        after: [['brace', 'brace-floor']],
      }),
      rung('side-leg', 'side-plank-leg', 'top leg up', 'a', secondsGate(3, 20)),
    ],
  ),
  ladder(
    'anti-twist',
    'Anti-rotation',
    'antiTwist',
    'A step nearer to the anchor, feet wider.',
    'The pelvis turns or the breath stops.',
    [
      rung('twist-march', 'wall-press-march', 'marching at the wall', 'b', repsGate(2, 12)),
      rung('twist-band', 'band-press-out', 'press out with a band', 'i', repsGate(3, 10)),
      rung('twist-tap', 'plank-shoulder-tap', 'plank, tapping', 'a', repsGate(3, 12), {
        after: [['brace', 'brace-floor']],
      }),
    ],
  ),
  ladder(
    'knees-reach',
    'Bird dog',
    'antiTwist',
    'Slide the foot instead of lifting it.',
    'The low back sags or the hips tip.',
    [
      rung('reach-arm', 'knees-arm-reach', 'one arm', 'b', repsGate(2, 8)),
      rung('reach-leg', 'knees-leg-reach', 'one leg', 'b', repsGate(2, 8)),
      rung('reach-cross', 'knees-cross-reach', 'arm and leg', 'i', repsGate(3, 8, 2, 'hips level')),
      rung('reach-hover', 'hover-cross-reach', 'knees off the floor', 'a', repsGate(3, 6), {
        after: [['brace', 'brace-floor']],
      }),
    ],
  ),
  ladder(
    'trunk-curl',
    'Crunch',
    'trunkCurl',
    'Hands further down, and breathe out all the way up.',
    'The neck pulls first or the belly domes.',
    [
      rung('curl-up-head', 'head-lift', 'head and shoulders', 'b', repsGate(2, 10)),
      rung('curl-up-short', 'trunk-curl', 'hands to the knees', 'b', repsGate(3, 12), {
        levers: { leverage: 30 },
      }),
      rung('curl-up-long', 'trunk-curl', 'hands at the temples', 'i', repsGate(3, 15), {
        levers: { leverage: 70 },
      }),
      rung('curl-up-cross', 'crossing-curl', 'towards the other knee', 'i', repsGate(3, 12)),
      rung('curl-up-full', 'full-sit-up', 'rolling all the way up', 'a', repsGate(3, 12)),
    ],
  ),
  ladder(
    'leg-lower',
    'Leg lowering',
    'legLower',
    'Bend the knees a little more, or tap higher.',
    'The low back leaves the floor.',
    [
      rung('lower-slide', 'heel-slide', 'heel slides', 'b', repsGate(2, 10)),
      rung('lower-tap', 'heel-tap', 'heel taps', 'b', repsGate(3, 10)),
      rung('lower-one', 'one-leg-lower', 'one leg', 'i', repsGate(3, 10, 2, 'low back stays down'), {
        levers: { leverage: 90 },
      }),
      rung('lower-both-bent', 'leg-lower', 'both, knees bent', 'i', repsGate(3, 10), {
        levers: { leverage: 40 },
      }),
      rung('lower-both', 'leg-lower', 'both, almost straight', 'a', repsGate(3, 10), {
        levers: { leverage: 90 },
      }),
    ],
  ),
  ladder(
    'hanging-raise',
    'Hanging leg raise',
    'legLower',
    'Lower slowly from the top; a chair brings the knees up.',
    'Swinging, or the grip goes before the belly.',
    [
      rung('hang-seated', 'seated-knee-lift', 'knee lifts, seated', 'b', repsGate(2, 12)),
      rung('hang-half', 'hanging-knee-raise', 'knees half-way', 'i', repsGate(3, 8), {
        levers: { leverage: 20 },
        after: [['pull-up', 'pull-hang']],
      }),
      rung('hang-knees', 'hanging-knee-raise', 'knees to the belt', 'i', repsGate(3, 10), {
        levers: { leverage: 40 },
        after: [['pull-up', 'pull-hang']],
      }),
      rung('hang-long', 'hanging-knee-raise', 'legs half straight', 'a', repsGate(3, 8), {
        levers: { leverage: 80 },
        after: [['pull-up', 'pull-set']],
      }),
      rung('hang-frog', 'hanging-frog-raise', 'knees up, legs long down', 'a', repsGate(3, 8), {
        after: [['pull-up', 'pull-set']],
      }),
      rung('hang-straight', 'hanging-leg-raise', 'legs straight', 'a', repsGate(3, 8, 1), {
        levers: { range: 90 },
        after: [['pull-up', 'pull-set']],
      }),
      rung('hang-pike', 'hanging-pike', 'toes to the bar', 'a', repsGate(3, 6, 1), {
        after: [['pull-up', 'pull-helped']],
      }),
    ],
  ),
];
