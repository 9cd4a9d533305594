import { FLOOR } from '../body';
import { always, front, side, type FigureOf, type Figures } from './figure';
import {
  both,
  CHAIR,
  COUNTER,
  far,
  fromTheSide,
  holding,
  key,
  light,
  near,
  rest,
  STEP,
  wall,
  type Part,
} from './parts';
import {
  AHEAD,
  ALL_FOURS,
  AT_THE_SHOULDERS,
  FACING,
  HALF_KNEELING,
  hinge,
  ON_THE_BACK,
  ON_THE_FLOOR,
  ON_TOES,
  OVERHEAD,
  SITTING,
  split,
  squat,
  STANDING,
  SWUNG,
  wide,
} from './stances';

/** In the air: so far above the floor, resting on nothing. */
const air = (height: number, part: Part): Part => ({
  ...part,
  rests: [rest('ball', { kind: 'floor', share: height }, 0, light)],
});
const READY: Part = { ...STANDING, lean: 18, hip: 52, knee: 58, shoulder: -30, elbow: 20 };
const STRETCHED: Part = { shoulder: 150, elbow: 10, ankle: -40, knee: 4, hip: 2 };

// ---- Hops --------------------------------------------------------------------------------------------------------------------------

const ONE_READY: Part = {
  rests: [rest('foot', FLOOR, 0, near)],
  balanced: true,
  lean: 10,
  hip: both(38, 20),
  knee: both(44, 70),
  shoulder: 10,
  elbow: 70,
};
const SKATED: Part = {
  rests: [rest('foot', FLOOR, 0.14, near)],
  balanced: true,
  lean: 12,
  hip: both(26, -38),
  knee: both(30, -14),
  towards: { thigh: [44, 24], shank: [20, 30], foot: 40 },
  shoulder: both(-20, 60),
  elbow: both(-20, 6),
};
const SKATED_BACK: Part = {
  rests: [rest('foot', FLOOR, -0.14, far)],
  balanced: true,
  lean: -12,
  hip: both(-38, 26),
  knee: both(-14, 30),
  towards: { thigh: [24, 44], shank: [30, 20], foot: 40 },
  shoulder: both(60, -20),
  elbow: both(6, -20),
};

const hops: Figures = {
  'heel-drop': side(ON_TOES, { ...STANDING, knee: 6, hip: 4 }),
  'quick-feet': side(
    {
      rests: [rest('ball', FLOOR, 0, far)],
      balanced: true,
      lean: 10,
      hip: both(46, 16),
      knee: both(56, 20),
      ankle: both(0, -20),
      ...SWUNG,
    },
    {
      rests: [rest('ball', FLOOR, 0, near)],
      balanced: true,
      lean: 10,
      hip: both(16, 46),
      knee: both(20, 56),
      ankle: both(-20, 0),
      shoulder: both(38, -28),
      elbow: 80,
    },
  ),
  'small-hop': side(
    { ...STANDING, hip: 18, knee: 26, shoulder: 10, elbow: 60 },
    air(0.05, { shoulder: 20, elbow: 60, ankle: -36, knee: 6 }),
  ),
  'ankle-hops': side(
    { ...STANDING, hip: 6, knee: 10, elbow: 50 },
    air(0.04, { elbow: 50, ankle: -38, knee: 2 }),
  ),
  'jump-and-land': always(
    fromTheSide([key(READY), key(air(0.14, STRETCHED)), key({ ...READY, shoulder: 50 })], { hardest: 2 }),
  ),
  'jump-forward': always(
    fromTheSide(
      [
        key(READY),
        key(air(0.12, STRETCHED)),
        key({ ...READY, rests: [rest('foot', FLOOR, 0.4)], shoulder: 50 }),
      ],
      { hardest: 2 },
    ),
  ),
  'squat-jump': always(
    fromTheSide(
      [
        key({ ...STANDING, ...squat(0.9), shoulder: -20 }),
        key(air(0.16, STRETCHED)),
        key({ ...STANDING, ...squat(0.6), shoulder: 40 }),
      ],
      { hardest: 2 },
    ),
  ),
  'box-jump': always(
    fromTheSide([key(READY), key({ ...READY, rests: [rest('foot', STEP, 0.4)], shoulder: 60 })]),
  ),
  'one-leg-hop': side(ONE_READY, {
    ...ONE_READY,
    ...air(0.06, {}),
    balanced: false,
    rests: [rest('ball', { kind: 'floor', share: 0.06 }, 0, { ...near, ...light })],
    hip: both(6, 30),
    knee: both(6, 70),
    ankle: both(-36, 0),
    lean: 2,
  }),
  'side-hop': front(
    {
      ...FACING,
      rests: [rest('foot', FLOOR, [-0.14, -0.18])],
      balanced: true,
      knee: 6,
      hip: 2,
      shoulder: 20,
    },
    { ...FACING, rests: [rest('foot', FLOOR, [0.18, 0.14])], balanced: true, knee: 6, hip: 2, shoulder: 20 },
  ),
  'lunge-jump': always(
    fromTheSide(
      [
        key(split(0.9), SWUNG),
        key(air(0.1, { hip: both(20, -16), knee: both(14, 10), ankle: -36, elbow: 60 })),
        key(
          {
            rests: [rest('ball', FLOOR, -0.3, near), rest('foot', FLOOR, 0.16, far)],
            lean: 6,
            hip: both(-8, 80),
            knee: both(86, 82),
            ankle: both(12, 0),
          },
          { shoulder: both(38, -28), elbow: 80 },
        ),
      ],
      { hardest: 2 },
    ),
  ),
  'skater-reach': front(SKATED, SKATED_BACK),
  'skater-step': front(SKATED, SKATED_BACK),
  skater: front(SKATED, SKATED_BACK),
  'squat-jack': front(wide(0.05, 2), {
    ...wide(0.19, 48),
    knee: 54,
    towards: { thigh: 40, foot: 40 },
    shoulder: 40,
    elbow: -110,
  }),
};

// ---- Heart-rate work ---------------------------------------------------------------------------------------------------------------

const MARCHED: Part = {
  rests: [rest('foot', FLOOR, 0, far)],
  balanced: true,
  hip: both(90, 0),
  knee: both(92, 2),
  shoulder: both(-28, 38),
  elbow: 80,
};
const MARCHED_ON: Part = {
  rests: [rest('foot', FLOOR, 0, near)],
  balanced: true,
  hip: both(0, 90),
  knee: both(2, 92),
  shoulder: both(38, -28),
  elbow: 80,
};
const lower = (part: Part, hip: number, knee: number): Part => ({
  ...part,
  hip: [
    Math.min(hip, (part.hip as readonly number[])[0] ?? 0),
    Math.min(hip, (part.hip as readonly number[])[1] ?? 0),
  ],
  knee: [
    Math.min(knee, (part.knee as readonly number[])[0] ?? 0),
    Math.min(knee, (part.knee as readonly number[])[1] ?? 0),
  ],
});
const marching = (hip = 90, knee = 92): FigureOf =>
  always(fromTheSide([key(lower(MARCHED, hip, knee)), key(lower(MARCHED_ON, hip, knee))], { round: true }));
const HEEL_UP: Part = {
  rests: [rest('foot', FLOOR, 0, far)],
  balanced: true,
  hip: both(-4, 4),
  knee: both(112, 6),
  elbow: 80,
  shoulder: both(30, -20),
};
const HEEL_UP_ON: Part = {
  rests: [rest('foot', FLOOR, 0, near)],
  balanced: true,
  hip: both(4, -4),
  knee: both(6, 112),
  elbow: 80,
  shoulder: both(-20, 30),
};
const PUNCH: Part = { shoulder: both(86, 40), elbow: both(4, 134) };
const PUNCHED: Part = { shoulder: both(40, 86), elbow: both(134, 4) };
const OPEN: Part = { ...wide(0.2, 22), shoulder: 150, elbow: 4 };
const CLOSED: Part = { ...wide(0.03, 2), shoulder: 8, elbow: 4 };
const TOUCH: Part = {
  rests: [rest('foot', FLOOR, [0.1, -0.16])],
  hip: both(2, 20),
  shoulder: both(70, 70),
  elbow: 30,
};
const TOUCHED: Part = { rests: [rest('foot', FLOOR, [0.16, -0.1])], hip: both(20, 2), shoulder: 14 };

const lively: Figures = {
  'quick-march': marching(),
  'high-knees': marching(),
  'easy-march': marching(60, 66),
  'jog-on-the-spot': marching(40, 80),
  'knee-repeater': side(
    {
      rests: [rest('foot', FLOOR, 0.1, far), rest('ball', FLOOR, -0.22, near)],
      lean: 12,
      hip: both(-14, 24),
      knee: both(16, 30),
      shoulder: 140,
    },
    { ...MARCHED, rests: [rest('foot', FLOOR, 0.1, far)], shoulder: 20, elbow: 60 },
  ),
  'step-out-arms': front(TOUCHED, TOUCH),
  'star-step': front(CLOSED, {
    rests: [rest('foot', FLOOR, [0.26, -0.04])],
    hip: both(26, 2),
    shoulder: 140,
  }),
  'star-jump': front(CLOSED, OPEN),
  'cross-jack': front(
    { ...wide(-0.05, -6), shoulder: both(60, 60), elbow: -100 },
    { ...wide(0.2, 22), shoulder: 88 },
  ),
  'seated-march-arms': side(
    {
      rests: [rest('seat', CHAIR, 0), rest('foot', FLOOR, undefined, far)],
      hip: both(118, 92),
      knee: both(94, 92),
      ...SWUNG,
    },
    {
      rests: [rest('seat', CHAIR, 0), rest('foot', FLOOR, undefined, near)],
      hip: both(92, 118),
      knee: both(92, 94),
      shoulder: both(38, -28),
      elbow: 80,
    },
  ),
  'seated-jack': front(
    {
      rests: [rest('seat', CHAIR, 0), rest('foot', FLOOR, [0.05, -0.05])],
      hip: 4,
      towards: { thigh: 66 },
      shoulder: 10,
    },
    {
      rests: [rest('seat', CHAIR, 0), rest('foot', FLOOR, [0.2, -0.2])],
      hip: 46,
      knee: 20,
      towards: { thigh: 60 },
      shoulder: 140,
    },
  ),
  'shadow-box': side(
    {
      rests: [rest('foot', FLOOR, 0.1, near), rest('ball', FLOOR, -0.1, far)],
      lean: 4,
      hip: both(20, 0),
      knee: both(20, 22),
      ...PUNCHED,
    },
    {
      rests: [rest('foot', FLOOR, 0.1, near), rest('ball', FLOOR, -0.1, far)],
      lean: 8,
      hip: both(20, 0),
      knee: both(20, 22),
      ...PUNCH,
    },
  ),
  'boxer-shuffle': side(
    {
      rests: [rest('ball', FLOOR, [0.06, -0.08])],
      hip: both(14, 0),
      knee: both(16, 18),
      ankle: -10,
      shoulder: 40,
      elbow: 132,
    },
    {
      rests: [rest('ball', FLOOR, [-0.04, 0.04])],
      hip: both(4, 12),
      knee: both(18, 14),
      ankle: -10,
      shoulder: 40,
      elbow: 132,
    },
  ),
  'step-over': side(
    {
      rests: [rest('foot', STEP, 0.2, near), rest('foot', FLOOR, -0.06, far)],
      lean: 8,
      hip: both(60, 0),
      knee: both(66, 6),
      ...SWUNG,
    },
    { rests: [rest('foot', STEP, 0.2)], balanced: true, shoulder: 20, elbow: 70 },
  ),
  'butt-kicks': always(fromTheSide([key(HEEL_UP), key(HEEL_UP_ON)], { round: true })),
  'leg-curl-step': always(fromTheSide([key(HEEL_UP), key(HEEL_UP_ON)], { round: true })),
  skipping: side(
    { ...STANDING, hip: 6, knee: 12, shoulder: -12, elbow: 70 },
    air(0.05, { shoulder: -12, elbow: 70, ankle: -36, knee: 4 }),
  ),
  'side-shuffle': front(
    { ...wide(0.06, 10), knee: 12, lean: 0, shoulder: 20, elbow: -60 },
    { ...wide(0.2, 34), knee: 34, towards: { thigh: 40 }, shoulder: 20, elbow: -60 },
  ),
  'squat-punch': always(
    fromTheSide([key({ ...STANDING, ...squat(0.9), shoulder: 40, elbow: 130 }), key(STANDING, PUNCH)], {
      hardest: 0,
    }),
  ),
  // Quick lifts: from the hips, the load follows.
  'quick-hinge': side({ ...STANDING, ...hinge(0.85, 24), shoulder: 20 }, { ...STANDING, shoulder: 30 }),
  'hinge-shrug': always(
    fromTheSide([key(STANDING, hinge(0.9), { hanging: 'both' }), key(STANDING, { hanging: 'both' })], {
      hardest: 0,
    }),
  ),
  'dead-start-swing': always(
    fromTheSide(
      [
        key(STANDING, { lean: 62, hip: 98, knee: 44, neck: -16, shoulder: 80 }),
        key(STANDING, { lean: 66, hip: 92, knee: 30, neck: -16, shoulder: 22 }),
        key(STANDING, AHEAD),
      ],
      { hardest: 1 },
    ),
  ),
  swing: always(
    fromTheSide(
      [key(STANDING, { lean: 66, hip: 92, knee: 30, neck: -16, shoulder: 22 }), key(STANDING, AHEAD)],
      { hardest: 0 },
    ),
  ),
  'one-arm-swing': always(
    fromTheSide(
      [
        key(STANDING, { lean: 66, hip: 92, knee: 30, neck: -16, shoulder: both(22, -10) }),
        key(STANDING, { shoulder: both(88, -10) }),
      ],
      { hardest: 0 },
    ),
    { works: 'both' },
  ),
  clean: always(
    fromTheSide(
      [
        key(STANDING, hinge(0.7, 40), { hanging: 'both' }),
        key(STANDING, { shoulder: 4, elbow: 60 }),
        key(STANDING, { hip: 26, knee: 30, lean: 8 }, AT_THE_SHOULDERS),
      ],
      { hardest: 0 },
    ),
  ),
  snatch: always(
    fromTheSide(
      [
        key(STANDING, hinge(0.8, 40), { hanging: 'near' }),
        key(STANDING, { shoulder: both(60, -10), elbow: both(100, 10) }),
        key(STANDING, { shoulder: both(176, -10), elbow: both(4, 10) }),
      ],
      { hardest: 0 },
    ),
  ),
  'high-pull': always(
    fromTheSide(
      [
        key(STANDING, hinge(0.8, 36), { hanging: 'both' }),
        key(STANDING, { shoulder: 62, elbow: 112, towards: { upperArm: 40 } }),
      ],
      { hardest: 0 },
    ),
  ),
};

// ---- Mobility and stretches --------------------------------------------------------------------------------------------------------

const HANDS_SET: Part = {
  ...ALL_FOURS,
  rests: [rest('knee', FLOOR, 0), rest('toe', FLOOR), rest('palm', FLOOR, 0.3)],
};
const BOOK: Part = {
  rests: [rest('hipSide', FLOOR, 0, far), rest('shoulderSide', FLOOR, undefined, far)],
  lean: -90,
  elbow: 2,
};
const KNEES_WIDE: Part = { rests: [rest('seat', FLOOR, 0)], lean: 4 };
const mobility: Figures = {
  'arm-sweeps': side({ ...STANDING, shoulder: both(60, 60) }, { ...STANDING, shoulder: both(180, 180) }),
  'arm-swings': front(
    { ...FACING, shoulder: 88 },
    { ...FACING, shoulder: 60, elbow: -120, towards: { upperArm: 40 } },
  ),
  'reach-and-bow': side(
    { ...STANDING, ...OVERHEAD },
    { ...STANDING, lean: 60, spine: 30, hip: 84, knee: 16, shoulder: 60, elbow: 4 },
  ),
  'thigh-front-stretch': side(
    { rests: [rest('foot', FLOOR, 0, far), rest('grip', COUNTER, 0.36, { ...far, ...light })] },
    {
      rests: [rest('foot', FLOOR, 0, far), rest('grip', COUNTER, 0.36, { ...far, ...light })],
      hip: both(-12, 0),
      knee: both(128, 2),
      shoulder: both(-30, 40),
    },
    { works: 'near' },
  ),
  'ankle-rolls': side(
    {
      rests: [rest('foot', FLOOR, 0, far), rest('grip', COUNTER, 0.36, { ...far, ...light })],
      hip: both(30, 0),
      knee: both(40, 2),
      ankle: both(16, 0),
    },
    {
      rests: [rest('foot', FLOOR, 0, far), rest('grip', COUNTER, 0.36, { ...far, ...light })],
      hip: both(30, 0),
      knee: both(40, 2),
      ankle: both(-40, 0),
    },
    { works: 'near' },
  ),
  'hip-circles': front(
    { ...FACING, lean: -8, shoulder: 30, elbow: -110 },
    { ...FACING, lean: 8, shoulder: 30, elbow: -110 },
  ),
  'knee-hugs': side(STANDING, {
    rests: [rest('foot', FLOOR, 0, far)],
    balanced: true,
    hip: both(122, 0),
    knee: both(124, 2),
    shoulder: 46,
    elbow: 70,
  }),
  'trunk-turns': front(
    { ...FACING, shoulder: both(60, 20), elbow: both(-40, -110) },
    { ...FACING, shoulder: both(20, 60), elbow: both(-110, -40) },
  ),
  'round-and-hollow': side(
    { ...STANDING, hip: 40, knee: 30, lean: 30, spine: 34, neck: 30, shoulder: 60 },
    { ...STANDING, hip: 60, knee: 30, lean: 46, spine: -20, neck: -20, shoulder: 60 },
  ),
  'shoulder-rolls': side(
    { ...STANDING, shoulder: 20, elbow: 20 },
    { ...STANDING, shoulder: -24, elbow: 20, spine: -6 },
  ),
  'wrist-and-elbow-circles': side(
    { ...STANDING, shoulder: 60, elbow: 30, wrist: 40 },
    { ...STANDING, shoulder: 60, elbow: 110, wrist: -40 },
  ),
  'thigh-back-stretch': side(STANDING, {
    rests: [rest('heel', FLOOR, 0.2, near), rest('foot', FLOOR, -0.12, far)],
    lean: 46,
    neck: -8,
    hip: both(82, 52),
    knee: both(2, 34),
    ankle: both(16, 0),
    shoulder: 40,
    elbow: 20,
  }),
  'chest-opener': side(STANDING, { ...STANDING, spine: -14, neck: -8, shoulder: -50, elbow: 4 }),
  'calf-stretch': side(
    {
      rests: [rest('foot', FLOOR, 0.12, near), rest('foot', FLOOR, -0.1, far), rest('palm', wall(0.5), 0.78)],
      shoulder: 84,
      wrist: -80,
      lean: 6,
    },
    {
      rests: [
        rest('foot', FLOOR, 0.16, near),
        rest('foot', FLOOR, -0.26, far),
        rest('palm', wall(0.5), 0.76),
      ],
      lean: 18,
      hip: both(50, -6),
      knee: both(52, 0),
      shoulder: 78,
      wrist: -80,
    },
  ),
  'seat-stretch': side(SITTING, {
    rests: [rest('seat', CHAIR, 0), rest('foot', FLOOR, undefined, far)],
    lean: 30,
    hip: both(112, 122),
    knee: both(96, 92),
    towards: { thigh: [30, 0], shank: [70, 0] },
    shoulder: 50,
    elbow: 40,
  }),
  'hip-front-stretch': side(split(0), {
    ...split(0.5),
    lean: -4,
    spine: -6,
    hip: both(60, -26),
    shoulder: both(20, 150),
  }),
  'inner-thigh-stretch': front(wide(0.24, 26), {
    rests: [rest('foot', FLOOR, [0.3, -0.28])],
    lean: 8,
    hip: both(40, 44),
    knee: both(40, 0),
    towards: { thigh: [40, 0] },
    shoulder: 14,
    elbow: -60,
  }),
  'side-stretch': front(
    { ...FACING, shoulder: both(8, 174) },
    { ...FACING, lean: 4, spine: 28, neck: 8, shoulder: both(30, 176), elbow: both(-100, 4) },
  ),
  'shoulder-back-stretch': front(FACING, {
    ...FACING,
    shoulder: both(70, 30),
    elbow: both(-150, -120),
    towards: { upperArm: [60, 30] },
  }),
  'arm-back-stretch': side(STANDING, { ...STANDING, shoulder: both(172, 150), elbow: both(140, 120) }),
  'forearm-stretch': side(STANDING, {
    ...STANDING,
    shoulder: both(80, 50),
    elbow: both(2, 60),
    wrist: both(-70, 0),
  }),
  'step-touch': front(TOUCHED, TOUCH),
  'hip-switch': front(
    {
      ...KNEES_WIDE,
      hip: both(84, -20),
      knee: both(0, 70),
      towards: { thigh: [20, 80], shank: [78, 10] },
      shoulder: 40,
      lean: 0,
    },
    {
      ...KNEES_WIDE,
      hip: both(-20, 84),
      knee: both(70, 0),
      towards: { thigh: [80, 20], shank: [10, 78] },
      shoulder: 40,
      lean: 0,
    },
  ),
  'cat-cow': side(
    { ...HANDS_SET, spine: 34, neck: 30, lean: 72 },
    { ...HANDS_SET, spine: -24, neck: -30, lean: 98 },
  ),
  'thread-the-needle': side(ALL_FOURS, {
    rests: [rest('knee', FLOOR, 0), rest('toe', FLOOR), rest('palm', FLOOR, undefined, far)],
    lean: 104,
    spine: 16,
    hip: 96,
    knee: 90,
    ankle: -45,
    shoulder: both(40, 140),
    wrist: both(0, -60),
  }),
  'open-book': front(
    { ...BOOK, shoulder: 90, towards: { thigh: 70, shank: 20, upperArm: 78, forearm: 78 } },
    {
      ...BOOK,
      shoulder: 90,
      spine: -8,
      towards: { thigh: 70, shank: 20, upperArm: [0, 78], forearm: [0, 78] },
    },
    { works: 'near' },
  ),
  'lunge-and-turn': side(split(0.6), { ...split(1), shoulder: both(90, 60), elbow: 10 }),
  'ankle-rocks': side(
    {
      rests: [rest('foot', FLOOR, 0.1, near), rest('ball', FLOOR, -0.3, far), rest('palm', wall(0.4), 0.7)],
      hip: both(40, -4),
      knee: both(40, 20),
      shoulder: 80,
      wrist: -80,
    },
    {
      rests: [rest('foot', FLOOR, 0.1, near), rest('ball', FLOOR, -0.3, far), rest('palm', wall(0.4), 0.7)],
      lean: 6,
      hip: both(60, -14),
      knee: both(84, 24),
      shoulder: 70,
      elbow: 30,
      wrist: -80,
    },
  ),
  'gate-opener': front(
    {
      rests: [rest('foot', FLOOR, -0.02, far)],
      balanced: true,
      hip: both(10, 0),
      towards: { thigh: [70, 0] },
      knee: both(10, 0),
      shoulder: 30,
      elbow: -100,
    },
    {
      rests: [rest('foot', FLOOR, -0.02, far)],
      balanced: true,
      hip: both(66, 0),
      knee: both(72, 0),
      shoulder: 30,
      elbow: -100,
    },
  ),
  'ankle-pumps': side(
    {
      ...SITTING,
      rests: [rest('seat', CHAIR, 0), rest('foot', FLOOR, undefined, far)],
      knee: both(40, 92),
      ankle: both(16, 0),
    },
    {
      ...SITTING,
      rests: [rest('seat', CHAIR, 0), rest('foot', FLOOR, undefined, far)],
      knee: both(40, 92),
      ankle: both(-40, 0),
    },
    { works: 'near' },
  ),
  'trunk-circles': front(
    { ...FACING, spine: -20, shoulder: 30, elbow: -110 },
    { ...FACING, spine: 20, shoulder: 30, elbow: -110 },
  ),
  'childs-pose': side(ALL_FOURS, {
    rests: [rest('knee', FLOOR, 0), rest('toe', FLOOR)],
    lean: 100,
    spine: 20,
    hip: 134,
    knee: 146,
    ankle: -45,
    shoulder: 176,
    neck: 10,
  }),
  'lying-figure-four': side(ON_THE_BACK, {
    rests: [rest('back', FLOOR, 0)],
    lean: -90,
    hip: both(104, 104),
    knee: both(70, 96),
    towards: { shank: [70, 0] },
    shoulder: 60,
  }),
  'pigeon-stretch': side(ALL_FOURS, {
    rests: [rest('knee', FLOOR, -0.2, far), rest('palm', FLOOR)],
    lean: 34,
    hip: both(100, -26),
    knee: both(120, 16),
    ankle: both(0, -45),
    towards: { shank: [60, 0] },
    shoulder: 40,
    wrist: -85,
  }),
  'butterfly-stretch': side(
    { ...KNEES_WIDE, hip: 104, knee: 118, towards: { thigh: 30, shank: 20 }, shoulder: 50, elbow: 20 },
    {
      ...KNEES_WIDE,
      lean: 24,
      hip: 108,
      knee: 118,
      towards: { thigh: 64, shank: 40 },
      shoulder: 56,
      elbow: 30,
    },
  ),
  'neck-tilt': front({ ...FACING }, { ...FACING, neck: 30 }),
  'knee-to-chest': side(ON_THE_BACK, {
    rests: [rest('back', FLOOR, 0), rest('foot', FLOOR, undefined, far)],
    lean: -90,
    hip: both(132, 46),
    knee: both(132, 94),
    ankle: both(0, -40),
    shoulder: 54,
    elbow: 40,
  }),
  'lying-trunk-twist': front(
    { hip: 6, towards: { thigh: 60 }, shoulder: 88 },
    { hip: both(70, -36), knee: both(60, -40), shoulder: 88, neck: -20 },
    { above: true },
  ),
  'lying-hamstring-stretch': side(ON_THE_BACK, {
    rests: [rest('back', FLOOR, 0), rest('foot', FLOOR, undefined, far)],
    lean: -90,
    hip: both(92, 46),
    knee: both(4, 94),
    ankle: both(10, -40),
    shoulder: 78,
    elbow: 10,
  }),
  'lat-stretch': side(
    { ...STANDING, rests: [rest('foot', FLOOR, 0), rest('grip', COUNTER, 0.4, light)], balanced: false },
    {
      rests: [rest('foot', FLOOR, 0), rest('grip', COUNTER, 0.56, light)],
      lean: 84,
      hip: 90,
      knee: 10,
      shoulder: 164,
      neck: 0,
    },
  ),
  'half-kneeling-hip-stretch': side(HALF_KNEELING, {
    ...HALF_KNEELING,
    rests: [rest('foot', FLOOR, 0.32, near), rest('knee', FLOOR, 0, far), rest('toe', FLOOR, undefined, far)],
    hip: both(96, -22),
    knee: both(84, 70),
    shoulder: both(10, 170),
  }),
  'forward-bend': side(ON_THE_FLOOR, {
    ...ON_THE_FLOOR,
    rests: [rest('seat', FLOOR, 0, holding), rest('heel', FLOOR, undefined, holding)],
    lean: 34,
    spine: 34,
    hip: 118,
    shoulder: 84,
  }),
  'side-lying-quad-stretch': side(
    { rests: [rest('back', FLOOR, 0)], lean: -90 },
    {
      rests: [rest('back', FLOOR, 0)],
      lean: -90,
      hip: both(-6, 0),
      knee: both(124, 4),
      shoulder: both(-40, 8),
    },
  ),
  'frog-stretch': side(ALL_FOURS, {
    rests: [rest('knee', FLOOR, 0), rest('toe', FLOOR), rest('forearm', FLOOR)],
    lean: 96,
    hip: 108,
    knee: 90,
    ankle: -45,
    towards: { thigh: 40 },
    shoulder: 100,
    elbow: 90,
  }),
  'lying-back-press': side(
    { rests: [rest('front', FLOOR, 0), rest('toe', FLOOR)], lean: 90, ankle: -45, shoulder: 30, elbow: 130 },
    {
      rests: [rest('seat', { kind: 'floor', share: 0.02 }, 0), rest('toe', FLOOR), rest('palm', FLOOR, 0.3)],
      lean: 66,
      spine: -30,
      neck: -14,
      ankle: -45,
      shoulder: 62,
      elbow: 30,
      wrist: -85,
    },
  ),
  'shin-stretch': side(SITTING, {
    rests: [rest('seat', CHAIR, 0), rest('foot', FLOOR, undefined, far), rest('toe', FLOOR, undefined, near)],
    hip: both(58, 92),
    knee: both(100, 92),
    ankle: both(-50, 0),
    shoulder: -4,
    elbow: 20,
  }),
};

export const movingFigures: Figures = { ...hops, ...lively, ...mobility };
