import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  output,
  signal,
} from '@angular/core';
import {
  LIBRARY_EXERCISES,
  MOST_POSES,
  USUAL_STATURE_CM,
  type Exercise,
  type KeptFigure,
  type OwnExercise,
} from '@dray/core';
import type { Handle, HandlePart } from '@dray/core/figures';
import { MatButton } from '@angular/material/button';
import { MatRadioModule } from '@angular/material/radio';
import { MatSlideToggle } from '@angular/material/slide-toggle';
import { bodyOf } from '../ui/figure/body-of';
import { FigureBook } from '../ui/figure/figure-book';
import { JOINT_WORDS } from '../ui/figure/joint-words';
import { HUNDRED, posesOf } from '../ui/figure/scene';
import { Strokes } from '../ui/figure/strokes';
import { ChoiceField, type Option } from '../ui/forms/choice-field';
import { ViewStore } from '../state/view-store';

/** One press of an arrow, and one with shift, in shares of stature: the second lifts a foot off the floor. */
const STEP = { small: 0.02, large: 0.08 };

const PART_WORDS: Readonly<Record<HandlePart, string>> = {
  hand: $localize`hand`,
  elbow: $localize`elbow`,
  knee: $localize`knee`,
  foot: $localize`foot`,
  hips: $localize`hips`,
  chest: $localize`chest`,
  head: $localize`head`,
};

/** Where a figure is taken hold of. */
interface Hold {
  readonly pose: number;
  readonly handle: Handle;
  readonly x: number;
  readonly y: number;
}

/** The figure of an exercise of one's own: taken hold of at hands, feet, joints and trunk, and moved; the rest follows. */
@Component({
  selector: 'dray-figure-editor',
  imports: [ChoiceField, MatButton, MatRadioModule, MatSlideToggle, Strokes],
  templateUrl: './figure-editor.html',
  styleUrl: './figure-editor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FigureEditor {
  readonly exercise = input.required<OwnExercise>();
  /** The figure after an edit; nothing where the nearest one is to be shown again. */
  readonly changed = output<KeptFigure | undefined>();

  private readonly book = inject(FigureBook);
  private readonly body = bodyOf(undefined, inject(ViewStore).today());
  private readonly hold = computed(() => this.exercise().loading?.holds[0]);

  private readonly own = computed(() => this.exercise().figure ?? this.drawnLike(this.exercise()));
  /** The figure while it is being moved; what the exercise has, or begins with, before and after. */
  protected readonly figure = linkedSignal<KeptFigure | undefined>(() => this.own());
  private readonly even = computed(() => {
    const figures = this.book.figures();
    return this.own()?.keys.every((key) => figures?.isEven(key)) ?? true;
  });
  /** At first where it does the same on both sides. */
  protected readonly together = linkedSignal<boolean, boolean>({
    source: this.even,
    computation: (even) => even,
  });
  /** While something is being moved the picture keeps its frame: nothing slips away under the hand. */
  private readonly frame = signal<string | undefined>(undefined);

  protected readonly shown = computed(() => {
    const figures = this.book.figures();
    const figure = this.figure();
    const options = { hold: this.hold(), body: this.body, together: this.together() };
    return figures && figure && posesOf(figures, figure, options);
  });
  protected readonly viewBox = computed(() => this.frame() ?? this.shown()?.viewBox ?? '');
  protected readonly hardest = computed(() => {
    const figure = this.figure();
    return figure && (figure.hardest ?? figure.keys.length - 1);
  });
  protected readonly worst = computed(() => {
    const worst = this.shown()?.worst;
    return worst && { joint: JOINT_WORDS[worst.joint], percent: Math.round(worst.share * 100) };
  });
  protected readonly beginnings = computed((): Option<string>[] =>
    LIBRARY_EXERCISES.filter(({ pattern }) => pattern === this.exercise().pattern).map(({ id, name }) => ({
      value: id,
      words: name,
    })),
  );
  protected readonly mostPoses = MOST_POSES;

  protected readonly poseName = (pose: number) => $localize`Pose ${pose + 1}`;

  protected readonly dropName = (pose: number) => $localize`Take away pose ${pose + 1}`;

  protected nameOf(pose: number, { part, side }: Handle): string {
    const where = PART_WORDS[part];
    if (!side || this.together()) return $localize`${where}, pose ${pose + 1}`;
    return side === 'near'
      ? $localize`near ${where}, pose ${pose + 1}`
      : $localize`far ${where}, pose ${pose + 1}`;
  }

  protected readonly centimetres = (hundredths: number) =>
    Math.round((hundredths / HUNDRED) * USUAL_STATURE_CM);
  protected placeOf(y: number, x: number): string {
    return $localize`${this.centimetres(-y)} cm up, ${this.centimetres(x)} cm along`;
  }

  /** Begins from an exercise of the library. */
  protected beginLike(id: string): void {
    const exercise = LIBRARY_EXERCISES.find((one) => one.id === id);
    const figure = exercise && this.drawnLike(exercise);
    if (figure) this.changed.emit(figure);
  }

  private drawnLike(exercise: Exercise): KeptFigure | undefined {
    const figures = this.book.figures();
    const how = { levers: {}, hold: this.hold(), statureCm: USUAL_STATURE_CM };
    return figures?.keptFrom(figures.figureOf(exercise, how, LIBRARY_EXERCISES), USUAL_STATURE_CM);
  }

  protected markHardest(pose: number): void {
    const figure = this.figure();
    if (figure) this.changed.emit({ ...figure, hardest: pose });
  }

  /** One pose more, like the last one, to be changed. */
  protected morePoses(figure: KeptFigure): void {
    this.changed.emit({ ...figure, keys: [...figure.keys, ...figure.keys.slice(-1)] });
  }

  protected dropPose(figure: KeptFigure, pose: number): void {
    const keys = figure.keys.filter((_key, at) => at !== pose);
    this.changed.emit({ ...figure, keys, hardest: Math.min(figure.hardest ?? keys.length, keys.length - 1) });
  }

  /** Takes hold with a pointer: it is followed until it lets go. */
  protected take(event: PointerEvent, at: Hold): void {
    const grip = event.currentTarget as SVGGElement;
    const svg = grip.ownerSVGElement;
    const before = this.figure();
    if (!svg || !before || event.button !== 0) return;
    event.preventDefault();
    grip.focus();
    grip.setPointerCapture(event.pointerId);
    this.frame.set(this.viewBox());
    const place = ({ clientX, clientY }: PointerEvent) => {
      const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(svg.getScreenCTM()?.inverse());
      return { x: x / HUNDRED, y: -y / HUNDRED };
    };
    // It may be taken beside its middle: it does not jump there.
    const first = place(event);
    const follow = new AbortController();
    const move = (moved: PointerEvent) => {
      const to = place(moved);
      this.pull(before, at, { x: at.x / HUNDRED + to.x - first.x, y: -at.y / HUNDRED + to.y - first.y });
    };
    const letGo = () => {
      follow.abort();
      this.frame.set(undefined);
      this.keep(before);
    };
    grip.addEventListener('pointermove', move, { signal: follow.signal });
    grip.addEventListener('pointerup', letGo, { signal: follow.signal });
    grip.addEventListener('pointercancel', letGo, { signal: follow.signal });
  }

  /** Moves it with the arrows. */
  protected nudge(event: KeyboardEvent, at: Hold): void {
    const [x, y] = ARROWS[event.key] ?? [0, 0];
    const before = this.figure();
    if ((x === 0 && y === 0) || !before) return;
    event.preventDefault();
    const step = event.shiftKey ? STEP.large : STEP.small;
    this.pull(before, at, { x: at.x / HUNDRED + x * step, y: -at.y / HUNDRED + y * step });
    this.keep(before);
  }

  private pull(before: KeptFigure, { pose, handle }: Hold, to: { x: number; y: number }): void {
    const figures = this.book.figures();
    const pulled = { pose, handle, to, together: this.together() };
    if (figures) this.figure.set(figures.byHand(before, pulled, USUAL_STATURE_CM));
  }

  private keep(before: KeptFigure): void {
    const figure = this.figure();
    if (figure !== before) this.changed.emit(figure);
  }
}

const ARROWS: Readonly<Record<string, readonly [x: number, y: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};
