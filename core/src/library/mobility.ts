import type { Movement } from './define';

type Loosening = Pick<Movement, 'id' | 'name' | 'muscles'> & Partial<Movement>;

/** Warm-up and cool-down moves share everything but what they loosen. */
function loosening(move: Loosening): Movement {
  return {
    pattern: 'mobility',
    laterality: 'both',
    position: 'standing',
    impact: 'none',
    needs: [],
    levers: [],
    secondsPerRep: 3,
    ...move,
  };
}

export const mobilityExercises: readonly Movement[] = [
  loosening({
    id: 'easy-march',
    name: 'March on the spot',
    muscles: [
      { muscle: 'thighFront', share: 0.3 },
      { muscle: 'calves', share: 0.3 },
    ],
    laterality: 'alternating',
    impact: 'low',
  }),
  loosening({
    id: 'arm-sweeps',
    name: 'Arm circles',
    muscles: [
      { muscle: 'shoulders', share: 0.3 },
      { muscle: 'upperBack', share: 0.2 },
    ],
  }),
  loosening({
    id: 'reach-and-bow',
    name: 'Reach and bow',
    muscles: [
      { muscle: 'thighBack', share: 0.3 },
      { muscle: 'glutes', share: 0.3 },
    ],
  }),
  loosening({
    id: 'thigh-front-stretch',
    name: 'Quad stretch',
    muscles: [{ muscle: 'thighFront', share: 0.2 }],
    laterality: 'eachSide',
    needs: [['wall', 'chair', 'counter', 'post']],
  }),
  loosening({
    id: 'thigh-back-stretch',
    name: 'Hamstring stretch',
    muscles: [{ muscle: 'thighBack', share: 0.2 }],
    laterality: 'eachSide',
  }),
  loosening({
    id: 'chest-opener',
    name: 'Chest stretch',
    muscles: [{ muscle: 'chest', share: 0.2 }],
  }),
  loosening({
    id: 'ankle-rolls',
    name: 'Ankle circles',
    muscles: [{ muscle: 'calves', share: 0.2 }],
    laterality: 'eachSide',
    needs: [['wall', 'chair', 'counter', 'post']],
  }),
  loosening({
    id: 'hip-circles',
    name: 'Hip circles',
    muscles: [
      { muscle: 'outerHip', share: 0.2 },
      { muscle: 'glutes', share: 0.2 },
    ],
  }),
  loosening({
    id: 'knee-hugs',
    name: 'Walking knee hugs',
    muscles: [
      { muscle: 'glutes', share: 0.2 },
      { muscle: 'hipFront', share: 0.2 },
    ],
    laterality: 'alternating',
  }),
  loosening({
    id: 'easy-sit-and-reach-up',
    name: 'Squat and reach',
    muscles: [
      { muscle: 'thighFront', share: 0.3 },
      { muscle: 'glutes', share: 0.3 },
    ],
  }),
  loosening({
    id: 'trunk-turns',
    name: 'Trunk twist',
    muscles: [
      { muscle: 'sides', share: 0.2 },
      { muscle: 'trunk', share: 0.2 },
    ],
    laterality: 'alternating',
  }),
  loosening({
    id: 'round-and-hollow',
    name: 'Standing cat-cow',
    muscles: [
      { muscle: 'lowBack', share: 0.2 },
      { muscle: 'trunk', share: 0.2 },
    ],
  }),
  loosening({
    id: 'shoulder-rolls',
    name: 'Shoulder rolls',
    muscles: [
      { muscle: 'upperBack', share: 0.2 },
      { muscle: 'rearShoulders', share: 0.2 },
    ],
  }),
  loosening({
    id: 'wrist-and-elbow-circles',
    name: 'Wrist and elbow circles',
    muscles: [
      { muscle: 'forearms', share: 0.2 },
      { muscle: 'biceps', share: 0.1 },
      { muscle: 'triceps', share: 0.1 },
    ],
  }),
  loosening({
    id: 'calf-stretch',
    name: 'Calf stretch',
    muscles: [{ muscle: 'calves', share: 0.2 }],
    laterality: 'eachSide',
    needs: [['wall', 'chair', 'counter', 'post']],
  }),
  loosening({
    id: 'seat-stretch',
    name: 'Seated figure-four stretch',
    position: 'seated',
    muscles: [
      { muscle: 'glutes', share: 0.2 },
      { muscle: 'outerHip', share: 0.2 },
    ],
    laterality: 'eachSide',
    needs: [['chair', 'step', 'mat']],
  }),
  loosening({
    id: 'hip-front-stretch',
    name: 'Hip flexor stretch',
    muscles: [{ muscle: 'hipFront', share: 0.2 }],
    laterality: 'eachSide',
    needs: [['wall', 'chair', 'counter', 'post']],
  }),
  loosening({
    id: 'inner-thigh-stretch',
    name: 'Inner-thigh stretch',
    muscles: [{ muscle: 'innerThigh', share: 0.2 }],
    laterality: 'eachSide',
  }),
  loosening({
    id: 'side-stretch',
    name: 'Side bend stretch',
    muscles: [
      { muscle: 'sides', share: 0.2 },
      { muscle: 'upperBack', share: 0.1 },
    ],
    laterality: 'eachSide',
  }),
  loosening({
    id: 'shoulder-back-stretch',
    name: 'Cross-body shoulder stretch',
    muscles: [
      { muscle: 'rearShoulders', share: 0.2 },
      { muscle: 'shoulders', share: 0.1 },
    ],
    laterality: 'eachSide',
  }),
  loosening({
    id: 'arm-back-stretch',
    name: 'Triceps stretch',
    muscles: [
      { muscle: 'triceps', share: 0.2 },
      { muscle: 'shoulders', share: 0.1 },
    ],
    laterality: 'eachSide',
  }),
  loosening({
    id: 'forearm-stretch',
    name: 'Forearm stretch',
    muscles: [
      { muscle: 'forearms', share: 0.2 },
      { muscle: 'biceps', share: 0.1 },
    ],
    laterality: 'eachSide',
  }),
];
