import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { form, FormField, submit } from '@angular/forms/signals';
import { MatButton } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import {
  HOLD_WORDS,
  knownSetSchema,
  MOST_LIFTED_KG,
  MOST_LIFTED_WORDS,
  problemFrom,
  readMass,
  totalOf,
  type Hold,
} from '@dray/core';
import * as z from 'zod';
import { DateField } from '../ui/forms/date-field';
import { massText } from '../ui/forms/mass-field';
import { checkedBy } from '../ui/forms/zod';
import { PeopleStore } from './people-store';

/** A set as it is being written down: numbers that are not there yet are null. */
interface Draft {
  readonly exerciseId: string;
  readonly rungId: string;
  /** Empty as long as it is the usual one. */
  readonly hold: Hold | '';
  /** Each hand’s of a pair. */
  readonly load: string;
  readonly reps: number | null;
  readonly left: number | null;
}

const LIFTED_WORDS = $localize`has to be more than 0 and at most ${MOST_LIFTED_WORDS}:most:`;
/** The hold was changed under a load that stands there: it is not taken for twice, or half, of what was meant. */
const NOW_EACH_WORDS = $localize`is each hand’s now: write it anew`;
const NOW_ALL_WORDS = $localize`is all of it now: write it anew`;
const IN_BOTH_WORDS = $localize`${LIFTED_WORDS}, both hands together`;
const { reps: repsSchema, reserve: leftSchema } = knownSetSchema.shape;
const NOTHING = { load: '', reps: null, left: null } as const;

/** A load that was lifted as it is typed, each hand’s of a pair; judged as all that was held. */
function lifted(pair: boolean, typedAsPair: boolean): z.ZodType {
  const error = pair ? IN_BOTH_WORDS : LIFTED_WORDS;
  return z
    .number(error)
    .refine(() => pair === typedAsPair, { error: pair ? NOW_EACH_WORDS : NOW_ALL_WORDS, abort: true })
    .refine((kg) => kg > 0 && totalOf(kg, pair) <= MOST_LIFTED_KG, { error })
    .optional();
}

/** Any set somebody remembers: what, how it was held, how heavy, how many, how many were left, when. */
@Component({
  selector: 'dray-set-form',
  imports: [DateField, FormField, MatButton, MatFormFieldModule, MatInput, MatSelectModule],
  template: `
    <form class="fields" (submit)="add($event)">
      <mat-form-field class="short">
        <mat-label i18n>exercise</mat-label>
        <mat-select [formField]="set.exerciseId" [panelWidth]="null">
          @for (entry of people.exercises(); track entry.exercise.id) {
            <mat-option [value]="entry.exercise.id">{{ entry.exercise.name }}</mat-option>
          }
        </mat-select>
      </mat-form-field>
      @if (rungs().length > 0) {
        <mat-form-field class="short">
          <mat-label i18n>version</mat-label>
          <mat-select [formField]="set.rungId" [panelWidth]="null" [placeholder]="rungs()[0]?.name ?? ''">
            @for (rung of rungs(); track rung.id) {
              <mat-option [value]="rung.id">{{ rung.name }}</mat-option>
            }
          </mat-select>
        </mat-form-field>
      }
      @if (holds().length > 0) {
        <mat-form-field class="short">
          <mat-label i18n>held</mat-label>
          <mat-select [formField]="set.hold" [panelWidth]="null" [placeholder]="holdWords[holds()[0]!]">
            @for (hold of holds(); track hold) {
              <mat-option [value]="hold">{{ holdWords[hold] }}</mat-option>
            }
          </mat-select>
        </mat-form-field>
      }
      <mat-form-field class="load">
        <mat-label i18n>{hands(), plural, =2 {load each} other {load}}</mat-label>
        <input
          matInput
          inputmode="decimal"
          data-testid="set-load"
          [formField]="set.load"
          (input)="typedFor.set(hands())"
        />
        <span matTextSuffix>{{ unit() }}</span>
        <mat-error>{{ set.load().errors()[0]?.message }}</mat-error>
      </mat-form-field>
      <mat-form-field class="load">
        <mat-label i18n>reps</mat-label>
        <input matInput type="number" data-testid="set-reps" [formField]="set.reps" />
        <mat-error>{{ set.reps().errors()[0]?.message }}</mat-error>
      </mat-form-field>
      <mat-form-field class="load">
        <mat-label i18n>left</mat-label>
        <input matInput type="number" [formField]="set.left" />
        <mat-error>{{ set.left().errors()[0]?.message }}</mat-error>
      </mat-form-field>
      <dray-date
        class="short"
        i18n-label
        label="day"
        [value]="date()"
        [max]="people.today"
        (saved)="date.set($event)"
      />
      <button i18n matButton="outlined" type="submit">Write down</button>
    </form>
    @if (problem()) {
      <p class="problem" role="alert">{{ problem() }}</p>
    }
  `,
  styles: `
    .load {
      width: 78px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SetForm {
  protected readonly people = inject(PeopleStore);
  protected readonly holdWords = HOLD_WORDS;
  protected readonly unit = computed(() => this.people.person()?.unit ?? 'kg');
  protected readonly date = signal(this.people.today);
  protected readonly problem = signal('');

  private readonly onView = computed(() => this.people.exercise()?.id ?? '');
  /** Of the exercise on view; what was typed stays when another is looked at. */
  private readonly draft = linkedSignal<string, Draft>({
    source: this.onView,
    computation: (exerciseId, before) => ({
      ...(before?.value ?? NOTHING),
      exerciseId,
      rungId: '',
      hold: '',
    }),
  });
  private readonly exercise = computed(() =>
    this.people.view.catalog().exerciseById(this.draft().exerciseId),
  );
  /** Ways to hold it; none to choose from where each would be said alike. */
  protected readonly holds = computed(() => {
    const holds = this.exercise()?.loading?.holds ?? [];
    return holds.length > 1 && holds.includes('pair') ? holds : [];
  });
  /** As it was chosen; in each hand, where that is usual. */
  private readonly hold = computed((): Hold | undefined => {
    const { hold } = this.draft();
    return hold || (this.exercise()?.loading?.holds[0] === 'pair' ? 'pair' : undefined);
  });
  protected readonly hands = computed(() => (this.hold() === 'pair' ? 2 : 1));
  /** How many hands the load that stands there was typed for. */
  protected readonly typedFor = signal<1 | 2>(1);
  private readonly loadSchema = computed(() =>
    massText(this.unit(), lifted(this.hands() === 2, this.typedFor() === 2)),
  );
  protected readonly set = form(this.draft, (path) => {
    checkedBy(path.load, { schema: () => this.loadSchema(), named: () => 'Load' });
    checkedBy(path.reps, { schema: () => repsSchema, named: () => 'Reps' });
    checkedBy(path.left, { schema: () => leftSchema, named: () => $localize`Reps left` });
  });

  /** Versions of the exercise, where its body weight depends on them. */
  protected readonly rungs = computed(() => {
    const exercise = this.exercise();
    if (!exercise?.bodyLoad) return [];
    const { versions } = this.people.view.catalog();
    return versions.flatMap(({ rung }) => (rung?.exerciseId === exercise.id ? [rung] : []));
  });

  protected async add(event: Event): Promise<void> {
    event.preventDefault();
    await submit(this.set, () => {
      this.write();
      return Promise.resolve(undefined);
    });
  }

  private write(): void {
    const { exerciseId, load, reps, left, rungId } = this.draft();
    const body = this.rungs().length > 0;
    const hold = this.hold();
    const typed = readMass(load, this.unit());
    const checked = knownSetSchema.safeParse({
      exerciseId,
      ...(body && { rungId: rungId || this.rungs()[0]?.id }),
      ...(typed !== undefined && { loadKg: totalOf(typed, hold === 'pair') }),
      ...(typed !== undefined && hold && { hold }),
      reps,
      ...(left !== null && { reserve: left }),
      date: this.date(),
    });
    if (!checked.success) {
      const [issue] = checked.error.issues;
      this.problem.set(issue ? problemFrom(issue).sentence : '');
    } else if (checked.data.loadKg === undefined && !body) {
      this.problem.set($localize`How heavy was it? Write the load.`);
    } else {
      this.problem.set('');
      this.people.addSet(checked.data);
      this.draft.update((draft) => ({ ...draft, ...NOTHING }));
      this.set().reset();
    }
  }
}
