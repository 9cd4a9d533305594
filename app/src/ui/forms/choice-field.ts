import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatSelectModule, type MatSelect } from '@angular/material/select';
import { FIELD_STYLES } from './field';

/** One thing that can be chosen. */
export interface Option<T> {
  readonly value: T;
  readonly words: string;
  /** The heading it stands under. */
  readonly group?: string;
}

/** One of many, in a list that opens. */
@Component({
  selector: 'dray-choice',
  imports: [MatFormFieldModule, MatSelectModule],
  template: `
    <mat-form-field>
      @if (label()) {
        <mat-label>{{ label() }}</mat-label>
      }
      @if (before()) {
        <span matTextPrefix>{{ before() }}&nbsp;</span>
      }
      <mat-select
        #select
        canSelectNullableOptions
        [value]="stands()"
        [aria-label]="named()"
        [panelWidth]="null"
        (selectionChange)="choose(select)"
      >
        @for (group of groups(); track group.name) {
          @if (group.name) {
            <mat-optgroup [label]="group.name">
              @for (option of group.options; track option.value) {
                <mat-option [value]="option.value">{{ option.words }}</mat-option>
              }
            </mat-optgroup>
          } @else {
            @for (option of group.options; track option.value) {
              <mat-option [value]="option.value">{{ option.words }}</mat-option>
            }
          }
        }
      </mat-select>
    </mat-form-field>
  `,
  styles: FIELD_STYLES,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ChoiceField<T> {
  readonly label = input('');
  readonly named = input('');
  readonly before = input('');
  /** None where something is taken from a list again and again. */
  readonly value = input<T>();
  readonly options = input.required<readonly Option<T>[]>();
  readonly chosen = output<T>();

  /** A template's `?.` makes null of what is not there; here that is no choice, as undefined is. */
  protected readonly stands = computed(() => this.value() ?? undefined);

  /** Shows what is so, and not what was asked for, until it is so. */
  protected choose(select: MatSelect): void {
    const value = select.value as T;
    select.value = this.stands();
    this.chosen.emit(value);
  }

  /** Options under their headings, in the order in which the headings first come. */
  protected readonly groups = computed(() => {
    const groups = new Map<string, Option<T>[]>();
    for (const option of this.options()) {
      const name = option.group ?? '';
      groups.set(name, [...(groups.get(name) ?? []), option]);
    }
    return [...groups].map(([name, options]) => ({ name, options }));
  });
}
