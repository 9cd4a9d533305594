import type { CoachingWords } from '../../model';

const STEADY = 'Small steady breaths, never held.';

export const trunkWords: CoachingWords = {
  'wall-side-lean': {
    cues: ['Forearm on the wall, feet away', 'One line', 'Push the wall'],
    watch: { 'hips drift to the wall': 'feet nearer', 'shoulder sinks': 'push away' },
    breathing: STEADY,
  },
  'knee-side-plank': {
    cues: ['Elbow under the shoulder', 'Knees bent, hips forward', 'Lift to one line'],
    watch: { 'hips roll back': 'top hand on the hip', 'shoulder sinks': 'push the floor away' },
    breathing: STEADY,
  },
  'side-plank': {
    cues: ['Feet stacked or one ahead', 'Hips high', 'Long neck'],
    watch: { 'hips sink': 'from the knees', 'turns to the floor': 'chest faces ahead' },
    breathing: STEADY,
  },
  'side-plank-leg': {
    cues: ['Hips high first', 'Top leg a little up', 'Hold both'],
    watch: { 'hips sink': 'leg down', 'leg drifts ahead': 'heel back' },
    breathing: STEADY,
  },
  'suitcase-hold': {
    cues: ['Load in one hand', 'Tall, no lean', 'Ribs over the belt'],
    watch: { 'leans away': 'lighter', 'shoulder drops': 'long neck' },
    breathing: STEADY,
  },
  'band-press-out': {
    cues: ['Side to the anchor', 'Press out from the breastbone', 'Do not let it turn you'],
    watch: { 'pelvis turns': 'a step nearer', 'shoulders shrug': 'lower hands' },
    breathing: 'Out as you press.',
  },
  'knees-arm-reach': {
    cues: ['Back like a table', 'One arm long', 'Change without a sway'],
    watch: { 'weight shifts far': 'fingertips stay down', 'head drops': 'eyes on the mat' },
    breathing: 'Out as you reach.',
  },
  'knees-leg-reach': {
    cues: ['Slide, then lift the foot', 'Heel long, not high', 'Hips level'],
    watch: { 'low back sags': 'toes stay down', 'hip opens': 'knee down' },
    breathing: 'Out as you reach.',
  },
  'knees-cross-reach': {
    cues: ['Opposite arm and leg', 'Long, not high', 'A cup of tea on the back'],
    watch: { wobbles: 'arm or leg alone', 'low back sags': 'lower leg' },
    breathing: 'Out as you reach.',
  },
  'hover-cross-reach': {
    cues: ['Knees a finger off the floor', 'Reach slowly', 'Hips still'],
    watch: { 'hips rise': 'knees back down', 'wrists hurt': 'fists' },
    breathing: STEADY,
  },
  'wall-press-march': {
    cues: ['Hands into the wall', 'One knee to hip height', 'Trunk still'],
    watch: { 'leans back': 'feet further back', 'hip drops': 'lower knee' },
    breathing: 'Out as you lift.',
  },
  'plank-shoulder-tap': {
    cues: ['Feet wide', 'Tap the other shoulder', 'Hips quiet'],
    watch: { 'hips sway': 'feet wider, slower', 'hips high': 'squeeze the seat' },
    breathing: STEADY,
  },
  'head-lift': {
    cues: ['One hand under the head', 'Ribs slide to the hips', 'Shoulder blades just off'],
    watch: { 'neck pulls': 'heavy head in the hand', 'belly domes': 'smaller, breathe out' },
    breathing: 'Out all the way up.',
  },
  'trunk-curl': {
    cues: ['Breathe out, then curl', 'Low back stays down', 'Slowly back'],
    watch: { 'jerks up': 'slower', 'belly domes': 'hands further down' },
    breathing: 'Out all the way up.',
  },
  'crossing-curl': {
    cues: ['Shoulder towards the other knee', 'Elbows wide', 'Both hips down'],
    watch: { 'elbow leads': 'turn the ribs', rocks: 'slower' },
    breathing: 'Out as you turn.',
  },
  'sit-back': {
    cues: ['Feet down, arms ahead', 'Lean back with a long spine', 'Stop before it shakes'],
    watch: { rounds: 'less far', 'feet lift': 'hands behind the thighs' },
    breathing: 'Out leaning back.',
  },
  'full-sit-up': {
    cues: ['Roll up bone by bone', 'Arms ahead', 'Roll down as slowly'],
    watch: { 'feet fly up': 'knees more bent', jerks: 'half-way' },
    breathing: 'Out rolling up.',
  },
  'heel-tap': {
    cues: ['Knees over hips', 'One heel to the floor', 'Low back heavy'],
    watch: { 'low back lifts': 'tap on a cushion', 'holds the breath': 'out on each tap' },
    breathing: 'Out as you tap.',
  },
  'heel-slide': {
    cues: ['Heel slides away', 'Low back heavy', 'Draw it home'],
    watch: { 'back arches': 'shorter', 'hip clicks': 'slower, knee in line' },
    breathing: 'Out sliding away.',
  },
  'one-leg-lower': {
    cues: ['Both legs up', 'Lower one', 'The other stays'],
    watch: { 'low back lifts': 'less far', 'knees bend more': 'that is fine, note it' },
    breathing: 'Out lowering.',
  },
  'leg-lower': {
    cues: ['Low back heavy', 'Lower both', 'Turn round before it lifts'],
    watch: { 'low back lifts': 'bend the knees', 'neck tenses': 'head down' },
    breathing: 'Out lowering.',
  },
  'hanging-knee-raise': {
    cues: ['Shoulders down first', 'Curl the knees up', 'Lower without swing'],
    watch: { swings: 'touch the chair between', 'grip goes': 'shorter sets' },
    breathing: 'Out as you lift.',
  },
  'hanging-leg-raise': {
    cues: ['Still hang', 'Long legs to hip height', 'Three counts down'],
    watch: { swings: 'bent knees', 'leans back': 'press the bar down' },
    breathing: 'Out as you lift.',
  },
  'seated-knee-lift': {
    cues: ['Sit tall at the front edge', 'One knee up', 'Do not lean back'],
    watch: { 'leans back': 'hands on the seat', 'drops the foot': 'two counts down' },
    breathing: 'Out as you lift.',
  },
};
