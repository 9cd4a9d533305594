import { family } from './define';

/** Warm-up and cool-down for every region. */
export const looseningExercises = [
  // Warm-up and cool-down: moving.
  ...family(
    { pattern: 'mobility', muscles: { hipFront: 0.3, trunk: 0.2 }, tier: 'beginner', secondsPerRep: 3 },
    {
      'step-touch': {
        name: 'Step touch',
        laterality: 'alternating',
        muscles: { outerHip: 0.4, calves: 0.3 },
        secondsPerRep: 2,
      },
      'arm-swings': { name: 'Arm swings', muscles: { chest: 0.3, shoulders: 0.3 }, secondsPerRep: 2 },
      'spider-lunge': {
        name: 'Spider lunge',
        position: 'handsAndFeet',
        laterality: 'alternating',
        tier: 'intermediate',
        muscles: { hipFront: 0.6, innerThigh: 0.4, trunk: 0.3 },
      },
      'hip-switch': {
        name: '90/90 hip switch',
        position: 'seated',
        laterality: 'alternating',
        muscles: { outerHip: 0.5, innerThigh: 0.3 },
      },
      'cat-cow': {
        name: 'Cat-cow',
        position: 'kneeling',
        muscles: { lowBack: 0.3, trunk: 0.3 },
        secondsPerRep: 4,
      },
      'thread-the-needle': {
        name: 'Thread the needle',
        position: 'kneeling',
        laterality: 'eachSide',
        muscles: { upperBack: 0.4, sides: 0.3 },
        secondsPerRep: 5,
      },
      'open-book': {
        name: 'Open book',
        position: 'lying',
        laterality: 'eachSide',
        muscles: { chest: 0.3, upperBack: 0.3 },
        secondsPerRep: 5,
      },
      'lunge-and-turn': {
        name: 'Lunge and turn',
        laterality: 'alternating',
        muscles: { hipFront: 0.5, sides: 0.3 },
        secondsPerRep: 5,
      },
      'ankle-rocks': {
        name: 'Ankle rocks',
        laterality: 'eachSide',
        needs: [['wall', 'counter']],
        muscles: { calves: 0.4 },
      },
      'gate-opener': {
        name: 'Gate opener',
        laterality: 'alternating',
        muscles: { outerHip: 0.5, hipFront: 0.4 },
      },
      'ankle-pumps': {
        name: 'Ankle pumps',
        position: 'seated',
        needs: [['chair', 'step']],
        muscles: { calves: 0.3, shins: 0.3 },
        secondsPerRep: 1,
      },
      'trunk-circles': { name: 'Trunk circles', muscles: { sides: 0.3, lowBack: 0.2 }, secondsPerRep: 4 },
    },
  ),
  // Cool-down: stretches.
  ...family(
    { pattern: 'mobility', muscles: { hipFront: 0.3 }, tier: 'beginner', secondsPerRep: 30 },
    {
      'childs-pose': {
        name: 'Child’s pose',
        position: 'kneeling',
        muscles: { lowBack: 0.4, upperBack: 0.3 },
      },
      'lying-figure-four': {
        name: 'Figure-four stretch',
        position: 'lying',
        laterality: 'eachSide',
        muscles: { glutes: 0.4, outerHip: 0.4 },
      },
      'pigeon-stretch': {
        name: 'Pigeon stretch',
        position: 'kneeling',
        laterality: 'eachSide',
        tier: 'intermediate',
        muscles: { glutes: 0.5, hipFront: 0.4 },
      },
      'butterfly-stretch': { name: 'Butterfly stretch', position: 'seated', muscles: { innerThigh: 0.5 } },
      'downward-stretch': {
        name: 'Downward stretch',
        position: 'handsAndFeet',
        tier: 'intermediate',
        muscles: { thighBack: 0.4, calves: 0.4, upperBack: 0.3 },
      },
      'neck-tilt': { name: 'Neck tilt', laterality: 'eachSide', muscles: { upperBack: 0.3 } },
      'knee-to-chest': {
        name: 'Knee-to-chest stretch',
        position: 'lying',
        muscles: { lowBack: 0.4, glutes: 0.3 },
      },
      'lying-trunk-twist': {
        name: 'Lying trunk twist',
        position: 'lying',
        laterality: 'eachSide',
        muscles: { sides: 0.3, lowBack: 0.3 },
      },
      'lying-hamstring-stretch': {
        name: 'Lying hamstring stretch',
        position: 'lying',
        laterality: 'eachSide',
        muscles: { thighBack: 0.5 },
      },
      'lat-stretch': { name: 'Lat stretch', needs: [['counter', 'chair']], muscles: { upperBack: 0.5 } },
      'half-kneeling-hip-stretch': {
        name: 'Half-kneeling hip flexor stretch',
        position: 'kneeling',
        laterality: 'eachSide',
        muscles: { hipFront: 0.5 },
      },
      'forward-bend': { name: 'Forward bend stretch', muscles: { thighBack: 0.4, lowBack: 0.3 } },
      'side-lying-quad-stretch': {
        name: 'Side-lying quad stretch',
        position: 'lying',
        laterality: 'eachSide',
        muscles: { thighFront: 0.5 },
      },
      'deep-squat-rest': { name: 'Deep squat rest', muscles: { innerThigh: 0.3, glutes: 0.3 } },
      'frog-stretch': {
        name: 'Frog stretch',
        position: 'kneeling',
        tier: 'intermediate',
        muscles: { innerThigh: 0.5 },
      },
      'lying-back-press': { name: 'Lying press-up stretch', position: 'lying', muscles: { trunk: 0.4 } },
      'shin-stretch': {
        name: 'Shin stretch',
        position: 'seated',
        laterality: 'eachSide',
        needs: [['chair', 'step']],
        muscles: { shins: 0.4 },
      },
    },
  ),
];
