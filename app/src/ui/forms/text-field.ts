import { CdkTextareaAutosize } from '@angular/cdk/text-field';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  output,
  untracked,
} from '@angular/core';
import { form, FormField } from '@angular/forms/signals';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { Device } from '../../data/device';
import { EditedField, FIELD_STYLES } from './field';
import { checkedBy } from './zod';

/** A text that is kept when its edit is over and its schema agrees. */
@Component({
  selector: 'dray-text',
  imports: [MatFormFieldModule, MatInput, FormField, CdkTextareaAutosize],
  template: `
    <mat-form-field>
      @if (label()) {
        <mat-label>{{ label() }}</mat-label>
      }
      @if (lines() > 1) {
        <textarea
          #text
          matInput
          cdkTextareaAutosize
          [cdkAutosizeMinRows]="lines()"
          [formField]="field"
          [errorStateMatcher]="matcher"
          [attr.id]="controlId()"
          [attr.aria-label]="named() || null"
          [placeholder]="placeholder().toString()"
          (input)="typed(text.value)"
          (change)="commit()"
          (blur)="leave()"
          (keydown.escape)="restore()"
        ></textarea>
      } @else {
        <input
          #line
          matInput
          autocomplete="off"
          [formField]="field"
          [errorStateMatcher]="matcher"
          [attr.id]="controlId()"
          [attr.inputmode]="inputmode()"
          [attr.aria-label]="named() || null"
          [placeholder]="placeholder().toString()"
          (input)="typed(line.value)"
          (change)="commit()"
          (blur)="leave()"
          (keydown.escape)="restore()"
        />
      }
      @if (after()) {
        <span matTextSuffix>&nbsp;{{ after() }}</span>
      }
      @if (hint()) {
        <mat-hint>{{ hint() }}</mat-hint>
      }
      <mat-error>{{ problem() }}</mat-error>
    </mat-form-field>
  `,
  styles: FIELD_STYLES,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TextField extends EditedField<string> {
  readonly value = input<string>();
  /** More than one: a field that grows with its text. */
  readonly lines = input(1);
  /** Under which half-typed text is kept, so that it outlives closing the tab. */
  readonly draftKey = input<string>();
  readonly inputmode = input<string | null>(null);
  readonly saved = output<string>();

  protected readonly written = computed(() => this.value() ?? '');
  private readonly device = inject(Device);

  protected readonly draft = linkedSignal(() => this.written());
  protected readonly field = form(this.draft, (path) =>
    checkedBy(path, { schema: this.schema, named: this.calls }),
  );

  constructor() {
    super();
    effect(() => {
      const key = this.draftKey();
      if (key !== undefined) void this.takeUp(key, untracked(this.draft));
    });
  }

  protected restore(): void {
    this.draft.set(this.written());
    this.forget();
  }

  protected override commit(): void {
    super.commit();
    if (this.field().valid()) this.forget();
  }

  /** At each key: only what is typed is kept, nothing counts yet. */
  protected typed(text: string): void {
    const key = this.draftKey();
    if (key !== undefined) void this.device.keepDraft(key, text).catch(() => undefined);
  }

  /** Takes up what was half typed, unless something else than at the beginning stands there by now. */
  private async takeUp(key: string, atFirst: string): Promise<void> {
    const text = (await this.device.drafts().catch(() => ({}) as Record<string, string>))[key];
    if (text === undefined || text === this.written() || this.draft() !== atFirst) return;
    this.draft.set(text);
    this.field().markAsTouched();
  }

  private forget(): void {
    const key = this.draftKey();
    if (key !== undefined) void this.device.dropDraft(key).catch(() => undefined);
  }

  protected keep(value: string): void {
    this.saved.emit(value.trim());
  }
}
