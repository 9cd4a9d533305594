import { bandFrom, family, held } from './define';

/** Arms, chest and upper back in the forms between the ladders. */
export const armWorkExercises = [
  // Presses overhead in other forms.
  ...family(
    { pattern: 'overhead', muscles: { shoulders: 1, triceps: 0.6, upperBack: 0.3 }, secondsPerRep: 4 },
    {
      'rotating-press': {
        name: 'Rotating shoulder press',
        tier: 'intermediate',
        loading: held('overhead', 0.9, ['pair'], true),
        secondsPerRep: 5,
      },
      'alternating-press': {
        name: 'Alternating shoulder press',
        tier: 'intermediate',
        laterality: 'alternating',
        loading: held('overhead', 0.95, ['pair'], true),
      },
      'half-kneeling-press': {
        name: 'Half-kneeling single-arm press',
        tier: 'intermediate',
        laterality: 'eachSide',
        position: 'kneeling',
        muscles: { shoulders: 1, triceps: 0.6, trunk: 0.4 },
        loading: held('overhead', 0.46, ['oneSide'], true),
      },
    },
  ),
  // Raises and upright rows.
  ...family(
    { pattern: 'raise', muscles: { shoulders: 1, upperBack: 0.3 }, secondsPerRep: 4 },
    {
      'upright-row': {
        name: 'Upright row',
        tier: 'beginner',
        muscles: { shoulders: 1, upperBack: 0.6, biceps: 0.3 },
        loading: held(
          'raise',
          1.6,
          ['pair', 'bothHands', 'bar', 'band'],
          true,
          bandFrom('both feet', 0.42, 0.65),
        ),
      },
      't-hold': {
        name: 'T hold',
        tier: 'beginner',
        loading: held('raise', 0.6, ['pair'], false),
        secondsPerRep: 3,
      },
      'arm-pulses': { name: 'Arm pulses to the side', tier: 'beginner', secondsPerRep: 1 },
      'angled-raise': {
        name: 'Raise at an angle',
        tier: 'beginner',
        loading: held('raise', 0.9, ['pair'], true),
      },
    },
  ),
  // Curls in other forms.
  ...family(
    { pattern: 'curl', muscles: { biceps: 1, forearms: 0.6 }, secondsPerRep: 4 },
    {
      'wide-curl': { name: 'Wide curl', tier: 'beginner', loading: held('curl', 0.95, ['pair'], true) },
      'alternating-curl': {
        name: 'Alternating curl',
        tier: 'beginner',
        laterality: 'alternating',
        loading: held('curl', 1, ['pair'], true),
      },
      'cross-body-curl': {
        name: 'Cross-body curl',
        tier: 'beginner',
        laterality: 'alternating',
        muscles: { biceps: 0.9, forearms: 1 },
        loading: held('curl', 1, ['pair'], true),
      },
      'reverse-curl': {
        name: 'Reverse curl',
        tier: 'intermediate',
        muscles: { forearms: 1, biceps: 0.8 },
        loading: held('curl', 0.6, ['pair', 'bar'], true),
      },
      'curl-hold': {
        name: 'Curl hold',
        tier: 'intermediate',
        loading: held('curl', 0.7, ['pair', 'bar', 'bothHands'], true),
        secondsPerRep: 3,
      },
      'wrist-curl': {
        name: 'Wrist curl',
        tier: 'beginner',
        position: 'seated',
        needs: [['chair', 'step']],
        muscles: { forearms: 1 },
        loading: held('curl', 0.35, ['pair', 'oneSide'], true),
        secondsPerRep: 3,
      },
    },
  ),
  // The back of the arm in other forms.
  ...family(
    { pattern: 'extend', muscles: { triceps: 1, shoulders: 0.2 }, secondsPerRep: 4 },
    {
      'pair-kick-back': {
        name: 'Bent-over triceps kickback',
        tier: 'intermediate',
        muscles: { triceps: 1, rearShoulders: 0.3, lowBack: 0.2 },
        loading: held('extend', 0.8, ['pair'], true),
      },
      'close-floor-press': {
        name: 'Close-grip press',
        tier: 'beginner',
        position: 'lying',
        muscles: { triceps: 1, chest: 0.7, shoulders: 0.3 },
        loading: held('press', 0.8, ['pair', 'bar', 'bothHands'], true),
      },
      'one-arm-overhead-extension': {
        name: 'Single-arm overhead triceps extension',
        tier: 'intermediate',
        laterality: 'eachSide',
        loading: held('extend', 0.42, ['oneSide'], true),
      },
    },
  ),
  // Chest work in other forms.
  ...family(
    {
      pattern: 'press',
      muscles: { chest: 1, triceps: 0.7, shoulders: 0.4 },
      position: 'lying',
      secondsPerRep: 4,
    },
    {
      'alternating-floor-press': {
        name: 'Alternating chest press',
        tier: 'intermediate',
        laterality: 'alternating',
        loading: held('press', 0.9, ['pair'], true),
      },
    },
  ),
  // Closing the arms, standing.
  ...family(
    { pattern: 'fly', muscles: { chest: 1, shoulders: 0.6 }, secondsPerRep: 3 },
    {
      'standing-fly': { name: 'Standing fly', tier: 'beginner', loading: held('raise', 0.8, ['pair'], true) },
    },
  ),
  // Rows and pulls in other forms.
  ...family(
    { pattern: 'row', muscles: { upperBack: 1, biceps: 0.5, rearShoulders: 0.4 }, secondsPerRep: 4 },
    {
      'wide-row': {
        name: 'Wide row',
        tier: 'intermediate',
        muscles: { upperBack: 1, rearShoulders: 0.8, biceps: 0.4, lowBack: 0.3 },
        loading: held('row', 1.4, ['pair', 'bar'], true),
      },
      'underhand-row': {
        name: 'Underhand row',
        tier: 'intermediate',
        muscles: { upperBack: 1, biceps: 0.7, lowBack: 0.3 },
        loading: held('row', 1.75, ['pair', 'bar', 'band'], true, bandFrom('both feet', 0.3, 0.5)),
      },
      'alternating-row': {
        name: 'Alternating row',
        tier: 'intermediate',
        laterality: 'alternating',
        muscles: { upperBack: 1, biceps: 0.5, lowBack: 0.3, sides: 0.3 },
        loading: held('row', 1.7, ['pair'], true),
      },
    },
  ),
  // Pulling down and hanging.
  ...family(
    { pattern: 'pullUp', muscles: { upperBack: 1, biceps: 0.4 }, secondsPerRep: 4 },
    {
      pullover: {
        name: 'Pullover',
        tier: 'intermediate',
        position: 'lying',
        muscles: { upperBack: 1, chest: 0.6, triceps: 0.3 },
        loading: held('extend', 0.9, ['bothHands', 'pair'], true),
      },
      'chin-hold': {
        name: 'Flexed-arm hang',
        tier: 'advanced',
        needs: [['overheadBar']],
        muscles: { upperBack: 1, biceps: 0.8, forearms: 0.6 },
        secondsPerRep: 3,
      },
    },
  ),
  // The upper back, on the front and on the knees.
  ...family(
    { pattern: 'posture', muscles: { upperBack: 1, rearShoulders: 0.6 }, secondsPerRep: 4 },
    {
      'kneeling-reverse-fly': {
        name: 'Kneeling reverse fly',
        tier: 'intermediate',
        laterality: 'eachSide',
        position: 'kneeling',
        muscles: { rearShoulders: 1, upperBack: 0.7 },
        loading: held('raise', 0.4, ['oneSide'], true),
      },
      'prone-pull-down': { name: 'Prone pull-down', tier: 'beginner', position: 'lying' },
    },
  ),
];
