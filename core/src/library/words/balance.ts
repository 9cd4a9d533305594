import type { CoachingWords } from '../../model';

const EASY = 'Easy, through the nose.';
const RHYTHM = 'In rhythm, never held.';

export const balanceWords: CoachingWords = {
  'feet-together-stand': {
    cues: ['Feet together', 'Eyes on one point', 'Support within reach'],
    watch: { 'grips with the toes': 'long toes', 'knees lock': 'soft knees' },
    breathing: EASY,
  },
  'staggered-stand': {
    cues: ['Heel beside the other big toe', 'Weight on both', 'Tall'],
    watch: { 'leans to one side': 'nose over the middle', 'looks down': 'eyes ahead' },
    breathing: EASY,
  },
  'heel-to-toe-stand': {
    cues: ['Heel touches toe', 'Weight on both', 'Hand near the wall'],
    watch: { 'feet drift apart': 'set them again', 'arms flail': 'staggered first' },
    breathing: EASY,
  },
  'held-one-leg-stand': {
    cues: ['One finger on', 'Lift the other foot', 'Tall hip'],
    watch: { 'hip drops': 'foot lower', 'leans on the hand': 'finger only' },
    breathing: EASY,
  },
  'one-leg-stand': {
    cues: ['Whole foot heavy', 'Soft knee', 'Eyes on one point'],
    watch: { hops: 'finger on the wall', 'hip drops': 'tall' },
    breathing: EASY,
  },
  'toes-one-leg-stand': {
    cues: ['Rise slowly', 'Big toe heavy', 'Down with control'],
    watch: { 'ankle rolls': 'both feet', drops: 'hand near' },
    breathing: EASY,
  },
  'blind-one-leg-stand': {
    cues: ['A hand a finger from the wall', 'Steady first, then close', 'Open when it tips'],
    watch: { 'opens at once': 'heel to toe first', 'holds the breath': 'count aloud' },
    breathing: EASY,
  },
  'heel-to-toe-walk': {
    cues: ['Heel to toe along a line', 'Slow', 'Wall in reach'],
    watch: { 'steps wide': 'shorter steps', 'looks at the feet': 'eyes ahead' },
    breathing: EASY,
  },
  'turning-stand': {
    cues: ['Feet together', 'Turn head and ribs slowly', 'Feet stay'],
    watch: { dizzy: 'stop and sit', 'feet move': 'smaller turn' },
    breathing: EASY,
  },
  'one-leg-turn': {
    cues: ['Stand on one', 'Turn the ribs', 'Hip stays'],
    watch: { 'knee twists': 'smaller', wobbles: 'finger on' },
    breathing: EASY,
  },
  'one-leg-reach': {
    cues: ['Stand on one', 'Reach the other foot ahead, aside, behind', 'Back to the middle'],
    watch: { 'falls into the reach': 'shorter', 'knee falls in': 'soft and over the toes' },
    breathing: EASY,
  },
  'one-leg-press-out': {
    cues: ['Stand on one', 'Arms up past the ears', 'Slowly down'],
    watch: { 'ribs flare': 'stop at the brow', hops: 'both feet' },
    breathing: 'Out as the arms rise.',
  },
  'heel-drop': {
    cues: ['Rise on the toes', 'Drop the heels with a small thud', 'Soft knees'],
    watch: { 'jars the back': 'softer', leans: 'hand near' },
    breathing: RHYTHM,
  },
  'quick-feet': {
    cues: ['Small and light', 'On the forefeet', 'Quiet'],
    watch: { 'gets loud': 'slower', 'bends over': 'tall' },
    breathing: RHYTHM,
  },
  'small-hop': {
    cues: ['From the ankles', 'Quiet landings', 'Knees soft'],
    watch: { 'lands loud': 'lower', 'knees fall in': 'stop, squat first' },
    breathing: RHYTHM,
  },
  'jump-and-land': {
    cues: ['Arms swing', 'Land like a cat', 'Stay two counts'],
    watch: { 'second hop on landing': 'lower', 'knees fall in': 'step down instead' },
    breathing: 'Out at the jump.',
  },
  'side-hop': {
    cues: ['Over a line', 'Both feet', 'Quiet'],
    watch: { 'ankles roll': 'smaller', loud: 'step instead' },
    breathing: RHYTHM,
  },
  'one-leg-hop': {
    cues: ['Small', 'Quiet', 'Stop when height falls'],
    watch: { 'knee wobbles': 'both feet', loud: 'stop' },
    breathing: RHYTHM,
  },
  'step-out-arms': {
    cues: ['Wide step, arms along', 'Keep your own count', 'Feet quiet'],
    watch: { 'shoulders tire': 'arms lower', 'loses the beat': 'slower' },
    breathing: RHYTHM,
  },
  'star-step': {
    cues: ['Tap wide, arms up', 'Change sides', 'Tall'],
    watch: { 'arms drop': 'half height', stamps: 'softer' },
    breathing: RHYTHM,
  },
  'star-jump': {
    cues: ['Feet out, arms up', 'Soft knees', 'Quiet'],
    watch: { 'lands loud': 'star steps', 'knees fall in': 'smaller' },
    breathing: RHYTHM,
  },
  'slow-climber': {
    cues: ['Hands under the shoulders', 'One knee to the chest', 'Hips low'],
    watch: { 'hips bounce': 'slower', 'low back hangs': 'higher surface' },
    breathing: RHYTHM,
  },
  'fast-climber': {
    cues: ['Plank first', 'Run the knees', 'Quiet feet'],
    watch: { 'hips rise': 'slow climber', 'wrists hurt': 'hands raised' },
    breathing: RHYTHM,
  },
  'seated-march-arms': {
    cues: ['Sit tall', 'Knees and arms in turn', 'Quicker when easy'],
    watch: { 'leans back': 'front edge of the seat', stamps: 'softer' },
    breathing: RHYTHM,
  },
  'shadow-box': {
    cues: ['Feet planted, knees soft', 'Fist from the chin and back', 'Turn the hips'],
    watch: { 'elbows lock hard': 'stop short', 'shoulders creep up': 'slower' },
    breathing: 'Short out at each punch.',
  },
  'step-over': {
    cues: ['Whole foot on the step', 'Up, up, down, down', 'Change the leading foot'],
    watch: { 'heel hangs off': 'further on', trips: 'slower, look' },
    breathing: RHYTHM,
  },
};
