import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  input,
  linkedSignal,
  output,
  viewChild,
} from '@angular/core';
import { form, FormField, submit } from '@angular/forms/signals';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { formatMass, overrideSchema, readMass, totalOf, type MassUnit } from '@dray/core';
import { heldLoad } from '../ui/forms/held-load';
import { massText } from '../ui/forms/mass-field';
import { checkedBy } from '../ui/forms/zod';

/** A cell as it stands before the coach's hand comes to it. */
export interface Standing {
  readonly versionName: string;
  readonly sets: number;
  readonly amount: number;
  readonly seconds: boolean;
  /** In kilograms, both hands together. */
  readonly loadKg: number | undefined;
  /** Two where one is held in each: loads are then shown and typed for each hand. */
  readonly hands: 1 | 2;
}

/** What the coach's hand makes of it. */
export interface Set {
  readonly sets: number;
  readonly amount: number;
  /** Undefined where it stays as it was. */
  readonly loadKg: number | undefined;
  readonly onward: boolean;
  /** The last week it holds for; for good when absent. */
  readonly until: number | undefined;
  readonly reason: string;
}

/** What is typed; a number that is not there yet is null. */
interface Draft {
  readonly sets: number | null;
  readonly amount: number | null;
  readonly load: string;
  readonly reason: string;
  readonly onward: boolean;
  readonly until: number | null;
}

const shape = overrideSchema.shape;

/** Sets, amount and load for one cell, with the reason that stands beside it. */
@Component({
  selector: 'dray-by-hand-form',
  imports: [FormField, MatButton, MatCheckbox, MatFormFieldModule, MatInput],
  template: `
    <h3 i18n>Set by hand: {{ standing().versionName }}</h3>
    <form class="columns" (submit)="apply($event)" (keydown.escape)="cancelled.emit()">
      <mat-form-field>
        <mat-label i18n>sets</mat-label>
        <input #first matInput type="number" [formField]="hand.sets" />
        <mat-error>{{ hand.sets().errors()[0]?.message }}</mat-error>
      </mat-form-field>
      <mat-form-field>
        <mat-label i18n>{standing().seconds, select, true {seconds} other {reps}}</mat-label>
        <input matInput type="number" [formField]="hand.amount" />
        <mat-error>{{ hand.amount().errors()[0]?.message }}</mat-error>
      </mat-form-field>
      <mat-form-field>
        <mat-label i18n>{standing().hands, plural, =2 {load each} other {load}}</mat-label>
        <input matInput inputmode="decimal" [formField]="hand.load" />
        <span matTextSuffix>{{ unit() }}</span>
        <mat-error>{{ hand.load().errors()[0]?.message }}</mat-error>
      </mat-form-field>
      <mat-form-field class="wide">
        <mat-label i18n>because</mat-label>
        <input matInput autocomplete="off" data-testid="reason" [formField]="hand.reason" />
        <mat-error>{{ hand.reason().errors()[0]?.message }}</mat-error>
      </mat-form-field>
      <mat-checkbox i18n class="from" [formField]="hand.onward">this week and on</mat-checkbox>
      @if (hand.onward().value()) {
        <mat-form-field>
          <mat-label i18n>until week</mat-label>
          <input matInput type="number" i18n-placeholder placeholder="for good" [formField]="hand.until" />
          <mat-error>{{ hand.until().errors()[0]?.message }}</mat-error>
        </mat-form-field>
      }
      <div class="wide">
        <button i18n matButton="outlined" type="submit">Set by hand</button>
        <button i18n matButton type="button" (click)="leaveOut()">Leave it out</button>
        <button i18n matButton type="button" (click)="cancelled.emit()">Cancel</button>
      </div>
    </form>
  `,
  styles: `
    .columns {
      --columns: 1fr 1fr 1.3fr;
    }
    .wide {
      grid-column: 1 / -1;
    }
    .from {
      grid-column: 1 / 3;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ByHandForm {
  readonly standing = input.required<Standing>();
  readonly unit = input.required<MassUnit>();
  readonly applied = output<Set>();
  readonly leftOut = output<Pick<Set, 'onward' | 'until' | 'reason'>>();
  readonly cancelled = output<void>();

  private readonly shownLoad = computed(() => {
    const { loadKg, hands } = this.standing();
    return loadKg === undefined ? '' : formatMass(loadKg / hands, this.unit());
  });
  /** What stands, and what its numbers are of. */
  private readonly stood = computed(
    () => {
      const { sets, amount, hands, seconds, versionName } = this.standing();
      return {
        sets,
        amount,
        load: this.shownLoad(),
        of: `${hands} ${seconds} ${this.unit()} ${versionName}`,
      };
    },
    { equal: (a, b) => JSON.stringify(a) === JSON.stringify(b) },
  );
  /** Other numbers under the typing hand take the place of those that were not touched; of another thing they take all. */
  private readonly draft = linkedSignal<ReturnType<typeof this.stood>, Draft>({
    source: this.stood,
    computation: ({ of, ...now }, before) => {
      if (!before) return { ...now, reason: '', onward: true, until: null };
      const { source: stood, value: typed } = before;
      if (stood.of !== of) return { ...typed, ...now };
      return {
        ...typed,
        sets: typed.sets === stood.sets ? now.sets : typed.sets,
        amount: typed.amount === stood.amount ? now.amount : typed.amount,
        load: typed.load === stood.load ? now.load : typed.load,
      };
    },
  });
  private readonly loadSchema = computed(() => massText(this.unit(), heldLoad(this.standing().hands === 2)));

  protected readonly hand = form(this.draft, (path) => {
    checkedBy(path.sets, { schema: () => shape.sets.unwrap(), named: () => 'Sets' });
    checkedBy(path.amount, { schema: () => shape.amount.unwrap(), named: () => 'This' });
    checkedBy(path.load, { schema: () => this.loadSchema(), named: () => $localize`The load` });
    checkedBy(path.until, {
      schema: () => shape.toWeek,
      named: () => $localize`The last week`,
    });
    checkedBy(path.reason, { schema: () => shape.reason, named: () => $localize`The reason` });
  });

  private readonly first = viewChild.required<ElementRef<HTMLInputElement>>('first');

  constructor() {
    // The button that called it up is gone: the focus comes with it.
    afterNextRender(() => this.first().nativeElement.select());
  }

  protected async apply(event: Event): Promise<void> {
    event.preventDefault();
    await submit(this.hand, () => {
      const { sets, amount, load, reason, onward, until } = this.draft();
      const typed = load === this.shownLoad() ? undefined : readMass(load, this.unit());
      this.applied.emit({
        sets: sets ?? this.standing().sets,
        amount: amount ?? this.standing().amount,
        loadKg: typed === undefined ? undefined : totalOf(typed, this.standing().hands === 2),
        onward,
        until: until ?? undefined,
        reason: reason.trim(),
      });
      return Promise.resolve(undefined);
    });
  }

  /** Not at all: only the reason has to be good. */
  protected leaveOut(): void {
    this.hand.reason().markAsTouched();
    const { reason, onward, until } = this.draft();
    if (!this.hand.reason().valid()) return;
    this.leftOut.emit({ reason: reason.trim(), onward, until: until ?? undefined });
  }
}
