import { bandFrom, family, held, ladder, repsGate, rung, secondsGate } from './define';

/** The trunk: curling, bracing while the legs move, chops, the back, carries. */
export const trunkWorkExercises = [
  // Curling the trunk in other forms.
  ...family(
    {
      pattern: 'trunkCurl',
      muscles: { trunk: 1, hipFront: 0.4, sides: 0.3 },
      position: 'lying',
      secondsPerRep: 3,
    },
    {
      'reverse-crunch': { name: 'Reverse crunch', tier: 'intermediate' },
      'star-crunch': { name: 'Star crunch', tier: 'advanced', secondsPerRep: 4 },
      'knee-clap': {
        name: 'Under-the-knee clap',
        tier: 'intermediate',
        position: 'seated',
        laterality: 'alternating',
        muscles: { trunk: 1, hipFront: 0.8 },
        secondsPerRep: 2,
      },
      'seated-twist': {
        name: 'Seated twist',
        tier: 'intermediate',
        position: 'seated',
        laterality: 'alternating',
        muscles: { sides: 1, trunk: 0.8, hipFront: 0.4 },
        loading: held('raise', 1.2, ['bothHands'], false),
      },
      'standing-side-crunch': {
        name: 'Standing oblique crunch',
        tier: 'beginner',
        position: 'standing',
        laterality: 'alternating',
        muscles: { sides: 1, hipFront: 0.6, outerHip: 0.3 },
      },
      'standing-cross-crunch': {
        name: 'Standing cross crunch',
        tier: 'beginner',
        position: 'standing',
        laterality: 'alternating',
        muscles: { trunk: 0.8, sides: 1, hipFront: 0.6 },
      },
      'heel-reach': {
        name: 'Heel reach crunch',
        tier: 'intermediate',
        laterality: 'alternating',
        muscles: { sides: 1, trunk: 0.8 },
        secondsPerRep: 2,
      },
      'toe-reach': { name: 'Toe reach crunch', tier: 'intermediate' },
      'side-bend': {
        name: 'Side bend',
        tier: 'beginner',
        position: 'standing',
        laterality: 'eachSide',
        muscles: { sides: 1, lowBack: 0.3 },
        loading: held('hinge', 0.2, ['oneSide'], true),
      },
    },
  ),
  // Legs that move while the back is quiet.
  ...family(
    { pattern: 'legLower', muscles: { trunk: 1, hipFront: 0.6 }, position: 'lying', secondsPerRep: 4 },
    {
      'dead-bug-arms': { name: 'Dead bug, arms only', tier: 'beginner', laterality: 'alternating' },
      'dead-bug': { name: 'Dead bug', tier: 'intermediate', laterality: 'alternating' },
      'dead-bug-long': { name: 'Dead bug, legs straight', tier: 'advanced', laterality: 'alternating' },
      'flutter-kick': {
        name: 'Flutter kick',
        tier: 'intermediate',
        laterality: 'alternating',
        secondsPerRep: 1,
      },
      'lying-leg-circle': { name: 'Lying leg circle', tier: 'beginner', laterality: 'eachSide' },
      'tabletop-hold': { name: 'Lying tabletop hold', tier: 'beginner', secondsPerRep: 3 },
      'v-sit': { name: 'V-sit', tier: 'advanced', position: 'seated', secondsPerRep: 3 },
      'bent-v-sit': { name: 'Bent-knee V-sit', tier: 'intermediate', position: 'seated', secondsPerRep: 3 },
      'hanging-frog-raise': {
        name: 'Hanging frog raise',
        tier: 'advanced',
        position: 'standing',
        needs: [['overheadBar']],
        muscles: { trunk: 1, hipFront: 1, forearms: 0.4 },
        secondsPerRep: 5,
      },
      'hanging-pike': {
        name: 'Hanging pike',
        tier: 'advanced',
        position: 'standing',
        needs: [['overheadBar']],
        muscles: { trunk: 1, hipFront: 1, upperBack: 0.4, forearms: 0.5 },
        secondsPerRep: 5,
      },
    },
  ),
  // Chops: turning with a load.
  ...family(
    {
      pattern: 'antiTwist',
      muscles: { sides: 1, trunk: 1, shoulders: 0.4 },
      laterality: 'eachSide',
      secondsPerRep: 3,
    },
    {
      'seated-chop': {
        name: 'Seated chop',
        tier: 'beginner',
        position: 'seated',
        needs: [['chair', 'step']],
        loading: held('row', 0.35, ['bothHands', 'band'], true, bandFrom('one foot', 0.4, 0.7)),
      },
      woodchop: {
        name: 'Woodchop',
        tier: 'intermediate',
        loading: held('row', 0.45, ['bothHands', 'band'], true, bandFrom('an anchor overhead', 0.5, 0.8)),
      },
      'low-chop': {
        name: 'Reverse chop',
        tier: 'advanced',
        loading: held('row', 0.4, ['bothHands', 'band'], true, bandFrom('one foot', 0.35, 0.8)),
      },
      'band-rotation': {
        name: 'Band rotation',
        tier: 'intermediate',
        needs: [['anchor', 'post']],
        loading: held('row', 0.45, ['band'], true, bandFrom('an anchor at chest height', 0.4, 0.65)),
      },
    },
  ),
  // The back, lying on the front.
  ...family(
    {
      pattern: 'posture',
      muscles: { lowBack: 1, glutes: 0.5, upperBack: 0.5 },
      position: 'lying',
      secondsPerRep: 4,
    },
    {
      'prone-chest-lift': { name: 'Prone chest lift', tier: 'beginner' },
      'alternating-superman': { name: 'Alternating superman', tier: 'beginner', laterality: 'alternating' },
      superman: { name: 'Superman', tier: 'intermediate' },
      'reverse-snow-angel': {
        name: 'Reverse snow angel',
        tier: 'advanced',
        muscles: { upperBack: 1, rearShoulders: 0.8, lowBack: 0.6 },
        secondsPerRep: 6,
      },
    },
  ),
  // Carrying.
  ...family(
    { pattern: 'brace', muscles: { trunk: 1, forearms: 0.8, upperBack: 0.5, calves: 0.3 }, secondsPerRep: 3 },
    {
      'marching-carry': {
        name: 'Marching carry',
        tier: 'beginner',
        laterality: 'alternating',
        loading: held('hinge', 0.5, ['pair', 'hexBar'], true),
      },
      'farmers-carry': {
        name: 'Farmer’s carry',
        tier: 'intermediate',
        loading: held('hinge', 0.7, ['pair', 'hexBar'], true),
      },
      'front-carry': {
        name: 'Front carry',
        tier: 'intermediate',
        loading: held('hinge', 0.45, ['bothHands', 'bag'], true),
      },
    },
  ),
  // Carrying on one side.
  ...family(
    {
      pattern: 'sideBrace',
      muscles: { sides: 1, trunk: 0.8, forearms: 0.7, outerHip: 0.5 },
      laterality: 'eachSide',
      secondsPerRep: 3,
    },
    {
      'suitcase-carry': {
        name: 'Suitcase carry',
        tier: 'intermediate',
        loading: held('hinge', 0.32, ['oneSide'], true),
      },
      'overhead-carry': {
        name: 'Overhead carry',
        tier: 'advanced',
        muscles: { shoulders: 1, trunk: 0.8, sides: 0.8 },
        loading: held('overhead', 0.38, ['oneSide'], true),
      },
    },
  ),
];

/** Chops, the back, carries, and the dead bug. */
export const trunkWorkLadders = [
  ladder(
    'dead-bug',
    'Dead bug',
    'legLower',
    'Only the arms, or only the heels, until the back stays down.',
    'The low back lifts off the floor.',
    [
      rung('dead-bug-arms', 'dead-bug-arms', 'arms only', 'b', repsGate(2, 10)),
      rung('dead-bug-both', 'dead-bug', 'opposite arm and leg', 'i', repsGate(3, 10)),
      rung('dead-bug-long', 'dead-bug-long', 'legs straight', 'a', repsGate(3, 8)),
    ],
  ),
  ladder(
    'chop',
    'Woodchop',
    'antiTwist',
    'Lighter and slower, and stop when the feet are still.',
    'The back rounds or only the arms move.',
    [
      rung('chop-seated', 'seated-chop', 'seated', 'b', repsGate(2, 10)),
      rung('chop-down', 'woodchop', 'high to low', 'i', repsGate(3, 10)),
      rung('chop-up', 'low-chop', 'low to high', 'a', repsGate(3, 10)),
    ],
  ),
  ladder(
    'back-extension',
    'Back extension',
    'posture',
    'A cushion under the belly and a hand’s breadth less.',
    'The neck cranes or the low back pinches.',
    [
      rung('extension-chest', 'prone-chest-lift', 'chest', 'b', repsGate(2, 10)),
      rung('extension-cross', 'alternating-superman', 'opposite arm and leg', 'b', repsGate(3, 10)),
      rung('extension-all', 'superman', 'arms and legs', 'i', repsGate(3, 10)),
      rung('extension-angel', 'reverse-snow-angel', 'arms sweeping', 'a', repsGate(3, 8)),
    ],
  ),
  ladder(
    'carry',
    'Loaded carry',
    'brace',
    'Lighter, and shorter ways more often.',
    'The shoulders shrug or the trunk leans.',
    [
      rung('carry-march', 'marching-carry', 'on the spot', 'b', secondsGate(2, 30)),
      rung('carry-pair', 'farmers-carry', 'one in each hand', 'i', secondsGate(3, 40)),
      rung('carry-one', 'suitcase-carry', 'on one side', 'i', secondsGate(3, 30)),
      rung('carry-overhead', 'overhead-carry', 'overhead', 'a', secondsGate(3, 20)),
    ],
  ),
];
