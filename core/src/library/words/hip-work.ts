import type { CoachingWords } from '../../model';

export const hipWorkWords: CoachingWords = {
  'frog-bridge': {
    cues: ['Soles together, knees out', 'Press the edges of the feet down', 'Squeeze at the top'],
    watch: { 'back arches': 'lift less high', 'knees hurt': 'feet further away' },
    breathing: 'Out on the way up.',
  },
  'bridge-pulse': {
    cues: ['Hips up and stay up', 'A hand’s breadth down and up', 'Ribs down'],
    watch: { 'feels it in the back': 'tuck the tail, lower', 'hamstrings cramp': 'feet nearer' },
    breathing: 'Keep breathing; count aloud.',
  },
  'bridge-hold': {
    cues: ['Knees, hips and shoulders in one line', 'Heels press down', 'Breathe as if nothing happened'],
    watch: { 'hips sink': 'two shorter holds', 'feels it in the back': 'tuck the tail, lower' },
    breathing: 'Keep breathing; count aloud.',
  },
  'bridge-walk-out': {
    cues: ['Hips up, walk the heels away in small steps', 'Stop before the hips drop', 'Walk them back'],
    watch: { 'hips drop': 'fewer steps out', 'hamstrings cramp': 'rest, then half as far' },
    breathing: 'Breathe easily.',
  },
  'feet-raised-bridge': {
    cues: ['Heels on the seat', 'Push the heels down and lift', 'Lower slowly'],
    watch: { 'back arches': 'ribs down, lift less', 'the chair slides': 'push it against the wall' },
    breathing: 'Out on the way up.',
  },
  'loaded-bridge': {
    cues: [
      'The weight low on the hips, on a towel, never on the belly',
      'Lift until hips and knees are one line',
      'Hands keep the weight still',
    ],
    watch: { 'the weight rolls up': 'hold it with both hands', 'back arches': 'tuck the tail' },
    breathing: 'Out on the way up.',
  },
  'band-leg-curl': {
    cues: [
      'Lie on the front, band round the ankles to the anchor',
      'Heels to the seat',
      'Back down over three counts',
    ],
    watch: { 'hips lift': 'a thinner band', cramps: 'shorter way' },
    breathing: 'Out as the heels come in.',
  },
  'one-leg-sliding-curl': {
    cues: ['One heel on the slider, the other leg up', 'Hips stay high', 'Slide out slowly, pull in'],
    watch: { 'hips drop': 'both legs in, one leg out', cramps: 'half the way' },
    breathing: 'Keep breathing; count aloud.',
  },
  'fire-hydrant': {
    cues: ['Knee bent, lift it out to the side', 'Shoulders and hips stay square', 'Lower slowly'],
    watch: { 'leans away': 'lift less high', 'back sags': 'belly in' },
    breathing: 'Out as you lift.',
  },
  'donkey-kick': {
    cues: [
      'Knee bent, press the sole to the ceiling',
      'Only as high as the back stays flat',
      'Squeeze at the top',
    ],
    watch: { 'back arches': 'lower, or on the forearms', 'hips twist': 'slower' },
    breathing: 'Out as you lift.',
  },
  'kneeling-hip-circle': {
    cues: ['Knee draws a slow circle', 'Out, back, in', 'Trunk as still as a table'],
    watch: { 'trunk sways': 'smaller circles', 'wrists ache': 'fists or forearms' },
    breathing: 'Breathe easily.',
  },
  'standing-kick-back': {
    cues: ['Hold on, stand tall', 'Long leg straight back, toes down', 'Squeeze, lower slowly'],
    watch: { 'back arches': 'lift less high', 'leans forward': 'closer to the chair' },
    breathing: 'Out as you lift.',
  },
  'standing-front-leg-raise': {
    cues: ['Hold on, stand tall', 'Long leg forward, no swing', 'Lower slowly'],
    watch: { 'leans back': 'lift less high', 'the standing knee locks': 'soften it' },
    breathing: 'Out as you lift.',
  },
  'seated-band-opening': {
    cues: ['Sit tall, band round the knees', 'Push the knees apart', 'Close slowly against it'],
    watch: { 'leans back': 'hands on the seat', 'ankles roll': 'feet flat' },
    breathing: 'Out as you open.',
  },
  'back-leg-opening': {
    cues: [
      'Legs up, low back heavy',
      'Open slowly, only as far as it is easy',
      'Close with the inner thighs',
    ],
    watch: { 'low back lifts': 'bend the knees', 'legs fall open': 'smaller, slower' },
    breathing: 'In as you open, out as you close.',
  },
  'side-lying-circle': {
    cues: ['Top leg long, a little behind', 'Circles the size of a plate', 'Hips stacked'],
    watch: { 'rolls back': 'hand on the floor in front', 'hip front cramps': 'leg further back' },
    breathing: 'Breathe easily.',
  },
  'side-lying-swing': {
    cues: ['Top leg long at hip height', 'Swing forward and back without rocking', 'Trunk as still as a log'],
    watch: { 'trunk rocks': 'smaller swing', 'hip pinches in front': 'less far forward' },
    breathing: 'Breathe easily.',
  },
  'raised-clam': {
    cues: ['On the side, feet together and off the floor', 'Open the top knee', 'Hips stay stacked'],
    watch: { 'rolls back': 'back to a wall', 'feet part': 'press them together' },
    breathing: 'Out as you lift.',
  },
  'reverse-clam': {
    cues: ['On the side, knees together', 'Lift the top foot, knees stay touching', 'Lower slowly'],
    watch: { 'knees part': 'a folded towel between', 'rolls back': 'back to a wall' },
    breathing: 'Out as you lift.',
  },
  'prone-leg-lift': {
    cues: ['Forehead on the hands', 'One long leg lifts from the hip', 'Front of the hips stays down'],
    watch: { 'back arches': 'a cushion under the belly', 'the knee bends': 'lift less' },
    breathing: 'Out as you lift.',
  },
  'hip-hike': {
    cues: ['One foot on the step, a hand on the wall', 'Let the free hip sink', 'Pull it up level'],
    watch: { 'the knee bends': 'lock nothing, but keep it straight', 'leans away': 'lighter hand' },
    breathing: 'Out as you lift.',
  },
};
