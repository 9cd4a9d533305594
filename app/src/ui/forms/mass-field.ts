import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { FormField } from '@angular/forms/signals';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { formatMass, readMass, type MassUnit } from '@dray/core';
import * as z from 'zod';
import { FIELD_STYLES } from './field';
import { TypedField } from './typed-field';

/** From a text to kilograms: what is no mass is NaN, and refused by the schema in its own words. */
export function massText(unit: MassUnit, schema: z.ZodType = ANY_MASS) {
  return z
    .string()
    .optional()
    .transform((text) => (text ? (readMass(text, unit) ?? NaN) : undefined))
    .pipe(schema as z.ZodType<unknown, number | undefined>);
}

const ANY_MASS = z.number('has to be a mass, such as 1.3 or 3 lb').optional();

/** A mass as people type it, "12,5" or "25 lb"; given, judged by its schema and kept in kilograms. */
@Component({
  selector: 'dray-mass',
  imports: [MatFormFieldModule, MatInput, FormField],
  template: `
    <mat-form-field>
      @if (label()) {
        <mat-label>{{ label() }}</mat-label>
      }
      <input
        #text
        matInput
        inputmode="decimal"
        autocomplete="off"
        [formField]="field"
        [attr.id]="controlId()"
        [attr.aria-label]="named() || null"
        [placeholder]="placeholder().toString()"
        (input)="typed(text.value)"
        (change)="commit()"
        (blur)="leave()"
        (keydown.escape)="restore()"
      />
      <span matTextSuffix>&nbsp;{{ unit() }}</span>
      @if (hint()) {
        <mat-hint>{{ hint() }}</mat-hint>
      }
      <mat-error>{{ problem() }}</mat-error>
    </mat-form-field>
  `,
  styles: FIELD_STYLES,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MassField extends TypedField {
  /** In kilograms. */
  readonly value = input<number>();
  readonly unit = input.required<MassUnit>();
  readonly saved = output<number | undefined>();

  protected readonly written = computed(() => {
    const kg = this.value();
    return kg === undefined ? '' : formatMass(kg, this.unit());
  });

  private readonly schemaOfText = computed(() => massText(this.unit(), this.schema()));

  protected override textSchema() {
    return this.schemaOfText();
  }

  protected keep(value: string): void {
    this.saved.emit(value.trim() === '' ? undefined : readMass(value, this.unit()));
  }
}
