import { estimateStrength, type StrengthObservation } from '@dray/core';
import { catalog } from '@dray/core';
import { maximumWords, strengthChart } from './strength-chart';
import type { ChartColours } from './chart-canvas';

const COLOURS: ChartColours = {
  ink: '#000',
  ink2: '#111',
  hair: '#222',
  copper: '#333',
  sea: '#444',
  seaWash: '#555',
  tier: '#666',
  plum: '#777',
};

/** Three sets on each of so many days. */
function sets(days: number): StrengthObservation[] {
  return Array.from({ length: days * 3 }, (_, at) => ({
    loadKg: 20 + (Math.floor(at / 3) % 7),
    reps: 8 + (at % 3),
    reserve: 2,
    date: new Date(Date.UTC(2021, 0, 1 + Math.floor(at / 3))).toISOString().slice(0, 10),
  }));
}

/** The dots of sets of the exercise itself. */
function dotsOf(observations: readonly StrengthObservation[]) {
  const chart = strengthChart(estimateStrength(observations)!, 'kg', 'maximum')(COLOURS);
  return chart.data.datasets[3]!.data as { x: number; y: number }[];
}

describe('the chart of a maximum', () => {
  it('says what is counted together, where a load as it is said is only a part of it', () => {
    const words = (id: string) => maximumWords(catalog.exerciseById(id)!, 'kg');
    expect(words('goblet-squat')).toBe('maximum, kg');
    expect(words('pair-hinge')).toBe('maximum, kg, both hands together');
    expect(words('pull-up')).toBe('maximum, kg, body and load together');
  });

  it('has a dot for every set of a few weeks', () => {
    expect(dotsOf(sets(5)).length).toBe(15);
  });

  it('draws a line of years with as many points as can be told apart, to the last day', () => {
    const running = estimateStrength(sets(1800))!;
    const [, , line] = strengthChart(running, 'kg', 'maximum')(COLOURS).data.datasets;
    const points = line!.data as { x: number; y: number }[];
    expect(running.path.length).toBeGreaterThan(1700);
    expect(points.length).toBeLessThan(410);
    expect(points.map(({ x }) => x)).toEqual(points.map(({ x }) => x).sort((a, b) => a - b));
    expect(points.at(-1)!.y).toBeCloseTo(running.maxKg, 1);
    // Of a few weeks every day is there.
    const few = estimateStrength(sets(20))!;
    expect(strengthChart(few, 'kg', 'maximum')(COLOURS).data.datasets[2]!.data.length).toBeGreaterThanOrEqual(
      20,
    );
  });

  it('leaves out of years of sets only dots that lie on another', () => {
    const days = 1800;
    const dots = dotsOf(sets(days));
    expect(dots.length).toBeLessThan(days * 3);
    // A hundredth of the width and of the height around each set there is one.
    const [least, most] = [Math.min(...dots.map(({ y }) => y)), Math.max(...dots.map(({ y }) => y))];
    const whole = estimateStrength(sets(days))!;
    const wild = new Set(whole.wild.map(({ observation }) => observation));
    const lost = whole.readings.filter(({ observation, impliedKg }, at) => {
      const x = Math.floor(at / 3);
      return (
        !wild.has(observation) &&
        !dots.some(
          (dot) =>
            Math.abs(dot.x - x) <= days / 100 && Math.abs(dot.y - impliedKg) <= 0.06 + (most - least) / 50,
        )
      );
    });
    expect(lost).toEqual([]);
  });
});
