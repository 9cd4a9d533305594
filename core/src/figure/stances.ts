import { FLOOR } from '../body';
import { BAR, CHAIR, far, holding, near, PLATE, rest, type Part } from './parts';

// ---- Legs and what they stand on, from the side --------------------------------------------------------------------

export const STANDING: Part = { rests: [rest('foot', FLOOR, 0)], balanced: true };
/** The heels on small plates (2.5 cm is a usual one: common practice). */
export const ON_PLATES: Part = { rests: [rest('heel', PLATE), rest('ball', FLOOR, 0)], balanced: true };
/** One foot a step before the other. */
export const STAGGERED: Part = {
  rests: [rest('foot', FLOOR, 0.1, near), rest('ball', FLOOR, -0.12, far)],
  hip: [10, -12],
  knee: [8, 12],
};
/** Feet far apart, one before the other; depth 0 tall, 1 with the back knee at the floor. */
export const split = (depth: number, lean = 4): Part => ({
  rests: [rest('foot', FLOOR, 0.16, near), rest('ball', FLOOR, -0.3, far)],
  lean,
  hip: [25 + 62 * depth, -18 + 10 * depth],
  knee: [14 + 78 * depth, 12 + 82 * depth],
  ankle: [0, 12],
});
/** On one leg, the other a little off the floor. */
export const ON_ONE: Part = {
  rests: [rest('foot', FLOOR, 0, near)],
  balanced: true,
  hip: [0, 18],
  knee: [0, 40],
};
export const ON_TOES: Part = { rests: [rest('ball', FLOOR, 0)], balanced: true, ankle: -38 };
/** Down to thighs level at 1. */
export const squat = (depth: number): Part => ({
  lean: 38 * depth,
  hip: 118 * depth,
  knee: 112 * depth,
  neck: -18 * depth,
});
export const hinge = (depth: number, knee = 16): Part => ({
  lean: 78 * depth,
  hip: (78 + knee * 0.6) * depth,
  knee: knee * depth,
  neck: -12 * depth,
});

// ---- Sitting, kneeling, lying, hanging -----------------------------------------------------------------------------

export const SITTING: Part = {
  rests: [rest('seat', CHAIR, 0), rest('foot', FLOOR)],
  lean: 0,
  hip: 92,
  knee: 92,
};
export const ON_THE_FLOOR: Part = { rests: [rest('seat', FLOOR, 0), rest('heel', FLOOR)], hip: 90, knee: 4 };
export const KNEELING: Part = { rests: [rest('knee', FLOOR, 0), rest('toe', FLOOR)], knee: 90, ankle: -45 };
export const HALF_KNEELING: Part = {
  rests: [rest('foot', FLOOR, 0.2, near), rest('knee', FLOOR, 0, far), rest('toe', FLOOR, undefined, far)],
  hip: [90, 0],
  knee: [90, 90],
  ankle: [0, -40],
};
export const ALL_FOURS: Part = {
  rests: [rest('knee', FLOOR, 0), rest('toe', FLOOR), rest('palm', FLOOR)],
  lean: 88,
  neck: -14,
  hip: 90,
  knee: 90,
  ankle: -45,
  shoulder: 88,
  wrist: -85,
};
/** On the back, knees bent, feet on the floor. */
export const ON_THE_BACK: Part = {
  rests: [rest('back', FLOOR, 0), rest('foot', FLOOR)],
  lean: -90,
  hip: 46,
  knee: 94,
  ankle: -40,
  shoulder: 10,
};
export const LONG_ON_THE_BACK: Part = {
  rests: [rest('back', FLOOR, 0)],
  lean: -90,
  hip: -2,
  shoulder: 10,
  ankle: -15,
};
/** On the back, thighs upright, shins level. */
export const TABLETOP: Part = { rests: [rest('back', FLOOR, 0)], lean: -90, hip: 90, knee: 90 };
export const ON_THE_FRONT: Part = {
  rests: [rest('front', FLOOR, 0), rest('toe', FLOOR)],
  lean: 90,
  neck: -10,
  ankle: -45,
};
export const HANGING: Part = {
  rests: [rest('grip', BAR, 0, holding)],
  balanced: true,
  shoulder: 178,
  ankle: -20,
};
/** From the hands and the balls of the feet. */
export const HIGH_PLANK: Part = {
  rests: [rest('ball', FLOOR, 0), rest('palm', FLOOR)],
  lean: 70,
  neck: -18,
  shoulder: 72,
  wrist: -85,
};
export const FOREARM_PLANK: Part = {
  rests: [rest('ball', FLOOR, 0), rest('forearm', FLOOR)],
  lean: 82,
  neck: -18,
  shoulder: 86,
  elbow: 88,
};

// ---- From the front ------------------------------------------------------------------------------------------------

const HIP_WIDE = [0.02, -0.02] as const;
export const FACING: Part = { rests: [rest('foot', FLOOR, HIP_WIDE)], balanced: true };
export const wide = (at: number, hip: number): Part => ({
  rests: [rest('foot', FLOOR, [at, -at])],
  hip,
  balanced: true,
});
/** On the far leg; the near one is free. */
export const FACING_ON_ONE: Part = { rests: [rest('foot', FLOOR, -0.02, far)], balanced: true };
/** On the side, the near limbs on top. */
export const ON_THE_SIDE: Part = {
  rests: [rest('hipSide', FLOOR, 0, far), rest('shoulderSide', FLOOR, undefined, far)],
  lean: -90,
  neck: -8,
  shoulder: [8, 168],
};

// ---- Arms ----------------------------------------------------------------------------------------------------------

export const HANGS: Part = { hanging: 'both', elbow: 4 };
export const NEAR_HANGS: Part = { hanging: 'near', elbow: 4 };
/** A load before the chest in both hands. */
export const AT_THE_CHEST: Part = { shoulder: 32, elbow: 132 };
/** One beside each shoulder. */
export const AT_THE_SHOULDERS: Part = { shoulder: 24, elbow: 148 };
/** Hands on a bar that lies on the back. */
export const BAR_ON_BACK: Part = { shoulder: -22, elbow: 138 };
export const HUGGED: Part = { shoulder: 42, elbow: 112 };
export const OVERHEAD: Part = { shoulder: 176, elbow: 4 };
export const AHEAD: Part = { shoulder: 88, elbow: 4 };
export const ON_THE_HIPS: Part = { shoulder: -28, elbow: 92 };
export const BEHIND_THE_HEAD: Part = { shoulder: 150, elbow: 138 };
/** Arms bent as in walking, one before the other. */
export const SWUNG: Part = { shoulder: [-28, 38], elbow: 80 };
