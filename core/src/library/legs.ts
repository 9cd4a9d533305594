import { bandFrom, family, held, ladder, repsGate, rung } from './define';

const CHAIR = ['chair', 'counter', 'wall', 'post'] as const;

/** Lunges in every direction, and squats on one leg. */
export const legExercises = family(
  {
    pattern: 'lunge',
    muscles: { thighFront: 1, glutes: 0.8, thighBack: 0.4, trunk: 0.2 },
    laterality: 'eachSide',
    demands: ['deepKnee'],
    demandsLoaded: ['grip'],
    levers: [{ lever: 'range', from: 30, to: 100 }],
  },
  {
    'held-split-squat': {
      name: 'Split squat, hand on something',
      needs: [[...CHAIR]],
      levers: [
        { lever: 'range', from: 30, to: 100 },
        { lever: 'assistance', from: 0, to: 60 },
      ],
    },
    'split-squat': {
      name: 'Split squat',
      loading: held('squat', 0.75, ['pair', 'bothHands', 'vest', 'bag'], false),
    },
    'back-lunge': {
      name: 'Lunge, stepping back',
      loading: held('squat', 0.65, ['pair', 'bothHands', 'vest'], false),
      demands: ['deepKnee', 'singleLeg'],
    },
    'forward-lunge': {
      name: 'Lunge, stepping forward',
      loading: held('squat', 0.6, ['pair', 'bothHands', 'vest'], false),
      demands: ['deepKnee', 'singleLeg'],
    },
    'loaded-back-lunge': {
      name: 'Lunge, stepping back, loaded',
      loading: held('squat', 0.65, ['pair', 'bothHands', 'bar'], true),
      demands: ['deepKnee', 'singleLeg'],
    },
    'walking-lunge': {
      name: 'Lunge, walking',
      laterality: 'alternating',
      loading: held('squat', 0.6, ['pair', 'vest'], false),
      demands: ['deepKnee', 'singleLeg'],
    },
    'side-step-squat': {
      name: 'Side step and sit',
      rep: 'two sits, one on each side, make one',
      muscles: { thighFront: 0.8, innerThigh: 0.8, outerHip: 0.6, glutes: 0.6 },
      laterality: 'alternating',
      demands: [],
    },
    'side-lunge': {
      name: 'Side lunge',
      muscles: { innerThigh: 1, thighFront: 1, glutes: 0.7, outerHip: 0.5 },
      loading: held('squat', 0.5, ['bothHands', 'pair', 'vest'], false),
      demands: ['deepKnee', 'apartLegs'],
    },
    'sliding-side-lunge': {
      name: 'Side lunge, sliding out',
      muscles: { innerThigh: 1, thighFront: 1, glutes: 0.7, outerHip: 0.4 },
      loading: held('squat', 0.45, ['bothHands'], false),
      demands: ['deepKnee', 'apartLegs', 'singleLeg'],
    },
    'curtsy-tap': {
      name: 'Curtsy, tapping behind',
      muscles: { glutes: 1, outerHip: 0.8, thighFront: 0.8 },
      demands: ['singleLeg'],
    },
    'curtsy-lunge': {
      name: 'Curtsy lunge',
      muscles: { glutes: 1, outerHip: 0.8, thighFront: 1, innerThigh: 0.3 },
      loading: held('squat', 0.5, ['bothHands', 'pair'], false),
      demands: ['deepKnee', 'singleLeg'],
    },
    'step-up': {
      name: 'Step-up',
      needs: [['step', 'chair']],
      levers: [],
      loading: held('squat', 0.6, ['pair', 'bothHands', 'vest'], false),
      demands: ['singleLeg'],
    },
    'one-leg-sit': {
      name: 'Sit to stand on one leg',
      pattern: 'squat',
      needs: [['chair', 'step']],
      loading: held('squat', 0.35, ['bothHands', 'vest'], false),
      demands: ['singleLeg'],
    },
    'held-one-leg-squat': {
      name: 'One-leg squat, holding on',
      pattern: 'squat',
      needs: [['post', 'counter', 'chair', 'wall']],
      levers: [
        { lever: 'range', from: 30, to: 100 },
        { lever: 'assistance', from: 0, to: 60 },
      ],
      demands: ['deepKnee', 'singleLeg', 'deepHip'],
    },
    'one-leg-squat': {
      name: 'One-leg squat',
      pattern: 'squat',
      secondsPerRep: 5,
      loading: held('squat', 0.3, ['bothHands', 'vest'], false),
      demands: ['deepKnee', 'singleLeg', 'deepHip', 'ankleBend'],
    },
    'wall-sit': {
      name: 'Wall sit',
      pattern: 'squat',
      laterality: 'both',
      muscles: { thighFront: 1, glutes: 0.4 },
      needs: [['wall']],
      secondsPerRep: 3,
      demands: ['longStrain'],
    },
    'band-squat': {
      name: 'Squat with a band',
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
  ladder('lunge', 'Back lunge', 'lunge', STUCK, BACK, [
    rung('lunge-held', 'held-split-squat', 'split squat, hand on a chair', 'b', repsGate(2, 10), {
      levers: { range: 60, assistance: 30 },
      spares: ['deepKnee'],
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
  ladder('side-lunge', 'Side lunge', 'lunge', STUCK, 'The knee falls in or the straight leg’s foot rolls.', [
    rung('side-step', 'side-step-squat', 'step and sit', 'b', repsGate(2, 12), { levers: { range: 50 } }),
    rung('side-lunge-half', 'side-lunge', 'half-way down', 'i', repsGate(3, 10), {
      levers: { range: 60 },
      spares: ['deepKnee'],
    }),
    rung('side-lunge-full', 'side-lunge', 'all the way', 'i', repsGate(3, 12), { levers: { range: 100 } }),
    rung('side-lunge-sliding', 'sliding-side-lunge', 'sliding out', 'a', repsGate(3, 10), {
      levers: { range: 100 },
    }),
  ]),
  ladder('curtsy', 'Curtsy lunge', 'lunge', STUCK, 'The pelvis turns, or the front knee falls in.', [
    rung('curtsy-tap', 'curtsy-tap', 'tapping behind', 'b', repsGate(2, 12), { levers: { range: 40 } }),
    rung('curtsy-half', 'curtsy-lunge', 'half-way down', 'i', repsGate(3, 10), {
      levers: { range: 60 },
      spares: ['deepKnee'],
    }),
    rung('curtsy-full', 'curtsy-lunge', 'all the way', 'a', repsGate(3, 12), { levers: { range: 100 } }),
  ]),
  ladder(
    'one-leg-squat',
    'One-leg squat',
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
