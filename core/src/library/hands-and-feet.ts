import { family, ladder, repsGate, rung, secondsGate } from './define';

/** What is done on hands and feet: push-ups, planks, bear and crab. */
export const handsAndFeetExercises = [
  // Push-ups in other forms.
  ...family(
    {
      pattern: 'press',
      muscles: { chest: 1, triceps: 0.7, shoulders: 0.6, trunk: 0.4 },
      position: 'handsAndFeet',
      levers: [{ lever: 'surfaceHeight', from: 0, to: 120 }],
    },
    {
      'wide-press-up': {
        name: 'Wide push-up',
        tier: 'intermediate',
        bodyLoad: { carriedBy: 'hands', lift: 'press', ratio: 1.4 },
        muscles: { chest: 1, triceps: 0.5, shoulders: 0.5, trunk: 0.4 },
        secondsPerRep: 4,
      },
      'wide-knee-press-up': {
        name: 'Wide push-up from the knees',
        tier: 'beginner',
        bodyLoad: { carriedBy: 'knees', lift: 'press', ratio: 1.4 },
        levers: [],
        muscles: { chest: 1, triceps: 0.5, shoulders: 0.5, trunk: 0.3 },
        secondsPerRep: 4,
      },
      'press-up-hold': { name: 'Push-up hold', tier: 'intermediate', secondsPerRep: 3 },
      'rocking-press-up': { name: 'Rocking push-up', tier: 'intermediate', levers: [], secondsPerRep: 5 },
      'lowering-press-up': { name: 'Lowering push-up', tier: 'intermediate', secondsPerRep: 6 },
      'hands-off-press-up': {
        name: 'Push-up with hands off the floor',
        tier: 'intermediate',
        bodyLoad: { carriedBy: 'hands', lift: 'press', ratio: 1.4 },
        levers: [],
        secondsPerRep: 5,
      },
      'uneven-press-up': {
        name: 'Staggered-hand push-up',
        tier: 'advanced',
        laterality: 'eachSide',
        secondsPerRep: 4,
      },
      'floor-dip': {
        name: 'Floor dip',
        tier: 'beginner',
        muscles: { triceps: 1, shoulders: 0.4, chest: 0.2 },
        levers: [],
        secondsPerRep: 3,
      },
    },
  ),
  // Close-grip push-ups from the knees train the back of the arm.
  ...family(
    { pattern: 'extend', muscles: { triceps: 1, chest: 0.6, shoulders: 0.4 }, position: 'handsAndFeet' },
    {
      'close-knee-press-up': {
        name: 'Close-grip push-up from the knees',
        tier: 'beginner',
        bodyLoad: { carriedBy: 'knees', lift: 'press', ratio: 1.4 },
        secondsPerRep: 4,
      },
    },
  ),
  // Planks, and hovering on hands and feet.
  ...family(
    {
      pattern: 'brace',
      muscles: { trunk: 1, shoulders: 0.6, sides: 0.4 },
      position: 'handsAndFeet',
      secondsPerRep: 3,
    },
    {
      'high-plank': {
        name: 'High plank',
        tier: 'intermediate',
        levers: [{ lever: 'surfaceHeight', from: 0, to: 120 }],
      },
      'plank-tap': {
        name: 'Plank tap',
        tier: 'intermediate',
        laterality: 'alternating',
        muscles: { trunk: 1, shoulders: 0.5, outerHip: 0.4 },
        secondsPerRep: 2,
      },
      'plank-up-down': {
        name: 'Plank up-down',
        tier: 'advanced',
        laterality: 'alternating',
        muscles: { trunk: 1, shoulders: 0.7, triceps: 0.5 },
        rep: 'up and down again is one',
        secondsPerRep: 4,
      },
      'plank-knee-tuck': {
        name: 'Plank knee to elbow',
        tier: 'intermediate',
        laterality: 'alternating',
        muscles: { trunk: 1, hipFront: 0.6, shoulders: 0.5 },
        secondsPerRep: 3,
      },
      'bear-hold': {
        name: 'Bear hold',
        tier: 'beginner',
        muscles: { trunk: 1, shoulders: 0.6, thighFront: 0.5 },
      },
      'bear-step': {
        name: 'Bear step',
        tier: 'intermediate',
        laterality: 'alternating',
        muscles: { trunk: 1, shoulders: 0.6, thighFront: 0.5 },
        secondsPerRep: 3,
      },
      'bear-crawl': {
        name: 'Bear crawl',
        tier: 'intermediate',
        laterality: 'alternating',
        muscles: { trunk: 1, shoulders: 0.8, thighFront: 0.6 },
        secondsPerRep: 2,
      },
      'bear-side-crawl': {
        name: 'Lateral bear crawl',
        tier: 'advanced',
        laterality: 'alternating',
        muscles: { trunk: 1, shoulders: 0.8, outerHip: 0.5, thighFront: 0.5 },
        secondsPerRep: 2,
      },
      'hollow-hold': {
        name: 'Hollow hold',
        tier: 'advanced',
        position: 'lying',
        muscles: { trunk: 1, hipFront: 0.6 },
      },
    },
  ),
  // Side planks that move.
  ...family(
    {
      pattern: 'sideBrace',
      muscles: { sides: 1, outerHip: 0.6, trunk: 0.5, shoulders: 0.3 },
      position: 'lying',
      laterality: 'eachSide',
      secondsPerRep: 3,
    },
    {
      'side-plank-dip': { name: 'Side plank dip', tier: 'intermediate' },
      'knee-side-plank-leg': {
        name: 'Knee side plank with leg raise',
        tier: 'intermediate',
        muscles: { sides: 1, outerHip: 1, trunk: 0.4 },
      },
      'plank-rotation': {
        name: 'Plank rotation',
        tier: 'advanced',
        position: 'handsAndFeet',
        laterality: 'alternating',
        muscles: { sides: 1, trunk: 0.8, shoulders: 0.7 },
        secondsPerRep: 5,
      },
      'side-plank-thread': { name: 'Side plank thread-through', tier: 'advanced', secondsPerRep: 5 },
    },
  ),
  // Facing up, on hands and feet.
  ...family(
    {
      pattern: 'bridge',
      muscles: { glutes: 1, thighBack: 0.5, triceps: 0.5, shoulders: 0.5, trunk: 0.3 },
      position: 'handsAndFeet',
    },
    {
      'crab-hold': { name: 'Crab hold', tier: 'beginner', secondsPerRep: 3 },
      'crab-lift': { name: 'Crab hip lift', tier: 'intermediate', secondsPerRep: 3 },
      'crab-walk': {
        name: 'Crab walk',
        tier: 'advanced',
        laterality: 'alternating',
        muscles: { triceps: 1, shoulders: 0.7, glutes: 0.7, trunk: 0.5 },
        secondsPerRep: 2,
      },
    },
  ),
  // From standing to the hands, and quick work on them.
  ...family(
    {
      pattern: 'thrust',
      muscles: { trunk: 0.8, shoulders: 0.6, thighBack: 0.3 },
      position: 'standing',
      secondsPerRep: 8,
    },
    {
      inchworm: { name: 'Inchworm', tier: 'intermediate', rep: 'all the way out and back up is one' },
      'plank-jack': {
        name: 'Plank jack',
        tier: 'intermediate',
        impact: 'low',
        position: 'handsAndFeet',
        muscles: { trunk: 0.8, shoulders: 0.6, outerHip: 0.4 },
        secondsPerRep: 1,
      },
      'cross-climber': {
        name: 'Cross-body mountain climber',
        tier: 'advanced',
        impact: 'low',
        position: 'handsAndFeet',
        laterality: 'alternating',
        muscles: { trunk: 0.8, sides: 0.6, hipFront: 0.5, shoulders: 0.5 },
        secondsPerRep: 1,
      },
      'squat-thrust': {
        name: 'Squat thrust',
        tier: 'advanced',
        impact: 'high',
        position: 'handsAndFeet',
        muscles: { trunk: 0.7, thighFront: 0.6, shoulders: 0.5 },
        secondsPerRep: 2,
      },
    },
  ),
];

/** Hovering face down and facing up. */
export const handsAndFeetLadders = [
  ladder(
    'bear',
    'Bear',
    'brace',
    'Shorter bouts, hands on fists, knees lower.',
    'The hips rise or rock from side to side.',
    [
      rung('bear-hold', 'bear-hold', 'hold', 'b', secondsGate(2, 20)),
      rung('bear-step', 'bear-step', 'lifting the feet', 'i', secondsGate(3, 25)),
      rung('bear-crawl', 'bear-crawl', 'crawling', 'i', secondsGate(3, 30)),
      rung('bear-side', 'bear-side-crawl', 'sideways', 'a', secondsGate(3, 30)),
    ],
  ),
  ladder(
    'crab',
    'Crab',
    'bridge',
    'Fingers out to the side, hips lower, shorter holds.',
    'The shoulders pinch or the hips sink.',
    [
      rung('crab-hold', 'crab-hold', 'hold', 'b', secondsGate(2, 20)),
      rung('crab-lift', 'crab-lift', 'lifting the hips', 'i', repsGate(3, 12)),
      rung('crab-walk', 'crab-walk', 'walking', 'a', secondsGate(3, 30)),
    ],
  ),
];
