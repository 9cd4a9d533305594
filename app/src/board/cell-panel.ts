import { DecimalPipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { form, FormField } from '@angular/forms/signals';
import { MatButton } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatIcon } from '@angular/material/icon';
import { MatInput } from '@angular/material/input';
import { MatListModule } from '@angular/material/list';
import {
  applyCautions,
  cautionSubjects,
  formatLoad,
  traceWords,
  versionKey,
  versionOfExercise,
  type RankedSubstitute,
  type StartLoad,
  type StepName,
  type Version,
} from '@dray/core';
import { defined } from '../data/defined';
import { readMovement } from '@dray/core/late';
import { workWords } from '../ui/cell-words';
import { LoadPicture } from '../ui/load-picture';
import { BoardStore, type ByHand } from './board-store';
import { ByHandForm, type Set, type Standing } from './by-hand-form';
import { LoadLine } from './load-line';

const STEP_WORDS: Record<StepName, string> = {
  rung: 'Rung',
  cautions: 'Cautions',
  kit: 'Kit',
  target: 'Target',
  attainable: 'Attainable',
  write: 'Written',
  byHand: $localize`By hand`,
};

const MOST_NEAR = 3;

/** Why a cell is what it is, what else it could be, and the coach's own hand. */
@Component({
  selector: 'dray-cell-panel',
  imports: [
    ByHandForm,
    DecimalPipe,
    FormField,
    LoadLine,
    LoadPicture,
    MatButton,
    MatFormFieldModule,
    MatIcon,
    MatInput,
    MatListModule,
  ],
  templateUrl: './cell-panel.html',
  styleUrl: './cell-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CellPanel {
  protected readonly board = inject(BoardStore);
  protected readonly unit = this.board.view.unit;
  readonly done = output<void>();

  /** Open for which cell, and with which version in it. */
  private readonly opened = signal<{ readonly cell: string; readonly version?: Version } | undefined>(
    undefined,
  );

  protected readonly title = computed(() => {
    const column = this.board.selectedColumn();
    return [this.board.selectedPerson()?.name, column?.name].filter(Boolean).join(' · ');
  });

  /** One entry a step, with all its sentences. */
  protected readonly steps = computed(() =>
    traceWords(this.board.selected()?.trace ?? [], this.unit()).map((step) => ({
      ...step,
      name: STEP_WORDS[step.step],
    })),
  );

  protected readonly ready = computed(() => {
    const cell = this.board.selected();
    return cell?.status === 'ready' ? cell : undefined;
  });

  private readonly cellKey = computed(() => {
    const cell = this.board.selected();
    return cell ? `${cell.participantId} ${cell.slotId} ${cell.week}` : '';
  });

  protected readonly form = computed<(Standing & { readonly version: Version | undefined }) | undefined>(
    () => {
      const opened = this.opened();
      if (opened?.cell !== this.cellKey()) return undefined;
      const cell = this.ready();
      return {
        version: opened.version,
        versionName: opened.version?.name ?? cell?.version.name ?? '',
        sets: cell?.work.sets ?? 3,
        amount: cell?.work.amount ?? 10,
        seconds: cell ? cell.work.kind !== 'reps' : false,
        loadKg: opened.version ? undefined : cell?.load?.kg,
        hands: cell?.load?.hold === 'pair' && !opened.version ? 2 : 1,
      };
    },
  );

  /** "Week 3 · A2 · 3 × 10 each side" */
  protected readonly where = computed(() => {
    const cell = this.ready();
    const parts = [
      $localize`Week ${this.board.view.week()}`,
      this.board.selectedColumn()?.letter,
      cell && workWords(cell),
    ];
    return parts.filter(Boolean).join(' · ');
  });

  /** What to begin a substitute with, and how far that may be off. */
  protected startWords({ kg, standardError }: StartLoad): string {
    return $localize`from ${formatLoad(kg, this.unit())}, ±${Math.round(standardError * 100)} %`;
  }

  /** Another exercise, in the coach's own words. */
  protected readonly said = signal('');
  protected readonly another = form(this.said);
  private readonly readings = computed(() => {
    const text = this.said().trim();
    return text === '' ? [] : readMovement(text, this.board.view.catalog());
  });
  protected readonly spoken = computed<Version | undefined>(() => {
    const [reading] = this.readings();
    const [part, another] = reading?.parts ?? [];
    if (!part || another || reading?.confidence !== 'sure') return undefined;
    return part.rungId === undefined
      ? versionOfExercise(part.exercise)
      : this.board.view.catalog().versionByRung.get(part.rungId);
  });
  /** What may be meant where that is not sure. */
  protected readonly near = computed(() =>
    [
      ...new Set(
        this.readings()
          .filter(({ confidence }) => confidence === 'likely')
          .flatMap(({ parts }) => parts.map(({ exercise }) => exercise.name)),
      ),
    ].slice(0, MOST_NEAR),
  );
  /** What the person's conditions and kit say of it, before it is set. */
  protected readonly spokenRemark = computed(() => {
    const version = this.spoken();
    const cell = this.board.selected();
    const person = this.board.documents.document()?.participants.find(({ id }) => id === cell?.participantId);
    if (!version || !person) return '';
    const verdict = applyCautions(version, cautionSubjects(person), this.board.view.catalog());
    if (verdict.kind === 'blocked') return $localize`against a caution: ${verdict.rule.words}`;
    const fit = this.board.alternatives().find((own) => versionKey(own.version) === versionKey(version));
    const rules = verdict.rules.map(({ mark }) => mark);
    return [fit ? $localize`match ${fit.score.toFixed(2)}` : '', ...rules].filter(Boolean).join(', ');
  });

  protected openSpoken(): void {
    const version = this.spoken();
    if (!version) return;
    this.opened.set({ cell: this.cellKey(), version });
    this.said.set('');
  }

  protected open(alternative?: RankedSubstitute): void {
    this.opened.set({ cell: this.cellKey(), ...(alternative && { version: alternative.version }) });
  }

  protected close(): void {
    this.opened.set(undefined);
    this.done.emit();
  }

  /** Not at all, from this week on or in this week alone. */
  protected leaveOut({ onward, reason }: Pick<Set, 'onward' | 'reason'>): void {
    this.set({ ...this.weeks(onward), leaveOut: true, reason });
  }

  protected drop(): void {
    const override = this.board.selected()?.override;
    if (override) this.board.dropByHand(override.id);
    this.done.emit();
  }

  /** Only what differs from the cell is set; the rest stays Dray's. */
  protected apply({ sets, amount, loadKg, onward, reason }: Set): void {
    const form = this.form();
    if (!form) return;
    const standing = this.ready()?.override;
    const version = form.version ?? this.versionStandingByHand();
    const byHand = defined({
      ...this.weeks(onward),
      rungId: version?.rung?.id,
      exerciseId: version && !version.rung ? version.exercise.id : undefined,
      sets: sets === form.sets ? standing?.sets : sets,
      amount: amount === form.amount ? standing?.amount : amount,
      loadKg: loadKg ?? (form.version ? undefined : standing?.loadKg),
      reason,
    });
    this.set(byHand as ByHand);
  }

  private weeks(onward: boolean) {
    const week = this.board.view.week();
    return { fromWeek: week, ...(!onward && { toWeek: week }) };
  }

  private set(byHand: ByHand): void {
    this.board.setByHand(byHand);
    this.close();
  }

  private versionStandingByHand(): Version | undefined {
    const cell = this.ready();
    const override = cell?.override;
    return override?.rungId !== undefined || override?.exerciseId !== undefined ? cell?.version : undefined;
  }
}
