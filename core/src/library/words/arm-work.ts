import type { CoachingWords } from '../../model';

export const armWorkWords: CoachingWords = {
  'rotating-press': {
    cues: ['Start with the palms facing you', 'Turn them on the way up', 'Elbows a little in front'],
    watch: { 'back arches': 'lighter, ribs down', 'shoulders pinch': 'no turn, palms facing each other' },
    breathing: 'Out on the way up.',
  },
  'alternating-press': {
    cues: ['Both at the shoulders', 'One goes up, the other waits', 'No leaning'],
    watch: { 'leans away': 'lighter', shrugs: 'long neck' },
    breathing: 'Out on the way up.',
  },
  'half-kneeling-press': {
    cues: ['One knee down, squeeze that side’s seat', 'Press on the side of the knee', 'Ribs down'],
    watch: { 'back arches': 'lighter', sways: 'knee on a cushion, feet wider' },
    breathing: 'Out on the way up.',
  },
  'upright-row': {
    cues: ['Hands a shoulder’s width apart', 'Elbows lead, no higher than the shoulders', 'Lower slowly'],
    watch: { 'shoulders pinch': 'stop at the lower ribs, hands wider', swings: 'lighter' },
    breathing: 'Out as you lift.',
  },
  't-hold': {
    cues: ['Arms out to shoulder height', 'Long neck, soft elbows', 'Breathe as if nothing happened'],
    watch: { 'shoulders shrug': 'a little lower', 'holds the breath': 'count aloud' },
    breathing: 'Keep breathing; count aloud.',
  },
  'arm-pulses': {
    cues: ['Arms out to shoulder height', 'A hand’s breadth up and down', 'Shoulders low'],
    watch: { 'shoulders shrug': 'lower', 'elbows lock': 'soften them' },
    breathing: 'Keep breathing; count aloud.',
  },
  'angled-raise': {
    cues: ['Thumbs up, arms between front and side', 'To shoulder height', 'Three counts down'],
    watch: { 'shoulders shrug': 'lighter', swings: 'back to a wall' },
    breathing: 'Out as you lift.',
  },
  'wide-curl': {
    cues: [
      'Elbows at the ribs, hands turned out',
      'Curl towards the outside of the shoulders',
      'All the way down',
    ],
    watch: { 'elbows drift': 'touch the ribs', swings: 'lighter' },
    breathing: 'Out as you lift.',
  },
  'alternating-curl': {
    cues: ['One arm, then the other', 'Palm turns up on the way', 'The waiting arm hangs long'],
    watch: { leans: 'lighter', swings: 'back to a wall' },
    breathing: 'Out as you lift.',
  },
  'cross-body-curl': {
    cues: ['Thumbs up', 'Curl towards the opposite shoulder', 'Slowly down, change'],
    watch: { 'trunk turns': 'lighter', 'elbow wanders': 'touch the ribs' },
    breathing: 'Out as you lift.',
  },
  'reverse-curl': {
    cues: ['Palms down, wrists flat', 'Elbows pinned', 'Three counts down'],
    watch: { 'wrists drop': 'lighter', 'elbows drift': 'touch the ribs' },
    breathing: 'Out as you lift.',
  },
  'curl-hold': {
    cues: ['Elbows square, and stay', 'Shoulders low', 'Breathe all the way'],
    watch: { 'leans back': 'lighter', 'holds the breath': 'count aloud' },
    breathing: 'Keep breathing; count aloud.',
  },
  'wrist-curl': {
    cues: ['Forearms on the thighs, palms up', 'Let it roll to the fingers', 'Curl the wrist up'],
    watch: { 'forearms lift': 'lighter', 'wrist aches': 'half the way' },
    breathing: 'Out as you lift.',
  },
  'pair-kick-back': {
    cues: ['Hinge, long back, elbows high at the ribs', 'Straighten both arms', 'Only the forearms move'],
    watch: { 'upper arms drop': 'lighter', 'back rounds': 'one arm, the other on a chair' },
    breathing: 'Out as you straighten.',
  },
  'close-floor-press': {
    cues: ['Weights together over the breastbone', 'Elbows brush the ribs', 'Press straight up'],
    watch: { 'elbows flare': 'lighter', 'wrists fold': 'straight fists' },
    breathing: 'Out as you press.',
  },
  'one-arm-overhead-extension': {
    cues: ['Upper arm beside the ear', 'Other hand steadies it', 'Behind the head and up'],
    watch: { 'elbow wanders': 'lighter', 'back arches': 'seated' },
    breathing: 'Out on the way up.',
  },
  'alternating-floor-press': {
    cues: ['Both up, one lowers and presses', 'The other arm waits long', 'Ribs heavy'],
    watch: { 'rolls to the side': 'lighter, feet wider', 'elbow bounces': 'touch the floor softly' },
    breathing: 'Out as you press.',
  },
  'standing-fly': {
    cues: ['Elbows bent and at shoulder height', 'Bring the forearms together', 'Open as far as is easy'],
    watch: { 'elbows drop': 'lighter', 'shoulders shrug': 'a little lower' },
    breathing: 'Out as you close.',
  },
  'wide-row': {
    cues: ['Hinge, long back', 'Elbows out, pull to the lower chest', 'Shoulder blades together'],
    watch: { shrugs: 'lighter', 'back rounds': 'a hand on a chair, one arm' },
    breathing: 'Out as you pull.',
  },
  'underhand-row': {
    cues: ['Hinge, palms forward', 'Pull to the belt, elbows close', 'Slowly down'],
    watch: { 'wrists fold': 'lighter', 'stands up': 'chest over the toes' },
    breathing: 'Out as you pull.',
  },
  'alternating-row': {
    cues: ['Hinge, both arms hanging', 'One pulls, the other waits', 'Hips stay square'],
    watch: { 'trunk turns': 'lighter', 'back rounds': 'less deep' },
    breathing: 'Out as you pull.',
  },
  pullover: {
    cues: [
      'Start over the chest, elbows soft',
      'Lower behind the head as far as the ribs stay down',
      'Pull back over the chest',
    ],
    watch: { 'ribs flare': 'shorter way', 'elbows bend': 'lighter' },
    breathing: 'In going back, out coming up.',
  },
  'chin-hold': {
    cues: ['Chin over the bar, step up to it', 'Shoulders down, elbows in', 'Lower slowly when it goes'],
    watch: { drops: 'feet on a chair', 'shoulders shrug': 'shorter holds' },
    breathing: 'Keep breathing; count aloud.',
  },
  'kneeling-reverse-fly': {
    cues: ['On hands and knees, one arm hangs', 'Lift it out to the side', 'Hips stay square'],
    watch: { 'trunk turns': 'lighter', shrugs: 'stop lower' },
    breathing: 'Out as you lift.',
  },
  'prone-pull-down': {
    cues: ['Lie on the front, arms long overhead', 'Pull the elbows to the ribs', 'Reach long again'],
    watch: { 'chin lifts': 'forehead on a towel', 'low back pinches': 'a cushion under the belly' },
    breathing: 'Out as you pull.',
  },
};
