import { ChangeDetectionStrategy, Component, input } from '@angular/core';

/** What is wrong with a group of fields, a sentence each. */
@Component({
  selector: 'dray-problems',
  template: `
    @for (problem of of(); track problem.sentence) {
      <p class="problem" role="alert">{{ problem.sentence }}</p>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Problems {
  readonly of = input.required<readonly { readonly sentence: string }[]>();
}
