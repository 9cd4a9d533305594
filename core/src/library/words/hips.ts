import type { CoachingWords } from '../../model';

const LIFT = 'Out as you lift.';
const STEADY = 'Small steady breaths.';

export const hipWords: CoachingWords = {
  'bridge-march': {
    cues: ['Bridge up and stay', 'One foot a hand off the floor', 'Hips level like a tray'],
    watch: { 'hips drop on one side': 'feet nearer, lower lift', 'ribs flare': 'breathe out, ribs down' },
    breathing: STEADY,
  },
  'shoulder-raised-bridge': {
    cues: ['Shoulder blades on the edge', 'Chin down, eyes ahead', 'Hips up to a table top'],
    watch: { 'seat slides': 'against a wall', 'low back arches': 'tuck the tail first' },
    breathing: LIFT,
  },
  'loaded-hip-thrust': {
    cues: ['Load in the crease of the hip', 'A towel between', 'Squeeze at the top, one count'],
    watch: { 'load rolls': 'hold it with both hands', 'head throws back': 'chin down' },
    breathing: LIFT,
  },
  'one-leg-hip-thrust': {
    cues: ['One knee over the hip', 'Drive through the heel', 'Both hip bones level'],
    watch: { 'hip drops': 'both feet again', 'cramps behind': 'heel nearer' },
    breathing: LIFT,
  },
  'band-pull-through': {
    cues: ['Back to the anchor, band between the legs', 'Hips back', 'Stand tall against it'],
    watch: { 'pulls with the arms': 'arms are ropes', 'leans back at the end': 'stop when tall' },
    breathing: 'Out as you stand.',
  },
  'standing-leg-curl': {
    cues: ['Thighs side by side', 'Heel to the seat', 'Lower slowly'],
    watch: { 'hip swings': 'hand on the hip', 'leans far forward': 'taller, nearer to the support' },
    breathing: LIFT,
  },
  'heel-dig-bridge': {
    cues: ['Heels a step further out', 'Dig them in and lift', 'Knees stay bent'],
    watch: { 'cramps behind': 'heels nearer', 'feet slide': 'bare feet on the mat' },
    breathing: LIFT,
  },
  'sliding-leg-curl-down': {
    cues: ['Bridge up, heels on a cloth', 'Slide out in four counts', 'Hips down, feet back'],
    watch: { 'hips drop first': 'shorter slide', 'slides fast at the end': 'stop earlier' },
    breathing: 'Out as you slide away.',
  },
  'sliding-leg-curl': {
    cues: ['Hips stay high', 'Slide out', 'Draw the heels home'],
    watch: { 'hips sink to come back': 'down only', 'knees fall apart': 'a cushion between' },
    breathing: 'Out drawing in.',
  },
  'kneeling-lowering': {
    cues: [
      'Padding under the knees, heels held',
      'One line from knee to ear',
      'Lower as slowly as you can, catch with the hands',
    ],
    watch: { 'folds at the hip': 'squeeze the seat', 'falls at one point': 'stop above it' },
    breathing: 'Breathe out on the way down.',
  },
  'side-lying-shell': {
    cues: ['Heels together', 'Open like a shell', 'Top hip stays over the other'],
    watch: { 'rolls back': 'back to a wall', 'feet part': 'press the heels' },
    breathing: LIFT,
  },
  'side-lying-leg-raise': {
    cues: ['Long leg, heel first', 'A little behind the body', 'Lower in two counts'],
    watch: { 'toes turn up': 'toes a little down', 'waist shortens': 'reach the heel away' },
    breathing: LIFT,
  },
  'band-side-step': {
    cues: ['Knees soft', 'Step out, follow slowly', 'Head stays at one height'],
    watch: { 'knees fall in': 'smaller step', 'rocks side to side': 'slower' },
    breathing: STEADY,
  },
  'standing-hip-opening': {
    cues: ['Stand tall, one hand on', 'Heel leads out', 'No lean'],
    watch: { 'trunk leans away': 'smaller', 'toes turn out': 'toes ahead' },
    breathing: LIFT,
  },
  'free-hip-opening': {
    cues: ['Eyes on one point', 'Heel out and back, slowly', 'Standing knee soft'],
    watch: { 'hops to balance': 'hand near a wall', 'pelvis tips': 'lower' },
    breathing: LIFT,
  },
  'knee-squeeze': {
    cues: ['A cushion between the knees', 'Squeeze at half strength', 'Keep breathing'],
    watch: { 'holds the breath': 'count aloud', 'pain in the groin': 'gentler, shorter' },
    breathing: 'Count aloud.',
  },
  'inner-leg-raise': {
    cues: ['Top foot in front', 'Lower leg long', 'Lift a hand high'],
    watch: { 'rolls back': 'top hand on the floor', 'foot swings': 'two counts up, two down' },
    breathing: LIFT,
  },
  'standing-hip-closing': {
    cues: ['One hand on', 'Leg across in front', 'Hips face ahead'],
    watch: { 'pelvis turns': 'smaller', 'leans back': 'tall' },
    breathing: LIFT,
  },
  'short-inner-side-plank': {
    cues: ['Elbow under the shoulder', 'Top knee on the seat', 'Lift the hips in line'],
    watch: { 'pain in the groin': 'stop, back to lying', 'shoulder sinks': 'push the floor away' },
    breathing: STEADY,
  },
};
