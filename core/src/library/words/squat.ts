import type { CoachingWords } from '../../model';

export const squatWords: CoachingWords = {
  'helped-sit-to-stand': {
    cues: ['Feet under the knees, nose over the toes', 'Push the seat away with hands and legs together'],
    watch: {
      'drops the last hand’s breadth': 'put a cushion on the seat',
      'knees fall together': 'a rolled towel between them',
    },
    breathing: 'Out as you stand.',
  },
  'seat-squat': {
    cues: [
      'Reach back for the seat with the hips',
      'Touch it, do not sit on it',
      'Stand up through the whole foot',
    ],
    watch: {
      'falls onto the seat': 'higher seat, three counts down',
      'heels lift': 'feet a little further forward',
    },
    breathing: 'In going down, out going up.',
  },
  'free-squat': {
    cues: ['Sit between the heels', 'Chest looks forward', 'Knees follow the toes'],
    watch: {
      'torso tips forward': 'arms out in front, less depth',
      'knees fall in': 'push the floor apart',
    },
    breathing: 'In going down, out going up.',
  },
  'goblet-squat': {
    cues: ['Hold it against the breastbone', 'Elbows brush the inside of the knees', 'Stand tall at the top'],
    watch: {
      'the weight drifts away from the chest': 'lighter, elbows down',
      'low back rounds at the bottom': 'stop a hand’s breadth higher',
      'knees fall in': 'push the floor apart',
    },
    breathing: 'In going down, out going up.',
  },
  'shoulder-pair-squat': {
    cues: ['Rest them on the shoulders, elbows forward', 'Ribs down over the belt', 'Up through mid-foot'],
    watch: {
      'elbows sink': 'lighter pair, look ahead',
      'hips rise before the chest': 'two reps fewer, slower down',
    },
    breathing: 'In at the top, out past the hardest point.',
  },
  'raised-split-squat': {
    cues: [
      'Front foot far enough that the shin stays quiet',
      'Straight down, not forward',
      'Back foot only balances',
    ],
    watch: {
      'pushes off the back foot': 'laces down on the chair',
      'tips to one side': 'one hand on the wall',
    },
    breathing: 'In going down, out going up.',
  },
  'bar-squat': {
    cues: [
      'The bar lies on muscle, never on the neck',
      'Feet under the hips, elbows down',
      'Stand up as one piece',
    ],
    watch: {
      'the hips rise first': 'lighter, chest up with the hips',
      'no way to put it down': 'set the stops of the rack below the lowest point first',
    },
    breathing: 'In before going down, out through the hard part; never hold it.',
  },
};
