import type { PlateStack, RecipePart } from '@dray/core';

/** A piece of a picture. "solid" is iron and books, "line" an outline, "water" what was poured in. */
export interface Shape {
  readonly kind: 'solid' | 'line' | 'water' | 'thread';
  readonly path: string;
}

/** A picture of how a load is made, on a ground line, with the size it takes. */
export interface LoadShapes {
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly Shape[];
}

type PartOf<Kind extends RecipePart['kind']> = Extract<RecipePart, { kind: Kind }>;

const HEIGHT = 40;
const MIDDLE = HEIGHT / 2;

const rect = (x: number, y: number, width: number, height: number) =>
  `M${x.toFixed(1)} ${y.toFixed(1)}h${width.toFixed(1)}v${height.toFixed(1)}h${(-width).toFixed(1)}z`;

/** A rectangle with soft corners. */
function round(x: number, y: number, width: number, height: number): string {
  const r = Math.min(2.5, width / 2);
  const [w, h] = [width - 2 * r, height - 2 * r];
  const arc = (dx: number, dy: number) => `a${r} ${r} 0 0 1 ${dx} ${dy}`;
  return `M${(x + r).toFixed(1)} ${y.toFixed(1)}h${w}${arc(r, r)}v${h}${arc(-r, r)}h${-w}${arc(-r, -r)}v${-h}${arc(r, -r)}z`;
}

/** A disc seen from the side grows with the cube root of its mass, so that 20 kg is not forty times half a kilo. */
function discHeight(massKg: number): number {
  return Math.min(HEIGHT - 2, 9 + 11 * Math.cbrt(massKg));
}

function discWidth(massKg: number): number {
  return 2.4 + Math.cbrt(massKg) * 1.1;
}

/** Plates from the inside out, heaviest first, and where they end. */
function plates(stack: readonly PlateStack[], from: number, way: 1 | -1): { path: string; end: number } {
  let x = from;
  let path = '';
  for (const { massKg, perSide } of stack) {
    const [width, height] = [discWidth(massKg), discHeight(massKg)];
    for (let at = 0; at < perSide; at += 1) {
      path += rect(way === 1 ? x : x - width, MIDDLE - height / 2, width, height);
      x += way * (width + 1);
    }
  }
  return { path, end: x };
}

/** A handle or bar lying across, loaded alike on both ends. */
function loaded(stack: readonly PlateStack[], grip: number, sleeve: number): LoadShapes {
  const one = plates(stack, 0, 1);
  const side = Math.max(sleeve, one.end + 3);
  const left = side;
  const right = side + grip;
  const shapes: Shape[] = [
    { kind: 'solid', path: rect(0, MIDDLE - 1.5, right + side, 3) },
    { kind: 'solid', path: plates(stack, left, -1).path + plates(stack, right, 1).path },
    { kind: 'solid', path: rect(left - 1.5, MIDDLE - 3, 1.5, 6) + rect(right, MIDDLE - 3, 1.5, 6) },
  ];
  return { width: right + side, height: HEIGHT, shapes };
}

/** The same picture beside itself, for a pair. */
function twice(one: LoadShapes, count: number): LoadShapes {
  if (count < 2) return one;
  const gap = 12;
  const moved = one.shapes.map(({ kind, path }) => ({ kind, path: shifted(path, one.width + gap) }));
  return { ...one, width: 2 * one.width + gap, shapes: [...one.shapes, ...moved] };
}

/** Paths here start every piece with an absolute M, so moving those moves all. */
function shifted(path: string, by: number): string {
  return path.replaceAll(/M(-?[\d.]+)/g, (_, x: string) => `M${(Number(x) + by).toFixed(1)}`);
}

/** A head of two steps at each end of a thin grip. */
function dumbbell(massKg: number): LoadShapes {
  const height = discHeight(massKg * 0.7);
  const width = 3.5 + Math.cbrt(massKg) * 1.6;
  const [collar, grip] = [3, 18];
  const inner = height * 0.66;
  const right = width + collar + grip;
  return {
    width: right + collar + width,
    height: HEIGHT,
    shapes: [
      {
        kind: 'solid',
        path:
          round(0, MIDDLE - height / 2, width, height) +
          rect(width + 0.8, MIDDLE - inner / 2, collar, inner) +
          rect(width + collar, MIDDLE - 1.6, grip, 3.2) +
          rect(right - 0.8, MIDDLE - inner / 2, collar, inner) +
          round(right + collar, MIDDLE - height / 2, width, height),
      },
    ],
  };
}

function kettlebell(massKg: number): LoadShapes {
  const radius = Math.min(14, 5 + 3 * Math.cbrt(massKg));
  const top = HEIGHT - 2 * radius - 1;
  return {
    width: 2 * radius + 2,
    height: HEIGHT,
    shapes: [
      {
        kind: 'solid',
        path: `M1 ${HEIGHT - radius - 1}a${radius} ${radius} 0 1 0 ${2 * radius} 0a${radius} ${radius} 0 1 0 ${-2 * radius} 0z`,
      },
      {
        kind: 'thread',
        path: `M${radius - 4} ${top + 3}q-2 -9 5 -9t5 9`,
      },
    ],
  };
}

function can(massKg: number): LoadShapes {
  const height = 14 + 6 * Math.cbrt(massKg);
  return {
    width: 13,
    height: HEIGHT,
    shapes: [{ kind: 'solid', path: rect(0.5, HEIGHT - height, 12, height) }],
  };
}

function bottle({ litres, capacityLitres }: PartOf<'fillable'>): LoadShapes {
  const body = Math.min(26, 12 + 7 * Math.cbrt(capacityLitres));
  const top = 9;
  const bottom = HEIGHT - 1;
  const left = 1;
  const neck = body * 0.32;
  const middle = left + body / 2;
  const outline =
    `M${middle - neck / 2} 1h${neck}v4q${body / 2 - neck / 2} 2 ${body / 2 - neck / 2} 8` +
    `V${bottom - 2}q0 2 -2 2h${-(body - 4)}q-2 0 -2 -2V13q0 -6 ${body / 2 - neck / 2} -8z`;
  const level = bottom - (bottom - top) * Math.min(1, litres / capacityLitres);
  return {
    width: body + 2,
    height: HEIGHT,
    shapes: [
      { kind: 'water', path: rect(left + 1, level, body - 2, bottom - level) },
      { kind: 'line', path: outline },
    ],
  };
}

function bag({ items }: PartOf<'bag'>): LoadShapes {
  const books = items.flatMap(({ massKg, count }) => Array.from({ length: count }, () => massKg));
  let x = 8;
  let path = '';
  for (const massKg of books) {
    const width = 2.5 + 2.6 * massKg;
    const height = 13 + 6 * Math.cbrt(massKg);
    path += rect(x, HEIGHT - 3 - height, width, height);
    x += width + 1;
  }
  const width = Math.max(34, x + 7);
  const outline = `M3 13H${width - 3}L${width - 7} ${HEIGHT - 1}H7z`;
  const handle = `M${width * 0.3} 13q0 -12 ${width * 0.2} -12t${width * 0.2} 12`;
  return {
    width,
    height: HEIGHT,
    shapes: [
      { kind: 'solid', path },
      { kind: 'line', path: outline + handle },
    ],
  };
}

/** A band between where it is fixed and the hand: thicker doubled, with a turn for each wrap. */
function band({ setUp }: PartOf<'band'>): LoadShapes {
  const strands = setUp.strands === 1 ? [0] : setUp.strands === 2 ? [-5, 5] : [-7, -4, 4, 7];
  const spread = setUp.stance === 'wide' ? 2 : setUp.stance === 'oneFoot' ? 0.4 : 1;
  const path = strands.map((at) => `M${18 + at} 3L${18 + at * spread} ${HEIGHT - 2}`).join('');
  const turns = Array.from({ length: setUp.wraps }, (_, at) => `M10 ${6 + 3 * at}h16`).join('');
  const held = setUp.inCm > 0 ? `M12 ${4 + setUp.inCm / 3}h12` : '';
  return {
    width: 36,
    height: HEIGHT,
    shapes: [
      { kind: 'thread', path: path + turns + held },
      { kind: 'solid', path: rect(8, 0.5, 20, 3) + rect(4, HEIGHT - 3, 28, 2) },
    ],
  };
}

const SHAPES: { readonly [Kind in RecipePart['kind']]: (part: PartOf<Kind>) => LoadShapes } = {
  fixed: ({ form, massKg, count }) =>
    twice(
      form === 'kettlebell' ? kettlebell(massKg) : form === 'can' ? can(massKg) : dumbbell(massKg),
      count,
    ),
  adjustable: (part) => twice(loaded(part.plates, 14, 10), part.count),
  bar: (part) => loaded(part.plates, 60, 16),
  fillable: (part) => twice(bottle(part), part.count),
  bag,
  band,
  ankle: ({ massesKg }) => {
    const heights = massesKg.map((massKg) => 8 + 5 * Math.cbrt(massKg));
    let y = HEIGHT - 4;
    const path = heights.map((height) => rect(2, (y -= height + 1), 24, height)).join('');
    return {
      width: 28,
      height: HEIGHT,
      shapes: [
        { kind: 'solid', path },
        { kind: 'line', path: 'M6 1V39M22 1V39' },
      ],
    };
  },
  vest: ({ inserts }) => {
    const path = Array.from({ length: inserts }, (_, at) =>
      rect(6 + (at % 4) * 6, 16 + Math.floor(at / 4) * 6, 5, 5),
    ).join('');
    return {
      width: 36,
      height: HEIGHT,
      shapes: [
        { kind: 'line', path: 'M4 39V18L2 12L10 2Q18 12 26 2L34 12L32 18V39z' },
        { kind: 'solid', path },
      ],
    };
  },
  hands: ({ heightCm }) => {
    // A body from the feet to hands on a surface, to scale: 170 cm are 52 units.
    const scale = 52 / 170;
    const surface = HEIGHT - 2 - Math.min(heightCm, 110) * scale;
    const shoulderY = surface - 17;
    return {
      width: 62,
      height: HEIGHT,
      shapes: [
        { kind: 'line', path: `M0 ${HEIGHT - 1}H62` },
        { kind: 'solid', path: heightCm > 0 ? rect(46, surface, 14, HEIGHT - 1 - surface) : '' },
        { kind: 'thread', path: `M6 ${HEIGHT - 3}L44 ${Math.max(4, shoulderY)}L50 ${surface - 1}` },
      ],
    };
  },
};

/** The picture of a recipe's part, worked out from what it is made of. */
export function loadShapes<Kind extends RecipePart['kind']>(part: PartOf<Kind>): LoadShapes {
  const draw = SHAPES[part.kind] as (part: PartOf<Kind>) => LoadShapes;
  return draw(part);
}
