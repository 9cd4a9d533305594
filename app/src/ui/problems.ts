import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { Pointer } from './pointer';

interface Problem {
  readonly sentence: string;
}

interface Seen {
  readonly problems: readonly Problem[];
  readonly held: boolean;
}

/** What is wrong with a group of fields, a sentence each. */
@Component({
  selector: 'dray-problems',
  template: `
    @for (problem of shown(); track problem.sentence) {
      <p class="problem" role="alert">{{ problem.sentence }}</p>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Problems {
  readonly of = input.required<readonly Problem[]>();
  private readonly pointer = inject(Pointer);

  /** While a button of the pointer is down nothing comes or goes: what stands below would move from under it. */
  protected readonly shown = linkedSignal<Seen, readonly Problem[]>({
    source: computed(() => ({ problems: this.of(), held: this.pointer.held() })),
    computation: ({ problems, held }, before) => (held && before ? before.value : problems),
  });
}
