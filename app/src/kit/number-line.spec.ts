import { attainableLoads, type Kit, type KitTarget } from '@dray/core';
import { drawLine, LINE } from './number-line';

const kit: Kit = {
  id: 'k',
  name: 'k',
  unit: 'kg',
  implements: [5, 5.4, 10].map((massKg) => ({
    kind: 'fixed',
    id: String(massKg),
    form: 'dumbbell',
    massKg,
    count: 1,
  })),
};
const loads = attainableLoads(kit, 'oneSide');
const target = (nowKg: number, personName: string): KitTarget => ({
  participantId: personName,
  personName,
  slotId: 's',
  letter: 'A1',
  slotName: 'Squat',
  label: personName,
  hold: 'oneSide',
  nowKg,
  reps: 10,
  reserve: 2,
  capPercent: 10,
  gaveKg: 5,
});
const draw = (targets: KitTarget[] = [], pair = false) => drawLine(loads, targets, 'kg', pair);

describe('drawLine', () => {
  it('is to scale and marks only steps of more than a tenth', () => {
    const { toX, gaps } = draw();
    expect(toX(0)).toBe(LINE.left);
    expect(toX(10) - toX(5)).toBeCloseTo(toX(5) - toX(0), 0);
    expect(gaps.map(({ label }) => label)).toEqual(['+85 %']);
    expect(gaps[0]?.path).toBe(`M${toX(5.4) + 3} ${LINE.axis}H${toX(10) - 3}`);
  });

  it('puts wants that stand close into lanes, and grows upwards for them', () => {
    const one = draw([target(7, 'Juno')]);
    const two = draw([target(7, 'Juno'), target(7.1, 'Bram')]);
    expect(new Set(two.targets.map(({ y }) => y)).size).toBe(2);
    expect(Number(two.box.split(' ')[3])).toBeGreaterThan(Number(one.box.split(' ')[3]));
    expect(two.taken).toEqual([two.toX(5)]);
  });

  it('gives longer words more room: what stood side by side stands one above the other', () => {
    const apart = [target(5, 'Juno'), target(5.9, 'Bram')];
    const heights = (pair: boolean) => new Set(draw(apart, pair).targets.map(({ y }) => y)).size;
    expect([heights(false), heights(true)]).toEqual([1, 2]);
  });

  it('counts of a pair each hand’s: the same line, its numbers halved', () => {
    const [one, each] = [draw([target(9, 'Juno')]), draw([target(9, 'Juno')], true)];
    expect(each.ticks).toBe(one.ticks);
    expect(one.targets[0]?.wants).toBe('wants 9');
    expect(each.targets[0]?.wants).toBe('wants 2 × 4.5');
    const five = each.scale.find(({ words }) => words === '5');
    // Five in each hand are ten.
    expect(five?.x).toBeCloseTo(each.toX(10), 0);
  });

  it('reaches to what is wanted even where the kit does not', () => {
    const { toX } = draw([target(30, 'Bram')]);
    expect(toX(30)).toBeLessThanOrEqual(LINE.width - LINE.right);
  });
});
