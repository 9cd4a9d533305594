import type { CoachingWords } from '../../model';

export const powerWords: CoachingWords = {
  'quick-hinge': {
    cues: ['Hands at the hips, hips back slowly', 'Snap up to standing, seat tight', 'Stop like a post'],
    watch: { 'leans back at the top': 'ribs down', 'squats it': 'shins stay still' },
    breathing: 'Out on the effort, never held.',
  },
  'hinge-shrug': {
    cues: [
      'Hinge to above the knees, long back',
      'Stand up and shrug straight up',
      'Lower close to the legs',
    ],
    watch: { 'back rounds': 'lighter, less way', 'elbows bend': 'arms are ropes' },
    breathing: 'Out as you stand.',
  },
  'dead-start-swing': {
    cues: [
      'The weight a foot in front, long back',
      'Hike it back like a ball',
      'One swing, put it down, set again',
    ],
    watch: { 'squats it': 'hips back, shins still', 'lifts with the arms': 'arms are ropes' },
    breathing: 'Out on the effort, never held.',
  },
  swing: {
    cues: [
      'Hips snap, arms are ropes',
      'It floats to chest height, no higher',
      'Hips back late, as it comes down',
    ],
    watch: { 'squats it': 'hips back, shins still', 'leans back at the top': 'stand like a post' },
    breathing: 'Out on the effort, never held.',
  },
  'one-arm-swing': {
    cues: ['As with two hands, shoulders square', 'The free arm swings along', 'Stop before the grip goes'],
    watch: { twists: 'lighter, two hands', 'pulls with the arm': 'arm is a rope' },
    breathing: 'Out on the effort, never held.',
  },
  clean: {
    cues: [
      'From above the knees, hips snap',
      'Keep it close, elbow to the ribs',
      'It lands softly at the shoulder',
    ],
    watch: { 'bangs the forearm': 'hand round it sooner', 'curls it': 'lighter, jump it up' },
    breathing: 'Out on the effort, never held.',
  },
  snatch: {
    cues: [
      'From above the knees, hips snap',
      'High elbow, then punch through',
      'Lock it over the shoulder, ribs down',
    ],
    watch: { 'presses it out': 'lighter, quicker hips', 'back arches at the top': 'stop, clean instead' },
    breathing: 'Out on the effort, never held.',
  },
  'high-pull': {
    cues: [
      'From above the knees, hips snap',
      'Elbows high and out, to the lower chest',
      'Let it down close to the body',
    ],
    watch: { 'pulls with the arms first': 'hips, then elbows', 'shoulders pinch': 'stop at the belt' },
    breathing: 'Out on the effort, never held.',
  },
  'squat-jump': {
    cues: [
      'Sit to half depth, swing the arms',
      'Jump as high as you land quietly',
      'Land on the whole foot, knees soft',
    ],
    watch: { 'lands loud': 'lower jumps', 'knees fall in': 'squat without the jump' },
    breathing: 'Out on the effort, never held.',
  },
  'lunge-jump': {
    cues: ['Split stance, half depth', 'Jump and change legs', 'Land quietly, trunk tall'],
    watch: { 'wobbles on landing': 'step instead', 'the knee hits the floor': 'higher' },
    breathing: 'Out on the effort, never held.',
  },
  'skater-reach': {
    cues: ['Step to the side, reach across', 'Sit into the hip', 'Push back the other way'],
    watch: { 'rounds down': 'reach to the knee only', 'the knee falls in': 'smaller steps' },
    breathing: 'Breathe easily.',
  },
  'skater-step': {
    cues: ['A long step to the side', 'The other foot taps behind', 'Arms swing across'],
    watch: { 'the knee falls in': 'shorter steps', 'tips over': 'tap with the foot' },
    breathing: 'Breathe easily.',
  },
  skater: {
    cues: ['Bound to the side, land on one foot', 'Stick it for a moment', 'Swing back the other way'],
    watch: { wobbles: 'shorter bounds', 'the knee falls in': 'step instead' },
    breathing: 'Out on the effort, never held.',
  },
  'box-jump': {
    cues: [
      'A firm low box against the wall',
      'Jump up, land with the whole foot',
      'Step down, never jump down',
    ],
    watch: { 'lands on the edge': 'a lower box', 'lands deep': 'a lower box' },
    breathing: 'Out on the effort, never held.',
  },
  'jump-forward': {
    cues: ['Swing, jump forward', 'Land quietly and hold for two counts', 'Walk back'],
    watch: { 'falls forward': 'shorter', 'lands loud': 'softer knees' },
    breathing: 'Out on the effort, never held.',
  },
  'squat-jack': {
    cues: ['Stay low', 'Feet hop out and in', 'Chest tall'],
    watch: { 'rises and falls': 'a lower target', 'knees fall in': 'step out instead' },
    breathing: 'Keep breathing; count aloud.',
  },
  'ankle-hops': {
    cues: ['Small quick hops, knees nearly straight', 'Quiet feet', 'Stand tall'],
    watch: { 'heels bang': 'lower', 'calves cramp': 'half as long' },
    breathing: 'Breathe easily.',
  },
  'high-knees': {
    cues: ['Knees to hip height', 'Quick light feet', 'Arms drive'],
    watch: { 'leans back': 'lower knees', 'lands loud': 'march instead' },
    breathing: 'Keep breathing; count aloud.',
  },
  'butt-kicks': {
    cues: ['Heels to the seat', 'Knees point down', 'Quick light feet'],
    watch: { 'lands loud': 'step it', 'leans forward': 'eyes ahead' },
    breathing: 'Keep breathing; count aloud.',
  },
  'leg-curl-step': {
    cues: ['Step side to side', 'The free heel goes to the seat', 'Arms pull back'],
    watch: { 'leans forward': 'eyes ahead', hurries: 'on the beat' },
    breathing: 'Breathe easily.',
  },
  'jog-on-the-spot': {
    cues: ['Light feet under the hips', 'Arms loose', 'Easy enough to talk'],
    watch: { 'lands loud': 'march instead', shrugs: 'drop the shoulders' },
    breathing: 'Breathe easily.',
  },
  skipping: {
    cues: ['With a rope or as if', 'Small hops, wrists turn', 'Quiet feet'],
    watch: { 'jumps high': 'only a finger’s breadth', 'calves cramp': 'shorter bouts' },
    breathing: 'Keep breathing; count aloud.',
  },
  'side-shuffle': {
    cues: ['Sit a little, chest tall', 'Three quick steps to the side', 'Touch down, back again'],
    watch: { 'feet cross': 'smaller steps', 'stands up': 'stay low' },
    breathing: 'Keep breathing; count aloud.',
  },
  'cross-jack': {
    cues: ['Feet and arms out', 'Hop in, arms and feet cross', 'Change which is in front'],
    watch: { 'lands loud': 'step it', tangles: 'slower' },
    breathing: 'Keep breathing; count aloud.',
  },
  'squat-punch': {
    cues: ['Squat, stand, one punch each side', 'Turn the back foot', 'Fists up to the cheeks'],
    watch: { 'locks the elbows': 'stop short', 'loses depth': 'slower' },
    breathing: 'Out on each punch.',
  },
  'boxer-shuffle': {
    cues: ['Weight from foot to foot', 'Light hops, hands up', 'Loose shoulders'],
    watch: { 'stiff knees': 'softer', 'holds the breath': 'hum' },
    breathing: 'Breathe easily.',
  },
  'knee-repeater': {
    cues: ['Weight on the front foot', 'Pull the back knee up, tap, again', 'Arms pull down with it'],
    watch: { 'rounds forward': 'chest up', wobbles: 'a hand on a chair' },
    breathing: 'Out as the knee comes up.',
  },
  'seated-jack': {
    cues: ['Sit tall at the front of the seat', 'Legs out and in, arms up and down', 'On the beat'],
    watch: { 'leans back': 'hands on the seat', 'shoulders ache': 'arms only half-way' },
    breathing: 'Breathe easily.',
  },
};
