import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatChipsModule } from '@angular/material/chips';
import { MatExpansionModule } from '@angular/material/expansion';
import {
  experienceSchema,
  participantSchema,
  TIERS,
  unitSchema,
  type Experience,
  type Sex,
} from '@dray/core';
import { format, setISODay } from 'date-fns';
import { counted } from '../ui/count';
import { ChoiceField, type Option } from '../ui/forms/choice-field';
import { MassField } from '../ui/forms/mass-field';
import { NumberField } from '../ui/forms/number-field';
import { TextField } from '../ui/forms/text-field';
import { growing } from '../ui/growing';
import { Cautions } from './cautions';
import { Checks } from './checks';
import { PeopleStore } from './people-store';
import { ReadinessQuestions } from './readiness';
import { Standing } from './standing';

/** What a session needs to know, cautions, about them, and last what was asked and tried and where they stand. */
const PARTS = 4;

const EXPERIENCE_WORDS: Record<Experience, string> = {
  new: 'never',
  some: $localize`on and off`,
  months: $localize`for months`,
  years: $localize`for years`,
};

const same = <T extends string>(value: T): Option<T> => ({ value, words: value });

/** Who somebody is: what a session needs to know first, then checks, and where they stand on each ladder. */
@Component({
  selector: 'dray-profile',
  imports: [
    Cautions,
    Checks,
    ChoiceField,
    MatChipsModule,
    MassField,
    MatExpansionModule,
    NumberField,
    ReadinessQuestions,
    Standing,
    TextField,
  ],
  templateUrl: './profile.html',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Profile {
  protected readonly people = inject(PeopleStore);
  protected readonly person = computed(() => this.people.person());
  /** One with every breath: all at once would hold the page up. */
  protected readonly parts = growing(() => PARTS, 1);
  protected readonly shape = participantSchema.shape;

  protected readonly tiers = TIERS.map(same);
  protected readonly units = unitSchema.options.map(same);
  protected readonly sexes: readonly Option<Sex | undefined>[] = [
    { value: undefined, words: $localize`not said` },
    same('female'),
    same('male'),
  ];
  protected readonly experiences: readonly Option<Experience | undefined>[] = [
    { value: undefined, words: $localize`not said` },
    ...experienceSchema.options.map((value) => ({ value, words: EXPERIENCE_WORDS[value] })),
  ];
  protected readonly days = [1, 2, 3, 4, 5, 6, 7].map((value) => ({
    value,
    words: format(setISODay(new Date(), value), 'EEE'),
  }));

  protected readonly kits = this.people.documents.kits;

  protected readonly standing = computed(() => {
    const set = Object.keys(this.person()?.rungs ?? {}).length;
    return set === 0
      ? $localize`by tier on every ladder`
      : $localize`set on ${counted(set, $localize`ladder`, $localize`ladders`)}`;
  });
}
