import { FLOOR } from '../body';
import { always, type Figure, type FigureOf, type Figures } from './figure';
import { freeArms, gripOf } from './grips';
import {
  CHAIR,
  COUNTER,
  cut,
  far,
  fromTheFront,
  fromTheSide,
  holding,
  key,
  light,
  near,
  rest,
  STEP,
  wallBehind,
  type Part,
} from './parts';
import {
  AHEAD,
  BEHIND_THE_HEAD,
  FACING,
  HANGS,
  hinge,
  NEAR_HANGS,
  ON_ONE,
  ON_PLATES,
  ON_THE_HIPS,
  ON_TOES,
  OVERHEAD,
  SITTING,
  split,
  squat,
  STAGGERED,
  STANDING,
  SWUNG,
  wide,
} from './stances';

/** From one stance to another, each on its own contacts; arms as the load is held, as far as the range says. */
function legsBetween(
  from: Part,
  to: Part,
  more: Omit<Figure, 'move'> & { free?: readonly [Part, Part] } = {},
): FigureOf {
  const { free = [{}, ON_THE_HIPS], ...figure } = more;
  return ({ levers, hold }) => {
    const { arms, heldAt } = gripOf(hold);
    const bare = !hold || hold === 'none' || hold === 'vest';
    const move = fromTheSide([key(from, bare ? free[0] : arms), key(to, bare ? free[1] : arms)]);
    return { move: cut(move, levers.range), ...(heldAt && { heldAt }), ...figure };
  };
}
/** From standing on both feet, which stay where they are; free arms reach ahead. */
const downTo = (to: Part, more: Omit<Figure, 'move'> = {}): FigureOf =>
  legsBetween(
    STANDING,
    { ...STANDING, ...to, rests: [...(STANDING.rests ?? []), ...(to.rests ?? [])] },
    { free: [{}, freeArms(1)], ...more },
  );
const heelsRaised = (): FigureOf =>
  legsBetween(
    ON_PLATES,
    { ...ON_PLATES, lean: 26, hip: 112, knee: 122, neck: -12 },
    { free: [{}, freeArms(1)] },
  );
const splitMove = (): FigureOf => legsBetween(split(0), split(1), { free: [ON_THE_HIPS, ON_THE_HIPS] });
const stepBack = (): FigureOf => legsBetween(STANDING, split(1));

/** Seen from the front. */
function facing(from: Part, to: Part, more: { readonly free?: readonly [Part, Part] } = {}): FigureOf {
  const { free = [{}, {}] } = more;
  return ({ levers, hold }) => {
    const bare = !hold || hold === 'none' || hold === 'vest';
    const arms: Part = hold === 'pair' ? { shoulder: 6, elbow: 2 } : { shoulder: 22, elbow: -128 };
    const move = fromTheFront([key(from, bare ? free[0] : arms), key(to, bare ? free[1] : arms)]);
    return { move: cut(move, levers.range) };
  };
}

/** Standing and squatting, legs bent to thighs level. */
const SQUAT = squat(1);
const DEEP: Part = { lean: 40, hip: 132, knee: 140, neck: -20 };
/** Onto a chair behind. */
const ONTO_THE_CHAIR: Part = { ...squat(0.85), rests: [rest('seat', CHAIR, undefined, light)] };
/** Fore-and-aft stances of one leg, the other held behind or before. */
const OTHER_LEG_BEHIND: Part = { hip: [0, -4], knee: [0, 70] };
const HOLD_THE_COUNTER: Part = { rests: [rest('grip', COUNTER, 0.42, { ...near, ...holding })] };

const STEP_AT = 0.3;
const stepUp = (height: typeof STEP, at = STEP_AT) =>
  legsBetween(
    {
      rests: [rest('foot', height, at, near), rest('foot', FLOOR, 0, far)],
      lean: 14,
      hip: [70, 0],
      knee: [80, 8],
    },
    { rests: [rest('foot', height, at, near)], lean: 3, hip: [4, 14], knee: [4, 34], balanced: true },
    { free: [{}, {}] },
  );

/** Feet wide and turned out, as a sumo squat is seen from the front. */
const SUMO: Part = wide(0.2, 22);
const SUMO_LOW: Part = {
  rests: [rest('foot', FLOOR, [0.2, -0.2])],
  hip: 62,
  knee: 68,
  towards: { thigh: 30, foot: 30 },
  balanced: true,
};
const HANDS_TOGETHER: Part = { shoulder: 22, elbow: -128 };
const HANDS_LOW: Part = { shoulder: -6, elbow: -14 };

/** One leg straight to the side, the other bent. */
const SIDE_LOW: Part = {
  rests: [rest('foot', FLOOR, [0.3, -0.24])],
  lean: 12,
  hip: [48, 34],
  knee: [62, 0],
  towards: { thigh: [35, 0], foot: [40, 60] },
};
const SIDE_DEEP: Part = { ...SIDE_LOW, lean: 16, hip: [58, 46], knee: [98, 0] };

const BRIDGE_FEET = 'asBefore' as const;

// ---- Hinges ------------------------------------------------------------------------------------------------------------------------

const HINGED = hinge(1);
/** The load stays near the legs: arms slant back from the shoulders to over the middle of the feet. */
const CLOSE: Part = { shoulder: 56, elbow: 2 };
const hinging =
  (from: Part, to: Part, more: Omit<Figure, 'move'> = {}): FigureOf =>
  ({ hold }) => ({
    move: fromTheSide([
      key(from),
      key(from, to, hold === 'oneSide' ? { ...CLOSE, shoulder: [56, 20] } : CLOSE),
    ]),
    ...more,
  });
const ONE_LEG_HINGED: Part = {
  rests: [rest('foot', FLOOR, 0, near)],
  balanced: true,
  lean: 78,
  neck: -12,
  hip: [86, -4],
  knee: [16, 4],
};
/** From the floor: knees more bent, arms to the load. */
const FROM_THE_FLOOR: Part = {
  rests: [rest('foot', FLOOR, 0)],
  lean: 58,
  hip: 108,
  knee: 72,
  neck: -24,
  balanced: true,
};

const hips: Figures = {
  'wall-hinge': always(fromTheSide([key(STANDING, ON_THE_HIPS), key(STANDING, hinge(0.75), ON_THE_HIPS)]), {
    beside: [{ surface: { kind: 'wall', share: -0.3, behind: true }, x: -0.3 }],
  }),
  'free-hinge': hinging(STANDING, { ...STANDING, ...hinge(0.9) }),
  'pair-hinge': hinging(STANDING, { ...STANDING, ...HINGED }),
  'staggered-hinge': hinging(STAGGERED, {
    ...STAGGERED,
    balanced: true,
    lean: 74,
    hip: [84, 62],
    knee: [18, 34],
    neck: -10,
  }),
  'held-one-leg-hinge': legsBetween(
    {
      ...ON_ONE,
      ...{ rests: [...(ON_ONE.rests ?? []), rest('grip', COUNTER, 0.4, { ...far, ...holding })] },
    },
    {
      ...ONE_LEG_HINGED,
      lean: 60,
      hip: [68, -4],
      rests: [...(ONE_LEG_HINGED.rests ?? []), rest('grip', COUNTER, 0.4, { ...far, ...holding })],
    },
    { free: [{}, NEAR_HANGS] },
  ),
  'one-leg-hinge': hinging(ON_ONE, ONE_LEG_HINGED),
  'loaded-one-leg-hinge': hinging(ON_ONE, ONE_LEG_HINGED),
  'reach-hinge': always(fromTheSide([key(ON_ONE), key(ONE_LEG_HINGED, { shoulder: 165, elbow: 4 })])),
  'floor-deadlift': always(fromTheSide([key(FROM_THE_FLOOR, HANGS), key(STANDING, HANGS)], { hardest: 0 })),
  'sumo-deadlift': always(
    fromTheFront([key(SUMO_LOW, { ...HANDS_LOW, lean: 0, towards: { thigh: 40 } }), key(SUMO, HANDS_LOW)], {
      hardest: 0,
    }),
  ),
  'suitcase-deadlift': always(
    fromTheSide([key(FROM_THE_FLOOR, NEAR_HANGS), key(STANDING, NEAR_HANGS)], { hardest: 0 }),
  ),
  'good-morning': ({ hold }) => ({
    move: fromTheSide([
      key(STANDING, hold === 'bag' || hold === 'bar' ? gripOf('bar').arms : BEHIND_THE_HEAD),
      key(STANDING, hinge(0.92), hold === 'bag' || hold === 'bar' ? gripOf('bar').arms : BEHIND_THE_HEAD),
    ]),
    heldAt: 'back',
  }),
  'hands-on-head-hinge': always(
    fromTheSide([key(STANDING, BEHIND_THE_HEAD), key(STANDING, hinge(0.9), BEHIND_THE_HEAD)]),
  ),
};

/** Arms before the body, as an arm of balance. */
const CROSS: Part = { shoulder: 50, elbow: 118 };

const squats: Figures = {
  'helped-sit-to-stand': always(
    fromTheSide(
      [
        key(SITTING, { lean: 8, shoulder: -8, elbow: 60 }),
        key(STANDING, squat(0.62), { shoulder: 30, elbow: 20 }),
        key(STANDING),
      ],
      { hardest: 1 },
    ),
  ),
  'seat-squat': downTo(ONTO_THE_CHAIR),
  'free-squat': downTo(SQUAT),
  'goblet-squat': downTo(SQUAT),
  'shoulder-pair-squat': ({ levers, hold }) => {
    const arms: Part = { shoulder: 30, elbow: 146 };
    return {
      move: cut(fromTheSide([key(STANDING, arms), key(STANDING, SQUAT, arms)]), levers.range),
      ...(hold === 'band' && { anchor: 'feet' as const }),
    };
  },
  'bar-squat': downTo(SQUAT),
  'band-squat': downTo(SQUAT, { anchor: 'feet' }),
  'raised-split-squat': legsBetween(
    {
      rests: [rest('foot', FLOOR, 0.14, near), rest('toe', CHAIR, -0.44, far)],
      lean: 8,
      hip: [28, -24],
      knee: [18, 62],
      ankle: [0, -40],
    },
    {
      rests: [rest('foot', FLOOR, 0.14, near), rest('toe', CHAIR, -0.44, far)],
      lean: 20,
      hip: [98, -14],
      knee: [94, 110],
      ankle: [0, -40],
    },
  ),
  'wall-sit': ({ levers }) => ({
    move: cut(
      fromTheSide([
        key({ rests: [rest('foot', FLOOR, 0.3), rest('back', wallBehind(0))], hip: 20, knee: 24 }),
        key({ rests: [rest('foot', FLOOR, 0.3), rest('back', wallBehind(0))], hip: 90, knee: 90 }),
      ]),
      levers.range,
    ),
  }),
  'one-leg-sit': legsBetween(
    { ...ON_ONE, hip: [0, 30], knee: [0, 20] },
    {
      rests: [rest('foot', FLOOR, 0, near), rest('seat', CHAIR, undefined, light)],
      balanced: true,
      lean: 36,
      hip: [112, 90],
      knee: [104, 24],
      neck: -14,
    },
    { free: [AHEAD, AHEAD] },
  ),
  'held-one-leg-squat': ({ levers }) => ({
    move: cut(
      fromTheSide([
        key({ ...ON_ONE, hip: [0, 30], knee: [0, 20] }, HOLD_THE_COUNTER),
        key(
          { rests: [rest('foot', FLOOR, 0, near)], lean: 30, hip: [110, 70], knee: [104, 10] },
          HOLD_THE_COUNTER,
        ),
      ]),
      levers.range,
    ),
  }),
  'one-leg-squat': legsBetween(
    { ...ON_ONE, hip: [0, 34], knee: [0, 8] },
    {
      rests: [rest('foot', FLOOR, 0, near)],
      balanced: true,
      lean: 40,
      hip: [128, 128],
      knee: [126, 4],
      neck: -14,
    },
    { free: [AHEAD, AHEAD] },
  ),
  'sumo-squat': facing(SUMO, SUMO_LOW, { free: [HANDS_TOGETHER, HANDS_TOGETHER] }),
  'sumo-hold': facing(SUMO, SUMO_LOW, { free: [HANDS_TOGETHER, HANDS_TOGETHER] }),
  'narrow-squat': downTo(SQUAT),
  'heels-raised-squat': heelsRaised(),
  'heels-raised-goblet-squat': heelsRaised(),
  'squat-pulse': ({ levers }) => ({
    move: cut(fromTheSide([key(STANDING, squat(0.75), AHEAD), key(STANDING, SQUAT, AHEAD)]), levers.range),
  }),
  'squat-hold': downTo(SQUAT),
  'staggered-squat': legsBetween(
    STAGGERED,
    { ...STAGGERED, lean: 28, hip: [100, 84], knee: [96, 108], neck: -12 },
    { free: [{}, freeArms(0.9)] },
  ),
  'pivot-squat': downTo(SQUAT),
  'half-rep-squat': ({ levers, hold }) => {
    const { arms, heldAt } = gripOf(hold);
    const move = fromTheSide(
      [
        key(STANDING, arms),
        key(STANDING, SQUAT, arms),
        key(STANDING, squat(0.5), arms),
        key(STANDING, SQUAT, arms),
      ],
      { hardest: 1 },
    );
    return { move: cut(move, levers.range), ...(heldAt && { heldAt }) };
  },
  'deep-squat-rest': always(fromTheSide([key(STANDING), key(STANDING, DEEP, { shoulder: 60, elbow: 80 })])),
  'easy-sit-and-reach-up': always(
    fromTheSide([key(STANDING, SQUAT, HANGS), key(STANDING, OVERHEAD, { hanging: 'no' })], { hardest: 0 }),
  ),
};

const lunges: Figures = {
  'held-split-squat': ({ levers }) => ({
    move: cut(
      fromTheSide(
        [key(split(0), HOLD_THE_COUNTER), key(split(1), HOLD_THE_COUNTER)].map((one) => ({
          ...one,
          rests: one.rests.map((bearing) =>
            bearing.on.kind === 'counter' ? { ...bearing, at: 0.5 } : bearing,
          ),
        })) as never,
      ),
      levers.range,
    ),
  }),
  'split-squat': splitMove(),
  'split-squat-hold': splitMove(),
  'lunge-pulse': ({ levers }) => ({
    move: cut(fromTheSide([key(split(0.7), ON_THE_HIPS), key(split(1), ON_THE_HIPS)]), levers.range),
  }),
  'back-lunge': stepBack(),
  'loaded-back-lunge': stepBack(),
  'forward-lunge': stepBack(),
  'walking-lunge': stepBack(),
  'knee-drive-lunge': ({ levers }) => {
    const low = key(split(1), SWUNG);
    const high = key(
      { rests: [rest('foot', FLOOR, 0.16, near)], balanced: true, hip: [0, 88], knee: [2, 92] },
      { shoulder: [38, -28], elbow: 80 },
    );
    return { move: cut(fromTheSide([high, low]), levers.range) };
  },
  'around-the-clock-lunge': stepBack(),
  'side-step-squat': facing(
    FACING,
    { ...SUMO_LOW, rests: [rest('foot', FLOOR, [0.16, -0.16])], hip: 50, knee: 56 },
    { free: [{}, HANDS_TOGETHER] },
  ),
  'side-lunge': facing(FACING, SIDE_LOW, { free: [{}, HANDS_TOGETHER] }),
  'sliding-side-lunge': facing(FACING, SIDE_LOW, { free: [{}, HANDS_TOGETHER] }),
  'deep-side-squat': facing(wide(0.27, 26), SIDE_DEEP, { free: [HANDS_TOGETHER, HANDS_TOGETHER] }),
  'curtsy-tap': facing(
    FACING,
    {
      rests: [rest('foot', FLOOR, 0.02, near), rest('ball', FLOOR, 0.2, far)],
      hip: [6, -30],
      knee: [10, -8],
      lean: 4,
      towards: { thigh: [30, 20], shank: [20, 40], foot: 65 },
    },
    { free: [{}, HANDS_TOGETHER] },
  ),
  'curtsy-lunge': facing(
    FACING,
    {
      rests: [rest('foot', FLOOR, 0.02, near), rest('ball', FLOOR, 0.26, far)],
      hip: [20, -34],
      knee: [24, -4],
      lean: 6,
      towards: { thigh: [58, 30], shank: [20, 55], foot: 65 },
    },
    { free: [{}, HANDS_TOGETHER] },
  ),
  'knee-tap-squat': legsBetween(
    { ...ON_ONE, ...OTHER_LEG_BEHIND },
    {
      rests: [rest('foot', FLOOR, 0, near), rest('knee', FLOOR, -0.2, { ...far, ...light })],
      balanced: true,
      lean: 42,
      hip: [116, 30],
      knee: [108, 128],
      neck: -14,
    },
    { free: [{}, AHEAD] },
  ),
  'step-up': stepUp(STEP),
  'high-step-up': stepUp(CHAIR, 0.34),
  'step-back-off-a-step': legsBetween(
    { rests: [rest('foot', STEP, 0.1)], balanced: true },
    {
      rests: [rest('foot', STEP, 0.1, near), rest('ball', FLOOR, -0.34, far)],
      lean: 10,
      hip: [96, -4],
      knee: [96, 92],
      ankle: [0, 12],
    },
  ),
  'step-down': legsBetween(
    { rests: [rest('foot', STEP, 0, near)], balanced: true, hip: [0, 6], knee: [0, 6] },
    {
      rests: [rest('foot', STEP, 0, near), rest('heel', FLOOR, 0.26, { ...far, ...light })],
      lean: 18,
      hip: [62, 30],
      knee: [66, 4],
      ankle: [0, 10],
    },
    { free: [ON_THE_HIPS, ON_THE_HIPS] },
  ),
  'side-step-up': always(
    fromTheFront([
      key({
        rests: [rest('foot', STEP, 0.16, near), rest('foot', FLOOR, -0.1, far)],
        hip: [22, 8],
        knee: [26, 4],
        towards: { thigh: [50, 0], shank: [10, 0] },
      }),
      key({ rests: [rest('foot', STEP, 0.16, near)], balanced: true, hip: [0, 12] }),
    ]),
  ),
};

// ---- Lying on the back: bridges and leg curls --------------------------------------------------------------------------------------

const LYING: Part = {
  rests: [rest('back', FLOOR, 0), rest('foot', FLOOR)],
  lean: -90,
  hip: 46,
  knee: 94,
  ankle: -40,
  shoulder: 8,
};
const UP: Part = {
  rests: [rest('shoulders', FLOOR, 'asBefore'), rest('foot', FLOOR, BRIDGE_FEET)],
  lean: -118,
  hip: 0,
  knee: 88,
  neck: 26,
  shoulder: -18,
};
const bridge = (from: Part, to: Part, more: Omit<Figure, 'move'> = {}): FigureOf =>
  always(fromTheSide([key(from), key(to)]), more);
const onHips = { heldAt: 'hips' } as const;
/** Shoulders on a chair, hips low and high. */
const BENCHED: Part = {
  rests: [rest('shoulders', CHAIR, 0), rest('foot', FLOOR, 0.42)],
  lean: -40,
  hip: 70,
  knee: 92,
  shoulder: 10,
  elbow: 20,
  neck: 8,
};
const BENCHED_UP: Part = {
  rests: [rest('shoulders', CHAIR, 0), rest('foot', FLOOR, 0.42)],
  lean: -92,
  hip: 0,
  knee: 90,
  shoulder: 8,
  elbow: 10,
  neck: 20,
};
const ONE_UP = (part: Part): Part => ({
  ...part,
  rests: (part.rests ?? []).map((bearing) => (bearing.with === 'foot' ? { ...bearing, ...near } : bearing)),
});
const LONG_LYING: Part = {
  rests: [rest('back', FLOOR, 0), rest('heel', FLOOR)],
  lean: -90,
  hip: 24,
  knee: 46,
  ankle: 8,
  shoulder: 8,
};
const HEELS_OUT: Part = {
  rests: [rest('shoulders', FLOOR, 'asBefore'), rest('heel', FLOOR)],
  lean: -103,
  hip: -4,
  knee: 12,
  ankle: 6,
  neck: 14,
  shoulder: -10,
};
const HEELS_IN: Part = {
  ...UP,
  rests: [rest('shoulders', FLOOR, 'asBefore'), rest('heel', FLOOR)],
  ankle: 4,
};

const HEELS_OUT_FIRST: Part = { ...HEELS_OUT, rests: [rest('shoulders', FLOOR, 0), rest('heel', FLOOR)] };
const HEELS_IN_FIRST: Part = { ...UP, rests: [rest('shoulders', FLOOR, 0), rest('heel', FLOOR)], ankle: 4 };

const bridges: Figures = {
  'floor-bridge': bridge(LYING, UP),
  'one-leg-bridge': bridge(
    { ...ONE_UP(LYING), hip: [46, 46], knee: [94, 0] },
    { ...ONE_UP(UP), hip: [0, 2], knee: [88, 4] },
  ),
  'bridge-march': bridge(UP, { ...ONE_UP(UP), hip: [0, 82], knee: [88, 90] }),
  'bridge-hold': bridge(LYING, UP),
  'bridge-pulse': bridge({ ...UP, lean: -108, hip: 14 }, UP),
  'bridge-walk-out': bridge(
    { ...UP, rests: [rest('shoulders', FLOOR, 0), rest('foot', FLOOR)] },
    { ...HEELS_OUT, hip: -2, knee: 30 },
  ),
  'frog-bridge': bridge(LYING, { ...UP, knee: 96 }),
  'feet-raised-bridge': bridge(
    { rests: [rest('back', FLOOR, 0), rest('heel', CHAIR, 0.42)], lean: -90, hip: 84, knee: 96, shoulder: 8 },
    {
      rests: [rest('shoulders', FLOOR, 'asBefore'), rest('heel', CHAIR, 0.42)],
      lean: -122,
      hip: 8,
      knee: 70,
      neck: 28,
      shoulder: -22,
    },
  ),
  'loaded-bridge': bridge({ ...LYING, shoulder: 10 }, { ...UP, shoulder: 6, elbow: 10 }, onHips),
  'shoulder-raised-bridge': bridge(BENCHED, BENCHED_UP),
  'loaded-hip-thrust': bridge(
    { ...BENCHED, shoulder: 14, elbow: 20 },
    { ...BENCHED_UP, shoulder: 14, elbow: 14 },
    onHips,
  ),
  'one-leg-hip-thrust': bridge(
    { ...ONE_UP(BENCHED), hip: [70, 90], knee: [92, 60] },
    { ...ONE_UP(BENCHED_UP), hip: [0, 74], knee: [90, 90] },
  ),
  'band-pull-through': always(
    fromTheSide(
      [
        key(STANDING, { lean: 74, hip: 92, knee: 24, neck: -14, shoulder: 30 }),
        key(STANDING, { shoulder: 16 }),
      ],
      { hardest: 1 },
    ),
    { anchor: { x: -0.62, y: 0.28 }, beside: [{ surface: { kind: 'post', share: -0.62 }, x: -0.62 }] },
  ),
  'crab-hold': bridge(
    {
      rests: [rest('seat', FLOOR, 0), rest('foot', FLOOR, 0.36), rest('palm', FLOOR, -0.16)],
      lean: -18,
      hip: 92,
      knee: 92,
      shoulder: -36,
      wrist: 60,
    },
    {
      rests: [rest('foot', FLOOR, 0.36), rest('palm', FLOOR, -0.3)],
      lean: -82,
      hip: 16,
      knee: 82,
      shoulder: -60,
      wrist: 60,
      neck: 20,
    },
  ),
  'crab-lift': bridge(
    {
      rests: [rest('foot', FLOOR, 0.36), rest('palm', FLOOR, -0.2)],
      lean: -34,
      hip: 84,
      knee: 88,
      shoulder: -50,
      wrist: 60,
    },
    {
      rests: [rest('foot', FLOOR, 0.36), rest('palm', FLOOR, -0.3)],
      lean: -84,
      hip: 10,
      knee: 82,
      shoulder: -60,
      wrist: 60,
      neck: 20,
    },
  ),
  'crab-walk': bridge(
    {
      rests: [rest('foot', FLOOR, 0.36), rest('palm', FLOOR, -0.26)],
      lean: -62,
      hip: 46,
      knee: 84,
      shoulder: -58,
      wrist: 60,
      neck: 20,
    },
    {
      rests: [
        rest('foot', FLOOR, 0.4, near),
        rest('foot', FLOOR, 0.34, far),
        rest('palm', FLOOR, [-0.24, -0.28]),
      ],
      lean: -62,
      hip: [42, 48],
      knee: [78, 86],
      shoulder: -58,
      wrist: 60,
      neck: 20,
    },
  ),
  'heel-dig-bridge': bridge(LONG_LYING, HEELS_OUT),
  'sliding-leg-curl-down': bridge(HEELS_IN_FIRST, HEELS_OUT),
  'sliding-leg-curl': bridge(HEELS_OUT_FIRST, HEELS_IN),
  'one-leg-sliding-curl': bridge(
    {
      ...HEELS_OUT_FIRST,
      rests: [rest('shoulders', FLOOR, 0), rest('heel', FLOOR, undefined, near)],
      hip: [-4, 40],
      knee: [12, 30],
    },
    {
      ...HEELS_IN,
      rests: [rest('shoulders', FLOOR, 'asBefore'), rest('heel', FLOOR, undefined, near)],
      hip: [0, 40],
      knee: [88, 30],
    },
  ),
  'standing-leg-curl': ({ hold }) => ({
    move: fromTheSide([
      key({
        rests: [rest('foot', FLOOR, 0, far), rest('grip', COUNTER, 0.36, light)],
        lean: 6,
        balanced: true,
      }),
      key({
        rests: [rest('foot', FLOOR, 0, far), rest('grip', COUNTER, 0.36, light)],
        lean: 6,
        hip: [0, 4],
        knee: [104, 2],
        balanced: true,
      }),
    ]),
    ...(hold === 'ankle' && { heldAt: 'ankle' as const }),
    works: 'near' as const,
  }),
  'kneeling-lowering': ({ levers }) => ({
    move: cut(
      fromTheSide([
        key(
          {
            rests: [rest('knee', FLOOR, 0), rest('toe', FLOOR, undefined, holding)],
            knee: 90,
            ankle: -40,
            lean: 0,
          },
          CROSS,
        ),
        key(
          {
            rests: [rest('knee', FLOOR, 0), rest('toe', FLOOR, undefined, holding)],
            knee: 40,
            ankle: -40,
            lean: 50,
            hip: 0,
          },
          CROSS,
        ),
      ]),
      levers.range,
    ),
  }),
  'band-leg-curl': always(
    fromTheSide([
      key({ rests: [rest('front', FLOOR, 0)], lean: 90, knee: 8, shoulder: 150, elbow: 90, neck: -8 }),
      key({ rests: [rest('front', FLOOR, 0)], lean: 90, knee: 100, shoulder: 150, elbow: 90, neck: -8 }),
    ]),
    {
      beside: [{ surface: { kind: 'post', share: -0.86 }, x: -0.86 }],
      anchor: { x: -0.86, y: 0.04 },
      heldAt: 'ankle',
    },
  ),
};
// ---- Calves ------------------------------------------------------------------------------------------------------------------------

const HOLDS_ON: Part = { rests: [rest('grip', COUNTER, 0.34, light)] };
const calves: Figures = {
  'seated-heel-raise': ({ hold }) => ({
    move: fromTheSide([
      key({ ...SITTING, shoulder: 24, elbow: 30 }),
      key({
        rests: [rest('seat', CHAIR, 0), rest('ball', FLOOR, 'asBefore')],
        hip: 98,
        knee: 100,
        ankle: -34,
        shoulder: 26,
        elbow: 30,
      }),
    ]),
    ...(hold && hold !== 'none' && { heldAt: 'thighs' as const }),
  }),
  'held-heel-raise': always(fromTheSide([key(STANDING, HOLDS_ON), key(ON_TOES, HOLDS_ON)])),
  'heel-raise': ({ hold }) => ({
    move: fromTheSide([key(STANDING, gripOf(hold).arms), key(ON_TOES, gripOf(hold).arms)]),
  }),
  'step-heel-raise': ({ hold }) => ({
    move: fromTheSide([
      key({ rests: [rest('ball', STEP, 0)], balanced: true, ankle: 24 }, gripOf(hold).arms),
      key({ rests: [rest('ball', STEP, 0)], balanced: true, ankle: -38 }, gripOf(hold).arms),
    ]),
  }),
  'one-leg-heel-raise': ({ hold }) => ({
    move: fromTheSide([
      key(
        {
          rests: [rest('foot', FLOOR, 0, near), rest('grip', COUNTER, 0.34, { ...far, ...light })],
          knee: [0, 60],
        },
        hold === 'oneSide' ? NEAR_HANGS : {},
      ),
      key(
        {
          rests: [rest('ball', FLOOR, 'asBefore', near), rest('grip', COUNTER, 0.34, { ...far, ...light })],
          ankle: [-38, 0],
          knee: [0, 60],
          balanced: true,
        },
        hold === 'oneSide' ? NEAR_HANGS : {},
      ),
    ]),
  }),
  'seated-toe-raise': always(
    fromTheSide([
      key(SITTING, { shoulder: 20, elbow: 30 }),
      key({
        rests: [rest('seat', CHAIR, 0), rest('heel', FLOOR, 'asBefore')],
        hip: 90,
        knee: 88,
        ankle: 20,
        shoulder: 20,
        elbow: 30,
      }),
    ]),
  ),
  'wall-toe-raise': always(
    fromTheSide([
      key({ rests: [rest('foot', FLOOR, 0.14), rest('back', wallBehind(0))], hip: 12 }),
      key({ rests: [rest('heel', FLOOR, 0.14), rest('back', wallBehind(0))], hip: 12, ankle: 20 }),
    ]),
  ),
  'heel-walk': always(
    fromTheSide([
      key({
        rests: [rest('heel', FLOOR, 0.1, near), rest('heel', FLOOR, -0.08, far)],
        ankle: 18,
        hip: [12, -8],
      }),
      key({
        rests: [rest('heel', FLOOR, -0.08, near), rest('heel', FLOOR, 0.1, far)],
        ankle: 18,
        hip: [-8, 12],
      }),
    ]),
  ),
};

export const legFigures: Figures = { ...squats, ...lunges, ...hips, ...bridges, ...calves };
