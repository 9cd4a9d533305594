// Prints a page with every figure of the library: start and hardest, by pattern. `npm run shots` makes the pictures in docs/figures of it.
import { hardestOf, placedKeys, USUAL_STATURE_CM } from '../core/src/body';
import {
  boundsOf,
  drawingOf,
  figureOf,
  surfacesOf,
  type Role,
  type Shape,
  type Thing,
} from '../core/src/figure';
import { LIBRARY_EXERCISES } from '../core/src/library';
import { PATTERN_WORDS, patternSchema, type Exercise, type Hold } from '../core/src/model';

const INK: Readonly<Record<Role, string>> = {
  near: '#1d2330',
  far: '#8b8e98',
  thing: '#a5481a',
  band: '#a5481a',
  surface: '#565c68',
  paper: '#faf7f1',
  gravity: '#1f5a63',
  wash: '#f6e6da',
  strain: '#a5481a',
};
const THINGS: Readonly<Partial<Record<Hold, Thing>>> = {
  bar: 'bar',
  hexBar: 'bar',
  bag: 'bag',
  band: 'band',
  ankle: 'cuff',
  vest: 'vest',
};
const SCALE = 100;
/** Pixels a stature. */
const SIZE = 78;

function svgOf(shape: Shape): string {
  const ink = INK[shape.role];
  const of = (value: number) => (value * SCALE).toFixed(1);
  if (shape.kind === 'disc') {
    return `<circle cx="${of(shape.at.x)}" cy="${of(shape.at.y)}" r="${of(shape.radius)}" fill="${ink}"/>`;
  }
  const points = shape.points.map(({ x, y }) => `${of(x)} ${of(y)}`).join('L');
  const ends = shape.role === 'surface' ? 'butt' : 'round';
  return `<path d="M${points}${shape.filled ? 'Z' : ''}" fill="${shape.filled ? ink : 'none'}" stroke="${ink}" stroke-width="${of(shape.width)}" stroke-linecap="${ends}" stroke-linejoin="round"/>`;
}

function cellOf(exercise: Exercise): string {
  const hold = exercise.loading?.required ? exercise.loading.holds[0] : undefined;
  const figure = figureOf(exercise, { levers: {}, hold, statureCm: USUAL_STATURE_CM });
  const keys = placedKeys(figure.move, USUAL_STATURE_CM);
  const hardest = hardestOf(figure.move);
  const shown = [keys[0], keys[hardest === 0 ? 1 : hardest]].flatMap((placed) => placed ?? []);
  const held = hold && { hold, thing: THINGS[hold] ?? ('dumbbell' as const) };
  const poses = shown.map((placed) => drawingOf(figure, placed, held));
  const [left, , width] = boundsOf(poses.flat());
  const surfaces = surfacesOf(figure, keys, USUAL_STATURE_CM, [left, left + width]);
  const [x, y, w, h] = boundsOf([...poses.flat(), ...surfaces]);
  const box = [x, y, w, h].map((value) => (value * SCALE).toFixed(1)).join(' ');
  const size = `style="width:${(w * SIZE).toFixed(0)}px;height:${(h * SIZE).toFixed(0)}px"`;
  const pictures = poses.map(
    (pose) => `<svg viewBox="${box}" ${size}>${[...surfaces, ...pose].map(svgOf).join('')}</svg>`,
  );
  return `<figure><div>${pictures.join('')}</div><figcaption>${exercise.name}</figcaption></figure>`;
}

const sections = patternSchema.options.map((pattern) => {
  const exercises = LIBRARY_EXERCISES.filter((exercise) => exercise.pattern === pattern);
  return `<section><h2>${PATTERN_WORDS[pattern]}</h2><div class="all">${exercises.map(cellOf).join('')}</div></section>`;
});

process.stdout.write(`<!doctype html><meta charset="utf-8"><style>
body { margin: 12px; background: #faf7f1; color: #1d2330; font: 10px sans-serif; }
h2 { font-size: 13px; margin: 10px 0 2px; border-top: 2px solid; padding-top: 4px; }
.all { display: flex; flex-wrap: wrap; gap: 6px 16px; align-items: flex-end; }
figure { margin: 0; } figure div { display: flex; align-items: flex-end; gap: 4px; }
</style>${sections.join('\n')}`);
