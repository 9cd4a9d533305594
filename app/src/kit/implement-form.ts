import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatIcon } from '@angular/material/icon';
import { implementSchema, type Implement, type MassUnit } from '@dray/core';
import * as z from 'zod';
import { defined } from '../data/defined';
import { ChoiceField } from '../ui/forms/choice-field';
import { MassField } from '../ui/forms/mass-field';
import { NumberField } from '../ui/forms/number-field';
import { TextField } from '../ui/forms/text-field';
import { FORMS, type FieldOf } from './implement-fields';

type Values = Record<string, unknown>;

interface ShownField {
  readonly field: FieldOf;
  /** "massKg", or "plates.0.massKg" in a row. */
  readonly path: string;
  readonly value: unknown;
  readonly schema: z.ZodType;
  readonly draftKey: string;
}

/**
 * The fields of one thing in a kit. A field is judged with the whole thing, since one often limits another; what cannot
 * be stays in its field, with what is wrong below it, and outlives closing the tab.
 */
@Component({
  selector: 'dray-implement-form',
  imports: [
    ChoiceField,
    MassField,
    MatButton,
    MatCheckbox,
    MatIcon,
    MatIconButton,
    NgTemplateOutlet,
    NumberField,
    TextField,
  ],
  templateUrl: './implement-form.html',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ImplementForm {
  readonly implement = input.required<Implement>();
  readonly unit = input.required<MassUnit>();
  readonly changed = output<Implement>();

  private readonly form = computed(() => FORMS[this.implement().kind]);
  private readonly values = computed<Values>(() => ({ ...this.implement() }));

  protected readonly fields = computed<ShownField[]>(() =>
    this.form().fields.map((field) => this.shown(field, field.key, this.values()[field.key])),
  );

  protected readonly rows = computed(() => {
    const rows = this.form().rows;
    if (!rows) return undefined;
    return {
      ...rows,
      problem: problemAt(this.values(), rows.key, true),
      lines: this.rowsOf(rows.key).map((line, at) =>
        rows.fields.map((field) => this.shown(field, `${rows.key}.${at}.${field.key}`, line[field.key])),
      ),
    };
  });

  protected put(path: string, value: unknown): void {
    const checked = implementSchema.safeParse(withValue(this.values(), path, value));
    if (checked.success) this.changed.emit(checked.data);
  }

  protected addRow(): void {
    const rows = this.form().rows;
    if (rows) this.put(rows.key, [...this.rowsOf(rows.key), rows.fresh(this.unit())]);
  }

  protected removeRow(at: number): void {
    const rows = this.form().rows;
    if (rows)
      this.put(
        rows.key,
        this.rowsOf(rows.key).filter((_, index) => index !== at),
      );
  }

  private rowsOf(key: string): readonly Values[] {
    return (this.values()[key] ?? []) as readonly Values[];
  }

  private shown(field: FieldOf, path: string, value: unknown): ShownField {
    const schema = z.unknown().superRefine((typed, context) => {
      const problem = problemAt(withValue(this.values(), path, typed), path);
      if (problem) context.addIssue({ code: 'custom', message: problem });
    });
    return { field, path, value, schema, draftKey: `implement ${this.implement().id} ${path}` };
  }

  protected takeOutSays(row: number): string {
    return $localize`Delete row ${row}`;
  }
}

/** What the schema has against a thing at one of its fields; against the field alone when `exactly`, else anywhere first. */
function problemAt(values: Values, path: string, exactly = false): string | undefined {
  const issues = implementSchema.safeParse(values).error?.issues ?? [];
  const own = issues.find((issue) => issue.path.join('.') === path) ?? (exactly ? undefined : issues[0]);
  if (!own) return undefined;
  return /^[a-z]/.test(own.message) ? own.message : $localize`cannot be left empty`;
}

/** With a value put in at a path; a field that is left empty is not there at all. */
function withValue(values: Values, path: string, value: unknown): Values {
  const [key = '', at, ...inner] = path.split('.');
  if (at === undefined) return defined({ ...values, [key]: value });
  const list = (values[key] ?? []) as readonly Values[];
  const changed = list.map((line, index) =>
    index === Number(at) ? withValue(line, inner.join('.'), value) : line,
  );
  return { ...values, [key]: changed };
}
