import { FLOOR } from '../body';
import { always, front, side, type FigureOf, type Figures } from './figure';
import {
  both,
  CHAIR,
  far,
  fromTheFront,
  fromTheSide,
  key,
  near,
  partWay,
  rest,
  wall,
  type Part,
} from './parts';
import {
  AHEAD,
  ALL_FOURS,
  AT_THE_CHEST,
  FACING,
  HANGS,
  LONG_ON_THE_BACK,
  NEAR_HANGS,
  ON_THE_BACK,
  ON_THE_FLOOR,
  SITTING,
  STANDING,
  TABLETOP,
} from './stances';

// ---- Curling up --------------------------------------------------------------------------------------------------------------------

/** Hips down, the rest off the floor. */
const hipsDown = (part: Part): Part => ({
  ...part,
  rests: [
    rest('seat', FLOOR, 0),
    rest('loins'),
    ...(part.rests ?? []).filter(({ with: bearing }) => bearing === 'foot' || bearing === 'heel'),
  ],
});
const CURLED_UP: Part = { ...hipsDown(ON_THE_BACK), lean: -88, spine: 38, neck: 26, shoulder: 30 };
const TEMPLES: Part = { shoulder: 128, elbow: 140, towards: { upperArm: 40 } };

const curling: Figures = {
  'head-lift': side(ON_THE_BACK, {
    ...ON_THE_BACK,
    rests: [rest('seat', FLOOR, 0), rest('loins'), rest('foot', FLOOR)],
    spine: 8,
    neck: 46,
  }),
  'trunk-curl': ({ levers }) => {
    const bent = 94 - (levers.leverage ?? 0) * 0.4;
    return { move: fromTheSide([key(ON_THE_BACK, { knee: bent }), key(CURLED_UP, { knee: bent })]) };
  },
  'crossing-curl': side(
    { ...TABLETOP, ...TEMPLES, neck: 10 },
    {
      ...TABLETOP,
      rests: [rest('seat', FLOOR, 0), rest('loins')],
      lean: -88,
      spine: 34,
      neck: 20,
      hip: both(110, 34),
      knee: both(120, 6),
      shoulder: 124,
      elbow: 140,
      towards: { upperArm: 40 },
    },
  ),
  'sit-back': ({ levers }) => {
    const up = key({
      ...ON_THE_FLOOR,
      rests: [rest('seat', FLOOR, 0), rest('foot', FLOOR)],
      lean: 4,
      hip: 100,
      knee: 88,
      shoulder: 80,
      elbow: 6,
    });
    const back = key({
      ...ON_THE_FLOOR,
      rests: [rest('seat', FLOOR, 0), rest('foot', FLOOR)],
      lean: -50,
      spine: 16,
      hip: 62,
      knee: 88,
      shoulder: 80,
      elbow: 6,
    });
    return { move: fromTheSide([up, partWay(up, back, (levers.range ?? 100) / 100)]) };
  },
  'full-sit-up': always(
    fromTheSide(
      [
        key(ON_THE_BACK, TEMPLES),
        key(CURLED_UP, TEMPLES),
        key(
          {
            rests: [rest('seat', FLOOR, 0), rest('foot', FLOOR)],
            lean: 8,
            spine: 12,
            hip: 104,
            knee: 92,
            ankle: -20,
          },
          TEMPLES,
        ),
      ],
      { hardest: 1 },
    ),
  ),
  'reverse-crunch': side(
    { ...TABLETOP, shoulder: 8 },
    {
      ...TABLETOP,
      rests: [rest('shoulders', FLOOR, 'asBefore'), rest('loins')],
      lean: -122,
      spine: 34,
      hip: 122,
      knee: 100,
      shoulder: -20,
      neck: 30,
    },
  ),
  'star-crunch': side(
    { ...LONG_ON_THE_BACK, shoulder: 170 },
    { ...hipsDown(LONG_ON_THE_BACK), lean: -80, spine: 40, neck: 20, hip: 84, knee: 70, shoulder: 80 },
  ),
  'knee-clap': side(
    { rests: [rest('seat', FLOOR, 0), rest('heel', FLOOR)], lean: -30, hip: 60, knee: 10, shoulder: 84 },
    {
      rests: [rest('seat', FLOOR, 0), rest('heel', FLOOR, undefined, far)],
      lean: -34,
      spine: 14,
      hip: both(96, 56),
      knee: both(70, 10),
      shoulder: 66,
    },
  ),
  'seated-twist': side(
    {
      rests: [rest('seat', FLOOR, 0), rest('heel', FLOOR)],
      lean: -34,
      hip: 70,
      knee: 80,
      shoulder: 62,
      elbow: 60,
    },
    {
      rests: [rest('seat', FLOOR, 0), rest('heel', FLOOR)],
      lean: -34,
      hip: 70,
      knee: 80,
      shoulder: both(20, 70),
      elbow: both(40, 30),
    },
  ),
  'standing-side-crunch': front(
    { ...FACING, shoulder: 128, elbow: 128 },
    {
      rests: [rest('foot', FLOOR, -0.02, far)],
      hip: both(58, 0),
      knee: both(96, 0),
      lean: 6,
      spine: 18,
      balanced: true,
      shoulder: both(104, 132),
      elbow: 128,
    },
  ),
  'standing-cross-crunch': side(
    { ...STANDING, ...TEMPLES },
    {
      rests: [rest('foot', FLOOR, 0, far)],
      balanced: true,
      spine: 26,
      hip: both(98, 0),
      knee: both(100, 2),
      shoulder: both(124, 96),
      elbow: 132,
    },
  ),
  'heel-reach': side(
    { ...ON_THE_BACK, shoulder: 8 },
    { ...hipsDown(ON_THE_BACK), lean: -88, spine: 24, neck: 18, shoulder: both(26, 8) },
  ),
  'toe-reach': side(
    { rests: [rest('back', FLOOR, 0)], lean: -90, hip: 88, knee: 4, shoulder: 90 },
    {
      rests: [rest('seat', FLOOR, 0), rest('loins')],
      lean: -88,
      spine: 40,
      neck: 14,
      hip: 92,
      knee: 4,
      shoulder: 104,
    },
  ),
  'side-bend': front(
    { ...FACING, shoulder: both(4, 30), elbow: both(2, -100) },
    { ...FACING, spine: 26, lean: 4, neck: 6, shoulder: both(-4, 30), elbow: both(2, -100) },
    { works: 'both' },
  ),
  'hollow-hold': side(
    { ...TABLETOP, shoulder: 88 },
    {
      rests: [rest('seat', FLOOR, 0), rest('loins')],
      lean: -88,
      spine: 24,
      neck: 16,
      hip: 22,
      knee: 2,
      ankle: -30,
      shoulder: 158,
    },
  ),
};

// ---- Lowering the legs -------------------------------------------------------------------------------------------------------------

const legsUp = (hip: number, knee: number): Part => ({
  rests: [rest('back', FLOOR, 0)],
  lean: -90,
  hip,
  knee,
  shoulder: 8,
});
const lowering: Figures = {
  'heel-taps': side(TABLETOP, { ...TABLETOP, hip: both(52, 90), knee: 90 }),
  'heel-tap': side(TABLETOP, { ...TABLETOP, hip: both(52, 90), knee: 90 }),
  'heel-slide': side(ON_THE_BACK, {
    ...ON_THE_BACK,
    rests: [
      rest('back', FLOOR, 0),
      rest('foot', FLOOR, undefined, far),
      rest('heel', FLOOR, undefined, near),
    ],
    hip: both(4, 46),
    knee: both(6, 94),
  }),
  'one-leg-lower': ({ levers }) => {
    const bent = 90 - (levers.leverage ?? 90) * 0.9;
    return {
      move: fromTheSide([key(legsUp(90, bent)), key({ ...legsUp(90, bent), hip: both(10, 90) })]),
      works: 'near',
    };
  },
  'leg-lower': ({ levers }) => {
    const bent = 90 - (levers.leverage ?? 90) * 0.9;
    return { move: fromTheSide([key(legsUp(90, bent)), key(legsUp(14, bent))]) };
  },
  'seated-knee-lift': side(
    { ...SITTING, lean: -8, shoulder: -8, elbow: 20 },
    {
      ...SITTING,
      rests: [rest('seat', CHAIR, 0), rest('foot', FLOOR, undefined, far)],
      lean: -8,
      hip: both(116, 92),
      knee: both(96, 92),
      shoulder: -8,
      elbow: 20,
    },
  ),
  'dead-bug-arms': side({ ...TABLETOP, shoulder: 88 }, { ...TABLETOP, shoulder: both(168, 88) }),
  'dead-bug': side(
    { ...TABLETOP, shoulder: 88 },
    { ...TABLETOP, hip: both(26, 90), knee: both(40, 90), shoulder: both(88, 168) },
  ),
  'dead-bug-long': side(
    { ...TABLETOP, shoulder: 88 },
    { ...TABLETOP, hip: both(8, 90), knee: both(4, 90), shoulder: both(88, 168) },
  ),
  'flutter-kick': side({ ...legsUp(14, 4), hip: both(24, 10) }, { ...legsUp(14, 4), hip: both(10, 24) }),
  'lying-leg-circle': side(
    { ...legsUp(90, 4), hip: both(96, 4) },
    { ...legsUp(90, 4), hip: both(62, 4) },
    { works: 'near' },
  ),
  'tabletop-hold': side(ON_THE_BACK, TABLETOP),
  'v-sit': side(
    { ...LONG_ON_THE_BACK, shoulder: 170 },
    { rests: [rest('seat', FLOOR, 0)], lean: -42, hip: 92, knee: 2, shoulder: 78, ankle: -30 },
  ),
  'bent-v-sit': side(
    { rests: [rest('seat', FLOOR, 0), rest('foot', FLOOR)], lean: -16, hip: 86, knee: 92, shoulder: 70 },
    { rests: [rest('seat', FLOOR, 0)], lean: -40, hip: 96, knee: 86, shoulder: 70 },
  ),
};

// ---- Bracing sideways and against a twist ------------------------------------------------------------------------------------------

/** On the side, seen from the front: the far limbs below, the near ones on top. */
const LYING_SIDE: Part = {
  rests: [rest('hipSide', FLOOR, 0, far), rest('elbow', FLOOR, undefined, far)],
  lean: -78,
  shoulder: both(0, 64),
  elbow: both(4, 0),
  towards: { forearm: [0, 82] },
};
const SIDE_PLANK: Part = {
  rests: [rest('heel', FLOOR, 0.52, far), rest('elbow', FLOOR, undefined, far)],
  lean: -70,
  shoulder: both(0, 70),
  elbow: both(4, 0),
  towards: { forearm: [0, 82] },
};
const KNEE_SIDE: Part = {
  rests: [rest('knee', FLOOR, 0.3, far), rest('elbow', FLOOR, undefined, far)],
  lean: -66,
  shoulder: both(0, 66),
  elbow: both(4, 0),
  towards: { forearm: [0, 82], shank: 80 },
  hip: both(4, 0),
};
const sideways: Figures = {
  'wall-side-lean': always(
    fromTheFront([
      key({ rests: [rest('foot', FLOOR, [-0.06, -0.1])], shoulder: both(10, 4) }),
      key({
        rests: [rest('foot', FLOOR, [-0.06, -0.1]), rest('elbow', wall(0.26), undefined, near)],
        lean: 12,
        shoulder: both(84, 0),
        elbow: both(100, 2),
      }),
    ]),
  ),
  'knee-side-plank': front({ ...LYING_SIDE, towards: { forearm: [0, 82], shank: 80 } }, KNEE_SIDE),
  'knee-side-plank-leg': front(
    KNEE_SIDE,
    { ...KNEE_SIDE, hip: both(40, 0), towards: { forearm: [0, 82], shank: [0, 80] } },
    { works: 'near' },
  ),
  'side-plank': front(LYING_SIDE, SIDE_PLANK),
  'side-plank-leg': front(SIDE_PLANK, { ...SIDE_PLANK, hip: both(40, 0) }),
  'side-plank-dip': front({ ...SIDE_PLANK, lean: -80, spine: 12 }, SIDE_PLANK),
  'side-plank-thread': front(
    { ...SIDE_PLANK, shoulder: both(92, 70) },
    { ...SIDE_PLANK, shoulder: both(-40, 70), elbow: both(-40, 0) },
  ),
  'short-inner-side-plank': front(
    { ...LYING_SIDE, hip: both(34, 0) },
    {
      rests: [rest('knee', CHAIR, 0.3, near), rest('elbow', FLOOR, undefined, far)],
      lean: -80,
      hip: both(20, -4),
      knee: both(0, 10),
      shoulder: both(0, 72),
      elbow: both(4, 0),
      towards: { forearm: [0, 82] },
    },
  ),
  'suitcase-hold': side(STANDING, { ...STANDING, ...NEAR_HANGS }),
  'band-press-out': side(
    { ...STANDING, ...AT_THE_CHEST },
    { ...STANDING, ...AHEAD },
    { anchor: { x: -0.1, y: 0.72 } },
  ),
  'knees-arm-reach': side(ALL_FOURS, {
    ...ALL_FOURS,
    rests: [rest('knee', FLOOR, 0), rest('toe', FLOOR), rest('palm', FLOOR, undefined, far)],
    shoulder: both(172, 88),
    wrist: both(0, -85),
  }),
  'knees-leg-reach': side(ALL_FOURS, {
    ...ALL_FOURS,
    rests: [rest('knee', FLOOR, 0, far), rest('toe', FLOOR, undefined, far), rest('palm', FLOOR)],
    hip: both(4, 90),
    knee: both(4, 90),
    ankle: both(0, -45),
  }),
  'knees-cross-reach': side(ALL_FOURS, {
    ...ALL_FOURS,
    rests: [
      rest('knee', FLOOR, 0, far),
      rest('toe', FLOOR, undefined, far),
      rest('palm', FLOOR, undefined, far),
    ],
    hip: both(4, 90),
    knee: both(4, 90),
    ankle: both(0, -45),
    shoulder: both(172, 88),
    wrist: both(0, -85),
  }),
  'wall-press-march': side(
    {
      rests: [rest('foot', FLOOR, -0.1), rest('palm', wall(0.34), 0.78)],
      lean: 10,
      shoulder: 84,
      wrist: -80,
    },
    {
      rests: [rest('foot', FLOOR, -0.1, far), rest('palm', wall(0.34), 0.78)],
      lean: 10,
      hip: both(94, 0),
      knee: both(92, 0),
      shoulder: 84,
      wrist: -80,
    },
  ),
  'seated-chop': side(
    { ...SITTING, shoulder: 130, elbow: 10 },
    { ...SITTING, lean: 10, shoulder: 40, elbow: 10 },
    { anchor: 'nearFoot' },
  ),
  woodchop: side(
    { ...STANDING, shoulder: 132, elbow: 8 },
    { ...STANDING, lean: 34, hip: 60, knee: 34, shoulder: 44, elbow: 8 },
    { anchor: { x: 0.3, y: 1.2 } },
  ),
  'low-chop': side(
    { ...STANDING, lean: 34, hip: 60, knee: 34, shoulder: 44, elbow: 8 },
    { ...STANDING, shoulder: 132, elbow: 8 },
    { anchor: 'nearFoot' },
  ),
  'band-rotation': front(
    { ...FACING, shoulder: both(84, 40), elbow: both(4, -70), towards: { upperArm: [20, 60] } },
    { ...FACING, shoulder: both(40, 84), elbow: both(-70, 4), towards: { upperArm: [60, 20] } },
    { anchor: { x: 0.7, y: 0.75 } },
  ),
};

// ---- Carries -----------------------------------------------------------------------------------------------------------------------

const step = (arms: Part): FigureOf =>
  side(
    {
      rests: [rest('foot', FLOOR, 0.12, near), rest('ball', FLOOR, -0.16, far)],
      hip: both(14, -14),
      knee: both(4, 16),
      ...arms,
    },
    {
      rests: [rest('ball', FLOOR, -0.16, near), rest('foot', FLOOR, 0.12, far)],
      hip: both(-14, 14),
      knee: both(16, 4),
      ...arms,
    },
  );
const march = (arms: Part): FigureOf =>
  side(
    { ...STANDING, ...arms },
    { rests: [rest('foot', FLOOR, 0, far)], balanced: true, hip: both(88, 0), knee: both(90, 0), ...arms },
  );
const carries: Figures = {
  'marching-carry': march(HANGS),
  'farmers-carry': step(HANGS),
  'front-carry': step(AT_THE_CHEST),
  'suitcase-carry': step(NEAR_HANGS),
  'overhead-carry': step({ shoulder: both(176, 0), elbow: both(4, 10) }),
};

export const trunkFigures: Figures = { ...curling, ...lowering, ...sideways, ...carries };
