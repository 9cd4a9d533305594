import { exerciseSchema, ladderSchema, LEVERS, type Exercise, type LeverKind } from '../model';
import { buildCatalog, CatalogError, tierSteps } from '../ladder';
import { catalog, LIBRARY_EXERCISES, LIBRARY_LADDERS } from './index';

describe('the library', () => {
  it('fits its schemas', () => {
    for (const exercise of LIBRARY_EXERCISES) {
      expect(exerciseSchema.safeParse(exercise).error?.message).withContext(exercise.id).toBeUndefined();
    }
    for (const ladder of LIBRARY_LADDERS) {
      expect(ladderSchema.safeParse(ladder).error?.message).withContext(ladder.id).toBeUndefined();
    }
  });

  it('has six ladders of three to five rungs over at least twenty exercises', () => {
    expect(LIBRARY_LADDERS.map(({ pattern }) => pattern).sort()).toEqual([
      'brace',
      'hinge',
      'press',
      'row',
      'squat',
      'thrust',
    ]);
    for (const { id, rungs } of LIBRARY_LADDERS) {
      expect(rungs.length).withContext(id).toBeGreaterThanOrEqual(3);
      expect(rungs.length).withContext(id).toBeLessThanOrEqual(5);
    }
    expect(LIBRARY_EXERCISES.length).toBeGreaterThanOrEqual(20);
  });

  it('climbs: tiers never fall, and levers of one exercise move to their harder side', () => {
    for (const { rungs } of LIBRARY_LADDERS) {
      rungs.slice(1).forEach((rung, at) => {
        const before = rungs[at]!;
        expect(tierSteps(rung.tier, before.tier)).withContext(rung.id).toBeGreaterThanOrEqual(0);
        if (rung.exerciseId !== before.exerciseId) return;
        for (const [lever, value] of Object.entries(rung.levers)) {
          const was = before.levers[lever as LeverKind]!;
          const harder = LEVERS[lever as LeverKind].harder === 'up' ? value > was : value < was;
          expect(harder).withContext(rung.id).toBeTrue();
        }
      });
    }
  });

  it('gives every exercise of a pattern the muscle the pattern is for', () => {
    const main: Partial<Record<Exercise['pattern'], string[]>> = {
      squat: ['thighFront'],
      hinge: ['glutes', 'thighBack'],
      press: ['chest'],
      row: ['upperBack'],
      brace: ['trunk'],
    };
    for (const { id, pattern, muscles } of LIBRARY_EXERCISES) {
      const full = muscles.filter(({ share }) => share === 1).map(({ muscle }) => muscle as string);
      const expected = main[pattern];
      if (expected)
        expect(full.some((muscle) => expected.includes(muscle)))
          .withContext(id)
          .toBeTrue();
    }
  });
});

describe('buildCatalog', () => {
  const [ladder] = LIBRARY_LADDERS;

  it('refuses a rung whose exercise is not there', () => {
    expect(() => buildCatalog([], [ladder!])).toThrowError(CatalogError, /which is not there/);
  });

  it('refuses a lever outside its range', () => {
    const rungs = ladder!.rungs.map((rung, at) => (at === 0 ? { ...rung, levers: { range: 99 } } : rung));
    expect(() => buildCatalog(LIBRARY_EXERCISES, [{ ...ladder!, rungs }])).toThrowError(
      CatalogError,
      /outside/,
    );
  });

  it('holds every rung and every exercise that is on no ladder', () => {
    const rungs = LIBRARY_LADDERS.flatMap((own) => own.rungs);
    const loose = LIBRARY_EXERCISES.filter(({ id }) => !rungs.some(({ exerciseId }) => exerciseId === id));
    expect(catalog.versions.length).toBe(rungs.length + loose.length);
  });
});
