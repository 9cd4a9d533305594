import {
  AT,
  baseOf,
  between,
  centreOfMass,
  FLOOR,
  limitsOf,
  place,
  placedKeys,
  touchesOf,
  type Move,
  type Placed,
  type Rest,
} from './index';

const feet: Rest = { with: 'foot', on: FLOOR, at: 0 };
const chair = (cm: number): Rest => ({ with: 'seat', on: { kind: 'chair', cm }, at: 0 });
const squat: Move = {
  view: 'side',
  keys: [
    { pose: {}, rests: [feet], balanced: true },
    { pose: { lean: 38, hip: 118, knee: 112 }, rests: [feet], balanced: true },
  ],
};

function withinRanges({ view, numbers }: Placed): boolean {
  const { least, most } = limitsOf(view);
  return numbers.every((value, at) => value >= (least[at] ?? 0) - 1e-6 && value <= (most[at] ?? 0) + 1e-6);
}

describe('place', () => {
  it('puts flat feet flat on the floor', () => {
    const placed = place({ view: 'side', pose: { hip: 90, knee: 90 }, rests: [feet], balanced: true }, 170);
    for (const { y } of touchesOf(feet, placed.skeleton)) expect(Math.abs(y)).toBeLessThan(1e-3);
  });

  it('moves a sitting body with the height of its chair', () => {
    const on = (cm: number) =>
      place(
        { view: 'side', pose: { hip: 90, knee: 90 }, rests: [chair(cm), { with: 'foot', on: FLOOR }] },
        170,
      );
    const [low, high] = [on(38), on(52)];
    expect((high.skeleton.hips.y - low.skeleton.hips.y) * 170).toBeCloseTo(14, 1);
    // A higher seat opens knees and hips.
    expect(high.numbers[AT.near.knee] ?? 0).toBeLessThan(low.numbers[AT.near.knee] ?? 0);
    for (const one of [low, high]) expect(one.miss).toBeLessThan(1e-3);
  });

  it('keeps a free stance over its feet', () => {
    const leaning = { view: 'side', pose: { lean: 70, hip: 40 }, rests: [feet] } as const;
    const offMiddle = (balanced: boolean) => {
      const { skeleton } = place({ ...leaning, balanced }, 170);
      const [heel, toes] = baseOf([feet], skeleton) ?? [0, 0];
      return Math.abs(centreOfMass(skeleton).x - (heel + toes) / 2);
    };
    expect(offMiddle(false)).toBeGreaterThan(0.1);
    expect(offMiddle(true)).toBeLessThan(0.02);
  });

  it('bends no joint further than it goes, whatever is asked', () => {
    const far: Rest = { with: 'grip', on: { kind: 'counter', share: 0.5 }, at: 1.6 };
    const placed = place({ view: 'side', pose: { elbow: -40, knee: -30 }, rests: [feet, far] }, 170);
    expect(withinRanges(placed)).toBeTrue();
    // And says that it could not reach.
    expect(placed.miss).toBeGreaterThan(0.1);
  });
});

describe('between', () => {
  it('goes from one key to the next without bending the wrong way or letting the feet slide', () => {
    const [top, bottom] = placedKeys(squat, 170);
    if (!top || !bottom) throw new Error('no keys');
    let before = top.skeleton.hips.y;
    for (let share = 0.1; share < 1; share += 0.1) {
      const placed = between(top, bottom, 170, share);
      expect(withinRanges(placed)).toBeTrue();
      for (const { y } of touchesOf(feet, placed.skeleton)) expect(Math.abs(y)).toBeLessThan(2e-3);
      expect(Math.abs(placed.skeleton.near.heel.x - top.skeleton.near.heel.x)).toBeLessThan(3e-3);
      expect(placed.skeleton.hips.y).toBeLessThan(before);
      before = placed.skeleton.hips.y;
    }
  });

  it('is each key at its ends', () => {
    const [top, bottom] = placedKeys(squat, 170);
    if (!top || !bottom) throw new Error('no keys');
    expect(between(top, bottom, 170, 0)).toBe(top);
    expect(between(top, bottom, 170, 1)).toBe(bottom);
  });
});
