import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  input,
  output,
  signal,
  untracked,
} from '@angular/core';
import { formatPrescription, parsePrescription, type MassUnit, type Prescription } from '@dray/core';

/**
 * One prescription as text. What can be read counts at once; what cannot be read yet is kept as it stands, with the
 * place and the likely meaning below it.
 */
@Component({
  selector: 'dray-prescription-field',
  template: `
    <input
      class="field"
      type="text"
      autocomplete="off"
      spellcheck="false"
      [id]="fieldId()"
      [value]="text()"
      [class.same]="same() && !focused()"
      [class.tight]="tight()"
      [attr.aria-label]="label()"
      [attr.aria-invalid]="problem() ? true : null"
      [attr.aria-describedby]="problem() ? fieldId() + '-problem' : null"
      (focus)="onFocus()"
      (blur)="onBlur()"
      (input)="onInput($any($event.target).value)"
      (keydown.escape)="revert()"
      (keydown.enter)="submitted.emit(1)"
      (keydown.shift.enter)="submitted.emit(-1)"
    />
    @if (problem(); as problem) {
      <p class="problem" [id]="fieldId() + '-problem'">
        <span class="pointer" aria-hidden="true"
          >{{ problem.before }}<u>{{ problem.piece }}</u></span
        >
        {{ problem.sentence }}
      </p>
    }
  `,
  styles: `
    :host {
      display: block;
      position: relative;
    }
    .field {
      width: 100%;
      min-height: 0;
      padding-block: 1px;
      font-size: 14px;
      font-weight: 500;
      font-stretch: 88%;
    }
    .tight {
      width: auto;
      field-sizing: content;
    }
    .field:not(:focus) {
      border-bottom-color: transparent;
    }
    .field:not(:focus):hover {
      border-bottom-color: var(--hair);
    }
    /* Written once: the same again shows where the hand or the eye is on it. */
    .field.same {
      color: transparent;
    }
    .field.same:hover {
      color: var(--ink-3);
    }
    .field[aria-invalid] {
      border-bottom: 1px solid var(--plum);
    }
    .problem {
      margin: 6px 0 2px;
      font-stretch: 90%;
    }
    .pointer {
      display: block;
      color: var(--ink-2);
      white-space: pre-wrap;
    }
    .pointer u {
      color: var(--plum);
      text-decoration: underline wavy;
      text-underline-offset: 3px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PrescriptionField {
  readonly fieldId = input.required<string>();
  readonly label = input.required<string>();
  readonly prescription = input.required<Prescription>();
  readonly unit = input.required<MassUnit>();
  /** The same as the tier before it: shown quieter. */
  readonly same = input(false);
  readonly draft = input<string>();
  /** As wide as what stands in it. */
  readonly tight = input(false);

  readonly changed = output<Prescription>();
  readonly drafted = output<string | undefined>();
  readonly entered = output<void>();
  readonly left = output<void>();
  /** Enter goes to the next exercise, Shift Enter to the one before. */
  readonly submitted = output<1 | -1>();

  protected readonly focused = signal(false);
  /** What is being typed; undefined shows the prescription itself. */
  private readonly typed = signal<string | undefined>(undefined);
  private readonly canonical = computed(() => formatPrescription(this.prescription(), this.unit()));
  protected readonly text = computed(() => this.typed() ?? this.draft() ?? this.canonical());

  private readonly parsed = computed(() => {
    const text = this.typed() ?? this.draft();
    return text === undefined ? undefined : parsePrescription(text, this.unit());
  });

  protected readonly problem = computed(() => {
    const parsed = this.parsed();
    if (!parsed || parsed.ok) return undefined;
    const { at, length, sentence } = parsed.problem;
    const text = this.text();
    return { sentence, before: text.slice(0, at), piece: text.slice(at, at + length) || '…' };
  });

  constructor() {
    // Undo, another tab, or the form beside it may change the prescription under the typing hand.
    effect(() => {
      const canonical = this.canonical();
      untracked(() => {
        const parsed = this.parsed();
        if (parsed?.ok && formatPrescription(parsed.prescription, this.unit()) !== canonical) {
          this.typed.set(undefined);
        }
      });
    });
  }

  protected onFocus(): void {
    this.focused.set(true);
    this.entered.emit();
  }

  protected onBlur(): void {
    this.focused.set(false);
    if (this.parsed()?.ok) this.typed.set(undefined);
    this.left.emit();
  }

  protected onInput(text: string): void {
    this.typed.set(text);
    const parsed = parsePrescription(text, this.unit());
    if (parsed.ok) {
      if (this.draft() !== undefined) this.drafted.emit(undefined);
      this.changed.emit(parsed.prescription);
    } else {
      this.drafted.emit(text);
    }
  }

  protected revert(): void {
    this.typed.set(undefined);
    if (this.draft() !== undefined) this.drafted.emit(undefined);
  }
}
