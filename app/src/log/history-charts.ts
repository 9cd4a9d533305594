import { MUSCLE_WORDS, type Muscle } from '@dray/core';
import { DOSE, type SidesOfDay, type WeekOfLog } from '@dray/core/late';
import { format, parseISO } from 'date-fns';
import type { ChartBuild } from '../ui/chart-canvas';

/** A chart with the same numbers as a table. */
export interface Figure {
  readonly label: string;
  readonly build: ChartBuild;
  readonly head: readonly string[];
  /** Only where they are looked at as a table: years of them take their time to write. */
  readonly rows: () => readonly (readonly string[])[];
}

/** Kept on one line. */
export const day = (date: string) => format(parseISO(date), 'd\u00a0MMM');
const round = (value: number) => String(Math.round(value * 10) / 10);

/** Bars by week, in one colour, with lines across where a number means something. */
function bars(
  weeks: readonly string[],
  values: readonly number[],
  title: string,
  marks: readonly { readonly at: number; readonly words: string }[] = [],
): ChartBuild {
  return (colours) => ({
    type: 'bar',
    data: {
      labels: weeks.map(day),
      datasets: [
        {
          type: 'bar',
          label: title,
          data: [...values],
          backgroundColor: colours.tier,
          maxBarThickness: 34,
          order: 2,
        },
        ...marks.map(({ at, words }) => ({
          type: 'line' as const,
          label: words,
          data: weeks.map(() => at),
          borderColor: colours.ink2,
          borderWidth: 1,
          borderDash: [4, 3],
          pointRadius: 0,
          order: 1,
        })),
      ],
    },
    options: {
      plugins: { legend: { display: false } },
      scales: {
        x: { grid: { display: false } },
        y: { beginAtZero: true, title: { display: true, text: title }, ticks: { maxTicksLimit: 6 } },
      },
    },
  });
}

export function setsFigure(weeks: readonly WeekOfLog[], muscle: Muscle): Figure {
  const values = weeks.map(({ muscles }) => muscles.get(muscle) ?? 0);
  const name = MUSCLE_WORDS[muscle];
  return {
    label: $localize`Weekly sets of the ${name}, with the published dose at ${DOSE.some} and ${DOSE.full}`,
    build: bars(
      weeks.map(({ week }) => week),
      values,
      $localize`sets, ${name}`,
      [
        { at: DOSE.some, words: $localize`builds from here` },
        { at: DOSE.full, words: $localize`the full dose` },
      ],
    ),
    head: [$localize`week of`, $localize`sets`],
    rows: () => weeks.map(({ week }, at) => [day(week), round(values[at] ?? 0)]),
  };
}

export function volumeFigure(weeks: readonly WeekOfLog[]): Figure {
  return {
    label: $localize`Kilograms times repetitions by week`,
    build: bars(
      weeks.map(({ week }) => week),
      weeks.map(({ volumeKg }) => volumeKg),
      $localize`kg × reps`,
    ),
    head: [$localize`week of`, $localize`kg × reps`, $localize`sets`],
    rows: () =>
      weeks.map(({ week, volumeKg, sets }) => [day(week), String(Math.round(volumeKg)), String(sets)]),
  };
}

export function attendanceFigure(weeks: readonly WeekOfLog[]): Figure {
  return {
    label: $localize`Visits by week`,
    build: bars(
      weeks.map(({ week }) => week),
      weeks.map(({ visits }) => visits),
      $localize`visits`,
    ),
    head: [$localize`week of`, $localize`visits`],
    rows: () => weeks.map(({ week, visits }) => [day(week), String(visits)]),
  };
}

export function loadFigure(weeks: readonly WeekOfLog[]): Figure {
  return {
    label: $localize`Effort times minutes by week`,
    build: bars(
      weeks.map(({ week }) => week),
      weeks.map(({ load }) => load),
      $localize`effort × min`,
    ),
    head: [$localize`week of`, $localize`effort × min`, $localize`monotony`],
    rows: () =>
      weeks.map(({ week, load, monotony }) => [
        day(week),
        String(Math.round(load)),
        monotony === undefined ? '–' : monotony.toFixed(2),
      ]),
  };
}

export function holdsFigure(
  holds: ReadonlyMap<string, ReadonlyMap<string, number>>,
  nameOf: (id: string) => string,
): Figure {
  const dates = [...new Set([...holds.values()].flatMap((own) => [...own.keys()]))].sort();
  const lines = [...holds];
  return {
    label: $localize`The longest hold of each visit, in seconds`,
    build: (colours) => ({
      type: 'line',
      data: {
        labels: dates.map(day),
        datasets: lines.map(([id, own], at) => ({
          label: nameOf(id),
          data: dates.map((date) => own.get(date) ?? null),
          borderColor: [colours.sea, colours.ink, colours.plum, colours.tier][at % 4],
          borderDash: at < 4 ? [] : [4, 3],
          borderWidth: 2,
          pointRadius: 3,
          spanGaps: true,
        })),
      },
      options: {
        plugins: { legend: { display: lines.length > 1, labels: { boxWidth: 16, boxHeight: 1 } } },
        scales: {
          x: { grid: { display: false } },
          y: { beginAtZero: true, title: { display: true, text: $localize`seconds` } },
        },
      },
    }),
    head: ['day', ...lines.map(([id]) => nameOf(id))],
    rows: () => dates.map((date) => [day(date), ...lines.map(([, own]) => String(own.get(date) ?? ''))]),
  };
}

export function sidesFigure(sides: readonly SidesOfDay[], nameOf: (id: string) => string): Figure {
  const sorted = [...sides].sort((a, b) => (a.date < b.date ? -1 : 1));
  const percent = ({ left }: SidesOfDay) => Math.round(left * 1000) / 10;
  return {
    label: $localize`Left and right: the left side’s share of the work, half when they are equal`,
    build: (colours) => ({
      type: 'bar',
      data: {
        labels: sorted.map(({ date }) => day(date)),
        datasets: [
          {
            label: $localize`left`,
            data: sorted.map(percent),
            backgroundColor: colours.tier,
            stack: 'sides',
            maxBarThickness: 34,
          },
          {
            label: $localize`right`,
            data: sorted.map((own) => 100 - percent(own)),
            backgroundColor: colours.hair,
            stack: 'sides',
            maxBarThickness: 34,
          },
          {
            type: 'line',
            label: $localize`equal`,
            data: sorted.map(() => 50),
            borderColor: colours.ink,
            borderWidth: 1,
            pointRadius: 0,
          },
        ],
      },
      options: {
        plugins: { legend: { display: true, labels: { boxWidth: 12, boxHeight: 12 } } },
        scales: {
          x: { grid: { display: false }, stacked: true },
          y: { min: 0, max: 100, stacked: true, title: { display: true, text: $localize`% of the work` } },
        },
      },
    }),
    head: ['day', 'exercise', 'left', 'right', ''],
    rows: () =>
      sorted.map((own) => [
        day(own.date),
        nameOf(own.exerciseId),
        `${percent(own)} %`,
        `${Math.round((100 - percent(own)) * 10) / 10} %`,
        own.uneven ? $localize`uneven` : '',
      ]),
  };
}
