import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  output,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { fullName, traceWords, type StepName, type Version } from '@dray/core';
import { defined } from '../data/defined';
import { workWords } from '../ui/cell-words';
import { FigureView } from '../ui/figure/figure';
import { LoadPicture } from '../ui/load-picture';
import { Whole } from '../ui/whole';
import { AsHard } from './as-hard';
import { BoardStore, type ByHand } from './board-store';
import { ByHandForm, type Set, type Standing } from './by-hand-form';
import { Finder } from './finder';
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

/** Why a cell is what it is, what else it could be, and the coach's own hand. */
@Component({
  selector: 'dray-cell-panel',
  imports: [ByHandForm, FigureView, Finder, LoadLine, LoadPicture, MatButton, MatIcon, Whole],
  providers: [AsHard],
  templateUrl: './cell-panel.html',
  styleUrl: './cell-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CellPanel {
  protected readonly board = inject(BoardStore);
  protected readonly asHard = inject(AsHard);
  protected readonly unit = this.board.view.unit;
  readonly done = output<void>();
  /** What is to stand in the cell, where that was chosen before it was opened. */
  readonly offered = input<Version>();

  /** Open for which cell, and with which version in it. */
  private readonly opened = linkedSignal<{ readonly cell: string; readonly version?: Version } | undefined>(
    () => {
      const version = this.offered();
      return version && { cell: this.cellKey(), version };
    },
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
      const shown = opened.version ?? cell?.version;
      return {
        version: opened.version,
        versionName: shown ? fullName(shown) : '',
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
      this.board.view.labelOf(this.board.view.week()),
      this.board.selectedColumn()?.letter,
      cell && workWords(cell),
    ];
    return parts.filter(Boolean).join(' · ');
  });

  protected open(version?: Version): void {
    this.opened.set({ cell: this.cellKey(), ...(version && { version }) });
  }

  protected close(): void {
    this.opened.set(undefined);
    this.done.emit();
  }

  /** Not at all, from this week on or in this week alone. */
  protected leaveOut({ reason, ...when }: Pick<Set, 'onward' | 'until' | 'reason'>): void {
    this.set({ ...this.weeks(when), leaveOut: true, reason });
  }

  protected drop(): void {
    const override = this.board.selected()?.override;
    if (override) this.board.dropByHand(override.id);
    this.done.emit();
  }

  /** Only what differs from the cell is set; the rest stays Dray's. */
  protected apply({ sets, amount, loadKg, reason, ...when }: Set): void {
    const form = this.form();
    if (!form) return;
    const standing = this.ready()?.override;
    const version = form.version ?? this.versionStandingByHand();
    // What stands is kept as it was counted, which may be otherwise than the plan counts by now.
    const counts = form.seconds ? 'seconds' : 'reps';
    const work = amount === form.amount ? standing : { amount, counted: counts };
    const byHand = defined({
      ...this.weeks(when),
      rungId: version?.rung?.id,
      exerciseId: version && !version.rung ? version.exercise.id : undefined,
      sets: sets === form.sets ? standing?.sets : sets,
      amount: work?.amount,
      counted: work?.counted,
      loadKg: loadKg ?? (form.version ? undefined : standing?.loadKg),
      reason,
    });
    this.set(byHand as ByHand);
  }

  /** From the class on view: for it alone, until the last of a week, or for good. */
  private weeks({ onward, until }: Pick<Set, 'onward' | 'until'>) {
    const { view } = this.board;
    const fromWeek = view.week();
    if (!onward) return { fromWeek, toWeek: fromWeek };
    const last = until === undefined ? undefined : view.turns().findLast(({ week }) => week <= until)?.turn;
    return { fromWeek, ...(last !== undefined && { toWeek: Math.max(fromWeek, last) }) };
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
