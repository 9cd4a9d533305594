import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatSelectModule } from '@angular/material/select';
import type { Option } from './choice-field';
import { FIELD_STYLES } from './field';

/** Several of many, in a list that stays open while they are ticked. */
@Component({
  selector: 'dray-choices',
  imports: [MatFormFieldModule, MatSelectModule],
  template: `
    <mat-form-field>
      @if (label()) {
        <mat-label>{{ label() }}</mat-label>
      }
      <mat-select
        multiple
        [value]="value()"
        [aria-label]="named()"
        [panelWidth]="null"
        (valueChange)="chosen.emit($event)"
      >
        @for (option of options(); track option.value) {
          <mat-option [value]="option.value">{{ option.words }}</mat-option>
        }
      </mat-select>
    </mat-form-field>
  `,
  styles: FIELD_STYLES,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ChoicesField<T> {
  readonly label = input('');
  readonly named = input('');
  readonly value = input.required<readonly T[]>();
  readonly options = input.required<readonly Option<T>[]>();
  readonly chosen = output<T[]>();
}
