import type { CoachingWords } from '../../model';

export const steadyWords: CoachingWords = {
  'leg-out-held': {
    cues: ['A hand on the chair', 'Long leg out to the side, low', 'Stand tall, breathe'],
    watch: { 'leans away': 'leg lower', 'hip hikes': 'toes look forward' },
    breathing: 'Keep breathing; count aloud.',
  },
  'leg-out-side': {
    cues: ['Long leg out to the side', 'As high as you stand straight', 'Hips level'],
    watch: { 'leans away': 'leg lower', wobbles: 'a finger on the wall' },
    breathing: 'Keep breathing; count aloud.',
  },
  'leg-out-front': {
    cues: ['Long leg forward', 'Stand tall, seat tucked under', 'Toes up'],
    watch: { 'leans back': 'leg lower', 'knee bends': 'lower it' },
    breathing: 'Keep breathing; count aloud.',
  },
  'leg-out-back': {
    cues: ['Long leg back, toes down', 'Trunk tall or one line with it', 'Squeeze the seat'],
    watch: { 'back arches': 'leg lower', 'hip opens': 'toes look down' },
    breathing: 'Keep breathing; count aloud.',
  },
  'leg-out-round': {
    cues: ['Front, side, back: two counts each', 'The leg does not touch down', 'Hips quiet'],
    watch: { 'touches down': 'one direction at a time', 'trunk sways': 'leg lower' },
    breathing: 'Keep breathing; count aloud.',
  },
  'leg-swing': {
    cues: ['A hand on the chair', 'Swing the long leg like a bell', 'Trunk quiet'],
    watch: { 'trunk swings along': 'smaller', 'the foot brushes': 'stand on a book' },
    breathing: 'Breathe easily.',
  },
  'toe-stand': {
    cues: ['Rise onto the toes of both feet', 'Hold, ankles straight', 'Lower slowly'],
    watch: { 'ankles roll out': 'press the big toes', wobbles: 'a finger on the wall' },
    breathing: 'Breathe easily.',
  },
  't-balance': {
    cues: ['Stand on one leg, tip forward', 'Trunk and free leg one line', 'Arms out or forward'],
    watch: { 'hip opens': 'toes look down', 'the knee locks': 'soften it' },
    breathing: 'Keep breathing; count aloud.',
  },
  'head-turn-one-leg': {
    cues: ['Stand on one leg', 'Turn the head slowly, eyes along', 'Stop if it swims'],
    watch: { dizzy: 'both feet, or stop', wobbles: 'toes of the other foot down' },
    breathing: 'Breathe easily.',
  },
  'step-and-hold': {
    cues: ['Step forward, knee up, hold two counts', 'Step with the other', 'Quiet landings'],
    watch: { wobbles: 'lower knee', hurries: 'count aloud' },
    breathing: 'Breathe easily.',
  },
  'tandem-walk-back': {
    cues: ['Toe to heel, backwards', 'A wall in reach', 'Eyes ahead'],
    watch: { 'looks down': 'a line to follow beside you', hurries: 'pause at each step' },
    breathing: 'Breathe easily.',
  },
  grapevine: {
    cues: ['Side, behind, side, together', 'Small steps, soft knees', 'Then the other way'],
    watch: { 'feet catch': 'smaller, slower', 'looks down': 'eyes on a mark' },
    breathing: 'Breathe easily.',
  },
};
