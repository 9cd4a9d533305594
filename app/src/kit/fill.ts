import { ChangeDetectionStrategy, Component, computed, input, signal } from '@angular/core';
import { form, FormField } from '@angular/forms/signals';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { fillForMass, readMass, type Fillable, type MassUnit } from '@dray/core';

/** How far to fill a bottle so that it weighs what is wanted. */
@Component({
  selector: 'dray-fill',
  imports: [FormField, MatFormFieldModule, MatInput],
  template: `
    <mat-form-field class="shortest">
      <mat-label i18n>to weigh</mat-label>
      <input matInput inputmode="decimal" data-testid="weigh" [formField]="field" />
      <span matTextSuffix>{{ unit() }}</span>
    </mat-form-field>
    <output class="strong" data-testid="fill">{{ answer() }}</output>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Fill {
  readonly container = input.required<Fillable>();
  readonly unit = input.required<MassUnit>();

  private readonly wanted = signal('');
  protected readonly field = form(this.wanted);

  protected readonly answer = computed(() => {
    const text = this.wanted().trim();
    if (text === '') return '';
    const kg = readMass(text, this.unit());
    if (kg === undefined) return $localize`A mass is a number, such as 1.3 or 3 lb.`;
    const answer = fillForMass(this.container(), kg);
    return answer.ok ? $localize`fill to ${Number(answer.litres.toFixed(2))} L` : answer.sentence;
  });
}
