import {
  atMost,
  formatHeldMass,
  inUnit,
  type AttainableLoad,
  type KitTarget,
  type MassUnit,
} from '@dray/core';

export const LINE = { width: 920, left: 18, right: 18, axis: 0, height: 54, above: 26 } as const;

/** Steps from load to load above this are too coarse for a week: they are drawn as gaps. */
export const COARSE_PERCENT = 10;

const LANES = 3;
const LANE_HEIGHT = 30;
/** Narrower than this on screen, a share is not written into its gap. */
const LEAST_LABEL = 34;
const MOST_TICKS = 160;
/** As wide as a letter of the words above it is, and a little more. */
const LETTER = 7;

export interface LineGap {
  readonly path: string;
  readonly width: number;
  readonly label: string;
  readonly x: number;
}

export interface LineTarget {
  readonly x: number;
  readonly name: string;
  readonly wants: string;
  readonly y: number;
  /** From the words down to the axis, and its point. */
  readonly stem: string;
  readonly arrow: string;
  readonly anchor: 'start' | 'middle' | 'end';
}

export interface LineDrawing {
  readonly ticks: string;
  /** So many loads that they stand as one band. */
  readonly dense: boolean;
  readonly gaps: readonly LineGap[];
  readonly targets: readonly LineTarget[];
  /** What the targets got. */
  readonly taken: readonly number[];
  readonly scale: readonly { readonly x: number; readonly words: string }[];
  /** The view box: the axis at 0, as much room above it as the wants need. */
  readonly box: string;
  readonly toX: (kg: number) => number;
}

/** Round steps a scale is written in. */
function niceStep(span: number): number {
  const rough = span / 12;
  const ten = 10 ** Math.floor(Math.log10(rough));
  return ten * ([1, 2, 2.5, 5].find((step) => step * ten >= rough) ?? 10);
}

/**
 * A kit as a line of the loads it can make: a tick a load, a bar over every step of more than a tenth, and above it
 * what the session wants. In the unit the kit is stamped with, of a pair each hand's.
 */
export function drawLine(
  loads: readonly AttainableLoad[],
  targets: readonly KitTarget[],
  unit: MassUnit,
  pair: boolean,
): LineDrawing {
  const heaviest = Math.max(loads.at(-1)?.kg ?? 0, ...targets.map(({ nowKg }) => nowKg));
  const most = Math.max(heaviest * 1.04, 1);
  const room = LINE.width - LINE.left - LINE.right;
  const toX = (kg: number) => Math.round((LINE.left + (kg / most) * room) * 10) / 10;

  const mostShown = inUnit(pair ? most / 2 : most, unit);
  const step = niceStep(mostShown);
  const count = Math.floor(mostShown / step);
  const scale = Array.from({ length: count + 1 }, (_, at) => ({
    x: toX((at * step * most) / mostShown),
    words: String(Number((at * step).toFixed(2))),
  }));

  const wants = targetsOf(targets, toX, (kg) => formatHeldMass(kg, unit, pair));
  return {
    ticks: loads.map(({ kg }) => `M${toX(kg)} ${LINE.axis - 12}v24`).join(''),
    dense: loads.length > MOST_TICKS,
    gaps: gapsOf(loads, toX),
    targets: wants,
    box: boxOf(wants),
    taken: [...new Set(targets.flatMap(({ gaveKg }) => (gaveKg === undefined ? [] : toX(gaveKg))))],
    scale,
    toX,
  };
}

function boxOf(wants: readonly LineTarget[]): string {
  const above = wants.reduce<number>((most, { y }) => Math.max(most, 26 - y), LINE.above);
  return `0 ${-above} ${LINE.width} ${above + LINE.height}`;
}

function gapsOf(loads: readonly AttainableLoad[], toX: (kg: number) => number): LineGap[] {
  return loads.flatMap((load, at): LineGap[] => {
    const next = loads[at + 1];
    const percent = next ? (next.kg / load.kg - 1) * 100 : 0;
    if (!next || atMost(percent, COARSE_PERCENT)) return [];
    const [from, to] = [toX(load.kg) + 3, toX(next.kg) - 3];
    if (to <= from) return [];
    const wide = to - from >= LEAST_LABEL;
    return [
      {
        path: `M${from} ${LINE.axis}H${to}`,
        width: percent > 25 ? 9 : 5,
        label: wide ? `+${Math.round(percent)} %` : '',
        x: (from + to) / 2,
      },
    ];
  });
}

/** Wants from left to right, each in the lowest lane that is free there. */
function targetsOf(
  targets: readonly KitTarget[],
  toX: (kg: number) => number,
  toWords: (kg: number) => string,
): LineTarget[] {
  const free = Array.from({ length: LANES }, () => -Infinity);
  return [...targets]
    .sort((a, b) => a.nowKg - b.nowKg)
    .map((target) => {
      const x = toX(target.nowKg);
      const name = `${target.letter} ${target.personName}`.trim();
      const wants = $localize`wants ${toWords(target.nowKg)}`;
      const half = (Math.max(name.length, wants.length) * LETTER) / 2;
      const anchor = x - half < 0 ? 'start' : x + half > LINE.width ? 'end' : 'middle';
      const from = anchor === 'start' ? x : anchor === 'end' ? x - 2 * half : x - half;
      const lane = Math.max(
        0,
        free.findIndex((end) => end < from),
      );
      free[lane] = from + 2 * half;
      const y = LINE.axis - 27 - lane * LANE_HEIGHT;
      return {
        x,
        name,
        wants,
        y,
        stem: lane === 0 ? '' : `M${x} ${y + 4}V${LINE.axis - 22}`,
        arrow: `M${x} ${LINE.axis - 14}l4.5-8h-9z`,
        anchor,
      };
    });
}
