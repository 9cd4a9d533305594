import * as fc from 'fast-check';
import solver, { type Model } from 'javascript-lp-solver';
import { DENSITY_KG_PER_LITRE, type BagItem, type Fillable } from '../model';
import { chooseItems, fillForMass, massForFill } from './index';

const bottle: Fillable = {
  kind: 'fillable',
  id: 'b',
  name: 'bottle',
  emptyKg: 0.05,
  capacityLitres: 2,
  densityKgPerLitre: DENSITY_KG_PER_LITRE.water,
  stepLitres: 0.1,
  count: 2,
};

describe('containers', () => {
  it('weighs a litre of water at 20 °C', () => {
    // Source: CRC Handbook, density of water at 20 °C, 0.9982 kg/L (from memory).
    expect(massForFill({ ...bottle, emptyKg: 0 }, 1)).toBe(0.9982);
  });

  it('fills to the nearest mark', () => {
    const answer = fillForMass(bottle, 1.34);
    // (1.34 − 0.05) / 0.9982 = 1.2923 L, worked by hand; the marks are at 1.2 and 1.3.
    expect(answer).toEqual({ ok: true, litres: 1.3, kg: massForFill(bottle, 1.3) });
    expect(fillForMass(bottle, 0.05)).toEqual(jasmine.objectContaining({ ok: true, litres: 0 }));
  });

  it('refuses what it cannot hold, and says what to use instead', () => {
    const over = fillForMass(bottle, 3);
    expect(over.ok).toBeFalse();
    expect(!over.ok && over.sentence).toMatch(/full it weighs 2\.05 kg: fill it with dry sand, or take/);
    const weak = fillForMass({ ...bottle, trustedKg: 1 }, 1.5);
    expect(!weak.ok && weak.sentence).toContain('trusted with no more than 1 kg');
    const light = fillForMass(bottle, 0.01);
    expect(!light.ok && light.sentence).toContain('take something lighter');
    expect(fillForMass(bottle, Number.NaN).ok).toBeFalse();
  });

  it('never misses a mass within reach by more than half a mark', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 2.046, noNaN: true }), (kg) => {
        const answer = fillForMass(bottle, kg);
        const missKg = answer.ok ? Math.abs(answer.kg - kg) : Infinity;
        expect(missKg).toBeLessThanOrEqual((bottle.stepLitres / 2) * 0.9982 + 1e-9);
      }),
    );
  });
});

function resultOf(solved: unknown): number {
  return typeof solved === 'object' && solved && 'result' in solved ? Math.round(Number(solved.result)) : NaN;
}

/** The same choice as a mixed integer program: least distance first, then fewest pieces at that distance. */
function bySolver(items: readonly BagItem[], targetGrams: number): { distance: number; pieces: number } {
  const variables: Model['variables'] = { miss: { distance: 1, over: -1, under: 1 } };
  const ints: Record<string, 1> = {};
  const constraints: Model['constraints'] = { over: { max: targetGrams }, under: { min: targetGrams } };
  items.forEach(({ massKg, count }, at) => {
    const grams = Math.round(massKg * 1000);
    variables[`x${at}`] = { over: grams, under: grams, pieces: 1, [`most${at}`]: 1 };
    constraints[`most${at}`] = { max: count };
    ints[`x${at}`] = 1;
  });
  const nearest = solver.Solve({ optimize: 'distance', opType: 'min', constraints, variables, ints });
  const distance = resultOf(nearest);
  const fewest = solver.Solve({
    optimize: 'pieces',
    opType: 'min',
    constraints: { ...constraints, distance: { max: distance } },
    variables,
    ints,
  });
  return { distance, pieces: resultOf(fewest) };
}

describe('chooseItems', () => {
  it('equals an exact solver on 200 random bags', () => {
    // Checked against javascript-lp-solver, branch and bound on a mixed integer program.
    const item = fc.record({
      name: fc.constant('book'),
      massKg: fc.integer({ min: 150, max: 1800 }).map((grams) => grams / 1000),
      count: fc.integer({ min: 1, max: 2 }),
    });
    fc.assert(
      fc.property(
        fc.array(item, { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 100, max: 9000 }),
        (items, targetGrams) => {
          const chosen = chooseItems(items, targetGrams / 1000);
          const distance = Math.abs(Math.round(chosen.kg * 1000) - targetGrams);
          expect({ distance, pieces: chosen.pieces }).toEqual(bySolver(items, targetGrams));
        },
      ),
      { numRuns: 200 },
    );
  });

  it('adds up to what it says, and keeps to the limit', () => {
    const items = [
      { name: 'thick book', massKg: 0.9, count: 3 },
      { name: 'jar', massKg: 0.72, count: 2 },
    ];
    const chosen = chooseItems(items, 5, 3);
    expect(chosen.kg).toBeCloseTo(2.7, 10);
    expect(chosen.items).toEqual([{ name: 'thick book', massKg: 0.9, count: 3 }]);
    expect(chosen.pieces).toBe(3);
    expect(chooseItems([], 5)).toEqual({ items: [], kg: 0, pieces: 0 });
  });
});
