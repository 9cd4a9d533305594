import { daysBetween, inUnit, type Exercise, type MassUnit, type RunningEstimate } from '@dray/core';
import { addDays, format, parseISO } from 'date-fns';
import type { ChartBuild } from './chart-canvas';

const round = (value: number) => Math.round(value * 10) / 10;
/** As wide as the chart is at least, in days. */
const FEW_DAYS = 7;
/** So many dots lie beside each other, or above, before two cannot be told apart. */
const DOTS = { across: 200, up: 60 };
const LINE_ACROSS = 400;

interface Dot {
  readonly x: number;
  readonly y: number;
}

/** Leaves out dots that lie on others: years of sets are tens of thousands, and drawn one on the other they hold the page up. */
function onePerSpot(wide: number, high: number): (dots: readonly Dot[]) => Dot[] {
  const spotOf = ({ x, y }: Dot) =>
    `${Math.round((x / wide) * DOTS.across)} ${Math.round((y / (high || 1)) * DOTS.up)}`;
  return (dots) => [...new Map(dots.map((dot) => [spotOf(dot), dot])).values()];
}

/** What a maximum in an exercise counts together, where a load as it is said is only a part of it. */
export function countedTogether({ loading }: Exercise): string {
  if (loading?.bodyShare !== undefined) return $localize`body and load together`;
  return loading?.holds.includes('pair') ? $localize`both hands together` : '';
}

/** "maximum, kg", and what it counts together. */
export function maximumWords(exercise: Exercise, unit: MassUnit): string {
  const together = countedTogether(exercise);
  return together === '' ? $localize`maximum, ${unit}` : $localize`maximum, ${unit}, ${together}:together:`;
}

/** The estimate with its band over time, each set a dot: filled for the exercise itself, a ring for a related one. */
export function strengthChart(running: RunningEstimate, unit: MassUnit, title: string): ChartBuild {
  const dates = [...running.readings.map(({ observation }) => observation.date), running.date].sort();
  const start = dates[0] ?? running.date;
  const day = (date: string) => daysBetween(start, date);
  const show = (kg: number) => round(inUnit(kg, unit));
  const last = running.path.at(-1);
  const points = last?.date === running.date ? running.path : [...running.path, running];
  const wide = Math.max(FEW_DAYS, day(running.date));
  /** A line of years has no more points than can be told apart, the latest of each. */
  const drawn = [
    ...new Map(points.map((point) => [Math.round((day(point.date) / wide) * LINE_ACROSS), point])).values(),
  ];
  const line = (of: 'maxKg' | 'lowKg' | 'highKg') =>
    drawn.map((point) => ({ x: day(point.date), y: show(point[of]) }));
  const wild = new Set(
    running.wild.filter(({ believed }) => !believed).map(({ observation }) => observation),
  );
  // A slip of the pen does not squeeze everything else flat: it is drawn at the edge.
  const sound = running.readings.filter(({ observation }) => !wild.has(observation));
  const shown = [...sound.map(({ impliedKg }) => impliedKg), ...points.flatMap((p) => [p.lowKg, p.highKg])];
  const [least, most] = [show(Math.min(...shown) * 0.96), show(Math.max(...shown) * 1.04)];
  const apart = onePerSpot(wide, most - least);
  const dots = (kind: 'own' | 'carried' | 'wild') =>
    apart(
      running.readings
        .filter(({ observation }) =>
          kind === 'wild'
            ? wild.has(observation)
            : !wild.has(observation) && (observation.carried === undefined) === (kind === 'own'),
        )
        .map(({ observation, impliedKg }) => ({
          x: day(observation.date),
          y: Math.max(least, Math.min(most, show(impliedKg))),
        })),
    );

  return (colours) => ({
    type: 'scatter',
    data: {
      datasets: [
        {
          type: 'line',
          label: $localize`high`,
          data: line('highKg'),
          borderWidth: 0,
          pointRadius: 0,
          fill: '+1',
          backgroundColor: colours.seaWash,
          order: 4,
        },
        {
          type: 'line',
          label: $localize`low`,
          data: line('lowKg'),
          borderWidth: 0,
          pointRadius: 0,
          order: 4,
        },
        {
          type: 'line',
          label: $localize`estimate`,
          data: line('maxKg'),
          borderColor: colours.sea,
          borderWidth: 2,
          pointRadius: points.length === 1 ? 3 : 0,
          order: 3,
        },
        {
          type: 'scatter',
          label: $localize`sets`,
          data: dots('own'),
          backgroundColor: colours.ink,
          pointRadius: 5,
          order: 1,
        },
        {
          type: 'scatter',
          label: $localize`related`,
          data: dots('carried'),
          backgroundColor: 'transparent',
          borderColor: colours.ink2,
          borderWidth: 1.5,
          pointRadius: 4.5,
          order: 2,
        },
        {
          type: 'scatter',
          label: $localize`held back`,
          data: dots('wild'),
          borderColor: colours.plum,
          borderWidth: 2,
          pointStyle: 'crossRot',
          pointRadius: 6,
          order: 1,
        },
      ],
    },
    options: {
      plugins: {
        legend: { display: false },
        tooltip: {
          callbacks: {
            label: ({ parsed }) =>
              `${format(addDays(parseISO(start), parsed.x ?? 0), 'd MMM')}: ${parsed.y ?? ''} ${unit}`,
          },
        },
      },
      scales: {
        x: {
          type: 'linear',
          min: -1,
          max: Math.max(FEW_DAYS, day(running.date) + 1),
          grid: { display: false },
          ticks: {
            maxTicksLimit: 7,
            callback: (value) => format(addDays(parseISO(start), Number(value)), 'd MMM'),
          },
        },
        y: {
          // Its ends are round numbers around these.
          suggestedMin: least,
          suggestedMax: most,
          ticks: { maxTicksLimit: 6 },
          title: { display: true, text: title },
        },
      },
    },
  });
}
