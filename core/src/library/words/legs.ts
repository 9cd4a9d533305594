import type { CoachingWords } from '../../model';

const UP = 'In going down, out going up.';

export const legWords: CoachingWords = {
  'held-split-squat': {
    cues: [
      'One foot a long step behind',
      'Straight down, back knee towards the floor',
      'The hand only steadies',
    ],
    watch: {
      'pulls on the hand': 'higher, slower',
      'front knee falls in': 'push the floor apart with both feet',
    },
    breathing: UP,
  },
  'split-squat': {
    cues: ['Feet hip-wide, one behind', 'Sink between the feet', 'Push up through the whole front foot'],
    watch: { 'front heel lifts': 'longer step', 'trunk tips forward': 'eyes ahead, ribs over the belt' },
    breathing: UP,
  },
  'back-lunge': {
    cues: ['Step back softly', 'Front shin nearly upright', 'Bring the foot home in one go'],
    watch: {
      'back foot lands loud': 'shorter, slower step',
      'front knee falls in': 'knee over the second toe',
    },
    breathing: UP,
  },
  'forward-lunge': {
    cues: ['Land on the whole foot', 'Sink before leaning', 'Push the floor away to return'],
    watch: { 'knee shoots forward': 'longer step', 'needs two steps back': 'less far, or step back instead' },
    breathing: 'In as you step, out coming home.',
  },
  'loaded-back-lunge': {
    cues: ['Load still, shoulders low', 'Step back and sink', 'Drive through the front heel'],
    watch: { 'load swings': 'lighter, slower', 'trunk tips over the front knee': 'pull the ribs back' },
    breathing: UP,
  },
  'walking-lunge': {
    cues: ['Long quiet steps', 'Knee kisses the floor', 'Stand tall between steps'],
    watch: {
      'wobbles between steps': 'stop with feet together',
      'steps on one line': 'rails, not a tightrope',
    },
    breathing: UP,
  },
  'side-step-squat': {
    cues: ['Wide step, sit a little', 'Toes ahead', 'Feet together, stand tall'],
    watch: { 'knees fall in': 'smaller step', 'bends over': 'look ahead, chest up' },
    breathing: 'Out as you stand.',
  },
  'side-lunge': {
    cues: ['Step wide, sit over one heel', 'The other leg stays long', 'Push back through the heel'],
    watch: { 'heel lifts': 'sit less deep', 'foot of the long leg rolls': 'keep its sole flat' },
    breathing: UP,
  },
  'sliding-side-lunge': {
    cues: ['A cloth under one foot', 'Sit as the foot slides away', 'Draw the floor together to return'],
    watch: { 'slides too far': 'mark the end with a book', 'trunk turns': 'both hips face ahead' },
    breathing: UP,
  },
  'curtsy-tap': {
    cues: ['Tap behind and across', 'Weight stays in front', 'Hips face ahead'],
    watch: { 'pelvis turns': 'tap less far across', 'front knee falls in': 'press the little toe down' },
    breathing: 'Out as you come back.',
  },
  'curtsy-lunge': {
    cues: ['Step behind and across', 'Sink between the feet', 'Push through the front heel'],
    watch: { 'front knee twists': 'step less far across', 'heel lifts': 'sit back a little' },
    breathing: UP,
  },
  'step-up': {
    cues: ['Whole foot on the step', 'Lean and stand', 'Lower in three counts'],
    watch: { 'pushes off below': 'toes of the lower foot up', 'knee falls in': 'lower step' },
    breathing: 'Out going up.',
  },
  'one-leg-sit': {
    cues: ['One heel just off the floor', 'Reach forward, sit slowly', 'Stand without rocking'],
    watch: { 'drops onto the seat': 'cushion on the seat', 'pelvis tips': 'both hip bones level' },
    breathing: UP,
  },
  'held-one-leg-squat': {
    cues: ['Hold lightly', 'Free leg forward', 'Sit between heel and hand'],
    watch: { 'hangs on the hold': 'less deep', 'heel lifts': 'thin book under the heel' },
    breathing: UP,
  },
  'one-leg-squat': {
    cues: ['Arms reach ahead', 'Sit deep on one heel', 'Drive the floor away'],
    watch: { 'knee wobbles in': 'back to holding on', 'rounds at the bottom': 'stop a hand higher' },
    breathing: UP,
  },
  'wall-sit': {
    cues: ['Back flat to the wall', 'Shins upright', 'Breathe and wait'],
    watch: { 'holds the breath': 'count aloud', 'hands press on thighs': 'sit higher' },
    breathing: 'Slow and steady, all the way.',
  },
  'band-squat': {
    cues: ['Stand on the middle', 'Hands at the shoulders', 'Sit, then stand against the pull'],
    watch: {
      'band creeps under the foot': 'arch of the foot on it',
      'elbows drop': 'elbows ahead of the ribs',
    },
    breathing: UP,
  },
  'high-step-up': {
    cues: ['The chair stands against the wall', 'Whole foot on the seat', 'Step down as slowly as up'],
    watch: {
      'pushes off below': 'lift the toes of the lower foot',
      'the chair moves or rocks': 'use a low step on the floor instead',
    },
    breathing: 'Out as you step up.',
  },
};
