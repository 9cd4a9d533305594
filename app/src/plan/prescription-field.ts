import {
  ChangeDetectionStrategy,
  Component,
  computed,
  input,
  linkedSignal,
  output,
  signal,
} from '@angular/core';
import { MatInput } from '@angular/material/input';
import { formatPrescription, parsePrescription, type MassUnit, type Prescription } from '@dray/core';

/**
 * One prescription as text. What can be read counts at once; what cannot be read yet is kept as it stands, with the
 * place and the likely meaning below it.
 */
@Component({
  selector: 'dray-prescription-field',
  imports: [MatInput],
  template: `
    <input
      #box
      matInput
      class="field"
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
      (input)="onInput(box.value)"
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
      font: 500 14px var(--f-text);
      font-stretch: 88%;
      color: var(--ink);
      background: none;
      width: 100%;
      border: 0;
      border-bottom: 1px solid var(--hair);
      padding: 1px 2px;
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
    .field[aria-invalid='true'] {
      border-color: var(--plum);
    }
    .pointer {
      display: block;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PrescriptionField {
  readonly fieldId = input.required<string>();
  readonly label = input.required<string>();
  readonly prescription = input.required<Prescription>();
  readonly unit = input.required<MassUnit>();
  /** The same as the tier before it, where it is written once for both. */
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
  private readonly canonical = computed(() => formatPrescription(this.prescription(), this.unit()));
  /**
   * What is being typed; undefined shows the prescription itself. Undo, another tab, or the form beside it may change the
   * prescription under the typing hand: then what was typed gives way, unless it means the same or cannot be read yet.
   */
  private readonly typed = linkedSignal<string, string | undefined>({
    source: this.canonical,
    computation: (canonical, before) => {
      const read = before?.value === undefined ? undefined : parsePrescription(before.value, this.unit());
      return read?.ok && formatPrescription(read.prescription, this.unit()) !== canonical
        ? undefined
        : before?.value;
    },
  });
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
      // Whatever `draft` says: the letter before this one may not have come round yet, and would stand there for good.
      this.drafted.emit(undefined);
      this.changed.emit(parsed.prescription);
    } else {
      this.drafted.emit(text);
    }
  }

  protected revert(): void {
    this.typed.set(undefined);
    this.drafted.emit(undefined);
  }
}
