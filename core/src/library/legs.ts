import { ABOVE_THE_KNEES, bandFrom, family, held, heldOnTop, ladder, repsGate, rung } from './define';

const CHAIR = ['chair', 'counter', 'wall', 'post'] as const;

/** Lunges in every direction, and squats on one leg. */
export const legExercises = family(
  {
    pattern: 'lunge',
    muscles: { thighFront: 1, glutes: 0.8, thighBack: 0.4, trunk: 0.2 },
    laterality: 'eachSide',
    levers: [{ lever: 'range', from: 30, to: 100 }],
  },
  {
    'held-split-squat': {
      name: 'Supported split squat',
      needs: [[...CHAIR]],
      levers: [
        { lever: 'range', from: 30, to: 100 },
        { lever: 'assistance', from: 0, to: 60 },
      ],
    },
    'split-squat': {
      name: 'Split squat',
      loading: heldOnTop('squat', 0.9, ['pair', 'bothHands', 'vest', 'bag'], ABOVE_THE_KNEES),
    },
    'back-lunge': {
      name: 'Reverse lunge',
    },
    'forward-lunge': {
      name: 'Forward lunge',
      loading: heldOnTop('squat', 0.84, ['pair', 'bothHands', 'vest'], ABOVE_THE_KNEES),
    },
    'loaded-back-lunge': {
      name: 'Reverse lunge, loaded',
      loading: heldOnTop('squat', 0.86, ['pair', 'bothHands', 'vest'], ABOVE_THE_KNEES, true),
    },
    'walking-lunge': {
      name: 'Walking lunge',
      laterality: 'alternating',
      loading: heldOnTop('squat', 0.84, ['pair', 'vest'], ABOVE_THE_KNEES),
    },
    'side-step-squat': {
      name: 'Side step and squat',
      rep: 'two sits, one on each side, make one',
      muscles: { thighFront: 0.8, innerThigh: 0.8, outerHip: 0.6, glutes: 0.6 },
      laterality: 'alternating',
    },
    'side-lunge': {
      name: 'Lateral lunge',
      muscles: { innerThigh: 1, thighFront: 1, glutes: 0.7, outerHip: 0.5 },
      loading: heldOnTop('squat', 0.8, ['bothHands', 'pair', 'vest'], ABOVE_THE_KNEES),
    },
    'sliding-side-lunge': {
      name: 'Sliding lateral lunge',
      muscles: { innerThigh: 1, thighFront: 1, glutes: 0.7, outerHip: 0.4 },
      loading: heldOnTop('squat', 0.78, ['bothHands'], ABOVE_THE_KNEES),
    },
    'curtsy-tap': {
      name: 'Curtsy tap',
      muscles: { glutes: 1, outerHip: 0.8, thighFront: 0.8 },
    },
    'curtsy-lunge': {
      name: 'Curtsy lunge',
      muscles: { glutes: 1, outerHip: 0.8, thighFront: 1, innerThigh: 0.3 },
      loading: heldOnTop('squat', 0.8, ['bothHands', 'pair'], ABOVE_THE_KNEES),
    },
    'step-up': {
      name: 'Step-up',
      needs: [['step']],
      levers: [],
      loading: heldOnTop('squat', 0.83, ['pair', 'bothHands', 'vest'], ABOVE_THE_KNEES),
    },
    'high-step-up': {
      name: 'High step-up',
      needs: [['chair']],
      levers: [],
      loading: heldOnTop('squat', 0.78, ['pair', 'bothHands', 'vest'], ABOVE_THE_KNEES),
      tier: 'intermediate',
    },
    'one-leg-sit': {
      name: 'Single-leg sit to stand',
      pattern: 'squat',
      needs: [['chair']],
      loading: heldOnTop('squat', 0.73, ['bothHands', 'vest'], ABOVE_THE_KNEES),
    },
    'held-one-leg-squat': {
      name: 'Assisted single-leg squat',
      pattern: 'squat',
      needs: [['post', 'counter', 'chair', 'wall']],
      levers: [
        { lever: 'range', from: 30, to: 100 },
        { lever: 'assistance', from: 0, to: 60 },
      ],
    },
    'one-leg-squat': {
      name: 'Single-leg squat',
      pattern: 'squat',
      secondsPerRep: 5,
      loading: heldOnTop('squat', 0.71, ['bothHands', 'vest'], ABOVE_THE_KNEES),
    },
    'wall-sit': {
      name: 'Wall sit',
      pattern: 'squat',
      laterality: 'both',
      muscles: { thighFront: 1, glutes: 0.4 },
      needs: [['wall']],
      tier: 'beginner',
      secondsPerRep: 3,
    },
    'band-squat': {
      name: 'Band squat',
      pattern: 'squat',
      laterality: 'both',
      muscles: { thighFront: 1, glutes: 0.7, trunk: 0.2 },
      loading: held('squat', 1.1, ['band'], true, bandFrom('both feet', 0.5, 0.8)),
      tier: 'beginner',
    },
  },
);

const STUCK = 'Half the range for the last reps, a hand nearer to something, or three counts down.';
const BACK = 'The knee falls in, the heel lifts, or the trunk tips to find the balance.';

export const legLadders = [
  ladder('lunge', 'Lunge', 'lunge', STUCK, BACK, [
    rung('lunge-held', 'held-split-squat', 'split squat, hand on a chair', 'b', repsGate(2, 10), {
      levers: { range: 60, assistance: 30 },
    }),
    rung('lunge-split', 'split-squat', 'split squat', 'b', repsGate(3, 12), { levers: { range: 80 } }),
    rung('lunge-back', 'back-lunge', 'stepping back', 'i', repsGate(3, 10), { levers: { range: 90 } }),
    rung('lunge-forward', 'forward-lunge', 'stepping forward', 'i', repsGate(3, 10), {
      levers: { range: 90 },
    }),
    rung('lunge-loaded', 'loaded-back-lunge', 'stepping back, loaded', 'a', repsGate(3, 10), {
      levers: { range: 100 },
    }),
    rung('lunge-walking', 'walking-lunge', 'walking', 'a', repsGate(3, 12), { levers: { range: 100 } }),
  ]),
  ladder(
    'side-lunge',
    'Lateral lunge',
    'lunge',
    STUCK,
    'The knee falls in or the straight leg’s foot rolls.',
    [
      rung('side-step', 'side-step-squat', 'step and sit', 'b', repsGate(2, 12), { levers: { range: 50 } }),
      rung('side-lunge-half', 'side-lunge', 'half-way down', 'i', repsGate(3, 10), {
        levers: { range: 60 },
      }),
      rung('side-lunge-full', 'side-lunge', 'all the way', 'i', repsGate(3, 12), { levers: { range: 100 } }),
      rung('side-lunge-sliding', 'sliding-side-lunge', 'sliding out', 'a', repsGate(3, 10), {
        levers: { range: 100 },
      }),
    ],
  ),
  ladder('curtsy', 'Curtsy lunge', 'lunge', STUCK, 'The pelvis turns, or the front knee falls in.', [
    rung('curtsy-tap', 'curtsy-tap', 'tapping behind', 'b', repsGate(2, 12), { levers: { range: 40 } }),
    rung('curtsy-half', 'curtsy-lunge', 'half-way down', 'i', repsGate(3, 10), {
      levers: { range: 60 },
    }),
    rung('curtsy-full', 'curtsy-lunge', 'all the way', 'a', repsGate(3, 12), { levers: { range: 100 } }),
  ]),
  ladder(
    'one-leg-squat',
    'Single-leg squat',
    'squat',
    STUCK,
    'The pelvis drops to one side or the heel lifts.',
    [
      rung('one-leg-step-up', 'step-up', 'stepping up', 'b', repsGate(3, 12)),
      rung('one-leg-sit-high', 'one-leg-sit', 'to a high seat', 'i', repsGate(3, 8), {
        levers: { range: 45 },
        after: [['squat', 'squat-free']],
      }),
      rung('one-leg-sit-low', 'one-leg-sit', 'to a chair', 'i', repsGate(3, 10), {
        levers: { range: 65 },
        after: [['squat', 'squat-free']],
      }),
      rung('one-leg-held', 'held-one-leg-squat', 'holding on', 'a', repsGate(3, 8), {
        levers: { range: 90, assistance: 20 },
        after: [['squat', 'squat-goblet']],
      }),
      rung('one-leg-free', 'one-leg-squat', 'free', 'a', repsGate(3, 8, 1), {
        levers: { range: 100 },
        after: [['squat', 'squat-goblet']],
      }),
    ],
  ),
];
