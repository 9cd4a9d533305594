import {
  booleanAttribute,
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import type { Body, Exercise, Hold, LeverSettings, Recipe } from '@dray/core';
import { LIBRARY_EXERCISES } from '@dray/core';
import { FigureBook } from './figure-book';
import { scenesOf, type Scene, type Stroke } from './scene';
import { Strokes } from './strokes';

/** Where nothing is known of somebody: see core’s usual stature. */
const USUAL_STATURE_CM = 170;
const USUAL_SECONDS = 4;
/** Below this many pixels a ghost would only blur it. */
const SMALL = 60;
/** Pictures a second while it moves: calm, and little work. */
const EACH_SECOND = 20;

/**
 * An exercise as a line figure: where it starts, lighter, and where it is hardest. It moves while it is pointed at or has the focus, or
 * all the time where that is asked; with reduced motion, in print and in lists it stands still.
 */
@Component({
  selector: 'dray-figure',
  imports: [Strokes],
  template: `@for (scene of scenes(); track $index) {
    @if (beside()) {
      <svg
        class="started"
        [attr.viewBox]="scene.viewBox"
        [style.--ratio]="scene.ratio"
        preserveAspectRatio="xMidYMax meet"
        aria-hidden="true"
      >
        <g [drayStrokes]="scene.surfaces" />
        <g [drayStrokes]="scene.start" />
      </svg>
    }
    <svg
      [attr.viewBox]="scene.viewBox"
      [style.--ratio]="scene.ratio"
      preserveAspectRatio="xMidYMax meet"
      [attr.role]="named() ? 'img' : null"
      [attr.aria-label]="named() || null"
      [attr.aria-hidden]="named() ? null : 'true'"
    >
      <g [drayStrokes]="scene.surfaces" />
      @if (ghost()) {
        <g class="started" [drayStrokes]="scene.start" />
      }
      @if (muscles() && share() === undefined && !wrong()) {
        <g [drayStrokes]="scene.wash" />
      }
      @if (wrong() && scene.mistake(wrong()); as mistake) {
        <g class="right" [drayStrokes]="mistake.right" />
        <g class="wrong" [drayStrokes]="mistake.wrong" />
      } @else {
        <g [drayStrokes]="poseOf(scene, $index)" />
      }
      @if (gravity() && share() === undefined) {
        <g [drayStrokes]="scene.gravity" />
      }
    </svg>
  }`,
  styleUrl: './figure.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    '[style.--figure]': 'height()',
    '[class.small]': 'small()',
    '(pointerenter)': 'pointed.set(true)',
    '(pointerleave)': 'pointed.set(false)',
    '(focusin)': 'pointed.set(true)',
    '(focusout)': 'pointed.set(false)',
  },
})
export class FigureView {
  readonly exercise = input.required<Exercise>();
  readonly levers = input<LeverSettings>({});
  readonly hold = input<Hold>();
  readonly recipe = input<Recipe>();
  readonly statureCm = input<number | undefined>(USUAL_STATURE_CM);
  /** With a hand on something that stands; where no figure can show that, none is drawn. */
  readonly holdingOn = input<boolean | undefined>(false);
  /** Height in pixels; 0 where the page says it, as `--figure`. */
  readonly size = input(64);
  protected readonly height = computed(() => (this.size() > 0 ? `${this.size()}px` : undefined));
  /** The start in a picture of its own; else behind the other, as a ghost. */
  readonly beside = input(false, { transform: booleanAttribute });
  /** Moves all the time, not only while it is pointed at. */
  readonly plays = input(false, { transform: booleanAttribute });
  /** Seconds a repetition. */
  readonly seconds = input<number | undefined>(USUAL_SECONDS);
  /** What is watched for: drawn as a second figure, as it goes wrong. */
  readonly wrong = input('');
  /** With the muscles that work as a wash behind it. */
  readonly muscles = input(false, { transform: booleanAttribute });
  /** With the line of gravity and what it stays over. */
  readonly gravity = input(false, { transform: booleanAttribute });
  /** In the pose that is hardest for a body, with the joint that is asked most. */
  readonly hardestFor = input<Body>();
  /** What a reader hears; where the name stands beside it, nothing. */
  readonly named = input('');

  private readonly book = inject(FigureBook);
  protected readonly pointed = signal(false);
  /** How far through a repetition it is, while it moves. */
  protected readonly share = signal<number | undefined>(undefined);

  /** Behind it where it starts, where there is room to tell the two apart. */
  protected readonly ghost = computed(
    () => !this.beside() && !this.small() && !this.wrong() && this.share() === undefined,
  );
  protected readonly small = computed(() => this.size() > 0 && this.size() < SMALL);

  protected readonly scenes = computed((): readonly Scene[] => {
    const figures = this.book.figures();
    if (!figures) return [];
    const statureCm = this.statureCm() ?? USUAL_STATURE_CM;
    return scenesOf(
      figures,
      {
        exercise: this.exercise(),
        levers: this.levers(),
        hold: this.hold(),
        holdingOn: this.holdingOn(),
        recipe: this.recipe(),
        statureCm,
      },
      LIBRARY_EXERCISES,
    );
  });

  private readonly moves = computed(
    () =>
      (this.plays() || this.pointed()) &&
      !this.wrong() &&
      !this.gravity() &&
      !this.muscles() &&
      !this.hardestFor() &&
      this.scenes().length > 0 &&
      !stillWanted(),
  );

  constructor() {
    effect((onCleanup) => {
      if (!this.moves()) {
        this.share.set(undefined);
        return;
      }
      const lasts = (this.seconds() ?? USUAL_SECONDS) * 1000;
      const began = performance.now();
      const timer = setInterval(
        () => this.share.set(((performance.now() - began) % lasts) / lasts),
        1000 / EACH_SECOND,
      );
      onCleanup(() => clearInterval(timer));
    });
  }

  /** The parts of a combination move one after the other, in their order; the others wait where they start. */
  protected poseOf(scene: Scene, at: number): readonly Stroke[] {
    const body = this.hardestFor();
    if (body) return scene.worstFor(body);
    const share = this.share();
    if (share === undefined) return scene.hardest;
    const through = share * this.scenes().length - at;
    return through >= 0 && through < 1 ? scene.at(through) : scene.start;
  }
}

/** Whoever asked their device for less motion gets none. */
function stillWanted(): boolean {
  return matchMedia('(prefers-reduced-motion: reduce)').matches;
}
