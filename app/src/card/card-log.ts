import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { form, FormField, validate } from '@angular/forms/signals';
import { MatButton } from '@angular/material/button';
import { ShowOnDirtyErrorStateMatcher } from '@angular/material/core';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatIcon } from '@angular/material/icon';
import { MatInput } from '@angular/material/input';
import { asksForMost, logIndex, type Cell, type LogEntry, type MassUnit } from '@dray/core';
import { askedAmounts, logSets, readSets, setsInWords } from '@dray/core/late';
import { ViewStore } from '../state/view-store';
import { counted } from '../ui/count';

/** Under a line of the card: done as written in one tap, or in a few words; never on paper. */
@Component({
  selector: 'dray-card-log',
  imports: [FormField, MatButton, MatFormFieldModule, MatIcon, MatInput],
  template: `
    @if (ready()) {
      @if (entries().length > 0 && !typing()) {
        <span class="strong" data-testid="card-done"><mat-icon svgIcon="check" /> {{ words() }}</span>
        <button i18n matButton [disabled]="underWay()" (click)="typing.set(true)">Put it right</button>
      } @else if (!typing()) {
        @if (open()) {
          <button i18n matButton="outlined" (click)="typing.set(true)">How many were they?</button>
        } @else {
          <button i18n matButton="outlined" [disabled]="underWay()" (click)="keep('')">
            Done as written
          </button>
          <button i18n matButton (click)="typing.set(true)">Not quite …</button>
        }
      } @else {
        <mat-form-field>
          <mat-label i18n>what was done</mat-label>
          <input
            matInput
            i18n-placeholder
            placeholder="10 10 8, 2 left"
            [errorStateMatcher]="atOnce"
            [formField]="done"
            (keydown.enter)="keep(text())"
            (keydown.escape)="typing.set(false)"
          />
          <mat-error>{{ problem() }}</mat-error>
        </mat-form-field>
        <button i18n matButton="outlined" [disabled]="underWay()" (click)="keep(text())">
          Write it down
        </button>
      }
    }
  `,
  styles: `
    :host {
      align-items: center;
      --mat-button-outlined-container-height: 44px;
      --mat-button-text-container-height: 44px;
    }
    mat-form-field {
      flex: 1;
      min-width: 150px;
      --mat-form-field-container-text-size: 17px;
    }
    mat-icon {
      width: 17px;
      height: 17px;
      color: var(--sea);
      vertical-align: -3px;
    }
    @media print {
      :host {
        display: none;
      }
    }
  `,
  host: { class: 'fields' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CardLog {
  readonly cell = input.required<Cell>();
  readonly sessionId = input.required<string>();
  readonly unit = input.required<MassUnit>();

  private readonly view = inject(ViewStore);
  protected readonly typing = signal(false);
  protected readonly text = signal('');
  protected readonly atOnce = new ShowOnDirtyErrorStateMatcher();
  protected readonly done = form(this.text, (path) => {
    validate(path, () => (this.problem() ? { kind: 'unread', message: this.problem() } : undefined));
  });
  protected readonly underWay = signal(false);

  protected readonly ready = computed(() => {
    const cell = this.cell();
    return cell.status === 'ready' ? cell : undefined;
  });
  protected readonly entries = computed<readonly LogEntry[]>(() => {
    const { participantId, slotId, week } = this.cell();
    const log = this.view.document()?.log ?? [];
    return logIndex(log)
      .ofCell(participantId, slotId)
      .filter((entry) => entry.week === week);
  });
  /** As many as possible: only a number says how many. */
  protected readonly open = computed(() => {
    const cell = this.ready();
    return cell !== undefined && asksForMost(cell);
  });
  protected readonly words = computed(() => setsInWords(this.entries(), this.unit()));
  protected readonly problem = computed(() => {
    const cell = this.ready();
    const read =
      cell &&
      readSets(this.text(), {
        amounts: askedAmounts(cell),
        unit: this.unit(),
        pair: cell.load?.hold === 'pair',
        open: this.open() && this.text() !== '',
      });
    return read && !read.ok ? read.sentence : '';
  });

  protected async keep(text: string): Promise<void> {
    const cell = this.ready();
    const read =
      cell &&
      readSets(text, {
        amounts: askedAmounts(cell),
        unit: this.unit(),
        pair: cell.load?.hold === 'pair',
        open: this.open(),
      });
    if (!cell || !read?.ok) return;
    const { put, gone } = logSets(cell, read.sets, this.entries(), {
      sessionId: this.sessionId(),
      date: this.view.turns()[cell.week - 1]?.date ?? this.view.today(),
      now: new Date().toISOString(),
      newId: () => crypto.randomUUID(),
    });
    this.underWay.set(true);
    // The card moves on only when the sets are on the disk.
    const kept = await this.view.record(counted(put.length, $localize`set`, $localize`sets`), put, gone);
    this.underWay.set(false);
    if (kept) {
      this.typing.set(false);
      this.text.set('');
    }
  }
}
