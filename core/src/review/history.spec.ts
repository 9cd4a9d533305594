import { boatyardInWeekFive } from '@dray/demo/week-five';
import { catalog } from '../library';
import { isHeld } from '../model';
import { logIndex } from '../program';
import { historyByWeek, holdsByDay, mondayOf, sidesByDay, thenAndNow, weeksIn } from './index';

const of = (id: string) => logIndex(boatyardInWeekFive.log).ofPerson(id);

describe('a person’s history', () => {
  it('is told by weeks from Monday on, weeks away included', () => {
    expect(mondayOf('2026-11-24')).toBe('2026-11-23');
    expect(mondayOf('2026-11-29')).toBe('2026-11-23');
    const tamsin = historyByWeek(of('tamsin'), [], catalog);
    expect(tamsin.map(({ week }) => week)).toEqual(['2026-10-26', '2026-11-02', '2026-11-09', '2026-11-16']);
    expect(tamsin.map(({ visits }) => visits)).toEqual([2, 2, 0, 2]);
    expect(weeksIn([])).toEqual([]);
  });

  it('counts volume load as kilograms times repetitions, and a set of two sides once', () => {
    const [entry] = of('tamsin').filter(({ side }) => side === 'left');
    const both = [entry!, { ...entry!, id: 'r', side: 'right' as const }];
    const [week] = historyByWeek(both, [], catalog);
    expect(week?.sets).toBe(1);
    expect(week?.volumeKg).toBe(2 * entry!.loadKg! * entry!.amount);
  });

  it('adds up session load and its monotony (Foster et al. 2001)', () => {
    const visits = boatyardInWeekFive.visits.filter(({ participantId }) => participantId === 'juno');
    const [week] = historyByWeek(of('juno'), visits, catalog);
    const loads = [0, 6 * 40, 0, 0, 6 * 25, 0, 0];
    expect(week?.load).toBe(390);
    const mean = 390 / 7;
    const deviation = Math.sqrt(loads.reduce((sum, load) => sum + (load - mean) ** 2, 0) / 6);
    expect(week?.monotony).toBeCloseTo(mean / deviation, 12);
  });

  it('knows holds from the class’s clock, and sides from each other', () => {
    const tuesdays = of('juno').filter(({ sessionId }) => sessionId === 'tuesday');
    const holds = holdsByDay(tuesdays, (id) => isHeld(catalog.exercises.get(id)!));
    expect([...holds.keys()].length).toBe(1);
    expect([...holds.values()][0]!.size).toBe(4);
    const sides = sidesByDay(of('tamsin'));
    expect(sides.every(({ left }) => left < 0.5)).toBeTrue();
    expect(sides.at(-1)?.uneven).toBeTrue();
  });

  it('sets then beside now by the best set of the first and the last day', () => {
    const { then, now } = thenAndNow(of('bram')).get('tue-squat')!;
    expect(then.week).toBe(1);
    expect(now.week).toBe(4);
    expect(now.loadKg!).toBeGreaterThan(then.loadKg!);
  });
});
