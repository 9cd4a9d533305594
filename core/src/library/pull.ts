import {
  bandFrom,
  BELOW_THE_HANDS,
  family,
  held,
  heldOnTop,
  ladder,
  repsGate,
  rung,
  secondsGate,
} from './define';

/** Pulls to the body, from above, and the back of the shoulders. */
export const pullExercises = [
  ...family(
    {
      pattern: 'row',
      muscles: { upperBack: 1, biceps: 0.6, rearShoulders: 0.4, forearms: 0.3 },
      secondsPerRep: 3,
    },
    {
      'seated-band-row': {
        name: 'Seated band row',
        position: 'seated',
        loading: held('row', 1.6, ['band'], true, bandFrom('both feet, sitting', 0.5, 0.7)),
      },
      'anchored-band-row': {
        name: 'Standing band row',
        needs: [['anchor', 'post']],
        loading: held('row', 1.6, ['band'], true, bandFrom('an anchor at chest height', 0.5, 0.72)),
      },
      'wall-row-hold': {
        name: 'Wall elbow press',
        needs: [['wall']],
        muscles: { upperBack: 1, rearShoulders: 0.6 },
      },
      'low-bar-row': {
        name: 'Inverted row',
        bodyLoad: { carriedBy: 'bar', lift: 'row', ratio: 1.9 },
        position: 'lying',
        needs: [['overheadBar']],
        levers: [{ lever: 'surfaceHeight', from: 40, to: 120 }],
      },
    },
  ),
  ...family(
    {
      pattern: 'pullUp',
      muscles: { upperBack: 1, biceps: 0.7, forearms: 0.5, trunk: 0.3 },
      position: 'standing',
      needs: [['overheadBar']],
      secondsPerRep: 5,
    },
    {
      'dead-hang': { name: 'Dead hang' },
      'shoulder-set-hang': { name: 'Active hang' },
      'foot-helped-pull-up': {
        name: 'Assisted pull-up',
        needs: [['overheadBar'], ['chair', 'step']],
        levers: [{ lever: 'assistance', from: 0, to: 60 }],
      },
      'lowering-pull-up': { name: 'Lowering pull-up', secondsPerRep: 7 },
      'pull-up': { name: 'Pull-up', loading: heldOnTop('row', 2.4, ['vest'], BELOW_THE_HANDS) },
      'band-pull-down': {
        name: 'Band pull-down',
        position: 'kneeling',
        needs: [['anchor', 'overheadBar']],
        loading: held('row', 1.3, ['band'], true, bandFrom('an anchor overhead', 0.45, 0.75)),
        tier: 'beginner',
      },
      'door-towel-pull': {
        name: 'Towel pull-down',
        needs: [],
        tier: 'beginner',
      },
    },
  ),
  ...family(
    {
      pattern: 'posture',
      muscles: { rearShoulders: 1, upperBack: 0.9, lowBack: 0.2 },
      secondsPerRep: 4,
    },
    {
      'wall-squeeze': { name: 'Shoulder blade squeeze', needs: [['wall']] },
      'wall-angel': {
        name: 'Wall angel',
        needs: [['wall']],
      },
      'prone-t-raise': {
        name: 'Prone T raise',
        position: 'lying',
        loading: held('raise', 0.5, ['pair'], false),
      },
      'prone-y-raise': {
        name: 'Prone Y raise',
        position: 'lying',
        loading: held('raise', 0.35, ['pair'], false),
      },
      'bent-reverse-fly': {
        name: 'Reverse fly',
        loading: held('raise', 0.9, ['pair'], true),
      },
      'band-pull-apart': {
        name: 'Band pull-apart',
        loading: held('raise', 1, ['band'], true, bandFrom('the other hand', 0.3, 0.8)),
      },
      'band-face-pull': {
        name: 'Face pull',
        needs: [['anchor', 'post']],
        loading: held('raise', 1.6, ['band'], true, bandFrom('an anchor at chest height', 0.5, 0.75)),
      },
      'seated-chin-tuck': {
        name: 'Chin tuck',
        position: 'seated',
        muscles: { upperBack: 0.4, rearShoulders: 0.2 },
        needs: [['chair', 'step']],
        tier: 'beginner',
      },
    },
  ),
];

const SHRUG = 'The shoulders shrug to the ears or the low back arches.';

export const pullLadders = [
  ladder(
    'band-row',
    'Band row',
    'row',
    'Step a hand nearer, or hold two counts at the ribs.',
    'The trunk swings or the shoulders shrug.',
    [
      rung('band-row-wall', 'wall-row-hold', 'elbows into the wall', 'b', repsGate(2, 12)),
      rung('band-row-seated', 'seated-band-row', 'round the feet', 'b', repsGate(3, 12)),
      rung('band-row-anchored', 'anchored-band-row', 'at an anchor', 'i', repsGate(3, 12)),
      rung('band-row-bar-high', 'low-bar-row', 'under a bar, steep', 'i', repsGate(3, 10), {
        levers: { surfaceHeight: 110 },
      }),
      rung('band-row-bar-low', 'low-bar-row', 'under a bar, flat', 'a', repsGate(3, 10), {
        levers: { surfaceHeight: 70 },
      }),
    ],
  ),
  ladder(
    'pull-up',
    'Pull-up',
    'pullUp',
    'Count seconds instead: slower on the way down, more hangs, a lighter foot.',
    'Swinging, the chin thrown at the bar, or pain in the elbow.',
    [
      rung('pull-hang', 'dead-hang', 'hang', 'b', secondsGate(3, 20), {
        after: [['band-row', 'band-row-wall']],
      }),
      rung('pull-set', 'shoulder-set-hang', 'hang, shoulders drawn down', 'b', repsGate(3, 8)),
      rung('pull-helped', 'foot-helped-pull-up', 'a foot helps', 'i', repsGate(3, 8), {
        levers: { assistance: 40 },
        after: [['row', 'row-one-arm']],
      }),
      rung('pull-lowering', 'lowering-pull-up', 'lowering only', 'i', repsGate(3, 5), {
        after: [['row', 'row-one-arm']],
      }),
      rung('pull-free', 'pull-up', 'free', 'a', repsGate(3, 8, 1), { after: [['row', 'row-pair']] }),
    ],
  ),
  ladder(
    'prone-raise',
    'Prone raise',
    'posture',
    'Thumbs up, half the height, two counts at the top.',
    SHRUG,
    [
      rung('raise-t', 'prone-t-raise', 'arms out', 'b', repsGate(2, 10)),
      rung('raise-w', 'prone-w', 'elbows to the ribs', 'b', repsGate(3, 12)),
      rung('raise-y', 'prone-y-raise', 'arms up and out', 'i', repsGate(3, 12)),
      rung('raise-bent', 'bent-reverse-fly', 'bent over, loaded', 'a', repsGate(3, 12)),
    ],
  ),
  ladder(
    'posture',
    'Posture at the wall',
    'posture',
    'Step the feet further out and keep the ribs down.',
    SHRUG,
    [
      rung('posture-squeeze', 'wall-squeeze', 'squeeze', 'b', repsGate(2, 12)),
      rung('posture-angel', 'wall-angel', 'arms sliding', 'b', repsGate(3, 10)),
      rung('posture-apart', 'band-pull-apart', 'band apart', 'i', repsGate(3, 15)),
      rung('posture-face', 'band-face-pull', 'band to the brow', 'a', repsGate(3, 15)),
    ],
  ),
];
