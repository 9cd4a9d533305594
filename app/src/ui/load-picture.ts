import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { recipeWords, type Recipe } from '@dray/core';
import { loadShapes } from './load-shapes';

/** How a load is made, drawn from its recipe: plates to scale, a bottle to its level, a bag with what is in it. */
@Component({
  selector: 'dray-load-picture',
  template: `<svg
    [attr.viewBox]="picture().viewBox"
    [style.height.px]="picture().height"
    [style.max-width.%]="100"
    role="img"
    [attr.aria-label]="words()"
  >
    @for (shape of picture().shapes; track $index) {
      <path [attr.d]="shape.path" [attr.class]="shape.kind" />
    }
  </svg>`,
  styles: `
    :host {
      display: inline-block;
      line-height: 0;
    }
    .solid {
      fill: var(--tier);
    }
    .line {
      fill: none;
      stroke: var(--ink-2);
      stroke-width: 1.3;
      stroke-linejoin: round;
    }
    .thread {
      fill: none;
      stroke: var(--tier);
      stroke-width: 2.2;
      stroke-linecap: round;
      stroke-linejoin: round;
    }
    .water {
      fill: var(--sea);
      opacity: 0.4;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LoadPicture {
  readonly recipe = input.required<Recipe>();
  /** Height in pixels. */
  readonly size = input(40);

  protected readonly words = computed(() => recipeWords(this.recipe()));
  protected readonly picture = computed(() => {
    const { width, height, shapes } = loadShapes(this.recipe().part);
    return { viewBox: `-1 -1 ${width + 2} ${height + 2}`, height: this.size(), shapes };
  });
}
