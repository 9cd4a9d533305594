import { ChangeDetectionStrategy, Component, computed, input, linkedSignal } from '@angular/core';
import {
  formatHeld,
  recipeWords,
  SAME_LOAD_KG,
  type AttainableLoad,
  type KitTarget,
  type MassUnit,
} from '@dray/core';
import { LoadPicture } from '../ui/load-picture';
import { drawLine, LINE } from './number-line';

const KEYS: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -10,
  PageUp: 10,
  Home: -Infinity,
  End: Infinity,
};

/** Every load a kit can make as a line to run along: by pointer or by arrow keys, the recipe stands below. */
@Component({
  selector: 'dray-number-line',
  imports: [LoadPicture],
  templateUrl: './number-line-view.html',
  styleUrl: './number-line-view.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NumberLineView {
  readonly loads = input.required<readonly AttainableLoad[]>();
  readonly targets = input.required<readonly KitTarget[]>();
  readonly unit = input.required<MassUnit>();

  protected readonly line = LINE;
  private readonly ofLoads = computed(() => this.loads().reduce((all, { kg }) => `${all} ${kg}`, ''));
  /** Where the coach has run to; other loads begin anew. */
  private readonly moved = linkedSignal<string, number | undefined>({
    source: this.ofLoads,
    computation: () => undefined,
  });

  /** A new hold starts at what the first want got, not at wherever the last one stood. */
  private readonly at = computed(() => {
    const moved = this.moved();
    if (moved !== undefined) return moved;
    const loads = this.loads();
    const gave = this.targets().find(({ gaveKg }) => gaveKg !== undefined)?.gaveKg;
    const index = gave === undefined ? -1 : loads.findIndex(({ kg }) => kg >= gave - SAME_LOAD_KG);
    return index >= 0 ? index : Math.floor(loads.length / 2);
  });

  private readonly pair = computed(() => this.loads()[0]?.recipe.hold === 'pair');
  protected readonly drawing = computed(() =>
    drawLine(this.loads(), this.targets(), this.unit(), this.pair()),
  );

  protected readonly chosen = computed(() => {
    const index = Math.min(this.at(), this.loads().length - 1);
    const load = this.loads()[index];
    if (!load) return undefined;
    const before = this.loads()[index - 1];
    const percent = before ? Math.round((load.kg / before.kg - 1) * 100) : undefined;
    return {
      index,
      load,
      x: this.drawing().toX(load.kg),
      mass: formatHeld(load.kg, this.unit(), this.pair()),
      recipe: recipeWords(load.recipe),
      step: percent === undefined ? $localize`the lightest` : $localize`${percent} % above the one before`,
    };
  });

  protected onKey(event: KeyboardEvent): void {
    const step = KEYS[event.key];
    if (step === undefined) return;
    event.preventDefault();
    this.moved.set(Math.max(0, Math.min(this.loads().length - 1, this.at() + step)));
  }

  protected onPointer(event: PointerEvent): void {
    const box = (event.currentTarget as Element).getBoundingClientRect();
    const x = ((event.clientX - box.left) / box.width) * LINE.width;
    const { toX } = this.drawing();
    let nearest = 0;
    this.loads().forEach(({ kg }, at) => {
      if (Math.abs(toX(kg) - x) < Math.abs(toX(this.loads()[nearest]?.kg ?? 0) - x)) nearest = at;
    });
    this.moved.set(nearest);
  }
}
