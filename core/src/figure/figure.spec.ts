import { baseOf, centreWith, limitsOf, placedKeys, spotOf, touchesOf, type Placed, type Spot } from '../body';
import { LIBRARY_EXERCISES } from '../library';
import type { Hold, LeverSettings } from '../model';
import { boundsOf, drawingOf, figureOf, framesOf, type Figure } from './index';

const STATURES = [150, 170, 195];

/** Every version worth drawing: each hold, and each lever at both its ends. */
const VERSIONS = LIBRARY_EXERCISES.flatMap((exercise) => {
  const holds: readonly (Hold | undefined)[] = [undefined, ...(exercise.loading?.holds ?? [])];
  const levers: readonly LeverSettings[] = [
    {},
    ...exercise.levers.flatMap(({ lever, from, to }) => [{ [lever]: from }, { [lever]: to }]),
  ];
  return [
    ...holds.map((hold) => ({ exercise, hold, levers: {} })),
    ...levers.map((settings) => ({ exercise, hold: undefined, levers: settings })),
  ];
});

const SPOTS: readonly Spot[] = [
  'hips',
  'head',
  ...(['near', 'far'] as const).flatMap((side): readonly Spot[] => [
    [side, 'knee'],
    [side, 'elbow'],
    [side, 'wrist'],
    [side, 'heel'],
    [side, 'ball'],
  ]),
];

/** What is wrong with a pose, in words; nothing where it can be taken. */
function faultsIn(placed: Placed, figure: Figure, balanced: boolean): readonly string[] {
  const { view, numbers, skeleton, stance, miss } = placed;
  const { least, most } = limitsOf(view);
  const faults: string[] = [];
  numbers.forEach((value, at) => {
    if (value < (least[at] ?? 0) - 0.01 || value > (most[at] ?? 0) + 0.01)
      faults.push(`joint ${at} at ${value.toFixed(0)}°`);
  });
  if (figure.above) return faults;
  // A centimetre and a half at 170: less than the width of a line.
  if (miss > 0.009) faults.push(`floats or sinks by ${(miss * 170).toFixed(1)} cm`);
  for (const spot of SPOTS) {
    const { y } = spotOf(skeleton, spot);
    if (y < -0.012) faults.push(`${String(spot)} ${(-y * 170).toFixed(1)} cm in the floor`);
  }
  const base = balanced ? baseOf(stance.rests, skeleton) : undefined;
  if (base) {
    const { x } = centreWith(skeleton, stance.carried);
    if (x < base[0] - 0.004 || x > base[1] + 0.004) faults.push('falls over');
  }
  return faults;
}

describe('figures', () => {
  it('show every exercise of the library in at least two poses', () => {
    for (const exercise of LIBRARY_EXERCISES) {
      const { move } = figureOf(exercise, { levers: {}, statureCm: 170 });
      expect(move.keys.length).withContext(exercise.id).toBeGreaterThan(1);
    }
    expect(
      new Set(LIBRARY_EXERCISES.map((exercise) => figureOf(exercise, { levers: {}, statureCm: 170 }))).size,
    ).toBe(LIBRARY_EXERCISES.length);
  });

  for (const statureCm of STATURES) {
    it(`can all be taken at ${statureCm} cm: no joint too far, nothing in the floor, nobody falls`, () => {
      const faults = VERSIONS.flatMap(({ exercise, hold, levers }) => {
        const figure = figureOf(exercise, { levers, hold, statureCm });
        return placedKeys(figure.move, statureCm).flatMap((placed, at) =>
          faultsIn(placed, figure, figure.move.keys[at]?.balanced ?? false).map(
            (fault) => `${exercise.id} ${hold ?? ''}${JSON.stringify(levers)}, pose ${at + 1}: ${fault}`,
          ),
        );
      });
      expect(faults).toEqual([]);
    });
  }

  it('move without bending a joint the wrong way or standing on air', () => {
    const faults = LIBRARY_EXERCISES.flatMap((exercise) => {
      const figure = figureOf(exercise, { levers: {}, statureCm: 170 });
      return framesOf(figure, 170, 4).flatMap((placed) =>
        faultsIn(placed, figure, false)
          .filter((fault) => fault.startsWith('joint'))
          .map((fault) => `${exercise.id}: ${fault}`),
      );
    });
    expect(faults).toEqual([]);
  });

  it('move: the second pose is not the first', () => {
    for (const exercise of LIBRARY_EXERCISES) {
      const figure = figureOf(exercise, { levers: {}, statureCm: 170 });
      const [first, second] = placedKeys(figure.move, 170);
      const turned = first?.numbers.reduce(
        (most, value, at) => Math.max(most, Math.abs(value - (second?.numbers[at] ?? 0))),
        0,
      );
      const towards =
        JSON.stringify(figure.move.keys[0].pose.towards) !== JSON.stringify(figure.move.keys[1].pose.towards);
      const moved = Math.abs((first?.skeleton.hips.x ?? 0) - (second?.skeleton.hips.x ?? 0));
      expect((turned ?? 0) > 3 || towards || moved > 0.05)
        .withContext(exercise.id)
        .toBeTrue();
    }
  });

  it('go further down with more range, and higher with a higher surface', () => {
    const squat = LIBRARY_EXERCISES.find(({ id }) => id === 'free-squat');
    const pressUp = LIBRARY_EXERCISES.find(({ id }) => id === 'press-up');
    if (!squat || !pressUp) throw new Error('no such exercise');
    const hips = (range: number) =>
      placedKeys(figureOf(squat, { levers: { range }, statureCm: 170 }).move, 170)[1]?.skeleton.hips.y ?? 0;
    expect(hips(100)).toBeLessThan(hips(60));
    const hands = (surfaceHeight: number) =>
      placedKeys(figureOf(pressUp, { levers: { surfaceHeight }, statureCm: 170 }).move, 170)[0]?.skeleton.near
        .wrist.y ?? 0;
    expect(hands(90) * 170).toBeGreaterThan(90);
    expect(hands(0) * 170).toBeLessThan(5);
  });
});

describe('drawingOf', () => {
  const curl = LIBRARY_EXERCISES.find(({ id }) => id === 'curl');
  if (!curl) throw new Error('no curl');
  const figure = figureOf(curl, { levers: {}, hold: 'pair', statureCm: 170 });
  const [first] = placedKeys(figure.move, 170);
  if (!first) throw new Error('no pose');

  it('draws a dumbbell in each hand of a pair, and none in empty hands', () => {
    const things = drawingOf(figure, first, { hold: 'pair', thing: 'dumbbell' }).filter(
      ({ role }) => role === 'thing',
    );
    expect(things.length).toBe(2);
    expect(drawingOf(figure, first).some(({ role }) => role === 'thing')).toBeFalse();
  });

  it('fits into its bounds', () => {
    const shapes = drawingOf(figure, first, { hold: 'pair', thing: 'bottle' });
    const [left, top, width, height] = boundsOf(shapes);
    for (const shape of shapes) {
      for (const { x, y } of shape.kind === 'disc' ? [shape.at] : shape.points) {
        expect(x).toBeGreaterThan(left);
        expect(x).toBeLessThan(left + width);
        expect(y).toBeGreaterThan(top);
        expect(y).toBeLessThan(top + height);
      }
    }
  });

  it('touches the floor where the feet stand', () => {
    const feet = first.stance.rests.flatMap((rest) => touchesOf(rest, first.skeleton));
    for (const { y } of feet) expect(Math.abs(y)).toBeLessThan(1e-3);
  });
});
