import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { formatMass, readMass, type MassUnit } from '@dray/core';
import * as z from 'zod';
import { TextField } from './text-field';

/** From a text to kilograms: what is no mass is NaN, and refused by the schema in its own words. */
export function massText(unit: MassUnit, schema: z.ZodType = ANY_MASS) {
  return z
    .string()
    .optional()
    .transform((text) => (text ? (readMass(text, unit) ?? NaN) : undefined))
    .pipe(schema as z.ZodType<unknown, number | undefined>);
}

const ANY_MASS = z.number($localize`has to be a mass, such as 1.3 or 3 lb`).optional();

/** A mass as people type it, "12,5" or "25 lb"; given, judged by its schema and kept in kilograms. */
@Component({
  selector: 'dray-mass',
  imports: [TextField],
  template: `
    <dray-text
      class="full"
      inputmode="decimal"
      [label]="label()"
      [named]="named()"
      [after]="unit()"
      [value]="written()"
      [schema]="schemaOfText()"
      [draftKey]="draftKey()"
      (saved)="keep($event)"
    />
  `,
  styles: `
    :host {
      display: inline-block;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MassField {
  readonly label = input('');
  readonly named = input('');
  /** In kilograms. */
  readonly value = input<number>();
  readonly unit = input.required<MassUnit>();
  readonly schema = input<z.ZodType>();
  readonly draftKey = input<string>();
  readonly saved = output<number | undefined>();

  protected readonly written = computed(() => {
    const kg = this.value();
    return kg === undefined ? '' : formatMass(kg, this.unit());
  });
  protected readonly schemaOfText = computed(() => massText(this.unit(), this.schema()));

  protected keep(text: string): void {
    this.saved.emit(text === '' ? undefined : readMass(text, this.unit()));
  }
}
