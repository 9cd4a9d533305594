import type { Exercise } from '../model';

type Loosening = Pick<Exercise, 'id' | 'name' | 'muscles' | 'cues' | 'watchPoints' | 'breathing'> &
  Partial<Exercise>;

/** Warm-up and cool-down moves share everything but what they loosen. */
function loosening(move: Loosening): Exercise {
  return {
    pattern: 'mobility',
    laterality: 'both',
    position: 'standing',
    impact: 'none',
    needs: [],
    levers: [],
    secondsPerRep: 3,
    demands: [],
    demandsLoaded: [],
    ...move,
  };
}

export const mobilityExercises: readonly Exercise[] = [
  loosening({
    id: 'easy-march',
    name: 'Easy march',
    muscles: [
      { muscle: 'thighFront', share: 0.3 },
      { muscle: 'calves', share: 0.3 },
    ],
    laterality: 'alternating',
    impact: 'low',
    cues: ['Roll through the feet', 'Let the arms swing'],
    watchPoints: [
      { see: 'stiff arms', mend: 'shake them out first' },
      { see: 'looks at the floor', mend: 'eyes on the far wall' },
    ],
    breathing: 'Through the nose if it goes.',
  }),
  loosening({
    id: 'arm-sweeps',
    name: 'Arm sweeps',
    muscles: [
      { muscle: 'shoulders', share: 0.3 },
      { muscle: 'upperBack', share: 0.2 },
    ],
    cues: ['Sweep only as high as it is easy', 'Thumbs lead the way back'],
    watchPoints: [
      { see: 'shrugs', mend: 'smaller sweeps' },
      { see: 'back arches', mend: 'ribs down' },
    ],
    breathing: 'In as the arms open.',
  }),
  loosening({
    id: 'reach-and-bow',
    name: 'Reach and bow',
    muscles: [
      { muscle: 'thighBack', share: 0.3 },
      { muscle: 'glutes', share: 0.3 },
    ],
    cues: ['Hands on the thighs, slide to the knees', 'Hips travel back, back stays long'],
    watchPoints: [
      { see: 'rounds over', mend: 'go half as far' },
      { see: 'locks the knees', mend: 'soften them' },
    ],
    breathing: 'Out bowing, in rising.',
  }),
  loosening({
    id: 'thigh-front-stretch',
    name: 'Thigh stretch, front',
    muscles: [{ muscle: 'thighFront', share: 0.2 }],
    laterality: 'eachSide',
    needs: [['wall', 'chair', 'counter', 'post']],
    cues: ['Hold on with one hand', 'Heel towards the seat, knee points down'],
    watchPoints: [
      { see: 'back arches', mend: 'tuck the tail' },
      { see: 'knee complains', mend: 'hold the trouser leg, bend less' },
    ],
    breathing: 'Slow, longer out than in.',
  }),
  loosening({
    id: 'thigh-back-stretch',
    name: 'Thigh stretch, back',
    muscles: [{ muscle: 'thighBack', share: 0.2 }],
    laterality: 'eachSide',
    cues: ['One heel forward, toes up', 'Sit the hips back, back stays long'],
    watchPoints: [
      { see: 'rounds to reach the toes', mend: 'hands on the thigh' },
      { see: 'bounces', mend: 'stay still and wait' },
    ],
    breathing: 'Slow, longer out than in.',
  }),
  loosening({
    id: 'chest-opener',
    name: 'Chest opener',
    muscles: [{ muscle: 'chest', share: 0.2 }],
    cues: ['Hands behind the back or on the hips', 'Draw the elbows towards each other'],
    watchPoints: [
      { see: 'chin pokes forward', mend: 'make the neck long' },
      { see: 'ribs flare', mend: 'smaller opening' },
    ],
    breathing: 'Slow, into the breastbone.',
  }),
];
