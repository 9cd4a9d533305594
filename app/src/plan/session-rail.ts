import { ChangeDetectionStrategy, Component, computed, effect, inject, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { focusSchema, FOCUS_WORDS, MUSCLE_WORDS, formatClock, type Focus, type Muscle } from '@dray/core';
import { ChoiceField, type Option } from '../ui/forms/choice-field';
import { slotNameIn } from './slot-name-in';
import { ComposeStore } from './compose-store';
import { PlanStore } from './plan-store';

/** The session as a whole: what a colleague says, the time, the body, and what has to be at hand. */
@Component({
  selector: 'dray-session-rail',
  imports: [ChoiceField, MatButton, MatProgressBar],
  providers: [ComposeStore],
  templateUrl: './session-rail.html',
  styleUrl: './session-rail.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SessionRail {
  protected readonly compose = inject(ComposeStore);
  protected readonly plan = inject(PlanStore);
  constructor() {
    // Over the time: how it could fit is asked anew with every change.
    effect(() => {
      const question = this.compose.over() ? this.compose.question() : undefined;
      untracked(() => {
        if (question) void this.compose.findFit(question);
      });
    });
  }

  protected readonly focuses: readonly Option<Focus | undefined>[] = [
    { value: undefined, words: $localize`not said` },
    ...focusSchema.options.map((value) => ({ value, words: FOCUS_WORDS[value] })),
  ];

  protected readonly times = computed(() => {
    const budget = (this.plan.view.session()?.budgetMinutes ?? 0) * 60;
    const times = this.plan.timelines();
    const most = Math.max(1, budget, ...times.map(({ timeline }) => timeline.totalSeconds));
    return {
      budget: (100 * budget) / most,
      rows: times.map(({ tier, timeline }) => ({
        tier,
        clock: formatClock(timeline.totalSeconds),
        share: (100 * timeline.totalSeconds) / most,
        over: timeline.totalSeconds > budget,
      })),
    };
  });

  protected nameOf(slotId: string): string {
    return slotNameIn(this.plan.view.session(), slotId, this.plan.view.catalog());
  }

  protected costs(costs: readonly { readonly muscle: Muscle; readonly sets: number }[]): string {
    if (costs.length === 0) return $localize`costs no sets`;
    return costs
      .map(({ muscle, sets }) => `${MUSCLE_WORDS[muscle]} −${Math.round(sets * 10) / 10}`)
      .join(', ');
  }
}
