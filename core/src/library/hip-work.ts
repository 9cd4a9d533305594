import { bandFrom, family, held } from './define';

const CHAIR = ['chair', 'counter', 'wall', 'post'] as const;

/** Bridges, leg curls and hips: lying, on hands and knees, and standing. */
export const hipWorkExercises = [
  // Bridges in other forms.
  ...family(
    {
      pattern: 'bridge',
      muscles: { glutes: 1, thighBack: 0.6, trunk: 0.3, lowBack: 0.2 },
      position: 'lying',
    },
    {
      'frog-bridge': {
        name: 'Frog bridge',
        tier: 'beginner',
        muscles: { glutes: 1, outerHip: 0.5, trunk: 0.2 },
        secondsPerRep: 3,
      },
      'bridge-pulse': { name: 'Bridge pulse', tier: 'beginner', secondsPerRep: 1.5 },
      'bridge-hold': { name: 'Glute bridge hold', tier: 'beginner', secondsPerRep: 3 },
      'bridge-walk-out': {
        name: 'Bridge walk-out',
        tier: 'intermediate',
        laterality: 'alternating',
        muscles: { thighBack: 1, glutes: 0.8, trunk: 0.4 },
        rep: 'all the way out and back is one',
        secondsPerRep: 8,
      },
      'feet-raised-bridge': {
        name: 'Feet-raised bridge',
        tier: 'intermediate',
        bodyLoad: { carriedBy: 'hips', share: 0.45, lift: 'hinge', ratio: 2 },
        needs: [['chair', 'step']],
        muscles: { glutes: 1, thighBack: 0.9, trunk: 0.3 },
      },
      'loaded-bridge': {
        name: 'Weighted glute bridge',
        tier: 'intermediate',
        loading: held('hinge', 0.9, ['bothHands', 'bar', 'bag'], true),
      },
    },
  ),
  // Leg curls in other forms.
  ...family(
    { pattern: 'legCurl', muscles: { thighBack: 1, calves: 0.3 }, position: 'lying' },
    {
      'band-leg-curl': {
        name: 'Lying leg curl with a band',
        tier: 'intermediate',
        needs: [['anchor', 'post']],
        loading: held('raise', 2, ['band'], true, bandFrom('an anchor at the floor', 0.35, 0.6)),
        secondsPerRep: 4,
      },
      'one-leg-sliding-curl': {
        name: 'Single-leg sliding leg curl',
        tier: 'advanced',
        laterality: 'eachSide',
        muscles: { thighBack: 1, glutes: 0.7, trunk: 0.4 },
        secondsPerRep: 5,
      },
    },
  ),
  // Hips on hands and knees, lying and standing.
  ...family(
    { pattern: 'hip', muscles: { outerHip: 1, glutes: 0.7 }, laterality: 'eachSide', secondsPerRep: 3 },
    {
      'fire-hydrant': { name: 'Fire hydrant', tier: 'beginner', position: 'kneeling' },
      'donkey-kick': {
        name: 'Donkey kick',
        tier: 'beginner',
        position: 'kneeling',
        muscles: { glutes: 1, thighBack: 0.4, trunk: 0.3 },
      },
      'kneeling-hip-circle': { name: 'Hands-and-knees hip circle', tier: 'beginner', position: 'kneeling' },
      'standing-kick-back': {
        name: 'Standing leg raise to the back',
        tier: 'beginner',
        needs: [[...CHAIR]],
        muscles: { glutes: 1, thighBack: 0.5 },
        loading: held('raise', 1.8, ['ankle'], false),
      },
      'standing-front-leg-raise': {
        name: 'Standing leg raise to the front',
        tier: 'beginner',
        needs: [[...CHAIR]],
        muscles: { hipFront: 1, thighFront: 0.5, trunk: 0.3 },
        loading: held('raise', 1.8, ['ankle'], false),
      },
      'seated-band-opening': {
        name: 'Seated band opening',
        tier: 'beginner',
        laterality: 'both',
        position: 'seated',
        needs: [['chair', 'step']],
      },
      'back-leg-opening': {
        name: 'Inner-thigh leg opening on the back',
        tier: 'beginner',
        laterality: 'both',
        position: 'lying',
        muscles: { innerThigh: 1, trunk: 0.4, hipFront: 0.3 },
      },
      'side-lying-circle': { name: 'Side-lying leg circle', tier: 'beginner', position: 'lying' },
      'side-lying-swing': {
        name: 'Side-lying leg swing',
        tier: 'intermediate',
        position: 'lying',
        muscles: { outerHip: 1, glutes: 0.6, hipFront: 0.4 },
      },
      'raised-clam': { name: 'Clam with feet raised', tier: 'intermediate', position: 'lying' },
      'reverse-clam': {
        name: 'Reverse clam',
        tier: 'beginner',
        position: 'lying',
        muscles: { outerHip: 1, innerThigh: 0.3 },
      },
      'prone-leg-lift': {
        name: 'Prone leg lift',
        tier: 'beginner',
        laterality: 'alternating',
        position: 'lying',
        muscles: { glutes: 1, thighBack: 0.6, lowBack: 0.3 },
      },
      'hip-hike': {
        name: 'Hip hike',
        tier: 'beginner',
        needs: [['step'], ['wall', 'counter', 'chair', 'post']],
      },
    },
  ),
];
