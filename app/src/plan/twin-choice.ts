import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  output,
} from '@angular/core';
import { form, FormField, validate } from '@angular/forms/signals';
import { MatAutocompleteModule } from '@angular/material/autocomplete';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { sourceNames } from '@dray/core/late';
import type { SlotSource } from '@dray/core';
import { ViewStore } from '../state/view-store';

const MOST_OFFERED = 12;

/** What is done instead by whoever may not do a slot: a name with completion, empty for nothing said. */
@Component({
  selector: 'dray-twin-choice',
  imports: [FormField, MatAutocompleteModule, MatFormFieldModule, MatInput],
  template: `
    <mat-form-field class="full">
      <mat-label i18n>for whoever may not</mat-label>
      <input
        matInput
        i18n-placeholder
        placeholder="what Dray finds"
        [formField]="field"
        [matAutocomplete]="names"
        (change)="commit()"
      />
      <mat-autocomplete #names (optionSelected)="commit()">
        @for (name of offered(); track name) {
          <mat-option [value]="name">{{ name }}</mat-option>
        }
      </mat-autocomplete>
      <mat-error>{{ field().errors()[0]?.message }}</mat-error>
    </mat-form-field>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TwinChoice {
  readonly twin = input<SlotSource>();
  readonly chosen = output<SlotSource | undefined>();

  private readonly view = inject(ViewStore);
  private readonly known = computed(() => sourceNames(this.view.catalog()));
  private readonly name = computed(() => {
    const twin = this.twin();
    return twin ? this.known().nameOf(twin) : '';
  });
  private readonly typed = linkedSignal(this.name);
  protected readonly field = form(this.typed, (path) => {
    validate(path, ({ value }) =>
      value().trim() === '' || this.sourceOf(value())
        ? undefined
        : {
            kind: 'unknown',
            message: $localize`There is nothing called “${value()}”. Choose a name from the list.`,
          },
    );
  });
  protected readonly offered = computed(() => this.known().offers(this.typed(), MOST_OFFERED));

  private sourceOf(text: string): SlotSource | undefined {
    return this.known().find(text) ?? this.known().findLoosely(text);
  }

  protected commit(): void {
    this.field().markAsTouched();
    if (this.field().valid()) this.chosen.emit(this.sourceOf(this.typed()));
  }
}
