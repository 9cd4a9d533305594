import type { CoachingWords } from '../../model';

export const braceWords: CoachingWords = {
  plank: {
    cues: [
      'Forearms under the shoulders',
      'Pull elbows and toes towards each other',
      'Breathe through the belt',
    ],
    watch: {
      'low back hangs': 'stop there; hands one step higher',
      'holds the breath': 'count aloud',
    },
    breathing: 'Small steady breaths, never held.',
  },
  'knee-plank': {
    cues: ['Knees behind the hips', 'Tuck the tail under', 'Long neck'],
    watch: {
      'hips fold back': 'walk the knees back',
      'shoulders sink': 'push the floor away',
    },
    breathing: 'Small steady breaths.',
  },
  'plank-reach': {
    cues: ['Feet a little wider', 'Reach forward, hips do not know', 'Two counts out there'],
    watch: {
      'hips rock': 'tap the other shoulder instead',
      'low back hangs': 'back to the still plank',
    },
    breathing: 'Out as you reach.',
  },
  'heel-taps': {
    cues: ['Low back heavy on the floor', 'Knees over hips', 'Lower one heel as far as the back allows'],
    watch: {
      'back lifts off': 'smaller tap',
      hurries: 'two counts down',
    },
    breathing: 'Out as the heel goes down.',
  },
};
