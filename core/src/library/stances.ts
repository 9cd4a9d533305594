import { ABOVE_THE_KNEES, bandFrom, family, held, heldOnTop, ladder, repsGate, rung } from './define';

/** Squats, lunges and hinges in other stances and with the weight elsewhere. */
export const stanceExercises = [
  // Squats in other stances.
  ...family(
    {
      pattern: 'squat',
      muscles: { thighFront: 1, glutes: 0.7, trunk: 0.2 },
      levers: [{ lever: 'range', from: 40, to: 100 }],
    },
    {
      'sumo-squat': {
        name: 'Sumo squat',
        tier: 'beginner',
        muscles: { thighFront: 1, innerThigh: 0.8, glutes: 0.8, trunk: 0.2 },
        loading: held('squat', 0.95, ['bothHands', 'bag', 'pair'], false),
        secondsPerRep: 4,
      },
      'sumo-hold': {
        name: 'Sumo squat hold',
        tier: 'intermediate',
        muscles: { thighFront: 1, innerThigh: 0.8, glutes: 0.7 },
        secondsPerRep: 3,
      },
      'narrow-squat': {
        name: 'Narrow squat',
        tier: 'beginner',
        bodyLoad: { carriedBy: 'legs', share: 0.88, lift: 'squat', ratio: 1.2 },
        muscles: { thighFront: 1, glutes: 0.6, trunk: 0.2 },
        secondsPerRep: 3,
      },
      'heels-raised-squat': {
        name: 'Heels-raised squat',
        tier: 'beginner',
        muscles: { thighFront: 1, glutes: 0.5, trunk: 0.2 },
        loading: held('squat', 0.9, ['bothHands', 'pair'], false),
        secondsPerRep: 4,
      },
      'squat-pulse': { name: 'Squat pulse', tier: 'intermediate', secondsPerRep: 1.5 },
      'squat-hold': { name: 'Squat hold', tier: 'beginner', secondsPerRep: 3 },
      'staggered-squat': {
        name: 'Staggered squat',
        tier: 'intermediate',
        laterality: 'eachSide',
        loading: held('squat', 0.7, ['bothHands', 'pair'], false),
        secondsPerRep: 4,
      },
      'pivot-squat': {
        name: 'Pivot squat',
        tier: 'intermediate',
        laterality: 'alternating',
        rep: 'turn, squat, back and squat make one',
        secondsPerRep: 6,
      },
      'heels-raised-goblet-squat': {
        name: 'Heels-raised goblet squat',
        tier: 'intermediate',
        muscles: { thighFront: 1, glutes: 0.5, trunk: 0.2, upperBack: 0.2 },
        loading: held('squat', 0.95, ['bothHands', 'bag'], true),
        secondsPerRep: 4,
      },
      'half-rep-squat': {
        name: 'One-and-a-half squat',
        tier: 'intermediate',
        loading: held('squat', 0.75, ['bothHands', 'pair'], false),
        rep: 'down, half up, down and up make one',
        secondsPerRep: 6,
      },
    },
  ),
  // Lunges and steps in other directions.
  ...family(
    {
      pattern: 'lunge',
      muscles: { thighFront: 1, glutes: 0.8, thighBack: 0.4, trunk: 0.2 },
      laterality: 'eachSide',
      levers: [{ lever: 'range', from: 40, to: 100 }],
    },
    {
      'around-the-clock-lunge': {
        name: 'Around-the-clock lunge',
        tier: 'intermediate',
        rep: 'forward, side and back make one; both sides do the same number',
        secondsPerRep: 9,
      },
      'knee-drive-lunge': { name: 'Lunge to knee drive', tier: 'intermediate', secondsPerRep: 4 },
      'lunge-pulse': { name: 'Lunge pulse', tier: 'intermediate', secondsPerRep: 1.5 },
      'split-squat-hold': { name: 'Split squat hold', tier: 'intermediate', secondsPerRep: 3 },
      'step-back-off-a-step': {
        name: 'Reverse lunge off a step',
        tier: 'advanced',
        needs: [['step']],
        loading: heldOnTop('squat', 0.82, ['pair', 'bothHands', 'vest'], ABOVE_THE_KNEES),
        secondsPerRep: 4,
      },
      'step-down': {
        name: 'Step-down',
        tier: 'intermediate',
        needs: [['step']],
        muscles: { thighFront: 1, glutes: 0.8, outerHip: 0.6 },
        levers: [],
        secondsPerRep: 5,
      },
      'side-step-up': {
        name: 'Lateral step-up',
        tier: 'intermediate',
        needs: [['step']],
        muscles: { thighFront: 1, glutes: 0.8, outerHip: 0.6, innerThigh: 0.3 },
        levers: [],
        loading: heldOnTop('squat', 0.8, ['pair', 'bothHands', 'vest'], ABOVE_THE_KNEES),
        secondsPerRep: 4,
      },
      'knee-tap-squat': { name: 'Single-leg squat to a knee tap', tier: 'advanced', secondsPerRep: 5 },
      'deep-side-squat': {
        name: 'Deep lateral squat',
        tier: 'advanced',
        muscles: { innerThigh: 1, thighFront: 1, glutes: 0.7, outerHip: 0.4 },
        secondsPerRep: 5,
      },
    },
  ),
  // Deadlifts, and hinges with the weight elsewhere.
  ...family(
    { pattern: 'hinge', muscles: { glutes: 1, thighBack: 1, lowBack: 0.5, trunk: 0.3 }, levers: [] },
    {
      'floor-deadlift': {
        name: 'Deadlift',
        tier: 'intermediate',
        muscles: { glutes: 1, thighBack: 0.9, thighFront: 0.6, lowBack: 0.6, forearms: 0.4, trunk: 0.3 },
        loading: held('hinge', 1, ['bar', 'hexBar', 'pair', 'bothHands', 'bag'], true),
        secondsPerRep: 4,
      },
      'sumo-deadlift': {
        name: 'Sumo deadlift',
        tier: 'intermediate',
        muscles: { glutes: 1, thighBack: 0.7, innerThigh: 0.7, thighFront: 0.6, lowBack: 0.4 },
        loading: held('hinge', 1, ['bothHands', 'bar', 'bag'], true),
        secondsPerRep: 4,
      },
      'suitcase-deadlift': {
        name: 'Suitcase deadlift',
        tier: 'intermediate',
        laterality: 'eachSide',
        muscles: { glutes: 1, thighBack: 0.8, sides: 0.7, lowBack: 0.4, forearms: 0.4 },
        loading: held('hinge', 0.45, ['oneSide'], true),
        secondsPerRep: 4,
      },
      'good-morning': {
        name: 'Good morning',
        tier: 'intermediate',
        muscles: { thighBack: 1, glutes: 1, lowBack: 0.7 },
        loading: held('hinge', 0.4, ['bar', 'bag', 'band'], true, bandFrom('both feet', 0.5, 0.8)),
        secondsPerRep: 5,
      },
      'hands-on-head-hinge': { name: 'Bodyweight good morning', tier: 'beginner' },
      'reach-hinge': { name: 'Single-leg hinge with reach', tier: 'intermediate', laterality: 'eachSide' },
    },
  ),
];

/** Feet wide, and picking up from the floor. */
export const stanceLadders = [
  ladder(
    'sumo-squat',
    'Sumo squat',
    'squat',
    'A narrower stance, or less depth with three counts down.',
    'The knees fall in or the trunk tips forward.',
    [
      rung('sumo-half', 'sumo-squat', 'half-way down', 'b', repsGate(2, 12), { levers: { range: 50 } }),
      rung('sumo-low', 'sumo-squat', 'thighs nearly level', 'b', repsGate(3, 12), { levers: { range: 75 } }),
      rung('sumo-full', 'sumo-squat', 'all the way', 'i', repsGate(3, 12), { levers: { range: 100 } }),
    ],
  ),
  ladder(
    'deadlift',
    'Deadlift',
    'hinge',
    'Start from a step, so that the way down is shorter.',
    'The back rounds or the hips shoot up first.',
    [
      rung('deadlift-drill', 'hands-on-head-hinge', 'without weight', 'b', repsGate(2, 12)),
      rung('deadlift-floor', 'floor-deadlift', 'from the floor', 'i', repsGate(3, 8), {
        after: [['hinge', 'hinge-free']],
      }),
      rung('deadlift-suitcase', 'suitcase-deadlift', 'weight on one side', 'a', repsGate(3, 8)),
    ],
  ),
];
