import { FLOOR, pressUp, type PressUpPivot, type Surface } from '../body';
import { always, type Figure, type FigureOf, type Figures } from './figure';
import {
  BAR,
  CHAIR,
  COUNTER,
  far,
  fromTheFront,
  fromTheSide,
  holding,
  key,
  light,
  near,
  partWay,
  rest,
  type Part,
} from './parts';
import { ALL_FOURS, FOREARM_PLANK, HIGH_PLANK, STANDING } from './stances';

/** Hands on a surface so high: a counter, or a wall where the body stands almost upright. */
const handsOn = (cm: number | undefined): Surface =>
  cm ? { kind: cm < 60 ? 'chair' : 'counter', cm } : FLOOR;

/** Hands on an edge hold it; on the floor they only rub. */
const palmsOn = (cm: number | undefined, at?: 'asBefore') => rest('palm', handsOn(cm), at, cm ? holding : {});

/** A press-up with hands as high as the lever stands. */
function pressing(
  more: { readonly pivot?: PressUpPivot; readonly feet?: Surface } = {},
  arms?: Parameters<typeof pressUp>[0]['arms'],
): FigureOf {
  return ({ levers, statureCm }) => ({
    move: pressUp({ hands: handsOn(levers.surfaceHeight), ...more, ...(arms && { arms }) }, statureCm),
  });
}
/** Hands wide: elbows point outwards. */
const WIDE = {
  bottom: { towards: { upperArm: 72, forearm: 10 } },
  top: { towards: { upperArm: 20, forearm: 20 } },
} as const;

const pressUps: Figures = {
  'press-up': pressing(),
  'knee-press-up': pressing({ pivot: 'knees' }),
  'feet-raised-press-up': pressing({ feet: CHAIR }),
  'wide-press-up': pressing({}, WIDE),
  'wide-knee-press-up': pressing({ pivot: 'knees' }, WIDE),
  'close-press-up': pressing({}, { bottom: { towards: { upperArm: 5 } } }),
  'close-knee-press-up': pressing({ pivot: 'knees' }, { bottom: { towards: { upperArm: 5 } } }),
  'lowering-press-up': pressing(),
  'uneven-press-up': pressing(),
  'hands-off-press-up': pressing(),
  'press-up-hold': pressing(),
  'rocking-press-up': always(
    fromTheSide([
      key(HIGH_PLANK),
      key({
        ...HIGH_PLANK,
        rests: [rest('ball', FLOOR, 0.06), rest('palm', FLOOR, 'asBefore')],
        lean: 72,
        shoulder: 58,
        wrist: -95,
      }),
    ]),
  ),
  'hips-high-press-up': always(
    fromTheSide([
      key({
        rests: [rest('ball', FLOOR, 0), rest('palm', FLOOR, 0.55)],
        lean: 132,
        hip: 84,
        knee: 6,
        shoulder: 168,
        wrist: -60,
        ankle: 14,
      }),
      key({
        rests: [rest('ball', FLOOR, 0), rest('palm', FLOOR, 0.55), rest('head', FLOOR, undefined, light)],
        lean: 136,
        hip: 88,
        knee: 10,
        shoulder: 110,
        elbow: 96,
        wrist: -80,
        neck: -20,
        ankle: 14,
        towards: { upperArm: 30 },
      }),
    ]),
  ),
  'floor-dip': always(
    fromTheSide([
      key({
        rests: [rest('foot', FLOOR, 0.42), rest('palm', FLOOR, -0.22)],
        lean: -30,
        hip: 78,
        knee: 84,
        shoulder: -36,
        wrist: 60,
      }),
      key({
        rests: [rest('foot', FLOOR, 0.42), rest('palm', FLOOR, -0.22)],
        lean: -38,
        hip: 76,
        knee: 78,
        shoulder: -54,
        elbow: 62,
        wrist: 60,
      }),
    ]),
  ),
};

// ---- Dips --------------------------------------------------------------------------------------------------------------------------

const dip = (feet: number, knee: number, bottom: number): FigureOf => {
  const palms = rest('palm', CHAIR, 0, holding);
  return ({ levers }) => {
    const top = key({
      rests: [palms, rest(knee > 30 ? 'foot' : 'heel', FLOOR, feet)],
      lean: 0,
      hip: 88,
      knee,
      shoulder: -30,
      wrist: 60,
    });
    const low = key({
      rests: [palms, rest(knee > 30 ? 'foot' : 'heel', FLOOR, feet)],
      lean: 6,
      hip: 104,
      knee: knee + 10,
      shoulder: -60,
      elbow: bottom,
      wrist: 60,
      towards: { upperArm: 25 },
    });
    return { move: fromTheSide([top, partWay(top, low, (levers.range ?? 100) / 100)]) };
  };
};
const dips: Figures = {
  'bench-dip-bent': dip(0.44, 84, 88),
  'bench-dip-straight': dip(0.66, 4, 88),
  'two-chair-dip': always(
    fromTheSide([
      key({
        rests: [rest('palm', COUNTER, 0, holding)],
        lean: 8,
        hip: 10,
        knee: 84,
        shoulder: 4,
        wrist: -80,
        balanced: true,
      }),
      key({
        rests: [rest('palm', COUNTER, 0, holding)],
        lean: 22,
        hip: 20,
        knee: 100,
        shoulder: -46,
        elbow: 94,
        wrist: -80,
        balanced: true,
      }),
    ]),
  ),
};

// ---- Planks, bears and climbers ----------------------------------------------------------------------------------------------------

const plankOn = (surfaceHeight: number | undefined): Part => {
  const on = handsOn(surfaceHeight);
  return {
    ...FOREARM_PLANK,
    rests: [rest('ball', FLOOR, 0), rest('forearm', on)],
    lean: surfaceHeight ? 62 : 82,
    shoulder: surfaceHeight ? 74 : 86,
  };
};
const handsPlankOn = (surfaceHeight: number | undefined): Part => ({
  ...HIGH_PLANK,
  rests: [rest('ball', FLOOR, 0), palmsOn(surfaceHeight)],
  lean: surfaceHeight ? 52 : 70,
});
/** From the knees first: how it is taken up. */
const KNEES_FIRST: Part = {
  rests: [rest('knee', FLOOR, 0.28), rest('toe', FLOOR), rest('forearm', FLOOR)],
  lean: 84,
  hip: 40,
  knee: 60,
  ankle: -40,
  shoulder: 86,
  elbow: 88,
  neck: -14,
};
const KNEES_HANDS: Part = { ...ALL_FOURS };
const freeHand = (part: Part, bearing: 'palm' | 'forearm'): Part => ({
  ...part,
  rests: (part.rests ?? []).map((one) => (one.with === bearing ? { ...one, ...far } : one)),
});
const plankMove = (from: Part, to: Part, more: Partial<Figure> = {}): FigureOf =>
  always(fromTheSide([key(from), key(to)]), more);
const BEAR: Part = {
  rests: [rest('ball', FLOOR, 0), rest('palm', FLOOR)],
  lean: 88,
  hip: 92,
  knee: 96,
  ankle: 10,
  shoulder: 88,
  wrist: -85,
  neck: -14,
};
const TUCKED: Part = {
  rests: [rest('ball', FLOOR, 0, far), rest('palm', FLOOR)],
  hip: [104, 0],
  knee: [110, 0],
};
const climber = (surfaceHeight?: number): Figure['move'] => {
  const plank = handsPlankOn(surfaceHeight);
  const one = {
    ...plank,
    ...TUCKED,
    rests: [rest('ball', FLOOR, 0, far), palmsOn(surfaceHeight, 'asBefore')],
  };
  return fromTheSide([key({ ...plank }), key(one)]);
};

const planks: Figures = {
  plank: ({ levers }) => ({
    move: fromTheSide([
      key(levers.surfaceHeight ? plankOn(levers.surfaceHeight) : KNEES_FIRST),
      key(plankOn(levers.surfaceHeight)),
    ]),
  }),
  'knee-plank': always(
    fromTheSide([
      key({
        ...ALL_FOURS,
        rests: [rest('knee', FLOOR, 0), rest('toe', FLOOR), rest('forearm', FLOOR)],
        elbow: 88,
        lean: 96,
        wrist: 0,
      }),
      key({
        rests: [rest('knee', FLOOR, 0), rest('toe', FLOOR), rest('forearm', FLOOR)],
        lean: 76,
        hip: 0,
        knee: 74,
        ankle: -40,
        shoulder: 80,
        elbow: 88,
        neck: -14,
      }),
    ]),
  ),
  'plank-reach': plankMove(FOREARM_PLANK, {
    ...freeHand(FOREARM_PLANK, 'forearm'),
    shoulder: [168, 86],
    elbow: [6, 88],
  }),
  'high-plank': ({ levers }) => ({
    move: fromTheSide([
      key(levers.surfaceHeight ? handsPlankOn(levers.surfaceHeight) : KNEES_HANDS),
      key(handsPlankOn(levers.surfaceHeight)),
    ]),
  }),
  'plank-tap': plankMove(HIGH_PLANK, {
    ...freeHand(HIGH_PLANK, 'palm'),
    lean: 94,
    hip: [56, 56],
    shoulder: [96, 118],
    elbow: [10, 0],
  }),
  'plank-up-down': plankMove(FOREARM_PLANK, {
    ...HIGH_PLANK,
    rests: [rest('ball', FLOOR, 'asBefore'), rest('palm', FLOOR)],
  }),
  'plank-knee-tuck': plankMove(HIGH_PLANK, { ...HIGH_PLANK, ...TUCKED }),
  'plank-rotation': plankMove(HIGH_PLANK, {
    ...freeHand(HIGH_PLANK, 'palm'),
    shoulder: [-50, 76],
    towards: { upperArm: [30, 0] },
    wrist: [0, -85],
  }),
  'plank-row': plankMove(HIGH_PLANK, {
    ...freeHand(HIGH_PLANK, 'palm'),
    shoulder: [-38, 72],
    elbow: [92, 0],
    wrist: [0, -85],
  }),
  'plank-shoulder-tap': plankMove(HIGH_PLANK, {
    ...freeHand(HIGH_PLANK, 'palm'),
    shoulder: [66, 72],
    elbow: [130, 0],
    wrist: [0, -85],
  }),
  'bear-hold': plankMove(KNEES_HANDS, BEAR),
  'bear-step': plankMove(BEAR, {
    ...freeHand(BEAR, 'palm'),
    shoulder: [112, 88],
    elbow: [20, 0],
    wrist: [-30, -85],
  }),
  'bear-crawl': plankMove(
    {
      ...BEAR,
      rests: [rest('ball', FLOOR, [0.1, -0.06]), rest('palm', FLOOR, [0.34, 0.5])],
      hip: [104, 84],
      knee: [104, 84],
    },
    {
      ...BEAR,
      rests: [rest('ball', FLOOR, [-0.06, 0.1]), rest('palm', FLOOR, [0.5, 0.34])],
      hip: [84, 104],
      knee: [84, 104],
    },
    {},
  ),
  'bear-side-crawl': plankMove(BEAR, {
    ...BEAR,
    rests: [rest('ball', FLOOR, [0.05, 0]), rest('palm', FLOOR)],
    shoulder: [96, 84],
  }),
  'hover-cross-reach': plankMove(BEAR, {
    ...BEAR,
    rests: [rest('ball', FLOOR, 0, far), rest('palm', FLOOR, undefined, far)],
    hip: [6, 92],
    knee: [4, 96],
    shoulder: [172, 88],
    wrist: [0, -85],
  }),
  'slow-climber': ({ levers }) => ({ move: climber(levers.surfaceHeight), works: 'near' }),
  'fast-climber': always(climber()),
  'cross-climber': always(climber()),
  'plank-jack': always(
    fromTheFront([
      key({ hip: 2, shoulder: 20, towards: { upperArm: 76, forearm: 76, foot: 20 } }),
      key({ hip: 34, shoulder: 20, towards: { upperArm: 76, forearm: 76, foot: 20 } }),
    ]),
    { above: true },
  ),
  'squat-thrust': plankMove(HIGH_PLANK, {
    rests: [rest('ball', FLOOR, 0.34), rest('palm', FLOOR, 'asBefore')],
    lean: 66,
    hip: 132,
    knee: 138,
    ankle: 20,
    shoulder: 60,
    wrist: -85,
    neck: -14,
  }),
  'spider-lunge': plankMove(HIGH_PLANK, {
    rests: [rest('foot', FLOOR, 0.42, near), rest('ball', FLOOR, 0, far), rest('palm', FLOOR, 'asBefore')],
    lean: 68,
    hip: [128, 0],
    knee: [110, 8],
    shoulder: 66,
    wrist: -85,
    neck: -14,
  }),
  'downward-stretch': plankMove(HIGH_PLANK, {
    rests: [rest('ball', FLOOR, 'asBefore'), rest('palm', FLOOR, 'asBefore')],
    lean: 128,
    hip: 84,
    knee: 8,
    shoulder: 172,
    wrist: -60,
    ankle: 10,
  }),
};

/** Down to the floor and back: hands to a surface, feet stepped back. */
const thrust = (surfaceHeight: number | undefined): Figure['move'] => {
  const on = handsOn(surfaceHeight);
  const down = surfaceHeight
    ? key({
        rests: [rest('foot', FLOOR, 0), rest('palm', on, 0.36, light)],
        balanced: true,
        lean: 50,
        hip: 80,
        knee: 50,
        shoulder: 66,
        wrist: -85,
        neck: -14,
      })
    : key({
        rests: [rest('ball', FLOOR, 0.1), rest('palm', on, 0.36)],
        lean: 72,
        hip: 126,
        knee: 120,
        ankle: 20,
        shoulder: 66,
        wrist: -85,
        neck: -14,
      });
  const plank = key({
    ...handsPlankOn(surfaceHeight),
    rests: [rest('ball', FLOOR, surfaceHeight ? -0.3 : -0.26), rest('palm', on, 0.36)],
  });
  return fromTheSide([key(STANDING), down, plank]);
};
const thrusts: Figures = {
  'step-back-thrust': ({ levers }) => ({ move: thrust(levers.surfaceHeight) }),
  'jump-back-thrust': ({ levers }) => ({ move: thrust(levers.surfaceHeight) }),
  inchworm: always(
    fromTheSide([
      key(STANDING),
      key({
        rests: [rest('foot', FLOOR, 0), rest('palm', FLOOR, 0.3)],
        lean: 126,
        spine: 30,
        hip: 120,
        knee: 14,
        shoulder: 150,
        wrist: -60,
      }),
      key({ ...HIGH_PLANK, rests: [rest('ball', FLOOR, 0.08), rest('palm', FLOOR)] }),
    ]),
  ),
};

// ---- Hanging and rowing under a bar ------------------------------------------------------------------------------------------------

const HANG: Part = {
  rests: [rest('grip', BAR, 0, holding)],
  balanced: true,
  shoulder: 178,
  ankle: -20,
  neck: 0,
};
const PULLED: Part = { ...HANG, shoulder: 38, elbow: 134, neck: -12, knee: 30, lean: 4 };
const hang = (to: Part, from: Part = HANG): FigureOf => always(fromTheSide([key(from), key(to)]));
const UNDER: Surface = { kind: 'bar', cm: 90 };
/** Heels so far from the middle of the picture. */
const HEELS_AT = 0.62;
/** From the heels to the bar: so far that straight arms hang nearly square to the body (common practice, no published source). */
const TO_THE_BAR = 0.86;
/** Where a bar stands so that it meets the chest of a body that turns about its heels. */
const underTheBar = (height: number) => HEELS_AT - Math.sqrt(Math.max(0.01, TO_THE_BAR ** 2 - height ** 2));

const hanging: Figures = {
  'dead-hang': hang({ ...HANG, shoulder: 182 }, { ...HANG, shoulder: 172, knee: 20 }),
  'shoulder-set-hang': hang({ ...HANG, shoulder: 164, elbow: 6 }),
  'foot-helped-pull-up': always(
    fromTheSide([
      key({
        ...HANG,
        rests: [rest('grip', { kind: 'bar', share: 1.3 }, 0, holding), rest('foot', CHAIR, 0.14)],
        balanced: false,
        hip: 50,
        knee: 70,
      }),
      key({
        ...PULLED,
        rests: [rest('grip', { kind: 'bar', share: 1.3 }, 0, holding), rest('foot', CHAIR, 0.14)],
        balanced: false,
        hip: 20,
        knee: 30,
      }),
    ]),
  ),
  'lowering-pull-up': hang(HANG, PULLED),
  'pull-up': hang(PULLED),
  'chin-hold': hang(PULLED),
  'hanging-knee-raise': ({ levers }) => ({
    move: fromTheSide([
      key(HANG),
      key({ ...HANG, hip: 96, knee: 100 - (levers.leverage ?? 20) * 0.8, ankle: 0, spine: 12 }),
    ]),
  }),
  'hanging-leg-raise': ({ levers }) => {
    const up = key({ ...HANG, hip: 92, knee: 2, spine: 10 });
    return { move: fromTheSide([key(HANG), partWay(key(HANG), up, (levers.range ?? 100) / 100)]) };
  },
  'hanging-frog-raise': hang({ ...HANG, hip: 110, knee: 120, spine: 20 }),
  'hanging-pike': hang({ ...HANG, hip: 128, knee: 2, spine: 34, lean: -20 }),
  'low-bar-row': ({ levers, statureCm }) => {
    const bar: Surface = { ...UNDER, cm: levers.surfaceHeight ?? 90 };
    const at = underTheBar((bar.cm ?? 0) / statureCm);
    const heels = rest('heel', FLOOR, HEELS_AT);
    return {
      move: fromTheSide([
        key({ rests: [heels, rest('grip', bar, at, holding)], lean: -79, shoulder: 88 }),
        key({ rests: [heels, rest('grip', bar, at, holding)], lean: -60, shoulder: -6, elbow: 110 }),
      ]),
    };
  },
  'towel-row': always(
    fromTheSide([
      key({
        rests: [rest('foot', FLOOR, 0), rest('grip', { kind: 'post', share: 0.5 }, 0.62, holding)],
        lean: -34,
        shoulder: 110,
        hip: 0,
        ankle: 0,
      }),
      key({
        rests: [rest('foot', FLOOR, 0), rest('grip', { kind: 'post', share: 0.5 }, 0.62, holding)],
        lean: -14,
        shoulder: 20,
        elbow: 96,
        hip: 0,
      }),
    ]),
  ),
};

export const handsAndFeetFigures: Figures = { ...pressUps, ...dips, ...planks, ...thrusts, ...hanging };
