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
const draw = (targets: KitTarget[] = []) => drawLine(loads, targets, 'kg', (kg) => kg);

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

  it('reaches to what is wanted even where the kit does not', () => {
    const { toX } = draw([target(30, 'Bram')]);
    expect(toX(30)).toBeLessThanOrEqual(LINE.width - LINE.right);
  });
});
