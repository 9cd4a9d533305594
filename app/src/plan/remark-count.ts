import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { ComposeStore } from './compose-store';

/** How many remarks a colleague would have, beside the words that lead to them. */
@Component({
  selector: 'dray-remark-count',
  providers: [ComposeStore],
  template: `@if (compose.remarks().length; as count) {
    <b class="letter">&nbsp;{{ count }}<span i18n class="sr"> remarks</span></b>
  }`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RemarkCount {
  protected readonly compose = inject(ComposeStore);
}
