import type { CoachingWords } from '../../model';

export const mobilityWords: CoachingWords = {
  'easy-march': {
    cues: ['Roll through the feet', 'Let the arms swing'],
    watch: {
      'stiff arms': 'shake them out first',
      'looks at the floor': 'eyes on the far wall',
    },
    breathing: 'Through the nose if it goes.',
  },
  'arm-sweeps': {
    cues: ['Sweep only as high as it is easy', 'Thumbs lead the way back'],
    watch: {
      shrugs: 'smaller sweeps',
      'back arches': 'ribs down',
    },
    breathing: 'In as the arms open.',
  },
  'reach-and-bow': {
    cues: ['Hands on the thighs, slide to the knees', 'Hips travel back, back stays long'],
    watch: {
      'rounds over': 'go half as far',
      'locks the knees': 'soften them',
    },
    breathing: 'Out bowing, in rising.',
  },
  'thigh-front-stretch': {
    cues: ['Hold on with one hand', 'Heel towards the seat, knee points down'],
    watch: {
      'back arches': 'tuck the tail',
      'knee complains': 'hold the trouser leg, bend less',
    },
    breathing: 'Slow, longer out than in.',
  },
  'thigh-back-stretch': {
    cues: ['One heel forward, toes up', 'Sit the hips back, back stays long'],
    watch: {
      'rounds to reach the toes': 'hands on the thigh',
      bounces: 'stay still and wait',
    },
    breathing: 'Slow, longer out than in.',
  },
  'chest-opener': {
    cues: ['Hands behind the back or on the hips', 'Draw the elbows towards each other'],
    watch: {
      'chin pokes forward': 'make the neck long',
      'ribs flare': 'smaller opening',
    },
    breathing: 'Slow, into the breastbone.',
  },
  'ankle-rolls': {
    cues: ['One hand on', 'Slow circles', 'Both ways'],
    watch: { 'knee moves along': 'hold the thigh', rushes: 'one circle a breath' },
    breathing: 'Easy.',
  },
  'hip-circles': {
    cues: ['Hands on the hips', 'Wide slow circles', 'Both ways'],
    watch: { 'shoulders circle too': 'head over the feet', pinches: 'smaller' },
    breathing: 'Easy.',
  },
  'knee-hugs': {
    cues: ['Draw one knee up', 'Stand tall', 'A step, the other'],
    watch: { 'rounds down to it': 'hold behind the thigh', wobbles: 'hand near a wall' },
    breathing: 'Out as the knee comes.',
  },
  'easy-sit-and-reach-up': {
    cues: ['Sit a little', 'Stand and reach', 'Easy pace'],
    watch: { 'heels lift': 'less deep', 'ribs flare': 'reach ahead' },
    breathing: 'In reaching, out sitting.',
  },
  'trunk-turns': {
    cues: ['Arms loose', 'Turn to look behind', 'Heel may lift'],
    watch: { 'throws itself': 'slower', dizzy: 'eyes ahead' },
    breathing: 'Easy.',
  },
  'round-and-hollow': {
    cues: ['Hands on the thighs', 'Round, then long', 'Bone by bone'],
    watch: { 'neck cranes': 'eyes on the floor', pinches: 'smaller' },
    breathing: 'Out rounding, in long.',
  },
  'shoulder-rolls': {
    cues: ['Up, back, down', 'Slow and large', 'Both ways'],
    watch: { 'head pokes': 'chin back', rushes: 'one a breath' },
    breathing: 'In up, out down.',
  },
  'wrist-and-elbow-circles': {
    cues: ['Loose fists', 'Circle wrists, then elbows', 'Both ways'],
    watch: { 'shoulders creep up': 'hands lower', 'clicks with pain': 'leave it' },
    breathing: 'Easy.',
  },
  'calf-stretch': {
    cues: ['Hands on, one foot back', 'Heel down, toes ahead', 'Lean in'],
    watch: { 'heel lifts': 'shorter step', 'foot turns out': 'toes ahead' },
    breathing: 'Slow, out into it.',
  },
  'seat-stretch': {
    cues: ['Ankle on the other knee', 'Sit tall', 'Lean from the hips'],
    watch: { 'knee hurts': 'cross less', rounds: 'hands behind, chest up' },
    breathing: 'Slow, out into it.',
  },
  'hip-front-stretch': {
    cues: ['One foot well back', 'Tuck the tail', 'Sink a little'],
    watch: { 'low back arches': 'tuck first', 'front knee hurts': 'less deep' },
    breathing: 'Slow, out into it.',
  },
  'inner-thigh-stretch': {
    cues: ['Wide stand', 'Bend one knee', 'Long leg’s sole down'],
    watch: { 'falls forward': 'hands on a seat', 'pinches in the groin': 'narrower' },
    breathing: 'Slow, out into it.',
  },
  'side-stretch': {
    cues: ['One arm up and over', 'Both feet heavy', 'Long, not twisted'],
    watch: { 'turns to the floor': 'chest ahead', 'shoulder pinches': 'hand on the head' },
    breathing: 'In to lengthen.',
  },
  'shoulder-back-stretch': {
    cues: ['Arm across', 'Other hand above the elbow', 'Shoulder low'],
    watch: { 'shoulder rises': 'softer', 'trunk turns': 'face ahead' },
    breathing: 'Slow.',
  },
  'arm-back-stretch': {
    cues: ['Hand down the spine', 'Other hand on the elbow', 'Gentle'],
    watch: { 'ribs flare': 'breathe out', 'shoulder pinches': 'arm across instead' },
    breathing: 'Slow.',
  },
  'forearm-stretch': {
    cues: ['Arm long, palm away', 'Draw the fingers back', 'Then the other way'],
    watch: { 'elbow bends': 'softer pull', tingles: 'let go' },
    breathing: 'Slow.',
  },
};
