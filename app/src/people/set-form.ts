import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { form, FormField, submit } from '@angular/forms/signals';
import { MatButton } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { knownSetSchema, MOST_LIFTED_KG, MOST_LIFTED_WORDS, problemFrom, readMass } from '@dray/core';
import * as z from 'zod';
import { DateField } from '../ui/forms/date-field';
import { massText } from '../ui/forms/mass-field';
import { checkedBy } from '../ui/forms/zod';
import { PeopleStore } from './people-store';

/** A set as it is being written down: numbers that are not there yet are null. */
interface Draft {
  readonly exerciseId: string;
  readonly rungId: string;
  readonly load: string;
  readonly reps: number | null;
  readonly left: number | null;
}

const LIFTED_WORDS = $localize`has to be more than 0 and at most ${MOST_LIFTED_WORDS}:most:`;
const LIFTED = z.number().positive(LIFTED_WORDS).max(MOST_LIFTED_KG, LIFTED_WORDS).optional();
const { reps: repsSchema, reserve: leftSchema } = knownSetSchema.shape;
const NOTHING = { load: '', reps: null, left: null } as const;

/** Any set somebody remembers: what, how heavy, how many, how many were left, when. */
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
      <mat-form-field class="load">
        <mat-label i18n>load</mat-label>
        <input matInput inputmode="decimal" data-testid="set-load" [formField]="set.load" />
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
  protected readonly unit = computed(() => this.people.person()?.unit ?? 'kg');
  protected readonly date = signal(this.people.today);
  protected readonly problem = signal('');

  private readonly onView = computed(() => this.people.exercise()?.id ?? '');
  /** Of the exercise on view; what was typed stays when another is looked at. */
  private readonly draft = linkedSignal<string, Draft>({
    source: this.onView,
    computation: (exerciseId, before) => ({ ...(before?.value ?? NOTHING), exerciseId, rungId: '' }),
  });
  private readonly loadSchema = computed(() => massText(this.unit(), LIFTED));
  protected readonly set = form(this.draft, (path) => {
    checkedBy(path.load, { schema: () => this.loadSchema(), named: () => 'Load' });
    checkedBy(path.reps, { schema: () => repsSchema, named: () => 'Reps' });
    checkedBy(path.left, { schema: () => leftSchema, named: () => $localize`Reps left` });
  });

  /** Versions of the exercise, where its body weight depends on them. */
  protected readonly rungs = computed(() => {
    const { exerciseById, versions } = this.people.view.catalog();
    const exercise = exerciseById(this.draft().exerciseId);
    if (!exercise?.bodyLoad) return [];
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
    const checked = knownSetSchema.safeParse({
      exerciseId,
      ...(body && { rungId: rungId || this.rungs()[0]?.id }),
      ...(load.trim() !== '' && { loadKg: readMass(load, this.unit()) }),
      reps,
      ...(left !== null && { reserve: left }),
      date: this.date(),
    });
    if (!checked.success) {
      const [issue] = checked.error.issues;
      this.problem.set(issue ? problemFrom(issue).sentence : '');
    } else if (checked.data.loadKg === undefined && !body) {
      this.problem.set($localize`How heavy was it? Write the load, both hands together.`);
    } else {
      this.problem.set('');
      this.people.addSet(checked.data);
      this.draft.update((draft) => ({ ...draft, ...NOTHING }));
      this.set().reset();
    }
  }
}
