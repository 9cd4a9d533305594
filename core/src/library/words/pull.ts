import type { CoachingWords } from '../../model';

const PULL = 'Out as you pull.';

export const pullWords: CoachingWords = {
  'seated-band-row': {
    cues: ['Legs long or a little bent', 'Sit on your bones', 'Elbows past the ribs'],
    watch: { 'rounds forward': 'sit on a cushion', 'band slips': 'loop it round the arches' },
    breathing: PULL,
  },
  'anchored-band-row': {
    cues: ['Pull the anchor once to test it', 'Knees soft', 'Blades first, then elbows'],
    watch: { 'leans back': 'a step nearer', 'wrists curl': 'knuckles ahead' },
    breathing: PULL,
  },
  'wall-row-hold': {
    cues: ['Back to the wall, feet ahead', 'Push the elbows into it', 'Chest comes off the wall'],
    watch: { 'shoulders shrug': 'elbows lower', 'head pokes': 'chin back' },
    breathing: 'Out as you push.',
  },
  'low-bar-row': {
    cues: ['Body one plank', 'Chest to the bar', 'Lower with straight wrists'],
    watch: { 'hips sag': 'walk the feet back', 'chin leads': 'breastbone leads' },
    breathing: PULL,
  },
  'dead-hang': {
    cues: ['Thumbs round the bar', 'Long arms', 'Breathe'],
    watch: { 'grip slips': 'chalk or a towel, shorter', swings: 'toes on a chair to still it' },
    breathing: 'Slow and steady.',
  },
  'shoulder-set-hang': {
    cues: ['Hang long', 'Shoulders down, elbows straight', 'Two counts, let go slowly'],
    watch: { 'elbows bend': 'smaller', 'neck shortens': 'look ahead' },
    breathing: PULL,
  },
  'foot-helped-pull-up': {
    cues: ['One foot helps as little as it can', 'Chest to the bar', 'Lower in three counts'],
    watch: { 'jumps with the foot': 'slower', 'chin thrown up': 'stop at the brow' },
    breathing: PULL,
  },
  'lowering-pull-up': {
    cues: ['Step up to the top', 'Five counts down', 'Step up again'],
    watch: { 'drops at the end': 'stop half-way', 'elbows hurt': 'fewer, more rest' },
    breathing: 'Out on the way down.',
  },
  'pull-up': {
    cues: ['Shoulders first', 'Elbows to the ribs', 'All the way down'],
    watch: { kicks: 'cross the ankles', 'half down': 'one fewer, full ones' },
    breathing: PULL,
  },
  'band-pull-down': {
    cues: ['Kneel under the anchor', 'Hands to the collarbones', 'Let it rise slowly'],
    watch: { 'leans back': 'ribs down', 'elbows flare back': 'elbows ahead' },
    breathing: PULL,
  },
  'door-towel-pull': {
    cues: ['Towel tight between the hands', 'One pulls down, the other resists', 'Change after the count'],
    watch: { 'holds the breath': 'count aloud', 'shoulders shrug': 'lower the towel' },
    breathing: 'Count aloud.',
  },
  'wall-squeeze': {
    cues: ['Back to the wall', 'Blades together and down', 'Two counts'],
    watch: { 'ribs flare': 'low back near the wall', 'shoulders rise': 'hands heavier' },
    breathing: 'Out as you squeeze.',
  },
  'wall-angel': {
    cues: ['Wrists and elbows to the wall', 'Slide only as high as they stay', 'Ribs down'],
    watch: { 'low back leaves': 'feet further out', 'wrists come off': 'stop lower' },
    breathing: 'Out sliding up.',
  },
  'prone-t-raise': {
    cues: ['Brow on a towel', 'Thumbs up, arms wide', 'Lift from the blades'],
    watch: { 'head lifts': 'brow stays', 'low back arches': 'squeeze the seat' },
    breathing: 'Out as you lift.',
  },
  'prone-y-raise': {
    cues: ['Arms like a wide V', 'Thumbs up', 'A hand high is enough'],
    watch: { 'shoulders shrug': 'reach long first', 'elbows bend': 'nothing held' },
    breathing: 'Out as you lift.',
  },
  'bent-reverse-fly': {
    cues: ['Hinge and stay', 'Elbows soft', 'Open like a book'],
    watch: { 'trunk rises': 'lighter', 'hands go behind': 'in line with the shoulders' },
    breathing: 'Out as you open.',
  },
  'band-pull-apart': {
    cues: ['Arms long at chest height', 'Pull apart to the chest', 'Slowly back'],
    watch: { 'ribs flare': 'breathe out', 'shoulders shrug': 'lower the hands' },
    breathing: PULL,
  },
  'band-face-pull': {
    cues: ['Hands to the brow', 'Elbows high and back', 'Knuckles behind the elbows last'],
    watch: { 'leans back': 'a step nearer', 'head pokes': 'chin back' },
    breathing: PULL,
  },
  'seated-chin-tuck': {
    cues: ['Sit tall', 'Chin straight back', 'Long neck, two counts'],
    watch: { 'nods down': 'eyes level', dizzy: 'stop and rest' },
    breathing: 'Quiet and slow.',
  },
};
