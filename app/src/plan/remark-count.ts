import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { ComposeStore } from './compose-store';

/** How many remarks a colleague would have, beside the words that lead to them. */
@Component({
  selector: 'dray-remark-count',
  providers: [ComposeStore],
  template: `@if (compose.remarks().length; as count) {
    <b>{{ count }}<span class="sr"> remarks</span></b>
  }`,
  styles: `
    b {
      color: var(--copper);
      margin-left: 5px;
      font-weight: 600;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RemarkCount {
  protected readonly compose = inject(ComposeStore);
}
