import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { form, FormField } from '@angular/forms/signals';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule, MatDialogRef } from '@angular/material/dialog';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { asksForMost, logIndex, type LogEntry, type ReadyCell } from '@dray/core';
import {
  askedAmounts,
  isAsAsked,
  isNotDone,
  logSets,
  readResults,
  readSets,
  setsInWords,
  type LogWrite,
  type Result,
} from '@dray/core/late';
import { ViewStore } from '../state/view-store';
import { counted } from '../ui/count';
import { FileButton } from '../ui/file-button';
import { Sheets, type SheetLine } from './sheet-view';

export interface ResultsData {
  readonly participantId: string;
}

/** What came back of one exercise, as it will be written down. */
interface Row {
  readonly letter: string;
  readonly name: string;
  readonly words: string;
  readonly problem: string;
  readonly write?: LogWrite | undefined;
}

/** What somebody did at home comes back: their message is pasted, or the file they sent is opened. Nothing is written before it is looked at. */
@Component({
  selector: 'dray-results-dialog',
  imports: [FileButton, FormField, MatButton, MatDialogModule, MatFormFieldModule, MatInput],
  template: `
    <h2 i18n mat-dialog-title>What {{ name() }} did</h2>
    <mat-dialog-content>
      <mat-form-field class="full above">
        <mat-label i18n>the message, or a line for each exercise</mat-label>
        <textarea
          matInput
          rows="6"
          i18n-placeholder
          placeholder="A1 12 12 10, 2 left&#10;A2 as asked"
          [formField]="said"
        ></textarea>
      </mat-form-field>
      <dray-file-button i18n accept=".json,application/json" (chosen)="open($event)"
        >Open the file they sent</dray-file-button
      >
      @if (refused(); as sentence) {
        <p class="problem above" role="alert">{{ sentence }}</p>
      }
      <ul class="plain above" data-testid="results">
        @for (row of rows(); track $index) {
          <li>
            <b class="letter">{{ row.letter }}</b> {{ row.name }}
            <span class="strong">{{ row.words }}</span>
            @if (row.problem) {
              <span class="problem">{{ row.problem }}</span>
            }
          </li>
        }
      </ul>
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button i18n matButton mat-dialog-close>Close</button>
      <button i18n matButton="outlined" [disabled]="count() === 0 || underWay()" (click)="keep()">
        Write down {count(), plural, =1 {1 set} other {{{ count() }} sets}}
      </button>
    </mat-dialog-actions>
  `,
  styles: `
    .plain {
      list-style: none;
      padding: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ResultsDialog {
  private readonly data = inject<ResultsData>(MAT_DIALOG_DATA);
  private readonly dialog = inject(MatDialogRef);
  private readonly sheets = inject(Sheets);
  private readonly view = inject(ViewStore);

  private readonly text = signal('');
  protected readonly said = form(this.text);
  protected readonly underWay = signal(false);

  private readonly sheet = computed(() => this.sheets.of(this.data.participantId));
  protected readonly name = computed(() => this.sheet()?.card.participant.name ?? '');
  private readonly lines = computed(
    () => new Map(this.sheet()?.blocks.flatMap(({ lines }) => lines.map((line) => [line.letter, line]))),
  );
  private readonly read = computed(() => (this.text().trim() === '' ? undefined : readResults(this.text())));

  /** Why none of it can be taken. */
  protected readonly refused = computed(() => {
    const read = this.read();
    if (!read) return '';
    if (!read.ok) return read.sentence;
    const { of } = read;
    const place = this.view.placeOf(this.view.week());
    if (!of) return '';
    const here =
      of.personId === this.data.participantId &&
      of.sessionId === place?.sessionId &&
      of.week === place.week &&
      of.nth === place.nth;
    return here
      ? ''
      : $localize`This is the sheet of ${of.person}, ${of.session}, ${of.date}:day:: open that card and look again.`;
  });

  protected readonly rows = computed<readonly Row[]>(() => {
    const read = this.read();
    if (!read?.ok || this.refused()) return [];
    return read.results.map((result) => this.rowOf(result));
  });
  protected readonly count = computed(() =>
    this.rows().reduce((sum, { write }) => sum + (write?.put.length ?? 0), 0),
  );

  protected async open(file: File): Promise<void> {
    this.text.set(await file.text());
  }

  protected async keep(): Promise<void> {
    const writes = this.rows().flatMap(({ write }) => write ?? []);
    const put = writes.flatMap((write) => write.put);
    const label = $localize`${this.name()}:named:: ${counted(put.length, $localize`set`, $localize`sets`)} from home`;
    this.underWay.set(true);
    const kept = await this.view.record(
      label,
      put,
      writes.flatMap(({ gone }) => gone),
    );
    this.underWay.set(false);
    if (kept) this.dialog.close(put.length);
  }

  private rowOf({ letter, done }: Result): Row {
    const line = this.lines().get(letter);
    const base = { letter, name: line?.name ?? '', words: '', problem: '' };
    if (!line) return { ...base, problem: $localize`There is no ${letter} on this sheet.` };
    if (line.cell.status !== 'ready') return { ...base, problem: $localize`It is left out on this sheet.` };
    if (isNotDone(done)) return { ...base, words: $localize`not done` };
    return { ...base, ...this.readLine(line, line.cell, done) };
  }

  private readLine(
    { cell }: SheetLine,
    ready: ReadyCell,
    done: string,
  ): Pick<Row, 'words' | 'problem' | 'write'> {
    const unit = this.sheet()?.card.participant.unit ?? 'kg';
    const open = asksForMost(ready);
    if (open && isAsAsked(done)) {
      return { words: '', problem: $localize`As many as possible: only a number says how many that was.` };
    }
    const read = readSets(isAsAsked(done) ? '' : done, {
      amounts: askedAmounts(ready),
      unit,
      pair: ready.load?.hold === 'pair',
      open,
    });
    if (!read.ok) return { words: '', problem: read.sentence };
    const write = logSets(ready, read.sets, this.before(cell.slotId), {
      sessionId: this.view.session()?.id ?? '',
      date: this.view.turn()?.date ?? this.view.today(),
      now: new Date().toISOString(),
      newId: () => crypto.randomUUID(),
    });
    return { words: setsInWords(write.put, unit), problem: '', write };
  }

  private before(slotId: string): readonly LogEntry[] {
    const log = this.view.document()?.log ?? [];
    return logIndex(log)
      .ofCell(this.data.participantId, slotId)
      .filter(({ week }) => week === this.view.week());
  }
}
