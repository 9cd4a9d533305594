import { family, held, ladder, repsGate, rung, secondsGate } from './define';

/** Swings, cleans and snatches, jumps and bounds, and work for the heart. */
export const powerExercises = [
  // Swings and pulls from the hips.
  ...family(
    { pattern: 'hinge', muscles: { glutes: 1, thighBack: 0.9, lowBack: 0.4, trunk: 0.4 }, secondsPerRep: 2 },
    {
      'quick-hinge': {
        name: 'Quick hinge',
        tier: 'beginner',
      },
      'hinge-shrug': {
        name: 'Deadlift with shrug',
        tier: 'beginner',
        muscles: { glutes: 1, thighBack: 0.8, upperBack: 0.6, lowBack: 0.4 },
        loading: held('hinge', 0.5, ['pair', 'bothHands', 'bar'], true),
        secondsPerRep: 4,
      },
      'dead-start-swing': {
        name: 'Dead-start swing',
        tier: 'intermediate',
        loading: held('hinge', 0.35, ['bothHands'], true),
        secondsPerRep: 4,
      },
      swing: {
        name: 'Kettlebell swing',
        tier: 'intermediate',
        loading: held('hinge', 0.4, ['bothHands'], true),
      },
      'one-arm-swing': {
        name: 'Single-arm swing',
        tier: 'advanced',
        laterality: 'eachSide',
        loading: held('hinge', 0.2, ['oneSide'], true),
      },
      clean: {
        name: 'Clean',
        tier: 'intermediate',
        muscles: { glutes: 1, thighBack: 0.7, upperBack: 0.6, shoulders: 0.4 },
        loading: held('hinge', 0.4, ['pair', 'bar'], true),
        secondsPerRep: 3,
      },
      snatch: {
        name: 'Snatch',
        tier: 'advanced',
        laterality: 'eachSide',
        muscles: { glutes: 1, thighBack: 0.7, shoulders: 0.8, upperBack: 0.6 },
        loading: held('overhead', 0.4, ['oneSide'], true),
        secondsPerRep: 3,
      },
      'high-pull': {
        name: 'High pull',
        tier: 'intermediate',
        muscles: { glutes: 1, shoulders: 0.8, upperBack: 0.8, thighBack: 0.6 },
        loading: held('overhead', 0.7, ['pair', 'bothHands', 'bar'], true),
        secondsPerRep: 3,
      },
    },
  ),
  // Jumps and bounds.
  ...family(
    {
      pattern: 'hop',
      muscles: { calves: 0.8, thighFront: 1, glutes: 0.8 },
      impact: 'high',
      secondsPerRep: 2,
    },
    {
      'squat-jump': { name: 'Squat jump', tier: 'advanced' },
      'lunge-jump': { name: 'Lunge jump', tier: 'advanced', laterality: 'alternating' },
      'skater-reach': {
        name: 'Side step with reach',
        tier: 'beginner',
        impact: 'none',
        laterality: 'alternating',
        muscles: { outerHip: 1, glutes: 0.8, thighFront: 0.6 },
      },
      'skater-step': {
        name: 'Skater step',
        tier: 'intermediate',
        impact: 'low',
        laterality: 'alternating',
        muscles: { outerHip: 1, glutes: 0.9, thighFront: 0.6 },
      },
      skater: {
        name: 'Skater',
        tier: 'advanced',
        laterality: 'alternating',
        muscles: { outerHip: 1, glutes: 0.9, thighFront: 0.7, calves: 0.6 },
      },
      'box-jump': { name: 'Box jump', tier: 'advanced', needs: [['step']], secondsPerRep: 4 },
      'jump-forward': { name: 'Jump forward and stick', tier: 'advanced', secondsPerRep: 5 },
      'squat-jack': {
        name: 'Squat jack',
        tier: 'advanced',
        muscles: { thighFront: 1, outerHip: 0.6, glutes: 0.7, calves: 0.6 },
      },
      'ankle-hops': {
        name: 'Ankle hops',
        tier: 'intermediate',
        muscles: { calves: 1, thighFront: 0.3 },
        secondsPerRep: 1,
      },
    },
  ),
  // Work for the heart.
  ...family(
    {
      pattern: 'thrust',
      muscles: { thighFront: 0.6, calves: 0.6, trunk: 0.4 },
      secondsPerRep: 1,
      laterality: 'alternating',
    },
    {
      'high-knees': { name: 'High knees', tier: 'intermediate', impact: 'high' },
      'butt-kicks': {
        name: 'Butt kicks',
        tier: 'intermediate',
        impact: 'high',
        muscles: { thighBack: 0.8, calves: 0.6, thighFront: 0.4 },
      },
      'leg-curl-step': {
        name: 'Leg-curl step',
        tier: 'beginner',
        impact: 'none',
        muscles: { thighBack: 0.7, calves: 0.4 },
      },
      'jog-on-the-spot': { name: 'Jog on the spot', tier: 'intermediate', impact: 'high' },
      skipping: {
        name: 'Skipping',
        tier: 'intermediate',
        impact: 'high',
        laterality: 'both',
        muscles: { calves: 1, shoulders: 0.3, thighFront: 0.4 },
      },
      'side-shuffle': {
        name: 'Side shuffle',
        tier: 'intermediate',
        impact: 'low',
        muscles: { outerHip: 0.7, thighFront: 0.7, calves: 0.5 },
      },
      'cross-jack': { name: 'Cross jack', tier: 'intermediate', impact: 'high', laterality: 'both' },
      'squat-punch': {
        name: 'Squat with punches',
        tier: 'beginner',
        impact: 'none',
        muscles: { thighFront: 0.8, glutes: 0.5, shoulders: 0.5 },
        levers: [{ lever: 'range', from: 40, to: 100 }],
        secondsPerRep: 4,
      },
      'boxer-shuffle': {
        name: 'Boxer shuffle',
        tier: 'intermediate',
        impact: 'low',
        muscles: { calves: 0.8, shoulders: 0.3 },
      },
      'knee-repeater': {
        name: 'Knee repeater',
        tier: 'intermediate',
        impact: 'low',
        laterality: 'eachSide',
        muscles: { hipFront: 0.8, trunk: 0.6, glutes: 0.5 },
      },
      'seated-jack': {
        name: 'Seated jack',
        tier: 'beginner',
        impact: 'none',
        laterality: 'both',
        position: 'seated',
        needs: [['chair', 'step']],
        muscles: { hipFront: 0.5, shoulders: 0.5, trunk: 0.4 },
      },
    },
  ),
];

/** Quick work waits for the slow: a hinge before a swing, a landing before a bound. */
export const powerLadders = [
  ladder(
    'swing',
    'Kettlebell swing',
    'hinge',
    'One swing at a time from the floor, lighter.',
    'It is squatted or lifted with the arms.',
    [
      rung('swing-drill', 'quick-hinge', 'without weight', 'b', repsGate(2, 12)),
      rung('swing-dead', 'dead-start-swing', 'one at a time', 'i', repsGate(3, 8), {
        after: [['hinge', 'hinge-pair']],
      }),
      rung('swing-two', 'swing', 'two hands', 'i', repsGate(3, 12, 2, 'the hips do it')),
      rung('swing-one', 'one-arm-swing', 'one hand', 'a', repsGate(3, 10)),
    ],
  ),
  ladder(
    'clean',
    'Clean and snatch',
    'hinge',
    'High pulls only, lighter and quicker.',
    'It is curled or pressed instead of thrown.',
    [
      rung('clean-drill', 'hinge-shrug', 'deadlift with shrug', 'b', repsGate(2, 12)),
      rung('clean-pull', 'high-pull', 'high pull', 'i', repsGate(3, 8), { after: [['hinge', 'hinge-pair']] }),
      rung('clean-clean', 'clean', 'clean', 'i', repsGate(3, 8)),
      rung('clean-snatch', 'snatch', 'snatch', 'a', repsGate(3, 6, 2, 'locked out over the shoulder'), {
        after: [['overhead-press', 'overhead-one-arm']],
      }),
    ],
  ),
  ladder(
    'skater',
    'Skater',
    'hop',
    'Step it, and stick every landing for two counts.',
    'The knee falls in or the landing is loud.',
    [
      rung('skater-reach', 'skater-reach', 'step and reach', 'b', secondsGate(2, 30)),
      rung('skater-step', 'skater-step', 'stepping', 'i', secondsGate(3, 40)),
      rung('skater-jump', 'skater', 'bounding', 'a', secondsGate(3, 40), { after: [['hops', 'hop-land']] }),
    ],
  ),
];
