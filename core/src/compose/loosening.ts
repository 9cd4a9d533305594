import type { Pattern } from '../model';

/** What warms a pattern up and what loosens it afterwards. */
export interface Loosen {
  readonly warmUp: readonly string[];
  readonly coolDown: readonly string[];
}

const LEGS: Loosen = {
  warmUp: ['easy-march', 'hip-circles', 'easy-sit-and-reach-up'],
  coolDown: ['thigh-front-stretch', 'seat-stretch'],
};
const BACK_OF_LEGS: Loosen = {
  warmUp: ['easy-march', 'reach-and-bow', 'knee-hugs'],
  coolDown: ['thigh-back-stretch', 'seat-stretch'],
};
const PUSH: Loosen = {
  warmUp: ['arm-sweeps', 'shoulder-rolls', 'wrist-and-elbow-circles'],
  coolDown: ['chest-opener', 'arm-back-stretch'],
};
const PULL: Loosen = {
  warmUp: ['arm-sweeps', 'shoulder-rolls', 'trunk-turns'],
  coolDown: ['shoulder-back-stretch', 'side-stretch'],
};
const ARMS: Loosen = {
  warmUp: ['wrist-and-elbow-circles', 'shoulder-rolls'],
  coolDown: ['forearm-stretch', 'arm-back-stretch'],
};
const TRUNK: Loosen = {
  warmUp: ['trunk-turns', 'round-and-hollow'],
  coolDown: ['side-stretch', 'hip-front-stretch'],
};
const FEET: Loosen = {
  warmUp: ['easy-march', 'ankle-rolls'],
  coolDown: ['calf-stretch', 'thigh-front-stretch'],
};

/** Warm-up and cool-down matched to patterns (common practice, no published source). */
export const LOOSENING: Record<Pattern, Loosen> = {
  squat: LEGS,
  lunge: { ...LEGS, coolDown: ['thigh-front-stretch', 'hip-front-stretch', 'inner-thigh-stretch'] },
  hinge: BACK_OF_LEGS,
  bridge: BACK_OF_LEGS,
  legCurl: BACK_OF_LEGS,
  press: PUSH,
  overhead: PUSH,
  fly: PUSH,
  row: PULL,
  pullUp: PULL,
  posture: PULL,
  raise: ARMS,
  curl: ARMS,
  extend: ARMS,
  calf: FEET,
  brace: TRUNK,
  sideBrace: TRUNK,
  antiTwist: TRUNK,
  trunkCurl: TRUNK,
  legLower: TRUNK,
  hip: { warmUp: ['hip-circles', 'knee-hugs'], coolDown: ['seat-stretch', 'inner-thigh-stretch'] },
  balance: FEET,
  hop: FEET,
  thrust: {
    warmUp: ['easy-march', 'arm-sweeps', 'knee-hugs'],
    coolDown: ['thigh-front-stretch', 'calf-stretch'],
  },
  mobility: { warmUp: ['easy-march'], coolDown: ['side-stretch'] },
};
