import { bandFrom, family, held, ladder, repsGate, rung, secondsGate } from './define';

/** Bridges, leg curls, and the muscles that open and close the hips. */
export const hipExercises = [
  ...family(
    {
      pattern: 'bridge',
      muscles: { glutes: 1, thighBack: 0.6, trunk: 0.3, lowBack: 0.3 },
      position: 'lying',
    },
    {
      'bridge-march': { name: 'Marching bridge', laterality: 'alternating' },
      'shoulder-raised-bridge': {
        name: 'Hip thrust',
        bodyLoad: { carriedBy: 'hips', share: 0.43, lift: 'hinge', ratio: 2.1 },
        needs: [['chair', 'step']],
      },
      'loaded-hip-thrust': {
        name: 'Hip thrust, loaded',
        needs: [['chair', 'step']],
        loading: held('hinge', 1.1, ['bothHands', 'bar', 'bag'], true),
      },
      'one-leg-hip-thrust': {
        name: 'Single-leg hip thrust',
        bodyLoad: { carriedBy: 'hips', share: 0.67, lift: 'hinge', ratio: 1.6 },
        laterality: 'eachSide',
        needs: [['chair', 'step']],
      },
      'band-pull-through': {
        name: 'Band pull-through',
        position: 'standing',
        needs: [['anchor', 'post']],
        tier: 'beginner',
        loading: held('hinge', 0.5, ['band'], true, bandFrom('an anchor at knee height', 0.4, 0.75)),
      },
    },
  ),
  ...family(
    {
      pattern: 'legCurl',
      muscles: { thighBack: 1, glutes: 0.5, calves: 0.3 },
      position: 'lying',
    },
    {
      'standing-leg-curl': {
        name: 'Standing leg curl',
        laterality: 'eachSide',
        position: 'standing',
        needs: [['chair', 'counter', 'wall']],
        loading: held('raise', 2.6, ['ankle'], false),
      },
      'heel-dig-bridge': { name: 'Long-lever bridge' },
      'sliding-leg-curl-down': { name: 'Sliding leg curl, lowering only', secondsPerRep: 5 },
      'sliding-leg-curl': { name: 'Sliding leg curl', secondsPerRep: 5 },
      'kneeling-lowering': {
        name: 'Glute-ham raise',
        position: 'kneeling',
        needs: [['anchor', 'post', 'counter']],
        secondsPerRep: 6,
        levers: [{ lever: 'range', from: 20, to: 100 }],
      },
    },
  ),
  ...family(
    {
      pattern: 'hip',
      muscles: { outerHip: 1, glutes: 0.6 },
      laterality: 'eachSide',
      position: 'lying',
      secondsPerRep: 3,
    },
    {
      'side-lying-shell': { name: 'Clam' },
      'side-lying-leg-raise': {
        name: 'Side-lying leg raise',
        loading: held('raise', 2.2, ['ankle'], false),
      },
      'band-side-step': {
        name: 'Banded side step',
        tier: 'beginner',
        laterality: 'alternating',
        position: 'standing',
        needs: [],
      },
      'standing-hip-opening': {
        name: 'Standing leg raise to the side',
        position: 'standing',
        needs: [['chair', 'counter', 'wall']],
        loading: held('raise', 2.2, ['ankle'], false),
      },
      'free-hip-opening': {
        name: 'Standing leg raise to the side, hands free',
        position: 'standing',
        needs: [],
        loading: held('raise', 2.2, ['ankle'], false),
      },
      'knee-squeeze': {
        name: 'Adductor squeeze',
        laterality: 'both',
        muscles: { innerThigh: 1, trunk: 0.2 },
      },
      'inner-leg-raise': {
        name: 'Inner-thigh leg raise',
        muscles: { innerThigh: 1 },
        loading: held('raise', 1.8, ['ankle'], false),
      },
      'standing-hip-closing': {
        name: 'Standing leg across',
        muscles: { innerThigh: 1, outerHip: 0.4 },
        position: 'standing',
        needs: [['chair', 'counter', 'wall']],
        loading: held('raise', 2.2, ['ankle'], false),
      },
      'short-inner-side-plank': {
        name: 'Inner-thigh side plank, knee on a chair',
        muscles: { innerThigh: 1, sides: 0.7 },
        needs: [['chair', 'step']],
      },
    },
  ),
];

export const hipLadders = [
  ladder(
    'hip-thrust',
    'Bridge and hip thrust',
    'bridge',
    'Hold each one three counts at the top, or bring the heels a hand nearer.',
    'It is felt in the low back, or the ribs flare at the top.',
    [
      rung('thrust-bridge', 'floor-bridge', 'floor bridge', 'b', repsGate(3, 15)),
      rung('thrust-march', 'bridge-march', 'marching', 'b', repsGate(3, 10)),
      rung('thrust-raised', 'shoulder-raised-bridge', 'shoulders on a seat', 'i', repsGate(3, 15)),
      rung('thrust-one-leg', 'one-leg-hip-thrust', 'on one leg', 'i', repsGate(3, 12)),
      // The load grows without an end, one leg does not: half of the trunk on one leg is what 20 kg on the lap are on two.
      rung('thrust-loaded', 'loaded-hip-thrust', 'loaded', 'a', repsGate(3, 12)),
    ],
  ),
  ladder(
    'leg-curl',
    'Leg curl',
    'legCurl',
    'Only the way down, slower, and back with both hands’ help.',
    'The hips sink before the knees bend, or it cramps.',
    [
      rung('curl-standing', 'standing-leg-curl', 'standing', 'b', repsGate(2, 15)),
      rung('curl-heels-out', 'heel-dig-bridge', 'bridge, heels far out', 'b', repsGate(3, 12)),
      rung('curl-slide-down', 'sliding-leg-curl-down', 'sliding, down only', 'i', repsGate(3, 8)),
      rung('curl-slide', 'sliding-leg-curl', 'sliding', 'i', repsGate(3, 10)),
      rung('curl-lowering-half', 'kneeling-lowering', 'lowering half-way', 'a', repsGate(3, 6), {
        levers: { range: 50 },
      }),
      rung('curl-lowering-full', 'kneeling-lowering', 'lowering all the way', 'a', repsGate(3, 6, 1), {
        levers: { range: 100 },
      }),
    ],
  ),
  ladder(
    'hip-opening',
    'Hip opening',
    'hip',
    'Smaller range, toes a little down, and two counts at the top.',
    'The pelvis rolls back or the trunk leans away.',
    [
      rung('open-shell', 'side-lying-shell', 'knees apart', 'b', repsGate(2, 15)),
      rung('open-lying', 'side-lying-leg-raise', 'lying, straight leg', 'b', repsGate(3, 12)),
      rung('open-standing', 'standing-hip-opening', 'standing, one hand', 'i', repsGate(3, 12)),
      rung('open-free', 'free-hip-opening', 'standing, hands free', 'a', repsGate(3, 12)),
    ],
  ),
  ladder(
    'hip-closing',
    'Hip closing',
    'hip',
    'Shorter holds more often, and the breath going on.',
    'Pain in the groin, or the hips roll.',
    [
      rung('close-squeeze', 'knee-squeeze', 'squeeze a cushion', 'b', secondsGate(3, 20)),
      rung('close-lying', 'inner-leg-raise', 'lying, inner leg', 'b', repsGate(3, 12)),
      rung('close-standing', 'standing-hip-closing', 'standing', 'i', repsGate(3, 12)),
      rung('close-plank', 'short-inner-side-plank', 'side hold, knee on a chair', 'a', secondsGate(3, 20), {
        after: [['side-plank', 'side-knees']],
      }),
    ],
  ),
  ladder(
    'one-leg-hinge',
    'Single-leg deadlift',
    'hinge',
    'Two fingers on a wall, or the back toe light on the floor.',
    'The hip opens to the side or the back rounds.',
    [
      rung('one-hinge-held', 'held-one-leg-hinge', 'holding on', 'b', repsGate(2, 10, 2, 'hips level')),
      rung('one-hinge-free', 'one-leg-hinge', 'on one leg', 'i', repsGate(3, 10, 2, 'hips level')),
      rung('one-hinge-loaded', 'loaded-one-leg-hinge', 'on one leg, loaded', 'a', repsGate(3, 10), {
        after: [['hinge', 'hinge-pair']],
      }),
    ],
  ),
];
