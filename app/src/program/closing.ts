import { ChangeDetectionStrategy, Component, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Holiday } from '@dray/core';
import { DateField } from '../ui/forms/date-field';
import { TextField } from '../ui/forms/text-field';

/** From when to when nobody comes, and why. */
@Component({
  selector: 'dray-closing',
  imports: [DateField, MatButton, TextField],
  template: `
    <div class="columns">
      <dray-date
        i18n-label
        label="from"
        i18n-named
        named="Closed from"
        [value]="from()"
        (saved)="from.set($event)"
      />
      <dray-date i18n-label label="to" i18n-named named="Closed to" [value]="to()" (saved)="to.set($event)" />
    </div>
    <dray-text
      class="full"
      i18n-label
      label="why"
      i18n-named
      named="Why it is closed"
      [value]="why()"
      (saved)="why.set($event)"
    />
    <button i18n matButton (click)="close()">Close</button>
    @if (problem()) {
      <p class="problem" role="alert">{{ problem() }}</p>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Closing {
  readonly closed = output<Holiday>();
  protected readonly from = signal<string | undefined>(undefined);
  protected readonly to = signal<string | undefined>(undefined);
  protected readonly why = signal('');
  protected readonly problem = signal('');

  protected close(): void {
    const [from, to, name] = [this.from(), this.to() ?? this.from(), this.why()];
    if (from === undefined || to === undefined) {
      this.problem.set($localize`Say from which day it is closed.`);
    } else if (to < from) {
      this.problem.set($localize`It ends before it begins: choose a later last day.`);
    } else {
      this.problem.set('');
      this.closed.emit({ from, to, ...(name && { name }) });
      this.from.set(undefined);
      this.to.set(undefined);
      this.why.set('');
    }
  }
}
