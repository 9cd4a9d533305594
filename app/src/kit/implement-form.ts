import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { implementSchema, type Implement, type MassUnit } from '@dray/core';
import { Device } from '../data/device';
import { fieldText, fieldValue, FORMS, type FieldOf } from './implement-fields';

type Values = Record<string, unknown>;

interface ShownField {
  readonly field: FieldOf;
  readonly path: string;
  readonly text: string;
  readonly problem: string | undefined;
}

/**
 * The fields of one thing in a kit. What is in range counts at once; what is not stays in its field, with what is wrong
 * below it, and outlives closing the tab.
 */
@Component({
  selector: 'dray-implement-form',
  imports: [NgTemplateOutlet],
  templateUrl: './implement-form.html',
  styleUrl: './implement-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ImplementForm {
  readonly implement = input.required<Implement>();
  readonly unit = input.required<MassUnit>();
  readonly changed = output<Implement>();

  private readonly device = inject(Device);
  /** Text by path that differs from what counts. */
  private readonly typed = signal<Readonly<Record<string, string>>>({});

  private readonly form = computed(() => FORMS[this.implement().kind]);
  private readonly values = computed(() => this.implement() as unknown as Values);

  /** With everything that is typed put in, and what the schema says of it. */
  private readonly attempt = computed(() => this.attemptWith(this.typed()));

  protected readonly fields = computed<ShownField[]>(() =>
    this.form().fields.map((field) => this.shown(field, field.key, this.values()[field.key])),
  );

  protected readonly rows = computed(() => {
    const rows = this.form().rows;
    if (!rows) return undefined;
    const list = (this.values()[rows.key] ?? []) as readonly Values[];
    return {
      ...rows,
      problem: this.problemAt(rows.key),
      lines: list.map((values, at) =>
        rows.fields.map((field) => this.shown(field, `${rows.key}.${at}.${field.key}`, values[field.key])),
      ),
    };
  });

  constructor() {
    void this.device
      .drafts()
      .then((drafts) => {
        const prefix = this.draftId('');
        const own = Object.entries(drafts).filter(([id]) => id.startsWith(prefix));
        this.typed.set(Object.fromEntries(own.map(([id, text]) => [id.slice(prefix.length), text])));
      })
      .catch(() => undefined);
  }

  protected type(path: string, text: string): void {
    const typed = { ...this.typed(), [path]: text };
    this.typed.set(typed);
    const { thing } = this.attemptWith(typed);
    if (thing) {
      this.changed.emit(thing);
      for (const old of Object.keys(typed))
        void this.device.dropDraft(this.draftId(old)).catch(() => undefined);
    } else {
      void this.device.keepDraft(this.draftId(path), text).catch(() => undefined);
    }
  }

  /** A field that is left and counts is written the usual way again. */
  protected settle(): void {
    if (this.attempt().thing) this.typed.set({});
  }

  protected addRow(): void {
    const rows = this.form().rows;
    if (!rows) return;
    this.changeRows(rows.key, (list) => [...list, rows.fresh(this.unit())]);
  }

  protected removeRow(at: number): void {
    const rows = this.form().rows;
    if (!rows) return;
    this.typed.set({});
    this.changeRows(rows.key, (list) => list.filter((_, index) => index !== at));
  }

  private changeRows(key: string, change: (list: readonly unknown[]) => readonly unknown[]): void {
    const list = (this.values()[key] ?? []) as readonly unknown[];
    const checked = implementSchema.safeParse({ ...this.implement(), [key]: change(list) });
    if (checked.success) this.changed.emit(checked.data);
  }

  private shown(field: FieldOf, path: string, value: unknown): ShownField {
    const plain = field.kind === 'check' ? String(value) : fieldText(field, value, this.unit());
    return { field, path, text: this.typed()[path] ?? plain, problem: this.problemAt(path) };
  }

  private problemAt(path: string): string | undefined {
    return this.attempt().problems[path];
  }

  private attemptWith(typed: Readonly<Record<string, string>>): {
    thing?: Implement;
    problems: Record<string, string>;
  } {
    const { fields, rows } = this.form();
    const values: Values = { ...this.values() };
    for (const field of fields) {
      const text = typed[field.key];
      if (text !== undefined) values[field.key] = fieldValue(field, text, this.unit());
    }
    if (rows) {
      const list = (values[rows.key] ?? []) as readonly Values[];
      values[rows.key] = list.map((line, at) => {
        const changed = { ...line };
        for (const field of rows.fields) {
          const text = typed[`${rows.key}.${at}.${field.key}`];
          if (text !== undefined) changed[field.key] = fieldValue(field, text, this.unit());
        }
        return changed;
      });
    }
    const checked = implementSchema.safeParse(withoutGaps(values));
    if (checked.success) return { thing: checked.data, problems: {} };
    const problems: Record<string, string> = {};
    for (const { path, message } of checked.error.issues) {
      problems[path.join('.')] ??= /^[a-z]/.test(message) ? sentence(message) : 'This cannot be left empty.';
    }
    return { problems };
  }

  protected fieldId(path: string): string {
    return `thing-${this.implement().id}-${path}`;
  }

  private draftId(path: string): string {
    return `implement ${this.implement().id} ${path}`;
  }
}

function sentence(message: string): string {
  return `${message.charAt(0).toUpperCase()}${message.slice(1)}.`;
}

/** A field left empty is not there at all. */
function withoutGaps(values: Values): Values {
  return Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined));
}
