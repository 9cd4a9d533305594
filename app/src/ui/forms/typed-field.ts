import { Directive, effect, inject, input, linkedSignal } from '@angular/core';
import { form } from '@angular/forms/signals';
import { Device } from '../../data/device';
import { EditedField } from './field';
import { checkedBy } from './zod';

/**
 * A field of text. What is typed and not taken yet, or cannot be taken, can be kept under a key, so that it outlives
 * closing the tab.
 */
@Directive()
export abstract class TypedField extends EditedField<string> {
  readonly draftKey = input<string>();
  private readonly device = inject(Device);

  protected readonly draft = linkedSignal(() => this.written());
  protected readonly field = form(this.draft, (path) =>
    checkedBy(path, { schema: () => this.textSchema() ?? undefined, named: this.calls }),
  );

  constructor() {
    super();
    effect(() => {
      const key = this.draftKey();
      if (key !== undefined) void this.takeUp(key);
    });
  }

  protected textSchema() {
    return this.schema();
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

  private async takeUp(key: string): Promise<void> {
    const text = (await this.device.drafts().catch(() => ({}) as Record<string, string>))[key];
    if (text === undefined || text === this.written()) return;
    this.draft.set(text);
    this.field().markAsTouched();
  }

  private forget(): void {
    const key = this.draftKey();
    if (key !== undefined) void this.device.dropDraft(key).catch(() => undefined);
  }
}
