import { FLOOR } from '../body';
import { front, side, type FigureOf, type Figures } from './figure';
import {
  both,
  CHAIR,
  COUNTER,
  far,
  fromTheFront,
  fromTheSide,
  key,
  light,
  near,
  partWay,
  rest,
  STEP,
  type Part,
} from './parts';
import {
  ALL_FOURS,
  FACING,
  FACING_ON_ONE,
  ON_THE_SIDE,
  ON_TOES,
  OVERHEAD,
  STAGGERED,
  STANDING,
} from './stances';

const works = { works: 'near' } as const;

/** On the far leg, seen from the side, perhaps holding on. */
const ON_FAR: Part = { rests: [rest('foot', FLOOR, 0, far)], balanced: true };
const HELD_FAR: Part = {
  rests: [rest('foot', FLOOR, 0, far), rest('grip', COUNTER, 0.36, { ...far, ...light })],
  lean: 0,
  balanced: true,
};
const legTo = (hip: number, knee = 4, stance: Part = ON_FAR): Part => ({
  ...stance,
  hip: both(hip, 0),
  knee: both(knee, 2),
});
/** The same from the front: the near leg goes out, or across. */
const HELD_FRONT: Part = {
  rests: [
    rest('foot', FLOOR, -0.02, far),
    rest('grip', { kind: 'counter', cm: 90 }, -0.34, { ...far, ...light }),
  ],
};

/** On the side with the top knee bent: shells. */
const SHELL: Part = {
  ...ON_THE_SIDE,
  towards: { thigh: 45, shank: 20 },
  hip: both(2, 0),
  knee: both(38, -38),
};
/** On all fours, the near leg free. */
const FREE_LEG: Part = {
  ...ALL_FOURS,
  rests: [rest('knee', FLOOR, 0, far), rest('toe', FLOOR, undefined, far), rest('palm', FLOOR)],
};

const hips: Figures = {
  'side-lying-shell': front(SHELL, { ...SHELL, hip: both(38, 0), knee: both(72, -38) }, works),
  'raised-clam': front(
    { ...SHELL, knee: both(38, -20) },
    { ...SHELL, hip: both(38, 0), knee: both(50, -20) },
    works,
  ),
  'reverse-clam': front(SHELL, { ...SHELL, knee: both(8, -38) }, works),
  'side-lying-leg-raise': front(ON_THE_SIDE, { ...ON_THE_SIDE, hip: both(40, 0) }, works),
  'side-lying-circle': front(
    { ...ON_THE_SIDE, hip: both(18, 0) },
    { ...ON_THE_SIDE, hip: both(34, 0), towards: { thigh: [30, 0], shank: [30, 0] } },
    works,
  ),
  'side-lying-swing': front(
    { ...ON_THE_SIDE, hip: both(14, 0) },
    { ...ON_THE_SIDE, hip: both(14, 0), towards: { thigh: [60, 0], shank: [60, 0] } },
    works,
  ),
  'inner-leg-raise': front(
    { ...ON_THE_SIDE, hip: both(30, 0), knee: both(78, 0), towards: { thigh: [40, 0] } },
    { ...ON_THE_SIDE, hip: both(30, -20), knee: both(78, 0), towards: { thigh: [40, 0] } },
  ),
  'band-side-step': front(
    { rests: [rest('foot', FLOOR, [0.06, -0.06])], balanced: true, hip: 8, knee: 6 },
    { rests: [rest('foot', FLOOR, [0.2, -0.1])], hip: both(26, 10), knee: 8 },
    { anchor: 'knees' },
  ),
  'standing-hip-opening': front(HELD_FRONT, { ...HELD_FRONT, hip: both(36, 0) }, works),
  'free-hip-opening': front(FACING_ON_ONE, { ...FACING_ON_ONE, hip: both(36, 0) }, works),
  'standing-hip-closing': front(
    { ...HELD_FRONT, hip: both(16, 0) },
    { ...HELD_FRONT, hip: both(-28, 0) },
    works,
  ),
  'knee-squeeze': side(
    {
      rests: [rest('back', FLOOR, 0), rest('foot', FLOOR)],
      lean: -90,
      hip: 44,
      knee: both(92, 88),
      ankle: -40,
      shoulder: 10,
    },
    {
      rests: [rest('back', FLOOR, 0), rest('foot', FLOOR)],
      lean: -90,
      hip: 46,
      knee: 94,
      ankle: -40,
      shoulder: 10,
    },
  ),
  'fire-hydrant': side(ALL_FOURS, {
    ...FREE_LEG,
    hip: 90,
    knee: 90,
    ankle: both(0, -45),
    towards: { thigh: [66, 0], shank: [10, 0] },
  }),
  'donkey-kick': side(ALL_FOURS, { ...FREE_LEG, hip: both(-8, 90), knee: both(92, 90), ankle: both(0, -45) }),
  'kneeling-hip-circle': side(ALL_FOURS, {
    ...FREE_LEG,
    hip: both(40, 90),
    knee: both(90, 90),
    towards: { thigh: [40, 0] },
  }),
  'standing-kick-back': side(HELD_FAR, legTo(-26, 6, { ...HELD_FAR, lean: 8 }), works),
  'standing-front-leg-raise': side(HELD_FAR, legTo(58, 4, HELD_FAR), works),
  'seated-band-opening': front(
    { rests: [rest('seat', CHAIR, 0), rest('foot', FLOOR, [0.05, -0.05])], hip: 4, towards: { thigh: 66 } },
    {
      rests: [rest('seat', CHAIR, 0), rest('foot', FLOOR, [0.12, -0.12])],
      hip: 40,
      knee: 40,
      towards: { thigh: 64 },
    },
    { anchor: 'knees' },
  ),
  'back-leg-opening': front({ hip: 2, shoulder: 20 }, { hip: 50, shoulder: 20 }, { above: true }),
  'prone-leg-lift': side(
    { rests: [rest('front', FLOOR, 0)], lean: 90, ankle: -40, shoulder: 150, elbow: 100, neck: -4 },
    {
      rests: [rest('front', FLOOR, 0)],
      lean: 90,
      ankle: -40,
      hip: both(-18, 0),
      shoulder: 150,
      elbow: 100,
      neck: -4,
    },
    works,
  ),
  'hip-hike': front(
    { rests: [rest('foot', STEP, -0.04, far)], balanced: true, lean: 4, hip: both(2, 0) },
    { rests: [rest('foot', STEP, -0.04, far)], balanced: true, lean: -6, spine: 6 },
  ),
};

// ---- Balance -----------------------------------------------------------------------------------------------------------------------

const RELAXED: Part = { shoulder: 8, elbow: 6 };
const TANDEM: Part = {
  rests: [rest('foot', FLOOR, 0.08, near), rest('foot', FLOOR, -0.08, far)],
  balanced: true,
  hip: both(10, -8),
  knee: both(6, 6),
};
const WALK: Part = {
  rests: [rest('foot', FLOOR, 0.1, near), rest('ball', FLOOR, -0.12, far)],
  hip: both(14, -10),
  knee: both(4, 14),
  shoulder: 30,
};
const WALKED: Part = {
  rests: [rest('ball', FLOOR, -0.12, near), rest('foot', FLOOR, 0.1, far)],
  hip: both(-10, 14),
  knee: both(14, 4),
  shoulder: 30,
};
const ONE_UP: Part = { ...ON_FAR, hip: both(40, 0), knee: both(70, 2) };
const held = (part: Part): Part => ({ ...part, ...HELD_FAR, hip: part.hip, knee: part.knee }) as Part;
const T_BALANCE: Part = {
  ...ON_FAR,
  lean: 84,
  hip: both(-2, 88),
  knee: both(2, 12),
  neck: -16,
  shoulder: 60,
  towards: { upperArm: 60 },
};
/** Out to a side, part of the way. */
const outTo =
  (from: Part, to: Part): FigureOf =>
  ({ levers }) => {
    const start = key(from);
    return {
      move: fromTheSide([start, partWay(start, key(to), (levers.range ?? 100) / 100)]),
      works: 'near',
    };
  };

const balances: Figures = {
  'feet-together-stand': front(
    { ...FACING, ...RELAXED, rests: [rest('foot', FLOOR, [0.06, -0.06])] },
    { ...FACING, rests: [rest('foot', FLOOR, [0.0, -0.0])], hip: -4, shoulder: 16 },
  ),
  'staggered-stand': side(STANDING, STAGGERED),
  'heel-to-toe-stand': side(STANDING, TANDEM),
  'held-one-leg-stand': side({ ...HELD_FAR }, held(ONE_UP), works),
  'one-leg-stand': side(STANDING, ONE_UP, works),
  'toes-one-leg-stand': side(
    ONE_UP,
    { ...ONE_UP, rests: [rest('ball', FLOOR, 0, far)], ankle: both(0, -34) },
    works,
  ),
  'blind-one-leg-stand': side(STANDING, held(ONE_UP), works),
  'heel-to-toe-walk': side(WALK, WALKED),
  'tandem-walk-back': side(WALKED, WALK),
  'turning-stand': front(
    { ...FACING, ...RELAXED },
    { ...FACING, rests: [rest('foot', FLOOR, [0.12, -0.02])], shoulder: 24 },
  ),
  'one-leg-turn': side(STANDING, { ...ONE_UP, shoulder: 40 }, works),
  'one-leg-reach': side(
    ON_FAR,
    { ...ON_FAR, lean: 24, hip: both(34, 50), knee: both(4, 52), shoulder: 50 },
    works,
  ),
  'one-leg-press-out': side(ONE_UP, { ...ONE_UP, ...OVERHEAD }, works),
  'leg-out-held': front(HELD_FRONT, { ...HELD_FRONT, hip: both(34, 0) }, works),
  'leg-out-side': ({ levers }) => {
    const start = key(FACING_ON_ONE);
    return {
      move: fromTheFront([
        start,
        partWay(
          start,
          key({ ...FACING_ON_ONE, hip: both(42, 0), shoulder: 40 }),
          (levers.range ?? 100) / 100,
        ),
      ]),
      works: 'near',
    };
  },
  'leg-out-front': outTo(ON_FAR, { ...legTo(70), shoulder: 40 }),
  'leg-out-back': outTo(ON_FAR, { ...legTo(-24), lean: 20, hip: both(-10, 20), shoulder: 50 }),
  'leg-out-round': side(legTo(60), { ...legTo(-22), lean: 10 }, works),
  'leg-swing': side(legTo(52, 4, HELD_FAR), legTo(-24, 14, HELD_FAR), works),
  'toe-stand': side(STANDING, ON_TOES),
  't-balance': side(ON_FAR, T_BALANCE, works),
  'head-turn-one-leg': side(ONE_UP, { ...ONE_UP, neck: 8 }, works),
  'step-and-hold': side(STANDING, {
    rests: [rest('foot', FLOOR, 0.2, far)],
    balanced: true,
    hip: both(54, 0),
    knee: both(80, 4),
    shoulder: 24,
  }),
  grapevine: front(FACING, {
    rests: [rest('foot', FLOOR, [-0.08, 0.1])],
    hip: both(-14, -16),
    shoulder: 30,
    lean: 0,
  }),
};

export const hipAndBalanceFigures: Figures = { ...hips, ...balances };
