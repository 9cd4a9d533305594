import { ChangeDetectionStrategy, Component, inject, input, linkedSignal, output } from '@angular/core';
import { form, FormField, validate } from '@angular/forms/signals';
import { MatDatepickerModule, type MatDatepickerInputEvent } from '@angular/material/datepicker';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { format, parseISO } from 'date-fns';
import { FIELD_STYLES } from './field';
import { dateWaysOf, LANGUAGES, provideReaderDates } from './reader-dates';

/** A day, typed or chosen in a calendar; given and kept as `2026-11-24`. */
@Component({
  selector: 'dray-date',
  imports: [MatFormFieldModule, MatInput, MatDatepickerModule, FormField],
  providers: [provideReaderDates()],
  template: `
    <mat-form-field>
      @if (label()) {
        <mat-label>{{ label() }}</mat-label>
      }
      <input
        matInput
        [formField]="field"
        [matDatepicker]="picker"
        [min]="from()"
        [max]="to()"
        [attr.aria-label]="named() || null"
        (dateChange)="commit($event)"
      />
      <mat-datepicker-toggle matIconSuffix [for]="picker" />
      <mat-datepicker #picker />
      <mat-error>{{ wrong() }}</mat-error>
    </mat-form-field>
  `,
  styles: FIELD_STYLES,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DateField {
  readonly label = input('');
  readonly named = input('');
  readonly value = input<string>();
  readonly min = input<string>();
  readonly max = input<string>();
  readonly saved = output<string>();

  private readonly languages = inject(LANGUAGES);
  protected readonly from = () => day(this.min());
  protected readonly to = () => day(this.max());
  private readonly draft = linkedSignal(() => day(this.value()));
  /** Why what was typed is no day that can be, in words; anew with every day that is kept. */
  protected readonly wrong = linkedSignal<string | undefined, string>({
    source: this.value,
    computation: () => '',
  });
  protected readonly field = form(this.draft, (path) => {
    validate(path, () => (this.wrong() ? { kind: 'day', message: this.wrong() } : undefined));
  });

  protected commit({ value }: MatDatepickerInputEvent<Date>): void {
    this.wrong.set(this.refused(value));
    this.field().markAsTouched();
    if (value && this.wrong() === '') this.saved.emit(format(value, 'yyyy-MM-dd'));
  }

  private refused(value: Date | null): string {
    const [from, to] = [this.from(), this.to()];
    if (!value || Number.isNaN(value.getTime())) {
      const such = format(new Date(2026, 10, 24), dateWaysOf(this.languages).day);
      return $localize`This has to be a day such as ${such}.`;
    }
    if (value.getFullYear() < EARLIEST_YEAR)
      return $localize`The year is ${value.getFullYear()}:named:: look again.`;
    if (from && value < from) return $localize`It is ${format(from, SHORT)} at the earliest.`;
    if (to && value > to) return $localize`It is ${format(to, SHORT)} at the latest.`;
    return '';
  }
}

/** Nobody's class was held before: a slip of the hand. */
const EARLIEST_YEAR = 2000;
const SHORT = 'd MMM y';

function day(text: string | undefined): Date | null {
  // A template says null where something on the way is not there.
  return text ? parseISO(text) : null;
}
