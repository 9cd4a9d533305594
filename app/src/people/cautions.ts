import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatCheckbox } from '@angular/material/checkbox';
import {
  cautionSchema,
  CONDITION_WORDS,
  conditionSchema,
  PRESSURE_CLINICIAN,
  SURGERY_PLACE_WORDS,
  surgeryPlaceSchema,
  type Caution,
  type Condition,
  type SurgeryPlace,
} from '@dray/core';
import { defined } from '../data/defined';
import { ChoiceField, type Option } from '../ui/forms/choice-field';
import { NumberField } from '../ui/forms/number-field';
import { TextField } from '../ui/forms/text-field';
import { PeopleStore } from './people-store';

/** What limits a person, each with what it needs to know: how high a pressure is, where a surgery was. */
@Component({
  selector: 'dray-cautions',
  imports: [ChoiceField, MatCheckbox, NumberField, TextField],
  template: `
    @for (row of conditions(); track row.condition) {
      <div [class.on]="row.caution">
        <mat-checkbox [checked]="row.caution !== undefined" (change)="put(row.condition, $event.checked)">
          {{ row.words }}
        </mat-checkbox>
        @if (row.caution; as caution) {
          @if (row.condition === 'highBloodPressure') {
            <div class="columns">
              <dray-number
                i18n-named
                named="Systolic, mmHg"
                i18n-label
                label="systolic"
                placeholder="135"
                [value]="caution.systolic"
                [schema]="shape.systolic"
                (saved)="amend(row.condition, { systolic: $event })"
              />
              <dray-number
                i18n-named
                named="Diastolic, mmHg"
                i18n-label
                label="diastolic"
                placeholder="85"
                i18n-after
                after="mmHg"
                [value]="caution.diastolic"
                [schema]="shape.diastolic"
                (saved)="amend(row.condition, { diastolic: $event })"
              />
            </div>
            <dray-choice
              class="full"
              i18n-label
              label="loads overhead"
              [value]="caution.overhead"
              [options]="schools"
              (chosen)="amend(row.condition, { overhead: $event })"
            />
          }
          @if (row.condition === 'recentSurgery') {
            <dray-choice
              i18n-label
              label="where the surgery was"
              class="full"
              [class.problem]="!caution.place"
              [value]="caution.place"
              [options]="places"
              (chosen)="amend(row.condition, { place: $event })"
            />
          }
          <dray-text
            class="full"
            i18n-label
            label="note"
            i18n-placeholder
            placeholder="which side, since when"
            i18n-named
            named="Note on {{ row.words }}"
            [value]="caution.note"
            [schema]="shape.note"
            (saved)="amend(row.condition, { note: $event || undefined })"
          />
        }
      </div>
    }
  `,
  styles: `
    :host {
      --columns: repeat(auto-fill, minmax(230px, 1fr));
    }
    .on {
      --mat-checkbox-label-text-color: var(--plum);
      --mat-checkbox-label-text-weight: 600;
    }
  `,
  host: { class: 'columns' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Cautions {
  private readonly people = inject(PeopleStore);
  protected readonly shape = cautionSchema.shape;

  protected readonly places: readonly Option<SurgeryPlace | undefined>[] = [
    { value: undefined, words: $localize`where? a clinician first until it is said` },
    ...surgeryPlaceSchema.options.map((value) => ({ value, words: SURGERY_PLACE_WORDS[value] })),
  ];
  /** Two schools: by what the pressure is, or never. */
  protected readonly schools: readonly Option<'never' | undefined>[] = [
    {
      value: undefined,
      words: $localize`light, below ${PRESSURE_CLINICIAN.systolic}/${PRESSURE_CLINICIAN.diastolic}`,
    },
    { value: 'never', words: $localize`never a load overhead` },
  ];

  protected readonly conditions = computed(() => {
    const cautions = this.people.person()?.cautions ?? [];
    return conditionSchema.options.map((condition) => ({
      condition,
      words: CONDITION_WORDS[condition],
      caution: cautions.find((own) => own.condition === condition),
    }));
  });

  protected put(condition: Condition, on: boolean): void {
    const others = (this.people.person()?.cautions ?? []).filter((own) => own.condition !== condition);
    this.people.amend({ cautions: on ? [...others, { condition }] : others }, 'cautions');
  }

  protected amend(condition: Condition, part: Partial<Caution>): void {
    const cautions = (this.people.person()?.cautions ?? []).map((own) =>
      own.condition === condition ? defined({ ...own, ...part }) : own,
    );
    this.people.amend({ cautions }, CONDITION_WORDS[condition]);
  }
}
