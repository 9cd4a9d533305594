import type { CoachingWords } from '../../model';

export const hingeWords: CoachingWords = {
  'wall-hinge': {
    cues: ['Close a door behind you with the hips', 'Back as long as a plank', 'Knees soft, shins still'],
    watch: {
      'it turns into a squat': 'half a step nearer to the wall',
      'back rounds': 'a broomstick along the spine',
    },
    breathing: 'In reaching back, out coming up.',
  },
  'floor-bridge': {
    cues: ['Heels a hand from the seat', 'Tuck the tail, then lift', 'Ribs stay down'],
    watch: {
      'low back arches': 'lift a little less, tuck first',
      'cramp behind the thigh': 'heels nearer, press through them',
    },
    breathing: 'Out as you lift.',
  },
  'one-leg-bridge': {
    cues: ['Knees stay level', 'Lift with the standing heel', 'Pause at the top'],
    watch: {
      'one hip sinks': 'both feet down, shift the weight only',
      'low back takes over': 'smaller lift',
    },
    breathing: 'Out as you lift.',
  },
  'pair-hinge': {
    cues: [
      'Hips back until the weights pass the knees',
      'Keep them close to the legs',
      'Stand by pushing the floor',
    ],
    watch: {
      'back rounds': 'stop at the knees, lighter',
      'the weights swing forward': 'brush the thighs',
      'leans back at the top': 'finish tall, ribs down',
    },
    breathing: 'In going down, out as you stand.',
  },
  'staggered-hinge': {
    cues: ['Back toes beside the front heel', 'Weight on the front foot', 'Hips stay square'],
    watch: {
      'hips turn open': 'shorter stagger',
      'weight slides back': 'only the back toes touch',
    },
    breathing: 'In going down, out as you stand.',
  },
  'one-leg-hinge': {
    cues: [
      'Back leg and head are one line',
      'Hips level, toes point down',
      'Reach for the floor ahead of you',
    ],
    watch: {
      wobbles: 'finger on the wall, eyes on one spot',
      'hip opens': 'turn the back toes down',
    },
    breathing: 'In going down, out as you stand.',
  },
  'free-hinge': {
    cues: [
      'Hands slide down the thighs',
      'Hips go back, shins stay upright',
      'Back straight from seat to head',
    ],
    watch: {
      'the back rounds': 'stop above the knees and lift the chest',
      'it turns into a squat': 'fewer knees, hips further back',
    },
    breathing: 'In going down, out as you stand.',
  },
  'held-one-leg-hinge': {
    cues: [
      'One hand on the counter',
      'The free leg goes back as the chest comes down',
      'Both hip bones face the floor',
    ],
    watch: {
      'leans on the hand': 'two fingers are enough',
      'hip opens': 'turn the back toes down',
    },
    breathing: 'In going down, out as you stand.',
  },
  'loaded-one-leg-hinge': {
    cues: [
      'The load hangs close to the standing leg',
      'Back leg and head are one line',
      'Stand tall between two',
    ],
    watch: {
      'the load swings out': 'draw the shoulder back and down',
      wobbles: 'put the load down and do it holding on',
    },
    breathing: 'In going down, out as you stand.',
  },
};
