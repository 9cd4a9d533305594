import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { CdkTextareaAutosize } from '@angular/cdk/text-field';
import { MatButton } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatChipsModule } from '@angular/material/chips';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatIcon } from '@angular/material/icon';
import { MatInput } from '@angular/material/input';
import { MatRadioModule } from '@angular/material/radio';
import { MatStepperModule } from '@angular/material/stepper';
import { MatTableModule } from '@angular/material/table';
import { Router } from '@angular/router';
import {
  CLINICIAN_FIRST,
  CONDITION_WORDS,
  conditionSchema,
  kitSchema,
  MOST_WEEKS,
  LEAST_WEEKS,
  participantSchema,
  sessionSchema,
  TIERS,
  WEEKDAY_WORDS,
  type Condition,
} from '@dray/core';
import { STARTING_SESSIONS, startName, USUAL_BODY_MASS_KG, USUAL_THINGS } from '@dray/core/late';
import * as z from 'zod';
import { ChoicesField } from '../ui/forms/choices-field';
import type { Option } from '../ui/forms/choice-field';
import { MassField } from '../ui/forms/mass-field';
import { NumberField } from '../ui/forms/number-field';
import { TextField } from '../ui/forms/text-field';
import { ReadingOn } from '../ui/reading-on';
import { TimeField } from '../ui/forms/time-field';
import { Notice } from '../ui/notice';
import { TierGlyph } from '../ui/tier-glyph';
import { Width } from '../ui/width';
import { BeginStore, type Start } from './begin-store';

/** Who may have a thing: the room everybody trains in, or one person at home. */
interface Owner {
  readonly column: string;
  readonly name: string | undefined;
  readonly words: string;
}

/** From nothing to a first board: who comes, with what, which session, on which days. */
@Component({
  selector: 'dray-begin',
  imports: [
    CdkTextareaAutosize,
    ChoicesField,
    MassField,
    MatButton,
    MatButtonToggleModule,
    MatCheckbox,
    MatChipsModule,
    MatFormFieldModule,
    MatIcon,
    MatInput,
    MatRadioModule,
    MatStepperModule,
    MatTableModule,
    NumberField,
    ReadingOn,
    TextField,
    TierGlyph,
    TimeField,
  ],
  providers: [BeginStore],
  templateUrl: './begin.html',
  styleUrl: './begin.scss',
  host: { class: 'scrolls' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BeginScreen {
  protected readonly begin = inject(BeginStore);
  protected readonly width = inject(Width);
  private readonly router = inject(Router);
  private readonly notice = inject(Notice);

  protected readonly tiers = TIERS;
  protected readonly clinicianFirst = CLINICIAN_FIRST;
  protected readonly usualMassKg = USUAL_BODY_MASS_KG;
  protected readonly conditions: readonly Option<Condition>[] = conditionSchema.options.map((value) => ({
    value,
    words: CONDITION_WORDS[value],
  }));
  protected readonly things = USUAL_THINGS;
  protected readonly starts: readonly { value: Start; words: string }[] = [
    { value: 'starter', words: $localize`one that is ready` },
    { value: 'text', words: $localize`as text` },
    { value: 'empty', words: $localize`an empty one` },
  ];
  protected readonly starters = STARTING_SESSIONS.map((start) => ({ name: startName(start), ...start }));
  protected readonly weekdays = WEEKDAY_WORDS.map((words, at) => ({ value: at + 1, words }));
  protected readonly massSchema = participantSchema.shape.bodyMassKg.optional();
  protected readonly roomSchema = kitSchema.shape.name;
  protected readonly sessionNameSchema = sessionSchema.shape.name;
  protected readonly weeksSchema = z.int().min(LEAST_WEEKS).max(MOST_WEEKS);

  protected readonly owners = computed<readonly Owner[]>(() => [
    { column: 'room', name: undefined, words: $localize`the room` },
    ...this.begin.people().map(({ name }) => ({ column: `person ${name}`, name, words: name })),
  ]);
  protected readonly columns = computed(() => ['thing', ...this.owners().map(({ column }) => column)]);

  protected readonly preview = computed(() => this.starters[this.begin.starter()]?.text ?? '');

  protected async finish(): Promise<void> {
    const joined = this.begin.joins();
    if (!(await this.begin.finish())) return;
    await this.router.navigateByUrl('/board');
    if (!joined) this.notice.say($localize`The boatyard is put away: Settings brings it back.`);
  }

  protected hasSays(thing: string, owner: Owner): string {
    return owner.name === undefined
      ? $localize`${thing} in the room`
      : $localize`${thing} at ${owner.name}’s home`;
  }

  protected tierSays(name: string): string {
    return $localize`How far on ${name} is`;
  }

  protected massSays(name: string): string {
    return $localize`Body mass of ${name}`;
  }

  protected cautionsSay(name: string): string {
    return $localize`Cautions of ${name}`;
  }
}
