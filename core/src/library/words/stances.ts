import type { CoachingWords } from '../../model';

export const stanceWords: CoachingWords = {
  'sumo-squat': {
    cues: ['Feet wide, toes out', 'Knees travel over the toes', 'Sit straight down between the feet'],
    watch: {
      'knees fall in': 'a narrower stance, push the floor apart',
      'trunk tips forward': 'less depth, chest to the wall in front',
    },
    breathing: 'In going down, out going up.',
  },
  'sumo-hold': {
    cues: [
      'Sink to the depth you can hold',
      'Knees over the toes, chest tall',
      'Breathe as if nothing happened',
    ],
    watch: { 'knees drift in': 'stand a little higher', 'holds the breath': 'count aloud' },
    breathing: 'Keep breathing; count aloud.',
  },
  'narrow-squat': {
    cues: ['Feet a fist apart', 'Knees side by side', 'Arms forward for balance'],
    watch: {
      'heels lift': 'less depth, or a book under the heels',
      'falls backwards': 'a chair behind, touch it',
    },
    breathing: 'In going down, out going up.',
  },
  'heels-raised-squat': {
    cues: ['Heels on something thin and flat', 'Straight down, trunk tall', 'Whole foot presses'],
    watch: { 'knees hurt in front': 'less depth, or flat feet', 'rocks onto the toes': 'a lower rise' },
    breathing: 'In going down, out going up.',
  },
  'squat-pulse': {
    cues: ['Sink to the lower half and stay there', 'A hand’s breadth up and down', 'Chest tall'],
    watch: {
      'comes up too far': 'a band of tape at hip height',
      'holds the breath': 'count the pulses aloud',
    },
    breathing: 'Keep breathing; count aloud.',
  },
  'squat-hold': {
    cues: ['Sink to the depth you can hold', 'Weight on the whole foot', 'Breathe as if nothing happened'],
    watch: { 'trunk tips forward': 'arms out in front', 'holds the breath': 'count aloud' },
    breathing: 'Keep breathing; count aloud.',
  },
  'staggered-squat': {
    cues: [
      'One foot half a step back, on its toes',
      'Most of the weight on the front foot',
      'Hips stay level',
    ],
    watch: { 'pushes off the back foot': 'lift its heel higher', 'hips shift to one side': 'less depth' },
    breathing: 'In going down, out going up.',
  },
  'pivot-squat': {
    cues: ['Step and turn a quarter, foot and knee together', 'Squat there', 'Turn back and squat'],
    watch: {
      'the knee turns before the foot': 'lift the foot to turn it',
      hurries: 'pause before each squat',
    },
    breathing: 'In going down, out going up.',
  },
  'heels-raised-goblet-squat': {
    cues: [
      'Heels on something thin and flat',
      'Hold it against the breastbone',
      'Straight down between the knees',
    ],
    watch: {
      'knees hurt in front': 'less depth, or flat feet',
      'the weight drifts away': 'lighter, elbows down',
    },
    breathing: 'In going down, out going up.',
  },
  'half-rep-squat': {
    cues: ['All the way down', 'Half-way up and down again', 'Then stand tall'],
    watch: { 'loses depth': 'fewer, slower', 'knees fall in': 'push the floor apart' },
    breathing: 'In going down, out going up.',
  },
  'around-the-clock-lunge': {
    cues: ['Forward, to the side, then back', 'Stand tall between', 'The standing knee stays over its foot'],
    watch: { 'wobbles between': 'tap the floor at the middle', 'steps get shorter': 'fewer rounds' },
    breathing: 'In going down, out going up.',
  },
  'knee-drive-lunge': {
    cues: ['Step back and down', 'Drive that knee up to hip height', 'Stand tall before the next'],
    watch: {
      'leans back to lift the knee': 'lift it less high',
      'wobbles at the top': 'a finger on the wall',
    },
    breathing: 'Out as the knee comes up.',
  },
  'lunge-pulse': {
    cues: ['Sink into the split stance', 'A hand’s breadth up and down', 'Front heel stays down'],
    watch: { 'front knee drifts in': 'hand on a chair', 'holds the breath': 'count aloud' },
    breathing: 'Keep breathing; count aloud.',
  },
  'split-squat-hold': {
    cues: ['Back knee a hand above the floor', 'Trunk tall', 'Breathe all the way'],
    watch: { wobbles: 'feet further apart sideways', 'front knee hurts': 'a little higher' },
    breathing: 'Keep breathing; count aloud.',
  },
  'step-back-off-a-step': {
    cues: [
      'Stand on the step, reach one foot back and down',
      'Front shin quiet',
      'Drive through the front heel',
    ],
    watch: { 'drops onto the back foot': 'a lower step', 'hips twist': 'shorter step' },
    breathing: 'In going down, out going up.',
  },
  'step-down': {
    cues: [
      'Stand sideways on the step, one foot free',
      'Lower until the heel brushes the floor',
      'Push up through the whole foot',
    ],
    watch: { 'hip drops': 'a lower step', 'the knee falls in': 'point it at the little toe' },
    breathing: 'In going down, out going up.',
  },
  'side-step-up': {
    cues: ['Stand beside the step', 'Whole foot on, push straight up', 'Lower slowly'],
    watch: { 'pushes off the lower foot': 'lift its toes first', 'the knee falls in': 'a lower step' },
    breathing: 'Out on the way up.',
  },
  'knee-tap-squat': {
    cues: [
      'Sit back on one leg, the other bent behind',
      'Its knee sinks towards a cushion',
      'Arms reach forward',
    ],
    watch: { 'drops the last bit': 'two cushions', 'heel lifts': 'reach further forward' },
    breathing: 'In going down, out going up.',
  },
  'deep-side-squat': {
    cues: ['Feet very wide', 'Sink over one foot, the other leg long', 'Heel of the bent leg stays down'],
    watch: { 'heel lifts': 'hold on to a post, less depth', 'back rounds': 'higher, chest forward' },
    breathing: 'In going down, out going up.',
  },
  'floor-deadlift': {
    cues: [
      'The weight over mid-foot, shins near it',
      'Long back, arms are ropes',
      'Push the floor away, stand tall',
    ],
    watch: {
      'hips shoot up first': 'chest and hips rise together',
      'back rounds': 'put it on a step, or lighter',
    },
    breathing: 'In before the lift, out as you pass the knees.',
  },
  'sumo-deadlift': {
    cues: [
      'Feet wide, toes out, the weight between them',
      'Sit down to it, chest up',
      'Stand up through the whole foot',
    ],
    watch: { 'knees fall in': 'a narrower stance', 'hips rise first': 'lighter, chest leads' },
    breathing: 'In before the lift, out as you pass the knees.',
  },
  'suitcase-deadlift': {
    cues: ['The weight beside one foot', 'Shoulders level all the way', 'Stand up without leaning'],
    watch: { 'leans to the weight': 'lighter, or from a step', twists: 'both hips face forward' },
    breathing: 'Out as you stand.',
  },
  'good-morning': {
    cues: [
      'The weight lies on the shoulders, never on the neck',
      'Hips back, knees soft',
      'Back as long as a plank',
    ],
    watch: { 'back rounds': 'lighter, half the way', 'weight rolls to the neck': 'elbows down, chest up' },
    breathing: 'In going down, out going up.',
  },
  'hands-on-head-hinge': {
    cues: ['Fingertips at the temples', 'Hips back until the hamstrings speak', 'Come up as one piece'],
    watch: { 'back rounds': 'hands on the hips', 'knees lock': 'soft knees' },
    breathing: 'In going down, out going up.',
  },
  'reach-hinge': {
    cues: [
      'Stand on one leg, hip back',
      'The hand reaches for the floor in front',
      'Back and back leg one line',
    ],
    watch: { 'hip opens': 'toes of the free foot look down', wobbles: 'reach for a chair seat' },
    breathing: 'In going down, out going up.',
  },
};
