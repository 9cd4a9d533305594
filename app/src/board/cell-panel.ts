import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import {
  applyCautions,
  cautionSubjects,
  formatLoad,
  formatMass,
  fromUnit,
  overrideSchema,
  totalOf,
  traceWords,
  versionKey,
  versionOfExercise,
  type RankedSubstitute,
  type StartLoad,
  type StepName,
  type Version,
} from '@dray/core';
import { readMovement } from '@dray/core/late';
import { workWords } from '../ui/cell-words';
import { LoadPicture } from '../ui/load-picture';
import { BoardStore, type ByHand } from './board-store';
import { LoadLine } from './load-line';

const STEP_WORDS: Record<StepName, string> = {
  rung: 'Rung',
  cautions: 'Cautions',
  kit: 'Kit',
  target: 'Target',
  attainable: 'Attainable',
  write: 'Written',
  byHand: 'By hand',
};

const MOST_NEAR = 3;

/** Why a cell is what it is, what else it could be, and the coach's own hand. */
@Component({
  selector: 'dray-cell-panel',
  imports: [LoadLine, LoadPicture],
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
  protected readonly problem = signal('');

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

  /** Two where one is held in each: loads are then shown and typed for each hand. */
  protected readonly hands = computed(() =>
    this.ready()?.load?.hold === 'pair' && !this.opened()?.version ? 2 : 1,
  );

  private readonly cellKey = computed(() => {
    const cell = this.board.selected();
    return cell ? `${cell.participantId} ${cell.slotId} ${cell.week}` : '';
  });

  protected readonly form = computed(() => {
    const opened = this.opened();
    if (opened?.cell !== this.cellKey()) return undefined;
    const cell = this.ready();
    return {
      version: opened.version,
      versionName: opened.version?.name ?? cell?.version.name ?? '',
      sets: cell?.work.sets ?? 3,
      amount: cell?.work.amount ?? 10,
      seconds: cell ? cell.work.kind !== 'reps' : false,
      load: cell?.load && !opened.version ? formatMass(cell.load.kg / this.hands(), this.unit()) : '',
    };
  });

  /** "Week 3 · A2 · 3 × 10 each side" */
  protected readonly where = computed(() => {
    const cell = this.ready();
    const parts = [
      `Week ${this.board.view.week()}`,
      this.board.selectedColumn()?.letter,
      cell && workWords(cell),
    ];
    return parts.filter(Boolean).join(' · ');
  });

  /** What to begin a substitute with, and how far that may be off. */
  protected startWords({ kg, standardError }: StartLoad): string {
    return `from ${formatLoad(kg, this.unit())}, ±${Math.round(standardError * 100)} %`;
  }

  /** Another exercise, in the coach's own words. */
  protected readonly said = signal('');
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
    if (verdict.kind === 'blocked') return `against a caution: ${verdict.rule.words}`;
    const fit = this.board.alternatives().find((own) => versionKey(own.version) === versionKey(version));
    const rules = verdict.rules.map(({ mark }) => mark);
    return [fit ? `match ${fit.score.toFixed(2)}` : '', ...rules].filter(Boolean).join(', ');
  });

  protected openSpoken(): void {
    const version = this.spoken();
    if (!version) return;
    this.problem.set('');
    this.opened.set({ cell: this.cellKey(), version });
    this.said.set('');
  }

  protected open(alternative?: RankedSubstitute): void {
    this.problem.set('');
    this.opened.set({ cell: this.cellKey(), ...(alternative && { version: alternative.version }) });
  }

  protected close(): void {
    this.opened.set(undefined);
    this.done.emit();
  }

  /** Not at all, from this week on or in this week alone. */
  protected leaveOut(values: { onward: boolean; reason: string }): void {
    const week = this.board.view.week();
    this.set({
      fromWeek: week,
      ...(!values.onward && { toWeek: week }),
      leaveOut: true,
      reason: values.reason.trim(),
    });
  }

  protected drop(): void {
    const override = this.board.selected()?.override;
    if (override) this.board.dropByHand(override.id);
    this.done.emit();
  }

  /** Only what differs from the cell is set; the rest stays Dray's. */
  protected apply(
    event: Event,
    values: { sets: string; amount: string; load: string; onward: boolean; reason: string },
  ) {
    event.preventDefault();
    const form = this.form();
    const week = this.board.view.week();
    const cell = this.ready();
    if (!form) return;
    const version = form.version ?? this.versionStandingByHand();
    const loadKg =
      values.load === '' || values.load === form.load
        ? undefined
        : totalOf(fromUnit(Number(values.load), this.unit()), this.hands() === 2);
    const sets = Number(values.sets) === form.sets ? cell?.override?.sets : Number(values.sets);
    const amount = Number(values.amount) === form.amount ? cell?.override?.amount : Number(values.amount);
    const load = loadKg ?? (form.version ? undefined : cell?.override?.loadKg);
    const byHand = {
      fromWeek: week,
      ...(!values.onward && { toWeek: week }),
      ...(version?.rung && { rungId: version.rung.id }),
      ...(version && !version.rung && { exerciseId: version.exercise.id }),
      ...(sets !== undefined && { sets }),
      ...(amount !== undefined && { amount }),
      ...(load !== undefined && { loadKg: load }),
      reason: values.reason.trim(),
    };
    this.set(byHand);
  }

  private set(byHand: ByHand): void {
    const checked = overrideSchema.safeParse({ ...byHand, id: 'new', participantId: 'new', slotId: 'new' });
    if (!checked.success) {
      this.problem.set(problemWords(checked.error.issues[0]?.path[0]));
      return;
    }
    this.board.setByHand(byHand);
    this.close();
  }

  private versionStandingByHand(): Version | undefined {
    const cell = this.ready();
    const override = cell?.override;
    return override?.rungId !== undefined || override?.exerciseId !== undefined ? cell?.version : undefined;
  }
}

function problemWords(field: PropertyKey | undefined): string {
  switch (field) {
    case 'reason':
      return 'Say why in a few words: it stands beside the cell.';
    case 'sets':
      return 'Sets go from 1 to 20.';
    case 'amount':
      return 'Reps or seconds go from 1 to 3600.';
    case 'loadKg':
      return 'A load goes from 0, which is body weight, to 500 kg.';
    default:
      return 'Something here cannot be read; check the numbers.';
  }
}
