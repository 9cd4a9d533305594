import type { CoachingWords } from '../../model';

export const handsAndFeetWords: CoachingWords = {
  'wide-press-up': {
    cues: ['Hands a hand wider than the shoulders', 'Elbows point half back', 'Body as one board'],
    watch: { 'shoulders pinch': 'hands narrower', 'hips sag': 'squeeze the seat' },
    breathing: 'In going down, out going up.',
  },
  'wide-knee-press-up': {
    cues: [
      'Hands a hand wider than the shoulders',
      'Hips as far forward as the knees allow',
      'Chest between the hands',
    ],
    watch: { 'hips stay behind': 'walk the hands forward', 'shoulders pinch': 'hands narrower' },
    breathing: 'In going down, out going up.',
  },
  'press-up-hold': {
    cues: ['Half-way down and stay', 'Elbows near the ribs', 'Breathe all the way'],
    watch: { 'hips sag': 'higher hands', 'shoulders shrug': 'a little higher' },
    breathing: 'Keep breathing; count aloud.',
  },
  'rocking-press-up': {
    cues: [
      'Sit back towards the heels, arms long',
      'Glide forward and down through the elbows',
      'Push back to the heels',
    ],
    watch: { 'low back sags': 'shorter way', 'wrists ache': 'on fists' },
    breathing: 'Out as you push back.',
  },
  'lowering-press-up': {
    cues: ['Down over four counts as one board', 'Knees down at the bottom', 'Come up any way you like'],
    watch: { 'drops the last bit': 'higher hands', 'hips sag': 'squeeze the seat' },
    breathing: 'Out on the way down.',
  },
  'hands-off-press-up': {
    cues: ['Lie down fully', 'Lift both hands for a moment', 'Press up as one board'],
    watch: { 'hips come last': 'knees down', 'neck cranes': 'look at the floor' },
    breathing: 'Out as you press.',
  },
  'uneven-press-up': {
    cues: ['One hand forward, one at the ribs', 'Lower straight down', 'Change hands at half'],
    watch: { twists: 'hands nearer to level', 'shoulder pinches': 'a smaller stagger' },
    breathing: 'In going down, out going up.',
  },
  'floor-dip': {
    cues: [
      'Seat on or off the floor, hands behind, fingers forward',
      'Bend the elbows straight back',
      'Press up without shrugging',
    ],
    watch: {
      'shoulders roll forward': 'seat on the floor, less way',
      'wrists ache': 'fingers out, or on fists',
    },
    breathing: 'Out as you press.',
  },
  'close-knee-press-up': {
    cues: [
      'Hands under the shoulders, elbows brush the ribs',
      'Hips forward over the knees',
      'Press the floor away',
    ],
    watch: { 'elbows flare': 'tie them to the ribs', 'hips stay behind': 'walk the hands forward' },
    breathing: 'In going down, out going up.',
  },
  'high-plank': {
    cues: [
      'Hands under the shoulders, push the floor away',
      'Heels, hips and head in one line',
      'Breathe as if nothing happened',
    ],
    watch: { 'hips sag': 'hands on a chair', 'wrists ache': 'fists, or forearms' },
    breathing: 'Keep breathing; count aloud.',
  },
  'plank-tap': {
    cues: ['High plank', 'One foot taps out to the side, then the other', 'Hips stay level'],
    watch: { 'hips sway': 'feet wider to start', 'back sags': 'hands on a chair' },
    breathing: 'Keep breathing; count aloud.',
  },
  'plank-up-down': {
    cues: ['From the forearms to the hands, one by one', 'Hips stay level', 'Change the arm that leads'],
    watch: { 'hips rock': 'feet wider', 'shoulder aches': 'stay on the forearms' },
    breathing: 'Keep breathing; count aloud.',
  },
  'plank-knee-tuck': {
    cues: ['High plank', 'One knee comes slowly to its elbow', 'Push the floor away all the time'],
    watch: { 'hips pike up': 'smaller', 'back sags': 'hands on a chair' },
    breathing: 'Keep breathing; count aloud.',
  },
  'bear-hold': {
    cues: ['On hands and toes, knees a hand above the floor', 'Back flat as a table', 'Push the floor away'],
    watch: { 'hips rise': 'knees lower', 'wrists ache': 'fists' },
    breathing: 'Keep breathing; count aloud.',
  },
  'bear-step': {
    cues: ['Bear hold', 'One foot lifts a finger’s breadth, then the other', 'Hips stay level'],
    watch: { 'hips rock': 'feet wider', 'knees drop': 'shorter sets' },
    breathing: 'Keep breathing; count aloud.',
  },
  'bear-crawl': {
    cues: [
      'Knees a hand above the floor',
      'Opposite hand and foot step together',
      'Back quiet enough for a cup of tea',
    ],
    watch: { 'hips rise': 'shorter steps', hurries: 'slow enough to breathe' },
    breathing: 'Keep breathing; count aloud.',
  },
  'bear-side-crawl': {
    cues: [
      'Bear hold, hands together and feet apart',
      'Step sideways: hand and opposite foot',
      'Three one way, three back',
    ],
    watch: { 'hips rise': 'knees lower', 'tangles the hands': 'smaller steps' },
    breathing: 'Keep breathing; count aloud.',
  },
  'hollow-hold': {
    cues: [
      'Low back pressed into the floor',
      'Shoulders and long legs lift',
      'Bend the knees before the back lifts',
    ],
    watch: { 'low back lifts': 'knees bent', 'neck strains': 'hands behind the head' },
    breathing: 'Keep breathing; count aloud.',
  },
  'side-plank-dip': {
    cues: [
      'Side plank on the forearm',
      'Lower the hip to a finger above the floor',
      'Lift it a little past level',
    ],
    watch: { 'rolls forward': 'top hand on the hip', 'shoulder aches': 'from the knees' },
    breathing: 'Out on the way up.',
  },
  'knee-side-plank-leg': {
    cues: ['On the forearm and the lower knee', 'Top leg long, lift it', 'Hips forward'],
    watch: { 'sits back': 'squeeze the seat', 'rolls back': 'top hand on the floor' },
    breathing: 'Out as you lift.',
  },
  'plank-rotation': {
    cues: ['High plank', 'Turn to one side, arm to the ceiling', 'Back to the plank, other side'],
    watch: { 'hips drop in the turn': 'lower knee down', 'shoulder aches': 'on the forearm' },
    breathing: 'Out as you open.',
  },
  'side-plank-thread': {
    cues: ['Side plank, top arm to the ceiling', 'Thread it under the ribs', 'Open again'],
    watch: { 'hips drop': 'from the knees', 'twists from the hips': 'turn the chest only' },
    breathing: 'Out as you thread.',
  },
  'crab-hold': {
    cues: ['Hands behind, fingers forward or out', 'Hips up, knees over the heels', 'Open the chest'],
    watch: { 'shoulders pinch': 'fingers out, hips lower', 'hips sink': 'shorter holds' },
    breathing: 'Keep breathing; count aloud.',
  },
  'crab-lift': {
    cues: ['Seat to a hand above the floor', 'Lift the hips to level', 'Squeeze, lower slowly'],
    watch: { 'elbows lock hard': 'soften them', 'shoulders pinch': 'fingers out' },
    breathing: 'Out on the way up.',
  },
  'crab-walk': {
    cues: ['Hips off the floor', 'Opposite hand and foot step together', 'A few steps forward, as many back'],
    watch: { 'hips drag': 'rest more often', 'wrists ache': 'fewer steps, fists' },
    breathing: 'Keep breathing; count aloud.',
  },
  inchworm: {
    cues: [
      'Fold down, hands to the floor, knees soft',
      'Walk the hands out to a plank',
      'Walk them back and roll up',
    ],
    watch: {
      'hips sag at the end': 'walk out less far',
      'dizzy on standing': 'roll up slowly, or hands on a chair',
    },
    breathing: 'Breathe easily.',
  },
  'plank-jack': {
    cues: ['High plank', 'Feet hop apart and together', 'Hips stay low'],
    watch: { 'hips bounce': 'step instead of hopping', 'back sags': 'shorter bouts' },
    breathing: 'Keep breathing; count aloud.',
  },
  'cross-climber': {
    cues: ['High plank', 'Knee to the opposite elbow', 'Quick feet, quiet hips'],
    watch: { 'hips rise': 'slower', 'back sags': 'hands on a chair' },
    breathing: 'Keep breathing; count aloud.',
  },
  'squat-thrust': {
    cues: ['Hands stay on the floor', 'Jump the feet back to a plank', 'Jump them in again'],
    watch: { 'hips sag on landing': 'step back instead', 'lands flat': 'softer, slower' },
    breathing: 'Keep breathing; count aloud.',
  },
};
