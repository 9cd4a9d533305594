import { bandFrom, BELOW_THE_HANDS, family, held, heldOnTop, ladder, repsGate, rung } from './define';

/** Presses lying, standing and overhead, dips and flies. */
export const pushExercises = [
  ...family(
    {
      pattern: 'press',
      muscles: { chest: 1, triceps: 0.7, shoulders: 0.4 },
    },
    {
      'knee-press-up': {
        name: 'Knee push-up',
        position: 'handsAndFeet',
        bodyLoad: { carriedBy: 'knees', lift: 'press', ratio: 1.4 },
        tier: 'beginner',
      },
      'one-arm-floor-press': {
        name: 'Single-arm chest press',
        laterality: 'eachSide',
        position: 'lying',
        loading: held('press', 0.45, ['oneSide'], true),
      },
      'standing-band-press': {
        name: 'Band chest press',
        loading: held('press', 0.7, ['band'], true, bandFrom('the upper back', 0.16, 0.38)),
      },
      'bench-dip-bent': {
        name: 'Triceps dip',
        bodyLoad: { carriedBy: 'hands', share: 0.46, lift: 'press', ratio: 1.5 },
        needs: [['chair']],
        position: 'seated',
        levers: [{ lever: 'range', from: 30, to: 100 }],
        muscles: { triceps: 1, chest: 0.5, shoulders: 0.5 },
      },
      'bench-dip-straight': {
        name: 'Triceps dip, legs straight',
        bodyLoad: { carriedBy: 'hands', share: 0.5, lift: 'press', ratio: 1.5 },
        needs: [['chair']],
        position: 'seated',
        muscles: { triceps: 1, chest: 0.5, shoulders: 0.6 },
      },
      'two-chair-dip': {
        name: 'Dip',
        needs: [['counter']],
        muscles: { triceps: 1, chest: 0.8, shoulders: 0.6 },
        loading: heldOnTop('press', 1.5, ['vest'], BELOW_THE_HANDS),
        secondsPerRep: 5,
      },
    },
  ),
  ...family(
    {
      pattern: 'overhead',
      muscles: { shoulders: 1, triceps: 0.7, upperBack: 0.3, trunk: 0.3 },
    },
    {
      'wall-slide-press': {
        name: 'Wall slide',
        needs: [['wall']],
        muscles: { shoulders: 0.8, upperBack: 0.6 },
      },
      'seated-press': {
        name: 'Seated overhead press',
        position: 'seated',
        needs: [['chair']],
        loading: held('overhead', 0.95, ['pair', 'band'], true, bandFrom('the seat', 0.2, 0.6)),
      },
      'standing-press': {
        name: 'Overhead press',
        loading: held(
          'overhead',
          1,
          ['pair', 'bar', 'bothHands', 'band'],
          true,
          bandFrom('both feet', 0.8, 1.2),
        ),
      },
      'one-arm-press': {
        name: 'Single-arm overhead press',
        laterality: 'eachSide',
        muscles: { shoulders: 1, triceps: 0.7, sides: 0.6, trunk: 0.3 },
        loading: held('overhead', 0.5, ['oneSide'], true),
      },
      'push-press': {
        name: 'Push press',
        muscles: { shoulders: 1, triceps: 0.7, thighFront: 0.5, trunk: 0.3 },
        loading: held('overhead', 1.2, ['pair', 'bar'], true),
        secondsPerRep: 3,
      },
      'hips-high-press-up': {
        name: 'Pike push-up',
        tier: 'advanced',
        position: 'handsAndFeet',
      },
    },
  ),
  ...family(
    {
      pattern: 'fly',
      muscles: { chest: 1, shoulders: 0.4, biceps: 0.2 },
      position: 'lying',
    },
    {
      'palm-press': {
        name: 'Palm press',
        position: 'standing',
        needs: [],
        secondsPerRep: 3,
      },
      'floor-fly': { name: 'Chest fly', loading: held('press', 0.4, ['pair'], true) },
      'band-fly': {
        name: 'Standing band fly',
        position: 'standing',
        needs: [['anchor', 'post']],
        loading: held('press', 0.35, ['band'], true, bandFrom('an anchor at chest height', 0.5, 0.72)),
      },
      'straight-arm-fly': {
        name: 'Straight-arm fly',
        loading: held('press', 0.32, ['pair'], true),
      },
    },
  ),
];

export const pushLadders = [
  ladder(
    'floor-press',
    'Chest press',
    'press',
    'One more visit at the same load with three counts down, or press one arm at a time.',
    'Elbows flare, wrists fold, or one side lags.',
    [
      rung('floor-press-band', 'standing-band-press', 'standing, with a band', 'b', repsGate(2, 12)),
      rung('floor-press-pair', 'floor-press', 'both arms', 'b', repsGate(3, 10)),
      rung('floor-press-one', 'one-arm-floor-press', 'one arm', 'i', repsGate(3, 10)),
    ],
  ),
  ladder(
    'dip',
    'Dip',
    'press',
    'Half the range, feet nearer, and a pause at the bottom.',
    'The shoulders roll forward or shrug.',
    [
      rung('dip-half', 'bench-dip-bent', 'knees bent, half-way', 'b', repsGate(2, 10), {
        levers: { range: 50 },
      }),
      rung('dip-bent', 'bench-dip-bent', 'knees bent', 'i', repsGate(3, 12), {
        levers: { range: 100 },
        after: [['press-up', 'press-chair']],
      }),
      rung('dip-straight', 'bench-dip-straight', 'legs straight', 'i', repsGate(3, 12), {
        after: [['press-up', 'press-chair']],
      }),
      rung('dip-free', 'two-chair-dip', 'between two supports', 'a', repsGate(3, 8, 1), {
        after: [['press-up', 'press-floor']],
      }),
    ],
  ),
  ladder(
    'overhead-press',
    'Overhead press',
    'overhead',
    'Sit down for it, press one arm at a time, or take a lighter load for more reps.',
    'The low back arches or the ribs flare.',
    [
      rung('overhead-wall', 'wall-slide-press', 'arms up a wall', 'b', repsGate(2, 12)),
      rung('overhead-seated', 'seated-press', 'seated', 'b', repsGate(3, 10)),
      rung('overhead-standing', 'standing-press', 'standing', 'i', repsGate(3, 10)),
      rung('overhead-one-arm', 'one-arm-press', 'one arm', 'i', repsGate(3, 10)),
      rung('overhead-push', 'push-press', 'with a push from the legs', 'a', repsGate(3, 8)),
    ],
  ),
  ladder(
    'fly',
    'Chest fly',
    'fly',
    'Elbows more bent, smaller arc, slower.',
    'The elbows straighten under load or the shoulders leave the floor.',
    [
      rung('fly-palms', 'palm-press', 'palms together', 'b', repsGate(2, 12)),
      rung('fly-band', 'band-fly', 'with a band', 'b', repsGate(3, 12)),
      rung('fly-floor', 'floor-fly', 'on the floor', 'i', repsGate(3, 12)),
      rung('fly-long', 'straight-arm-fly', 'arms longer', 'a', repsGate(3, 10)),
    ],
  ),
];
