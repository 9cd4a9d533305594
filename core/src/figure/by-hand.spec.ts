import { seeded } from '../../testing/random';
import { limitsOf, placedKeys, spotOf, type Placed, type Spot } from '../body';
import { LIBRARY_EXERCISES } from '../library';
import { figureSchema, type KeptFigure } from '../model';
import {
  boundsOf,
  byHand,
  difficultyOf,
  drawingOf,
  figureFrom,
  figureOf,
  handlesOf,
  isEven,
  keptFrom,
  tipsOver,
  type Handle,
  type HandlePart,
} from './index';

const STATURE = 170;
const JOINTS = ['lean', 'spine', 'neck', 'hip', 'knee', 'ankle', 'shoulder', 'elbow', 'wrist'];

const kept = (id: string): KeptFigure => {
  const exercise = LIBRARY_EXERCISES.find((one) => one.id === id);
  if (!exercise) throw new Error(`no ${id}`);
  return keptFrom(figureOf(exercise, { levers: {}, statureCm: STATURE }), STATURE);
};
const placed = (figure: KeptFigure, statureCm = STATURE): readonly Placed[] => {
  const made = figureFrom(figure);
  if (!made) throw new Error('no figure');
  return placedKeys(made.move, statureCm);
};
const at = (figure: KeptFigure, pose: number, spot: Spot) => {
  const there = placed(figure)[pose];
  if (!there) throw new Error('no pose');
  return spotOf(there.skeleton, spot);
};
const pull = (
  figure: KeptFigure,
  pose: number,
  part: HandlePart,
  to: { x: number; y: number },
  together = true,
): KeptFigure => {
  const side: Handle['side'] = part === 'hips' || part === 'chest' || part === 'head' ? undefined : 'near';
  return byHand(figure, { pose, handle: { part, side }, to, together }, STATURE);
};

/** Whole degrees and thousandths are kept: a limb's end is moved by that much at most, about a centimetre. */
const NEAR = 0.015;

describe('a figure that is kept with an exercise', () => {
  it('looks as the library’s does, whichever it is taken from, and can be read again from a file', () => {
    for (const exercise of LIBRARY_EXERCISES) {
      const figure = figureOf(exercise, { levers: {}, statureCm: STATURE });
      const own = keptFrom(figure, STATURE);
      expect(figureSchema.safeParse(JSON.parse(JSON.stringify(own))).success)
        .withContext(exercise.id)
        .toBeTrue();
      const wanted = placedKeys(figure.move, STATURE);
      placed(own).forEach((pose, index) => {
        const [a, b] = [pose.skeleton, wanted[index]?.skeleton];
        // Where it stands along the floor is its own.
        const shift = a.hips.x - (b?.hips.x ?? 0);
        for (const spot of ['head', 'waist'] as const) {
          expect(Math.abs(a[spot].y - (b?.[spot].y ?? 0)))
            .withContext(`${exercise.id} ${index}`)
            .toBeLessThan(0.002);
          expect(Math.abs(a[spot].x - shift - (b?.[spot].x ?? 0)))
            .withContext(`${exercise.id} ${index}`)
            .toBeLessThan(0.002);
        }
      });
    }
  });

  it('is drawn wherever its exercise is, instead of the nearest, and its range is cut as asked', () => {
    const [squat] = LIBRARY_EXERCISES.filter(({ id }) => id === 'free-squat');
    if (!squat) throw new Error('no squat');
    const own = { ...squat, id: 'own', figure: pull(kept('free-squat'), 1, 'hips', { x: 0, y: 0.2 }) };
    const whole = figureOf(own, { levers: {}, statureCm: STATURE });
    expect(whole).toBe(figureOf(own, { levers: {}, statureCm: STATURE }));
    const half = figureOf(own, { levers: { range: 50 }, statureCm: STATURE });
    const depth = ({ move }: typeof whole) => placedKeys(move, STATURE)[1]?.skeleton.hips.y ?? 0;
    expect(depth(half)).toBeGreaterThan(depth(whole) + 0.05);
  });

  it('is drawn without a number that is none, whatever a file says of it within the schema', () => {
    const random = seeded(18);
    const twisted = (value: unknown): unknown => {
      if (typeof value === 'number') return random() < 0.3 ? (random() - 0.5) * 6 : value;
      if (Array.isArray(value)) return value.map(twisted);
      if (typeof value !== 'object' || value === null) return value;
      return Object.fromEntries(
        Object.entries(value).map(([key, own]) => [
          key,
          typeof own === 'number' && JOINTS.includes(key) ? (random() - 0.5) * 720 : twisted(own),
        ]),
      );
    };
    let drawn = 0;
    for (let at = 0; at < 300; at += 1) {
      const exercise = LIBRARY_EXERCISES[Math.floor(random() * LIBRARY_EXERCISES.length)]!;
      const read = figureSchema.safeParse(twisted(kept(exercise.id)));
      if (!read.success) continue;
      drawn += 1;
      const figure = figureFrom(read.data)!;
      const poses = placed(read.data);
      const lines = poses.flatMap((pose) => drawingOf(figure, pose));
      for (const number of boundsOf(lines))
        expect(Number.isFinite(number)).withContext(exercise.id).toBeTrue();
      expect(Number.isFinite(difficultyOf(figure, { massKg: 70, statureCm: STATURE }).share))
        .withContext(exercise.id)
        .toBeTrue();
    }
    expect(drawn).toBeGreaterThan(100);
  });

  it('is refused with one pose, or with a hardest pose that is not there', () => {
    const own = kept('free-squat');
    expect(figureSchema.safeParse({ ...own, keys: own.keys.slice(0, 1) }).success).toBeFalse();
    expect(figureSchema.safeParse({ ...own, hardest: own.keys.length }).success).toBeFalse();
  });
});

describe('a figure changed by hand', () => {
  it('has its hand where it was pulled, with trunk and feet where they were', () => {
    const own = kept('standing-press');
    const to = { x: at(own, 0, 'chest').x + 0.28, y: at(own, 0, 'chest').y };
    const changed = pull(own, 0, 'hand', to);
    expect(changed.keys[0] && isEven(changed.keys[0])).toBeTrue();
    for (const side of ['near', 'far'] as const) {
      const grip = at(changed, 0, [side, 'grip']);
      expect(Math.hypot(grip.x - to.x, grip.y - to.y)).toBeLessThan(NEAR);
    }
    for (const spot of ['hips', 'chest', ['near', 'heel']] as const) {
      const [a, b] = [at(own, 0, spot), at(changed, 0, spot)];
      expect(Math.hypot(a.x - b.x, a.y - b.y))
        .withContext(String(spot))
        .toBeLessThan(NEAR);
    }
    // The other pose is as it was.
    expect(changed.keys[1]).toEqual(own.keys[1]);
  });

  it('reaches as far as its arm is long, and no further', () => {
    const own = kept('standing-press');
    const shoulder = at(own, 0, ['near', 'shoulder']);
    const changed = pull(own, 0, 'hand', { x: shoulder.x + 3, y: shoulder.y });
    const grip = at(changed, 0, ['near', 'grip']);
    const arm = Math.hypot(grip.x - shoulder.x, grip.y - shoulder.y);
    // Upper arm, forearm and to the middle of the grip: Drillis & Contini 1966, from memory; see the segments.
    expect(arm).toBeLessThan(0.186 + 0.146 + 0.05 + NEAR);
    expect(arm).toBeGreaterThan(0.3);
  });

  it('goes deeper where the hips are pulled down, with the feet where they stand and its weight over them', () => {
    const own = kept('free-squat');
    const hips = at(own, 1, 'hips');
    const changed = pull(own, 1, 'hips', { x: hips.x, y: hips.y + 0.1 });
    expect(at(changed, 1, 'hips').y).toBeGreaterThan(hips.y + 0.05);
    expect(Math.abs(at(changed, 1, ['near', 'heel']).y)).toBeLessThan(0.005);
    expect(placed(changed).some(tipsOver)).toBeFalse();
  });

  it('moves one side alone where both are not meant, and mirrors from the front', () => {
    const own = kept('standing-press');
    const to = { x: at(own, 0, 'chest').x + 0.25, y: at(own, 0, 'chest').y };
    const one = pull(own, 0, 'hand', to, false);
    const [far, was] = [at(one, 0, ['far', 'grip']), at(own, 0, ['far', 'grip'])];
    expect(Math.hypot(far.x - was.x, far.y - was.y)).toBeLessThan(NEAR);
    const front = kept('side-raise');
    expect(front.view).toBe('front');
    const raised = pull(front, 1, 'hand', {
      x: at(front, 1, 'hips').x + 0.3,
      y: at(front, 1, 'hips').y + 0.4,
    });
    const [near, other] = [at(raised, 1, ['near', 'grip']), at(raised, 1, ['far', 'grip'])];
    expect(near.x + other.x).toBeCloseTo(2 * at(raised, 1, 'hips').x, 1);
    expect(near.y).toBeCloseTo(other.y, 2);
  });

  it('slides a foot along the floor, lifts it where it is pulled off, and sets it down again', () => {
    const own = kept('free-squat');
    const ball = at(own, 0, ['near', 'ball']);
    const slid = pull(own, 0, 'foot', { x: ball.x + 0.1, y: 0 }, false);
    expect(at(slid, 0, ['near', 'ball']).x).toBeCloseTo(ball.x + 0.1, 1);
    expect(Math.abs(at(slid, 0, ['near', 'heel']).y)).toBeLessThan(0.005);
    const lifted = pull(slid, 0, 'foot', { x: ball.x + 0.1, y: 0.2 }, false);
    expect(at(lifted, 0, ['near', 'ball']).y).toBeGreaterThan(0.1);
    expect(lifted.keys[0]?.rests.map(({ side }) => side)).toEqual(['far']);
    expect(placed(lifted).some(tipsOver)).toBeFalse();
    const down = pull(lifted, 0, 'foot', { x: ball.x + 0.1, y: 0.01 }, false);
    expect(Math.abs(at(down, 0, ['near', 'heel']).y)).toBeLessThan(0.02);
    expect(down.keys[0]?.rests.map(({ side }) => side).sort()).toEqual(['far', 'near']);
  });

  it('lifts the hips off the floor and keeps the shoulders on it; nothing lifts what alone is rested on', () => {
    const lying = kept('floor-bridge');
    const hips = at(lying, 0, 'hips');
    const up = pull(lying, 0, 'hips', { x: hips.x, y: hips.y + 0.12 });
    expect(at(up, 0, 'hips').y).toBeGreaterThan(hips.y + 0.06);
    const standing = kept('free-squat');
    const foot = at(standing, 0, ['near', 'ball']);
    expect(pull(standing, 0, 'foot', { x: foot.x, y: 0.3 })).not.toBe(standing);
  });

  it('never leaves a range, sinks or floats, wherever any handle of any family is pulled', () => {
    let moved = 0;
    for (const id of [
      'free-squat',
      'press-up',
      'floor-bridge',
      'side-raise',
      'plank',
      'pull-up',
      'dead-bug',
    ]) {
      const own = kept(id);
      placed(own).forEach((pose, index) => {
        for (const { handle, at: from } of handlesOf(pose, false)) {
          for (const [dx, dy] of [
            [0.15, 0],
            [-0.1, 0.1],
            [0, -0.3],
          ] as const) {
            const changed = byHand(
              own,
              { pose: index, handle, to: { x: from.x + dx, y: from.y + dy }, together: false },
              STATURE,
            );
            if (changed === own) continue;
            moved += 1;
            const context = `${id} ${index} ${handle.side} ${handle.part} ${dx} ${dy}`;
            expect(figureSchema.safeParse(changed).success).withContext(context).toBeTrue();
            for (const { numbers, view, miss } of placed(changed)) {
              const { least, most } = limitsOf(view);
              expect(
                numbers.every(
                  (value, joint) => value >= (least[joint] ?? 0) - 0.01 && value <= (most[joint] ?? 0) + 0.01,
                ),
              )
                .withContext(context)
                .toBeTrue();
              expect(miss).withContext(context).toBeLessThan(0.0125);
            }
          }
        }
      });
    }
    expect(moved).toBeGreaterThan(300);
  });

  it('says which joint is asked most as it stands: a hand further out asks more of the shoulder', () => {
    const own = kept('front-raise');
    const held = { held: { hold: 'pair' as const, kg: 10 } };
    const shoulder = (figure: KeptFigure) =>
      difficultyOf(figureFrom(figure)!, { massKg: 70, statureCm: STATURE }, held).joints.find(
        ({ joint }) => joint === 'shoulder',
      )?.share ?? 0;
    const chest = at(own, 1, 'chest');
    const near = pull(own, 1, 'hand', { x: chest.x + 0.15, y: chest.y - 0.1 });
    const far = pull(own, 1, 'hand', { x: chest.x + 0.36, y: chest.y - 0.02 });
    expect(shoulder(far)).toBeGreaterThan(shoulder(near));
  });
});
