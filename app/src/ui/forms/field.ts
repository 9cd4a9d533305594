import { computed, Directive, inject, input, linkedSignal, type Signal } from '@angular/core';
import type { FieldTree } from '@angular/forms/signals';
import type { ErrorStateMatcher } from '@angular/material/core';
import type * as z from 'zod';
import { Pointer } from '../pointer';

interface Seen {
  readonly problem: string;
  readonly held: boolean;
}

/**
 * What number and text fields have in common: they say what is wrong under themselves, take back with Escape what was
 * typed, and hand on what was typed when the edit is over (Enter, Tab, a click elsewhere), never at each key.
 */
@Directive()
export abstract class EditedField<T> {
  /** Shown above the field. */
  readonly label = input('');
  /** Read out where no label is shown. */
  readonly named = input('');
  /** Words in the line before and after what is typed. */
  readonly before = input('');
  readonly after = input('');
  readonly placeholder = input<string | number>('');
  readonly hint = input('');
  readonly schema = input<z.ZodType>();
  /** So that the focus can be moved to it. */
  readonly controlId = input<string | null>(null);

  protected abstract readonly field: FieldTree<T>;
  /** What counts, as it stands in the field. */
  protected abstract readonly written: Signal<T>;
  protected readonly calls = computed(() => this.label() || this.named());

  private readonly pointer = inject(Pointer);
  private readonly seen = computed<Seen>(() => ({
    problem: this.field().touched() ? (this.field().errors()[0]?.message ?? '') : '',
    held: this.pointer.held(),
  }));
  /** What is wrong, once the field was left; while a button of the pointer is down what stands there stays. */
  protected readonly problem = linkedSignal<Seen, string>({
    source: this.seen,
    computation: ({ problem, held }, before) => (held ? (before?.value ?? '') : problem),
  });
  protected readonly matcher: ErrorStateMatcher = { isErrorState: () => this.problem() !== '' };

  /** What was handed on last: it may be written otherwise, "11 lb" for 5 kg, and must not count again. */
  private counted: T | undefined;

  protected commit(): void {
    this.field().markAsTouched();
    if (!this.field().valid()) return;
    const value = this.field().value();
    this.counted = value;
    this.keep(value);
  }

  /** Where it is left with something else in it than what counts. */
  protected leave(): void {
    const value = this.field().value();
    if (value !== this.written() && value !== this.counted) this.commit();
  }

  /** Back to what is kept. */
  protected abstract restore(): void;
  protected abstract keep(value: T): void;
}

/** The look of a field that stands in a line of text: it is as wide as it is told to be. */
export const FIELD_STYLES = `
  :host { display: inline-block; vertical-align: baseline; }
  mat-form-field { width: 100%; }
`;
