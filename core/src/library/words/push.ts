import type { CoachingWords } from '../../model';

const PRESS = 'Out as you press.';

export const pushWords: CoachingWords = {
  'knee-press-up': {
    cues: ['Padding under the knees', 'One line from knee to ear', 'Chest between the hands'],
    watch: { 'hips stay behind': 'weight forward onto the hands', 'elbows flare': 'arrows, not a T' },
    breathing: 'In going down, out pressing.',
  },
  'one-arm-floor-press': {
    cues: ['Free hand on the ribs', 'Knuckles to the ceiling', 'Lower until the upper arm touches'],
    watch: { 'rolls to one side': 'feet wider', 'elbow lands hard': 'lighter' },
    breathing: PRESS,
  },
  'standing-band-press': {
    cues: ['Band flat across the shoulder blades', 'One foot ahead', 'Press, and bring it back slowly'],
    watch: { 'pulled backwards': 'lean a little, longer step', 'shoulders shrug': 'ribs and shoulders down' },
    breathing: PRESS,
  },
  'bench-dip-bent': {
    cues: ['Seat against a wall', 'Back close to the edge', 'Elbows point back'],
    watch: { 'shoulders roll forward': 'less deep', 'pushes with the legs': 'feet lighter' },
    breathing: 'In going down, out pressing.',
  },
  'bench-dip-straight': {
    cues: ['Heels far out', 'Chest open', 'Straight up and down'],
    watch: { 'drifts away from the seat': 'nearer', 'shoulders shrug': 'push the seat away at the top' },
    breathing: 'In going down, out pressing.',
  },
  'two-chair-dip': {
    cues: ['Supports that cannot tip', 'Lean a little forward', 'Stop when the elbows are square'],
    watch: { swings: 'pause at the top', 'sinks into the shoulders': 'long neck' },
    breathing: 'In going down, out pressing.',
  },
  'wall-slide-press': {
    cues: ['Forearms on the wall', 'Slide up, a little outward', 'Ribs stay down'],
    watch: { 'low back arches': 'one foot ahead', 'neck shortens': 'stop lower' },
    breathing: 'Out as you reach.',
  },
  'seated-press': {
    cues: ['Sit tall, feet planted', 'Press past the ears', 'Lower to the chin'],
    watch: { 'leans back': 'lighter', 'hands drift ahead': 'biceps by the ears' },
    breathing: PRESS,
  },
  'standing-press': {
    cues: ['Squeeze the seat', 'Straight up, head through', 'Lower under control'],
    watch: { 'ribs flare': 'breathe out before pressing', 'knees help': 'lighter, or push on purpose' },
    breathing: PRESS,
  },
  'one-arm-press': {
    cues: ['Free fist tight', 'Press up and a little in', 'No lean'],
    watch: { 'trunk bends sideways': 'lighter', 'wrist folds': 'knuckles up' },
    breathing: PRESS,
  },
  'push-press': {
    cues: ['Small dip, straight up', 'Legs start, arms finish', 'Lower slowly'],
    watch: { 'dip goes forward': 'heels down', 'lands stiff': 'soft knees' },
    breathing: 'Sharp out at the push.',
  },
  'hips-high-press-up': {
    cues: ['Hips high, heels light', 'Crown towards the floor', 'Push back up the slope'],
    watch: { 'turns into a press-up': 'feet nearer', 'neck cranes': 'look at the feet' },
    breathing: 'In going down, out pressing.',
  },
  'palm-press': {
    cues: ['Palms at chest height', 'Press for three counts', 'Let go slowly'],
    watch: { 'holds the breath': 'count aloud', 'shoulders creep up': 'hands lower' },
    breathing: 'Count aloud.',
  },
  'floor-fly': {
    cues: ['Elbows soft', 'Open wide until the arms touch', 'Hug a barrel'],
    watch: { 'elbows straighten': 'lighter', 'wrists drop': 'palms face in' },
    breathing: 'In opening, out closing.',
  },
  'band-fly': {
    cues: ['Back to the anchor', 'Arms wide, elbows soft', 'Bring the hands together'],
    watch: { 'leans into it': 'shorter step', 'elbows bend and press': 'lighter' },
    breathing: 'In opening, out closing.',
  },
  'straight-arm-fly': {
    cues: ['Arms longer, never locked', 'Slowly open', 'Close over the chest'],
    watch: { 'shoulder pinches': 'elbows more bent', 'bounces off the floor': 'stop above it' },
    breathing: 'In opening, out closing.',
  },
};
