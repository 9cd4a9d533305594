import type { CoachingWords } from '../../model';

export const pressWords: CoachingWords = {
  'press-up': {
    cues: ['One line from ear to heel', 'Chest arrives first', 'Elbows point back, half-way'],
    watch: {
      'hips sag or rise': 'squeeze the seat, raise the hands one step',
      'elbows drift wide': 'turn the hands out a little',
      'head reaches down': 'look a forearm’s length ahead',
    },
    breathing: 'In going down, out pressing.',
  },
  'feet-raised-press-up': {
    cues: ['Feet no higher than the knee was', 'Line from ear to heel', 'Chest between the hands'],
    watch: {
      'low back hangs': 'feet lower',
      'shoulders shrug': 'push the floor away at the top',
    },
    breathing: 'In going down, out pressing.',
  },
  'floor-press': {
    cues: ['Upper arms touch the floor softly', 'Wrists over elbows', 'Press towards each other'],
    watch: {
      'elbows land hard': 'lighter, three counts down',
      'wrists fold back': 'knuckles to the ceiling',
    },
    breathing: 'Out as you press.',
  },
};
