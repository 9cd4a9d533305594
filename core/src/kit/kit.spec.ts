import * as fc from 'fast-check';
import { aKit, pairs } from '../../testing/people';
import type { AdjustablePair, Hold, Kit } from '../model';
import { kgFromPounds, massKey } from '../units';
import {
  attainableLoads,
  inHand,
  massForFill,
  nearestLoad,
  ownedFrom,
  recipeWords,
  type Recipe,
} from './index';

/**
 * Every combination by brute force: for each handle held, each side takes any number of each plate, and what does
 * not balance, is not equal in both hands, or needs more plates than there are is thrown away.
 */
function bruteForce(pair: AdjustablePair, hold: Hold): number[] {
  const handles = inHand(hold);
  if (handles === 0 || pair.handles < handles) return [];
  const sides = handles * 2;
  let combos: number[][] = [[]];
  for (const { count } of pair.plates) {
    combos = combos.flatMap((combo) =>
      Array.from({ length: count + 1 }, (_, perSide) => [...combo, perSide]),
    );
  }
  const keys = new Set<number>();
  for (const combo of combos) {
    if (combo.some((perSide, at) => perSide * sides > (pair.plates[at]?.count ?? 0))) continue;
    const side = combo.reduce((sum, perSide, at) => sum + perSide * (pair.plates[at]?.massKg ?? 0), 0);
    keys.add(massKey(handles * pair.handleKg + sides * side));
  }
  return [...keys].sort((a, b) => a - b);
}

function massOf({ part }: Recipe): number {
  if (part.kind === 'fixed') return part.massKg * part.count;
  if (part.kind !== 'adjustable') return NaN;
  return (
    part.count *
    (part.handleKg + 2 * part.plates.reduce((sum, { massKg, perSide }) => sum + massKg * perSide, 0))
  );
}

const plateSizes = [0.5, 1, 1.25, 2, 2.5, 5, 10, kgFromPounds(2.5), kgFromPounds(5)];

describe('attainableLoads', () => {
  it('equals brute force over all plate combinations on 300 random kits', () => {
    const pair = fc.record({
      kind: fc.constant('adjustable' as const),
      id: fc.constant('pair'),
      handleKg: fc.constantFrom(0.5, 1.5, 2, 2.27),
      handles: fc.constantFrom(1 as const, 2 as const),
      plates: fc.uniqueArray(
        fc.record({ massKg: fc.constantFrom(...plateSizes), count: fc.integer({ min: 1, max: 9 }) }),
        { maxLength: 4, selector: ({ massKg }) => massKg },
      ),
    });
    fc.assert(
      fc.property(pair, fc.constantFrom<Hold>('pair', 'bothHands', 'oneSide'), (implement, hold) => {
        const loads = attainableLoads([aKit([implement])], hold);
        expect(loads.map(({ kg }) => massKey(kg))).toEqual(bruteForce(implement, hold));
        for (const { kg, recipe } of loads) expect(massOf(recipe)).toBeCloseTo(kg, 9);
      }),
      { numRuns: 300 },
    );
  });

  it('takes the same plate listed twice as one stock', () => {
    const split = aKit([
      {
        kind: 'adjustable',
        id: 'a',
        handleKg: 2,
        handles: 2,
        plates: [
          { massKg: 1, count: 2 },
          { massKg: 1, count: 2 },
        ],
      },
    ]);
    expect(attainableLoads([split], 'pair').map(({ kg }) => kg)).toEqual([4, 8]);
  });

  it('cannot balance a single plate', () => {
    const one = aKit([
      { kind: 'adjustable', id: 'a', handleKg: 2, handles: 1, plates: [{ massKg: 5, count: 1 }] },
    ]);
    expect(attainableLoads([one], 'oneSide').map(({ kg }) => kg)).toEqual([2]);
  });

  it('needs two alike for a pair, and one for the other holds', () => {
    const single = aKit([{ kind: 'fixed', id: 'k', form: 'kettlebell', massKg: 12, count: 1 }]);
    expect(attainableLoads([single], 'pair')).toEqual([]);
    expect(attainableLoads([single], 'bothHands').map(({ kg }) => kg)).toEqual([12]);
    expect(attainableLoads([aKit(pairs(5))], 'pair').map(({ kg }) => kg)).toEqual([10]);
  });

  it('prefers the simplest recipe for the same load', () => {
    const both = aKit([
      { kind: 'adjustable', id: 'a', handleKg: 2, handles: 1, plates: [{ massKg: 1.5, count: 2 }] },
      { kind: 'fixed', id: 'd', form: 'dumbbell', massKg: 5, count: 1 },
    ]);
    const five = attainableLoads([both], 'oneSide').find(({ kg }) => kg === 5);
    expect(five && recipeWords(five.recipe)).toBe('dumbbell 5 kg');
  });

  it('fills bottles to every mark, and to the brim', () => {
    // Water at 20 °C is 0.9982 kg/L. Source: CRC Handbook.
    const bottle = {
      kind: 'fillable',
      id: 'b',
      name: 'bottle',
      emptyKg: 0.05,
      capacityLitres: 1.25,
      densityKgPerLitre: 0.9982,
      stepLitres: 0.5,
      count: 2,
    } as const;
    const kit: Kit = aKit([bottle]);
    const loads = attainableLoads([kit], 'oneSide');
    expect(loads.map(({ kg }) => kg)).toEqual([0.5, 1, 1.25].map((litres) => massForFill(bottle, litres)));
    expect(massForFill(bottle, 1)).toBeCloseTo(1.0482, 10);
    const pairLoads = attainableLoads([kit], 'pair');
    expect(pairLoads[0]?.kg).toBeCloseTo(2 * massForFill(bottle, 0.5), 10);
    expect(pairLoads[0] && recipeWords(pairLoads[0].recipe)).toBe('two bottles, each to 0.5 L');
  });

  it('writes recipes in the unit things are stamped with', () => {
    const kit: Kit = { ...aKit(pairs(kgFromPounds(15))), unit: 'lb' };
    const [load] = attainableLoads([kit], 'pair');
    expect(load && recipeWords(load.recipe)).toBe('two dumbbells 15 lb');
  });
});

describe('nearestLoad', () => {
  const loads = attainableLoads([aKit(pairs(2, 4, 5, 8))], 'oneSide');
  const near = (target: number, policy: Parameters<typeof nearestLoad>[2]) =>
    nearestLoad(loads, target, policy)?.kg;

  it('answers by policy', () => {
    expect(near(4.4, 'nearest')).toBe(4);
    expect(near(4.6, 'nearest')).toBe(5);
    expect(near(4.5, 'nearest')).withContext('the lighter on a tie').toBe(4);
    expect(near(7.9, 'notAbove')).toBe(5);
    expect(near(5, 'notAbove')).toBe(5);
    expect(near(5, 'nextUp')).toBe(8);
    expect(near(5, 'nextDown')).toBe(4);
    expect(near(4.5, 'nextDown')).toBe(4);
  });

  it('has nothing beyond the ends', () => {
    expect(near(8, 'nextUp')).toBeUndefined();
    expect(near(1, 'notAbove')).toBeUndefined();
    expect(near(100, 'nearest')).toBe(8);
  });
});

describe('ownedFrom', () => {
  it('takes any one of the props a need lists', () => {
    const owned = ownedFrom([aKit([{ kind: 'prop', id: 'p', prop: 'step' }])]);
    expect(owned.missing([['chair', 'step']])).toEqual([]);
    expect(owned.missing([['chair', 'step'], ['counter']])).toEqual([['counter']]);
  });
});
