import type { RecipePart } from '@dray/core';
import { loadShapes } from './load-shapes';

const bottle = (litres: number): RecipePart => ({
  kind: 'fillable',
  name: 'bottle',
  litres,
  capacityLitres: 2,
  count: 1,
});

/** Height of the water: the third number of "M x y h w v HEIGHT". */
function waterOf(part: RecipePart): number {
  const water = loadShapes(part).shapes.find(({ kind }) => kind === 'water');
  return Number(/v([\d.]+)/.exec(water?.path ?? '')?.[1]);
}

const solids = (part: RecipePart) =>
  loadShapes(part)
    .shapes.filter(({ kind }) => kind === 'solid')
    .map(({ path }) => path.match(/M/g)?.length ?? 0)
    .reduce((sum, count) => sum + count, 0);

describe('loadShapes', () => {
  it('fills a bottle to its level', () => {
    expect(waterOf(bottle(1)) / waterOf(bottle(2))).toBeCloseTo(0.5, 1);
    expect(waterOf(bottle(0.5)) / waterOf(bottle(2))).toBeCloseTo(0.25, 1);
  });

  it('puts every plate on both sides', () => {
    const bar = (perSide: number): RecipePart => ({
      kind: 'bar',
      form: 'barbell',
      barKg: 10,
      plates: perSide > 0 ? [{ massKg: 5, perSide }] : [],
    });
    expect(solids(bar(2)) - solids(bar(0))).toBe(4);
  });

  it('draws a pair twice, beside itself', () => {
    const one: RecipePart = { kind: 'fixed', form: 'dumbbell', massKg: 10, count: 1 };
    const [single, pair] = [loadShapes(one), loadShapes({ ...one, count: 2 })];
    expect(pair.shapes.length).toBe(2 * single.shapes.length);
    expect(pair.width).toBeGreaterThan(2 * single.width);
  });

  it('packs every book', () => {
    const bag: RecipePart = {
      kind: 'bag',
      name: 'tote',
      emptyKg: 0.2,
      items: [
        { name: 'book', massKg: 0.5, count: 3 },
        { name: 'jar', massKg: 0.7, count: 1 },
      ],
    };
    expect(solids(bag)).toBe(4);
  });
});
