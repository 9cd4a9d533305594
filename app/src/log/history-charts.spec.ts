import type { Muscle } from '@dray/core';
import { DOSE, type SidesOfDay, type WeekOfLog } from '@dray/core/late';
import type { ChartColours } from '../ui/chart-canvas';
import {
  attendanceFigure,
  holdsFigure,
  loadFigure,
  setsFigure,
  sidesFigure,
  volumeFigure,
  type Figure,
} from './history-charts';

const COLOURS = new Proxy({} as ChartColours, { get: (_, name) => String(name) });

function week(date: string, part: Partial<WeekOfLog> = {}): WeekOfLog {
  const muscles = new Map<Muscle, number>();
  return { week: date, muscles, volumeKg: 0, sets: 0, visits: 0, load: 0, monotony: undefined, ...part };
}

const WEEKS = [
  week('2026-11-02', {
    muscles: new Map<Muscle, number>([['thighFront', 3.5]]),
    volumeKg: 1234.6,
    sets: 12,
    visits: 2,
    load: 210.4,
    monotony: 1.456,
  }),
  week('2026-11-09'),
  week('2026-11-16', {
    muscles: new Map<Muscle, number>([['thighFront', 12]]),
    volumeKg: 2000,
    sets: 20,
    visits: 3,
    load: 300,
  }),
];

/** The numbers of a chart’s first line or bars. */
const drawn = ({ build }: Figure) => build(COLOURS).data.datasets[0]!.data;
const labels = ({ build }: Figure) => build(COLOURS).data.labels;

describe('The charts of a history', () => {
  it('say the same as a table as they draw', () => {
    for (const [figure, values, written] of [
      [setsFigure(WEEKS, 'thighFront'), [3.5, 0, 12], ['3.5', '0', '12']],
      [volumeFigure(WEEKS), [1234.6, 0, 2000], ['1235', '0', '2000']],
      [attendanceFigure(WEEKS), [2, 0, 3], ['2', '0', '3']],
      [loadFigure(WEEKS), [210.4, 0, 300], ['210', '0', '300']],
    ] as const) {
      expect(drawn(figure))
        .withContext(figure.label)
        .toEqual([...values]);
      expect(figure.rows().map(([, value]) => value))
        .withContext(figure.label)
        .toEqual([...written]);
      expect(labels(figure)).toEqual(['2\u00a0Nov', '9\u00a0Nov', '16\u00a0Nov']);
      for (const row of figure.rows()) expect(row.length).toBe(figure.head.length);
    }
  });

  it('draw the published dose across the sets of a muscle', () => {
    const { build, label } = setsFigure(WEEKS, 'thighFront');
    const [, some, full] = build(COLOURS).data.datasets;
    expect([some?.data, full?.data]).toEqual([
      [DOSE.some, DOSE.some, DOSE.some],
      [DOSE.full, DOSE.full, DOSE.full],
    ]);
    expect(label).toContain('quads');
  });

  it('have no monotony where there is none to reckon', () => {
    expect(
      loadFigure(WEEKS)
        .rows()
        .map(([, , monotony]) => monotony),
    ).toEqual(['1.46', '–', '–']);
  });

  it('draw each hold as a line through the days it was done on', () => {
    const figure = holdsFigure(
      new Map([
        [
          'plank',
          new Map([
            ['2026-11-10', 40],
            ['2026-11-03', 30],
          ]),
        ],
        ['wall-sit', new Map([['2026-11-10', 60]])],
      ]),
      (id) => id.toUpperCase(),
    );
    expect(figure.head).toEqual(['day', 'PLANK', 'WALL-SIT']);
    expect(figure.rows()).toEqual([
      ['3\u00a0Nov', '30', ''],
      ['10\u00a0Nov', '40', '60'],
    ]);
    const { data, options } = figure.build(COLOURS);
    expect(data.datasets.map((line) => line.data)).toEqual([
      [30, 40],
      [null, 60],
    ]);
    expect(options?.plugins?.legend?.display).toBeTrue();
  });

  it('show how the work was shared by the sides, oldest first, and say what was uneven', () => {
    const sides = [
      { date: '2026-11-10', exerciseId: 'row', left: 0.412, uneven: true },
      { date: '2026-11-03', exerciseId: 'row', left: 0.5, uneven: false },
    ] as SidesOfDay[];
    const figure = sidesFigure(sides, (id) => id);
    expect(figure.rows()).toEqual([
      ['3\u00a0Nov', 'row', '50 %', '50 %', ''],
      ['10\u00a0Nov', 'row', '41.2 %', '58.8 %', 'uneven'],
    ]);
    const [left, right] = figure.build(COLOURS).data.datasets;
    for (const at of [0, 1]) expect(Number(left!.data[at]) + Number(right!.data[at])).toBeCloseTo(100, 10);
  });
});
