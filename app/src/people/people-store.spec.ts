import { TestBed } from '@angular/core/testing';
import type { DrayDb } from '../data/dray-db';
import { openedDocuments, provideFreshBrowser } from '../testing';
import { PeopleStore } from './people-store';
import { strengthChart } from '../ui/strength-chart';

describe('PeopleStore', () => {
  let db: DrayDb;

  beforeEach(async () => {
    db = provideFreshBrowser();
    await openedDocuments();
  });

  afterEach(() => {
    db.close();
  });

  const store = () => TestBed.runInInjectionContext(() => new PeopleStore());

  it('starts with the exercise most sets are known of, and holds a slip of the pen back', () => {
    const people = store();
    people.show('juno');
    expect(people.exercise()?.id).toBe('goblet-squat');
    const running = people.running();
    expect(running?.wild.map(({ observation }) => observation.loadKg)).toEqual([81]);
    expect(running?.maxKg).toBeLessThan(30);
  });

  it('takes a set in at once, and out again', () => {
    const people = store();
    people.show('wendel');
    const guess = people.running()?.standardError ?? 0;
    const set = { exerciseId: 'goblet-squat', loadKg: 20, reps: 8, reserve: 2, date: '2026-11-20' };
    people.addSet(set);
    expect(people.exercise()?.id).toBe('goblet-squat');
    expect(people.running()?.own).toBe(1);
    expect(people.running()?.standardError).toBeLessThan(guess);
    people.removeSet(people.person()!.knownSets[0]!);
    expect(people.running()?.own).toBe(0);
  });

  it('says what a set implies past what the person’s equation was fitted on, by the curve', () => {
    const people = store();
    people.show('anselm');
    const set = people.person()!.knownSets.find(({ exerciseId }) => exerciseId === 'goblet-squat')!;
    // 12 reps with 3 left: Brzycki 1993 holds to 12 reps.
    expect(people.person()!.formula).toBe('brzycki');
    expect(set.reps + set.reserve!).toBe(15);
    people.showExercise('goblet-squat');
    const implied = people.restsOn().find((one) => one.set === set)!.impliedKg!;
    expect(implied).toBeGreaterThan(set.loadKg! * 1.3);
    expect(implied).toBeLessThan(set.loadKg! * 1.8);
  });

  it('rests on sets of the same lift alone', () => {
    const people = store();
    people.show('wendel');
    const date = '2026-11-20';
    people.addSet({ exerciseId: 'press-up', rungId: 'press-floor', reps: 10, reserve: 2, date });
    people.addSet({ exerciseId: 'goblet-squat', loadKg: 16, reps: 8, reserve: 2, date });
    people.addSet({ exerciseId: 'shoulder-pair-squat', loadKg: 20, hold: 'pair', reps: 8, reserve: 2, date });
    const restsOn = (exerciseId: string) => {
      people.showExercise(exerciseId);
      return people.restsOn().map(({ set }) => set.exerciseId);
    };
    expect(restsOn('goblet-squat')).toEqual(['goblet-squat', 'shoulder-pair-squat']);
    expect(restsOn('press-up')).toEqual(['press-up']);
    expect(restsOn('pair-hinge')).toEqual([]);
  });

  it('shows what each equation makes of the same sets, and takes the choice to the board', () => {
    const people = store();
    people.show('juno');
    const all = people.byFormula();
    expect(all.length).toBe(7);
    expect(new Set(all.map(({ maxKg }) => maxKg.toFixed(2))).size).toBeGreaterThan(4);
    people.choose('lombardi');
    expect(people.person()?.formula).toBe('lombardi');
    const lombardi = all.find(({ formula }) => formula === 'lombardi');
    expect(people.running()?.maxKg).toBeCloseTo(lombardi?.maxKg ?? 0, 10);
  });

  it('draws the slip at the edge instead of squeezing everything else flat', () => {
    const people = store();
    people.show('juno');
    const colours = { ink: '', ink2: '', hair: '', copper: '', sea: '', seaWash: '', tier: '', plum: '' };
    const chart = strengthChart(people.running()!, 'kg', 'maximum')(colours);
    const wild = chart.data.datasets.find(({ label }) => label === 'held back');
    const scale = chart.options?.scales?.['y'] as { suggestedMax: number };
    expect(wild?.data.map((dot) => (dot as { y: number }).y)).toEqual([scale.suggestedMax]);
    expect(scale.suggestedMax).toBeLessThan(40);
  });
});
