import { ChangeDetectionStrategy, Component, input, linkedSignal, output } from '@angular/core';
import { form, FormField } from '@angular/forms/signals';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { MatTimepickerModule } from '@angular/material/timepicker';
import { format, parse } from 'date-fns';
import { FIELD_STYLES } from './field';
import { provideReaderDates } from './reader-dates';

/** A time of day, typed or chosen; given and kept as `18:30`. */
@Component({
  selector: 'dray-time',
  imports: [FormField, MatFormFieldModule, MatInput, MatTimepickerModule],
  providers: [provideReaderDates()],
  template: `
    <mat-form-field>
      <mat-label>{{ label() }}</mat-label>
      <input matInput [matTimepicker]="picker" [formField]="field" (change)="commit()" (blur)="commit()" />
      <mat-timepicker-toggle matIconSuffix [for]="picker" />
      <mat-timepicker #picker interval="15min" (selected)="commit()" />
      <mat-error i18n>a time such as 18:30</mat-error>
    </mat-form-field>
  `,
  styles: FIELD_STYLES,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimeField {
  readonly label = input.required<string>();
  readonly value = input<string>();
  readonly saved = output<string | undefined>();

  private readonly draft = linkedSignal(() => {
    const time = this.value();
    return !time ? null : parse(time, 'HH:mm', new Date(0));
  });
  protected readonly field = form(this.draft);

  protected commit(): void {
    const time = this.draft();
    if (time && Number.isNaN(time.getTime())) return;
    const text = time ? format(time, 'HH:mm') : undefined;
    if (text !== this.value()) this.saved.emit(text);
  }
}
