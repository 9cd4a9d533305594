import { family, ladder, repsGate, rung, secondsGate } from './define';

const CHAIR = ['chair', 'counter', 'wall', 'post'] as const;

/** Balance with a leg held out, and walking narrow. */
export const steadyExercises = [
  // Standing on one leg with the other held out, and walking narrow.
  ...family(
    {
      pattern: 'balance',
      muscles: { outerHip: 1, glutes: 0.5, calves: 0.4, trunk: 0.4 },
      laterality: 'eachSide',
      secondsPerRep: 3,
    },
    {
      'leg-out-held': { name: 'Leg-out hold, holding on', tier: 'beginner', needs: [[...CHAIR]] },
      'leg-out-side': {
        name: 'Leg-out hold, to the side',
        tier: 'intermediate',
        levers: [{ lever: 'range', from: 20, to: 100 }],
      },
      'leg-out-front': {
        name: 'Leg-out hold, to the front',
        tier: 'intermediate',
        levers: [{ lever: 'range', from: 20, to: 100 }],
        muscles: { hipFront: 1, thighFront: 0.6, outerHip: 0.5, trunk: 0.4 },
      },
      'leg-out-back': {
        name: 'Leg-out hold, to the back',
        tier: 'intermediate',
        levers: [{ lever: 'range', from: 20, to: 100 }],
        muscles: { glutes: 1, thighBack: 0.5, outerHip: 0.5, trunk: 0.4 },
      },
      'leg-out-round': {
        name: 'Leg-out round',
        tier: 'advanced',
        rep: 'front, side and back make one',
        secondsPerRep: 6,
      },
      'leg-swing': {
        name: 'Leg swing',
        tier: 'beginner',
        needs: [[...CHAIR]],
        muscles: { hipFront: 0.8, glutes: 0.6, outerHip: 0.5 },
        secondsPerRep: 2,
      },
      'toe-stand': {
        name: 'Toe stand',
        tier: 'intermediate',
        laterality: 'both',
        muscles: { calves: 1, shins: 0.4, outerHip: 0.3 },
      },
      't-balance': {
        name: 'T balance',
        tier: 'advanced',
        muscles: { glutes: 1, thighBack: 0.7, outerHip: 0.7, trunk: 0.5 },
      },
      'head-turn-one-leg': { name: 'Single-leg stand with head turns', tier: 'intermediate' },
      'step-and-hold': { name: 'Step and hold', tier: 'beginner', laterality: 'alternating' },
      'tandem-walk-back': { name: 'Tandem walk backwards', tier: 'advanced', laterality: 'alternating' },
      grapevine: { name: 'Grapevine step', tier: 'beginner', laterality: 'alternating', secondsPerRep: 4 },
    },
  ),
];

/** One leg out, in every direction. */
export const steadyLadders = [
  ladder(
    'leg-out',
    'Leg-out hold',
    'balance',
    'The leg lower, a finger on the wall.',
    'The trunk leans away from the leg.',
    [
      rung('leg-out-held', 'leg-out-held', 'to the side, holding on', 'b', secondsGate(2, 15)),
      rung('leg-out-side', 'leg-out-side', 'to the side', 'i', secondsGate(3, 15), { levers: { range: 50 } }),
      rung('leg-out-front', 'leg-out-front', 'to the front', 'i', secondsGate(3, 15), {
        levers: { range: 50 },
      }),
      rung('leg-out-back', 'leg-out-back', 'to the back', 'i', secondsGate(3, 15), { levers: { range: 50 } }),
      rung('leg-out-round', 'leg-out-round', 'all round', 'a', repsGate(3, 5)),
    ],
  ),
];
