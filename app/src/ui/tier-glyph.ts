import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { TIERS, type Tier } from '@dray/core';

/** A tier as a small ladder: one, two or three rungs, always with its word. */
@Component({
  selector: 'dray-tier',
  template: `<svg width="9" height="15" viewBox="0 0 9 15" role="img" [attr.aria-label]="tier()">
    <title>{{ tier() }}</title>
    <path d="M1 0V15M8 0V15" stroke-width="1.4" />
    <path [attr.d]="rungs()" stroke-width="2.2" />
  </svg>`,
  styles: `
    svg {
      vertical-align: -2px;
      stroke: var(--tier);
      fill: none;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TierGlyph {
  readonly tier = input.required<Tier>();
  protected readonly rungs = computed(() =>
    ['M1 12H8', 'M1 7.5H8', 'M1 3H8'].slice(0, TIERS.indexOf(this.tier()) + 1).join(''),
  );
}
