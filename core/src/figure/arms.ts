import { FLOOR } from '../body';
import { always, type Figure, type FigureOf, type Figures } from './figure';
import {
  CHAIR,
  COUNTER,
  far,
  fromTheFront,
  fromTheSide,
  key,
  light,
  near,
  rest,
  wall,
  wallBehind,
  type Part,
  type Surface,
} from './parts';
import {
  ALL_FOURS,
  AT_THE_SHOULDERS,
  FACING,
  HALF_KNEELING,
  HANGS,
  hinge,
  KNEELING,
  ON_THE_FLOOR,
  OVERHEAD,
  SITTING,
  STANDING,
} from './stances';

/** Arms from one place to another over the same stance. */
const armsOn =
  (stance: Part) =>
  (from: Part, to: Part, more: Omit<Figure, 'move'> = {}): FigureOf =>
    always(fromTheSide([key(stance, from), key(stance, to)]), more);
const facing =
  (stance: Part) =>
  (from: Part, to: Part, more: Omit<Figure, 'move'> = {}): FigureOf =>
    always(fromTheFront([key(stance, from), key(stance, to)]), more);
/** The far arm stays as it was. */
const one = (a: number, b: number): readonly [number, number] => [a, b];

const standing = armsOn(STANDING);
const seated = armsOn(SITTING);
const front = facing(FACING);
const POST_AHEAD = { x: 0.75, y: 0.78 } as const;
const post = (x: number): { readonly surface: Surface; readonly x: number } => ({
  surface: { kind: 'post', share: x },
  x,
});
const HIGH_AHEAD = { x: 0.5, y: 1.25 } as const;

// ---- Presses -----------------------------------------------------------------------------------------------------------------------

/** On the back on the floor: elbows beside the ribs, then arms straight up. */
const BACK: Part = {
  rests: [rest('back', FLOOR, 0), rest('foot', FLOOR)],
  lean: -90,
  hip: 46,
  knee: 94,
  ankle: -40,
};
const ELBOWS_DOWN: Part = { shoulder: 4, elbow: 86, towards: { upperArm: 45 } };
const ARMS_UP: Part = { shoulder: 88, elbow: 2 };
const floorPress = armsOn(BACK);

const presses: Figures = {
  'floor-press': floorPress(ELBOWS_DOWN, ARMS_UP, { anchor: 'back' }),
  'one-arm-floor-press': floorPress(
    { ...ELBOWS_DOWN, shoulder: one(4, 20), elbow: one(86, 10), towards: { upperArm: [45, 0] } },
    { shoulder: one(88, 20), elbow: one(2, 10) },
    { works: 'near' },
  ),
  'alternating-floor-press': floorPress(
    { shoulder: one(4, 88), elbow: one(86, 2), towards: { upperArm: [45, 0] } },
    { shoulder: one(88, 4), elbow: one(2, 86), towards: { upperArm: [0, 45] } },
  ),
  'close-floor-press': floorPress({ shoulder: 4, elbow: 92 }, ARMS_UP),
  'standing-band-press': standing(
    { shoulder: -10, elbow: 112, towards: { upperArm: 35 } },
    { shoulder: 88, elbow: 2 },
    { anchor: 'back' },
  ),
  'wall-slide-press': always(
    fromTheSide([
      key(
        { rests: [rest('foot', FLOOR, 0.1), rest('back', wallBehind(0))], hip: 8 },
        { shoulder: 60, elbow: 128, towards: { upperArm: 55 } },
      ),
      key(
        { rests: [rest('foot', FLOOR, 0.1), rest('back', wallBehind(0))], hip: 8 },
        { shoulder: 176, elbow: 6 },
      ),
    ]),
  ),
  'seated-press': seated(AT_THE_SHOULDERS, OVERHEAD, { anchor: 'seat' }),
  'standing-press': standing(AT_THE_SHOULDERS, OVERHEAD, { anchor: 'feet' }),
  'one-arm-press': standing(
    { shoulder: one(24, -8), elbow: one(148, 30) },
    { shoulder: one(176, -8), elbow: one(4, 30) },
    { works: 'near' },
  ),
  'push-press': always(
    fromTheSide(
      [
        key(STANDING, { lean: 10, hip: 40, knee: 44 }, AT_THE_SHOULDERS),
        key(STANDING, AT_THE_SHOULDERS),
        key(STANDING, OVERHEAD),
      ],
      { hardest: 2 },
    ),
  ),
  'rotating-press': standing({ shoulder: 60, elbow: 130 }, OVERHEAD),
  'alternating-press': standing(
    { shoulder: one(24, 176), elbow: one(148, 4) },
    { shoulder: one(176, 24), elbow: one(4, 148) },
  ),
  'half-kneeling-press': always(
    fromTheSide([
      key(HALF_KNEELING, { shoulder: one(24, 0), elbow: one(148, 20) }),
      key(HALF_KNEELING, { shoulder: one(176, 0), elbow: one(4, 20) }),
    ]),
  ),
  'palm-press': front({ shoulder: 24, elbow: -122 }, { shoulder: 34, elbow: -132 }),
  'floor-fly': always(
    fromTheSide(
      [
        key(BACK, { shoulder: 84, elbow: 16, towards: { upperArm: 82, forearm: 60 } }),
        key(BACK, { shoulder: 88, elbow: 12 }),
      ],
      { hardest: 0 },
    ),
  ),
  'straight-arm-fly': always(
    fromTheSide(
      [
        key(BACK, { shoulder: 84, elbow: 4, towards: { upperArm: 84, forearm: 80 } }),
        key(BACK, { shoulder: 88, elbow: 2 }),
      ],
      { hardest: 0 },
    ),
  ),
  'band-fly': standing(
    { shoulder: 70, elbow: 14, towards: { upperArm: 70, forearm: 50 } },
    { shoulder: 84, elbow: 8 },
    { anchor: { x: -0.5, y: 0.8 }, beside: [post(-0.5)] },
  ),
  'standing-fly': front({ shoulder: 90, elbow: 90 }, { shoulder: 78, elbow: 82, towards: { upperArm: 72 } }),
};

// ---- Rows and pulls ----------------------------------------------------------------------------------------------------------------

const BENT: Part = { ...STANDING, ...hinge(0.82) };
const ROWED: Part = { shoulder: -42, elbow: 96, hanging: 'no' };
const bent = armsOn(BENT);
/** One hand on a chair, the other rows. */
const PROPPED: Part = {
  rests: [rest('foot', FLOOR, 0.06, near), rest('foot', FLOOR, -0.14, far), rest('palm', CHAIR, 0.34, far)],
  lean: 68,
  neck: -14,
  hip: [84, 66],
  knee: [24, 20],
};
const ON_THE_COUNTER: Part = {
  rests: [
    rest('foot', FLOOR, -0.06),
    rest('forearm', COUNTER, 0.3, far),
    rest('shoulders', COUNTER, undefined, light),
  ],
  lean: 58,
  neck: -14,
  hip: 62,
  knee: 10,
};
const PRONE: Part = { rests: [rest('front', FLOOR, 0), rest('toe', FLOOR)], lean: 90, neck: -6, ankle: -45 };
const PRONE_UP: Part = {
  rests: [rest('front', FLOOR, 0), rest('toe', FLOOR)],
  lean: 90,
  spine: -6,
  neck: -12,
  ankle: -45,
};
const prone = (from: Part, to: Part): FigureOf => always(fromTheSide([key(PRONE, from), key(PRONE_UP, to)]));

const rows: Figures = {
  'supported-row': always(
    fromTheSide([
      key(ON_THE_COUNTER, { shoulder: one(58, 80), elbow: one(4, 90) }),
      key(ON_THE_COUNTER, { shoulder: one(-36, 80), elbow: one(92, 90) }),
    ]),
    { works: 'near' },
  ),
  'one-arm-row': always(
    fromTheSide([
      key(PROPPED, { hanging: 'near' }),
      key(PROPPED, { shoulder: one(-40, 70), elbow: one(96, 0) }),
    ]),
    { works: 'near', anchor: 'nearFoot' },
  ),
  'pair-row': bent(HANGS, ROWED, { anchor: 'feet' }),
  'wide-row': bent(HANGS, { shoulder: 20, elbow: 90, hanging: 'no', towards: { upperArm: 70 } }),
  'underhand-row': bent(HANGS, { ...ROWED, shoulder: -50 }, { anchor: 'feet' }),
  'alternating-row': bent(
    { shoulder: one(-42, 74), elbow: one(96, 4) },
    { shoulder: one(74, -42), elbow: one(4, 96) },
  ),
  'prone-w': prone(
    { shoulder: 40, elbow: 90, towards: { upperArm: 60, forearm: 40 } },
    { shoulder: -20, elbow: 100, towards: { upperArm: 60, forearm: 30 } },
  ),
  'seated-band-row': armsOn(ON_THE_FLOOR)(
    { shoulder: 74, elbow: 4, lean: 4 },
    { shoulder: -36, elbow: 104 },
    { anchor: 'feet' },
  ),
  'anchored-band-row': standing(
    { shoulder: 84, elbow: 4 },
    { shoulder: -40, elbow: 104 },
    { anchor: POST_AHEAD, beside: [post(0.75)] },
  ),
  'wall-row-hold': always(
    fromTheSide([
      key(
        { rests: [rest('foot', FLOOR, 0.14), rest('back', wallBehind(0))], hip: 8 },
        { shoulder: 0, elbow: 90 },
      ),
      key(
        { rests: [rest('foot', FLOOR, 0.14), rest('elbow', wallBehind(0))], hip: 4 },
        { shoulder: -30, elbow: 96 },
      ),
    ]),
  ),
  'band-pull-down': armsOn(KNEELING)(
    { shoulder: 160, elbow: 4 },
    { shoulder: 20, elbow: 118 },
    { anchor: HIGH_AHEAD },
  ),
  'door-towel-pull': standing({ shoulder: 158, elbow: 10 }, { shoulder: 40, elbow: 116 }),
  pullover: always(
    fromTheSide([key(BACK, { shoulder: 88, elbow: 10 }), key(BACK, { shoulder: 164, elbow: 16 })]),
  ),
  'prone-pull-down': prone(
    { shoulder: 168, elbow: 6 },
    { shoulder: 60, elbow: 120, towards: { upperArm: 55 } },
  ),
};

const posture: Figures = {
  'wall-squeeze': always(
    fromTheSide([
      key(
        { rests: [rest('foot', FLOOR, 0.1), rest('back', wallBehind(0))], hip: 6 },
        { shoulder: 20, elbow: 90 },
      ),
      key(
        { rests: [rest('foot', FLOOR, 0.1), rest('back', wallBehind(0))], hip: 6 },
        { shoulder: -8, elbow: 90 },
      ),
    ]),
  ),
  'wall-angel': front({ shoulder: 74, elbow: 90 }, { shoulder: 150, elbow: 24 }),
  'prone-t-raise': prone(
    { shoulder: 88, elbow: 2, towards: { upperArm: 70, forearm: 70 } },
    { shoulder: -14, elbow: 2, towards: { upperArm: 68, forearm: 68 } },
  ),
  'prone-y-raise': prone({ shoulder: 168, elbow: 2 }, { shoulder: 190, elbow: 2 }),
  'bent-reverse-fly': bent(
    { ...HANGS },
    { shoulder: 70, elbow: 12, hanging: 'no', towards: { upperArm: 72, forearm: 74 } },
  ),
  'band-pull-apart': front(
    { shoulder: 88, elbow: 0, towards: { upperArm: 78, forearm: 78 } },
    { shoulder: 88, elbow: 2 },
    { anchor: 'hands' },
  ),
  'band-face-pull': standing(
    { shoulder: 88, elbow: 4 },
    { shoulder: 84, elbow: 128, towards: { upperArm: 60 } },
    { anchor: POST_AHEAD, beside: [post(0.75)] },
  ),
  'seated-chin-tuck': seated({ neck: 18, shoulder: 16, elbow: 30 }, { neck: -6, shoulder: 16, elbow: 30 }),
  'kneeling-reverse-fly': always(
    fromTheSide([
      key(ALL_FOURS, { rests: [] }),
      key(
        {
          ...ALL_FOURS,
          rests: [rest('knee', FLOOR, 0), rest('toe', FLOOR), rest('palm', FLOOR, undefined, far)],
        },
        { shoulder: one(40, 88), wrist: one(0, -85), towards: { upperArm: [70, 0], forearm: [70, 0] } },
      ),
    ]),
    { works: 'near' },
  ),
  'prone-chest-lift': prone({ shoulder: 0 }, { spine: -28, neck: -10, shoulder: -4 }),
  'alternating-superman': prone({ shoulder: 172 }, { spine: -8, shoulder: one(188, 172), hip: one(0, -14) }),
  superman: prone({ shoulder: 172 }, { spine: -20, shoulder: 184, hip: -16 }),
  'reverse-snow-angel': prone({ shoulder: 168, towards: { upperArm: 20 } }, { spine: -12, shoulder: -6 }),
};

// ---- Raises, curls, extensions -----------------------------------------------------------------------------------------------------

const sideRaise = (angle: number, elbow = 4): FigureOf =>
  front({ shoulder: 6, elbow: 2 }, { shoulder: angle, elbow }, { anchor: 'feet' });
const raises: Figures = {
  'empty-side-raise': sideRaise(88),
  'bent-side-raise': front(
    { shoulder: 8, elbow: 0, towards: { forearm: 80 } },
    { shoulder: 88, elbow: 0, towards: { forearm: 78 } },
  ),
  'side-raise': sideRaise(88),
  'leaning-side-raise': always(
    fromTheFront([
      key({ rests: [rest('foot', FLOOR, [0.02, -0.02])], lean: 14 }, { shoulder: one(4, 84), elbow: 2 }),
      key({ rests: [rest('foot', FLOOR, [0.02, -0.02])], lean: 14 }, { shoulder: one(100, 84), elbow: 2 }),
    ]),
    { works: 'near', beside: [post(-0.62)] },
  ),
  'angled-raise': sideRaise(84),
  't-hold': sideRaise(88),
  'arm-pulses': front({ shoulder: 78 }, { shoulder: 92 }),
  'empty-front-raise': standing({}, { shoulder: 88 }),
  'one-front-raise': standing({}, { shoulder: one(88, 0) }),
  'front-raise': standing({ shoulder: 8 }, { shoulder: 88, elbow: 4 }, { anchor: 'feet' }),
  'front-to-overhead-raise': standing({ shoulder: 8 }, { shoulder: 174, elbow: 4 }),
  'upright-row': front({ shoulder: -4, elbow: -6 }, { shoulder: 78, elbow: -128 }, { anchor: 'feet' }),
};
const CURLED: Part = { shoulder: 6, elbow: 136 };
const DOWN: Part = { shoulder: 2, elbow: 6 };
const curls: Figures = {
  'hand-resisted-curl': standing(
    { shoulder: one(2, 20), elbow: one(30, 60) },
    { shoulder: one(6, 24), elbow: one(120, 100) },
  ),
  'seated-curl': seated({ shoulder: 0, elbow: 8 }, { ...CURLED }),
  curl: standing(DOWN, CURLED, { anchor: 'feet' }),
  'hammer-curl': standing(DOWN, CURLED, { anchor: 'feet' }),
  'slow-curl': standing(DOWN, CURLED),
  'wide-curl': front({ shoulder: 10, elbow: 6 }, { shoulder: 14, elbow: 134 }),
  'alternating-curl': standing({ shoulder: 4, elbow: one(136, 6) }, { shoulder: 4, elbow: one(6, 136) }),
  'cross-body-curl': front({ shoulder: 6, elbow: 2 }, { shoulder: one(12, 6), elbow: one(-136, 2) }),
  'reverse-curl': standing(DOWN, { shoulder: 6, elbow: 124 }),
  'curl-hold': standing(DOWN, { shoulder: 2, elbow: 90 }),
  'propped-curl': always(
    fromTheSide([
      key({ ...SITTING, lean: 36, neck: -10 }, { hanging: 'near', shoulder: one(36, 60), elbow: one(4, 60) }),
      key({ ...SITTING, lean: 36, neck: -10 }, { shoulder: one(36, 60), elbow: one(128, 60) }),
    ]),
    { works: 'near' },
  ),
  'wrist-curl': seated({ shoulder: 30, elbow: 62, wrist: -50 }, { shoulder: 30, elbow: 62, wrist: 50 }),
};
const KICK: Part = { shoulder: -28, elbow: 92 };
const KICKED: Part = { shoulder: -28, elbow: 6 };
const extensions: Figures = {
  'wall-elbow-press': ({ levers }) => {
    const high = (levers.surfaceHeight ?? 120) / 170;
    const at = 0.36;
    const stance = (lean: number): Part => ({
      rests: [rest('ball', FLOOR, 0), rest('palm', wall(at), high)],
      lean,
      ankle: 14,
      hip: 0,
    });
    return {
      move: fromTheSide([
        key(stance(10), { shoulder: 78, elbow: 4, wrist: -80 }),
        key(stance(20), { shoulder: 70, elbow: 96, wrist: -80 }),
      ]),
    };
  },
  'kick-back': always(
    fromTheSide([
      key(PROPPED, { shoulder: one(KICK.shoulder as number, 70), elbow: one(92, 0) }),
      key(PROPPED, { shoulder: one(-28, 70), elbow: one(6, 0) }),
    ]),
    { works: 'near' },
  ),
  'pair-kick-back': bent({ ...KICK }, { ...KICKED }),
  'band-press-down': standing(
    { shoulder: 14, elbow: 122 },
    { shoulder: 4, elbow: 6 },
    { anchor: HIGH_AHEAD },
  ),
  'lying-elbow-extension': floorPress({ shoulder: 96, elbow: 112 }, ARMS_UP),
  'overhead-elbow-extension': always(
    fromTheSide([key(STANDING, { shoulder: 170, elbow: 128 }), key(STANDING, OVERHEAD)], { hardest: 0 }),
    { anchor: 'feet' },
  ),
  'one-arm-overhead-extension': always(
    fromTheSide(
      [
        key(STANDING, { shoulder: one(170, 4), elbow: one(128, 10) }),
        key(STANDING, { shoulder: one(176, 4), elbow: one(4, 10) }),
      ],
      { hardest: 0 },
    ),
    { works: 'near' },
  ),
};

export const armFigures: Figures = { ...presses, ...rows, ...posture, ...raises, ...curls, ...extensions };
