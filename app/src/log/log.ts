import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, viewChild } from '@angular/core';
import { form, FormField, validate } from '@angular/forms/signals';
import { Grid, GridCell, GridRow } from '@angular/aria/grid';
import { MatButton, MatIconButton } from '@angular/material/button';
import { ShowOnDirtyErrorStateMatcher } from '@angular/material/core';
import { MatDialog } from '@angular/material/dialog';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatIcon } from '@angular/material/icon';
import { MatInput } from '@angular/material/input';
import { MatMenuModule } from '@angular/material/menu';
import { RouterLink } from '@angular/router';
import {
  asksForMost,
  formatHeld,
  leftOutWords,
  logIndex,
  visitSchema,
  type Cell,
  type Side,
} from '@dray/core';
import { aboutSets, amountsInWords, loadInWords, setsInWords } from '@dray/core/late';
import { countWords, workWords } from '../ui/cell-words';
import { firstValueFrom } from 'rxjs';
import { Beside } from '../ui/beside';
import { Focus } from '../ui/focus';
import { DateField } from '../ui/forms/date-field';
import { NumberField } from '../ui/forms/number-field';
import { growing } from '../ui/growing';
import { LogFiles } from './log-files';
import { LogHead } from './log-head';
import { LogStore, type LogCell, type LogRow } from './log-store';
import { WhichClass, type DayAnswer, type DayAsked } from './which-class';

/** A row has a dozen fields: more at once than these would hold the page up. */
const ROWS_AT_ONCE = 2;
/** The head, what was done, what stands beside it. */
const PARTS = 3;

/** Today's class to fill in: a key for what went as asked, a few more for what did not. */
@Component({
  selector: 'dray-log',
  imports: [
    Beside,
    DateField,
    FormField,
    Grid,
    GridCell,
    GridRow,
    LogFiles,
    LogHead,
    MatButton,
    MatFormFieldModule,
    MatIcon,
    MatIconButton,
    MatInput,
    MatMenuModule,
    NumberField,
    RouterLink,
  ],
  providers: [LogStore],
  templateUrl: './log.html',
  styleUrl: './log.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'head-and-sheet' },
})
export class LogScreen {
  protected readonly log = inject(LogStore);
  private readonly focus = inject(Focus);
  private readonly dialogs = inject(MatDialog);
  private readonly beside = viewChild(Beside);
  protected readonly effort = visitSchema.shape.effort.optional();
  protected readonly minutesSchema = visitSchema.shape.minutes;
  protected readonly atOnce = new ShowOnDirtyErrorStateMatcher();

  /** One with every breath: all at once would hold the page up. */
  protected readonly parts = growing(() => PARTS, 1);
  /** So does a class: some rows at a time. */
  private readonly onPage = growing(() => (this.parts() > 1 ? this.log.rows().length : 0), ROWS_AT_ONCE);
  protected readonly rows = computed(() => this.log.rows().slice(0, this.onPage()));
  protected readonly coming = computed(() => this.rows().length < this.log.rows().length);

  /** What was typed belongs to one cell. */
  protected readonly typed = linkedSignal<unknown, string>({ source: this.log.at, computation: () => '' });
  protected readonly done = form(this.typed, (path) => {
    validate(path, () => (this.problem() ? { kind: 'unread', message: this.problem() } : undefined));
  });
  private readonly read = computed(() => (this.typed() === '' ? undefined : this.log.read(this.typed())));
  protected readonly problem = computed(() => {
    const read = this.read();
    return read && !read.ok ? read.sentence : '';
  });
  protected readonly preview = computed(() => {
    const read = this.read();
    const cell = this.log.selected()?.cell;
    if (!read?.ok || cell?.status !== 'ready') return '';
    const kgWords = (kg: number) => formatHeld(kg, this.log.view.unit(), cell.load?.hold === 'pair');
    return read.sets
      .map(({ amount, counted, loadKg, side }) => {
        const kg = loadKg ?? cell.load?.kg;
        return `${amount}${counted === 'seconds' ? ' s' : ''}${side ? ` ${side}` : ''}${kg ? $localize` with ${kgWords(kg)}` : ''}`;
      })
      .join(', ');
  });

  /** What was done a week ago, to compare with. */
  protected readonly before = computed(() => {
    const document = this.log.view.document();
    const person = this.log.selectedPerson();
    const column = this.log.selectedColumn();
    const week = this.log.view.week();
    if (!document || !person || !column || week < 2) return '';
    const sets = logIndex(document.log)
      .ofCell(person.id, column.slot.id)
      .filter((entry) => entry.week === week - 1);
    return sets.length > 0 ? setsInWords(sets, this.log.view.unit()) : '';
  });

  /** A day goes to the class that stands on it; where none does, it is asked which it was. */
  protected async onDate(date: string | undefined): Promise<void> {
    const { view } = this.log;
    const from = view.turn()?.date;
    if (date === undefined || date === from || this.log.showDay(date)) return;
    if (from === undefined) {
      this.log.moveTo(date);
      return;
    }
    const data: DayAsked = { session: view.session()?.name ?? '', date, from };
    const dialog = this.dialogs.open<WhichClass, DayAsked, DayAnswer>(WhichClass, { data });
    const answer = await firstValueFrom(dialog.afterClosed());
    if (answer === 'moved') this.log.moveTo(date);
    if (answer === 'extra') this.log.addOn(date);
  }

  protected minutes({ minutes }: LogRow): number {
    return minutes ?? this.log.view.session()?.budgetMinutes ?? 30;
  }

  /** What was asked, and how hard. */
  protected asked(entry: LogCell): string {
    const { cell } = entry;
    return cell?.status === 'ready' ? [workWords(cell), ...this.held(entry)].join(' · ') : '';
  }

  /** How many were asked, and with what. */
  protected brief(entry: LogCell): string[] {
    return entry.cell?.status === 'ready' ? [countWords(entry.cell), ...this.held(entry)] : [];
  }

  /** The load that was asked, if there was one. */
  private held({ cell }: LogCell): string[] {
    if (cell?.status !== 'ready' || !cell.load) return [];
    return [formatHeld(cell.load.kg, this.log.view.unit(), cell.load.hold === 'pair')];
  }

  protected leftOut(cell: Cell): string {
    return cell.status === 'leftOut' ? leftOutWords(cell.because).why : '';
  }

  /** Whether it was as many as possible: only a number says how many. */
  protected open({ cell }: LogCell): boolean {
    return cell?.status === 'ready' && asksForMost(cell);
  }

  protected version({ cell }: LogCell): string {
    return cell?.status === 'ready' ? cell.version.name : '';
  }

  /** Of both sides, or of each. */
  protected amounts({ entries }: LogCell): string[] {
    const sides = entries.some(({ side }) => side !== undefined);
    const sets = [...entries].sort((a, b) => a.set - b.set);
    if (!sides) return [amountsInWords(sets, ' ')];
    const of = (own: Side) =>
      amountsInWords(
        sets.filter(({ side }) => side === own),
        ' ',
      );
    return [`${of('left')} |`, of('right')];
  }

  /** What else was said, beside the reps. */
  protected rest({ entries }: LogCell): string {
    const load = loadInWords(entries, this.log.view.unit());
    return [load || $localize`body weight`, aboutSets(entries)].filter(Boolean).join(', ');
  }

  /** Notes, and what stood before something was put right. */
  protected notes({ entries }: LogCell): string[] {
    const notes = [...new Set(entries.flatMap(({ note }) => note ?? []))];
    const stood = entries.flatMap(({ set, stood: before = [] }) =>
      before.map(
        ({ amount, until }) =>
          $localize`Set ${set} stood at ${amount} until ${until.slice(0, 16).replace('T', ', ')}.`,
      ),
    );
    return [...notes, ...stood];
  }

  protected select(row: number, column: number): void {
    this.log.select(row, column);
    this.beside()?.show();
    this.focusCell();
  }

  protected writeRow(row: number): void {
    void this.log.writeRow(row);
  }

  /**
   * Writes at once; the next key belongs to the next cell, so nobody has to wait for the disk, and the cell is dim until its
   * sets are on it.
   */
  protected async save(): Promise<void> {
    const selected = this.log.selected();
    if (this.problem() !== '') return;
    if (this.typed() === '' && selected && this.open(selected)) {
      this.focus.on('done-text');
      return;
    }
    const kept = this.log.write(this.typed());
    const { row, column } = this.log.at();
    this.typed.set('');
    const last = column === this.log.columns().length - 1;
    this.log.select(last ? row + 1 : row, last && row < this.log.rows().length - 1 ? 0 : column + 1);
    this.focusCell();
    // What could not be kept is gone back to; the frame says why.
    if (!(await kept)) this.log.select(row, column);
  }

  protected onTextKey(event: KeyboardEvent): void {
    if (event.key === 'Enter') {
      event.preventDefault();
      void this.save();
    } else if (event.key === 'Escape') {
      this.typed.set('');
      this.focusCell();
    }
  }

  protected onGridKey(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const { row } = this.log.at();
    if (event.key === 'Enter') {
      if (event.target instanceof HTMLButtonElement) return;
      void this.save();
    } else if (event.key === 'a') {
      void this.log.writeRow(row);
      this.log.select(row + 1, 0);
      this.focusCell();
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      void this.log.clear();
    } else if (/^[0-9lr@=]$/.test(event.key)) {
      // The frame's digits must not have it: it lands in the field, which takes the focus before, or is told of it where it comes to
      // be seen only then.
      event.stopPropagation();
      this.beside()?.show();
      if (this.focus.on('done-text')) return;
      if (this.log.selected()?.cell?.status === 'ready') this.typed.update((typed) => typed + event.key);
    } else return;
    event.preventDefault();
    // The digits are the frame's way to other screens everywhere else.
    event.stopPropagation();
  }

  private focusCell(): void {
    const { row, column } = this.log.at();
    this.focus.on(`log-${row}-${column}`);
  }

  protected allSays(name: string): string {
    return $localize`All as asked: ${name}:named:`;
  }
}
