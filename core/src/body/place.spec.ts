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

describe('placedKeys', () => {
  /** Up from a chair; each time another one, so that nothing of it was found before. */
  const rise = (): Move => ({
    view: 'side',
    keys: [
      { pose: { lean: 20, hip: 90, knee: 90 }, rests: [chair(45), { with: 'foot', on: FLOOR }] },
      { pose: {}, rests: [{ with: 'foot', on: FLOOR, at: 'asBefore' }], balanced: true },
    ],
  });
  const numbers = (move: Move, statureCm: number) =>
    placedKeys(move, statureCm).map((placed) => [...placed.numbers]);

  it('finds the same poses whoever was asked for first', () => {
    const [one, other] = [rise(), rise()];
    const tallFirst = [195, 150, 170].map((statureCm) => numbers(one, statureCm));
    const usualFirst = [170, 150, 195].map((statureCm) => numbers(other, statureCm));
    expect(tallFirst).toEqual([...usualFirst].reverse());
  });

  it('sets a tall body and a short one on the same chair, each as the chair wants it', () => {
    const move = rise();
    for (const statureCm of [150, 170, 195]) {
      const [sitting, standing] = placedKeys(move, statureCm);
      expect([sitting!.miss < 1e-3, standing!.miss < 1e-3]).toEqual([true, true]);
      expect([withinRanges(sitting!), withinRanges(standing!)]).toEqual([true, true]);
    }
    const knee = (statureCm: number) => placedKeys(move, statureCm)[0]!.numbers[AT.near.knee]!;
    expect(knee(195)).toBeGreaterThan(knee(150));
  });

  it('is the same at any stature where nothing is measured in centimetres', () => {
    expect(placedKeys(squat, 195)).toBe(placedKeys(squat, 170));
    const move = rise();
    expect(placedKeys(move, 195)).not.toBe(placedKeys(move, 170));
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
