import { seeded } from '../../testing/random';
import { simulatedReading, SMALL_HANGING_SCALE, steadyReading, type ScaleSample } from './scale';

/** A pull of a mass on the scale, ten samples a second. */
function pull(trueKg: number, seconds: number, seed: number): ScaleSample[] {
  const random = seeded(seed);
  return Array.from({ length: Math.round(seconds * 10) }, (_, at) => ({
    atSeconds: at / 10,
    kg: simulatedReading(0, trueKg, at / 10, random),
  }));
}

describe('the simulated hanging scale', () => {
  it('swings first and then shows what hangs on it', () => {
    const samples = pull(8, 6, 1);
    const early = samples.slice(0, 8).flatMap(({ kg }) => kg ?? []);
    expect(Math.max(...early) - Math.min(...early)).toBeGreaterThan(4);
    for (const { kg } of samples.slice(40)) {
      if (kg !== undefined) expect(Math.abs(kg - 8)).toBeLessThan(6 * SMALL_HANGING_SCALE.noiseKg);
    }
  });

  it('shows nothing past its capacity', () => {
    expect(
      pull(60, 6, 2)
        .slice(30)
        .every(({ kg }) => kg === undefined),
    ).toBeTrue();
    expect(steadyReading(pull(60, 6, 2))).toBeUndefined();
  });

  it('holds a reading only once it is steady, and holds the right one', () => {
    expect(steadyReading(pull(8, 0.8, 3))).toBeUndefined();
    let held = 0;
    for (let seed = 1; seed <= 50; seed += 1) {
      const reading = steadyReading(pull(8, 5, seed));
      if (reading === undefined) continue;
      held += 1;
      expect(Math.abs(reading - 8)).toBeLessThan(3 * SMALL_HANGING_SCALE.noiseKg);
    }
    expect(held).toBeGreaterThan(40);
  });

  it('does not hold an empty hook, nor a jerk', () => {
    expect(steadyReading(pull(0, 5, 4))).toBeUndefined();
    const calm = pull(8, 5, 5).map((sample) => ({ ...sample, kg: 8 }));
    expect(steadyReading(calm)).toBeCloseTo(8, 10);
    expect(
      steadyReading([...calm.slice(0, -3), { ...calm.at(-3)!, kg: undefined }, ...calm.slice(-2)]),
    ).toBeUndefined();
    expect(steadyReading([])).toBeUndefined();
  });
});
