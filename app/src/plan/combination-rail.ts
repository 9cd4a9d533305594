import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { midSentence, slotName, type Slot } from '@dray/core';
import { reviewCombination, type Remedy } from '@dray/core/late';
import type { ClassVersion } from './class-versions';
import { PlanStore } from './plan-store';

/** A combination that is selected: which part decides the load for most of the class, and what coaches do about it. */
@Component({
  selector: 'dray-combination-rail',
  imports: [MatButton],
  template: `
    @if (review(); as review) {
      <p class="hint">
        @if (decides(); as name) {
          <ng-container i18n
            >The <b>{{ name }}</b> decides the load for {{ review.count }} of {{ review.of }}.</ng-container
          >
        } @else {
          <ng-container i18n>Nobody holds a load in it.</ng-container>
        }
      </p>
      <p class="fields">
        @for (remedy of review.remedies; track remedy.kind) {
          <button matButton="outlined" (click)="take(remedy)">{{ remedy.words }}</button>
        }
      </p>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CombinationRail {
  readonly slot = input.required<Slot>();
  readonly versions = input.required<readonly ClassVersion[]>();
  private readonly plan = inject(PlanStore);

  protected readonly review = computed(() =>
    reviewCombination(
      this.slot(),
      this.versions().map(({ cell }) => cell),
      this.plan.view.catalog(),
      () => crypto.randomUUID(),
    ),
  );
  protected readonly decides = computed(() => {
    const { source } = this.slot();
    const weakest = this.review()?.weakest;
    const part = source.kind === 'combination' && weakest !== undefined ? source.parts[weakest] : undefined;
    return part ? midSentence(slotName({ source: part.source }, this.plan.view.catalog())) : '';
  });

  protected take({ words, apply }: Remedy): void {
    this.plan.change(words, apply);
  }
}
