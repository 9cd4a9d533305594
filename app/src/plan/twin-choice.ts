import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { sourceNames } from '@dray/core/late';
import type { SlotSource } from '@dray/core';
import { ViewStore } from '../state/view-store';

/** What is done instead by whoever may not do a slot: a name with completion, empty for nothing said. */
@Component({
  selector: 'dray-twin-choice',
  template: `
    <label
      >for whoever may not
      <input
        #box
        class="field"
        type="text"
        list="twin-names"
        placeholder="what Dray finds"
        [value]="name()"
        (change)="choose(box.value)"
      />
    </label>
    <datalist id="twin-names">
      @for (known of names(); track known) {
        <option [value]="known"></option>
      }
    </datalist>
    @if (box.value && box.value !== name()) {
      <p class="problem" role="alert">
        There is nothing called “{{ box.value }}”. Choose a name from the list.
      </p>
    }
  `,
  styles: `
    label {
      display: block;
      margin-top: 12px;
      font-size: 12px;
      color: var(--ink-2);
    }
    .field {
      display: block;
      width: 100%;
      font-size: 14px;
      color: var(--ink);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TwinChoice {
  readonly twin = input<SlotSource>();
  readonly chosen = output<SlotSource | undefined>();

  private readonly view = inject(ViewStore);
  private readonly known = computed(() => sourceNames(this.view.catalog()));
  protected readonly name = computed(() => {
    const twin = this.twin();
    return twin ? this.known().nameOf(twin) : '';
  });
  protected readonly names = computed(() => {
    const { ladders, exercises } = this.view.catalog();
    return [...new Set([...ladders.values(), ...exercises.values()].map(({ name }) => name))].sort();
  });

  protected choose(text: string): void {
    if (text.trim() === '') {
      this.chosen.emit(undefined);
      return;
    }
    const source = this.known().find(text) ?? this.known().findLoosely(text);
    if (source) this.chosen.emit(source);
  }
}
