import * as fc from 'fast-check';
import { aKit, pairs } from '../../testing/people';
import type { Hold, Implement, Kit } from '../model';
import { kgFromPounds, massKey } from '../units';
import {
  attainableLoads,
  massForFill,
  nearestLoad,
  ownedFrom,
  recipeWords,
  simplestBetween,
  type Recipe,
} from './index';

/** A load as brute force finds it: what it weighs, and how many pieces it takes. */
interface Found {
  readonly kg: number;
  readonly pieces: number;
}

/** Every choice of none to `count` of each thing. */
function everyChoice(counts: readonly number[]): number[][] {
  return counts.reduce<number[][]>(
    (choices, count) =>
      choices.flatMap((choice) => Array.from({ length: count + 1 }, (_, taken) => [...choice, taken])),
    [[]],
  );
}

/**
 * Plates by brute force: any number of each size on each side, and what does not balance, is not equal in both hands,
 * or needs more plates than there are is thrown away.
 */
function platesByForce(
  plates: readonly { massKg: number; count: number }[],
  handles: number,
  handleKg: number,
): Found[] {
  const sides = handles * 2;
  return everyChoice(plates.map(({ count }) => count))
    .filter((choice) => choice.every((perSide, at) => perSide * sides <= (plates[at]?.count ?? 0)))
    .map((choice) => {
      const side = choice.reduce((sum, perSide, at) => sum + perSide * (plates[at]?.massKg ?? 0), 0);
      const pieces = choice.reduce((sum, perSide) => sum + perSide, 0);
      return { kg: handles * handleKg + sides * side, pieces: handles + sides * pieces };
    });
}

/** What one thing makes in a hold, by trying everything. Bands and body weight have checks of their own. */
function byForce(thing: Implement, hold: Hold): Found[] {
  const hands = hold === 'pair' ? 2 : hold === 'bothHands' || hold === 'oneSide' ? 1 : 0;
  switch (thing.kind) {
    case 'fixed':
      return hands > 0 && thing.count >= hands ? [{ kg: thing.massKg * hands, pieces: hands }] : [];
    case 'adjustable':
      return hands > 0 && thing.handles >= hands ? platesByForce(thing.plates, hands, thing.handleKg) : [];
    case 'bar':
      if (hold !== (thing.form === 'hexBar' ? 'hexBar' : 'bar')) return [];
      return platesByForce(thing.plates, 1, thing.barKg).filter(
        ({ kg }) => kg <= (thing.trustedKg ?? Infinity) + 1e-9,
      );
    case 'fillable': {
      if (hands === 0 || thing.count < hands) return [];
      const found: Found[] = [];
      const marks = [...Array(2000).keys()].map((mark) => (mark + 1) * thing.stepLitres);
      for (const litres of [
        ...marks.filter((mark) => mark < thing.capacityLitres - 1e-9),
        thing.capacityLitres,
      ]) {
        const kg = thing.emptyKg + litres * thing.densityKgPerLitre;
        if (kg <= (thing.trustedKg ?? Infinity) + 1e-9) found.push({ kg: hands * kg, pieces: hands * 2 });
      }
      return found;
    }
    case 'bag': {
      if (hold !== 'bag' && !(thing.handle && hands === 1)) return [];
      return everyChoice(thing.items.map(({ count }) => count))
        .map((choice) => ({
          kg: thing.emptyKg + choice.reduce((sum, n, at) => sum + n * (thing.items[at]?.massKg ?? 0), 0),
          pieces: 1 + choice.reduce((sum, n) => sum + n, 0),
        }))
        .filter(({ kg }) => kg > 0 && kg <= thing.trustedKg + 1e-9);
    }
    case 'ankle': {
      if (hold !== 'ankle') return [];
      const one = { kg: thing.massKg, pieces: 1 };
      return thing.count > 1 ? [one, { kg: 2 * thing.massKg, pieces: 2 }] : [one];
    }
    case 'vest':
      if (hold !== 'vest') return [];
      return [...Array(thing.inserts + 1).keys()]
        .map((inserts) => ({ kg: thing.emptyKg + inserts * thing.insertKg, pieces: 1 + inserts }))
        .filter(({ kg }) => kg > 0);
    case 'band':
    case 'prop':
      return [];
  }
}

/** Distinct masses of a whole kit, each with the fewest pieces. */
function kitByForce(things: readonly Implement[], hold: Hold): [number, number][] {
  const fewest = new Map<number, number>();
  for (const thing of things) {
    for (const { kg, pieces } of byForce(thing, hold)) {
      const key = massKey(kg);
      fewest.set(key, Math.min(pieces, fewest.get(key) ?? Infinity));
    }
  }
  return [...fewest].sort(([a], [b]) => a - b);
}

/** What a recipe weighs, added up from its parts. */
function massOf({ part }: Recipe): number {
  const plates = (stack: readonly { massKg: number; perSide: number }[]) =>
    stack.reduce((sum, { massKg, perSide }) => sum + massKg * perSide, 0);
  switch (part.kind) {
    case 'fixed':
      return part.massKg * part.count;
    case 'adjustable':
      return part.count * (part.handleKg + 2 * plates(part.plates));
    case 'bar':
      return part.barKg + 2 * plates(part.plates);
    case 'bag':
      return part.emptyKg + part.items.reduce((sum, { massKg, count }) => sum + massKg * count, 0);
    case 'ankle':
      return part.massesKg.reduce((sum, kg) => sum + kg, 0);
    case 'vest':
      return part.emptyKg + part.inserts * part.insertKg;
    default:
      return NaN;
  }
}

const plateSizes = [0.5, 1, 1.25, 2, 2.5, 5, 10, kgFromPounds(2.5), kgFromPounds(5)];
const somePlates = fc.uniqueArray(
  fc.record({ massKg: fc.constantFrom(...plateSizes), count: fc.integer({ min: 1, max: 9 }) }),
  { maxLength: 4, selector: ({ massKg }) => massKg },
);
const grams = (min: number, max: number) => fc.integer({ min, max }).map((value) => value / 1000);

const someThing: fc.Arbitrary<Implement> = fc.oneof(
  fc.record({
    kind: fc.constant('fixed' as const),
    id: fc.uuid(),
    form: fc.constantFrom('dumbbell' as const),
    massKg: fc.constantFrom(1, 2, 2.5, 5, 7.5, 10, kgFromPounds(15)),
    count: fc.integer({ min: 1, max: 3 }),
  }),
  fc.record({
    kind: fc.constant('adjustable' as const),
    id: fc.uuid(),
    handleKg: fc.constantFrom(0.5, 1.5, 2, 2.27),
    handles: fc.constantFrom(1 as const, 2 as const),
    plates: somePlates,
  }),
  fc.record({
    kind: fc.constant('bar' as const),
    id: fc.uuid(),
    form: fc.constantFrom('barbell' as const, 'hexBar' as const, 'broomstick' as const),
    barKg: fc.constantFrom(0.5, 7.5, 12.5, 20),
    plates: somePlates,
    trustedKg: fc.constantFrom(20, 30, 60),
  }),
  fc.record({
    kind: fc.constant('fillable' as const),
    id: fc.uuid(),
    name: fc.constant('bottle'),
    emptyKg: grams(0, 300),
    capacityLitres: fc.constantFrom(0.5, 1, 1.25, 2, 5),
    densityKgPerLitre: fc.constantFrom(0.85, 0.9982, 1.6),
    stepLitres: fc.constantFrom(0.1, 0.25, 0.5),
    count: fc.integer({ min: 1, max: 3 }),
    trustedKg: fc.constantFrom(2, 6, 20),
  }),
  fc.record({
    kind: fc.constant('bag' as const),
    id: fc.uuid(),
    name: fc.constant('tote'),
    emptyKg: grams(0, 500),
    handle: fc.boolean(),
    items: fc.array(
      fc.record({
        name: fc.constant('book'),
        massKg: grams(200, 1500),
        count: fc.integer({ min: 1, max: 2 }),
      }),
      { maxLength: 4 },
    ),
    trustedKg: fc.constantFrom(2, 5, 9),
  }),
  fc.record({
    kind: fc.constant('ankle' as const),
    id: fc.uuid(),
    massKg: fc.constantFrom(0.5, 1, 2),
    count: fc.integer({ min: 1, max: 4 }),
  }),
  fc.record({
    kind: fc.constant('vest' as const),
    id: fc.uuid(),
    emptyKg: fc.constantFrom(0, 0.8),
    insertKg: fc.constantFrom(0.5, 1),
    inserts: fc.integer({ min: 0, max: 10 }),
  }),
);

/** Kinds of which two in one kit pool their stock are listed once, so that brute force may add things up apart. */
function withoutPooling(things: readonly Implement[]): Implement[] {
  const seen = new Set<string>();
  return things.filter((thing) => {
    const key =
      thing.kind === 'fixed' ? `fixed ${massKey(thing.massKg)}` : thing.kind === 'ankle' ? 'ankle' : thing.id;
    return !seen.has(key) && seen.add(key);
  });
}

const HOLDS: readonly Hold[] = ['pair', 'bothHands', 'oneSide', 'bar', 'hexBar', 'bag', 'ankle', 'vest'];

describe('attainableLoads', () => {
  it('equals brute force on 500 random kits, in masses and in fewest pieces', () => {
    fc.assert(
      fc.property(
        fc.array(someThing, { minLength: 1, maxLength: 4 }).map(withoutPooling),
        fc.constantFrom(...HOLDS),
        (things, hold) => {
          const loads = attainableLoads(aKit(things), hold);
          expect(loads.map(({ kg, recipe }) => [massKey(kg), recipe.pieces])).toEqual(
            kitByForce(things, hold),
          );
          for (const { kg, recipe } of loads) {
            if (recipe.part.kind !== 'fillable') expect(massOf(recipe)).toBeCloseTo(kg, 9);
          }
        },
      ),
      { numRuns: 500 },
    );
  });

  it('makes a pair of two alike that were counted in apart, but not of a dumbbell and a kettlebell', () => {
    const single = (id: string, form: 'dumbbell' | 'kettlebell') =>
      ({ kind: 'fixed', id, form, massKg: 8, count: 1 }) as const;
    const alike = aKit([single('a', 'dumbbell'), single('b', 'dumbbell')]);
    expect(attainableLoads(alike, 'pair').map(({ kg }) => kg)).toEqual([16]);
    expect(attainableLoads(aKit([single('a', 'dumbbell'), single('b', 'kettlebell')]), 'pair')).toEqual([]);
  });

  it('stacks at most two ankle weights on the working leg', () => {
    const cuffs: Implement[] = [
      { kind: 'ankle', id: 'a', massKg: 1, count: 2 },
      { kind: 'ankle', id: 'b', massKg: 2.5, count: 1 },
    ];
    expect(attainableLoads(aKit(cuffs), 'ankle').map(({ kg }) => kg)).toEqual([1, 2, 2.5, 3.5]);
  });

  it('puts less body weight on hands that stand higher', () => {
    const surfaces: Implement[] = [
      { kind: 'prop', id: 'c', prop: 'counter', heightCm: 92 },
      { kind: 'prop', id: 's', prop: 'chair' },
      { kind: 'prop', id: 'm', prop: 'mat' },
    ];
    const loads = attainableLoads(aKit(surfaces), 'hands', { bodyMassKg: 70, heightCm: 170 });
    expect(loads.map(({ recipe }) => recipeWords(recipe))).toEqual([
      'hands on a counter, 92 cm',
      'hands on a firm chair, 45 cm',
      'hands on the floor',
    ]);
    expect(attainableLoads(aKit(surfaces), 'hands')).toEqual([]);
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
  const kit = aKit(pairs(2, 4, 5, 8));
  const near = (target: number, policy: Parameters<typeof nearestLoad>[3]) =>
    nearestLoad(kit, 'oneSide', target, policy)?.kg;

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

describe('simplestBetween', () => {
  it('takes the load with the fewest pieces, then the nearest', () => {
    const kit = aKit([
      { kind: 'adjustable', id: 'a', handleKg: 2, handles: 1, plates: [{ massKg: 1.45, count: 2 }] },
      ...pairs(5, 5.1),
    ]);
    const loads = attainableLoads(kit, 'oneSide');
    expect(simplestBetween(loads, 4.85, 5.2, 4.9)?.kg).toBe(5);
    expect(simplestBetween(loads, 5.2, 6, 5.5)).toBeUndefined();
  });
});

describe('ownedFrom', () => {
  it('takes any one of the props a need lists', () => {
    const owned = ownedFrom([aKit([{ kind: 'prop', id: 'p', prop: 'step' }])]);
    expect(owned.missing([['chair', 'step']])).toEqual([]);
    expect(owned.missing([['chair', 'step'], ['counter']])).toEqual([['counter']]);
  });

  it('has a wall wherever nobody said there is none', () => {
    const beach = { ...aKit([]), withoutWall: true as const };
    expect(ownedFrom([]).missing([['wall']])).toEqual([]);
    expect(ownedFrom([aKit([])]).missing([['wall']])).toEqual([]);
    expect(ownedFrom([beach]).missing([['wall']])).toEqual([['wall']]);
    expect(ownedFrom([beach, aKit([])]).missing([['wall']])).toEqual([]);
  });
});
