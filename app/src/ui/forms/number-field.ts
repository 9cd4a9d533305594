import { ChangeDetectionStrategy, Component, computed, input, linkedSignal, output } from '@angular/core';
import { form, FormField } from '@angular/forms/signals';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { EditedField, FIELD_STYLES } from './field';
import { checkedBy } from './zod';

/** A number that is kept when its edit is over and its schema agrees; empty is no number. */
@Component({
  selector: 'dray-number',
  imports: [MatFormFieldModule, MatInput, FormField],
  template: `
    <mat-form-field>
      @if (label()) {
        <mat-label>{{ label() }}</mat-label>
      }
      @if (before()) {
        <span matTextPrefix>{{ before() }}&nbsp;</span>
      }
      <input
        matInput
        type="number"
        [formField]="field"
        [errorStateMatcher]="matcher"
        [attr.id]="controlId()"
        [attr.step]="step()"
        [attr.aria-label]="named() || null"
        [placeholder]="placeholder().toString()"
        (change)="commit()"
        (blur)="leave()"
        (keydown.escape)="restore()"
      />
      @if (after()) {
        <span matTextSuffix>&nbsp;{{ after() }}</span>
      }
      @if (hint()) {
        <mat-hint>{{ hint() }}</mat-hint>
      }
      <mat-error>{{ problem() }}</mat-error>
    </mat-form-field>
  `,
  styles: FIELD_STYLES,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NumberField extends EditedField<number | null> {
  readonly value = input<number>();
  readonly step = input<number | 'any'>('any');
  readonly saved = output<number | undefined>();

  protected readonly written = computed(() => this.value() ?? null);
  private readonly draft = linkedSignal(() => this.written());
  protected readonly field = form(this.draft, (path) =>
    checkedBy(path, { schema: this.schema, named: this.calls }),
  );

  protected restore(): void {
    this.draft.set(this.written());
  }

  protected keep(value: number | null): void {
    this.saved.emit(value ?? undefined);
  }
}
