import { aParticipant } from '../../testing/people';
import { catalog } from '../library';
import {
  estimateMax,
  LOAD_CHART,
  loadForReps,
  oneRepMax,
  percentOfMax,
  repsAtPercent,
  StrengthRangeError,
} from './index';

describe('oneRepMax', () => {
  it('follows Epley', () => {
    // Source: Epley 1985, w(1 + r/30); worked by hand.
    expect(oneRepMax(20, 10, 'epley')).toBeCloseTo(26.6667, 4);
    expect(oneRepMax(100, 6, 'epley')).toBeCloseTo(120, 10);
    expect(oneRepMax(60, 15, 'epley')).toBeCloseTo(90, 10);
  });

  it('follows Brzycki', () => {
    // Source: Brzycki 1993, w·36/(37 − r); worked by hand.
    expect(oneRepMax(20, 10, 'brzycki')).toBeCloseTo(26.6667, 4);
    expect(oneRepMax(100, 1, 'brzycki')).toBe(100);
    expect(oneRepMax(50, 7, 'brzycki')).toBeCloseTo(60, 10);
  });

  it('leaves a single repetition as it is, whichever formula', () => {
    expect(oneRepMax(80, 1, 'epley')).toBe(80);
    expect(oneRepMax(80, 1, 'brzycki')).toBe(80);
  });

  it('names the argument that is out of range', () => {
    expect(() => oneRepMax(0, 5, 'epley')).toThrowMatching(
      (error) => error instanceof StrengthRangeError && error.argument === 'loadKg',
    );
    for (const wrong of [0, 31, Number.NaN]) {
      expect(() => oneRepMax(50, wrong, 'brzycki')).toThrowMatching(
        (error) => error instanceof StrengthRangeError && error.argument === 'reps',
      );
    }
  });
});

describe('the load chart', () => {
  it('has the published points', () => {
    // Source: Haff & Triplett, Essentials of Strength Training and Conditioning, 4th ed., training load chart.
    const published: [number, number][] = [
      [1, 100],
      [2, 95],
      [3, 93],
      [4, 90],
      [5, 87],
      [6, 85],
      [8, 80],
      [10, 75],
      [12, 67],
      [15, 65],
    ];
    expect(LOAD_CHART.map(([reps, percent]) => [reps, percent])).toEqual(published);
    for (const [reps, percent] of published) {
      expect(percentOfMax(reps)).withContext(`${reps} reps`).toBeCloseTo(percent, 10);
      expect(repsAtPercent(percent)).withContext(`${percent} %`).toBeCloseTo(reps, 10);
    }
  });

  it('never rises, and its inverse comes back', () => {
    for (let reps = 1; reps < 40; reps += 0.25) {
      expect(percentOfMax(reps + 0.25)).toBeLessThan(percentOfMax(reps));
      expect(repsAtPercent(percentOfMax(reps))).toBeCloseTo(reps, 8);
    }
  });

  it('keeps the published load goals in their ranges', () => {
    // Source: the same: hypertrophy 67-85 % for 6-12 reps, strength at least 85 % for up to 6.
    expect(percentOfMax(6)).toBeGreaterThanOrEqual(85);
    expect(percentOfMax(12)).toBeGreaterThanOrEqual(67);
    expect(loadForReps(100, 8, 2)).toBeCloseTo(75, 10);
  });
});

describe('estimateMax', () => {
  const goblet = catalog.exercises.get('goblet-squat')!;
  const pair = catalog.exercises.get('shoulder-pair-squat')!;
  const find = catalog.exerciseById;
  const set = { exerciseId: 'goblet-squat', loadKg: 20, reps: 8, reserve: 2, date: '2026-10-01' };

  it('takes the newest known set of the exercise, reserve counted', () => {
    const newer = { ...set, loadKg: 24, date: '2026-11-01' };
    const estimate = estimateMax(aParticipant({ knownSets: [newer, set] }), goblet, 'intermediate', find);
    expect(estimate?.basis).toBe('tested');
    expect(estimate?.maxKg).toBeCloseTo(oneRepMax(24, 10, 'epley'), 10);
  });

  it('carries over from the same lift, set low', () => {
    const estimate = estimateMax(aParticipant({ knownSets: [set] }), pair, 'intermediate', find);
    expect(estimate?.basis).toBe('carried');
    expect(estimate?.maxKg).toBeLessThan(oneRepMax(20, 10, 'epley') * 1.25);
  });

  it('guesses carefully from body mass, and says so', () => {
    const light = estimateMax(aParticipant({ bodyMassKg: 50 }), goblet, 'beginner', find);
    const heavy = estimateMax(aParticipant({ bodyMassKg: 100 }), goblet, 'beginner', find);
    expect(light?.basis).toBe('guess');
    expect(heavy?.maxKg).toBeCloseTo((light?.maxKg ?? 0) * 2, 10);
  });

  it('says nothing of exercises that are never loaded', () => {
    expect(estimateMax(aParticipant(), catalog.exercises.get('press-up')!, 'beginner', find)).toBeUndefined();
  });
});
