import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { growing } from '../ui/growing';
import { Whole } from '../ui/whole';
import { HistoryStore } from './history-store';
import { day } from './history-charts';

/** What is worth saying to somebody of their last days: looked at one by one, as each is held against all before it. */
@Component({
  selector: 'dray-wins',
  imports: [Whole],
  template: `
    @if (wins().length > 0) {
      <h2 i18n class="part">Worth saying</h2>
      <ul class="lines">
        @for (win of wins(); track win.date + win.words) {
          <li>
            <span class="unit">{{ dayOf(win.date) }}</span> {{ win.words | whole }}
          </li>
        }
      </ul>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Wins {
  private readonly history = inject(HistoryStore);
  protected readonly dayOf = day;
  private readonly looked = growing(() => this.history.lastDates().length, 1);
  protected readonly wins = computed(() =>
    this.history.lastDates().slice(0, this.looked()).flatMap(this.history.winsOn()),
  );
}
