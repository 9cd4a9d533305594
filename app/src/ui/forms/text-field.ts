import { CdkTextareaAutosize } from '@angular/cdk/text-field';
import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { FormField } from '@angular/forms/signals';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { FIELD_STYLES } from './field';
import { TypedField } from './typed-field';

/** A text that is kept when its edit is over and its schema agrees. */
@Component({
  selector: 'dray-text',
  imports: [MatFormFieldModule, MatInput, FormField, CdkTextareaAutosize],
  template: `
    <mat-form-field>
      @if (label()) {
        <mat-label>{{ label() }}</mat-label>
      }
      @if (lines() > 1) {
        <textarea
          #text
          matInput
          cdkTextareaAutosize
          [cdkAutosizeMinRows]="lines()"
          [formField]="field"
          [attr.id]="controlId()"
          [attr.aria-label]="named() || null"
          [placeholder]="placeholder().toString()"
          (input)="typed(text.value)"
          (change)="commit()"
          (blur)="leave()"
          (keydown.escape)="restore()"
        ></textarea>
      } @else {
        <input
          #line
          matInput
          autocomplete="off"
          [formField]="field"
          [attr.id]="controlId()"
          [attr.aria-label]="named() || null"
          [placeholder]="placeholder().toString()"
          (input)="typed(line.value)"
          (change)="commit()"
          (blur)="leave()"
          (keydown.escape)="restore()"
        />
      }
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
export class TextField extends TypedField {
  readonly value = input<string>();
  /** More than one: a field that grows with its text. */
  readonly lines = input(1);
  readonly saved = output<string>();

  protected readonly written = computed(() => this.value() ?? '');

  protected keep(value: string): void {
    this.saved.emit(value.trim());
  }
}
