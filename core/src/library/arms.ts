import { ABOVE_THE_ANKLES, bandFrom, family, held, heldOnTop, ladder, repsGate, rung } from './define';

/** Raises, curls, the back of the arm, and the lower leg. */
export const armExercises = [
  ...family(
    {
      pattern: 'raise',
      muscles: { shoulders: 1, upperBack: 0.3 },
      secondsPerRep: 4,
    },
    {
      'empty-side-raise': { name: 'Arm raise to the side' },
      'bent-side-raise': { name: 'Bent-arm lateral raise', loading: held('raise', 1.4, ['pair'], true) },
      'side-raise': {
        name: 'Lateral raise',
        loading: held('raise', 1, ['pair', 'band'], true, bandFrom('both feet', 0.45, 0.75)),
      },
      'leaning-side-raise': {
        name: 'Leaning lateral raise',
        laterality: 'eachSide',
        needs: [['post', 'counter', 'wall']],
        loading: held('raise', 0.5, ['oneSide'], true),
      },
      'empty-front-raise': { name: 'Arm raise to the front' },
      'one-front-raise': {
        name: 'Alternating front raise',
        laterality: 'alternating',
        loading: held('raise', 1.1, ['pair'], true),
      },
      'front-raise': {
        name: 'Front raise',
        loading: held('raise', 1.1, ['pair', 'bothHands', 'band'], true, bandFrom('both feet', 0.45, 0.75)),
      },
      'front-to-overhead-raise': {
        name: 'Front raise to overhead',
        loading: held('raise', 0.9, ['pair', 'bothHands'], true),
      },
    },
  ),
  ...family(
    {
      pattern: 'curl',
      muscles: { biceps: 1, forearms: 0.6 },
      secondsPerRep: 4,
    },
    {
      'hand-resisted-curl': {
        name: 'Self-resisted curl',
        laterality: 'eachSide',
      },
      'seated-curl': {
        name: 'Seated curl',
        position: 'seated',
        needs: [['chair']],
        loading: held('curl', 0.95, ['pair', 'oneSide'], true),
      },
      curl: {
        name: 'Biceps curl',
        loading: held('curl', 1, ['pair', 'bar', 'band', 'bag'], true, bandFrom('both feet', 0.4, 0.65)),
      },
      'hammer-curl': {
        name: 'Hammer curl',
        tier: 'beginner',
        muscles: { biceps: 0.9, forearms: 1 },
        loading: held('curl', 1.05, ['pair', 'band', 'bothHands'], true, bandFrom('both feet', 0.4, 0.65)),
      },
      'slow-curl': {
        name: 'Slow curl',
        secondsPerRep: 7,
        loading: held('curl', 0.85, ['pair', 'bar'], true),
      },
      'propped-curl': {
        name: 'Concentration curl',
        tier: 'beginner',
        laterality: 'eachSide',
        position: 'seated',
        needs: [['chair']],
        loading: held('curl', 0.45, ['oneSide'], true),
      },
    },
  ),
  ...family(
    {
      pattern: 'extend',
      muscles: { triceps: 1, shoulders: 0.2 },
      secondsPerRep: 4,
    },
    {
      'wall-elbow-press': {
        name: 'Wall triceps press',
        needs: [['wall']],
        levers: [{ lever: 'surfaceHeight', from: 40, to: 140 }],
      },
      'kick-back': {
        name: 'Triceps kickback',
        laterality: 'eachSide',
        needs: [['chair', 'counter', 'step']],
        loading: held('extend', 0.45, ['oneSide'], true),
      },
      'band-press-down': {
        name: 'Triceps press-down with a band',
        tier: 'beginner',
        needs: [['anchor', 'overheadBar']],
        loading: held('extend', 1.1, ['band'], true, bandFrom('an anchor overhead', 0.4, 0.6)),
      },
      'lying-elbow-extension': {
        name: 'Lying triceps extension',
        position: 'lying',
        loading: held('extend', 1, ['pair', 'bothHands', 'bar'], true),
      },
      'overhead-elbow-extension': {
        name: 'Overhead triceps extension',
        loading: held(
          'extend',
          1,
          ['bothHands', 'oneSide', 'band'],
          true,
          bandFrom('the feet behind', 0.7, 1),
        ),
      },
      'close-press-up': {
        name: 'Close-grip push-up',
        bodyLoad: { carriedBy: 'hands', lift: 'press', ratio: 1.4 },
        position: 'handsAndFeet',
        muscles: { triceps: 1, chest: 0.7, shoulders: 0.4, trunk: 0.3 },
      },
    },
  ),
  ...family(
    {
      pattern: 'calf',
      muscles: { calves: 1 },
      secondsPerRep: 3,
    },
    {
      'seated-heel-raise': {
        name: 'Seated calf raise',
        position: 'seated',
        needs: [['chair']],
        loading: held('calf', 0.25, ['bothHands', 'bag'], false),
      },
      'held-heel-raise': { name: 'Supported calf raise', needs: [['chair', 'counter', 'wall', 'post']] },
      'heel-raise': {
        name: 'Calf raise',
        loading: heldOnTop('calf', 1, ['pair', 'vest', 'bag'], ABOVE_THE_ANKLES),
      },
      'step-heel-raise': {
        name: 'Calf raise off a step',
        needs: [['step']],
        loading: heldOnTop('calf', 1, ['oneSide', 'vest'], ABOVE_THE_ANKLES),
      },
      'one-leg-heel-raise': {
        name: 'Single-leg calf raise',
        laterality: 'eachSide',
        needs: [['chair', 'counter', 'wall', 'post']],
        loading: heldOnTop('calf', 0.55, ['oneSide', 'vest'], ABOVE_THE_ANKLES),
      },
      'seated-toe-raise': {
        name: 'Seated toe raise',
        position: 'seated',
        muscles: { shins: 1 },
        needs: [['chair']],
      },
      'wall-toe-raise': { name: 'Toe raise', muscles: { shins: 1 }, needs: [['wall']] },
      'heel-walk': {
        name: 'Heel walk',
        muscles: { shins: 1, calves: 0.2 },
        laterality: 'alternating',
      },
    },
  ),
];

export const armLadders = [
  ladder(
    'lateral-raise',
    'Lateral raise',
    'raise',
    'Elbows bent, half the height, slower down.',
    'The trunk swings or the shoulders shrug.',
    [
      rung('lateral-empty', 'empty-side-raise', 'nothing held', 'b', repsGate(2, 15)),
      rung('lateral-bent', 'bent-side-raise', 'elbows bent', 'b', repsGate(3, 12)),
      rung('lateral-full', 'side-raise', 'arms long', 'i', repsGate(3, 12)),
      rung('lateral-lean', 'leaning-side-raise', 'leaning out, one arm', 'a', repsGate(3, 12)),
    ],
  ),
  ladder(
    'front-raise',
    'Front raise',
    'raise',
    'One arm in turn, or half the height.',
    'The back arches to start it.',
    [
      rung('front-empty', 'empty-front-raise', 'nothing held', 'b', repsGate(2, 15)),
      rung('front-one', 'one-front-raise', 'one arm in turn', 'b', repsGate(3, 10)),
      rung('front-both', 'front-raise', 'both arms', 'i', repsGate(3, 12)),
      rung('front-overhead', 'front-to-overhead-raise', 'to overhead', 'a', repsGate(3, 10)),
    ],
  ),
  ladder(
    'curl',
    'Biceps curl',
    'curl',
    'Slower down, or a pause half-way, before a heavier load.',
    'Elbows drift or the trunk swings.',
    [
      rung('curl-hand', 'hand-resisted-curl', 'against the other hand', 'b', repsGate(2, 12)),
      rung('curl-seated', 'seated-curl', 'seated', 'b', repsGate(3, 12)),
      rung('curl-free', 'curl', 'standing', 'i', repsGate(3, 12)),
      rung('curl-slow', 'slow-curl', 'five counts down', 'a', repsGate(3, 10)),
    ],
  ),
  ladder(
    'triceps',
    'Triceps extension',
    'extend',
    'Support the upper arm, lighter, slower.',
    'Elbows wander or hurt at the point.',
    [
      rung('triceps-wall', 'wall-elbow-press', 'off the wall', 'b', repsGate(2, 12), {
        levers: { surfaceHeight: 120 },
      }),
      rung('triceps-kick', 'kick-back', 'bent over, one arm', 'b', repsGate(3, 12)),
      rung('triceps-lying', 'lying-elbow-extension', 'lying', 'i', repsGate(3, 12)),
      rung('triceps-overhead', 'overhead-elbow-extension', 'overhead', 'i', repsGate(3, 12)),
      rung('triceps-close', 'close-press-up', 'press-up, hands close', 'a', repsGate(3, 12), {
        after: [['press-up', 'press-floor']],
      }),
    ],
  ),
  ladder(
    'heel-raise',
    'Calf raise',
    'calf',
    'Two counts at the top, and down as slowly.',
    'The ankle rolls out or the knees bend.',
    [
      rung('heel-seated', 'seated-heel-raise', 'seated', 'b', repsGate(2, 15)),
      rung('heel-held', 'held-heel-raise', 'holding on', 'b', repsGate(3, 15)),
      rung('heel-free', 'heel-raise', 'free', 'i', repsGate(3, 15)),
      rung('heel-step', 'step-heel-raise', 'off a step', 'i', repsGate(3, 15)),
      rung('heel-one', 'one-leg-heel-raise', 'on one leg', 'a', repsGate(3, 15)),
    ],
  ),
  ladder(
    'toe-raise',
    'Toe raise',
    'calf',
    'Shorter sets, more often in the week.',
    'The hips fold to lift the toes.',
    [
      rung('toe-seated', 'seated-toe-raise', 'seated', 'b', repsGate(2, 15)),
      rung('toe-wall', 'wall-toe-raise', 'back to the wall', 'i', repsGate(3, 15)),
      rung('toe-walk', 'heel-walk', 'walking on the heels', 'a', repsGate(3, 20)),
    ],
  ),
];
