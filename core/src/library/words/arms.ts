import type { CoachingWords } from '../../model';

const LIFT = 'Out as you lift.';

export const armWords: CoachingWords = {
  'empty-side-raise': {
    cues: ['Long arms out to shoulder height', 'Two counts up, two down', 'Shoulders low'],
    watch: { 'shoulders shrug': 'stop lower', 'elbow leads back': 'a little in front' },
    breathing: LIFT,
  },
  'bent-side-raise': {
    cues: ['Elbows square', 'Lift the elbows', 'Lower slowly'],
    watch: { swings: 'back to a wall', 'hands above elbows': 'level forearms' },
    breathing: LIFT,
  },
  'side-raise': {
    cues: ['Soft elbows, a little in front', 'To shoulder height', 'Three counts down'],
    watch: { 'trunk swings': 'lighter', 'thumbs turn down': 'palms to the floor' },
    breathing: LIFT,
  },
  'leaning-side-raise': {
    cues: ['Hold on and lean out', 'Raise the outer arm', 'Keep the lean'],
    watch: { 'pulls back to upright': 'lighter', 'shoulder pinches': 'stop lower' },
    breathing: LIFT,
  },
  'empty-front-raise': {
    cues: ['Thumbs up', 'To eye height', 'Slowly down'],
    watch: { 'back arches': 'squeeze the seat', 'shoulders shrug': 'lower' },
    breathing: LIFT,
  },
  'one-front-raise': {
    cues: ['One arm, then the other', 'Thumb up', 'No swing'],
    watch: { 'trunk turns': 'lighter', 'wrist folds': 'straight fist' },
    breathing: LIFT,
  },
  'front-raise': {
    cues: ['Both arms to shoulder height', 'Pause', 'Three counts down'],
    watch: { 'leans back': 'lighter', 'knees lock': 'soft knees' },
    breathing: LIFT,
  },
  'front-to-overhead-raise': {
    cues: ['Up in one arc', 'Ears between the arms', 'Down the same way'],
    watch: { 'ribs flare': 'stop at the brow', 'elbows bend': 'lighter' },
    breathing: LIFT,
  },
  'hand-resisted-curl': {
    cues: ['Other hand on the wrist', 'Curl up against it', 'Lower against it'],
    watch: { 'holds the breath': 'count aloud', 'shoulder lifts': 'elbow on the ribs' },
    breathing: 'Count aloud.',
  },
  'seated-curl': {
    cues: ['Sit tall', 'Elbows under the shoulders', 'All the way down'],
    watch: { 'elbows drift forward': 'touch the ribs', 'drops the load': 'three counts' },
    breathing: LIFT,
  },
  curl: {
    cues: ['Elbows pinned', 'Palms up', 'Lower slowly'],
    watch: { 'trunk swings': 'back to a wall', 'wrists curl': 'flat wrists' },
    breathing: LIFT,
  },
  'hammer-curl': {
    cues: ['Thumbs up', 'To the shoulder', 'No swing'],
    watch: { 'elbows wander': 'towel under the arm', 'shoulders roll': 'chest open' },
    breathing: LIFT,
  },
  'slow-curl': {
    cues: ['Up in one', 'Down in five', 'Do not rest below'],
    watch: { 'speeds up at the end': 'lighter', 'leans back': 'one foot ahead' },
    breathing: 'Out going up, easy going down.',
  },
  'propped-curl': {
    cues: ['Elbow inside the thigh', 'Curl to the shoulder', 'Long arm below'],
    watch: { 'thigh helps': 'foot still', 'back rounds': 'chest up' },
    breathing: LIFT,
  },
  'wall-elbow-press': {
    cues: ['Forearms on the wall, hands below the eyes', 'Straighten the elbows', 'Lower slowly'],
    watch: { 'hips stay behind': 'one line', 'elbows flare': 'shoulder-wide' },
    breathing: 'Out pressing off.',
  },
  'kick-back': {
    cues: ['Upper arm along the ribs', 'Straighten behind', 'Slowly back to square'],
    watch: { 'elbow drops': 'lighter', swings: 'pause at the end' },
    breathing: 'Out straightening.',
  },
  'band-press-down': {
    cues: ['Elbows at the ribs', 'Press to the thighs', 'Rise to square'],
    watch: { 'leans on it': 'tall', 'elbows rise': 'lighter' },
    breathing: 'Out pressing.',
  },
  'lying-elbow-extension': {
    cues: ['Elbows over the shoulders', 'Lower beside the ears', 'Straighten'],
    watch: { 'elbows open': 'narrower grip', 'upper arms move': 'lighter' },
    breathing: 'Out straightening.',
  },
  'overhead-elbow-extension': {
    cues: ['Elbows by the ears', 'Lower behind the head', 'Reach up'],
    watch: { 'ribs flare': 'seat, or lighter', 'elbows wander': 'one arm at a time' },
    breathing: 'Out straightening.',
  },
  'close-press-up': {
    cues: ['Hands under the breastbone', 'Elbows brush the ribs', 'One line'],
    watch: { 'wrists hurt': 'hands a little wider', 'hips sag': 'from the knees' },
    breathing: 'In going down, out pressing.',
  },
  'seated-heel-raise': {
    cues: ['Knees over the ankles', 'Up to the big toes', 'Slowly down'],
    watch: { 'rolls outward': 'press the big toe', bounces: 'two counts at the top' },
    breathing: LIFT,
  },
  'held-heel-raise': {
    cues: ['Fingertips on', 'Straight up', 'Two counts at the top'],
    watch: { 'leans on the hands': 'lighter fingers', 'ankles roll': 'feet parallel' },
    breathing: LIFT,
  },
  'heel-raise': {
    cues: ['Tall', 'Up over the big toes', 'Slowly down'],
    watch: { 'knees bend': 'straight knees', 'tips forward': 'eyes on a point' },
    breathing: LIFT,
  },
  'step-heel-raise': {
    cues: ['Balls of the feet on the edge', 'Heels below, then high', 'A hand near a wall'],
    watch: { 'drops into the stretch': 'slower', 'feet slip': 'shoes on' },
    breathing: LIFT,
  },
  'one-leg-heel-raise': {
    cues: ['One foot behind the ankle', 'Straight up', 'Full height each time'],
    watch: { 'height falls': 'end the set', 'pelvis tips': 'both feet again' },
    breathing: LIFT,
  },
  'seated-toe-raise': {
    cues: ['Heels down', 'Forefeet up', 'Slowly down'],
    watch: { 'knees move': 'hands on the knees', cramps: 'fewer' },
    breathing: 'Easy.',
  },
  'wall-toe-raise': {
    cues: ['Seat on the wall, feet ahead', 'Forefeet up', 'Tall'],
    watch: { 'hips fold': 'feet nearer', 'only the toes lift': 'whole forefoot' },
    breathing: 'Easy.',
  },
  'heel-walk': {
    cues: ['Forefeet high', 'Short steps', 'A wall in reach'],
    watch: { 'forefeet drop': 'stop and rest', 'bends forward': 'tall' },
    breathing: 'Easy.',
  },
};
