import type { CoachingWords } from '../../model';

export const rowWords: CoachingWords = {
  'supported-row': {
    cues: ['Lay the breastbone on a folded towel', 'Pull the elbow to the back pocket', 'Lower all the way'],
    watch: {
      'chest lifts off': 'lighter, forehead down',
      'shoulder shrugs': 'shoulder blade first, then the arm',
    },
    breathing: 'Out as you pull.',
  },
  'one-arm-row': {
    cues: [
      'Free hand on the chair, back like a table',
      'Elbow passes the ribs',
      'Let the shoulder reach at the bottom',
    ],
    watch: {
      'body turns with the pull': 'lighter, hips square',
      'swings it up': 'one count pause at the top',
    },
    breathing: 'Out as you pull.',
  },
  'pair-row': {
    cues: ['Hinge first and stay there', 'Elbows along the ribs', 'Squeeze a pencil between the blades'],
    watch: {
      'stands up a little each rep': 'two reps fewer',
      'low back tires first': 'one arm, hand on a chair',
    },
    breathing: 'Out as you pull.',
  },
  'plank-row': {
    cues: ['Feet wide', 'Hips stay level as one hand leaves', 'Set it down without a sound'],
    watch: {
      'hips roll': 'feet wider, lighter',
      'low back sags': 'hands on a raised surface',
    },
    breathing: 'Out as you pull, never held.',
  },
  'towel-row': {
    cues: ['Towel round the post, feet near it', 'Hang back in one line', 'Pull the chest to the post'],
    watch: {
      'hips stay behind': 'squeeze the seat',
      'shoulders roll forward': 'walk the feet back a step',
    },
    breathing: 'Out as you pull.',
  },
  'prone-w': {
    cues: [
      'Forehead on the towel',
      'Elbows to the pockets, thumbs up',
      'Lift the hands as high as the elbows',
    ],
    watch: {
      'neck cranes up': 'forehead stays down',
      'low back lifts': 'press the belt into the floor',
    },
    breathing: 'Out as you lift.',
  },
};
