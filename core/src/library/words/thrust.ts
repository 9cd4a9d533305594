import type { CoachingWords } from '../../model';

export const thrustWords: CoachingWords = {
  'step-back-thrust': {
    cues: ['Hands down, step back one, step back two', 'Step in wide, stand tall', 'Keep your own count'],
    watch: {
      'hips sag at the back': 'shorter step',
      'rounds down to the hands': 'bend the knees, higher surface',
    },
    breathing: 'Out as you stand up.',
  },
  'jump-back-thrust': {
    cues: ['Both feet leave together', 'Land softly, heels down', 'Up tall before the next'],
    watch: {
      'lands loud': 'step instead for the rest',
      'hips sag at the back': 'jump less far',
    },
    breathing: 'Out as you stand up.',
  },
  'quick-march': {
    cues: ['Knees to belt height', 'Drive the elbows back', 'Stay tall'],
    watch: {
      'leans back': 'lower knees, quicker feet',
      stamps: 'place the ball of the foot',
    },
    breathing: 'Steady, able to say a short sentence.',
  },
};
